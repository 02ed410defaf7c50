import { lightnessOf, mixedColour } from '../../colour/index.ts';
import type { CoatId, CoatLayer, LayerKind, PartState, Schools, Zone } from '../../piece/index.ts';
import { DEFAULT_COAT_LAYER } from '../../piece/index.ts';
import { bodyRow } from '../coats/bodies.ts';
import type { BodyId } from '../record/choices.ts';

/** What the layers of a surface are proposed from. */
export interface ProposeAsk {
  readonly zone: Pick<Zone, 'colour' | 'sheen' | 'meets'>;
  readonly body: BodyId;
  readonly state: PartState;
  readonly schools: Pick<Schools, 'colour' | 'wash'>;
}

/** A shade is mixed from the colour and this, a highlight from the colour and white. */
const DARK = '#1f1712';
const LIGHT = '#ffffff';
/** What paint goes on where no colour has been chosen. */
const UNSAID = '#9a9186';
/** How much lighter a dry brush is than what it goes over: it covers only some of what it catches, and is to be seen. */
const LIGHTER = 25;
/** Over darker than this no wash is seen, and over lighter than this no dry brush, L*. */
const [DARKEST, LIGHTEST] = [46, 76];
/** Primer follows the shade of what goes over it. */
const PRIMERS = ['#2e2b29', '#8a8785', '#e8e6e1'] as const;

function layer(kind: LayerKind, of: CoatId | null, over: Partial<CoatLayer> = {}): CoatLayer {
  return { ...DEFAULT_COAT_LAYER, id: kind, kind, of, ...over };
}

const mixed = (colour: string, other: string, parts: number) =>
  mixedColour([
    { colour, parts: 1 },
    { colour: other, parts },
  ]);

/** The colour with so much white that it is seen to be lighter; white itself where nothing else is. */
export function lighterThan(colour: string, by = LIGHTER): string {
  const from = lightnessOf(colour);
  for (let parts = 0.25; parts <= 16; parts *= 1.5) {
    const found = mixed(colour, LIGHT, parts);
    if (lightnessOf(found) - from >= by) return found;
  }
  return LIGHT;
}

/** What a shade of a colour is washed with. */
export function shadeOf(colour: string): string {
  return mixed(colour, DARK, 8);
}

function primerOf(colour: string): string {
  const light = lightnessOf(colour);
  return PRIMERS[light < 35 ? 0 : light < 65 ? 1 : 2];
}

/** Tool, bake and cleaning of what is clay and not yet cured. */
function rawSteps({ body, state, schools, zone }: ProposeAsk): CoatLayer[] {
  if (body !== 'clay' || state === 'baked' || state === 'painted') return [];
  return [
    layer('texture', null, { note: 'coarse before fine' }),
    layer('clean', 'alcohol', { note: 'prints and dust off' }),
    ...(schools.colour === 'pastel'
      ? [layer('pastel', 'pastel', { how: 'dab', colour: zone.colour ?? UNSAID, note: 'light before dark' })]
      : []),
    layer('bake', null),
  ];
}

/** What goes between a body and its paint. */
function primed({ body }: ProposeAsk, colour: string): CoatLayer[] {
  const { isSlick, drinks, isShy } = bodyRow(body);
  if (isShy) return [];
  if (isSlick) return [layer('prime', 'primer', { colour: primerOf(colour) })];
  if (drinks !== 'no')
    return [layer('seal', 'sealer', { id: 'seal-body', note: 'so that it drinks no paint' })];
  return body === 'painted' ? [] : [layer('prime', 'primer', { colour: primerOf(colour) })];
}

/** The last coats: matt all over, and gloss only where it is wanted. */
function shone({ zone }: ProposeAsk, isPainted: boolean): CoatLayer[] {
  switch (zone.sheen) {
    case 'gloss':
      return [
        layer('gloss', 'gloss-varnish', { coats: 2, note: 'last of all: matt over it takes the shine' }),
      ];
    case 'satin':
      return [layer('gloss', 'satin-varnish')];
    case 'matt':
      return isPainted ? [layer('matt', 'matt-varnish', { note: 'stirred well, thin' })] : [];
  }
}

function painted(ask: ProposeAsk): CoatLayer[] {
  const colour = ask.zone.colour ?? UNSAID;
  const light = lightnessOf(colour);
  const isShaded = light >= DARKEST;
  return [
    ...primed(ask, colour),
    layer('base', 'acrylic', { coats: 2, colour, note: 'thin coats' }),
    ...(isShaded && ask.schools.wash === 'sealed'
      ? [layer('seal', 'sealer', { note: 'so that the wash lifts nothing' })]
      : []),
    ...(isShaded
      ? [
          layer('shade', 'wash', {
            colour: shadeOf(colour),
            thin: 4,
            note: 'into what lies deep, wiped off the rest',
          }),
        ]
      : []),
    ...(light <= LIGHTEST
      ? [
          layer('drybrush', 'acrylic', {
            colour: lighterThan(colour),
            how: 'dab',
            note: 'over what stands out, from above',
          }),
        ]
      : []),
    ...shone(ask, true),
  ];
}

/**
 * The layers of a surface in the usual order, by the way of working, what it is of and how far it has come: cleaned and
 * textured while it is raw, baked, primed, painted, shaded, sealed and shone. The same surface always gets the same.
 *
 * @example proposeLayers({ zone: { colour: '#7a5', sheen: 'matt', meets: [] }, body: 'clay', state: 'baked', schools: { colour: 'coloured', wash: 'sealed' } }) // []
 */
export function proposeLayers(ask: ProposeAsk): CoatLayer[] {
  const raw = rawSteps(ask);
  if (ask.body === 'clay' && ask.schools.colour === 'coloured') return [...raw, ...shone(ask, false)];
  if (ask.body === 'clay' && ask.schools.colour === 'pastel')
    return [
      ...raw,
      ...(raw.length === 0
        ? [
            layer('pastel', 'pastel', {
              how: 'dab',
              colour: ask.zone.colour ?? UNSAID,
              note: 'damp, light before dark',
            }),
          ]
        : []),
      ...shone(ask, true),
    ];
  return [...raw, ...painted(ask)];
}
