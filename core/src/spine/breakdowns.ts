import type { Found, Reckoner } from '../context/index.ts';
import type { Lens } from '../reckoning/index.ts';

/** A reckoner that broke down on a part, or on the whole piece: everything else is reckoned without it. */
export interface Breakdown {
  readonly reckoner: string;
  /** Where its entries are made; null for one that shows no figure. */
  readonly stage: Lens | null;
  /** Null for the whole piece. */
  readonly part: string | null;
  readonly says: string;
}

/**
 * Thrown where a reckoner asks another one of the whole piece that broke down itself: it breaks down with it, and is not told
 * by itself.
 */
export class LeansOnBrokenError extends Error {
  override readonly name = 'LeansOnBrokenError';
  readonly code = 'spine.leans-on-broken';
  constructor(readonly root: Breakdown) {
    super(`${root.reckoner}: ${root.says}`);
  }
}

/**
 * A figure that came out as no number.
 */
export class NoNumberError extends Error {
  override readonly name = 'NoNumberError';
  readonly code = 'spine.no-number';
  constructor(readonly figure: string) {
    super(
      `“${figure}” comes out as no number; a size or an own value that it leans on is far too small or too large`,
    );
  }
}

/**
 * Refuses what holds a figure that is no number.
 *
 * @throws {NoNumberError}
 */
export function refuseNoNumbers(found: Found | null): void {
  for (const { title, quantity } of found?.figures ?? []) {
    const { value, low = value, high = value } = quantity;
    if (!Number.isFinite(value) || !Number.isFinite(low) || !Number.isFinite(high))
      throw new NoNumberError(title);
  }
}

/** What is told of an error in a reckoner. */
export function breakdownOf(
  { name, gives }: Pick<Reckoner, 'name' | 'gives'>,
  part: string | null,
  error: unknown,
): Breakdown {
  if (error instanceof LeansOnBrokenError) return error.root;
  return {
    reckoner: name,
    stage: gives[0]?.stage ?? null,
    part,
    says: error instanceof Error ? error.message : String(error),
  };
}
