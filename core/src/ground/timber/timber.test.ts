import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { extentOf, makeShapeStore } from '../../form/index.ts';
import { DEFAULT_TIMBER, type Piece, setAt, type Timber } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { timberOfPiece } from '../reckoners.ts';
import { timberDrawing } from './timberDrawing.ts';
import { fenceOf, stepsOf } from './timberOf.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const fence = (over: Partial<Timber> = {}): Timber => ({ ...DEFAULT_TIMBER, id: 'one', ...over });
const steps = (over: Partial<Timber> = {}): Timber =>
  fence({ kind: 'steps', lengthMm: 900, heightMm: 2700, stepMm: 280, thickMm: 40, ...over });

function reckon(timber: Timber) {
  const piece: Piece = { ...lowWaterFerry(NOW), timber: [timber] };
  const { given, book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const [facts] = given.piece(timberOfPiece).built;
  return {
    piece,
    facts: facts ?? expect.fail('nothing is built'),
    figure: (key: string) => book.get(`/timber.${key}.one`),
  };
}

describe('a fence', () => {
  it('has equal bays no wider than it is told, and as long as it is told with its posts', () => {
    for (const lengthMm of [1000, 3600, 3661, 5000]) {
      const timber = fence({ lengthMm, thickMm: 60, stepMm: 1800 });
      const { bays, railMm } = fenceOf(timber);
      expect(bays * (railMm + 60) + 60).toBeCloseTo(lengthMm, 9);
      expect(railMm + 60).toBeLessThanOrEqual(1800);
      expect((lengthMm - 60) / Math.max(1, bays - 1)).toBeGreaterThan(bays > 1 ? 1800 : 0);
    }
  });

  it('is cut into posts, rails and pales: 3 bays of 2 rails and 11 pales are 4 + 6 + 33 pieces', () => {
    // (5400 − 60) ÷ 3 − 60 = 1720 mm between posts, and a pale every 150.
    const { facts, figure } = reckon(fence({ lengthMm: 5400 }));
    expect(facts.sticks.map(({ says, count }) => [says, count])).toEqual([
      ['rail', 6],
      ['post', 4],
      ['pale', 33],
    ]);
    expect(figure('pieces')?.quantity.value).toBe(43);
    expect(facts.sticks[0]?.lengthMm).toBeCloseTo(1720 / 12, 9);
  });

  it('without room between its posts is a stop with a way out', () => {
    const { figure } = reckon(fence({ thickMm: 400, stepMm: 300 }));
    const verdict = figure('pieces')?.verdict;
    expect(verdict?.level).toBe('stop');
    expect(verdict?.waysOut[0]?.change?.value).toBe(1200);
  });
});

describe('a flight of steps', () => {
  it('has no riser over 196 mm (International Residential Code, R311.7.5): 14 to climb 2700, 192.9 each', () => {
    const { risers, riseMm, angleDeg } = stepsOf(steps(), 196);
    expect(risers).toBe(14);
    expect(riseMm).toBeCloseTo(192.857, 3);
    expect(Math.tan((angleDeg * Math.PI) / 180)).toBeCloseTo(192.857 / 280, 5);
    expect(stepsOf(steps({ heightMm: 196 }), 196).risers).toBe(1);
    expect(stepsOf(steps({ heightMm: 196.5 }), 196).risers).toBe(2);
  });

  it('has sides as long as its slope, their ends cut so that foot and head come to a right angle', () => {
    const { facts } = reckon(steps());
    const [side, tread] = facts.sticks;
    expect(side).toMatchObject({ says: 'side', count: 2 });
    expect(side?.lengthMm).toBeCloseTo(Math.hypot(13 * 280, 13 * 192.857) / 12, 2);
    expect((side?.mitreDeg?.[0] ?? 0) + (side?.mitreDeg?.[1] ?? 0)).toBeCloseTo(90, 9);
    expect(tread).toMatchObject({ says: 'tread', count: 13, lengthMm: 75 });
  });

  it('too short a tread reads as a ladder, too long a stride as none; the tread that is offered climbs', () => {
    for (const stepMm of [180, 420]) {
      const { piece, figure } = reckon(steps({ stepMm }));
      const verdict = figure('rise')?.verdict;
      expect(verdict?.level).toBe('doubtful');
      const change = verdict?.waysOut[0]?.change ?? expect.fail('no way out');
      const mended = setAt(piece, change.path, change.value).timber[0] ?? expect.fail();
      expect(reckon(mended).figure('rise')?.verdict?.level).toBe('good');
    }
  });
});

describe('the sticks they are cut from', () => {
  it('hold every piece once, with the saw’s cuts between them', () => {
    const { facts } = reckon(fence({ stockMm: 250, kerfMm: 1 }));
    const { cuts } = facts.nesting;
    expect(cuts.flatMap(({ pieces }) => pieces).sort((a, b) => a - b)).toEqual(
      facts.piecesMm.map((_, i) => i),
    );
    for (const { pieces } of cuts) {
      const long = pieces.reduce((sum, i) => sum + (facts.piecesMm[i] ?? 0), 0) + (pieces.length - 1);
      expect(long).toBeLessThan(250.2);
    }
  });

  it('shorter than the longest piece are a stop, and sticks as long as that do', () => {
    const { piece, figure } = reckon(fence({ stockMm: 80 }));
    const verdict = figure('sticks')?.verdict;
    expect(verdict?.level).toBe('stop');
    const change = verdict?.waysOut[0]?.change ?? expect.fail('no way out');
    const mended = setAt(piece, change.path, change.value).timber[0] ?? expect.fail();
    expect(reckon(mended).figure('sticks')?.verdict?.level).toBe('good');
  });

  it('are glued up on a drawing at true size: measured on it, the fence is as long and high as it is told', () => {
    const timber = fence({ lengthMm: 3600, heightMm: 1200 });
    const drawing = timberDrawing(timber, fenceOf(timber), 12);
    const wood = drawing.items.flatMap((item) => (item.kind === 'area' ? item.outline : []));
    const [left, bottom, right, top] = extentOf(wood);
    expect(right - left).toBeCloseTo(300, 6);
    expect(top - bottom).toBeCloseTo(100, 6);
    const flight = steps({ heightMm: 1320 });
    const side = timberDrawing(flight, stepsOf(flight, 196), 12);
    const [l, b, r, t] = extentOf(side.items.flatMap((item) => (item.kind === 'area' ? item.outline : [])));
    expect(t - b).toBeCloseTo(110, 6);
    // Seven risers have six treads.
    expect(r - l).toBeCloseTo((6 * 280) / 12, 6);
  });
});
