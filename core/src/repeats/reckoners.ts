import { partReckoner } from '../context/index.ts';
import { MOULD, REPEATS } from './figures.ts';
import { reckonMould } from './mould/reckonMould.ts';
import { reckonSet } from './reckonSet.ts';

/** How many of a set, how long, and by which way. */
export const setOfPart = partReckoner(
  'repeats.set',
  [REPEATS.length, REPEATS.area, REPEATS.needed, REPEATS.make, REPEATS.minutes, REPEATS.place, REPEATS.left],
  (given, context) => reckonSet(context, given.contexts),
  ({ facts }) => facts,
);

/** What the mould of a part takes, and how large its master is made. */
export const mouldOfPart = partReckoner(
  'repeats.mould',
  [MOULD.oversize, MOULD.stuff, MOULD.half, MOULD.castCost],
  (_, context) => reckonMould(context),
  ({ facts }) => facts,
);
