import { describe, expect, it } from 'vitest';
import { seeded } from '../../form/index.ts';
import { BenchTime } from '../hours/benchTime.ts';
import { networkTimes } from '../network/criticalPath.ts';
import type { Task } from '../network/task.ts';
import { pertMean, pertVariance } from '../sure/pert.ts';
import { endIn, howSure, shareBy } from '../sure/sure.ts';
import { faultsOf, openBench, task } from '../testTasks.ts';
import type { Bench } from './bench.ts';
import { criticalChain } from './chain.ts';
import { improvedOrder, placed } from './improve.ts';
import { latestTimes } from './latest.ts';
import { Placer } from './placer.ts';
import { priorityOrders } from './priorities.ts';

/**
 * The construction of a plant, with three estimates of each activity (Hillier and Lieberman, Introduction to Operations
 * Research, chapter on project management; from memory): letter, estimates in weeks, what it waits for.
 */
const PLANT: readonly (readonly [string, number, number, number, string])[] = [
  ['A', 1, 2, 3, ''],
  ['B', 2, 3.5, 8, 'A'],
  ['C', 6, 9, 18, 'B'],
  ['D', 4, 5.5, 10, 'C'],
  ['E', 1, 4.5, 5, 'C'],
  ['F', 4, 4, 10, 'E'],
  ['G', 5, 6.5, 11, 'D'],
  ['H', 5, 8, 17, 'EG'],
  ['I', 3, 7.5, 9, 'C'],
  ['J', 3, 9, 9, 'FI'],
  ['K', 4, 4, 4, 'J'],
  ['L', 1, 5.5, 7, 'J'],
  ['M', 1, 2, 3, 'H'],
  ['N', 5, 5.5, 9, 'KL'],
];
const LETTERS = PLANT.map(([letter]) => letter).join('');
const activities = PLANT.map(([title, quick, likely, slow, after]) => ({
  title,
  duration: pertMean({ quick, likely, slow }),
  after: [...after].map((letter) => LETTERS.indexOf(letter)),
}));

describe('a network of activities', () => {
  it('has the published length, floats and critical path', () => {
    const times = networkTimes(activities);
    expect(Math.max(...times.map(({ earliestFinish }) => earliestFinish))).toBeCloseTo(44, 9);
    const critical = activities
      .filter((_, i) => Math.abs(times[i]?.slack ?? 1) < 1e-9)
      .map(({ title }) => title);
    expect(critical.join('')).toBe('ABCEFJLN');
    // Slack of the others as printed: D 4, G 4, H 4, I 2, K 1, M 4.
    const slackOf = (letter: string) => times[LETTERS.indexOf(letter)]?.slack;
    expect(['D', 'G', 'H', 'I', 'K', 'M'].map(slackOf)).toEqual(
      [4, 4, 4, 2, 1, 4].map((slack) => expect.closeTo(slack, 9)),
    );
  });

  it('has the published means and variances', () => {
    const means = PLANT.map(([, quick, likely, slow]) => pertMean({ quick, likely, slow }));
    expect(means).toEqual([2, 4, 10, 6, 4, 5, 7, 9, 7, 8, 4, 5, 2, 6].map((mean) => expect.closeTo(mean, 9)));
    const critical = PLANT.filter(([letter]) => 'ABCEFJLN'.includes(letter));
    const sum = critical.reduce(
      (all, [, quick, likely, slow]) => all + pertVariance({ quick, likely, slow }),
      0,
    );
    expect(sum).toBeCloseTo(9, 9);
  });

  it('refuses a ring', () => {
    expect(() =>
      networkTimes([
        { title: 'a', duration: 1, after: [1] },
        { title: 'b', duration: 1, after: [0] },
      ]),
    ).toThrow(/ring/);
  });
});

