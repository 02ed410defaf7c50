import type { BenchPiece } from '@every-inch/core/schedule';
import { useCallback, useEffect, useState } from 'react';
import { answersAside } from '../../../spine/aside.ts';
import { useAppSelector } from '../../../state/store.ts';
import { pieceStore } from '../../../storage/keeper.ts';
import { openKept } from '../../../storage/open.ts';
import type { PieceHead } from '../../../storage/pieceStore.ts';
import { shelfReady } from '../../../storage/shelf.ts';

/** The other pieces on the shelf, and what each brings to the bench. */
export interface OtherPieces {
  readonly heads: readonly PieceHead[];
  /** By the id of the piece; those that are still being looked at are not there. */
  readonly found: ReadonlyMap<string, BenchPiece>;
  /** Why a piece cannot be laid out. */
  readonly faults: ReadonlyMap<string, string>;
}

const NONE: OtherPieces = { heads: [], found: new Map(), faults: new Map() };

/** What was found of pieces as they were kept: none is reckoned again for as long as it is as it was. */
const known = new Map<string, BenchPiece>();

async function lookAt(heads: readonly PieceHead[], ground: string): Promise<Omit<OtherPieces, 'heads'>> {
  const faults = new Map<string, string>();
  const keyOf = ({ id, keptAt }: PieceHead) => `${id} ${keptAt} ${ground}`;
  const unknown = heads.filter((head) => !known.has(keyOf(head)));
  const openings = await Promise.all(unknown.map(async (head) => ({ head, is: await openKept(head.id) })));
  const open = openings.flatMap(({ head, is }) => {
    if (is.ok) return [{ head, piece: is.piece }];
    faults.set(head.id, is.says);
    return [];
  });
  const answers = await answersAside(
    open.map(({ piece }) => piece),
    'schedule.for-bench',
    undefined,
  );
  open.forEach(({ head }, i) => {
    const answer = answers[i];
    if (answer instanceof Error) faults.set(head.id, answer.message);
    else if (answer) known.set(keyOf(head), answer);
  });
  const found = heads.flatMap((head) => {
    const one = known.get(keyOf(head));
    return one ? [[head.id, one] as const] : [];
  });
  return { found: new Map(found), faults };
}

/**
 * The other pieces on the shelf, looked at once it is asked for.
 *
 * @param own the piece that is open
 */
export function useOtherPieces(own: string): {
  readonly pieces: OtherPieces | null;
  readonly look: () => void;
} {
  const [pieces, setPieces] = useState<OtherPieces | null>(null);
  const [times, setTimes] = useState(0);
  const today = useAppSelector((state) => state.session.today);
  const workshopOwn = useAppSelector((state) => state.workshop.own);
  const ground = `${today.slice(0, 10)} ${JSON.stringify(workshopOwn)}`;
  useEffect(() => {
    if (times === 0) return;
    let gone = false;
    const look = async () => {
      await shelfReady();
      const all = await (await pieceStore()).heads();
      const heads = all.filter(({ id, asFound }) => id !== own && !asFound);
      if (!gone) setPieces((old) => ({ ...(old ?? NONE), heads }));
      const seen = await lookAt(heads, ground);
      if (!gone) setPieces({ heads, ...seen });
    };
    look().catch(() => {
      if (!gone) setPieces(NONE);
    });
    return () => {
      gone = true;
    };
  }, [times, own, ground]);
  const look = useCallback(() => setTimes((n) => n + 1), []);
  return { pieces, look };
}
