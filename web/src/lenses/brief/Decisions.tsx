import {
  CLOSING_STEPS,
  type ClosingStep,
  DEFAULT_DECISION,
  type Decision,
  newId,
  type PartId,
} from '@every-inch/core/piece';
import { Popover } from 'radix-ui';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { Section } from '../../parts/Sections.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { Working } from '../../parts/Working.tsx';
import { useFigure } from '../../spine/hooks.ts';
import { edit, editAt, selectPart, useAppDispatch, useAppSelector, useOfPiece } from '../../state/store.ts';

const STEP_SAYS: Readonly<Record<ClosingStep, string>> = {
  wire: 'the wire is bent',
  clay: 'clay goes on',
  'first-bake': 'the first bake',
  'last-bake': 'the last bake',
  paint: 'painting',
  glue: 'gluing together',
  'hand-over': 'handing over',
};

interface PartsProps {
  readonly decision: Decision;
  readonly onParts: (parts: PartId[]) => void;
}

/** Which parts are made by the answer. */
function PartsOf({ decision, onParts }: PartsProps) {
  const parts = useOfPiece((piece) => piece.parts);
  const chosen = parts.filter(({ id }) => decision.parts.includes(id));
  const says = chosen.length === 0 ? 'the whole piece' : chosen.map(({ name }) => name).join(', ');
  return (
    <Popover.Root>
      <Popover.Trigger
        className="field max-w-56 truncate text-left"
        aria-label={`Parts that “${decision.question}” makes`}
      >
        {says}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          collisionPadding={12}
          className="relative z-50 max-h-80 w-64 overflow-y-auto border border-ink bg-paper p-3"
          aria-label="Parts that are made by the answer"
        >
          {parts.map(({ id, name }) => (
            <label key={id} className="flex min-h-8 items-center gap-2">
              <input
                type="checkbox"
                checked={decision.parts.includes(id)}
                onChange={(event) =>
                  onParts(
                    event.currentTarget.checked
                      ? [...decision.parts, id]
                      : decision.parts.filter((one) => one !== id),
                  )
                }
              />
              {name}
            </label>
          ))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function DecisionRow({ decision }: { readonly decision: Decision }) {
  const dispatch = useAppDispatch();

  const figure = useFigure(null, `decision.${decision.id}`);
  const { question, answer, before } = decision;
  const set = (change: Partial<Decision>, label: string) =>
    dispatch(editAt(`${label}: ${question}`, ['decisions', decision.id], { ...decision, ...change }));
  // Until something leans on it an answer may be written anew as often as one likes.
  const isFree = figure ? figure.quantity.value === 0 : decision.settledAs === '';
  const settle = (text: string) =>
    set(
      isFree
        ? {
            answer: text,
            settledAs: text,
            settled: text === '' ? null : (decision.settled ?? new Date().toISOString()),
          }
        : { answer: text },
      'answer',
    );
  return (
    <li className="border-t border-hair py-2" aria-label={question}>
      <div className="flex items-end gap-x-3">
        <div className="flex min-w-0 flex-1 flex-wrap items-end gap-x-3 gap-y-1">
          <TextField
            label="To be decided"
            className="w-56"
            value={question}
            onText={(text) => text !== '' && set({ question: text.slice(0, 200) }, 'question')}
          />
          <TextField
            label="Answer"
            className="w-48"
            placeholder="still open"
            value={answer}
            onText={(text) => settle(text.slice(0, 200))}
          />
          <Choice
            label="before"
            value={before}
            options={CLOSING_STEPS.map((value) => ({ value, says: STEP_SAYS[value] }))}
            onChoose={(step) => set({ before: step }, 'step')}
          />
          <span>
            <span className="heading block">it makes</span>
            <PartsOf decision={decision} onParts={(parts) => set({ parts }, 'parts')} />
          </span>
        </div>
        <span className="self-start">
          <BinButton
            label={`Take out: ${question}`}
            onPress={() =>
              dispatch(
                edit(`take out: ${question}`, (piece) => ({
                  ...piece,
                  decisions: piece.decisions.filter(({ id }) => id !== decision.id),
                })),
              )
            }
          />
        </span>
      </div>
      {figure?.verdict && (
        <div className="mt-1 flex items-start">
          <Working figure={figure} />
          <VerdictLine verdict={figure.verdict} />
        </div>
      )}
    </li>
  );
}

/** What must be settled before a step closes it, and what a change would undo. */
export function Decisions() {
  const dispatch = useAppDispatch();
  const decisions = useOfPiece((piece) => piece.decisions);
  const part = useAppSelector(selectPart);
  const add = () =>
    dispatch(
      edit('a decision', (piece) => ({
        ...piece,
        decisions: [
          ...piece.decisions,
          {
            ...DEFAULT_DECISION,
            id: newId('decision'),
            question: part ? `About ${part.name}` : 'New question',
            parts: part ? [part.id] : [],
          },
        ],
      })),
    );
  return (
    <Section id="decisions" title="Decisions" edits={['decisions']}>
      <p className="text-[13px] text-quiet">
        What a hand holds, which way the base faces, whether a light comes out again: settled before a step
        makes it dear.
      </p>
      <ul className="mt-1">
        {decisions.map((decision) => (
          <DecisionRow key={decision.id} decision={decision} />
        ))}
      </ul>
      <button type="button" className="press-quiet text-fired" onClick={add}>
        + A decision
      </button>
    </Section>
  );
}
