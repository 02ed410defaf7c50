import type { Part, Piece } from './document.ts';

/** What differs between two states of a piece: whole fields, and parts field by field. */
export interface PieceChanges {
  /** Fields of the piece besides its parts. */
  readonly fields: Partial<Omit<Piece, 'parts'>>;
  /** Ids of the parts in their order; absent where that has not changed. */
  readonly order?: readonly string[];
  /** Fields of parts by id; of a part that was not there before, all of them. */
  readonly parts: Readonly<Record<string, Partial<Part>>>;
}

function changedFields<T extends object>(before: T, now: T): Partial<T> {
  return Object.fromEntries(
    Object.entries(now).filter(([key, value]) => before[key as keyof T] !== value),
  ) as Partial<T>;
}

/**
 * What differs between two states of a piece, by identity: states share what an edit left alone. Small enough to be handed to
 * another thread at every key press, also where the piece holds thousands of parts.
 *
 * @returns null where they are the same
 */
export function changesBetween(before: Piece, now: Piece): PieceChanges | null {
  if (before === now) return null;
  const { parts: _, ...fields } = changedFields(before, now);
  if (before.parts === now.parts) return { fields, parts: {} };
  const old = new Map(before.parts.map((part) => [part.id as string, part]));
  const parts: Record<string, Partial<Part>> = {};
  for (const part of now.parts) {
    const was = old.get(part.id);
    if (was === part) continue;
    parts[part.id] = was ? changedFields(was, part) : part;
  }
  const isSameOrder =
    before.parts.length === now.parts.length && before.parts.every(({ id }, i) => id === now.parts[i]?.id);
  return isSameOrder ? { fields, parts } : { fields, parts, order: now.parts.map(({ id }) => id) };
}

/** The later state of a piece; what has not changed is the same object as before. */
export function withChanges(piece: Piece, { fields, order, parts }: PieceChanges): Piece {
  const changed = { ...piece, ...fields };
  if (!order && Object.keys(parts).length === 0) return changed;
  const byId = new Map(piece.parts.map((part) => [part.id as string, part]));
  const ids = order ?? [...byId.keys()];
  return {
    ...changed,
    parts: ids.map((id) => {
      const change = parts[id];
      const was = byId.get(id);
      if (!change && was) return was;
      return { ...was, ...change } as Part;
    }),
  };
}
