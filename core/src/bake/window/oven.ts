import { type OwnValues, sourced } from '../../reckoning/index.ts';
import type { AirRise } from './warming.ts';

/** What is known of the heat of an oven at a dial, °C. */
export interface OvenHeat {
  /** As the dial says, put right by what was measured. */
  readonly meanC: number;
  /** The coldest and the hottest that it may be by what is known of it. */
  readonly coldC: number;
  readonly hotC: number;
  /** Whether its dial has been held against a thermometer. */
  readonly isMeasured: boolean;
}

/** The heat of the maker’s oven at a dial: an unmeasured one may be far off either way, a measured one still strays a little. */
export function ovenHeat(dialC: number, own: OwnValues): OvenHeat {
  const isMeasured = own['oven.dial-error'] !== undefined;
  const meanC = dialC + (isMeasured ? sourced('oven.dial-error', own).value : 0);
  const off = sourced(isMeasured ? 'oven.spread' : 'oven.unknown', own).value;
  return { meanC, coldC: meanC - off, hotC: meanC + off, isMeasured };
}

/** A door costs no more than this share of the oven’s heat. */
const MOST_MISSING = 0.9;

/**
 * How the air comes to its heat once the door is shut. What the door costs is in proportion to how hot the oven is, and is stated
 * for a bake at the usual heat.
 */
export function airRise(preheated: boolean, own: OwnValues): AirRise {
  const of = (row: string) => sourced(row, own).value;
  if (!preheated) return { missing: 1, backMin: of('oven.warm-up') };
  const usualC = 130 - of('heat.room');
  return { missing: Math.min(MOST_MISSING, of('oven.door-drop') / usualC), backMin: of('oven.door-back') };
}
