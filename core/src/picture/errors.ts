/** Why nothing can be measured off a picture as it is marked. */
export type PictureFault = 'no-length' | 'one-spot' | 'not-a-rectangle' | 'beyond-the-horizon';

const SAYS: Readonly<Record<PictureFault, string>> = {
  'no-length':
    'nothing of known length is marked: mark one, or the four corners of a rectangle of known sides',
  'one-spot': 'the two ends of the known length lie on one spot: move them apart',
  'not-a-rectangle':
    'the four corners do not go round a rectangle seen aslant: no three may lie in a line, and none inside the others; move them',
  'beyond-the-horizon': 'that spot lies behind the plane of the rectangle: measure only in its plane',
};

/**
 * Thrown when a picture cannot be measured.
 *
 * @example new PictureFaultError('one-spot').message
 */
export class PictureFaultError extends Error {
  override readonly name = 'PictureFaultError';
  readonly code: `picture.${PictureFault}`;
  constructor(readonly fault: PictureFault) {
    super(SAYS[fault]);
    this.code = `picture.${fault}`;
  }
}
