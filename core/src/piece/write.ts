import type { OwnValues } from '../reckoning/index.ts';
import { PIECE_FORMAT, PIECE_VERSION } from './constants.ts';
import type { Piece } from './document.ts';

/**
 * The text of a piece’s file, stamped with the current version. The workshop’s own values go in where the piece has
 * none, so that the file reckons the same anywhere.
 *
 * @example writePiece(piece, {}) // '{\n  "format": "every-inch/piece",\n  "version": 3, …'
 */
export function writePiece(piece: Piece, workshopOwn: OwnValues): string {
  const { format: _format, version: _version, ...rest } = piece;
  const stamped = {
    format: PIECE_FORMAT,
    version: PIECE_VERSION,
    ...rest,
    own: { ...workshopOwn, ...piece.own },
  };
  return `${JSON.stringify(stamped, null, 2)}\n`;
}

/** A file name from the piece’s name, without characters that file systems refuse. */
export function fileNameOf(piece: Piece, kind: 'json' | 'zip'): string {
  const stem = piece.name
    .replace(/[\\/:*?"<>|\p{Cc}]+/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, 80);
  return `${stem === '' ? 'piece' : stem}.inch.${kind}`;
}
