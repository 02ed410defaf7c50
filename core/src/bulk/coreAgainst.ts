import { holdMinutes, mixWindow } from '../bake/time/index.ts';
import type { PartFacts } from '../context/index.ts';
import { figure, type Reckoning, sourced, type Term, termFrom } from '../reckoning/index.ts';
import type { ClayUse } from './clayUses.ts';
import { coreDensity } from './coreStuff.ts';
import { BULK } from './figures.ts';
import type { PartSolid } from './partSolid.ts';

/** What is held against the same part of solid clay. */
export interface AgainstAsk {
  readonly inside: PartSolid;
  /** Clay in one, cm³. */
  readonly solid: Reckoning;
  /** Density of its clays together. */
  readonly rho: Term;
  readonly thickest: Reckoning;
  /** Of the core, cm³; absent without one. */
  readonly volume: Reckoning | undefined;
  readonly uses: readonly ClayUse[];
}

/** Money for a gram of each clay; null where a price is not known. */
function pricePerGram({ own, piece }: PartFacts, used: ClayUse['clay']): number | null {
  const clay = piece.clays.find(({ id }) => id === used.id);
  if (!clay) return null;
  const packG = clay.packG ?? sourced('clay.pack', own).value;
  return clay.packPrice === null || !(packG > 0) ? null : clay.packPrice / packG;
}

function reckonWeight(context: PartFacts, ask: AgainstAsk, coreG: number): Reckoning {
  const { solid, rho, volume, inside } = ask;
  const core = volume && {
    symbol: 'q',
    name: 'Density of the core',
    quantity: { value: (coreG * 1000) / inside.coreMm3, unit: 'g/cm³' } as const,
    origin: { kind: 'shape', says: 'by what it is made of' } as const,
  };
  return figure(BULK.weight, {
    part: context.part.id,
    value: solid.quantity.value * rho.quantity.value + coreG,
    formula: core ? 'W = C × ρ + K × q' : 'W = C × ρ',
    terms: [termFrom('C', solid), rho, ...(volume && core ? [termFrom('K', volume), core] : [])],
    note: 'Wire is not counted.',
  });
}

/** A limb is so many times as long as it is thick: a skirt or a neck does not droop. */
const SLENDER = 2.5;

/** Limbs that may droop: the slender ones that hang on the trunk. */
function slenderLimbs({ shape }: PartFacts): string[] {
  const [trunk, ...limbs] = shape.bones ?? [];
  return limbs
    .filter(({ from, to, radii }) => {
      const long = Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]);
      return long >= SLENDER * 2 * Math.max(...radii);
    })
    .map(({ region }) => region)
    .filter((name) => name !== trunk?.region);
}

/** Mass of a region, or of all of it, against the same of solid clay. */
function massShare(
  context: PartFacts,
  { inside, rho }: AgainstAsk,
  q: number,
  region: string | null,
): number {
  const per = context.shrink ** 3;
  const coreMm3 = region === null ? inside.coreMm3 : (inside.core?.byRegion.get(region) ?? 0) / per;
  const clayMm3 = region === null ? inside.clayMm3 : (inside.clayByRegion.get(region) ?? 0);
  const whole = (coreMm3 + clayMm3) * rho.quantity.value;
  return whole > 0 ? (clayMm3 * rho.quantity.value + coreMm3 * q) / whole : 1;
}

/** Less money than this is none. */
const A_PENNY = 0.01;

/** A limb that is lighter by less than this is as it was, %. */
const AS_BEFORE = 99.5;

/** Where the core spares most: the limb that droops least against solid clay, or all of a form without limbs. */
function reckonSag(context: PartFacts, ask: AgainstAsk, q: number): Reckoning[] {
  const limbs = context.shape.bones ? slenderLimbs(context) : [null];
  const shares = limbs.map((limb) => ({ limb, value: 100 * massShare(context, ask, q, limb) }));
  const least = shares.reduce<(typeof shares)[number] | null>(
    (a, b) => (a && a.value <= b.value ? a : b),
    null,
  );
  if (!least || least.value > AS_BEFORE) return [];
  return [
    figure(BULK.sag, {
      part: context.part.id,
      title:
        least.limb === null
          ? 'Bears on its wire, against solid'
          : `Droop of the ${least.limb}, against solid`,
      value: least.value,
      terms: [ask.rho],
      note: 'A limb on its wire droops in proportion to what it weighs; the others change less.',
    }),
  ];
}

