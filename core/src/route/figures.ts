import { declareFigures } from '../reckoning/index.ts';

/** The figures of the route. */
export const ROUTE = declareFigures('bench', {
  hands: {
    key: 'route.hands',
    of: 'piece',
    unit: 'h',
    title: 'Still to be done at the bench',
    says: 'hours still to be done at the bench',
    formula: ['h = t ÷ 60', 'h = t ÷ 60 against H'],
  },
  waits: {
    key: 'route.waits',
    of: 'piece',
    unit: 'h',
    title: 'Still to be waited for, in a row',
    says: 'hours still to be waited for, in a row',
    formula: 'h = t ÷ 60',
  },
  order: {
    key: 'route.order',
    of: 'piece',
    unit: 'count',
    title: 'Steps out of order',
    says: 'pairs of steps that are out of order',
    formula: 'n = pairs that do not hold',
  },
  missing: {
    key: 'route.missing',
    of: 'piece',
    unit: 'count',
    title: 'Parts that no step makes',
    says: 'parts of clay that no step makes',
    formula: 'n = parts of clay without a step of clay',
  },
});

/** Minutes of a single step; asked for, and in no book: a route may have tens of thousands. */
export const STEP = declareFigures('bench', {
  hands: {
    key: 'route.hands.*',
    of: 'piece',
    unit: 'min',
    title: 'A step, at the bench',
    says: 'minutes of a step at the bench',
    formula: 't = …',
  },
  wait: {
    key: 'route.wait.*',
    of: 'piece',
    unit: 'min',
    title: 'A step, waiting',
    says: 'minutes of a step waiting',
    formula: 't = …',
  },
});
