/** Why a typed length was refused. */
export type LengthFault =
  | 'empty'
  | 'not-a-number'
  | 'unknown-unit'
  | 'feet-with-dash'
  | 'zero-denominator'
  | 'left-over'
  | 'negative'
  | 'zero'
  | 'too-large';

/**
 * A typed length that could not be read: says what was read, where it stopped and what would work.
 *
 * @example new LengthError('unknown-unit', '5 furlongs', 2).message
 */
export class LengthError extends Error {
  override readonly name = 'LengthError';
  readonly code: `length.${LengthFault}`;
  constructor(
    readonly fault: LengthFault,
    /** The text as typed. */
    readonly text: string,
    /** Index of the character where reading stopped, from 0. */
    readonly at: number,
    says: string,
  ) {
    super(says);
    this.code = `length.${fault}`;
  }
}
