import { practice, type Row, remembered } from '../../sources/index.ts';

/** What a schedule goes by where the maker has told nothing. */
export const SCHEDULE_RULES: readonly Row[] = [
  remembered('schedule.hours', 'Hours at the bench a day, where none are told', 2, 'h', { low: 1, high: 4 }),
  remembered('schedule.together', 'Steps that go as the day goes, all quick or all slow', 30, '%'),
  remembered('schedule.runs', 'Times the plan is worked through to see how sure it is', 2000, 'count', {
    own: false,
  }),
  practice('schedule.more-hours', 'More at the bench on a day when it has to be', 1, 'h'),
  practice('schedule.plain-back', 'Of the work on a part, what its back takes', 35, '%', {
    low: 25,
    high: 50,
  }),
  practice('schedule.bought-days', 'What is bought instead is on the way for', 3, 'days', {
    low: 1,
    high: 10,
  }),
];
