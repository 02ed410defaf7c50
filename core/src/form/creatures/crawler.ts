import { FormError, positive } from '../errors.ts';
import { fieldMeasure } from '../fieldMeasure.ts';
import { type Loft, type LoftedShape, limb, loftedShape, plus } from '../lofted/index.ts';
import type { CrawlerForm, Vec3 } from '../types.ts';

const TOWARDS: Vec3 = [0, 0, 1];
const UP: Vec3 = [0, 1, 0];

type Side = 1 | -1;

/** Sections along x from the tail to the head, the hindmost the largest, as in spiders and beetles. */
function sections({ lengthMm: L, sections: n, bodyHeightMm: y }: CrawlerForm): Loft[] {
  const shares = Array.from({ length: n }, (_, i) => (n === 1 ? 1 : 1 + 0.55 * (n - 1 - i)));
  const sum = shares.reduce((a, b) => a + b, 0);
  let x = -L / 2;
  return shares.map((share, i) => {
    const long = (share / sum) * L;
    const half = long / 2;
    const round = Math.min(half, L * 0.24) * (n === 1 ? 0.62 : 0.92);
    const centre = x + half;
    x += long;
    const reach = half * 1.06;
    return limb({
      region: n === 1 ? 'body' : i === n - 1 ? 'head' : `section ${i + 1}`,
      joint: null,
      origin: [centre - reach * 0.3, y, 0],
      to: [centre + reach * 0.3, y, 0],
      faces: TOWARDS,
      stations: [
        { t: 0, across: round * 0.9, ahead: round * 0.98, shift: 0 },
        { t: 0.5, across: round * 0.94, ahead: round, shift: 0 },
        { t: 1, across: round * 0.86, ahead: round * 0.92, shift: 0 },
      ],
      startCap: reach * 0.7,
      endCap: reach * 0.7,
    });
  });
}

/** Corners of a leg from the body to its foot: up over the knee, then down. */
function legLine(form: CrawlerForm, pair: number, side: Side): Vec3[] {
  const { lengthMm: L, legPairs, legSegments, footCircleMm, bodyHeightMm: y } = form;
  const share = legPairs === 1 ? 0.5 : pair / (legPairs - 1);
  const root: Vec3 = [L * (-0.06 + 0.3 * (share - 0.5) + 0.1), y * 0.96, side * L * 0.1];
  // Feet stand round the circle, the foremost and hindmost turned well ahead and behind.
  const angle = ((share - 0.5) * 120 * Math.PI) / 180;
  const R = footCircleMm / 2 - form.legMm * 0.4;
  const foot: Vec3 = [R * Math.sin(angle), form.legMm * 0.5, side * R * Math.cos(angle)];
  const lift = Math.max(y * 0.7, footCircleMm * 0.14);
  return Array.from({ length: legSegments + 1 }, (_, k): Vec3 => {
    const u = k / legSegments;
    const over = legSegments === 1 ? 0 : Math.sin(Math.PI * Math.min(1, u * 1.25)) * lift * (u < 1 ? 1 : 0);
    return [
      root[0] + (foot[0] - root[0]) * u,
      root[1] + (foot[1] - root[1]) * u + over,
      root[2] + (foot[2] - root[2]) * u,
    ];
  });
}

function leg(form: CrawlerForm, pair: number, side: Side): Loft[] {
  const line = legLine(form, pair, side);
  const name = `${side === 1 ? 'right' : 'left'} leg ${pair + 1}`;
  const radius = (k: number) => (form.legMm / 2) * (1 - (0.55 * k) / form.legSegments);
  return line.slice(1).flatMap((to, k): Loft[] => {
    const origin = line[k];
    if (!origin) return [];
    const [r1, r2] = [radius(k), radius(k + 1)];
    return [
      limb({
        region: name,
        joint: null,
        origin,
        to,
        faces: [0.31, 0.2, 0.93],
        stations: [
          { t: 0, across: r1, ahead: r1, shift: 0 },
          { t: 1, across: r2, ahead: r2, shift: 0 },
        ],
        startCap: r1,
        endCap: r2,
      }),
    ];
  });
}

function feeler({ lengthMm: L, feelersMm, bodyHeightMm: y, legMm }: CrawlerForm, side: Side): Loft {
  const root: Vec3 = [L * 0.46, y * 1.05, side * L * 0.04];
  const r = legMm * 0.32;
  return limb({
    region: `${side === 1 ? 'right' : 'left'} feeler`,
    joint: null,
    origin: root,
    to: plus(root, [feelersMm * 0.76, feelersMm * 0.5, side * feelersMm * 0.41]),
    faces: UP,
    stations: [
      { t: 0, across: r, ahead: r, shift: 0 },
      { t: 1, across: r * 0.45, ahead: r * 0.45, shift: 0 },
    ],
    startCap: r,
    endCap: r * 0.45,
  });
}

function whole(field: string, value: number, least: number, most: number): void {
  if (!Number.isInteger(value) || value < least || value > most)
    throw new FormError('crawler', field, `a whole number from ${least} to ${most}`, value);
}

/**
 * A body of one or more sections on pairs of jointed legs; feet stand on one circle.
 *
 * @throws {FormError} naming the field
 */
export function crawlerShape(form: CrawlerForm): LoftedShape {
  const L = positive('crawler', 'lengthMm', form.lengthMm);
  const circle = positive('crawler', 'footCircleMm', form.footCircleMm);
  const y = positive('crawler', 'bodyHeightMm', form.bodyHeightMm);
  positive('crawler', 'legMm', form.legMm);
  if (!(form.feelersMm >= 0))
    throw new FormError('crawler', 'feelersMm', 'a length of 0 or more', form.feelersMm);
  whole('sections', form.sections, 1, 6);
  whole('legPairs', form.legPairs, 0, 12);
  whole('legSegments', form.legSegments, 1, 6);
  const pairs = Array.from({ length: form.legPairs }, (_, i) => i);
  return loftedShape({
    lofts: [
      ...sections(form),
      ...pairs.flatMap((pair) => [...leg(form, pair, 1), ...leg(form, pair, -1)]),
      ...(form.feelersMm > 0 ? [feeler(form, 1), feeler(form, -1)] : []),
    ],
    joints: [],
    pose: {},
    measures: [
      fieldMeasure('length', 'Body length', L, [-L / 2, y], [L / 2, y]),
      fieldMeasure('footCircle', 'Foot circle', circle, [-circle / 2, 0], [circle / 2, 0]),
      fieldMeasure('bodyHeight', 'Middle of the body above the ground', y, [0, 0], [0, y]),
      fieldMeasure('leg', 'Leg thickness at the body', form.legMm, [0, 0], [form.legMm, 0]),
      ...(form.feelersMm > 0
        ? [fieldMeasure('feelers', 'Feelers', form.feelersMm, [L / 2, y], [L / 2 + form.feelersMm, y])]
        : []),
    ],
    filletMm: 0,
    isThin: true,
  });
}
