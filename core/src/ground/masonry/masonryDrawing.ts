import { type DrawItem, type Drawing, moved } from '../../drawing/index.ts';
import { extentOf, intersected, type Outline } from '../../form/index.ts';
import type { MasonryFace } from './faces.ts';
import type { LaidUnit } from './layUnits.ts';
import { leftForCourses, type SpannedOpening } from './openings.ts';

const EDGE = 6;

function boxOf({ at: [x, y], longMm, highMm }: LaidUnit): Outline {
  return [
    [
      [
        [x, y],
        [x + longMm, y],
        [x + longMm, y + highMm],
        [x, y + highMm],
      ],
    ],
  ];
}

/** Units on their face, as they are cut, round its openings: at true size it is the guide to score by. */
export function masonryDrawing(
  face: MasonryFace,
  laid: readonly LaidUnit[],
  openings: readonly SpannedOpening[] = [],
): Drawing {
  const [left, bottom, right, top] = extentOf(face.outline);
  const free = leftForCourses(face.outline, openings);
  const units = laid.map((unit): DrawItem => {
    const box = boxOf(unit);
    return {
      kind: 'area',
      outline: unit.isCut ? intersected(box, free) : box,
      material: unit.face === 'dark' ? 'cured-clay' : 'none',
      weight: 'hair',
    };
  });
  const items: DrawItem[] = [
    { kind: 'area', outline: face.outline, material: 'none', weight: 'thick' },
    ...units,
    ...openings.flatMap(({ hole, carriers }): DrawItem[] => [
      { kind: 'area', outline: [[hole]], material: 'none', weight: 'thick' },
      ...carriers.map(
        (ring): DrawItem => ({ kind: 'area', outline: [[ring]], material: 'none', weight: 'thin' }),
      ),
    ]),
    ...(face.wraps
      ? [
          {
            kind: 'text',
            at: [left + 2, bottom - EDGE + 1.5],
            text: 'wrap it round: its ends meet',
            size: 2.5,
            anchor: 'start',
            face: 'words',
            quiet: true,
          } satisfies DrawItem,
        ]
      : []),
  ];
  return {
    widthMm: right - left + 2 * EDGE,
    heightMm: top - bottom + 2 * EDGE,
    items: items.map((item) => moved(item, [EDGE - left, EDGE - bottom])),
  };
}
