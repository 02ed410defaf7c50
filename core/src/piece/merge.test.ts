import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { setAt } from './edit.ts';
import { differences, mergedPieces, nearestState, readRaw } from './file.ts';
import type { Piece } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const base = lowWaterFerry(NOW);
const without = (piece: Piece, id: string): Piece => ({
  ...piece,
  parts: piece.parts.filter((part) => part.id !== id),
});
const partOf = (piece: Piece, id: string) => piece.parts.find((part) => part.id === id);
const ids = ({ parts }: Piece) => parts.map(({ id }) => id as string);
const [first, second] = base.parts.map(({ id }) => id as string) as [string, string];

describe('two states of a piece in one', () => {
  it('takes what each has changed, down to the field', () => {
    const ours = setAt(setAt(base, ['parts', first, 'name'], 'ours'), ['brief', 'note'], 'on the bench');
    const theirs = setAt(setAt(base, ['parts', first, 'count'], 3), ['name'], 'Ferry at night');
    const { piece, taken, clashes } = mergedPieces(base, ours, theirs, 'ours');
    expect(clashes).toEqual([]);
    expect(taken).toBe(2);
    expect(piece.name).toBe('Ferry at night');
    expect(piece.brief.note).toBe('on the bench');
    expect(partOf(piece, first)).toMatchObject({ name: 'ours', count: 3 });
  });

  it('where both changed the same, the later stands and both are told', () => {
    const ours = setAt(base, ['parts', first, 'name'], 'ours');
    const theirs = setAt(base, ['parts', first, 'name'], 'theirs');
    for (const later of ['ours', 'theirs'] as const) {
      const { piece, clashes } = mergedPieces(base, ours, theirs, later);
      expect(partOf(piece, first)?.name).toBe(later);
      expect(clashes).toEqual([{ where: `parts.${first}.name`, ours: 'ours', theirs: 'theirs' }]);
    }
  });

  it('parts that each added are all there, after their neighbours; what one took out is gone', () => {
    const added = (piece: Piece, id: string, after: string): Piece => ({
      ...piece,
      parts: piece.parts.flatMap((part) =>
        part.id === after ? [part, { ...part, id: id as typeof part.id }] : [part],
      ),
    });
    const theirs = without(added(base, 'theirs', second), first);
    const { piece, clashes } = mergedPieces(base, added(base, 'ours', second), theirs, 'ours');
    expect(clashes).toEqual([]);
    expect(ids(piece)).toEqual(
      ids(base)
        .filter((id) => id !== first)
        .flatMap((id) => (id === second ? [second, 'theirs', 'ours'] : [id])),
    );
  });

  it('what one took out and the other went on with stays', () => {
    const theirs = setAt(base, ['parts', first, 'name'], 'worked on');
    for (const [a, b] of [
      [without(base, first), theirs],
      [theirs, without(base, first)],
    ] as const)
      expect(partOf(mergedPieces(base, a, b, 'ours').piece, first)?.name).toBe('worked on');
  });

  it('a form of another kind is taken whole, never half of each', () => {
    const block = { kind: 'block', widthMm: 100, heightMm: 100, depthMm: 100 };
    const theirs = setAt(base, ['parts', first, 'form'], block);
    expect(partOf(mergedPieces(base, base, theirs, 'ours').piece, first)?.form).toEqual(block);
  });

  it('without a state that both came from nothing is taken out, and what differs goes by the later', () => {
    const theirs = setAt(without(base, second), ['name'], 'theirs');
    const { piece, clashes } = mergedPieces(null, base, theirs, 'theirs');
    expect(ids(piece)).toEqual(ids(base));
    expect(piece.name).toBe('theirs');
    expect(clashes.map(({ where }) => where)).toEqual(['name']);
  });

  it('of known states the one is found that another came from', () => {
    const middle = setAt(base, ['parts', first, 'name'], 'middle');
    const late = setAt(middle, ['brief', 'note'], 'late');
    const theirs = setAt(setAt(middle, ['name'], 'theirs'), ['parts', second, 'count'], 2);
    expect(nearestState(theirs, [base, middle, late])).toBe(middle);
    expect(nearestState(theirs, [])).toBeNull();
    expect(differences(middle, theirs)).toBe(2);
  });

  /** Some of the fields that a maker changes. */
  const edits = fc.array(
    fc.tuple(fc.constantFrom(...ids(base)), fc.constantFrom('name', 'count', 'gone'), fc.nat(50)),
    { maxLength: 6 },
  );
  const edited = (changes: readonly (readonly [string, string, number])[]): Piece =>
    changes.reduce((piece, [id, what, n]) => {
      if (!partOf(piece, id)) return piece;
      if (what === 'gone') return without(piece, id);
      return setAt(piece, ['parts', id, what], what === 'name' ? `part ${n}` : n + 1);
    }, base);

  it('is the same whichever of the two is here, a state with itself is itself, and it opens (property)', () => {
    fc.assert(
      fc.property(edits, edits, (a, b) => {
        const [one, other] = [edited(a), edited(b)];
        expect(mergedPieces(base, one, one, 'ours').piece).toEqual(one);
        expect(mergedPieces(base, base, one, 'ours').piece).toEqual(one);
        expect(mergedPieces(base, one, base, 'ours').piece).toEqual(one);
        const { piece, clashes } = mergedPieces(base, one, other, 'ours');
        const turned = mergedPieces(base, other, one, 'theirs');
        expect(new Set(piece.parts)).toEqual(new Set(turned.piece.parts));
        expect(clashes).toHaveLength(turned.clashes.length);
        expect(readRaw(piece, NOW).damaged).toEqual([]);
      }),
      { seed: 15, numRuns: 60 },
    );
  });
});
