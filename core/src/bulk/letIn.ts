import type { PartContext } from '../context/index.ts';
import { sourced } from '../reckoning/index.ts';
import type { PartSolid } from './partSolid.ts';

/** What of a set is put on when so many are made: the most that leave its share to spare. */
export function withoutSpares(made: number, sparePct: number): number {
  let n = Math.floor(made / (1 + sparePct / 100));
  while (n + 1 + Math.ceil(((n + 1) * sparePct) / 100 - 1e-9) <= made) n += 1;
  return n;
}

/** Clay of one of a part that sets take the place of, as they are pressed into it; miniature mm³. */
export function letInMm3(host: PartContext, contexts: ReadonlyMap<string, PartContext>): number {
  let sum = 0;
  // Of the other parts only where they hang is read: what is none of the host’s business does not reckon it anew.
  for (const { id, parent, repeat } of host.piece.parts) {
    if (parent !== host.part.id || !repeat || repeat.letInPct === 0) continue;
    const context = contexts.get(id);
    if (!context) continue;
    const { part, shape, shrink, own } = context;
    const n = withoutSpares(part.count, repeat.sparePct ?? sourced('repeats.spares', own).value);
    sum += ((n / host.part.count) * shape.volumeMm3 * (repeat.letInPct / 100)) / shrink ** 3;
  }
  return sum;
}

/** A part with what is let into it taken off its clay, evenly; no more than there is. */
export function withLetIn(inside: PartSolid, letIn: number): PartSolid {
  if (letIn === 0 || inside.clayMm3 === 0) return inside;
  const left = Math.max(0, 1 - letIn / inside.clayMm3);
  const less = (map: ReadonlyMap<string, number>) => new Map([...map].map(([key, mm3]) => [key, mm3 * left]));
  return {
    ...inside,
    clayMm3: inside.clayMm3 * left,
    clayByRegion: less(inside.clayByRegion),
    layers: new Map([...inside.layers].map(([id, byRegion]) => [id, less(byRegion)])),
  };
}
