import { type ClayChoice, chooseClay, mixSays } from '@every-inch/core/brief';
import type { PartFacts } from '@every-inch/core/context';
import { CLAYS, type ClayFamily } from '@every-inch/core/handbook';
import {
  addClay,
  CLAY_WISHES,
  type ClayId,
  type ClayWish,
  DEFAULT_CLAY,
  newId,
  setAt,
} from '@every-inch/core/piece';
import { useMemo, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { Section } from '../../parts/Sections.tsx';
import { usePartFacts } from '../../spine/hooks.ts';
import { edit, editAt, selectPart, useAppDispatch, useAppSelector, useOfPiece } from '../../state/store.ts';

const WISH_SAYS: Readonly<Record<ClayWish, string>> = {
  strong: 'strength',
  crisp: 'crisp detail',
  'see-through': 'light through it',
  'long-soft': 'long soft working',
  masonry: 'stone or brick',
  unbaked: 'no oven',
};
/** How many families are shown until all are asked for. */
const SHOWN = 3;

interface LineProps {
  readonly choice: ClayChoice;
  readonly isFirst: boolean;
  readonly isUsed: boolean;
  readonly onUse: () => void;
}

function ChoiceLine({ choice: { title, reasons }, isFirst, isUsed, onUse }: LineProps) {
  return (
    <li className="flex items-start gap-3 border-t border-hair py-1">
      <span className={`w-44 shrink-0 ${isFirst ? 'font-semibold' : ''}`}>{title}</span>
      <span className="min-w-0 flex-1 text-[13px] text-quiet">{reasons.join(' · ')}</span>
      {isUsed ? (
        <span className="text-[13px] text-fits">in use</span>
      ) : (
        <button
          type="button"
          className="press-quiet text-fired"
          aria-label={`Make it of ${title}`}
          onClick={onUse}
        >
          use it
        </button>
      )}
    </li>
  );
}

function Mixed({ first }: { readonly first: ClayFamily }) {
  const [second, setSecond] = useState<ClayFamily | 'none'>('none');
  return (
    <div className="mt-2">
      <Choice
        label={`Kneaded with ${CLAYS.find(({ id }) => id === first)?.title.toLowerCase() ?? ''}`}
        value={second}
        options={[
          { value: 'none', says: 'nothing' },
          ...CLAYS.filter(({ id }) => id !== first && id !== 'liquid').map(({ id, title }) => ({
            value: id,
            says: title,
          })),
        ]}
        onChoose={setSecond}
      />
      {second !== 'none' && (
        <ul className="mt-1 list-disc pl-5 text-[13px] text-quiet">
          {mixSays(first, second).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

function ChooserFor({ context }: { readonly context: PartFacts }) {
  const dispatch = useAppDispatch();
  const clays = useOfPiece((piece) => piece.clays);
  const [isAll, setIsAll] = useState(false);
  const { part } = context;
  const choices = useMemo(() => chooseClay(context), [context]);
  const used = clays.filter(({ id }) => part.mix.some(({ clay }) => clay === id)).map(({ family }) => family);
  const [first] = choices;
  const use = ({ family, title }: ClayChoice) =>
    dispatch(
      edit(`${title} for ${part.name}`, (piece) => {
        const here = piece.clays.find((clay) => clay.family === family);
        const id = here?.id ?? newId<ClayId>(title);
        const stocked = here ? piece : addClay(piece, { ...DEFAULT_CLAY, id, name: title, family });
        return setAt(stocked, ['parts', part.id, 'mix'], [{ clay: id, parts: 1 }]);
      }),
    );
  return (
    <Section id="clay" title="Which clay" says={`Which clay for ${part.name}`}>
      <div className="mt-1 flex flex-wrap gap-x-4">
        <span className="heading self-center">asks besides for</span>
        {CLAY_WISHES.map((wish) => (
          <label key={wish} className="flex min-h-8 items-center gap-1">
            <input
              type="checkbox"
              checked={part.wishes.includes(wish)}
              onChange={(event) =>
                dispatch(
                  editAt(
                    `what ${part.name} asks of its clay`,
                    ['parts', part.id, 'wishes'],
                    event.currentTarget.checked
                      ? [...part.wishes, wish]
                      : part.wishes.filter((one) => one !== wish),
                  ),
                )
              }
            />
            {WISH_SAYS[wish]}
          </label>
        ))}
      </div>
      <ol className="mt-1">
        {(isAll ? choices : choices.slice(0, SHOWN)).map((choice, i) => (
          <ChoiceLine
            key={choice.family}
            choice={choice}
            isFirst={i === 0}
            isUsed={used.includes(choice.family)}
            onUse={() => use(choice)}
          />
        ))}
      </ol>
      <button type="button" className="press-quiet text-fired" onClick={() => setIsAll(!isAll)}>
        {isAll ? 'only the first few' : `all ${choices.length}, and why not`}
      </button>
      {first && <Mixed key={used[0] ?? first.family} first={used[0] ?? first.family} />}
    </Section>
  );
}

/** Clay families weighed for the selected part, with reasons. */
export function ClayChooser() {
  const part = useAppSelector(selectPart);
  const context = usePartFacts(part?.id);
  return context && <ChooserFor key={context.part.id} context={context} />;
}
