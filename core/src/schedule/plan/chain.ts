import type { Task } from '../network/task.ts';
import { previousOn } from './latest.ts';
import type { Placer } from './placer.ts';

/** Why a task of the chain did not begin sooner. */
export type HeldBy = 'now' | 'order' | 'hands' | 'oven' | 'clamp';

/** A task of the critical chain, and what held it till it began. */
export interface ChainLink {
  readonly task: number;
  readonly heldBy: HeldBy;
}

/**
 * The critical chain of a plan: back from what is over last, to what each had to wait for last: a task before it, hands that
 * were busy, an oven or a clamp that was full (Goldratt 1997).
 *
 * @returns from the first to the last
 */
export function criticalChain(tasks: readonly Task[], plan: Placer): ChainLink[] {
  if (tasks.length === 0) return [];
  const hands = previousOn(tasks, plan, 'hand');
  const holders = previousOn(tasks, plan, 'holder');
  let at = plan.done.indexOf(Math.max(...plan.done));
  const chain: ChainLink[] = [];
  const seen = new Set<number>();
  for (;;) {
    seen.add(at);
    const task = tasks[at] as Task;
    const [start, waitFrom] = [plan.start[at] as number, plan.waitFrom[at] as number];
    const held: { readonly by: HeldBy; readonly from: number; readonly gap: number }[] = [
      ...task.after.map((b) => ({ by: 'order' as const, from: b, gap: start - (plan.done[b] as number) })),
      { by: 'hands', from: hands[at] as number, gap: start - (plan.handsEnd[hands[at] as number] ?? 0) },
      {
        by: task.holds === 'clamp' ? 'clamp' : 'oven',
        from: holders[at] as number,
        gap: waitFrom - (plan.done[holders[at] as number] ?? 0),
      },
    ];
    const last = held
      .filter(({ from }) => from >= 0 && !seen.has(from))
      .reduce<(typeof held)[number] | null>((most, one) => (!most || one.gap < most.gap ? one : most), null);
    chain.push({ task: at, heldBy: last?.by ?? 'now' });
    if (!last) return chain.reverse();
    at = last.from;
  }
}
