import { DEFAULT_BENCH_PLAN } from '@every-inch/core/piece';
import {
  type BenchPiece,
  benchOf,
  howSure,
  improvedOrder,
  planTogether,
  type Task,
} from '@every-inch/core/schedule';
import type { Line } from './run.ts';
import { timed } from './yardstick.ts';

const NOW = Date.parse('2026-05-01T09:00:00Z') / 60_000;
const HOURS = { usual: 4, plan: { ...DEFAULT_BENCH_PLAN, ovens: 2, hands: 1 } };
const STEPS = 400;
const RUNS = 2000;

/** Steps that each wait for one to three of the dozen before, every eighth in an oven, of a fixed seed (Numerical Recipes). */
function steps(count: number, seed: number): Task[] {
  let state = seed;
  const random = (most: number) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return Math.floor((state / 2 ** 32) * most);
  };
  const spread = (likely: number) => ({ quick: likely * 0.7, likely, slow: likely * 1.8 });
  return Array.from({ length: count }, (_, i): Task => {
    const isBake = i % 8 === 7;
    return {
      id: `step-${i}`,
      title: `step ${i}`,
      hands: spread(5 + random(30)),
      waits: spread(isBake ? 45 : random(4) === 0 ? 60 + random(600) : 0),
      after:
        i === 0
          ? []
          : [...new Set(Array.from({ length: 1 + random(3) }, () => Math.max(0, i - 1 - random(12))))],
      holds: isBake ? 'oven' : 'nothing',
      isWhole: isBake,
      sprays: false,
      kind: isBake ? 'bake' : 'detail',
      alike: [isBake ? 'bake' : 'detail', `part-${i % 9}`],
      notBefore: null,
    };
  });
}

/** A schedule of 400 steps with two ovens, one step of it dragged, three pieces on one bench. */
export function scheduleLines(yardstick: number): Line[] {
  const told = (ms: number) => `${ms.toFixed(0)} ms (${(ms / yardstick).toFixed(1)} yardsticks)`;
  const tasks = steps(STEPS, 21);
  const first = timed(3, () => improvedOrder(tasks, benchOf(tasks, HOURS, NOW), 0));
  const good = timed(3, () => improvedOrder(tasks, benchOf(tasks, HOURS, NOW)));
  const best = timed(1, () => improvedOrder(tasks, benchOf(tasks, HOURS, NOW), 3000));
  const dragged = tasks.map((task, i) => (i === 40 ? { ...task, notBefore: NOW + 3 * 1440 } : task));
  const moved = timed(3, () => improvedOrder(dragged, benchOf(dragged, HOURS, NOW)));
  const bench = benchOf(tasks, HOURS, NOW);
  const { order } = improvedOrder(tasks, bench);
  const sure = timed(1, () =>
    howSure(tasks, bench, order, { runs: RUNS, together: 0.3, measure: (at) => bench.time.gone(at) }),
  );
  const pieces = [1, 2, 3].map((seed): BenchPiece => {
    const own = steps(Math.round(STEPS / 3), seed);
    const plan = improvedOrder(own, benchOf(own, HOURS, NOW));
    return {
      id: `${seed}`,
      name: `${seed}`,
      tasks: own,
      order: [...plan.order],
      due: null,
      says: null,
    };
  });
  const together = timed(3, () => planTogether(pieces, HOURS, NOW));
  return [
    { what: `${STEPS} steps, two ovens: a first schedule`, got: told(first), aim: 'at most 200 ms' },
    { what: 'The same, improved as it is shown', got: told(good), aim: 'at most 2 000 ms' },
    { what: 'The same, 3000 moves tried', got: told(best), aim: 'at most 2 000 ms' },
    { what: 'A step of it dragged three days on', got: told(moved), aim: 'at most 100 ms' },
    { what: `${RUNS} runs of it: how sure the day is`, got: told(sure), aim: 'at most 1 000 ms' },
    {
      what: 'Three pieces of 133 steps on one bench, all orders',
      got: told(together),
      aim: 'at most 200 ms',
    },
  ];
}
