/** Thrown when there is no hour at the bench in sight, so that nothing can be put on a day. */
export class NoHoursError extends Error {
  override readonly name = 'NoHoursError';
  readonly code = 'schedule.no-hours';
  constructor() {
    super('no hour at the bench is left on any day: give some day of the week hours');
  }
}

/** Thrown for a calendar that cannot be read. */
export class CalendarReadError extends Error {
  override readonly name = 'CalendarReadError';
  readonly code = 'schedule.calendar-read';
  constructor(says: string, options?: ErrorOptions) {
    super(says, options);
  }
}
