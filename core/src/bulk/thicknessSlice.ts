import type { Vec3 } from '../form/index.ts';
import type { ThicknessMap } from './thicknessMap.ts';

/** Ways a plane is laid through a part: facing the viewer, from its side, or from above. */
export const PLANES = ['front', 'side', 'top'] as const;
export type Plane = (typeof PLANES)[number];

/** The axis a plane is moved along, and those that lie in it, to the right and up. */
const AXES: Readonly<Record<Plane, readonly [along: 0 | 1 | 2, right: 0 | 1 | 2, up: 0 | 1 | 2]>> = {
  front: [2, 0, 1],
  side: [0, 2, 1],
  top: [1, 0, 2],
};

/** One plane of cells of a map. */
export interface ThicknessSlice {
  /** Cells to the right and up. */
  readonly width: number;
  readonly height: number;
  /** Thickness, mm, the lowest row first; 0 where there is no clay. */
  readonly thickness: Float32Array;
  /** As in the map. */
  readonly filled: Uint8Array;
  /** Lower left corner and edge of a cell, miniature mm. */
  readonly left: number;
  readonly bottom: number;
  readonly cell: number;
  /** Where the plane lies along its axis. */
  readonly atMm: number;
}

/** Where a plane of a map can be put, miniature mm. */
export function planeRange({ min, size, cell }: ThicknessMap, plane: Plane): readonly [number, number] {
  const [along] = AXES[plane];
  return [min[along] + cell / 2, min[along] + (size[along] - 0.5) * cell];
}

/** How a place is seen on a plane, and how far it is from it; from above, ahead is down as on a plan. */
export function onPlane(
  plane: Plane,
  place: Vec3,
): { readonly right: number; readonly up: number; readonly along: number } {
  const [along, right, up] = AXES[plane];
  return { right: place[right], up: plane === 'top' ? -place[up] : place[up], along: place[along] };
}

/** The plane of cells that is nearest to a place along its axis. */
export function thicknessSlice(map: ThicknessMap, plane: Plane, atMm: number): ThicknessSlice {
  const { min, size, cell } = map;
  const [along, right, up] = AXES[plane];
  const [width, height] = [size[right], size[up]];
  const layer = Math.max(0, Math.min(size[along] - 1, Math.round((atMm - min[along]) / cell - 0.5)));
  const step = [1, size[0], size[0] * size[1]];
  const thickness = new Float32Array(width * height);
  const filled = new Uint8Array(width * height);
  for (let v = 0; v < height; v += 1)
    for (let u = 0; u < width; u += 1) {
      const from = layer * (step[along] ?? 0) + u * (step[right] ?? 0) + v * (step[up] ?? 0);
      const to = (plane === 'top' ? height - 1 - v : v) * width + u;
      thickness[to] = map.thickness[from] ?? 0;
      filled[to] = map.filled[from] ?? 0;
    }
  return {
    width,
    height,
    thickness,
    filled,
    left: min[right],
    bottom: plane === 'top' ? -(min[up] + height * cell) : min[up],
    cell,
    atMm: min[along] + (layer + 0.5) * cell,
  };
}
