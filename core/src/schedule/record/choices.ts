/** Days of the week as the calendar of the week is written, Monday first. */
export const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;
export type Weekday = (typeof WEEKDAYS)[number];
/** What a day is without. */
export const OFF_OF = ['bench', 'spray'] as const;
export type OffOf = (typeof OFF_OF)[number];
/** Most days off, and most busy hours that are brought in. */
export const MOST_BUSY = 2000;
export const MOST_ORDERS = 200;
export const MOST_PINNED = 500;
