import { describe, expect, it } from 'vitest';
import { reckonedOne } from '../../armature/testContext.ts';
import { practicesAsk } from './practices.ts';
import { planOfPiece } from './reckoners.ts';

/** What common practice would do to a ball of a thickness, solid and by itself. */
function ballOf(diameterMm: number) {
  const { given } = reckonedOne(
    { kind: 'ball', diameterMm },
    { sized: 'miniature', core: { kind: 'none', skinMm: null, packed: 'balled' } },
  );
  const load = given
    .piece(planOfPiece)
    .bakes.flatMap(({ loads }) => loads)
    .at(-1);
  if (!load) throw new Error('no load');
  return { load, seen: practicesAsk.answer(given, { load: load.id }), given };
}

describe('bake times of common practice', () => {
  it('135 °C for 15 min cures what is thin and leaves a thick ball raw inside', () => {
    const at = (mm: number) => ballOf(mm).seen.find(({ says }) => says === '135 °C, 15 min');
    const shares = [4, 12, 24].map((mm) => at(mm)?.cured ?? 0);
    expect([...shares].sort((a, b) => b - a)).toEqual(shares);
    expect(shares[2]).toBeLessThan(0.2);
  });

  it('20 min a quarter inch goes by the thickness, whatever the heat', () => {
    const row = ballOf(12.7).seen.find(({ says }) => says === '20 min a quarter inch');
    expect(row?.minutes).toBeCloseTo(40, 1);
  });

  it('at the heat of the load and its own minutes it says what the load says', () => {
    const { load, seen } = ballOf(12);
    const thirty = seen.find(({ says }) => says === '30 min');
    const [window] = load.parts;
    const cold = window?.curves.cold.leastCured[30] ?? 0;
    expect(thirty?.atC).toBe(load.oven.meanC);
    expect(thirty?.cured).toBeCloseTo(Math.min(1, cold), 9);
  });

  it('a load that is not there has none', () => {
    expect(practicesAsk.answer(ballOf(12).given, { load: 'none' })).toEqual([]);
  });
});
