import { withoutSpares } from '../../bulk/index.ts';
import type { Given, PartContext } from '../../context/index.ts';
import { type Reckoning, sourced } from '../../reckoning/index.ts';

/** What one of a part weighs. */
export interface PartWeight {
  readonly grams: number;
  /** The figure it is taken from; null where it is more than that, or its volume in its stuff. */
  readonly figure: Reckoning | null;
}

/** What one of a part weighs by itself: clay and core as they are reckoned, else its volume in its stuff; null where nobody knows. */
function ownWeight(given: Given, { part, shape, shrink, own }: PartContext): PartWeight | null {
  const figure = given.find(part.id, 'bulk.weight');
  if (figure) return { grams: figure.quantity.value, figure };
  if (part.stuff === null) return null;
  const density = sourced(`stuff.${part.stuff}.density`, own).value;
  return { grams: (shape.volumeMm3 / shrink ** 3 / 1000) * density, figure: null };
}

/** How many of a part are put on: of a set not those that are made to spare. */
function putOn({ part: { count, repeat }, own }: PartContext): number {
  return repeat ? withoutSpares(count, repeat.sparePct ?? sourced('repeats.spares', own).value) : count;
}

/** What one of a part weighs with all that hangs on it; null where nothing of it is known. */
export function weightOf(given: Given, context: PartContext): PartWeight | null {
  const own = ownWeight(given, context);
  const hung = [...given.contexts.values()].filter(({ part }) => part.parent === context.part.id);
  const more = hung.reduce(
    (sum, one) => sum + ((weightOf(given, one)?.grams ?? 0) * putOn(one)) / context.part.count,
    0,
  );
  if (more === 0) return own;
  return { grams: (own?.grams ?? 0) + more, figure: null };
}
