import { distancesInside, type Grid, type InnerDistances, stepsRound } from '../solid/index.ts';

/** What a core leaves over it, in the frame of the solid. */
export interface CoreAsk {
  /** Clay over the core. */
  readonly skinMm: number;
  /** Thinnest core worth making. */
  readonly leastMm: number;
  /** Regions with a skin of their own; null for one that gets no core. */
  readonly apart: Readonly<Record<string, number | null>>;
  /** Clay of the surface of some regions that is not counted when the thickest is looked for: it goes on later. */
  readonly later: Readonly<Record<string, number>>;
}

/** One skin for all regions but those that have their own. */
export function coreAsk(
  skinMm: number,
  leastMm: number,
  apart: CoreAsk['apart'] = {},
  later: CoreAsk['later'] = {},
): CoreAsk {
  return { skinMm, leastMm, apart, later };
}

/** The same of a solid that is so many times as large. */
export function scaledAsk({ skinMm, leastMm, apart, later }: CoreAsk, by: number): CoreAsk {
  const own = Object.entries(apart).map(([name, mm]) => [name, mm === null ? null : mm * by] as const);
  return {
    skinMm: skinMm * by,
    leastMm: leastMm * by,
    apart: Object.fromEntries(own),
    later: Object.fromEntries(Object.entries(later).map(([name, mm]) => [name, mm * by])),
  };
}

/** A solid on a grid with the exact depth of every cell. */
export interface DeepGrid {
  readonly grid: Grid;
  readonly deep: InnerDistances;
}

/** Measures how deep every cell of a grid lies. */
export function deepGrid(grid: Grid): DeepGrid {
  const { size, cell, distance } = grid;
  const signed = distance.map((value) => (Number.isFinite(value) ? value / cell : 1));
  return { grid, deep: distancesInside(size, signed) };
}

/** Skin over the core of a region; null where it gets none. */
export function skinIn({ skinMm, apart }: CoreAsk, region: string): number | null {
  const own = apart[region];
  return own === undefined ? skinMm : own;
}

/** Beyond every core, cells. */
const FAR = 1e6;
/** Farthest a deep enough cell is looked for, cells: only the very tips of cones are farther from one. */
const MOST_REACH = 16;
/** Cells so near outside of the core share in its surface. */
const RIM = 1;

/**
 * Lays one core into the field: as deep as the skin, and only where a ball of skin and half the least core lies in the form
 * and holds the place; all in cells. Only the shell between the two depths is in doubt: for its cells the nearest one that
 * is deep enough is looked for.
 */
function layCore(
  { grid: { size, owner }, deep: { distance: depth } }: DeepGrid,
  skin: number,
  least: number,
  isOwn: readonly boolean[],
  field: Float32Array,
): void {
  const ball = skin + least / 2;
  const deepest = depth.reduce((a, b) => Math.max(a, b), 0);
  if (!(deepest >= ball)) return;
  const { step, far } = stepsRound(size, Math.min(ball + 1, Math.max(MOST_REACH, 2 * least)));
  for (let at = 0; at < field.length; at += 1) {
    const here = depth[at] ?? 0;
    if (here <= 0 || (owner && !isOwn[(owner[at] ?? 0) - 1])) continue;
    if (here >= ball || here <= skin - RIM) {
      field[at] = skin - here;
      continue;
    }
    let off = ball + RIM;
    for (let n = 0; n < step.length; n += 1) {
      const over = (depth[at + (step[n] ?? 0)] ?? 0) - ball;
      if (over < 0) continue;
      // What the cell found is deeper than need be is taken off: the edge lies that much nearer.
      off = Math.max(0, (far[n] ?? 0) - Math.min(1, over));
      break;
    }
    field[at] = Math.max(skin - here, off - ball);
  }
}

/**
 * The core of a solid on its grid: the form offset inward by the skin of each region, only where the form is at least twice
 * the skin and the least core thick (largest ball that holds the place). Linear in the cells.
 *
 * @param regions what the owners of the cells count, from 1
 * @returns signed distances to its surface in cells, negative inside; owned by the caller
 */
export function coreField(solid: DeepGrid, regions: readonly string[], ask: CoreAsk): Float32Array {
  const { grid } = solid;
  const field = new Float32Array(grid.distance.length).fill(FAR);
  const skins = regions.map((name) => skinIn(ask, name));
  for (const skinMm of new Set(skins)) {
    if (skinMm === null || !(skinMm >= 0)) continue;
    const isOwn = skins.map((one) => one === skinMm);
    layCore(solid, skinMm / grid.cell, ask.leastMm / grid.cell, isOwn, field);
  }
  return field;
}
