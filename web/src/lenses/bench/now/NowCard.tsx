import { clockText } from '@every-inch/core/bake';
import { careOf } from '@every-inch/core/bench';
import { longSays, momentSays } from '@every-inch/core/schedule';
import { Choice } from '../../../parts/Choice.tsx';
import { DrawingView } from '../../../parts/DrawingView.tsx';
import { useNow } from '../../../parts/useNow.ts';
import { useAsk } from '../../../spine/hooks.ts';
import type { NowStep, NowSteps } from './useNowSteps.ts';

/** Minutes a maker has, as they are chosen. */
const MINUTES = [15, 40, 60, 120] as const;

/** What there is just now: minutes, and hands as they are. */
export function MomentFields({ steps: { moment, setMoment } }: { readonly steps: NowSteps }) {
  return (
    <span className="flex flex-wrap items-center gap-x-2">
      <Choice
        label="Time now"
        hideLabel
        value={moment.minutes === null ? 'any' : String(moment.minutes)}
        options={[
          { value: 'any', says: 'any time' },
          ...MINUTES.map((minutes) => ({ value: String(minutes), says: longSays(minutes) })),
        ]}
        onChoose={(value) => setMoment({ ...moment, minutes: value === 'any' ? null : Number(value) })}
      />
      <Choice
        label="Hands now"
        hideLabel
        value={moment.hands}
        options={[
          { value: 'any', says: 'any hands' },
          { value: 'dirty', says: 'hands dirty' },
          { value: 'clean', says: 'hands clean' },
        ]}
        onChoose={(hands) => setMoment({ ...moment, hands })}
      />
    </span>
  );
}

/** How long it has been worked on. */
export function SittingClock({
  startedAt,
  big = false,
}: {
  readonly startedAt: string;
  readonly big?: boolean;
}) {
  const now = useNow(1000, true);
  const ms = Math.max(0, now - Date.parse(startedAt));
  return (
    <span
      role="timer"
      aria-label="At it for"
      className={`figure ${big ? 'text-[clamp(20px,4vw,44px)]' : 'text-[17px]'}`}
    >
      {clockText(ms)}
    </span>
  );
}

/** What must lie ready, how it is held, and what is to be minded at a step. */
export function useAbout({ route }: NowStep) {
  const laid = useAsk('bench.lay-out', {});
  const handling = useAsk('route.handling', {});
  const heed = useAsk('bench.heed', { step: route.id }) ?? [];
  const [part] = route.parts;
  return {
    ready: (laid?.things ?? []).filter(({ steps }) => steps.includes(route.title)),
    held: handling?.find((one) => one.part === part) ?? null,
    heed: heed.filter(({ level }) => level !== 'good'),
    care: careOf(route.kind),
  };
}

/** The part of a step at the size of the clay, where it fits; seen from the front. */
export function PartPicture({ part, className }: { readonly part: string; readonly className: string }) {
  const drawing = useAsk('bench.part-drawing', { part, view: 'front' as const });
  return drawing ? (
    <div className={className}>
      <DrawingView drawing={drawing} label="The part of this step" className="max-h-[52vh] w-full" />
    </div>
  ) : null;
}

/** Minutes of a step, with the range. */
export function saysMinutes({ step, reckonedMin }: NowStep): string {
  const usual = Math.abs(step.handsMin - reckonedMin) >= 1 ? `, usually ${longSays(reckonedMin)}` : '';
  const waits = step.done - step.waitFrom;
  return `you: ${longSays(step.handsMin)}${usual}${waits >= 1 ? `, then ${longSays(waits)} ${step.holds === 'oven' ? 'in the oven' : 'waiting'}` : ''}`;
}

/** What to do now: the step, what it needs, and what becomes of it. */
export function NowCard({ steps, onFill }: { readonly steps: NowSteps; readonly onFill: () => void }) {
  const { now, facts } = steps;
  if (!facts) return <p className="text-quiet">looking what can be done now …</p>;
  if (!now)
    return (
      <p className="text-quiet">
        {facts.steps.length === 0
          ? 'Nothing is left to be done.'
          : 'Nothing goes into that: all else waits for something, wants other hands or more time.'}
      </p>
    );
  return <Card key={now.route.id} steps={steps} now={now} onFill={onFill} />;
}

function Card({
  steps,
  now,
  onFill,
}: {
  readonly steps: NowSteps;
  readonly now: NowStep;
  readonly onFill: () => void;
}) {
  const { sitting, rest, facts } = steps;
  const { held, heed, care } = useAbout(now);
  const isBegun = sitting?.step === now.route.id;
  return (
    <div className="space-y-2">
      <h4 className="text-[19px] leading-tight font-semibold">{now.route.title}</h4>
      {now.hint && <p className="text-quiet">{now.hint}</p>}
      <p className="text-[13px]">
        {saysMinutes(now)}
        {now.isLonger && ', more than there is: begin it and go on later'}
        {facts && now.step.heldBy === null && (
          <span className="text-quiet">; may wait until {momentSays(now.step.latest, facts.now)}</span>
        )}
      </p>
      {held && <p className="text-[13px] text-quiet">Hold it {held.held}.</p>}
      {heed.map(({ says }) => (
        <p key={says} className="text-[13px] text-tight">
          {says}
        </p>
      ))}
      {care[0] && <p className="text-[13px] text-quiet">{care[0]}</p>}
      {isBegun && <SittingClock startedAt={sitting.startedAt} />}
      <div className="grid grid-cols-2 gap-1.5">
        <button type="button" className="press col-span-2 min-h-11 bg-ink text-bench" onClick={steps.done}>
          Done
        </button>
        {!isBegun && (
          <button type="button" className="press" onClick={steps.begin}>
            Begin
          </button>
        )}
        <button type="button" className="press" onClick={steps.notNow}>
          Not now
        </button>
        <button type="button" className="press" onClick={steps.wrong}>
          Went wrong
        </button>
        <button type="button" className="press" onClick={onFill}>
          Fill the screen <kbd className="figure text-[11px]">B</kbd>
        </button>
      </div>
      {rest.length > 0 && (
        <details className="text-[13px]">
          <summary className="cursor-pointer text-quiet">{rest.length} more can be begun</summary>
          <ul className="max-h-96 overflow-y-auto">
            {rest.map(({ step, presses }) => (
              <li key={step.id}>
                <button type="button" className="press-quiet text-left" onClick={() => steps.choose(step.id)}>
                  {step.title} <span className="figure">{longSays(step.handsMin)}</span>
                  {presses && <span className="text-fired"> presses</span>}
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
