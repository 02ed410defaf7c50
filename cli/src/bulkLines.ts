import { type BilledPart, clayBill, regionRows } from '@every-inch/core/bulk';
import type { PieceReckoned } from '@every-inch/core/whole';

function partLines(one: BilledPart): string[] {
  const rows = regionRows(one);
  return [
    `  ${one.context.part.id}`,
    ...rows.map(({ region, clayMm3, coreMm3, grams, uses }) => {
      const clays = [
        ...new Set(uses.map(({ clay, zone }) => (zone === '' ? clay.name : `${zone}: ${clay.name}`))),
      ];
      const core = coreMm3 > 0 ? `, core ${(coreMm3 / 1000).toFixed(2)} cm³` : '';
      return `    ${region.padEnd(20)}${(clayMm3 / 1000).toFixed(2).padStart(8)} cm³ ${grams.toFixed(1).padStart(7)} g  ${clays.join(', ')}, pass ${uses[0]?.pass ?? 1}${core}`;
    }),
  ];
}

/** Clay and core of every region, one of each part, and what all parts take by pass. */
export function bulkLines({ contexts, bulk }: PieceReckoned, part: string | undefined): string[] {
  const parts = [...bulk].flatMap(([id, own]): BilledPart[] => {
    const context = contexts.get(id);
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
