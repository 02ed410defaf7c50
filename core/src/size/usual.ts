import type { PartFacts } from '../context/index.ts';
import { STARTS, type Start } from '../form/index.ts';
import { figure, type Reckoning, type Term } from '../reckoning/index.ts';
import { formatRealMetric, realMm } from '../units/index.ts';
import { SIZE } from './figures.ts';

/** Groups of starts that are things, and come in sizes of their own. */
const NO_THINGS = ['plain forms'];

/** So many times as large, or as small, as such things are, a part is to be looked at. */
const ABSURD = 8;

const wordsOf = (name: string): string[] => name.toLowerCase().match(/[a-z]+/g) ?? [];

/**
 * The thing a part is called after: the start whose last word its own name ends with; of several the one with most words in
 * it. Null for a name that says nothing.
 *
 * @example namesake('Enamel mug')?.title // 'Mug'
 * @example namesake('Mug handle') // null
 */
export function namesake(name: string): Start | null {
  const words = wordsOf(name);
  const fits = STARTS.filter(({ title, group }) => {
    const own = wordsOf(title);
    return (
      !NO_THINGS.includes(group) && own.at(-1) === words.at(-1) && own.every((word) => words.includes(word))
    );
  });
  return fits.reduce<Start | null>(
    (a, b) => (a && wordsOf(a.title).length >= wordsOf(b.title).length ? a : b),
    null,
  );
}

/** The largest length that a form is typed by, or that its outline comes to, mm; 0 where it has none. */
function largestOf(form: unknown): number {
  if (typeof form !== 'object' || form === null) return 0;
  return Object.entries(form).reduce((most, [key, value]) => {
    const own = key.endsWith('Mm') && typeof value === 'number' ? Math.abs(value) : largestOf(value);
    return Math.max(most, own);
  }, 0);
}

/** A part that is many times as large or as small in life as what it is called: mostly a slip of the keys; else nothing. */
export function reckonUsual({ part, scale }: PartFacts): Reckoning[] {
  const like = part.sized === 'life' && !scale.isOpen ? namesake(part.name) : null;
  // An imported solid has its size from its file, in no typed length.
  if (!like || part.form.kind === 'mesh') return [];
  const [now, usual] = [largestOf(part.form), largestOf(like.form)];
  if (!(now > 0 && usual > 0) || Math.abs(Math.log(now / usual)) <= Math.log(ABSURD)) return [];
  const says = (mm: number) => formatRealMetric(realMm(mm));
  const length = (symbol: string, name: string, value: number, origin: Term['origin']): Term => ({
    symbol,
    name,
    quantity: { value, unit: 'mm' },
    origin,
  });
  return [
    figure(SIZE.usual, {
      part: part.id,
      value: now / usual,
      terms: [
        length('L', 'Largest length typed, in life', now, {
          kind: 'entry',
          path: ['parts', part.id, 'form'],
        }),
        length('U', `Of ${like.title.toLowerCase()} as it is offered`, usual, {
          kind: 'shape',
          says: 'the list of things to begin with',
        }),
      ],
      verdict: {
        level: 'doubtful',
        wording: 'state',
        says: `${says(now)} in life: a ${like.title.toLowerCase()} is about ${says(usual)}`,
        waysOut: [
          {
            says: `make it as such things are, ${says(usual)}`,
            change: { path: ['parts', part.id, 'form'], value: like.form },
          },
          { says: 'leave it, and call it what it is' },
        ],
      },
    }),
  ];
}
