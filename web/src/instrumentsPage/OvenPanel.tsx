import { useEffect, useState } from 'react';
import { askOven, type OvenSet } from '../instruments/oven.ts';
import { INSTRUMENTS } from '../instruments/useReadings.ts';
import { NumberField } from '../parts/NumberField.tsx';

/** The simulated oven: its dial, how far that is off, how it swings, how fast its time goes. */
export function OvenPanel({ onFault }: { readonly onFault: (says: string) => void }) {
  const [oven, setOven] = useState<OvenSet | null>(null);
  useEffect(() => {
    fetch(`${INSTRUMENTS}/oven`)
      .then(async (answer) => answer.ok && setOven(await answer.json()))
      .catch(() => setOven(null));
  }, []);
  if (!oven) return null;
  const set = (ask: Parameters<typeof askOven>[0]) =>
    void askOven(ask).then(setOven, (fault: Error) => onFault(fault.message));
  return (
    <section aria-label="Oven with a probe" className="border-t border-ink py-4">
      <h2 className="font-semibold">Oven with a probe</h2>
      <p className="text-[13px] text-quiet">
        Overshoots as it heats, swings about its heat, drops when its door is opened. Its probe speaks by
        itself while it is on, to a bake that follows it.
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2">
        <NumberField
          label="Oven dial"
          value={oven.dialC}
          min={40}
          max={250}
          after="°C"
          onNumber={(dialC) => set({ dialC })}
        />
        <NumberField
          label="Hotter than its dial by"
          value={oven.errorC}
          min={-40}
          max={40}
          after="°C"
          onNumber={(errorC) => set({ errorC })}
        />
        <NumberField
          label="Swings by"
          value={oven.swingC}
          min={0}
          max={30}
          after="°C"
          onNumber={(swingC) => set({ swingC })}
        />
        <NumberField
          label="Times as fast"
          value={oven.speed}
          min={1}
          max={240}
          whole
          onNumber={(speed) => set({ speed })}
        />
        <button type="button" className="press" onClick={() => set({ on: !oven.on })}>
          {oven.on ? 'Switch it off' : 'Switch it on'}
        </button>
        <button type="button" className="press-quiet" onClick={() => set({ door: true })}>
          Open its door
        </button>
      </div>
    </section>
  );
}
