import { describe, expect, it } from 'vitest';
import { colourApart } from '../../colour/index.ts';
import { makeShapeStore, PLAIN } from '../../form/index.ts';
import { type CoatLayer, DEFAULT_COAT_LAYER, DEFAULT_ZONE } from '../../piece/index.ts';
import { looksOf } from '../look/look.ts';
import { lookRates } from '../look/reckonLook.ts';
import {
  mapColours,
  paintedColours,
  palettesOf,
  settledOfZone,
  sheenOn,
  shownOf,
  zonesOnMaps,
} from './painted.ts';
import { shapeMaps } from './shapeMaps.ts';

const rates = lookRates({});
const ball = makeShapeStore().shapeOf({ kind: 'ball', diameterMm: 30 }, PLAIN);
const maps = shapeMaps(ball, { cellMm: 1, shrink: 1, light: [0, 1, 0] });
const layers: readonly CoatLayer[] = [
  { ...DEFAULT_COAT_LAYER, id: 'base', kind: 'base', of: 'acrylic', colour: '#8a5a40', coats: 2 },
  { ...DEFAULT_COAT_LAYER, id: 'shade', kind: 'shade', of: 'wash', colour: '#171412' },
];
const hexAt = (colours: Float32Array, v: number) =>
  `#${[0, 1, 2]
    .map((k) =>
      Math.round(255 * (colours[3 * v + k] ?? 0))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

describe('a painted form', () => {
  it('what is flat has the colours of the swatch, after every layer', () => {
    const looks = looksOf('#c9b6a0', layers, rates);
    palettesOf('#c9b6a0', layers, rates).forEach(({ palettes: [palette] }, n) => {
      const flat = hexAt(palette ?? new Float32Array(3), 0);
      expect(colourApart(flat, looks[n]?.flat ?? '')).toBeLessThan(1);
    });
  });

  it('a zone takes the vertices that lie in it, the last of several, and leaves the others bare', () => {
    const top = { ...DEFAULT_ZONE, lowPct: 50 };
    const cap = { ...DEFAULT_ZONE, lowPct: 90 };
    const isOf = zonesOnMaps(maps, [top, cap]);
    isOf.forEach((zone, v) => {
      const high = (maps.positions[3 * v + 1] ?? 0) / 30;
      expect(zone).toBe(high >= 0.9 ? 2 : high >= 0.5 ? 1 : 0);
    });
    const palette = palettesOf('#c9b6a0', layers, rates).at(-1);
    const colours = paintedColours(maps, '#c9b6a0', [palette, undefined], isOf, []);
    const seen = (zone: number) => hexAt(colours, isOf.indexOf(zone));
    expect(seen(0)).toBe('#c9b6a0');
    expect(seen(2)).toBe('#c9b6a0');
    expect(colourApart(seen(1), '#c9b6a0')).toBeGreaterThan(10);
  });

  it('a ball, which has no folds, is painted evenly', () => {
    const [palette] = palettesOf('#c9b6a0', layers, rates).slice(-1);
    const isOf = zonesOnMaps(maps, [DEFAULT_ZONE]);
    const colours = paintedColours(maps, '#c9b6a0', [palette], isOf, []);
    const some = [...new Set(Array.from(isOf, (_, v) => hexAt(colours, v)))];
    for (const one of some) expect(colourApart(one, some[0] ?? '')).toBeLessThan(2);
  });

  it('snow lies white on top, thins out where it begins to slide, and leaves the underside as it was', () => {
    const snow: CoatLayer = {
      ...DEFAULT_COAT_LAYER,
      id: 'snow',
      kind: 'weather',
      of: 'dry-snow',
      colour: '#f4f6f8',
      lies: 'sky',
    };
    const zone = { ...DEFAULT_ZONE, layers: [...layers, snow] };
    const isOf = zonesOnMaps(maps, [zone]);
    const step = palettesOf('#c9b6a0', zone.layers, rates).at(-1);
    const colours = paintedColours(maps, '#c9b6a0', [step], isOf, [settledOfZone(maps, zone, 1)]);
    const without = palettesOf('#c9b6a0', layers, rates).at(-1);
    const bare = paintedColours(maps, '#c9b6a0', [without], isOf, []);
    isOf.forEach((_, v) => {
      const high = (maps.positions[3 * v + 1] ?? 0) / 30;
      if (high > 0.97) expect(colourApart(hexAt(colours, v), '#f4f6f8')).toBeLessThan(4);
      if (high < 0.5) expect(colourApart(hexAt(colours, v), hexAt(bare, v))).toBeLessThan(1);
    });
  });

  it('what covers half of a place is seen as half of the light of each (IEC 61966-2-1)', () => {
    const cover = (id: string, colour: string, lies: CoatLayer['lies']): CoatLayer => ({
      ...DEFAULT_COAT_LAYER,
      id,
      kind: 'weather',
      of: 'dry-snow',
      colour,
      coats: 40,
      lies,
    });
    const all = [cover('white', '#ffffff', 'sky')];
    const step = palettesOf('#000000', all, rates).at(-1);
    const half = Float32Array.from({ length: maps.owners.length }, () => 0.5);
    const isOf = zonesOnMaps(maps, [DEFAULT_ZONE]);
    const grey = hexAt(paintedColours(maps, '#000000', [step], isOf, [[half]]), 0);
    // Half of the light of white is stored as 188 of 255.
    expect(Math.abs(Number.parseInt(grey.slice(1, 3), 16) - 188)).toBeLessThanOrEqual(2);
  });

  it('shines as the last coat that shines or dulls: eyes last in gloss, the rest matt', () => {
    const coat = (of: CoatLayer['of'], lies: CoatLayer['lies'] = null): CoatLayer => ({
      ...DEFAULT_COAT_LAYER,
      id: `${of}`,
      kind: 'base',
      of,
      lies,
    });
    const shine = (...layers: CoatLayer[]) => sheenOn(Uint16Array.of(1, 0), [{ layers }]);
    expect([...shine(coat('acrylic'), coat('gloss-varnish'))]).toEqual([1, 0]);
    expect([...shine(coat('gloss-varnish'), coat('matt-varnish'))]).toEqual([0, 0]);
    expect([...shine(coat('sealer'))]).toEqual([0.5, 0]);
    // What only settles here and there leaves the surface as it is.
    expect([...shine(coat('gloss-varnish'), coat('dry-snow', 'sky'))]).toEqual([1, 0]);
    expect([...shine()]).toEqual([0, 0]);
  });

  it('maps of what settles go from none to all', () => {
    for (const shown of ['open', 'shelter', 'run'] as const) {
      const values = shownOf(maps, shown, 1);
      expect(Math.min(...values)).toBeGreaterThanOrEqual(0);
      expect(Math.max(...values)).toBeLessThanOrEqual(1);
    }
  });

  it('a map goes from one colour to another', () => {
    const colours = mapColours(Float32Array.of(0, 0.5, 1), '#000000', '#ffffff');
    expect([0, 1, 2].map((v) => hexAt(colours, v))).toEqual(['#000000', '#808080', '#ffffff']);
  });
});
