import { heldC, type ProbeTrace } from '@every-inch/core/bake/heat';
import { fromMinute, type ProbeReading, type ProbeUnit } from '@every-inch/core/bake/probe';
import { type ChangeEvent, useId, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { edit, useAppDispatch } from '../../state/store.ts';
import { bringIn } from '../../workers/intake.ts';

const UNITS = [
  { value: 'as-it-says', says: 'as it says' },
  { value: '°C', says: '°C' },
  { value: '°F', says: '°F' },
] as const;

interface Loaded {
  readonly name: string;
  readonly text: string;
  readonly unit: ProbeUnit;
  /** Minute of the file at which the piece went in. */
  readonly fromMin: number;
  readonly read: ProbeReading;
}

interface ProbeFileProps {
  readonly dialC: number;
  readonly onTrace: (trace: ProbeTrace | null) => void;
}

/** A real thermometer’s file in place of the simulated oven: what it shows, what was odd in it, what it says of the dial. */
export function ProbeFile({ dialC, onTrace }: ProbeFileProps) {
  const dispatch = useAppDispatch();
  const id = useId();
  const [loaded, setLoaded] = useState<Loaded | null>(null);
  const [says, setSays] = useState<string | null>(null);
  const take = async (name: string, text: string, unit: ProbeUnit, fromMin: number) => {
    try {
      const read = await bringIn('probe', { text, unit });
      const trace = fromMinute(read.trace, fromMin);
      if (trace.minutes.length < 2) {
        setSays(
          `${name} ends before minute ${fromMin}: it has ${Math.round(read.trace.minutes.at(-1) ?? 0)} minutes.`,
        );
        return;
      }
      setSays(null);
      setLoaded({ name, text, unit, fromMin, read });
      onTrace(trace);
    } catch (error) {
      setSays(`${name}: ${error instanceof Error ? error.message : String(error)}`);
    }
  };
  const onFile = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    if (file) await take(file.name, await file.text(), 'as-it-says', 0);
  };
  const held = loaded && heldC(fromMinute(loaded.read.trace, loaded.fromMin));
  return (
    <div className="mt-2 text-[13px]">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <span>
          <input
            id={id}
            type="file"
            accept=".csv,.txt,.tsv,text/csv"
            className="peer sr-only"
            onChange={(event) => void onFile(event)}
          />
          <label
            htmlFor={id}
            className="press-quiet inline-block cursor-pointer text-fired peer-focus-visible:outline peer-focus-visible:outline-2"
          >
            {loaded ? 'Another thermometer file …' : 'Thermometer file (CSV) …'}
          </label>
        </span>
        {loaded && (
          <>
            <span className="pb-1">{loaded.name}</span>
            <Choice
              label="It is in"
              value={loaded.unit}
              options={UNITS}
              onChoose={(unit) => void take(loaded.name, loaded.text, unit, loaded.fromMin)}
            />
            <NumberField
              label="It went in at minute"
              value={loaded.fromMin}
              min={0}
              max={1440}
              onNumber={(fromMin) => void take(loaded.name, loaded.text, loaded.unit, fromMin)}
            />
            <button
              type="button"
              className="press-quiet"
              onClick={() => {
                setLoaded(null);
                onTrace(null);
              }}
            >
              Leave it out
            </button>
          </>
        )}
      </div>
      {says && (
        <p role="alert" className="text-wont">
          {says}
        </p>
      )}
      {loaded && (
        <ul className="text-quiet">
          {loaded.read.says.map((line) => (
            <li key={line}>{line}</li>
          ))}
          {held !== null && (
            <li>
              It holds <span className="figure">{held.toFixed(0)} °C</span>, the dial says{' '}
              <span className="figure">{dialC.toFixed(0)} °C</span>.{' '}
              <button
                type="button"
                className="text-fired underline underline-offset-2"
                onClick={() =>
                  dispatch(
                    edit('error of the dial by the thermometer', (piece) => ({
                      ...piece,
                      own: { ...piece.own, 'oven.dial-error': Math.round((held - dialC) * 10) / 10 },
                    })),
                  )
                }
              >
                keep {(held - dialC).toFixed(0)} °C as this oven’s error
              </button>
            </li>
          )}
        </ul>
      )}
    </div>
  );
}
