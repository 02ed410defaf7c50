import { ask, type Given } from '../context/index.ts';
import { type BaseChoice, weighBases } from './bases.ts';
import { whyUnjudged } from './reckonFits.ts';

/** Why a fit has no figure, and what to do; null when it has one. */
export const whyUnjudgedAsk = ask(
  'fits.why-unjudged',
  ({ context, contexts }: Given, { id }: { readonly id: string }): string | null => {
    const fit = context.piece.fits.find((one) => one.id === id);
    return fit ? whyUnjudged(context, contexts, fit) : null;
  },
);

/** Bases weighed for a part, the fittest first. */
export const basesAsk = ask(
  'fits.bases',
  ({ contexts }: Given, { part }: { readonly part: string }): readonly BaseChoice[] => {
    const context = contexts.get(part);
    return context ? weighBases(context) : [];
  },
);
