import type { Shape } from '../form/index.ts';
import { METALS, type Metal } from '../handbook/index.ts';
import {
  type Reckoning,
  reckoning,
  sourced,
  type Term,
  type Unit,
  type Verdict,
  type WayOut,
} from '../reckoning/index.ts';
import { formatMiniMm, miniMm } from '../units/index.ts';
import type { PartContext } from '../whole/context.ts';
import {
  type Advice,
  adviseWire,
  coverRow,
  coverWanted,
  failuresOf,
  LEG_SAFETY,
  sagAllowed,
} from './advise.ts';
import { type Bend, bendsOf } from './bends.ts';
import {
  type Cover,
  type Frame,
  frameOf,
  leastCover,
  legBuckles,
  pushMoment,
  rawLimbs,
  tipDegrees,
} from './checks.ts';
import { type CutPiece, cutPieces, drillMm, pegDepth } from './cutList.ts';
import { proposeRuns, type Run } from './runs.ts';
import { bundleMm, strengthOf, type Wire } from './wire.ts';

/** A part’s armature and what follows from it. */
export interface PartBones {
  readonly runs: readonly Run[];
  readonly wire: Wire;
  readonly advice: Advice | null;
  readonly pieces: readonly CutPiece[];
  /** Where clay is scarcest over the wire; every bend; how far each free limb sags raw, mm. */
  readonly cover: Cover | null;
  readonly bends: readonly Bend[];
  readonly sags: ReadonlyMap<string, number>;
  readonly figures: readonly Reckoning[];
}

const mm = (value: number) => formatMiniMm(miniMm(Math.abs(value)));

/** A wire as it is asked for over a counter. */
export function wireSays({ metal, diameterMm, strands }: Wire): string {
  return strands === 1 ? `${diameterMm} mm ${metal}` : `${strands} × ${diameterMm} mm ${metal}, twisted`;
}

interface Ask extends Frame {
  readonly wire: Wire;
}

function shaped(symbol: string, name: string, value: number, unit: Unit): Term {
  return {
    symbol,
    name,
    quantity: { value, unit },
    origin: { kind: 'shape', says: 'the armature in its pose' },
  };
}

function figure(
  { context }: Ask,
  key: string,
  title: string,
  value: number,
  unit: Unit,
  formula: string,
  terms: readonly Term[],
  more: { readonly verdict?: Verdict; readonly note?: string } = {},
): Reckoning {
  return reckoning({
    key: `bones.${key}`,
    part: context.part.id,
    lens: 'bones',
    title,
    quantity: { value, unit },
    formula,
    terms,
    verdict: more.verdict,
    note: more.note,
  });
}

/** Wires that would do in place of one that does not: of the same metal, then of the others. */
function betterWires(ask: Ask): WayOut[] {
  const { context, wire } = ask;
  const metals: Metal[] = [wire.metal, ...METALS.filter((metal) => metal !== wire.metal)];
  return metals
    .flatMap((metal): WayOut[] => {
      const advice = adviseWire(ask, metal);
      return advice?.passes
        ? [
            {
              says: `take ${wireSays(advice.wire)}`,
              change: { path: ['parts', context.part.id, 'wire'], value: advice.wire },
            },
          ]
        : [];
    })
    .slice(0, 2);
}

function wireFigure(ask: Ask, advice: Advice | null): Reckoning {
  const { context, wire } = ask;
  const fails = failuresOf(ask, wire);
  const chosen = context.part.wire !== null;
  const verdict: Verdict =
    fails.length === 0
      ? { level: 'good', wording: 'state', says: wireSays(wire), waysOut: [] }
      : {
          level: 'stop',
          wording: 'state',
          says: `${wireSays(wire)}: ${fails.slice(0, 2).join('; ')}`,
          waysOut: [
            ...betterWires(ask),
            { says: 'or support it in the oven, bring the limb nearer to the body, or make it stouter' },
          ],
        };
  const thinner = advice?.thinner;
  return figure(
    ask,
    'wire',
    chosen ? 'Wire, as chosen' : 'Wire, as advised',
    bundleMm(wire),
    'mm',
    'b = d × width of n circles laid together',
    [shaped('d', 'Wire', wire.diameterMm, 'mm'), shaped('n', 'Strands', wire.strands, 'count')],
    {
      verdict,
      ...(thinner && thinner.fails.length > 0
        ? { note: `The next thinner, ${wireSays(thinner.wire)}: ${thinner.fails[0]}.` }
        : {}),
    },
  );
}

