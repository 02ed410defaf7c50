import { PERSON_LENGTHS } from '../choices.ts';
import { type LoftedShape, loftedShape, type Puppet } from '../lofted/index.ts';
import type { FormMeasure, PersonForm } from '../types.ts';
import { bodyOf, jointsOf } from './body.ts';
import { POSES } from './poses.ts';
import { type Heroic, PLAIN, type Proportions, proportionsOf } from './proportions.ts';

export { type Heroic, PLAIN } from './proportions.ts';

/** Fillet where limbs join, share of the body. */
const FILLET = 0.004;

function measuresOf(p: Proportions, { build, locked }: PersonForm): FormMeasure[] {
  return usualMeasures(p, build).map((measure) => {
    const lock = PERSON_LENGTHS.find((key) => key === measure.key);
    if (!lock) return measure;
    return locked[lock] === undefined
      ? { ...measure, lock }
      : { ...measure, lock, field: `locked.${lock}`, handbookRow: null };
  });
}

function usualMeasures(p: Proportions, build: number): FormMeasure[] {
  const published = (
    key: string,
    title: string,
    kind: 'height' | 'length',
    lengthMm: number,
    x: number,
  ): FormMeasure => ({
    key,
    title,
    lengthMm,
    field: null,
    handbookRow: `body.${kind}.${key}`,
    from: [x, 0],
    to: [x, lengthMm],
  });
  const flat = (key: string, title: string, share: number, y: number): FormMeasure => ({
    key,
    title,
    lengthMm: share * p.body,
    field: null,
    handbookRow: `body.length.${key}`,
    from: [(-share * p.body) / 2, y],
    to: [(share * p.body) / 2, y],
  });
  return [
    {
      key: 'stature',
      title: 'Height, sole to crown',
      lengthMm: p.H,
      field: 'statureMm',
      handbookRow: null,
      from: [0, 0],
      to: [0, p.H],
    },
    published('eyes', 'Eyes above the sole', 'height', p.eyes, 0),
    { ...published('head', 'Head, chin to crown', 'length', p.head, 0), from: [0, p.chin], to: [0, p.H] },
    published('shoulder', 'Shoulder above the sole', 'height', p.shoulder, 0),
    published('elbow', 'Elbow above the sole', 'height', p.elbow, 0),
    published('hip', 'Hip above the sole', 'height', p.hip, 0),
    published('knee', 'Knee above the sole', 'height', p.knee, 0),
    flat('shoulders', 'Shoulder breadth', 0.259 * Math.sqrt(build), p.shoulder),
    {
      ...flat('hand', 'Hand length', p.hand / p.body, p.wrist),
      from: [0, p.wrist - p.hand],
      to: [0, p.wrist],
    },
    flat('foot', 'Foot length', 0.152, 0),
  ];
}

function puppetIn(form: PersonForm, proportions: Proportions): Puppet {
  return {
    lofts: bodyOf(proportions, form.clothing),
    joints: jointsOf(proportions),
    pose: { ...POSES[form.pose], ...form.angles },
  };
}

/** The lofts and joints of a person, without the sums over them. */
export function personPuppet(form: PersonForm, heroic: Heroic): Puppet {
  return puppetIn(form, proportionsOf(form, heroic));
}

/** A person's shape with what only a person has. */
export interface PersonShape extends LoftedShape {
  readonly proportions: Proportions;
}

/**
 * A person built from the published proportions, posed and dressed; it stands on its lowest point.
 *
 * @param heroic what a heroic figure scale thickens; {@link PLAIN} for none
 * @throws {FormError} as {@link proportionsOf}
 */
export function personShape(form: PersonForm, heroic: Heroic = PLAIN): PersonShape {
  const proportions = proportionsOf(form, heroic);
  const shape = loftedShape({
    ...puppetIn(form, proportions),
    measures: measuresOf(proportions, form),
    filletMm: FILLET * proportions.body,
  });
  return { ...shape, proportions };
}
