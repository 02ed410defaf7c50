import { colourApart, lightnessOf, mixedColour } from '../../colour/index.ts';
import type { CoatLayer, Zone } from '../../piece/index.ts';
import {
  figure,
  type OwnValues,
  type Reckoning,
  shapedBy,
  sourced,
  type WayOut,
} from '../../reckoning/index.ts';
import { FINISH } from '../figures.ts';
import { layerSays } from '../layers/orderOf.ts';
import { familyRow } from '../rows/families.ts';
import { withLayers } from '../zones/withLayers.ts';
import type { ZoneFacts } from '../zones/zoneFacts.ts';
import { type Contrast, contrastsOf, type Look, type LookRates, looksOf } from './look.ts';

/** What looks are reckoned with: the handbook’s, or the maker’s own. */
export function lookRates(own: OwnValues): LookRates {
  const value = (row: string) => sourced(row, own).value;
  return {
    pools: value('finish.pools'),
    thins: value('finish.thins'),
    catches: value('finish.catches') / 100,
    grazes: value('finish.grazes') / 100,
    hides: (family) => value(familyRow(family).hides.id),
  };
}

const shaped = shapedBy('its colours, layer by layer');

/** How far a colour is moved in one try, and how many are made. */
const STEP = 1.6;
const TRIES = 14;
const ENDS = { lighter: '#ffffff', darker: '#120d0a' } as const;

/** The layers with another colour for one of them. */
const recoloured = (layers: readonly CoatLayer[], at: number, colour: string): readonly CoatLayer[] =>
  layers.map((one, i) => (i === at ? { ...one, colour } : one));

/** The nearest colour on the way to white or black that is seen; null where none is. */
export function colourThatShows(
  { bodyColour, layers }: Pick<ZoneFacts, 'bodyColour' | 'layers'>,
  at: number,
  way: keyof typeof ENDS,
  wanted: number,
  rates: LookRates,
): string | null {
  const from = layers[at]?.colour;
  if (!from) return null;
  for (let i = 0, parts = 0.1; i <= TRIES; i += 1, parts *= STEP) {
    const colour =
      i === TRIES
        ? ENDS[way]
        : mixedColour([
            { colour: from, parts: 1 },
            { colour: ENDS[way], parts },
          ]);
    const tried = recoloured(layers, at, colour);
    const found = contrastsOf(tried, looksOf(bodyColour, tried, rates)).find((one) => one.at === at);
    if (found && found.apart >= wanted && isTowards(found, way)) return colour;
  }
  return null;
}

function isTowards({ seen, flat }: Contrast, way: keyof typeof ENDS): boolean {
  return lightnessOf(seen) > lightnessOf(flat) === (way === 'lighter');
}

function waysToShow(
  zone: Zone,
  facts: ZoneFacts,
  { at, layer }: Contrast,
  wanted: number,
  rates: LookRates,
): WayOut[] {
  const ways: readonly (keyof typeof ENDS)[] = layer.kind === 'shade' ? ['darker'] : ['lighter', 'darker'];
  const found = ways.flatMap((way): WayOut[] => {
    const colour = colourThatShows(facts, at, way, wanted, rates);
    return colour
      ? [
          {
            says: `take a ${way} colour, ${colour}`,
            change: withLayers(zone, recoloured(facts.layers, at, colour)),
          },
        ]
      : [];
  });
  if (found.length > 0) return found;
  // Over what is as light as paint gets nothing lighter is seen: what is under it is darkened first.
  return [
    { says: layer.kind === 'drybrush' ? 'wash it darker first, then dry brush' : 'take a lighter base coat' },
  ];
}

/** How a zone looks after each of its layers, and what of it is seen. */
export interface LookReckoned {
  readonly looks: readonly Look[];
  readonly figures: readonly Reckoning[];
}

/** Whether washes and dry brush are seen over what they go over. */
export function reckonLook(zone: Zone, facts: ZoneFacts, own: OwnValues): LookReckoned {
  const rates = lookRates(own);
  const looks = looksOf(facts.bodyColour, facts.layers, rates);
  const wanted = sourced('finish.shows', own).value;
  const figures = contrastsOf(facts.layers, looks).map((contrast) => {
    const { layer, seen, flat, apart } = contrast;
    const isSeen = apart >= wanted;
    return figure(FINISH.shows, {
      part: null,
      at: `${zone.id}-${layer.id}`,
      title: `${zone.name}, ${layerSays(layer)}: seen, L*`,
      value: apart,
      terms: [
        shaped(
          'a',
          layer.kind === 'shade' ? 'Where it settles, L*' : 'Where it catches, L*',
          lightnessOf(seen),
          '',
        ),
        shaped('b', 'Where it is flat, L*', lightnessOf(flat), ''),
      ],
      note: `${seen} beside ${flat}: ΔE00 ${colourApart(seen, flat).toFixed(1)}.`,
      verdict: isSeen
        ? { level: 'good', wording: 'state', says: 'it shows', waysOut: [] }
        : {
            level: 'doubtful',
            wording: 'state',
            says: `it will not show: eyes want ${wanted} of L* between them`,
            waysOut: waysToShow(zone, facts, contrast, wanted, rates),
          },
    });
  });
  return { looks, figures };
}
