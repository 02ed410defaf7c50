import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore, STARTS } from '../form/index.ts';
import { readPiece, writePiece } from '../piece/file.ts';
import {
  type Addition,
  DEFAULT_ADDITION,
  DEFAULT_FEATURE,
  type Feature,
  type Piece,
  setAt,
} from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { usualFeatures } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
// Due in 18 days, two and a half hours at the bench a day.
const ferry = lowWaterFerry(NOW);
const from = { shapes: makeShapeStore(), workshopOwn: {}, now: NOW };
const book = (piece: Piece) => reckonPiece(piece, from).book;
const wish = (over: Partial<Addition>): Addition => ({
  ...DEFAULT_ADDITION,
  id: 'dog',
  name: 'A dog asleep',
  ...over,
});
const withAdditions = (...additions: Addition[]): Piece => ({ ...ferry, additions });

describe('additions', () => {
  it('take their hours at the bench by the day, and what they are waited for', () => {
    const figure = book(withAdditions(wish({ hours: 10, waitDays: 2 }))).get('/addition.dog');
    // 10 h ÷ 2.5 h a day + 2 days.
    expect(figure?.quantity).toMatchObject({ value: 6, unit: 'days' });
  });

  it('ask for nothing before they are taken on, but say what they would take', () => {
    const figure = book(withAdditions(wish({ hours: 100 }))).get('/addition.dog');
    expect(figure?.verdict).toBeUndefined();
    expect(figure?.note).toMatch(/takes 40\.0 days of the 18\.0 days left: more than there are/);
  });

  it('taken on: good while there is room, doubtful when over half, stop when there are not so many days', () => {
    const level = (hours: number) =>
      book(withAdditions(wish({ hours, accepted: true }))).get('/addition.dog')?.verdict?.level;
    expect(level(5)).toBe('good');
    expect(level(30)).toBe('doubtful');
    expect(level(50)).toBe('stop');
  });

  it('count against one another, and the way out leaves one out', () => {
    const piece = withAdditions(
      wish({ hours: 30, accepted: true }),
      wish({ id: 'nets', name: 'Nets', hours: 30, accepted: true }),
    );
    const verdict = book(piece).get('/addition.nets')?.verdict;
    expect(verdict?.level).toBe('stop');
    expect(book(piece).get('/brief.added')?.quantity.value).toBeCloseTo(24, 9);
    const change = verdict?.waysOut[0]?.change;
    if (!change) throw new Error('no way out');
    const mended = setAt(piece, change.path, change.value);
    expect(book(mended).get('/addition.dog')?.verdict?.level).toBe('doubtful');
    expect(book(mended).get('/brief.added')?.quantity.value).toBeCloseTo(12, 9);
  });

  it('need bench hours to be told in days', () => {
    const piece = withAdditions(wish({ accepted: true }));
    expect(
      book({ ...piece, brief: { ...piece.brief, hoursPerDay: null } }).get('/addition.dog'),
    ).toBeUndefined();
  });
});

describe('features to count', () => {
  const counted = (features: Feature[]): Piece => ({
    ...ferry,
    parts: ferry.parts.map((part) =>
      part.id === 'goose' || part.id === 'oar' ? { ...part, features } : part,
    ),
  });

  it('what is missing is named before the bake, and no longer once it is there', () => {
    const some = book(
      counted([
        { ...DEFAULT_FEATURE, name: 'toes', wanted: 8, made: 3 },
        { ...DEFAULT_FEATURE, name: 'eyes', wanted: 2, made: 2 },
      ]),
    );
    expect(some.get('goose/brief.features')?.quantity.value).toBe(5);
    expect(some.get('goose/bake.features')?.verdict?.says).toBe('still to be made: 5 of 8 toes');
    // What is not of clay is not baked.
    expect(some.get('oar/bake.features')).toBeUndefined();
    const all = book(counted([{ ...DEFAULT_FEATURE, name: 'toes', wanted: 8, made: 8 }]));
    expect(all.get('goose/bake.features')).toBeUndefined();
    expect(all.get('goose/brief.features')?.quantity.value).toBe(0);
  });

  it('are proposed by the form: a spider has eight legs and two body sections', () => {
    const of = (id: string) => {
      const form = STARTS.find((one) => one.id === id)?.form;
      return form ? Object.fromEntries(usualFeatures(form).map(({ name, wanted }) => [name, wanted])) : {};
    };
    expect(of('spider')).toMatchObject({ 'body sections': 2, legs: 8, 'leg segments': 32 });
    expect(of('horse')).toMatchObject({ hooves: 4 });
    expect(of('cat')).toMatchObject({ paws: 4 });
    expect(of('crate')).toEqual({});
  });

  it('are kept in the file, and a file of before has none', () => {
    const piece = counted([{ ...DEFAULT_FEATURE, name: 'toes', wanted: 8, made: 3 }]);
    const raw = JSON.parse(writePiece({ ...piece, additions: [wish({})] }, {}));
    expect(readPiece(JSON.stringify(raw), NOW).piece.additions).toHaveLength(1);
    for (const part of raw.parts) delete part.features;
    delete raw.additions;
    delete raw.found;
    const { piece: old, damaged } = readPiece(JSON.stringify(raw), NOW);
    expect(damaged).toEqual([]);
    expect(old.parts.every(({ features }) => features.length === 0)).toBe(true);
    expect([old.additions, old.found]).toEqual([[], []]);
  });
});
