import { practice, type Row } from '../../sources/index.ts';

/** The smallest that a hand makes, by what it is and what it is made with. */
export const SMALLEST_ROWS: readonly Row[] = [
  practice('hand.line', 'Smallest line scratched in clay with a needle', 0.2, 'mm'),
  practice('hand.line-painted', 'Smallest line painted', 0.15, 'mm'),
  practice('hand.line-printed', 'Smallest line printed', 0.08, 'mm'),
  practice('hand.dot', 'Smallest dot pressed on or in', 0.5, 'mm'),
  practice('hand.dot-painted', 'Smallest dot painted', 0.3, 'mm'),
  practice('hand.strand', 'Smallest strand rolled of clay', 0.5, 'mm'),
  practice('hand.strand-thread', 'Smallest strand of thread or fibre', 0.05, 'mm'),
  practice('hand.strand-wire', 'Smallest strand of wire', 0.2, 'mm'),
  practice('hand.hole', 'Smallest hole pricked in raw clay', 0.5, 'mm'),
  practice('hand.hole-drilled', 'Smallest hole drilled in cured clay', 0.4, 'mm'),
  practice('hand.hole-painted', 'Smallest hole painted as a dark dot', 0.3, 'mm'),
  practice('hand.stamp', 'Smallest stamp cut by hand', 1.5, 'mm'),
  practice('hand.stamp-bought', 'Smallest stamp that is bought or printed', 0.6, 'mm'),
  practice('hand.relief', 'Lowest relief that still reads', 0.3, 'mm'),
  practice('hand.relief-painted', 'Lowest relief, painted as light and shade', 0.01, 'mm'),
  practice('hand.letter', 'Smallest letter scratched in clay, high', 2, 'mm'),
  practice('hand.letter-painted', 'Smallest letter painted, high', 1, 'mm'),
  practice('hand.letter-printed', 'Smallest letter printed, high', 0.5, 'mm'),
  practice('hand.gap', 'Narrowest gap kept open between two things', 0.5, 'mm'),
  practice('hand.gap-painted', 'Narrowest gap painted as a dark line', 0.15, 'mm'),
];
