import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { STEP_KINDS, type StepKind } from '@every-inch/core/piece';
import { addStep, moveStep, type OrderFault, STEP_TITLES } from '@every-inch/core/route';
import { useMemo, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { Section } from '../../parts/Sections.tsx';
import { useRouteEdit } from '../../parts/useRouteEdit.ts';
import { WindowList } from '../../parts/WindowList.tsx';
import { useIsRouteKnown, useRouteFacts } from '../../spine/hooks.ts';
import { useOfPiece } from '../../state/store.ts';
import { RouteAgain } from './RouteAgain.tsx';
import { SortableStep, StepRow } from './RouteRow.tsx';

/** More steps than this are moved by keyboard alone, and only those in sight are drawn. */
const MOST_DRAGGED = 150;
/** Height of a row before it is measured, px. */
const ROW_HEIGHT = 50;

/** The faults that a step has to do with. */
function useFaults(): ReadonlyMap<string, readonly OrderFault[]> {
  const { judged } = useRouteFacts();
  return useMemo(() => {
    const found = new Map<string, OrderFault[]>();
    for (const fault of [...judged.faults, ...judged.checks])
      for (const { id } of fault.steps) {
        const list = found.get(id);
        if (list) list.push(fault);
        else found.set(id, [fault]);
      }
    return found;
  }, [judged]);
}

interface RowsProps {
  readonly open: string | null;
  readonly onOpen: (id: string | null) => void;
  /** Every step, or what is done and the next few. */
  readonly isAll: boolean;
}

/** Steps that who improvises is offered next. */
const NEXT_FEW = 3;

/** The steps that are shown, with their places in the route: of who improvises, what is done and the next few. */
function useShownSteps(isAll: boolean): readonly number[] {
  const { steps } = useRouteFacts().route;
  return useMemo(() => {
    const all = steps.map((_, at) => at);
    if (isAll) return all;
    const next = new Set(all.filter((at) => steps[at]?.done === null).slice(0, NEXT_FEW));
    return all.filter((at) => steps[at]?.done !== null || next.has(at));
  }, [steps, isAll]);
}

function useRows({ open, onOpen, isAll }: RowsProps) {
  const all = useRouteFacts().route.steps;
  const places = useShownSteps(isAll);
  const steps = useMemo(() => places.flatMap((at) => all[at] ?? []), [places, all]);
  const faults = useFaults();
  return {
    steps,
    rowOf: (at: number) => {
      const step = steps[at];
      return (
        step && {
          step,
          at: places[at] ?? at,
          faults: faults.get(step.id) ?? [],
          isOpen: open === step.id,
          onToggle: () => onOpen(open === step.id ? null : step.id),
        }
      );
    },
  };
}

function DraggedRows(props: RowsProps) {
  const change = useRouteEdit();
  const { steps: all } = useRouteFacts().route;
  const { steps, rowOf } = useRows(props);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    if (!over || active.id === over.id) return;
    const [from, to] = [active.id, over.id].map((id) => all.findIndex((step) => step.id === id));
    const step = all[from ?? -1];
    if (step && to !== undefined) change(`move ${step.title}`, (old) => moveStep(old, step.id, to));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
      <SortableContext items={steps.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
        <ol>
          {steps.map((step, at) => {
            const row = rowOf(at);
            return row && <SortableStep key={step.id} {...row} />;
          })}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

/** The steps in sight of a very long route. */
function WindowRows({ scroller, ...props }: RowsProps & { readonly scroller: HTMLElement | null }) {
  const { steps, rowOf } = useRows(props);
  return (
    <WindowList
      count={steps.length}
      keyOf={(i) => steps[i]?.id ?? i}
      rowHeight={ROW_HEIGHT}
      scroller={scroller}
      row={(index, measure) => {
        const row = rowOf(index);
        return row && <StepRow key={row.step.id} {...row} measure={measure} />;
      }}
    />
  );
}

/** The first step of an empty route. */
function FirstStep() {
  const change = useRouteEdit();
  const [kind, setKind] = useState<StepKind>('skin');
  return (
    <div className="flex flex-wrap items-end gap-2 py-2">
      <span className="text-quiet">No part is of clay yet, so no step is proposed.</span>
      <Choice
        label="First step"
        value={kind}
        options={STEP_KINDS.map((value) => ({ value, says: STEP_TITLES[value] }))}
        onChoose={setKind}
      />
      <button
        type="button"
        className="press"
        onClick={() => change('add a step', (old) => addStep(old, kind, null).route)}
      >
        + Add
      </button>
    </div>
  );
}

/** What a route of the maker’s own has to do with the proposal. */
function saysOwn(follows: boolean): string {
  return follows ? 'as you have it; steps of new parts come in by themselves' : 'your own';
}

/** The route: every step in its order, to be dragged, split, merged, retimed and ticked off. */
export function RouteList() {
  const { route, isOwn } = useRouteFacts();
  const isKnown = useIsRouteKnown();
  const [open, setOpen] = useState<string | null>(null);
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  const improvises = useOfPiece((piece) => piece.brief.schools.work === 'improvise');
  const [wantsAll, setWantsAll] = useState(false);
  const isAll = !improvises || wantsAll;
  const shown = useShownSteps(isAll).length;
  const isLong = shown > MOST_DRAGGED;
  const done = route.steps.filter((step) => step.done !== null).length;
  return (
    <Section
      id="route"
      title="Route"
      edits={['route']}
      beside={
        isKnown && (
          <>
            <span className="text-quiet">
              {route.steps.length} steps{done > 0 && `, ${done} done`};{' '}
              {isOwn ? saysOwn(route.without !== null) : 'as proposed; what you change stays'}
            </span>
            <RouteAgain />
          </>
        )
      }
    >
      <div className="flex gap-2 border-b border-ink pr-1 text-right">
        <span className="heading flex-1 pl-16 text-left">step</span>
        <span className="heading w-16">hands</span>
        <span className="heading w-16">waiting</span>
      </div>
      {!isKnown && <p className="py-2 text-quiet">Laying it out …</p>}
      {isKnown && route.steps.length === 0 && <FirstStep />}
      <div
        ref={setScroller}
        // A route of hundreds of steps is drawn only where it is in sight, and scrolls for itself.
        tabIndex={isLong ? 0 : undefined}
        className={isLong ? 'max-h-[70vh] overflow-y-auto' : undefined}
      >
        {!isLong ? (
          <DraggedRows open={open} onOpen={setOpen} isAll={isAll} />
        ) : (
          <WindowRows open={open} onOpen={setOpen} isAll={isAll} scroller={scroller} />
        )}
      </div>
      {improvises && shown < route.steps.length + (wantsAll ? 1 : 0) && (
        <button type="button" className="press-quiet text-fired" onClick={() => setWantsAll(!wantsAll)}>
          {wantsAll ? 'Only the next few' : `${route.steps.length - shown} more, when you want them`}
        </button>
      )}
    </Section>
  );
}
