import type { CoatLayer, Decal, Zone } from '../../piece/index.ts';
import {
  figure,
  type OwnValues,
  type Reckoning,
  shapedBy,
  sourced,
  type Term,
} from '../../reckoning/index.ts';
import { FINISH } from '../figures.ts';
import { withLayers } from './withLayers.ts';
import type { ZoneFacts } from './zoneFacts.ts';

const counted = shapedBy('its words');

/** Lines of a decal, those with nothing in them left out. */
export function linesOf({ words }: Pick<Decal, 'words'>): readonly string[] {
  return words
    .split('/')
    .map((line) => line.trim())
    .filter((line) => line !== '');
}

/** How high the letters of a decal can be: so that all its lines are in it, and the longest goes across. */
export function lettersMm({ words, wideMm, highMm }: Decal, fillPct: number, letterPct: number): number {
  const lines = linesOf({ words });
  const longest = Math.max(1, ...lines.map(({ length }) => length));
  return Math.min(
    (fillPct * highMm) / Math.max(1, lines.length) / 100,
    wideMm / ((longest * letterPct) / 100),
  );
}

/** Whether what a decal says can be read once it is printed; nothing for one that says nothing. */
export function reckonDecal(
  zone: Zone,
  { layers }: Pick<ZoneFacts, 'layers'>,
  layer: CoatLayer,
  at: { readonly key: string; readonly title: string },
  own: OwnValues,
): Reckoning[] {
  const { decal } = layer;
  const lines = decal ? linesOf(decal) : [];
  if (!decal || lines.length === 0) return [];
  const [fill, letter, least] = [
    sourced('decal.fill', own),
    sourced('decal.letter', own),
    sourced('decal.least', own),
  ];
  const mm = lettersMm(decal, fill.value, letter.value);
  const by = least.value / mm;
  const entry = (symbol: string, name: string, field: 'wideMm' | 'highMm'): Term => ({
    symbol,
    name,
    quantity: { value: decal[field], unit: 'mm' },
    origin: { kind: 'entry', path: ['zones', zone.id, 'layers', layer.id, 'decal', field] },
  });
  const larger = (value: number) => Math.ceil(value * by * 10) / 10;
  return [
    figure(FINISH.letters, {
      part: null,
      at: at.key,
      title: `${at.title}: letters, high`,
      value: mm,
      terms: [
        fill.term('r'),
        entry('H', 'High', 'highMm'),
        counted('n', 'Lines', lines.length, 'count'),
        entry('W', 'Wide', 'wideMm'),
        counted('c', 'Letters of the longest', Math.max(...lines.map(({ length }) => length)), 'count'),
        letter.term('w'),
      ],
      ...(mm < least.value && {
        verdict: {
          level: 'doubtful',
          wording: 'state',
          says: `letters of ${mm.toFixed(2)} mm cannot be read: ${least.value} mm at least`,
          waysOut: [
            {
              says: `print it ${larger(decal.wideMm)} by ${larger(decal.highMm)} mm`,
              change: withLayers(
                zone,
                layers.map((one) =>
                  one.id === layer.id
                    ? {
                        ...one,
                        decal: { ...decal, wideMm: larger(decal.wideMm), highMm: larger(decal.highMm) },
                      }
                    : one,
                ),
              ),
            },
            { says: 'fewer words, or lines that only look like writing' },
          ],
        } as const,
      }),
    }),
  ];
}
