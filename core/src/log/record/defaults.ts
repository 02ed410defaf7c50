import type { LogEntry } from './classes.ts';

export const DEFAULT_ENTRY = {
  part: null,
  measure: null,
  bake: null,
  result: null,
  cast: null,
  step: null,
  note: '',
  lesson: '',
  pictures: [],
} satisfies Partial<LogEntry>;
