import { hull } from '../outline.ts';
import { seenAt } from '../side.ts';
import type { Ring, Side, Vec2, Vec3 } from '../types.ts';

/** One cross-section of a loft: an ellipse. */
export interface Station {
  /** Along the axis, 0 to 1. */
  readonly t: number;
  /** Half-breadth across and half-depth ahead. */
  readonly across: number;
  readonly ahead: number;
  /** How far the centre is moved ahead of the axis. */
  readonly shift: number;
}

/** A limb or trunk section: ellipses strung along a straight axis, rounded off at both ends. */
export interface Loft {
  readonly region: string;
  /** Joint it moves with; null for one that stays. */
  readonly joint: string | null;
  readonly origin: Vec3;
  /** Unit vectors of the axis, the breadth and the depth. */
  readonly axis: Vec3;
  readonly acrossAxis: Vec3;
  readonly aheadAxis: Vec3;
  readonly length: number;
  readonly stations: readonly Station[];
  /** Length of the rounding beyond each end. */
  readonly startCap: number;
  readonly endCap: number;
  /** Share of the axis below which the loft is inside its neighbour. */
  readonly from: number;
}

/** Samples of a loft's sections, caps included; dense enough that straight lines between them do. */
export interface Sections {
  readonly count: number;
  /** Along the axis, in mm from the origin, evenly spaced. */
  readonly y: Float64Array;
  readonly across: Float64Array;
  readonly ahead: Float64Array;
  readonly shift: Float64Array;
}

/** A drawing needs fewer points than a sum. */
const RIBBON_STEP = 2;
const SAMPLES = 72;

/** Monotone cubic through the stations (Fritsch & Carlson 1980): no bulges between them. */
function interpolator(xs: readonly number[], ys: readonly number[]): (x: number) => number {
  const n = xs.length;
  const at = (list: readonly number[], i: number) => list[i] ?? 0;
  const slopes = xs.slice(1).map((x, i) => (at(ys, i + 1) - at(ys, i)) / (x - at(xs, i)));
  const tangents = xs.map((_, i) => {
    if (i === 0) return at(slopes, 0);
    if (i === n - 1) return at(slopes, n - 2);
    const [a, b] = [at(slopes, i - 1), at(slopes, i)];
    return a * b <= 0 ? 0 : (2 * a * b) / (a + b);
  });
  return (x) => {
    let i = 0;
    while (i < n - 2 && x > at(xs, i + 1)) i += 1;
    const h = at(xs, i + 1) - at(xs, i);
    const u = Math.max(0, Math.min(1, (x - at(xs, i)) / h));
    const [u2, u3] = [u * u, u * u * u];
    return (
      (2 * u3 - 3 * u2 + 1) * at(ys, i) +
      (u3 - 2 * u2 + u) * h * at(tangents, i) +
      (3 * u2 - 2 * u3) * at(ys, i + 1) +
      (u3 - u2) * h * at(tangents, i + 1)
    );
  };
}

/** Samples the sections from the tip of one cap to the tip of the other. */
export function sectionsOf(loft: Loft): Sections {
  const ts = loft.stations.map(({ t }) => t);
  const [across, ahead, shift] = (['across', 'ahead', 'shift'] as const).map((key) =>
    interpolator(
      ts,
      loft.stations.map((station) => station[key]),
    ),
  ) as [(t: number) => number, (t: number) => number, (t: number) => number];
  const from = -loft.startCap;
  const span = loft.length + loft.endCap - from;
  const sections: Sections = {
    count: SAMPLES + 1,
    y: new Float64Array(SAMPLES + 1),
    across: new Float64Array(SAMPLES + 1),
    ahead: new Float64Array(SAMPLES + 1),
    shift: new Float64Array(SAMPLES + 1),
  };
  for (let i = 0; i <= SAMPLES; i += 1) {
    const y = from + (span * i) / SAMPLES;
    const t = Math.max(0, Math.min(1, y / loft.length));
    const cap = y < 0 ? loft.startCap : loft.endCap;
    const over = y < 0 ? -y : Math.max(0, y - loft.length);
    const round = over > 0 ? Math.sqrt(Math.max(0, 1 - (over / cap) ** 2)) : 1;
    sections.y[i] = y;
    sections.across[i] = across(t) * round;
    sections.ahead[i] = ahead(t) * round;
    sections.shift[i] = shift(t);
  }
  return sections;
}

