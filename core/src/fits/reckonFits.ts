import type { PartContext, PieceContext } from '../context/index.ts';
import { extentOf, hull, type PanelsForm, type Vec2 } from '../form/index.ts';
import type { Fit, FitOpening } from '../piece/index.ts';
import {
  figure,
  type Reckoning,
  type Sourced,
  sourced,
  type Term,
  type Verdict,
  type WayOut,
} from '../reckoning/index.ts';
import { formatMiniMm, miniMm } from '../units/index.ts';
import { nextBase } from './bases.ts';
import { bestPlacing, roomUnder } from './convex.ts';
import { FITS } from './figures.ts';
import { openingRing } from './opening.ts';
import { clearingPose, rideAsPosed } from './ride.ts';
import { alongWith, feetOf, frontOf, heightOf, topOf } from './stack.ts';

/** What a fit is judged from. */
interface Pair {
  readonly context: PieceContext;
  readonly contexts: ReadonlyMap<string, PartContext>;
  readonly fit: Fit;
  readonly part: PartContext;
  readonly on: PartContext;
}

const mm = (value: number) => formatMiniMm(miniMm(Math.abs(value)));

function across(points: readonly Vec2[]): readonly [wide: number, deep: number] {
  if (points.length === 0) return [0, 0];
  const [left, bottom, right, top] = extentOf([[points]]);
  return [right - left, top - bottom];
}

function term(symbol: string, name: string, value: number, origin: Term['origin']): Term {
  return { symbol, name, quantity: { value, unit: 'mm' }, origin };
}

const fromShape = (says: string): Term['origin'] => ({ kind: 'shape', says });

interface Judged {
  readonly marginMm: number;
  readonly formula: string;
  readonly terms: readonly Term[];
  readonly good: string;
  readonly short: string;
  readonly waysOut: readonly WayOut[];
  readonly note?: string;
  /** Less than this is tight. */
  readonly tight: Sourced;
}

function figureOf({ fit, part, on }: Pair, title: string, judged: Judged): Reckoning {
  const { marginMm, tight, good, short, waysOut } = judged;
  const margin = { value: marginMm, unit: 'mm' } as const;
  const verdict: Verdict =
    marginMm < 0
      ? { level: 'stop', wording: 'room', says: short, margin, waysOut }
      : marginMm < tight.value
        ? { level: 'doubtful', wording: 'room', says: good, margin, waysOut: waysOut.slice(0, 2) }
        : { level: 'good', wording: 'room', says: good, margin, waysOut: [] };
  return figure(FITS.fit, {
    at: fit.id,
    part: part.part.id,
    title: `${title} ${on.part.name}`,
    value: marginMm,
    formula: `${judged.formula}, tight under a`,
    terms: [...judged.terms, tight.term('a')],
    verdict,
    note: judged.note,
  });
}

/** Why there is nothing to judge by, and what to do. */
type Unknown = string;

/** A larger base in the place of the one it stands on, where that is a plain one. */
function largerBase({ on }: Pair, short: number): WayOut[] {
  const { form, id, sized } = on.part;
  if (form.kind !== 'cylinder' || sized !== 'miniature') return [];
  const next = nextBase('round', Math.max(form.bottomMm, form.topMm) + 2 * short);
  if (!next) return [];
  const by = next.longMm - Math.max(form.bottomMm, form.topMm);
  return [
    {
      says: `take a round base of ${next.longMm} mm`,
      change: {
        path: ['parts', id, 'form'],
        value: { ...form, bottomMm: form.bottomMm + by, topMm: form.topMm + by },
      },
    },
  ];
}

