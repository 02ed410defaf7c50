/** How much a rule weighs: no matter, often goes wrong, or burns, melts, fumes or ruins. */
export const WEIGHTS = ['silent', 'check', 'stop'] as const;
export type Weight = (typeof WEIGHTS)[number];

/** How it went for the maker where a rule warned: so many times well, so many badly. */
export interface Seen {
  readonly good: number;
  readonly bad: number;
}

/** What a rule weighs: one grade less where it went well more often for this maker, else one more. */
export function weighed(usual: Weight, { good, bad }: Seen): Weight {
  const at = WEIGHTS.indexOf(usual) + Math.sign(bad - good);
  return WEIGHTS[Math.max(0, Math.min(WEIGHTS.length - 1, at))] ?? usual;
}

/** How it went, in words; empty where nothing is known. */
export function seenSays({ good, bad }: Seen): string {
  const times = (n: number) => (n === 1 ? 'once' : `${n} times`);
  const well = good > 0 ? `well ${times(good)}` : '';
  const badly = bad > 0 ? `badly ${times(bad)}` : '';
  return well || badly ? `it went ${[well, badly].filter(Boolean).join(', ')} for you` : '';
}
