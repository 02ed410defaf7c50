import type { DoseRules } from './dose.ts';
import { type DoseCurve, doseAt, doseCurve, LONGEST, reaches } from './doseCurve.ts';
import type { OvenHeat } from './oven.ts';
import type { PartWarming } from './partWarming.ts';
import { coldestAt, coolsIn, type Warming } from './warming.ts';

/** A bake of a like part in this oven, and how it came out. */
export interface LikeBake {
  readonly entry: string;
  /** Heat by the thermometer of then, or its dial, °C. */
  readonly temperatureC: number;
  readonly minutes: number;
  readonly outcome: 'good' | 'under-baked' | 'scorched';
}

/** What a part can bear to be judged by: final bake and its limit of browning, moved by bakes of like parts. */
export interface Levels {
  /** Share of the cure that is enough. */
  readonly cured: number;
  /** Share of the limit of browning that is too much. */
  readonly browned: number;
  /** The bakes that moved them. */
  readonly cureBy: string | null;
  readonly brownBy: string | null;
}

/** The minutes from door shut to door open that do a part good. */
export interface PartWindow {
  readonly part: string;
  /** Every place is cured from here on, also where the oven is at its coldest; null: never. */
  readonly fromMin: number | null;
  /** No place is harmed up to here, also where it is at its hottest. */
  readonly toMin: number;
  /** The same if the oven is as hot as it is taken to be. */
  readonly likely: { readonly fromMin: number | null; readonly toMin: number };
  /** Its coldest clay is within its curing heat after this, if the oven is as hot as it is taken to be; null: never. */
  readonly warmMin: number | null;
  /** From door open until it can be handled. */
  readonly coolMin: number;
  /** Regions that have their clay by then; null for all. */
  readonly regions: readonly string[] | null;
  readonly curves: { readonly cold: DoseCurve; readonly mean: DoseCurve; readonly hot: DoseCurve };
  readonly levels: Levels;
  /** Regions that are cured last and brown first; empty for a form of one. */
  readonly slowest: string;
  readonly quickest: string;
}

/** Whether a part has had all the cure it needs before. */
export function isCuredBefore({ fromMin }: PartWindow): boolean {
  return fromMin === 0;
}

/** Whether there are minutes that cure it and do not harm it, wherever the oven stands. */
export function isOpen({ fromMin, toMin }: Pick<PartWindow, 'fromMin' | 'toMin'>): boolean {
  return fromMin !== null && fromMin <= toMin;
}

/** Share of the cure it needs that its least cured place has after some minutes, where the oven is at its coldest. */
export function curedAfter(window: PartWindow, minutes: number): number {
  if (isCuredBefore(window)) return 1;
  return doseAt(window.curves.cold.leastCured, minutes) / Math.max(1e-9, window.levels.cured);
}

/** Share of the browning it bears that its most browned place has after some minutes, where the oven is at its hottest. */
export function brownedAfter({ curves, levels }: PartWindow, minutes: number): number {
  return doseAt(curves.hot.mostBrowned, minutes) / Math.max(1e-9, levels.browned);
}

/** After a bake that did not cure so much more is wanted, after one that browned so much less is borne. */
const MORE = 1.15;
const LESS = 0.9;

/**
 * How much cure and browning a part is held to. In the same oven a like bake that browned tells a limit, one that came out good that
 * its cure was enough and its browning none too much, one that stayed soft that it was not.
 */
export function levelsOf(
  { warming }: PartWarming,
  oven: OvenHeat,
  roomC: number,
  rules: DoseRules,
  like: readonly LikeBake[],
  spent: number,
): Levels {
  let levels: Levels = { cured: 1, browned: 1, cureBy: null, brownBy: null };
  const had = ({ temperatureC, minutes }: LikeBake) => {
    const shift = temperatureC - oven.meanC;
    const cold = doseCurve(warming, oven.coldC + shift, roomC, rules);
    const hot = doseCurve(warming, oven.hotC + shift, roomC, rules);
    return { cured: doseAt(cold.leastCured, minutes), browned: doseAt(hot.mostBrowned, minutes) };
  };
  for (const one of like.filter(({ outcome }) => outcome === 'good')) {
    const { cured, browned } = had(one);
    if (cured < levels.cured) levels = { ...levels, cured, cureBy: one.entry };
    if (browned > levels.browned) levels = { ...levels, browned, brownBy: one.entry };
  }
  // What went wrong goes before what went well.
  for (const one of like) {
    const { cured, browned } = had(one);
    if (one.outcome === 'under-baked' && cured * MORE > levels.cured)
      levels = { ...levels, cured: cured * MORE, cureBy: one.entry };
    if (one.outcome === 'scorched' && browned * LESS < levels.browned)
      levels = { ...levels, browned: browned * LESS, brownBy: one.entry };
  }
  return { ...levels, browned: Math.max(0, levels.browned - spent) };
}

/** What the window of a part goes by. */
export interface WindowAsk {
  readonly part: string;
  readonly regions: readonly string[] | null;
  readonly oven: OvenHeat;
  /** Cool enough to be handled, °C, and how slowly the oven cools, min; 0 for what is taken out at once. */
  readonly handleC: number;
  readonly ovenLagMin: number;
  readonly roomC: number;
  readonly rules: DoseRules;
  readonly like: readonly LikeBake[];
  /** Share of its limit of browning that earlier bakes have used up. */
  readonly spent: number;
  /** Share of its cure that earlier bakes have given to all the clay that is on it now. */
  readonly had: number;
  /** Minutes that only firm it; null where it is to be cured through. */
  readonly firmMin: number | null;
}

/** The first whole minute at which the coldest clay has a share of the oven’s heat; null: never. */
function warmAfter(warming: Warming, share: number): number | null {
  for (let minute = 0; minute <= LONGEST; minute += 1) if (coldestAt(warming, minute) >= share) return minute;
  return null;
}

/** The window of minutes of a part in one bake. */
export function partWindow(way: PartWarming, ask: WindowAsk): PartWindow {
  const { oven, roomC, rules, firmMin } = ask;
  const at = (airC: number) => doseCurve(way.warming, airC, roomC, rules);
  const curves = { cold: at(oven.coldC), mean: at(oven.meanC), hot: at(oven.hotC) };
  const levels = levelsOf(way, oven, roomC, rules, ask.like, ask.spent);
  const from = (curve: DoseCurve) => {
    if (ask.had >= levels.cured) return 0;
    const cured = reaches(curve.leastCured, levels.cured);
    return firmMin === null ? cured : Math.min(firmMin, cured ?? firmMin);
  };
  const to = (curve: DoseCurve) => reaches(curve.mostBrowned, levels.browned) ?? LONGEST;
  return {
    part: ask.part,
    fromMin: from(curves.cold),
    toMin: to(curves.hot),
    likely: { fromMin: from(curves.mean), toMin: to(curves.mean) },
    warmMin: warmAfter(way.warming, (rules.setC - rules.fullWithinC - roomC) / (oven.meanC - roomC)),
    coolMin: coolsIn(way.warming, oven.meanC - roomC, ask.handleC - roomC, ask.ovenLagMin),
    regions: ask.regions,
    curves,
    levels,
    slowest: way.coldest,
    quickest: way.warmest,
  };
}
