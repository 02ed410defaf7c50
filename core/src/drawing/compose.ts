import type { Outline, Vec2 } from '../form/index.ts';
import type { DrawItem } from './types.ts';

function movedOutline(outline: Outline, by: Vec2): Outline {
  return outline.map((polygon) =>
    polygon.map((ring) => ring.map(([x, y]) => [x + by[0], y + by[1]] as const)),
  );
}

/** An item moved on the paper. */
export function moved(item: DrawItem, by: Vec2): DrawItem {
  switch (item.kind) {
    case 'area':
      return { ...item, outline: movedOutline(item.outline, by) };
    case 'line':
      return { ...item, points: item.points.map(([x, y]) => [x + by[0], y + by[1]] as const) };
    case 'circle':
    case 'image':
    case 'text':
      return { ...item, at: [item.at[0] + by[0], item.at[1] + by[1]] };
  }
}

/** An outline made smaller or larger about the origin. */
export function scaledOutline(outline: Outline, by: number): Outline {
  return outline.map((polygon) => polygon.map((ring) => ring.map(([x, y]) => [x * by, y * by] as const)));
}