/** A point of the loft: along the axis, across, ahead. */
export function pointOf(loft: Loft, y: number, across: number, ahead: number): Vec3 {
  const { origin: o, axis: w, acrossAxis: u, aheadAxis: v } = loft;
  return [
    o[0] + w[0] * y + u[0] * across + v[0] * ahead,
    o[1] + w[1] * y + u[1] * across + v[1] * ahead,
    o[2] + w[2] * y + u[2] * across + v[2] * ahead,
  ];
}

/** Half-width of a section at right angles to the axis as seen. */
function halfWidth(loft: Loft, normal: Vec2, side: Side, across: number, ahead: number): number {
  const u = seenAt(side, loft.acrossAxis);
  const v = seenAt(side, loft.aheadAxis);
  return Math.hypot(
    across * (u[0] * normal[0] + u[1] * normal[1]),
    ahead * (v[0] * normal[0] + v[1] * normal[1]),
  );
}

function ribbon(loft: Loft, sections: Sections, side: Side, inset: number, seen: Vec2): Ring {
  const long = Math.hypot(...seen);
  const normal: Vec2 = [-seen[1] / long, seen[0] / long];
  const left: Vec2[] = [];
  const right: Vec2[] = [];
  for (let i = 0; i < sections.count; i += RIBBON_STEP) {
    const across = (sections.across[i] ?? 0) - inset;
    const ahead = (sections.ahead[i] ?? 0) - inset;
    if (across < 0 || ahead < 0) continue;
    const [x, y] = seenAt(side, pointOf(loft, sections.y[i] ?? 0, 0, sections.shift[i] ?? 0));
    const half = halfWidth(loft, normal, side, across, ahead);
    left.push([x + normal[0] * half, y + normal[1] * half]);
    right.push([x - normal[0] * half, y - normal[1] * half]);
  }
  return [...left, ...right.reverse()];
}

/** Points round each section of a loft that is seen foreshortened, and samples from one section to the next. */
const ROUND = 32;
const HULL_STEP = 6;

function sectionPoints(loft: Loft, sections: Sections, i: number, side: Side, inset: number): Vec2[] {
  const across = (sections.across[i] ?? 0) - inset;
  const ahead = (sections.ahead[i] ?? 0) - inset;
  if (across < 0 || ahead < 0) return [];
  return Array.from({ length: ROUND }, (_, a) => {
    const angle = (2 * Math.PI * a) / ROUND;
    const beside = across * Math.cos(angle);
    const before = (sections.shift[i] ?? 0) + ahead * Math.sin(angle);
    return seenAt(side, pointOf(loft, sections.y[i] ?? 0, beside, before));
  });
}

/** Hulls of neighbouring sections: right from any side, end on too. */
function foreshortened(loft: Loft, sections: Sections, side: Side, inset: number): Ring[] {
  const steps: Vec2[][] = [];
  for (let i = 0; i < sections.count; i += HULL_STEP)
    steps.push(sectionPoints(loft, sections, i, side, inset));
  return steps.slice(1).flatMap((points, i): Ring[] => {
    const ring = hull([...(steps[i] ?? []), ...points]);
    return ring.length > 2 ? [ring] : [];
  });
}

/** How much of its length a loft must show for its sections to be seen as straight lines. */
const SIDE_ON = 0.95;

/** The loft as seen, every section smaller by the inset: rings that together cover it. */
export function loftRings(loft: Loft, sections: Sections, side: Side, inset = 0): Ring[] {
  const seen = seenAt(side, loft.axis);
  if (Math.hypot(...seen) < SIDE_ON) return foreshortened(loft, sections, side, inset);
  const ring = ribbon(loft, sections, side, inset, seen);
  return ring.length > 2 ? [ring] : [];
}
