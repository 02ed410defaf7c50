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
  return {
    ref: { id: await putUnderNewId(blob), type: 'image/jpeg', caption: '' },
    widthPx: canvas.width,
    heightPx: canvas.height,
  };
}

/** A kept picture; null when it is not in this browser. */
export async function openPicture(id: string): Promise<Blob | null> {
  const { drawers } = await pieceStore();
  return drawers.pictures.get<Blob>(id);
}

async function putUnderNewId(blob: Blob): Promise<PictureId> {
  const { drawers } = await pieceStore();
  let id = newId<PictureId>('picture');
  while (await drawers.pictures.get(id)) id = newId<PictureId>('picture');
  await drawers.pictures.set(id, blob);
  return id;
}

async function isSame(blob: Blob, bytes: Uint8Array): Promise<boolean> {
  if (blob.size !== bytes.length) return false;
  const there = new Uint8Array(await blob.arrayBuffer());
  return there.every((byte, i) => byte === bytes[i]);
}

/**
 * Puts a picture from an archive in its place. Another picture that is there under the same id stays: the new one gets an id of
 * its own.
 *
 * @returns the id it is kept under
 */
export async function putPicture(id: PictureId, bytes: Uint8Array, type: string): Promise<PictureId> {
  const { drawers } = await pieceStore();
  const blob = new Blob([bytes.slice().buffer], { type });
  const there = await drawers.pictures.get<Blob>(id);
  if (there && (await isSame(there, bytes))) return id;
  if (there) return putUnderNewId(blob);
  await drawers.pictures.set(id, blob);
  return id;
}
