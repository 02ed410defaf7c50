import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { readPiece, writePiece } from '../piece/file.ts';
import {
  DEFAULT_DECISION,
  type Decision,
  type PartId,
  type Piece,
  removePart,
  setAt,
  validatePiece,
} from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';

const NOW = '2026-05-10T09:00:00Z';
// Its log: handles baked 6 and 5 days ago, the ferrywoman measured 3 and 2 days ago, the post yesterday.
const ferry = lowWaterFerry(NOW);
const shapes = makeShapeStore();
const decision = (over: Partial<Decision>): Decision => ({
  ...DEFAULT_DECISION,
  id: 'hand',
  question: 'What does her hand hold?',
  parts: ['ferrywoman' as PartId],
  ...over,
});
const withOne = (over: Partial<Decision>): Piece => ({ ...ferry, decisions: [decision(over)] });
const judged = (piece: Piece) =>
  reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW }).book.get('/decision.hand');

describe('an open decision', () => {
  it('waits for its step, and is a stop once the log says the step is behind it', () => {
    expect(judged(withOne({ before: 'first-bake' }))?.verdict).toMatchObject({
      level: 'doubtful',
      says: 'to be settled before the first bake',
    });
    expect(judged(withOne({ before: 'clay' }))?.verdict?.says).toContain('open, and Ferrywoman is under way');
    expect(judged(withOne({ parts: ['mug-handle' as PartId] }))?.verdict).toMatchObject({
      level: 'stop',
      says: expect.stringContaining('Mug handle has been baked'),
    });
    // Without parts it is of the whole piece.
    expect(judged(withOne({ parts: [] }))?.verdict?.level).toBe('stop');
  });
});

describe('a settled decision', () => {
  const settled = { answer: 'the oar', settledAs: 'the oar', settled: '2026-05-06T00:00:00Z' };

  it('counts what leans on it since: two measures of hers', () => {
    const figure = judged(withOne(settled));
    expect(figure?.quantity.value).toBe(2);
    expect(figure?.verdict?.says).toBe('settled; changing it undoes Ferrywoman: 2 measures, 8 features made');
    expect(judged(withOne({ ...settled, settled: '2026-05-09T12:00:00Z' }))?.quantity.value).toBe(0);
  });

  it('changed afterwards lists what it undoes, and goes back or is settled anew', () => {
    const piece = withOne({ ...settled, answer: 'a lantern' });
    const verdict = judged(piece)?.verdict;
    expect(verdict).toMatchObject({
      level: 'stop',
      says: 'changed from “the oar” after work that leans on it: Ferrywoman: 2 measures, 8 features made',
    });
    const [back, anew] = verdict?.waysOut ?? [];
    if (!back?.change || !anew?.change) throw new Error('no way out');
    expect(judged(setAt(piece, back.change.path, back.change.value))?.verdict?.level).toBe('good');
    const mended = setAt(piece, anew.change.path, anew.change.value);
    expect(mended.decisions[0]).toMatchObject({ answer: 'a lantern', settledAs: 'a lantern', settled: NOW });
    expect(judged(mended)?.verdict?.level).toBe('good');
  });

  it('changed before anything was done undoes nothing', () => {
    expect(
      judged(withOne({ ...settled, settled: '2026-05-09T12:00:00Z', answer: 'a rope' }))?.verdict?.level,
    ).toBe('good');
  });

  it('is kept in the file, and lets go of parts that go', () => {
    const piece = withOne(settled);
    expect(readPiece(writePiece(piece, {}), NOW).piece.decisions).toEqual(piece.decisions);
    const without = removePart(piece, 'ferrywoman' as PartId);
    expect(without.decisions[0]?.parts).toEqual([]);
    expect(validatePiece(without)).toEqual([]);
  });
});
