import { FormError, positive } from '../errors.ts';
import { fieldMeasure } from '../fieldMeasure.ts';
import { egg, type Loft, type LoftedShape, limb, loftedShape, plus } from '../lofted/index.ts';
import type { RoundCreatureForm, Vec3 } from '../types.ts';

const AHEAD: Vec3 = [0, 0, 1];
const UP: Vec3 = [0, 1, 0];

type Side = 1 | -1;
const sideName = (side: Side) => (side === 1 ? 'left' : 'right');

/** The body: an egg, its broad end down, wide of mouth at two thirds. */
function body(H: number, W: number): Loft {
  const half = W / 2;
  return limb({
    region: 'body',
    joint: null,
    origin: [0, H * 0.16, 0],
    to: [0, H * 0.86, 0],
    faces: AHEAD,
    stations: [
      { t: 0, across: half * 0.82, ahead: half * 0.78, shift: 0 },
      { t: 0.3, across: half, ahead: half * 0.92, shift: 0.02 * W },
      { t: 0.6, across: half * 0.92, ahead: half * 0.84, shift: 0.04 * W },
      { t: 0.78, across: half * 0.84, ahead: half * 0.8, shift: 0.06 * W },
      { t: 1, across: half * 0.58, ahead: half * 0.56, shift: 0.05 * W },
    ],
    startCap: H * 0.16,
    endCap: H * 0.14,
  });
}

function crest(form: RoundCreatureForm, side: Side): Loft[] {
  const { heightMm: H, widthMm: W } = form;
  const name = sideName(side);
  switch (form.crest) {
    case 'none':
      return [];
    case 'bulging eyes': {
      const r = 0.105 * W;
      return [egg('eyes', null, [side * 0.27 * W, H * 0.94, 0.15 * W], [r, r, r])];
    }
    case 'round ears': {
      const r = 0.16 * W;
      return [egg(`${name} ear`, null, [side * 0.36 * W, H * 0.98, 0], [r, r, r * 0.5])];
    }
    case 'long ears': {
      const [wide, long] = [0.1 * W, 0.42 * H];
      const root: Vec3 = [side * 0.16 * W, H * 0.93, 0];
      return [
        limb({
          region: `${name} ear`,
          joint: null,
          origin: root,
          to: plus(root, [side * 0.08 * W, long, 0]),
          faces: AHEAD,
          stations: [
            { t: 0, across: wide * 0.7, ahead: wide * 0.5, shift: 0 },
            { t: 0.6, across: wide, ahead: wide * 0.45, shift: 0 },
            { t: 1, across: wide * 0.5, ahead: wide * 0.35, shift: 0 },
          ],
          startCap: wide,
          endCap: wide * 0.6,
        }),
      ];
    }
  }
}

function arm({ heightMm: H, widthMm: W, armsMm }: RoundCreatureForm, side: Side): Loft[] {
  if (armsMm === 0) return [];
  const r = Math.min(0.09 * W, armsMm * 0.22);
  const root: Vec3 = [side * 0.42 * W, H * 0.52, 0.16 * W];
  const hand = plus(root, [side * 0.3 * armsMm, -0.72 * armsMm, 0.62 * armsMm]);
  return [
    limb({
      region: `${sideName(side)} arm`,
      joint: null,
      origin: root,
      to: hand,
      faces: AHEAD,
      stations: [
        { t: 0, across: r * 1.25, ahead: r * 1.25, shift: 0 },
        { t: 0.75, across: r * 0.8, ahead: r * 0.8, shift: 0 },
        { t: 1, across: r * 1.1, ahead: r * 0.8, shift: 0 },
      ],
      startCap: r,
      endCap: r * 0.9,
      from: 0.2,
    }),
  ];
}

/** A folded leg: the thigh beside the body, the foot flat before it. */
function leg({ heightMm: H, widthMm: W, legsMm }: RoundCreatureForm, side: Side): Loft[] {
  if (legsMm === 0) return [];
  const r = Math.min(0.15 * W, legsMm * 0.24);
  const flat = r * 0.42;
  const heel: Vec3 = [side * 0.4 * W, flat, 0.02 * W];
  const turnOut = 0.42 * side;
  return [
    limb({
      region: `${sideName(side)} thigh`,
      joint: null,
      origin: [side * 0.34 * W, H * 0.12, -0.16 * W],
      to: [side * 0.5 * W, H * 0.26 + r * 0.5, 0.14 * W],
      faces: UP,
      stations: [
        { t: 0, across: r, ahead: r * 1.25, shift: 0 },
        { t: 0.5, across: r * 1.05, ahead: r * 1.3, shift: 0 },
        { t: 1, across: r * 0.7, ahead: r * 0.9, shift: 0 },
      ],
      startCap: r,
      endCap: r,
    }),
    limb({
      region: `${sideName(side)} foot`,
      joint: null,
      origin: heel,
      to: plus(heel, [turnOut * legsMm, -flat * 0.3, 0.9 * legsMm]),
      faces: UP,
      stations: [
        { t: 0, across: r * 0.6, ahead: flat, shift: 0 },
        { t: 0.7, across: r * 0.78, ahead: flat * 0.75, shift: 0 },
        { t: 1, across: r * 0.9, ahead: flat * 0.6, shift: 0 },
      ],
      startCap: r * 0.6,
      endCap: r * 0.5,
    }),
  ];
}

/**
 * A round body on stub limbs.
 *
 * @throws {FormError} naming the field
 */
export function roundCreatureShape(form: RoundCreatureForm): LoftedShape {
  const H = positive('round', 'heightMm', form.heightMm);
  const W = positive('round', 'widthMm', form.widthMm);
  for (const field of ['armsMm', 'legsMm'] as const)
    if (!(form[field] >= 0)) throw new FormError('round', field, 'a length of 0 or more', form[field]);
  const sides = [1, -1] as const;
  return loftedShape({
    lofts: [
      body(H, W),
      ...sides.flatMap((side) => [...crest(form, side), ...arm(form, side), ...leg(form, side)]),
    ],
    joints: [],
    pose: {},
    measures: [
      fieldMeasure('height', 'Height to the crown', H, [0, 0], [0, H]),
      fieldMeasure('width', 'Width of the body', W, [-W / 2, H / 3], [W / 2, H / 3]),
      ...(form.armsMm > 0
        ? [fieldMeasure('arms', 'Arm', form.armsMm, [W / 2, H / 2], [W / 2 + form.armsMm, H / 2])]
        : []),
      ...(form.legsMm > 0 ? [fieldMeasure('legs', 'Foot', form.legsMm, [0, 0], [form.legsMm, 0])] : []),
    ],
    filletMm: 0.02 * W,
  });
}
