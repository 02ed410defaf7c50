import type { PartFacts } from '../context/index.ts';
import { sourced } from '../reckoning/index.ts';

/** Clay wanted over a wire, by the scale, mm. */
export function coverRow({ scale }: PartFacts): 'wire.cover-dollhouse' | 'wire.cover-tabletop' {
  return scale.ratio <= 24 ? 'wire.cover-dollhouse' : 'wire.cover-tabletop';
}

export function coverWanted(context: PartFacts): number {
  return sourced(coverRow(context), context.own).value;
}

/** So near to where a wire leaves the clay on purpose there need be none over it, in what is wanted elsewhere. */
const LEAVES = 1.5;

/** How near to a peg the clay over its wire is not looked at, mm. */
export function leaveMm(context: PartFacts): number {
  return LEAVES * coverWanted(context);
}
