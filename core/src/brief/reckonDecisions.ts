import type { PieceContext } from '../context/index.ts';
import type { ClosingStep, Decision } from '../piece/index.ts';
import { figure, type Reckoning, type Verdict } from '../reckoning/index.ts';
import { type Done, leaningOn, reachedBy } from './decisions.ts';
import { BRIEF } from './figures.ts';

/** How a closing step is said after “before”. */
const BEFORE: Readonly<Record<ClosingStep, string>> = {
  wire: 'the wire is bent',
  clay: 'clay goes on',
  'first-bake': 'the first bake',
  'last-bake': 'the last bake',
  paint: 'painting',
  glue: 'gluing it together',
  'hand-over': 'it is handed over',
};

function judgeOpen({ before }: Decision, reached: string | null): Verdict {
  if (reached)
    return {
      level: 'stop',
      wording: 'state',
      says: `open, and ${reached}: it was to be settled before ${BEFORE[before]}`,
      waysOut: [{ says: 'settle it as the work has settled it, and look whether it shows' }],
    };
  return {
    level: 'doubtful',
    wording: 'state',
    says: `to be settled before ${BEFORE[before]}`,
    waysOut: [{ says: 'write the answer down' }],
  };
}

function judgeSettled(decision: Decision, done: readonly Done[], now: string): Verdict {
  const list = done.map(({ says }) => says).join('; ');
  const path = ['decisions', decision.id];
  if (decision.answer !== decision.settledAs && done.length > 0)
    return {
      level: 'stop',
      wording: 'state',
      says: `changed from “${decision.settledAs}” after work that leans on it: ${list}`,
      waysOut: [
        {
          says: `back to “${decision.settledAs}”`,
          change: { path, value: { ...decision, answer: decision.settledAs } },
        },
        {
          says: 'what leans on it has been mended: settled anew',
          change: { path, value: { ...decision, settled: now, settledAs: decision.answer } },
        },
      ],
    };
  const says = done.length === 0 ? 'settled; nothing leans on it yet' : `settled; changing it undoes ${list}`;
  return { level: 'good', wording: 'state', says, waysOut: [] };
}

/** Every decision: whether it is settled in time, and what leans on it since. */
export function reckonDecisions({ piece, now }: PieceContext): Reckoning[] {
  return piece.decisions.map((decision) => {
    const done = leaningOn(piece, decision);
    const count = done.reduce((sum, one) => sum + one.count, 0);
    return figure(BRIEF.decision, {
      at: decision.id,
      part: null,
      title: decision.question,
      value: count,
      formula: done.length === 0 ? 'n = nothing yet' : `n = ${done.map((_, i) => `n${i + 1}`).join(' + ')}`,
      terms: done.map(({ says, count: n }, i) => ({
        symbol: `n${i + 1}`,
        name: says,
        quantity: { value: n, unit: 'count' },
        origin: { kind: 'entry', path: ['log'] },
      })),
      note: 'Bakes and measures logged since it was settled, on the parts it makes.',
      verdict:
        decision.answer === ''
          ? judgeOpen(decision, reachedBy(piece, decision, now))
          : judgeSettled(decision, done, now),
    });
  });
}
