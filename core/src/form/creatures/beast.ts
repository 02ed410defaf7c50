import { FormError, positive } from '../errors.ts';
import {
  type Loft,
  type LoftedShape,
  limb,
  loftedShape,
  type Pose,
  type Puppet,
  plus,
  type Station,
} from '../lofted/index.ts';
import type { BeastForm, FormMeasure, Joint, Vec3 } from '../types.ts';
import { beastJoints, namedPose } from './beastJoints.ts';
import {
  type Landmarks,
  landmarks,
  mirrored,
  RADIANS,
  type Side,
  sideName,
  TOWARDS,
  UP,
} from './beastLandmarks.ts';
import { BEASTS, type BeastProportions } from './beastProportions.ts';

// A beast looks to the right of the drawing, along +x; its left side is away from the viewer at −z.
function even(...radii: readonly (readonly [t: number, across: number, ahead: number])[]): Station[] {
  return radii.map(([t, across, ahead]) => ({ t, across, ahead, shift: 0 }));
}

function trunk(p: BeastProportions, W: number, build: number): Loft {
  const middle = 1 - p.chestDepth / 2;
  const back = (p.rump + 1) / 2 - 0.015;
  const belly = Math.min(1 - p.chestDepth * 0.96, back - p.loinDepth);
  const rows: readonly (readonly [t: number, top: number, bottom: number, width: number])[] = [
    [0, p.rump - 0.14 * p.loinDepth, p.rump - 0.72 * p.loinDepth, 0.62 * p.rumpWidth],
    [0.12, p.rump - 0.02, p.rump - 0.96 * p.loinDepth, 0.94 * p.rumpWidth],
    [0.3, p.rump, p.rump - 1.02 * p.loinDepth, p.rumpWidth],
    [0.52, back, (belly + p.rump - p.loinDepth) / 2, (p.chestWidth + p.rumpWidth) / 2],
    [0.74, 0.985, 1 - p.chestDepth, p.chestWidth],
    [0.87, 1, 1 - p.chestDepth * 0.97, 0.92 * p.chestWidth],
    [1, 0.93, 1 - p.chestDepth * 0.8, 0.66 * p.chestWidth],
  ];
  const cap = 0.1 * p.chestDepth * W;
  return limb({
    region: 'trunk',
    joint: 'trunk',
    origin: [(-p.trunk / 2) * W + cap, middle * W, 0],
    to: [(p.trunk / 2) * W - cap, middle * W, 0],
    faces: UP,
    stations: rows.map(([t, top, bottom, width]) => ({
      t,
      across: (width / 2) * W * build,
      // A stout beast grows at the sides and below; its withers stay where they are measured.
      ahead: ((top - bottom) / 2) * W * (1 + (build - 1) / 2),
      shift: ((top + bottom) / 2 - middle - ((top - bottom) / 4) * (build - 1)) * W,
    })),
    startCap: cap,
    endCap: cap,
  });
}

function neckAndHead(p: BeastProportions, W: number, at: Landmarks): Loft[] {
  const nose = at.nose;
  return [
    limb({
      region: 'neck',
      joint: 'neck',
      origin: at.neckFoot,
      to: at.poll,
      faces: TOWARDS,
      stations: even(
        [0, p.neckBase * W, p.neckBase * 0.62 * W],
        [0.45, (p.neckBase * 0.42 + p.neckTop * 0.58) * W, p.neckTop * 0.8 * W],
        [1, p.neckTop * W, p.neckTop * 0.72 * W],
      ),
      startCap: p.neckBase * 0.5 * W,
      endCap: p.neckTop * 0.6 * W,
      from: 0.1,
    }),
    limb({
      region: 'head',
      joint: 'head',
      origin: at.poll,
      to: nose,
      faces: TOWARDS,
      stations: even(
        [0, p.headDepth * 0.86 * W, p.headDepth * 0.74 * W],
        [0.24, p.headDepth * W, p.headDepth * 0.82 * W],
        [0.52, (p.headDepth * 0.42 + p.muzzle * 0.58) * W, p.headDepth * 0.55 * W],
        [0.85, p.muzzle * W, p.muzzle * 0.82 * W],
        [1, p.muzzle * 0.86 * W, p.muzzle * 0.74 * W],
      ),
      startCap: p.headDepth * 0.72 * W,
      endCap: p.muzzle * 0.5 * W,
    }),
  ];
}

