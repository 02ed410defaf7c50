import { practice, published, type Row } from '../../sources/index.ts';

/** A ratio that has a name of its own. */
export interface NamedScale {
  readonly ratio: number;
  readonly says: string;
  readonly row: Row;
}

const NMRA = 'NMRA standard S-1.2';

function named(ratio: number, says: string, source?: string): NamedScale {
  const id = `scale.ratio.${ratio}`;
  const row = source
    ? published(id, says, ratio, ':1', source)
    : { ...practice(id, says, ratio, ':1'), own: false };
  return { ratio, says, row };
}

/** Ratio scales the trade uses. 1:87.1 is 304.8 mm ÷ 3.5 mm. */
export const NAMED_SCALES: readonly NamedScale[] = [
  named(6, 'fashion dolls'),
  named(10, 'puppet film sets'),
  named(12, 'dollhouse, 1 inch to the foot'),
  named(16, 'large toy figures'),
  named(18, 'large display vehicles'),
  named(24, 'half-scale dollhouse, half an inch to the foot'),
  named(32, 'display figures, 54 mm'),
  named(35, 'military displays'),
  named(43, 'display vehicles'),
  named(48, 'quarter-scale dollhouse; O', NMRA),
  named(64, 'S', NMRA),
  named(72, 'small display figures, 25 mm'),
  named(76.2, 'OO, 4 mm to the foot', NMRA),
  named(87.1, 'HO, 3.5 mm to the foot', NMRA),
  named(120, 'TT, a tenth of an inch to the foot', NMRA),
  named(144, 'a dollhouse’s dollhouse'),
  named(160, 'N', NMRA),
  named(220, 'Z', NMRA),
];

/** Figure heights in use, millimetres; these are not ratios. */
export const FIGURE_HEIGHTS_MM: readonly number[] = [15, 20, 25, 28, 30, 32, 35, 40, 54, 75, 90];
