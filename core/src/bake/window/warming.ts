import { type HeatBody, heatStepper, straightAt } from '../heat/index.ts';

/** How the air of an oven comes to its heat, as a share of that heat over the room. */
export interface AirRise {
  /** Share that is missing when the door is shut: of an oven that was hot what the door cost, of a cold one all. */
  readonly missing: number;
  /** Two thirds of it are back after this, min. */
  readonly backMin: number;
}

/** How a body warms in an oven of whatever heat, as shares of the air’s heat over the room; over minutes from door shut. */
export interface Warming {
  readonly minutes: Float64Array;
  /** The coldest clay at each of them. */
  readonly coldest: Float64Array;
  /** The warmest. */
  readonly warmest: Float64Array;
  /** Cell of the grid that is coldest when it is nearly through, and the one that is warmest early on. */
  readonly coldestCell: number;
  readonly warmestCell: number;
  /** Behind the last minute what is missing in the coldest clay falls to a third in this time, min. */
  readonly lagMin: number;
}

/** Air after so many minutes, as a share of the oven’s heat over the room. */
export function riseAt({ missing, backMin }: AirRise, minute: number): number {
  return 1 - missing * Math.exp(-minute / backMin);
}

/** Short steps while the surface warms, longer ones after, s. */
const [EARLY_S, LATE_S, EARLY_MIN] = [20, 60, 6];
/** From here on one slow fall is left, and the rest follows from it: a share of the oven’s heat, and how steady its pace is. */
const NEARLY = 0.85;
const SAME_PACE = 0.01;
/** What is no further than this behind the air all over goes with it: a share of the oven’s heat. */
const WITH_THE_AIR = 0.004;
/** Longest that is looked at, min: as long as the longest bake. */
const UNTIL = 240;

/** The coldest and the warmest clay of a body, with their places in its list. */
function ends({ isClay }: HeatBody, share: Float64Array) {
  let [low, high, at, top] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY, 0, 0];
  for (let i = 0; i < share.length; i += 1) {
    if (isClay[i] === 0) continue;
    const here = share[i] as number;
    if (here < low) [low, at] = [here, i];
    if (here > high) [high, top] = [here, i];
  }
  return { low, high, at, top };
}

/** Minutes in which what is missing falls to a third, between two times. */
function lagBetween(a: readonly [number, number], b: readonly [number, number]): number {
  const fall = Math.log((1 - a[1]) / Math.max(1e-12, 1 - b[1]));
  return fall > 0 ? (b[0] - a[0]) / fall : Number.POSITIVE_INFINITY;
}

/** What is so thin that it goes with the air is not worked through any longer, till the air itself is nearly there. */
function goWithTheAir(rise: AirRise, minutes: number[], ...shares: readonly number[][]): void {
  const from = minutes.at(-1) ?? 0;
  for (let minute = from + 1; minute <= from + 5 * rise.backMin; minute += 1) {
    minutes.push(minute);
    for (const list of shares) list.push(Math.max(list.at(-1) ?? 0, riseAt(rise, minute) - WITH_THE_AIR / 2));
  }
}

/**
 * Warms a body through in an oven a degree over the room. Heat is led in proportion to that, so that this one run tells of every dial
 * and of every error of a dial.
 *
 * @param rise how the air comes to its heat
 */
export function warmThrough(body: HeatBody, rise: AirRise): Warming {
  const stepper = heatStepper(body);
  const [minutes, coldest, warmest] = [[0], [0], [0]];
  let [minute, lagMin, before, coldestCell, warmestCell] = [0, 0, 0, 0, 0];
  while (minute < UNTIL) {
    const seconds = minute < EARLY_MIN ? EARLY_S : LATE_S;
    const start = minute;
    stepper.step(seconds, (s) => riseAt(rise, start + s / 60));
    minute += seconds / 60;
    const { low, high, at, top } = ends(body, stepper.state.cells);
    const last = [minutes.at(-1) ?? 0, coldest.at(-1) ?? 0] as const;
    minutes.push(minute);
    coldest.push(low);
    warmest.push(high);
    coldestCell = body.cells[at] ?? 0;
    if (minute <= EARLY_MIN) warmestCell = body.cells[top] ?? 0;
    lagMin = lagBetween(last, [minute, low]);
    const isEven = Math.abs(lagMin / before - 1) < SAME_PACE;
    before = lagMin;
    if (minute >= 1 && riseAt(rise, minute) - low < WITH_THE_AIR) {
      goWithTheAir(rise, minutes, coldest, warmest);
      lagMin = rise.backMin;
      break;
    }
    if (low >= NEARLY && isEven && minute > EARLY_MIN && minute > 4 * rise.backMin) break;
  }
  return {
    minutes: Float64Array.from(minutes),
    coldest: Float64Array.from(coldest),
    warmest: Float64Array.from(warmest),
    coldestCell,
    warmestCell,
    lagMin: Number.isFinite(lagMin) ? lagMin : UNTIL,
  };
}

/** A share at a minute, straight between those that were looked at; behind the last by the fall that is left. */
function shareAt(minutes: Float64Array, shares: Float64Array, lagMin: number, minute: number): number {
  const end = minutes.at(-1) ?? 0;
  if (minute < end) return straightAt(minutes, shares, minute);
  return 1 - (1 - (shares.at(-1) ?? 0)) * Math.exp(-(minute - end) / lagMin);
}

/** The coldest clay at a minute, as a share of the oven’s heat over the room. */
export function coldestAt({ minutes, coldest, lagMin }: Warming, minute: number): number {
  return shareAt(minutes, coldest, lagMin, minute);
}

/** The warmest clay at a minute. */
export function warmestAt({ minutes, warmest, lagMin }: Warming, minute: number): number {
  return shareAt(minutes, warmest, lagMin, minute);
}

/** Two lags nearer to one another than this are one. */
const SAME_LAG = 1.01;

/**
 * Minutes from door open until the warmest clay is down to a heat that it can be handled at: the air falls with a lag of its own, and
 * the clay behind it.
 *
 * @param overC how much hotter than the room it is as the door opens, °C
 * @param handleC what it may still be over the room, °C
 * @param airLagMin two thirds of the air’s heat are gone after this, min; 0 for a piece that is taken out at once
 */
export function coolsIn({ lagMin }: Warming, overC: number, handleC: number, airLagMin: number): number {
  const [clay, air] = [
    lagMin,
    Math.abs(airLagMin / lagMin - 1) < SAME_LAG - 1 ? lagMin * SAME_LAG : airLagMin,
  ];
  const left = (minute: number) =>
    air === 0
      ? Math.exp(-minute / clay)
      : (air * Math.exp(-minute / air) - clay * Math.exp(-minute / clay)) / (air - clay);
  let minute = 0;
  while (minute < UNTIL && overC * left(minute) > handleC) minute += 1;
  return minute;
}
