import { type BakeStage, bakeStage, clockText, type RunningBake } from '@every-inch/core/bake';
import { heldC } from '@every-inch/core/bake/heat';
import {
  addEntry,
  DEFAULT_ENTRY,
  type EntryId,
  newId,
  type Outcome,
  type PartId,
} from '@every-inch/core/piece';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { Choice } from '../../parts/Choice.tsx';
import { OUTCOME_OPTIONS } from '../../parts/outcomes.ts';
import { useNow } from '../../parts/useNow.ts';
import { changeBake, edit, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';

const ProbeRun = lazy(() => import('./ProbeRun.tsx'));

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
      // What the thermometer held tells more than the dial.
      temperatureC: (bake.probe && heldC(bake.probe)) ?? bake.dialC,
      minutes: Math.max(1, Math.round(heldMin)),
      thicknessMm: bake.thicknessMm,
      outcome,
    },
    note: `${bake.what}, by the clock`,
  };
}

interface StagesProps {
  readonly bake: RunningBake;
  readonly stage: BakeStage['stage'];
  readonly heldMin: number;
}

/** The stages of a bake in a row, the present one marked. */
function Stages({ bake, stage, heldMin }: StagesProps) {
  const { warmMin, holdMin, coolMin } = bake;
  const isIn = stage === 'in' || stage === 'over';
  const isWarm = warmMin === null || heldMin >= warmMin;
  const steps = [
    ...(warmMin === null
      ? []
      : [{ says: `warms through, ${Math.round(warmMin)} min`, isOn: isIn && !isWarm }]),
    { says: `held till ${Math.round(holdMin)} min`, isOn: isIn && isWarm },
    { says: `door ajar, ${Math.round(coolMin)} min`, isOn: stage === 'cooling' },
    { says: 'cool: handle, seal', isOn: stage === 'cool' },
  ];
  return (
    <ol className="mt-1 flex flex-wrap gap-x-5 text-[13px]">
      {steps.map(({ says, isOn }, i) => (
        <li
          key={says}
          aria-current={isOn ? 'step' : undefined}
          className={isOn ? 'font-semibold text-fired' : 'text-quiet'}
        >
          {i + 1} {says}
        </li>
      ))}
    </ol>
  );
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
        {bake.speed > 1 && `, ${bake.speed} times as fast`}
      </p>
      <p className={`figure text-[56px] leading-tight ${stage === 'over' ? 'text-wont' : ''}`} role="timer">
        {stage === 'over' ? '+' : ''}
        {clockText(ms)}
      </p>
      <p className={stage === 'over' ? 'text-wont' : 'text-quiet'}>{SAYS[stage]}</p>
      <Stages bake={bake} stage={stage} heldMin={heldMin} />
      {isHere && bake.followsProbe && (
        <Suspense fallback={null}>
          <ProbeRun bake={bake} heldMin={heldMin} />
        </Suspense>
      )}
      <div className="mt-2 flex flex-wrap items-end gap-3">
        {bake.outAt === null && (
          <>
            <button
              type="button"
              className="press"
              onClick={() => dispatch(changeBake({ outAt: new Date().toISOString() }))}
            >
              The heat is off
            </button>
            <button
              type="button"
              className="press-quiet"
              // An end set by hand is no longer moved by the thermometer.
              onClick={() => dispatch(changeBake({ holdMin: bake.holdMin + 5, endFollows: false }))}
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
        <button
          type="button"
          className="press-quiet text-wont"
          onClick={() => {
            set(null);
            toast(`The bake of ${bake.what} is forgotten`, {
              action: { label: 'Undo', onClick: () => set(bake) },
            });
          }}
        >
          Forget this bake
        </button>
      </div>
      <p className="mt-2 text-[13px] text-quiet">
        The clock goes on when the tab is closed. Air the room; clay that smokes: oven off, windows open.
      </p>
    </section>
  );
}
