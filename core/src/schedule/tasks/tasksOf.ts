import { addDays, parseISO, startOfDay } from 'date-fns';
import type { Addition, BenchPlan, Route, RouteStep } from '../../piece/index.ts';
import type { OrderGround, StepTime } from '../../route/index.ts';
import { dateOf, minutesOf } from '../hours/windows.ts';
import { exactly, type Holds, type Spread, type Task } from '../network/task.ts';
import { stepsBefore } from './edges.ts';

/** What the tasks of a piece follow from. */
export interface TaskGround {
  readonly route: Route;
  readonly times: ReadonlyMap<string, Pick<StepTime, 'handsMin' | 'handsRange' | 'waitMin' | 'waitRange'>>;
  readonly held: OrderGround;
  readonly additions: readonly Addition[];
  readonly plan: BenchPlan;
  /** Steps that are sprayed. */
  readonly sprayed: ReadonlySet<string>;
  /** Minutes since 1970. */
  readonly now: number;
}

/** Begun, these are gone through with: the oven is hot, the glue sets, the brush is wet. */
const WHOLE: readonly RouteStep['kind'][] = ['bake', 'dry', 'joint', 'fix', 'seal', 'warm'];
const IN_OVEN: readonly RouteStep['kind'][] = ['bake', 'dry'];

const DAY = 1440;
const HOUR = 60;

/** Nothing is waited for longer than ten years: what never dries is told where it is laid. */
const LONGEST = 5_256_000;

const within = (minutes: number): number => (minutes >= 0 ? Math.min(minutes, LONGEST) : 0);

function spread(likely: number, { low, high }: { readonly low: number; readonly high: number }): Spread {
  return {
    quick: within(Math.min(low, likely)),
    likely: within(likely),
    slow: within(Math.max(high, likely)),
  };
}

function holdsOf({ kind }: RouteStep): Holds {
  return IN_OVEN.includes(kind) ? 'oven' : kind === 'joint' ? 'clamp' : 'nothing';
}

/** The id of what was taken on later, among the tasks. */
export const additionTask = (id: string): string => `addition/${id}`;

/** When something ordered is here: as it was ordered, or as if it were today; null for what has come. */
export function comesAt(
  { ordered, came, daysOnWay }: BenchPlan['orders'][number],
  now: number,
): number | null {
  if (came !== null) return null;
  const from = ordered === null ? dateOf(now) : parseISO(ordered);
  return minutesOf(addDays(startOfDay(from), Math.ceil(daysOnWay)));
}

/** The earliest moment by what the maker put there, what is still on its way, and what dries since it was done. */
function notBefore(
  step: RouteStep,
  before: readonly RouteStep[],
  { plan, times, now }: TaskGround,
): number | null {
  const pinned = plan.pinned.filter((one) => one.step === step.id).map((one) => minutesOf(one.notBefore));
  const ordered = plan.orders.flatMap((one) => (one.step === step.id ? (comesAt(one, now) ?? []) : []));
  const dries = before.flatMap(({ id, done }) =>
    done === null ? [] : [minutesOf(done) + (times.get(id)?.waitMin ?? 0)],
  );
  const last = Math.max(...pinned, ...ordered, ...dries, Number.NEGATIVE_INFINITY);
  return last > now ? last : null;
}

/** All that is still to be done to a piece, in the order of its route: its steps, and what was taken on besides. */
export function tasksOf(ground: TaskGround): Task[] {
  const { steps } = ground.route;
  const before = stepsBefore(ground.route, ground.held);
  const places = new Map<number, number>();
  for (const [i, { done }] of steps.entries()) if (done === null) places.set(i, places.size);
  const tasks = steps.flatMap((step, i): Task[] => {
    if (step.done !== null) return [];
    const time = ground.times.get(step.id);
    const own = before[i] ?? [];
    return [
      {
        id: step.id,
        title: step.title,
        hands: time ? spread(time.handsMin, time.handsRange) : exactly(0),
        waits: time ? spread(time.waitMin, time.waitRange) : exactly(0),
        after: own.flatMap((b) => places.get(b) ?? []),
        holds: holdsOf(step),
        isWhole: WHOLE.includes(step.kind),
        sprays: ground.sprayed.has(step.id),
        kind: step.kind,
        alike: [step.kind, ...step.parts],
        notBefore: notBefore(
          step,
          own.flatMap((b) => steps[b] ?? []),
          ground,
        ),
      },
    ];
  });
  return [...tasks, ...ground.additions.filter(({ accepted }) => accepted).map(additionOf)];
}

/** Something taken on later, as a task beside the others. */
export function additionOf({ id, name, hours, waitDays }: Addition): Task {
  return {
    id: additionTask(id),
    title: name,
    hands: exactly(hours * HOUR),
    waits: exactly(waitDays * DAY),
    after: [],
    holds: 'nothing',
    isWhole: false,
    sprays: false,
    kind: null,
    alike: [],
    notBefore: null,
  };
}
