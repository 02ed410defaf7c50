import { FormError, positive } from '../errors.ts';
import {
  type Loft,
  type LoftedShape,
  limb,
  loftedShape,
  type Puppet,
  plus,
  restBox,
  times,
} from '../lofted/index.ts';
import type { BirdForm, Joint, JointLimits, Vec3 } from '../types.ts';
import { BIRDS, type BirdProportions } from './birdProportions.ts';

const TOWARDS: Vec3 = [0, 0, 1];
const UP: Vec3 = [0, 1, 0];
const RADIANS = Math.PI / 180;

type Side = 1 | -1;
const sideName = (side: Side) => (side === 1 ? 'right' : 'left');

/** Direction at an angle above the level, looking to the right of the drawing. */
function ray(degrees: number): Vec3 {
  return [Math.cos(degrees * RADIANS), Math.sin(degrees * RADIANS), 0];
}

function landmarks(p: BirdProportions, B: number) {
  const hip: Vec3 = [0, p.leg * B, 0.3 * p.width * B];
  const along = ray(p.pitch);
  // The leg joint lies under the middle of the body.
  const middle: Vec3 = [-0.02 * B, (p.leg + 0.22 * p.depth) * B, 0];
  const breast = plus(middle, times(along, 0.34 * B));
  const neckFoot = plus(breast, times(ray(p.pitch + 90), 0.08 * p.depth * B));
  const poll = plus(neckFoot, times(ray(p.neckAngle), p.neck * B));
  const over = ray(p.pitch + 90);
  return { hip, along, over, middle, neckFoot, poll, vent: plus(middle, times(along, -0.44 * B)) };
}

type Landmarks = ReturnType<typeof landmarks>;

function trunk(p: BirdProportions, B: number, at: Landmarks, build: number): Loft {
  const [half, wide] = [(p.depth / 2) * B * build, (p.width / 2) * B * build];
  return limb({
    region: 'body',
    joint: 'body',
    origin: plus(at.middle, times(at.along, -0.46 * B)),
    to: plus(at.middle, times(at.along, 0.4 * B)),
    faces: TOWARDS,
    stations: [
      { t: 0, across: half * 0.24, ahead: wide * 0.26, shift: 0 },
      { t: 0.25, across: half * 0.68, ahead: wide * 0.72, shift: 0 },
      { t: 0.55, across: half * 0.98, ahead: wide, shift: 0 },
      { t: 0.75, across: half, ahead: wide * 0.97, shift: 0 },
      { t: 1, across: half * 0.72, ahead: wide * 0.66, shift: 0 },
    ],
    startCap: 0.04 * B,
    endCap: 0.13 * B,
  });
}

function headAndNeck(p: BirdProportions, B: number, at: Landmarks): Loft[] {
  const r = p.neckRadius * B;
  const root = Math.max(1.5 * r, 0.4 * p.depth * B);
  const head = p.head * B;
  const crown = plus(at.poll, [0.35 * head, 0.1 * head, 0]);
  const bill = p.billRadius * B;
  return [
    limb({
      region: 'neck',
      joint: 'neck',
      origin: at.neckFoot,
      to: at.poll,
      faces: TOWARDS,
      stations: [
        { t: 0, across: root, ahead: root * 0.92, shift: 0 },
        { t: 0.3, across: (root + r) / 2, ahead: (root + r) * 0.47, shift: 0 },
        { t: 0.55, across: r * 1.12, ahead: r * 1.06, shift: 0 },
        { t: 1, across: Math.min(r, head), ahead: Math.min(r, head), shift: 0 },
      ],
      startCap: root,
      endCap: r * 0.8,
      from: 0.1,
    }),
    limb({
      region: 'head',
      joint: 'head',
      origin: plus(crown, [-0.3 * head, 0, 0]),
      to: plus(crown, [0.4 * head, -0.08 * head, 0]),
      faces: TOWARDS,
      stations: [
        { t: 0, across: head * 0.96, ahead: head * 0.9, shift: 0 },
        { t: 0.5, across: head, ahead: head * 0.9, shift: 0 },
        { t: 1, across: head * 0.78, ahead: head * 0.7, shift: 0 },
      ],
      startCap: head * 0.7,
      endCap: head * 0.6,
    }),
    limb({
      region: 'beak',
      joint: 'head',
      origin: plus(crown, [0.6 * head, -0.16 * head, 0]),
      to: plus(crown, [0.75 * head + p.bill * B, -0.42 * head, 0]),
      faces: TOWARDS,
      stations: [
        { t: 0, across: bill * 1.25, ahead: bill, shift: 0 },
        { t: 0.6, across: bill * 0.72, ahead: bill * 0.8, shift: 0 },
        { t: 1, across: bill * 0.3, ahead: bill * 0.45, shift: 0 },
      ],
      startCap: bill,
      endCap: bill * 0.4,
    }),
  ];
}

