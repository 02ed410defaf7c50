import type { PartContext, PieceContext } from '../context/index.ts';
import type { Fit } from '../piece/index.ts';
import { figure, type Reckoning, sourced, type WayOut } from '../reckoning/index.ts';
import { nextBase } from './bases.ts';
import { bestPlacing } from './convex.ts';
import { FITS } from './figures.ts';
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
import { clearingPose, rideAsPosed } from './ride.ts';
import { feetOf, heightOf, topOf } from './stack.ts';
import { goesInto, passesUnder } from './throughOpening.ts';

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

function overhangOf({ shape, shrink }: PartContext, wide: number, deep: number): number {
  const { min, max } = shape.box;
  return Math.max(0, ((max[0] - min[0]) / shrink - wide) / 2, ((max[2] - min[2]) / shrink - deep) / 2);
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
          { says: 'narrow the mount where the legs lie, or press the rider into it raw' },
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
      { says: 'let the hand lie on it, open' },
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
