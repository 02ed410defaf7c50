import type { PanelsForm } from '../form/index.ts';
import type { FitOpening } from '../piece/index.ts';
import { type Reckoning, sourced, type Term } from '../reckoning/index.ts';
import { bestPlacing, roomUnder } from './convex.ts';
import {
  across,
  figureOf,
  fromShape,
  mm,
  type Pair,
  seenHulls,
  squareOf,
  term,
  type Unknown,
} from './judge.ts';
import { openingRing } from './opening.ts';
import { alongWith, frontOf } from './stack.ts';

/** The opening entered, or the largest one of a wall, miniature mm. */
function openingOf({ fit, on }: Pair): FitOpening | null {
  const { shrink, part } = on;
  const large = fit.opening ?? (part.form.kind === 'panels' ? largestOpening(part.form) : null);
  return large && { ...large, widthMm: large.widthMm / shrink, heightMm: large.heightMm / shrink };
}

function largestOpening({ openings }: PanelsForm): FitOpening | null {
  const [largest] = [...openings].sort((a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm);
  return largest ? { shape: 'square', widthMm: largest.widthMm, heightMm: largest.heightMm } : null;
}

function openingTerms({ fit, on }: Pair, { widthMm, heightMm }: FitOpening): Term[] {
  const origin = (field: string): Term['origin'] =>
    fit.opening
      ? { kind: 'entry', path: ['fits', fit.id, 'opening', field] }
      : fromShape('the largest opening of its walls');
  return [
    term('W', `Opening of ${on.part.name}, width`, widthMm, origin('widthMm')),
    term('H', 'its height', heightMm, origin('heightMm')),
  ];
}

const ASK_OPENING = 'enter the clear width and height of the opening';

/** One part, with what it carries, under or through an opening of another. */
export function passesUnder(pair: Pair): Reckoning | Unknown {
  const { context, contexts, fit, part, on } = pair;
  const opening = openingOf(pair);
  if (!opening) return ASK_OPENING;
  const along = alongWith(context.piece, contexts, fit);
  const points = frontOf(along);
  const [wide, high] = across(points);
  const marginMm = roomUnder(points, openingRing(opening));
  const others = along.slice(1);
  const more = -marginMm * on.shrink + 1;
  return figureOf(pair, 'Passes under', {
    marginMm,
    formula: 'r = least room between the outline (w by h) and the opening (W by H)',
    terms: [
      term(
        'w',
        `${part.part.name}${others.length > 0 ? ' and what goes with it' : ''}, width`,
        wide,
        fromShape('outline from the front'),
      ),
      term(
        'h',
        `its height${others.map(({ context: { part: one }, why }) => `, ${one.name} ${why}`).join('')}`,
        high,
        fromShape('outline from the front'),
      ),
      ...openingTerms(pair, opening),
    ],
    good: `${mm(marginMm)} mm to spare all round`,
    short: `${mm(marginMm)} mm too large where it is nearest`,
    waysOut: [
      ...(fit.opening
        ? [
            {
              says: 'make the opening so much larger',
              change: {
                path: ['fits', fit.id, 'opening'],
                value: {
                  ...fit.opening,
                  widthMm: Math.ceil(fit.opening.widthMm + 2 * more),
                  heightMm: Math.ceil(fit.opening.heightMm + more),
                },
              },
            },
          ]
        : [{ says: `make the opening ${mm(2 * marginMm)} mm wider and ${mm(marginMm)} mm higher` }]),
      ...others
        .filter(({ why }) => why === 'held by it')
        .map(({ context: { part: one } }) => ({
          says: `lower the ${one.name.toLowerCase()} as it goes through`,
        })),
      { says: 'take a thinner base' },
    ],
    tight: sourced('fit.tight', context.own),
  });
}

const INTO = {
  'goes-into': { title: 'Goes into', rule: 'fit.insert' },
  'pegged-into': { title: 'Pegged into', rule: 'fit.peg' },
  covers: { title: 'Covers', rule: 'fit.insert' },
} as const;
/** The fits in which one is let into the other. */
type Into = keyof typeof INTO;

/** One part in an opening of another: a peg in a hole, a lamp in a wall, a lid over a box. */
export function goesInto(pair: Pair, kind: Into): Reckoning | Unknown {
  const { context, fit, part, on } = pair;
  const { title, rule } = INTO[kind];
  // A cover has the opening itself; what goes in is what it covers.
  const [goer, taker] = kind === 'covers' ? [on, part] : [part, on];
  const opening = openingOf({ ...pair, on: taker });
  if (!opening) return ASK_OPENING;
  const clearance = sourced(rule, context.own);
  const ring = openingRing(opening);
  const hulls = fit.madeMm === null ? seenHulls(goer) : [squareOf(fit.madeMm)];
  const ways = (kind === 'covers' ? hulls.slice(0, 1) : hulls).map((points) => ({
    points,
    placing: bestPlacing(points, ring, true),
  }));
  const best = ways.reduce((a, b) => (b.placing.marginMm > a.placing.marginMm + 1e-6 ? b : a));
  const [wide, high] = across(best.points);
  const { marginMm } = best.placing;
  const hole = Math.max(wide, high) + 2 * clearance.value;
  return figureOf(pair, title, {
    marginMm,
    formula: 'r = least room between the outline (w by h) and the opening (W by H)',
    terms: [
      term(
        'w',
        `${goer.part.name}, across`,
        fit.madeMm ?? wide,
        fit.madeMm === null
          ? fromShape('the way it goes in best')
          : { kind: 'entry', path: ['fits', fit.id, 'madeMm'] },
      ),
      term('h', 'and the other way', fit.madeMm ?? high, fromShape('the way it goes in best')),
      ...openingTerms({ ...pair, on: taker }, opening),
    ],
    good: `${mm(marginMm)} mm of clearance all round`,
    short: `${mm(marginMm)} mm too large all round`,
    waysOut: [
      { says: `cut the opening for ${mm(wide)} × ${mm(high)} mm and ${mm(clearance.value)} mm round it` },
      ...(opening.shape === 'round'
        ? [{ says: `drill ${Math.ceil(hole * 10) / 10} mm; start smaller` }]
        : []),
    ],
    tight: clearance,
  });
}
