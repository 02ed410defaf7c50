import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../demo/entries.ts';
import { lowWaterFerry } from '../demo/index.ts';
import { type Form, makeShapeStore } from '../form/index.ts';
import { DEFAULT_REPEAT, type Part, type Piece, type RepeatRule, setAt } from '../piece/index.ts';
import { practised } from '../route/hands.ts';
import { reckonPiece } from '../spine/index.ts';
import { setOfPart } from './reckoners.ts';
import { minutesFor, paysFrom, waysOf } from './ways/ways.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const WALL: Form = { kind: 'block', widthMm: 600, heightMm: 360, depthMm: 24 };
const SHINGLE: Form = { kind: 'block', widthMm: 60, heightMm: 96, depthMm: 12 };

function part(id: string, form: Form, over: Partial<Part> = {}): Part {
  return demoPart(id, id, form, {
    ...ofClay('neutral'),
    core: { kind: 'none', skinMm: null, packed: 'balled' },
    ...over,
  });
}

/** A set hung on a wall of 600 × 360 in life, at 1:12. */
function withSet(rule: Partial<RepeatRule>, host: Partial<Part> = {}, form = SHINGLE): Piece {
  return {
    ...lowWaterFerry(NOW),
    parts: [
      part('wall', WALL, host),
      part('shingle', form, { parent: 'wall' as never, repeat: { ...DEFAULT_REPEAT, ...rule } }),
    ],
    fits: [],
    log: [],
    scale: { kind: 'ratio', ratio: 12 },
  };
}

function reckon(piece: Piece) {
  const { given, book, contexts } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const value = (key: string) => book.get(`shingle/${key}`)?.quantity.value;
  return { given, book, contexts, value, facts: given.part(setOfPart, 'shingle')?.facts };
}

