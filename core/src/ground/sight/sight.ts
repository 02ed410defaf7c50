import type { PartContext } from '../../context/index.ts';
import {
  areaOf,
  extentOf,
  hull,
  intersected,
  mapOutline,
  type Outline,
  type Side,
  unite,
  uniteAreas,
  type Vec2,
  type Vec3,
  without,
} from '../../form/index.ts';
import type { Eye } from '../../piece/index.ts';
import { boxesApart, type Extent } from '../plan/room.ts';
import { onPlan, type Placed } from '../plan/standing.ts';

/** A thing as it is seen from somewhere. */
export interface Seen {
  readonly id: string;
  readonly part: string;
  readonly name: string;
  /** Its silhouette in the picture, and what of it is not hidden; mm, the picture as large as the things are. */
  readonly outline: Outline;
  readonly open: Outline;
  /** What of it is not hidden, %. */
  readonly seenPct: number;
  /** What hides most of it; null where nothing does. */
  readonly hiddenBy: string | null;
}

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** The picture of a plan from an eye: to its right and up it, in plan axes (right, up, to the front). */
export function pictureOf({ fromDeg, heightMm, awayMm }: Eye): { right: Vec3; up: Vec3; towards: Vec3 } {
  const turn = radians(fromDeg);
  const rise = Math.atan2(heightMm, awayMm);
  // From the front at 0°, from the right at 90°.
  const level: Vec3 = [Math.sin(turn), 0, Math.cos(turn)];
  const towards: Vec3 = [level[0] * Math.cos(rise), Math.sin(rise), level[2] * Math.cos(rise)];
  const right: Vec3 = [Math.cos(turn), 0, -Math.sin(turn)];
  const up: Vec3 = [-level[0] * Math.sin(rise), Math.cos(rise), -level[2] * Math.sin(rise)];
  return { right, up, towards };
}

const dot = (a: Vec3, b: Vec3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** Which side of a thing an eye looks at. */
export type SideSeen = 'front' | 'left side' | 'right side' | 'back';

/**
 * Which side of a thing faces an eye; its own left and right.
 *
 * @param turnDeg of the thing, seen from above against the clock
 * @example sideSeen({ fromDeg: 90 }, 0) // 'left side': a thing that looks to the front has its left hand to the right
 */
export function sideSeen({ fromDeg }: Pick<Eye, 'fromDeg'>, turnDeg: number): SideSeen {
  const by = (((fromDeg - turnDeg + 45) % 360) + 360) % 360;
  return (['front', 'left side', 'back', 'right side'] as const)[Math.floor(by / 90)] ?? 'front';
}

/** A direction of the plan in the frame of a thing that is turned on it. */
function inFrame([x, y, z]: Vec3, turnDeg: number): Vec3 {
  const [c, s] = [Math.cos(radians(turnDeg)), Math.sin(radians(turnDeg))];
  // Seen from above against the clock: the front (+z) goes to the right (+x).
  return [x * c - z * s, y, x * s + z * c];
}

/** Of more things than this the silhouettes are those of their slices: each as wide as it is, hollows filled. */
export const MOST_EXACT = 30;

/** The silhouette of a thing by its slices, each a prism between two heights. */
function bySlices({ print, spot, liftMm }: Placed, right: Vec3, up: Vec3): Outline {
  const move = onPlan(spot);
  return unite(
    print.slabs.map(({ ring, fromMm, toMm }) => {
      const corners = ring.flatMap((at): Vec2[] => {
        const [x, y] = move(at);
        return [fromMm, toMm].map((high): Vec2 => {
          const place: Vec3 = [x, liftMm + high, -y];
          return [dot(place, right), dot(place, up)];
        });
      });
      return hull(corners);
    }),
  );
}

/** What two boxes that touch have in common, mm². */
function meets([l, b, r, t]: Extent, [u, v, w, z]: Extent): number {
  return Math.max(0, Math.min(r, w) - Math.max(l, u)) * Math.max(0, Math.min(t, z) - Math.max(b, v));
}

/** A thing with its silhouette in the picture and how near it is to the eye. */
interface Shown {
  readonly placed: Placed;
  readonly outline: Outline;
  readonly box: Extent;
  readonly near: number;
}

/**
 * What is seen of everything on a plan from a side, as from afar: each thing’s own silhouette, less those of the ones nearer to
 * the eye.
 *
 * @param contexts of the parts that stand there
 * @returns in the order they stand behind one another, the nearest first
 */
export function sightFrom(
  eye: Eye,
  placed: readonly Placed[],
  contexts: ReadonlyMap<string, PartContext>,
): readonly Seen[] {
  const { right, up, towards } = pictureOf(eye);
  const isFew = placed.length <= MOST_EXACT;
  const shown = placed.flatMap((one): Shown[] => {
    const context = contexts.get(one.print.part);
    if (!context) return [];
    const { shape, shrink } = context;
    const { xMm, yMm, turnDeg } = one.spot;
    const side: Side = { right: inFrame(right, turnDeg), up: inFrame(up, turnDeg) };
    const foot: Vec3 = [xMm, one.liftMm - shape.box.min[1] / shrink, -yMm];
    const by = [dot(foot, right), dot(foot, up)] as const;
    const middle: Vec3 = [xMm, one.liftMm + (shape.box.max[1] - shape.box.min[1]) / shrink / 2, -yMm];
    const outline = isFew
      ? mapOutline(shape.seenFrom(side), ([x, y]) => [x / shrink + by[0], y / shrink + by[1]])
      : bySlices(one, right, up);
    return [{ placed: one, outline, box: extentOf(outline), near: dot(middle, towards) }];
  });
  const order = [...shown].sort((a, b) => b.near - a.near);
  return order.map(({ placed: { id, print }, outline, box }, i): Seen => {
    // Only those before it whose box meets its own can hide any of it.
    const nearer = order.slice(0, i).filter((one) => boxesApart(one.box, box) === 0);
    const whole = areaOf(outline);
    const open =
      nearer.length === 0 ? outline : without(outline, uniteAreas(nearer.map((one) => one.outline)));
    const seen = whole > 0 ? Math.min(1, areaOf(open) / whole) : 0;
    let [hiddenBy, most] = [null as string | null, 0.01 * whole];
    if (seen < 0.99)
      for (const one of nearer) {
        // Its box meets no more of it than this: only one that could hide more is looked at.
        const hidden = meets(one.box, box) <= most ? 0 : areaOf(intersected(outline, one.outline));
        if (hidden > most) [hiddenBy, most] = [one.placed.id, hidden];
      }
    return { id, part: print.part, name: print.name, outline, open, seenPct: 100 * seen, hiddenBy };
  });
}
