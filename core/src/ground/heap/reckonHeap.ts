import type { PieceContext } from '../../context/index.ts';
import type { Heap, HeapStuff, SkinStuff } from '../../piece/index.ts';
import {
  figure,
  type Reckoning,
  shapedBy,
  sourced,
  type Term,
  termFrom,
  type Verdict,
} from '../../reckoning/index.ts';
import { endArea, reachOf, sidesArea, volumeBetween } from '../banked.ts';
import { HEAPS } from '../figures.ts';
import { planArea } from '../plan/planArea.ts';
import { isCarved, layersOf } from './layersOf.ts';

/** What is built of sheets, cut and laid on one another. */
export const IN_SHEETS: readonly HeapStuff[] = ['foam', 'card', 'cork'];
const OF_PLASTER: readonly (HeapStuff | SkinStuff)[] = ['plaster', 'fibre-plaster'];

function entry(
  heap: Heap,
  symbol: string,
  name: string,
  field: keyof Heap,
  unit: Term['quantity']['unit'],
): Term {
  return {
    symbol,
    name,
    quantity: { value: heap[field] as number, unit },
    origin: { kind: 'entry', path: ['heaps', heap.id, field] },
  };
}

function judge(heap: Heap, reachMm: number, fault: string | null): Verdict | undefined {
  if (fault)
    return { level: 'stop', wording: 'state', says: fault, waysOut: [{ says: 'move one of its corners' }] };
  if (reachMm >= heap.heightMm - 0.05) return undefined;
  return {
    level: 'doubtful',
    wording: 'state',
    says: `its sides meet at ${reachMm.toFixed(1)} mm: it gets no higher`,
    waysOut: [
      { says: 'a wider foot' },
      { says: 'upright sides', change: { path: ['heaps', heap.id, 'slopeDeg'], value: 90 } },
    ],
  };
}

/** Days until so much of a stuff is dry through; null for what does not dry. */
function reckonDays({ own }: PieceContext, heap: Heap, volumeMm: number): Reckoning | null {
  const dries = (stuff: HeapStuff | SkinStuff) => OF_PLASTER.includes(stuff) || stuff === 'paste';
  const [stuff, thickMm, name] = dries(heap.of)
    ? ([heap.of, volumeMm, 'Half of its height dries from either side'] as const)
    : ([heap.skin, heap.skin === 'none' ? 0 : heap.skinMm, 'Thickness of its skin'] as const);
  if (!dries(stuff) || thickMm === 0) return null;
  const thick: Term =
    stuff === heap.skin && !dries(heap.of)
      ? entry(heap, 'k', name, 'skinMm', 'mm')
      : {
          symbol: 'k',
          name,
          quantity: { value: thickMm, unit: 'mm' },
          origin: { kind: 'shape', says: 'its form' },
        };
  if (stuff === 'paste') {
    const row = sourced('ground.paste-days', own);
    return figure(HEAPS.days, {
      at: heap.id,
      part: null,
      title: `${heap.name}, until it is dry`,
      value: row.value * (thickMm / 10) ** 2,
      formula: 'T = d × (k ÷ 10)²',
      terms: [row.term('d'), thick],
    });
  }
  const row = sourced('ground.plaster-day', own);
  return figure(HEAPS.days, {
    at: heap.id,
    part: null,
    title: `${heap.name}, until it is dry`,
    value: thickMm / row.value,
    formula: 'T = k ÷ r',
    terms: [thick, row.term('r')],
  });
}

function reckonPlaster(
  { own }: PieceContext,
  heap: Heap,
  volume: Reckoning,
  skinCm2: number,
): Reckoning | null {
  const isBody = OF_PLASTER.includes(heap.of);
  const isSkin = OF_PLASTER.includes(heap.skin) && heap.skinMm > 0;
  if (!isBody && !isSkin) return null;
  const powder = sourced('ground.plaster-powder', own);
  const bag = sourced('ground.bag', own);
  const skin: Term[] = [
    {
      symbol: 'S',
      name: 'Top and sides',
      quantity: { value: skinCm2, unit: 'cm²' },
      origin: { kind: 'shape', says: 'its form' },
    },
    entry(heap, 'k', 'Thickness of its skin', 'skinMm', 'mm'),
  ];
  const cm3 = (isBody ? volume.quantity.value : 0) + (isSkin ? (skinCm2 * heap.skinMm) / 10 : 0);
  const grams = cm3 * powder.value;
  return figure(HEAPS.plaster, {
    at: heap.id,
    part: null,
    title: `${heap.name}, plaster to mix`,
    value: grams,
    formula: isBody && isSkin ? 'm = (V + S × k ÷ 10) × p' : isBody ? 'm = V × p' : 'm = S × k ÷ 10 × p',
    terms: [...(isBody ? [termFrom('V', volume)] : []), ...(isSkin ? skin : []), powder.term('p')],
    note: `${(grams / bag.value).toFixed(1)} bags of ${bag.value.toFixed(0)} g.`,
  });
}