describe('a set', () => {
  it('over the front of a wall: columns by rows, the first row twice, spares on top', () => {
    // 50 × 30 mm in pieces of 5 × 8 that show 4 mm: rows of 10, every other with a half at both ends.
    const { value } = reckon(withSet({ kind: 'over', on: 'front', exposureMm: 48, sparePct: 10 }));
    const rows = Math.ceil(30 / 4);
    const laid = 4 * 10 + 4 * 11;
    expect(rows).toBe(8);
    expect(value('repeats.needed')).toBe(laid + 10);
    expect(value('repeats.make')).toBe(laid + 10 + Math.ceil((laid + 10) * 0.1));
    expect(value('repeats.area')).toBeCloseTo(15, 9);
  });

  it('is as many as its rule asks for everywhere: clay, hours and copies follow, and so do other scales', () => {
    const piece = withSet({ kind: 'along', on: 'front.top', sparePct: 0, bothEnds: false });
    const { book, value, contexts } = reckon(piece);
    expect(value('repeats.make')).toBe(10);
    expect(contexts.get('shingle')?.part.count).toBe(10);
    const one = book.get('shingle/bulk.solid')?.quantity.value ?? 0;
    const clay = book.get('shingle/bulk.clay');
    const density = clay?.terms.find(({ symbol }) => symbol === 'ρ')?.quantity.value ?? 0;
    expect(clay?.quantity.value).toBeCloseTo(one * density * 10 * 1.1, 6);
    const wider = setAt(piece, ['parts', 'wall', 'form', 'widthMm'], 1200);
    expect(reckon(wider).contexts.get('shingle')?.part.count).toBe(20);
    // Both are of life sizes: at another scale there are as many of them.
    expect(reckon(setAt(piece, ['scale', 'ratio'], 24)).value('repeats.make')).toBe(10);
  });

  it('of a size on the bench there are as many more as the wall is larger', () => {
    const bead = { kind: 'ball', diameterMm: 5 } as const;
    const piece = withSet({ kind: 'along', on: 'front.top', sparePct: 0 }, {}, bead);
    const mini = setAt(piece, ['parts', 'shingle', 'sized'], 'miniature');
    expect(reckon(mini).value('repeats.needed')).toBe(10);
    expect(reckon(setAt(mini, ['scale', 'ratio'], 6)).value('repeats.needed')).toBe(20);
  });

  it('every copy of what it goes on has its own', () => {
    expect(
      reckon(withSet({ kind: 'round', on: 'foot', n: 8, sparePct: 0 }, { count: 3 })).value('repeats.make'),
    ).toBe(24);
  });

  it('scattered goes by the square centimetre, only so much of it by its share', () => {
    const { value } = reckon(
      withSet({ kind: 'scattered', on: 'front', perCm2: 4, sharePct: 50, sparePct: 0 }),
    );
    expect(value('repeats.needed')).toBe(30);
  });

  it('what cannot be worked out says why, keeps the number counted before, and shows a way out', () => {
    const gone = withSet({ kind: 'along', on: 'no-such-edge' });
    const { book, contexts, value } = reckon({
      ...gone,
      parts: gone.parts.map((one) => (one.id === 'shingle' ? { ...one, count: 7 } : one)),
    });
    expect(book.get('shingle/repeats.make')?.verdict).toMatchObject({
      level: 'stop',
      says: expect.stringContaining('choose another'),
    });
    expect([contexts.get('shingle')?.part.count, value('repeats.make')]).toEqual([7, 7]);
    const orphan = {
      ...gone,
      parts: gone.parts.filter(({ id }) => id !== 'wall').map((one) => ({ ...one, parent: null })),
    };
    expect(reckon(orphan).book.get('shingle/repeats.make')?.verdict?.says).toMatch(/not there any more/);
    const million = reckon(withSet({ kind: 'over', on: 'front', pitchMm: 0.1, exposureMm: 0.1 }));
    expect(million.book.get('shingle/repeats.make')?.verdict?.says).toMatch(/a wider pitch/);
  });

  it('spares: ten to twenty in a hundred, as it is common practice', () => {
    const { value } = reckon(withSet({ kind: 'counted', n: 100 }));
    expect(value('repeats.make')).toBeGreaterThanOrEqual(110);
    expect(value('repeats.make')).toBeLessThanOrEqual(120);
  });
});

describe('which way', () => {
  const context = () =>
    reckon(withSet({ kind: 'counted', n: 60 })).contexts.get('shingle') ?? expect.fail('no part');

  it('practice by the table of Wright (1936): at 0.8 units 1, 2, 4 and 8 take 100, 80, 64 and 51.2 %', () => {
    const unit = (n: number) => practised(n, 0.8) - practised(n - 1, 0.8);
    expect([1, 2, 4, 8].map((n) => Number((100 * unit(n)).toFixed(3)))).toEqual([100, 80, 64, 51.2]);
  });

  it('without practice a way pays from setting up ÷ what one spares, rounded up', () => {
    const [hand, press] = [context(), context()].map((one, i) =>
      waysOf(one).find(({ way }) => way === (i === 0 ? 'hand' : 'press')),
    );
    if (!hand || !press) throw new Error('no ways');
    const slow = { ...hand, eachMin: 10, learning: 1 };
    expect(paysFrom(press, slow)).toBe(Math.ceil(press.setupMin / (10 - press.eachMin)));
    expect(paysFrom(press, { ...slow, eachMin: press.eachMin })).toBeNull();
  });

  it('before that number it takes longer, from then on it does not', () => {
    const ways = waysOf(context());
    const hand = ways.find(({ way }) => way === 'hand');
    for (const one of ways) {
      const from = hand && paysFrom(one, hand);
      if (!hand || !from || from === 1) continue;
      expect(minutesFor(one, from)).toBeLessThanOrEqual(minutesFor(hand, from));
      expect(minutesFor(one, from - 1)).toBeGreaterThan(minutesFor(hand, from - 1));
    }
  });

  it('a ball is not cut from a sheet, and says what else', () => {
    const ball = reckon(
      withSet({ kind: 'counted', n: 60 }, {}, { kind: 'ball', diameterMm: 60 }),
    ).contexts.get('shingle');
    const ways = ball ? waysOf(ball) : [];
    expect(ways.find(({ way }) => way === 'cutter')?.wont).toMatch(/press it/);
    expect(ways.find(({ way }) => way === 'press')?.wont).toBeNull();
  });

  it('a tally teaches the pace: twice as slow draws the next estimate up, the more of it the nearer to two', () => {
    const tallied = (made: number) => {
      const piece = withSet({ kind: 'counted', n: 200, sparePct: 0 });
      const plain = reckon(piece);
      const rates = waysOf(plain.contexts.get('shingle') ?? expect.fail()).find(({ way }) => way === 'hand');
      const minutes = 2 * practised(made, rates?.learning ?? 1) * (rates?.eachMin ?? 0);
      const tally = { made, good: made, used: 0, minutes };
      return reckon(setAt(piece, ['parts', 'shingle', 'repeat', 'tally'], tally));
    };
    const factors = [5, 20, 100].map((made) => tallied(made).facts?.learned.factor ?? 0);
    expect(factors[0]).toBeGreaterThan(1);
    expect(factors[1]).toBeGreaterThan(factors[0] ?? 0);
    expect(factors[2]).toBeGreaterThan(factors[1] ?? 0);
    expect(factors[2]).toBeLessThan(2);
    const { value } = tallied(100);
    expect(value('repeats.left')).toBeGreaterThan(0);
  });
});

