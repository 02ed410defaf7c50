import type { LogEntry } from '../../piece/index.ts';
import type { LikeBake } from '../window/index.ts';

/** Thicknesses as near to one another as this bake alike: the one against the other. */
const LIKE = 1.5;

/** Outcomes that tell of too little or too much heat; the others tell of something else. */
function tells(outcome: string): outcome is LikeBake['outcome'] {
  return outcome === 'good' || outcome === 'under-baked' || outcome === 'scorched';
}

/**
 * Bakes that were written down of clay about as thick.
 *
 * @param thicknessMm thickest clay of the part, miniature
 */
export function likeBakes(log: readonly LogEntry[], thicknessMm: number): LikeBake[] {
  return log.flatMap(({ id, bake }): LikeBake[] => {
    if (!bake?.thicknessMm || !tells(bake.outcome)) return [];
    const ratio = bake.thicknessMm / thicknessMm;
    if (ratio > LIKE || ratio < 1 / LIKE) return [];
    const { temperatureC, minutes, outcome } = bake;
    return [{ entry: id, temperatureC, minutes, outcome }];
  });
}
