/** A mix that is being worked or that sets, or a coat that dries; plain data, to be kept while the tab is closed. */
export interface RunningMix {
  readonly id: string;
  readonly pieceId: string;
  readonly what: string;
  /** A coat, a glue or a soak is only waited for: no time in it can be worked. */
  readonly kind: 'mix' | 'dry';
  /** Minutes it can be worked, and until it is set or dry, from when it was mixed or laid. */
  readonly placesMin: number;
  readonly setsMin: number;
  /** ISO. */
  readonly startedAt: string;
  /** So many minutes of it go by in one; over 1 only to try it out. */
  readonly speed: number;
}

/** Where a mix has come to. */
export interface MixStage {
  readonly stage: 'work' | 'sets' | 'set';
  /** Left of the stage, or for how long it has been set, ms. */
  readonly ms: number;
}

const MINUTE = 60_000;

/**
 * The stage of a mix by the clock alone, so that a reload changes nothing.
 *
 * @param now ms since 1970
 */
export function mixStage({ startedAt, placesMin, setsMin, speed }: RunningMix, now: number): MixStage {
  const gone = Math.max(0, now - Date.parse(startedAt)) * speed;
  if (gone < placesMin * MINUTE) return { stage: 'work', ms: placesMin * MINUTE - gone };
  if (gone < setsMin * MINUTE) return { stage: 'sets', ms: setsMin * MINUTE - gone };
  return { stage: 'set', ms: gone - setsMin * MINUTE };
}

/** Most clocks side by side. */
export const MOST_MIXES = 12;
const TEXT = 200;

function isMix(one: unknown): one is RunningMix {
  if (typeof one !== 'object' || one === null) return false;
  const of = one as Partial<Record<keyof RunningMix, unknown>>;
  const isText = (value: unknown) => typeof value === 'string' && value.length > 0 && value.length <= TEXT;
  const isMinutes = (value: unknown) => typeof value === 'number' && value > 0 && value <= 1e5;
  return (
    isText(of.id) &&
    isText(of.pieceId) &&
    isText(of.what) &&
    (of.kind === 'dry' ? of.placesMin === 0 : isMinutes(of.placesMin)) &&
    isMinutes(of.setsMin) &&
    isMinutes(of.speed) &&
    typeof of.startedAt === 'string' &&
    Number.isFinite(Date.parse(of.startedAt))
  );
}

/** Clocks from what was kept; what is none is passed over. */
export function readRunningMixes(raw: unknown): readonly RunningMix[] {
  if (!Array.isArray(raw)) return [];
  return raw
    .filter(isMix)
    .map((one): RunningMix => ({ ...one, kind: one.kind === 'dry' ? 'dry' : 'mix' }))
    .slice(0, MOST_MIXES);
}

/** Clocks in the order in which they are free: what can still be worked, then what is set or dry the soonest, then what is. */
export function bySoonest(mixes: readonly RunningMix[], now: number): RunningMix[] {
  const at = (one: RunningMix) => mixStage(one, now);
  const rank = { work: 0, sets: 1, set: 2 };
  return mixes.toSorted((a, b) => {
    const [one, other] = [at(a), at(b)];
    return rank[one.stage] - rank[other.stage] || one.ms - other.ms;
  });
}

/** What is placed of one mix in its working time, and how many mixes all of it takes. */
export interface Batches {
  readonly perMix: number;
  readonly mixes: number;
}

/**
 * Batches in which all of a mix is placed while it can be worked.
 *
 * @param placesMin working time, min
 * @param secondsEach to place one
 * @throws {RangeError} for no time to place one in
 * @example batchesOf(8, 3, 45) // { perMix: 4, mixes: 2 }
 */
export function batchesOf(n: number, placesMin: number, secondsEach: number): Batches {
  const perMix = Math.floor((placesMin * 60) / secondsEach + 1e-9);
  if (!(secondsEach > 0) || perMix < 1)
    throw new RangeError(`${placesMin} min are too short to place one that takes ${secondsEach} s`);
  return { perMix, mixes: Math.ceil(n / perMix) };
}
