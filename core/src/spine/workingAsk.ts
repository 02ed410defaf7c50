import { ask, declareSubject, type Given } from '../context/index.ts';
import type { Reckoning, ReckoningId } from '../reckoning/index.ts';

/** A figure opened: its working, and what leans on it. */
export interface Opened {
  readonly figure: Reckoning;
  /** Those that use it directly, by id, title and part. */
  readonly users: readonly Pick<Reckoning, 'id' | 'title' | 'part'>[];
}

/** Opens a figure; null for one that is not there. */
export const workingAsk = ask(
  'spine.working',
  (given: Given, { id }: { readonly id: ReckoningId }): Opened | null => {
    const at = id.indexOf('/');
    const figure = given.find(at === 0 ? null : id.slice(0, at), id.slice(at + 1));
    if (!figure) return null;
    const users = [...given.everyFigure()].filter(({ terms }) =>
      terms.some(({ origin }) => origin.kind === 'reckoning' && origin.id === id),
    );
    return { figure, users: users.map(({ id: user, title, part }) => ({ id: user, title, part })) };
  },
);

/** Makes no figures of its own: it opens those of all others. */
export const workingSubject = declareSubject({
  name: 'working',
  needs: [],
  reckoners: [],
  asks: [workingAsk],
});
