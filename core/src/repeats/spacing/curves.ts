import type { Vec2 } from '../../form/index.ts';

/** A line to be divided. */
export type Curve =
  | { readonly kind: 'line'; readonly lengthMm: number }
  | { readonly kind: 'circle'; readonly acrossMm: number }
  /** Part of a circle, counter-clockwise; degrees. */
  | { readonly kind: 'arc'; readonly acrossMm: number; readonly degrees: number }
  | { readonly kind: 'ellipse'; readonly widthMm: number; readonly heightMm: number }
  | { readonly kind: 'polygon'; readonly acrossMm: number; readonly sides: number }
  | { readonly kind: 'heart'; readonly widthMm: number; readonly heightMm: number }
  /** Round a cone from its foot towards its point. */
  | {
      readonly kind: 'spiral';
      readonly bottomMm: number;
      readonly topMm: number;
      readonly heightMm: number;
      readonly turns: number;
    }
  | { readonly kind: 'outline'; readonly points: readonly Vec2[]; readonly isClosed: boolean };

/** A place on a line: across, up, and for one in space towards the viewer; mm. */
export type Spot = readonly [number, number, number];

/** A line as many short ones. */
export interface Course {
  readonly spots: readonly Spot[];
  /** It comes back to where it began; the first spot is not said again at its end. */
  readonly isClosed: boolean;
  /** What angles are seen from. */
  readonly middle: Vec2;
}

/** A curve is followed in so many steps: the length of a circle is right to 1 in 10 million. */
const STEPS = 4096;

function round(at: (t: number) => Vec2): readonly Spot[] {
  return Array.from({ length: STEPS }, (_, i) => {
    const [x, y] = at(i / STEPS);
    return [x, y, 0] as const;
  });
}

const turn = (t: number): Vec2 => {
  // From the top, clockwise, as a clock is read.
  const angle = Math.PI / 2 - 2 * Math.PI * t;
  return [Math.cos(angle), Math.sin(angle)];
};

function checked(curve: Curve): void {
  for (const [name, value] of Object.entries(curve))
    if (typeof value === 'number' && !(value > 0) && name !== 'topMm')
      throw new RangeError(
        `a line to be divided wants every size over 0, got ${value} for ${name.replace('Mm', '')}`,
      );
}

/** A heart of two arcs of a cubic each: point at the bottom, cleft at the top. */
function heart(width: number, height: number): readonly Spot[] {
  // The shape x = 16 sin³ t, y = 13 cos t − 5 cos 2t − 2 cos 3t − cos 4t, put into its box (a published curve of hearts).
  const raw = round((t) => {
    const a = 2 * Math.PI * t;
    const x = 16 * Math.sin(a) ** 3;
    const y = 13 * Math.cos(a) - 5 * Math.cos(2 * a) - 2 * Math.cos(3 * a) - Math.cos(4 * a);
    return [x, y];
  });
  const ys = raw.map(([, y]) => y);
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  return raw.map(([x, y]) => [(x / 32) * width, ((y - low) / (high - low) - 0.5) * height, 0]);
}

/**
 * The course of a line.
 *
 * @throws {RangeError} for a size of 0, a polygon of fewer than three sides, an outline of fewer than two points
 */
export function courseOf(curve: Curve): Course {
  checked(curve);
  const middle: Vec2 = [0, 0];
  switch (curve.kind) {
    case 'line':
      return {
        spots: [
          [0, 0, 0],
          [curve.lengthMm, 0, 0],
        ],
        isClosed: false,
        middle,
      };
    case 'circle': {
      const r = curve.acrossMm / 2;
      return { spots: round((t) => [r * turn(t)[0], r * turn(t)[1]]), isClosed: true, middle };
    }
    case 'arc': {
      const r = curve.acrossMm / 2;
      const spots = Array.from({ length: STEPS + 1 }, (_, i): Spot => {
        const [x, y] = turn((curve.degrees / 360) * (i / STEPS));
        return [r * x, r * y, 0];
      });
      return { spots, isClosed: false, middle };
    }
    case 'ellipse':
      return {
        spots: round((t) => [(curve.widthMm / 2) * turn(t)[0], (curve.heightMm / 2) * turn(t)[1]]),
        isClosed: true,
        middle,
      };
    case 'polygon': {
      if (!Number.isInteger(curve.sides) || curve.sides < 3 || curve.sides > 360)
        throw new RangeError(`a polygon has 3 to 360 sides, got ${curve.sides}`);
      const r = curve.acrossMm / 2;
      const spots = Array.from({ length: curve.sides }, (_, i): Spot => {
        const [x, y] = turn(i / curve.sides);
        return [r * x, r * y, 0];
      });
      return { spots, isClosed: true, middle };
    }
    case 'heart':
      return { spots: heart(curve.widthMm, curve.heightMm), isClosed: true, middle };
    case 'spiral': {
      const { bottomMm, topMm, heightMm, turns } = curve;
      const steps = Math.ceil(STEPS * Math.max(1, turns));
      const spots = Array.from({ length: steps + 1 }, (_, i): Spot => {
        const t = i / steps;
        const r = (bottomMm + (topMm - bottomMm) * t) / 2;
        const [x, z] = turn(t * turns);
        return [r * x, heightMm * t, r * z];
      });
      return { spots, isClosed: false, middle };
    }
    case 'outline': {
      if (curve.points.length < 2) throw new RangeError('a line wants two points or more');
      const n = curve.points.length;
      const [sx, sy] = curve.points.reduce(([a, b], [x, y]) => [a + x, b + y] as const, [0, 0] as const);
      return {
        spots: curve.points.map(([x, y]): Spot => [x, y, 0]),
        isClosed: curve.isClosed,
        middle: [sx / n, sy / n],
      };
    }
  }
}

/** Whether a line on the flat crosses itself; every piece of it against every other. */
export function crossesItself({ spots, isClosed }: Course): boolean {
  const n = spots.length;
  const last = isClosed ? n : n - 1;
  const turned = (a: Spot, b: Spot, c: Spot) => (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
  for (let i = 0; i < last; i += 1)
    for (let j = i + 2; j < last; j += 1) {
      if (isClosed && i === 0 && j === last - 1) continue;
      const [a, b, c, d] = [spots[i], spots[(i + 1) % n], spots[j], spots[(j + 1) % n]];
      if (!a || !b || !c || !d) continue;
      if (turned(a, b, c) * turned(a, b, d) < 0 && turned(c, d, a) * turned(c, d, b) < 0) return true;
    }
  return false;
}
