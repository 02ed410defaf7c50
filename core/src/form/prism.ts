import earcut from 'earcut';
import { type Mesh, sampleField } from '../solid/index.ts';
import { deepestIn, depthOf } from './depth.ts';
import { extentOf, mapOutline, polygonOf, rectangle, uniteAreas } from './outline.ts';
import { sampledShape } from './sampled.ts';
import { seenAt } from './side.ts';
import type { Field, FormMeasure, InnerBall, Outline, Ring, Shape, Side, Vec2, Vec3 } from './types.ts';

function signedArea(ring: readonly Vec2[]): number {
  return ring.reduce((sum, [x, y], i) => {
    const [u, v] = ring[(i + 1) % ring.length] ?? [0, 0];
    return sum + (x * v - u * y) / 2;
  }, 0);
}

function perimeter(ring: readonly Vec2[]): number {
  return ring.reduce((sum, [x, y], i) => {
    const [u, v] = ring[(i + 1) % ring.length] ?? [0, 0];
    return sum + Math.hypot(u - x, v - y);
  }, 0);
}

/** Centre of the area between rings, holes running the other way round. */
function centroid(rings: readonly (readonly Vec2[])[], area: number): Vec2 {
  let [across, up] = [0, 0];
  for (const ring of rings)
    ring.forEach(([x, y], i) => {
      const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
      const twice = x * v - u * y;
      across += (twice * (x + u)) / 6;
      up += (twice * (y + v)) / 6;
    });
  return [across / area, up / area];
}

/** Both faces and every side of a prism as they are seen. */
function seenPrism(face: Outline, depth: number, side: Side): Outline {
  const at =
    (z: number) =>
    ([x, y]: Vec2) =>
      seenAt(side, [x, y, z]);
  const [front, back] = [at(depth / 2), at(-depth / 2)];
  const sides = face.flat().flatMap((ring) =>
    ring.map((a, i): Outline => {
      const b = ring[(i + 1) % ring.length] ?? a;
      return polygonOf([front(a), front(b), back(b), back(a)]);
    }),
  );
  return uniteAreas([mapOutline(face, front), mapOutline(face, back), ...sides]);
}

/** Outer rings counter-clockwise, holes clockwise. */
function wound(face: Outline): Ring[][] {
  return face.map((rings) =>
    rings.map((ring, i) => (signedArea(ring) > 0 === (i === 0) ? [...ring] : [...ring].reverse())),
  );
}

/** The exact triangles of a prism. */
function prismMesh(face: Outline, depth: number): Mesh {
  const positions: number[] = [];
  const triangles: number[] = [];
  for (const rings of wound(face)) {
    const flat = rings.flat();
    const first = positions.length / 3;
    for (const z of [depth / 2, -depth / 2]) for (const [x, y] of flat) positions.push(x, y, z);
    const starts = rings.map((_, i) => rings.slice(0, i).reduce((sum, ring) => sum + ring.length, 0));
    const cap = earcut(flat.flat(), starts.slice(1));
    for (let i = 0; i < cap.length; i += 3) {
      const [a = 0, b = 0, c = 0] = cap.slice(i, i + 3);
      const [p, q, r] = [flat[a], flat[b], flat[c]];
      if (!p || !q || !r) continue;
      const [left, right] = signedArea([p, q, r]) > 0 ? [b, c] : [c, b];
      triangles.push(first + a, first + left, first + right);
      triangles.push(first + flat.length + a, first + flat.length + right, first + flat.length + left);
    }
    rings.forEach((ring, k) => {
      const start = first + (starts[k] ?? 0);
      ring.forEach((_, i) => {
        const [a, b] = [start + i, start + ((i + 1) % ring.length)];
        triangles.push(a, a + flat.length, b, b, a + flat.length, b + flat.length);
      });
    });
  }
  return { positions: Float64Array.from(positions), triangles: Uint32Array.from(triangles) };
}

/** Largest ball between both faces and within the outline. */
function largestBall(region: string, face: Outline, depth: number): InnerBall {
  const deepest = deepestIn(face, depth / 2);
  return { diameterMm: Math.min(depth, 2 * deepest.depth), at: [...deepest.at, 0], region };
}

/** A prism knows its exact distances and triangles. */
export interface PrismShape extends Shape {
  readonly distance: Field;
  triangles(): Mesh;
}

/**
 * A prism over an outline that stands facing the viewer, half its depth on either side of z = 0; closed forms, but for
 * what is inside it.
 *
 * @param thickest where it is known already: looking for it takes a while
 */
export function prism(
  region: string,
  face: Outline,
  depth: number,
  measures: readonly FormMeasure[],
  thickest: InnerBall = largestBall(region, face, depth),
): PrismShape {
  const rings = wound(face).flat();
  const area = rings.reduce((sum, ring) => sum + signedArea(ring), 0);
  const edge = rings.reduce((sum, ring) => sum + perimeter(ring), 0);
  const [left, bottom, right, top] = extentOf(face);
  const [across, up] = centroid(rings, area);
  const min: Vec3 = [left, bottom, -depth / 2];
  const max: Vec3 = [right, top, depth / 2];
  const inFace = depthOf(face);
  const distance = (x: number, y: number, z: number) => {
    const flat = -inFace(x, y);
    const deep = Math.abs(z) - depth / 2;
    if (flat > 0 && deep > 0) return Math.sqrt(flat * flat + deep * deep);
    return Math.max(flat, deep);
  };
  const shape = sampledShape({
    region,
    box: { min, max },
    sample: (cellMm) => sampleField(min, max, cellMm, distance),
    distance,
    whole: () => ({
      volumeMm3: Math.abs(area) * depth,
      areaMm2: 2 * Math.abs(area) + edge * depth,
      centre: [across, up, 0],
    }),
    error: 0,
    thickest,
    measures,
    outline: (view) => (view === 'front' ? face : polygonOf(rectangle(-depth / 2, bottom, depth / 2, top))),
    seenFrom: (side) => seenPrism(face, depth, side),
  });
  return { ...shape, section: () => face, distance, triangles: () => prismMesh(face, depth) };
}
