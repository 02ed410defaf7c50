import { describe, expect, it } from 'vitest';
import { reckonedOne } from '../armature/testContext.ts';
import { PLAIN_PERSON } from '../form/index.ts';
import { DEFAULT_FEATURE, FEATURE_HOWS, type Feature, type Piece, setAt } from '../piece/index.ts';
import { FEATURE_KINDS } from './index.ts';

const person = { ...PLAIN_PERSON, statureMm: 1700 };
const feature = (over: Partial<Feature>): Feature => ({ ...DEFAULT_FEATURE, name: 'it', ...over });

function told(features: Feature[], change: Partial<Piece> = {}) {
  const { book, one } = reckonedOne(person, { features }, change);
  return { one: book.get('one/feature.1'), piece: one.piece };
}

describe('what a hand can make at this size', () => {
  it('a button of 15 mm in life is 1.25 mm at 1:12 and is made; at 1:48 it is 0.31 and is not, and says what to do', () => {
    const button = [feature({ name: 'buttons', how: 'dot', acrossMm: 15 })];
    const at12 = told(button).one;
    expect(at12?.quantity.value).toBeCloseTo(1.25, 9);
    expect(at12?.verdict?.level).toBe('good');
    const at48 = told(button, { scale: { kind: 'ratio', ratio: 48 } }).one;
    expect(at48?.quantity.value).toBeCloseTo(0.3125, 9);
    expect(at48?.verdict).toMatchObject({ level: 'doubtful' });
    const ways = at48?.verdict?.waysOut.map(({ says }) => says) ?? [];
    expect(ways[0]).toMatch(/^exaggerate it to 0.5 mm, which reads as /);
    expect(ways.join()).toMatch(/paint it: that goes down to 0.3 mm/);
    expect(ways.at(-1)).toBe('leave it out');
  });

  it('exaggerated as is offered, it is made', () => {
    const { one, piece } = told([feature({ how: 'letter', acrossMm: 10 })]);
    const change = one?.verdict?.waysOut[0]?.change;
    if (!change) throw new Error('no way out');
    const mended = setAt(piece, change.path, change.value);
    const features = mended.parts[0]?.features ?? [];
    expect(told([...features]).one?.verdict?.level).toBe('good');
  });

  it('only what goes down to its size is offered instead', () => {
    // A hair of 0.08 mm in life at 1:12 is under anything a hand lays.
    const ways = told([feature({ how: 'strand', acrossMm: 0.3 })]).one?.verdict?.waysOut ?? [];
    expect(ways.some(({ says }) => says.startsWith('take thread'))).toBe(false);
    expect(ways.some(({ says }) => says === 'lay several as one')).toBe(true);
  });

  it('a size that is not told is not judged, and the maker’s own smallest wins', () => {
    expect(told([feature({})]).one).toBeUndefined();
    const own = { 'hand.dot': 0.2 };
    const fine = [feature({ how: 'dot', acrossMm: 4 })];
    expect(told(fine).one?.verdict?.level).toBe('doubtful');
    expect(told(fine, { own }).one?.verdict?.level).toBe('good');
  });

  it('every kind has something to fall back on', () => {
    for (const how of FEATURE_HOWS)
      expect(FEATURE_KINDS[how].instead.length + FEATURE_KINDS[how].otherwise.length).toBeGreaterThan(0);
  });
});
