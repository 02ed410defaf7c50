/** What is wrong with a thermometer’s file as a whole. */
export type ProbeFault = 'empty' | 'no-columns' | 'too-long' | 'no-readings';

/**
 * Thrown when nothing of a thermometer’s file can be used.
 *
 * @example new ProbeFileError('empty', 'the file is empty').code // 'probe.empty'
 */
export class ProbeFileError extends Error {
  override readonly name = 'ProbeFileError';
  readonly code: `probe.${ProbeFault}`;
  constructor(fault: ProbeFault, message: string) {
    super(message);
    this.code = `probe.${fault}`;
  }
}
