import { lightnessOf, mixedColour } from '../../colour/index.ts';

/** A step of a ladder from one colour to another. */
export interface Rung {
  /** `#rrggbb`, lower case. */
  readonly colour: string;
  /** Share of the second colour in the mix, 0–1. */
  readonly share: number;
  /** How light it is seen, L* (CIE 1976). */
  readonly light: number;
}

/** Halvings in which a share is found: to a thousandth of a part and finer. */
const HALVINGS = 16;

/**
 * Mixes from one colour to another in steps that are seen as equal: equal in L*, found by halving on the mix of pigments. Colours
 * as light as one another are stepped by their parts.
 *
 * @param steps how many in all, both ends counted; 2 or more
 * @throws {RangeError} for fewer than two steps, or text that is no colour
 * @example ladder('#ffffff', '#000000', 5)[2]?.light // 50
 */
export function ladder(from: string, to: string, steps: number): readonly Rung[] {
  if (!Number.isInteger(steps) || steps < 2)
    throw new RangeError(`a ladder has two steps or more, got ${steps}`);
  const at = (share: number): Rung => {
    const colour = mixedColour([
      { colour: from, parts: 1 - share },
      { colour: to, parts: share },
    ]);
    return { colour, share, light: lightnessOf(colour) };
  };
  const [first, last] = [lightnessOf(from), lightnessOf(to)];
  const isLevel = Math.abs(last - first) < 1;
  return Array.from({ length: steps }, (_, i) => {
    const along = i / (steps - 1);
    if (i === 0 || i === steps - 1 || isLevel) return at(along);
    const wanted = first + along * (last - first);
    let [low, high] = [0, 1];
    for (let n = 0; n < HALVINGS; n += 1) {
      const middle = (low + high) / 2;
      if (at(middle).light < wanted === first < last) low = middle;
      else high = middle;
    }
    return at((low + high) / 2);
  });
}

/** Whole parts that come near to a share, and how many there are of both at most. */
const MOST_PARTS = 12;

/** A share as parts of the first and of the second, the fewest that come within a hundredth, or else the nearest. */
export function partsOfShare(share: number): readonly [first: number, second: number] {
  if (share <= 0) return [1, 0];
  if (share >= 1) return [0, 1];
  let best: readonly [number, number] = [1, 1];
  for (let all = 2; all <= MOST_PARTS; all += 1) {
    const second = Math.min(all - 1, Math.max(1, Math.round(share * all)));
    const off = Math.abs(second / all - share);
    if (off < Math.abs(best[1] / (best[0] + best[1]) - share)) best = [all - second, second];
    if (off < 0.01) break;
  }
  return best;
}
