import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { stepHint } from '@every-inch/core/bench';
import type { RouteStep } from '@every-inch/core/piece';
import type { Verdict } from '@every-inch/core/reckoning';
import { changeStep, moveStep, type OrderFault, removeStep } from '@every-inch/core/route';
import { GripVertical } from 'lucide-react';
import type { KeyboardEvent } from 'react';
import { HowItWent } from '../../parts/HowItWent.tsx';
import { useRouteEdit } from '../../parts/useRouteEdit.ts';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useAllFacts, useAsk, useFind, usePlan, useRouteFacts } from '../../spine/hooks.ts';
import { StepEditor } from './StepEditor.tsx';
import { TrialWent } from './StepHeed.tsx';

interface RowProps {
  readonly step: RouteStep;
  /** Place in the route, from 0. */
  readonly at: number;
  readonly faults: readonly OrderFault[];
  readonly isOpen: boolean;
  readonly onToggle: () => void;
}

type Drag = ReturnType<typeof useSortable>;

/** A step that can also be dragged by its handle. */
export function SortableStep(props: RowProps) {
  return <StepRow {...props} drag={useSortable({ id: props.step.id })} />;
}

function minutesOf(value: number | undefined): string {
  if (value === undefined || value < 0.5) return '';
  return value < 90 ? `${Math.round(value)} min` : `${(value / 60).toFixed(1)} h`;
}

/** What is said of a fault at one of its steps: in whole, with its ways out, at the first; at the others that it is so. */
function saysFault({ first, says, repair, of }: OrderFault, step: RouteStep): Verdict {
  const waysOut = repair && first.id === step.id ? [{ says: repair.says, change: repair.change }] : [];
  return { level: of?.grade === 'check' ? 'doubtful' : 'stop', wording: 'state', says, waysOut };
}

interface StepRowProps extends RowProps {
  readonly drag?: Drag;
  readonly measure?: (row: HTMLElement | null) => void;
}

/** One step of the route: its number, whether it is done, what it is, its minutes, and what of its place does not hold. */
export function StepRow({ step, at, faults, isOpen, onToggle, drag, measure }: StepRowProps) {
  const change = useRouteEdit();
  const { times, shares, heeds, route } = useRouteFacts();
  const time = times.get(step.id);
  const [find, contexts, bakes] = [useFind(), useAllFacts(), usePlan()];
  const hint = stepHint(step, { find, contexts, bakes: bakes ?? [], shares });
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
    if (event.altKey && by !== undefined) {
      event.preventDefault();
      change(`move ${step.title}`, (old) => moveStep(old, step.id, at + by));
    } else if (event.key === 'Delete') change(`take out ${step.title}`, (old) => removeStep(old, step.id));
  };
  const isOven = step.kind === 'bake';
  // Opened, the step says it itself, with all that is good about it.
  const hasOwn =
    !isOpen &&
    (step.kind === 'sand' ||
      step.kind === 'detail' ||
      step.kind === 'dry' ||
      step.leaves === 'wash' ||
      step.agent !== null ||
      step.isNew);
  const findings = useAsk('bench.heed', hasOwn ? { step: step.id } : null) ?? [];
  const own = (hasOwn ? findings : [])
    .filter(({ level }) => level !== 'good')
    .map((finding): Verdict => ({ ...finding, wording: 'state' }));
  // What stops at Bake stops here: the loads of a bake are judged there.
  const loads = bakes?.find((bake) => bake.step === step.id)?.loads ?? [];
  const atOven = loads.flatMap((_, i): Verdict[] => {
    const verdict = find(null, `bake.load.${step.id}.${i + 1}`)?.verdict;
    return verdict?.level === 'stop' ? [verdict] : [];
  });
  return (
    <li
      ref={drag?.setNodeRef ?? measure}
      data-index={at}
      style={{
        transform: drag ? CSS.Translate.toString(drag.transform) : undefined,
        transition: drag?.transition,
      }}
      className={`border-b border-hair ${isOven ? 'border-l-[3px] border-l-fired' : 'border-l-[3px] border-l-transparent'}`}
    >
      <div className="flex items-center gap-2 pr-1">
        {drag ? (
          <button
            type="button"
            {...drag.attributes}
            {...drag.listeners}
            className="w-5 shrink-0 cursor-grab touch-none self-stretch text-quiet hover:text-ink"
            aria-label={`Drag ${step.title}; by keyboard Alt and arrows on the step`}
          >
            <GripVertical className="mx-auto size-3.5" />
          </button>
        ) : (
          <span className="w-5" />
        )}
        <span className="figure w-8 shrink-0 text-right text-quiet">{at + 1}</span>
        <input
          type="checkbox"
          className="size-4 shrink-0"
          aria-label={`${step.title} is done`}
          checked={step.done !== null}
          onChange={({ currentTarget: { checked } }) =>
            change(`${step.title} ${checked ? 'is done' : 'is not done'}`, (old) =>
              changeStep(old, step.id, { done: checked ? new Date().toISOString() : null }),
            )
          }
        />
        <button
          type="button"
          className="min-w-0 flex-1 py-1.5 text-left"
          aria-expanded={isOpen}
          onClick={onToggle}
          onKeyDown={onKeyDown}
        >
          <span className={step.done === null ? '' : 'text-quiet line-through'}>{step.title}</span>
          {hint !== '' && <span className="block text-[12.5px] text-quiet md:truncate">{hint}</span>}
        </button>
        <span className="figure w-16 shrink-0 text-right">{minutesOf(time?.handsMin)}</span>
        <span className="figure w-16 shrink-0 text-right text-quiet">{minutesOf(time?.waitMin)}</span>
      </div>
      {[
        ...faults.map((fault) => saysFault(fault, step)),
        ...atOven,
        ...(heeds.get(step.id) ?? []),
        ...own,
      ].map((verdict) => (
        <div key={verdict.says} className="pb-1.5 pl-16">
          <VerdictLine verdict={verdict} />
        </div>
      ))}
      {faults.map(({ of, second, says }) =>
        of && second.id === step.id ? <HowItWent key={`went ${says}`} of={of} /> : null,
      )}
      {step.kind === 'trial' && (
        <TrialWent trial={step} tried={route.steps.find(({ needs }) => needs.includes(step.id))} />
      )}
      {isOpen && <StepEditor step={step} />}
    </li>
  );
}
