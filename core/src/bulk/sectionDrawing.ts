import type { PartContext } from '../context/index.ts';
import {
  type DrawItem,
  type Drawing,
  dimension,
  type Material,
  moved,
  scaledOutline,
} from '../drawing/index.ts';
import { extentOf } from '../form/index.ts';
import type { CoreKind } from '../handbook/index.ts';
import { formatMiniMm, miniMm } from '../units/index.ts';
import type { PartBulk } from './reckonPart.ts';
import type { ThicknessAsk } from './thicknessMap.ts';

/** How each kind of core is drawn. */
const CORE_MATERIAL: Readonly<Record<CoreKind, Material>> = {
  foil: 'foil',
  coil: 'foil',
  wood: 'wood',
  card: 'paper',
  fibre: 'wood',
  'air-dry': 'cured-clay',
};

/** What a section shows besides the clay and its core. */
export interface SectionLook {
  readonly cured?: boolean;
  readonly wires?: ThicknessAsk['wires'];
}

const EDGE = { left: 14, right: 30, above: 6, below: 12 };

/**
 * A section through the part facing the viewer: clay, core, and the ball that fills its thickest clay.
 *
 * @param paperWidthMm width to fit into
 * @param paperHeightMm height to fit into
 * @param look whether the clay is drawn as baked, and the wires in it
 * @returns a drawing of that width and height, enlarged or reduced to fit
 */
export function sectionDrawing(
  context: PartContext,
  bulk: PartBulk | null,
  paperWidthMm: number,
  paperHeightMm: number,
  { cured = false, wires = [] }: SectionLook = {},
): Drawing {
  const { shape, shrink, part } = context;
  const [left, bottom, right, top] = extentOf(shape.outline('front'));
  const [width, height] = [(right - left) / shrink, (top - bottom) / shrink];
  const room = [paperWidthMm - EDGE.left - EDGE.right, paperHeightMm - EDGE.above - EDGE.below] as const;
  const per = Math.min(room[0] / width, room[1] / height);
  const by = per / shrink;
  const shift = [EDGE.left + (room[0] - width * per) / 2 - left * by, EDGE.below - bottom * by] as const;
  const clay = cured ? 'cured-clay' : 'raw-clay';
  const items: DrawItem[] = [
    {
      kind: 'area',
      outline: scaledOutline(shape.section(), by),
      material: part.mix.length > 0 ? clay : 'wood',
      weight: 'thick',
      part: part.id,
    },
  ];
  const core = bulk?.core;
  if (core && bulk?.kind)
    items.push({
      kind: 'area',
      outline: scaledOutline(core.section(), by),
      material: CORE_MATERIAL[bulk.kind ?? 'foil'],
      weight: 'thin',
    });
  for (const { points, widthMm } of wires)
    items.push({
      kind: 'line',
      points: points.map(([x, y]) => [x * per, y * per] as const),
      weight: 'thick',
      wireMm: widthMm * per,
    });
  items.push(
    ...dimension([left * by, bottom * by], [left * by, top * by], 6, formatMiniMm(miniMm(height))),
    ...dimension([left * by, bottom * by], [right * by, bottom * by], -6, formatMiniMm(miniMm(width))),
  );
  const ball = core?.thickestClay ?? (bulk ? shape.thickest : null);
  if (ball)
    items.push(
      ...thickestMark(
        ball.at[0] * by,
        ball.at[1] * by,
        ball.diameterMm * by,
        ball.diameterMm / shrink,
        right * by,
      ),
    );
  return { widthMm: paperWidthMm, heightMm: paperHeightMm, items: items.map((item) => moved(item, shift)) };
}

/** The ball with a leader to its diameter, off the right edge of the form. */
function thickestMark(x: number, y: number, across: number, shownMm: number, right: number): DrawItem[] {
  const reach = Math.max(right, x + across / 2) + 5;
  const half = across / 2 / Math.SQRT2;
  return [
    { kind: 'circle', at: [x, y], diameterMm: across, weight: 'thin', accent: true },
    {
      kind: 'line',
      weight: 'hair',
      accent: true,
      points: [
        [x + half, y + half],
        [reach, y + half + 3],
        [reach + 3, y + half + 3],
      ],
    },
    {
      kind: 'text',
      at: [reach + 4, y + half + 2],
      text: `⌀ ${formatMiniMm(miniMm(shownMm))}`,
      size: 2.5,
      anchor: 'start',
      face: 'figures',
      accent: true,
    },
  ];
}
