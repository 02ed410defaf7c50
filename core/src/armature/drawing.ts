import type { View } from '../form/index.ts';
import type { WirePlace } from '../piece/index.ts';

/** A drawn wire snaps to multiples of so many degrees when it comes so near to one. */
export const SNAP_DEGREES = 15;
const SNAP_WITHIN = 4;

type Flat = readonly [number, number];

/** A place as a view shows it. */
export function seenIn(view: View, { xMm, yMm, zMm }: WirePlace): Flat {
  return view === 'front' ? [xMm, yMm] : [zMm, yMm];
}

/** A place moved within a view; how far ahead it lies stays as it is. */
export function movedIn(view: View, place: WirePlace, [across, up]: Flat): WirePlace {
  return view === 'front' ? { ...place, xMm: across, yMm: up } : { ...place, zMm: across, yMm: up };
}

/** Where a stretch from a place would end with its direction turned to the nearest of the usual angles, if it is near one. */
export function snapped([fromX, fromY]: Flat, [toX, toY]: Flat): Flat {
  const length = Math.hypot(toX - fromX, toY - fromY);
  const degrees = (Math.atan2(toY - fromY, toX - fromX) * 180) / Math.PI;
  const near = Math.round(degrees / SNAP_DEGREES) * SNAP_DEGREES;
  if (length === 0 || Math.abs(degrees - near) > SNAP_WITHIN) return [toX, toY];
  const turn = (near * Math.PI) / 180;
  return [fromX + length * Math.cos(turn), fromY + length * Math.sin(turn)];
}

/** A line with a place put in on one of its stretches, nearest to where it was pointed at. */
export function withBend(places: readonly WirePlace[], view: View, at: Flat): WirePlace[] {
  let best = { far: Infinity, i: 1, t: 0.5 };
  places.slice(1).forEach((to, k) => {
    const from = places[k];
    if (!from) return;
    const [[x, y], [u, v]] = [seenIn(view, from), seenIn(view, to)];
    const length2 = (u - x) ** 2 + (v - y) ** 2;
    const along = length2 === 0 ? 0.5 : ((at[0] - x) * (u - x) + (at[1] - y) * (v - y)) / length2;
    const t = Math.max(0.05, Math.min(0.95, along));
    const far = Math.hypot(x + (u - x) * t - at[0], y + (v - y) * t - at[1]);
    if (far < best.far) best = { far, i: k + 1, t };
  });
  const [from, to] = [places[best.i - 1], places[best.i]];
  if (!from || !to) return [...places];
  const between = (a: number, b: number) => a + (b - a) * best.t;
  const bend: WirePlace = {
    xMm: between(from.xMm, to.xMm),
    yMm: between(from.yMm, to.yMm),
    zMm: between(from.zMm, to.zMm),
  };
  return [...places.slice(0, best.i), bend, ...places.slice(best.i)];
}
