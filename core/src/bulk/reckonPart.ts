import type { PartContext, PartFacts } from '../context/index.ts';
import type { Core, CoreFacts } from '../form/index.ts';
import { CORES, type CoreKind } from '../handbook/index.ts';
import { DEFAULT_LAYER } from '../piece/index.ts';
import {
  figure,
  type Reckoning,
  sourced,
  type Term,
  termFrom,
  type Verdict,
  type WayOut,
} from '../reckoning/index.ts';
import { cubicMm, density, massOf } from '../units/index.ts';
import { type ClayUse, claySharesOf, clayUses } from './clayUses.ts';
import { type AgainstAsk, coreGrams } from './coreAgainst.ts';
import { coreKindOf, skinOf } from './coreOf.ts';
import { reckonCoreStuff } from './coreStuff.ts';
import { BULK } from './figures.ts';
import { letInMm3, withLetIn } from './letIn.ts';
import { type PartSolid, partSolid } from './partSolid.ts';

/** What is known of a part’s bulk, as plain data. */
export interface BulkFacts {
  /** Clay in one of them, cm³. */
  readonly solid: Reckoning;
  /** Clay to take for all of them, g, waste counted in. */
  readonly mass: Reckoning;
  /** Thickest clay, mm. */
  readonly thickest: Reckoning;
  /** How much thicker than found it may be, mm. */
  readonly thickestUnderMm: number;
  /** In the part’s own frame; null when none is wanted. */
  readonly core: CoreFacts | null;
  /** What the core is made of; null without one. */
  readonly kind: CoreKind | null;
  /** Mass of one core, g. */
  readonly coreG: number;
  /** Clay in one of them by region, zone and pass. */
  readonly uses: readonly ClayUse[];
}

/** A part’s bulk with what other stages lean on. */
export interface PartBulk extends BulkFacts {
  readonly figures: readonly Reckoning[];
  readonly core: Core | null;
  /** What the same part of solid clay is held against. */
  readonly against: AgainstAsk;
}

/** A part’s bulk without what only the one who reckons can ask of it. */
export function bulkFacts({ against: _, figures: __, core, ...facts }: PartBulk): BulkFacts {
  if (!core) return { ...facts, core };
  const { section: ___, ...inner } = core;
  return { ...facts, core: inner };
}

function waysToThin(context: PartFacts, thickestMm: number, core: Core | null, region: string): WayOut[] {
  const { part } = context;
  const path = ['parts', part.id, 'core'];
  const held = part.regions.find((one) => one.region === region && !one.cored);
  if (coreKindOf(context) === null)
    return [{ says: 'put a foil core in', change: { path: [...path, 'kind'], value: 'foil' } }];
  if (held)
    return [
      {
        says: `let the core into the ${region}`,
        change: {
          path: ['parts', part.id, 'regions'],
          value: part.regions.map((one) => (one === held ? { ...one, cored: true } : one)),
        },
      },
    ];
  if (core && core.volumeMm3 === 0)
    return [
      {
        says: 'make the skin thinner, so that a core goes in',
        change: { path: [...path, 'skinMm'], value: Math.max(1, Math.floor(thickestMm / 5)) },
      },
    ];
  return [{ says: 'bulk this place out by itself with a ball of foil' }];
}

/** The thickest clay, miniature mm: how thick it was found, how much more it may be, and where. */
interface Thickest {
  readonly thickestMm: number;
  readonly underMm: number;
  readonly region: string;
}

/** Layers are as thick as a hand can tell, mm. */
const LAYER_STEP_MM = 0.5;

/** A part built up in two bakes: a second clay over all of it, as thick as brings what is beneath under the limit. */
function buildUp({ part }: PartContext, thickestMm: number, limitMm: number, core: Core | null): WayOut {
  const says = 'build it up in two bakes, each under the limit';
  const sides = core && core.volumeMm3 > 0 ? 1 : 2;
  const thicknessMm = LAYER_STEP_MM * Math.ceil((thickestMm - limitMm) / sides / LAYER_STEP_MM);
  if (part.layers.length > 0 || thicknessMm > limitMm || core?.volumeMm3 === 0) return { says };
  const pass = 1 + Math.max(1, ...part.regions.map((one) => one.pass));
  return {
    says: `build it up in two bakes: ${thicknessMm} mm of it over the baked rest`,
    change: {
      path: ['parts', part.id, 'layers'],
      value: [{ ...DEFAULT_LAYER, id: 'layer-second', thicknessMm, pass }],
    },
  };
}

