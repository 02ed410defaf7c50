import { newId } from '../record/index.ts';
import type { Rough } from '../units/index.ts';
import type { Piece, RoughEntry } from './document.ts';
import { setAt } from './edit.ts';

/** What stands at a path of the document, ids for places in lists; undefined where there is nothing. */
function standsAt(document: unknown, path: readonly string[]): unknown {
  return path.reduce<unknown>((at, key) => {
    if (Array.isArray(at)) return at.find((one) => one?.id === key) ?? at[Number(key)];
    return typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : undefined;
  }, document);
}

/** The rough amount at an entry, as long as what stands there is still what it was typed as. */
export function roughAt(piece: Piece, path: readonly string[]): RoughEntry | null {
  const key = path.join('/');
  const found = piece.rough.find((one) => one.path === key);
  return found && standsAt(piece, path) === found.value ? found : null;
}

/** A piece that knows an amount as it was typed; an exact one is no longer rough. */
export function withRough(piece: Piece, path: readonly string[], rough: Rough | null): Piece {
  const key = path.join('/');
  const others = piece.rough.filter((one) => one.path !== key);
  if (!rough || rough.kind === 'exact')
    return others.length === piece.rough.length ? piece : { ...piece, rough: others };
  const { kind, typed, value, low, high } = rough;
  const entry: RoughEntry = {
    id: newId('rough'),
    path: key,
    typed: typed.slice(0, 200),
    value,
    // Of a limit only the limit itself is known.
    low: kind === 'at-most' ? null : low,
    high: kind === 'at-least' ? null : high,
  };
  return { ...piece, rough: [...others, entry] };
}

/** Up to so many rough amounts every set of their ends is looked at: 2³ pieces. */
const ALL_CORNERS = 3;
/** Of more, so many are turned one by one against all others. */
const MOST_TURNED = 6;

type End = 'low' | 'high';
const other = (end: End): End => (end === 'low' ? 'high' : 'low');

/** Every set of ends of a few amounts; of many, all at one end, and each turned against the others. */
function cornersOf(count: number): End[][] {
  if (count <= ALL_CORNERS)
    return Array.from({ length: 2 ** count }, (_, bits) =>
      Array.from({ length: count }, (_, i) => (bits & (1 << i) ? 'high' : 'low')),
    );
  return (['low', 'high'] as const).flatMap((end) => {
    const all = Array.from({ length: count }, () => end);
    const turned = all.slice(0, MOST_TURNED).map((_, i) => all.with(i, other(end)));
    return [all, ...turned];
  });
}

/**
 * The piece at the ends of what is rough in it: every set of ends of up to three amounts; of more, all at their low and all at
 * their high end, and each of the first six against the rest. Empty where nothing is rough.
 */
export function pieceAtEnds(piece: Piece): Piece[] {
  const live = piece.rough.filter(({ path, value }) => standsAt(piece, path.split('/')) === value);
  if (live.length === 0) return [];
  return cornersOf(live.length).map((ends) =>
    live.reduce((now, one, i) => {
      const end = one[ends[i] ?? 'low'];
      return end === null ? now : setAt(now, one.path.split('/'), end);
    }, piece),
  );
}
