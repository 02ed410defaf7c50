import { practice, type Row } from '../../sources/index.ts';

/** Rules of size and of what counts as a visible error. */
export const SIZE_RULES: readonly Row[] = [
  practice('size.tolerance-percent', 'Visible error, as a share of the length', 2, '%'),
  practice('size.tolerance-least', 'Visible error, at the least', 0.25, 'mm'),
  practice('picture.click', 'A spot set by hand on a picture is off by, px', 1.5, ''),
  practice('scale.stature', 'Person a figure height is named after', 1750, 'mm in life'),
  practice('scale.heroic-head', 'Heroic: head larger by', 1.2, '', { low: 1.15, high: 1.25 }),
  practice('scale.heroic-hands', 'Heroic: hands larger by', 1.3, '', { low: 1.25, high: 1.4 }),
];
