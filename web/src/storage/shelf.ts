import { newId, type PictureId, type Piece, PieceFileError, type PieceId } from '@every-inch/core/piece';
import type { PieceReading } from '@every-inch/core/piece/file';
import { dequal } from 'dequal';
import { store } from '../state/store.ts';
import { CALLED_OFF, IntakeError, bringIn as takeIn } from '../workers/intake.ts';
import { pieceStore } from './keeper.ts';
import { nextMoment } from './moments.ts';
import { readingNotes } from './open.ts';
import { openPicture, putPicture } from './pictures.ts';
import type { PieceHead } from './pieceStore.ts';
import { type Remembered, remembered } from './remembered.ts';
import { marked } from './together.ts';

/**
 * A piece whose record is gone.
 */
export class PieceGoneError extends Error {
  override readonly name = 'PieceGoneError';
  constructor(name: string) {
    super(`the record of “${name}” is gone`);
  }
}

/** A first visit that is under way. */
let visiting: Promise<void> | null = null;

/** Puts the demo pieces on the shelf on the first visit. */
export function firstVisit(): Promise<void> {
  visiting ??= visit().finally(() => {
    visiting = null;
  });
  return visiting;
}

/** Waits for a first visit that is under way: what lists the shelf meanwhile would list half of it. */
export async function shelfReady(): Promise<void> {
  await visiting?.catch(() => undefined);
}

async function visit(): Promise<void> {
  const pieces = await pieceStore();
  if (await pieces.drawers.settings.get('visited')) return;
  // A browser whose storage was cleared has its own pieces back, or is told what is gone, and no fresh ones in their place.
  const isFirst = !pieces.drawers.lasting || remembered.all().length === 0;
  if (isFirst && (await pieces.heads()).length === 0) await putDemo();
  await pieces.drawers.settings.set('visited', true);
}

