import { unite } from '../outline.ts';
import type { Box, FormMeasure, Outline, PersonForm, Shape, View } from '../types.ts';
import { bodyOf } from './body.ts';
import { boundaryOf } from './boundary.ts';
import { integrate, type Placed, placed, type Sums } from './integrate.ts';
import { loftRing, sectionsOf } from './loft.ts';
import { axisBall, personCore } from './personCore.ts';
import { type Heroic, PLAIN, type Proportions, proportionsOf } from './proportions.ts';

export { boundaryOf } from './boundary.ts';
export { integrate, type Placed, placed } from './integrate.ts';
export { type Loft, sectionsOf } from './loft.ts';
export { type Heroic, PLAIN } from './proportions.ts';

/** Cells to the stature when volume is summed: 0.5 % at worst against half the cell. */
const CELLS_TO_STATURE = 190;
const PERSON_ERROR = 0.005;

function measuresOf(p: Proportions, build: number): FormMeasure[] {
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

function boxOf(lofts: readonly Placed[]): Box {
  const low = (k: 0 | 1 | 2) => Math.min(...lofts.map(({ min }) => min[k]));
  const high = (k: 0 | 1 | 2) => Math.max(...lofts.map(({ max }) => max[k]));
  return { min: [low(0), low(1), low(2)], max: [high(0), high(1), high(2)] };
}

/** A person's shape with the sums that only a person has. */
export interface PersonShape extends Shape {
  readonly proportions: Proportions;
  readonly sums: Sums;
  readonly lofts: readonly Placed[];
}

/**
 * A standing person built from the published proportions; volume summed on a grid, surface over triangles.
 *
 * @param heroic what a heroic figure scale thickens; {@link PLAIN} for none
 * @throws {FormError} as {@link proportionsOf}
 */
export function personShape(form: PersonForm, heroic: Heroic = PLAIN): PersonShape {
  const proportions = proportionsOf(form, heroic);
  const lofts = bodyOf(proportions, form.pose).map((loft) => placed(loft, sectionsOf(loft)));
  const sums = integrate(lofts, proportions.H / CELLS_TO_STATURE);
  const thickest = lofts.map((one) => axisBall(one)).reduce((a, b) => (b.diameterMm > a.diameterMm ? b : a));
  const seen = (view: View): Outline =>
    unite(lofts.map(({ loft, sections }) => loftRing(loft, sections, view)));
  return {
    proportions,
    sums,
    lofts,
    box: boxOf(lofts),
    volumeMm3: sums.volumeMm3,
    areaMm2: boundaryOf(lofts).areaMm2,
    error: PERSON_ERROR,
    thickest,
    measures: measuresOf(proportions, form.build),
    outline: seen,
    section: () => seen('front'),
    core: (skin, least) => personCore(lofts, thickest, skin, least),
  };
}
