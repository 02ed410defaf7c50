import type { Piece } from '@every-inch/core/piece';
import { resolveScale } from '@every-inch/core/scale';
import type { Drawers } from './drawers.ts';
import { pieceForgotten } from './leaving.ts';
import { isRevisionDue, thinned } from './revisions.ts';

/** What the Shelf shows of a piece without opening it. */
export interface PieceHead {
  readonly id: string;
  readonly name: string;
  readonly scale: string;
  readonly parts: number;
  readonly due: string | null;
  readonly keptAt: string;
}

/** A kept older state of a piece. */
export interface Revision {
  readonly at: string;
  readonly piece: Piece;
}

function headOf(piece: Piece, keptAt: string): PieceHead {
  return {
    id: piece.id,
    name: piece.name,
    scale: resolveScale(piece.scale).label,
    parts: piece.parts.length,
    due: piece.brief.due,
    keptAt,
  };
}

/** Keeps pieces, their heads and their older states. */
export class PieceStore {
  private readonly lastRevision = new Map<string, string>();

  constructor(readonly drawers: Drawers) {}

  async heads(): Promise<PieceHead[]> {
    const keys = await this.drawers.heads.keys();
    const heads = await Promise.all(keys.map((key) => this.drawers.heads.get<PieceHead>(key)));
    return heads.filter((head) => head !== null).sort((a, b) => b.keptAt.localeCompare(a.keptAt));
  }

  /** The record as kept, of whatever version; null when there is none. */
  raw(id: string): Promise<unknown> {
    return this.drawers.pieces.get(id);
  }

  /** Keeps a piece; its head is written last, so that what the Shelf shows can be opened. */
  async put(piece: Piece, now: string): Promise<void> {
    await this.drawers.pieces.set(piece.id, piece);
    await this.drawers.heads.set(piece.id, headOf(piece, now));
  }

  async remove(id: string): Promise<void> {
    pieceForgotten(id);
    await this.drawers.heads.remove(id);
    await this.drawers.pieces.remove(id);
  }

  /** Keeps an older state when the last one is some minutes old, and thins the others. */
  async keepRevision(piece: Piece, now: string): Promise<void> {
    if (!isRevisionDue(this.lastRevision.get(piece.id) ?? null, now)) return;
    this.lastRevision.set(piece.id, now);
    await this.drawers.revisions.set(`${piece.id}/${now}`, piece);
    const times = (await this.revisionKeys(piece.id)).map((key) => key.slice(piece.id.length + 1));
    for (const time of thinned(times, now)) await this.drawers.revisions.remove(`${piece.id}/${time}`);
  }

  private async revisionKeys(id: string): Promise<string[]> {
    return (await this.drawers.revisions.keys()).filter((key) => key.startsWith(`${id}/`));
  }

  async revisions(id: string): Promise<Revision[]> {
    const keys = (await this.revisionKeys(id)).sort().reverse();
    const pieces = await Promise.all(keys.map((key) => this.drawers.revisions.get<Piece>(key)));
    return keys.flatMap((key, i) => {
      const piece = pieces[i];
      return piece ? [{ at: key.slice(id.length + 1), piece }] : [];
    });
  }
}
