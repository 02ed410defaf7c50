import { FormError, positive } from './errors.ts';
import { fieldMeasure } from './fieldMeasure.ts';
import { extentOf, mapOutline, polygonOf, unite } from './outline.ts';
import { prism } from './prism.ts';
import type { ExtrudedForm, FormMeasure, Outline, PlanePoint, Shape, Vec2, WedgeForm } from './types.ts';

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
