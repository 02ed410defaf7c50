import type { PartFacts } from '@every-inch/core/context';
import { type BaseChoice, baseForm } from '@every-inch/core/fits';
import {
  addPart,
  DEFAULT_CORE,
  DEFAULT_FIT,
  DEFAULT_PART,
  type Fit,
  newId,
  type Part,
  type PartId,
} from '@every-inch/core/piece';
import { sourced } from '@every-inch/core/reckoning';
import { Check, X } from 'lucide-react';
import { useState } from 'react';
import { useAsk } from '../../spine/hooks.ts';
import { edit, useAppDispatch } from '../../state/store.ts';

/** How many bases are shown until all are asked for. */
const SHOWN = 4;

interface ChoiceProps {
  readonly choice: BaseChoice;
  readonly onUse: () => void;
}

function BaseLine({ choice: { base, isGood, reasons }, onUse }: ChoiceProps) {
  const Icon = isGood ? Check : X;
  return (
    <li className="flex items-start gap-2 border-t border-hair py-1">
      <Icon aria-hidden className={`mt-1 size-3.5 shrink-0 ${isGood ? 'text-fits' : 'text-wont'}`} />
      <span className="w-40 shrink-0">
        {base.row.title}
        <span className="sr-only">{isGood ? ': will do' : ': will not do'}</span>
      </span>
      <span className="min-w-0 flex-1 text-[13px] text-quiet">{reasons.join(' · ')}</span>
      <button
        type="button"
        className="press-quiet text-fired"
        aria-label={`Use the ${base.row.title}`}
        onClick={onUse}
      >
        use it
      </button>
    </li>
  );
}

const NO_CHOICES: readonly BaseChoice[] = [];

/** Bases weighed for a part, with what speaks for and against each. */
export function BaseChooser({ context }: { readonly context: PartFacts }) {
  const dispatch = useAppDispatch();
  const [isAll, setIsAll] = useState(false);
  const { part, own } = context;
  const choices = useAsk('fits.bases', { part: part.id }) ?? NO_CHOICES;
  const use = ({ base }: BaseChoice) =>
    dispatch(
      edit(`${base.row.title} for ${part.name}`, (piece) => {
        const made: Part = {
          ...DEFAULT_PART,
          core: DEFAULT_CORE,
          id: newId<PartId>('base'),
          name: base.row.title,
          count: part.count,
          sized: 'miniature',
          form: baseForm(base, sourced('base.thickness', own).value),
        };
        const fit: Fit = { ...DEFAULT_FIT, id: newId('fit'), kind: 'sits-on', part: part.id, on: made.id };
        const others = piece.fits.filter((one) => !(one.kind === 'sits-on' && one.part === part.id));
        return addPart({ ...piece, fits: [...others, fit] }, made, part.id);
      }),
    );
  return (
    <section aria-label={`A base for ${part.name}`} className="mt-5">
      <h3 className="font-semibold">A base for {part.name}</h3>
      {choices.length === 0 && (
        <p className="text-quiet">Nothing of it touches the ground: turn it so that it stands.</p>
      )}
      <ul className="mt-1">
        {(isAll ? choices : choices.slice(0, SHOWN)).map((choice) => (
          <BaseLine key={choice.base.row.id} choice={choice} onUse={() => use(choice)} />
        ))}
      </ul>
      {choices.length > SHOWN && (
        <button type="button" className="press-quiet text-fired" onClick={() => setIsAll(!isAll)}>
          {isAll ? 'only the first few' : `all ${choices.length}`}
        </button>
      )}
    </section>
  );
}
