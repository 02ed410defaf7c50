import { cellInBox, redistanced } from '../solid/index.ts';
import { FormError, positive } from './errors.ts';
import { roundCone } from './roundCone.ts';
import { sampledShape } from './sampled.ts';
import { ballSeen, hullsSeen, SIDES } from './side.ts';
import { ballVolume, roundBar } from './solids.ts';
import type { FormMeasure, Outline, Shape, Side, TubeForm, Vec3 } from './types.ts';
import { type Apart, type Member, unionGrid, unionWhole } from './unionGrid.ts';

interface Bar {
  readonly a: Vec3;
  readonly b: Vec3;
  readonly r1: number;
  readonly r2: number;
}

function barDistance({ a, b, r1, r2 }: Bar, x: number, y: number, z: number): number {
  const bx = b[0] - a[0];
  const by = b[1] - a[1];
  const bz = b[2] - a[2];
  const px = x - a[0];
  const py = y - a[1];
  const pz = z - a[2];
  const apart = Math.sqrt(bx * bx + by * by + bz * bz);
  const along = (px * bx + py * by + pz * bz) / apart;
  const out = Math.sqrt(Math.max(0, px * px + py * py + pz * pz - along * along));
  // Two corners nearer than their radii differ are one ball inside the other.
  if (Math.abs(r1 - r2) >= apart)
    return (r1 > r2 ? Math.hypot(out, along) : Math.hypot(out, along - apart)) - Math.max(r1, r2);
  return roundCone(out, along, apart, r1, r2);
}

function barsOf(form: TubeForm): Bar[] {
  const [r1, r2] = [form.thicknessMm / 2, form.endMm / 2];
  const points = form.points.map(({ xMm, yMm, zMm }): Vec3 => [xMm, yMm, zMm]);
  const lengths = points.slice(1).map((p, i) => {
    const q = points[i] ?? p;
    return Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
  });
  const whole = lengths.reduce((sum, length) => sum + length, 0);
  let along = 0;
  return points.slice(1).flatMap((b, i): Bar[] => {
    const a = points[i] ?? b;
    const [from, to] = [along, along + (lengths[i] ?? 0)];
    along = to;
    const radius = (at: number) => r1 + ((r2 - r1) * at) / whole;
    return to > from ? [{ a, b, r1: radius(from), r2: radius(to) }] : [];
  });
}

/** Stands the bars on the ground, in the middle. */
function grounded(bars: readonly Bar[]): { bars: Bar[]; min: Vec3; max: Vec3 } {
  const reach = (k: 0 | 1 | 2, side: 1 | -1) => {
    const ends = bars.flatMap(({ a, b, r1, r2 }) => [a[k] + side * r1, b[k] + side * r2]);
    return side === 1 ? Math.max(...ends) : Math.min(...ends);
  };
  const from: Vec3 = [(reach(0, -1) + reach(0, 1)) / 2, reach(1, -1), (reach(2, -1) + reach(2, 1)) / 2];
  const moved = (p: Vec3): Vec3 => [p[0] - from[0], p[1] - from[1], p[2] - from[2]];
  return {
    bars: bars.map((bar) => ({ ...bar, a: moved(bar.a), b: moved(bar.b) })),
    min: moved([reach(0, -1), reach(1, -1), reach(2, -1)]),
    max: moved([reach(0, 1), reach(1, 1), reach(2, 1)]),
  };
}

/** The middle line of a tube where its solid lies, from corner to corner; mm. */
export function tubeCourse(form: TubeForm): readonly Vec3[] {
  const { bars } = grounded(barsOf(form));
  return [...bars.slice(0, 1).map(({ a }) => a), ...bars.map(({ b }) => b)];
}

/** Cells that what the bars share is taken from, and how far off volume and surface then are. */
const CELLS = 120_000;
const ERROR = 0.02;

function memberOf(bar: Bar): Member {
  const { a, b, r1, r2 } = bar;
  const end = (k: 0 | 1 | 2, side: 1 | -1) =>
    side === 1 ? Math.max(a[k] + r1, b[k] + r2) : Math.min(a[k] - r1, b[k] - r2);
  return {
    box: { min: [end(0, -1), end(1, -1), end(2, -1)], max: [end(0, 1), end(1, 1), end(2, 1)] },
    field: (x, y, z) => barDistance(bar, x, y, z),
    cut: false,
  };
}

/** Volume and surface of one bar by itself; one whose ball swallows its other end is that ball. */
function closedSums({ a, b, r1, r2 }: Bar): Apart {
  const apart = Math.hypot(b[0] - a[0], b[1] - a[1], b[2] - a[2]);
  const r = Math.max(r1, r2);
  if (apart <= Math.abs(r1 - r2)) return { volumeMm3: ballVolume(r), areaMm2: 4 * Math.PI * r * r };
  const { volume, area } = roundBar(r1, r2, apart);
  return { volumeMm3: volume, areaMm2: area };
}

function seen(bars: readonly Bar[], side: Side): Outline {
  return hullsSeen(
    bars.map(({ a, b, r1, r2 }) => [...ballSeen(a, r1, side), ...ballSeen(b, r2, side)]),
    side,
  );
}

/**
 * A round bar led straight from point to point, its corners and ends round.
 *
 * @throws {FormError} naming the field
 */
export function tubeShape(form: TubeForm): Shape {
  positive('tube', 'thicknessMm', form.thicknessMm);
  positive('tube', 'endMm', form.endMm);
  const found = barsOf(form);
  if (found.length === 0)
    throw new FormError('tube', 'points', 'two points or more, apart from one another', form.points.length);
  const { bars, min, max } = grounded(found);
  const length = bars.reduce((sum, { a, b }) => sum + Math.hypot(b[0] - a[0], b[1] - a[1], b[2] - a[2]), 0);
  const distance = (x: number, y: number, z: number) => {
    let nearest = Infinity;
    for (const bar of bars) nearest = Math.min(nearest, barDistance(bar, x, y, z));
    return nearest;
  };
  const members = bars.map((bar) => memberOf(bar));
  const measure = (key: string, title: string, lengthMm: number, field: string | null): FormMeasure => ({
    key,
    title,
    lengthMm,
    field,
    handbookRow: null,
    from: [0, 0],
    to: [0, lengthMm],
  });
  return sampledShape({
    region: 'tube',
    box: { min, max },
    sample: (cellMm) => redistanced(unionGrid(members, { min, max }, cellMm), 'inside'),
    whole: () =>
      unionWhole(
        (apart) => unionGrid(members, { min, max }, cellInBox(min, max, CELLS), apart),
        bars.map(closedSums),
      ),
    error: ERROR,
    measures: [
      measure('thickness', 'Thickness', form.thicknessMm, 'thicknessMm'),
      measure('end', 'Thickness at the end', form.endMm, 'endMm'),
      measure('along', 'Length along its middle line', length, null),
    ],
    distance,
    outline: (view) => seen(bars, SIDES[view]),
    seenFrom: (side) => seen(bars, side),
  });
}
