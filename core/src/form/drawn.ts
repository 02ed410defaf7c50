import { cellInBox, clusters, gridFrame, type Mesh, meshSums, surfaceOf } from '../solid/index.ts';
import { FormError, positive } from './errors.ts';
import { stretchMeasures } from './fieldMeasure.ts';
import { meshSolid } from './mesh.ts';
import { areaOf, extentOf, mirroredOutline, rightHalf, unite, uniteAreas } from './outline.ts';
import type { DrawnEdge, DrawnForm, Outline, PlanePoint, Shape, Vec2 } from './types.ts';

/** How full a section is between what is drawn of it: the exponent of a superellipse; endless for straight sides. */
const FULLNESS: Readonly<Record<DrawnEdge, number>> = { round: 2, soft: 4, square: Number.POSITIVE_INFINITY };
/** Cells that the solid is made on. */
const CELLS = 140_000;
/** A limb beside the body is as deep as it is wide; what is at least so wide against the widest beside it is body. */
const BODY = 0.6;
/** Error of volume and surface on such a grid. */
const ERROR = 0.02;

/** Length along a line, from and to. */
interface Span {
  readonly middle: number;
  readonly half: number;
}

/** A drawn outline, its own foot at 0 and its middle at 0. */
interface Face {
  readonly outline: Outline;
  readonly width: number;
  readonly height: number;
}

function faceOf(field: string, points: readonly PlanePoint[]): Face {
  if (points.length < 3) throw new FormError('drawn', field, 'three points or more', points.length);
  points.forEach(({ xMm, yMm }, i) => {
    if (!Number.isFinite(xMm) || !Number.isFinite(yMm))
      throw new FormError('drawn', `${field}[${i}]`, 'two lengths', `${xMm}, ${yMm}`);
  });
  // The largest of what a line that crosses itself encloses; a hole in it would be none in the solid.
  const found = unite([points.map(({ xMm, yMm }): Vec2 => [xMm, yMm])]).map(([rim]) => rim ?? []);
  const rim = found.sort((a, b) => areaOf([[b]]) - areaOf([[a]]))[0];
  if (!rim) throw new FormError('drawn', field, 'an outline with some area', 'none');
  const [left, bottom, right, top] = extentOf([[rim]]);
  const ring = rim.map(([x, y]): Vec2 => [x - (left + right) / 2, y - bottom]);
  return { outline: [[ring]], width: right - left, height: top - bottom };
}

/** The same outline so wide and so high. */
function fitted({ outline, width, height }: Face, toWidth: number, toHeight: number): Face {
  const [by, up] = [toWidth / width, toHeight / height];
  const moved = outline.map((rings) => rings.map((ring) => ring.map(([x, y]): Vec2 => [x * by, y * up])));
  return { outline: moved, width: toWidth, height: toHeight };
}

/** Where a level line lies inside an outline, from left to right. */
function spansAt({ outline }: Face, y: number): Span[] {
  const crossings = outline
    .flat()
    .flatMap((ring) =>
      ring.flatMap(([x1, y1], i): number[] => {
        const [x2, y2] = ring[(i + 1) % ring.length] ?? [x1, y1];
        return y1 > y === y2 > y ? [] : [x1 + ((x2 - x1) * (y - y1)) / (y2 - y1)];
      }),
    )
    .sort((a, b) => a - b);
  const spans: Span[] = [];
  for (let i = 0; i + 1 < crossings.length; i += 2) {
    const [from, to] = [crossings[i] ?? 0, crossings[i + 1] ?? 0];
    if (to > from) spans.push({ middle: (from + to) / 2, half: (to - from) / 2 });
  }
  return spans;
}

/** An outline made alike to the left and the right of its middle, by its right half. */
export function mirroredPoints(points: readonly PlanePoint[]): PlanePoint[] {
  const { outline } = faceOf('front', points);
  const half = rightHalf(outline);
  const whole = uniteAreas([half, mirroredOutline(half)]);
  const rim = whole.map((rings) => rings[0] ?? []).sort((a, b) => b.length - a.length)[0] ?? [];
  return rim.length < 3 ? [...points] : rim.map(([xMm, yMm]) => ({ xMm, yMm }));
}

