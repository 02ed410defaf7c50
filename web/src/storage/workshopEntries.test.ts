import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_WORKSHOP, type Workshop } from '../state/workshopSlice.ts';
import { RUNNING_BAKE } from '../testing/runningBake.ts';
import {
  changedEntries,
  type Entries,
  entriesOfWhole,
  mergedEntries,
  readEntries,
  workshopOf,
} from './workshopEntries.ts';

const NOW = '2026-05-01T12:00:00Z';
const hour = (n: number) => `2026-05-01T${String(n).padStart(2, '0')}:00:00Z`;
const own = (values: Record<string, number>): Workshop => ({ ...DEFAULT_WORKSHOP, own: values });

const entries = fc.dictionary(
  fc.constantFrom('system', 'paper', 'own/bulk.limit', 'own/oven.width'),
  fc.record({
    value: fc.option(fc.integer({ min: 0, max: 4 })),
    at: fc.integer({ min: 8, max: 11 }).map(hour),
  }),
) as fc.Arbitrary<Entries>;
const values = (all: Entries) =>
  Object.fromEntries(Object.entries(all).map(([key, { value }]) => [key, value]));

describe('settings by entry', () => {
  it('what two tabs set is both there, whichever is kept first', () => {
    const first = changedEntries(DEFAULT_WORKSHOP, own({ 'bulk.limit': 11 }), hour(9));
    const second = changedEntries(DEFAULT_WORKSHOP, { ...DEFAULT_WORKSHOP, system: 'feet' }, hour(10));
    for (const [a, b] of [
      [first, second],
      [second, first],
    ] as const)
      expect(workshopOf(mergedEntries(a, b, NOW).entries)).toEqual({
        ...DEFAULT_WORKSHOP,
        own: { 'bulk.limit': 11 },
        system: 'feet',
      });
  });

  it('of the same entry the later one counts, and the earlier is told with its time', () => {
    const early = changedEntries(DEFAULT_WORKSHOP, own({ 'bulk.limit': 11 }), hour(9));
    const late = changedEntries(DEFAULT_WORKSHOP, own({ 'bulk.limit': 12 }), hour(10));
    const { entries: all, replaced } = mergedEntries(late, early, NOW);
    expect(workshopOf(all).own).toEqual({ 'bulk.limit': 12 });
    expect(replaced).toEqual([{ key: 'own/bulk.limit', value: 11, at: hour(9), until: NOW }]);
  });

  it('one that was taken out stays out, and does not come back with an older tab', () => {
    const set = changedEntries(DEFAULT_WORKSHOP, own({ 'bulk.limit': 11 }), hour(9));
    const taken = changedEntries(own({ 'bulk.limit': 11 }), DEFAULT_WORKSHOP, hour(10));
    expect(workshopOf(mergedEntries(taken, set, NOW).entries).own).toEqual({});
  });

  it('merging is the same in any order, any grouping, and twice', () => {
    const merge = (a: Entries, b: Entries) => mergedEntries(a, b, NOW).entries;
    fc.assert(
      fc.property(entries, entries, entries, (a, b, c) => {
        expect(values(merge(a, b))).toEqual(values(merge(b, a)));
        expect(merge(merge(a, b), c)).toEqual(merge(a, merge(b, c)));
        expect(merge(a, a)).toEqual(a);
      }),
      { seed: 7, numRuns: 300 },
    );
  });

  it('settings of before are older than anything that is set now', () => {
    const whole = entriesOfWhole({ system: 'feet', own: { 'bulk.limit': 9 } });
    expect(workshopOf(whole)).toMatchObject({ system: 'feet', own: { 'bulk.limit': 9 } });
    const now = changedEntries(DEFAULT_WORKSHOP, own({ 'bulk.limit': 12 }), hour(9));
    expect(workshopOf(mergedEntries(now, whole, NOW).entries)).toMatchObject({
      system: 'feet',
      own: { 'bulk.limit': 12 },
    });
  });

  it('what was damaged is passed over, and the rest is read', () => {
    const raw = {
      system: { value: 'cubits', at: hour(9) },
      theme: { value: 'dark', at: hour(9) },
      paper: 'A4',
      ruleMeasuredMm: { value: 0, at: hour(9) },
      bake: { value: RUNNING_BAKE, at: hour(9) },
      'own/oven.width': { value: '9', at: hour(9) },
      'own/bulk.limit': { value: -5, at: hour(9) },
    };
    expect(workshopOf(readEntries(raw))).toEqual({ ...DEFAULT_WORKSHOP, theme: 'dark', bake: RUNNING_BAKE });
    for (const none of [null, [], 'x', 5]) expect(readEntries(none)).toEqual({});
  });
});
