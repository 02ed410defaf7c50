import { newId, type PictureId, type PictureRef } from '@every-inch/core/piece';
import { pieceStore } from './keeper.ts';

/** How large and how finely a picture is kept. */
export interface Kept {
  /** Longest side, px. */
  readonly longest: number;
  readonly quality: number;
}

/** A picture to look at. */
const TO_SEE: Kept = { longest: 1600, quality: 0.85 };
/** A picture to measure on: as fine as it came, up to what a screen can still be moved about on. */
export const TO_MEASURE: Kept = { longest: 4096, quality: 0.9 };

/**
 * A file that is no picture the browser can open.
 */
export class PictureError extends Error {
  override readonly name = 'PictureError';
  constructor(fileName: string, cause: unknown) {
    super(`“${fileName}” cannot be opened as a picture; JPEG, PNG and WebP work`, { cause });
  }
}

/** A picture as it was kept. */
export interface KeptPicture {
  readonly ref: PictureRef;
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * Keeps a picture: turned upright, made smaller where it is larger than wanted, and drawn anew, so that nothing of where it
 * was taken stays in it.
 *
 * @throws {PictureError}
 */
export async function keepPicture(file: File, { longest, quality }: Kept = TO_SEE): Promise<KeptPicture> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch((cause: unknown) => {
    throw new PictureError(file.name, cause);
  });
  const by = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * by));
  canvas.height = Math.max(1, Math.round(bitmap.height * by));
  const pen = canvas.getContext('2d');
  if (pen) {
    // What is clear in a drawing is paper, not black.
    pen.fillStyle = '#fff';
    pen.fillRect(0, 0, canvas.width, canvas.height);
    pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  }
  bitmap.close();
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', quality));
  if (!blob) throw new PictureError(file.name, null);
  const id = newId<PictureId>('picture');
  const { drawers } = await pieceStore();
  await drawers.pictures.set(id, blob);
  return {
    ref: { id, type: 'image/jpeg', caption: '' },
    widthPx: canvas.width,
    heightPx: canvas.height,
  };
}

/** A kept picture; null when it is not in this browser. */
export async function openPicture(id: string): Promise<Blob | null> {
  const { drawers } = await pieceStore();
  return drawers.pictures.get<Blob>(id);
}

/** Puts a picture from an archive in its place. */
export async function putPicture(id: string, bytes: Uint8Array, type: string): Promise<void> {
  const { drawers } = await pieceStore();
  await drawers.pictures.set(id, new Blob([bytes.slice().buffer], { type }));
}
