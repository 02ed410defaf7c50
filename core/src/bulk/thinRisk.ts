import type { PartContext, PartFacts } from '../context/index.ts';
import { type Bone, dot, minus, type Shape, type Vec3 } from '../form/index.ts';
import { clayFamily } from '../handbook/index.ts';
import {
  figure,
  type Level,
  type Reckoning,
  type Sourced,
  sourced,
  type Term,
  termFrom,
  type Verdict,
} from '../reckoning/index.ts';
import { type ClayUse, claySharesOf } from './clayUses.ts';
import { BULK } from './figures.ts';
import type { BulkFacts } from './reckonPart.ts';
import type { ThicknessAsk } from './thicknessMap.ts';

/** A slender length of a part that sticks out, miniature mm. */
export interface ThinLimb {
  readonly region: string;
  readonly lengthMm: number;
  /** Where it is thinnest over the half it is held by. */
  readonly thickMm: number;
  /** What at its tip breaks it, N: all clay, no wire. */
  readonly bearsN: number;
  /** Whether a wire runs through it, which then bears it. */
  readonly wired: boolean;
  /** How it bears what comes on it. */
  readonly level: Level;
  /** The surest way out at its size; empty where none is needed. */
  readonly remedy: string;
}

/** What is done about a thin part, the surest first. */
const ADVICE = [
  'put a wire through it at Bones',
  'tack its tip to the body, where the pose allows',
  'back it with liquid clay, baked on',
  'make it apart of strong flexible clay, bake it lying, and join it cold with a pin',
  'hold it from both sides while you work on it, and bake it on a bed of fibre',
] as const;

type BareLimb = Omit<ThinLimb, 'level' | 'remedy'>;

/** Thinner than this, no wire is hidden in it, mm: the thinnest that is had and a skin over it (common practice). */
const TOO_THIN_FOR_WIRE_MM = 1.5;
/** Shorter than this, a tip is as soon tacked to the body as wired, mm. */
const TACKED_MM = 12;

/** The surest of the ways out at the size of a limb. */
function remedyFor({ thickMm, lengthMm }: BareLimb): string {
  const [wire, tack, , apart] = ADVICE;
  if (thickMm < TOO_THIN_FOR_WIRE_MM) return lengthMm <= TACKED_MM ? tack : apart;
  return wire;
}

/** As long as this many times its thickness, a part can be broken off by its tip. */
const SLENDER = 3;

/**
 * Load at the tip that breaks a round bar of clay held at its root.
 *
 * @param strengthMPa of the clay in bending
 * @returns N: S π d³ ÷ 32 L (elementary bending of a beam)
 * @example breaksAtN(6, 30, 15).toFixed(1) // '10.6'
 */
export function breaksAtN(thickMm: number, lengthMm: number, strengthMPa: number): number {
  return (strengthMPa * Math.PI * thickMm ** 3) / (32 * lengthMm);
}

/** A length with its thickness, from whatever the form knows of itself. */
interface Slender {
  readonly region: string;
  /** Its middle, miniature mm; null for a form that is one length. */
  readonly middle: Vec3 | null;
  readonly lengthMm: number;
  readonly thickMm: number;
}

/** Lengths of a body; a form without bones is one length, as long and as thin as the box round it. */
function lengthsOf({ shape, shrink, part }: PartContext): Slender[] {
  if (shape.bones && shape.bones.length > 0)
    return shape.bones
      .filter((bone) => !liesOnGround(bone, shape))
      .map(({ region, from, to, radii }) => {
        const held = radii.slice(0, Math.ceil(radii.length / 2));
        return {
          region,
          middle: [
            (from[0] + to[0]) / 2 / shrink,
            (from[1] + to[1]) / 2 / shrink,
            (from[2] + to[2]) / 2 / shrink,
          ],
          lengthMm: Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]) / shrink,
          thickMm: (2 * Math.min(...held)) / shrink,
        };
      });
  const sides = ([0, 1, 2] as const)
    .map((k) => (shape.box.max[k] - shape.box.min[k]) / shrink)
    .sort((a, b) => a - b);
  const [, across = 0, lengthMm = 0] = sides;
  const thickMm = shape.thickest.diameterMm / shrink;
  // A shell or a sheet is no bar: it is far wider than its clay is thick.
  return across > BAR * thickMm ? [] : [{ region: `whole of ${part.name}`, middle: null, lengthMm, thickMm }];
}

/** A form is a bar while it is at most so many times as wide as it is thick. */
const BAR = 1.5;
/** Share of the height within which both ends of a foot or a root lie. */
const GROUND = 0.12;

/** A foot or a root lies on the ground, which bears it. */
function liesOnGround({ from, to }: Bone, { box }: Shape): boolean {
  const top = box.min[1] + GROUND * (box.max[1] - box.min[1]);
  return from[1] <= top && to[1] <= top;
}

/** Wires of a part, miniature mm. */
export type Wires = ThicknessAsk['wires'];

