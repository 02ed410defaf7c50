import { bakeAsk, dialFor, type ProbeTrace, reckonEnd, reckonSimulated } from '@every-inch/core/bake/heat';
import { type PlannedBake, passAsks } from '@every-inch/core/bake/plan';
import type { BulkFacts } from '@every-inch/core/bulk';
import { heroicOf, type PartFacts } from '@every-inch/core/context';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { Section } from '../../parts/Sections.tsx';
import { useFind, usePlan } from '../../spine/hooks.ts';
import { useOpenPiece } from '../../state/store.ts';
import { useBake } from '../../workers/useBake.ts';
import { HeatChart } from './HeatChart.tsx';
import { HeatPicture } from './HeatPicture.tsx';
import { UNTIL } from './OvenSettings.tsx';
import { ProbeFile } from './ProbeFile.tsx';

const BakeHistory = lazy(() => import('./BakeHistory.tsx'));

/** The first look has cells so many times as large. */
const COARSER = 2;

const NO_BAKES: readonly PlannedBake[] = [];

interface SimulatedBakeProps {
  readonly context: PartFacts;
  readonly bulk: BulkFacts;
}

/** A bake of the part worked through on its solid: how heat goes in, and when the last clay is cured. */
export default function SimulatedBake({ context, bulk }: SimulatedBakeProps) {
  const find = useFind();
  const piece = useOpenPiece();
  const plan = usePlan() ?? NO_BAKES;
  const { part, scale, own } = context;
  const settings = piece.oven;
  const [trace, setTrace] = useState<ProbeTrace | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const inPlan = plan.flatMap((bake) => {
    const load = bake.loads.find(({ parts }) => parts.some((one) => one.part === part.id));
    return load ? [{ bake, load }] : [];
  });
  const at = inPlan.find(({ bake }) => bake.step === chosen) ?? inPlan.at(-1);
  const bake = at?.bake;
  const dialC = at?.load.dialC ?? settings.dialC ?? dialFor([part.id], find, own);
  const asks = useMemo(() => {
    if (dialC === null) return [];
    const found = [COARSER, 1].map((coarser) =>
      bake
        ? passAsks(context, bulk, [bake], coarser)[0]?.ask
        : bakeAsk(context, bulk, { ...settings, dialC }, coarser),
    );
    return found.flatMap((ask) => (ask ? [{ ...ask, oven: { ...ask.oven, ...(trace && { trace }) } }] : []));
  }, [context, bulk, settings, dialC, trace, bake]);
  const {
    found: all,
    minute,
    says,
    isBusy,
    stop,
  } = useBake(part.form, heroicOf(scale.heroic, own), asks.length > 0 ? asks : null, UNTIL);
  const found = all.at(-1);
  const rules = asks[0]?.rules;
  const section = {
    id: 'simulated',
    title: 'Bake worked through',
    says: `How heat goes into ${part.name}`,
    edits: ['oven'],
    beside: at && inPlan.length > 1 && (
      <Choice
        label="as it stands at"
        value={at.bake.step}
        options={inPlan.map(({ bake: { step, number, title } }) => ({
          value: step,
          says: `${number}. ${title}`,
        }))}
        onChoose={setChosen}
      />
    ),
  };
  if (!rules || dialC === null)
    return (
      <Section {...section}>
        <p className="text-quiet">Nothing in {part.name} is baked.</p>
      </Section>
    );
  return (
    <Section {...section}>
      <ProbeFile dialC={dialC} onTrace={setTrace} />
      {says && (
        <p role="alert" className="mt-2 text-wont">
          {says}
        </p>
      )}
      {isBusy && (
        <p className="mt-1 flex items-center gap-3 text-[13px] text-quiet">
          <progress aria-label="Working the bake through" />
          <span>
            {found ? 'looking closer' : 'a first look'}, minute {Math.round(minute)}
          </span>
          <button type="button" className="press-quiet text-fired" onClick={stop}>
            leave it so
          </button>
        </p>
      )}
      {found && (
        <>
          <div className="mt-2 flex flex-wrap gap-4">
            <div className="min-w-72 flex-1">
              <HeatChart found={found} rules={rules} dialC={dialC} trace={trace} />
              <p className="text-[12.5px] text-quiet">
                blue: the oven{trace ? ' · dots: its thermometer' : ''} · dashed: its dial · orange: hottest
                clay · brown: coldest clay · green band: the window
              </p>
            </div>
            <HeatPicture
              key={`${found.id}`}
              found={found}
              context={context}
              setC={rules.setC}
              topC={rules.topC}
              scorchC={rules.scorchC}
              needMin={rules.minutes}
            />
          </div>
          <div className="mt-2">
            {[
              // What a thermometer has shown goes before what was planned.
              ...(trace ? reckonEnd(context, found.run, undefined) : []),
              ...reckonSimulated(context, found.run),
            ].map((figure) => (
              <FigureRow key={figure.key} figure={figure} />
            ))}
          </div>
        </>
      )}
      <Suspense fallback={null}>
        <BakeHistory context={context} bulk={bulk} />
      </Suspense>
    </Section>
  );
}
