import type { PartFacts } from '../context/index.ts';
import type { Form } from '../form/index.ts';
import type { Pair } from '../piece/index.ts';
import { figure, type Reckoning, sourced, type Term, type Verdict } from '../reckoning/index.ts';
import { SIZE } from './figures.ts';

/** What comes in pairs on a thing of a form: a list to begin with. */
export function usualPairs(form: Form): readonly string[] {
  switch (form.kind) {
    case 'person':
      return ['arms', 'hands', 'legs', 'feet', 'ears'];
    case 'beast':
      return ['ears', 'forelegs', 'hind legs'];
    case 'bird':
      return ['wings', 'legs'];
    case 'crawler':
      return form.feelersMm > 0 ? ['feelers', 'front legs'] : ['front legs'];
    case 'round':
      return ['arms', 'legs'];
    default:
      return [];
  }
}

function judge(offMm: number, allowedMm: number): Verdict {
  const margin = { value: allowedMm - Math.abs(offMm), unit: 'mm' } as const;
  if (Math.abs(offMm) <= allowedMm + 1e-9)
    return { level: 'good', wording: 'state', says: 'alike, as far as the eye sees', margin, waysOut: [] };
  const larger = offMm > 0 ? 'left' : 'right';
  return {
    level: Math.abs(offMm) <= 2 * allowedMm ? 'doubtful' : 'stop',
    wording: 'state',
    says: `the ${larger} one is ${Math.abs(offMm).toFixed(1)} mm larger`,
    margin,
    waysOut: [
      { says: `bring the ${larger} one down by ${(Math.abs(offMm) - allowedMm).toFixed(1)} mm at least` },
      { says: 'make both anew, cut from one piece folded in half' },
    ],
  };
}

function reckonPair({ part, own }: PartFacts, { name, leftMm, rightMm }: Pair, at: number): Reckoning[] {
  if (leftMm === null || rightMm === null) return [];
  const [p, a] = [sourced('size.tolerance-percent', own), sourced('size.tolerance-least', own)];
  const allowed = Math.max((Math.max(leftMm, rightMm) * p.value) / 100, a.value);
  const side = (symbol: string, says: string, value: number): Term => ({
    symbol,
    name: `${name}, ${says}`,
    quantity: { value, unit: 'mm' },
    origin: { kind: 'entry', path: ['parts', part.id, 'pairs'] },
  });
  return [
    figure(SIZE.pair, {
      at: at + 1,
      part: part.id,
      title: `${name}: left less right`,
      value: leftMm - rightMm,
      terms: [side('l', 'left', leftMm), side('r', 'right', rightMm), p.term('p'), a.term('a')],
      verdict: judge(leftMm - rightMm, allowed),
    }),
  ];
}

/** How alike the pairs of a part have come out, by the visible error of their size. */
export function reckonPairs(context: PartFacts): Reckoning[] {
  return context.part.pairs.flatMap((pair, at) => reckonPair(context, pair, at));
}