function tailFeathers(p: BirdProportions, B: number, at: Landmarks): Loft {
  const to = plus(at.vent, times(ray(180 + p.tailPitch), p.tail * B));
  return limb({
    region: 'tail',
    joint: 'tail',
    origin: plus(at.vent, times(at.along, 0.12 * B)),
    to,
    faces: TOWARDS,
    stations: [
      { t: 0, across: 0.16 * p.depth * B, ahead: 0.2 * p.width * B, shift: 0 },
      { t: 0.5, across: 0.09 * p.depth * B, ahead: 0.26 * p.width * B, shift: 0 },
      { t: 1, across: 0.045 * p.depth * B, ahead: 0.24 * p.width * B, shift: 0 },
    ],
    startCap: 0.05 * B,
    endCap: 0.03 * B,
  });
}

function wing(p: BirdProportions, B: number, at: Landmarks, side: Side, build: number): Loft {
  const beside = side * (p.width / 2) * B * build * 0.9;
  const over = (along: number, up: number, z: number): Vec3 =>
    plus(plus(plus(at.middle, times(at.along, along * B)), times(at.over, up * p.depth * B)), [0, 0, z]);
  const shoulder = over(0.2, 0.12, beside);
  const tip = over(-0.6, 0.16, beside * 0.3);
  return limb({
    region: `${sideName(side)} wing`,
    joint: 'body',
    origin: shoulder,
    to: tip,
    faces: TOWARDS,
    stations: [
      { t: 0, across: 0.2 * p.depth * B, ahead: 0.05 * B, shift: 0 },
      { t: 0.35, across: 0.27 * p.depth * B, ahead: 0.05 * B, shift: 0 },
      { t: 0.75, across: 0.17 * p.depth * B, ahead: 0.035 * B, shift: 0 },
      { t: 1, across: 0.06 * p.depth * B, ahead: 0.018 * B, shift: 0 },
    ],
    startCap: 0.18 * p.depth * B,
    endCap: 0.05 * B,
  });
}

function leg(p: BirdProportions, B: number, at: Landmarks, side: Side): Loft[] {
  const name = sideName(side);
  const hip: Vec3 = [at.hip[0], at.hip[1], side * at.hip[2]];
  const heel: Vec3 = [hip[0] - 0.05 * B, hip[1] * 0.52, hip[2]];
  const thin = 0.022 * B;
  const ankle: Vec3 = [hip[0], thin * 1.6, hip[2]];
  const toe = (turn: number, long: number): Loft =>
    limb({
      region: `${name} foot`,
      joint: `${name} ankle`,
      origin: [ankle[0], thin * 0.9, ankle[2]],
      to: [
        ankle[0] + long * B * Math.cos(turn * RADIANS),
        thin * 0.8,
        ankle[2] + long * B * Math.sin(turn * RADIANS),
      ],
      faces: UP,
      stations: [
        { t: 0, across: thin * 1.1, ahead: thin * 0.8, shift: 0 },
        { t: 1, across: thin * 0.8, ahead: thin * 0.7, shift: 0 },
      ],
      startCap: thin,
      endCap: thin * 0.8,
    });
  return [
    limb({
      region: `${name} drumstick`,
      joint: `${name} hip`,
      origin: plus(hip, [0.02 * B, 0.1 * p.depth * B, 0]),
      to: heel,
      faces: TOWARDS,
      stations: [
        { t: 0, across: 0.13 * B, ahead: 0.085 * B, shift: 0 },
        { t: 0.5, across: 0.075 * B, ahead: 0.06 * B, shift: 0 },
        { t: 1, across: thin * 1.2, ahead: thin * 1.2, shift: 0 },
      ],
      startCap: 0.09 * B,
      endCap: thin,
      from: 0.3,
    }),
    limb({
      region: `${name} shank`,
      joint: `${name} knee`,
      origin: heel,
      to: ankle,
      faces: TOWARDS,
      stations: [
        { t: 0, across: thin * 1.25, ahead: thin * 1.15, shift: 0 },
        { t: 1, across: thin, ahead: thin, shift: 0 },
      ],
      startCap: thin,
      endCap: thin,
    }),
    toe(0, 0.17),
    toe(32, 0.15),
    toe(-32, 0.15),
    toe(180, 0.06),
  ];
}

