import { useEffect, useState } from 'react';
import { INSTRUMENTS } from '../instruments/useReadings.ts';
import { RoomHead } from '../shell/RoomHead.tsx';
import { OvenPanel } from './OvenPanel.tsx';

interface Instrument {
  readonly instrument: 'caliper' | 'balance' | 'thermometer';
  readonly unit: string;
  readonly resolution: number;
  readonly least: number;
  readonly most: number;
  readonly true: number;
}

const TITLES: Readonly<Record<Instrument['instrument'], string>> = {
  caliper: 'Caliper',
  balance: 'Balance',
  thermometer: 'Oven thermometer',
};
/** Longest that the slider goes: what is on a bench is mostly small. */
const SLIDER_MOST: Readonly<Record<Instrument['instrument'], number>> = {
  caliper: 150,
  balance: 500,
  thermometer: 200,
};

async function ask(instrument: string, body: object): Promise<{ value?: number }> {
  const answer = await fetch(`${INSTRUMENTS}/${instrument}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!answer.ok) throw new Error((await answer.json()).says);
  return answer.json();
}

/** A caliper’s beam with its jaws so far apart, mm. */
function Jaws({ apart }: { readonly apart: number }) {
  return (
    <svg
      viewBox="0 0 172 40"
      className="mt-2 w-full max-w-xl"
      role="img"
      aria-label={`Jaws ${apart} mm apart`}
    >
      <path d="M4 10H168V18H4Z" className="fill-paper stroke-ink" strokeWidth="0.4" />
      {Array.from({ length: 151 }, (_, i) => i).map((i) => (
        <line
          key={i}
          x1={10 + i}
          x2={10 + i}
          y1={10}
          y2={i % 10 === 0 ? 14 : i % 5 === 0 ? 13 : 12}
          className="stroke-ink"
          strokeWidth="0.2"
        />
      ))}
      <path d="M4 6H10V36L7 30H4Z" className="fill-hair stroke-ink" strokeWidth="0.4" />
      <path d={`M${10 + apart} 6h22v14h-16v10l-6 6Z`} className="fill-hair stroke-ink" strokeWidth="0.4" />
    </svg>
  );
}

interface PanelProps {
  readonly one: Instrument;
  readonly onFault: (says: string) => void;
}

function Panel({ one, onFault }: PanelProps) {
  const [value, setValue] = useState(one.true);
  const [shown, setShown] = useState<number | null>(null);
  const title = TITLES[one.instrument];
  const decimals = Math.round(-Math.log10(one.resolution));
  const press = () =>
    ask(one.instrument, { set: value, press: true }).then(
      (sent) => setShown(sent.value ?? null),
      (fault: Error) => onFault(fault.message),
    );
  return (
    <section aria-label={title} className="border-t border-ink py-4">
      <h2 className="font-semibold">{title}</h2>
      <p className="text-[13px] text-quiet">
        Shows steps of {one.resolution} {one.unit}; two readings of one thing differ a little, as they do.
      </p>
      {one.instrument === 'caliper' && <Jaws apart={value} />}
      <div className="mt-2 flex flex-wrap items-center gap-4">
        <label className="flex max-w-full flex-wrap items-center gap-2">
          <span className="heading">{one.instrument === 'caliper' ? 'jaws apart' : 'set to'}</span>
          <input
            type="range"
            className="w-72 max-w-full accent-fired"
            aria-label={`${title}, set to`}
            min={Math.max(0, one.least)}
            max={SLIDER_MOST[one.instrument]}
            step={one.resolution * 10}
            value={value}
            onChange={(event) => setValue(Number(event.currentTarget.value))}
          />
          <span className="figure w-20">
            {value.toFixed(decimals)} {one.unit}
          </span>
        </label>
        <button
          type="button"
          className="press"
          aria-label={`${title}: send a reading`}
          onClick={() => void press()}
        >
          Send the reading
        </button>
        <output className="figure text-[20px]" aria-label={`${title} shows`}>
          {shown === null ? '—' : `${shown.toFixed(decimals)} ${one.unit}`}
        </output>
      </div>
    </section>
  );
}

/** The bench’s simulated instruments, to be set and pressed by hand. */
export default function InstrumentsPage() {
  const [all, setAll] = useState<readonly Instrument[] | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    fetch(INSTRUMENTS)
      .then(async (answer) => setAll(await answer.json()))
      .catch(() =>
        setFault(
          'There is no bench here: start the application with npm run demo. Fields take typing all the same.',
        ),
      );
  }, []);
  return (
    <>
      <RoomHead title="Bench instruments" />
      <main className="mx-auto max-w-3xl px-4 py-6">
        <p className="max-w-prose">
          Simulated stand-ins for a caliper, a balance, an oven thermometer and an oven. A reading goes to the
          field that has the cursor, in any window of this application: keep this page beside the piece.
        </p>
        {fault && (
          <p role="alert" className="mt-3 border border-wont p-2 text-wont">
            {fault}
          </p>
        )}
        <div className="mt-4">
          {all?.map((one) => (
            <Panel key={one.instrument} one={one} onFault={setFault} />
          ))}
          <OvenPanel onFault={setFault} />
        </div>
      </main>
    </>
  );
}
