/** How two things are measured out. */
export type MeasuredBy = 'mass' | 'volume';

/** Two things that are mixed: so many parts of the first to so many of the second. */
export interface TwoParts {
  readonly first: number;
  readonly second: number;
}

/** What two parts are mixed of is told wrong. */
export class MixRatioError extends Error {
  override readonly name = 'MixRatioError';
  readonly code = 'mix.ratio';
  constructor(readonly ratio: TwoParts) {
    super(
      `a mix has more than nothing of both: got ${ratio.first} to ${ratio.second}; leave one out rather than mix it`,
    );
  }
}

function checked(ratio: TwoParts): TwoParts {
  const isGood = ratio.first > 0 && ratio.second > 0 && Number.isFinite(ratio.first + ratio.second);
  if (!isGood) throw new MixRatioError(ratio);
  return ratio;
}

/**
 * What is taken of both for so much together.
 *
 * @param total of both, in g or ml: what comes out is the same
 * @throws {MixRatioError} where a part is nothing
 * @example shareOut(30, { first: 2, second: 1 }) // { first: 20, second: 10 }
 */
export function shareOut(total: number, ratio: TwoParts): TwoParts {
  const { first, second } = checked(ratio);
  const all = first + second;
  return { first: (total * first) / all, second: (total * second) / all };
}

/**
 * A ratio by mass as one by volume, or the other way: what is heavier takes less room.
 *
 * @param densities of the first and the second, g/cm³
 */
export function converted(ratio: TwoParts, densities: TwoParts, from: MeasuredBy): TwoParts {
  const { first, second } = checked(ratio);
  const by = from === 'mass' ? densities.second / densities.first : densities.first / densities.second;
  return { first: first * by, second };
}

/**
 * How far off a mix may be at the worst, where each part is read to a step of a scale or a syringe.
 *
 * @param stepSize the least that is read, in the unit of the amounts
 * @returns %, of the ratio
 */
export function offByPct(amounts: TwoParts, stepSize: number): number {
  const half = stepSize / 2;
  if (amounts.second <= half) return Number.POSITIVE_INFINITY;
  const most = (amounts.first + half) / (amounts.second - half);
  return 100 * (most / (amounts.first / amounts.second) - 1);
}

/**
 * The least that can be mixed so that it is not farther off than it may be.
 *
 * @returns of both together, in the unit of the step
 */
export function leastBatch(ratio: TwoParts, stepSize: number, tolerancePct: number): number {
  const { first, second } = checked(ratio);
  // (a + d/2) ÷ (b − d/2) = r·(1 + t), with a = r·b: b = d/2 · (1 + r·(1 + t)) ÷ (r·t).
  const [r, t, half] = [first / second, tolerancePct / 100, stepSize / 2];
  const b = (half * (1 + r * (1 + t))) / (r * t);
  return b * (1 + r);
}

/** How stiff a paste of a powder and a liquid is, by the parts of powder to one of liquid, by volume. */
export interface Stiffness {
  readonly id: string;
  readonly says: string;
  readonly powder: number;
}

/** Pastes of powder and liquid, by what they are to do (from memory: each powder drinks otherwise, so a trial spot comes first). */
export const STIFFNESSES: readonly Stiffness[] = [
  { id: 'runs', says: 'runs and levels: puddles, icing that drips', powder: 0.6 },
  { id: 'spreads', says: 'spreads with a brush: snow, groundwork', powder: 1.2 },
  { id: 'peaks', says: 'stands in soft peaks: piped icing, crust', powder: 2 },
  { id: 'holds', says: 'keeps its edges: mortar, mud with ruts', powder: 3 },
  { id: 'kneads', says: 'kneads as dough', powder: 4.5 },
];

/** A powder takes up the room between its grains: of so much of it, that share is air that the liquid fills. */
const BETWEEN = 0.5;

/**
 * Powder and liquid for so much paste.
 *
 * @param cm3 of paste
 * @returns cm³ of loose powder and of liquid
 */
export function pasteOf(
  cm3: number,
  { powder }: Pick<Stiffness, 'powder'>,
): { powder: number; liquid: number } {
  const liquid = cm3 / (1 + powder * (1 - BETWEEN));
  return { powder: liquid * powder, liquid };
}
