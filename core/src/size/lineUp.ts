import { type DrawItem, type Drawing, dimension, moved, scaledOutline } from '../drawing/index.ts';
import { extentOf } from '../form/index.ts';
import { formatMiniMm, miniMm } from '../units/index.ts';
import type { PartContext } from '../whole/context.ts';

/** Steps a rule may be ticked in. */
const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10_000, 20_000, 50_000];
/** Room on the paper round the line-up, mm. */
const EDGE = { left: 16, right: 20, above: 8, below: 20 };
const GAP = 4;
/** Narrow parts still get this much ground, so that their names find room. */
const LEAST_GROUND = 9;
/** Width of an average letter of 2.5 mm type, and how far apart names are stacked. */
const LETTER = 1.85;
const NAME_ROW = 4.4;
const NAME_ROWS = 4;

interface Standing {
  readonly context: PartContext;
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly bottom: number;
}

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

function short(name: string): string {
  return name.length > 18 ? `${name.slice(0, 17)}…` : name;
}

/** Largest scale at which all parts, none narrower than the least ground, go side by side; found by halving. */
function fitAlong(parts: readonly Standing[], room: number, least: number): number {
  const wide = Math.max(
    1e-6,
    parts.reduce((sum, { width }) => sum + width, 0),
  );
  let [low, high] = [0, room / wide];
  for (let i = 0; i < 30; i += 1) {
    const per = (low + high) / 2;
    const taken = parts.reduce((sum, { width }) => sum + Math.max(width * per, least), 0);
    if (taken > room) high = per;
    else low = per;
  }
  return low;
}

/**
 * All parts side by side on one ground line and to one scale, against a rule in miniature and one in life.
 *
 * @param contexts parts in the order to stand in
 * @param paperWidthMm width to fill
 * @param paperHeightMm height to fit into
 * @param selected the part that gets a dimension line
 * @returns a drawing of that width and height; each part’s area bears its id
 */
export function lineUp(
  contexts: readonly PartContext[],
  paperWidthMm: number,
  paperHeightMm: number,
  selected: string | null,
): Drawing {
  const parts = contexts.map((context): Standing => {
    const [left, bottom, right, top] = extentOf(context.shape.outline('front'));
    const by = 1 / context.shrink;
    return {
      context,
      width: (right - left) * by,
      height: (top - bottom) * by,
      left: left * by,
      bottom: bottom * by,
    };
  });
  const ground = EDGE.below;
  const inner = Math.max(20, paperWidthMm - EDGE.left - EDGE.right);
  const leastGap = Math.min(GAP, (0.3 * inner) / (parts.length + 1));
  const room = inner - leastGap * (parts.length + 1);
  const least = Math.min(LEAST_GROUND, (0.5 * room) / Math.max(1, parts.length));
  const tall = Math.max(1e-6, ...parts.map(({ height }) => height));
  const per = Math.min(fitAlong(parts, room, least), (paperHeightMm - EDGE.above - EDGE.below) / tall);
  const stand = (width: number) => Math.max(width * per, least);
  // What width is left over spreads the parts.
  const taken = parts.reduce((sum, { width }) => sum + stand(width), 0);
  const gap = leastGap + Math.max(0, room - taken) / (parts.length + 1);
  const ratio = contexts[0]?.scale.ratio ?? 1;
  const height = paperHeightMm - EDGE.above - EDGE.below;
  const items: DrawItem[] = [
    ...sideRule(EDGE.left - 3, ground, height, per, -1, (value) => String(value)),
    ...sideRule(paperWidthMm - EDGE.right + 3, ground, height, (per * 1000) / ratio / 1000, 1, (value) =>
      value >= 1000 ? `${value / 1000} m` : `${value / 10} cm`,
    ),
    ...groundLine(EDGE.left - 3, paperWidthMm - EDGE.right + 3, ground),
  ];
  let x = EDGE.left + gap;
  const feet: { name: string; x: number; part: string }[] = [];
  for (const { context, width, height: partHeight, left, bottom } of parts) {
    const { part, shape, shrink } = context;
    const outline = scaledOutline(shape.outline('front'), per / shrink);
    const middle = x + stand(width) / 2;
    const edge = middle - (width * per) / 2;
    const area: DrawItem = {
      kind: 'area',
      outline,
      material: part.mix.length > 0 ? 'raw-clay' : 'wood',
      weight: 'thin',
      part: part.id,
    };
    items.push(moved(area, [edge - left * per, ground - bottom * per]));
    if (part.id === selected)
      items.push(
        ...dimension(
          [edge, ground],
          [edge, ground + partHeight * per],
          4,
          formatMiniMm(miniMm(partHeight)),
          true,
        ),
      );
    feet.push({
      name: short(part.count === 1 ? part.name : `${part.name} × ${part.count}`),
      x: middle,
      part: part.id,
    });
    x += stand(width) + gap;
  }
  items.push(...names(feet, ground, selected));
  return { widthMm: paperWidthMm, heightMm: paperHeightMm, items };
}