/** Distance from a place to the nearest wire. */
function nearLines(at: Vec3, wires: Wires): number {
  let nearest = Infinity;
  for (const { points } of wires)
    for (let i = 1; i < points.length; i += 1) {
      const [a, b] = [points[i - 1] ?? at, points[i] ?? at];
      const way = minus(b, a);
      const long2 = dot(way, way);
      const t = long2 === 0 ? 0 : Math.max(0, Math.min(1, dot(minus(at, a), way) / long2));
      const off = minus(at, [a[0] + way[0] * t, a[1] + way[1] * t, a[2] + way[2] * t]);
      nearest = Math.min(nearest, Math.sqrt(dot(off, off)));
    }
  return nearest;
}

/** Bending strength of the weakest clay in a region. */
function strengthIn(context: PartFacts, uses: readonly ClayUse[], region: string): Sourced {
  const clays = uses.filter((use) => use.region === region).map(({ clay }) => clay);
  const all = clays.length > 0 ? clays : claySharesOf(context).map(({ clay }) => clay);
  const rows = all.map(({ family }) => sourced(clayFamily(family).strength.id, context.own));
  return rows.reduce(
    (a, b) => (b.value < a.value ? b : a),
    rows[0] ?? sourced('clay.all-purpose.strength', context.own),
  );
}

/** The slender lengths of a part of clay, the weakest first. */
export function thinLimbs(context: PartContext, uses: readonly ClayUse[], wires: Wires): ThinLimb[] {
  return lengthsOf(context)
    .filter(({ lengthMm, thickMm }) => thickMm > 0 && lengthMm >= SLENDER * thickMm)
    .map((one): ThinLimb => {
      const limb: BareLimb = {
        ...one,
        bearsN: breaksAtN(one.thickMm, one.lengthMm, strengthIn(context, uses, one.region).value),
        wired: one.middle ? nearLines(one.middle, wires) <= one.thickMm : wires.length > 0,
      };
      const { level } = judge(limb, loadOn(context).value);
      return { ...limb, level, remedy: level === 'good' ? '' : remedyFor(limb) };
    })
    .sort((a, b) => Number(a.wired) - Number(b.wired) || a.bearsN - b.bearsN);
}

/** What comes on a tip: a push where the piece is handled, worn or filmed, else the brush of a sleeve. */
function loadOn({ piece: { brief }, own }: PartFacts): Sourced {
  const isTouched = brief.purpose === 'handled' || brief.purpose === 'worn' || brief.purpose === 'filmed';
  return sourced(isTouched ? 'wire.push' : 'thin.brush', own);
}

function judge({ region, bearsN, wired }: BareLimb, loadN: number): Verdict {
  const margin = { value: bearsN - loadN, unit: 'N' } as const;
  const base = { wording: 'state', margin } as const;
  if (wired)
    return { ...base, level: 'good', says: `a wire runs through the ${region} and bears it`, waysOut: [] };
  if (bearsN >= 2 * loadN)
    return {
      ...base,
      level: 'good',
      says: `the ${region} bears twice what comes on it, and more`,
      waysOut: [],
    };
  const says =
    bearsN < loadN
      ? `the ${region} breaks when it is touched`
      : `the ${region} bears it, with nothing to spare`;
  return {
    ...base,
    level: bearsN < loadN ? 'stop' : 'doubtful',
    says,
    waysOut: ADVICE.map((line) => ({ says: line })),
  };
}

/** The weakest slender length of a part, against what comes on it; none where nothing is slender. */
export function reckonThin(
  context: PartContext,
  { uses }: Pick<BulkFacts, 'uses'>,
  wires: Wires,
): Reckoning[] {
  const [worst, ...others] = thinLimbs(context, uses, wires);
  if (!worst) return [];
  const { part } = context;
  const load = loadOn(context);
  const strength = strengthIn(context, uses, worst.region);
  const term = (symbol: string, name: string, value: number): Term => ({
    symbol,
    name,
    quantity: { value, unit: 'mm' },
    origin: { kind: 'shape', says: `${worst.region} at this size` },
  });
  const base = { part: part.id } as const;
  const slender = figure(BULK.slender, {
    ...base,
    title: `How many times longer than thick: the ${worst.region}`,
    value: worst.lengthMm / worst.thickMm,
    terms: [
      term('L', 'Length', worst.lengthMm),
      term('d', 'Thinnest of the half it is held by', worst.thickMm),
    ],
  });
  return [
    slender,
    figure(BULK.thin, {
      ...base,
      title: `Clay of the ${worst.region} bears at its tip`,
      value: worst.bearsN,
      terms: [
        strength.term('S'),
        term('d', 'Thinnest of the half it is held by', worst.thickMm),
        termFrom('λ', slender),
        load.term('f'),
      ],
      note:
        others.length > 0
          ? `The weakest of ${others.length + 1} slender lengths; as if all of it were clay.`
          : 'As if all of it were clay.',
      verdict: judge(worst, load.value),
    }),
  ];
}
