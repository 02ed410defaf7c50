import {
  DEFAULT_DECISION,
  type Decision,
  newId,
  type PartId,
  type Piece,
  type Route,
  removePart,
} from '../../piece/index.ts';
import { changeStep, removeStep } from '../../route/index.ts';
import type { DayHours } from '../hours/windows.ts';
import type { Task } from '../network/task.ts';
import { additionTask } from '../tasks/tasksOf.ts';

/** Minutes at the bench that a step then takes. */
export interface Shorter {
  readonly step: string;
  readonly handsMin: number;
}

/** What is let go, or added to the bench, for the sake of the day it is due; plain data. */
export type Taking =
  | { readonly kind: 'without'; readonly steps: readonly string[] }
  | { readonly kind: 'shorter'; readonly steps: readonly Shorter[] }
  | {
      readonly kind: 'fewer';
      readonly part: PartId;
      readonly count: number;
      readonly steps: readonly Shorter[];
    }
  | { readonly kind: 'bought'; readonly part: PartId; readonly steps: readonly string[] }
  | { readonly kind: 'left-out'; readonly part: PartId; readonly steps: readonly string[] }
  | { readonly kind: 'addition'; readonly addition: string }
  | { readonly kind: 'hours'; readonly perDay: number }
  | { readonly kind: 'day-off'; readonly day: string }
  | { readonly kind: 'help'; readonly hands: number };

/** What is still to be done, and the hours there are for it. */
export interface Work {
  readonly tasks: readonly Task[];
  readonly hours: DayHours;
}

/** Tasks without some; what waited for those waits for what they waited for. */
export function withoutTasks(tasks: readonly Task[], gone: ReadonlySet<string>): Task[] {
  const before = tasks.map(({ after }) => new Set(after));
  tasks.forEach(({ id }, i) => {
    if (!gone.has(id)) return;
    for (const later of before) if (later.delete(i)) for (const b of before[i] ?? []) later.add(b);
  });
  const places = new Map<number, number>();
  for (const [i, { id }] of tasks.entries()) if (!gone.has(id)) places.set(i, places.size);
  return tasks.flatMap((task, i) =>
    gone.has(task.id) ? [] : [{ ...task, after: [...(before[i] ?? [])].flatMap((b) => places.get(b) ?? []) }],
  );
}

function shortened(tasks: readonly Task[], steps: readonly Shorter[]): Task[] {
  const to = new Map(steps.map(({ step, handsMin }) => [step, handsMin]));
  return tasks.map((task) => {
    const handsMin = to.get(task.id);
    if (handsMin === undefined) return task;
    const share = task.hands.likely > 0 ? handsMin / task.hands.likely : 1;
    const { quick, slow } = task.hands;
    return { ...task, hands: { quick: quick * share, likely: handsMin, slow: slow * share } };
  });
}

/** Every day of the week with so many hours, those that have none left free. */
const moreHours = ({ usual, plan }: DayHours, perDay: number): DayHours => ({
  usual: perDay,
  plan: {
    ...plan,
    week: plan.week.map((one) => (one.hours > 0 ? { ...one, hours: one.hours + perDay - usual } : one)),
  },
});

/** The work that is left when something is let go. */
export function workAfter({ tasks, hours }: Work, taking: Taking): Work {
  switch (taking.kind) {
    case 'without':
    case 'bought':
    case 'left-out':
      return { tasks: withoutTasks(tasks, new Set(taking.steps)), hours };
    case 'shorter':
    case 'fewer':
      return { tasks: shortened(tasks, taking.steps), hours };
    case 'addition':
      return { tasks: withoutTasks(tasks, new Set([additionTask(taking.addition)])), hours };
    case 'hours':
      return { tasks, hours: moreHours(hours, taking.perDay) };
    case 'day-off':
      return {
        tasks,
        hours: { ...hours, plan: { ...hours.plan, off: withoutDay(hours.plan.off, taking.day) } },
      };
    case 'help':
      return { tasks, hours: { ...hours, plan: { ...hours.plan, hands: taking.hands } } };
  }
}

const withoutDay = (off: Piece['bench']['off'], day: string): Piece['bench']['off'] =>
  off.filter((one) => one.of !== 'bench' || one.day !== day);

function routeAfter(route: Route, taking: Taking): Route {
  switch (taking.kind) {
    case 'without':
      return taking.steps.reduce(removeStep, route);
    case 'shorter':
      return taking.steps.reduce(
        (to, { step, handsMin }) => changeStep(to, step, { handsMin: Math.round(handsMin) }),
        route,
      );
    default:
      return route;
  }
}

function pieceAfter(piece: Piece, route: Route, taking: Taking, usual: number): Piece {
  const { bench } = piece;
  switch (taking.kind) {
    case 'without':
    case 'shorter':
      return { ...piece, route: routeAfter(route, taking) };
    case 'fewer':
    case 'bought': {
      const change = taking.kind === 'fewer' ? { count: taking.count } : { state: 'painted' as const };
      return {
        ...piece,
        parts: piece.parts.map((part) => (part.id === taking.part ? { ...part, ...change } : part)),
      };
    }
    case 'left-out':
      return removePart(piece, taking.part);
    case 'addition':
      return {
        ...piece,
        additions: piece.additions.map((one) =>
          one.id === taking.addition ? { ...one, accepted: false } : one,
        ),
      };
    case 'hours': {
      const { plan } = moreHours({ usual, plan: bench }, taking.perDay);
      return { ...piece, brief: { ...piece.brief, hoursPerDay: taking.perDay }, bench: plan };
    }
    case 'day-off':
      return { ...piece, bench: { ...bench, off: withoutDay(bench.off, taking.day) } };
    case 'help':
      return { ...piece, bench: { ...bench, hands: taking.hands } };
  }
}

/** What was let go, remembered among the decisions. */
function decisionOf(says: string, loses: string, now: string): Decision {
  const answer = `for the day it is due: ${loses}`;
  return {
    ...DEFAULT_DECISION,
    id: newId('let go'),
    question: says,
    answer,
    before: 'hand-over',
    settled: now,
    settledAs: answer,
  };
}

/**
 * A piece in which something is let go, with the decision written down.
 *
 * @param route the route as it stands, the maker’s own or the proposed one
 * @param usual hours a day at the bench as they stand
 * @param now ISO
 */
export function takeCut(
  piece: Piece,
  route: Route,
  cut: { readonly says: string; readonly loses: string; readonly taking: Taking },
  usual: number,
  now: string,
): Piece {
  const after = pieceAfter(piece, route, cut.taking, usual);
  return { ...after, decisions: [...after.decisions, decisionOf(cut.says, cut.loses, now)] };
}
