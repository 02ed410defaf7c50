import type { Given } from '../context/index.ts';
import { routeOfPiece } from './reckoners.ts';

const minutes = (value: number | undefined) =>
  value === undefined || value < 0.5 ? '' : `${Math.round(value)} min`;

/** The steps of the route with their minutes, and what of their order does not hold. */
export function routeLines(given: Given, part: string | undefined): string[] {
  const { route, times, judged } = given.piece(routeOfPiece);
  if (part !== undefined || route.steps.length === 0) return [];
  const steps = route.steps.map(({ id, title, done }, i) => {
    const time = times.get(id);
    const [hands, wait] = [minutes(time?.handsMin), minutes(time?.waitMin)];
    return `  ${String(i + 1).padStart(3)} ${done === null ? ' ' : '✓'} ${title.padEnd(52)}${hands.padStart(9)}${(wait && `+ ${wait}`).padStart(11)}`;
  });
  const faults = judged.faults.map(
    ({ says, repair }) => `  ✗ ${says}${repair ? `\n      → ${repair.says}` : ''}`,
  );
  const ring = judged.loop ? [`  ✗ a ring: ${judged.loop.join(' → ')}`] : [];
  return ['', 'Route, at the bench and waiting', ...steps, ...ring, ...faults];
}
