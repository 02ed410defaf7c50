import { type BonesFacts, holeOf, pegSide, pegsOf } from '../../armature/index.ts';
import type { PartContext } from '../../context/index.ts';
import { scaledOutline } from '../../drawing/index.ts';
import { alongWith, feetOf, topOf } from '../../fits/index.ts';
import {
  counterClockwise,
  extentOf,
  mapOutline,
  type Outline,
  type Ring,
  slabHulls,
  type Vec2,
} from '../../form/index.ts';
import type { Piece } from '../../piece/index.ts';

/** What a thing takes up between two heights above what it stands on, as a convex ring. */
export interface Slab {
  readonly fromMm: number;
  readonly toMm: number;
  readonly ring: Ring;
}

/** A hole that is drilled for a peg. */
export interface Drill {
  readonly at: Vec2;
  readonly acrossMm: number;
}

/** A part as it stands on a plan, its own middle at the origin; miniature mm to the right and to the back. */
export interface Footprint {
  readonly part: string;
  readonly name: string;
  /** All it covers seen from above, with what it stands on and holds. */
  readonly outline: Outline;
  /** Convex hull of what touches the ground, counter-clockwise. */
  readonly feet: Ring;
  /** Convex hull of its upper face, counter-clockwise: what stands wholly on it is borne by it. */
  readonly top: Ring;
  readonly slabs: readonly Slab[];
  readonly heightMm: number;
  readonly drills: readonly Drill[];
}

/** Corners that a slice keeps: of a circle the worst place is 0.4 % of its radius off. */
const CORNERS = 36;

/** A convex ring with no more corners than that. */
function thinned(ring: Ring): Ring {
  const step = ring.length / CORNERS;
  return step <= 1 ? ring : Array.from({ length: CORNERS }, (_, k) => ring[Math.floor(k * step)] as Vec2);
}

/** A thing is looked at in so many slices of its height. */
const SLABS = 12;
/** Seen from above, the back at the top. */
const ABOVE = { right: [1, 0, 0], up: [0, 0, -1] } as const;

const toPlan = (ring: Ring): Ring => counterClockwise(ring.map(([x, z]): Vec2 => [x, -z]));
const movedRing = (ring: Ring, [dx, dy]: Vec2): Ring => ring.map(([x, y]): Vec2 => [x + dx, y + dy]);

/** Two slices whose corners differ by no more than this are one, mm: less than a hand puts anything down to. */
const ALIKE = 0.02;

function isAlike(a: Slab, b: Slab): boolean {
  return (
    a.ring.length === b.ring.length &&
    Math.abs(a.toMm - b.fromMm) < ALIKE &&
    a.ring.every(([x, y], i) => {
      const [u, v] = b.ring[i] as Vec2;
      return Math.hypot(u - x, v - y) < ALIKE;
    })
  );
}

/** Slices of an upright stretch made one: a post is one prism, however many slices it was looked at in. */
function merged(slabs: readonly Slab[]): Slab[] {
  const all: Slab[] = [];
  for (const slab of slabs) {
    const last = all.at(-1);
    if (last && isAlike(last, slab)) all[all.length - 1] = { ...last, toMm: slab.toMm };
    else all.push(slab);
  }
  return all;
}

function slabsOf({ shape, shrink }: PartContext, liftMm: number, by: Vec2): Slab[] {
  const foot = shape.box.min[1];
  const slabs = slabHulls(shape, SLABS).map(({ from, to, ring }): Slab => {
    const small = ring.map(([x, z]): Vec2 => [x / shrink, z / shrink]);
    return {
      fromMm: liftMm + (from - foot) / shrink,
      toMm: liftMm + (to - foot) / shrink,
      ring: movedRing(thinned(toPlan(small)), by),
    };
  });
  return merged(slabs);
}

function middleOf(ring: Ring): Vec2 {
  const [left, front, right, back] = extentOf([[ring]]);
  return [(left + right) / 2, (front + back) / 2];
}

/** Where the hand of a part is from above; its right side when it has none. */
function handOf({ shape, shrink }: PartContext): Vec2 {
  const wrist = shape.joints.find(({ name }) => name === 'right wrist')?.at;
  return wrist ? [wrist[0] / shrink, -wrist[2] / shrink] : [shape.box.max[0] / shrink, 0];
}

function drillsOf(context: PartContext, bones: BonesFacts | null, by: Vec2): Drill[] {
  if (!bones) return [];
  const acrossMm = holeOf(context, bones.wire, pegSide(bones.runs)).drillMm;
  const spots = pegsOf(bones.runs).map(({ at: [x, , z] }): Vec2 => [x + by[0], by[1] - z]);
  return spots
    .filter(([x, y], i) => spots.findIndex(([u, v]) => Math.hypot(u - x, v - y) < 0.05) === i)
    .map((at) => ({ at, acrossMm }));
}

/** What goes wherever a part goes: what it holds, and a base of its own. What it only stands on has a place of its own. */
function goingAlong(piece: Piece, contexts: ReadonlyMap<string, PartContext>, context: PartContext) {
  const all = alongWith(piece, contexts, { part: context.part.id, id: '' });
  const isOwn = ({ why, context: { part } }: (typeof all)[number]) =>
    why !== 'under it' || part.parent !== null;
  const own = all.filter(isOwn);
  const lowest = Math.min(...own.map(({ liftMm }) => liftMm));
  return own.map((one) => ({ ...one, liftMm: one.liftMm - lowest }));
}

/**
 * The footprint of a part from its solid as it is posed, with what it sits on and what it holds.
 *
 * @param bones its wires, for the pegs that go into the ground
 */
export function footprintOf(
  piece: Piece,
  contexts: ReadonlyMap<string, PartContext>,
  context: PartContext,
  bones: BonesFacts | null,
): Footprint {
  const along = goingAlong(piece, contexts, context);
  const feet = thinned(toPlan(feetOf(context)));
  const hand = handOf(context);
  const middle = feet.length > 0 ? middleOf(feet) : ([0, 0] as const);
  const each = along.map(({ context: one, liftMm, why }) => {
    const seen = scaledOutline(one.shape.seenFrom(ABOVE), 1 / one.shrink);
    const [left, front, right, back] = extentOf(seen);
    const own: Vec2 = [(left + right) / 2, (front + back) / 2];
    const by: Vec2 =
      why === 'under it'
        ? [middle[0] - own[0], middle[1] - own[1]]
        : why === 'held by it'
          ? [hand[0] - own[0], hand[1] - own[1]]
          : [0, 0];
    return { context: one, why, by, liftMm, outline: mapOutline(seen, ([x, y]) => [x + by[0], y + by[1]]) };
  });
  const lowest = each.find(({ why, liftMm }) => why === 'under it' && liftMm === 0);
  const slabs = each.flatMap(({ context: one, liftMm, by }) => slabsOf(one, liftMm, by));
  return {
    part: context.part.id,
    name: context.part.name,
    outline: each.flatMap(({ outline }) => outline),
    feet: lowest ? movedRing(thinned(toPlan(feetOf(lowest.context))), lowest.by) : feet,
    top: thinned(toPlan(topOf(context))),
    slabs,
    heightMm: Math.max(0, ...slabs.map(({ toMm }) => toMm)),
    // What stands on a base of its own is pegged into that.
    drills: lowest ? [] : drillsOf(context, bones, [0, 0]),
  };
}
