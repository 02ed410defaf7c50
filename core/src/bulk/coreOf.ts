import type { Core } from '../form/index.ts';
import { sourced, type Term } from '../reckoning/index.ts';
import type { PartContext } from '../whole/context.ts';
import { skinRow } from './skin.ts';

/** The skin over a part’s core: the maker’s for this part, or the handbook’s for the scale. */
export function skinOf({ part, own, scale }: PartContext): { readonly skinMm: number; readonly term: Term } {
  const { skinMm } = part.core;
  if (skinMm === null) {
    const row = sourced(skinRow(scale.ratio), own);
    return { skinMm: row.value, term: row.term('k') };
  }
  return {
    skinMm,
    term: {
      symbol: 'k',
      name: 'Skin over the core',
      quantity: { value: skinMm, unit: 'mm' },
      origin: { kind: 'entry', path: ['parts', part.id, 'core', 'skinMm'] },
    },
  };
}

/** Whether the maker wants a foil core in this part. */
export function wantsCore({ part, piece }: PartContext): boolean {
  return part.core.kind === 'foil' || (part.core.kind === 'school' && piece.brief.schools.core === 'foil');
}

/** The part’s core in its own frame; null when none is wanted. */
export function coreOf(context: PartContext): Core | null {
  if (!wantsCore(context)) return null;
  const least = sourced('bulk.core-least', context.own).value;
  return context.shape.core(skinOf(context).skinMm * context.shrink, least * context.shrink);
}
