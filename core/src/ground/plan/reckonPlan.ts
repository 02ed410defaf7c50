import { type Mass, together } from '../../armature/index.ts';
import type { Given, PartContext, PieceContext } from '../../context/index.ts';
import { areaOf, extentOf, type Ring } from '../../form/index.ts';
import type { Board } from '../../piece/index.ts';
import { figure, type Reckoning, sourced, type Term, termFrom, type Verdict } from '../../reckoning/index.ts';
import { GROUND } from '../figures.ts';
import { topOfHeap } from '../heap/topOfHeap.ts';
import { boardRing } from './boardRing.ts';
import { reckonPegs, reckonSlope, reckonStood } from './footing.ts';
import type { Footprint } from './footprint.ts';
import { reckonModules } from './modules.ts';
import { reckonClosest, reckonOver } from './roomFigures.ts';
import { reckonSag } from './sag.ts';
import { asItStands, borne, type Laid, laid, onPlan, type Placed } from './standing.ts';
import { reckonTips } from './tips.ts';
import { weightOf } from './weights.ts';

const entry = (symbol: string, name: string, value: number, field: keyof Board): Term => ({
  symbol,
  name,
  quantity: { value, unit: 'mm' },
  origin: { kind: 'entry', path: ['board', field] },
});

/** A base whose line bounds nothing. */
function noArea(board: Board, says: string): Reckoning {
  return figure(GROUND.area, {
    part: null,
    value: 0,
    formula: 'A = 0',
    terms: [],
    verdict: {
      level: 'stop',
      wording: 'state',
      says,
      waysOut: [
        {
          says: `a rectangle of ${board.widthMm} × ${board.depthMm} mm`,
          change: { path: ['board', 'outline'], value: 'square' },
        },
      ],
    },
  });
}

/** How far a drawn one goes across and back. */
function extents(ring: Ring): Term[] {
  const [left, front, right, back] = extentOf([[ring]]);
  const side = (symbol: string, name: string, value: number): Term => ({
    symbol,
    name,
    quantity: { value, unit: 'mm' },
    origin: { kind: 'entry', path: ['board', 'points'] },
  });
  return [side('w', 'Across', right - left), side('d', 'Deep', back - front)];
}

function reckonArea(board: Board, ring: Ring): Reckoning {
  const sides = [
    entry('w', 'Across', board.widthMm, 'widthMm'),
    entry('d', 'Deep', board.depthMm, 'depthMm'),
  ];
  const value = { part: null, terms: sides };
  switch (board.outline) {
    case 'round':
      return figure(GROUND.area, { ...value, value: (Math.PI * board.widthMm * board.depthMm) / 400 });
    case 'square':
      return figure(GROUND.area, {
        ...value,
        value: (board.widthMm * board.depthMm) / 100,
        formula: 'A = w × d ÷ 100',
      });
    default:
      return figure(GROUND.area, {
        part: null,
        value: areaOf([[ring]]) / 100,
        formula: 'A = what its outline bounds, in w × d',
        terms: board.outline === 'polygon' ? sides : extents(ring),
      });
  }
}

function reckonBoard({ own }: PieceContext, board: Board, area: Reckoning): Reckoning {
  const density = sourced(`ground.${board.stuff}`, own);
  return figure(GROUND.board, {
    part: null,
    value: ((area.quantity.value * board.thicknessMm) / 10) * density.value,
    terms: [termFrom('A', area), entry('t', 'Thick', board.thicknessMm, 'thicknessMm'), density.term('ρ')],
  });
}

/** Everything that stands on the plan, with what it weighs and where its middle is above the table. */
interface Standing {
  readonly context: PartContext;
  readonly placed: Placed;
}

function massOf(given: Given, { context, placed }: Standing, liftMm: number): Mass | null {
  const weight = weightOf(given, context);
  if (!weight) return null;
  const { shape, shrink } = context;
  const [x, , z] = shape.centre;
  const [px, py] = onPlan(placed.spot)([x / shrink, -z / shrink]);
  const up = (shape.centre[1] - shape.box.min[1]) / shrink;
  return { grams: weight.grams, at: [px, liftMm + placed.liftMm + up, py] };
}

/** Who lifts it. */
function judgeLift({ own }: PieceContext, grams: number): Verdict {
  const [one, two] = [sourced('ground.one-hand', own).value, sourced('ground.two-hands', own).value];
  const isLifted = grams <= two;
  return {
    level: isLifted ? 'good' : 'doubtful',
    wording: 'state',
    says: grams <= one ? 'one hand lifts it' : isLifted ? 'two hands lift it' : 'more than two hands carry',
    waysOut: isLifted
      ? []
      : [
          { says: 'carry it by two, or on a stand with wheels' },
          { says: 'build its ground of foam, or in pieces that come apart' },
        ],
  };
}

