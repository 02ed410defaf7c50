import type { HeatBody } from './body.ts';

import { type OvenRun, ovenAt } from './oven.ts';
import { heatStepper } from './stepper.ts';

/** What counts as cured and as scorched. */
export interface CureRules {
  /** Temperature the clay is set at, °C: the low end of the window of all that is in it. */
  readonly setC: number;
  /** The top of the window, °C. */
  readonly topC: number;
  /** Clay this near to its set temperature cures, °C. */
  readonly withinC: number;
  /** Minutes there that cure it. */
  readonly minutes: number;
  /** Clay scorches above this, °C. */
  readonly scorchC: number;
  /** Cool enough to be handled, °C. */
  readonly handleC: number;
}

/** Temperatures at one time, °C. */
export interface HeatPoint {
  readonly minute: number;
  readonly ovenC: number;
  readonly coldestC: number;
  readonly hottestC: number;
  readonly meanC: number;
  /** Share of the clay that is cured by then. */
  readonly cured: number;
}

/** A bake worked through. */
export interface HeatRun {
  readonly points: readonly HeatPoint[];
  /** When it is taken out, or the door set ajar: what was asked, or cured and the margin; null if it never cures. */
  readonly holdMin: number | null;
  /** When the last clay is cured, min after it went in; null if it is not by the end. */
  readonly curedMin: number | null;
  /** When the first clay is over scorching; null if none is. */
  readonly scorchMin: number | null;
  /** When it may be handled; null if not by the end. */
  readonly handleMin: number | null;
  /** Hottest any clay gets, and how long some of it is over the top of its window. */
  readonly peakC: number;
  readonly overTopMin: number;
  /** Minutes that each listed cell is within its curing heat, and the hottest it gets. */
  readonly minutesIn: Float32Array;
  readonly peak: Float32Array;
  /** Temperatures of every listed cell at some of the points, °C. */
  readonly frames: readonly { readonly minute: number; readonly cells: Float32Array }[];
  /** Steps of time. */
  readonly steps: number;
}

/** How finely time is cut, s, and how often a frame of all cells is kept, min. */
export interface SimulateOptions {
  readonly stepS?: number;
  readonly frameEveryMin?: number;
  /** Longest that is looked at, min. */
  readonly untilMin: number;
  /** Added to the time that cures, where the hold is not given: a share of it. */
  readonly marginShare?: number;
  /** Told the minute that is reached; true ends the work. */
  readonly onProgress?: (minute: number) => boolean;
}

const STEP_S = 20;
const FRAME_EVERY = 3;
const MARGIN = 0.1;

/** Whether two neighbouring temperatures straddle a limit, and the share of the step under it. */
function shareOver(before: number, after: number, limit: number): number {
  if (before >= limit && after >= limit) return 1;
  if (before < limit && after < limit) return 0;
  const at = (limit - before) / (after - before);
  return before < limit ? 1 - at : at;
}

/**
 * Heat through a body over a bake: how warm its coldest and its hottest clay are, and what has been cured.
 *
 * @returns null when the work was ended
 */
export function simulateBake(
  body: HeatBody,
  oven: OvenRun,
  rules: CureRules,
  options: SimulateOptions,
): HeatRun | null {
  const {
    stepS = STEP_S,
    frameEveryMin = FRAME_EVERY,
    untilMin,
    marginShare = MARGIN,
    onProgress = () => false,
  } = options;
  let holdMin = oven.holdMin;
  const airAt = (minute: number) => ovenAt({ ...oven, holdMin }, minute);
  const stepper = heatStepper(body);
  const n = body.cells.length;
  const old = new Float64Array(n);
  const minutesIn = new Float32Array(n);
  const peak = new Float32Array(n).fill(oven.roomC);
  const clayCells = body.isClay.reduce((sum, one) => sum + one, 0);
  const need = rules.setC - rules.withinC - oven.roomC;
  const [top, scorch] = [rules.topC - oven.roomC, rules.scorchC - oven.roomC];
  const total = Math.max(1, Math.ceil((untilMin * 60) / stepS));
  const frames: { minute: number; cells: Float32Array }[] = [];
  const points: HeatPoint[] = [
    { minute: 0, ovenC: airAt(0), coldestC: oven.roomC, hottestC: oven.roomC, meanC: oven.roomC, cured: 0 },
  ];
  let curedMin: number | null = null;
  let scorchMin: number | null = null;
  let handleMin: number | null = null;
  let [peakC, overTopMin, nextFrame, steps] = [oven.roomC, 0, 0, 0];
  for (let k = 0; k < total; k += 1) {
    if (handleMin !== null) break;
    if (onProgress((k * stepS) / 60)) return null;
    old.set(stepper.state.cells);
    const start = k * stepS;
    stepper.step(stepS, (s) => airAt((start + s) / 60) - oven.roomC);
    steps += 1;
    const T = stepper.state.cells;
    const minute = (start + stepS) / 60;
    let [coldest, hottest, sum, cured, before] = [Infinity, -Infinity, 0, 0, -Infinity];
    for (let i = 0; i < n; i += 1) {
      if (body.isClay[i] === 0) continue;
      const here = T[i] as number;
      if (here < coldest) coldest = here;
      if (here > hottest) hottest = here;
      if ((old[i] as number) > before) before = old[i] as number;
      sum += here;
      const within = ((minutesIn[i] as number) +
        (shareOver(old[i] as number, here, need) * stepS) / 60) as number;
      minutesIn[i] = within;
      if (within >= rules.minutes) cured += 1;
      if (here + oven.roomC > (peak[i] as number)) peak[i] = here + oven.roomC;
    }
    overTopMin += (shareOver(before, hottest, top) * stepS) / 60;
    peakC = Math.max(peakC, hottest + oven.roomC);
    if (curedMin === null && cured === clayCells) {
      curedMin = minute;
      holdMin ??= Math.ceil(minute * (1 + marginShare));
    }
    if (scorchMin === null && hottest >= scorch) scorchMin = minute;
    if (holdMin !== null && minute > holdMin && hottest + oven.roomC <= rules.handleC) handleMin = minute;
    points.push({
      minute,
      ovenC: airAt(minute),
      coldestC: coldest + oven.roomC,
      hottestC: hottest + oven.roomC,
      meanC: sum / Math.max(1, clayCells) + oven.roomC,
      cured: cured / Math.max(1, clayCells),
    });
    if (minute >= nextFrame) {
      frames.push({ minute, cells: Float32Array.from(T, (value) => value + oven.roomC) });
      nextFrame += frameEveryMin;
    }
  }
  return {
    points,
    holdMin,
    curedMin,
    scorchMin,
    handleMin,
    peakC,
    overTopMin,
    minutesIn,
    peak,
    frames,
    steps,
  };
}

/**
 * Share of the clay that is cured when a bake is ended at a minute, its own heat after that not counted.
 */
export function curedAt({ points }: Pick<HeatRun, 'points'>, minute: number): number {
  const after = points.findIndex((point) => point.minute >= minute);
  if (after < 0) return points.at(-1)?.cured ?? 0;
  const [a, b] = [points[after - 1], points[after]];
  if (!a || !b || b.minute === a.minute) return b?.cured ?? 0;
  return a.cured + ((b.cured - a.cured) * (minute - a.minute)) / (b.minute - a.minute);
}
