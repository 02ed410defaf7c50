import type { Given } from '../../context/index.ts';
import type { Eye } from '../../piece/index.ts';
import { figure, type Reckoning } from '../../reckoning/index.ts';
import { SIGHT } from '../figures.ts';
import type { Placed } from '../plan/standing.ts';
import { MOST_EXACT, type Seen, sightFrom } from './sight.ts';

/** Less than this of a thing to be seen is hidden, %. */
const HIDDEN_UNDER = 50;

/** What of a view is told without its outlines. */
export type SeenRow = Pick<Seen, 'id' | 'part' | 'name' | 'seenPct' | 'hiddenBy'>;

/** How many things are more than half hidden from an eye, and by what. */
export function reckonSight(
  given: Given,
  eye: Eye,
  placed: readonly Placed[],
): { figures: Reckoning[]; rows: readonly SeenRow[] } {
  const seen = sightFrom(eye, placed, given.contexts);
  const names = new Map(placed.map(({ id, print }) => [id, print.name]));
  const hidden = seen.filter(({ seenPct }) => seenPct < HIDDEN_UNDER);
  const [worst] = [...hidden].sort((a, b) => a.seenPct - b.seenPct);
  const by = worst?.hiddenBy ? (names.get(worst.hiddenBy) ?? 'another') : 'another';
  return {
    figures: [
      figure(SIGHT.hidden, {
        at: eye.id,
        part: null,
        title: `From ${eye.name}, more than half hidden`,
        value: hidden.length,
        terms: [
          {
            symbol: 'n',
            name: 'Things on the plan',
            quantity: { value: seen.length, unit: 'count' },
            origin: { kind: 'shape', says: 'what stands on the base' },
          },
        ],
        note:
          placed.length > MOST_EXACT
            ? `Of more than ${MOST_EXACT} things silhouettes are taken by slices, hollows filled.`
            : undefined,
        verdict: {
          level: hidden.length === 0 ? 'good' : 'doubtful',
          wording: 'state',
          says: worst
            ? `${by === worst.name ? `one ${by} hides another` : `${by} hides ${worst.name}`}: ${Math.round(worst.seenPct)} % of it is seen`
            : `nothing hides another from ${eye.name}`,
          waysOut: worst ? [{ says: `move ${by}, or bring ${worst.name} forward` }] : [],
        },
      }),
    ],
    rows: seen.map(({ id, part, name, seenPct, hiddenBy }) => ({ id, part, name, seenPct, hiddenBy })),
  };
}
