import { type DrawItem, type Drawing, moved } from '../../drawing/index.ts';
import { extentOf, intersected, type Outline, type Ring, seeded } from '../../form/index.ts';
import type { MasonryFace } from './faces.ts';
import type { LaidUnit } from './layUnits.ts';
import { leftForCourses, type SpannedOpening } from './openings.ts';
import type { Quoin } from './quoins.ts';
import { worn } from './worn.ts';

const EDGE = 6;

function ringOf({ at: [x, y], longMm, highMm, ring }: LaidUnit): Ring {
  return (
    ring ?? [
      [x, y],
      [x + longMm, y],
      [x + longMm, y + highMm],
      [x, y + highMm],
    ]
  );
}

/** What lies on a face. */
export interface LaidFace {
  readonly face: MasonryFace;
  readonly laid: readonly LaidUnit[];
  readonly openings: readonly SpannedOpening[];
  readonly quoins: readonly Quoin[];
  /** The most that is worn off a corner, mm, and which of the ways. */
  readonly wornMm: number;
  readonly seed: number;
}

/** Units on their face, as they are cut, round its openings: at true size it is the guide to score by. */
export function masonryDrawing({ face, laid, openings, quoins, wornMm, seed }: LaidFace): Drawing {
  const [left, bottom, right, top] = extentOf(face.outline);
  const free = leftForCourses(face.outline, openings, quoins);
  const random = seeded(seed);
  const units = laid.map((unit): DrawItem => {
    const whole: Outline = [[worn(ringOf(unit), wornMm, random)]];
    return {
      kind: 'area',
      outline: unit.isCut ? intersected(whole, free) : whole,
      material: unit.face === 'dark' ? 'cured-clay' : 'none',
      weight: 'hair',
    };
  });
  const items: DrawItem[] = [
    { kind: 'area', outline: face.outline, material: 'none', weight: 'thick' },
    ...units,
    ...quoins.map(
      ({ ring }): DrawItem => ({
        kind: 'area',
        outline: [[worn(ring, wornMm, random)]],
        material: 'none',
        weight: 'thin',
      }),
    ),
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
