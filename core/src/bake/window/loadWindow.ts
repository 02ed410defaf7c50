import { LONGEST } from './doseCurve.ts';
import { brownedAfter, curedAfter, type PartWindow } from './partWindow.ts';

/** The minutes of one load: what everything in it shares. */
export interface LoadWindow {
  /** Everything is cured from here on; null: something never is. */
  readonly fromMin: number | null;
  /** Nothing is harmed up to here. */
  readonly toMin: number;
  /** Whole minutes from door shut to door open that are advised: within the window, or those of the least harm. */
  readonly adviseMin: number;
  /** Whether there is a minute at which everything is cured and nothing harmed, also at the ends of what is known of the oven. */
  readonly isOpen: boolean;
  /** The same if the oven is as hot as it is taken to be. */
  readonly isLikelyOpen: boolean;
  /** The part that is cured last, and the one that browns first. */
  readonly slowest: PartWindow;
  readonly quickest: PartWindow;
}

/** How far a part is from good at a minute: its cure that is missing where it is coldest, its browning too much where hottest. */
export function harmAt(window: PartWindow, minute: number): number {
  return Math.max(0, 1 - curedAfter(window, minute), brownedAfter(window, minute) - 1);
}

function leastHarm(windows: readonly PartWindow[]): number {
  let [best, least] = [1, Number.POSITIVE_INFINITY];
  for (let minute = 1; minute <= LONGEST; minute += 1) {
    const harm = Math.max(...windows.map((one) => harmAt(one, minute)));
    if (harm < least - 1e-9) [best, least] = [minute, harm];
  }
  return best;
}

const NEVER = Number.POSITIVE_INFINITY;

/**
 * The window that some parts in one load share, and the minutes that are advised: a margin into it, and never past its middle.
 *
 * @param marginShare added to the time that just cures: a share of it
 * @returns null for no parts
 */
export function loadWindow(windows: readonly PartWindow[], marginShare: number): LoadWindow | null {
  const [first] = windows;
  if (!first) return null;
  const from = ({ fromMin }: PartWindow) => fromMin ?? NEVER;
  const slowest = windows.reduce((a, b) => (from(b) > from(a) ? b : a), first);
  const quickest = windows.reduce((a, b) => (b.toMin < a.toMin ? b : a), first);
  const [fromMin, toMin] = [from(slowest), quickest.toMin];
  const likelyFrom = Math.max(...windows.map(({ likely }) => likely.fromMin ?? NEVER));
  const likelyTo = Math.min(...windows.map(({ likely }) => likely.toMin));
  const isOpen = fromMin <= toMin;
  const wanted = Math.min(fromMin * (1 + marginShare), (fromMin + toMin) / 2);
  // Whole minutes within it, or the nearest to a window that has none.
  const [low, high] = [Math.ceil(fromMin - 1e-9), Math.floor(toMin + 1e-9)];
  const whole = low <= high ? Math.min(high, Math.max(low, Math.round(wanted))) : Math.round(wanted);
  return {
    fromMin: fromMin === NEVER ? null : fromMin,
    toMin,
    adviseMin: isOpen ? Math.max(1, whole) : leastHarm(windows),
    isOpen,
    isLikelyOpen: likelyFrom <= likelyTo,
    slowest,
    quickest,
  };
}
