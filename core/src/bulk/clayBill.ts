import type { PartFacts } from '../context/index.ts';
import type { ClayUse } from './clayUses.ts';
import type { BulkFacts } from './reckonPart.ts';

/** What the bill is drawn up by. */
export const BILL_BY = ['part', 'region', 'pass', 'zone'] as const;
export type BillBy = (typeof BILL_BY)[number];

/** One line of the bill: what it is for, and grams of every clay, waste and copies counted in. */
export interface BillRow {
  readonly name: string;
  readonly grams: ReadonlyMap<string, number>;
  readonly totalG: number;
}

/** Clay of one part with what it leans on. */
export interface BilledPart {
  readonly context: PartFacts;
  readonly bulk: BulkFacts;
}

/** What a use stands under in the bill. */
function nameOf(by: BillBy, { part }: PartFacts, use: ClayUse, hasRegions: boolean): string {
  switch (by) {
    case 'part':
      return part.name;
    case 'region':
      return hasRegions ? `${part.name}: ${use.region}` : part.name;
    case 'pass':
      return `for bake ${use.pass}`;
    case 'zone':
      return use.zone || use.layer ? `${part.name}: ${use.zone || use.layer}` : `${part.name}, the rest`;
  }
}

/**
 * The clay of all parts by part, region, pass or colour zone. Each way the lines come to the same grams, those that the parts
 * take in all.
 */
export function clayBill(parts: readonly BilledPart[], by: BillBy): BillRow[] {
  const rows = new Map<string, Map<string, number>>();
  for (const { context, bulk } of parts) {
    const each = bulk.uses.reduce((sum, use) => sum + use.volumeMm3 * use.densityGCm3, 0);
    if (!(each > 0)) continue;
    const per = bulk.mass.quantity.value / each;
    const hasRegions = new Set(bulk.uses.map(({ region }) => region)).size > 1;
    for (const use of bulk.uses) {
      const name = nameOf(by, context, use, hasRegions);
      const grams = rows.get(name) ?? new Map<string, number>();
      const own = use.volumeMm3 * use.densityGCm3 * per;
      grams.set(use.clay.id, (grams.get(use.clay.id) ?? 0) + own);
      rows.set(name, grams);
    }
  }
  const lines = [...rows].map(([name, grams]) => ({
    name,
    grams,
    totalG: [...grams.values()].reduce((a, b) => a + b, 0),
  }));
  return by === 'pass' ? lines.sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true })) : lines;
}

/** One region of a part: its core and its clay, in one of them. */
export interface RegionRow {
  readonly region: string;
  readonly clayMm3: number;
  readonly coreMm3: number;
  readonly grams: number;
  readonly uses: readonly ClayUse[];
}

/** The regions of a part, the largest first. */
export function regionRows({ context, bulk }: BilledPart): RegionRow[] {
  const per = context.shrink ** 3;
  const names = [...new Set(bulk.uses.map(({ region }) => region))];
  return names
    .map((region): RegionRow => {
      const uses = bulk.uses.filter((use) => use.region === region);
      const clayMm3 = uses.reduce((sum, use) => sum + use.volumeMm3, 0);
      return {
        region,
        clayMm3,
        coreMm3: bulk.kind ? (bulk.core?.byRegion.get(region) ?? 0) / per : 0,
        grams: uses.reduce((sum, use) => sum + (use.volumeMm3 * use.densityGCm3) / 1000, 0),
        uses,
      };
    })
    .sort((a, b) => b.clayMm3 + b.coreMm3 - a.clayMm3 - a.coreMm3);
}
