import { startOfDay } from 'date-fns';
import type { Brief } from '../piece/index.ts';
import { figure, type Reckoning, type Term, type Verdict } from '../reckoning/index.ts';
import { RouteLoopError } from '../route/index.ts';
import { NoHoursError } from './errors.ts';
import { SCHEDULE } from './figures.ts';
import { type DayHours, dateOf, minutesOf, type Window } from './hours/windows.ts';
import type { Task } from './network/task.ts';
import type { Bench } from './plan/bench.ts';
import { benchOf, dueAt } from './plan/benchOf.ts';
import { criticalChain, type HeldBy } from './plan/chain.ts';
import { improvedOrder, placed } from './plan/improve.ts';
import { latestTimes } from './plan/latest.ts';
import { benchSays, momentSays } from './words.ts';

/** A step as it lies in the days; times in minutes since 1970. */
export interface PlannedStep {
  readonly id: string;
  readonly title: string;
  readonly start: number;
  readonly handsEnd: number;
  /** Begins to be waited for: in the oven, drying. */
  readonly waitFrom: number;
  readonly done: number;
  readonly handsMin: number;
  /** Sittings at the bench. */
  readonly sittings: readonly Window[];
  /** It may begin so late, and the whole is in time; before now for what is too late. */
  readonly latest: number;
  /** What held it till it began; null for a step that is not on the critical chain. */
  readonly heldBy: HeldBy | null;
  readonly holds: Task['holds'];
  readonly hand: number;
  /** Nothing has to be over before it any more. */
  readonly isReady: boolean;
  readonly sprays: boolean;
  /** Steps that must be over before it, by id. */
  readonly after: readonly string[];
}

/** What is known of when a piece is done, as plain data. */
export interface ScheduleFacts {
  /** In the order in which they begin. */
  readonly steps: readonly PlannedStep[];
  /** Minutes since 1970. */
  readonly now: number;
  readonly end: number;
  readonly due: number | null;
  /** How much too late, or how much there is to spare when negative: bench hours where it lacks those, min; null where not due. */
  readonly lateMin: number | null;
  /** Time at the bench till the end and till it is due. */
  readonly bench: readonly Window[];
  /** Hours a day are not told: those of the handbook stand in. */
  readonly isAbout: boolean;
  /** Why nothing can be put on a day; null where it can. */
  readonly says: string | null;
}

/** The schedule with what others reckon on from. */
export interface Scheduled extends ScheduleFacts {
  readonly network: Network | null;
  readonly figures: readonly Reckoning[];
}

/** Tasks, the bench for them, and the order they are taken in. */
export interface Network {
  readonly tasks: readonly Task[];
  readonly bench: Bench;
  readonly hours: DayHours;
  readonly order: Int32Array;
  readonly brief: Brief;
}

const DAY = 1440;
const HOUR = 60;
/** With less than this share of the bench hours to spare it is only just in time. */
const TIGHT = 0.1;
/** So much of the days after it is over and due is shown too, min. */
const SHOWN_AFTER = 5 * DAY;
/** More time at the bench is not handed out than is looked at. */
const MOST_WINDOWS = 400;

/** How much later an end is than a deadline: time at the bench that lacks, or where it is none, time; negative for what is to spare. */
export function lateBy({ time }: Bench, end: number, due: number): number {
  const bench = time.gone(end) - time.gone(due);
  return bench !== 0 || end === due ? bench : end - due;
}

function sittingsOf({ time }: Bench, from: number, to: number): Window[] {
  const found: Window[] = [];
  if (to <= from) return found;
  for (let window = time.windowAt(from); window <= time.windowAt(to, true); window += 1) {
    const [begins, ends] = time.edges(window);
    const [a, b] = [Math.max(from, begins), Math.min(to, ends)];
    if (b > a) found.push({ from: time.moment(a), to: time.moment(b, true) });
  }
  return found;
}

function stepsOf({ tasks, bench, order }: Network, due: number | null): PlannedStep[] {
  const plan = placed(tasks, bench, order);
  const end = Math.max(bench.now, ...plan.done);
  const late = latestTimes(tasks, bench, plan, due ?? end);
  const chain = new Map(criticalChain(tasks, plan).map(({ task, heldBy }) => [task, heldBy]));
  const at = (list: Float64Array | Int16Array, i: number) => list[i] as number;
  return tasks
    .map(
      ({ id, title, hands, holds, after, sprays, notBefore }, i): PlannedStep => ({
        id,
        title,
        start: at(plan.start, i),
        handsEnd: at(plan.handsEnd, i),
        waitFrom: at(plan.waitFrom, i),
        done: at(plan.done, i),
        handsMin: hands.likely,
        sittings: sittingsOf(bench, at(plan.from, i), at(plan.to, i)),
        latest: at(late.start, i),
        heldBy: chain.get(i) ?? null,
        holds,
        hand: at(plan.hand, i),
        isReady: after.length === 0 && notBefore === null,
        sprays,
        after: after.flatMap((b) => tasks[b]?.id ?? []),
      }),
    )
    .sort((a, b) => a.start - b.start || a.done - b.done);
}

