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
import type { Insert } from '../piece/index.ts';
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
  items.push(...insertItems(context, wires, per));
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

/** Where a thing that is let in goes in the section: into the thickest place, one beside the other. */
export interface PlacedInsert {
  readonly insert: Insert;
  /** Middle of the hole, miniature mm in the section. */
  readonly at: readonly [x: number, y: number];
  readonly widthMm: number;
  readonly depthMm: number;
  /** What it runs into there, in words; empty where it has its place. */
  readonly clash: string;
}

/** Clay that is kept between two holes, mm (common practice). */
const BETWEEN_MM = 2;

/** Whether a line comes nearer to the middle of a box than its edges: sampled along it. */
function runsThrough(
  points: ThicknessAsk['wires'][number]['points'],
  [x, y]: readonly [number, number],
  halfWide: number,
  halfDeep: number,
): boolean {
  return points.some((to, i) => {
    const from = points[i - 1] ?? to;
    return Array.from({ length: 21 }, (_, k) => k / 20).some((t) => {
      const [px, py] = [from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])];
      return Math.abs(px - x) < halfWide && Math.abs(py - y) < halfDeep;
    });
  });
}

/** Things let into a part where they are drawn in its section, each with what it runs into. */
export function placedInserts(
  { part, shape, shrink }: Pick<PartContext, 'part' | 'shape' | 'shrink'>,
  wires: ThicknessAsk['wires'],
): PlacedInsert[] {
  const [cx, cy] = shape.thickest.at.map((mm) => mm / shrink) as [number, number, number];
  const room = shape.thickest.diameterMm / shrink;
  const whole = part.inserts.reduce((sum, { widthMm }) => sum + widthMm, 0);
  const wide = whole + BETWEEN_MM * Math.max(0, part.inserts.length - 1);
  let left = cx - wide / 2;
  return part.inserts.map((insert): PlacedInsert => {
    const { widthMm, depthMm } = insert;
    const at = [left + widthMm / 2, cy] as const;
    left += widthMm + BETWEEN_MM;
    const wire = wires.some(({ points, widthMm: across }) =>
      runsThrough(points, at, (widthMm + across) / 2, (depthMm + across) / 2),
    );
    const clash = wire
      ? 'the wire runs through it: lead the wire round, or let it in elsewhere'
      : wide > room
        ? `${(wide - room).toFixed(1)} mm wider than the thickest place`
        : '';
    return { insert, at, widthMm, depthMm, clash };
  });
}

function insertItems(context: PartContext, wires: ThicknessAsk['wires'], per: number): DrawItem[] {
  return placedInserts(context, wires).flatMap(
    ({ insert, at: [x, y], widthMm, depthMm, clash }): DrawItem[] => {
      const [l, r, b, t] = [x - widthMm / 2, x + widthMm / 2, y - depthMm / 2, y + depthMm / 2].map(
        (mm) => mm * per,
      ) as [number, number, number, number];
      const box = [
        [l, b],
        [r, b],
        [r, t],
        [l, t],
        [l, b],
      ] as const;
      return [
        { kind: 'line', points: box, weight: 'thin', dashed: true, ...(clash && { accent: true }) },
        {
          kind: 'text',
          at: [(l + r) / 2, t + 1],
          text: insert.name,
          size: 2.5,
          anchor: 'middle',
          face: 'words',
          ...(clash && { accent: true }),
        },
      ];
    },
  );
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