describe('a set in the route', () => {
  const stepsOf = (rule: Partial<RepeatRule>) =>
    reckonPiece(withSet(rule), { shapes, workshopOwn: {}, now: NOW }).route;

  it('is made in one step of its own minutes and put on by another, before they are baked together', () => {
    const piece = withSet({ kind: 'along', on: 'front.top' });
    const { route, book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
    const { steps } = route.route;
    const at = (test: (one: (typeof steps)[number]) => boolean) => steps.findIndex(test);
    const [make, put] = [
      at(({ kind, parts }) => kind === 'skin' && parts[0] === 'shingle'),
      at(({ kind, thing }) => kind === 'fix' && thing === 'shingle'),
    ];
    const bake = at(({ kind, parts }) => kind === 'bake' && parts.includes('shingle' as never));
    expect(steps[make]?.title).toBe('Make 12 shingle');
    expect([make < put, put < bake]).toEqual([true, true]);
    expect(steps[bake]?.parts).toContain('wall');
    const hands = route.times.get(steps[make]?.id ?? '')?.hands.quantity.value;
    expect(hands).toBeCloseTo(book.get('shingle/repeats.minutes')?.quantity.value ?? -1, 9);
    expect(steps.filter(({ kind, parts }) => kind === 'skin' && parts[0] === 'shingle')).toHaveLength(1);
    expect(book.get('shingle/bake.audit')?.verdict?.says ?? '').not.toMatch(/no clay/);
  });

  it('baked ahead it has a small load before what it is put on is baked, and is in no later one', () => {
    const { steps } = stepsOf({ kind: 'along', on: 'front.top', ahead: true }).route;
    const bakes = steps.filter(({ kind }) => kind === 'bake');
    expect(bakes.map(({ parts }) => parts)).toEqual([['shingle'], ['wall']]);
    const put = steps.find(({ thing }) => thing === 'shingle');
    const cool = steps.find(({ kind, parts }) => kind === 'cool' && parts[0] === 'shingle');
    expect(put?.needs).toContain(cool?.id);
    expect(steps.findIndex(({ thing }) => thing === 'shingle')).toBeLessThan(
      steps.findIndex(({ kind, parts }) => kind === 'bake' && parts[0] === 'wall'),
    );
  });
});
