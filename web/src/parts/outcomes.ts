import { OUTCOMES, type Outcome } from '@every-inch/core/piece';

/** How a bake came out, in words. */
export const OUTCOME_SAYS: Readonly<Record<Outcome, string>> = {
  good: 'came out well',
  'under-baked': 'pale and crumbly',
  scorched: 'scorched',
  cracked: 'cracked',
  bulged: 'bulged or sagged',
  dented: 'dented',
  shiny: 'a shiny patch',
};

/** Every outcome, to be chosen from. */
export const OUTCOME_OPTIONS = OUTCOMES.map((value) => ({ value, says: OUTCOME_SAYS[value] }));
