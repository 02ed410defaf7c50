import { DEFAULT_STEP, type Piece, type RouteStep, type StepKind } from '@every-inch/core/piece';
import { bakeStates, judgeRoute, moveStep, putInOrder } from '@every-inch/core/route';
import type { Line } from './run.ts';
import { timed } from './yardstick.ts';

type Route = NonNullable<Piece['route']>;

const KINDS: readonly StepKind[] = [
  'wire',
  'bind',
  'core',
  'skin',
  'detail',
  'clean',
  'bake',
  'cool',
  'seal',
  'coat',
];

/** Forty parts of ten steps, each step needing the one before, and sixty marks across parts. */
function longRoute(): Route {
  const steps = Array.from({ length: 40 }, (_, part) =>
    KINDS.map(
      (kind, k): RouteStep => ({
        ...DEFAULT_STEP,
        regions: [],
        id: `${kind}-${part}`,
        kind,
        title: `${kind} ${part}`,
        parts: [`p${part}`] as unknown as RouteStep['parts'],
        needs: k > 0 ? [`${KINDS[k - 1]}-${part}`] : [],
      }),
    ),
  ).flat();
  const relations = Array.from({ length: 60 }, (_, n) => {
    const [a, b] = [(n * 37) % 400, (n * 91) % 400];
    return {
      id: `r${n}`,
      kind: 'marks' as const,
      first: steps[Math.min(a, b)]?.id ?? '',
      second: steps[Math.max(a, b)]?.id ?? '',
    };
  }).filter(({ first, second }) => first !== second);
  return { steps, relations, without: null };
}

/** The same with twenty of its steps elsewhere, put in order as a whole. */
function mended(good: Route, yardstick: number): Line {
  let wrong: Route = good;
  for (let n = 0; n < 20; n += 1) {
    const kind = KINDS[(n * 7) % KINDS.length];
    wrong = moveStep(wrong, `${kind}-${n * 2}`, (n * 149) % 400);
  }
  const ms = timed(5, () => void putInOrder(wrong));
  return {
    what: 'A route of 400 steps with 20 out of place put in order',
    got: `${ms.toFixed(0)} ms (${(ms / yardstick).toFixed(2)} yardsticks)`,
    aim: 'at most 100 ms',
  };
}

/** The order and the state at every bake of a route of 400 steps, as it should be and turned upside down. */
export function routeLines(yardstick: number): Line[] {
  const good = longRoute();
  const upside = { ...good, steps: [...good.steps].reverse() };
  const clay = Array.from({ length: 40 }, (_, part) => `p${part}`);
  const line = (what: string, route: Route): Line => {
    const ms = timed(5, () => {
      judgeRoute(route);
      bakeStates(route, clay);
    });
    return {
      what,
      got: `${ms.toFixed(0)} ms (${(ms / yardstick).toFixed(2)} yardsticks)`,
      aim: 'at most 30 ms',
    };
  };
  return [
    line('Order and bakes of a route of 400 steps', good),
    line('The same upside down, with repairs', upside),
    mended(good, yardstick),
  ];
}
