import type { InnerBall } from '../types.ts';
import type { Placed } from './integrate.ts';
import { pointOf } from './loft.ts';

/**
 * Largest ball on the loft's axis: it must clear the section at every distance, so r² ≤ half-width² + distance².
 * The ball is looked for outside the neighbour that the loft starts in.
 */
export function axisBall({ loft, sections }: Placed): InnerBall {
  const start = loft.from * loft.length;
  let best: InnerBall = { diameterMm: 0, at: loft.origin, region: loft.region };
  for (let i = 0; i < sections.count; i += 1) {
    const y = sections.y[i] ?? 0;
    const half = Math.min(sections.across[i] ?? 0, sections.ahead[i] ?? 0);
    if (y < start) continue;
    let r2 = half * half;
    for (let j = 0; j < sections.count; j += 1) {
      const there = Math.min(sections.across[j] ?? 0, sections.ahead[j] ?? 0);
      r2 = Math.min(r2, there * there + ((sections.y[j] ?? 0) - y) ** 2);
    }
    if (2 * Math.sqrt(r2) > best.diameterMm)
      best = {
        diameterMm: 2 * Math.sqrt(r2),
        at: pointOf(loft, y, 0, sections.shift[i] ?? 0),
        region: loft.region,
      };
  }
  return best;
}
