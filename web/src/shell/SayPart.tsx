import { type Described, describePart, partOf } from '@every-inch/core/described';
import { addPart } from '@every-inch/core/piece';
import { resolveScale } from '@every-inch/core/scale';
import { type KeyboardEvent, useId, useState } from 'react';
import { selected } from '../state/sessionSlice.ts';
import { edit, useAppDispatch, useAppSelector, useOpenPiece } from '../state/store.ts';

/** What was made of a line, in a sentence: how many, and what was taken for granted. */
function saysOf({ name, count, assumed, guess, state }: Described): string {
  const all = [
    count > 1 ? `${name} × ${count}` : name,
    ...(state === 'planned' ? [] : [`lies there ${state}`]),
    ...(guess === '' ? [] : [`begun from ${guess.toLowerCase()}, the nearest there is`]),
    ...(assumed.length === 0 ? [] : [`taken for ${assumed.join(', ')}`]),
  ];
  return all.join(' · ');
}

/** One line of words makes a part: what it is of, how large, how many, and how far it has come. */
export function SayPart() {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const [line, setLine] = useState('');
  const [said, setSaid] = useState('');
  const id = useId();
  const take = (): void => {
    if (line.trim() === '') return;
    const described = describePart(line, resolveScale(piece.scale));
    const part = partOf(described, piece);
    dispatch(edit(`add ${part.name}`, (old) => addPart(old, part)));
    dispatch(selected(part.id));
    setLine('');
    setSaid(saysOf({ ...described, name: part.name }));
  };
  return (
    <div className="mx-3.5 mt-2">
      <label htmlFor={id} className="block text-[13px] text-quiet">
        What lies on the bench, or is to be made
      </label>
      <input
        id={id}
        className="field w-full"
        placeholder="foil ball 40 mm"
        autoComplete="off"
        maxLength={200}
        disabled={readOnly}
        value={line}
        aria-describedby={said ? `${id}-said` : undefined}
        onChange={(event) => setLine(event.currentTarget.value)}
        onKeyDown={(event: KeyboardEvent) => event.key === 'Enter' && take()}
      />
      {said && (
        <p id={`${id}-said`} role="status" className="mt-1 text-[13px] text-quiet">
          {said}
        </p>
      )}
    </div>
  );
}
