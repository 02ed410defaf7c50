import { minus, times, type Vec3 } from '../../form/index.ts';

/** A straight stretch of a line: where it begins, how long it is, and which way it goes. */
interface Leg {
  readonly from: Vec3;
  readonly long: number;
  readonly way: Vec3;
}

/** A place on a line: the stretch it lies on, and how far along that. */
export interface OnLine {
  readonly leg: Leg;
  readonly along: number;
}

/** Finds places along straight lines from corner to corner by their way from the first; null for a line without a length. */
export function lineThrough(corners: readonly Vec3[]): ((mm: number) => OnLine) | null {
  const legs = corners.slice(1).flatMap((to, i): Leg[] => {
    const from = corners[i] ?? to;
    const long = Math.hypot(...minus(to, from));
    return long > 0 ? [{ from, long, way: times(minus(to, from), 1 / long) }] : [];
  });
  const [first] = legs;
  if (!first) return null;
  return (mm) => {
    let [leg, along] = [first, mm];
    for (const one of legs) {
      leg = one;
      if (along <= one.long) break;
      along -= one.long;
    }
    return { leg, along };
  };
}