function reckonSaved(context: PartFacts, ask: AgainstAsk, volume: Reckoning): Reckoning[] {
  const { part, own } = context;
  const waste = sourced('bulk.waste', own);
  const base = { part: part.id } as const;
  const count: Term = {
    symbol: 'n',
    name: 'How many',
    quantity: { value: part.count, unit: 'count' },
    origin: { kind: 'entry', path: ['parts', part.id, 'count'] },
  };
  const saved = figure(BULK.saved, {
    ...base,
    title: part.count === 1 ? 'Clay the core spares' : `Clay the cores spare, all ${part.count}`,
    value: volume.quantity.value * ask.rho.quantity.value * part.count * (1 + waste.value / 100),
    terms: [termFrom('K', volume), ask.rho, count, waste.term('w')],
  });
  const prices = ask.uses.map((use) => ({ use, price: pricePerGram(context, use.clay) }));
  if (prices.some(({ price }) => price === null)) return [saved];
  const grams = ask.uses.reduce((sum, use) => sum + use.volumeMm3 * use.densityGCm3, 0);
  const mean = prices.reduce(
    (sum, { use, price }) => sum + ((use.volumeMm3 * use.densityGCm3) / grams) * (price ?? 0),
    0,
  );
  if (!(grams > 0) || saved.quantity.value * mean < A_PENNY) return [saved];
  const perGram: Term = {
    symbol: 'e',
    name: 'Price of a gram',
    quantity: { value: mean, unit: 'money' },
    origin: { kind: 'shape', says: 'by the packs of its clays' },
  };
  return [
    saved,
    figure(BULK.savedCost, {
      ...base,
      value: saved.quantity.value * mean,
      terms: [termFrom('s', saved), perGram],
      note: 'By weight, not in whole packs; what the core itself costs is not taken off.',
    }),
  ];
}

function reckonMinutes(context: PartFacts, ask: AgainstAsk): Reckoning[] {
  const { piece, part, own, shape, shrink } = context;
  const ids = new Set(ask.uses.map(({ clay }) => clay.id));
  const window = mixWindow(piece.clays.filter(({ id }) => ids.has(id)));
  if (!window) return [];
  const [step, least] = [sourced('bake.per-thickness', own), sourced('bake.least', own)];
  const solidMm = shape.thickest.diameterMm / shrink;
  const of = (mm: number) => holdMinutes(mm, window.lowMinutes, step.value, least.value);
  const now = ask.thickest.quantity.value;
  const limit = sourced('bulk.limit', own);
  return [
    figure(BULK.savedMinutes, {
      part: part.id,
      value: of(solidMm) - of(now),
      terms: [
        {
          symbol: 'p',
          name: 'Minutes for each step of thickness',
          quantity: { value: window.lowMinutes, unit: 'min' },
          origin: { kind: 'shape', says: 'slowest clay in it' },
        },
        {
          symbol: 'T',
          name: 'Thickest of it, solid',
          quantity: { value: solidMm, unit: 'mm' },
          origin: { kind: 'shape', says: 'largest ball in the form' },
        },
        termFrom('t', ask.thickest),
        step.term('e'),
        least.term('b'),
      ],
      note:
        solidMm > limit.value
          ? 'Solid it would not cure through at all, however long it is baked.'
          : undefined,
    }),
  ];
}

/** Core against solid: weight, clay, money, minutes in the oven, and how much a limb droops. */
export function reckonAgainst(context: PartFacts, ask: AgainstAsk): Reckoning[] {
  const { inside, volume } = ask;
  const weight = reckonWeight(context, ask, coreGrams(context, inside));
  if (!volume || inside.coreMm3 === 0) return [weight];
  return [
    weight,
    ...reckonSaved(context, ask, volume),
    ...reckonMinutes(context, ask),
    ...reckonSag(context, ask, inside.kind ? coreDensity(context, inside.kind) : 0),
  ];
}

/** Mass of one core, g. */
export function coreGrams(context: PartFacts, { kind, coreMm3 }: PartSolid): number {
  return (coreMm3 / 1000) * (kind ? coreDensity(context, kind) : 0);
}
