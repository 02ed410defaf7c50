import type { Subject } from '../context/index.ts';
import { type FigureKind, isOfKind } from '../reckoning/index.ts';
import { SUBJECTS } from './subjects.ts';

const ALL: readonly Subject[] = SUBJECTS;

/** Every kind of figure there is, as its subject declares it. */
export const FIGURE_KINDS: readonly FigureKind[] = [
  ...new Set(
    ALL.flatMap(({ reckoners, asked = [] }) => [...reckoners.flatMap(({ gives }) => gives), ...asked]),
  ),
];

/** The kind a figure’s key belongs to; undefined when no subject declares it. */
export function kindOf(key: string): FigureKind | undefined {
  return FIGURE_KINDS.find((kind) => kind.key === key) ?? FIGURE_KINDS.find((kind) => isOfKind(key, kind));
}
