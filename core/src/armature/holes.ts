import { type OwnValues, sourced } from '../reckoning/index.ts';

/** How a peg is to sit in its hole. */
export const HOLE_FITS = ['glued', 'free', 'press'] as const;
export type HoleFit = (typeof HOLE_FITS)[number];

/** Handbook row with the clearance of a fit; less than nothing for a press fit. */
export function holeRow(fit: HoleFit): 'fit.peg' | 'fit.free' | 'fit.press' {
  return fit === 'glued' ? 'fit.peg' : fit === 'free' ? 'fit.free' : 'fit.press';
}

/** A hole with the drill for it. */
export interface Hole {
  /** Peg and clearance, mm. */
  readonly wantedMm: number;
  readonly drillMm: number;
  /** Layers of tape round the peg that take up what the drill is too wide. */
  readonly tapeLayers: number;
  /** Whether no drill that is owned comes near: it is opened out, or one is bought. */
  readonly isMissing: boolean;
}

/** Drills go up to this, mm. */
const WIDEST = 13;
const SLACK = 1e-6;

/** Every tenth of a millimetre: what is asked of by a maker who has not said which drills there are. */
function everyTenth(): number[] {
  return Array.from({ length: WIDEST * 10 - 2 }, (_, i) => (i + 3) / 10);
}

/** Drills by the sixty-fourth of an inch, 1/32 to 1/4, mm. */
export function inchDrills(): number[] {
  return Array.from({ length: 15 }, (_, i) => Math.round(((i + 2) / 64) * 25.4 * 1000) / 1000);
}

/**
 * The drill for a peg: for a glued or free one the smallest that is wide enough, for a press fit the widest that is tight
 * enough (start small). What the drill is too wide is taken up by tape.
 *
 * @param pegMm width of the peg, mm
 * @param drills those that are owned, mm; none for every tenth of a millimetre
 * @example holeFor(0.6, 'free', [], {}).drillMm // 0.7
 */
export function holeFor(pegMm: number, fit: HoleFit, drills: readonly number[], own: OwnValues): Hole {
  const wantedMm = Math.max(0.1, pegMm + sourced(holeRow(fit), own).value);
  const owned = [...(drills.length > 0 ? drills : everyTenth())].sort((a, b) => a - b);
  const fitting =
    fit === 'press'
      ? owned.filter((mm) => mm <= wantedMm + SLACK).at(-1)
      : owned.find((mm) => mm >= wantedMm - SLACK);
  if (fitting === undefined) {
    const nearest = fit === 'press' ? owned[0] : owned.at(-1);
    return { wantedMm, drillMm: nearest ?? wantedMm, tapeLayers: 0, isMissing: true };
  }
  const tape = 2 * sourced('fit.tape', own).value;
  const spare = fit === 'press' ? 0 : fitting - wantedMm;
  return {
    wantedMm,
    drillMm: fitting,
    tapeLayers: tape > 0 ? Math.floor(spare / tape + SLACK) : 0,
    isMissing: false,
  };
}
