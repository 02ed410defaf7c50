import type { PartContext } from '../context/index.ts';
import { type DrawItem, type Drawing, dimension } from '../drawing/index.ts';
import { formatMiniMm, miniMm } from '../units/index.ts';
import { type Grip, pulledMeasure } from './grips.ts';
import { areaOf, standAt, standSideBySide } from './standing.ts';

/** Steps a rule may be ticked in. */
const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10_000, 20_000, 50_000];
/** Room on the paper round the line-up, mm. */
const EDGE = { left: 16, right: 20, above: 9, below: 20 };
/** How far a dimension line stands off, mm. */
const OFF = 4;
/** Narrow parts still get this much ground, so that their names find room. */
const GROUND = { gap: 4, least: 9, before: 6 };
/** Width of an average letter of 2.5 mm type, and how far apart names are stacked. */
const LETTER = 1.85;
const NAME_ROW = 4.4;
const NAME_ROWS = 4;

/** Smallest step whose ticks stand at least so far apart. */
function stepFor(perUnit: number, apart: number): number {
  return STEPS.find((step) => step * perUnit >= apart) ?? STEPS.at(-1) ?? 1;
}

/** A rule up the side: miniature millimetres at the left, life metres at the right. */
function sideRule(
  x: number,
  ground: number,
  tall: number,
  per: number,
  side: -1 | 1,
  says: (value: number) => string,
): DrawItem[] {
  const minor = stepFor(per, 1.1);
  const labelled = stepFor(per, 6.5);
  const count = Math.floor(tall / (minor * per) + 1e-9);
  const ticks = Array.from({ length: count + 1 }, (_, i): DrawItem[] => {
    const value = i * minor;
    const y = ground + value * per;
    const isLabelled = value % labelled === 0;
    const long = isLabelled ? 3 : (value * 2) % labelled === 0 ? 2 : 1.2;
    const line: DrawItem = {
      kind: 'line',
      weight: 'hair',
      points: [
        [x, y],
        [x + side * long, y],
      ],
    };
    if (!isLabelled || value === 0) return [line];
    const text: DrawItem = {
      kind: 'text',
      at: [x + side * 4, y - 0.9],
      text: says(value),
      size: 2.5,
      anchor: side < 0 ? 'end' : 'start',
      face: 'figures',
      quiet: true,
    };
    return [line, text];
  });
  return [
    {
      kind: 'line',
      weight: 'thin',
      points: [
        [x, ground],
        [x, ground + tall],
      ],
    },
    ...ticks.flat(),
  ];
}

/** Short slanted strokes under the ground line (ISO 128 habit for ground). */
function groundLine(left: number, right: number, y: number): DrawItem[] {
  const strokes = Array.from({ length: Math.floor((right - left) / 5) }, (_, i): DrawItem => {
    const x = left + 3 + i * 5;
    return {
      kind: 'line',
      weight: 'hair',
      points: [
        [x, y],
        [x - 1.6, y - 1.6],
      ],
    };
  });
  return [
    {
      kind: 'line',
      weight: 'thick',
      points: [
        [left, y],
        [right, y],
      ],
    },
    ...strokes,
  ];
}

/** Names under the ground, put on the first of three rows where they do not touch. */
function names(
  standing: readonly { name: string; x: number; part: string }[],
  y: number,
  selected: string | null,
): DrawItem[] {
  const ends = Array.from({ length: NAME_ROWS }, () => -Infinity);
  return standing.flatMap(({ name, x, part }): DrawItem[] => {
    const half = (name.length * LETTER) / 2;
    const free = ends.findIndex((end) => end <= x - half);
    const isSelected = part === selected;
    // Among very many parts only the names that find room are written; the tray has them all.
    if (free < 0 && !isSelected) return [];
    const row = free < 0 ? NAME_ROWS - 1 : free;
    ends[row] = x + half + 2;
    const base = y - 5.5 - row * NAME_ROW;
    const leader: DrawItem[] =
      row === 0
        ? []
        : [
            {
              kind: 'line',
              weight: 'hair',
              points: [
                [x, y - 2.4],
                [x, base + 2.9],
              ],
            },
          ];
    return [
      ...leader,
      {
        kind: 'text',
        at: [x, base],
        text: name,
        size: 2.5,
        anchor: 'middle',
        face: 'words',
        bold: isSelected,
        quiet: !isSelected,
      },
    ];
  });
}

/** A line-up, and where the selected part’s dimension lines are pulled. */
export interface LineUpDrawing extends Drawing {
  readonly grips: readonly Grip[];
  /** Where each part stands, mm with y up: what is taken hold of to move it along the row. */
  readonly places: readonly Place[];
  /** Drawing mm to a miniature mm. */
  readonly per: number;
}

