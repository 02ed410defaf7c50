import {
  type CoatId,
  type CoatLayer,
  DEFAULT_COAT_LAYER,
  DEFAULT_ZONE,
  type LayerKind,
  type PaintMix,
  type PaintPot,
  type PartId,
  type Zone,
} from '../piece/index.ts';

function layer(kind: LayerKind, of: CoatId | null, over: Partial<CoatLayer> = {}): CoatLayer {
  return { ...DEFAULT_COAT_LAYER, id: kind, kind, of, ...over };
}

function zone(id: string, name: string, part: string, over: Partial<Zone>): Zone {
  const isOwn = over.layers !== undefined;
  return { ...DEFAULT_ZONE, id, name, part: part as PartId, isOwn, ...over };
}

/** The coat in eleven layers: weave in the clay, paint, damp and mud. */
const COAT_LAYERS: readonly CoatLayer[] = [
  layer('texture', null, { note: 'coarse net pressed in for the weave, then single threads with a needle' }),
  layer('clean', 'alcohol', { note: 'prints off' }),
  layer('bake', null),
  layer('prime', 'primer', { colour: '#8a8785' }),
  layer('base', 'acrylic', { colour: '#5d6f66', coats: 2 }),
  layer('seal', 'sealer'),
  layer('shade', 'wash', { colour: '#1d2321', thin: 4, note: 'wiped off the raised threads' }),
  layer('drybrush', 'acrylic', {
    colour: '#cfdad2',
    how: 'dab',
    note: 'over shoulders and cuffs, from above',
  }),
  layer('glaze', 'acrylic-glaze', { colour: '#3c4a44', thin: 8, note: 'damp, rising from the hem' }),
  layer('matt', 'matt-varnish'),
  layer('weather', 'wash', { colour: '#4a3a2a', thin: 6, note: 'mud, splashed up behind' }),
];

/** Surfaces of the ferry piece. */
export const FERRY_ZONES: readonly Zone[] = [
  zone('coat', 'coat', 'ferrywoman', {
    regions: ['torso', 'skirt', 'left upper arm', 'left forearm', 'right upper arm', 'right forearm'],
    lowPct: 36,
    colour: '#5d6f66',
    layers: [...COAT_LAYERS],
  }),
  zone('hem', 'wet hem', 'ferrywoman', {
    regions: ['skirt'],
    highPct: 36,
    colour: '#3f4c46',
    sheen: 'gloss',
    meets: ['water'],
  }),
  zone('face', 'face and hands', 'ferrywoman', {
    regions: ['head', 'nose', 'neck', 'left hand', 'right hand'],
    colour: '#d29a7d',
  }),
  zone('bill', 'bill and feet', 'goose', {
    regions: ['beak', 'left foot', 'left shank', 'right foot', 'right shank'],
    colour: '#d98a3c',
    layers: [
      layer('clean', 'alcohol'),
      layer('pastel', 'pastel', {
        colour: '#d98a3c',
        how: 'dab',
        note: 'light before dark, into the raw clay',
      }),
      layer('bake', null),
      layer('matt', 'satin-varnish', { kind: 'gloss', id: 'satin' }),
    ],
  }),
  zone('down', 'down', 'goose', {
    regions: ['body', 'neck', 'head', 'left drumstick', 'right drumstick'],
    colour: '#9c9184',
    layers: [
      layer('texture', null, { note: 'lines of feathers, where the flock is thin' }),
      layer('bake', null),
      layer('prime', 'primer', { colour: '#8a8785' }),
      layer('base', 'acrylic', { colour: '#8f867b', coats: 2, note: 'light flock shows what is under it' }),
      layer('fibre', 'flock', { colour: '#a89d90', lengthMm: 0.5, how: 'dab' }),
    ],
  }),
  zone('bricks', 'bricks', 'quay', {
    side: 'front',
    colour: '#9a6048',
    layers: [
      layer('bake', null),
      layer('prime', 'primer', { colour: '#8a8785' }),
      layer('base', 'acrylic', { colour: '#9a6048', coats: 2 }),
      layer('seal', 'sealer'),
      layer('shade', 'wash', { colour: '#171412', thin: 3, note: 'soot, into the joints' }),
      layer('drybrush', 'acrylic', { colour: '#e8cdb8', how: 'dab' }),
      layer('matt', 'matt-varnish'),
      layer('weather', 'wash', {
        colour: '#3c4a2c',
        thin: 3,
        lies: 'run',
        note: 'green where the tide runs off',
      }),
    ],
  }),
  zone('boards', 'boards', 'stage', {
    side: 'top',
    colour: '#7b6650',
    layers: [
      layer('stain', 'stain', { colour: '#6e5a45', coats: 2 }),
      layer('drybrush', 'acrylic', { colour: '#e2d6c4', how: 'dab', note: 'along the grain' }),
      layer('matt', 'matt-varnish'),
    ],
  }),
];

const pot = (id: string, name: string, colour: string, of: CoatId = 'acrylic'): PaintPot => ({
  id,
  name,
  of,
  colour,
});

/** Paints on the bench of the ferry. */
export const FERRY_POTS: readonly PaintPot[] = [
  pot('white', 'warm white', '#f2efe6'),
  pot('black', 'soft black', '#23201e'),
  pot('ochre', 'ochre', '#c28f3a'),
  pot('umber', 'umber', '#5b4434'),
  pot('red', 'earth red', '#9a3f2c'),
  pot('blue', 'slate blue', '#46617a'),
  pot('green', 'leaf green', '#4f6b3a'),
];

/** What was mixed of them. */
export const FERRY_MIXES: readonly PaintMix[] = [
  {
    id: 'skin',
    name: 'face and hands',
    colour: '#d29a7d',
    parts: [
      { id: 'white', parts: 4 },
      { id: 'red', parts: 1 },
      { id: 'ochre', parts: 1 },
    ],
    made: '#c98d72',
    version: 1,
    note: 'dries darker than it looks on the tile',
  },
];

/** Surfaces of the frogs: the colour is in the clay, and only what is wet shines. */
export const FROG_ZONES: readonly Zone[] = [
  zone('eyes', 'eyes', 'toll-keeper', { regions: ['eyes'], sheen: 'gloss', colour: '#c69b4f' }),
];

/** Surfaces of the market: the stall washed and sprayed dull. */
export const MARKET_ZONES: readonly Zone[] = [
  zone('stall', 'boards of the stall', 'stall', {
    colour: '#a6473d',
    layers: [
      layer('clean', 'alcohol'),
      layer('bake', null),
      layer('seal', 'sealer'),
      layer('shade', 'wash', { colour: '#2b1d18', thin: 4, note: 'into the joints of the boards' }),
      layer('matt', 'matt-spray', { how: 'spray' }),
    ],
  }),
];
