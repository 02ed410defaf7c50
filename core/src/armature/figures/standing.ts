import { feetOf } from '../../fits/index.ts';
import { extentOf, type Ring, type Vec2, type Vec3 } from '../../form/index.ts';
import { type Reckoning, sourced, type Term } from '../../reckoning/index.ts';
import { N_PER_G } from '../../units/index.ts';
import { densityOf } from '../checks.ts';
import { cutWires, endMm, holeOf, pegDepth, pegSide } from '../cutList.ts';
import { BONES } from '../figures.ts';
import { distance } from '../limbs.ts';
import { pegsOf } from '../run.ts';
import { counterweightGrams, type Mass, type Standing, standingOf, together } from '../standing.ts';
import { bundleMm, wireGrams } from '../wire.ts';
import { type Ask, boneFigure, mm, shaped } from './ask.ts';

/** Clay, core and wires of a part with their middles, miniature mm and g. */
export function massesOf(ask: Ask): Mass[] {
  const { context, bulk } = ask;
  const { shape, shrink, own } = context;
  const small = (at: Vec3): Vec3 => [at[0] / shrink, at[1] / shrink, at[2] / shrink];
  const density = densityOf(context);
  const coreMm3 = (bulk?.core?.volumeMm3 ?? 0) / shrink ** 3;
  const whole: Mass = { grams: (shape.volumeMm3 / shrink ** 3 / 1000) * density, at: small(shape.centre) };
  // There is so much less clay and so much core; where its own middle is not known it lies about the thickest place.
  const coreAt = bulk?.core?.centre ?? shape.thickest.at;
  const core: Mass = { grams: (bulk?.coreG ?? 0) - (coreMm3 / 1000) * density, at: small(coreAt) };
  const cut = cutWires(context, ask.runs, ask.wire);
  const gramsPerMm = new Map(cut.map((wire) => [wire, wireGrams(wire, 1, own)]));
  const wires = ask.runs.flatMap((run, k): Mass[] => {
    const perMm = gramsPerMm.get(cut[k] ?? ask.wire) ?? 0;
    return run.path.slice(1).map((to, i): Mass => {
      const from = run.path[i] ?? to;
      return {
        grams: perMm * distance(from, to),
        at: [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2, (from[2] + to[2]) / 2],
      };
    });
  });
  return [whole, ...(coreMm3 > 0 ? [core] : []), ...wires];
}

/** What a part holds, hung at its hand. */
function heldMasses({ context, heldN }: Ask): Mass[] {
  const wrist = context.shape.joints.find(({ name }) => name === 'right wrist')?.at;
  if (heldN === 0 || !wrist) return [];
  const at: Vec3 = [wrist[0] / context.shrink, wrist[1] / context.shrink, wrist[2] / context.shrink];
  return [{ grams: heldN / N_PER_G, at }];
}

/** Middle of the box round a ring. */
function middleOf(ring: Ring): Vec2 {
  const [left, bottom, right, top] = extentOf([[ring]]);
  return [(left + right) / 2, (bottom + top) / 2];
}

/** What a part stands on for itself: its own feet, or the base that goes with it. */
interface Stand {
  readonly feet: Ring;
  readonly groundMm: number;
  readonly base: Mass | null;
  readonly name: string;
}

function standOf({ context, contexts }: Ask): Stand | null {
  const feet = feetOf(context);
  const ground = context.shape.box.min[1] / context.shrink;
  if (feet.length < 3) return null;
  const fit = context.piece.fits.find(
    ({ kind, part }) => (kind === 'sits-on' || kind === 'pegged-into') && part === context.part.id,
  );
  const base = fit && contexts.get(fit.on);
  // A stage or a quay is not taken along: only a base of its own counts.
  if (!base || base.part.count < context.part.count || base.part.form.kind === 'panels')
    return { feet, groundMm: ground, base: null, name: 'its feet' };
  const ring = feetOf(base);
  if (ring.length < 3) return { feet, groundMm: ground, base: null, name: 'its feet' };
  const [fx, fz] = middleOf(feet);
  const [bx, bz] = middleOf(ring);
  const thick = (base.shape.box.max[1] - base.shape.box.min[1]) / base.shrink;
  const density = densityOf(base);
  return {
    feet: ring.map(([x, z]): Vec2 => [x - bx + fx, z - bz + fz]),
    groundMm: ground - thick,
    base: {
      grams: (base.shape.volumeMm3 / base.shrink ** 3 / 1000) * density,
      at: [fx, ground - thick / 2, fz],
    },
    name: base.part.name,
  };
}

/** Ways to fall as they are seen from the front. */
const WAYS_SAY: Readonly<Record<keyof Standing['ways'], string>> = {
  front: 'towards you',
  back: 'away from you',
  left: 'to the left',
  right: 'to the right',
};

function waysSay({ ways }: Standing): string {
  const say = (name: keyof Standing['ways']) =>
    ways[name] >= 89 ? null : `${WAYS_SAY[name]} ${Math.round(ways[name])}°`;
  return (['front', 'back', 'left', 'right'] as const).flatMap((name) => say(name) ?? []).join(', ');
}

