import { dequal } from 'dequal';
import type { Piece } from './document.ts';

/** An entry that both states changed, each in its own way. */
export interface Clash {
  /** Where in the piece, such as `parts.goose.form.lengthMm`. */
  readonly where: string;
  readonly ours: unknown;
  readonly theirs: unknown;
}

/** Two states of one piece in one. */
export interface Merged {
  /** Not checked yet: links may lead to what only the other state had; reading it puts that right. */
  readonly piece: Piece;
  /** How many entries came from the other state. */
  readonly taken: number;
  /** Entries that both changed: of each the later state’s is in the piece. */
  readonly clashes: readonly Clash[];
}

type Fields = Readonly<Record<string, unknown>>;

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A list whose entries are told apart by their ids, as those by id; null for any other list. */
function byIds(value: unknown): ReadonlyMap<string, unknown> | null {
  if (!Array.isArray(value)) return null;
  const entries = value.map((one) => [isFields(one) ? one.id : undefined, one] as const);
  const ids = new Set(entries.map(([id]) => id));
  return ids.size === entries.length && entries.every(([id]) => typeof id === 'string')
    ? new Map(entries as readonly (readonly [string, unknown])[])
    : null;
}

/** Fields that are merged one by one: of records of the same kind, and not of two kinds in the place of one. */
function areAlike(...records: readonly unknown[]): boolean {
  const kinds = records.filter(isFields).map(({ kind }) => kind);
  return records.every(isFields) && kinds.every((kind) => kind === kinds[0]);
}

/** Entries by which two states differ: fields, and whole entries that only one of them has. */
export function differences(a: unknown, b: unknown): number {
  if (dequal(a, b)) return 0;
  const [left, right] = [byIds(a), byIds(b)];
  const pairs = (keys: Iterable<string>, of: (key: string) => readonly [unknown, unknown]) =>
    [...new Set(keys)].reduce((sum, key) => sum + differences(...of(key)), 0);
  if (left && right)
    // Entries in another order are one difference.
    return Math.max(
      1,
      pairs([...left.keys(), ...right.keys()], (id) => [left.get(id), right.get(id)]),
    );
  if (areAlike(a, b)) {
    const [one, other] = [a as Fields, b as Fields];
    return pairs([...Object.keys(one), ...Object.keys(other)], (key) => [one[key], other[key]]);
  }
  return 1;
}

/** Merges two states of anything over what both came from. */
class Merging {
  readonly clashes: Clash[] = [];
  taken = 0;

  constructor(private readonly later: 'ours' | 'theirs') {}

  value(where: string, base: unknown, ours: unknown, theirs: unknown): unknown {
    if (dequal(ours, theirs)) return ours;
    const lists = [byIds(base ?? []), byIds(ours), byIds(theirs)] as const;
    if (lists[0] && lists[1] && lists[2]) return this.entries(where, lists[0], lists[1], lists[2]);
    if (areAlike(ours, theirs) && (base === undefined || areAlike(base, ours)))
      return this.fields(where, (base ?? {}) as Fields, ours as Fields, theirs as Fields);
    if (dequal(base, theirs)) return ours;
    if (dequal(base, ours)) {
      this.taken += 1;
      return theirs;
    }
    // What the one took out and the other went on with stays: nothing that was worked on is lost.
    if (ours === undefined || theirs === undefined) return ours ?? theirs;
    this.clashes.push({ where, ours, theirs });
    return this.later === 'ours' ? ours : theirs;
  }

  private fields(where: string, base: Fields, ours: Fields, theirs: Fields): Fields {
    const keys = new Set([...Object.keys(ours), ...Object.keys(theirs)]);
    const merged = [...keys].map((key) => {
      const at = where === '' ? key : `${where}.${key}`;
      return [key, this.value(at, base[key], ours[key], theirs[key])] as const;
    });
    return Object.fromEntries(merged.filter(([, value]) => value !== undefined));
  }

  private entries(
    where: string,
    base: ReadonlyMap<string, unknown>,
    ours: ReadonlyMap<string, unknown>,
    theirs: ReadonlyMap<string, unknown>,
  ): unknown[] {
    const merged = this.order([...base.keys()], [...ours.keys()], [...theirs.keys()]).map((id) =>
      this.value(`${where}.${id}`, base.get(id), ours.get(id), theirs.get(id)),
    );
    return merged.filter((one) => one !== undefined);
  }

  /** The order of ours, or of theirs where only they have changed it; what the other has besides comes after its neighbour. */
  private order(base: readonly string[], ours: readonly string[], theirs: readonly string[]): string[] {
    const common = new Set(base.filter((id) => ours.includes(id) && theirs.includes(id)));
    const of = (ids: readonly string[]) => ids.filter((id) => common.has(id));
    const [lead, rest] =
      dequal(of(base), of(ours)) && !dequal(of(base), of(theirs)) ? [theirs, ours] : [ours, theirs];
    const order = [...lead];
    const has = new Set(order);
    rest.forEach((id, i) => {
      if (has.has(id)) return;
      const before = rest.slice(0, i).findLast((one) => has.has(one));
      order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, id);
      has.add(id);
    });
    return order;
  }
}

/**
 * Two states of one piece, such as from two devices, merged entry by entry over the state that both came from: what only one of
 * them changed is taken from it; where both did, the later state’s stands and the clash is told.
 *
 * @param base the state that both came from; null where that is not known, and then all that differs is a clash
 * @param later which of the two was kept later
 */
export function mergedPieces(
  base: Piece | null,
  ours: Piece,
  theirs: Piece,
  later: 'ours' | 'theirs',
): Merged {
  const merging = new Merging(later);
  const piece = merging.value('', base ?? undefined, ours, theirs) as Piece;
  return { piece, taken: merging.taken, clashes: merging.clashes };
}

/** The state that another one most likely came from: of those that are known the one that it differs from least. */
export function nearestState(state: Piece, known: readonly Piece[]): Piece | null {
  const counted = known.map((one) => ({ one, by: differences(one, state) }));
  return counted.sort((a, b) => a.by - b.by)[0]?.one ?? null;
}
