import { format } from 'date-fns';
import Papa from 'papaparse';
import { dateOf } from '../hours/windows.ts';
import type { PlannedStep } from '../reckonSchedule.ts';

const at = (minutes: number): string => format(dateOf(minutes), 'yyyy-MM-dd HH:mm');

/** The steps of a plan as a table, times as the clock here shows them. */
export function scheduleCsv(steps: readonly PlannedStep[]): string {
  return Papa.unparse(
    steps.map((step) => ({
      step: step.title,
      starts: at(step.start),
      'hands off': at(step.handsEnd),
      over: at(step.done),
      'latest start': at(step.latest),
      'at the bench, min': Math.round(step.handsMin),
      'waiting, min': Math.round(step.done - step.waitFrom),
      'holds it all up': step.heldBy === null ? 'no' : 'yes',
    })),
  );
}
