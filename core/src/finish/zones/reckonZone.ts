import type { Given } from '../../context/index.ts';
import type { Zone } from '../../piece/index.ts';
import {
  figure,
  type OwnValues,
  type Reckoning,
  shapedBy,
  sourced,
  type Term,
  termFrom,
  type Verdict,
  type WayOut,
} from '../../reckoning/index.ts';
import { type Finding, firstFailure, judge, type Known } from '../bearing/judge.ts';
import { seenSays } from '../bearing/seen.ts';
import { type Way, waysOut } from '../bearing/waysOut.ts';
import { type Coat, coatRow } from '../coats/coats.ts';
import { dryMinutes, neverDries, wetOf } from '../drying/drying.ts';
import { standsMm } from '../drying/stands.ts';
import { FINISH } from '../figures.ts';
import { layerSays } from '../layers/orderOf.ts';
import { type Family, familyRow } from '../rows/families.ts';
import { areaOfZone } from './areaOfZone.ts';
import { reckonDecal } from './decal.ts';
import { fibreGrams } from './fibreGrams.ts';
import { fibreRows } from './fibreRows.ts';
import { goesOf, handsOf } from './hands.ts';
import { count, entry, type Laid } from './laid.ts';
import { settledLayer } from './settledArea.ts';
import { withLayers } from './withLayers.ts';
import type { ZoneFacts } from './zoneFacts.ts';

/** A layer that lies as a film. */
interface Spread extends Laid {
  readonly coat: Coat;
  readonly family: Family;
  readonly usualMm: number;
  readonly wetMm: number;
}

/** Nothing of these stays, or it is too little to be measured. */
const LEAVES_NOTHING: readonly string[] = ['soap', 'alcohol'];

function spreadOf(laid: Laid, own: OwnValues): Spread | null {
  const { coat, layer } = laid;
  if (!coat || LEAVES_NOTHING.includes(coat.id) || coat.family === 'powder') return null;
  const family = familyRow(coat.family);
  const usualMm = sourced(family.film.id, own).value;
  return { ...laid, coat, family, usualMm, wetMm: wetOf(layer, usualMm) };
}

function volumeOf(laid: Spread, area: Reckoning, own: OwnValues): Reckoning {
  const { zone, layer, coat, at, title, wetMm } = laid;
  const loss = sourced(layer.how === 'spray' ? 'finish.loss-spray' : 'finish.loss-brush', own);
  const value =
    (((area.quantity.value * wetMm) / 10) * layer.coats * (1 + loss.value / 100)) / (1 + layer.thin);
  const drops = (cm3: number) => Math.max(1, Math.round(cm3 / sourced('finish.drop', own).value));
  const thinner = coat.carrier === 'spirit' || coat.carrier === 'alcohol' ? coat.carrier : 'water';
  return figure(FINISH.volume, {
    part: null,
    at,
    title: `${title}${coat.fibres ? ': glue under it' : ', to take'}`,
    value,
    terms: [
      termFrom('A', area),
      wetTerm(laid),
      { symbol: 'k', name: 'Coats', quantity: count(layer.coats), origin: entry(zone.id, layer, 'coats') },
      loss.term('l'),
      {
        symbol: 'h',
        name: 'Parts of thinner to one',
        quantity: count(layer.thin),
        origin: entry(zone.id, layer, 'thin'),
      },
    ],
    note:
      layer.thin > 0
        ? `1 to ${layer.thin} of ${thinner}: about ${drops(value)} drops of it and ${drops(value * layer.thin)} of ${thinner}.`
        : `About ${drops(value)} drops.`,
  });
}

function wetTerm({ zone, layer, wetMm, family }: Spread): Term {
  const name = layer.how === 'spray' ? 'One mist of it, wet' : family.film.title;
  return {
    symbol: 't',
    name,
    quantity: { value: wetMm, unit: 'mm' },
    origin: entry(zone.id, layer, 'filmMm'),
  };
}

