import type { PartContext } from '../context/index.ts';
import type { Drawing } from '../drawing/index.ts';
import { areaOf, standSideBySide } from './standing.ts';

const GROUND = { gap: 1.2, least: 1, before: 0 };
/** Room under the ground line for its stroke, mm. */
const UNDER = 0.5;

/** All parts of a piece on their ground line, small and without words: what it looks like on the Shelf. */
export function sketch(contexts: readonly PartContext[], widthMm: number, heightMm: number): Drawing {
  const { per, stands } = standSideBySide(contexts, widthMm, heightMm - 2 * UNDER, GROUND);
  return {
    widthMm,
    heightMm,
    items: [
      ...stands.map((stand) => areaOf(stand, per, 0, UNDER)),
      {
        kind: 'line',
        weight: 'thin',
        points: [
          [0, UNDER],
          [widthMm, UNDER],
        ],
      },
    ],
  };
}
