import { peakOf } from '../../bake/index.ts';
import { mixedColour } from '../../colour/index.ts';
import type { Given, PartContext } from '../../context/index.ts';
import { wetOfPiece } from '../../ground/index.ts';
import type {
  BoardStuff,
  BodyId,
  CoatLayer,
  HeapStuff,
  Meets,
  PartState,
  Piece,
  Zone,
} from '../../piece/index.ts';
import { sourced } from '../../reckoning/index.ts';
import type { LaterStep, Surface } from '../bearing/rule.ts';
import { bodyOfStuff } from '../coats/bodies.ts';
import { proposeLayers } from '../layers/propose.ts';
import { skinOfPart } from './skinOfPart.ts';
import { lowestMm } from './zoneArea.ts';

/** A zone with what follows for it from the rest of the piece. */
export interface ZoneFacts extends Surface {
  readonly id: string;
  readonly name: string;
  readonly part: string | null;
  /** What it is before anything is on it, `#rrggbb`. */
  readonly bodyColour: string;
  readonly state: PartState;
}

const OF_BOARD: Readonly<Record<BoardStuff, BodyId>> = {
  ply: 'wood',
  fibreboard: 'wood',
  'solid-wood': 'wood',
  cork: 'cork',
  foam: 'foam',
  card: 'card',
  clay: 'clay',
};

const OF_HEAP: Readonly<Record<HeapStuff, BodyId>> = {
  foam: 'foam',
  card: 'card',
  cork: 'cork',
  foil: 'foil',
  plaster: 'plaster',
  paste: 'plaster',
};

/** Where a surface has no clay of its own to bake. */
const USUAL_PEAK_C = 135;

/** What surfaces look like before anything is on them (common practice, for the eye alone). */
const BODY_COLOURS: Readonly<Record<BodyId, string>> = {
  clay: '#c9b6a0',
  'air-dry': '#e9e6df',
  putty: '#8f8a5e',
  resin: '#d8cfa8',
  plaster: '#ece8df',
  wood: '#c39a68',
  card: '#cbb894',
  cork: '#b08a5c',
  foam: '#e6e4ee',
  foil: '#b9bcc0',
  metal: '#8d9094',
  glass: '#c8d6d6',
  stone: '#97928a',
  plastic: '#a5a7aa',
  rubber: '#9fb0c0',
  cloth: '#d6cdb8',
  painted: '#9a9186',
};

/** What some ground is of: the board, a rise, a pour or a cover by its id. */
export function bodyOfGround({ board, heaps, pours, covers }: Piece, id: string): BodyId {
  if (id === 'board') return board ? OF_BOARD[board.stuff] : 'wood';
  const heap = heaps.find((one) => one.id === id);
  if (heap) return heap.skin === 'none' ? OF_HEAP[heap.of] : 'plaster';
  if (pours.some((one) => one.id === id)) return 'resin';
  return covers.some((one) => one.id === id) ? 'stone' : 'wood';
}

/** What a part’s surface is of: its clay, or its stuff. */
export function bodyOfPart({ piece, part }: Pick<PartContext, 'piece' | 'part'>): BodyId {
  if (part.state === 'painted') return 'painted';
  const families = part.mix.flatMap(({ clay }) => piece.clays.find(({ id }) => id === clay)?.family ?? []);
  if (families.includes('air-dry')) return 'air-dry';
  if (families.includes('epoxy-putty')) return 'putty';
  if (part.mix.length > 0) return 'clay';
  return part.stuff ? bodyOfStuff(part.stuff) : 'wood';
}

function colourOfMix({ piece, part }: PartContext): string | null {
  const parts = part.mix.flatMap(({ clay, parts: n }) => {
    const own = piece.clays.find(({ id }) => id === clay);
    return own ? [{ colour: own.colour, parts: n }] : [];
  });
  return parts.some((one) => one.parts > 0) ? mixedColour(parts) : null;
}

/** What a surface meets with: as the maker says, and by what the piece is for. */
function meetsOf(zone: Zone, { brief }: Piece): readonly Meets[] {
  const isHeld = brief.purpose === 'handled' || brief.purpose === 'worn';
  return isHeld && !zone.meets.includes('hands') ? [...zone.meets, 'hands'] : zone.meets;
}

/** Superglue, water and ovens that reach a surface once it is finished. */
function laterOf(given: Given, zone: Zone, context: PartContext | undefined): readonly LaterStep[] {
  if (!context) return [];
  const { piece } = given.context;
  const { id } = context.part;
  const joints = piece.joints.flatMap((joint): LaterStep[] => {
    const fit = piece.fits.find((one) => one.id === joint.fit);
    if (!fit || (fit.part !== id && fit.on !== id)) return [];
    const other = given.contexts.get(fit.part === id ? fit.on : fit.part)?.part.name ?? 'another part';
    if (joint.way === 'superglue')
      return [{ id: joint.id, says: `superglue at the joint with ${other}`, does: 'superglue' }];
    return joint.way === 'liquid-clay'
      ? [{ id: joint.id, says: `the bake of the joint with ${other}`, does: 'bake' }]
      : [];
  });
  const found = given.part(skinOfPart, id);
  const low = found && lowestMm(found.skin, zone);
  const pours = given
    .piece(wetOfPiece)
    .wet.filter((one) => one.part === id && low !== null && low / context.shrink < one.deepMm)
    .map(
      ({ pour, name, of, deepMm }): LaterStep => ({
        id: pour,
        toMm: deepMm,
        says: `${name} is poured round it`,
        does: of === 'resin' ? 'resin' : 'water',
      }),
    );
  return [...joints, ...pours];
}

/** A zone as it is judged, looked at and reckoned. */
export function zoneFacts(given: Given, zone: Zone): ZoneFacts {
  const { piece, own } = given.context;
  const context = zone.part === null ? undefined : given.contexts.get(zone.part);
  const body = zone.of ?? (context ? bodyOfPart(context) : bodyOfGround(piece, zone.ground));
  const state = context?.part.state ?? 'baked';
  const { schools } = piece.brief;
  const temperature = context && given.find(context.part.id, 'bake.temperature');
  const layers: readonly CoatLayer[] = zone.isOwn
    ? zone.layers
    : proposeLayers({ zone, body, state, schools });
  return {
    id: zone.id,
    name: zone.name,
    part: zone.part,
    body,
    state,
    isRaw: body === 'clay' && (state === 'planned' || state === 'raw') && context !== undefined,
    layers,
    meets: meetsOf(zone, piece),
    later: laterOf(given, zone, context),
    schools: { colour: schools.colour, superglue: schools.superglue },
    peakC: temperature ? peakOf(temperature, own) : USUAL_PEAK_C,
    humidityPct: sourced('finish.humidity', own).value,
    bodyColour: (body === 'clay' && context ? colourOfMix(context) : null) ?? BODY_COLOURS[body],
  };
}
