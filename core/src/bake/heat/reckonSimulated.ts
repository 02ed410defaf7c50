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

const seen = (symbol: string, name: string, value: number, unit: 'min' | '°C'): Term => ({
  symbol,
  name,
  quantity: { value, unit },
  origin: { kind: 'shape', says: 'worked through on the true solid, cell by cell' },
});

/**
 * When a bake that is followed by a thermometer has cured its last clay, as a figure; none where it never does.
 *
 * @param packet the part’s time by the packet’s rule, to stand beside it
 */
export function reckonEnd(
  { part, own }: PartFacts,
  { curedMin }: Pick<HeatRun, 'curedMin'>,
  packet: ShownFigure | undefined,
): Reckoning[] {
  if (curedMin === null) return [];
  const margin = sourced('heat.margin', own);
  return [
    figure(SIMULATED.hold, {
      part: part.id,
      value: Math.ceil(curedMin * (1 + margin.value / 100)),
      formula: packet ? 'h = c × (1 + m ÷ 100), beside p' : 'h = c × (1 + m ÷ 100)',
      terms: [
        seen('c', 'The last clay is cured after', curedMin, 'min'),
        margin.term('m'),
        ...(packet ? [termFrom('p', packet)] : []),
      ],
      note: 'From putting it in; the packet counts from when the oven is back at its heat.',
    }),
  ];
}

/** A bake that was worked through as figures: when it may be handled, and how hot its clay gets. */
export function reckonSimulated(
  { part, own }: PartFacts,
  { handleMin, peakC }: Pick<HeatRun, 'handleMin' | 'peakC'>,
): Reckoning[] {
  const place = { part: part.id } as const;
  const scorch = sourced('bake.scorch', own);
  return [
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
    }),
  ];
}
