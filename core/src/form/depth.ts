import type { Outline, Vec2 } from './types.ts';

function distanceToEdge([x, y]: Vec2, [ax, ay]: Vec2, [bx, by]: Vec2): number {
  const [dx, dy] = [bx - ax, by - ay];
  const length2 = dx * dx + dy * dy;
  const t = length2 === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / length2));
  return Math.hypot(x - ax - t * dx, y - ay - t * dy);
}

/** Depth of a point under the edge of a filled area; negative outside. Rings inside rings are holes. */
export function depthIn(area: Outline, point: Vec2): number {
  let inside = false;
  let nearest = Infinity;
  for (const polygon of area)
    for (const ring of polygon)
      ring.forEach((a, i) => {
        const b = ring[(i + 1) % ring.length] ?? a;
        if (
          a[1] > point[1] !== b[1] > point[1] &&
          point[0] < ((b[0] - a[0]) * (point[1] - a[1])) / (b[1] - a[1]) + a[0]
        )
          inside = !inside;
        nearest = Math.min(nearest, distanceToEdge(point, a, b));
      });
  return inside ? nearest : -nearest;
}
