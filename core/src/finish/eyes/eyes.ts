import { type Given, heroicOf } from '../../context/index.ts';
import { figure, type Reckoning, shapedBy, sourced } from '../../reckoning/index.ts';
import { FINISH } from '../figures.ts';

/** Balls on sticks and needle heads as they are sold, across, mm (common practice). */
export const DOT_TOOLS_MM = [0.3, 0.5, 0.8, 1, 1.2, 1.5, 2, 2.5, 3, 4, 5, 6] as const;
/** What is smaller than the finest of them is set with the tip of a needle. */
const NEEDLE_MM = 0.25;

/** The tool that makes a dot of a size, in words: a dot of paint comes out about as wide as its ball. */
export function dotToolSays(mm: number): string {
  if (mm < NEEDLE_MM) return 'the tip of a needle';
  const nearest = DOT_TOOLS_MM.reduce<number>(
    (a, b) => (Math.abs(b - mm) < Math.abs(a - mm) ? b : a),
    DOT_TOOLS_MM[0],
  );
  return `a ball of ${nearest} mm`;
}

const shaped = shapedBy('the scale, and the head as it is made');

/** How large the eyes of every person with a surface are: iris, pupil, light in it, and what dots them. */
export function reckonEyes(given: Given): Reckoning[] {
  const { piece, own, scale } = given.context;
  const painted = new Set(piece.zones.flatMap(({ part }) => part ?? []));
  return [...given.contexts.values()].flatMap(({ part, shrink }) => {
    if (part.form.kind !== 'person' || !painted.has(part.id)) return [];
    // A head that is made larger has larger eyes.
    const { head } = heroicOf(scale.heroic, own);
    const inMini = (mm: number) => (mm * head) / shrink;
    const [ball, iris, pupil, light] = ['eye.ball', 'eye.iris', 'eye.pupil', 'eye.light'].map((row) =>
      sourced(row, own),
    );
    if (!ball || !iris || !pupil || !light) return [];
    const mm = (row: { readonly value: number }) => inMini(row.value).toFixed(2);
    return [
      figure(FINISH.eyes, {
        part: null,
        at: part.id,
        title: `${part.name}, iris across`,
        value: inMini(iris.value),
        terms: [
          iris.term('i'),
          shaped('k', 'Its head, times its own size', head, ''),
          shaped('s', 'Life to one of the miniature', shrink, ''),
        ],
        note: `Eyeball ${mm(ball)} mm. Iris: ${dotToolSays(inMini(iris.value))}. Pupil ${mm(pupil)} mm: ${dotToolSays(inMini(pupil.value))}. Light in it ${mm(light)} mm: ${dotToolSays(inMini(light.value))}. Both looking at one place: the dots as far from the nose on either side.`,
      }),
    ];
  });
}
