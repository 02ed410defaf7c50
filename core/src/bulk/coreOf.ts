import type { PartFacts } from '../context/index.ts';
import { type CoreAsk, coreAsk } from '../form/index.ts';
import type { CoreKind } from '../handbook/index.ts';
import { sourced, type Term } from '../reckoning/index.ts';
import { skinRow } from './skin.ts';

/** The skin over a part’s core: the maker’s for this part, or the handbook’s for the scale. */
export function skinOf({ part, own, scale }: PartFacts): { readonly skinMm: number; readonly term: Term } {
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

/** What the part’s core is to be made of; null for none. */
export function coreKindOf({ part, piece }: Pick<PartFacts, 'part' | 'piece'>): CoreKind | null {
  const kind = part.core.kind === 'school' ? piece.brief.schools.core : part.core.kind;
  return kind === 'none' ? null : kind;
}

/** What is asked of the part’s core, miniature mm; null when none is wanted. */
export function coreAskOf(context: PartFacts): CoreAsk | null {
  if (coreKindOf(context) === null) return null;
  const apart: Record<string, number | null> = {};
  for (const { region, cored, skinMm } of context.part.regions)
    if (!cored) apart[region] = null;
    else if (skinMm !== null) apart[region] = skinMm;
  return coreAsk(skinOf(context).skinMm, sourced('bulk.core-least', context.own).value, apart);
}
