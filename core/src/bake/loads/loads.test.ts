import Highs from 'highs';
import { describe, expect, it } from 'vitest';
import { type LoadItem, type OvenFloor, planLoads } from './index.ts';

const FLOOR: OvenFloor = { widthMm: 300, depthMm: 200, gapMm: 0 };
const item = (id: number, over: Partial<LoadItem> = {}): LoadItem => ({
  id: `${id}`,
  name: `${id}`,
  widthMm: 100,
  depthMm: 200,
  lowC: 130,
  highC: 135,
  minutes: 20,
  ...over,
});

/** A fixed row of pseudo-random numbers (linear congruential, Numerical Recipes). */
function dice(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** Fewest bins for widths in a bin, by HiGHS. */
async function fewestBins(widths: readonly number[], bin: number): Promise<number> {
  const highs = await Highs();
  const n = widths.length;
  const rows = [
    ...widths.map((_, i) => ` one${i}: ${widths.map((_w, b) => `x${i}_${b}`).join(' + ')} = 1`),
    ...widths.map(
      (_, b) => ` fit${b}: ${widths.map((w, i) => `${w} x${i}_${b}`).join(' + ')} - ${bin} y${b} <= 0`,
    ),
  ];
  const names = [
    ...Array.from({ length: n }, (_, b) => `y${b}`),
    ...widths.flatMap((_, i) => widths.map((_w, b) => `x${i}_${b}`)),
  ];
  const model = [
    'Minimize',
    ` obj: ${Array.from({ length: n }, (_, b) => `y${b}`).join(' + ')}`,
    'Subject To',
    ...rows,
    'Binary',
    ` ${names.join(' ')}`,
    'End',
  ].join('\n');
  return Math.round(highs.solve(model).ObjectiveValue);
}

describe('loads of an oven', () => {
  it('three that fill the floor are one load, four are two', () => {
    expect(
      planLoads(
        [1, 2, 3].map((n) => item(n)),
        FLOOR,
      ).loads,
    ).toHaveLength(1);
    const four = planLoads(
      [1, 2, 3, 4].map((n) => item(n)),
      FLOOR,
    );
    expect(four.loads).toHaveLength(2);
    expect(four.atLeast).toBe(2);
  });

  it('clays whose windows do not meet go in apart; those that meet share the lower heat', () => {
    const firm = item(2, { lowC: 110, highC: 120 });
    const plan = planLoads([item(1), firm], FLOOR);
    expect(plan.loads.map(({ lowC, highC }) => [lowC, highC]).sort()).toEqual([
      [110, 120],
      [130, 135],
    ]);
    expect(plan.atLeast).toBe(2);
    const wide = item(3, { lowC: 115, highC: 132 });
    expect(planLoads([item(1), wide], FLOOR).loads[0]).toMatchObject({ lowC: 130, highC: 132 });
  });

  it('long bakes share a load rather than hold two up', () => {
    const items = [60, 10, 60, 10].map((minutes, n) => item(n, { widthMm: 150, minutes }));
    const plan = planLoads(items, FLOOR);
    expect(plan.loads.map(({ minutes }) => minutes).sort((a, b) => a - b)).toEqual([10, 60]);
  });

  it('what is larger than the floor is left, and the rest is planned', () => {
    const plan = planLoads([item(1), item(2, { widthMm: 400, depthMm: 250 })], FLOOR);
    expect(plan.left.map(({ id }) => id)).toEqual(['2']);
    expect(plan.loads).toHaveLength(1);
    expect(planLoads([], FLOOR)).toEqual({ loads: [], left: [], atLeast: 0 });
  });

  it('as few as HiGHS for rows of things as deep as the oven, 12 fixed seeds', async () => {
    for (let seed = 1; seed <= 12; seed += 1) {
      const roll = dice(seed);
      const widths = Array.from({ length: 3 + Math.floor(roll() * 5) }, () => 210 + Math.floor(roll() * 300));
      // Deeper than half the oven, and too long to turn: they lie side by side or not at all.
      const floor: OvenFloor = { widthMm: 600, depthMm: 200, gapMm: 0 };
      const items = widths.map((widthMm, n) => item(n, { widthMm, depthMm: 150 }));
      const want = await fewestBins(widths, 600);
      expect(planLoads(items, floor).loads.length, `seed ${seed}`).toBe(want);
    }
  });

  it('forty things: sound, within one load in four of the bound', () => {
    const roll = dice(40);
    const items = Array.from({ length: 40 }, (_, n) =>
      item(n, {
        widthMm: 20 + roll() * 90,
        depthMm: 20 + roll() * 90,
        minutes: 5 + roll() * 40,
        ...(roll() < 0.3 && { lowC: 110, highC: 120 }),
      }),
    );
    const floor = { ...FLOOR, gapMm: 10 };
    const { loads, atLeast } = planLoads(items, floor);
    expect(loads.flatMap(({ placed }) => placed.map((one) => one.item.id)).sort()).toEqual(
      items.map(({ id }) => id).sort(),
    );
    expect(loads.length).toBeLessThanOrEqual(Math.ceil(atLeast * 1.25) + 1);
    for (const { placed, lowC, highC } of loads) {
      expect(lowC).toBeLessThanOrEqual(highC);
      for (const [i, a] of placed.entries())
        for (const b of placed.slice(i + 1)) {
          const apart =
            a.at[0] + a.widthMm + 10 <= b.at[0] + 1e-6 ||
            b.at[0] + b.widthMm + 10 <= a.at[0] + 1e-6 ||
            a.at[1] + a.depthMm + 10 <= b.at[1] + 1e-6 ||
            b.at[1] + b.depthMm + 10 <= a.at[1] + 1e-6;
          expect(apart).toBe(true);
        }
    }
  });
});
