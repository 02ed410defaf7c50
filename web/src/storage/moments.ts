/** The latest moment that was given out or seen, ms. */
let latest = 0;

/** Takes note of a moment that something was kept at, ISO: later ones come after it. */
export function sawMoment(at: string): void {
  const ms = Date.parse(at);
  if (ms > latest) latest = ms;
}

/**
 * The time, ISO, but always later than any that was given out or seen: where a clock was put back, what is kept afterwards is
 * still told from what was kept before.
 */
export function nextMoment(): string {
  latest = Math.max(Date.now(), latest + 1);
  return new Date(latest).toISOString();
}