function sitsOn(pair: Pair): Reckoning | Unknown {
  const { context, fit, part, on } = pair;
  const margin = sourced('fit.base-margin', context.own);
  const top = topOf(on);
  const made = fit.madeMm;
  const feet = made === null ? feetOf(part) : squareOf(made);
  if (feet.length < 3 || top.length < 3)
    return 'one of the two has no flat to speak of: hold them together on the bench';
  const placing = bestPlacing(feet, top, true);
  const [wide, deep] = across(feet);
  const [roomWide, roomDeep] = across(top);
  const overhang = overhangOf(part, wide, deep);
  const turned = placing.turnDegrees === 0 ? '' : `, turned ${Math.round(placing.turnDegrees)}°`;
  return figureOf(pair, 'Sits on', {
    marginMm: placing.marginMm,
    formula: `r = least room of the feet (F by f) on the face (B by b)${overhang > 0 ? ', overhanging by o' : ''}`,
    terms: [
      made === null
        ? term('F', `Feet of ${part.part.name}, across`, wide, fromShape('hull of what touches the ground'))
        : term('F', 'Feet as measured, across', made, { kind: 'entry', path: ['fits', fit.id, 'madeMm'] }),
      term('f', 'and from front to back', deep, fromShape('hull of what touches the ground')),
      term('B', `${on.part.name}, across`, roomWide, fromShape('its upper face')),
      term('b', 'its depth', roomDeep, fromShape('its upper face')),
      ...(overhang > 0
        ? [term('o', 'Body beyond its feet, at the most', overhang, fromShape('seen from above'))]
        : []),
    ],
    good: `${mm(placing.marginMm)} mm of it seen round the feet${turned}`,
    short: `${mm(placing.marginMm)} mm over the edge${turned}`,
    waysOut: [
      ...largerBase(pair, Math.max(0, margin.value - placing.marginMm)),
      { says: `draw its feet together by ${mm(2 * Math.min(placing.marginMm, 0))} mm` },
    ],
    tight: margin,
    note: 'By the hull of what touches it; to a hundredth of its width.',
  });
}

/** Feet of a measured spread: taken as a circle, as a rule held across them shows it. */
function squareOf(acrossMm: number): Vec2[] {
  return Array.from({ length: 32 }, (_, i) => {
    const angle = (2 * Math.PI * i) / 32;
    return [(acrossMm / 2) * Math.cos(angle), (acrossMm / 2) * Math.sin(angle)];
  });
}

function overhangOf({ shape, shrink }: PartContext, wide: number, deep: number): number {
  const { min, max } = shape.box;
  return Math.max(0, ((max[0] - min[0]) / shrink - wide) / 2, ((max[2] - min[2]) / shrink - deep) / 2);
}

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

function passesUnder(pair: Pair): Reckoning | Unknown {
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
          says: `or lower the ${one.name.toLowerCase()} as it goes through`,
        })),
      { says: 'or take a thinner base' },
    ],
    tight: sourced('fit.tight', context.own),
  });
}

const INTO = {
  'goes-into': { title: 'Goes into', rule: 'fit.insert' },
  'pegged-into': { title: 'Pegged into', rule: 'fit.peg' },
  covers: { title: 'Covers', rule: 'fit.insert' },
} as const;

/** The three ways a part can be seen, as hulls, miniature mm. */
function seenHulls({ shape, shrink }: PartContext): Vec2[][] {
  const above = shape.seenFrom({ right: [1, 0, 0], up: [0, 0, -1] });
  return [above, shape.outline('front'), shape.outline('side')].map((outline) =>
    hull(outline.flatMap((polygon) => polygon[0] ?? [])).map(([x, y]): Vec2 => [x / shrink, y / shrink]),
  );
}

