import { newId, type Piece, PieceFileError, type PieceId } from '@every-inch/core/piece';
import type { PieceReading } from '@every-inch/core/piece/file';
import { store } from '../state/store.ts';
import { pieceStore } from './keeper.ts';
import { readingNotes } from './open.ts';
import { openPicture, putPicture } from './pictures.ts';

/** Puts the two demo pieces on the shelf on the first visit. */
export async function firstVisit(): Promise<void> {
  const pieces = await pieceStore();
  if (await pieces.drawers.settings.get('visited')) return;
  await putDemo();
  await pieces.drawers.settings.set('visited', true);
}

/** Puts the demo pieces on the shelf as they were made; ones of the same name stay beside them. */
export async function putDemo(): Promise<void> {
  const pieces = await pieceStore();
  const { lowWaterFerry, tollFrogs } = await import('@every-inch/core/demo');
  const taken = new Set((await pieces.heads()).map(({ id }) => id));
  await putDemoPictures();
  for (const make of [tollFrogs, lowWaterFerry]) {
    const now = new Date().toISOString();
    const piece = make(now);
    await pieces.put(taken.has(piece.id) ? { ...piece, id: newId<PieceId>(piece.name) } : piece, now);
  }
}

/** Puts the pictures of the demo pieces where they are looked for; without them the pieces open all the same. */
async function putDemoPictures(): Promise<void> {
  const { DEMO_PICTURES } = await import('@every-inch/core/demo');
  for (const { id, type, file } of DEMO_PICTURES) {
    const answer = await fetch(`/demo/${file}`).catch(() => null);
    if (answer?.ok) await putPicture(id, new Uint8Array(await answer.arrayBuffer()), type);
  }
}

/** What came of an import. */
export interface Imported {
  readonly id: string;
  readonly name: string;
  readonly notes: readonly string[];
}

/** Largest file that is read at all, bytes. */
const LARGEST_FILE = 512 * 1024 * 1024;

function isZip(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b;
}

async function checkSize(file: File): Promise<void> {
  const { LARGEST_JSON } = await import('@every-inch/core/piece/file');
  const start = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  if (file.size <= (isZip(start) ? LARGEST_FILE : LARGEST_JSON)) return;
  throw new PieceFileError(
    'too-large',
    `“${file.name}” has ${Math.round(file.size / 1048576)} MB; a piece without pictures has at most ${LARGEST_JSON / 1048576} MB. Nothing was read.`,
  );
}

/** Reads one piece’s bytes and puts its pictures in their place. */
async function readOne(bytes: Uint8Array): Promise<{ reading: PieceReading; skipped: readonly string[] }> {
  const { readArchive, readPiece } = await import('@every-inch/core/piece/file');
  const now = new Date().toISOString();
  if (!isZip(bytes)) return { reading: readPiece(new TextDecoder().decode(bytes), now), skipped: [] };
  const archive = readArchive(bytes, now);
  for (const [id, { bytes: picture, type }] of archive.pictures) await putPicture(id, picture, type);
  return { reading: archive, skipped: archive.skipped };
}

/** Puts one piece on the shelf; a piece already there under the same id stays, and this one comes in beside it. */
async function bringIn(bytes: Uint8Array): Promise<Imported> {
  const { reading, skipped } = await readOne(bytes);
  const pieces = await pieceStore();
  const isTaken = (await pieces.raw(reading.piece.id)) !== null;
  const piece: Piece = isTaken
    ? { ...reading.piece, id: newId<PieceId>(reading.piece.name), name: `${reading.piece.name} (brought in)` }
    : reading.piece;
  await pieces.put(piece, new Date().toISOString());
  const notes = [
    ...readingNotes(reading),
    ...skipped.map((name) => `Passed over “${name}”: not part of a piece.`),
  ];
  return { id: piece.id, name: piece.name, notes };
}

/**
 * Brings a file onto the shelf: a piece, a piece with pictures, or a backup of several.
 *
 * @throws {PieceFileError} with a message for the maker
 */
export async function importFile(file: File): Promise<Imported[]> {
  await checkSize(file);
  const bytes = new Uint8Array(await file.arrayBuffer());
  const { readBackup } = await import('@every-inch/core/piece/file');
  const several = isZip(bytes) ? [...readBackup(bytes).values()] : [];
  if (several.length === 0) return [await bringIn(bytes)];
  const all: Imported[] = [];
  for (const one of several) all.push(await bringIn(one));
  return all;
}

/** A piece’s file: JSON, or an archive when it has pictures. */
export async function exportFile(piece: Piece): Promise<File> {
  const { fileNameOf, writeArchive, writePiece } = await import('@every-inch/core/piece/file');
  const { own } = store.getState().workshop;
  const refs = [...piece.log.flatMap(({ pictures }) => pictures), ...piece.references];
  if (refs.length === 0)
    return new File([writePiece(piece, own)], fileNameOf(piece, 'json'), { type: 'application/json' });
  const pictures = new Map<string, { bytes: Uint8Array; type: string }>();
  for (const { id, type } of refs) {
    const blob = await openPicture(id);
    if (blob) pictures.set(id, { bytes: new Uint8Array(await blob.arrayBuffer()), type });
  }
  const bytes = writeArchive(piece, own, pictures);
  return new File([bytes.slice().buffer], fileNameOf(piece, 'zip'), { type: 'application/zip' });
}

/** Everything on the shelf in one archive of pieces. */
export async function backupFile(): Promise<File> {
  const { readRaw, writeBackup } = await import('@every-inch/core/piece/file');
  const pieces = await pieceStore();
  const files = new Map<string, Uint8Array>();
  for (const { id } of await pieces.heads()) {
    const file = await exportFile(readRaw(await pieces.raw(id), new Date().toISOString()).piece);
    // Names of two pieces may be the same; ids are not.
    files.set(`${id}/${file.name}`, new Uint8Array(await file.arrayBuffer()));
  }
  const day = new Date().toISOString().slice(0, 10);
  return new File([writeBackup(files).slice().buffer], `every-inch-backup-${day}.zip`, {
    type: 'application/zip',
  });
}

/** Hands a file to the browser to save. */
export function save(file: File): void {
  const address = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = address;
  link.download = file.name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