function judgeThickness(
  context: PartContext,
  { thickestMm, underMm, region }: Thickest,
  limitMm: number,
  core: Core | null,
): Verdict {
  const margin = { value: limitMm - thickestMm, unit: 'mm' } as const;
  // What was found on a grid is judged at the end of its error that does harm.
  if (thickestMm <= limitMm && thickestMm + underMm > limitMm)
    return {
      level: 'doubtful',
      wording: 'state',
      says: `may be up to ${(thickestMm + underMm).toFixed(1)} mm thick in the ${region}, over the limit`,
      margin,
      waysOut: waysToThin(context, thickestMm, core, region),
    };
  if (thickestMm <= limitMm)
    return {
      level: 'good',
      wording: 'state',
      says: `cures through, ${margin.value.toFixed(1)} mm to spare`,
      margin,
      waysOut: [],
    };
  const says = `${(thickestMm - limitMm).toFixed(1)} mm too thick in the ${region}: it will not cure through and cracks`;
  const waysOut: WayOut[] = [
    ...waysToThin(context, thickestMm, core, region),
    buildUp(context, thickestMm, limitMm, core),
  ];
  return { level: 'stop', wording: 'state', says, margin, waysOut };
}

/** Why some regions get no core, in words. */
function withoutSays(context: PartFacts, core: Core): string {
  const settled = context.part.regions.filter(({ cored }) => !cored).map(({ region }) => region);
  const thin = core.without.length === 0 ? '' : `No core, too thin for it: ${core.without.join(', ')}.`;
  const left = settled.length === 0 ? '' : `None wanted: ${settled.join(', ')}.`;
  return [thin, left].filter((one) => one !== '').join(' ');
}

/** How far off the core of a form is that is measured on a grid: against one of ten times the cells. */
function gridSays({ shape }: PartFacts): string {
  if (shape.error === 0) return '';
  return `Measured on a grid: to about ${shape.error > THIN_ERROR ? 8 : 5} %.`;
}
/** Volumes of bodies with thin limbs are rougher than this. */
const THIN_ERROR = 0.02;

function reckonCore(context: PartFacts, core: Core, kind: CoreKind, coreMm3: number): Reckoning[] {
  const { part, own } = context;
  const skin = skinOf(context);
  const base = { part: part.id } as const;
  const skinFigure = figure(BULK.skin, {
    ...base,
    value: skin.skinMm,
    terms: [skin.term],
    note: part.regions.some((one) => one.cored && one.skinMm !== null)
      ? 'Some regions have a skin of their own.'
      : undefined,
  });
  const title = CORES.find(({ id }) => id === kind)?.title ?? kind;
  const volume = figure(BULK.core, {
    ...base,
    title: `Core of ${title}, volume`,
    value: coreMm3 / 1000,
    terms: [termFrom('k', skinFigure), sourced('bulk.core-least', own).term('c')],
    note: `${withoutSays(context, core)} ${gridSays(context)}`.trim() || undefined,
  });
  return [skinFigure, volume, reckonCoreStuff(context, kind, volume)];
}

