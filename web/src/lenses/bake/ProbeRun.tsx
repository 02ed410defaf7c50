import type { RunningBake } from '@every-inch/core/bake';
import { type BakeAsk, bakeAsk, heldC, reckonEnd, reckonSimulated } from '@every-inch/core/bake/heat';
import type { BulkFacts } from '@every-inch/core/bulk';
import { heroicOf, type PartFacts } from '@every-inch/core/context';
import { useEffect, useMemo } from 'react';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { useAllFacts, useFind, useToldOfAll } from '../../spine/hooks.ts';
import { changeBake, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { useBake } from '../../workers/useBake.ts';
import { HeatChart } from './HeatChart.tsx';
import { UNTIL } from './OvenSettings.tsx';

/** The run is worked through anew when so many readings have come, on cells so many times as large. */
const READINGS = 8;
const COARSER = 2;
/** A probe that says nothing for so long of the bake’s time is silent, min. */
const SILENT = 4;
/** An end that moves by less is left alone, min. */
const LEAST_MOVE = 1;

interface RunProps {
  readonly bake: RunningBake;
  readonly context: PartFacts;
  readonly bulk: BulkFacts;
}

/** The run by what the probe has shown so far, its chart, and the end that follows. */
function Rerun({ bake, context, bulk }: RunProps) {
  const dispatch = useAppDispatch();
  const find = useFind();
  const piece = useOpenPiece();
  const { probe } = bake;
  const count = probe?.minutes.length ?? 0;
  const upTo = count - (count % READINGS);
  const asks = useMemo((): BakeAsk[] | null => {
    if (!probe || upTo < 2) return null;
    const ask = bakeAsk(
      context,
      bulk,
      { ...piece.oven, dialC: bake.dialC, holdMin: bake.endFollows ? null : bake.holdMin },
      COARSER,
    );
    const trace = { minutes: probe.minutes.slice(0, upTo), airC: probe.airC.slice(0, upTo) };
    return ask && [{ ...ask, regions: bake.regions, oven: { ...ask.oven, trace } }];
    // The same readings make the same text, and that is asked once.
  }, [probe, upTo, context, bulk, piece.oven, bake.dialC, bake.holdMin, bake.endFollows, bake.regions]);
  const { found } = useBake(
    context.part.form,
    heroicOf(context.scale.heroic, context.own),
    asks,
    UNTIL,
    true,
  );
  const last = found.at(-1);
  const holdMin = last?.run.holdMin ?? null;
  const isIn = bake.outAt === null;
  const moves = isIn && bake.endFollows && holdMin !== null && Math.abs(holdMin - bake.holdMin) >= LEAST_MOVE;
  useEffect(() => {
    if (moves && holdMin !== null) dispatch(changeBake({ holdMin }));
  }, [moves, holdMin, dispatch]);
  const rules = asks?.[0]?.rules;
  if (!last || !rules || !probe)
    return <p className="text-[13px] text-quiet">Waiting for more readings of the probe …</p>;
  return (
    <div className="mt-2 flex flex-wrap gap-4">
      <div className="min-w-72 flex-1">
        <HeatChart found={last} rules={rules} dialC={bake.dialC} trace={probe} />
      </div>
      <div className="min-w-56 flex-1">
        {[
          ...reckonEnd(context, last.run, find(context.part.id, 'bake.hold')),
          ...reckonSimulated(context, last.run),
        ].map((figure) => (
          <FigureRow key={figure.key} figure={figure} />
        ))}
        {holdMin === null && bake.endFollows && (
          <p className="text-wont">
            By the probe it is never cured: turn the dial up, or look whether the door is shut.
          </p>
        )}
        {isIn && (
          <label className="flex min-h-8 items-center gap-1 text-[13px]">
            <input
              type="checkbox"
              checked={bake.endFollows}
              onChange={(event) => dispatch(changeBake({ endFollows: event.currentTarget.checked }))}
            />
            the end goes by the thermometer
          </label>
        )}
      </div>
    </div>
  );
}

/** What the probe in the oven shows of a running bake, and the bake worked through by that. */
export default function ProbeRun({
  bake,
  heldMin,
}: {
  readonly bake: RunningBake;
  readonly heldMin: number;
}) {
  const contexts = useAllFacts();
  const bulk = useToldOfAll('bulk.part');
  const isConnected = useAppSelector((state) => state.session.instruments);
  const [context, own] = [contexts.get(bake.part ?? ''), bulk.get(bake.part ?? '')];
  const last = bake.probe?.minutes.at(-1);
  const silent = heldMin - (last ?? 0);
  const held = bake.probe && heldC(bake.probe);
  const isSilent = bake.outAt === null && (!isConnected || silent > SILENT);
  return (
    <div aria-live="off">
      <p className="text-[14px]">
        Probe:{' '}
        <output className="figure" aria-label="Probe shows">
          {last === undefined ? '—' : `${bake.probe?.airC.at(-1)?.toFixed(1)} °C`}
        </output>
        {held !== null && (
          <>
            , holds <span className="figure">{held.toFixed(0)} °C</span> at dial{' '}
            <span className="figure">{bake.dialC.toFixed(0)} °C</span>
          </>
        )}
      </p>
      {isSilent && (
        <p role="status" className="text-tight">
          Silent for {Math.round(silent)} min: the clock goes on, and the oven is taken to hold as it held.
        </p>
      )}
      {context && own && <Rerun bake={bake} context={context} bulk={own} />}
    </div>
  );
}
