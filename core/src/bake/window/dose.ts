import { type OwnValues, sourced } from '../../reckoning/index.ts';

/** How clay cures and browns at a temperature. */
export interface DoseRules {
  /** Temperature the clay is set at: the low end of its window, °C. */
  readonly setC: number;
  /** The top of its window, °C. */
  readonly topC: number;
  /** Within this of its set temperature a minute counts in full, °C. */
  readonly fullWithinC: number;
  /** This far under it a minute counts for nothing, °C. */
  readonly noneUnderC: number;
  /** Minutes that count in full and cure it. */
  readonly cureMin: number;
  /** Browning doubles with every so many degrees, °C. */
  readonly doublesC: number;
  /** Minutes at the top of its window that brown it. */
  readonly brownMin: number;
}

/** The rates that doses go by, the maker’s own in place of the handbook’s. */
export function doseRates(own: OwnValues): Omit<DoseRules, 'setC' | 'topC' | 'brownMin'> {
  const of = (row: string) => sourced(row, own).value;
  return {
    fullWithinC: of('heat.cure-within'),
    noneUnderC: of('heat.cure-none'),
    cureMin: of('heat.cure-minutes'),
    doublesC: of('heat.brown-doubles'),
  };
}

/**
 * What of its cure a place gets in a minute: its full share near the set temperature, linearly less down to nothing.
 *
 * @param celsius of the place
 * @returns share of the whole cure, 1/min
 * @example cureRate(rules, rules.setC) // 0.1 where ten minutes cure
 */
export function cureRate({ setC, fullWithinC, noneUnderC, cureMin }: DoseRules, celsius: number): number {
  const [none, full] = [setC - noneUnderC, setC - fullWithinC];
  if (celsius <= none) return 0;
  return (celsius >= full ? 1 : (celsius - none) / (full - none)) / cureMin;
}

/**
 * What of its browning a place gets in a minute: one for one at the top of the window, doubling with every few degrees.
 *
 * @param celsius of the place
 * @returns share of the limit, 1/min
 * @example brownRate(rules, rules.topC) // 1 ÷ 120 where 120 minutes at the top brown it
 */
export function brownRate({ topC, doublesC, brownMin }: DoseRules, celsius: number): number {
  return 2 ** ((celsius - topC) / doublesC) / brownMin;
}
