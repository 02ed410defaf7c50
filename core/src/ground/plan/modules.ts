import type { PieceContext } from '../../context/index.ts';
import { areaOf, extentOf, intersected, type Outline, type Ring, type Vec2 } from '../../form/index.ts';
import type { Board, BoardJoin } from '../../piece/index.ts';
import { figure, type Reckoning, shapedBy, sourced } from '../../reckoning/index.ts';
import { GROUND } from '../figures.ts';
import type { Laid } from './standing.ts';

/** A base cut along its joins: each piece as its outline, the largest first. */
export interface Modules {
  readonly pieces: readonly Outline[];
  /** How much of each join lies on the base, mm, in the order of the record. */
  readonly joinsMm: readonly number[];
}

/** A half of the plane beside a join as a box that is larger than any base, mm. */
const FAR = 1e5;
/** A sliver smaller than this is no piece, mm². */
const LEAST = 1;

/** Where a join runs: a place of it, and the way it goes. */
export function joinLine({ turnDeg, besideMm }: BoardJoin): { readonly at: Vec2; readonly way: Vec2 } {
  const turn = (turnDeg * Math.PI) / 180;
  const way: Vec2 = [Math.cos(turn), Math.sin(turn)];
  return { at: [-way[1] * besideMm, way[0] * besideMm], way };
}

/** What lies on one side of a join: on its left, or on its right. */
function beside(join: BoardJoin, side: 1 | -1): Outline {
  const {
    at: [x, y],
    way: [u, v],
  } = joinLine(join);
  const [p, q] = [-v * side * FAR, u * side * FAR];
  const [a, b]: [Vec2, Vec2] = [
    [x - u * FAR, y - v * FAR],
    [x + u * FAR, y + v * FAR],
  ];
  return [[[a, b, [b[0] + p, b[1] + q], [a[0] + p, a[1] + q]]]];
}

/** Where a join crosses the edge of a base: so far along it from the place nearest to the middle, in order; mm. */
export function crossings(join: BoardJoin, ring: Ring): readonly number[] {
  const { at, way } = joinLine(join);
  const off = ([x, y]: Vec2) => (x - at[0]) * -way[1] + (y - at[1]) * way[0];
  const on = ([x, y]: Vec2) => (x - at[0]) * way[0] + (y - at[1]) * way[1];
  return ring
    .flatMap((a, i): number[] => {
      const b = ring[(i + 1) % ring.length] as Vec2;
      const [p, q] = [off(a), off(b)];
      return p >= 0 === q >= 0 ? [] : [on(a) + ((on(b) - on(a)) * p) / (p - q)];
    })
    .sort((a, b) => a - b);
}

/** How much of a join lies on a base, mm. */
function along(join: BoardJoin, ring: Ring): number {
  const places = crossings(join, ring);
  let sum = 0;
  for (let k = 0; k + 1 < places.length; k += 2) sum += (places[k + 1] ?? 0) - (places[k] ?? 0);
  return sum;
}

/**
 * The pieces a base comes apart into.
 *
 * @example modulesOf(a square of 100 mm, [{ turnDeg: 90, besideMm: 0 }]) // two pieces of 50 × 100, a join of 100 mm
 */
export function modulesOf(ring: Ring, joins: readonly BoardJoin[]): Modules {
  let pieces: readonly Outline[] = [[[ring]]];
  for (const join of joins)
    pieces = pieces.flatMap((piece) =>
      ([1, -1] as const).flatMap((side): Outline[] =>
        intersected(piece, beside(join, side)).map((face): Outline => [face]),
      ),
    );
  return {
    pieces: pieces.filter((piece) => areaOf(piece) > LEAST).sort((a, b) => areaOf(b) - areaOf(a)),
    joinsMm: joins.map((join) => along(join, ring)),
  };
}

/** Of what stands on a base, those whose feet lie on both sides of a join. */
export function astride(joins: readonly BoardJoin[], all: readonly Laid[]): readonly Laid[] {
  return all.filter(({ feet, on }) =>
    on === null
      ? joins.some((join) => {
          const { at, way } = joinLine(join);
          const off = feet.map(([x, y]) => (x - at[0]) * -way[1] + (y - at[1]) * way[0]);
          return Math.min(...off) < -0.05 && Math.max(...off) > 0.05;
        })
      : false,
  );
}

const shaped = shapedBy('the base and the lines it comes apart along');

/** How many pieces a base comes apart into, how large the largest is, and what holds them together. */
export function reckonModules(
  { own }: PieceContext,
  { joins }: Board,
  ring: Ring,
  all: readonly Laid[],
): Reckoning[] {
  if (joins.length === 0) return [];
  const { pieces, joinsMm } = modulesOf(ring, joins);
  const over = astride(joins, all);
  const names = [...new Set(over.map(({ name }) => name))].join(', ');
  const missed = joinsMm.indexOf(0);
  const count = figure(GROUND.modules, {
    part: null,
    value: pieces.length,
    terms: [shaped('j', 'Lines it comes apart along', joins.length, 'count')],
    verdict:
      missed >= 0
        ? {
            level: 'doubtful',
            wording: 'state',
            says: `line ${missed + 1} does not cross the base`,
            waysOut: [
              {
                says: 'through its middle',
                change: { path: ['board', 'joins', joins[missed]?.id ?? '', 'besideMm'], value: 0 },
              },
            ],
          }
        : over.length > 0
          ? {
              level: 'doubtful',
              wording: 'state',
              says: `${names} stands across a join`,
              waysOut: [{ says: 'move it to one side' }, { says: 'leave it loose: it travels by itself' }],
            }
          : { level: 'good', wording: 'state', says: 'nothing stands across a join', waysOut: [] },
  });
  const [first] = pieces;
  const [left, front, right, back] = first ? extentOf(first) : [0, 0, 0, 0];
  const largest = figure(GROUND.module, {
    part: null,
    value: Math.max(right - left, back - front),
    terms: [shaped('x', 'Across', right - left, 'mm'), shaped('y', 'Front to back', back - front, 'mm')],
    note: `${Math.round(right - left)} × ${Math.round(back - front)} mm: so large is the box it travels in.`,
  });
  const step = sourced('ground.dowel-step', own);
  const dowels = joinsMm.map((mm) => (mm > 0 ? Math.max(2, Math.ceil(mm / step.value)) : 0));
  const held = figure(GROUND.dowels, {
    part: null,
    value: dowels.reduce((sum, n) => sum + n, 0),
    formula: `n = ${joinsMm.map((_, i) => `max(2, ⌈l${i + 1} ÷ s⌉)`).join(' + ')}`,
    terms: [...joinsMm.map((mm, i) => shaped(`l${i + 1}`, `Join ${i + 1}`, mm, 'mm')), step.term('s')],
    note: 'Drilled through both pieces at one go, clamped edge to edge; glued into one of them only.',
  });
  return [count, largest, held];
}
