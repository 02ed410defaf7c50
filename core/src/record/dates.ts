import { ValidateBy } from 'class-validator';
import { isValid, parseISO } from 'date-fns';

const DAY = /^\d{4}-\d{2}-\d{2}$/;
const MOMENT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d{1,9})?)?(Z|[+-]\d{2}:\d{2})?$/;
const FIRST_YEAR = 1900;

function isOf(pattern: RegExp, value: unknown): value is string {
  return (
    typeof value === 'string' &&
    pattern.test(value) &&
    Number(value.slice(0, 4)) >= FIRST_YEAR &&
    isValid(parseISO(value))
  );
}

/** Whether something is a day of the calendar from 1900 to 9999, such as `2026-05-01`. */
export function isDay(value: unknown): value is string {
  return isOf(DAY, value);
}

/** Whether something is a moment from 1900 to 9999 to the minute or finer, such as `2026-05-01T09:00:00Z`, or a day. */
export function isMoment(value: unknown): value is string {
  return isOf(MOMENT, value) || isDay(value);
}

/** A field that is a day: what is written as one and can be counted from. */
export function Day(): PropertyDecorator {
  return ValidateBy({ name: 'isDay', validator: { validate: isDay, defaultMessage: () => '2026-05-01' } });
}

/** A field that is a moment. */
export function Moment(): PropertyDecorator {
  return ValidateBy({
    name: 'isMoment',
    validator: { validate: isMoment, defaultMessage: () => '2026-05-01T09:00:00Z' },
  });
}
