import { store } from '../state/store.ts';
import { type Workshop, workshopOpened } from '../state/workshopSlice.ts';
import type { Drawers } from './drawers.ts';
import { nextMoment, sawMoment } from './moments.ts';
import {
  changedEntries,
  type Entries,
  entriesOfWhole,
  mergedEntries,
  type Replaced,
  readEntries,
  workshopOf,
} from './workshopEntries.ts';

/** Where the settings are kept, by entry; before that they were kept whole. */
const KEY = 'workshop.entries';
const WHOLE_KEY = 'workshop';
/** Entries that gave way to newer ones. */
const BEFORE_KEY = 'workshop.before';
const MOST_BEFORE = 100;
/** A second place, which answers at once: what is not kept yet, and the bake that is going on. */
const NOTE = 'every-inch/workshop';
const CHANNEL = 'every-inch-workshop';

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(CHANNEL);
/** The settings as this tab knows them. */
let known: Entries = {};
let shown: Workshop = workshopOf({});

function show(entries: Entries): void {
  known = entries;
  for (const { at } of Object.values(entries)) sawMoment(at);
  shown = workshopOf(entries);
  store.dispatch(workshopOpened(shown));
}

function readNote(): Entries {
  try {
    return readEntries(JSON.parse(localStorage.getItem(NOTE) ?? 'null'));
  } catch {
    return {};
  }
}

function writeNote(entries: Entries): void {
  try {
    if (Object.keys(entries).length === 0) localStorage.removeItem(NOTE);
    else localStorage.setItem(NOTE, JSON.stringify(entries));
  } catch {
    // Without such a place there is the database alone.
  }
}

/** The bake stays in the second place for as long as it goes on. */
function onlyBake({ bake }: Entries): Entries {
  return bake?.value ? { bake } : {};
}

/** Opens the settings: as they are kept, with what was written down when a page was left. */
export async function openWorkshop({ settings }: Drawers): Promise<void> {
  const kept = await settings.get(KEY);
  const entries = kept ? readEntries(kept) : entriesOfWhole(await settings.get(WHOLE_KEY));
  show(mergedEntries(entries, readNote(), new Date().toISOString()).entries);
}

/** One tab at a time changes what is kept. */
async function alone<T>(work: () => Promise<T>): Promise<T> {
  return navigator.locks ? (navigator.locks.request(CHANNEL, work) as Promise<T>) : work();
}

/** Keeps what this tab has changed, entry by entry, over what the other tabs have kept meanwhile; and tells them. */
async function keep({ settings }: Drawers, changed: Entries): Promise<void> {
  await alone(async () => {
    const now = new Date().toISOString();
    const kept = { ...known, ...readEntries(await settings.get(KEY)) };
    const { entries, replaced } = mergedEntries(kept, changed, now);
    await settings.set(KEY, entries);
    // A running bake changes with every reading; what it was is in its own record.
    const gone = replaced.filter(({ key }) => key !== 'bake');
    if (gone.length > 0) {
      const before = (await settings.get<readonly Replaced[]>(BEFORE_KEY)) ?? [];
      await settings.set(BEFORE_KEY, [...gone, ...before].slice(0, MOST_BEFORE));
    }
    known = mergedEntries(known, entries, now).entries;
  });
  channel?.postMessage(changed);
}

/**
 * Takes down what has changed in the settings since this was last asked; null where nothing has.
 *
 * @returns keeps it; the note of it stays until it is kept
 */
export function takeWorkshopChange(workshop: Workshop): ((drawers: Drawers) => Promise<void>) | null {
  if (workshop === shown) return null;
  const changed = changedEntries(shown, workshop, nextMoment());
  shown = workshop;
  if (Object.keys(changed).length === 0) return null;
  known = { ...known, ...changed };
  writeNote({ ...readNote(), ...onlyBake(known), ...changed });
  return async (drawers) => {
    await keep(drawers, changed);
    if (workshop === shown) writeNote(onlyBake(known));
  };
}

/** Values that gave way to newer ones, the last first. */
export async function earlierValues({ settings }: Drawers): Promise<readonly Replaced[]> {
  return (await settings.get<readonly Replaced[]>(BEFORE_KEY)) ?? [];
}

/**
 * Takes over what other tabs set.
 *
 * @returns stops listening
 */
export function hearWorkshop(): () => void {
  if (!channel) return () => undefined;
  channel.onmessage = ({ data }: MessageEvent<unknown>) => {
    show(mergedEntries(known, readEntries(data), new Date().toISOString()).entries);
  };
  return () => {
    channel.onmessage = null;
  };
}
