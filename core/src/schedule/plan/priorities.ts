import { networkTimes } from '../network/criticalPath.ts';
import type { Task } from '../network/task.ts';

/** What waits for each task. */
export function followersOf(tasks: readonly Pick<Task, 'after'>[]): number[][] {
  const next: number[][] = tasks.map(() => []);
  tasks.forEach(({ after }, i) => {
    for (const b of after) next[b]?.push(i);
  });
  return next;
}

/** An order by weight: of what may go, the lightest first, and of equals the first in the list. */
export function orderBy(tasks: readonly Task[], weight: (i: number) => number): Int32Array {
  const n = tasks.length;
  const next = followersOf(tasks);
  const left = Int32Array.from(tasks, ({ after }) => after.length);
  const weights = Float64Array.from({ length: n }, (_, i) => weight(i));
  const order = new Int32Array(n);
  const open: number[] = [];
  for (let i = 0; i < n; i += 1) if (left[i] === 0) open.push(i);
  for (let k = 0; k < n; k += 1) {
    let best = 0;
    for (let j = 1; j < open.length; j += 1) {
      const [a, b] = [open[j] as number, open[best] as number];
      const by = (weights[a] as number) - (weights[b] as number);
      if (by < 0 || (by === 0 && a < b)) best = j;
    }
    const at = open.splice(best, 1)[0] as number;
    order[k] = at;
    for (const to of next[at] ?? []) {
      left[to] = (left[to] as number) - 1;
      if (left[to] === 0) open.push(to);
    }
  }
  return order;
}

/** Orders by the usual rules of priority: as listed, least latest finish, least slack, most work behind. */
export function priorityOrders(
  tasks: readonly Task[],
): { readonly rule: string; readonly order: Int32Array }[] {
  const takes = ({ hands, waits }: Task) => hands.likely + waits.likely;
  const times = networkTimes(
    tasks.map((task) => ({ title: task.title, duration: takes(task), after: task.after })),
  );
  const next = followersOf(tasks);
  const behind = (i: number) =>
    (next[i] ?? []).reduce((sum, j) => sum + takes(tasks[j] as Task), takes(tasks[i] as Task));
  return [
    { rule: 'as listed', order: orderBy(tasks, (i) => i) },
    { rule: 'latest finish', order: orderBy(tasks, (i) => times[i]?.latestFinish ?? 0) },
    { rule: 'latest start', order: orderBy(tasks, (i) => times[i]?.latestStart ?? 0) },
    { rule: 'slack', order: orderBy(tasks, (i) => times[i]?.slack ?? 0) },
    { rule: 'work behind', order: orderBy(tasks, (i) => -behind(i)) },
  ];
}
