import type { Core } from '../form/index.ts';
import { clayFamily } from '../handbook/index.ts';
import { type Reckoning, reckoning, sourced, type Term, termFrom, type Verdict } from '../reckoning/index.ts';
import { cubicMm, density, massOf } from '../units/index.ts';
import type { PartContext } from '../whole/context.ts';
import { coreOf, skinOf, wantsCore } from './coreOf.ts';
import { foilLengthMm, foilToTear } from './foil.ts';

/** A clay of the part’s mix, its share of the volume and its density. */
export interface ClayShare {
  readonly clay: PartContext['piece']['clays'][number];
  readonly share: number;
  readonly densityGCm3: number;
  readonly term: Term;
}

/** The part’s clays by share of volume; empty when it is not of clay. */
export function claySharesOf({ part, piece, own }: PartContext): ClayShare[] {
  const total = part.mix.reduce((sum, { parts }) => sum + parts, 0);
  return part.mix.flatMap(({ clay: id, parts }): ClayShare[] => {
    const clay = piece.clays.find((one) => one.id === id);
    if (!clay) return [];
    const row = sourced(clayFamily(clay.family).density.id, own);
    return [{ clay, share: parts / total, densityGCm3: row.value, term: row.term('ρ') }];
  });
}

/** Figures of a part’s bulk that other stages lean on. */
export interface PartBulk {
  readonly figures: readonly Reckoning[];
  /** Clay in one of them, cm³. */
  readonly solid: Reckoning;
  /** Thickest clay, mm. */
  readonly thickest: Reckoning;
  readonly core: Core | null;
}

function judgeThickness(
  context: PartContext,
  thickestMm: number,
  limitMm: number,
  core: Core | null,
  region: string,
): Verdict {
  const margin = { value: limitMm - thickestMm, unit: 'mm' } as const;
  if (thickestMm <= limitMm)
    return {
      level: 'good',
      wording: 'state',
      says: `cures through, ${margin.value.toFixed(1)} mm to spare`,
      margin,
      waysOut: [],
    };
  const says = `${(thickestMm - limitMm).toFixed(1)} mm too thick in the ${region}: it will not cure through and cracks`;
  const path = ['parts', context.part.id, 'core'];
  const waysOut = [];
  if (!wantsCore(context))
    waysOut.push({ says: 'put a foil core in', change: { path: [...path, 'kind'], value: 'foil' } });
  else if (core && core.volumeMm3 === 0)
    waysOut.push({
      says: 'make the skin thinner, so that a core goes in',
      change: { path: [...path, 'skinMm'], value: Math.max(1, Math.floor(thickestMm / 5)) },
    });
  else waysOut.push({ says: 'bulk this place out by itself with a ball of foil' });
  waysOut.push({ says: 'or build it up in two bakes, each under the limit' });
  return { level: 'stop', wording: 'state', says, margin, waysOut };
}

function reckonCore(context: PartContext, core: Core): Reckoning[] {
  const { part, own, shrink } = context;
  const skin = skinOf(context);
  const volumeMm3 = core.volumeMm3 / shrink ** 3;
  const without = core.without.length === 0 ? '' : `No core, too thin: ${core.without.join(', ')}.`;
  const rough = context.shape.error === 0 ? '' : ' Offset limb by limb: to about 2 %.';
  const base = { part: part.id, lens: 'bulk' } as const;
  const skinFigure = reckoning({
    ...base,
    key: 'bulk.skin',
    title: 'Skin over the core',
    quantity: { value: skin.skinMm, unit: 'mm' },
    formula: 'k',
    terms: [skin.term],
  });
  const volume = reckoning({
    ...base,
    key: 'bulk.core',
    title: 'Foil core, volume',
    quantity: { value: volumeMm3 / 1000, unit: 'cm³' },
    formula: 'K = the form offset inward by k, where it is at least 2 × k + c thick',
    terms: [termFrom('k', skinFigure), sourced('bulk.core-least', own).term('c')],
    note: `${without}${rough}`.trim() || undefined,
  });
  const packed = sourced(`foil.${part.core.packed}`, own);
  const [thickness, width] = [sourced('foil.thickness', own), sourced('foil.width', own)];
  const lengthMm = foilLengthMm(volumeMm3, packed.value, thickness.value, width.value);
  const foil = reckoning({
    ...base,
    key: 'bulk.foil',
    title: 'Foil to tear off, each',
    quantity: { value: lengthMm / 1000, unit: 'm' },
    formula: 'F = K × φ ÷ (e × w)',
    terms: [termFrom('K', volume), packed.term('φ'), thickness.term('e'), width.term('w')],
    note: `Tear off ${foilToTear(lengthMm, width.value)} at once: foil added to a finished ball does not hold to it.`,
  });
  return [skinFigure, volume, foil];
}

