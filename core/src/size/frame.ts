import type { PartFacts } from '../context/index.ts';
import { type Term, termFrom } from '../reckoning/index.ts';

/** The scale as the divisor of a life length; nothing for a part already sized on the bench. */
export function overScale(context: PartFacts): { formula: string; terms: Term[] } {
  if (context.part.sized === 'miniature') return { formula: '', terms: [] };
  const { quantity } = context.scaleFigure;
  return {
    formula: ' ÷ s',
    terms: [{ ...termFrom('s', context.scaleFigure), quantity: { ...quantity, unit: '' } }],
  };
}

/** Unit of a length in the part's own frame. */
export function frameUnit({ part }: PartFacts): 'mm in life' | 'mm' {
  return part.sized === 'life' ? 'mm in life' : 'mm';
}

/** A length of the form on the bench; a figure scale gives a range. */
export function throughScale(
  { scale, part }: PartFacts,
  lengthMm: number,
): { value: number; low?: number; high?: number } {
  if (part.sized === 'miniature') return { value: lengthMm };
  const value = lengthMm / scale.ratio;
  if (scale.low === scale.high) return { value };
  return { value, low: lengthMm / scale.high, high: lengthMm / scale.low };
}