/** Puts the demo pieces on the shelf as they were made; ones of the same name stay beside them. */
export async function putDemo(): Promise<void> {
  const pieces = await pieceStore();
  const { lowWaterFerryBegun, nightMarket, tollFrogs } = await import('@every-inch/core/demo');
  const taken = new Set((await pieces.heads()).map(({ id }) => id));
  await putDemoPictures();
  for (const make of [nightMarket, tollFrogs, lowWaterFerryBegun]) {
    const now = nextMoment();
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

/** Pieces that were on this shelf, were not deleted, and are there no more. */
export async function missingPieces(): Promise<readonly Remembered[]> {
  const pieces = await pieceStore();
  const there = new Set((await pieces.heads()).map(({ id }) => id));
  const isLasting = pieces.drawers.lasting;
  return isLasting ? remembered.all().filter(({ id }) => !there.has(id)) : [];
}

/** What came of an import. */
export interface Imported {
  readonly id: string;
  readonly name: string;
  readonly notes: readonly string[];
  /** The piece of the same id that was there before and that it came in beside; null where there was none. */
  readonly besideOf: { readonly id: string; readonly name: string } | null;
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
async function readOne(
  bytes: Uint8Array,
  calledOff?: AbortSignal,
): Promise<{ reading: PieceReading; skipped: readonly string[] }> {
  const now = new Date().toISOString();
  const options = calledOff ? { calledOff } : {};
  if (!isZip(bytes)) {
    const text = new TextDecoder().decode(bytes);
    return { reading: await takeIn('piece', { text, now }, options), skipped: [] };
  }
  const archive = await takeIn('archive', { bytes, now }, options);
  const names = new Map<string, PictureId>();
  for (const [id, { bytes: picture, type }] of archive.pictures)
    names.set(id, await putPicture(id as PictureId, picture, type));
  return { reading: { ...archive, piece: withPictures(archive.piece, names) }, skipped: archive.skipped };
}

/** A piece with its pictures under the ids that they are kept under here. */
function withPictures(piece: Piece, names: ReadonlyMap<string, PictureId>): Piece {
  const named = <T extends { readonly id: PictureId }>(one: T): T => {
    const id = names.get(one.id) ?? one.id;
    return id === one.id ? one : { ...one, id };
  };
  return {
    ...piece,
    references: piece.references.map(named),
    log: piece.log.map((entry) => ({ ...entry, pictures: entry.pictures.map(named) })),
  };
}

/**
 * Puts one piece on the shelf. A piece already there under the same id stays: one that says the same is not put beside it, any
 * other comes in beside it.
 */
async function bringIn(bytes: Uint8Array, calledOff?: AbortSignal): Promise<Imported> {
  const { reading, skipped } = await readOne(bytes, calledOff);
  const pieces = await pieceStore();
  const notes = [
    ...readingNotes(reading),
    ...skipped.map((name) => `Passed over “${name}”: not part of a piece.`),
  ];
  const { id, name } = reading.piece;
  const there = await pieces.raw(id);
  if (dequal(there, reading.piece)) return { id, name, notes: [...notes, SAME], besideOf: null };
  const piece: Piece =
    there === null ? reading.piece : { ...reading.piece, id: newId<PieceId>(name), name: marked(name) };
  await pieces.put(piece, nextMoment());
  // What came is what a later file of it goes back to.
  await pieces.pin(piece, nextMoment());
  const besideOf = there === null ? null : { id, name: await nameOf(id) };
  return { id: piece.id, name: piece.name, notes, besideOf };
}

const SAME = 'It was there already, just as it is in the file.';

async function nameOf(id: string): Promise<string> {
  const head = await (await pieceStore()).drawers.heads.get<PieceHead>(id);
  return head?.name ?? id;
}

/** One of a backup: what cannot be opened as a piece is put on the shelf as it was found, and the others come in. */
async function bringInOne(name: string, bytes: Uint8Array, calledOff?: AbortSignal): Promise<Imported> {
  try {
    // Bytes are handed over to be read: what is kept as found are others.
    return await bringIn(bytes.slice(), calledOff);
  } catch (error) {
    if (!(error instanceof IntakeError) || error.code === CALLED_OFF) throw error;
    const pieces = await pieceStore();
    const stem = name.slice(0, name.indexOf('/'));
    const id = (await pieces.raw(stem)) === null ? stem : newId<PieceId>(stem);
    const raw = asJson(bytes) ?? { bytes: bytesAsText(bytes) };
    const now = new Date().toISOString();
    await pieces.putRaw({ id, name: stem, scale: '', parts: 0, due: null, keptAt: now, asFound: true }, raw);
    return {
      id,
      name: stem,
      besideOf: null,
      notes: [`“${name}” cannot be opened and was put on the shelf as found: ${error.message}`],
    };
  }
}

function asJson(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder().decode(bytes));
  } catch {
    return null;
  }
}

/** Bytes that are no text, so that they can be saved again. */
function bytesAsText(bytes: Uint8Array): string {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
}

/**
 * Brings a file onto the shelf: a piece, a piece with pictures, or a backup of several.
 *
 * @param calledOff ends it early
 * @throws {PieceFileError | IntakeError} with a message for the maker
 */
export async function importFile(file: File, calledOff?: AbortSignal): Promise<Imported[]> {
  await checkSize(file);
  const bytes = new Uint8Array(await file.arrayBuffer());
  const options = calledOff ? { calledOff } : {};
  const several = isZip(bytes) ? [...(await takeIn('backup', { bytes: bytes.slice() }, options))] : [];
  if (several.length === 0) return [await bringIn(bytes, calledOff)];
  const all: Imported[] = [];
  for (const [name, one] of several) all.push(await bringInOne(name, one, calledOff));
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

/** A backup, and what of it could only be saved as it was found, or not at all. */
export interface Backup {
  readonly file: File;
  readonly notes: readonly string[];
}

/** The file of a kept piece; of one that cannot be read, its record as it was found. */
async function keptFile(head: PieceHead): Promise<{ readonly file: File; readonly note: string | null }> {
  const { readRaw, AS_FOUND } = await import('@every-inch/core/piece/file');
  const raw = await (await pieceStore()).raw(head.id);
  if (raw === null) throw new PieceGoneError(head.name);
  try {
    return { file: await exportFile(readRaw(raw, new Date().toISOString()).piece), note: null };
  } catch (error) {
    const says = error instanceof Error ? error.message : String(error);
    return {
      file: new File([JSON.stringify(raw)], `${head.id}${AS_FOUND}`, { type: 'application/json' }),
      note: `“${head.name}” cannot be read and was saved as it was found: ${says}`,
    };
  }
}

/** Everything on the shelf in one archive of pieces: all that can be saved is, and what cannot is told. */
export async function backupFile(): Promise<Backup> {
  const { writeBackup } = await import('@every-inch/core/piece/file');
  const pieces = await pieceStore();
  const files = new Map<string, Uint8Array>();
  const notes: string[] = [];
  for (const head of await pieces.heads()) {
    try {
      const { file, note } = await keptFile(head);
      // Names of two pieces may be the same; ids are not.
      files.set(`${head.id}/${file.name}`, new Uint8Array(await file.arrayBuffer()));
      if (note) notes.push(note);
      await pinAsSaved(head.id);
    } catch (error) {
      notes.push(
        `“${head.name}” is not in the backup: ${error instanceof Error ? error.message : String(error)}`,
      );
    }
  }
  const day = new Date().toISOString().slice(0, 10);
  const file = new File([writeBackup(files).slice().buffer], `every-inch-backup-${day}.zip`, {
    type: 'application/zip',
  });
  return { file, notes };
}

/** Saves what is kept of a piece: its file, or its record as it was found. */
export async function saveKept(head: PieceHead): Promise<string | null> {
  const { file, note } = await keptFile(head);
  save(file);
  await pinAsSaved(head.id);
  return note;
}

/** Keeps the state that was saved: what comes back from another device is merged over it. */
async function pinAsSaved(id: string): Promise<void> {
  const { readRaw } = await import('@every-inch/core/piece/file');
  const pieces = await pieceStore();
  try {
    await pieces.pin(readRaw(await pieces.raw(id), new Date().toISOString()).piece, nextMoment());
  } catch {
    // Of a record that cannot be read there is no state to merge over, and of one that cannot be kept it is said elsewhere.
  }
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
