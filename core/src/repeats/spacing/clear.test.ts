import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bestFirst, clearances, readTaken } from './clear.ts';
import { courseOf } from './curves.ts';
import { type DivideAsk, divided } from './marks.ts';

const ASK: DivideAsk = { n: 6, pitchMm: null, firstMm: 0, endMm: 0, by: 'length', rows: 1 };
const LINE = courseOf({ kind: 'line', lengthMm: 100 });
const CIRCLE = courseOf({ kind: 'circle', acrossMm: 100 / Math.PI });

describe('marks clear of what is there', () => {
  it('reads places and stretches as they are written', () => {
    expect(readTaken('12 to 18, 40', 'mm')).toEqual({
      ok: true,
      taken: [
        { fromMm: 12, toMm: 18 },
        { fromMm: 40, toMm: 40 },
      ],
    });
    expect(readTaken('1.5 cm – 2 cm; 9-3', 'mm')).toEqual({
      ok: true,
      taken: [
        { fromMm: 15, toMm: 20 },
        { fromMm: 3, toMm: 9 },
      ],
    });
    expect(readTaken('', 'mm')).toEqual({ ok: true, taken: [] });
    expect(readTaken('1-2-3', 'mm')).toMatchObject({
      ok: false,
      says: expect.stringMatching(/write 12 to 18/),
    });
    expect(readTaken('50 to', 'mm')).toMatchObject({
      ok: false,
      says: expect.stringMatching(/“50 to” is no place/),
    });
    expect(readTaken('here', 'mm').ok).toBe(false);
  });

  it('is the distance to the nearest end, and nothing within', () => {
    // Marks at 0, 20, 40, 60, 80, 100.
    const found = divided(LINE, ASK);
    expect(clearances(found, [{ fromMm: 18, toMm: 33 }])).toEqual([18, 0, 7, 27, 47, 67]);
    expect(clearances(found, [])).toEqual([Infinity, Infinity, Infinity, Infinity, Infinity, Infinity]);
  });

  it('round a closed line the end lies beside the beginning', () => {
    const found = divided(CIRCLE, { ...ASK, n: 4 });
    expect(clearances(found, [{ fromMm: 97, toMm: 98 }])[0]).toBeCloseTo(2, 1);
  });

  it('the best first mark of one thing on a closed line is half a pitch from it', () => {
    const best = bestFirst(CIRCLE, { ...ASK, n: 5 }, [{ fromMm: 3, toMm: 3 }]);
    // A pitch of 20: the farthest any mark can keep from one point is 10.
    expect(best?.clearMm).toBeCloseTo(10, 0);
    expect(best?.firstMm).toBeCloseTo(13, 0);
    expect(bestFirst(CIRCLE, ASK, [])).toBeNull();
  });

  it('no other first mark keeps farther away', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 9 }),
        fc.array(fc.tuple(fc.integer({ min: 0, max: 90 }), fc.integer({ min: 0, max: 6 })), {
          minLength: 1,
          maxLength: 3,
        }),
        fc.integer({ min: 0, max: 49 }),
        (n, things, other) => {
          const taken = things.map(([fromMm, long]) => ({ fromMm, toMm: fromMm + long }));
          const best = bestFirst(CIRCLE, { ...ASK, n }, taken);
          const pitch = 100 / n;
          const at = divided(CIRCLE, { ...ASK, n, firstMm: (other / 50) * pitch });
          expect(Math.min(...clearances(at, taken))).toBeLessThanOrEqual(
            (best?.clearMm ?? 0) + pitch / 240 + 0.02,
          );
        },
      ),
      { numRuns: 200 },
    );
  });
});
