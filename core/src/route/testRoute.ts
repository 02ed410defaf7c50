import { DEFAULT_STEP, type Route, type RouteStep, type StepKind } from '../piece/index.ts';

/** A step of one figure, called by its id. */
export const step = (id: string, kind: StepKind, over: Partial<RouteStep> = {}): RouteStep => ({
  ...DEFAULT_STEP,
  needs: [],
  regions: [],
  id,
  kind,
  title: id,
  parts: ['figure'] as unknown as RouteStep['parts'],
  ...over,
});

/** A route of some steps that follows no proposal. */
export const route = (...steps: RouteStep[]): Route => ({ steps, relations: [], without: null });

/** All orders of some numbers. */
export function permutations(list: readonly number[]): number[][] {
  if (list.length <= 1) return [[...list]];
  return list.flatMap((one, i) =>
    permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest]),
  );
}
