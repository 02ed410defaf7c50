import { type DrawItem, type Drawing, moved, scaledOutline } from '../../drawing/index.ts';
import { extentOf, type Outline, type Side } from '../../form/index.ts';
import type { PartContext } from '../../whole/context.ts';
import { ovenFloor } from './pieceLoads.ts';
import type { OvenLoad, PlacedItem } from './planLoads.ts';

const FROM_ABOVE: Side = { right: [1, 0, 0], up: [0, 0, -1] };
/** Between one load and the next, mm. */
const GAP = 24;

function rectangle(x: number, y: number, w: number, h: number): Outline {
  return [
    [
      [
        [x, y],
        [x + w, y],
        [x + w, y + h],
        [x, y + h],
      ],
    ],
  ];
}

/** What a part covers seen from above, its box from the origin; a part on its side as the box it lies in. */
function seenFromAbove(context: PartContext | undefined, { item, widthMm, depthMm }: PlacedItem): Outline {
  const box = rectangle(0, 0, widthMm, depthMm);
  if (!context) return box;
  const outline = scaledOutline(context.shape.seenFrom(FROM_ABOVE), 1 / context.shrink);
  const isTurned = Math.abs(item.widthMm - widthMm) > 1e-6;
  const turned: Outline = isTurned
    ? outline.map((polygon) => polygon.map((ring) => ring.map(([x, y]) => [-y, x] as const)))
    : outline;
  const [left, bottom, right, top] = extentOf(turned);
  const isUpright = Math.abs(right - left - widthMm) < 0.5 && Math.abs(top - bottom - depthMm) < 0.5;
  return isUpright
    ? turned.map((polygon) => polygon.map((ring) => ring.map(([x, y]) => [x - left, y - bottom] as const)))
    : box;
}

/**
 * Every load in the oven seen from above, to scale, the first on the left: walls, the clearance kept from them, and what stands where.
 *
 * @param contexts the parts of the piece by id
 */
export function loadsDrawing(
  loads: readonly OvenLoad[],
  contexts: ReadonlyMap<string, PartContext>,
  own: PartContext['own'],
): Drawing {
  const floor = ovenFloor(own);
  const edge = floor.clearanceMm;
  const [w, d] = [floor.widthMm + 2 * edge, floor.depthMm + 2 * edge];
  const items = loads.flatMap(({ placed }, i): DrawItem[] => {
    const here: DrawItem[] = [
      { kind: 'area', outline: rectangle(0, 0, w, d), material: 'paper', weight: 'thick' },
      {
        kind: 'area',
        outline: rectangle(edge, edge, floor.widthMm, floor.depthMm),
        material: 'none',
        weight: 'hair',
      },
      ...placed.map(
        (one): DrawItem =>
          moved(
            {
              kind: 'area',
              outline: seenFromAbove(contexts.get(one.item.id.split('/')[0] ?? ''), one),
              material: 'cured-clay',
              weight: 'thin',
            },
            [edge + one.at[0], edge + one.at[1]],
          ),
      ),
    ];
    return here.map((item) => moved(item, [i * (w + GAP), 0]));
  });
  return { widthMm: Math.max(1, loads.length * (w + GAP) - GAP), heightMm: d, items };
}
