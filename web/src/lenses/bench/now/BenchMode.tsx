import { Dialog } from 'radix-ui';
import { type KeyboardEvent, useEffect, useRef } from 'react';
import { keepAwake } from '../../../parts/alarm.ts';
import { MomentFields, PartPicture, SittingClock, saysMinutes, useAbout } from './NowCard.tsx';
import { hushAloud, sayAloud } from './say.ts';
import type { NowStep, NowSteps } from './useNowSteps.ts';

/** All that is said of a step, aloud. */
function spoken(now: NowStep, held: string | null, heed: readonly string[]): string {
  return [now.route.title, now.hint, saysMinutes(now), held ? `Hold it ${held}` : '', ...heed]
    .filter((one) => one !== '')
    .join('. ');
}

interface StepProps {
  readonly now: NowStep;
  readonly steps: NowSteps;
  readonly onClose: () => void;
}

function BigStep({ now, steps, onClose }: StepProps) {
  const { ready, held, heed, care } = useAbout(now);
  const { sitting } = steps;
  const isBegun = sitting?.step === now.route.id;
  const [part] = now.route.parts;
  const say = () =>
    sayAloud(
      spoken(
        now,
        held?.held ?? null,
        heed.map(({ says }) => says),
      ),
    );
  const { begin } = steps;
  // The clock runs from when the step is looked at over all of the screen.
  const isFirstLook = useRef(!isBegun);
  useEffect(() => {
    if (isFirstLook.current) begin();
    isFirstLook.current = false;
  }, [begin]);
  // A step that comes up can be ticked at once: by the space bar, a pedal, an elbow on Enter.
  const first = useRef<HTMLButtonElement>(null);
  useEffect(() => first.current?.focus(), []);
  const onKeyDown = (event: KeyboardEvent) => {
    const run = {
      ' ': steps.done,
      Enter: steps.done,
      PageDown: steps.done,
      n: steps.notNow,
      w: steps.wrong,
      m: steps.more,
      s: say,
    }[event.key.length === 1 ? event.key.toLowerCase() : event.key];
    const isField = (event.target as HTMLElement).tagName === 'SELECT';
    // On a button Enter and the space bar press that button.
    const isButton = (event.target as HTMLElement).tagName === 'BUTTON' && event.key !== 'PageDown';
    if (!run || isField || event.repeat || (isButton && (event.key === ' ' || event.key === 'Enter'))) return;
    event.preventDefault();
    run();
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: keys of the whole screen, each with its button
    <div className="flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto p-5 max-md:p-3" onKeyDown={onKeyDown}>
      <div className="flex min-h-0 flex-1 gap-6 max-md:flex-col">
        <div className="min-w-0 flex-1 space-y-3">
          <h3 className="text-[clamp(28px,5.2vw,64px)] leading-[1.05] font-semibold">{now.route.title}</h3>
          {now.hint && <p className="text-[clamp(18px,2.6vw,34px)] leading-snug">{now.hint}</p>}
          <p className="text-[clamp(16px,2vw,26px)] text-quiet">
            {saysMinutes(now)} {isBegun && <SittingClock startedAt={sitting.startedAt} big />}
          </p>
          {held && (
            <p className="text-[clamp(16px,2vw,26px)]">
              Hold it <strong>{held.held}</strong>.
              {held.last.length > 0 &&
                ` Leave bare till the last: ${held.last.map(({ title }) => title).join(', ')}.`}
            </p>
          )}
          {heed.map(({ says }) => (
            <p key={says} className="text-[clamp(15px,1.8vw,22px)] text-tight">
              {says}
            </p>
          ))}
          {ready.length > 0 && (
            <p className="text-[clamp(15px,1.8vw,22px)]">
              <span className="text-quiet">Ready beside it:</span>{' '}
              {ready
                .map(({ what, amounts }) => `${what}${amounts.length > 0 ? ` ${amounts.join(', ')}` : ''}`)
                .join(' · ')}
            </p>
          )}
          {care.map((says) => (
            <p key={says} className="text-[clamp(14px,1.5vw,19px)] text-quiet">
              {says}
            </p>
          ))}
        </div>
        {part && <PartPicture part={part} className="w-[34%] shrink-0 max-md:hidden" />}
      </div>
      <div className="grid grid-cols-4 gap-2 max-md:grid-cols-2">
        <button
          ref={first}
          type="button"
          className="press col-span-2 min-h-[clamp(72px,16vh,150px)] bg-ink text-[clamp(26px,4vw,48px)] text-bench"
          onClick={steps.done}
        >
          Done
        </button>
        <button type="button" className="press min-h-16 text-[clamp(17px,2.2vw,28px)]" onClick={steps.notNow}>
          Not yet
        </button>
        <button type="button" className="press min-h-16 text-[clamp(17px,2.2vw,28px)]" onClick={steps.wrong}>
          Went wrong
        </button>
        <button type="button" className="press min-h-12" onClick={steps.more}>
          10 min more
        </button>
        <button type="button" className="press min-h-12" onClick={say}>
          Say it aloud
        </button>
        <span className="col-span-2 flex items-center justify-end gap-3 text-quiet max-md:hidden">
          space or a foot pedal: done · N not yet · W went wrong · M more time · S say it
        </span>
        <button type="button" className="press min-h-12 md:hidden" onClick={onClose}>
          Close
        </button>
      </div>
    </div>
  );
}

interface ModeProps {
  readonly steps: NowSteps;
  readonly isOpen: boolean;
  readonly onClose: () => void;
}

/** The step alone, over all of the screen: read from two metres, worked with an elbow, a key, a pedal. */
export function BenchMode({ steps, isOpen, onClose }: ModeProps) {
  const { now } = steps;
  useEffect(() => (isOpen ? keepAwake() : undefined), [isOpen]);
  useEffect(() => hushAloud, []);
  return (
    <Dialog.Root open={isOpen} onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          onOpenAutoFocus={(event) => event.preventDefault()}
          className="fixed inset-0 z-50 flex flex-col bg-bench text-ink outline-none"
          style={{ top: 'var(--strip, 0px)' }}
        >
          <div className="flex items-center gap-3 border-b border-hair px-5 py-1.5 max-md:px-3">
            <Dialog.Title className="heading flex-1">Now, at the bench</Dialog.Title>
            <MomentFields steps={steps} />
            <Dialog.Close className="press">Close</Dialog.Close>
          </div>
          {now ? (
            <BigStep key={now.route.id} now={now} steps={steps} onClose={onClose} />
          ) : (
            <p className="p-5 text-[clamp(18px,2.6vw,34px)] text-quiet">
              Nothing to do now that goes into that: choose more time or other hands, or let it all rest.
            </p>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
