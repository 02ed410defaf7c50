import type { PieceContext } from '../context/index.ts';
import type { Reference, Taking } from '../piece/index.ts';
import { figure, type Reckoning, sourced, type Term } from '../reckoning/index.ts';
import { PictureFaultError } from './errors.ts';
import { PICTURE } from './figures.ts';
import { takeMeasure } from './takings.ts';

/** What the picture was measured by, as terms. */
function knownTerms({ id, known, square, shownRatio }: Reference): Term[] {
  const entry = (symbol: string, name: string, value: number, ...path: string[]): Term => ({
    symbol,
    name,
    quantity: { value: value * shownRatio, unit: 'mm in life' },
    origin: { kind: 'entry', path: ['references', id, ...path] },
  });
  if (square)
    return [
      entry('W', 'Known rectangle, width', square.widthMm, 'square', 'widthMm'),
      entry('H', 'Known rectangle, height', square.heightMm, 'square', 'heightMm'),
    ];
  return known ? [entry('K', 'Known length', known.lengthMm, 'known', 'lengthMm')] : [];
}

const FORMULAS = {
  square: {
    length: 'L = distance in the plane squared by W and H',
    angle: 'α = angle in the plane squared by W and H',
  },
  known: { length: 'L = K × px ÷ px of K', angle: 'α = angle as it is seen, K facing squarely' },
} as const;

function reckonTaking(context: PieceContext, reference: Reference, taking: Taking): Reckoning[] {
  const click = sourced('picture.click', context.own);
  try {
    const { value, error } = takeMeasure(reference, taking, click.value);
    const isAngle = taking.kind === 'angle';
    const by = isAngle ? 1 : reference.shownRatio;
    const kind = reference.square ? 'square' : 'known';
    const formula = FORMULAS[kind][isAngle ? 'angle' : 'length'];
    return [
      figure(isAngle ? PICTURE.angle : PICTURE.taking, {
        at: taking.id,
        part: null,
        title: taking.name,
        value: value * by,
        low: Math.max(0, value - error) * by,
        high: (value + error) * by,
        formula: `${formula}, spots off by c px`,
        terms: [...knownTerms(reference), { ...click.term('c'), quantity: { value: click.value, unit: '' } }],
        note: reference.square
          ? 'Holds in the plane of the rectangle; what stands before it or behind it reads larger or smaller.'
          : 'Holds for what is as far off as the known length and squarely before the camera.',
      }),
    ];
  } catch (fault) {
    // What cannot be measured has no figure; the picture itself says why.
    if (fault instanceof PictureFaultError) return [];
    throw fault;
  }
}

/** Every measure taken off a picture, in life, with what the spots leave open as its range. */
export function reckonTakings(context: PieceContext): Reckoning[] {
  return context.piece.references.flatMap((reference) =>
    reference.takings.flatMap((taking) => reckonTaking(context, reference, taking)),
  );
}
