import type { FormMeasure, Vec2 } from './types.ts';

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
