import {
  bestFirst,
  type Course,
  clearances,
  type DivideAsk,
  type Divided,
  readTaken,
} from '@every-inch/core/repeats';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { useState } from 'react';
import { LengthField } from '../../parts/LengthField.tsx';
import { TextField } from '../../parts/TextField.tsx';

const mm = (value: number) => formatMiniMm(miniMm(value));

interface ClearProps {
  readonly ask: DivideAsk;
  readonly course: Course;
  readonly found: Divided;
  /** Takes another first mark, mm along the line. */
  readonly onFirst: (firstMm: number) => void;
}

/** What the line is taken by already, which marks come too near to it, and the first mark that keeps them away. */
export function ClearOf({ ask, course, found, onFirst }: ClearProps) {
  const [words, setWords] = useState('');
  const [leastMm, setLeast] = useState(2);
  const read = readTaken(words, 'mm');
  const taken = read.ok ? read.taken : [];
  const near = clearances(found, taken).flatMap((clear, i) => (clear < leastMm ? [i + 1] : []));
  const best = near.length > 0 ? bestFirst(course, ask, taken) : null;
  return (
    <div className="mt-2">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="w-64">
          <TextField
            label="already there, mm along the line"
            placeholder="12 to 18, 40"
            value={words}
            onText={setWords}
            fault={read.ok ? undefined : read.says}
          />
        </div>
        <LengthField
          label="keep clear of it by"
          className="w-16"
          shown={mm(leastMm)}
          unit="mm"
          onLength={setLeast}
        />
      </div>
      {taken.length > 0 && (
        <p role="status" className="mt-1">
          {near.length === 0 ? (
            <span className="text-quiet">All marks keep clear of it.</span>
          ) : (
            <>
              <span className="text-wont">
                {near.length === 1 ? `Mark ${near[0]} comes` : `Marks ${near.join(', ')} come`} too near.
              </span>{' '}
              {best && best.clearMm > 0 && (
                <button
                  type="button"
                  className="press-quiet text-fired"
                  onClick={() => onFirst(best.firstMm)}
                >
                  begin at {mm(best.firstMm)} mm: {mm(best.clearMm)} mm clear of all
                </button>
              )}
            </>
          )}
        </p>
      )}
    </div>
  );
}
