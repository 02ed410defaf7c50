import { type Grid, type Surface, surfaceOf } from '../solid/index.ts';
import type { Shape } from './types.ts';

/** The solid of a form as triangles, for a view or a file. */
export interface BuiltSolid {
  readonly skin: Surface;
  /** Surface of the core; null without one. */
  readonly core: Surface | null;
  /** What the owners of the vertices count, from 1. */
  readonly regions: readonly string[];
}

/** Which regions of a shape have a core, and how deep it lies. */
export interface CoreDepth {
  /** In the part's frame. */
  readonly skinMm: number;
  readonly regions: readonly string[];
}

/** The same grid a depth further in, and only where a region has a core. */
function coreGrid(grid: Grid, shape: Shape, { skinMm, regions }: CoreDepth): Grid {
  const has = shape.regions.map((name) => regions.includes(name));
  const { owner } = grid;
  const distance = grid.distance.map((value, i) => {
    const owned = owner ? (owner[i] ?? 0) : 1;
    return owned > 0 && has[owned - 1] ? value + skinMm : Infinity;
  });
  return { ...grid, distance };
}

/**
 * Builds the surface of a shape from a grid of about so many cells; vertices are within a tenth of a cell.
 *
 * @param cells in the box round the shape, 20 000 for a first look, 400 000 for a file
 * @param core null for a solid without one
 */
export function buildSolid(shape: Shape, cells: number, core: CoreDepth | null): BuiltSolid {
  const { min, max } = shape.box;
  const volume = (max[0] - min[0]) * (max[1] - min[1]) * (max[2] - min[2]);
  const hasCore = core !== null && core.regions.length > 0;
  const exact = shape.triangles?.();
  // Sheets are thinner than the cells of any grid; their own triangles are exact.
  if (exact && !hasCore) return { skin: { ...exact, owners: null }, core: null, regions: shape.regions };
  const grid = shape.sample(Math.cbrt(volume / cells));
  return {
    skin: exact ? { ...exact, owners: null } : surfaceOf(grid),
    core: hasCore ? surfaceOf(coreGrid(grid, shape, core)) : null,
    regions: shape.regions,
  };
}
