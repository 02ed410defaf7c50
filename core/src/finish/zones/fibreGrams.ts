import { figure, type OwnValues, type Reckoning, sourced, termFrom } from '../../reckoning/index.ts';
import { FINISH } from '../figures.ts';
import { entry, type Laid } from './laid.ts';

/** What a surface takes of a fibre, by weight. */
export function fibreGrams({ layer, zone, at, title }: Laid, area: Reckoning, own: OwnValues): Reckoning {
  const row = sourced('finish.fur', own);
  const long = layer.lengthMm ?? 0;
  return figure(FINISH.grams, {
    part: null,
    at,
    title: `${title}, of it`,
    value: area.quantity.value * row.value * long,
    terms: [
      termFrom('A', area),
      row.term('g'),
      {
        symbol: 'L',
        name: 'How long',
        quantity: { value: long, unit: 'mm' },
        origin: entry(zone.id, layer, 'lengthMm'),
      },
    ],
    note: 'From the bottom up and from the back forward, each row over the roots of the one before.',
  });
}
