import { type DrawItem, type Drawing, dimension, moved } from '../../drawing/index.ts';
import { extentOf, intersected, type Outline, type Ring, uniteAreas, type Vec2 } from '../../form/index.ts';
import type { Board, Pour } from '../../piece/index.ts';
import { formatMiniMm, miniMm } from '../../units/index.ts';
import { type Banked, levelOf, reachOf } from '../banked.ts';
import { planArea } from '../plan/planArea.ts';
import { onPlan, type Placed } from '../plan/standing.ts';

const EDGE = 12;
/** Half of what the knife is thick that cuts the section, mm. */
const KNIFE = 0.05;
/** The banks are followed in so many steps. */
const STEPS = 24;
const mm = (value: number) => formatMiniMm(miniMm(value));

/** What of an area lies under a cut from left to right. */
function cutAt(outline: Outline, y: number): readonly [number, number] | null {
  if (outline.length === 0) return null;
  const [left, , right] = extentOf(outline);
  const strip: Outline = [
    [
      [
        [left - 1, y - KNIFE],
        [right + 1, y - KNIFE],
        [right + 1, y + KNIFE],
        [left - 1, y + KNIFE],
      ],
    ],
  ];
  const cut = intersected(outline, strip);
  if (cut.length === 0) return null;
  const [from, , to] = extentOf(cut);
  return [from, to];
}

/** A hollow between two depths as it is cut: down its left bank and up its right one. */
function hollow(body: Banked, y: number, fromMm: number, toMm: number): Ring {
  const left: Vec2[] = [];
  const right: Vec2[] = [];
  for (let k = 0; k <= STEPS; k += 1) {
    const down = fromMm + ((toMm - fromMm) * k) / STEPS;
    const cut = cutAt(levelOf(body, Math.min(down, toMm - 1e-3)), y);
    if (!cut) continue;
    left.push([cut[0], -down]);
    right.push([cut[1], -down]);
  }
  return [...left, ...right.reverse()];
}

const area = (
  ring: Ring,
  weight: 'thick' | 'thin' | 'hair',
  material: 'none' | 'wood' | 'paper' = 'none',
): DrawItem => ({
  kind: 'area',
  outline: [[ring]],
  material,
  weight,
});

/** What stands in a pour where the cut goes through it, by its slices. */
function standing(placed: readonly Placed[], y: number, bedMm: number): DrawItem[] {
  return placed.flatMap(({ print, spot }): DrawItem[] => {
    const boxes = print.slabs.flatMap(({ ring, fromMm, toMm }): Outline[] => {
      const cut = cutAt([[ring.map(onPlan(spot))]], y);
      if (!cut) return [];
      const [l, r] = cut;
      const [low, high] = [fromMm - bedMm, toMm - bedMm];
      const box: Ring = [
        [l, low],
        [r, low],
        [r, high],
        [l, high],
      ];
      return [[[box]]];
    });
    return boxes.length === 0
      ? []
      : [{ kind: 'area', outline: uniteAreas(boxes), material: 'raw-clay', weight: 'thin' }];
  });
}

/** A pour to be drawn in section. */
export interface PourSection {
  readonly pour: Pour;
  readonly board: Board | null;
  readonly inIt: readonly Placed[];
  readonly layers: number;
}

/**
 * A pour cut from left to right through what stands in it, or through its middle, at true size: the base, its banks, the level,
 * and where each layer ends. Null for one that has no edge or no level.
 */
export function sectionDrawing({ pour, board, inIt, layers }: PourSection): Drawing | null {
  const { ring, why } = planArea(pour);
  if (why !== null) return null;
  const body: Banked = { ring, highMm: pour.deepMm, slopeDeg: pour.bankDeg };
  const reach = reachOf(body);
  const deep = reach - pour.lowMm;
  if (deep <= 0) return null;
  const [, front, , back] = extentOf([[ring]]);
  const y = inIt[0]?.spot.yMm ?? (front + back) / 2;
  const rim = cutAt([[ring]], y);
  if (!rim) return null;
  const [left, right] = [rim[0] - EDGE, rim[1] + EDGE];
  const thick = board?.thicknessMm ?? reach;
  const foot = -Math.max(thick, reach);
  const ends = Array.from({ length: Math.max(0, layers - 1) }, (_, k): DrawItem[] => {
    const down = reach - (deep * (k + 1)) / layers;
    const cut = cutAt(levelOf(body, down), y);
    return cut
      ? [
          {
            kind: 'line',
            points: [
              [cut[0], -down],
              [cut[1], -down],
            ],
            weight: 'hair',
            dashed: true,
          },
        ]
      : [];
  }).flat();
  const items: DrawItem[] = [
    area(
      [
        [left, foot],
        [right, foot],
        [right, 0],
        [left, 0],
      ],
      'thin',
      'wood',
    ),
    area(hollow(body, y, 0, reach), 'thin', 'paper'),
    ...standing(inIt, y, reach),
    area(hollow(body, y, pour.lowMm, reach), 'thick'),
    ...ends,
    ...dimension([right, -reach], [right, -pour.lowMm], -4, mm(deep)),
  ];
  const high = Math.max(0, ...inIt.map(({ print }) => print.heightMm - reach));
  return {
    widthMm: right - left + 2 * EDGE,
    heightMm: high - foot + 2 * EDGE,
    items: items.map((item) => moved(item, [EDGE - left, EDGE - foot])),
  };
}
