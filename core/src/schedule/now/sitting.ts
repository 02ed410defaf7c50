/** A step that is being worked on; plain data, to be kept while the tab is closed. */
export interface Sitting {
  readonly pieceId: string;
  readonly step: string;
  /** ISO. */
  readonly startedAt: string;
}

const TEXT = 200;
/** Longer than this nobody sits at one step: the clock was left running, min. */
const LONGEST_MIN = 720;

/** A sitting from what was kept; null for what is none. */
export function readSitting(raw: unknown): Sitting | null {
  if (typeof raw !== 'object' || raw === null) return null;
  const { pieceId, step, startedAt } = raw as Partial<Record<keyof Sitting, unknown>>;
  const isText = (value: unknown): value is string =>
    typeof value === 'string' && value.length > 0 && value.length <= TEXT;
  return isText(pieceId) && isText(step) && isText(startedAt) && Number.isFinite(Date.parse(startedAt))
    ? { pieceId, step, startedAt }
    : null;
}

/**
 * Minutes a sitting has gone on; null where the clock cannot be believed: it was put back, or left running overnight.
 *
 * @param now ms since 1970
 */
export function sittingMin({ startedAt }: Sitting, now: number): number | null {
  const minutes = (now - Date.parse(startedAt)) / 60_000;
  return minutes < 0 || minutes > LONGEST_MIN ? null : minutes;
}