const shaped = shapedBy('its outline and the slope of its sides');

/** The sheets its layers are cut from, what they are glued with, and what is carved away or filled between their steps. */
function reckonLayers({ own }: PieceContext, heap: Heap): Reckoning[] {
  const layers = layersOf(heap);
  if (!layers) return [];
  const base = { at: heap.id, part: null } as const;
  const templates = layers.outlines.reduce((sum, outline) => sum + outline.length, 0);
  const [large] = layers.nest.tooLarge;
  const glue = sourced('ground.glue', own);
  return [
    figure(HEAPS.stock, {
      ...base,
      title: `${heap.name}, sheets to buy`,
      value: layers.nest.sheets.length,
      terms: [
        shaped('n', 'Templates', templates, 'count'),
        entry(heap, 'w', 'A sheet, wide', 'stockWideMm', 'mm'),
        entry(heap, 'h', 'A sheet, high', 'stockHighMm', 'mm'),
      ],
      verdict: large
        ? {
            level: 'doubtful',
            wording: 'state',
            says: `${large.name} is larger than a sheet`,
            waysOut: [
              { says: 'join it from two pieces, the next layer across the join' },
              { says: 'a larger sheet' },
            ],
          }
        : { level: 'good', wording: 'state', says: 'every layer comes out of a sheet', waysOut: [] },
    }),
    figure(HEAPS.glue, {
      ...base,
      title: `${heap.name}, glue between its layers`,
      value: (layers.glueMm2 / 100) * glue.value,
      terms: [shaped('A', 'Where layers lie on one another', layers.glueMm2 / 100, 'cm²'), glue.term('g')],
    }),
    figure(HEAPS.steps, {
      ...base,
      title: isCarved(heap) ? `${heap.name}, carved away` : `${heap.name}, filled between its steps`,
      value: layers.stepsMm3 / 1000,
      terms: [
        shaped('n', 'Layers', layers.outlines.length, 'count'),
        entry(heap, 't', 'Thickness of a sheet', 'sheetMm', 'mm'),
        entry(heap, 's', 'Slope of its sides', 'slopeDeg', '°'),
      ],
      note: isCarved(heap)
        ? 'Its layers are cut at their foot; what stands over the slope is carved off.'
        : 'Its layers are cut at their head; paste or plaster fills the steps.',
    }),
  ];
}

/** Figures of a rise of the ground: its volume, its layers of sheet, plaster, and the days it dries. */
export function reckonHeap(context: PieceContext, heap: Heap): Reckoning[] {
  const { ring, why } = planArea(heap);
  const body = { ring, highMm: heap.heightMm, slopeDeg: heap.slopeDeg };
  const reach = why === null ? reachOf(body) : 0;
  const mm3 = why === null ? volumeBetween(body, 0, reach) : 0;
  // Where its sides meet it ends, whatever it was told.
  const height: Term =
    why === null && reach < heap.heightMm
      ? {
          symbol: 'h',
          name: 'Height where its sides meet',
          quantity: { value: reach, unit: 'mm' },
          origin: { kind: 'shape', says: 'its outline and the slope of its sides' },
        }
      : entry(heap, 'h', 'Height', 'heightMm', 'mm');
  const verdict = judge(heap, reach, why === null ? null : `${heap.name} is no outline: ${why}`);
  const volume = figure(HEAPS.volume, {
    at: heap.id,
    part: null,
    title: `${heap.name}, volume`,
    value: mm3 / 1000,
    terms: [height, entry(heap, 's', 'Slope of its sides', 'slopeDeg', '°')],
    ...(verdict && { verdict }),
  });
  if (why !== null) return [volume];
  const top = mm3 > 0 ? sidesArea(body) + endArea(body) : 0;
  const plaster = reckonPlaster(context, heap, volume, top / 100);
  const days = reckonDays(context, heap, reach / 2);
  const sheets = IN_SHEETS.includes(heap.of)
    ? [
        figure(HEAPS.sheets, {
          at: heap.id,
          part: null,
          title: `${heap.name}, layers of ${heap.of}`,
          value: Math.ceil(reach / heap.sheetMm - 1e-9),
          terms: [height, entry(heap, 't', 'Thickness of a sheet', 'sheetMm', 'mm')],
        }),
        ...reckonLayers(context, heap),
      ]
    : [];
  return [volume, ...sheets, ...(plaster ? [plaster] : []), ...(days ? [days] : [])];
}
