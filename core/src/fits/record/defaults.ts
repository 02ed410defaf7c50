import type { Fit } from './classes.ts';

export const DEFAULT_FIT = { opening: null, madeMm: null } satisfies Partial<Fit>;
