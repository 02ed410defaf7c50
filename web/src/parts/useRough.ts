import { roughAt, withRough } from '@every-inch/core/piece';
import type { DocumentPath } from '@every-inch/core/reckoning';
import { parseRough, type ReadOne, type Rough } from '@every-inch/core/units';
import { useSyncExternalStore } from 'react';
import { edit, store } from '../state/store.ts';
import type { DraftReading } from './useDraft.ts';

/** What a field that can be rough takes: the amount reckoned with, and how it was meant. */
export interface RoughValue {
  readonly value: number;
  readonly rough: Rough | null;
}

/** Reads what is typed into a field as makers state it; a field that makes no entry of the document takes exact amounts. */
export function readRough(
  text: string,
  read: ReadOne,
  entry: DocumentPath | undefined,
): DraftReading<RoughValue> {
  const one = read(text);
  if (one.ok && !/,\d{3}/.test(text)) return { ok: true, value: { value: one.value, rough: null } };
  const reading = parseRough(text, read);
  if (!reading.ok) {
    const meant = reading.meant?.map((way) => `“${way}”`).join(' or ');
    return { ok: false, says: meant ? `${reading.says}. Type ${meant}` : one.ok ? reading.says : one.says };
  }
  const { rough } = reading;
  if (rough.kind !== 'exact' && !entry) return { ok: false, says: 'an exact amount is wanted here' };
  for (const end of [rough.low, rough.value, rough.high])
    if (rough.kind !== 'at-most' && end !== null && !read(String(end)).ok)
      return { ok: false, says: `${end} is out of what can stand here` };
  return { ok: true, value: { value: rough.value, rough: rough.kind === 'exact' ? null : rough } };
}

/** The text that a rough amount was typed as, while it still stands; null for an exact one. */
export function useRoughText(entry: DocumentPath | undefined): string | null {
  // Fields also stand where no piece is open, in forms of their own.
  return useSyncExternalStore(store.subscribe, () => {
    const { piece } = store.getState().document;
    if (!piece || !entry || piece.rough.length === 0) return null;
    return roughAt(piece, entry)?.typed ?? null;
  });
}

/** Keeps how an amount was meant, as one step with the amount itself. */
export function keepRough(entry: DocumentPath | undefined, rough: Rough | null): void {
  const { piece, lastMerge } = store.getState().document;
  const key = entry?.join('/');
  if (!piece || !entry || (!rough && !piece.rough.some(({ path }) => path === key))) return;
  store.dispatch(edit('how sure it is', (now) => withRough(now, entry, rough), lastMerge?.key ?? null));
}
