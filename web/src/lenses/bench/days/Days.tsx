import {
  benchSays,
  daySays,
  longSays,
  momentSays,
  type PlannedStep,
  type ScheduleFacts,
  type SureOfDay,
} from '@every-inch/core/schedule';
import { useState } from 'react';
import { BinButton } from '../../../parts/BinButton.tsx';
import { Choice } from '../../../parts/Choice.tsx';
import { Section } from '../../../parts/Sections.tsx';
import { Working } from '../../../parts/Working.tsx';
import { useAsk, useFigure, useScheduleFacts } from '../../../spine/hooks.ts';
import { edit, useAppDispatch, useOfPiece } from '../../../state/store.ts';
import { Chain } from './Chain.tsx';
import { DaysView } from './DaysView.tsx';
import { LetGoList } from './LetGoList.tsx';
import { Month } from './Month.tsx';
import { OrderLine } from './Orders.tsx';
import { Spraying } from './Spraying.tsx';

const HELD_SAYS: Readonly<Record<NonNullable<PlannedStep['heldBy']>, string>> = {
  now: 'can begin now',
  order: 'waits for what is before it',
  hands: 'waits for your hands',
  oven: 'waits for the oven',
  clamp: 'waits for a clamp',
};

type View = 'days' | 'month' | 'chain';
const VIEWS: readonly { readonly value: View; readonly says: string }[] = [
  { value: 'days', says: 'Days' },
  { value: 'month', says: 'Month' },
  { value: 'chain', says: 'What it hangs on' },
];
const VIEW_SAYS: Readonly<Record<View, string>> = {
  days: 'Hands above the line, waiting below; the dark ones hold up all the rest. Press a step to see its room, drag it to begin it later.',
  month:
    'What is worked on each day and for how long; what is in colour holds up all the rest. Press a step to see its room.',
  chain:
    'From above down what it all hangs on: make one of these quicker and the end comes sooner. The pale ones lead into it and have least to spare.',
};

/** Puts steps where they are not to begin before a moment, and lets them go again. */
function usePin() {
  const dispatch = useAppDispatch();
  return (step: Pick<PlannedStep, 'id' | 'title'>, notBefore: number | null) =>
    dispatch(
      edit(`move ${step.title}`, (piece) => {
        const pinned = piece.bench.pinned.filter((one) => one.step !== step.id);
        const at =
          notBefore === null
            ? []
            : [{ step: step.id, notBefore: new Date(notBefore * 60_000).toISOString() }];
        return { ...piece, bench: { ...piece.bench, pinned: [...pinned, ...at] } };
      }),
    );
}

/** How sure the day is, in a sentence. */
function SureSays({ facts, sure }: { readonly facts: ScheduleFacts; readonly sure: SureOfDay | null }) {
  const done = useFigure(null, 'schedule.done');
  if (facts.steps.length === 0) return null;
  const { now, lateMin } = facts;
  return (
    <p className="flex flex-wrap items-baseline gap-x-3">
      {sure ? (
        <span>
          <strong>
            {daySays(sure.half, now) === daySays(sure.nine, now)
              ? `Done by ${daySays(sure.nine, now)}, nine times in ten.`
              : `Half the time done by ${daySays(sure.half, now)}, nine times in ten by ${daySays(sure.nine, now)}.`}
          </strong>{' '}
          {sure.inTime !== null && (
            <span
              className={sure.inTime >= 0.9 ? 'text-fits' : sure.inTime >= 0.5 ? 'text-tight' : 'text-wont'}
            >
              In time in {Math.round(sure.inTime * 100)} of 100.
            </span>
          )}
        </span>
      ) : (
        <span className="text-quiet">working it through …</span>
      )}
      {lateMin !== null && (
        <span className={lateMin > 0 ? 'text-wont' : 'text-quiet'}>
          {benchSays(lateMin)} {lateMin > 0 ? 'at the bench too late' : 'at the bench to spare'}
        </span>
      )}
      {done && <Working figure={done} />}
    </p>
  );
}

/** The chosen step: when, how late it may begin, what holds it, and where it was put. */
function Chosen({ step, facts }: { readonly step: PlannedStep; readonly facts: ScheduleFacts }) {
  const pin = usePin();
  const pinned = useOfPiece((piece) => piece.bench.pinned.find((one) => one.step === step.id));
  const { now } = facts;
  return (
    <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-l-2 border-fired pl-3">
      <strong>{step.title}</strong>
      <span>
        {momentSays(step.start, now)} to {momentSays(step.done, now)}
      </span>
      <span className="text-quiet">
        {step.heldBy === null
          ? `may begin as late as ${momentSays(step.latest, now)}`
          : HELD_SAYS[step.heldBy]}
      </span>
      {pinned ? (
        <button type="button" className="press-quiet text-fired" onClick={() => pin(step, null)}>
          not before {momentSays(Date.parse(pinned.notBefore) / 60_000, now)}: let it come when it can
        </button>
      ) : (
        <button type="button" className="press-quiet text-fired" onClick={() => pin(step, step.start + 1440)}>
          a day later
        </button>
      )}
    </div>
  );
}

