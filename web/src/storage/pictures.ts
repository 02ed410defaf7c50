import { newId, type PictureId, type PictureRef } from '@every-inch/core/piece';
import { pieceStore } from './keeper.ts';

/** Longest side a picture is kept at, px. */
const LONGEST = 1600;
const QUALITY = 0.85;

/**
 * A file that is no picture the browser can open.
 */
export class PictureError extends Error {
  override readonly name = 'PictureError';
  constructor(fileName: string, cause: unknown) {
    super(`“${fileName}” cannot be opened as a picture; JPEG, PNG and WebP work`, { cause });
  }
}

/**
 * Keeps a picture: turned upright, made smaller, and drawn anew, so that nothing of where it was taken stays in it.
 *
 * @throws {PictureError}
 */
export async function keepPicture(file: File): Promise<PictureRef> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch((cause: unknown) => {
    throw new PictureError(file.name, cause);
  });
  const by = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * by));
  canvas.height = Math.max(1, Math.round(bitmap.height * by));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  if (!blob) throw new PictureError(file.name, null);
  const id = newId<PictureId>('picture');
  const { drawers } = await pieceStore();
  await drawers.pictures.set(id, blob);
  return { id, type: 'image/jpeg', caption: '' };
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
