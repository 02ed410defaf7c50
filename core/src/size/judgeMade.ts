import type { Verdict } from '../reckoning/index.ts';
import { formatRealMetric, type MiniMm, type RealMm } from '../units/index.ts';

/** Least and most a miniature length may be. */
export interface Allowed {
  readonly lowMm: number;
  readonly highMm: number;
}

/**
 * The default allowance: the larger of a share of the length and a least length, either way.
 *
 * @param percent visible error, % of the length
 * @param leastMm visible error at the least, miniature mm
 * @example allowedAround(miniMm(138.3), 2, 0.25) // { lowMm: 135.5, highMm: 141.1 }
 */
export function allowedAround(wanted: MiniMm, percent: number, leastMm: number): Allowed {
  const error = Math.max((wanted * percent) / 100, leastMm);
  return { lowMm: wanted - error, highMm: wanted + error };
}

/** Whether a made length is within what is allowed, and what it reads as if not. */
export function judgeMade(made: MiniMm, allowed: Allowed, readsAs: RealMm): Verdict {
  const over = made - allowed.highMm;
  const under = allowed.lowMm - made;
  const off = Math.max(over, under);
  const margin = { value: -off, unit: 'mm' } as const;
  if (off <= 1e-9)
    return { level: 'good', wording: 'state', says: 'within what the eye forgives', margin, waysOut: [] };
  const way = over > 0 ? 'too large' : 'too small';
  const mend = over > 0 ? 'take clay off' : 'add clay';
  return {
    level: 'stop',
    wording: 'state',
    says: `${off.toFixed(1)} mm ${way}, reads as ${formatRealMetric(readsAs)}`,
    margin,
    waysOut: [
      { says: `${mend} before the bake: at least ${off.toFixed(1)} mm` },
      { says: `allow it: widen the range of this measure to ${made.toFixed(1)} mm` },
    ],
  };
}
