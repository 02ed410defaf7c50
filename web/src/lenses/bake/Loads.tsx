import {
  type BakeLoads,
  loadedParts,
  type OvenBoard,
  type OvenLoad,
  ovenBoard,
  routeLoads,
} from '@every-inch/core/bake/loads';
import { sourced, type Verdict } from '@every-inch/core/reckoning';
import { idleSteps } from '@every-inch/core/route';
import { useMemo, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { Section } from '../../parts/Sections.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useAllFacts, useBakes, useFind, useRouteFacts } from '../../spine/hooks.ts';
import { edit, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { useOutlines } from '../../workers/useOutlines.ts';
import { OvenBoardView } from './OvenBoardView.tsx';

/** Names of what is in a load, each with how many. */
function namesIn(names: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].map(([name, n]) => (n === 1 ? name : `${name} × ${n}`)).join(', ');
}

/** Whether everything in a load stands clear. */
function judgeBoard({ items }: OvenBoard): Verdict {
  const worst = items.filter(({ isClear }) => !isClear).sort((a, b) => a.nearest.mm - b.nearest.mm)[0];
  if (!worst) return { level: 'good', wording: 'room', says: 'everything stands clear', waysOut: [] };
  const { nearest, name } = worst;
  return {
    level: nearest.mm <= 0 ? 'stop' : 'doubtful',
    wording: 'room',
    says: `${name} is ${nearest.mm <= 0 ? 'through' : `${nearest.mm.toFixed(0)} mm from`} ${nearest.to}`,
    waysOut: [{ says: 'drag it clear in the drawing' }],
  };
}

/** What the hands may do while a bake of the route is in the oven. */
function Idle({ bake, minutes }: { readonly bake: string; readonly minutes: number }) {
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

interface LoadProps {
  readonly load: OvenLoad;
  readonly number: number;
  readonly of: number;
}

function Load({ load, number, of }: LoadProps) {
  const contexts = useAllFacts();
  const piece = useOpenPiece();
  const dispatch = useAppDispatch();
  const workshop = useAppSelector((state) => state.workshop.own);
  const own = useMemo(() => ({ ...workshop, ...piece.own }), [workshop, piece.own]);
  const inIt = useMemo(
    () =>
      [...new Set(load.placed.map(({ item }) => item.id.split('/')[0] ?? ''))].flatMap(
        (id) => contexts.get(id) ?? [],
      ),
    [load, contexts],
  );
  const outlines = useOutlines(inIt);
  const board = useMemo(() => ovenBoard(load, contexts, outlines, own), [load, contexts, outlines, own]);
  const ids = new Set(load.placed.map(({ item }) => item.id));
  const byHand = piece.oven.places.some(({ item }) => ids.has(item));
  return (
    <li className="border-t border-hair py-1">
      <span className="figure">
        {of > 1 && `${number}. `}
        {load.lowC.toFixed(0)}–{load.highC.toFixed(0)} °C, {Math.round(load.minutes)} min
      </span>
      : {namesIn(load.placed.map(({ item }) => item.name))}
      <OvenBoardView board={board} label={`Load ${number}, the oven from above and from the front`} />
      <div className="flex flex-wrap items-baseline gap-x-4">
        <VerdictLine verdict={judgeBoard(board)} />
        {byHand && (
          <button
            type="button"
            className="press-quiet text-fired"
            onClick={() =>
              dispatch(
                edit('place the load anew', (old) => ({
                  ...old,
                  oven: { ...old.oven, places: old.oven.places.filter(({ item }) => !ids.has(item)) },
                })),
              )
            }
          >
            Place it anew
          </button>
        )}
      </div>
    </li>
  );
}

function totalMinutes(all: readonly BakeLoads[]): number {
  return all.reduce((sum, { plan }) => sum + plan.loads.reduce((part, { minutes }) => part + minutes, 0), 0);
}

/** Every bake of the route in the maker’s oven, in the fewest fillings, and where each thing stands. */
export default function Loads() {
  const bakes = useBakes();
  const contexts = useAllFacts();
  const find = useFind();
  const piece = useOpenPiece();
  const workshop = useAppSelector((state) => state.workshop.own);
  const own = useMemo(() => ({ ...workshop, ...piece.own }), [workshop, piece.own]);
  const parts = useMemo(() => loadedParts(contexts, find), [contexts, find]);
  const { places } = piece.oven;
  const all = useMemo(
    () =>
      routeLoads(bakes, parts, own, sourced('bake.set-hold', own).value, places).filter(
        ({ plan }) => plan.loads.length + plan.left.length > 0,
      ),
    [bakes, parts, own, places],
  );
  const [chosen, setChosen] = useState<string | null>(null);
  const one = all.find(({ bake }) => bake.step.id === chosen) ?? all.at(-1);
  if (!one) return null;
  const { bake, plan } = one;
  const count = all.reduce((sum, { plan: each }) => sum + each.loads.length, 0);
  const minutes = plan.loads.reduce((sum, load) => sum + load.minutes, 0);
  return (
    <Section
      id="loads"
      title="Loads"
      says={`${plan.loads.length === 1 ? 'One load takes it all' : `${plan.loads.length} loads of the oven`}, ${Math.round(minutes)} min of heat`}
      beside={
        <>
          {all.length > 1 && (
            <Choice
              label="Bake of the route"
              value={bake.step.id}
              options={all.map(({ bake: { step, number } }) => ({
                value: step.id,
                says: `${number}. ${step.title}`,
              }))}
              onChoose={setChosen}
            />
          )}
          <span className="text-quiet">
            {count} {count === 1 ? 'load' : 'loads'}, {Math.round(totalMinutes(all))} min in all
          </span>
        </>
      }
    >
      <p className="text-[13px] text-quiet">
        {plan.atLeast === plan.loads.length
          ? 'Fewer there cannot be.'
          : `At least ${plan.atLeast} there must be; this is the best that was found.`}{' '}
        By footprints and windows, times by the packet’s rule: thin things in a long load want a tent of foil.
      </p>
      <ol className="mt-1 text-[14px]">
        {plan.loads.map((load, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: loads are known by their number
          <Load key={i} load={load} number={i + 1} of={plan.loads.length} />
        ))}
      </ol>
      <Idle bake={bake.step.id} minutes={minutes} />
      {plan.left.length > 0 && (
        <p className="text-wont">
          Too large for this oven by itself: {namesIn(plan.left.map(({ name }) => name))}. See Room in the
          oven at Size for where to part it.
        </p>
      )}
    </Section>
  );
}