/** One part in an opening of another: a peg in a hole, a lamp in a wall, a lid over a box. */
function goesInto(pair: Pair, kind: keyof typeof INTO): Reckoning | Unknown {
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

function rides(pair: Pair): Reckoning | Unknown {
  const { context, part, on } = pair;
  const pairing = { rider: part.shape, mount: on.shape, riderPer: on.shrink / part.shrink };
  const found = rideAsPosed(pairing);
  if (!found) return 'nothing in its middle to sit on: hold the two together';
  const overlap = found.overlapMm / on.shrink;
  const foot = found.footMm / on.shrink;
  // Two ways to fail: into the flanks, or dragging on the ground; what is worse says it.
  const marginMm = overlap > 0 ? -overlap : foot;
  const tight = sourced('fit.tight', context.own);
  const isClear = overlap === 0;
  const pose = isClear ? null : clearingPose(pairing, part.part.form, { head: 1, hands: 1 });
  const angles = 'angles' in part.part.form ? part.part.form.angles : {};
  return figureOf(pair, 'Rides', {
    marginMm,
    formula: isClear
      ? 'r = height of the lowest foot over the ground, no leg in the mount; u to the back'
      : 'r = −(deepest that the rider goes into the mount besides the seat); u to the back',
    terms: [term('u', `${on.part.name}, height over all`, heightOf(on), fromShape('box round the form'))],
    good: `sits freely, its lowest foot ${mm(foot)} mm over the ground`,
    short: isClear
      ? `its feet drag: ${mm(foot)} mm under the ground`
      : `it goes ${mm(overlap)} mm into the mount`,
    waysOut: isClear
      ? [{ says: 'bend its knees, or take a taller mount' }]
      : [
          ...(pose
            ? [
                {
                  says: 'sit it astride: thighs forward and apart, knees bent',
                  change: { path: ['parts', part.part.id, 'form', 'angles'], value: { ...angles, ...pose } },
                },
              ]
            : []),
          { says: 'or narrow the mount where the legs lie, or press the rider into it raw' },
        ],
    tight,
    note: 'By both solids, the seat in the middle of the back; to a cell of a grid some sixty to the length.',
  });
}

function heldBy(pair: Pair): Reckoning | Unknown {
  const { context, part, on } = pair;
  const hand = on.shape.measures.find(({ key }) => key === 'hand');
  if (!hand) return 'it has no hand of known length: hold the two together';
  const share = sourced('fit.grip', context.own);
  const length = hand.lengthMm / on.shrink;
  const hulls = seenHulls(part).map((points) => Math.min(...across(points)));
  const thick = pair.fit.madeMm ?? Math.min(...hulls);
  return figureOf(pair, 'Held by', {
    marginMm: share.value * length - thick,
    formula: 'r = g × l − d',
    terms: [
      share.term('g'),
      term('l', `Hand of ${on.part.name}, length`, length, fromShape('hand length by the canon')),
      term(
        'd',
        `${part.part.name}, thickness`,
        thick,
        pair.fit.madeMm === null
          ? fromShape('the thinner way it is seen')
          : { kind: 'entry', path: ['fits', pair.fit.id, 'madeMm'] },
      ),
    ],
    good: 'the hand closes round it',
    short: `too thick by ${mm(share.value * length - thick)} mm: the fingers do not meet`,
    waysOut: [
      { says: `thin it where it is held to ${mm(share.value * length)} mm` },
      { says: 'or let the hand lie on it, open' },
    ],
    tight: sourced('size.tolerance-least', context.own),
  });
}

/** Height that one companion reaches on the other, with no verdict: both may be as they should. */
function beside({ fit, part, on }: Pair): Reckoning {
  const [small, large] = [heightOf(part), heightOf(on)];
  const at = on.shape.joints
    .map(({ name, at: [, y] }) => ({
      name: name.replace(/^(left|right) /, ''),
      y: (y - on.shape.box.min[1]) / on.shrink,
    }))
    .reduce<{ name: string; y: number } | null>(
      (a, b) => (a && Math.abs(a.y - small) <= Math.abs(b.y - small) ? a : b),
      null,
    );
  const near = at && Math.abs(at.y - small) < 0.06 * large ? `: about to its ${at.name}` : '';
  return figure(FITS.beside, {
    at: fit.id,
    part: part.part.id,
    title: `Beside ${on.part.name}`,
    value: (100 * small) / large,
    terms: [
      term('h', `${part.part.name}, height`, small, fromShape('box round the form')),
      term('H', `${on.part.name}, height`, large, fromShape('box round the form')),
    ],
    note: `Stands ${mm(small)} mm to its ${mm(large)} mm${near}.`,
  });
}

function reckonFit(pair: Pair): Reckoning | Unknown {
  switch (pair.fit.kind) {
    case 'sits-on':
      return sitsOn(pair);
    case 'rides':
      return rides(pair);
    case 'passes-under':
      return passesUnder(pair);
    case 'goes-into':
    case 'pegged-into':
    case 'covers':
      return goesInto(pair, pair.fit.kind);
    case 'held-by':
      return heldBy(pair);
    case 'beside':
      return beside(pair);
  }
}

function pairOf(context: PieceContext, contexts: ReadonlyMap<string, PartContext>, fit: Fit): Pair | null {
  const [part, on] = [contexts.get(fit.part), contexts.get(fit.on)];
  return part && on && part !== on ? { context, contexts, fit, part, on } : null;
}

/** How a part goes together with each it is to go with, by their true outlines and solids. */
export function reckonFits(
  context: PieceContext,
  contexts: ReadonlyMap<string, PartContext>,
  part: string,
): Reckoning[] {
  return context.piece.fits.flatMap((fit): Reckoning[] => {
    if (fit.part !== part) return [];
    const pair = pairOf(context, contexts, fit);
    const judged = pair ? reckonFit(pair) : '';
    return typeof judged === 'string' ? [] : [judged];
  });
}

/** Why a fit has no figure, and what to do; null when it has one. */
export function whyUnjudged(
  context: PieceContext,
  contexts: ReadonlyMap<string, PartContext>,
  fit: Fit,
): string | null {
  if (fit.part === fit.on) return 'choose two different parts';
  const pair = pairOf(context, contexts, fit);
  if (!pair) return 'one of the two cannot be built: mend its form first';
  const judged = reckonFit(pair);
  return typeof judged === 'string' ? judged : null;
}
