import { builtHeight } from './builtUp.ts';
import { shapeOf } from './shapeOf.ts';
import type { BarPoint, BuiltForm, DrawnForm, ExtrudedForm, Form, PlanePoint, TurnedForm } from './types.ts';

/** Length of a bar along its middle line. */
function barLength(points: readonly BarPoint[]): number {
  return points.slice(1).reduce((sum, p, i) => {
    const q = points[i] ?? p;
    return sum + Math.hypot(p.xMm - q.xMm, p.yMm - q.yMm, p.zMm - q.zMm);
  }, 0);
}

const heights = new WeakMap<BuiltForm, number>();

function heightOf(form: BuiltForm): number {
  const known = heights.get(form);
  if (known !== undefined) return known;
  const height = builtHeight(form, shapeOf);
  heights.set(form, height);
  return height;
}

/** The length a thing is known by: stature, withers, height or the like, in the form's own frame, mm. */
export function chiefLength(form: Form): number {
  switch (form.kind) {
    case 'person':
      return form.statureMm;
    case 'beast':
      return form.withersMm;
    case 'ball':
      return form.diameterMm;
    case 'rod':
    case 'crawler':
      return form.lengthMm;
    case 'ring':
      return form.acrossMm;
    case 'tube':
      return form.points.length > 1 ? barLength(form.points) : 0;
    case 'drawn': {
      const ys = form.front.map((point) => point.yMm);
      return Math.max(...ys) - Math.min(...ys);
    }
    case 'extruded': {
      const ys = form.points.map((point) => point.yMm);
      return Math.max(...ys) - Math.min(...ys);
    }
    case 'built':
      return heightOf(form);
    case 'panels':
      return form.heightMm;
    case 'mesh':
      return form.extent[form.upright] * form.unitMm;
    case 'turned': {
      const heights = form.profile.map((point) => point.heightMm);
      return Math.max(...heights) - Math.min(...heights);
    }
    default:
      return form.heightMm;
  }
}

/** An outline stretched so that it is so high or wide. */
function stretchedOutline(form: ExtrudedForm, axis: 'xMm' | 'yMm', lengthMm: number): ExtrudedForm {
  const values = form.points.map((point) => point[axis]);
  const by = lengthMm / (Math.max(...values) - Math.min(...values));
  if (!Number.isFinite(by)) return form;
  return { ...form, points: form.points.map((point) => ({ ...point, [axis]: point[axis] * by })) };
}

/** Outlines so many times as long along one axis. */
function stretchedPoints(points: readonly PlanePoint[], axis: 'xMm' | 'yMm', by: number): PlanePoint[] {
  return points.map((point) => ({ ...point, [axis]: point[axis] * by }));
}

/** A drawn solid stretched so that it is so high, wide or deep: every outline that shows that length with it. */
function stretchedDrawing(form: DrawnForm, field: 'height' | 'width' | 'depth', lengthMm: number): DrawnForm {
  const long = (points: readonly PlanePoint[], axis: 'xMm' | 'yMm') => {
    const values = points.map((point) => point[axis]);
    return Math.max(...values) - Math.min(...values);
  };
  const { front, side, top } = form;
  const now =
    field === 'height'
      ? long(front, 'yMm')
      : field === 'width'
        ? long(front, 'xMm')
        : side.length > 0
          ? long(side, 'xMm')
          : form.depthMm;
  const by = lengthMm / now;
  if (!Number.isFinite(by) || by <= 0) return form;
  switch (field) {
    case 'height':
      return { ...form, front: stretchedPoints(front, 'yMm', by), side: stretchedPoints(side, 'yMm', by) };
    case 'width':
      return { ...form, front: stretchedPoints(front, 'xMm', by), top: stretchedPoints(top, 'xMm', by) };
    case 'depth':
      return {
        ...form,
        side: stretchedPoints(side, 'xMm', by),
        top: stretchedPoints(top, 'yMm', by),
        depthMm: form.depthMm * by,
      };
  }
}

/** A profile stretched so that it is so high or so far across. */
function stretchedProfile(form: TurnedForm, field: string, lengthMm: number): TurnedForm {
  const size = field === 'height' ? chiefLength(form) : 2 * Math.max(...form.profile.map((p) => p.radiusMm));
  const by = lengthMm / size;
  if (!Number.isFinite(by)) return form;
  return {
    ...form,
    profile: form.profile.map((p) =>
      field === 'height' ? { ...p, heightMm: p.heightMm * by } : { ...p, radiusMm: p.radiusMm * by },
    ),
  };
}

/** Any record with every length in it, named by its unit, grown by a factor. */
function grown<T>(value: T, by: number): T {
  if (Array.isArray(value)) return value.map((one) => grown(one, by)) as T;
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).map(([key, held]) => [
    key,
    typeof held === 'number' && key.endsWith('Mm') ? held * by : grown(held, by),
  ]);
  return Object.fromEntries(entries) as T;
}

/** A built-up thing grown as a whole: turned pieces cannot be stretched one way. */
function grownTo(form: BuiltForm, field: 'height' | 'width' | 'depth', lengthMm: number): BuiltForm {
  const { min, max } = shapeOf(form).box;
  const k = ({ width: 0, height: 1, depth: 2 } as const)[field];
  const by = lengthMm / (max[k] - min[k]);
  return Number.isFinite(by) ? grown(form, by) : form;
}

/**
 * A form with one of its measures set; a drawn or turned line is stretched, a built-up thing or an
 * imported solid scaled as a whole.
 *
 * @param field of the form’s measure, as {@link FormMeasure.field} names it
 * @returns a new form; the same one when it has no such field
 */
export function withMeasure(form: Form, field: string, lengthMm: number): Form {
  if (form.kind === 'person' && field.startsWith('locked.'))
    return { ...form, locked: { ...form.locked, [field.slice('locked.'.length)]: lengthMm } };
  if (form.kind === 'built' && (field === 'height' || field === 'width' || field === 'depth'))
    return grownTo(form, field, lengthMm);
  if (form.kind === 'turned') return stretchedProfile(form, field, lengthMm);
  if (form.kind === 'mesh' && (field === 'height' || field === 'width'))
    return { ...form, unitMm: lengthMm / form.extent[field === 'height' ? form.upright : 'x'] };
  if (form.kind === 'drawn' && (field === 'height' || field === 'width' || field === 'depth'))
    return stretchedDrawing(form, field, lengthMm);
  if (form.kind === 'extruded' && (field === 'height' || field === 'width'))
    return stretchedOutline(form, field === 'height' ? 'yMm' : 'xMm', lengthMm);
  return field in form ? ({ ...form, [field]: lengthMm } as Form) : form;
}
