import { describe, expect, it } from 'vitest';
import { reckonedOne } from '../../armature/testContext.ts';
import { DEFAULT_PATTERN, type Part, type PatternChoice, setAt } from '../../piece/index.ts';
import { patternOfPart } from '../reckoners.ts';

/** A ball of 40 at scale, of two clays by halves or as told, laid into one another. */
function patterned(
  over: Partial<PatternChoice>,
  parts: readonly [number, number] = [1, 1],
  part: Partial<Part> = {},
) {
  const { piece } = reckonedOne({ kind: 'ball', diameterMm: 480 }).one;
  const [one, other] = piece.clays;
  if (!one || !other) throw new Error('two clays are wanted');
  const mix = [
    { clay: one.id, parts: parts[0] },
    { clay: other.id, parts: parts[1] },
  ];
  const pattern: PatternChoice = { ...DEFAULT_PATTERN, ...over };
  return reckonedOne(
    { kind: 'ball', diameterMm: 480 },
    { mix, pattern, core: { ...piece.parts[0]?.core, kind: 'none' } as Part['core'], ...part },
  );
}
const of = (found: ReturnType<typeof patterned>, key: string) =>
  found.book.get(`one/pattern.${key}`) ?? expect.fail(`no ${key}`);
const value = (found: ReturnType<typeof patterned>, key: string) => of(found, key).quantity.value;

describe('patterned clay', () => {
  it('a cane is as much longer as it is thinner, squared; slices come off its good length', () => {
    const found = patterned({ kind: 'cane', thickMm: 40, reducedMm: 10, sliceMm: 2 });
    // A ball of 40 is 33.51 cm³; a tenth is lost in the making, 15 % at the ends; a log of 40 is 12.566 cm² across.
    const blank = (33.51 * 1.1) / 0.85 / 12.566;
    expect(value(found, 'blank') / 10).toBeCloseTo(blank, 2);
    expect(value(found, 'reduced') / value(found, 'blank')).toBeCloseTo(16, 9);
    expect(value(found, 'pieces')).toBe(Math.floor((blank * 10 * 16 * 0.85) / 2));
    // What the ends hold is 15 of every 85 that are used.
    const used = found.book.get('one/bulk.clay')?.quantity.value ?? 0;
    expect(value(found, 'left') / used).toBeCloseTo(15 / 85, 9);
  });

  it('the clays of a log are taken by their shares, ends counted in', () => {
    const found = patterned({ kind: 'cane' }, [3, 1]);
    const facts = found.given.part(patternOfPart, 'one')?.facts;
    expect(facts?.clays.map(({ percent }) => percent)).toEqual([75, 25]);
    const used = found.book.get('one/bulk.clay')?.quantity.value ?? 0;
    expect((facts?.clays[0]?.grams ?? 0) + (facts?.clays[1]?.grams ?? 0)).toBeCloseTo(used / 0.85, 6);
  });

  it('a rope turned once in its own girth leans by half a right angle', () => {
    const found = patterned({ kind: 'twist', reducedMm: 10, turns: 100 / (Math.PI * 10) });
    expect(value(found, 'lean')).toBeCloseTo(45, 9);
    expect(value(patterned({ kind: 'twist', turns: 0 }), 'lean')).toBe(0);
  });

  it('streaks halve with every fold, until they read as one colour; the way out folds it less', () => {
    // 20 mm of two clays, four times folded: 20 ÷ (2 × 16)
    expect(value(patterned({ kind: 'marble', turns: 4 }), 'stripe')).toBeCloseTo(0.625, 9);
    expect(of(patterned({ kind: 'marble', turns: 4 }), 'stripe').verdict).toBeUndefined();
    const blended = of(patterned({ kind: 'marble', turns: 9 }), 'stripe');
    expect(blended.verdict).toMatchObject({ level: 'doubtful', says: 'streaks so fine read as one colour' });
    const change = blended.verdict?.waysOut[0]?.change ?? expect.fail('no way out');
    const { piece } = patterned({ kind: 'marble', turns: 9 }).one;
    const after = setAt(piece, change.path, change.value).parts[0]?.pattern ?? expect.fail('no pattern');
    expect(of(patterned(after), 'stripe').verdict).toBeUndefined();
    expect(of(patterned({ ...after, turns: after.turns + 1 }), 'stripe').verdict).toBeDefined();
  });

  it('a cane that gets thicker is a stop, one reduced too far at one go a doubt, with ways out that hold', () => {
    const reduced = (thickMm: number, reducedMm: number) =>
      of(patterned({ kind: 'cane', thickMm, reducedMm }), 'reduced').verdict;
    expect(reduced(30, 10)).toBeUndefined();
    expect(reduced(10, 20)).toMatchObject({ level: 'stop' });
    const far = reduced(60, 10) ?? expect.fail('no verdict');
    expect(far.level).toBe('doubtful');
    // By way of the geometric mean: √(60 × 10) = 24.5
    expect(far.waysOut[0]?.says).toMatch(/about 24 mm/);
    expect(reduced(far.waysOut[1]?.change?.value as number, 10)).toBeUndefined();
  });

  it('chips are as many as the lesser clay fills', () => {
    const found = patterned({ kind: 'mottle', pieceMm: 3 }, [9, 1]);
    // A tenth of 36.86 cm³ in cubes of 27 mm³
    expect(value(found, 'chips')).toBeCloseTo(136.5, -0.5);
  });

  it('nothing of it stands for a part of one colour', () => {
    const { book } = patterned({}, [1, 1], { pattern: null });
    expect(book.get('one/pattern.stripe')).toBeUndefined();
  });
});
