import { counterClockwise, type Ring, type Vec2 } from '../../form/index.ts';
import type { Board } from '../../piece/index.ts';
import { crossesItself } from '../../repeats/index.ts';

const ROUND_POINTS = 96;

/** A base whose edge is no outline, and the way out. */
export interface NoBoard {
  readonly says: string;
}

function corners(n: number, width: number, depth: number, first: number): Ring {
  return Array.from({ length: n }, (_, i): Vec2 => {
    const angle = first + (2 * Math.PI * i) / n;
    return [(width / 2) * Math.cos(angle), (depth / 2) * Math.sin(angle)];
  });
}

/** Why a drawn line bounds no area; null where it does. */
export function whyNoArea(ring: Ring): string | null {
  if (ring.length < 3) return 'it has fewer than three corners: draw another';
  if (crossesItself({ spots: ring.map(([x, y]) => [x, y, 0]), isClosed: true, middle: [0, 0] }))
    return 'its line crosses itself: move a corner, or take one out';
  return null;
}

/**
 * The edge of a base, counter-clockwise, miniature mm to the right and to the back of its middle.
 *
 * @example boardRing({ ...DEFAULT_BOARD, outline: 'square', widthMm: 40, depthMm: 20 }) // [[-20, -10], [20, -10], …]
 */
export function boardRing(board: Board): Ring | NoBoard {
  const { outline, widthMm: w, depthMm: d } = board;
  switch (outline) {
    case 'round':
      return corners(ROUND_POINTS, w, d, 0);
    case 'square':
      return [
        [-w / 2, -d / 2],
        [w / 2, -d / 2],
        [w / 2, d / 2],
        [-w / 2, d / 2],
      ];
    case 'polygon':
      // One side lies at the front.
      return corners(board.sides, w, d, -Math.PI / 2 + Math.PI / board.sides);
    case 'drawn': {
      const ring = board.points.map(({ xMm, yMm }): Vec2 => [xMm, yMm]);
      const why = whyNoArea(ring);
      return why === null ? counterClockwise(ring) : { says: `The base is no outline: ${why}.` };
    }
  }
}

/** The edge of a base that has one; null without a base or where it is no outline. */
export function edgeOf(board: Board | null): Ring | null {
  const edge = board && boardRing(board);
  return edge && !('says' in edge) ? edge : null;
}

/** A base so many times as large: a drawn one by its corners. */
export function enlarged(board: Board, by: number): Board {
  const mm = (length: number) => Math.ceil(length * by);
  return {
    ...board,
    widthMm: mm(board.widthMm),
    depthMm: mm(board.depthMm),
    points: board.points.map(({ xMm, yMm }) => ({ xMm: xMm * by, yMm: yMm * by })),
  };
}
