import { extentOf, type Ring, type Vec2 } from '../../form/index.ts';
import type { Stood } from '../../piece/index.ts';
import type { Footprint, Slab } from './footprint.ts';
import { boxesApart, convexApart, type Extent, reachesOut, within } from './room.ts';

/** Where a thing is on the plan. */
export type Spot = Pick<Stood, 'xMm' | 'yMm' | 'turnDeg'>;

/** A thing in its place. */
export interface Placed {
  readonly id: string;
  readonly print: Footprint;
  readonly spot: Spot;
  /** Height of what bears it above the base, mm; 0 on the base itself. */
  readonly liftMm: number;
  /** What bears it; null on the base itself. */
  readonly on: string | null;
}

/** A place of a thing’s own frame where it is on the plan. */
export function onPlan({ xMm, yMm, turnDeg }: Spot): (at: Vec2) => Vec2 {
  const [c, s] = [Math.cos((turnDeg * Math.PI) / 180), Math.sin((turnDeg * Math.PI) / 180)];
  return ([x, y]) => [xMm + x * c - y * s, yMm + x * s + y * c];
}

/** A slice of a thing with the box round its ring. */
interface LaidSlab extends Slab {
  readonly box: Extent;
}

/** Roughly how much ground a thing takes. */
function reachOf({ print }: Pick<Placed, 'print'>): number {
  const [left, front, right, back] = extentOf([[print.feet]]);
  return (right - left) * (back - front);
}

/** A level face that something can stand on: of a rise of the ground, or of another thing. */
export interface Bearer {
  readonly id: string;
  readonly ring: Ring;
  readonly box: Extent;
  /** Above the base. */
  readonly highMm: number;
}

/**
 * Things in their places, each on what bears it: whatever has all its feet on the upper face of a larger one stands on that.
 *
 * @returns in the order they were given
 */
export function borne(
  things: readonly Pick<Placed, 'id' | 'print' | 'spot'>[],
  rises: readonly Bearer[] = [],
): readonly Placed[] {
  const found = new Map<string, Placed>();
  const tops: Bearer[] = [...rises];
  const largeFirst = [...things].sort((a, b) => reachOf(b) - reachOf(a));
  for (const one of largeFirst) {
    const feet = one.print.feet.map(onPlan(one.spot));
    const box = extentOf([[feet]]);
    let best: Bearer | null = null;
    for (const top of tops) {
      if (boxesApart(box, top.box) > 0 || feet.length === 0 || (best && top.highMm <= best.highMm)) continue;
      if (feet.every((at) => within(at, top.ring))) best = top;
    }
    const placed: Placed = { ...one, liftMm: best?.highMm ?? 0, on: best?.id ?? null };
    found.set(one.id, placed);
    const ring = one.print.top.map(onPlan(one.spot));
    if (ring.length > 2)
      tops.push({ id: one.id, ring, box: extentOf([[ring]]), highMm: placed.liftMm + one.print.heightMm });
  }
  return things.flatMap(({ id }) => found.get(id) ?? []);
}

/** A thing’s rings where they are on the plan, so that they are turned once for all comparisons. */
export interface Laid {
  readonly id: string;
  readonly name: string;
  /** What bears it; null on the base itself. */
  readonly on: string | null;
  readonly outline: readonly Ring[];
  readonly feet: Ring;
  readonly slabs: readonly LaidSlab[];
  /** Round all its slices. */
  readonly box: Extent;
}

type LaidAsk = Pick<Placed, 'id' | 'print' | 'spot'> & Partial<Placed>;

/** A placed thing turned and moved. */
export function laid({ id, print, spot, liftMm = 0, on = null }: LaidAsk): Laid {
  const move = onPlan(spot);
  const moved = (ring: Ring) => ring.map(move);
  const slabs = print.slabs.map((slab): LaidSlab => {
    const ring = moved(slab.ring);
    return {
      fromMm: slab.fromMm + liftMm,
      toMm: slab.toMm + liftMm,
      ring,
      box: extentOf([[ring]]),
    };
  });
  return {
    id,
    name: print.name,
    on,
    outline: print.outline.flatMap(([rim]) => (rim ? [moved(rim)] : [])),
    feet: moved(print.feet),
    slabs,
    box: extentOf([slabs.map(({ ring }) => ring)]),
  };
}

