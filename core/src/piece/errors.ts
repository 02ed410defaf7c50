/** Why a file cannot be opened as a piece at all. */
export type PieceFileFault =
  | 'too-large'
  | 'not-json'
  | 'too-deep'
  | 'not-a-piece'
  | 'newer'
  | 'unknown-version'
  | 'migration-failed'
  | 'zip-damaged'
  | 'zip-without-piece'
  | 'zip-too-large';

/**
 * A file that cannot be opened: says what was expected, what was found and the way out.
 *
 * @example new PieceFileError('newer', 'version 9 was written by a newer Every Inch; …').code // 'piece.newer'
 */
export class PieceFileError extends Error {
  override readonly name = 'PieceFileError';
  readonly code: `piece.${PieceFileFault}`;
  constructor(
    readonly fault: PieceFileFault,
    says: string,
    readonly details: { readonly line?: number; readonly column?: number; readonly step?: string } = {},
    cause?: unknown,
  ) {
    super(says, cause === undefined ? undefined : { cause });
    this.code = `piece.${fault}`;
  }
}
