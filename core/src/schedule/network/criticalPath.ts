import { orderKeeping, RouteLoopError, ringOf } from '../../route/index.ts';

/** A node of a network of activities: how long it takes, and the places of what comes before it. */
export interface Activity {
  readonly title: string;
  readonly duration: number;
  readonly after: readonly number[];
}

/** Times of an activity when nothing but the order bounds it. */
export interface NetworkTimes {
  readonly earliestStart: number;
  readonly earliestFinish: number;
  readonly latestStart: number;
  readonly latestFinish: number;
  /** Latest start less earliest: how far it may slip and the whole take no longer. */
  readonly slack: number;
}

/** Places of activities in an order in which each comes after what it waits for. */
export function inOrder(activities: readonly Pick<Activity, 'title' | 'after'>[]): number[] {
  const edges = activities.flatMap(({ after }, to) => after.map((from): [number, number] => [from, to]));
  const order = orderKeeping(activities.length, edges);
  if (!order)
    throw new RouteLoopError(
      (ringOf(activities.length, edges) ?? []).map((at) => activities[at]?.title ?? ''),
    );
  return order;
}

/**
 * Earliest and latest times and slack of the activities of a network (critical path method, Kelley and Walker 1959).
 *
 * @throws {RouteLoopError} when they wait for each other in a ring
 * @example networkTimes([{ title: 'a', duration: 2, after: [] }]) // [{ earliestStart: 0, earliestFinish: 2, … slack: 0 }]
 */
export function networkTimes(activities: readonly Activity[]): NetworkTimes[] {
  const order = inOrder(activities);
  const early = new Float64Array(activities.length);
  const finish = (at: number) => (early[at] ?? 0) + (activities[at]?.duration ?? 0);
  for (const at of order)
    for (const b of activities[at]?.after ?? []) early[at] = Math.max(early[at] ?? 0, finish(b));
  const whole = order.reduce((most, at) => Math.max(most, finish(at)), 0);
  const late = new Float64Array(activities.length).fill(whole);
  for (const at of order.toReversed())
    for (const b of activities[at]?.after ?? [])
      late[b] = Math.min(late[b] ?? whole, (late[at] ?? whole) - (activities[at]?.duration ?? 0));
  return activities.map(({ duration }, at) => {
    const [earliestStart, latestFinish] = [early[at] ?? 0, late[at] ?? whole];
    const latestStart = latestFinish - duration;
    return {
      earliestStart,
      earliestFinish: earliestStart + duration,
      latestStart,
      latestFinish,
      slack: latestStart - earliestStart,
    };
  });
}