/** The working of a drying time, by how it dries. */
function dryingTerms(
  laid: Spread,
  own: OwnValues,
): { readonly formula: string; readonly terms: readonly Term[] } {
  const { zone, layer, family, coat } = laid;
  const base: readonly Term[] = [
    { symbol: 'k', name: 'Coats', quantity: count(layer.coats), origin: entry(zone.id, layer, 'coats') },
    sourced(family.dry.id, own).term('r'),
  ];
  const warm = sourced('finish.room', own).term('c');
  if (family.dries === 'reaction')
    return { formula: 'd = k × r × 6^((20 − c) ÷ 30)', terms: [...base, warm] };
  if (family.dries !== 'diffusion') return { formula: 'd = k × r', terms: base };
  const thick = [
    { ...wetTerm(laid), quantity: { value: laid.layer.filmMm ?? laid.usualMm, unit: 'mm' as const } },
    sourced(family.film.id, own).term('u'),
  ];
  return coat.carrier === 'water'
    ? {
        formula: 'd = k × r × (t ÷ u)² × 50 ÷ max(1, 100 − w) × 6^((20 − c) ÷ 30)',
        terms: [...base, ...thick, sourced('finish.humidity', own).term('w'), warm],
      }
    : { formula: 'd = k × r × (t ÷ u)² × 6^((20 − c) ÷ 30)', terms: [...base, ...thick, warm] };
}

function driesOf(laid: Spread, own: OwnValues): Reckoning {
  const { layer, coat, family, at, title, usualMm } = laid;
  const room = {
    tempC: sourced('finish.room', own).value,
    humidityPct: sourced('finish.humidity', own).value,
  };
  // The time of a spray is that of one of its mists.
  const wetMm = layer.filmMm ?? usualMm;
  const never = neverDries({ coat, wetMm });
  const hours = Math.round((family.lateMin ?? 0) / 60);
  return figure(FINISH.dries, {
    part: null,
    at,
    title: `${title}, dries`,
    value: dryMinutes(
      { coat, coats: layer.coats, wetMm, usualMm, usualMin: sourced(family.dry.id, own).value },
      room,
    ),
    ...dryingTerms(laid, own),
    note:
      family.byMin === null
        ? undefined
        : `The next coat goes on within ${family.byMin} min, or after ${hours} h: in between it wrinkles.`,
    ...(never !== null && {
      verdict: {
        level: 'stop',
        wording: 'state',
        says: never,
        waysOut: [{ says: 'lay it in thin coats, or pour resin' }],
      } as const,
    }),
  });
}

const shaped = shapedBy('its layers');

const SAYS_WEIGHT = { check: 'doubtful', stop: 'stop' } as const;

function hoursSaid(hours: number): string {
  if (Math.abs(hours) < 0.05) return '';
  const about =
    Math.abs(hours) < 1 ? `${Math.round(Math.abs(hours) * 60)} min` : `${Math.round(Math.abs(hours))} h`;
  return hours > 0 ? `: ${about} more` : `: ${about} less`;
}

/** What a finding is, in one line. */
export function findingSays({ over, under, sees, seen }: Finding): string {
  const went = seenSays(seen);
  return `${over} over ${under}: ${sees}${went === '' ? '' : `; ${went}`}`;
}

function verdictOf(
  zone: Zone,
  findings: readonly Finding[],
  ways: readonly Way[],
  above: readonly WayOut[],
): Verdict {
  const first = firstFailure(findings);
  if (!first || first.weight === 'silent')
    return { level: 'good', wording: 'state', says: 'every layer holds on what is under it', waysOut: [] };
  const more = findings.length - 1;
  return {
    level: SAYS_WEIGHT[first.weight],
    wording: 'state',
    says: `${findingSays(first)}${more > 0 ? `, and ${more} more` : ''}`,
    waysOut: [
      ...above,
      ...ways.map(({ says, layers, hours }) => ({
        says: `${says}${hoursSaid(hours)}`,
        change: withLayers(zone, layers),
      })),
    ],
  };
}

/** A zone that a pour reaches may end above it. */
function aboveIt(given: Given, zone: Zone, { later }: ZoneFacts, { rule, over }: Finding): readonly WayOut[] {
  const context = zone.part === null ? undefined : given.contexts.get(zone.part);
  const pour = later.find(({ says }) => says === over);
  if (rule !== 'after' || !context || pour?.toMm === undefined) return [];
  const { min, max } = context.shape.box;
  const lowPct = Math.ceil((100 * pour.toMm * context.shrink) / (max[1] - min[1]));
  return lowPct < zone.highPct
    ? [{ says: 'end it above the pour', change: { path: ['zones', zone.id], value: { ...zone, lowPct } } }]
    : [];
}

