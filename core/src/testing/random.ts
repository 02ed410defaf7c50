export { seeded } from '../form/random.ts';

/** One of a list. */
export function oneOf<T>(list: readonly T[], random: () => number): T {
  const found = list[Math.floor(random() * list.length)];
  if (found === undefined && !list.includes(undefined as T)) throw new RangeError('one of nothing');
  return found as T;
}
