import { INSTRUMENTS } from './useReadings.ts';

/** The bench’s simulated oven as it is set. */
export interface OvenSet {
  readonly on: boolean;
  readonly dialC: number;
  readonly errorC: number;
  readonly swingC: number;
  readonly speed: number;
}

/**
 * Asks something of the bench’s oven.
 *
 * @throws {Error} with what the bench says against it, or that there is none
 */
export async function askOven(
  ask: Partial<OvenSet> & { readonly preheat?: boolean; readonly door?: boolean },
): Promise<OvenSet> {
  const answer = await fetch(`${INSTRUMENTS}/oven`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(ask),
  });
  if (!answer.ok) throw new Error((await answer.json()).says);
  return answer.json();
}