function heightTerms(mass: Mass, stand: Stand): Term[] {
  return [
    shaped(
      'h',
      'Height of the middle of clay, core, wire, what is held and the base',
      mass.at[1] - stand.groundMm,
      'mm',
    ),
  ];
}

/** How far it can be tipped before it falls, and the counterweight that mends it. */
export function standFigures(ask: Ask): Reckoning[] {
  const pegs = pegsOf(ask.runs).length;
  const isTree = ask.context.part.form.kind === 'tree';
  // What lies, or is held by another part, does not stand on feet of its own.
  const stand = pegs === 0 && !isTree ? null : standOf(ask);
  if (!stand) return [];
  const mass = together([...massesOf(ask), ...heldMasses(ask), ...(stand.base ? [stand.base] : [])]);
  const standing = standingOf(mass, stand.feet, stand.groundMm);
  if (!standing) return [];
  const wanted = sourced('stand.angle', ask.context.own);
  const tip = standing.leastDegrees;
  const isGood = tip >= wanted.value;
  const height = mass.at[1] - stand.groundMm;
  const margin = height * Math.tan((tip * Math.PI) / 180);
  const grams = isGood ? 0 : counterweightGrams(mass, stand.feet, stand.groundMm, wanted.value);
  const stands = boneFigure(
    ask,
    BONES.stands,
    tip,
    [
      shaped('d', `Least way from its middle to the edge of ${stand.name}`, margin, 'mm'),
      ...heightTerms(mass, stand),
      wanted.term('a'),
    ],
    {
      verdict: {
        level: isGood ? 'good' : tip < 0 ? 'stop' : 'doubtful',
        wording: 'state',
        says: tip < 0 ? 'it falls over by itself' : `falls at ${Math.round(tip)}°`,
        margin: { value: tip - wanted.value, unit: '°' },
        waysOut: isGood
          ? []
          : [
              ...(pegs > 0
                ? [
                    {
                      says: `peg it: its ${pegs === 1 ? 'wire' : `${pegs} wires`} in the base ${pegs === 1 ? 'holds' : 'hold'} it`,
                    },
                  ]
                : []),
              ...(grams !== null && grams > 0
                ? [{ says: `fix ${grams.toFixed(0)} g low, in the middle of ${stand.name}` }]
                : []),
              { says: 'weigh a base for it, in Size under Fits and base' },
            ],
      },
      note: `Tipped to the ${waysSay(standing)}. All of it weighs ${mass.grams.toFixed(0)} g; a core counts at the thickest place.`,
    },
  );
  if (grams === null || grams === 0) return [stands];
  return [
    stands,
    boneFigure(
      ask,
      BONES.weight,
      grams,
      [
        shaped('M', 'Clay, core, wire, what is held and the base', mass.grams, 'g'),
        ...heightTerms(mass, stand),
        wanted.term('a'),
        shaped('d', 'Least way from its middle to an edge', margin, 'mm'),
      ],
      { note: 'd₀ is the way from the middle of the feet to that edge; the weight lies at the ground.' },
    ),
  ];
}

/** Depth of the pegs and the drill for them. */
export function pegFigures(ask: Ask): Reckoning[] {
  if (pegsOf(ask.runs).length === 0) return [];
  const { context, wire } = ask;
  const { own, piece } = context;
  const side = pegSide(ask.runs);
  const width = bundleMm(wire, side);
  const depths = ask.runs.flatMap((run) =>
    run.ends.filter(({ pegged }) => pegged).map((end) => endMm(context, end, wire)),
  );
  const hole = holeOf(context, wire, side);
  const settled = depths.length > 0 && depths.some((depth) => depth !== pegDepth(context, wire));
  return [
    boneFigure(
      ask,
      BONES.peg,
      pegDepth(context, wire),
      [
        sourced('peg.depth', own).term('q'),
        shaped('b', 'Width of the wire or twist', bundleMm(wire), 'mm'),
        sourced('peg.least', own).term('l'),
        sourced('peg.hold', own).term('h'),
      ],
      settled ? { note: `Settled for single ends: ${[...new Set(depths.map(mm))].join(', ')} mm.` } : {},
    ),
    boneFigure(
      ask,
      BONES.drill,
      hole.drillMm,
      [
        shaped(
          'b',
          side > 1 ? `Width of the ${side} wires of a peg` : 'Width of the wire or twist',
          width,
          'mm',
        ),
        sourced('fit.peg', own).term('c'),
      ],
      {
        formula:
          piece.drills.length > 0 ? 'h = the next drill owned from b + c up' : 'h = ⌈10 × (b + c)⌉ ÷ 10',
        ...(hole.isMissing
          ? {
              verdict: {
                level: 'doubtful',
                wording: 'state',
                says: 'no drill that is owned is so wide',
                waysOut: [{ says: 'open the hole out with a round file, or take a thinner wire' }],
              },
            }
          : {}),
        note:
          hole.tapeLayers > 0
            ? `${hole.tapeLayers} ${hole.tapeLayers === 1 ? 'layer' : 'layers'} of tape round the peg take up what the drill is too wide.`
            : 'Start smaller, and drill block and base from one template.',
      },
    ),
  ];
}
