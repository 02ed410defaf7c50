import type { Form, FormKind } from './types.ts';

/** The kinds a new part can start from, with a sensible size in life. */
export const STARTS: readonly {
  readonly kind: FormKind;
  readonly title: string;
  readonly says: string;
  readonly form: Form;
}[] = [
  {
    kind: 'person',
    title: 'Person',
    says: 'standing, by stature and heads',
    form: { kind: 'person', statureMm: 1700, headsTall: null, build: 1, pose: 'straight' },
  },
  { kind: 'ball', title: 'Ball', says: 'fruit, heads, knobs', form: { kind: 'ball', diameterMm: 200 } },
  {
    kind: 'rod',
    title: 'Rod',
    says: 'poles, handles, limbs; round ends',
    form: { kind: 'rod', lengthMm: 1200, startMm: 40, endMm: 40, lying: false },
  },
  {
    kind: 'block',
    title: 'Block',
    says: 'boxes, walls, steps',
    form: { kind: 'block', widthMm: 400, heightMm: 300, depthMm: 300 },
  },
  {
    kind: 'cylinder',
    title: 'Cylinder or cone',
    says: 'drums, posts, hats',
    form: { kind: 'cylinder', heightMm: 500, bottomMm: 300, topMm: 300, lying: false },
  },
  {
    kind: 'ring',
    title: 'Ring',
    says: 'coils, wreaths, tyres',
    form: { kind: 'ring', acrossMm: 400, thicknessMm: 80, lying: true },
  },
  {
    kind: 'turned',
    title: 'Turned',
    says: 'pots, bells, balusters: a profile spun round',
    form: {
      kind: 'turned',
      lying: false,
      profile: [
        { radiusMm: 0, heightMm: 0 },
        { radiusMm: 70, heightMm: 0 },
        { radiusMm: 110, heightMm: 120 },
        { radiusMm: 60, heightMm: 240 },
        { radiusMm: 80, heightMm: 280 },
        { radiusMm: 0, heightMm: 280 },
      ],
    },
  },
];

/**
 * A form with one of its measures set; a turned profile is stretched as a whole.
 *
 * @param field of the form’s measure, as {@link FormMeasure.field} names it
 * @returns a new form; the same one when it has no such field
 */
export function withMeasure(form: Form, field: string, lengthMm: number): Form {
  if (form.kind !== 'turned') return field in form ? ({ ...form, [field]: lengthMm } as Form) : form;
  const size =
    field === 'height'
      ? Math.max(...form.profile.map((p) => p.heightMm)) - Math.min(...form.profile.map((p) => p.heightMm))
      : 2 * Math.max(...form.profile.map((p) => p.radiusMm));
  const by = lengthMm / size;
  if (!Number.isFinite(by)) return form;
  return {
    ...form,
    profile: form.profile.map((p) =>
      field === 'height' ? { ...p, heightMm: p.heightMm * by } : { ...p, radiusMm: p.radiusMm * by },
    ),
  };
}
