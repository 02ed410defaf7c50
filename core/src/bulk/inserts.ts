import type { PartFacts } from '../context/index.ts';
import type { Insert } from '../piece/index.ts';
import {
  figure,
  type Reckoning,
  type Sourced,
  sourced,
  type Term,
  type Verdict,
} from '../reckoning/index.ts';
import { claySharesOf } from './clayUses.ts';
import { BULK } from './figures.ts';

/** Clearance round a thing by how it sits. */
const CLEARANCE: Readonly<Record<Insert['fit'], string>> = {
  glued: 'fit.peg',
  free: 'fit.insert',
  press: 'fit.press',
};

/** How much the clays of a part shrink together, as a share of every length, with where it comes from. */
function shrinkOf(context: PartFacts): Sourced & { readonly share: number } {
  const row = sourced('core.air-dry-shrink', context.own);
  const dry = claySharesOf(context).reduce(
    (sum, { clay, share }) => (clay.family === 'air-dry' ? sum + share : sum),
    0,
  );
  return { ...row, share: (dry * row.value) / 100 };
}

/** What a hole of a size finds of room in its part. */
function judgeRoom(
  context: PartFacts,
  insert: Insert,
  holeMm: readonly [number, number],
  deepMm: number,
): Verdict {
  const { shape, shrink, own } = context;
  const wall = sourced('bulk.strong', own).value;
  const [w, h] = holeMm;
  const across = (insert.shape === 'round' ? w : Math.hypot(w, h)) + 2 * wall;
  const ball = shape.thickest.diameterMm / shrink;
  const sides = ([0, 1, 2] as const)
    .map((k) => (shape.box.max[k] - shape.box.min[k]) / shrink)
    .sort((a, b) => a - b);
  const [least = 0, middle = 0, longest = 0] = sides;
  const waysOut = insert.removable
    ? [{ says: 'leave a way to it from below, under the base' }]
    : [{ says: 'bake round a dummy of card or wood of its size, and let it in afterwards' }];
  const margin = { value: ball - across, unit: 'mm' } as const;
  if (across <= ball && deepMm + wall <= ball)
    return {
      level: 'good',
      wording: 'room',
      says: `where it is thickest there is ${margin.value.toFixed(1)} mm to spare`,
      margin,
      waysOut,
    };
  // A hole goes in along one of the sides: its mouth wants the other two.
  const [a, b] = [Math.max(w, h) + 2 * wall, Math.min(w, h) + 2 * wall];
  const goes = (depth: number, wide: number, narrow: number) =>
    deepMm + wall <= depth && a <= wide && b <= narrow;
  if (goes(longest, middle, least) || goes(middle, longest, least) || goes(least, longest, middle))
    return {
      level: 'doubtful',
      wording: 'room',
      says: `it goes into the box round the part, but the thickest place is only ${ball.toFixed(1)} mm across`,
      margin,
      waysOut: [{ says: 'look at Thickness everywhere for where it goes' }, ...waysOut],
    };
  return {
    level: 'stop',
    wording: 'room',
    says: `with ${wall} mm of clay round it, it wants ${a.toFixed(1)} × ${b.toFixed(1)} mm and ${(deepMm + wall).toFixed(1)} mm of depth`,
    margin,
    waysOut: [{ says: 'take a smaller one' }, { says: 'make the part thicker at Size' }],
  };
}

function entry(context: PartFacts, { id, name }: Insert, symbol: string, value: number): Term {
  return {
    symbol,
    name,
    quantity: { value, unit: 'mm' },
    origin: { kind: 'entry', path: ['parts', context.part.id, 'inserts', id] },
  };
}

/**
 * The hole for a thing that is let in: its size and the clearance round it, larger by as much as the clay shrinks. A mark
 * that it left in clay is the hole itself.
 *
 * @returns width, height and depth to cut in raw clay, mm
 */
export function holeFor(
  { widthMm, heightMm, depthMm, measured, shape }: Insert,
  clearanceMm: number,
  shrinkShare: number,
): readonly [width: number, height: number, depth: number] {
  const round = measured === 'mark' ? 0 : 2 * clearanceMm;
  const grown = (mm: number) => Math.max(0, mm) / (1 - shrinkShare);
  const tall = shape === 'round' ? widthMm : heightMm;
  return [grown(widthMm + round), grown(tall + round), grown(depthMm + Math.max(0, round / 2))];
}

function reckonInsert(context: PartFacts, insert: Insert): Reckoning[] {
  const { own, part } = context;
  const clearance = sourced(CLEARANCE[insert.fit], own);
  const shrink = shrinkOf(context);
  const [width, height, depth] = holeFor(insert, clearance.value, shrink.share);
  const isMark = insert.measured === 'mark';
  const shrinks = shrink.share > 0;
  const base = { part: part.id } as const;
  const terms = (symbol: string, value: number): Term[] => [
    entry(context, insert, symbol, value),
    ...(isMark ? [] : [clearance.term('c')]),
    ...(shrinks ? [shrink.term('s')] : []),
  ];
  const over = shrinks ? ' ÷ (1 − s)' : '';
  const across = isMark ? 'd' : '(d + 2 × c)';
  const figures = [
    figure(BULK.hole, {
      at: insert.id,
      ...base,
      title: `Hole for the ${insert.name}, across`,
      value: width,
      formula: `o = ${across}${over}`,
      terms: terms('d', insert.widthMm),
      note: insert.removable
        ? 'It comes out again: take it out before every bake.'
        : 'Cells, magnets and plastics are not baked: bake round a dummy.',
      verdict: judgeRoom(context, insert, [width, height], depth),
    }),
    figure(BULK.holeDepth, {
      at: insert.id,
      ...base,
      title: `Hole for the ${insert.name}, deep`,
      value: depth,
      formula: `t = ${isMark ? 'd' : 'max(d + c, d)'}${over}`,
      terms: terms('d', insert.depthMm),
    }),
  ];
  if (insert.shape === 'round') return figures;
  return [
    ...figures,
    figure(BULK.holeHeight, {
      at: insert.id,
      ...base,
      title: `Hole for the ${insert.name}, the other way`,
      value: height,
      formula: `u = ${across}${over}`,
      terms: terms('d', insert.heightMm),
    }),
  ];
}

/** Holes for what is let into a part. */
export function reckonInserts(context: PartFacts): Reckoning[] {
  return context.part.inserts.flatMap((insert) => reckonInsert(context, insert));
}