/** How deep a place lies in an outline, negative outside. */
function depthIn({ outline }: Face, x: number, y: number): number {
  let [least, isIn] = [Number.POSITIVE_INFINITY, false];
  for (const ring of outline.flat())
    for (let i = 0; i < ring.length; i += 1) {
      const [ax, ay] = ring[i] ?? [0, 0];
      const [bx, by] = ring[(i + 1) % ring.length] ?? [ax, ay];
      const [ux, uy] = [bx - ax, by - ay];
      const length2 = ux * ux + uy * uy;
      const t = length2 === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * ux + (y - ay) * uy) / length2));
      least = Math.min(least, Math.hypot(x - ax - ux * t, y - ay - uy * t));
      if (ay > y !== by > y && x < ax + (ux * (y - ay)) / uy) isIn = !isIn;
    }
  return isIn ? least : -least;
}

/** How far out of a section a place is, 1 on its rim. */
function outOf(u: number, w: number, fullness: number): number {
  const [a, b] = [Math.abs(u), Math.abs(w)];
  return Number.isFinite(fullness) ? (a ** fullness + b ** fullness) ** (1 / fullness) : Math.max(a, b);
}

/** Sections of the body at a height: each across and deep, the middle of both. */
interface Section {
  readonly across: Span;
  readonly deep: Span;
}

/**
 * What both outlines have at a height, put together. The widest of each are the body and meet in full; what stands beside the body
 * in one view, an arm or a tail, is as deep there as it is wide.
 */
function sectionsOf(front: readonly Span[], side: readonly Span[]): Section[] {
  const most = (spans: readonly Span[]) => spans.reduce((a, b) => (b.half > a.half ? b : a));
  if (front.length === 0 || side.length === 0) return [];
  const [widest, deepest] = [most(front), most(side)];
  const bodyFront = front.filter(({ half }) => half >= BODY * widest.half);
  const bodySide = side.filter(({ half }) => half >= BODY * deepest.half);
  return [
    ...bodyFront.flatMap((across) => bodySide.map((deep) => ({ across, deep }))),
    ...front
      .filter((one) => !bodyFront.includes(one))
      .map((across) => ({ across, deep: { ...deepest, half: Math.min(deepest.half, across.half) } })),
    ...side
      .filter((one) => !bodySide.includes(one))
      .map((deep) => ({ across: { ...widest, half: Math.min(widest.half, deep.half) }, deep })),
  ];
}

/** Distance out of a section, about right near its rim. */
function fromSections(sections: readonly Section[], x: number, z: number, fullness: number): number {
  let least = Number.POSITIVE_INFINITY;
  for (const { across, deep } of sections) {
    const r = outOf((x - across.middle) / across.half, (z - deep.middle) / deep.half, fullness);
    least = Math.min(least, (r - 1) * Math.min(across.half, deep.half));
  }
  return least;
}

interface Drawn {
  readonly front: Face;
  readonly side: Face | null;
  readonly top: Face | null;
  readonly depth: number;
  readonly fullness: number;
}

/** A field over the cells of a plane, x or z along and y up. */
function plane(
  face: Face,
  from: number,
  count: number,
  up: number,
  rows: number,
  cell: number,
): Float64Array {
  const found = new Float64Array(count * rows);
  for (let j = 0; j < rows; j += 1)
    for (let i = 0; i < count; i += 1)
      found[j * count + i] = depthIn(face, from + (i + 0.5) * cell, up + (j + 0.5) * cell);
  return found;
}

