import type { PartFacts } from '../context/index.ts';
import type { Shape, Vec3 } from '../form/index.ts';
import { cellInBox, gridField, redistanced } from '../solid/index.ts';
import { leaveMm } from './cover.ts';
import { distance } from './limbs.ts';
import type { BonesFacts } from './reckonBones.ts';
import { pegsOf } from './run.ts';
import { type WireLine, wireLines } from './wireLines.ts';

/** Wires of a part to be looked at in the solid itself; plain data, fit to be sent to a worker. */
export interface CoverAsk {
  /** Part’s frame ÷ miniature. */
  readonly shrink: number;
  readonly lines: readonly WireLine[];
  /** Where wires leave the clay on purpose, and how near to it they are not looked at, miniature mm. */
  readonly leaves: readonly Vec3[];
  readonly leaveMm: number;
}

/** Where the clay over the wires is thinnest on the solid. */
export interface SolidCover {
  /** Negative where a wire comes out of the clay, no matter how far. */
  readonly coverMm: number;
  readonly at: Vec3;
  /** How far it may be off, mm: a quarter of a cell of the grid. */
  readonly errorMm: number;
  /** Places looked at. */
  readonly looks: number;
}

/** Cells of the grid: a 140 mm figure gets about 0.9 mm, right to less than half of that. */
const CELLS = 300_000;
/** Along a wire the clay is looked at this often, miniature mm. */
const STEP = 0.5;

/** What is asked of the solid of a part. */
export function coverAsk(context: PartFacts, bones: BonesFacts): CoverAsk {
  const twigs = new Set(bones.runs.filter(({ group }) => group === 'twigs').map(({ path }) => path));
  return {
    shrink: context.shrink,
    lines: wireLines(context, bones).filter(({ points }) => !twigs.has(points)),
    leaves: pegsOf(bones.runs).map(({ at }) => at),
    leaveMm: leaveMm(context),
  };
}

/** Places along a line, ends included. */
function* placesOn(points: readonly Vec3[]): Generator<Vec3> {
  const [first] = points;
  if (first) yield first;
  for (let i = 1; i < points.length; i += 1) {
    const [from, to] = [points[i - 1], points[i]];
    if (!from || !to) continue;
    const n = Math.max(1, Math.ceil(distance(from, to) / STEP));
    for (let k = 1; k <= n; k += 1) {
      const t = k / n;
      yield [
        from[0] + (to[0] - from[0]) * t,
        from[1] + (to[1] - from[1]) * t,
        from[2] + (to[2] - from[2]) * t,
      ];
    }
  }
}

type Field = (x: number, y: number, z: number) => number;

/** Directions looked in, evenly spread over the sphere (Fibonacci). */
const DIRECTIONS: readonly Vec3[] = Array.from({ length: 240 }, (_, i): Vec3 => {
  const y = 1 - (2 * i + 1) / 240;
  const r = Math.sqrt(1 - y * y);
  const turn = i * Math.PI * (3 - Math.sqrt(5));
  return [r * Math.cos(turn), y, r * Math.sin(turn)];
});

/** How far it is from a place inside to the surface along a direction, mm; no farther is looked than the best so far. */
function reachAlong(field: Field, [x, y, z]: Vec3, [u, v, w]: Vec3, step: number, best: number): number {
  let [t, here] = [0, field(x, y, z)];
  while (t < best) {
    const next = t + Math.max(step, -here);
    const there = field(x + u * next, y + v * next, z + w * next);
    if (!(there < 0)) return Number.isFinite(there) ? t + ((next - t) * -here) / (there - here) : next;
    [t, here] = [next, there];
  }
  return best;
}

/** Depth of a place by looking round from it: right beside the surface distances are exact, deep inside they are short. */
function depthRound(field: Field, at: Vec3, cell: number): number {
  let best = Infinity;
  for (const direction of DIRECTIONS) best = reachAlong(field, at, direction, cell / 2, best);
  return best;
}

/** Places that are looked at closely: where the first look finds the clay thinnest. */
const CLOSE_LOOKS = 40;

/**
 * Clay over the wires everywhere along them, on the solid with its limbs joined: distances to its surface on a grid
 * (fast sweeping), looked up every half millimetre, and where it is thinnest by looking round in all directions.
 *
 * @returns null where there is no wire to look at
 * @throws {GridError} for a solid that takes too many cells
 */
export function solidCover(shape: Shape, { shrink, lines, leaves, leaveMm }: CoverAsk): SolidCover | null {
  const { min, max } = shape.box;
  const cell = cellInBox(min, max, CELLS);
  const field = gridField(redistanced(shape.sample(cell), 'inside'));
  const found: { coverMm: number; at: Vec3; half: number }[] = [];
  for (const { points, widthMm } of lines)
    for (const at of placesOn(points)) {
      if (leaves.some((place) => distance(place, at) < leaveMm)) continue;
      const out = field(at[0] * shrink, at[1] * shrink, at[2] * shrink) / shrink;
      // Far outside distances are not known: it is out, no matter how far.
      const depth = Math.max(-out, (-2 * cell) / shrink);
      found.push({ coverMm: depth - widthMm / 2, at, half: widthMm / 2 });
    }
  const close = [...found].sort((a, b) => a.coverMm - b.coverMm).slice(0, CLOSE_LOOKS);
  const looked = close.map(({ coverMm, at, half }) => {
    const large: Vec3 = [at[0] * shrink, at[1] * shrink, at[2] * shrink];
    return coverMm + half <= 0
      ? { coverMm, at }
      : { coverMm: depthRound(field, large, cell) / shrink - half, at };
  });
  const [first] = looked;
  if (!first) return null;
  const worst = looked.reduce((a, b) => (b.coverMm < a.coverMm ? b : a), first);
  return { ...worst, errorMm: cell / shrink / 4, looks: found.length };
}
