import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import {
  changesBetween,
  movePart,
  type PartId,
  type Piece,
  removePart,
  setAt,
  withChanges,
} from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const ferry = lowWaterFerry(NOW);
const applied = (before: Piece, now: Piece): Piece => {
  const changes = changesBetween(before, now);
  // As it arrives in another thread: nothing in it is the same object any more.
  return changes ? withChanges(before, structuredClone(changes)) : before;
};

describe('what differs between two states of a piece', () => {
  it('is nothing for the same state', () => {
    expect(changesBetween(ferry, ferry)).toBeNull();
  });

  it('is the one field of the one part that was typed in', () => {
    const now = setAt(ferry, ['parts', 'post', 'count'], 3);
    expect(changesBetween(ferry, now)).toEqual({ fields: {}, parts: { post: { count: 3 } } });
  });

  it('leaves a mesh at home when its part is renamed', () => {
    const now = setAt(ferry, ['parts', 'goose', 'name'], 'Gander');
    expect(JSON.stringify(changesBetween(ferry, now)).length).toBeLessThan(80);
  });

  it('says the order only when that has changed', () => {
    const now = removePart(ferry, 'oar' as PartId);
    expect(changesBetween(ferry, now)?.order).not.toContain('oar');
    expect(changesBetween(ferry, setAt(ferry, ['name'], 'Ebb'))?.order).toBeUndefined();
  });

  it('put on, gives the later state, and shares what was left alone (property)', () => {
    const ids = ferry.parts.map(({ id }) => id);
    const edits = fc.array(fc.tuple(fc.nat(5), fc.nat(99), fc.nat(99)), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(edits, (list) => {
        const now = list.reduce((piece, [kind, a, b]): Piece => {
          const id = piece.parts[a % piece.parts.length]?.id;
          if (!id) return piece;
          if (kind === 0) return setAt(piece, ['parts', id, 'name'], `name ${b}`);
          if (kind === 1) return setAt(piece, ['brief', 'note'], `note ${b}`);
          if (kind === 2) return removePart(piece, id);
          if (kind === 3) return movePart(piece, id, null, null);
          if (kind === 4) return setAt(piece, ['scale'], { kind: 'ratio', ratio: 1 + b });
          return setAt(piece, ['parts', id, 'form'], { kind: 'ball', diameterMm: 1 + b });
        }, ferry);
        const there = applied(ferry, now);
        expect(there).toEqual(now);
        for (const id of ids) {
          const [was, is] = [ferry, now].map(({ parts }) => parts.find((part) => part.id === id));
          if (was === is && was) expect(there.parts.find((part) => part.id === id)).toBe(was);
        }
      }),
      { seed: 14, numRuns: 100 },
    );
  });
});
