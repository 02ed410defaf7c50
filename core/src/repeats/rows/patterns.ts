import { practice, type Row, remembered } from '../../sources/index.ts';

/** Clays laid into one another. */
export const PATTERN_RULES: readonly Row[] = [
  practice('pattern.ends', 'Of a cane or a rope, what is lost at its distorted ends', 15, '%', {
    low: 8,
    high: 25,
  }),
  remembered('pattern.stripe', 'Streaks narrower than this read as one colour', 0.15, 'mm', {
    low: 0.1,
    high: 0.3,
  }),
  practice(
    'pattern.reduce',
    'A cane reduced to less than this share of its width at one go smears',
    25,
    '%',
    {
      low: 15,
      high: 35,
    },
  ),
];
