import { Delaunay } from 'd3-delaunay';
import { offset, type Ring, seeded, type Vec2 } from '../../form/index.ts';
import type { Natural } from './bonds.ts';

/** A stone as it lies: its outline, mm from the lower left corner of the face; of squared ones its course. */
export interface Stone {
  readonly row: number;
  readonly ring: Ring;
}

interface NaturalAsk {
  readonly lengthMm: number;
  readonly heightMm: number;
  readonly jointMm: number;
  readonly seed: number;
}

/** How far, of the step between two, the middle of a stone may lie off its place: cobbles are picked alike, broken slabs are not. */
const STRAY: Readonly<Record<Exclude<Natural, 'ashlar'>, number>> = {
  rubble: 0.55,
  cobbles: 0.25,
  crazy: 0.8,
};
/** Of the usual length of a squared stone, the shortest and what the longest has more. */
const [SHORT, MORE] = [0.6, 0.8];
/** A joint keeps so far away from one in the course below, of the height of a stone (common practice: no straight joints). */
const LAP = 0.25;
const TRIES = 12;

/** Squared stones in courses, each as long as it comes, no joint over another. */
function ashlar({ lengthMm, heightMm, jointMm, seed }: NaturalAsk, wide: number, high: number): Stone[] {
  const random = seeded(seed);
  const stones: Stone[] = [];
  let below: readonly number[] = [];
  for (let row = 0; row * (heightMm + jointMm) < high; row += 1) {
    const y = row * (heightMm + jointMm);
    const joints: number[] = [];
    for (let x = 0; x < wide; ) {
      let long = lengthMm;
      for (let k = 0; k < TRIES; k += 1) {
        long = lengthMm * (SHORT + MORE * random());
        const end = x + long;
        if (!below.some((at) => Math.abs(at - end) < LAP * heightMm + jointMm)) break;
      }
      stones.push({ row, ring: box(x, y, x + long, y + heightMm) });
      x += long + jointMm;
      joints.push(x - jointMm);
    }
    below = joints;
  }
  return stones;
}

const box = (l: number, b: number, r: number, t: number): Ring => [
  [l, b],
  [r, b],
  [r, t],
  [l, t],
];

/** Cells round places that stray from a grid whose rows are moved by half a step, each drawn in by half a joint. */
function cells(bond: Exclude<Natural, 'ashlar'>, ask: NaturalAsk, wide: number, high: number): Stone[] {
  const random = seeded(ask.seed);
  const [stepX, stepY] = [ask.lengthMm + ask.jointMm, ask.heightMm + ask.jointMm];
  const stray = STRAY[bond];
  const places: Vec2[] = [];
  // A row and a stone more on every side: no cell on the face reaches to the edge of the cells.
  for (let row = -1; row * stepY < high + stepY; row += 1)
    for (let k = -1; k * stepX < wide + 2 * stepX; k += 1)
      places.push([
        (k + (row % 2 === 0 ? 0 : 0.5) + stray * (random() - 0.5)) * stepX,
        (row + 0.5 + stray * (random() - 0.5)) * stepY,
      ]);
  const found = Delaunay.from(places.map(([x, y]): [number, number] => [x, y])).voronoi([
    -2 * stepX,
    -2 * stepY,
    wide + 3 * stepX,
    high + 3 * stepY,
  ]);
  return places.flatMap((_, i): Stone[] => {
    const cell = found.cellPolygon(i);
    if (!cell) return [];
    const [stone] = offset([[cell.slice(1).map(([x, y]): Vec2 => [x, y])]], -ask.jointMm / 2);
    return stone?.[0] ? [{ row: 0, ring: stone[0] }] : [];
  });
}

/**
 * Stones of no one size over a face so wide and high, from its lower left corner, those at its edges reaching over: squared ones
 * in courses, or rubble, cobbles and broken slabs as cells of a Voronoi diagram.
 *
 * Source: G. Voronoi, 1908; the cells by Delaunay’s triangles.
 */
export function naturalStones(
  bond: Natural,
  ask: NaturalAsk,
  wideMm: number,
  highMm: number,
): readonly Stone[] {
  return bond === 'ashlar' ? ashlar(ask, wideMm, highMm) : cells(bond, ask, wideMm, highMm);
}
