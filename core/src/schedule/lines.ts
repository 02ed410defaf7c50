import type { Given } from '../context/index.ts';
import { scheduleOfPiece } from './reckoners.ts';
import { longSays, momentSays } from './words.ts';

/** The days of the plan for the command line: each step, when it begins, when it is over, how late it may begin. */
export function scheduleLines(given: Given, part: string | undefined): string[] {
  if (part !== undefined) return [];
  const { steps, now, says } = given.piece(scheduleOfPiece);
  if (says !== null) return [`days: ${says}`];
  if (steps.length === 0) return [];
  return [
    'days:',
    ...steps.map(
      ({ title, start, done, latest, heldBy }) =>
        `  ${heldBy === null ? ' ' : '*'} ${momentSays(start, now)} – ${momentSays(done, now)}  ${title}${
          heldBy === null ? `, ${longSays(latest - start)} to spare` : ''
        }`,
    ),
  ];
}
