import { withClaysOf } from '../bulk/record/links.ts';
import type { DocumentPath } from '../reckoning/index.ts';
import { newId, type PartId } from '../record/index.ts';
import type { Clay, LogEntry, Part, Piece } from './document.ts';
import { withoutLinksTo } from './links.ts';

/**
 * Thrown when a path of the document leads nowhere; a fault of the program.
 *
 * @example new PathError(['parts', 'gone', 'name']).message // 'the piece has nothing at parts/gone/name'
 */
export class PathError extends Error {
  override readonly name = 'PathError';
  readonly code = 'piece.path';
  constructor(readonly path: DocumentPath) {
    super(`the piece has nothing at ${path.join('/')}`);
  }
}

function setIn(node: unknown, path: DocumentPath, value: unknown, whole: DocumentPath): unknown {
  const [step, ...rest] = path;
  if (step === undefined) return value;
  if (Array.isArray(node)) {
    const byId = node.findIndex((one: { id?: unknown }) => one?.id === step);
    const index = byId < 0 && /^\d+$/.test(step) ? Number(step) : byId;
    if (index < 0 || index >= node.length) throw new PathError(whole);
    return node.map((one, i) => (i === index ? setIn(one, rest, value, whole) : one));
  }
  if (typeof node !== 'object' || node === null) throw new PathError(whole);
  const record = node as Record<string, unknown>;
  const next = setIn(record[step], rest, value, whole);
  return record[step] === next ? node : { ...record, [step]: next };
}

/**
 * A piece with one value set; everything off the path is shared with the old one.
 *
 * @param path names of fields, and inside lists ids, or places where what is in them has none, such as `['parts', 'quay', 'core', 'kind']`
 * @throws {PathError}
 */
export function setAt(piece: Piece, path: DocumentPath, value: unknown): Piece {
  return setIn(piece, path, value, path) as Piece;
}

/** The part and all that hang on it, in the order of the piece. */
export function withDescendants(piece: Piece, id: PartId): Part[] {
  const family = new Set<string>([id]);
  for (let grown = true; grown; ) {
    grown = false;
    for (const part of piece.parts)
      if (part.parent && family.has(part.parent) && !family.has(part.id)) {
        family.add(part.id);
        grown = true;
      }
  }
  return piece.parts.filter((part) => family.has(part.id));
}

/** A piece with a part put in after another one and all that hangs on it, or at the end. */
export function addPart(piece: Piece, part: Part, after: PartId | null = null): Piece {
  const family = new Set<Part>(after === null ? [] : withDescendants(piece, after));
  const last = piece.parts.findLastIndex((one) => family.has(one));
  const place = last < 0 ? piece.parts.length : last + 1;
  return { ...piece, parts: [...piece.parts.slice(0, place), part, ...piece.parts.slice(place)] };
}

/** A piece without a part and what hangs on it; their log entries stay and belong to the whole piece. */
export function removePart(piece: Piece, id: PartId): Piece {
  const gone = new Set<string>(withDescendants(piece, id).map((part) => part.id));
  return withoutLinksTo(
    {
      ...piece,
      parts: piece.parts.filter((part) => !gone.has(part.id)),
      log: piece.log.map((entry) => (entry.part && gone.has(entry.part) ? { ...entry, part: null } : entry)),
    },
    (one) => gone.has(one),
  );
}

/** A name not yet taken: `Post 2`, `Post 3`. */
export function freeName(name: string, taken: readonly string[]): string {
  const stem = name.replace(/ \d+$/, '');
  for (let n = 2; ; n += 1) if (!taken.includes(`${stem} ${n}`)) return `${stem} ${n}`;
}

/** A piece with a copy of a part and of what hangs on it, right behind the originals. */
export function duplicatePart(
  piece: Piece,
  id: PartId,
  random?: () => number,
): { piece: Piece; copy: PartId } {
  const family = withDescendants(piece, id);
  const names = piece.parts.map(({ name }) => name);
  const ids = new Map(family.map((part) => [part.id, newId<PartId>(part.name, random)]));
  const copies = family.map((part): Part => {
    const parent = part.parent ? (ids.get(part.parent) ?? part.parent) : null;
    return {
      ...part,
      id: ids.get(part.id) ?? part.id,
      parent,
      name: part.id === id ? freeName(part.name, names) : part.name,
    };
  });
  const last = family.at(-1);
  const at = last ? piece.parts.indexOf(last) + 1 : piece.parts.length;
  return {
    piece: { ...piece, parts: [...piece.parts.slice(0, at), ...copies, ...piece.parts.slice(at)] },
    copy: ids.get(id) ?? id,
  };
}

/** A piece with a part moved, with what hangs on it, to stand before another one (or last) under a parent. */
export function movePart(piece: Piece, id: PartId, before: PartId | null, parent: PartId | null): Piece {
  const family = withDescendants(piece, id);
  const inFamily = (other: PartId | null) => other !== null && family.some((part) => part.id === other);
  if (inFamily(before) || inFamily(parent)) return piece;
  const rest = piece.parts.filter((part) => !family.includes(part));
  const at = before === null ? rest.length : rest.findIndex((part) => part.id === before);
  const moved = family.map((part) => (part.id === id ? { ...part, parent } : part));
  const place = at < 0 ? rest.length : at;
  return { ...piece, parts: [...rest.slice(0, place), ...moved, ...rest.slice(place)] };
}

/** A piece with a log entry, kept in order of time. */
export function addEntry(piece: Piece, entry: LogEntry): Piece {
  return { ...piece, log: [...piece.log, entry].sort((a, b) => a.at.localeCompare(b.at)) };
}

export function removeEntry(piece: Piece, id: string): Piece {
  return { ...piece, log: piece.log.filter((entry) => entry.id !== id) };
}

export function addClay(piece: Piece, clay: Clay): Piece {
  return { ...piece, clays: [...piece.clays, clay] };
}

/** A piece without a clay; parts of it have to choose again. */
export function removeClay(piece: Piece, id: string): Piece {
  return {
    ...piece,
    clays: piece.clays.filter((clay) => clay.id !== id),
    parts: piece.parts.map((part) => withClaysOf(part, (clay) => clay !== id)),
  };
}