/** The ground and air that a part of the row has. */
export interface Place {
  readonly part: string;
  readonly left: number;
  readonly right: number;
  readonly ground: number;
  readonly top: number;
}

/** How a line-up is shown. */
export interface Shown {
  /** Drawing mm to a miniature mm, for a size that is asked for; the drawing is then as large as that takes. */
  readonly per?: number;
  /** Something to compare with that is not of the piece: it stands first, as a hair line. */
  readonly beside?: PartContext | null;
}

function asGhost(item: DrawItem): DrawItem {
  if (item.kind !== 'area') return item;
  const { part: _, ...area } = item;
  return { ...area, material: 'none', weight: 'hair' };
}

function short(name: string): string {
  return name.length > 18 ? `${name.slice(0, 17)}…` : name;
}

/**
 * All parts side by side on one ground line and to one scale, against a rule in miniature and one in life.
 *
 * @param contexts parts in the order to stand in
 * @param paperWidthMm width to fill
 * @param paperHeightMm height to fit into
 * @param selected the part that gets a dimension line
 * @param shown otherwise than fitted to the paper
 * @returns a drawing of that width and height; each part’s area bears its id; the selected part’s dimension lines can be
 *   pulled at their grips
 */
export function lineUp(
  contexts: readonly PartContext[],
  paperWidthMm: number,
  paperHeightMm: number,
  selected: string | null,
  shown: Shown = {},
): LineUpDrawing {
  const { per: fixed, beside } = shown;
  const all = beside ? [beside, ...contexts] : contexts;
  const ground = EDGE.below;
  const room = Math.max(20, paperWidthMm - EDGE.left - EDGE.right);
  const tall = paperHeightMm - EDGE.above - EDGE.below;
  const row = fixed === undefined ? standSideBySide(all, room, tall, GROUND) : standAt(all, fixed, GROUND);
  const { per, stands } = row;
  const widthMm =
    fixed === undefined ? paperWidthMm : Math.max(paperWidthMm, row.lengthMm + EDGE.left + EDGE.right);
  const heightMm =
    fixed === undefined ? paperHeightMm : Math.max(paperHeightMm, row.tallMm + EDGE.above + EDGE.below);
  const height = heightMm - EDGE.above - EDGE.below;
  const ratio = contexts[0]?.scale.ratio ?? 1;
  const items: DrawItem[] = [
    ...sideRule(EDGE.left - 3, ground, height, per, -1, (value) => String(value)),
    ...sideRule(widthMm - EDGE.right + 3, ground, height, (per * 1000) / ratio / 1000, 1, (value) =>
      value >= 1000 ? `${value / 1000} m` : `${value / 10} cm`,
    ),
    ...groundLine(EDGE.left - 3, widthMm - EDGE.right + 3, ground),
  ];
  const grips: Grip[] = [];
  const places: Place[] = [];
  const feet: { name: string; x: number; part: string }[] = [];
  for (const stand of stands) {
    const { part } = stand.context;
    const area = areaOf(stand, per, EDGE.left, ground);
    items.push(stand.context === beside ? asGhost(area) : area);
    const half = Math.max((stand.width * per) / 2, GROUND.least / 2);
    if (stand.context !== beside)
      places.push({
        part: part.id,
        left: EDGE.left + stand.middle - half,
        right: EDGE.left + stand.middle + half,
        ground,
        top: ground + Math.max(stand.height * per, GROUND.least),
      });
    if (part.id === selected) {
      const [edge, top] = [EDGE.left + stand.middle - (stand.width * per) / 2, ground + stand.height * per];
      const size = (mm: number) => formatMiniMm(miniMm(mm));
      items.push(...dimension([edge, ground], [edge, top], OFF, size(stand.height), true));
      const up = pulledMeasure(stand.context, 'height');
      if (up)
        grips.push({
          part: part.id,
          axis: 'height',
          at: [edge - OFF, top],
          per,
          spanMm: stand.height,
          measure: up,
        });
      const across = pulledMeasure(stand.context, 'width');
      if (across) {
        const end = edge + stand.width * per;
        items.push(...dimension([edge, top], [end, top], OFF, size(stand.width), true));
        grips.push({
          part: part.id,
          axis: 'width',
          at: [end, top + OFF],
          per,
          spanMm: stand.width,
          measure: across,
        });
      }
    }
    feet.push({
      name: short(part.count === 1 ? part.name : `${part.name} × ${part.count}`),
      x: EDGE.left + stand.middle,
      part: part.id,
    });
  }
  items.push(...names(feet, ground, selected));
  return { widthMm, heightMm, items, grips, places, per };
}
