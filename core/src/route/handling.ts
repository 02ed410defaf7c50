import type { Piece, Route, RouteStep } from '../piece/index.ts';

/** Where a part is held while it is worked on, and what is done last because of that. */
export interface HandlingRow {
  readonly part: string;
  /** How it is held. */
  readonly held: string;
  /** What the hand covers, and so comes last; empty where a block or a base is held instead. */
  readonly last: readonly RouteStep[];
  /** Still to be done because it was held, now that nothing more holds it. */
  readonly uncovered: readonly RouteStep[];
}

/** Whether a part rests on something that is not worked on: a peg in a block, or a base. */
function restOf(route: Route, piece: Piece, part: string): string | null {
  if (route.steps.some(({ kind, parts }) => kind === 'block' && parts.includes(part as never)))
    return 'by the block its peg stands in';
  const base = piece.fits.find(
    ({ kind, part: a }) => a === part && (kind === 'sits-on' || kind === 'pegged-into'),
  )?.on;
  const name = piece.parts.find(({ id }) => id === base)?.name;
  return name === undefined ? null : `by ${name}, once it is on it`;
}

/**
 * The handling map: how each part is held, what is therefore done last, and what has been forgotten under the fingers.
 *
 * @param clay parts that are of clay
 */
export function handlingMap(piece: Piece, route: Route, clay: readonly string[]): HandlingRow[] {
  const byId = new Map(route.steps.map((step) => [step.id, step]));
  return clay.map((part): HandlingRow => {
    const held = route.relations
      .filter(({ kind }) => kind === 'held')
      .flatMap(({ first, second }) => {
        const [a, b] = [byId.get(first), byId.get(second)];
        return a && b && a.parts.includes(part as never) ? [{ first: a, second: b }] : [];
      });
    const last = [...new Set(held.map(({ first }) => first))];
    const rest = restOf(route, piece, part);
    return {
      part,
      held:
        held.length > 0
          ? `by what “${[...new Set(held.map(({ first }) => first.title))].join('”, “')}” finishes`
          : (rest ?? 'by its underside: finish that last'),
      last,
      uncovered: last.filter(
        (step) =>
          step.done === null && held.every(({ first, second }) => first !== step || second.done !== null),
      ),
    };
  });
}
