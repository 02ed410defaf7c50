import type { Given } from '../../context/index.ts';
import type { CoatLayer, Zone } from '../../piece/index.ts';
import { figure, type Reckoning, shapedBy, sourced } from '../../reckoning/index.ts';
import { FINISH } from '../figures.ts';
import { skinOfPart } from './skinOfPart.ts';
import { spanMm } from './zoneArea.ts';

const shaped = shapedBy('the solid of the part');

/** Fibres that are laid in rows; the others are strewn, and stand or lie as they fall. */
const IN_ROWS: readonly CoatLayer['of'][] = ['fur', 'wool'];

/** Rows that fibre is laid in, and what its length is at true size; nothing for what is strewn. */
export function fibreRows(given: Given, zone: Zone, layer: CoatLayer, title: string): Reckoning[] {
  const context = zone.part === null ? undefined : given.contexts.get(zone.part);
  const found = zone.part === null ? null : given.part(skinOfPart, zone.part);
  const long = layer.lengthMm ?? 0;
  if (!context || !found || !IN_ROWS.includes(layer.of) || long <= 0) return [];
  const high = spanMm(found.skin, zone) / context.shrink;
  const overlap = sourced('finish.overlap', given.context.own);
  const { scale } = given.context;
  const inLife = Math.round(long * scale.ratio);
  return [
    figure(FINISH.rows, {
      part: null,
      at: `${zone.id}-${layer.id}`,
      title: `${title}, in rows`,
      value: Math.max(1, Math.ceil(high / (long * (1 - overlap.value / 100)) - 1e-9)),
      terms: [
        shaped('h', 'From its lowest place to its highest', high, 'mm'),
        {
          symbol: 'L',
          name: 'How long',
          quantity: { value: long, unit: 'mm' },
          origin: { kind: 'entry', path: ['zones', zone.id, 'layers', layer.id, 'lengthMm'] },
        },
        overlap.term('o'),
      ],
      note: scale.isOpen
        ? 'Trim when the glue is dry.'
        : `${long} mm read as hair of ${inLife} mm: cut it shorter if the coat of such a thing is shorter, or trim when the glue is dry.`,
    }),
  ];
}
