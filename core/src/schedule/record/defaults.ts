import type { BenchPlan, OrderedThing } from './classes.ts';

/** Alone, with one oven, by day where it makes noise or smells. */
export const DEFAULT_BENCH_PLAN: BenchPlan = {
  week: [],
  startsAt: null,
  dueAt: null,
  off: [],
  busy: [],
  ovenFrom: 8,
  ovenTo: 23,
  sprayFrom: 8,
  sprayTo: 20,
  ovens: 1,
  hands: 1,
  clamps: null,
  orders: [],
  pinned: [],
};
export const DEFAULT_ORDER = {
  step: '',
  daysOnWay: 3,
  ordered: null,
  came: null,
} satisfies Partial<OrderedThing>;
