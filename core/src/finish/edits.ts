import {
  type CoatLayer,
  type CoatRule,
  DEFAULT_COAT_LAYER,
  DEFAULT_COAT_RULE,
  DEFAULT_JOINT,
  DEFAULT_ZONE,
  FINISH_MOST,
  type Joint,
  type LayerKind,
  newId,
  type PartId,
  type Piece,
  type Zone,
  type ZoneSpot,
} from '../piece/index.ts';
import { LAYER_COATS, LAYER_SAYS } from './layers/orderOf.ts';

/** A piece with something more, and its id. */
interface Made {
  readonly piece: Piece;
  readonly id: string;
}

/** A piece with one more surface: of a part, or of some ground. */
export function withZone(piece: Piece, on: { readonly part: PartId | null; readonly ground: string }): Made {
  const name = piece.parts.find(({ id }) => id === on.part)?.name ?? 'ground';
  const taken = new Set(piece.zones.map((zone) => zone.name));
  let called = name;
  for (let n = 2; taken.has(called); n += 1) called = `${name} ${n}`;
  const zone: Zone = { ...DEFAULT_ZONE, ...on, id: newId('surface'), name: called };
  return { piece: { ...piece, zones: [...piece.zones, zone] }, id: zone.id };
}

export function withoutZone(piece: Piece, id: string): Piece {
  return { ...piece, zones: piece.zones.filter((zone) => zone.id !== id) };
}

/** A piece in which a surface is changed. */
export function changeZone(piece: Piece, id: string, change: (zone: Zone) => Zone): Piece {
  return { ...piece, zones: piece.zones.map((zone) => (zone.id === id ? change(zone) : zone)) };
}

/** A surface with layers of the maker’s own. */
export function ownLayers(zone: Zone, layers: readonly CoatLayer[]): Zone {
  return { ...zone, isOwn: true, layers: layers.slice(0, FINISH_MOST.layers) };
}

/** One more layer, in its usual place among the others. */
export function addLayer(
  layers: readonly CoatLayer[],
  kind: LayerKind,
  colour: string | null,
): readonly CoatLayer[] {
  const order = Object.keys(LAYER_SAYS);
  const rank = (one: LayerKind) => order.indexOf(one);
  const ids = new Set(layers.map(({ id }) => id));
  let id: string = kind;
  for (let n = 2; ids.has(id); n += 1) id = `${kind}-${n}`;
  const of = LAYER_COATS[kind][0] ?? null;
  const layer: CoatLayer = { ...DEFAULT_COAT_LAYER, id, kind, of, colour };
  const after = layers.findLastIndex((one) => rank(one.kind) <= rank(kind));
  return [...layers.slice(0, after + 1), layer, ...layers.slice(after + 1)];
}

/** One more layer at the end, its id made anew where it is taken. */
export function putLast(layers: readonly CoatLayer[], layer: CoatLayer, stem: string): readonly CoatLayer[] {
  const ids = new Set(layers.map(({ id }) => id));
  let id = stem;
  for (let n = 2; ids.has(id); n += 1) id = `${stem}-${n}`;
  return [...layers, { ...layer, id }];
}

/** A layer one place earlier or later. */
export function moveLayer(layers: readonly CoatLayer[], id: string, by: 1 | -1): readonly CoatLayer[] {
  const at = layers.findIndex((one) => one.id === id);
  const to = at + by;
  const [one, other] = [layers[at], layers[to]];
  if (!one || !other) return layers;
  return layers.map((layer, i) => (i === at ? other : i === to ? one : layer));
}

/** Dabs of a brush put on a surface, those that lie on others left out. */
export function withSpots(zone: Zone, spots: readonly ZoneSpot[]): Zone {
  const all = [...zone.spots];
  for (const spot of spots) {
    const isNear = all.some(
      ({ xMm, yMm, zMm, radiusMm }) =>
        Math.hypot(xMm - spot.xMm, yMm - spot.yMm, zMm - spot.zMm) < radiusMm / 3 &&
        radiusMm >= spot.radiusMm,
    );
    if (!isNear && all.length < FINISH_MOST.spots) all.push(spot);
  }
  return { ...zone, spots: all };
}

/** A piece with one more rule of the maker’s own. */
export function withCoatRule(piece: Piece, { under, over }: Pick<CoatRule, 'under' | 'over'>): Piece {
  const rule: CoatRule = { ...DEFAULT_COAT_RULE, id: newId('rule'), under, over };
  return { ...piece, coatRules: [...piece.coatRules, rule] };
}

/** A piece in which a fit is joined, or the joint that it has is changed. */
export function joinedBy(piece: Piece, fit: string, change: Partial<Joint>): Piece {
  const known = piece.joints.some((one) => one.fit === fit);
  const joints = known
    ? piece.joints.map((one) => (one.fit === fit ? { ...one, ...change } : one))
    : [...piece.joints, { ...DEFAULT_JOINT, id: newId('joint'), fit, ...change }];
  return { ...piece, joints };
}