function coverFigure(ask: Ask): Reckoning[] {
  const cover = leastCover(ask, ask.wire, coverWanted(ask.context));
  if (!cover) return [];
  const margin = { value: cover.coverMm - cover.wantedMm, unit: 'mm' } as const;
  const says = `${mm(Math.max(0, cover.coverMm))} mm of clay over the wire at the ${cover.where}`;
  const isHidden = margin.value >= 0;
  return [
    figure(
      ask,
      'cover',
      'Hidden: clay over the wire',
      cover.coverMm,
      'mm',
      'k = r − b ÷ 2, wanted the less of c and ⅔ r',
      [
        shaped('r', `Depth of the clay at the ${cover.where}`, cover.coverMm + bundleMm(ask.wire) / 2, 'mm'),
        shaped('b', 'Width of the wire or twist', bundleMm(ask.wire), 'mm'),
        sourced(coverRow(ask.context), ask.context.own).term('c'),
      ],
      {
        verdict: {
          level: isHidden ? 'good' : 'stop',
          wording: 'state',
          says: isHidden ? says : `${says}: ${mm(margin.value)} mm too little`,
          margin,
          waysOut: isHidden ? [] : [{ says: 'a thinner wire of a stronger metal, or a stouter limb' }],
        },
      },
    ),
  ];
}

function sagFigure(ask: Ask): Reckoning[] {
  const rated = rawLimbs(ask, ask.wire).map((one) => ({
    ...one,
    allowed: sagAllowed(ask.context, one.lengthMm),
  }));
  const worst = rated.reduce<(typeof rated)[number] | null>(
    (a, b) => (a && a.sagMm / a.allowed >= b.sagMm / b.allowed ? a : b),
    null,
  );
  if (!worst) return [];
  const { sagMm, limb, spareNmm, momentNmm, allowed } = worst;
  const strength = strengthOf(ask.wire, ask.context.own);
  const bends = spareNmm < 0;
  const isGood = !bends && sagMm <= allowed;
  const held = ask.heldN;
  return [
    figure(
      ask,
      'sag',
      `Raw: the ${limb.name} sags`,
      sagMm,
      'mm',
      `δ = ∫ M m ÷ E I ds along the limb${held > 0 ? ', with F held' : ''}; stays bent where M reaches σ π d³ ÷ 32`,
      [
        ...strength.terms,
        shaped('M', 'Largest moment, of raw clay, wire and what is held', momentNmm, 'N·mm'),
        ...(held > 0 ? [shaped('F', 'Weight of what it holds', held, 'N')] : []),
      ],
      {
        verdict: {
          level: isGood ? 'good' : 'stop',
          wording: 'state',
          says: bends
            ? `the wire gives way: ${(-spareNmm).toFixed(1)} N·mm more than it bears`
            : `${mm(sagMm)} mm at its tip, ${mm(allowed)} mm are not seen`,
          margin: { value: allowed - sagMm, unit: 'mm' },
          waysOut: isGood
            ? []
            : [...betterWires(ask), { says: 'or prop it while it is raw and in the oven' }],
        },
        note: 'Clay carries nothing until it is cured: the wire alone bears it, limbs taken as round.',
      },
    ),
  ];
}

function handledFigure(ask: Ask): Reckoning[] {
  const push = pushMoment(ask);
  if (!push) return [];
  const { yieldMoment } = strengthOf(ask.wire, ask.context.own);
  return [
    figure(
      ask,
      'handled',
      `Handled raw: a push on the ${push.limb.name}`,
      push.momentNmm,
      'N·mm',
      'M = P × L, the bare wire stays bent from Y',
      [
        sourced('wire.push', ask.context.own).term('P'),
        shaped('L', `Length of the ${push.limb.name}`, push.lengthMm, 'mm'),
        shaped('Y', 'Moment at which the wire stays bent', yieldMoment, 'N·mm'),
      ],
      {
        note:
          push.momentNmm <= yieldMoment
            ? 'The wire alone stands a finger; cured clay adds to it.'
            : 'Before the bake a finger bends it: hold the work by its peg. Cured clay adds to it.',
      },
    ),
  ];
}

function legFigure(ask: Ask): Reckoning[] {
  const { leg: legs } = ask;
  const buckles = legBuckles(ask, ask.wire);
  if (!legs || buckles === null) return [];
  const { stiffness } = strengthOf(ask.wire, ask.context.own);
  const safety = buckles / legs.bearsN;
  const isGood = safety >= LEG_SAFETY;
  return [
    figure(
      ask,
      'legs',
      'Legs: what one bears before it buckles',
      buckles,
      'N',
      'F = π² S ÷ (0.7 L)², borne W',
      [
        shaped('S', 'Stiffness E I of the wire, N·mm²', stiffness, ''),
        shaped('L', 'Longest leg', legs.lengthMm, 'mm'),
        shaped('W', 'Raw clay on one leg', legs.bearsN, 'N'),
      ],
      {
        verdict: {
          level: isGood ? 'good' : 'stop',
          wording: 'state',
          says: `${safety >= 100 ? 'over a hundred' : safety.toFixed(1)} times what stands on it`,
          waysOut: isGood ? [] : betterWires(ask),
        },
        note: 'Pegged below and held by the body above.',
      },
    ),
  ];
}

