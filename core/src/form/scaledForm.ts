import type { Form } from './types.ts';

/** A value with every length of it so many times as large: lengths are those whose key ends in `Mm`. */
function grown(value: unknown, key: string, by: number): unknown {
  if (Array.isArray(value)) return value.map((one) => grown(one, '', by));
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(Object.entries(value).map(([name, one]) => [name, grown(one, name, by)]));
  return typeof value === 'number' && key.endsWith('Mm') ? value * by : value;
}

/**
 * A form so many times as large, its angles and proportions as they were.
 *
 * @param by over 0
 * @example scaledForm({ kind: 'ball', diameterMm: 40 }, 2) // { kind: 'ball', diameterMm: 80 }
 */
export function scaledForm<T extends Form>(form: T, by: number): T {
  return grown(form, '', by) as T;
}
