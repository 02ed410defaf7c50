import { practice, type Row } from '../../sources/index.ts';

export type BaseShape = 'round' | 'oval' | 'square';

/** A base that can be bought or cut. */
export interface BaseRow {
  readonly shape: BaseShape;
  readonly longMm: number;
  readonly shortMm: number;
  readonly row: Row;
}

function base(shape: BaseShape, longMm: number, shortMm = longMm): BaseRow {
  const size = longMm === shortMm ? `${longMm} mm` : `${longMm} × ${shortMm} mm`;
  return {
    shape,
    longMm,
    shortMm,
    row: practice(
      `base.${shape}-${longMm}`,
      `${shape === 'round' ? 'Round' : shape === 'oval' ? 'Oval' : 'Square'} base, ${size}`,
      longMm,
      'mm',
      { own: false },
    ),
  };
}

/** Bases as they are sold, and what a saw makes of a dowel, smallest first. */
export const BASES: readonly BaseRow[] = [
  ...[25, 25.4, 28.5, 32, 40, 50, 60, 80, 100, 130].map((mm) => base('round', mm)),
  base('oval', 60, 35),
  base('oval', 75, 42),
  base('oval', 90, 52),
  base('oval', 105, 70),
  base('oval', 120, 92),
  ...[20, 25, 40, 50].map((mm) => base('square', mm)),
];
