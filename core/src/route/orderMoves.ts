import type { RouteStep } from '../piece/index.ts';
import { type Constraint, coolOf } from './constraints.ts';
import { titleOf } from './order.ts';
import { bakesOf, orderOf } from './placing.ts';

/** One move: a step to a new place, the others closing up. */
export interface Move {
  readonly step: number;
  readonly to: number;
}

/** A move that lands right before a step, or right behind it. */
const beforeStep = (step: number, at: number): Move => ({ step, to: step < at ? at - 1 : at });
const behindStep = (step: number, at: number): Move => ({ step, to: step < at ? at : at + 1 });

/** Moves that may mend a broken constraint, in the present order of places. */
function movesFor(steps: readonly RouteStep[], { mode, first, second, among = [] }: Constraint): Move[] {
  const bakes = (of: number) => [...bakesOf(orderOf(steps), steps[of])].sort((a, b) => a - b);
  switch (mode) {
    case 'before':
    case 'wet':
      return [beforeStep(first, second), behindStep(second, first)];
    case 'last':
      return [
        { step: first, to: second },
        { step: second, to: first },
      ];
    case 'firm':
    case 'apart': {
      const [a, b] = mode === 'apart' && second < first ? [second, first] : [first, second];
      const after = bakes(a).find((at) => at > a);
      const before = bakes(a).findLast((at) => at < b);
      return [
        ...(after === undefined ? [] : [{ step: b, to: after }]),
        ...(before === undefined ? [] : [{ step: a, to: before }]),
      ];
    }
    case 'baked': {
      const last = bakes(first).at(-1);
      return last === undefined
        ? []
        : [
            { step: first, to: last },
            { step: last, to: first },
          ];
    }
    case 'cured':
      return bakes(first).map((bake) => behindStep(first, bake));
    case 'raw':
      return among.flatMap((skin) => {
        const next = bakes(first).find((bake) => bake > skin);
        return next === undefined
          ? []
          : [
              beforeStep(first, next),
              behindStep(next, first),
              beforeStep(skin, first),
              beforeStep(next, skin),
            ];
      });
    case 'hot':
      return [
        beforeStep(first, second),
        ...among.flatMap((cool) => [behindStep(first, cool), behindStep(cool, second)]),
      ];
  }
}

/** The order with one step moved. */
export function moved(count: number, { step, to }: Move): number[] {
  const rest = Array.from({ length: count }, (_, i) => i).filter((i) => i !== step);
  rest.splice(to, 0, step);
  return rest;
}

/** Of a move that lands right behind a bake, the one that lands behind what cools it. */
function pastCooling(steps: readonly RouteStep[], { step, to }: Move): Move[] {
  const bake = moved(steps.length, { step, to })[to - 1];
  const cool = bake !== undefined && steps[bake]?.kind === 'bake' ? coolOf(steps, bake) : null;
  return cool === null || cool === step ? [] : [behindStep(step, cool)];
}

/** In a route as short as this a step is tried at every place. */
const SHORT = 24;

/** What is done stays where it is, and nothing is put before it: a move is of what is still ahead. */
export function isAhead(steps: readonly RouteStep[], { step, to }: Move): boolean {
  const lastDone = steps.findLastIndex(({ done }) => done !== null);
  return steps[step]?.done === null && to > lastDone;
}

/** Moves worth trying for a broken constraint: of a short route all those of the steps it is about and of the bakes. */
export function candidates(steps: readonly RouteStep[], one: Constraint): Move[] {
  if (steps.length > SHORT)
    return movesFor(steps, one).flatMap((move) => [move, ...pastCooling(steps, move)]);
  const { first, second, among = [] } = one;
  const about = new Set([first, second, ...among, ...bakesOf(orderOf(steps), steps[first])]);
  return [...about].flatMap((step) => steps.map((_, to) => ({ step, to })));
}

/** The steps with one of them moved. */
export function inOrder(steps: readonly RouteStep[], move: Move): RouteStep[] {
  return moved(steps.length, move).flatMap((i) => steps[i] ?? []);
}

/** A move in words. */
export function sayMove(steps: readonly RouteStep[], { step, to }: Move): string {
  const there = titleOf(steps[to]);
  return `move “${titleOf(steps[step])}” ${to > step ? 'behind' : 'before'} “${there}”`;
}