/** How far two things are from one another, at a height where both are. */
export interface Clearance {
  readonly between: readonly [string, string];
  /** 0 where they stand in one another. */
  readonly mm: number;
  readonly upMm: number;
}

/** The least room between two things at any height they share; null where they share none. */
export function clearance(a: Laid, b: Laid, most = Infinity): Clearance | null {
  let [mm, upMm] = [most, 0];
  if (boxesApart(a.box, b.box) >= mm) return null;
  for (const one of a.slabs)
    for (const other of b.slabs) {
      if (one.fromMm >= other.toMm || other.fromMm >= one.toMm) continue;
      if (boxesApart(one.box, other.box) >= mm) continue;
      const apart = convexApart(one.ring, other.ring);
      if (apart < mm) [mm, upMm] = [apart, Math.max(one.fromMm, other.fromMm)];
      if (mm === 0) return { between: [a.id, b.id], mm, upMm };
    }
  return mm < most ? { between: [a.id, b.id], mm, upMm } : null;
}

/** Whether two things leave less than so much room anywhere: answered at the first place that does. */
function isNearer(a: Laid, b: Laid, roomMm: number): boolean {
  if (boxesApart(a.box, b.box) >= roomMm) return false;
  return a.slabs.some((one) =>
    b.slabs.some(
      (other) =>
        one.fromMm < other.toMm &&
        other.fromMm < one.toMm &&
        boxesApart(one.box, other.box) < roomMm &&
        convexApart(one.ring, other.ring) < roomMm,
    ),
  );
}

/** How one thing stands among the others and on the base. */
export interface AsItStands {
  readonly id: string;
  /** How far its feet reach over the edge of the base, mm; negative where they all stand on it. */
  readonly feetOverMm: number;
  /** How far anything of it reaches over the edge, mm. */
  readonly overMm: number;
  /** To the nearest other thing; null where there is none. */
  readonly nearest: Clearance | null;
}

/**
 * How a thing stands: over the edge of the base, and how near the next one.
 *
 * @param board edge of the base; null where there is none
 */
export function asItStands(one: Laid, others: readonly Laid[], board: Ring | null): AsItStands {
  let nearest = null as Clearance | null;
  // The near ones first: what lies farther off than the nearest so far is passed over by its box.
  const nearFirst = others
    .filter(({ id }) => id !== one.id)
    .map((other) => ({ other, apart: boxesApart(one.box, other.box) }))
    .sort((a, b) => a.apart - b.apart);
  for (const { other } of nearFirst) {
    nearest = clearance(one, other, nearest?.mm) ?? nearest;
    if (nearest?.mm === 0) break;
  }
  const over = (rings: readonly Ring[]) =>
    board === null ? -Infinity : Math.max(-Infinity, ...rings.map((ring) => reachesOut(ring, board)));
  // What another bears stands on that, wherever the edge is.
  const feetOverMm = one.on === null ? over([one.feet]) : -Infinity;
  return { id: one.id, feetOverMm, overMm: over(one.outline), nearest };
}

/** Steps of a search for a free place, mm: no finer than a hand puts a thing down. */
const LEAST_STEP = 4;
const MOST_TRIES = 1500;

/**
 * A free place for a thing nearest to the middle of the base, its feet on it and others no nearer than asked; null where
 * there is none.
 */
export function freeSpot(
  print: Footprint,
  others: readonly Laid[],
  board: Ring,
  roomMm: number,
): Spot | null {
  const reach = Math.max(...board.map(([x, y]) => Math.hypot(x, y)));
  const step = Math.max(LEAST_STEP, reach / 20);
  for (let tried = 0, turn = 0, out = 0; out < reach && tried < MOST_TRIES; tried += 1) {
    const spot: Spot = {
      xMm: Math.round(out * Math.cos(turn) * 10) / 10,
      yMm: Math.round(out * Math.sin(turn) * 10) / 10,
      turnDeg: 0,
    };
    const move = onPlan(spot);
    if (print.feet.every((at) => within(move(at), board))) {
      const stands = laid({ id: 'new', print, spot });
      if (!others.some((other) => isNearer(stands, other, roomMm))) return spot;
    }
    // A spiral whose turns and steps lie equally far apart.
    turn += Math.min(Math.PI / 3, step / Math.max(step, out));
    out = (step * turn) / (2 * Math.PI);
  }
  return null;
}
