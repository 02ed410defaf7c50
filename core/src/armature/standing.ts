import type { PartContext } from '../context/index.ts';
import { feetOf } from '../fits/index.ts';
import { counterClockwise, type Ring, type Vec2, type Vec3 } from '../form/index.ts';

/** A mass with its middle, miniature mm and g. */
export interface Mass {
  readonly grams: number;
  readonly at: Vec3;
}

/** Masses as one. */
export function together(masses: readonly Mass[]): Mass {
  const grams = masses.reduce((sum, one) => sum + one.grams, 0);
  const mean = (k: 0 | 1 | 2) =>
    grams === 0 ? 0 : masses.reduce((sum, one) => sum + one.grams * one.at[k], 0) / grams;
  return { grams, at: [mean(0), mean(1), mean(2)] };
}

/** Ways a thing can be tipped, as they are called. */
export type TipWay = 'front' | 'back' | 'left' | 'right';

/** How a thing stands. */
export interface Standing {
  /** Over the nearest edge of its feet, degrees; negative when it falls by itself. */
  readonly leastDegrees: number;
  /** Over the edge that lies each way. */
  readonly ways: Readonly<Record<TipWay, number>>;
}

const WAYS: Readonly<Record<TipWay, Vec2>> = { front: [0, 1], back: [0, -1], left: [-1, 0], right: [1, 0] };

const degrees = (radians: number) => (radians * 180) / Math.PI;

/** Way from a point to each edge of a ring that runs counter-clockwise, mm; inside is positive; with the edge’s outward side. */
function edgesFrom([x, z]: Vec2, ring: Ring): { marginMm: number; out: Vec2 }[] {
  return ring.flatMap(([a, b], i) => {
    const [u, v] = ring[(i + 1) % ring.length] ?? [a, b];
    const length = Math.hypot(u - a, v - b);
    if (length === 0) return [];
    return [
      {
        marginMm: ((u - a) * (z - b) - (v - b) * (x - a)) / length,
        out: [(v - b) / length, -(u - a) / length] as Vec2,
      },
    ];
  });
}

/**
 * How far a mass over feet can be tipped before it falls (statics: it turns over the edge that its middle comes over).
 *
 * @param feet hull of what it stands on, from above, x and z
 * @param groundMm height of the ground
 * @returns null when it stands on less than an area
 */
export function standingOf({ at: [x, y, z] }: Mass, feet: Ring, groundMm: number): Standing | null {
  if (feet.length < 3) return null;
  const height = Math.max(0.01, y - groundMm);
  const edges = edgesFrom([x, z], counterClockwise(feet));
  if (edges.length < 3) return null;
  const tip = (margin: number) => degrees(Math.atan2(margin, height));
  const way = (name: TipWay) => {
    const [a, b] = WAYS[name];
    // Over the edge whose way out lies nearest to the way it is tipped.
    const facing = edges.map(({ marginMm, out }) => {
      const cosine = out[0] * a + out[1] * b;
      return cosine > 1e-6 ? marginMm / cosine : Infinity;
    });
    return tip(Math.min(...facing));
  };
  return {
    leastDegrees: tip(Math.min(...edges.map(({ marginMm }) => marginMm))),
    ways: { front: way('front'), back: way('back'), left: way('left'), right: way('right') },
  };
}

/**
 * Grams to be fixed low in the middle of the feet, so that a thing falls only when it is tipped so far: over every edge
 * M (h tan α − d) ÷ d₀, d₀ the way from the middle of the feet to that edge.
 *
 * @param wantedDegrees tip angle to be reached
 * @returns 0 when none is needed; null when no weight would do, as the feet have no middle of their own
 */
export function counterweightGrams(
  { grams, at: [x, y, z] }: Mass,
  feet: Ring,
  groundMm: number,
  wantedDegrees: number,
): number | null {
  if (feet.length < 3) return null;
  const ring = counterClockwise(feet);
  const middle: Vec2 = [
    ring.reduce((sum, [a]) => sum + a, 0) / ring.length,
    ring.reduce((sum, [, b]) => sum + b, 0) / ring.length,
  ];
  const tan = Math.tan((wantedDegrees * Math.PI) / 180);
  const height = y - groundMm;
  const [ofBody, ofWeight] = [edgesFrom([x, z], ring), edgesFrom(middle, ring)];
  let needed = 0;
  for (const [i, { marginMm }] of ofBody.entries()) {
    const lacks = height * tan - marginMm;
    if (lacks <= 0) continue;
    const gives = ofWeight[i]?.marginMm ?? 0;
    if (gives <= 0) return null;
    needed = Math.max(needed, (grams * lacks) / gives);
  }
  return needed;
}

/** How a part stands by its form alone, degrees over the nearest edge; null when it touches nothing. */
export function tipDegrees(context: PartContext): number | null {
  const { shape, shrink } = context;
  const at = shape.centre.map((v) => v / shrink) as unknown as Vec3;
  const ground = shape.box.min[1] / shrink;
  return standingOf({ grams: 1, at }, feetOf(context), ground)?.leastDegrees ?? null;
}
