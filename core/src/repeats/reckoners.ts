import { partReckoner } from '../context/index.ts';
import { REPEATS } from './figures.ts';
import { reckonSet } from './reckonSet.ts';

/** How many of a set, how long, and by which way. */
export const setOfPart = partReckoner(
  'repeats.set',
  [REPEATS.length, REPEATS.area, REPEATS.needed, REPEATS.make, REPEATS.minutes, REPEATS.place, REPEATS.left],
  (given, context) => reckonSet(context, given.contexts),
  ({ facts }) => facts,
);
