import { clockText } from '@every-inch/core/bake';
import { bySoonest, type MixStage, mixStage, type RunningMix } from '@every-inch/core/repeats';
import { X } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { keepAwake, notice, sound } from '../parts/alarm.ts';
import { useNow } from '../parts/useNow.ts';
import { useAppDispatch, useAppSelector } from '../state/store.ts';
import { workshopChanged } from '../state/workshopSlice.ts';

const STAGE_SAYS = {
  mix: { work: 'work it', sets: 'let it set', set: 'set' },
  dry: { work: 'dries', sets: 'dries', set: 'dry' },
} as const;
const CALLS = {
  mix: {
    work: null,
    sets: 'cannot be worked any more: leave it where it lies.',
    set: 'has set: it can be taken out.',
  },
  dry: { work: null, sets: null, set: 'is dry by the clock: touch it where it does not show, then go on.' },
} as const;
/** Less than this to work it is told in the colour of a stop, ms. */
const SHORT = 45_000;

/** Speaks up when a mix cannot be worked any more and when it has set. */
function useCall({ what, kind }: RunningMix, stage: MixStage['stage']): void {
  const before = useRef<MixStage['stage'] | null>(null);
  useEffect(() => {
    const was = before.current;
    before.current = stage;
    const call = CALLS[kind][stage];
    if (was === null || was === stage || call === null) return;
    const says = `${what} ${call}`;
    sound();
    toast(says, { duration: 60_000 });
    notice(says);
  }, [what, kind, stage]);
}

function MixClock({ mix }: { readonly mix: RunningMix }) {
  const dispatch = useAppDispatch();
  const mixes = useAppSelector((state) => state.workshop.mixes);
  const now = useNow(1000, true);
  const { stage, ms } = mixStage(mix, now);
  useCall(mix, stage);
  useEffect(() => (stage === 'work' ? keepAwake() : undefined), [stage]);
  const says = STAGE_SAYS[mix.kind][stage];
  const isShort = stage === 'work' && ms < SHORT;
  return (
    <li
      className={`flex min-w-0 items-center gap-x-2 px-3.5 ${isShort ? 'bg-wont text-bench' : ''} ${stage === 'work' ? 'flex-1' : ''}`}
    >
      <Link
        to={`/piece/${mix.pieceId}/${mix.kind === 'dry' ? 'bench' : 'repeats'}`}
        aria-label={`${mix.what}: ${says} ${clockText(ms)}`}
        className="flex min-w-0 items-baseline gap-x-2 whitespace-nowrap"
      >
        <span className="truncate">{mix.what}</span> {says}{' '}
        <span className="figure text-[19px] font-semibold max-md:text-[26px]">{clockText(ms)}</span>
      </Link>
      <button
        type="button"
        className="press-quiet"
        aria-label={`Put the clock of ${mix.what} away`}
        onClick={() => dispatch(workshopChanged({ mixes: mixes.filter(({ id }) => id !== mix.id) }))}
      >
        <X size={16} aria-hidden />
      </button>
    </li>
  );
}

/** The mixes that are being worked or that set, side by side, on every page. */
export function MixClocks() {
  const mixes = useAppSelector((state) => state.workshop.mixes);
  const now = useNow(15_000, mixes.length > 1);
  if (mixes.length === 0) return null;
  return (
    <ul
      aria-label="Clocks of mixes"
      className="sticky top-0 z-40 flex h-10 items-stretch overflow-x-auto border-b border-fired bg-paper text-[13px]"
    >
      {bySoonest(mixes, now).map((mix) => (
        <MixClock key={mix.id} mix={mix} />
      ))}
    </ul>
  );
}
