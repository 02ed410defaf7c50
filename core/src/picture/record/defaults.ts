import type { Reference } from './classes.ts';

export const DEFAULT_REFERENCE = {
  caption: '',
  source: '',
  part: null,
  shownRatio: 1,
  known: null,
  square: null,
  takings: [],
} satisfies Partial<Reference>;
