import { sampleField } from '../solid/index.ts';
import { depthIn } from './depth.ts';
import { FormError, positive } from './errors.ts';
import { fieldMeasure } from './fieldMeasure.ts';
import { extentOf, mapOutline, polygonOf, rectangle, unite } from './outline.ts';
import { sampledShape } from './sampled.ts';
import type { ExtrudedForm, FormMeasure, Outline, PlanePoint, Shape, Vec2, WedgeForm } from './types.ts';

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

/** A prism over an outline that stands on the ground facing the viewer; closed forms, but for what is inside it. */
function prism(region: string, face: Outline, depth: number, measures: readonly FormMeasure[]): Shape {
  const rings = face.flat();
  const area = rings.reduce((sum, ring) => sum + signedArea(ring), 0);
  const edge = rings.reduce((sum, ring) => sum + perimeter(ring), 0);
  const [left, bottom, right, top] = extentOf(face);
  const [across, up] = centroid(rings, area);
  return sampledShape({
    region,
    box: { min: [left, bottom, -depth / 2], max: [right, top, depth / 2] },
    sample: (cellMm) =>
      sampleField([left, bottom, -depth / 2], [right, top, depth / 2], cellMm, (x, y, z) => {
        const flat = -depthIn(face, [x, y]);
        const deep = Math.abs(z) - depth / 2;
        return Math.hypot(Math.max(flat, 0), Math.max(deep, 0)) + Math.min(Math.max(flat, deep), 0);
      }),
    volumeMm3: Math.abs(area) * depth,
    areaMm2: 2 * Math.abs(area) + edge * depth,
    centre: [across, up, 0],
    error: 0,
    measures,
    outline: (view) => (view === 'front' ? face : polygonOf(rectangle(-depth / 2, bottom, depth / 2, top))),
  });
}

/** @throws {FormError} for a side of zero or less */
export function wedgeShape(form: WedgeForm): Shape {
  const w = positive('wedge', 'widthMm', form.widthMm);
  const h = positive('wedge', 'heightMm', form.heightMm);
  const d = positive('wedge', 'depthMm', form.depthMm);
  const face = polygonOf([
    [-w / 2, 0],
    [w / 2, 0],
    [w / 2, h],
  ]);
  return prism('wedge', face, d, [
    fieldMeasure('height', 'Height', h, [w / 2, 0], [w / 2, h]),
    fieldMeasure('width', 'Width', w, [-w / 2, 0], [w / 2, 0]),
    fieldMeasure('depth', 'Depth', d, [-w / 2, 0], [w / 2, 0]),
  ]);
}

function drawn(points: readonly PlanePoint[]): Outline {
  if (points.length < 3) throw new FormError('extruded', 'points', 'three points or more', points.length);
  points.forEach(({ xMm, yMm }, i) => {
    if (!Number.isFinite(xMm) || !Number.isFinite(yMm))
      throw new FormError('extruded', `points[${i}]`, 'two lengths', `${xMm}, ${yMm}`);
  });
  const ring = points.map(({ xMm, yMm }): Vec2 => [xMm, yMm]);
  const face = unite([ring]);
  if (face.length === 0) throw new FormError('extruded', 'points', 'an outline with some area', 'none');
  const [left, bottom, right] = extentOf(face);
  return mapOutline(face, ([x, y]) => [x - (left + right) / 2, y - bottom]);
}

/**
 * An outline given a thickness; one that crosses itself encloses what it winds round.
 *
 * @throws {FormError} naming the field
 */
export function extrudedShape(form: ExtrudedForm): Shape {
  const d = positive('extruded', 'depthMm', form.depthMm);
  const face = drawn(form.points);
  const [left, , right, top] = extentOf(face);
  const stretched = (key: 'height' | 'width', title: string, lengthMm: number, to: Vec2): FormMeasure => ({
    ...fieldMeasure(key, title, lengthMm, [left, 0], to),
    field: key,
  });
  return prism('extruded', face, d, [
    stretched('height', 'Height', top, [left, top]),
    stretched('width', 'Width', right - left, [right, 0]),
    fieldMeasure('depth', 'Thickness', d, [left, 0], [left + d, 0]),
  ]);
}
