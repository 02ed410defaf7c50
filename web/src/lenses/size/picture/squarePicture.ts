import type { SquaredPicture } from '@every-inch/core/bench';
import { frameOf, squared } from '@every-inch/core/picture';
import type { Reference } from '@every-inch/core/piece';
import { openPicture } from '../../../storage/pictures.ts';

/** Fineness of a printed picture, px to the mm, and the most px that are drawn across. */
const PER_MM = 8;
const MOST = 1600;

function drawn(image: ImageData, isMirrored: boolean): string {
  const source = document.createElement('canvas');
  source.width = image.width;
  source.height = image.height;
  source.getContext('2d')?.putImageData(image, 0, 0);
  if (!isMirrored) return source.toDataURL('image/jpeg', 0.9);
  const turned = document.createElement('canvas');
  turned.width = image.width;
  turned.height = image.height;
  const pen = turned.getContext('2d');
  pen?.scale(-1, 1);
  pen?.drawImage(source, -image.width, 0);
  return turned.toDataURL('image/jpeg', 0.9);
}

/**
 * A picture squared by what is known in it, at the size of the clay; null when it is not in this browser.
 *
 * @param ratio of the piece’s scale
 * @throws {PictureFaultError} when nothing in it is known
 */
export async function squarePicture(reference: Reference, ratio: number): Promise<SquaredPicture | null> {
  const blob = await openPicture(reference.id);
  if (!blob) return null;
  const frame = frameOf(reference);
  const by = reference.shownRatio / ratio;
  const [widthMm, heightMm] = [frame.widthMm * by, frame.heightMm * by];
  const bitmap = await createImageBitmap(blob);
  const canvas = document.createElement('canvas');
  canvas.width = bitmap.width;
  canvas.height = bitmap.height;
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  if (!pen) return null;
  pen.drawImage(bitmap, 0, 0);
  bitmap.close();
  const pixels = pen.getImageData(0, 0, canvas.width, canvas.height);
  const width = Math.max(1, Math.min(MOST, Math.round(widthMm * PER_MM)));
  const made = squared(reference, pixels, width);
  const image = new ImageData(new Uint8ClampedArray(made.data), made.width, made.height);
  return { widthMm, heightMm, href: drawn(image, false), mirroredHref: drawn(image, true) };
}
