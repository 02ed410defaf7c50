import type { Given } from '../context/index.ts';
import { type BilledPart, clayBill, regionRows } from './clayBill.ts';
import { bulkOfPart } from './reckoners.ts';

function partLines(one: BilledPart): string[] {
  const named = (id: string) => one.context.piece.clays.find((clay) => clay.id === id)?.name ?? id;
  const rows = regionRows(one);
  return [
    `  ${one.context.part.id}`,
    ...rows.map(({ region, clayMm3, coreMm3, grams, uses }) => {
      const clays = [
        ...new Set(
          uses.map(({ clay, zone }) => (zone === '' ? named(clay.id) : `${zone}: ${named(clay.id)}`)),
        ),
      ];
      const core = coreMm3 > 0 ? `, core ${(coreMm3 / 1000).toFixed(2)} cm³` : '';
      return `    ${region.padEnd(20)}${(clayMm3 / 1000).toFixed(2).padStart(8)} cm³ ${grams.toFixed(1).padStart(7)} g  ${clays.join(', ')}, pass ${uses[0]?.pass ?? 1}${core}`;
    }),
  ];
}

/** Clay and core of every region, one of each part, and what all parts take by pass. */
export function bulkLines(given: Given, part: string | undefined): string[] {
  const parts = [...given.parts(bulkOfPart)].flatMap(([id, own]): BilledPart[] => {
    const context = given.contexts.get(id);
    return context && (part === undefined || id === part) ? [{ context, bulk: own }] : [];
  });
  if (parts.length === 0) return [];
  return [
    '',
    'Clay by region, one of each',
    ...parts.flatMap(partLines),
    ...clayBill(parts, 'pass').map(
      ({ name, totalG }) => `  ${name}: ${totalG.toFixed(1)} g, all copies and waste`,
    ),
  ];
}
