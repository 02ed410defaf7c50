import type { Alongside, PlannedBake, PlannedLoad, PracticeSeen } from '@every-inch/core/bake/plan';
import { windowSays } from '@every-inch/core/bake/plan';
import { brownedAfter, curedAfter, type PartWindow } from '@every-inch/core/bake/window';
import { inBothDegrees } from '@every-inch/core/bench';
import { LIMITS, type RouteStep, typedLimits } from '@every-inch/core/piece';
import { changeStep, idleSteps } from '@every-inch/core/route';
import { lazy, Suspense, useState } from 'react';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { useRouteEdit } from '../../parts/useRouteEdit.ts';
import { VerdictLine, VerdictMark } from '../../parts/VerdictLine.tsx';
import { Working } from '../../parts/Working.tsx';
import { useAllFacts, useAsk, useFind, useRouteFacts } from '../../spine/hooks.ts';
import { selectPart, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { EnterOven } from './EnterOven.tsx';
import { marksOf } from './marks.ts';
import { OvenSettings } from './OvenSettings.tsx';
import { PrintCard } from './PrintCard.tsx';
import { StartBake } from './StartBake.tsx';
import { WindowChart } from './WindowChart.tsx';

const LoadBoard = lazy(() => import('./LoadBoard.tsx'));

/** A bake of the route with one of its loads; none for small parts made ahead. */
interface Stop {
  readonly id: string;
  readonly bake: PlannedBake;
  readonly load: PlannedLoad | null;
}

function stopsOf(bakes: readonly PlannedBake[]): Stop[] {
  return bakes.flatMap((bake): Stop[] =>
    bake.aheadMin === null
      ? bake.loads.map((load) => ({ id: load.id, bake, load }))
      : [{ id: `${bake.step}.1`, bake, load: null }],
  );
}

/** The load that a part is looked for in: the one that cures it, else the first that is not done. */
function stopFor(stops: readonly Stop[], chosen: string | null, part: string | null): Stop | undefined {
  return (
    stops.find(({ id }) => id === chosen) ??
    stops.findLast(({ load }) => load?.parts.some((one) => one.part === part)) ??
    stops.find(({ bake, load }) => load && bake.done === null) ??
    stops.at(-1)
  );
}

interface StripProps {
  readonly stops: readonly Stop[];
  readonly at: Stop;
  readonly onChoose: (id: string) => void;
}

/** The bakes in order, each load with its minutes and its window. */
function Strip({ stops, at, onChoose }: StripProps) {
  return (
    <ol aria-label="Bakes in order" className="flex flex-wrap border-t border-ink">
      {stops.map(({ id, bake, load }) => {
        const isHere = id === at.id;
        const number = bake.loads.length > 1 && load ? `${bake.number}.${load.number}` : `${bake.number}`;
        return (
          <li key={id} className="min-w-36 flex-1">
            <button
              type="button"
              aria-current={isHere ? 'step' : undefined}
              className={`h-full w-full border-b border-l border-hair px-2.5 py-1.5 text-left text-[13.5px] ${
                isHere ? 'border-t-2 border-t-fired bg-paper' : ''
              }`}
              onClick={() => onChoose(id)}
            >
              <span className={isHere ? 'font-semibold' : ''}>
                <span className="text-quiet">{number}</span> {bake.title}
              </span>
              <span className="block whitespace-nowrap">
                {load && load.verdict.level !== 'good' && <VerdictMark verdict={load.verdict} />}
                <span className="figure">{load?.minutes ?? bake.aheadMin} min</span>{' '}
                <span className="text-quiet">
                  {bake.done !== null
                    ? 'done'
                    : load?.window.isOpen && windowSays(load.window).replace(' min', '')}
                </span>
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}

/** What the dial and the minutes go by, in a sentence. */
function OvenSays({ load, isShort }: { readonly load: PlannedLoad; readonly isShort: boolean }) {
  const { oven, window, isEntered } = load;
  return (
    <div className="min-w-56 flex-1 text-[14px]">
      <p>
        <span className="text-quiet">
          {oven.isMeasured
            ? `Oven measured: holds ${oven.coldC.toFixed(0)} to ${oven.hotC.toFixed(0)} °C at this dial. `
            : `The dial was never measured: taken for ${oven.coldC.toFixed(0)} to ${oven.hotC.toFixed(0)} °C. `}
        </span>
        {window.isOpen
          ? `Everything is ${isShort ? 'firm' : 'cured'} by ${Math.ceil(window.fromMin ?? 0)}, nothing browns before ${Math.floor(window.toMin)}.`
          : 'There is no minute that suits everything wherever the oven stands: these do the least harm.'}
        {isEntered && ' The minutes are your own.'}
      </p>
    </div>
  );
}

interface DoseProps {
  readonly load: PlannedLoad;
  readonly nameOf: (part: string) => string;
  readonly isShort: boolean;
}

/** How far cure and browning have come at the minutes of the load; of a short bake the browning alone. */
function DoseSays({ load, nameOf, isShort }: DoseProps) {
  const { minutes, parts } = load;
  const least = mostOf(parts, (one) => -curedAfter(one, minutes));
  const most = mostOf(parts, (one) => brownedAfter(one, minutes));
  if (!least || !most) return null;
  const where = (one: PartWindow, region: string) =>
    region ? `${nameOf(one.part)}, ${region}` : nameOf(one.part);
  const share = (value: number) => `${Math.min(999, Math.round(100 * value))} %`;
  return (
    <p className="mt-1 text-[14px]">
      {!isShort && (
        <>
          Least cured at {minutes} min: <span className="figure">{share(curedAfter(least, minutes))}</span>,{' '}
          {where(least, least.slowest)} ·{' '}
        </>
      )}
      most browned <span className="figure">{share(brownedAfter(most, minutes))}</span>,{' '}
      {where(most, most.quickest)}
    </p>
  );
}

function mostOf(parts: readonly PartWindow[], of: (one: PartWindow) => number): PartWindow | undefined {
  return [...parts].sort((a, b) => of(b) - of(a))[0];
}

/** What the hands may do while a bake of the route is in the oven. */
function Meanwhile({ bake, minutes }: { readonly bake: string; readonly minutes: number }) {
  const { route, times } = useRouteFacts();
  const steps = idleSteps(route, bake, minutes, ({ id }) => times.get(id)?.handsMin ?? 0);
  if (steps.length === 0) return null;
  return (
    <p className="mt-1 text-[14px]">
      Meanwhile, for the hands:{' '}
      {steps.map(({ id, title }) => `${title} (${Math.round(times.get(id)?.handsMin ?? 0)} min)`).join(', ')}.
    </p>
  );
}

/** Dial and minutes of one bake, where they are not those of all. */
function OwnHeat({ step, load }: { readonly step: string; readonly load: PlannedLoad }) {
  const change = useRouteEdit();
  const { route } = useRouteFacts();
  const own = route.steps.find(({ id }) => id === step);
  if (!own) return null;
  const set = (to: Partial<Pick<RouteStep, 'dialC' | 'holdMin'>>, label: string) =>
    change(label, (now) => changeStep(now, step, to), label);
  return (
    <fieldset className="flex gap-3" aria-label="This bake’s own">
      <NumberField
        {...typedLimits(LIMITS.routeStep.dialC)}
        entry={['route', 'steps', step, 'dialC']}
        label="Dial, this bake"
        value={own.dialC}
        placeholder={load.dialC.toFixed(0)}
        after="°C"
        className="w-16"
        onNumber={(dialC) => set({ dialC }, `dial of ${own.title}`)}
        onEmpty={() => set({ dialC: null }, `dial of ${own.title}`)}
      />
      <NumberField
        {...typedLimits(LIMITS.routeStep.holdMin)}
        entry={['route', 'steps', step, 'holdMin']}
        label="Minutes, this bake"
        value={own.holdMin}
        placeholder={String(load.minutes)}
        after="min"
        className="w-16"
        onNumber={(holdMin) => set({ holdMin }, `minutes of ${own.title}`)}
        onEmpty={() => set({ holdMin: null }, `minutes of ${own.title}`)}
      />
    </fieldset>
  );
}

const NO_PRACTICES: readonly PracticeSeen[] = [];

function alongSays(one: Alongside): string {
  switch (one.kind) {
    case 'part':
      return `${one.name}, of a later bake`;
    case 'spare':
      return `${one.name}, ${one.toMake} still to make, and a spare`;
    case 'clay':
      return `anything of ${one.name} up to ${one.thickMm.toFixed(0)} mm thick: a swatch, a bead`;
  }
}

const NOTHING_ALONG: readonly Alongside[] = [];

/** What could be made of the clay that is out and put in with it. */
function GoesAlong({ load }: { readonly load: string }) {
  const along = useAsk('bake.alongside', { load }) ?? NOTHING_ALONG;
  if (along.length === 0) return null;
  return (
    <p className="mt-1 text-[14px]">
      <span className="text-quiet">Could go in along with it, in the same clay: </span>
      {along.map(alongSays).join(' · ')}
    </p>
  );
}

interface ChosenProps {
  readonly bake: PlannedBake;
  readonly load: PlannedLoad;
}

function Chosen({ bake, load }: ChosenProps) {
  const piece = useOpenPiece();
  const find = useFind();
  const contexts = useAllFacts();
  const nameOf = (part: string) => contexts.get(part)?.part.name ?? part;
  const practices = useAsk('bake.practices', { load: load.id }) ?? NO_PRACTICES;
  const [dialFigure, figure] = ['dial', 'load'].map((what) => find(null, `bake.${what}.${load.id}`));
  const isShort = bake.way === 'set';
  const names = load.parts.map(({ part }) => nameOf(part));
  const slowest = load.window.slowest.part;
  const early = load.parts
    .filter(({ toMin }) => Math.floor(toMin) < load.minutes - 0.5)
    .map(({ part, toMin }) => ({ what: nameOf(part), minute: Math.max(1, Math.floor(toMin)) }));
  const [dial, fahrenheit] = inBothDegrees({ value: load.dialC, unit: '°C' }).split(' (');
  return (
    <>
      <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2">
        <div>
          <div className="text-[13px] text-quiet">dial</div>
          <span className="flex items-center gap-1">
            <span className="figure whitespace-nowrap text-[27px] leading-8">{dial}</span>
            <span className="figure text-quiet">{fahrenheit?.replace(')', '')}</span>
            {dialFigure && <Working figure={dialFigure} />}
          </span>
        </div>
        <div>
          <div className="text-[13px] text-quiet">door shut to door open</div>
          <span className="flex items-center">
            <span className="figure whitespace-nowrap text-[27px] leading-8 text-fired">
              {load.minutes} min
            </span>
            {figure && <Working figure={figure} />}
          </span>
        </div>
        <OwnHeat step={bake.step} load={load} />
        <OvenSays load={load} isShort={isShort} />
        <StartBake
          what={names.length > 2 ? `${nameOf(slowest)} and ${names.length - 1} more` : names.join(' and ')}
          part={slowest}
          dialC={load.dialC}
          holdMin={load.minutes}
          coolMin={load.coolMin}
          thicknessMm={find(slowest, 'bulk.thickest')?.quantity.value ?? null}
          preheated={piece.oven.preheated}
          warmMin={load.window.slowest.warmMin}
          regions={null}
          early={early}
          tillCured={!load.isEntered && !isShort}
        />
      </div>
      <EnterOven dialC={load.dialC} />
      {load.verdict.level !== 'good' && <VerdictLine verdict={load.verdict} />}
      <WindowChart load={load} nameOf={nameOf} marks={marksOf(load, find, piece.log, isShort, practices)} />
      <DoseSays load={load} nameOf={nameOf} isShort={isShort} />
      <GoesAlong load={load.id} />
      <Meanwhile bake={bake.step} minutes={load.minutes} />
      <Suspense fallback={null}>
        <LoadBoard load={load} />
      </Suspense>
    </>
  );
}

/** The bakes of the route in order: of the chosen one its dial, its minutes and the window they lie in, its load and its clock. */
export function Bakes({ bakes }: { readonly bakes: readonly PlannedBake[] }) {
  const piece = useOpenPiece();
  const part = useAppSelector(selectPart);
  const [chosen, setChosen] = useState<string | null>(null);
  const stops = stopsOf(bakes);
  const at = stopFor(stops, chosen, part?.id ?? null);
  const left = [...new Set(bakes.flatMap((bake) => bake.left))];
  const total = stops.reduce((sum, { bake, load }) => sum + (load?.minutes ?? bake.aheadMin ?? 0), 0);
  const { bake = null, load = null } = at ?? {};
  return (
    <Section
      id="bakes"
      title="Bakes of this piece, in order"
      says={`${stops.length} ${stops.length === 1 ? 'load' : 'loads'} of the oven, ${total} min of heat in all`}
      edits={['oven', 'route.steps']}
      beside={<PrintCard />}
    >
      {at && <Strip stops={stops} at={at} onChoose={setChosen} />}
      {left.length > 0 && (
        <p className="mt-2 text-wont">
          No room in this oven for {left.join(', ')}: part it at Size, or enter your oven at the Workshop.
        </p>
      )}
      {bake?.more.map(({ name, count }) => (
        <p key={name} className="mt-2 text-[14px]">
          {count} more of {name} than are laid out here: they take loads like these.
        </p>
      ))}
      {bake !== null && bake.spared.length > 0 && (
        <p className="mt-2 text-[14px]">Cured already, left out of this bake: {bake.spared.join(', ')}.</p>
      )}
      {bake && load && <Chosen bake={bake} load={load} />}
      {bake && !load && (
        <p className="mt-3">
          <span className="figure text-[27px] text-fired">{bake.aheadMin} min</span>{' '}
          <span className="text-quiet">
            small parts by themselves: the shortest bake there is, and look early; thin things are done, and
            burn, first
          </span>
        </p>
      )}
      <OvenSettings
        settings={piece.oven}
        usualDialC={load?.dialC ?? 130}
        usualHold={load ? `${load.window.adviseMin}` : ''}
      />
    </Section>
  );
}