function ear(p: BeastProportions, W: number, at: Landmarks, side: Side): Loft {
  const root: Vec3 = plus(at.poll, [-0.02 * W, p.headDepth * 0.55 * W, side * p.headDepth * 0.5 * W]);
  const tip = plus(root, [-0.25 * p.ear * W, 0.86 * p.ear * W, side * 0.4 * p.ear * W]);
  const wide = p.ear * 0.27 * W;
  return limb({
    region: `${sideName(side)} ear`,
    joint: 'head',
    origin: root,
    to: tip,
    faces: TOWARDS,
    stations: even([0, wide * 0.7, wide * 0.5], [0.4, wide, wide * 0.36], [1, wide * 0.2, wide * 0.2]),
    startCap: wide * 0.5,
    endCap: wide * 0.2,
  });
}

function tail(p: BeastProportions, W: number, at: Landmarks): Loft {
  const fall = p.tailAngle * RADIANS;
  const r = p.tailRadius * W;
  return limb({
    region: 'tail',
    joint: 'tail',
    origin: at.dock,
    to: plus(at.dock, [-p.tail * Math.cos(fall) * W, -p.tail * Math.sin(fall) * W, 0]),
    faces: TOWARDS,
    stations: even([0, r * 0.8, r * 0.8], [0.3, r, r], [0.8, r * 0.72, r * 0.72], [1, r * 0.35, r * 0.35]),
    startCap: r,
    endCap: r * 0.35,
  });
}

function foot(p: BeastProportions, W: number, fetlock: Vec3, region: string, joint: string): Loft {
  const half = p.fetlock * 0.52 * W;
  const long = p.foot * W;
  return limb({
    region,
    joint,
    origin: [fetlock[0] - long * 0.28, half * 0.92, fetlock[2]],
    to: [fetlock[0] + long * 0.6, half * 0.7, fetlock[2]],
    faces: UP,
    stations: [
      { t: 0, across: p.cannon * 1.15 * W, ahead: half * 0.9, shift: 0 },
      { t: 0.5, across: p.cannon * 1.35 * W, ahead: half * 0.92, shift: 0 },
      { t: 1, across: p.cannon * 1.25 * W, ahead: half * 0.7, shift: 0 },
    ],
    startCap: long * 0.12,
    endCap: long * 0.12,
  });
}

function foreleg(p: BeastProportions, W: number, at: Landmarks, side: Side, build: number): Loft[] {
  const name = sideName(side);
  const here = (point: Vec3) => mirrored(point, side);
  const [thick, thin] = [p.foreleg * W * Math.sqrt(build), p.cannon * W];
  const shared = { faces: TOWARDS };
  return [
    limb({
      ...shared,
      region: `${name} shoulder`,
      joint: `${name} shoulder`,
      origin: here(at.shoulder),
      to: here(at.elbow),
      stations: even([0, thick * 2, thick * 1.3], [0.6, thick * 1.6, thick * 1.2], [1, thick * 1.15, thick]),
      startCap: thick * 1.6,
      endCap: thick * 0.9,
      from: 0.3,
    }),
    limb({
      ...shared,
      region: `${name} foreleg`,
      joint: `${name} elbow`,
      origin: here(at.elbow),
      to: here(at.carpus),
      stations: even(
        [0, thick * 1.08, thick],
        [0.35, thick * 0.95, thick * 0.86],
        [0.85, thin * 1.1, thin],
        [1, thin * 1.2, thin * 1.12],
      ),
      startCap: thick * 0.9,
      endCap: thin,
    }),
    limb({
      ...shared,
      region: `${name} fore cannon`,
      joint: `${name} carpus`,
      origin: here(at.carpus),
      to: here(at.fetlock),
      stations: even(
        [0, thin * 1.16, thin * 1.1],
        [0.4, thin * 0.92, thin * 0.9],
        [1, thin * 1.12, thin * 1.05],
      ),
      startCap: thin,
      endCap: thin,
    }),
    foot(p, W, here(at.fetlock), `${name} fore foot`, `${name} fetlock`),
  ];
}