/** The solid as triangles, its foot on the ground. */
function meshOf({ front, side, top, depth, fullness }: Drawn): Mesh {
  const box = {
    min: [-front.width / 2, 0, -depth / 2] as const,
    max: [front.width / 2, front.height, depth / 2] as const,
  };
  const frame = gridFrame(box.min, box.max, cellInBox(box.min, box.max, CELLS));
  const { size, min, cell } = frame;
  const [nx, ny, nz] = size;
  const distance = new Float32Array(nx * ny * nz);
  const inFront = plane(front, min[0], nx, min[1], ny, cell);
  const inSide = side && plane(side, min[2], nz, min[1], ny, cell);
  const inTop = top && plane(top, min[0], nx, min[2], nz, cell);
  const thickest = inFront.reduce((a, b) => Math.max(a, b), 0);
  for (let j = 0; j < ny; j += 1) {
    const y = min[1] + (j + 0.5) * cell;
    const sections = side ? sectionsOf(spansAt(front, y), spansAt(side, y)) : [];
    for (let k = 0; k < nz; k += 1)
      for (let i = 0; i < nx; i += 1) {
        const [x, z] = [min[0] + (i + 0.5) * cell, min[2] + (k + 0.5) * cell];
        const deep = inFront[j * nx + i] ?? 0;
        // Never nearer than what the views themselves leave.
        let far = -deep;
        if (inSide) far = Math.max(far, -(inSide[j * nz + k] ?? 0), fromSections(sections, x, z, fullness));
        // One outline swells from its rim to its thickest.
        else {
          const out = outOf(1 - Math.min(1, deep / thickest), z / (depth / 2), fullness);
          far = Math.max(far, (out - 1) * Math.min(thickest, depth / 2));
        }
        if (inTop) far = Math.max(far, -(inTop[k * nx + i] ?? 0));
        distance[(k * ny + j) * nx + i] = Number.isFinite(far) ? far : cell;
      }
  }
  dropIslands(distance, size);
  return surfaceOf({ ...frame, distance, owner: null });
}

/** Leaves only the largest of the pieces that hang together: an outline is of one body. */
function dropIslands(distance: Float32Array, size: readonly [number, number, number]): void {
  const pieces = clusters(size, distance.length, (c) => (distance[c] ?? 1) < 0);
  const largest = pieces.reduce((a, b) => (b.length > a.length ? b : a), []);
  for (const piece of pieces)
    if (piece !== largest) for (const c of piece) distance[c] = Math.abs(distance[c] ?? 0);
}

/** Stretches a mesh to the very size that is drawn: a grid is off by a part of a cell. */
function stretched(mesh: Mesh, sizes: readonly [number, number, number]): Mesh {
  const { min: low, max: high } = meshSums(mesh);
  const positions = mesh.positions.map((value, i) => {
    const [from, to, wanted] = [low[i % 3] ?? 0, high[i % 3] ?? 1, sizes[i % 3] ?? 1];
    const along = ((value - from) / (to - from)) * wanted;
    return i % 3 === 1 ? along : along - wanted / 2;
  });
  return { positions, triangles: mesh.triangles };
}

/**
 * A solid from its outlines: from the front, from the side and from above as far as they are drawn. The others are stretched to
 * the height and width of the front. Rounded where nothing is said.
 *
 * @throws {FormError} naming the field
 */
export function drawnShape(form: DrawnForm): Shape {
  const front = faceOf('front', form.front);
  const drawn = form.side.length > 0 ? faceOf('side', form.side) : null;
  const depth = drawn ? drawn.width : positive('drawn', 'depthMm', form.depthMm);
  const side = drawn && fitted(drawn, depth, front.height);
  const above = form.top.length > 0 ? faceOf('top', form.top) : null;
  // From above its own middle lies at the middle of the depth.
  const middled =
    above &&
    ({
      ...above,
      outline: above.outline.map((rings) =>
        rings.map((ring) => ring.map(([x, y]): Vec2 => [x, y - above.height / 2])),
      ),
    } satisfies Face);
  const top = middled && fitted(middled, front.width, depth);
  const mesh = meshOf({ front, side, top, depth, fullness: FULLNESS[form.edge] });
  if (mesh.triangles.length === 0)
    throw new FormError('drawn', 'side', 'outlines that have a solid in common', 'nothing');
  const solid = meshSolid(stretched(mesh, [front.width, front.height, depth]), 'drawn', ERROR);
  return {
    ...solid,
    // As it is drawn, not as the cells have it.
    outline: (view) => (view === 'front' ? front.outline : (side?.outline ?? solid.outline(view))),
    measures: stretchMeasures(solid.box),
    notes: [
      side
        ? 'Made of two outlines: what neither shows is rounded.'
        : `Made of one outline, as deep as ${depth.toFixed(1)} mm: draw it from the side for its own depth.`,
    ],
  };
}
