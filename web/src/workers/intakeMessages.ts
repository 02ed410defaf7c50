import { type ProbeUnit, readProbeCsv } from '@every-inch/core/bake/probe';
import { importMesh } from '@every-inch/core/form';
import { readArchive, readBackup, readPiece } from '@every-inch/core/piece/file';

/**
 * What can be brought in, and what is made of it. Everything that comes from outside comes through here: it is read in a worker of
 * its own, which is given a time and can be called off, so that no file holds the page up or ends without a word.
 */
export const READERS = {
  /** A piece’s JSON. */
  piece: ({ text, now }: { readonly text: string; readonly now: string }) => readPiece(text, now),
  /** A piece with its pictures, zipped. */
  archive: ({ bytes, now }: { readonly bytes: Uint8Array; readonly now: string }) => readArchive(bytes, now),
  /** The files of a backup by name; none for an archive that is no backup. */
  backup: ({ bytes }: { readonly bytes: Uint8Array }) => readBackup(bytes),
  /** A solid: STL or OBJ by its name. */
  mesh: ({
    name,
    bytes,
    evenSo,
  }: {
    readonly name: string;
    readonly bytes: Uint8Array;
    readonly evenSo: boolean;
  }) => importMesh(name, bytes, { evenSo }),
  /** A thermometer’s table. */
  probe: ({ text, unit }: { readonly text: string; readonly unit: ProbeUnit }) => readProbeCsv(text, unit),
};

export type Kind = keyof typeof READERS;
export type Given<K extends Kind> = Parameters<(typeof READERS)[K]>[0];
export type Made<K extends Kind> = ReturnType<(typeof READERS)[K]>;

/** One file to be read. */
export interface IntakeQuestion<K extends Kind = Kind> {
  readonly kind: K;
  readonly given: Given<K>;
}

/** What was made of it, or why nothing. */
export type IntakeAnswer<K extends Kind = Kind> =
  | { readonly ok: true; readonly made: Made<K> }
  | { readonly ok: false; readonly code: string; readonly says: string };

/** Reads one file; whatever is thrown becomes an answer. */
export function takeIn<K extends Kind>({ kind, given }: IntakeQuestion<K>): IntakeAnswer<K> {
  try {
    const read = READERS[kind] as (given: Given<K>) => Made<K>;
    return { ok: true, made: read(given) };
  } catch (error) {
    const isOurs = error instanceof Error && 'code' in error && typeof error.code === 'string';
    const says = error instanceof Error ? error.message : String(error);
    return isOurs
      ? { ok: false, code: String(error.code), says }
      : {
          ok: false,
          code: 'intake.unforeseen',
          says: `This file cannot be read (${says}). Nothing of it was taken.`,
        };
  }
}
