import type { ProbeTrace } from './heat/oven.ts';

/** A bake that is going on; plain data, to be kept while the tab is closed. */
export interface RunningBake {
  readonly pieceId: string;
  readonly pieceName: string;
  /** Null for everything in one load. */
  readonly part: string | null;
  readonly what: string;
  readonly dialC: number;
  /** Minutes in the heat, and from there until it may be handled. */
  readonly holdMin: number;
  readonly coolMin: number;
  /** Minutes until its coldest clay is at its heat; null when not known. */
  readonly warmMin: number | null;
  /** Thickest clay, miniature mm, for the log; null when not known. */
  readonly thicknessMm: number | null;
  /** So many minutes of the bake go by in one; over 1 only with a simulated oven. */
  readonly speed: number;
  /** Whether a thermometer in the oven is written down, and whether the end goes by it. */
  readonly followsProbe: boolean;
  readonly endFollows: boolean;
  /** Regions that have their clay in this bake; null for all. */
  readonly regions: readonly string[] | null;
  /** What a thermometer in the oven has shown since it went in; null without one. */
  readonly probe: ProbeTrace | null;
  /** What comes out before the others, and after how many minutes; the soonest first. */
  readonly early: readonly { readonly what: string; readonly minute: number }[];
  /** ISO times; the second once it is out of the heat. */
  readonly startedAt: string;
  readonly outAt: string | null;
}

/** Where a running bake has come to. */
export interface BakeStage {
  readonly stage: 'in' | 'over' | 'cooling' | 'cool';
  /** Left of the stage, or how far over it is, ms. */
  readonly ms: number;
  /** Minutes it was in the heat, so far or in all. */
  readonly heldMin: number;
}

const MINUTE = 60_000;
/** Readings nearer to each other are not kept, min; nor more than these in all. */
const APART = 0.4;
const MOST_READINGS = 4000;

/**
 * The stage of a bake by the clock alone, so that a reload or a laptop asleep changes nothing.
 *
 * @param now ms since 1970
 */
export function bakeStage(bake: RunningBake, now: number): BakeStage {
  const ms = (from: number, to: number) => (to - from) * bake.speed;
  const started = Date.parse(bake.startedAt);
  const out = bake.outAt === null ? null : Date.parse(bake.outAt);
  const heldMin = Math.max(0, ms(started, out ?? now) / MINUTE);
  if (out === null) {
    const left = bake.holdMin * MINUTE - ms(started, now);
    return left > 0 ? { stage: 'in', ms: left, heldMin } : { stage: 'over', ms: -left, heldMin };
  }
  const left = bake.coolMin * MINUTE - ms(out, now);
  return left > 0 ? { stage: 'cooling', ms: left, heldMin } : { stage: 'cool', ms: -left, heldMin };
}

/**
 * A bake with one more reading of its thermometer; the same bake for one that is too near to the last, before its start, or
 * after it came out.
 *
 * @param at ISO time of the reading
 */
export function withReading(bake: RunningBake, at: string, airC: number): RunningBake {
  const minute = ((Date.parse(at) - Date.parse(bake.startedAt)) / MINUTE) * bake.speed;
  const { minutes, airC: before } = bake.probe ?? { minutes: [], airC: [] };
  const last = minutes.at(-1);
  const isOut = bake.outAt !== null && Date.parse(at) > Date.parse(bake.outAt);
  if (!(minute >= 0) || isOut || minutes.length >= MOST_READINGS) return bake;
  if (last !== undefined && minute < last + APART) return bake;
  return { ...bake, probe: { minutes: [...minutes, minute], airC: [...before, airC] } };
}

/** Minutes and seconds of a clock: `12:05`, with hours past the first: `1:02:05`. */
export function clockText(ms: number): string {
  const seconds = Math.max(0, Math.round(ms / 1000));
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = (value: number) => String(value).padStart(2, '0');
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null;
}

/** What a thermometer has shown, read back; null for anything that is none. */
function readTrace(raw: unknown): ProbeTrace | null {
  if (!isRecord(raw)) return null;
  const { minutes, airC } = raw;
  const areNumbers = (list: unknown): list is number[] => Array.isArray(list) && list.every(Number.isFinite);
  return areNumbers(minutes) && areNumbers(airC) && minutes.length === airC.length ? { minutes, airC } : null;
}

/** What comes out before the others, read back; what is none of it is left out. */
function readEarly(raw: unknown): RunningBake['early'] {
  return (Array.isArray(raw) ? raw : []).flatMap((one: unknown) =>
    isRecord(one) && typeof one.what === 'string' && typeof one.minute === 'number' && one.minute > 0
      ? [{ what: one.what, minute: one.minute }]
      : [],
  );
}

/** What comes out next before the others, and in how long, ms; null where nothing is left to. */
export function nextEarly(
  bake: RunningBake,
  now: number,
): { readonly what: string; readonly ms: number } | null {
  if (bake.outAt !== null) return null;
  const { heldMin } = bakeStage(bake, now);
  const next = bake.early.find(({ minute }) => minute > heldMin);
  return next ? { what: next.what, ms: (next.minute - heldMin) * MINUTE } : null;
}

/** A kept bake read back, what an older version did not know filled in; null for anything that is none. */
export function readRunningBake(raw: unknown): RunningBake | null {
  if (!isRecord(raw)) return null;
  const isText = (key: string) => typeof raw[key] === 'string';
  const isPositive = (key: string) => typeof raw[key] === 'number' && Number(raw[key]) >= 0;
  const isTime = (value: unknown) => typeof value === 'string' && Number.isFinite(Date.parse(value));
  const isSound =
    ['pieceId', 'pieceName', 'what'].every(isText) &&
    ['dialC', 'holdMin', 'coolMin'].every(isPositive) &&
    (raw.part === null || typeof raw.part === 'string') &&
    (raw.thicknessMm === null || typeof raw.thicknessMm === 'number') &&
    isTime(raw.startedAt) &&
    (raw.outAt === null || isTime(raw.outAt));
  if (!isSound) return null;
  const speed = typeof raw.speed === 'number' && raw.speed > 0 ? raw.speed : 1;
  return {
    ...(raw as unknown as RunningBake),
    speed,
    warmMin: typeof raw.warmMin === 'number' ? raw.warmMin : null,
    followsProbe: raw.followsProbe === true,
    endFollows: raw.endFollows === true,
    regions: Array.isArray(raw.regions) ? raw.regions.filter((one) => typeof one === 'string') : null,
    early: readEarly(raw.early),
    probe: readTrace(raw.probe),
  };
}
