import type { Box, FormMeasure, Vec2 } from './types.ts';

/** A measure that is a field of its form, named by the field without its unit. */
export function fieldMeasure(
  key: string,
  title: string,
  lengthMm: number,
  from: Vec2,
  to: Vec2,
): FormMeasure {
  return { key, title, lengthMm, field: `${key}Mm`, handbookRow: null, from, to };
}

/** Height, width and depth of a box: setting one of them stretches the form. */
export function stretchMeasures({ min, max }: Box): FormMeasure[] {
  const measure = (key: string, title: string, lengthMm: number, from: Vec2, to: Vec2): FormMeasure => ({
    ...fieldMeasure(key, title, lengthMm, from, to),
    field: key,
  });
  return [
    measure('height', 'Height', max[1] - min[1], [min[0], min[1]], [min[0], max[1]]),
    measure('width', 'Width', max[0] - min[0], [min[0], min[1]], [max[0], min[1]]),
    measure('depth', 'Depth', max[2] - min[2], [min[0], min[1]], [min[0] + max[2] - min[2], min[1]]),
  ];
}
