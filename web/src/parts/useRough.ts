import { roughAt, withRough } from '@every-inch/core/piece';
import type { DocumentPath } from '@every-inch/core/reckoning';
import { parseRough, type ReadOne, type Rough } from '@every-inch/core/units';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { edit, store } from '../state/store.ts';
import type { DraftReading } from './useDraft.ts';

/** What a field that can be rough takes: the amount reckoned with, and how it was meant. */
export interface RoughValue {
  readonly value: number;
  readonly rough: Rough | null;
}

/** Reads what is typed into a field as makers state it. */
export function readRough(text: string, read: ReadOne): DraftReading<RoughValue> {
  const one = read(text);
  if (one.ok && !/,\d{3}/.test(text)) return { ok: true, value: { value: one.value, rough: null } };
  const reading = parseRough(text, read);
  if (!reading.ok) {
    const meant = reading.meant?.map((way) => `“${way}”`).join(' or ');
    return { ok: false, says: meant ? `${reading.says}. Type ${meant}` : one.ok ? reading.says : one.says };
  }
  const { rough } = reading;
  for (const end of [rough.low, rough.value, rough.high])
    if (rough.kind !== 'at-most' && end !== null && !read(String(end)).ok)
      return { ok: false, says: `${end} is out of what can stand here` };
  return { ok: true, value: { value: rough.value, rough: rough.kind === 'exact' ? null : rough } };
}

/** What was typed as, while it still stands; null for an exact amount. */
function useKept(entry: DocumentPath | undefined): string | null {
  // Fields also stand where no piece is open, in forms of their own.
  return useSyncExternalStore(store.subscribe, () => {
    const { piece } = store.getState().document;
    if (!piece || !entry || piece.rough.length === 0) return null;
    return roughAt(piece, entry)?.typed ?? null;
  });
}

/** Keeps how an amount was meant, as one step with the amount itself. */
function keep(entry: DocumentPath | undefined, rough: Rough | null): void {
  const { piece, lastMerge } = store.getState().document;
  const key = entry?.join('/');
  if (!piece || !entry || (!rough && !piece.rough.some(({ path }) => path === key))) return;
  store.dispatch(edit('how sure it is', (now) => withRough(now, entry, rough), lastMerge?.key ?? null));
}

const figures = (value: number): string => String(Number(value.toPrecision(6)));

/** A rough amount of one frame in another: its words are those of the new one’s figures. */
export function roughTimes(rough: Rough, times: number): Rough {
  const { kind, value, low, high } = rough;
  const words: Readonly<Record<Rough['kind'], string>> = {
    exact: figures(value * times),
    about: `about ${figures(value * times)}`,
    range: `${figures(low * times)} to ${figures((high ?? low) * times)}`,
    'at-most': `${figures(value * times)} or less`,
    'at-least': `${figures(value * times)} or more`,
  };
  return {
    kind,
    value: value * times,
    low: low * times,
    high: high === null ? null : high * times,
    typed: words[kind],
  };
}

/**
 * What a field holds of how its amount was meant: in the document where the field makes an entry of it, else as long as the
 * field stands and shows what came of it.
 */
export function useRoughWords(entry: DocumentPath | undefined, entryTimes: number, shown: string) {
  const inEntry = useKept(entryTimes === 1 ? entry : undefined);
  const [here, setHere] = useState<{ typed: string; shown: string | null } | null>(null);
  useEffect(() => {
    if (here?.shown === null) setHere({ ...here, shown });
  }, [here, shown]);
  const holds = here !== null && (here.shown === null || here.shown === shown);
  return {
    text: inEntry ?? (holds ? here.typed : null),
    /** Beside the words, what is reckoned with. */
    taken: inEntry === null && holds ? shown : null,
    keep: (rough: Rough | null): void => {
      keep(entry, rough && entryTimes !== 1 ? roughTimes(rough, entryTimes) : rough);
      setHere(rough && (!entry || entryTimes !== 1) ? { typed: rough.typed, shown: null } : null);
    },
  };
}
