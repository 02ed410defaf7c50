import { figure, type Reckoning, sourced } from '../reckoning/index.ts';
import type { ResolvedScale, Scale } from '../scale/index.ts';
import { SCALE_FIGURE } from './figures.ts';

/** The working ratio as a figure, with the range that the scale’s name leaves open. */
export function reckonScale(scale: Scale, resolved: ResolvedScale): Reckoning {
  if (scale.kind === 'ratio')
    return figure(SCALE_FIGURE, {
      part: null,
      value: resolved.ratio,
      terms: [
        {
          symbol: 'N',
          name: 'Scale',
          quantity: { value: scale.ratio, unit: ':1' },
          origin: { kind: 'entry', path: ['scale'] },
        },
      ],
    });
  if (scale.kind === 'open')
    return figure(SCALE_FIGURE, {
      part: null,
      value: resolved.ratio,
      formula: 's = 1',
      terms: [],
      note: 'No scale yet: sizes are those on the bench. Name one at the head, or take it from a thing.',
    });
  const entry = (field: string) => ({ kind: 'entry', path: ['scale', field] }) as const;
  if (scale.kind === 'thing')
    return figure(SCALE_FIGURE, {
      part: null,
      value: resolved.ratio,
      formula: 's = L ÷ b',
      terms: [
        {
          symbol: 'L',
          name: `${scale.name}, in life`,
          quantity: { value: scale.lifeMm, unit: 'mm in life' },
          origin: entry('lifeMm'),
        },
        {
          symbol: 'b',
          name: `${scale.name}, on the bench`,
          quantity: { value: scale.benchMm, unit: 'mm' },
          origin: entry('benchMm'),
        },
      ],
    });
  const share = sourced('body.height.eyes', {}).term('e');
  const path = (field: string) => ({ kind: 'entry', path: ['scale', field] }) as const;
  return figure(SCALE_FIGURE, {
    part: null,
    value: resolved.ratio,
    low: resolved.low,
    high: resolved.high,
    formula: scale.datum === 'eyes' ? 's = H × e ÷ h' : 's = H ÷ h',
    terms: [
      {
        symbol: 'H',
        name: 'Stature in life',
        quantity: { value: scale.statureMm, unit: 'mm in life' },
        origin: path('statureMm'),
      },
      ...(scale.datum === 'eyes' ? [share] : []),
      {
        symbol: 'h',
        name: `Figure height, to the ${scale.datum}`,
        quantity: { value: scale.heightMm, unit: 'mm' },
        origin: path('heightMm'),
      },
    ],
    note: 'A figure height is not a ratio. The range covers people of 1.65 to 1.85 m measured to the eyes or the crown.',
  });
}
