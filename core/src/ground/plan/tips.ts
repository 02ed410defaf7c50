import { counterweightGrams, type Mass, standingOf } from '../../armature/index.ts';
import type { PieceContext } from '../../context/index.ts';
import { hull, type Ring } from '../../form/index.ts';
import { figure, type Reckoning, shapedBy, sourced, termFrom, type WayOut } from '../../reckoning/index.ts';
import { GROUND } from '../figures.ts';
import { enlarged } from './boardRing.ts';

const shaped = shapedBy('what stands where on the plan');

/** How far the base with all on it can be tipped, and the ballast that mends it. */
export function reckonTips(
  { own, piece }: PieceContext,
  mass: Mass,
  ring: Ring,
  weight: Reckoning,
): Reckoning[] {
  const feet = hull(ring);
  const standing = standingOf(mass, feet, 0);
  if (!standing || mass.grams === 0) return [];
  const wanted = sourced('stand.angle', own);
  const tip = standing.leastDegrees;
  const isGood = tip >= wanted.value;
  const d = mass.at[1] * Math.tan((tip * Math.PI) / 180);
  const grams = isGood ? 0 : counterweightGrams(mass, feet, 0, wanted.value);
  const height = shaped('h', 'Height of the middle of all of it', mass.at[1], 'mm');
  const way = shaped('d', 'Least way from the middle of all of it to an edge', d, 'mm');
  const ways: WayOut[] = [
    ...(grams ? [{ says: `fix ${grams.toFixed(0)} g low under the middle of the base` }] : []),
    { says: 'move the heavy ones inward' },
    ...(piece.board
      ? [
          {
            says: 'a base a quarter wider',
            change: {
              path: ['board'],
              value: enlarged(piece.board, 1.25),
            },
          },
        ]
      : []),
  ];
  const tips = figure(GROUND.tips, {
    part: null,
    value: tip,
    terms: [way, height],
    verdict: {
      level: isGood ? 'good' : tip < 0 ? 'stop' : 'doubtful',
      wording: 'state',
      says: tip < 0 ? 'it falls over by itself' : `falls at ${Math.round(tip)}°`,
      margin: { value: tip - wanted.value, unit: '°' },
      waysOut: isGood ? [] : ways,
    },
  });
  if (!grams) return [tips];
  return [
    tips,
    figure(GROUND.ballast, {
      part: null,
      value: grams,
      terms: [termFrom('M', weight), height, wanted.term('a'), way],
      note: 'd₀ is the way from the middle of the base to that edge; the weight lies on the table.',
    }),
  ];
}
