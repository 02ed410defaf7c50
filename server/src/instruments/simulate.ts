/** What a bench instrument measures, and in what. */
export type InstrumentKind = 'caliper' | 'balance' | 'thermometer';

/** How an instrument behaves: what it can show, how far apart two readings of one thing lie, and what it can reach. */
interface Habits {
  readonly unit: 'mm' | 'g' | '°C';
  readonly resolution: number;
  /** Standard deviation of a reading. */
  readonly noise: number;
  readonly least: number;
  readonly most: number;
  readonly start: number;
}

/**
 * Habits of common instruments: a digital caliper of 150 mm that shows hundredths, a kitchen balance of tenths of a gram, an
 * oven probe of tenths of a degree (common practice).
 */
export const HABITS: Readonly<Record<InstrumentKind, Habits>> = {
  caliper: { unit: 'mm', resolution: 0.01, noise: 0.012, least: 0, most: 150, start: 24 },
  balance: { unit: 'g', resolution: 0.1, noise: 0.04, least: 0, most: 2000, start: 57 },
  thermometer: { unit: '°C', resolution: 0.1, noise: 0.25, least: -20, most: 300, start: 21 },
};

/** Every kind of instrument on the bench. */
export const KINDS = Object.keys(HABITS) as readonly InstrumentKind[];

/** A bell curve of standard deviation 1 out of even random numbers (Box & Muller 1958). */
function bell(random: () => number): number {
  const u = Math.max(random(), 1e-12);
  return Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * random());
}

/**
 * What an instrument shows of a true value: with its noise, in steps of its resolution, within its reach.
 *
 * @param random even in [0, 1)
 * @example readingOf('caliper', 24, () => 0.25).toFixed(2) // '24.00'
 */
export function readingOf(kind: InstrumentKind, trueValue: number, random: () => number): number {
  const { resolution, noise, least, most } = HABITS[kind];
  const seen = Math.min(most, Math.max(least, trueValue + noise * bell(random)));
  const steps = Math.round(seen / resolution);
  // Division by the inverse keeps 12.34 from becoming 12.340000000000002.
  return steps / Math.round(1 / resolution);
}
