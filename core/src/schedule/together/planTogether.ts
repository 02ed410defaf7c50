import type { StepKind } from '../../piece/index.ts';
import { NoHoursError } from '../errors.ts';
import type { DayHours, Window } from '../hours/windows.ts';
import type { Task } from '../network/task.ts';
import { benchOf } from '../plan/benchOf.ts';
import { placed } from '../plan/improve.ts';
import { lateBy, type PlannedStep, windowsTill } from '../reckonSchedule.ts';

/** A piece as the bench sees it: what is still to be done to it, and by when. */
export interface BenchPiece {
  readonly id: string;
  readonly name: string;
  readonly tasks: readonly Task[];
  /** An order of the tasks that is good for the piece alone. */
  readonly order: readonly number[];
  /** Minutes since 1970; null for what is not due. */
  readonly due: number | null;
  /** Why nothing of it can be put on a day; null where it can. */
  readonly says: string | null;
}

/** A step among those of all pieces; times in minutes since 1970. */
export type SharedStep = Pick<
  PlannedStep,
  'id' | 'title' | 'start' | 'handsEnd' | 'waitFrom' | 'done' | 'holds'
>;

/** One piece of several on the same bench. */
export interface SharedPiece extends Pick<BenchPiece, 'id' | 'name' | 'due' | 'says'> {
  /** When it were over with the same bench to itself, minutes since 1970. */
  readonly alone: number;
  /** When its last step is over. */
  readonly end: number;
  /** How much too late, min; negative for what is to spare; null where it is not due. */
  readonly lateMin: number | null;
  /** In the order in which they begin. */
  readonly steps: readonly SharedStep[];
}

/** Work of one kind that waits in several pieces: done in one go, the tools are out and the hands are in it. */
export interface OneGo {
  readonly kind: StepKind;
  readonly pieces: readonly string[];
  readonly steps: number;
  readonly handsMin: number;
}

/** All pieces on one bench. */
export interface Together {
  /** The one that goes first where two want the same hands, first. */
  readonly pieces: readonly SharedPiece[];
  readonly now: number;
  readonly end: number;
  readonly bench: readonly Window[];
  readonly oneGo: readonly OneGo[];
  /** Why nothing can be put on a day; null where it can. */
  readonly says: string | null;
}

/** Kinds that say nothing of what is done: one is not like another. */
const OF_ITS_OWN: readonly StepKind[] = ['other', 'bake', 'cool', 'joint', 'assemble'];

/** Up to so many pieces every order of them is tried; of more, that of the days they are due. */
const TRIED = 5;

/** All orders of some things; the one they are in first. */
export function ordersOf<T>(things: readonly T[]): T[][] {
  if (things.length < 2) return [[...things]];
  return things.flatMap((first, i) =>
    ordersOf([...things.slice(0, i), ...things.slice(i + 1)]).map((rest) => [first, ...rest]),
  );
}

interface Joined {
  readonly tasks: readonly Task[];
  /** Place of each piece’s first task. */
  readonly from: ReadonlyMap<string, number>;
}

/** The tasks of all pieces in one list; what one waits for stays its own. */
function joined(pieces: readonly BenchPiece[]): Joined {
  const tasks: Task[] = [];
  const from = new Map<string, number>();
  for (const piece of pieces) {
    const first = tasks.length;
    from.set(piece.id, first);
    for (const task of piece.tasks)
      tasks.push({ ...task, id: `${piece.id}/${task.id}`, after: task.after.map((b) => b + first) });
  }
  return { tasks, from };
}

function oneGoOf(pieces: readonly BenchPiece[]): OneGo[] {
  const kinds = new Map<StepKind, { pieces: Set<string>; steps: number; handsMin: number }>();
  for (const { name, tasks } of pieces)
    for (const { kind, after, hands, notBefore } of tasks) {
      if (
        kind === null ||
        OF_ITS_OWN.includes(kind) ||
        after.length > 0 ||
        notBefore !== null ||
        hands.likely <= 0
      )
        continue;
      const known = kinds.get(kind) ?? { pieces: new Set(), steps: 0, handsMin: 0 };
      known.pieces.add(name);
      known.steps += 1;
      known.handsMin += hands.likely;
      kinds.set(kind, known);
    }
  return [...kinds]
    .filter(([, { pieces: of }]) => of.size > 1)
    .map(([kind, { pieces: of, steps, handsMin }]) => ({ kind, pieces: [...of], steps, handsMin }))
    .sort((a, b) => b.steps - a.steps);
}

/**
 * Lays several pieces out on one bench: hands, ovens and days are shared, and what one waits for is filled with the others.
 * Which of them goes first where they want the same hands is what costs least: the fewest hours too late over all of them, and
 * then the least sum of their ends.
 *
 * @param hours hours at the bench, for all of them
 * @param now minutes since 1970
 */
export function planTogether(all: readonly BenchPiece[], hours: DayHours, now: number): Together {
  const pieces = all.filter(({ tasks }) => tasks.length > 0);
  const { tasks, from } = joined(pieces);
  const nothing = (says: string | null): Together => ({
    pieces: [],
    now,
    end: now,
    bench: [],
    oneGo: [],
    says,
  });
  if (tasks.length === 0) return nothing(null);
  try {
    const bench = benchOf(tasks, hours, now);
    const byDue = [...pieces].sort(
      (a, b) => (a.due ?? Number.POSITIVE_INFINITY) - (b.due ?? Number.POSITIVE_INFINITY) || 0,
    );
    const tried = (byDue.length <= TRIED ? ordersOf(byDue) : [byDue]).map((first) => {
      const order = first.flatMap((piece) => piece.order.map((i) => i + (from.get(piece.id) ?? 0)));
      const plan = placed(tasks, bench, order);
      const ends = first.map(({ id, tasks: own }) => {
        const at = from.get(id) ?? 0;
        return Math.max(...plan.done.subarray(at, at + own.length));
      });
      const late = first.reduce(
        (sum, { due }, i) => sum + (due === null ? 0 : Math.max(0, lateBy(bench, ends[i] ?? now, due))),
        0,
      );
      return { first, plan, ends, late, sum: ends.reduce((sum, end) => sum + (end - now), 0) };
    });
    const best = tried.reduce((a, b) => (b.late < a.late || (b.late === a.late && b.sum < a.sum) ? b : a));
    const end = Math.max(...best.ends);
    return {
      pieces: best.first.map(({ id, name, due, says, tasks: own, order }, i): SharedPiece => {
        const at = from.get(id) ?? 0;
        const ends = best.ends[i] ?? now;
        return {
          id,
          name,
          due,
          alone: Math.max(...placed(own, benchOf(own, hours, now), order).done),
          says,
          end: ends,
          lateMin: due === null ? null : lateBy(bench, ends, due),
          steps: own
            .map(
              ({ id: step, title, holds }, k): SharedStep => ({
                id: step,
                title,
                start: best.plan.start[at + k] as number,
                handsEnd: best.plan.handsEnd[at + k] as number,
                waitFrom: best.plan.waitFrom[at + k] as number,
                done: best.plan.done[at + k] as number,
                holds,
              }),
            )
            .sort((a, b) => a.start - b.start || a.done - b.done),
        };
      }),
      now,
      end,
      bench: windowsTill(bench, Math.max(end, ...pieces.flatMap(({ due }) => due ?? []))),
      oneGo: oneGoOf(pieces),
      says: null,
    };
  } catch (error) {
    if (!(error instanceof NoHoursError)) throw error;
    return nothing(error.message);
  }
}
