import { lowWaterFerry, tollFrogs } from '@every-inch/core/demo';
import type { Piece } from '@every-inch/core/piece';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  closed,
  type DocumentState,
  documentReducer,
  edited,
  opened,
  readOnlySet,
  redone,
  refreshed,
  undone,
} from './documentSlice.ts';

const NOW = '2026-05-01T09:00:00Z';
const ferry = lowWaterFerry(NOW);
const named = (name: string): Piece => ({ ...ferry, name });
const start = documentReducer(undefined, opened({ piece: ferry, readOnly: false }));
const put = (state: DocumentState, name: string, at: number, merge: string | null = 'name') =>
  documentReducer(state, edited({ piece: named(name), label: `name ${name}`, merge, at }));
const names = (state: DocumentState) => state.past.map(({ piece }) => piece.name);

describe('steps that can be undone', () => {
  it('typing on in one field is one step, and undo gives back what stood before the first letter', () => {
    let state = put(start, 'L', 0);
    state = put(state, 'Lo', 300);
    state = put(state, 'Low', 1900);
    expect(names(state)).toEqual([ferry.name]);
    state = documentReducer(state, undone());
    expect(state.piece).toBe(ferry);
    expect(documentReducer(state, redone()).piece?.name).toBe('Low');
  });

  it('a pause of two seconds, another field or an edit of no field begins a step of its own', () => {
    let state = put(start, 'a', 0);
    state = put(state, 'b', 2000);
    expect(names(state)).toEqual([ferry.name, 'a']);
    state = put(state, 'c', 2100, 'note');
    expect(names(state)).toEqual([ferry.name, 'a', 'b']);
    state = put(state, 'd', 2200, null);
    state = put(state, 'e', 2300, null);
    expect(names(state)).toEqual([ferry.name, 'a', 'b', 'c', 'd']);
  });

  it('what is typed after an undo does not run on into what was undone, and ends what could be redone', () => {
    let state = put(start, 'a', 0);
    state = put(state, 'b', 5000);
    state = documentReducer(state, undone());
    expect(state.piece?.name).toBe('a');
    state = put(state, 'c', 5100);
    expect(names(state)).toEqual([ferry.name, 'a']);
    expect(state.future).toEqual([]);
    expect(documentReducer(state, redone())).toBe(state);
  });

  it('an edit that changes nothing is no step', () => {
    const state = documentReducer(
      start,
      edited({ piece: start.piece ?? ferry, label: 'nothing', merge: null, at: 0 }),
    );
    expect(state).toBe(start);
  });

  it('a piece that another tab edits is neither edited nor undone here; what that tab keeps is shown', () => {
    const changed = put(start, 'a', 0);
    const reading = documentReducer(changed, readOnlySet(true));
    expect(put(reading, 'b', 9000)).toBe(reading);
    expect(documentReducer(reading, undone())).toBe(reading);
    expect(documentReducer(reading, redone())).toBe(reading);
    expect(documentReducer(reading, refreshed(named('theirs'))).piece?.name).toBe('theirs');
  });

  it('nothing is open: no edit, no undo; closed, nothing is left of the one before', () => {
    const empty = documentReducer(undefined, closed());
    expect(put(empty, 'a', 0)).toBe(empty);
    expect(documentReducer(empty, undone())).toBe(empty);
    const frogs = documentReducer(put(start, 'a', 0), opened({ piece: tollFrogs(NOW), readOnly: false }));
    expect([frogs.past, frogs.future]).toEqual([[], []]);
  });

  it('after any mixture of edits, all undone is the beginning and all redone is the end (property)', () => {
    const step = fc.record({
      name: fc.string({ minLength: 1, maxLength: 8 }),
      wait: fc.integer({ min: 0, max: 4000 }),
      merge: fc.constantFrom('a', 'b', null),
      undo: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 30 }), (steps) => {
        let at = 0;
        let state = start;
        for (const { name, wait, merge, undo } of steps) {
          at += wait;
          state = undo ? documentReducer(state, undone()) : put(state, name, at, merge);
        }
        let [back, forth] = [state, state];
        while (back.past.length > 0) back = documentReducer(back, undone());
        expect(back.piece).toBe(ferry);
        while (forth.future.length > 0) forth = documentReducer(forth, redone());
        while (back.future.length > 0) back = documentReducer(back, redone());
        expect(back.piece).toBe(forth.piece);
      }),
      { numRuns: 200, seed: 20260501 },
    );
  });
});