describe('a plan', () => {
  const plant: Task[] = PLANT.map(([id, quick, likely, slow], i) => ({
    ...task(id, 0, 0, activities[i]?.after ?? []),
    waits: { quick, likely, slow },
  }));

  it('that nothing but order bounds takes as long as its network', () => {
    const waits = Float64Array.from(activities, ({ duration }) => duration);
    const end = new Placer(plant, openBench()).place(
      plant.map((_, i) => i),
      new Float64Array(plant.length),
      waits,
    );
    expect(end).toBeCloseTo(44, 9);
  });

  it('is over by week 47 about as often as the published estimate says', () => {
    const sure = howSure(
      plant,
      openBench(),
      plant.map((_, i) => i),
      { runs: 4000, together: 0 },
    );
    // Φ((47 − 44) / 3) = 0.84 on the mean critical path alone; near-critical paths make it a little less.
    expect(shareBy(sure, 47)).toBeGreaterThan(0.7);
    expect(shareBy(sure, 47)).toBeLessThan(0.9);
    // C has by far the widest spread on the path.
    expect(plant[sure.delays[0]?.task ?? -1]?.id).toBe('C');
    expect(endIn(sure, 0.5)).toBeLessThan(endIn(sure, 0.9));
  });

  /** The shortest end over every order that is allowed. */
  function optimum(tasks: readonly Task[], bench: Bench): number {
    const placer = new Placer(tasks, bench);
    const hands = tasks.map((one) => one.hands.likely);
    const waits = tasks.map((one) => one.waits.likely);
    let best = Number.POSITIVE_INFINITY;
    const order: number[] = [];
    const walk = (): void => {
      if (order.length === tasks.length) {
        best = Math.min(best, placer.place(order, hands, waits));
        return;
      }
      tasks.forEach(({ after }, i) => {
        if (order.includes(i) || !after.every((b) => order.includes(b))) return;
        order.push(i);
        walk();
        order.pop();
      });
    };
    walk();
    return best;
  }

  function someTasks(n: number, seed: number): Task[] {
    const random = seeded(seed);
    return Array.from({ length: n }, (_, i) => {
      const after = Array.from({ length: i }, (__, b) => b).filter(() => random() < 1.2 / n);
      const isBake = random() < 0.3;
      return task(
        `t${i}`,
        Math.ceil(5 + 115 * random()),
        isBake || random() < 0.4 ? Math.ceil(240 * random()) : 0,
        after,
        {
          holds: isBake ? 'oven' : 'nothing',
        },
      );
    });
  }

  const evenings = new BenchTime(
    Array.from({ length: 200 }, (_, day) => ({ from: day * 1440 + 1080, to: day * 1440 + 1260 })),
  );
  const eveningBench = openBench({
    time: evenings,
    ovenHours: Array.from({ length: 200 }, (_, day) => ({ from: day * 1440 + 480, to: day * 1440 + 1380 })),
  });

  it.each([1, 2, 3, 4, 5, 6])('of eight steps is the best there is (seed %i)', (seed) => {
    const tasks = someTasks(8, seed);
    for (const bench of [openBench(), eveningBench]) {
      const found = improvedOrder(tasks, bench);
      expect(found.end).toBeCloseTo(optimum(tasks, bench), 6);
      expect(faultsOf(tasks, bench, placed(tasks, bench, found.order))).toEqual([]);
    }
  });

  it('of many steps ends sooner than by any one rule of priority, and breaks nothing', () => {
    for (const seed of [11, 12, 13]) {
      const tasks = someTasks(120, seed);
      const bench = { ...eveningBench, ovens: 2, hands: 2 };
      const rules = priorityOrders(tasks).map(({ order }) => Math.max(...placed(tasks, bench, order).done));
      const found = improvedOrder(tasks, bench, 1500);
      expect(found.end).toBeLessThanOrEqual(Math.min(...rules));
      expect(found.end).toBeLessThan(rules[0] ?? 0);
      expect(faultsOf(tasks, bench, placed(tasks, bench, found.order))).toEqual([]);
    }
  });

  it('fills the wait of a bake with what does not wait for it', () => {
    const tasks = [
      task('bake', 10, 60, [], { holds: 'oven' }),
      task('paint', 20, 0, [0]),
      task('reeds', 45, 0, []),
    ];
    const bench = openBench();
    const plan = placed(tasks, bench, improvedOrder(tasks, bench).order);
    expect([...plan.start]).toEqual([0, 70, 10]);
  });

  it('goes on over evenings, but what is whole is done in one', () => {
    const face = [task('face', 240, 0, [])];
    expect(placed(face, eveningBench, [0]).done[0]).toBe(1440 + 1080 + 60);
    const pour = [task('sand', 120, 0, []), task('pour', 90, 0, [0], { isWhole: true })];
    expect(placed(pour, eveningBench, [0, 1]).start[1]).toBe(1440 + 1080);
  });

  it('bakes one load after the other in one oven, both at once in two', () => {
    const bakes = [task('one', 0, 60, [], { holds: 'oven' }), task('two', 0, 60, [], { holds: 'oven' })];
    expect(Math.max(...placed(bakes, openBench(), [0, 1]).done)).toBe(120);
    expect(Math.max(...placed(bakes, openBench({ ovens: 2 }), [0, 1]).done)).toBe(60);
    expect(criticalChain(bakes, placed(bakes, openBench(), [0, 1]))).toEqual([
      { task: 0, heldBy: 'now' },
      { task: 1, heldBy: 'oven' },
    ]);
  });

  it('sprays only by day, and clamps no more than there are clamps', () => {
    // The bench is open from 18 to 21, spraying ends at 19: 60 bench minutes of every 180.
    const sprayHours = Array.from({ length: 200 }, (_, day) => ({ from: day * 180, to: day * 180 + 60 }));
    const tasks = [task('sand', 50, 0, []), task('prime', 30, 0, [0], { sprays: true })];
    expect(placed(tasks, { ...eveningBench, sprayHours }, [0, 1]).start[1]).toBe(1440 + 1080);
    const joints = [0, 1, 2].map((i) => task(`joint ${i}`, 5, 60, [], { holds: 'clamp' }));
    expect(Math.max(...placed(joints, openBench({ clamps: 1 }), [0, 1, 2]).done)).toBe(185);
    expect(Math.max(...placed(joints, openBench(), [0, 1, 2]).done)).toBe(75);
  });

  it('has its latest starts: begun then, it is over just in time', () => {
    for (const seed of [21, 22, 23]) {
      const tasks = someTasks(20, seed);
      const { order, end } = improvedOrder(tasks, eveningBench);
      const plan = placed(tasks, eveningBench, order);
      const late = latestTimes(tasks, eveningBench, plan, end + 1440);
      expect(faultsOf(tasks, eveningBench, late)).toEqual([]);
      expect(Math.max(...late.done)).toBeLessThanOrEqual(end + 1440);
      late.start.forEach((at, i) => {
        expect(at).toBeGreaterThanOrEqual((plan.start[i] ?? 0) - 0.01);
      });
      // Less by a day, what had a day to spare has none.
      const tight = latestTimes(tasks, eveningBench, plan, end);
      const last = plan.done.indexOf(Math.max(...plan.done));
      expect(tight.start[last]).toBeCloseTo(plan.start[last] ?? 0, 6);
    }
  });

  it('has a chain that leads from now to its end without a gap', () => {
    const tasks = someTasks(40, 31);
    const bench = openBench();
    const plan = placed(tasks, bench, improvedOrder(tasks, bench).order);
    const chain = criticalChain(tasks, plan);
    const end = Math.max(...plan.done);
    expect(plan.done[chain.at(-1)?.task ?? -1]).toBe(end);
    expect(plan.start[chain[0]?.task ?? -1]).toBe(0);
    chain.slice(1).forEach(({ task: at, heldBy }, k) => {
      const before = chain[k]?.task ?? -1;
      const till = heldBy === 'hands' ? plan.handsEnd[before] : plan.done[before];
      const from = heldBy === 'oven' ? plan.waitFrom[at] : plan.start[at];
      expect(Math.abs((from ?? 0) - (till ?? 0))).toBeLessThan(0.01);
    });
  });

  it('has no end where there is nothing to do', () => {
    expect(improvedOrder([], openBench()).end).toBe(0);
    expect(howSure([], openBench(), [], { runs: 10, together: 0 }).ends[0]).toBe(0);
  });
});
