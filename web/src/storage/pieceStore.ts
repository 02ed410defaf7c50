import type { Piece } from '@every-inch/core/piece';
import { resolveScale } from '@every-inch/core/scale';
import { dequal } from 'dequal';
import type { Drawers } from './drawers.ts';
import { pieceForgotten } from './leaving.ts';
import { sawMoment } from './moments.ts';
import { remembered } from './remembered.ts';
import { isRevisionDue, thinned } from './revisions.ts';
import { NOWHERE, type SecondStore } from './secondStore.ts';
import { announceShelf } from './tabs.ts';

/** Where the times of the states that are not thinned are kept, by piece. */
const PINNED = 'pinned/';
const MOST_PINNED = 12;

/** What the Shelf shows of a piece without opening it. */
export interface PieceHead {
  readonly id: string;
  readonly name: string;
  readonly scale: string;
  readonly parts: number;
  readonly due: string | null;
  readonly keptAt: string;
  /** A record that no piece can be made of is kept as it was found. */
  readonly asFound?: true;
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

/** The head of a record that has none, or a damaged one. */
function plainHead(id: string, found: unknown): PieceHead {
  const has = (typeof found === 'object' && found !== null ? found : {}) as Partial<Record<string, unknown>>;
  const text = (key: keyof PieceHead, otherwise: string) =>
    typeof has[key] === 'string' ? (has[key] as string) : otherwise;
  return {
    id,
    name: text('name', id),
    scale: text('scale', ''),
    parts: typeof has.parts === 'number' ? has.parts : 0,
    due: typeof has.due === 'string' ? has.due : null,
    keptAt: text('keptAt', ''),
    ...(has.asFound === true ? { asFound: true } : {}),
  };
}

/** Keeps pieces, their heads and their older states; the newest state of each twice. */
export class PieceStore {
  private readonly lastRevision = new Map<string, string>();

  constructor(
    readonly drawers: Drawers,
    readonly second: SecondStore = NOWHERE,
  ) {}

  /** Heads of all records, the last kept first; a record without a head has one all the same. */
  async heads(): Promise<PieceHead[]> {
    const { heads: drawer, pieces } = this.drawers;
    const ids = [...new Set([...(await drawer.keys()), ...(await pieces.keys())])];
    const heads = await Promise.all(
      ids.map(async (id) => plainHead(id, await drawer.get(id).catch(() => null))),
    );
    for (const { keptAt } of heads) sawMoment(keptAt);
    return heads.sort((a, b) => b.keptAt.localeCompare(a.keptAt));
  }

  /** The record as kept, of whatever version; null when there is none. */
  raw(id: string): Promise<unknown> {
    return this.drawers.pieces.get(id);
  }

  /** Keeps a piece; its head is written after it, so that what the Shelf shows can be opened. */
  async put(piece: Piece, now: string): Promise<void> {
    await this.putRaw(headOf(piece, now), piece);
    // The second copy is there in case of need: without it the piece is kept all the same.
    this.second.keep({ id: piece.id, at: now, piece }).catch(() => undefined);
  }

  /** Keeps a record as it is under a head, such as one that was deleted, or that no piece can be made of. */
  async putRaw(head: PieceHead, raw: unknown): Promise<void> {
    await this.drawers.pieces.set(head.id, raw);
    await this.drawers.heads.set(head.id, head);
    if (this.drawers.lasting) remembered.add(head);
    announceShelf(head.id);
  }

  async remove(id: string): Promise<void> {
    pieceForgotten(id);
    remembered.forget(id);
    await this.second.forget(id).catch(() => undefined);
    await this.drawers.heads.remove(id);
    await this.drawers.pieces.remove(id);
    announceShelf(id);
  }

  /** Keeps an older state when the last one is some minutes old, and thins the others. */
  async keepRevision(piece: Piece, now: string): Promise<boolean> {
    if (!isRevisionDue(this.lastRevision.get(piece.id) ?? null, now)) return false;
    this.lastRevision.set(piece.id, now);
    await this.drawers.revisions.set(`${piece.id}/${now}`, piece);
    const pinned = new Set(await this.pinned(piece.id));
    const times = (await this.revisionTimes(piece.id)).filter((time) => !pinned.has(time));
    for (const time of thinned(times, now)) await this.drawers.revisions.remove(`${piece.id}/${time}`);
    return true;
  }

  /** Keeps a state that leaves for another device, or comes from one: the last of these are not thinned. */
  async pin(piece: Piece, now: string): Promise<void> {
    const [last] = await this.revisions(piece.id);
    const at = last && dequal(last.piece, piece) ? last.at : now;
    if (at === now) await this.drawers.revisions.set(`${piece.id}/${now}`, piece);
    const times = [...new Set([...(await this.pinned(piece.id)), at])].slice(-MOST_PINNED);
    await this.drawers.settings.set(PINNED + piece.id, times);
  }

  private async pinned(id: string): Promise<readonly string[]> {
    return (await this.drawers.settings.get<readonly string[]>(PINNED + id)) ?? [];
  }

  private async revisionKeys(id: string): Promise<string[]> {
    return (await this.drawers.revisions.keys()).filter((key) => key.startsWith(`${id}/`));
  }

  /** Times of the older states, the newest first, ISO. */
  async revisionTimes(id: string): Promise<string[]> {
    return (await this.revisionKeys(id))
      .map((key) => key.slice(id.length + 1))
      .sort()
      .reverse();
  }

  async revisions(id: string): Promise<Revision[]> {
    const keys = (await this.revisionKeys(id)).sort().reverse();
    const pieces = await Promise.all(keys.map((key) => this.drawers.revisions.get<Piece>(key)));
    return keys.flatMap((key, i) => {
      const piece = pieces[i];
      return piece ? [{ at: key.slice(id.length + 1), piece }] : [];
    });
  }

  /** An older state as kept. */
  revision(id: string, at: string): Promise<unknown> {
    return this.drawers.revisions.get(`${id}/${at}`);
  }

  /**
   * Puts back what has a second copy but is not in the database any more.
   *
   * @returns names of the pieces that were brought back
   */
  async bringBackLost(): Promise<string[]> {
    const there = new Set(await this.drawers.pieces.keys());
    const brought: string[] = [];
    for (const id of await this.second.ids()) {
      if (there.has(id)) continue;
      const copy = await this.second.copy(id);
      if (!copy || copy.id !== id) continue;
      await this.putRaw(plainHead(id, headOf(copy.piece, copy.at)), copy.piece);
      brought.push(copy.piece.name);
    }
    return brought;
  }
}
