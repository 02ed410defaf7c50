/** Heights the tray’s one logarithmic rule spans, miniature mm. */
export const RULE_FROM = 1;
export const RULE_TO = 1000;

/** Where a miniature height lies on the rule, 0 to 1. */
export function onLogRule(heightMm: number): number {
  const share = Math.log10(Math.max(heightMm, RULE_FROM) / RULE_FROM) / Math.log10(RULE_TO / RULE_FROM);
  return Math.min(1, share);
}
