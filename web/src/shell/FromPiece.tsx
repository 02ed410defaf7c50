import { type Piece, takeOver } from '@every-inch/core/piece';
import { useState } from 'react';
import { selected } from '../state/sessionSlice.ts';
import { edit, useAppDispatch, useOpenPiece } from '../state/store.ts';
import { pieceStore } from '../storage/keeper.ts';
import { openKept } from '../storage/open.ts';
import type { PieceHead } from '../storage/pieceStore.ts';
import { shelfReady } from '../storage/shelf.ts';

interface FromPieceProps {
  readonly onClose: () => void;
}

/** A part that was begun in another piece and goes on here, as far as it has come there. */
export function FromPiece({ onClose }: FromPieceProps) {
  const dispatch = useAppDispatch();
  const here = useOpenPiece();
  const [heads, setHeads] = useState<readonly PieceHead[] | null>(null);
  const [from, setFrom] = useState<Piece | null>(null);
  const [says, setSays] = useState('');
  const look = async () => {
    await shelfReady();
    const all = await (await pieceStore()).heads();
    setHeads(all.filter(({ id }) => id !== here.id));
  };
  const open = async (id: string) => {
    setFrom(null);
    setSays('');
    const opening = await openKept(id);
    if (opening.ok) setFrom(opening.piece);
    else setSays(opening.says);
  };
  const take = (id: Piece['parts'][number]['id']) => {
    if (!from) return;
    let taken: string | null = null;
    const name = from.parts.find((part) => part.id === id)?.name ?? '';
    dispatch(
      edit(`${name} from ${from.name}`, (old) => {
        const made = takeOver(old, from, id);
        taken = made?.part.id ?? null;
        return made?.piece ?? old;
      }),
    );
    dispatch(selected(taken));
    onClose();
  };
  if (!heads)
    return (
      <button type="button" className="press-quiet mt-2 text-fired" onClick={() => void look()}>
        Go on with a part of another piece
      </button>
    );
  return (
    <fieldset className="mt-3 border-t border-hair pt-2">
      <legend className="heading">A part of another piece</legend>
      {heads.length === 0 && <p className="text-quiet">There is no other piece on the Shelf.</p>}
      <div className="flex flex-wrap gap-2">
        {heads.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            className="press-quiet text-fired"
            aria-pressed={from?.id === id}
            onClick={() => void open(id)}
          >
            {name}
          </button>
        ))}
      </div>
      {says && (
        <p role="alert" className="text-wont">
          {says}
        </p>
      )}
      {from && (
        <ul aria-label={`Parts of ${from.name}`} className="mt-1 flex flex-wrap gap-2">
          {from.parts.map(({ id, name }) => (
            <li key={id}>
              <button type="button" className="press" onClick={() => take(id)}>
                {name}
              </button>
            </li>
          ))}
        </ul>
      )}
    </fieldset>
  );
}
