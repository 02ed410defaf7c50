import { type BakeRecord, diagnose, recordAsks } from '@every-inch/core/bake/doctor';
import type { BulkFacts } from '@every-inch/core/bulk';
import { heroicOf, type PartFacts } from '@every-inch/core/context';
import { useMemo } from 'react';
import { useFigure } from '../spine/hooks.ts';
import { useBake } from '../workers/useBake.ts';
import { Causes, Lines } from './Diagnosis.tsx';
import { FigureRow } from './FigureRow.tsx';

/** A bake of the past is looked at on cells so many times as large, and for so long, min. */
const COARSER = 1.6;
const UNTIL = 300;

interface DoctorProps {
  readonly context: PartFacts;
  readonly bulk: BulkFacts;
  readonly record: BakeRecord;
}

/** What went wrong with a bake of the log: causes from its record and its simulation, the rescue, the numbers for the next. */
export default function Doctor({ context, bulk, record }: DoctorProps) {
  const asks = useMemo(() => {
    const found = recordAsks(context, bulk, record, COARSER);
    return found && [found.asItWas, found.asItShould];
  }, [context, bulk, record]);
  const { part, scale, own } = context;
  const { found, isBusy } = useBake(part.form, heroicOf(scale.heroic, own), asks, UNTIL);
  const of = (way: number) => found.find((one) => one.way === way)?.run ?? null;
  const minutes = useFigure(part.id, 'bake.minutes');
  const { causes, rescue, also } = diagnose({ context, bulk, record, run: of(0), right: of(1) });
  if (causes.length === 0) return null;
  return (
    <section
      aria-label={`What went wrong with ${part.name}`}
      className="mt-1 border-l-2 border-hair pl-3 text-[13px]"
    >
      {isBusy && <p className="text-quiet">Working this bake through on {part.name} …</p>}
      <Causes causes={causes} />
      <Lines title="What to do with it" lines={rescue} />
      {minutes && (
        <div className="mt-1.5 max-w-md">
          <FigureRow figure={minutes} />
        </div>
      )}
      <Lines title="And next time" lines={also} />
    </section>
  );
}
