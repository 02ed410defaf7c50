import type { PartFacts } from '../context/index.ts';
import { figure, type Reckoning, type Term, type Verdict } from '../reckoning/index.ts';
import { BEFORE_BAKE, BRIEF } from './figures.ts';

function judgeMissing(missing: readonly string[]): Verdict {
  return {
    level: 'doubtful',
    wording: 'state',
    says: `still to be made: ${missing.join(', ')}`,
    waysOut: [
      { says: 'make them before it bakes, and count them at Brief' },
      { says: 'bake them apart and join them cold' },
    ],
  };
}

/** Counted features of a part that are not there yet, and whether the bake has to wait for them. */
export function reckonFeatures({ part }: PartFacts): Reckoning[] {
  if (part.features.length === 0) return [];
  const missing = part.features.filter(({ made, wanted }) => made < wanted);
  const value = missing.reduce((sum, { made, wanted }) => sum + wanted - made, 0);
  const terms = part.features.map(
    ({ name, wanted, made }, i): Term => ({
      symbol: `m${i + 1}`,
      name: `${name}: ${made} of ${wanted}`,
      quantity: { value: Math.max(0, wanted - made), unit: 'count' },
      origin: { kind: 'entry', path: ['parts', part.id, 'features'] },
    }),
  );
  const values = {
    part: part.id,
    value,
    formula: `n = ${terms.map(({ symbol }) => symbol).join(' + ')}`,
    terms,
  };
  const all = [figure(BRIEF.features, values)];
  if (part.mix.length === 0 || value === 0) return all;
  const says = missing.map(({ name, made, wanted }) => `${wanted - made} of ${wanted} ${name}`);
  return [...all, figure(BEFORE_BAKE.features, { ...values, verdict: judgeMissing(says) })];
}
