import type { PartContext } from '../context/index.ts';
import { alongWith } from '../fits/index.ts';
import { coarseCell, type Vec3 } from '../form/index.ts';
import type { Viewpoint } from '../piece/index.ts';
import { figure, type Reckoning } from '../reckoning/index.ts';
import type { Grid } from '../solid/index.ts';
import { LOOKED_FOR } from './figures.ts';

/** Where a thing is looked at from, degrees: round it to its left from straight before it, and above its level. */
export interface Eye {
  readonly round: number;
  readonly above: number;
}

/** Where each viewpoint of a brief looks from; all round is a walk about the thing. */
export function eyesOf(seenFrom: Viewpoint): readonly Eye[] {
  switch (seenFrom) {
    case 'front':
      return [{ round: 0, above: 15 }];
    case 'above':
      return [{ round: 0, above: 55 }];
    case 'camera':
      return [{ round: 0, above: 0 }];
    case 'all-round':
      return Array.from({ length: 8 }, (_, i) => ({ round: i * 45, above: 20 }));
  }
}

/** The direction from a thing to an eye. */
export function towards({ round, above }: Eye): Vec3 {
  const [r, a] = [(round * Math.PI) / 180, (above * Math.PI) / 180];
  return [-Math.sin(r) * Math.cos(a), Math.sin(a), Math.cos(r) * Math.cos(a)];
}

/** How much of a portion of a part is seen. */
export interface Seen {
  /** A region of the form, or a side of it. */
  readonly name: string;
  readonly kind: 'region' | 'side';
  /** Share of its surface that is seen from at least one eye, 0 to 1. */
  readonly share: number;
  /** Share of what faces an eye and is hidden from every one by each other thing, largest first. */
  readonly hiddenBy: readonly { readonly name: string; readonly share: number }[];
}

/** A thing that may stand in the way, in the frame of the part that is looked at. */
interface Hider {
  readonly name: string;
  readonly grid: Grid;
  /** Its frame’s mm to one of the part’s, and where its origin lies in the part’s frame. */
  readonly per: number;
  readonly at: Vec3;
}

/** Distance at the nearest cell; infinite outside the grid. */
function nearest({ min, size, cell, distance }: Grid, x: number, y: number, z: number): number {
  const i = Math.floor((x - min[0]) / cell);
  const j = Math.floor((y - min[1]) / cell);
  const k = Math.floor((z - min[2]) / cell);
  if (i < 0 || j < 0 || k < 0 || i >= size[0] || j >= size[1] || k >= size[2]) return Infinity;
  return distance[(k * size[1] + j) * size[0] + i] ?? Infinity;
}

/** Surfaces that turn less than this towards an eye, as the sine of the angle, are seen edge on. */
const EDGE_ON = 0.12;

/**
 * Whether the surface at a place turns towards an eye. The face of the cell says so, or the solid behind it does: on both
 * sides of the place it falls away along the line of sight, as a flank does and a flat side does not.
 */
function faceTowards(grid: Grid, place: Vec3, out: Vec3, way: Vec3): boolean {
  if (out[0] * way[0] + out[1] * way[1] + out[2] * way[2] > 1e-9) return true;
  const at = (steps: number) => {
    const by = steps * grid.cell;
    return nearest(grid, place[0] + way[0] * by, place[1] + way[1] * by, place[2] + way[2] * by);
  };
  const [behind, here, before] = [at(-1), at(0), at(1)];
  const least = EDGE_ON * grid.cell;
  return before - here > least && here - behind > least;
}

/** How far along a line of sight it comes into a thing’s grid and leaves it, in steps; null where it passes by. */
function stepsThrough({ grid, per, at }: Hider, place: Vec3, to: Vec3, step: number) {
  let [enter, leave] = [1, Infinity];
  for (let axis = 0; axis < 3; axis += 1) {
    const from = ((place[axis] ?? 0) - (at[axis] ?? 0)) * per - (grid.min[axis] ?? 0);
    const move = (to[axis] ?? 0) * per * step;
    const wide = (grid.size[axis] ?? 0) * grid.cell;
    if (move === 0) {
      if (from < 0 || from >= wide) return null;
      continue;
    }
    const [one, other] = [-from / move, (wide - from) / move];
    enter = Math.max(enter, Math.floor(Math.min(one, other)));
    leave = Math.min(leave, Math.ceil(Math.max(one, other)));
  }
  return enter <= leave ? { enter, leave } : null;
}

/** Which thing stands first between a place and an eye, by number; −1 for none. */
function blockedBy(hiders: readonly Hider[], place: Vec3, to: Vec3, step: number): number {
  let [first, last] = [-1, Infinity];
  hiders.forEach((hider, h) => {
    const through = stepsThrough(hider, place, to, step);
    if (!through) return;
    const { grid, per, at } = hider;
    for (let i = through.enter; i <= through.leave && i < last; i += 1) {
      const [x, y, z] = [
        place[0] + to[0] * i * step,
        place[1] + to[1] * i * step,
        place[2] + to[2] * i * step,
      ];
      if (nearest(grid, (x - at[0]) * per, (y - at[1]) * per, (z - at[2]) * per) >= 0) continue;
      [first, last] = [h, i];
      break;
    }
  });
  return first;
}

const SIDE_NAMES: readonly (readonly [string, Vec3])[] = [
  ['front', [0, 0, 1]],
  ['back', [0, 0, -1]],
  ['right side', [1, 0, 0]],
  ['left side', [-1, 0, 0]],
  ['top', [0, 1, 0]],
  ['underside', [0, -1, 0]],
];

const SIDES = SIDE_NAMES.map(([, out]) => out);