function reckonWeight(given: Given, standing: readonly Standing[], board: Reckoning | null): Reckoning {
  const parts = new Map<string, Standing[]>();
  for (const one of standing)
    parts.set(one.placed.print.part, [...(parts.get(one.placed.print.part) ?? []), one]);
  const unknown: string[] = [];
  const lots = [...parts.values()].flatMap((ones) => {
    const [first] = ones;
    const weight = first && weightOf(given, first.context);
    if (!weight) {
      if (first) unknown.push(first.context.part.name);
      return [];
    }
    return [{ name: first.context.part.name, n: ones.length, weight }];
  });
  const terms = lots.map(({ name, n, weight }, i): Term => {
    const all = { value: weight.grams * n, unit: 'g' } as const;
    const title = n === 1 ? name : `${n} × ${name}`;
    return weight.figure
      ? { ...termFrom(`W${i + 1}`, weight.figure), name: title, quantity: all }
      : {
          symbol: `W${i + 1}`,
          name: title,
          quantity: all,
          origin: { kind: 'shape', says: 'it with what hangs on it, or its volume in its stuff' },
        };
  });
  const all = [...terms, ...(board ? [termFrom(`W${terms.length + 1}`, board)] : [])];
  return figure(GROUND.weight, {
    part: null,
    value: all.reduce((sum, { quantity }) => sum + quantity.value, 0),
    formula: `M = ${all.map(({ symbol }) => symbol).join(' + ')}`,
    terms: all,
    verdict: judgeLift(
      given.context,
      all.reduce((sum, { quantity }) => sum + quantity.value, 0),
    ),
    note: unknown.length === 0 ? undefined : `Not weighed, of no clay and no stuff: ${unknown.join(', ')}.`,
  });
}

/** A plan worked out: its base, and everything on it where it stands. */
export interface PlanFacts {
  /** Edge of the base; null where there is none. */
  readonly ring: Ring | null;
  /** Why the base has no edge; null where it has one. */
  readonly fault: string | null;
  /** What can stand on it, once for each part. */
  readonly prints: readonly Footprint[];
  /** How many of each part there are. */
  readonly counts: Readonly<Record<string, number>>;
}

/** What stands on the plan, of the parts that are there. */
export function placedOn(
  { stood, heaps }: Pick<PieceContext['piece'], 'stood' | 'heaps'>,
  prints: readonly Footprint[],
): readonly Placed[] {
  const byPart = new Map(prints.map((print) => [print.part, print]));
  const things = stood.flatMap(({ id, part, xMm, yMm, turnDeg }) => {
    const print = byPart.get(part);
    return print ? [{ id, print, spot: { xMm, yMm, turnDeg } }] : [];
  });
  return borne(things, heaps.flatMap(topOfHeap));
}

/** How far foliage stands out from the crowns that are filled, by the thing on the plan. */
function foliageOf({ own, piece }: PieceContext): ReadonlyMap<string, Term> {
  return new Map(
    piece.stood.flatMap(({ id, foliage }) =>
      foliage === 'none' ? [] : [[id, sourced(`cover.grows-${foliage}`, own).term('u')] as const],
    ),
  );
}

/** Figures of the base and of everything on it. */
export function reckonPlan(given: Given, prints: readonly Footprint[]): Reckoning[] {
  const { context, contexts } = given;
  const { board } = context.piece;
  const edge = board && boardRing(board);
  const ring = edge && !('says' in edge) ? edge : null;
  const placed = placedOn(context.piece, prints);
  const faulty = board && edge && 'says' in edge ? [noArea(board, edge.says)] : [];
  if (!ring && placed.length === 0) return faulty;
  const area = board && ring ? reckonArea(board, ring) : null;
  const boardG = board && area ? reckonBoard(context, board, area) : null;
  const standing = placed.flatMap((one) => {
    const own = contexts.get(one.print.part);
    return own ? [{ context: own, placed: one }] : [];
  });
  const weight = reckonWeight(given, standing, boardG);
  const lift = board?.thicknessMm ?? 0;
  const on = standing.flatMap((one) => massOf(given, one, lift) ?? []);
  const masses = [...on, ...(boardG ? [{ grams: boardG.quantity.value, at: [0, lift / 2, 0] } as Mass] : [])];
  const all: readonly Laid[] = placed.map((one) => laid(one));
  const stands = all.map((one) => asItStands(one, all, ring));
  const names = new Map(placed.map(({ id, print }) => [id, print.name]));
  return [
    ...faulty,
    ...(area ? [area] : []),
    ...(boardG ? [boardG] : []),
    weight,
    ...(ring ? reckonTips(context, together(masses), ring, weight) : []),
    ...(ring && board && boardG ? reckonSag(context, board, ring, on, boardG.quantity.value) : []),
    ...(ring && board && stands.length > 0 ? [reckonOver(board, ring, stands, names)] : []),
    ...reckonClosest(context, stands, names, foliageOf(context)),
    ...reckonStood(given, placed),
    ...reckonSlope(given, all),
    ...reckonPegs(given, placed),
    ...(ring && board ? reckonModules(context, board, ring, all) : []),
  ];
}