function standFigure(ask: Ask): Reckoning[] {
  const pegs = ask.runs.reduce((sum, run) => sum + run.pegs, 0);
  // What lies, or is held by another part, does not stand on feet of its own.
  const tip = pegs === 0 ? null : tipDegrees(ask.context);
  if (tip === null) return [];
  const wanted = sourced('stand.angle', ask.context.own);
  const level = tip < wanted.value ? 'doubtful' : 'good';
  return [
    figure(
      ask,
      'stands',
      'Stands: tipped so far it falls',
      tip,
      '°',
      'α = arctan(least way from its middle to the edge of its feet ÷ height of its middle), wanted a',
      [wanted.term('a')],
      {
        verdict: {
          level,
          wording: 'state',
          says: tip < 0 ? 'it falls over by itself' : `falls at ${Math.round(tip)}°`,
          waysOut:
            level === 'good'
              ? []
              : [
                  {
                    says:
                      pegs === 1
                        ? 'peg it: its wire in the base holds it'
                        : `peg it: its ${pegs} wires in the base hold it`,
                  },
                  { says: 'weigh a base for it, in Size under Fits and base' },
                ],
        },
        note: 'By the form as of one stuff; the wire and a base below come on top.',
      },
    ),
  ];
}

function pegFigures(ask: Ask): Reckoning[] {
  if (ask.runs.every(({ pegs }) => pegs === 0)) return [];
  const { own } = ask.context;
  return [
    figure(
      ask,
      'peg',
      'Pegs under the feet',
      pegDepth(ask.context, ask.wire),
      'mm',
      'p = the most of q × b, l and h',
      [
        sourced('peg.depth', own).term('q'),
        shaped('b', 'Width of the wire or twist', bundleMm(ask.wire), 'mm'),
        sourced('peg.least', own).term('l'),
        sourced('peg.hold', own).term('h'),
      ],
    ),
    figure(
      ask,
      'drill',
      'Drill for the pegs',
      drillMm(ask.context, ask.wire),
      'mm',
      'h = b + c, up to the next tenth',
      [
        shaped('b', 'Width of the wire or twist', bundleMm(ask.wire), 'mm'),
        sourced('fit.peg', own).term('c'),
      ],
      { note: 'Start smaller, and drill block and base from one template.' },
    ),
  ];
}

function lengthFigure(ask: Ask, pieces: readonly CutPiece[]): Reckoning {
  const total = pieces.reduce((sum, { lengthMm, count }) => sum + lengthMm * count, 0);
  return figure(
    ask,
    'length',
    'Wire to cut, all of them',
    total / 1000,
    'm',
    `l = sum of ${pieces.length} runs, strands, pegs and cuts counted in, for n`,
    [
      {
        symbol: 'n',
        name: 'How many',
        quantity: { value: ask.context.part.count, unit: 'count' },
        origin: { kind: 'entry', path: ['parts', ask.context.part.id, 'count'] },
      },
    ],
  );
}

/** What copies of a part have in common: looked up once for all of them in one reckoning. */
interface Common {
  readonly frame: Frame;
  readonly advice: Advice | null;
}

/** Armatures found so far in one reckoning, by shape and by what else they depend on. */
export type BonesFound = Map<Shape, Map<string, Common | null>>;

function commonOf(
  context: PartContext,
  contexts: ReadonlyMap<string, PartContext>,
  found: BonesFound,
): Common | null {
  const { shape, shrink, part } = context;
  const metal = part.wire?.metal ?? 'aluminium';
  const holdsThings = context.piece.fits.some(({ kind, on }) => kind === 'held-by' && on === part.id);
  const key = JSON.stringify([shrink, metal, part.mix, holdsThings ? part.id : '']);
  const ofShape = found.get(shape) ?? new Map<string, Common | null>();
  found.set(shape, ofShape);
  const kept = ofShape.get(key);
  if (kept !== undefined) return kept;
  const runs = proposeRuns(context);
  const frame = runs.length === 0 ? null : frameOf(context, contexts, runs);
  const common = frame && { frame, advice: adviseWire(frame, metal) };
  ofShape.set(key, common);
  return common;
}

/** The armature of a part: its runs, the wire for them, and whether that hides, holds and stands; null without one. */
export function reckonBones(
  context: PartContext,
  contexts: ReadonlyMap<string, PartContext>,
  found: BonesFound = new Map(),
): PartBones | null {
  const common = commonOf(context, contexts, found);
  if (!common) return null;
  const { frame, advice } = common;
  const { runs } = frame;
  const wire: Wire = context.part.wire ?? advice?.wire ?? { metal: 'aluminium', diameterMm: 1, strands: 1 };
  const ask: Ask = { ...frame, context, wire };
  const pieces = cutPieces(context, runs, wire);
  return {
    runs,
    wire,
    advice,
    pieces,
    cover: leastCover(frame, wire, coverWanted(context)),
    bends: runs.flatMap(({ path }) => bendsOf(path)),
    sags: new Map(rawLimbs(frame, wire).map(({ limb, sagMm }) => [limb.name, sagMm])),
    figures: [
      wireFigure(ask, advice),
      ...coverFigure(ask),
      ...sagFigure(ask),
      ...handledFigure(ask),
      ...legFigure(ask),
      ...standFigure(ask),
      ...pegFigures(ask),
      lengthFigure(ask, pieces),
    ],
  };
}
