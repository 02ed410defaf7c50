import { type BakeStage, bakeStage, clockText, nextEarly, type RunningBake } from '@every-inch/core/bake';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { keepAwake, notice, sound } from '../parts/alarm.ts';
import { useNow } from '../parts/useNow.ts';
import { changeBake, useAppDispatch, useAppSelector } from '../state/store.ts';

/** It sounds again so often until it is heard, ms. */
const AGAIN = 15_000;
/** Over by more than this when a page is opened, it was missed, ms. */
const MISSED = 60_000;
/** A bake that began so much later than now was begun by another clock, ms. */
const PUT_BACK = 60_000;
/** Height of a row of clocks, px. */
const ROW = 40;

const STAGE_SAYS = { in: 'in the oven', over: 'OVER', cooling: 'cooling', cool: 'cool' } as const;
const THEN_SAYS = {
  in: 'then out of the heat',
  over: 'out of the heat now',
  cooling: 'let it be: it is soft while it is warm',
  cool: 'it can be handled; write down how it came out',
} as const;

function isPutBack({ startedAt }: RunningBake, now: number): boolean {
  return Date.parse(startedAt) > now + PUT_BACK;
}

/** Calls when the time is up and when it is cool, sounds till it is heard, and says what was missed while no page was open. */
function useAlarm(bake: RunningBake, stage: BakeStage['stage'], ms: number): readonly [boolean, () => void] {
  const before = useRef<BakeStage['stage'] | null>(null);
  const [sounds, setSounds] = useState(false);
  useEffect(() => {
    const call = (says: string, isUp: boolean): void => {
      sound();
      toast(says, { duration: 60_000 });
      notice(says);
      setSounds(isUp);
    };
    const was = before.current;
    before.current = stage;
    if (was === stage) return;
    if (stage !== 'over') setSounds(false);
    if (stage === 'over' && was === null && ms > MISSED)
      call(
        `${bake.what}: its time was up ${clockText(ms)} ago and no page was open. If it is still in, take it out; look at thin parts for browning before anything else goes on it.`,
        true,
      );
    else if (stage === 'over') call(`${bake.what}: the time is up, out of the heat.`, true);
    else if (stage === 'cool' && was === 'cooling') call(`${bake.what} is cool enough to be handled.`, false);
  }, [stage, ms, bake.what]);
  useEffect(() => {
    if (!sounds) return undefined;
    const timer = setInterval(sound, AGAIN);
    return () => clearInterval(timer);
  }, [sounds]);
  return [sounds, () => setSounds(false)];
}

/** Calls for what comes out before the others, each at its minute. */
function useEarlyAlarm(bake: RunningBake, now: number): void {
  const next = nextEarly(bake, now);
  const before = useRef<string | null>(null);
  useEffect(() => {
    const was = before.current;
    before.current = next?.what ?? null;
    if (was === null || was === next?.what || bake.outAt !== null) return;
    const says = `Take out now, before the others: ${was}.`;
    sound();
    toast(says, { duration: 60_000 });
    notice(says);
  }, [next?.what, bake.outAt]);
}

function useTitle(says: string): void {
  useEffect(() => {
    const before = document.title;
    document.title = `${says} · ${before.replace(/^.* · (?=Every Inch)/, '')}`;
    return () => {
      document.title = before;
    };
  }, [says]);
}

function Clock({ bake }: { readonly bake: RunningBake }) {
  const dispatch = useAppDispatch();
  const now = useNow(1000, true);
  const { stage, ms } = bakeStage(bake, now);
  const [sounds, hush] = useAlarm(bake, stage, ms);
  useEarlyAlarm(bake, now);
  const early = nextEarly(bake, now);
  useEffect(() => (stage === 'in' || stage === 'over' ? keepAwake() : undefined), [stage]);
  const isOff = isPutBack(bake, now);
  const time = isOff ? '–' : clockText(ms);
  useTitle(`${STAGE_SAYS[stage]} ${time}`);
  const isIn = stage === 'in' || stage === 'over';
  return (
    <aside
      aria-label="Clocks"
      className={`sticky top-0 z-40 flex h-10 items-center gap-x-3 overflow-hidden border-b px-3.5 text-[13px] ${
        stage === 'over' ? 'border-wont bg-wont text-bench' : 'border-fired bg-paper'
      }`}
    >
      <Link
        to={`/piece/${bake.pieceId}/bake`}
        className="flex min-w-0 items-baseline gap-x-2 whitespace-nowrap"
        aria-label={`Bake of ${bake.what}: ${STAGE_SAYS[stage]} ${time}`}
        title={`${bake.what}, ${bake.pieceName}`}
      >
        <span className="truncate">{bake.what}</span> {STAGE_SAYS[stage]}{' '}
        <span className="figure text-[19px] font-semibold max-md:text-[26px]">{time}</span>
      </Link>
      <span className="min-w-0 flex-1 truncate max-md:hidden">
        {isOff
          ? 'this machine’s clock was put back: go by another'
          : early
            ? `first out: ${early.what}, in ${clockText(early.ms)}`
            : THEN_SAYS[stage]}
      </span>
      {sounds && (
        <button type="button" className="press ml-auto whitespace-nowrap bg-bench text-ink" onClick={hush}>
          Quiet
        </button>
      )}
      {isIn && (
        <button
          type="button"
          className="press ml-auto whitespace-nowrap bg-bench text-ink"
          onClick={() => dispatch(changeBake({ outAt: new Date().toISOString() }))}
        >
          Out of the heat
        </button>
      )}
    </aside>
  );
}

/** The clocks of the application, on every page: what is in the oven, for how long still, and what to do then. */
export function ClockStrip() {
  const bake = useAppSelector((state) => state.workshop.bake);
  return bake && <Clock key={bake.startedAt} bake={bake} />;
}

/** Height of the strips of clocks, px; nothing while no clock runs. */
export function useStripPx(): number {
  return useAppSelector(
    ({ workshop: { bake, mixes } }) => (bake === null ? 0 : ROW) + (mixes.length === 0 ? 0 : ROW),
  );
}