/** Faces that a cell of the surface looks out of: one for each neighbour that is outside, with its direction. */
function faces(grid: Grid, visit: (place: Vec3, out: Vec3, owner: number, side: number) => void): void {
  const { size, min, cell, distance, owner } = grid;
  const [nx, ny, nz] = size;
  for (let k = 1; k < nz - 1; k += 1)
    for (let j = 1; j < ny - 1; j += 1)
      for (let i = 1; i < nx - 1; i += 1) {
        const at = (k * ny + j) * nx + i;
        if ((distance[at] ?? 1) >= 0) continue;
        SIDES.forEach(([dx, dy, dz], side) => {
          if ((distance[at + dx + dy * nx + dz * nx * ny] ?? 1) < 0) return;
          // From the middle of the face, a little outside.
          const place: Vec3 = [
            min[0] + (i + 0.5 + 1.05 * dx) * cell,
            min[1] + (j + 0.5 + 1.05 * dy) * cell,
            min[2] + (k + 0.5 + 1.05 * dz) * cell,
          ];
          visit(place, [dx, dy, dz], owner?.[at] ?? 0, side);
        });
      }
}

interface Tally {
  all: number;
  facing: number;
  seen: number;
  readonly by: number[];
}

/**
 * How much of each region and side of a part is seen from some eyes, past itself and what it holds. Lines of sight are
 * followed through a grid of some sixty cells to the length: shares are right to a few hundredths.
 */
export function seenShares(
  context: PartContext,
  contexts: ReadonlyMap<string, PartContext>,
  eyes: readonly Eye[],
): Seen[] {
  const { shape, shrink, part } = context;
  const grid = shape.sample(coarseCell(shape));
  const held = alongWith(context.piece, contexts, { part: part.id, id: '' }).filter(
    ({ why }) => why === 'held by it',
  );
  const wrist = shape.joints.find(({ name }) => name === 'right wrist')?.at ?? [shape.box.max[0], 0, 0];
  const hiders: Hider[] = [
    { name: 'itself', grid, per: 1, at: [0, 0, 0] },
    ...held.map(({ context: other }): Hider => {
      const per = other.shrink / shrink;
      return {
        name: other.part.name,
        grid: other.shape.sample(coarseCell(other.shape)),
        per,
        at: [wrist[0], shape.box.min[1] - other.shape.box.min[1] / per, wrist[2]],
      };
    }),
  ];
  const tally = (): Tally => ({ all: 0, facing: 0, seen: 0, by: hiders.map(() => 0) });
  const regions = shape.regions.map(tally);
  const sides = SIDE_NAMES.map(tally);
  const ways = eyes.map(towards);
  faces(grid, (place, out, owner, side) => {
    let blocked = -1;
    let isFacing = false;
    let isSeen = false;
    for (const way of ways) {
      if (!faceTowards(grid, place, out, way)) continue;
      isFacing = true;
      blocked = blockedBy(hiders, place, way, grid.cell * 0.7);
      isSeen = blocked < 0;
      if (isSeen) break;
    }
    const region = shape.regions.length > 1 ? regions[owner - 1] : undefined;
    for (const one of [sides[side], region]) {
      if (!one) continue;
      one.all += 1;
      if (isFacing) one.facing += 1;
      if (isSeen) one.seen += 1;
      else if (isFacing) one.by[blocked] = (one.by[blocked] ?? 0) + 1;
    }
  });
  const result = (kind: Seen['kind'], name: string, one: Tally): Seen[] =>
    one.all === 0
      ? []
      : [
          {
            name,
            kind,
            share: one.seen / one.all,
            hiddenBy: hiders
              .map((hider, h) => ({ name: hider.name, share: (one.by[h] ?? 0) / Math.max(1, one.facing) }))
              .filter(({ share }) => share > 0.02)
              .sort((a, b) => b.share - a.share),
          },
        ];
  return [
    ...sides.flatMap((one, i) => result('side', SIDE_NAMES[i]?.[0] ?? '', one)),
    ...(shape.regions.length > 1
      ? regions.flatMap((one, i) => result('region', shape.regions[i] ?? '', one))
      : []),
  ];
}

/** Less of it than this is as good as never seen. */
const UNSEEN = 0.03;

/** What a share comes to at the bench. */
export function sightSays({ share, hiddenBy }: Seen): string {
  const [first] = hiddenBy.filter(({ name }) => name !== 'itself');
  const veil =
    first && first.share > 0.1
      ? `, ${Math.round(first.share * 100)} % of its face hidden by the ${first.name.toLowerCase()}`
      : '';
  if (share < UNSEEN) return `never seen: leave it plain${veil}`;
  return `${share < 0.2 ? 'hardly seen' : 'seen'}${veil}`;
}

/**
 * Shares as figures with their working. They follow lines of sight and take some hundredths of a second each, so they are
 * not among the figures that follow every key press.
 */
export function reckonSight(
  context: PartContext,
  contexts: ReadonlyMap<string, PartContext>,
  eyes: readonly Eye[],
): Reckoning[] {
  return seenShares(context, contexts, eyes).map((seen) =>
    figure(LOOKED_FOR.sight, {
      at: `${seen.kind} ${seen.name}`.replace(/ /g, '-'),
      part: context.part.id,
      title: seen.name,
      value: seen.share * 100,
      terms: [],
      note: `${sightSays(seen)}. Lines of sight from ${eyes.length === 1 ? `${eyes[0]?.round ?? 0}° round and ${eyes[0]?.above ?? 0}° above` : `${eyes.length} places round it`}; right to a few hundredths.`,
    }),
  );
}
