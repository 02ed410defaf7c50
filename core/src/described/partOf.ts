import { DEFAULT_PART, freeName, newId, type Part, type PartId, type Piece } from '../piece/index.ts';
import type { Described } from './describePart.ts';

/**
 * A part of a piece as a line of words gives it, of the piece’s first clay where it is of clay.
 *
 * @param random for its id, from 0 to under 1
 */
export function partOf(
  { name, form, sized, count, state, material }: Described,
  { clays: [clay], parts }: Pick<Piece, 'clays' | 'parts'>,
  random: () => number = Math.random,
): Part {
  const names = parts.map((part) => part.name);
  const called = names.includes(name) ? freeName(name, names) : name;
  const isClay = material.kind === 'clay';
  return {
    ...DEFAULT_PART,
    id: newId<PartId>(called, random),
    name: called,
    form,
    sized,
    count,
    state,
    mix: isClay && clay ? [{ clay: clay.id, parts: 1 }] : [],
    stuff: isClay ? null : material.stuff,
  };
}
