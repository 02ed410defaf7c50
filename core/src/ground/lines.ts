import type { Given } from '../context/index.ts';
import { placedOn } from './plan/reckonPlan.ts';
import { footprintsOfPiece, sightOfPiece } from './reckoners.ts';

/** Where everything stands, and what is seen of it, as the command line prints them: one a line. */
export function groundLines(given: Given, only: string | undefined): readonly string[] {
  const placed = placedOn(given.context.piece, given.piece(footprintsOfPiece).prints);
  const names = new Map([
    ...given.context.piece.heaps.map(({ id, name }) => [id, name] as const),
    ...placed.map(({ id, print }) => [id, print.name] as const),
  ]);
  const isWanted = (part: string) => only === undefined || part === only;
  const stands = placed
    .filter(({ print }) => isWanted(print.part))
    .map(
      ({ print: { name, heightMm, drills }, spot: { xMm, yMm, turnDeg }, on }) =>
        `${name}${on === null ? '' : ` on ${names.get(on)}`} at ${xMm.toFixed(1)}, ${yMm.toFixed(1)} mm, turned ${turnDeg}°, ${heightMm.toFixed(1)} mm high${drills.length > 0 ? `, ${drills.length} holes of ${drills[0]?.acrossMm.toFixed(1)} mm` : ''}`,
    );
  const sights = given.piece(sightOfPiece).rows.flatMap(({ eye, rows }) => {
    const name = given.context.piece.eyes.find(({ id }) => id === eye)?.name ?? eye;
    return rows
      .filter(({ part, seenPct }) => isWanted(part) && seenPct < 99)
      .map(
        (row) =>
          `from ${name}: ${row.name} ${Math.round(row.seenPct)} % seen${row.hiddenBy ? `, behind ${names.get(row.hiddenBy)}` : ''}`,
      );
  });
  return [...stands, ...sights];
}
