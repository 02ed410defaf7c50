import { AGENT_ROWS, trialRule, WORKS } from '@every-inch/core/bench';
import {
  AGENTS,
  type Agent,
  CURED_WORKS,
  DEFAULT_ENTRY,
  type EntryId,
  LIMITS,
  newId,
  type RouteStep,
  typedLimits,
} from '@every-inch/core/piece';
import { setNew } from '@every-inch/core/route';
import { Choice } from '../../parts/Choice.tsx';
import { HowItWent } from '../../parts/HowItWent.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { useRouteEdit } from '../../parts/useRouteEdit.ts';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useAsk } from '../../spine/hooks.ts';
import { edit, useAppDispatch } from '../../state/store.ts';

const DRY = 'dry';
const AGENT_CHOICES: readonly { readonly value: Agent | typeof DRY; readonly says: string }[] = [
  { value: DRY, says: 'a dry hand or tool' },
  ...AGENTS.map((value) => ({ value, says: AGENT_ROWS[value].title })),
];
const WORK_CHOICES = CURED_WORKS.map((value) => ({ value, says: WORKS[value].says }));

interface FieldsProps {
  readonly step: RouteStep;
  readonly onStep: (label: string, values: Partial<RouteStep>) => void;
}

/** What work on cured clay is done, and how large. */
function CuredFields({ step, onStep }: FieldsProps) {
  return (
    <>
      <Choice
        label="The work"
        value={step.work}
        options={WORK_CHOICES}
        onChoose={(work) => onStep('work', { work, own: true })}
      />
      <NumberField
        {...typedLimits(LIMITS.routeStep.sizeMm)}
        label={`Its ${WORKS[step.work].size}`}
        entry={['route', 'steps', step.id, 'sizeMm']}
        value={step.sizeMm}
        after="mm"
        className="w-16"
        onNumber={(sizeMm) => onStep('size', { sizeMm, own: true })}
        onEmpty={() => onStep('size', { sizeMm: null })}
      />
    </>
  );
}

/** What a step has beyond its order: the work on cured clay, what it is smoothed with, and whether it is new to the maker. */
export function StepHeed({ step, onStep }: FieldsProps) {
  const change = useRouteEdit();
  const findings = useAsk('bench.heed', { step: step.id }) ?? [];
  return (
    <>
      <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2">
        {step.kind === 'sand' && <CuredFields step={step} onStep={onStep} />}
        {step.kind === 'clean' && (
          <Choice
            label="Smoothed with"
            value={step.agent ?? DRY}
            options={AGENT_CHOICES}
            onChoose={(value) => onStep('what is used', { agent: value === DRY ? null : value, own: true })}
          />
        )}
        {step.kind !== 'trial' && (
          <label className="flex min-h-8 items-center gap-1.5">
            <input
              type="checkbox"
              checked={step.isNew}
              onChange={({ currentTarget: { checked } }) =>
                change(checked ? `${step.title} is new to me` : `${step.title} is known to me`, (old) =>
                  setNew(old, step.id, checked),
                )
              }
            />
            new to me: try it on a swatch first
          </label>
        )}
      </div>
      {findings.length > 0 && (
        <ul aria-label={`To heed at ${step.title}`} className="mt-2 space-y-1">
          {findings.map(({ level, says, waysOut }) => (
            <li key={says}>
              <VerdictLine verdict={{ level, wording: 'state', says, waysOut }} />
            </li>
          ))}
        </ul>
      )}
      {step.leaves === 'wash' && step.kind === 'coat' && (
        <HowItWent of={{ rule: 'coat-wash', stuff: 'wash' }} />
      )}
    </>
  );
}

/** How the trial of something new went: it goes into the log, and the step that was tried knows it. */
export function TrialWent({
  trial,
  tried,
}: {
  readonly trial: RouteStep;
  readonly tried: RouteStep | undefined;
}) {
  const dispatch = useAppDispatch();
  if (!tried) return null;
  const say = (outcome: 'good' | 'bad') => {
    const at = new Date().toISOString();
    const entry = {
      ...DEFAULT_ENTRY,
      id: newId<EntryId>('trial'),
      at,
      kind: 'result' as const,
      note: `${trial.title}: ${outcome === 'good' ? 'passed' : 'failed'}`,
      result: { rule: trialRule(tried.title), stuff: tried.leaves, outcome },
    };
    dispatch(edit(`${trial.title}: how it went`, (old) => ({ ...old, log: [...old.log, entry] })));
  };
  return (
    <p className="pb-1.5 pl-16 text-[13px] text-quiet">
      How did it come out?
      <button type="button" className="press-quiet text-fired" onClick={() => say('good')}>
        It passed
      </button>
      <button type="button" className="press-quiet text-fired" onClick={() => say('bad')}>
        It failed
      </button>
    </p>
  );
}