/** What is known of a zone once it is reckoned. */
export interface ZoneReckoned {
  readonly figures: readonly Reckoning[];
  readonly findings: readonly Finding[];
  readonly ways: readonly Way[];
  readonly areaCm2: number;
}

/** Layers, what they take, how long they dry, and whether they hold. */
export function reckonZone(given: Given, zone: Zone, facts: ZoneFacts, known: Known): ZoneReckoned {
  const { own } = given.context;
  const area = areaOfZone(given, zone);
  const findings = judge(facts, known);
  const first = firstFailure(findings);
  const ways = first ? waysOut(first, facts, known) : [];
  const all = facts.layers.map(
    (layer): Laid => ({
      zone: facts,
      layer,
      coat: layer.of === null ? null : coatRow(layer.of),
      at: `${zone.id}-${layer.id}`,
      title: `${zone.name}, ${layerSays(layer)}`,
    }),
  );
  const spreads = all.flatMap((one) => spreadOf(one, own) ?? []);
  const of = zone.part === null ? undefined : given.contexts.get(zone.part)?.part;
  const casts = of?.mould ? of.count : null;
  const perLayer = all.flatMap((one): Reckoning[] => {
    if (one.layer.kind === 'bake') return [];
    const spread = spreads.find(({ at }) => at === one.at);
    const settled = settledLayer(given, zone, facts, one.layer, area);
    const on = settled?.area ?? area;
    return [
      ...(settled ? [settled.area] : []),
      ...(settled?.deepest ? [settled.deepest] : []),
      ...reckonDecal(zone, facts, one.layer, { key: one.at, title: one.title }, own),
      handsOf(one, on, casts, own),
      ...goesOf(one, on, own),
      ...(spread ? [volumeOf(spread, on, own), driesOf(spread, own)] : []),
      ...(one.coat?.fibres
        ? [fibreGrams(one, on, own), ...fibreRows(given, zone, one.layer, one.title)]
        : []),
    ];
  });
  const dries = perLayer.filter(({ key }) => key.startsWith('finish.dries.'));
  const thick = spreads.map((one) => ({ name: one.title, mm: standsMm(one.layer, one.coat, one.usualMm) }));
  const stops = findings.filter(({ weight }) => weight === 'stop').length;
  return {
    areaCm2: area.quantity.value,
    findings,
    ways,
    figures: [
      figure(FINISH.holds, {
        part: null,
        at: zone.id,
        title: `${zone.name}, layers that may not hold`,
        value: findings.length,
        terms: [
          shaped('s', 'Will not', stops, 'count'),
          shaped('c', 'May not', findings.length - stops, 'count'),
        ],
        note: first ? `${first.why} (${first.source})` : undefined,
        verdict: verdictOf(zone, findings, ways, first ? aboveIt(given, zone, facts, first) : []),
      }),
      area,
      ...(thick.length === 0
        ? []
        : [
            figure(FINISH.thick, {
              part: null,
              at: zone.id,
              title: `${zone.name}, coats together`,
              value: thick.reduce((sum, { mm }) => sum + mm, 0),
              formula: `T = ${thick.map((_, i) => `t${i + 1}`).join(' + ')}`,
              terms: thick.map(({ name, mm }, i) => shaped(`t${i + 1}`, name, mm, 'mm')),
            }),
          ]),
      ...(dries.length === 0
        ? []
        : [
            figure(FINISH.waits, {
              part: null,
              at: zone.id,
              title: `${zone.name}, dries in all`,
              value: dries.reduce((sum, { quantity }) => sum + quantity.value, 0) / 60,
              formula: `D = (${dries.map((_, i) => `d${i + 1}`).join(' + ')}) ÷ 60`,
              terms: dries.map((one, i) => termFrom(`d${i + 1}`, one)),
            }),
          ]),
      ...perLayer,
    ],
  };
}
