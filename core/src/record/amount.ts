import { IsInt, IsNumber, IsPositive, Max, Min } from 'class-validator';
import type { Limit } from './limit.ts';

/** What has to be something is at least this much: less of a length, a weight or a time only divides others into no number. */
const SMALLEST = 1e-6;

/** A number within its limits: the checks of a field, from its declaration. */
export function Amount({ min, over, max, whole }: Limit): PropertyDecorator {
  const checks = [
    whole ? IsInt() : IsNumber({ allowInfinity: false, allowNaN: false }),
    Max(max),
    ...(min === undefined ? [] : [Min(min)]),
    ...(over === undefined ? [] : [IsPositive(), Min(SMALLEST)]),
  ];
  return (target, property) => {
    for (const check of checks) check(target, property as string);
  };
}
