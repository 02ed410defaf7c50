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

/** More rough amounts than this are looked at with all low and all high ends together only. */
const MOST_CORNERS = 2;

/**
 * The piece at the ends of what is rough in it: at every pair of ends of one or two amounts, at all low and all high ends of
 * more. Empty where nothing is rough.
 */
export function pieceAtEnds(piece: Piece): Piece[] {
  const live = piece.rough.filter(({ path, value }) => standsAt(piece, path.split('/')) === value);
  if (live.length === 0) return [];
  const at = (ends: readonly ('low' | 'high')[]) =>
    live.reduce((now, one, i) => {
      const end = one[ends[i] ?? 'low'];
      return end === null ? now : setAt(now, one.path.split('/'), end);
    }, piece);
  const corners: ('low' | 'high')[][] =
    live.length > MOST_CORNERS
      ? [live.map(() => 'low' as const), live.map(() => 'high' as const)]
      : live.reduce<('low' | 'high')[][]>(
          (all, _) =>
            all.flatMap((one) => [
              [...one, 'low' as const],
              [...one, 'high' as const],
            ]),
          [[]],
        );
  return corners.map(at);
}
