import { type Row, remembered } from '../../sources/index.ts';

/** How clay moves in the oven. */
export const DEFORM_RULES: readonly Row[] = [
  remembered(
    'deform.bears',
    'Raw clay with a wire or a core in it reaches out by so many thicknesses',
    4,
    '',
  ),
  remembered('deform.bare', 'Raw clay by itself reaches out by so many thicknesses', 1, ''),
  remembered('deform.bulge', 'Solid clay bulges, of its thickness', 1.5, '%'),
  remembered('deform.shrink', 'Baked clay shrinks, of its length', 0.5, '%', { low: 0, high: 1 }),
  remembered('deform.shrink-dry', 'Air-dry clay shrinks, of its length', 6.5, '%', { low: 5, high: 8 }),
  remembered('deform.pad', 'Heavier than this it dents where it lies', 25, 'g'),
];