/** What makes it late, the worst first. */
function Delays({
  sure,
  onSelect,
}: {
  readonly sure: SureOfDay | null;
  readonly onSelect: (id: string) => void;
}) {
  if (!sure || sure.delays.length === 0) return null;
  return (
    <section aria-label="What makes it late" className="min-w-0">
      <h4 className="heading border-b border-hair pb-1">When it is slow, so much later</h4>
      <ul>
        {sure.delays.map(({ id, title, laterMin }) => (
          <li key={id} className="flex gap-3 border-b border-hair py-1">
            <button
              type="button"
              className="min-w-0 flex-1 truncate text-left hover:underline"
              onClick={() => onSelect(id)}
            >
              {title}
            </button>
            <span className="figure">+{longSays(laterMin)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What was asked for later and is not taken on: how much later it makes the whole. */
function Wishes({ facts }: { readonly facts: ScheduleFacts }) {
  const wishes = useAsk('schedule.wishes', {}) ?? [];
  const additions = useOfPiece((piece) => piece.additions);
  if (wishes.length === 0) return null;
  return (
    <ul aria-label="Asked for later">
      {wishes.map(({ id, end, laterMin }) => (
        <li key={id} className="text-[13px]">
          <span className="text-quiet">Asked for later:</span> {additions.find((one) => one.id === id)?.name}{' '}
          <span className="text-quiet">
            {laterMin < 1
              ? 'goes into the waits, no later'
              : `makes it ${longSays(laterMin)} later, ${daySays(end, facts.now)}`}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** When everything is done: the days with hands and waiting, how sure it is, what makes it late, what could be let go. */
export function Days() {
  const facts = useScheduleFacts();
  const sure = useAsk('schedule.sure', {}) ?? null;
  const [selected, setSelected] = useState<string | null>(null);
  const [view, setView] = useState<View>('days');
  const pin = usePin();
  const due = useOfPiece((piece) => piece.brief.due);
  const chosen = facts?.steps.find(({ id }) => id === selected);
  const pinned = useOfPiece((piece) => piece.bench.pinned);
  const dispatch = useAppDispatch();
  return (
    <Section
      id="days"
      title={facts?.due ? `Until ${daySays(facts.due, facts.now)}` : 'Days'}
      edits={['bench']}
      beside={facts && <SureSays facts={facts} sure={sure} />}
    >
      {!facts && <p className="py-2 text-quiet">Laying it out …</p>}
      {facts?.says && (
        <p role="alert" className="border border-wont p-2 text-wont">
          {facts.says}.
        </p>
      )}
      {facts && facts.steps.length === 0 && !facts.says && (
        <p className="py-2 text-quiet">
          Nothing is left to be done: every step is ticked, or there is none yet.
        </p>
      )}
      {facts && facts.steps.length > 0 && (
        <div className="space-y-3">
          {facts.isAbout && (
            <p className="text-[13px] text-tight">
              Nobody has told how many hours there are at the bench: this goes by the handbook’s. Enter them
              below, at Hours.
            </p>
          )}
          <Choice hideLabel label="See it as" value={view} options={VIEWS} onChoose={setView} />
          {view === 'days' && (
            <DaysView facts={facts} sure={sure} selected={selected} onSelect={setSelected} onPin={pin} />
          )}
          {view === 'month' && <Month facts={facts} onSelect={setSelected} />}
          {view === 'chain' && <Chain facts={facts} selected={selected} onSelect={setSelected} />}
          {chosen ? (
            <Chosen step={chosen} facts={facts} />
          ) : (
            <p className="text-[12.5px] text-quiet">
              {VIEW_SAYS[view]}
              {due === null && ' No day is told by which it is due: enter one at Brief.'}
              {pinned.length > 0 && (
                <>
                  {' '}
                  {pinned.length} moved by hand{' '}
                  <BinButton
                    label="Let all of them come when they can"
                    onPress={() =>
                      dispatch(
                        edit('let all steps come when they can', (piece) => ({
                          ...piece,
                          bench: { ...piece.bench, pinned: [] },
                        })),
                      )
                    }
                  />
                </>
              )}
            </p>
          )}
          <div className="grid grid-cols-[2fr_3fr] gap-6 max-md:grid-cols-1">
            <Delays sure={sure} onSelect={setSelected} />
            <LetGoList facts={facts} />
          </div>
          <Spraying facts={facts} />
          <OrderLine facts={facts} />
          <Wishes facts={facts} />
        </div>
      )}
    </Section>
  );
}
