import type { Spot } from '@every-inch/core/ground';

/** A thing that comes so near to a line that others stand on is drawn onto it, mm. */
const NEAR = 2;
/** Places are kept to half a millimetre. */
const GRAIN = 2;

/** A line that something was drawn onto. */
export interface SnapLine {
  readonly along: 'x' | 'y';
  readonly at: number;
}

function nearest(value: number, lines: readonly number[]): number | null {
  const best = lines.reduce<number | null>(
    (found, line) => (found === null || Math.abs(line - value) < Math.abs(found - value) ? line : found),
    null,
  );
  return best !== null && Math.abs(best - value) <= NEAR ? best : null;
}

/** A place drawn onto the middle lines of the base and of the other things, else to half a millimetre. */
export function snapped(
  spot: Spot,
  others: readonly Pick<Spot, 'xMm' | 'yMm'>[],
): { readonly spot: Spot; readonly lines: readonly SnapLine[] } {
  const x = nearest(spot.xMm, [0, ...others.map(({ xMm }) => xMm)]);
  const y = nearest(spot.yMm, [0, ...others.map(({ yMm }) => yMm)]);
  const grain = (mm: number) => Math.round(mm * GRAIN) / GRAIN;
  return {
    spot: { ...spot, xMm: x ?? grain(spot.xMm), yMm: y ?? grain(spot.yMm) },
    lines: [
      ...(x === null ? [] : [{ along: 'x', at: x } as const]),
      ...(y === null ? [] : [{ along: 'y', at: y } as const]),
    ],
  };
}
