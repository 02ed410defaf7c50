import { bakeStage, clockText, type RunningBake } from '@every-inch/core/bake';
import {
  addEntry,
  DEFAULT_ENTRY,
  type EntryId,
  newId,
  type Outcome,
  type PartId,
} from '@every-inch/core/piece';
import { useState } from 'react';
import { Link } from 'react-router';
import { Choice } from '../../parts/Choice.tsx';
import { OUTCOME_OPTIONS } from '../../parts/outcomes.ts';
import { useNow } from '../../parts/useNow.ts';
import { edit, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';

const SAYS = {
  in: 'left in the heat',
  over: 'over its time: take it out of the heat, or set the door ajar',
  cooling: 'until it may be handled',
  cool: 'since it was cool enough to be handled',
} as const;

/** The log entry of a bake that is done, filled in. */
function entryOf(bake: RunningBake, heldMin: number, outcome: Outcome) {
  return {
    ...DEFAULT_ENTRY,
    id: newId<EntryId>('bake'),
    at: new Date().toISOString(),
    kind: 'bake' as const,
    part: bake.part as PartId | null,
    bake: {
      temperatureC: bake.dialC,
      minutes: Math.max(1, Math.round(heldMin)),
      thicknessMm: bake.thicknessMm,
      outcome,
    },
    note: `${bake.what}, by the clock`,
  };
}

/** The bake that is going on: a large clock, what to do at its end, and the entry for the log. */
export function LiveBake() {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const bake = useAppSelector((state) => state.workshop.bake);
  const now = useNow(1000, bake !== null);
  const [outcome, setOutcome] = useState<Outcome>('good');
  if (!bake) return null;
  const { stage, ms, heldMin } = bakeStage(bake, now);
  const isHere = bake.pieceId === piece.id;
  const set = (to: RunningBake | null) => dispatch(workshopChanged({ bake: to }));
  const write = () => {
    dispatch(edit('record a bake', (old) => addEntry(old, entryOf(bake, heldMin, outcome))));
    set(null);
  };
  return (
    <section aria-label="Running bake" className="mb-4 border border-fired p-3">
      <p>
        <strong>{bake.what}</strong>
        {!isHere && (
          <>
            {' of '}
            <Link to={`/piece/${bake.pieceId}/bake`} className="underline underline-offset-2">
              {bake.pieceName}
            </Link>
          </>
        )}
        , dial {bake.dialC.toFixed(0)} °C, {Math.round(bake.holdMin)} min
      </p>
      <p className={`figure text-[56px] leading-tight ${stage === 'over' ? 'text-wont' : ''}`} role="timer">
        {stage === 'over' ? '+' : ''}
        {clockText(ms)}
      </p>
      <p className={stage === 'over' ? 'text-wont' : 'text-quiet'}>{SAYS[stage]}</p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        {bake.outAt === null && (
          <>
            <button
              type="button"
              className="press"
              onClick={() => set({ ...bake, outAt: new Date().toISOString() })}
            >
              The heat is off
            </button>
            <button
              type="button"
              className="press-quiet"
              onClick={() => set({ ...bake, holdMin: bake.holdMin + 5 })}
            >
              + 5 min
            </button>
          </>
        )}
        {bake.outAt !== null && isHere && (
          <>
            <Choice label="It" value={outcome} options={OUTCOME_OPTIONS} onChoose={setOutcome} />
            <button type="button" className="press" onClick={write}>
              Write it in the log
            </button>
          </>
        )}
        <button type="button" className="press-quiet text-wont" onClick={() => set(null)}>
          Forget this bake
        </button>
      </div>
      <p className="mt-2 text-[13px] text-quiet">
        The clock goes on when the tab is closed. Air the room; clay that smokes: oven off, windows open.
      </p>
    </section>
  );
}

interface StartProps {
  readonly what: string;
  readonly part: string | null;
  readonly dialC: number;
  readonly holdMin: number;
  readonly coolMin: number;
  readonly thicknessMm: number | null;
}

/** Starts the clock of a bake, unless one is running. */
export function StartBake(props: StartProps) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const running = useAppSelector((state) => state.workshop.bake);
  if (running) return null;
  const start = () => {
    if ('Notification' in window && Notification.permission === 'default')
      void Notification.requestPermission();
    const bake: RunningBake = {
      ...props,
      pieceId: piece.id,
      pieceName: piece.name,
      startedAt: new Date().toISOString(),
      outAt: null,
    };
    dispatch(workshopChanged({ bake }));
  };
  return (
    <button type="button" className="press" onClick={start}>
      It is in: start the clock, {Math.round(props.holdMin)} min
    </button>
  );
}
