import { readRunningBake } from '@every-inch/core/bake';
import { PAPERS } from '@every-inch/core/drawing';
import { findRow, ownFault } from '@every-inch/core/handbook';
import { readRunningMixes } from '@every-inch/core/repeats';
import { readSitting } from '@every-inch/core/schedule';
import { dequal } from 'dequal';
import { DEFAULT_WORKSHOP, type Workshop } from '../state/workshopSlice.ts';

/** One setting of the workshop, or one own value, with the time it was set. */
export interface Entry {
  readonly value: unknown;
  /** ISO; empty for one that is from before times were kept. */
  readonly at: string;
}

/** The settings by name; own values as `own/` and their row. One that was taken out stays, with null. */
export type Entries = Readonly<Record<string, Entry>>;

/** An entry that gave way to a newer one. */
export interface Replaced extends Entry {
  readonly key: string;
  /** When it gave way, ISO. */
  readonly until: string;
}

const OWN = 'own/';
/** What a printed rule of 100 mm may have measured, mm. */
const [RULE_LEAST, RULE_MOST] = [80, 120];

/** The settings as single values. */
export function valuesOf({ own, ...rest }: Workshop): Readonly<Record<string, unknown>> {
  return {
    ...rest,
    ...Object.fromEntries(Object.entries(own).map(([row, value]) => [OWN + row, value])),
  };
}

/** What of the settings is another now than it was, set at a time. */
export function changedEntries(before: Workshop, now: Workshop, at: string): Entries {
  const [old, fresh] = [valuesOf(before), valuesOf(now)];
  const keys = new Set([...Object.keys(old), ...Object.keys(fresh)]);
  return Object.fromEntries(
    [...keys].flatMap((key) =>
      dequal(old[key], fresh[key]) ? [] : [[key, { value: fresh[key] ?? null, at }] as const],
    ),
  );
}

/** Whether an entry goes before another: the later one; of two of the same moment the same one everywhere. */
function goesBefore(a: Entry, b: Entry): boolean {
  if (a.at !== b.at) return a.at > b.at;
  return (JSON.stringify(a.value) ?? '') > (JSON.stringify(b.value) ?? '');
}

/**
 * Both sets of entries in one, of each the later; the order of the two is of no account.
 *
 * @param now ISO time of the merge, for what gives way
 */
export function mergedEntries(
  a: Entries,
  b: Entries,
  now: string,
): { readonly entries: Entries; readonly replaced: readonly Replaced[] } {
  const entries: Record<string, Entry> = { ...a };
  const replaced: Replaced[] = [];
  for (const [key, entry] of Object.entries(b)) {
    const there = entries[key];
    if (!there) {
      entries[key] = entry;
      continue;
    }
    const [kept, gone] = goesBefore(entry, there) ? [entry, there] : [there, entry];
    entries[key] = kept;
    if (!dequal(kept.value, gone.value)) replaced.push({ ...gone, key, until: now });
  }
  return { entries, replaced };
}

function isEntry(value: unknown): value is Entry {
  return (
    typeof value === 'object' &&
    value !== null &&
    'value' in value &&
    'at' in value &&
    typeof value.at === 'string'
  );
}

/** Entries from what was kept; what is none is passed over. */
export function readEntries(raw: unknown): Entries {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) return {};
  return Object.fromEntries(Object.entries(raw).filter(([, one]) => isEntry(one)));
}

/** Entries of settings that were kept whole, before each had a time of its own. */
export function entriesOfWhole(raw: unknown): Entries {
  if (typeof raw !== 'object' || raw === null) return {};
  const { own, ...rest } = raw as Partial<Workshop>;
  const values = {
    ...rest,
    ...Object.fromEntries(Object.entries(own ?? {}).map(([row, value]) => [OWN + row, value])),
  };
  return Object.fromEntries(Object.entries(values).map(([key, value]) => [key, { value, at: '' }]));
}

function oneOf<T>(value: unknown, choices: readonly T[], otherwise: T): T {
  return choices.find((one) => one === value) ?? otherwise;
}

function isOwnValue(row: string, value: unknown): value is number {
  const known = findRow(row);
  return typeof value === 'number' && Number.isFinite(value) && !(known && ownFault(known, value));
}

/** More pieces than this are put aside by nobody. */
const MOST_ASIDE = 1000;

function readIds(value: unknown): readonly string[] {
  if (!Array.isArray(value)) return [];
  return value.filter((one): one is string => typeof one === 'string').slice(0, MOST_ASIDE);
}

/** The workshop that entries say; what cannot be used is as if it were not there. */
export function workshopOf(entries: Entries): Workshop {
  const of = (key: keyof Workshop): unknown => entries[key]?.value;
  const own = Object.entries(entries).flatMap(([key, { value }]) => {
    const row = key.slice(OWN.length);
    return key.startsWith(OWN) && isOwnValue(row, value) ? [[row, value] as const] : [];
  });
  const rule = of('ruleMeasuredMm');
  return {
    own: Object.fromEntries(own),
    system: oneOf(of('system'), ['metric', 'feet'], DEFAULT_WORKSHOP.system),
    theme: oneOf(of('theme'), ['system', 'light', 'dark'], DEFAULT_WORKSHOP.theme),
    paper: oneOf(of('paper'), Object.keys(PAPERS) as Workshop['paper'][], DEFAULT_WORKSHOP.paper),
    ruleMeasuredMm:
      typeof rule === 'number' && rule >= RULE_LEAST && rule <= RULE_MOST
        ? rule
        : DEFAULT_WORKSHOP.ruleMeasuredMm,
    bake: readRunningBake(of('bake')),
    mixes: readRunningMixes(of('mixes')),
    sitting: readSitting(of('sitting')),
    aside: readIds(of('aside')),
  };
}
