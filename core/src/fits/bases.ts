import type { PartContext } from '../context/index.ts';
import { extentOf, type Form, type Ring, seenHull, type Vec2 } from '../form/index.ts';
import { BASES, type BaseRow, type BaseShape } from '../handbook/index.ts';
import { sourced } from '../reckoning/index.ts';
import { bestPlacing } from './convex.ts';
import { feetOf } from './stack.ts';

/** The smallest base of a shape that is so long. */
export function nextBase(shape: BaseShape, longMm: number): BaseRow | null {
  return BASES.find((base) => base.shape === shape && base.longMm >= longMm - 1e-9) ?? null;
}

/** A base weighed for a part. */
export interface BaseChoice {
  readonly base: BaseRow;
  /** Room round the feet, mm; negative when they stand over the edge. */
  readonly marginMm: number;
  /** How far it can be tipped before it falls, degrees. */
  readonly tipDegrees: number;
  /** How far the body reaches beyond the base, mm. */
  readonly overhangMm: number;
  readonly isGood: boolean;
  /** Why, or why not: one line each. */
  readonly reasons: readonly string[];
}

const POINTS = 64;

/** The edge of a base, counter-clockwise, its middle at the origin. */
export function baseRing({ shape, longMm, shortMm }: Pick<BaseRow, 'shape' | 'longMm' | 'shortMm'>): Ring {
  const [a, b] = [longMm / 2, shortMm / 2];
  if (shape === 'square')
    return [
      [-a, -b],
      [a, -b],
      [a, b],
      [-a, b],
    ];
  return Array.from({ length: POINTS }, (_, i): Vec2 => {
    const angle = (2 * Math.PI * i) / POINTS;
    return [a * Math.cos(angle), b * Math.sin(angle)];
  });
}

/** The form of a base, to be put among the parts. */
export function baseForm({ shape, longMm, shortMm }: BaseRow, thicknessMm: number): Form {
  if (shape === 'round')
    return { kind: 'cylinder', heightMm: thicknessMm, bottomMm: longMm, topMm: longMm, lying: false };
  if (shape === 'square') return { kind: 'block', widthMm: longMm, heightMm: thicknessMm, depthMm: shortMm };
  // There is no form for an oval disc: it is an outline given a thickness and laid down.
  return {
    kind: 'built',
    pieces: [
      {
        name: 'oval',
        form: {
          kind: 'extruded',
          points: baseRing({ shape, longMm, shortMm }).map(([xMm, yMm]) => ({ xMm, yMm: yMm + shortMm / 2 })),
          depthMm: thicknessMm,
        },
        xMm: 0,
        yMm: 0,
        zMm: 0,
        turnDeg: 0,
        tipDeg: 90,
        leanDeg: 0,
        cut: false,
      },
    ],
  } as Form;
}

/** Tip angle over the nearest edge of a base that a part stands in the middle of. */
function tipOf(ring: Ring, heightMm: number, offMm: number): number {
  const nearest = Math.min(
    ...ring.map(([x, y], i) => {
      const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
      return Math.abs(x * v - y * u) / Math.hypot(u - x, v - y);
    }),
  );
  return (Math.atan2(Math.max(0, nearest - offMm), heightMm) * 180) / Math.PI;
}

/** What of a game grid a base takes: one-inch squares of five feet. */
const INCH = 25.4;

/**
 * Every base weighed for a part: its feet with the margin, how far it may be tipped, and what overhangs; those that will do
 * first, the smallest before the others.
 */
export function weighBases(context: PartContext): BaseChoice[] {
  const { own, shape, shrink } = context;
  const margin = sourced('fit.base-margin', own).value;
  const leastTip = sourced('stand.angle', own).value;
  const thickness = sourced('base.thickness', own).value;
  const feet = feetOf(context);
  if (feet.length < 3) return [];
  const body = seenHull(shape, { right: [1, 0, 0], up: [0, 0, -1] }).map(
    ([x, y]): Vec2 => [x / shrink, y / shrink],
  );
  const [left, bottom, right, top] = extentOf([[feet]]);
  const [cx, cz] = [(left + right) / 2, (bottom + top) / 2];
  const off = Math.hypot(shape.centre[0] / shrink - cx, shape.centre[2] / shrink - cz);
  const centre = (shape.centre[1] - shape.box.min[1]) / shrink + thickness;
  return BASES.map((base): BaseChoice => {
    const ring = baseRing(base);
    const { marginMm } = bestPlacing(feet, ring, true);
    const overhangMm = Math.max(0, -bestPlacing(body, ring, true).marginMm);
    const tipDegrees = tipOf(ring, centre, off);
    const squares = Math.round(base.longMm / INCH);
    const reasons = [
      marginMm < 0
        ? `the feet stand ${(-marginMm).toFixed(1)} mm over its edge`
        : marginMm < margin
          ? `only ${marginMm.toFixed(1)} mm round the feet`
          : `${marginMm.toFixed(1)} mm round the feet`,
      `tips at ${Math.round(tipDegrees)}°${tipDegrees < leastTip ? `, under ${leastTip}°: weight it` : ''}`,
      overhangMm > 0.05 ? `the body overhangs by ${overhangMm.toFixed(1)} mm` : 'nothing overhangs',
      ...(context.piece.scale.kind === 'figure'
        ? [`${squares} × ${squares} squares of a one-inch grid`]
        : []),
      ...(base.longMm === INCH ? ['a slice of 1 in dowel'] : []),
    ];
    return {
      base,
      marginMm,
      tipDegrees,
      overhangMm,
      isGood: marginMm >= margin && tipDegrees >= leastTip,
      reasons,
    };
  }).sort(
    (a, b) =>
      Number(b.isGood) - Number(a.isGood) || a.base.longMm * a.base.shortMm - b.base.longMm * b.base.shortMm,
  );
}
