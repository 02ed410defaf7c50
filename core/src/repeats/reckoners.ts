import { bulkOfPart } from '../bulk/index.ts';
import { partReckoner, pieceReckoner } from '../context/index.ts';
import { figure, termFrom } from '../reckoning/index.ts';
import { MOULD, PATTERN, REPEATS } from './figures.ts';
import { reckonMould } from './mould/reckonMould.ts';
import { reckonPattern } from './pattern/reckonPattern.ts';
import { reckonSet } from './reckonSet.ts';
import { learned } from './ways/ways.ts';

/** The maker’s pace of every way, by all tallies of the piece. */
const pacesOfPiece = pieceReckoner('repeats.paces', [], ({ context, contexts }) => ({
  figures: [],
  paces: learned(context.piece, contexts),
}));

/** How many of a set, how long, and by which way. */
export const setOfPart = partReckoner(
  'repeats.set',
  [REPEATS.length, REPEATS.area, REPEATS.needed, REPEATS.make, REPEATS.minutes, REPEATS.place, REPEATS.left],
  (given, context) =>
    context.part.repeat
      ? reckonSet(context, given.contexts.get(context.part.parent ?? ''), given.piece(pacesOfPiece).paces)
      : null,
  ({ facts }) => facts,
);

/** What all sets take together; none for a piece without. */
export const setsOfPiece = pieceReckoner('repeats.sets', [REPEATS.all], (given) => {
  const parts = [...given.parts(setOfPart).keys()];
  const minutes = parts.flatMap((part) =>
    ['repeats.minutes', 'repeats.place'].flatMap((key) => given.find(part, key) ?? []),
  );
  if (minutes.length === 0) return { figures: [] };
  const terms = minutes.map((one, i) => termFrom(`t${i + 1}`, one));
  const all = figure(REPEATS.all, {
    part: null,
    value: minutes.reduce((sum, { quantity }) => sum + quantity.value, 0),
    formula: `T = ${terms.map(({ symbol }) => symbol).join(' + ')}`,
    terms: terms.map((term, i) => {
      const name = given.contexts.get(minutes[i]?.part ?? '')?.part.name;
      return { ...term, name: name ? `${name}: ${term.name}` : term.name };
    }),
  });
  return { figures: [all] };
});

/** What the mould of a part takes, and how large its master is made. */
export const mouldOfPart = partReckoner(
  'repeats.mould',
  [MOULD.oversize, MOULD.stuff, MOULD.half, MOULD.rocks, MOULD.castCost],
  (_, context) => reckonMould(context),
  ({ facts }) => facts,
);

/** What a part of patterned clay is laid up from. */
export const patternOfPart = partReckoner(
  'repeats.pattern',
  [PATTERN.blank, PATTERN.reduced, PATTERN.pieces, PATTERN.left, PATTERN.lean, PATTERN.stripe, PATTERN.chips],
  (given, context) => reckonPattern(context, given.part(bulkOfPart, context.part.id)),
  ({ facts }) => facts,
);

/** The maker’s paces before the sets that lean on them. */
export const REPEATS_RECKONERS = [pacesOfPiece, setOfPart, setsOfPiece, mouldOfPart, patternOfPart] as const;
