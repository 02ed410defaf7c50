import { dequal } from 'dequal';
import type { Found } from '../context/index.ts';
import type { Reckoning } from '../reckoning/index.ts';

/** Figures with those of before in the place of equal ones. */
function steadyFigures(before: readonly Reckoning[], now: readonly Reckoning[]): readonly Reckoning[] {
  const byId = new Map(before.map((figure) => [figure.id, figure]));
  const kept = now.map((figure) => {
    const old = byId.get(figure.id);
    return old && dequal(old, figure) ? old : figure;
  });
  return kept.length === before.length && kept.every((figure, i) => figure === before[i]) ? before : kept;
}

/**
 * What was found now, with all that is as it was before taken over from then: what leans on it is reckoned again only where
 * something of it has changed.
 */
export function steady<F extends Found>(before: F | null | undefined, now: F | null): F | null {
  if (!before || !now) return now;
  const figures = steadyFigures(before.figures, now.figures);
  const kept = { ...now, figures };
  let isSame = figures === before.figures;
  for (const key of Object.keys(now) as (keyof F)[]) {
    if (key === 'figures') continue;
    if (dequal(before[key], now[key])) kept[key] = before[key];
    else isSame = false;
  }
  return isSame && Object.keys(before).length === Object.keys(now).length ? before : kept;
}
