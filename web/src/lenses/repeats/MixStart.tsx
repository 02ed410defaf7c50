import { batchesOf, MOST_MIXES, type RunningMix } from '@every-inch/core/repeats';
import { useState } from 'react';
import { NumberField } from '../../parts/NumberField.tsx';
import { useAppDispatch, useAppSelector, useOfPiece } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';

/** What lies ready before two parts are brought together (common practice). */
const KIT = [
  'master clean, dry and dusted',
  'board or box, with room to press',
  'both portions weighed or rolled to equal balls, apart',
  'gloves on, hands and tools clean',
  'blade and a flat tile to press with',
  'where it stands to set, level',
] as const;

interface StartProps {
  readonly what: string;
  readonly placesMin: number;
  readonly setsMin: number;
}

/** The clock of a mix: what must lie ready is ticked first, or the start asks. */
export function MixStart({ what, placesMin, setsMin }: StartProps) {
  const dispatch = useAppDispatch();
  const mixes = useAppSelector((state) => state.workshop.mixes);
  const pieceId = useOfPiece((piece) => piece.id);
  const [count, setCount] = useState(1);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [asks, setAsks] = useState(false);
  const [secondsEach, setSecondsEach] = useState(45);
  const missing = KIT.filter((one) => !ticked.has(one));
  const tick = (one: string) => {
    const next = new Set(ticked);
    if (!next.delete(one)) next.add(one);
    setTicked(next);
    setAsks(false);
  };
  const start = () => {
    const mix: RunningMix = {
      id: `mix-${Date.now()}`,
      pieceId,
      kind: 'mix',
      what,
      placesMin,
      setsMin,
      startedAt: new Date().toISOString(),
      speed: 1,
    };
    dispatch(workshopChanged({ mixes: [...mixes, mix].slice(-MOST_MIXES) }));
    setTicked(new Set());
    setAsks(false);
  };
  let batches: string;
  try {
    const { perMix, mixes: n } = batchesOf(count, placesMin, secondsEach);
    batches =
      n === 1
        ? `pressed in one mix while it can be worked; rough all of them in before the first sets`
        : `${perMix} to a mix, ${n} mixes for ${count}`;
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    batches = error.message;
  }
  return (
    <div className="mt-3 border-l-2 border-hair pl-3">
      <h4 className="heading">Before it is mixed, lay ready</h4>
      <ul className="flex flex-wrap gap-x-5">
        {KIT.map((one) => (
          <li key={one}>
            <label className="flex min-h-9 items-center gap-1.5">
              <input type="checkbox" checked={ticked.has(one)} onChange={() => tick(one)} />
              {one}
            </label>
          </li>
        ))}
      </ul>
      <p className="text-[13px] text-quiet">
        Once mixed it can be worked for {placesMin} min and is set after {setsMin} min. Gloves for raw putty
        and rubber; follow the packet.
      </p>
      <div className="mt-1 flex flex-wrap items-end gap-x-4 gap-y-2">
        <NumberField
          label="masters to press"
          className="w-14"
          whole
          min={1}
          max={1000}
          value={count}
          onNumber={setCount}
        />
        <NumberField
          label="seconds to press one"
          className="w-14"
          min={1}
          max={7200}
          value={secondsEach}
          onNumber={setSecondsEach}
        />
        <span className="pb-1">{batches}</span>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="press"
          onClick={() => (missing.length > 0 && !asks ? setAsks(true) : start())}
        >
          {asks ? 'Mix it all the same' : 'Mixed now: start the clock'}
        </button>
        {asks && (
          <p role="alert" className="text-tight">
            Not ticked yet: {missing.join('; ')}.
          </p>
        )}
      </div>
    </div>
  );
}
