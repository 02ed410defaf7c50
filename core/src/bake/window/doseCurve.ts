import { brownRate, cureRate, type DoseRules } from './dose.ts';
import { coldestAt, type Warming, warmestAt } from './warming.ts';

/** What a bake does at one heat of the oven, by minutes from door shut: curves that only rise. */
export interface DoseCurve {
  /** Air of the oven once it is back at its heat, °C. */
  readonly airC: number;
  /** Share of its cure that the least cured place has, at 0, 1, 2 … minutes. */
  readonly leastCured: Float64Array;
  /** Share of its limit that the most browned place has. */
  readonly mostBrowned: Float64Array;
}

/** Longest bake that is looked at, min. */
export const LONGEST = 240;

/**
 * Cure and browning of what warms in an oven of a heat. They follow the clay that is coldest and the one that is warmest at each
 * minute: no place has less of its cure, none more of its browning.
 *
 * @param airC of the oven once it is back at its heat, °C
 * @param roomC of the room and of the piece before, °C
 */
export function doseCurve(warming: Warming, airC: number, roomC: number, rules: DoseRules): DoseCurve {
  const overC = airC - roomC;
  const [leastCured, mostBrowned] = [new Float64Array(LONGEST + 1), new Float64Array(LONGEST + 1)];
  let [cured, browned] = [0, 0];
  let [cures, browns] = [cureRate(rules, roomC), brownRate(rules, roomC)];
  for (let minute = 1; minute <= LONGEST; minute += 1) {
    const cure = cureRate(rules, roomC + overC * coldestAt(warming, minute));
    const brown = brownRate(rules, roomC + overC * warmestAt(warming, minute));
    cured += (cures + cure) / 2;
    browned += (browns + brown) / 2;
    [cures, browns] = [cure, brown];
    leastCured[minute] = cured;
    mostBrowned[minute] = browned;
  }
  return { airC, leastCured, mostBrowned };
}

/**
 * The minute at which a curve that only rises comes to a level, straight between its minutes.
 *
 * @returns null when it does not by its end
 */
export function reaches(curve: Float64Array, level: number): number | null {
  const at = curve.findIndex((share) => share >= level);
  if (at < 0) return null;
  if (at === 0) return 0;
  const [a, b] = [curve[at - 1] ?? 0, curve[at] ?? 0];
  return at - 1 + (level - a) / (b - a);
}

/** What a curve has at a minute; behind its end what it ended with. */
export function doseAt(curve: Float64Array, minute: number): number {
  const last = curve.length - 1;
  const low = Math.min(Math.max(0, Math.floor(minute)), last);
  const [a, b] = [curve[low] ?? 0, curve[Math.min(low + 1, last)] ?? 0];
  return a + (b - a) * Math.min(1, Math.max(0, minute - low));
}
