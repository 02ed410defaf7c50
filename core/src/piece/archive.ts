import { strFromU8, strToU8, type UnzipFileInfo, unzipSync, zipSync } from 'fflate';
import type { OwnValues } from '../reckoning/index.ts';
import type { Piece } from './document.ts';
import { PieceFileError } from './errors.ts';
import { LARGEST_JSON, type PieceReading, readPiece } from './read.ts';
import { writePiece } from './write.ts';

/** A picture’s bytes, by id. */
export type Pictures = ReadonlyMap<string, { readonly bytes: Uint8Array; readonly type: string }>;

const PIECE_ENTRY = 'piece.inch.json';
const PICTURE_ENTRY = /^pictures\/([A-Za-z0-9_-]{1,64})\.(jpg|png|webp)$/;
const TYPES: Readonly<Record<string, string>> = { jpg: 'image/jpeg', png: 'image/png', webp: 'image/webp' };
const ENDINGS: Readonly<Record<string, string>> = {
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'image/webp': 'webp',
};
/** Limits of an archive: bytes unpacked in all, and entries. */
const LARGEST_ARCHIVE = 512 * 1024 * 1024;
const MOST_ENTRIES = 5000;

/** An opened archive: the piece, its pictures, and the entries that were passed over. */
export interface ArchiveReading extends PieceReading {
  readonly pictures: Pictures;
  readonly skipped: readonly string[];
}

/**
 * Packs a piece with its pictures.
 *
 * @returns bytes of an `*.inch.zip`, owned by the caller
 */
export function writeArchive(piece: Piece, workshopOwn: OwnValues, pictures: Pictures): Uint8Array {
  const files: Record<string, Uint8Array | [Uint8Array, { level: 0 }]> = {
    [PIECE_ENTRY]: strToU8(writePiece(piece, workshopOwn)),
  };
  // Pictures are compressed already.
  for (const [id, { bytes, type }] of pictures)
    files[`pictures/${id}.${ENDINGS[type] ?? 'jpg'}`] = [bytes, { level: 0 }];
  return zipSync(files);
}

const isPieceEntry = (name: string) => name === PIECE_ENTRY || PICTURE_ENTRY.test(name);
/** Files of a backup: each piece’s own file in a folder of its id. */
const isBackupEntry = (name: string) => /^[A-Za-z0-9_-]{1,64}\/[^/\\]{1,120}\.inch\.(json|zip)$/.test(name);
/** Ending of a record in a backup that no piece can be made of: its bytes as they were found. */
export const AS_FOUND = '.as-found.inch.json';

/** Packs the files of several pieces into one backup. */
export function writeBackup(files: ReadonlyMap<string, Uint8Array>): Uint8Array {
  return zipSync(Object.fromEntries(files), { level: 0 });
}

/**
 * The piece files of a backup, by name; empty when the archive is none.
 *
 * @throws {PieceFileError} as {@link readArchive}
 */
export function readBackup(bytes: Uint8Array): ReadonlyMap<string, Uint8Array> {
  return new Map(Object.entries(unpack(bytes, gate([], isBackupEntry))));
}

/** Lets through the piece and its pictures while the announced sizes stay within bounds. */
function gate(skipped: string[], isWanted: (name: string) => boolean): (info: UnzipFileInfo) => boolean {
  let [total, entries] = [0, 0];
  return ({ name, originalSize }) => {
    entries += 1;
    total += originalSize;
    if (
      entries > MOST_ENTRIES ||
      total > LARGEST_ARCHIVE ||
      (name === PIECE_ENTRY && originalSize > LARGEST_JSON * 4)
    )
      throw new PieceFileError(
        'zip-too-large',
        `The archive unpacks to more than a piece can have (${MOST_ENTRIES} files, ${LARGEST_ARCHIVE / 1048576} MB); nothing was unpacked.`,
      );
    const wanted = isWanted(name);
    if (!wanted && !name.endsWith('/')) skipped.push(name);
    return wanted;
  };
}

function unpack(bytes: Uint8Array, filter: (info: UnzipFileInfo) => boolean): Record<string, Uint8Array> {
  try {
    return unzipSync(bytes, { filter });
  } catch (cause) {
    if (cause instanceof PieceFileError) throw cause;
    throw new PieceFileError(
      'zip-damaged',
      'The archive is damaged or cut off and cannot be unpacked.',
      {},
      cause,
    );
  }
}

/**
 * Opens an `*.inch.zip`. Sizes are checked before anything is unpacked; names that are not the piece or a plain picture
 * name are passed over and listed.
 *
 * @throws {PieceFileError}
 */
export function readArchive(bytes: Uint8Array, now: string): ArchiveReading {
  const skipped: string[] = [];
  const files = unpack(bytes, gate(skipped, isPieceEntry));
  const text = files[PIECE_ENTRY];
  if (!text)
    throw new PieceFileError(
      'zip-without-piece',
      `The archive holds no ${PIECE_ENTRY}; it is no piece of Every Inch.`,
    );
  const pictures = new Map<string, { bytes: Uint8Array; type: string }>();
  for (const [name, content] of Object.entries(files)) {
    const [, id, ending] = PICTURE_ENTRY.exec(name) ?? [];
    if (id && ending) pictures.set(id, { bytes: content, type: TYPES[ending] ?? 'image/jpeg' });
  }
  return { ...readPiece(strFromU8(text), now), pictures, skipped };
}
