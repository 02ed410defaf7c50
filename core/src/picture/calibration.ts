import type { Vec2 } from '../form/index.ts';
import type { KnownRectangle, Reference, Spot } from '../piece/index.ts';
import { PictureFaultError } from './errors.ts';
import { homography } from './homography.ts';

/** How spots of a picture and places in what it shows go together; y up, millimetres of the thing shown. */
export interface Calibration {
  toMm(spot: Spot): Vec2;
  toSpot(at: Vec2): Spot;
  /** Spots it was made from. */
  readonly spots: readonly Spot[];
}

/** What of a reference a calibration is made from. */
export type Marked = Pick<Reference, 'known' | 'square'>;

type Four<T> = readonly [T, T, T, T];

/** Corners in order: round the way the y axis turns to, the lower left one first, as the picture is seen. */
function inOrder(spots: readonly Spot[]): Four<Spot> {
  const cx = spots.reduce((sum, { x }) => sum + x / spots.length, 0);
  const cy = spots.reduce((sum, { y }) => sum + y / spots.length, 0);
  // Pixels count downward: counter-clockwise as seen is clockwise in them.
  const round = [...spots].sort((a, b) => Math.atan2(cy - a.y, a.x - cx) - Math.atan2(cy - b.y, b.x - cx));
  const lowerLeft = round.reduce(
    (best, { x, y }, i) => {
      const how = cx - x + (y - cy);
      return how > best.how ? { how, i } : best;
    },
    { how: -Infinity, i: 0 },
  ).i;
  const [a, b, c, d] = [...round.slice(lowerLeft), ...round.slice(0, lowerLeft)];
  if (!a || !b || !c || !d) throw new PictureFaultError('not-a-rectangle');
  return [a, b, c, d];
}

const pixel = ({ x, y }: Spot): Vec2 => [x, -y];

function aslant({ spots, widthMm, heightMm }: KnownRectangle): Calibration {
  const [a, b, c, d] = inOrder(spots);
  const from: Four<Vec2> = [pixel(a), pixel(b), pixel(c), pixel(d)];
  const to: Four<Vec2> = [
    [0, 0],
    [widthMm, 0],
    [widthMm, heightMm],
    [0, heightMm],
  ];
  const [there, back] = [homography(from, to), homography(to, from)];
  return {
    toMm: (spot) => there(pixel(spot)),
    toSpot: (at) => {
      const [x, y] = back(at);
      return { x, y: -y };
    },
    spots,
  };
}

/**
 * What a marked picture is measured by: a rectangle of known sides where there is one, else one known length, the picture
 * then taken to face its subject squarely.
 *
 * @throws {PictureFaultError} when neither is marked, or what is marked cannot be
 */
export function calibrationOf({ known, square }: Marked): Calibration {
  if (square) return aslant(square);
  const [from, to] = known?.spots ?? [];
  if (!known || !from || !to) throw new PictureFaultError('no-length');
  const far = Math.hypot(to.x - from.x, to.y - from.y);
  if (far < 1e-6) throw new PictureFaultError('one-spot');
  const per = known.lengthMm / far;
  return {
    toMm: ({ x, y }) => [x * per, -y * per],
    toSpot: ([x, y]) => ({ x: x / per, y: -y / per }),
    spots: known.spots,
  };
}
