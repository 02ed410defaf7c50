import {
  coarseCell,
  type Form,
  type Heroic,
  type Joint,
  type JointAngles,
  type Pose,
  poseGrid,
  poseOf,
  puppetOf,
  type Shape,
  type Vec3,
} from '../form/index.ts';
import type { Grid } from '../solid/index.ts';

/** A rider put on a mount. */
export interface Ride {
  /** How far the rider goes into the mount besides the seat, mm; 0 when it sits freely. */
  readonly overlapMm: number;
  /** Lowest point of the rider above the ground that the mount stands on; negative when it drags. */
  readonly footMm: number;
}

/** Distance at a place of a grid, between the centres of its cells; infinite outside. */
function distanceIn({ min, size, cell, distance }: Grid, x: number, y: number, z: number): number {
  const place = [(x - min[0]) / cell - 0.5, (y - min[1]) / cell - 0.5, (z - min[2]) / cell - 0.5] as const;
  const [i, j, k] = [Math.round(place[0]), Math.round(place[1]), Math.round(place[2])];
  if (i < 0 || j < 0 || k < 0 || i >= size[0] || j >= size[1] || k >= size[2]) return Infinity;
  return distance[(k * size[1] + j) * size[0] + i] ?? Infinity;
}

/** Heights between which the vertical through x = 0 is inside, the lowest and the highest. */
function insideAlong(grid: Grid, z: number): readonly [low: number, high: number] | null {
  const { min, size, cell } = grid;
  let [low, high] = [Infinity, -Infinity];
  for (let j = 0; j < size[1]; j += 1) {
    const y = min[1] + (j + 0.5) * cell;
    if (distanceIn(grid, 0, y, z) > 0) continue;
    low = Math.min(low, y - cell / 2);
    high = Math.max(high, y + cell / 2);
  }
  return high > low ? [low, high] : null;
}

/** The place of a rider that sits: between the hips, or under its middle. */
function seatZ(joints: readonly Joint[], centre: Vec3): number {
  const hips = joints.filter(({ limbRoot }) => limbRoot === 'hind');
  return hips.length === 2 ? hips.reduce((sum, { at }) => sum + at[2], 0) / 2 : centre[2];
}

/** Share of the mount’s height that the seat may press in: a saddle, or clay that gives. */
const SEAT_GIVES = 0.02;

/** Puts a rider on a mount’s back, both as grids in their own frames, the rider so much smaller than the mount’s frame. */
function ride(
  rider: Grid,
  riderZ: number,
  mount: Grid,
  backZ: number,
  riderPer: number,
  high: number,
): Ride | null {
  const back = insideAlong(mount, backZ);
  const seat = insideAlong(rider, riderZ);
  if (!back || !seat) return null;
  const [x0, y0, z0] = rider.min;
  const lift = back[1] - seat[0] * riderPer;
  const ahead = backZ - riderZ * riderPer;
  let [deepest, lowest] = [0, Infinity];
  let at = 0;
  for (let k = 0; k < rider.size[2]; k += 1)
    for (let j = 0; j < rider.size[1]; j += 1)
      for (let i = 0; i < rider.size[0]; i += 1) {
        const own = (rider.distance[at] ?? Infinity) * riderPer;
        at += 1;
        if (own > 0) continue;
        const y = (y0 + (j + 0.5) * rider.cell) * riderPer + lift;
        lowest = Math.min(lowest, y);
        const other = distanceIn(
          mount,
          (x0 + (i + 0.5) * rider.cell) * riderPer,
          y,
          (z0 + (k + 0.5) * rider.cell) * riderPer + ahead,
        );
        deepest = Math.max(deepest, Math.min(-own, -other));
      }
  return { overlapMm: Math.max(0, deepest - SEAT_GIVES * high), footMm: lowest };
}

/** Rider and mount with their sizes to each other. */
export interface Pairing {
  readonly rider: Shape;
  readonly mount: Shape;
  /** Mount-frame mm to a rider-frame mm. */
  readonly riderPer: number;
}

/** Where on its length a mount is sat on: its middle, its neck and head left out of account. */
function backOf(mount: Shape): number {
  const withers = mount.joints.filter(({ limbRoot }) => limbRoot !== undefined);
  if (withers.length < 2) return mount.centre[2];
  return withers.reduce((sum, { at }) => sum + at[2], 0) / withers.length;
}

/** How a rider sits as it is posed; null where one of the two has nothing in its middle. */
export function rideAsPosed({ rider, mount, riderPer }: Pairing): Ride | null {
  const riderGrid = rider.sample(coarseCell(rider));
  const mountGrid = mount.sample(coarseCell(mount));
  const high = mount.box.max[1] - mount.box.min[1];
  return ride(riderGrid, seatZ(rider.joints, rider.centre), mountGrid, backOf(mount), riderPer, high);
}

const KNEES: JointAngles = { flex: 70, out: 0, twist: 0 };
/** Hips bent forward and led out so far, in the order they are tried. */
const ASTRIDE = [
  [50, 20],
  [50, 30],
  [60, 38],
  [60, 45],
  [75, 45],
] as const;
/** A pose is tried on a coarser grid than it is then judged on; it must clear that by this share of its height. */
const SPARE = 0.004;

function astride(flex: number, out: number): Pose {
  const hip: JointAngles = { flex, out, twist: 0 };
  return { 'left hip': hip, 'right hip': hip, 'left knee': KNEES, 'right knee': KNEES };
}

/**
 * The angles of a rider’s hips and knees, over those it has, with which it clears its mount; null when none does or its legs
 * do not bend.
 */
export function clearingPose({ rider, mount, riderPer }: Pairing, form: Form, heroic: Heroic): Pose | null {
  const puppet = puppetOf(form, heroic);
  if (!puppet?.joints.some(({ name }) => name === 'left hip')) return null;
  const high = mount.box.max[1] - mount.box.min[1];
  const cell = coarseCell(rider) * 1.4;
  const mountGrid = mount.sample(coarseCell(mount));
  const now: Pose = { ...poseOf(form), ...('angles' in form ? form.angles : {}) };
  for (const [flex, out] of ASTRIDE) {
    const pose = { ...now, ...astride(flex, out) };
    const { grid, joints } = poseGrid(puppet, pose, cell);
    const found = ride(grid, seatZ(joints, rider.centre), mountGrid, backOf(mount), riderPer, high);
    if (found && found.overlapMm <= SPARE * high) return astride(flex, out);
  }
  return null;
}
