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
  /** Thickest clay, miniature mm, for the log; null when not known. */
  readonly thicknessMm: number | null;
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

/**
 * The stage of a bake by the clock alone, so that a reload or a laptop asleep changes nothing.
 *
 * @param now ms since 1970
 */
export function bakeStage(bake: RunningBake, now: number): BakeStage {
  const started = Date.parse(bake.startedAt);
  const out = bake.outAt === null ? null : Date.parse(bake.outAt);
  const held = ((out ?? now) - started) / MINUTE;
  const heldMin = Math.max(0, held);
  if (out === null) {
    const left = started + bake.holdMin * MINUTE - now;
    return left > 0 ? { stage: 'in', ms: left, heldMin } : { stage: 'over', ms: -left, heldMin };
  }
  const left = out + bake.coolMin * MINUTE - now;
  return left > 0 ? { stage: 'cooling', ms: left, heldMin } : { stage: 'cool', ms: -left, heldMin };
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

/** A kept bake read back; null for anything that is none. */
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
  return isSound ? (raw as unknown as RunningBake) : null;
}
