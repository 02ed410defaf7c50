import type { BranchPlan, RunChoice } from './classes.ts';

export const DEFAULT_BRANCHES: BranchPlan = { folded: false, roots: true, twigs: 0, twigWire: null };
export const DEFAULT_RUN = {
  out: false,
  wire: null,
  layMm: null,
  startMm: null,
  endMm: null,
  drawn: [],
} satisfies Partial<RunChoice>;