function hindleg(p: BeastProportions, W: number, at: Landmarks, side: Side, build: number): Loft[] {
  const name = sideName(side);
  const here = (point: Vec3) => mirrored(point, side);
  const [thigh, thin] = [p.thigh * W * Math.sqrt(build), p.cannon * 1.1 * W];
  const gaskin = Math.max(thigh * 0.5, thin * 1.5);
  const shared = { faces: TOWARDS };
  return [
    limb({
      ...shared,
      region: `${name} thigh`,
      joint: `${name} hip`,
      origin: here(at.hip),
      to: here(at.stifle),
      stations: even(
        [0, thigh * 1.1, thigh * 0.62],
        [0.4, thigh * 1.2, thigh * 0.62],
        [1, thigh * 0.82, thigh * 0.5],
      ),
      startCap: thigh * 0.9,
      endCap: thigh * 0.6,
      from: 0.2,
    }),
    limb({
      ...shared,
      region: `${name} shank`,
      joint: `${name} stifle`,
      origin: here(at.stifle),
      to: here(at.hock),
      stations: even([0, thigh * 0.78, thigh * 0.46], [0.4, gaskin, gaskin * 0.72], [1, thin * 1.25, thin]),
      startCap: thigh * 0.5,
      endCap: thin,
    }),
    limb({
      ...shared,
      region: `${name} hind cannon`,
      joint: `${name} hock`,
      origin: here(at.hock),
      to: here(at.hindFetlock),
      stations: even(
        [0, thin * 1.3, thin * 1.05],
        [0.35, thin * 0.98, thin * 0.9],
        [1, thin * 1.08, thin * 1.02],
      ),
      startCap: thin * 1.1,
      endCap: thin,
    }),
    foot(p, W, here(at.hindFetlock), `${name} hind foot`, `${name} hind fetlock`),
  ];
}

function measuresOf(p: BeastProportions, W: number, at: Landmarks): FormMeasure[] {
  const follows = (key: string, title: string, from: Vec3, to: Vec3): FormMeasure => ({
    key,
    title,
    lengthMm: Math.hypot(to[0] - from[0], to[1] - from[1]),
    field: null,
    handbookRow: null,
    from: [from[0], from[1]],
    to: [to[0], to[1]],
  });
  const [front, back] = [(p.trunk / 2) * W, (-p.trunk / 2) * W];
  return [
    {
      key: 'withers',
      title: 'Height at the withers',
      lengthMm: W,
      field: 'withersMm',
      handbookRow: null,
      from: [0, 0],
      to: [0, W],
    },
    follows('trunk', 'Point of shoulder to buttock', [back, 0.6 * W, 0], [front, 0.6 * W, 0]),
    follows('chest', 'Depth of the chest', [front / 2, W * (1 - p.chestDepth), 0], [front / 2, W, 0]),
    follows('elbow', 'Elbow above the ground', [at.elbow[0], 0, 0], at.elbow),
    follows('hock', 'Hock above the ground', [at.hock[0], 0, 0], at.hock),
    follows('head', 'Head, poll to nose', at.poll, at.nose),
    follows('neck', 'Neck, shoulder to poll', at.neckFoot, at.poll),
  ];
}

function bodyOf(form: BeastForm): { lofts: Loft[]; joints: Joint[] } {
  const { withersMm: W, build } = form;
  const p = BEASTS[form.proportions];
  const at = landmarks(p, W);
  const lofts = [
    trunk(p, W, build),
    ...neckAndHead(p, W, at),
    ear(p, W, at, 1),
    ear(p, W, at, -1),
    tail(p, W, at),
    ...([1, -1] as const).flatMap((side) => [
      ...foreleg(p, W, at, side, build),
      ...hindleg(p, W, at, side, build),
    ]),
  ];
  return { lofts, joints: beastJoints(at) };
}

/** Where the joints of a beast are in its named pose, degrees. */
export function beastPose(form: BeastForm): Pose {
  const { lofts, joints } = bodyOf(form);
  return namedPose(form, lofts, joints);
}

/**
 * The lofts and joints of a beast, without the sums over them.
 *
 * @throws {FormError} as {@link beastShape}
 */
export function beastPuppet(form: BeastForm): Puppet {
  positive('beast', 'withersMm', form.withersMm);
  if (!(form.build >= 0.5 && form.build <= 2)) throw new FormError('beast', 'build', '0.5 to 2', form.build);
  const { lofts, joints } = bodyOf(form);
  return { lofts, joints, pose: { ...namedPose(form, lofts, joints), ...form.angles } };
}

/**
 * A four-legged animal built from its height at the withers; it stands, sits or lies on the ground.
 *
 * @throws {FormError} for a height of zero or less, or a build outside 0.5 to 2
 */
export function beastShape(form: BeastForm): LoftedShape {
  const puppet = beastPuppet(form);
  const W = form.withersMm;
  const p = BEASTS[form.proportions];
  return loftedShape({
    ...puppet,
    measures: measuresOf(p, W, landmarks(p, W)),
    filletMm: 0.025 * W,
  });
}