function reckonSolid(
  context: PartFacts,
  coreFigure: Reckoning | undefined,
  solid: PartSolid,
  letIn: number,
): Reckoning {
  const { part, shape, shrink } = context;
  return figure(BULK.solid, {
    part: part.id,
    value: solid.clayMm3 / 1000,
    formula: `C = V${coreFigure ? ' − K' : ''}${letIn > 0 ? ' − I' : ''}`,
    terms: [
      {
        symbol: 'V',
        name: 'Volume',
        quantity: { value: shape.volumeMm3 / shrink ** 3 / 1000, unit: 'cm³' },
        origin: { kind: 'reckoning', id: `${part.id}/size.volume` },
      },
      ...(coreFigure ? [termFrom('K', coreFigure)] : []),
      ...(letIn > 0
        ? [
            {
              symbol: 'I',
              name: 'Pressed into it',
              quantity: { value: letIn / 1000, unit: 'cm³' },
              origin: { kind: 'shape', says: 'sets that are let into its clay' },
            } as const,
          ]
        : []),
    ],
    note: 'Wire is not taken off: it is a small share.',
  });
}

/** Density of all the clay in a part together, with where it comes from. */
function densityOf(uses: readonly ClayUse[], only: Term | undefined): Term {
  const volume = uses.reduce((sum, use) => sum + use.volumeMm3, 0);
  const [first] = uses;
  if (only && uses.every(({ clay }) => clay.id === first?.clay.id)) return only;
  const grams = uses.reduce((sum, use) => sum + use.volumeMm3 * use.densityGCm3, 0);
  return {
    symbol: 'ρ',
    name: 'Density of its clays together',
    quantity: { value: volume > 0 ? grams / volume : (first?.densityGCm3 ?? 0), unit: 'g/cm³' },
    origin: { kind: 'shape', says: 'by shares of the mixes' },
  };
}

function reckonMass(context: PartFacts, solid: Reckoning, rho: Term): Reckoning {
  const { part, own } = context;
  const waste = sourced('bulk.waste', own);
  const each = massOf(cubicMm(solid.quantity.value * 1000), density(rho.quantity.value));
  return figure(BULK.clay, {
    part: part.id,
    title: part.count === 1 ? 'Clay to take' : `Clay to take, all ${part.count}`,
    value: each * part.count * (1 + waste.value / 100),
    terms: [
      termFrom('C', solid),
      rho,
      {
        symbol: 'n',
        name: 'How many',
        quantity: { value: part.count, unit: 'count' },
        origin: { kind: 'entry', path: ['parts', part.id, 'count'] },
      },
      waste.term('w'),
    ],
  });
}

/** Core, clay and thickest clay of one part, and what the core spares; null when it is not of clay. */
export function reckonPartBulk(
  context: PartContext,
  contexts: ReadonlyMap<string, PartContext>,
): PartBulk | null {
  const shares = claySharesOf(context);
  if (shares.length === 0) return null;
  const { part, shrink, own } = context;
  const whole = partSolid(context);
  const letIn = Math.min(whole.clayMm3, letInMm3(context, contexts));
  const inside = withLetIn(whole, letIn);
  const { core, kind, coreMm3 } = inside;
  const coreFigures = core && kind ? reckonCore(context, core, kind, coreMm3) : [];
  const solid = reckonSolid(context, coreFigures[1], inside, letIn);
  const ball = inside.thickest;
  const limit = sourced('bulk.limit', own);
  const [thickestMm, underMm] = [ball.diameterMm / shrink, (ball.underMm ?? 0) / shrink];
  const thickest = figure(BULK.thickest, {
    part: part.id,
    value: thickestMm,
    terms: [limit.term('L')],
    note: `In the ${ball.region}${kind ? ', core taken off; its wires are not' : ''}${part.layers.length > 0 ? ', of what goes on for one bake' : ''}.${underMm > 0.05 ? ` Found on a grid: up to ${underMm.toFixed(1)} mm more.` : ''}`,
    verdict: judgeThickness(context, { thickestMm, underMm, region: ball.region }, limit.value, core),
  });
  const uses = clayUses(context, inside);
  const rho = densityOf(uses, shares.length === 1 ? shares[0]?.term : undefined);
  const mass = reckonMass(context, solid, rho);
  return {
    figures: [...coreFigures, solid, mass, thickest],
    solid,
    mass,
    thickest,
    thickestUnderMm: underMm,
    core,
    kind,
    coreG: coreGrams(context, inside),
    uses,
    against: { inside, solid, rho, thickest, volume: coreFigures[1], uses },
  };
}