function judge({ end, now, lateMin, due }: ScheduleFacts, left: number): Verdict | undefined {
  if (lateMin === null || due === null) return undefined;
  const on = momentSays(end, now);
  const margin = { value: -lateMin / HOUR, unit: 'h' } as const;
  if (lateMin > 0)
    return {
      level: 'stop',
      wording: 'state',
      says: `over ${on}, ${benchSays(lateMin)} of bench time too late`,
      margin,
      waysOut: [
        { says: 'let something go: the list at Bench has the cheapest first' },
        { says: 'more hours, or a later day' },
      ],
    };
  const spare = `over ${on}, ${benchSays(lateMin)} of bench time to spare`;
  return -lateMin < TIGHT * left
    ? {
        level: 'doubtful',
        wording: 'state',
        says: `${spare}: one slow evening and it is late`,
        margin,
        waysOut: [{ says: 'look what makes it late, at Bench' }],
      }
    : { level: 'good', wording: 'state', says: spare, margin, waysOut: [] };
}

function nothing(says: string | null, now: number, due: number | null, isAbout: boolean): Scheduled {
  return {
    steps: [],
    now,
    end: now,
    due,
    lateMin: null,
    bench: [],
    isAbout,
    says,
    network: null,
    figures: [],
  };
}

function term(symbol: string, name: string, days: number, says: string): Term {
  return { symbol, name, quantity: { value: days, unit: 'days' }, origin: { kind: 'shape', says } };
}

/** Minutes since 1970 to days from this morning, 0:00: its whole part is the number of nights. */
const inDays = (at: number, now: number): number => (at - minutesOf(startOfDay(dateOf(now)))) / DAY;

function figuresOf(facts: ScheduleFacts, bench: Bench): Reckoning[] {
  const { steps, end, now, due } = facts;
  const last = steps.reduce<PlannedStep | null>(
    (most, one) => (!most || one.done > most.done ? one : most),
    null,
  );
  const verdict = judge(facts, due === null ? 0 : bench.time.gone(due));
  const chain = steps.filter(({ heldBy }) => heldBy !== null);
  const first = steps.reduce<PlannedStep | null>(
    (least, one) => (!least || one.latest < least.latest ? one : least),
    null,
  );
  return [
    figure(SCHEDULE.done, {
      part: null,
      value: inDays(end, now),
      terms: [
        term(
          'e',
          `End of “${last?.title ?? ''}”`,
          inDays(end, now),
          chain.map(({ title }) => title).join(' → '),
        ),
      ],
      ...(verdict ? { verdict } : {}),
      ...(facts.isAbout ? { note: 'by hours a day that nobody has told: enter them at Bench' } : {}),
    }),
    ...(due === null || !first
      ? []
      : [
          figure(SCHEDULE.begin, {
            part: null,
            value: inDays(first.latest, now),
            terms: [
              term(
                's',
                `Latest start of “${first.title}”`,
                inDays(first.latest, now),
                `back from ${momentSays(due, now)}, by the same hands and oven`,
              ),
            ],
          }),
        ]),
  ];
}

/** Time at the bench from now till a moment, as much as is looked at. */
export function windowsTill({ time }: Bench, until: number): Window[] {
  return time.windows.filter(({ from }) => from < until).slice(0, MOST_WINDOWS);
}

/**
 * When everything that is still to be done is done: each step on its days, the latest it may begin, and what it all hangs on.
 *
 * @param hours hours at the bench; `isAbout` where they stand in for what nobody has told
 * @param now minutes since 1970
 */
export function reckonSchedule(
  tasks: readonly Task[],
  hours: DayHours,
  brief: Brief,
  now: number,
  isAbout: boolean,
): Scheduled {
  const due = dueAt(brief, hours);
  if (tasks.length === 0) return nothing(null, now, due, isAbout);
  try {
    const bench = benchOf(tasks, hours, now);
    const { order, end } = improvedOrder(tasks, bench);
    const network = { tasks, bench, hours, order, brief };
    const facts: ScheduleFacts = {
      steps: stepsOf(network, due),
      now,
      end,
      due,
      lateMin: due === null ? null : lateBy(bench, end, due),
      bench: windowsTill(bench, Math.max(end, due ?? end) + SHOWN_AFTER),
      isAbout,
      says: null,
    };
    return { ...facts, network, figures: figuresOf(facts, bench) };
  } catch (error) {
    if (!(error instanceof NoHoursError || error instanceof RouteLoopError)) throw error;
    return nothing(error.message, now, due, isAbout);
  }
}
