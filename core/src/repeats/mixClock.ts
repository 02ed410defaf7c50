/** A mix that is being worked or that sets; plain data, to be kept while the tab is closed. */
export interface RunningMix {
  readonly id: string;
  readonly pieceId: string;
  readonly what: string;
  /** Minutes it can be worked, and until it is set, from when it was mixed. */
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
export const MOST_MIXES = 6;
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
    isMinutes(of.placesMin) &&
    isMinutes(of.setsMin) &&
    isMinutes(of.speed) &&
    typeof of.startedAt === 'string' &&
    Number.isFinite(Date.parse(of.startedAt))
  );
}

/** Clocks from what was kept; what is none is passed over. */
export function readRunningMixes(raw: unknown): readonly RunningMix[] {
  return Array.isArray(raw) ? raw.filter(isMix).slice(0, MOST_MIXES) : [];
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
