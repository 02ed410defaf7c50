import type { Ring, Vec2 } from '../form/index.ts';
import type { FitOpening } from '../piece/index.ts';

/** Points on a half circle; 0.1 % of the radius off at the worst. */
const HALF = 36;

function arc(radius: number, atY: number, from: number, to: number, count: number): Vec2[] {
  return Array.from({ length: count + 1 }, (_, i) => {
    const angle = from + ((to - from) * i) / count;
    return [radius * Math.cos(angle), atY + radius * Math.sin(angle)];
  });
}

/**
 * The outline of an opening, counter-clockwise: its sill at y = 0 and its middle at x = 0. The crown of an arch is half a
 * circle, or half an ellipse where the opening is lower than half its width.
 */
export function openingRing({ shape, widthMm, heightMm }: FitOpening): Ring {
  const r = widthMm / 2;
  if (shape === 'round') return arc(r, r, 0, 2 * Math.PI, 2 * HALF).slice(0, -1);
  const foot: Vec2[] = [
    [-r, 0],
    [r, 0],
  ];
  if (shape === 'square') return [...foot, [r, heightMm], [-r, heightMm]];
  const rise = Math.min(r, heightMm);
  const spring = heightMm - rise;
  const crown = arc(1, 0, 0, Math.PI, HALF).map(([x, y]): Vec2 => [x * r, spring + y * rise]);
  return spring > 0 ? [...foot, ...crown] : crown;
}
