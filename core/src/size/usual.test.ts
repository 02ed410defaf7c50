import { describe, expect, it } from 'vitest';
import { lowWaterFerry, tollFrogs } from '../demo/index.ts';
import { makeShapeStore, STARTS } from '../form/index.ts';
import { type Piece, setAt } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { namesake } from './usual.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const verdictOf = (piece: Piece, part: string) =>
  reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW }).book.get(`${part}/size.usual`)?.verdict;
const ferry = lowWaterFerry(NOW);
/** The mug of the demo, so many times as large. */
const mug = (times: number) => {
  const grown = (value: unknown, key = ''): unknown =>
    Array.isArray(value)
      ? value.map((one) => grown(one))
      : typeof value === 'object' && value !== null
        ? Object.fromEntries(Object.entries(value).map(([name, one]) => [name, grown(one, name)]))
        : typeof value === 'number' && key.endsWith('Mm')
          ? value * times
          : value;
  return setAt(ferry, ['parts', 'mug', 'form'], grown(ferry.parts.find(({ id }) => id === 'mug')?.form));
};

describe('what a part is called after', () => {
  it('is the thing its name ends with, and the fuller name before the shorter', () => {
    expect(namesake('Enamel mug')?.title).toBe('Mug');
    expect(namesake('Greylag goose 2')?.title).toBe('Goose');
    expect(namesake('Large dog')?.title).toBe('Large dog');
    expect(namesake('my seated person')?.title).toBe('Seated person');
  });

  it('is nothing where the name says another thing, or none', () => {
    for (const name of ['Mug handle', 'Brick quay', 'Toll hut', 'ball', 'Ring', '', '3', '木'])
      expect(namesake(name), name).toBeNull();
  });
});

describe('absurd sizes', () => {
  it('a mug of three metres is to be looked at; made as mugs are, it is well', () => {
    const huge = mug(32);
    const verdict = verdictOf(huge, 'mug');
    expect(verdict).toMatchObject({
      level: 'doubtful',
      says: expect.stringMatching(/ m in life: a mug is about/),
    });
    const change = verdict?.waysOut[0]?.change;
    if (!change) throw new Error('no way out');
    expect(verdictOf(setAt(huge, change.path, change.value), 'mug')).toBeUndefined();
  });

  it('a mug of eight millimetres in life is as absurd; one twice as high as most is not', () => {
    expect(verdictOf(mug(0.08), 'mug')?.level).toBe('doubtful');
    expect(verdictOf(mug(2), 'mug')).toBeUndefined();
  });

  it('nothing of either demo piece is absurd, nor any start by its own name', () => {
    for (const piece of [ferry, tollFrogs(NOW)])
      for (const { id } of piece.parts) expect(verdictOf(piece, id), id).toBeUndefined();
    const part = ferry.parts[0];
    if (!part) throw new Error('no part');
    const all: Piece = {
      ...ferry,
      fits: [],
      log: [],
      decisions: [],
      parts: STARTS.slice(0, 60).map((start, i) => ({
        ...part,
        id: `p${i}` as never,
        name: start.title,
        form: start.form,
        mix: [],
        parent: null,
        regions: [],
        runs: [],
        features: [],
        inserts: [],
      })),
    };
    const { book } = reckonPiece(all, { shapes, workshopOwn: {}, now: NOW });
    for (const { id, name } of all.parts) expect(book.get(`${id}/size.usual`)?.verdict, name).toBeUndefined();
  });

  it('a part whose lengths are those on the bench is what it is', () => {
    expect(verdictOf(setAt(mug(32), ['parts', 'mug', 'sized'], 'miniature'), 'mug')).toBeUndefined();
  });
});
