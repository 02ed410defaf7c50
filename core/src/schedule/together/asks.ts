import { ask, type Given } from '../../context/index.ts';
import { hoursOf, scheduleOfPiece } from '../reckoners.ts';
import { type BenchPiece, planTogether, type Together } from './planTogether.ts';

/** The piece as the bench sees it. */
function ofBench(given: Given): BenchPiece {
  const { piece } = given.context;
  const { network, due, says } = given.piece(scheduleOfPiece);
  return {
    id: piece.id,
    name: piece.name,
    tasks: network?.tasks ?? [],
    order: network ? [...network.order] : [],
    due,
    says,
  };
}

/** What a piece brings to a bench that others are on too. */
export const forBenchAsk = ask('schedule.for-bench', (given: Given): BenchPiece => ofBench(given));

/** The piece with others on its bench, by its hours. */
export const togetherAsk = ask(
  'schedule.together',
  (given: Given, { others }: { readonly others: readonly BenchPiece[] }): Together => {
    const { brief, bench } = given.context.piece;
    const { isAbout: _, ...hours } = hoursOf(brief.hoursPerDay, bench, given.context.own);
    const { now } = given.piece(scheduleOfPiece);
    return planTogether([ofBench(given), ...others], hours, now);
  },
);
