import { BODIES, COATS, withCoatRule } from '@every-inch/core/finish';
import type { CoatId, CoatRule } from '@every-inch/core/piece';
import { useState } from 'react';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';

const OVER = COATS.map(({ id, title }) => ({ value: id, says: title }));
const UNDER = [...OVER, ...BODIES.map(({ id, title }) => ({ value: id, says: title }))] as readonly {
  readonly value: CoatRule['under'];
  readonly says: string;
}[];
const GRADES = [
  { value: 'silent', says: 'holds: say nothing' },
  { value: 'check', says: 'check this' },
  { value: 'stop', says: 'stop' },
] as const;

const titleOf = (id: string) => UNDER.find(({ value }) => value === id)?.says ?? id;

function OneRule({ rule }: { readonly rule: CoatRule }) {
  const dispatch = useAppDispatch();
  const set = (field: keyof CoatRule, value: string) =>
    dispatch(editAt('own rule', ['coatRules', rule.id, field], value));
  const says = `${titleOf(rule.over)} over ${titleOf(rule.under)}`;
  return (
    <li className="flex flex-wrap items-end gap-x-4 gap-y-1 border-b border-hair py-1.5">
      <span className="min-w-56">{says}</span>
      <Choice
        hideLabel
        label={says}
        value={rule.grade}
        options={GRADES}
        onChoose={(grade) => set('grade', grade)}
      />
      <TextField
        hideLabel
        label={`What is seen of ${says}`}
        placeholder="what you saw"
        value={rule.says}
        className="w-72"
        onText={(text) => set('says', text)}
      />
      <BinButton
        label={`forget the rule of ${says}`}
        onPress={() =>
          dispatch(
            edit('own rule forgotten', (piece) => ({
              ...piece,
              coatRules: piece.coatRules.filter(({ id }) => id !== rule.id),
            })),
          )
        }
      />
    </li>
  );
}

/** What the maker knows of one stuff over another: it goes before what is usual. */
export function OwnRules() {
  const dispatch = useAppDispatch();
  const { coatRules } = useOpenPiece();
  const [over, setOver] = useState<CoatId>('wash');
  const [under, setUnder] = useState<CoatRule['under']>('acrylic');
  return (
    <>
      {coatRules.length > 0 && (
        <ul>
          {coatRules.map((rule) => (
            <OneRule key={rule.id} rule={rule} />
          ))}
        </ul>
      )}
      <div className="mt-1 flex flex-wrap items-end gap-x-3">
        <Choice label="Over" value={under} options={UNDER} onChoose={setUnder} />
        <Choice label="goes" value={over} options={OVER} onChoose={setOver} />
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => dispatch(edit('own rule', (piece) => withCoatRule(piece, { under, over })))}
        >
          + how it turned out for you
        </button>
      </div>
    </>
  );
}
