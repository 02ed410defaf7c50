import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../../demo/entries.ts';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { DEFAULT_BOARD, type Piece, setAt } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { sagOf } from './sag.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();

/** A base of 400 × 300 mm with a heavy block over the middle of its left half. */
function onBase(board: Partial<Piece['board'] & object>, blockMm = 60): Piece {
  const block = demoPart(
    'block',
    'Block',
    { kind: 'block', widthMm: blockMm, heightMm: blockMm, depthMm: blockMm },
    { ...ofClay('neutral'), sized: 'miniature', core: { kind: 'none', skinMm: null, packed: 'balled' } },
  );
  return {
    ...lowWaterFerry(NOW),
    parts: [block],
    fits: [],
    log: [],
    heaps: [],
    pours: [],
    covers: [],
    eyes: [],
    masonry: [],
    board: { ...DEFAULT_BOARD, outline: 'square', widthMm: 400, depthMm: 300, ...board },
    stood: [{ id: 'block-1', part: block.id, xMm: -100, yMm: 0, turnDeg: 0, foliage: 'none', group: '' }],
  };
}

const reckon = (piece: Piece) => {
  const { book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  return (key: string) => book.get(`/${key}`);
};

describe('how far a board sags', () => {
  const span = { lengthMm: 400, widthMm: 300, thickMm: 9, modulus: 7000, evenN: 8, middleN: 0 };

  it('12 mm ply sags 2.37 times less than 9 mm under the same load (common practice: the cube of the thickness)', () => {
    expect(sagOf(span) / sagOf({ ...span, thickMm: 12 })).toBeCloseTo(2.37, 2);
  });

  it('is that of Roark’s beams: 5/384 of a load spread evenly, 1/48 of one in the middle, the cube of the span', () => {
    // A steel rule 30 × 1 mm on supports 300 mm apart, 1 N in the middle: I = 2.5 mm⁴, 27 × 10⁶ ÷ (48 × 210 000 × 2.5).
    const rule = { lengthMm: 300, widthMm: 30, thickMm: 1, modulus: 210_000, evenN: 0, middleN: 1 };
    expect(sagOf(rule)).toBeCloseTo(1.0714, 3);
    expect(sagOf({ ...rule, evenN: 1, middleN: 0 }) / sagOf(rule)).toBeCloseTo((5 * 48) / 384, 9);
    expect(sagOf({ ...rule, lengthMm: 600 }) / sagOf(rule)).toBeCloseTo(8, 9);
  });
});

describe('a base on studs', () => {
  it('that lies flat has no sag; on two it has, and on three the block weighs on one span only', () => {
    expect(reckon(onBase({ studs: 0 }))('ground.sag')).toBeUndefined();
    const two = reckon(onBase({ studs: 2 }))('ground.sag');
    const three = reckon(onBase({ studs: 3 }))('ground.sag');
    const load = (one: typeof two) => one?.terms.find(({ symbol }) => symbol === 'P')?.quantity.value ?? 0;
    // 216 cm³ of clay at 1.8 g/cm³ (common practice) weigh 3.8 N.
    expect(load(two)).toBeCloseTo(3.81, 1);
    expect(load(three)).toBeCloseTo(load(two), 9);
    expect(two?.quantity.value ?? 0).toBeGreaterThan(6 * (three?.quantity.value ?? 0));
    expect(three?.verdict?.level).toBe('good');
  });

  it('that is too thin is told what plaster bears of it; both ways out keep it straight', () => {
    const piece = onBase({ studs: 2, stuff: 'foam', thicknessMm: 10 });
    const sag = reckon(piece)('ground.sag');
    expect(sag?.verdict?.level).toBe('doubtful');
    const ways = sag?.verdict?.waysOut.flatMap(({ change }) => (change ? [change] : [])) ?? [];
    expect(ways.map(({ path }) => path[1])).toContain('studs');
    for (const { path, value } of ways) {
      const mended = reckon(setAt(piece, path, value))('ground.sag');
      expect(mended?.verdict?.level ?? 'good').toBe('good');
    }
  });

  it('is lifted by one hand, by two, or by neither', () => {
    const lifts = (blockMm: number, widthMm: number) =>
      reckon(onBase({ widthMm, depthMm: widthMm, stuff: 'fibreboard', thicknessMm: 18 }, blockMm))(
        'ground.weight',
      )?.verdict;
    expect(lifts(20, 100)).toMatchObject({ level: 'good', says: 'one hand lifts it' });
    expect(lifts(60, 400)).toMatchObject({ level: 'good', says: 'two hands lift it' });
    expect(lifts(60, 1000)).toMatchObject({ level: 'doubtful' });
  });
});
