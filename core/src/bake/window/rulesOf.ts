import type { BulkFacts } from '../../bulk/index.ts';
import { lightnessOf } from '../../colour/index.ts';
import type { PieceContext } from '../../context/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { mixWindow } from '../time/index.ts';
import { type DoseRules, doseRates } from './dose.ts';

/** Clay as light as this shows every bake (CIELAB L*, common practice). */
const PALE = 75;

/** Whether any of some clay is pale or lets light through, so that heat shows on it. */
export function isPale({ piece }: PieceContext, uses: BulkFacts['uses']): boolean {
  const ids = new Set(uses.map(({ clay }) => clay.id));
  return piece.clays.some(
    ({ id, colour, family }) => ids.has(id) && (family === 'translucent' || lightnessOf(colour) >= PALE),
  );
}

/** What the clay of a part cures and browns by; null where nothing of it is baked. */
export function doseRulesOf(context: PieceContext, { uses, thickest }: BulkFacts): DoseRules | null {
  const { piece, own } = context;
  const ids = new Set(uses.map(({ clay }) => clay.id));
  const window = mixWindow(piece.clays.filter(({ id }) => ids.has(id)));
  if (!window) return null;
  const isThin = thickest.quantity.value < sourced('bake.thin', own).value;
  const limit = isThin && isPale(context, uses) ? 'heat.brown-pale' : 'heat.brown-limit';
  return {
    setC: window.lowC,
    topC: window.highC,
    brownMin: sourced(limit, own).value,
    ...doseRates(own),
  };
}