const LIMITS = {
  body: { flex: [-40, 50], out: [-20, 20], twist: [-20, 20] },
  neck: { flex: [-120, 60], out: [-80, 80], twist: [-60, 60] },
  head: { flex: [-90, 60], out: [-60, 60], twist: [-90, 90] },
  tail: { flex: [-60, 40], out: [-30, 30], twist: [0, 0] },
  hip: { flex: [-40, 60], out: [-10, 40], twist: [0, 0] },
  knee: { flex: [-10, 110], out: [0, 0], twist: [0, 0] },
  ankle: { flex: [-60, 60], out: [-20, 20], twist: [-30, 30] },
} satisfies Record<string, JointLimits>;

function jointsOf(at: Landmarks, B: number): Joint[] {
  const joint = (
    name: keyof typeof LIMITS,
    parent: string | null,
    place: Vec3,
    side: Side | 0 = 0,
  ): Joint => ({
    name: side === 0 ? name : `${sideName(side)} ${name}`,
    parent,
    at: place,
    flexAxis: TOWARDS,
    outAxis: side === 0 ? UP : [-side, 0, 0],
    twistAxis: UP,
    limits: LIMITS[name],
  });
  const legs = ([1, -1] as const).flatMap((side): Joint[] => {
    const z = side * at.hip[2];
    const name = sideName(side);
    return [
      { ...joint('hip', null, [at.hip[0], at.hip[1], z], side), limbRoot: 'hind' },
      joint('knee', `${name} hip`, [at.hip[0] - 0.05 * B, at.hip[1] * 0.52, z], side),
      joint('ankle', `${name} knee`, [at.hip[0], 0.035 * B, z], side),
    ];
  });
  return [
    joint('body', null, at.middle),
    joint('neck', 'body', at.neckFoot),
    joint('head', 'neck', at.poll),
    joint('tail', 'body', at.vent),
    ...legs,
  ];
}

function loftsOf(form: BirdForm, B: number): Loft[] {
  const p = BIRDS[form.proportions];
  const { build } = form;
  const at = landmarks(p, B);
  return [
    trunk(p, B, at, build),
    ...headAndNeck(p, B, at),
    tailFeathers(p, B, at),
    ...([1, -1] as const).flatMap((side) => [wing(p, B, at, side, build), ...leg(p, B, at, side)]),
  ];
}

/** Standing height of a bird whose body is one unit long. */
function heightPerBody(form: BirdForm): number {
  const { min, max } = restBox(loftsOf({ ...form, build: 1 }, 1));
  return max[1] - min[1];
}

/**
 * The lofts and joints of a bird, without the sums over them.
 *
 * @throws {FormError} as {@link birdShape}
 */
export function birdPuppet(form: BirdForm): Puppet {
  const height = positive('bird', 'heightMm', form.heightMm);
  if (!(form.build >= 0.5 && form.build <= 2)) throw new FormError('bird', 'build', '0.5 to 2', form.build);
  const B = height / heightPerBody(form);
  return {
    lofts: loftsOf(form, B),
    joints: jointsOf(landmarks(BIRDS[form.proportions], B), B),
    pose: form.angles,
  };
}

/**
 * A bird built from its height standing at ease; another build or pose changes what follows, not the lengths.
 *
 * @throws {FormError} for a height of zero or less, or a build outside 0.5 to 2
 */
export function birdShape(form: BirdForm): LoftedShape {
  const puppet = birdPuppet(form);
  const height = form.heightMm;
  const B = height / heightPerBody(form);
  const p = BIRDS[form.proportions];
  const follows = (key: string, title: string, lengthMm: number, y: number) => ({
    key,
    title,
    lengthMm,
    field: null,
    handbookRow: null,
    from: [-lengthMm / 2, y] as const,
    to: [lengthMm / 2, y] as const,
  });
  return {
    ...loftedShape({
      ...puppet,
      measures: [],
      filletMm: 0.03 * B,
    }),
    measures: [
      {
        key: 'height',
        title: 'Height, standing',
        lengthMm: height,
        field: 'heightMm',
        handbookRow: null,
        from: [0, 0],
        to: [0, height],
      },
      follows('body', 'Body, breast to vent', B, height / 2),
      follows('depth', 'Depth of the body', p.depth * B, height / 2),
      follows('neck', 'Neck', p.neck * B, height * 0.8),
      follows('bill', 'Bill', p.bill * B, height * 0.9),
      follows('leg', 'Ground to the leg joint', p.leg * B, 0),
    ],
  };
}
