import { declareFigures } from '../reckoning/index.ts';

/** The figures of the schedule. */
export const SCHEDULE = declareFigures('bench', {
  done: {
    key: 'schedule.done',
    of: 'piece',
    unit: 'days',
    title: 'Done',
    says: 'days from 0:00 today until the last step is over',
    formula: 'd = e',
  },
  begin: {
    key: 'schedule.begin',
    of: 'piece',
    unit: 'days',
    title: 'Latest begin',
    says: 'days from 0:00 today until work must go on at the latest',
    formula: 'd = s',
  },
});
