import type { Reference } from '../piece/index.ts';
import { calibrationOf } from './calibration.ts';

/** Pixels of a picture, four bytes each; owned by the caller. */
export interface Pixels {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** The part of a picture’s plane that is drawn anew: its corner, y up, and its size, mm of what is shown. */
export interface PictureFrame {
  readonly left: number;
  readonly bottom: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** The known rectangle, or the whole picture where only a length is known. */
export function frameOf(reference: Reference): PictureFrame {
  const { square, widthPx, heightPx } = reference;
  if (square) return { left: 0, bottom: 0, widthMm: square.widthMm, heightMm: square.heightMm };
  const { toMm } = calibrationOf(reference);
  const [left, top] = toMm({ x: 0, y: 0 });
  const [right, bottom] = toMm({ x: widthPx, y: heightPx });
  return { left, bottom, widthMm: right - left, heightMm: top - bottom };
}

/**
 * Draws the plane of a picture anew, looked at squarely; between pixels it goes over evenly. What lies outside the picture is
 * white.
 *
 * @param from pixels of the picture as it is kept
 * @param width px of the new one; its height follows
 * @throws {PictureFaultError} when the picture cannot be measured
 */
export function squared(reference: Reference, from: Pixels, width: number): Pixels {
  const { toSpot } = calibrationOf(reference);
  const frame = frameOf(reference);
  const height = Math.max(1, Math.round((width * frame.heightMm) / frame.widthMm));
  const data = new Uint8ClampedArray(width * height * 4).fill(255);
  for (let j = 0; j < height; j += 1)
    for (let i = 0; i < width; i += 1) {
      const spot = toSpot([
        frame.left + ((i + 0.5) / width) * frame.widthMm,
        frame.bottom + (1 - (j + 0.5) / height) * frame.heightMm,
      ]);
      const [x, y] = [spot.x - 0.5, spot.y - 0.5];
      const [x0, y0] = [Math.floor(x), Math.floor(y)];
      if (x0 < 0 || y0 < 0 || x0 + 1 >= from.width || y0 + 1 >= from.height) continue;
      const [u, v] = [x - x0, y - y0];
      const at = 4 * (y0 * from.width + x0);
      for (let c = 0; c < 3; c += 1) {
        const upper = (from.data[at + c] ?? 0) * (1 - u) + (from.data[at + 4 + c] ?? 0) * u;
        const below = at + 4 * from.width + c;
        const lower = (from.data[below] ?? 0) * (1 - u) + (from.data[below + 4] ?? 0) * u;
        data[4 * (j * width + i) + c] = upper * (1 - v) + lower * v;
      }
    }
  return { width, height, data };
}
