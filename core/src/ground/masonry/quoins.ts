import { extentOf, type Outline, type Ring } from '../../form/index.ts';

/** A stone up a side, and what it takes with its joint; mm. */
export interface Quoin {
  readonly ring: Ring;
  readonly taken: Ring;
}

/** A stone of a corner is as high as so many courses (common practice). */
const COURSES = 3;

const box = (l: number, b: number, r: number, t: number): Ring => [
  [l, b],
  [r, b],
  [r, t],
  [l, t],
];

/**
 * Stones up both sides of a face, long and half as long by turns, each as high as three courses.
 *
 * @param longMm length of the long ones; 0 for none
 */
export function quoinsOf(
  outline: Outline,
  { heightMm, jointMm }: { readonly heightMm: number; readonly jointMm: number },
  longMm: number,
): readonly Quoin[] {
  if (longMm <= 0) return [];
  const [left, bottom, right, top] = extentOf(outline);
  const step = COURSES * (heightMm + jointMm);
  return Array.from({ length: Math.ceil((top - bottom) / step - 1e-9) }, (_, i): Quoin[] => {
    const foot = bottom + i * step;
    const head = Math.min(top, foot + step - jointMm);
    const over = Math.min(top, foot + step);
    const long = i % 2 === 0 ? longMm : longMm / 2;
    return [
      { ring: box(left, foot, left + long, head), taken: box(left, foot, left + long + jointMm, over) },
      { ring: box(right - long, foot, right, head), taken: box(right - long - jointMm, foot, right, over) },
    ];
  }).flat();
}
