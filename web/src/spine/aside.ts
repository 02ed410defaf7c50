import type { Piece } from '@every-inch/core/piece';
import { store } from '../state/store.ts';
import { deskInWorker } from './client.ts';
import type { Answered, Asked, AskName } from './hooks.ts';

/**
 * One answer about pieces that are not open, found in a thread of their own: what is open goes on being reckoned meanwhile.
 *
 * @returns in the order of the pieces; an error for one that it cannot be answered of
 */
export async function answersAside<N extends AskName>(
  pieces: readonly Piece[],
  name: N,
  asked: Asked<N>,
): Promise<(Answered<N> | Error)[]> {
  if (pieces.length === 0) return [];
  const thread = deskInWorker();
  const { workshop, session } = store.getState();
  const broken = new Promise<never>((_, fail) => thread.onBroken((says) => fail(new Error(says))));
  try {
    const found: (Answered<N> | Error)[] = [];
    for (const piece of pieces) {
      const on = { piece, workshopOwn: workshop.own, now: session.today };
      const answer = thread.desk.answerOf(on, name, asked) as Promise<Answered<N>>;
      found.push(
        await Promise.race([answer, broken]).catch((error: unknown) =>
          error instanceof Error ? error : new Error(String(error)),
        ),
      );
    }
    return found;
  } finally {
    thread.end();
  }
}
