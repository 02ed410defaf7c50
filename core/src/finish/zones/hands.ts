import type { LayerKind } from '../../piece/index.ts';
import {
  figure,
  type OwnValues,
  type Reckoning,
  shapedBy,
  sourced,
  termFrom,
} from '../../reckoning/index.ts';
import { FINISH } from '../figures.ts';
import { count, entry, type Laid } from './laid.ts';

const shaped = shapedBy('its layers');

const RATES: Readonly<Record<LayerKind, string>> = {
  texture: 'finish.rate-texture',
  clean: 'finish.rate-wash',
  pastel: 'finish.rate-pastel',
  slip: 'finish.rate-base',
  bake: 'finish.rate-base',
  wipe: 'finish.rate-wash',
  prime: 'finish.rate-base',
  seal: 'finish.rate-base',
  base: 'finish.rate-base',
  stain: 'finish.rate-wash',
  leaf: 'finish.rate-pastel',
  shade: 'finish.rate-wash',
  drybrush: 'finish.rate-dry',
  glaze: 'finish.rate-wash',
  detail: 'finish.rate-detail',
  decal: 'finish.rate-detail',
  matt: 'finish.rate-base',
  gloss: 'finish.rate-base',
  paste: 'finish.rate-texture',
  fibre: 'finish.rate-fur',
  weather: 'finish.rate-dry',
};

function rateOf({ layer }: Laid): string {
  if (layer.how === 'spray') return 'finish.rate-spray';
  return layer.kind === 'fibre' && (layer.of === 'flock' || layer.of === 'grass')
    ? 'finish.rate-flock'
    : RATES[layer.kind];
}

/**
 * Minutes at the bench of a layer.
 *
 * @param casts how many come from a mould of one master: its texture is worked once, before the mould; null where there is none
 */
export function handsOf(laid: Laid, area: Reckoning, casts: number | null, own: OwnValues): Reckoning {
  const [least, rate] = [sourced('finish.least', own), sourced(rateOf(laid), own)];
  const { layer, zone } = laid;
  const isOnMaster = layer.kind === 'texture' && casts !== null;
  return figure(FINISH.hands, {
    part: null,
    at: laid.at,
    title: `${laid.title}, at the bench`,
    value: layer.coats * (least.value + area.quantity.value / (isOnMaster ? casts : 1) / rate.value),
    formula: isOnMaster ? 't = k × (b + A ÷ n ÷ v)' : 't = k × (b + A ÷ v)',
    terms: [
      { symbol: 'k', name: 'Coats', quantity: count(layer.coats), origin: entry(zone.id, layer, 'coats') },
      least.term('b'),
      termFrom('A', area),
      ...(isOnMaster ? [shaped('n', 'Cast from one master', casts, 'count')] : []),
      rate.term('v'),
    ],
    note: isOnMaster ? 'Worked once, on the master, before the mould is made of it.' : undefined,
  });
}

/** Goes in which a wash is laid, so that it is wiped back while it is wet. */
export function goesOf(laid: Laid, area: Reckoning, own: OwnValues): Reckoning[] {
  if (laid.layer.kind !== 'shade') return [];
  const [open, pace] = [sourced('finish.open', own), sourced('finish.rate-wash', own)];
  const atOnce = open.value * pace.value;
  return [
    figure(FINISH.goes, {
      part: null,
      at: laid.at,
      title: `${laid.title}, in goes`,
      value: Math.max(1, Math.ceil(area.quantity.value / atOnce - 1e-9)),
      formula: 'n = ⌈A ÷ (o × v)⌉',
      terms: [termFrom('A', area), open.term('o'), pace.term('v')],
      note: `No more than ${Math.round(atOnce)} cm² at one go: past that it can no longer be wiped back.`,
    }),
  ];
}
