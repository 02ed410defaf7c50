import type { Given } from '../../context/index.ts';
import type { CoatLayer, Settling, Zone } from '../../piece/index.ts';
import { figure, type Reckoning, shapedBy, sourced, termFrom } from '../../reckoning/index.ts';
import { coatRow } from '../coats/coats.ts';
import { FINISH } from '../figures.ts';
import { layerSays } from '../layers/orderOf.ts';
import { familyRow } from '../rows/families.ts';
import { edgeShare, settledOn, settleOf } from '../shape/settles.ts';
import { mapsOfPart } from './skinOfPart.ts';
import { withLayers } from './withLayers.ts';
import type { ZoneFacts } from './zoneFacts.ts';

/** Where matter lies, in words. */
export const SETTLES_SAYS: Readonly<Record<Settling, string>> = {
  sky: 'on what lies open to the sky',
  shelter: 'in shelter',
  fold: 'in folds',
  edge: 'on edges',
  foot: 'at the foot, thinning out upwards',
  run: 'where water runs off',
};

const shaped = shapedBy('the solid of the part');
const planned = shapedBy('the plan');

/** Flat ground lies open to the sky; what else there is on it, its own covers tell. */
const ON_PLAN: Readonly<Record<Settling, number>> = { sky: 1, shelter: 0, fold: 0, edge: 0, foot: 1, run: 0 };

/** What lies by itself on a part of a surface: its area, and how deep it can be. */
export interface SettledLayer {
  readonly area: Reckoning;
  /** How deep it lies before it slides off; null for what does not heap. */
  readonly deepest: Reckoning | null;
}

const HEAPS: readonly string[] = ['paste', 'heaped'];

/** The area of a layer that comes to lie by itself, and how deep it can lie there; null for one that is laid on all of it. */
export function settledLayer(
  given: Given,
  zone: Zone,
  { layers }: Pick<ZoneFacts, 'layers'>,
  layer: CoatLayer,
  whole: Reckoning,
): SettledLayer | null {
  const { lies } = layer;
  if (lies === null) return null;
  const { own, scale } = given.context;
  const context = zone.part === null ? undefined : given.contexts.get(zone.part);
  const found = zone.part === null ? null : given.part(mapsOfPart, zone.part);
  const settled =
    context && found
      ? settledOn(found.maps, zone, settleOf(found.maps, lies, { shrink: context.shrink, band: zone }))
      : null;
  const at = `${zone.id}-${layer.id}`;
  const title = `${zone.name}, ${layerSays(layer)}`;
  const isOf = found && context && lies === 'edge' ? edgeShare(found.maps, context.shrink) : 1;
  const sharePct = 100 * (settled ? settled.share * isOf : ON_PLAN[lies]);
  const isNowhere = sharePct < 0.5;
  const area = figure(FINISH.lies, {
    part: null,
    at,
    title: `${title}: lies on`,
    value: (whole.quantity.value * sharePct) / 100,
    terms: [
      termFrom('A', whole),
      (settled ? shaped : planned)('s', `Of it, ${SETTLES_SAYS[lies]}`, sharePct, '%'),
    ],
    ...(isNowhere && {
      verdict: {
        level: 'doubtful',
        wording: 'state',
        says: `nothing of ${zone.name} lies ${SETTLES_SAYS[lies]}`,
        waysOut: [
          {
            says: 'lay it on all of the surface',
            change: withLayers(
              zone,
              layers.map((one) => (one.id === layer.id ? { ...one, lies: null } : one)),
            ),
          },
        ],
      } as const,
    }),
  });
  const family = layer.of === null ? null : coatRow(layer.of).family;
  if (!settled || !context || family === null || !HEAPS.includes(family) || isNowhere)
    return { area, deepest: null };
  const slope = sourced('finish.heap', own);
  const wideMm = settled.wideMm / context.shrink;
  const deepest = (Math.tan((slope.value * Math.PI) / 180) * wideMm) / 4;
  const isMm = layer.filmMm ?? sourced(familyRow(family).film.id, own).value;
  const kept = Math.floor(deepest * 10) / 10;
  return {
    area,
    deepest: figure(FINISH.heaps, {
      part: null,
      at,
      title: `${title}: lies no deeper than`,
      value: deepest,
      terms: [slope.term('f'), shaped('w', 'What it lies on is wide, in the mean', wideMm, 'mm')],
      note: scale.isOpen
        ? undefined
        : `${isMm} mm of it are ${Math.round(isMm * scale.ratio)} mm at true size.`,
      ...(isMm > deepest && {
        verdict: {
          level: 'doubtful',
          wording: 'state',
          says: `too much: ${isMm} mm slide off what is ${wideMm.toFixed(1)} mm wide`,
          waysOut:
            kept > 0
              ? [
                  {
                    says: `lay ${kept} mm`,
                    change: withLayers(
                      zone,
                      layers.map((one) => (one.id === layer.id ? { ...one, filmMm: kept } : one)),
                    ),
                  },
                ]
              : [{ says: 'build it up over a wedge of paste, or lay it only where it is wider' }],
        } as const,
      }),
    }),
  };
}