function reckonSolid(context: PartContext, coreFigure: Reckoning | undefined, core: Core | null): Reckoning {
  const { part, shape, shrink } = context;
  const value = (shape.volumeMm3 - (core?.volumeMm3 ?? 0)) / shrink ** 3 / 1000;
  return reckoning({
    key: 'bulk.solid',
    part: part.id,
    lens: 'bulk',
    title: 'Clay in it, each',
    quantity: { value, unit: 'cm³' },
    formula: coreFigure ? 'C = V − K' : 'C = V',
    terms: [
      {
        symbol: 'V',
        name: 'Volume',
        quantity: { value: shape.volumeMm3 / shrink ** 3 / 1000, unit: 'cm³' },
        origin: { kind: 'reckoning', id: `${part.id}/size.volume` },
      },
      ...(coreFigure ? [termFrom('K', coreFigure)] : []),
    ],
    note: 'Wire is not taken off: it is a small share.',
  });
}

function reckonMass(context: PartContext, solid: Reckoning, shares: readonly ClayShare[]): Reckoning {
  const { part, own } = context;
  const waste = sourced('bulk.waste', own);
  const mean = shares.reduce((sum, { share, densityGCm3 }) => sum + share * densityGCm3, 0);
  const each = massOf(cubicMm(solid.quantity.value * 1000), density(mean));
  const [only] = shares;
  const densityTerm: Term =
    shares.length === 1 && only
      ? only.term
      : {
          symbol: 'ρ',
          name: 'Density of the mix',
          quantity: { value: mean, unit: 'g/cm³' },
          origin: { kind: 'shape', says: 'by shares of the mix' },
        };
  return reckoning({
    key: 'bulk.clay',
    part: part.id,
    lens: 'bulk',
    title: part.count === 1 ? 'Clay to take' : `Clay to take, all ${part.count}`,
    quantity: { value: each * part.count * (1 + waste.value / 100), unit: 'g' },
    formula: 'm = C × ρ × n × (1 + w)',
    terms: [
      termFrom('C', solid),
      densityTerm,
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

/** Core, foil, clay and thickest clay of one part; null when it is not of clay. */
export function reckonPartBulk(context: PartContext): PartBulk | null {
  const shares = claySharesOf(context);
  if (shares.length === 0) return null;
  const { part, shape, shrink, own } = context;
  const core = coreOf(context);
  const hasCore = core !== null && core.volumeMm3 > 0;
  const coreFigures = core && hasCore ? reckonCore(context, core) : [];
  const solid = reckonSolid(context, coreFigures[1], hasCore ? core : null);
  const ball = core?.thickestClay ?? shape.thickest;
  const limit = sourced('bulk.limit', own);
  const thickestMm = ball.diameterMm / shrink;
  const thickest = reckoning({
    key: 'bulk.thickest',
    part: part.id,
    lens: 'bulk',
    title: 'Thickest clay',
    quantity: { value: thickestMm, unit: 'mm' },
    formula: 't = largest ball in the clay, at most L',
    terms: [limit.term('L')],
    note: hasCore ? `In the ${ball.region}, core taken off.` : `In the ${ball.region}.`,
    verdict: judgeThickness(context, thickestMm, limit.value, core, ball.region),
  });
  const figures = [...coreFigures, solid, reckonMass(context, solid, shares), thickest];
  return { figures, solid, thickest, core };
}
