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
  /** How it cools afterwards. */
  readonly cooling: 'ajar' | 'out';
}

/** A cold oven comes within a third of its heat in this time, min. */
const WARM_UP = 6;
/** Opening the door for the piece costs so many degrees, and they are back in a third after this time. */
const DOOR_DROP = 20;
const DOOR_BACK = 2;
/** From one click of the thermostat to the next, min. */
const SWING_EVERY = 7;
/** An oven with its door ajar loses two thirds of its heat in this time, min. */
const AJAR = 18;

/**
 * Air of the oven at a time after the piece has gone in.
 *
 * @param minutes 0 when it goes in
 * @returns °C
 */
export function ovenAt(run: OvenRun, minutes: number): number {
  const { dialC, errorC, swingC, roomC, preheated, cooling } = run;
  const holdMin = run.holdMin ?? Number.POSITIVE_INFINITY;
  const mean = dialC + errorC;
  const during = (t: number) => {
    const lag = preheated
      ? Math.min(DOOR_DROP, mean - roomC) * Math.exp(-t / DOOR_BACK)
      : (mean - roomC) * Math.exp(-t / WARM_UP);
    const swings = swingC * Math.sin((2 * Math.PI * t) / SWING_EVERY) * (1 - Math.exp(-t / WARM_UP));
    return mean - lag + swings;
  };
  if (minutes <= holdMin) return during(minutes);
  if (cooling === 'out') return roomC;
  const last = during(holdMin);
  return roomC + (last - roomC) * Math.exp(-(minutes - holdMin) / AJAR);
}
