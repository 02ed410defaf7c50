import type { PartContext } from '../context/index.ts';
import { extentOf, type FormMeasure, type Vec2 } from '../form/index.ts';

/** The end of a dimension line that can be pulled. */
export interface Grip {
  /** The part it pulls. */
  readonly part: string;
  readonly axis: 'height' | 'width';
  /** On the drawing, mm with y up. */
  readonly at: Vec2;
  /** Drawing mm to a miniature mm. */
  readonly per: number;
  /** What the dimension line measures, miniature mm. */
  readonly spanMm: number;
  /** The measure of the form that follows, in proportion. */
  readonly measure: FormMeasure;
}

/** Forms whose every length follows from one. */
const DRIVEN_BY_ONE = ['person', 'beast', 'bird', 'mesh', 'built'];
/** How near a measure must come to the whole extent to be taken for it. */
const WHOLE = 0.02;

/**
 * The measure to set when the whole height or width of a part is pulled; null where none would follow it.
 */
export function pulledMeasure({ part, shape }: PartContext, axis: Grip['axis']): FormMeasure | null {
  const typed = shape.measures.filter(({ field }) => field !== null);
  if (DRIVEN_BY_ONE.includes(part.form.kind)) return axis === 'height' ? (typed[0] ?? null) : null;
  const [left, bottom, right, top] = extentOf(shape.outline('front'));
  const span = axis === 'height' ? top - bottom : right - left;
  const along = ({ from, to }: FormMeasure) =>
    axis === 'height' ? Math.abs(to[1] - from[1]) : Math.abs(to[0] - from[0]);
  return (
    typed.find(
      (one) => Math.abs(along(one) - one.lengthMm) < 1e-6 && Math.abs(one.lengthMm / span - 1) < WHOLE,
    ) ?? null
  );
}
