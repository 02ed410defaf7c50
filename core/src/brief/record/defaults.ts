import type { Addition, Brief, Decision, Feature, Schools } from './classes.ts';

export const DEFAULT_SCHOOLS: Schools = {
  work: 'plan',
  colour: 'painted',
  bakes: 'sections',
  heat: 'set',
  core: 'foil',
  superglue: 'never',
  wash: 'sealed',
};
export const DEFAULT_BRIEF: Brief = {
  purpose: 'display',
  due: null,
  hoursPerDay: null,
  budget: null,
  currency: '€',
  handledBy: '',
  seenFrom: 'all-round',
  note: '',
  schools: DEFAULT_SCHOOLS,
};
export const DEFAULT_FEATURE = {
  wanted: 1,
  made: 0,
  ahead: false,
  facial: false,
  how: 'line',
  acrossMm: null,
} satisfies Partial<Feature>;
export const DEFAULT_ADDITION = {
  hours: 1,
  cost: 0,
  waitDays: 0,
  accepted: false,
} satisfies Partial<Addition>;
export const DEFAULT_DECISION = {
  answer: '',
  before: 'first-bake',
  parts: [],
  settled: null,
  settledAs: '',
} satisfies Partial<Decision>;
