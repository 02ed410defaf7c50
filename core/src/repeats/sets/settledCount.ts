import type { PartContext } from '../../context/index.ts';
import { countSet } from './countSet.ts';

/**
 * How many of a part are made: what its rule asks for, spares counted in; its own count where it has no rule or the rule
 * cannot be worked out.
 */
export function settledCount(
  context: PartContext,
  counted: number,
  contexts: ReadonlyMap<string, PartContext>,
): number {
  const { repeat, parent } = context.part;
  if (!repeat) return counted;
  const set = countSet(context, repeat, parent ? contexts.get(parent) : undefined);
  return 'says' in set ? counted : set.make;
}
