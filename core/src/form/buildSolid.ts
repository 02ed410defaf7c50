import { cellInBox, type Grid, type Surface, surfaceOf } from '../solid/index.ts';
import { type CoreAsk, coreField, deepGrid } from './coreField.ts';
import type { Shape } from './types.ts';

/** The solid of a form as triangles, for a view or a file. */
export interface BuiltSolid {
  readonly skin: Surface;
  /** Surface of the core; null without one. */
  readonly core: Surface | null;
  /** What the owners of the vertices count, from 1. */
  readonly regions: readonly string[];
}

/** The core on the grid of its solid. */
function coreGrid(grid: Grid, regions: readonly string[], core: CoreAsk): Grid {
  const far = Math.max(...grid.size);
  const field = coreField(deepGrid(grid), regions, core);
  return { ...grid, distance: field.map((cells) => Math.min(cells, far) * grid.cell) };
}

/**
 * Builds the surface of a shape from a grid of about so many cells; vertices are within a tenth of a cell.
 *
 * @param cells in the box round the shape, 20 000 for a first look, 400 000 for a file
 * @param core null for a solid without one
 */
export function buildSolid(shape: Shape, cells: number, core: CoreAsk | null): BuiltSolid {
  const { min, max } = shape.box;
  const exact = shape.triangles?.();
  // Sheets are thinner than the cells of any grid; their own triangles are exact.
  if (exact && !core) return { skin: { ...exact, owners: null }, core: null, regions: shape.regions };
  const grid = shape.sample(cellInBox(min, max, cells));
  return {
    skin: exact ? { ...exact, owners: null } : surfaceOf(grid),
    core: core && surfaceOf(coreGrid(grid, shape.regions, core)),
    regions: shape.regions,
  };
}
