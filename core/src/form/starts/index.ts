import { dequal } from 'dequal';
import type { Form } from '../types.ts';
import type { Start } from './entries.ts';
import { LIVING } from './living.ts';
import { THINGS } from './things.ts';

export type { Start } from './entries.ts';

/** Everything a new part can start from. */
export const STARTS: readonly Start[] = [...LIVING, ...THINGS];

/**
 * Starts that hold every word of a question in their name, group or other words; those whose name begins with it come
 * first.
 *
 * @example findStarts('hors')[0].title // 'Horse'
 */
export function findStarts(question: string): readonly Start[] {
  const words = question.toLowerCase().split(/\s+/).filter(Boolean);
  const found = STARTS.filter(({ title, group: name, also }) => {
    const text = `${title} ${name} ${also}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
  const begins = ({ title }: Start) => title.toLowerCase().startsWith(words[0] ?? '');
  return [...found.filter(begins), ...found.filter((start) => !begins(start))];
}

/**
 * The start a form still is, as long as nothing of it has been changed; null for one that was.
 *
 * @example startOf({ kind: 'ball', diameterMm: 41 }) // null
 */
export function startOf(form: Form): Start | null {
  return STARTS.find((start) => start.form.kind === form.kind && dequal(start.form, form)) ?? null;
}
