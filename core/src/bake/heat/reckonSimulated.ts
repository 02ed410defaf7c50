import type { PartFacts } from '../../context/index.ts';
import {
  figure,
  type Reckoning,
  type ShownFigure,
  sourced,
  type Term,
  termFrom,
} from '../../reckoning/index.ts';
import { SIMULATED } from '../figures.ts';
import type { HeatRun } from './simulate.ts';

/**
 * The bake that was worked through as figures: the time to take it out, beside what the packet’s rule asks, and when it may
 * be handled.
 *
 * @param packet the part’s time by the packet’s rule, where there is one
 */
export function reckonSimulated(
  { part, own }: PartFacts,
  { curedMin, handleMin, peakC }: Pick<HeatRun, 'curedMin' | 'handleMin' | 'peakC'>,
  packet: ShownFigure | undefined,
): Reckoning[] {
  const margin = sourced('heat.margin', own);
  const seen = (symbol: string, name: string, value: number, unit: 'min' | '°C'): Term => ({
    symbol,
    name,
    quantity: { value, unit },
    origin: { kind: 'shape', says: 'worked through on the true solid, cell by cell' },
  });
  const place = { part: part.id } as const;
  const scorch = sourced('bake.scorch', own);
  return [
    ...(curedMin === null
      ? []
      : [
          figure(SIMULATED.hold, {
            ...place,
            value: Math.ceil(curedMin * (1 + margin.value / 100)),
            formula: packet ? 'h = c × (1 + m ÷ 100), beside p' : 'h = c × (1 + m ÷ 100)',
            terms: [
              seen('c', 'The last clay is cured after', curedMin, 'min'),
              margin.term('m'),
              ...(packet ? [termFrom('p', packet)] : []),
            ],
            note: 'From putting it in; the packet counts from when the oven is back at its heat.',
          }),
        ]),
    ...(handleMin === null
      ? []
      : [
          figure(SIMULATED.handle, {
            ...place,
            value: handleMin,
            terms: [sourced('heat.handle', own).term('H')],
          }),
        ]),
    figure(SIMULATED.peak, {
      ...place,
      value: peakC,
      terms: [seen('P', 'Hottest that any clay gets', peakC, '°C'), scorch.term('S')],
      verdict:
        peakC >= scorch.value
          ? {
              level: 'stop',
              wording: 'state',
              says: 'it scorches',
              margin: { value: scorch.value - peakC, unit: '°C apart' },
              waysOut: [
                { says: 'lower the dial' },
                { says: 'tent it', change: { path: ['oven', 'air'], value: 'tent' } },
              ],
            }
          : {
              level: 'good',
              wording: 'state',
              says: 'below scorching',
              margin: { value: scorch.value - peakC, unit: '°C apart' },
              waysOut: [],
            },
    }),
  ];
}
