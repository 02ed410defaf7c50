import { lowWaterFerry } from '@every-inch/core/demo';
import {
  judge,
  type LaterStep,
  lookRates,
  paintedColours,
  palettesOf,
  picturedFrom,
  proposeLayers,
  type Surface,
  settleOf,
  shapeMaps,
  waysOut,
  zonesOnMaps,
} from '@every-inch/core/finish';
import { makeShapeStore, PLAIN } from '@every-inch/core/form';
import { DEFAULT_ZONE } from '@every-inch/core/piece';
import type { Line } from './run.ts';
import { timed } from './yardstick.ts';

/** A hundred surfaces with fifty later steps each, and a figure as it takes paint. */
export function finishLines(yardstick: number): Line[] {
  const told = (ms: number) => `${ms.toFixed(0)} ms, ${(ms / yardstick).toFixed(1)} ×`;
  const schools = { colour: 'painted', superglue: 'never', wash: 'direct' } as const;
  const layers = proposeLayers({
    zone: { colour: '#9a6048', sheen: 'matt', meets: [] },
    body: 'clay',
    state: 'planned',
    schools,
  }).filter(({ kind }) => kind !== 'prime');
  const does = ['superglue', 'resin', 'water', 'solvent', 'bake'] as const;
  const later = Array.from(
    { length: 50 },
    (_, i): LaterStep => ({
      id: `step-${i}`,
      says: `step ${i}`,
      does: does[i % does.length] as LaterStep['does'],
    }),
  );
  const surface: Surface = {
    body: 'clay',
    isRaw: true,
    layers,
    meets: ['hands', 'water'],
    later,
    schools,
    peakC: 140,
    humidityPct: 50,
  };
  const judged = timed(5, () => {
    for (let i = 0; i < 100; i += 1) judge(surface);
  });
  const [first] = judge({ ...surface, later: [] });
  const ways = timed(5, () => first && waysOut(first, surface));
  const part = lowWaterFerry('2026-05-01T09:00:00Z').parts.find(({ id }) => id === 'ferrywoman');
  if (!part) throw new Error('the example piece has no ferrywoman');
  const shape = makeShapeStore().shapeOf(part.form, PLAIN);
  const ask = { shrink: 12, light: [0, 1, 0.4] as const };
  const look = timed(3, () => shapeMaps(shape, { ...ask, cellMm: 24 }));
  const fine = timed(3, () => shapeMaps(shape, { ...ask, cellMm: 6 }));
  const maps = shapeMaps(shape, { ...ask, cellMm: 6 });
  const zones = [{ ...DEFAULT_ZONE, id: 'all', layers }];
  const isOf = zonesOnMaps(maps, zones);
  const rates = lookRates({});
  const mixed = timed(5, () => palettesOf('#c9b6a0', layers, rates));
  const palette = palettesOf('#c9b6a0', layers, rates).at(-1);
  const painted = timed(5, () => paintedColours(maps, '#c9b6a0', [palette], isOf, []));
  const around = { shrink: 12, band: { lowPct: 0, highPct: 100 } };
  const settled = timed(5, () => settleOf(maps, 'sky', around));
  const snow = {
    ...layers[0],
    id: 'snow',
    kind: 'weather',
    of: 'dry-snow',
    colour: '#f1f4f7',
    lies: 'sky',
  } as const;
  const snowed = [...layers, snow] as typeof layers;
  const step = palettesOf('#c9b6a0', snowed, rates).at(-1);
  const lies = [settleOf(maps, 'sky', around)];
  const blended = timed(5, () => paintedColours(maps, '#c9b6a0', [step], isOf, [lies]));
  const colours = paintedColours(maps, '#c9b6a0', [step], isOf, [lies]);
  const pictured = timed(3, () => picturedFrom(maps, colours, { seen: 'front', dotsPerMm: 8, shrink: 12 }));
  return [
    { what: '100 surfaces judged against 50 later steps', got: told(judged), aim: '30 ms' },
    { what: 'ways out of what may not hold, each judged again', got: told(ways) },
    { what: 'a figure as it takes paint: first look, cells of 2 mm', got: told(look), aim: '300 ms' },
    { what: 'a figure as it takes paint, cells of 0.5 mm', got: told(fine), aim: '1500 ms' },
    { what: 'colours of a surface after each of its layers', got: told(mixed) },
    { what: `${isOf.length} places painted, one step of the slider`, got: told(painted), aim: '16 ms' },
    { what: 'where snow lies on them', got: told(settled) },
    { what: 'one step of the slider with snow on', got: told(blended) },
    { what: 'its front as a picture, 8 dots to the mm', got: told(pictured) },
  ];
}
