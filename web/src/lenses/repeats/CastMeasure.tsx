import type { Part } from '@every-inch/core/piece';
import { castFault, castLogged, type LearnedShrink } from '@every-inch/core/repeats';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { useState } from 'react';
import { LengthField } from '../../parts/LengthField.tsx';
import { edit, useAppDispatch } from '../../state/store.ts';

const shown = (value: number | null) => (value === null ? '' : formatMiniMm(miniMm(value)));

function says({ n, larger }: LearnedShrink): string {
  const off = 100 * (1 - 1 / larger);
  return `${n === 1 ? 'One cast' : `${n} casts`} measured: ${Math.abs(off).toFixed(1)} % ${off < 0 ? 'larger' : 'smaller'} than the master, weighed with the handbook.`;
}

interface CastMeasureProps {
  readonly part: Part;
  readonly measured: LearnedShrink | null;
}

/** One length taken on the master and on its cast: it goes to the log, and moves how large the next master is made. */
export function CastMeasure({ part, measured }: CastMeasureProps) {
  const dispatch = useAppDispatch();
  const [masterMm, setMaster] = useState<number | null>(null);
  const [castMm, setCast] = useState<number | null>(null);
  const lengths = masterMm !== null && castMm !== null ? { masterMm, castMm } : null;
  const fault = lengths && castFault(lengths);
  const keep = (): void => {
    if (!lengths) return;
    dispatch(edit('measure a cast', (piece) => castLogged(piece, part, lengths, new Date().toISOString())));
    setCast(null);
  };
  return (
    <fieldset aria-label="A cast measured" className="mt-2">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <LengthField
          label="on the master"
          shown={shown(masterMm)}
          unit="mm"
          onLength={setMaster}
          onEmpty={() => setMaster(null)}
        />
        <LengthField
          label="the same on the cast"
          shown={shown(castMm)}
          unit="mm"
          onLength={setCast}
          onEmpty={() => setCast(null)}
        />
        <button type="button" className="press" disabled={!lengths || fault !== null} onClick={keep}>
          Write it into the log
        </button>
      </div>
      {fault && (
        <p role="alert" className="mt-1 text-wont">
          {fault}
        </p>
      )}
      {measured && <p className="mt-1 text-quiet">{says(measured)}</p>}
    </fieldset>
  );
}
