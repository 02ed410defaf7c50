import { type OwnValues, sourced } from '../../reckoning/index.ts';
import { straightAt } from './straight.ts';

/** How an oven is run for one bake; temperatures in °C, times in minutes. */
export interface OvenRun {
  /** What the dial is set to. */
  readonly dialC: number;
  /** How much hotter it truly is. */
  readonly errorC: number;
  /** Swing of the thermostat, either way. */
  readonly swingC: number;
  /** Temperature of the room, and of the piece when it goes in. */
  readonly roomC: number;
  /** Whether it is hot when the piece goes in. */
  readonly preheated: boolean;
  /** Minutes from putting it in to the end of the hold; null holds it until it is cured, and the margin. */
  readonly holdMin: number | null;
  readonly rates: OvenRates;
  /** How it cools afterwards. */
  readonly cooling: 'ajar' | 'out';
  /** What a thermometer in it has shown since the piece went in; goes before all of the above for as long as it lasts. */
  readonly trace?: ProbeTrace;
}

/** Readings of a thermometer, in the order of time. */
export interface ProbeTrace {
  /** Since the piece went in. */
  readonly minutes: readonly number[];
  readonly airC: readonly number[];
}

/** How quickly an oven warms, swings and cools. */
export interface OvenRates {
  /** A cold oven comes within a third of its heat in this time, min. */
  readonly warmUpMin: number;
  /** Opening the door for the piece costs so many degrees, and they are back but for a third after this time, min. */
  readonly doorDropC: number;
  readonly doorBackMin: number;
  /** From one click of the thermostat to the next, min. */
  readonly swingEveryMin: number;
  /** With its door ajar it loses two thirds of its heat in this time, min. */
  readonly ajarMin: number;
}

/** The rates of the maker’s oven: the handbook’s, or the maker’s own in their place. */
export function ovenRates(own: OwnValues): OvenRates {
  const of = (row: string) => sourced(row, own).value;
  return {
    warmUpMin: of('oven.warm-up'),
    doorDropC: of('oven.door-drop'),
    doorBackMin: of('oven.door-back'),
    swingEveryMin: of('oven.swing-every'),
    ajarMin: of('oven.ajar'),
  };
}

/** An oven that has only just been opened is still coming back: readings of its last minutes tell where it holds, min. */
const STEADY = 12;

/**
 * What a trace shows at a time, straight between its readings; before the first it is the first.
 *
 * @returns null behind its last reading
 */
export function traceAt({ minutes, airC }: ProbeTrace, minute: number): number | null {
  const last = minutes.at(-1);
  return last === undefined || minute > last ? null : straightAt(minutes, airC, minute);
}

/**
 * Where an oven holds by what its thermometer has shown: the mean of its last minutes, by time.
 *
 * @returns null while there are fewer than two readings
 */
export function heldC({ minutes, airC }: ProbeTrace): number | null {
  const last = minutes.at(-1);
  if (last === undefined || minutes.length < 2) return null;
  let [sum, time] = [0, 0];
  for (let i = minutes.length - 1; i > 0; i -= 1) {
    const [a, b] = [minutes[i - 1] ?? 0, minutes[i] ?? 0];
    if (last - a > STEADY && time > 0) break;
    sum += ((b - a) * ((airC[i - 1] ?? 0) + (airC[i] ?? 0))) / 2;
    time += b - a;
  }
  return time > 0 ? sum / time : null;
}

/**
 * Air of the oven at a time after the piece has gone in.
 *
 * @param minutes 0 when it goes in
 * @returns °C
 */
export function ovenAt(run: OvenRun, minutes: number): number {
  const { dialC, errorC, swingC, roomC, preheated, cooling, rates } = run;
  const holdMin = run.holdMin ?? Number.POSITIVE_INFINITY;
  const { trace } = run;
  const held = trace ? heldC(trace) : null;
  const mean = held ?? dialC + errorC;
  const during = (t: number) => {
    const shown = trace ? traceAt(trace, t) : null;
    if (shown !== null) return shown;
    // Behind the last reading it goes on as it held, without a swing nobody has seen.
    if (held !== null) return held;
    const lag = preheated
      ? Math.min(rates.doorDropC, mean - roomC) * Math.exp(-t / rates.doorBackMin)
      : (mean - roomC) * Math.exp(-t / rates.warmUpMin);
    const swings =
      swingC * Math.sin((2 * Math.PI * t) / rates.swingEveryMin) * (1 - Math.exp(-t / rates.warmUpMin));
    return mean - lag + swings;
  };
  if (minutes <= holdMin) return during(minutes);
  if (cooling === 'out') return roomC;
  const last = during(holdMin);
  return roomC + (last - roomC) * Math.exp(-(minutes - holdMin) / rates.ajarMin);
}
