import { handbookRow } from '../../handbook/index.ts';
import { type Loft, limb as limbBetween, plus, type Row, stations, times } from '../lofted/index.ts';
import type { Clothing, Joint, JointLimits, Vec3 } from '../types.ts';
import { type Proportions, trunkHeight } from './proportions.ts';
import {
  breadth,
  FOOT_ROWS,
  FOREARM_ROWS,
  girth,
  HAND_ROWS,
  HEAD_ROWS,
  SHANK_ROWS,
  THIGH_ROWS,
  THUMB_ROWS,
  TRUNK_ROWS,
  UPPER_ARM_ROWS,
} from './rows.ts';

/** How far arms at rest hang from the upright. */
export const ARM_TILT_DEGREES = 3.5;
/** Arms hang a little away from the body, so that hands clear the hips. */
const ARM_TILT = (ARM_TILT_DEGREES * Math.PI) / 180;
/** Centre of the shoulder joint from the middle: the upper arm's flesh reaches out to the shoulder breadth and a little over. */
const SHOULDER_AT = 0.108;
/** How far the joint lies under the top of the shoulder. */
const SHOULDER_DEPTH = 0.022;
const HIP_AT = 0.052;
const KNEE_AT = 0.047;

const UP: Vec3 = [0, 1, 0];
const AHEAD: Vec3 = [0, 0, 1];
const RIGHT: Vec3 = [1, 0, 0];

interface Limb {
  readonly region: string;
  readonly joint: string;
  readonly origin: Vec3;
  readonly to: Vec3;
  readonly rows: readonly Row[];
  readonly startCap: number;
  readonly endCap: number;
  readonly from?: number;
  readonly thickness: number;
  readonly covering: number;
}

/** A limb from joint to joint at rest, where its depth is ahead. */
function limb(p: Proportions, { rows, thickness, covering, startCap, endCap, ...rest }: Limb): Loft {
  return limbBetween({
    ...rest,
    faces: AHEAD,
    stations: stations(rows, p.body, thickness, covering),
    startCap: startCap * p.body * thickness + covering,
    endCap: endCap * p.body * thickness + covering,
  });
}

function trunk(p: Proportions, { trunkMm }: Clothing): Loft {
  const heights = TRUNK_ROWS.map(([height]) => height);
  const [foot, top] = [trunkHeight(p, heights[0] ?? 0), trunkHeight(p, heights.at(-1) ?? 1)];
  const rows = TRUNK_ROWS.map(
    ([height, across, ahead, shift]): Row => [
      (trunkHeight(p, height) - foot) / (top - foot),
      across,
      ahead,
      shift,
    ],
  );
  return limbBetween({
    region: 'torso',
    joint: 'waist',
    origin: [0, foot, 0],
    to: [0, top, 0],
    faces: AHEAD,
    stations: stations(rows, p.body, p.build, trunkMm),
    startCap: 0.026 * p.body,
    endCap: 0.012 * p.body,
  });
}

/** Coat or skirt from the waist to its hem, wider towards the foot. */
function skirt(p: Proportions, { hemMm, trunkMm }: Clothing): Loft[] {
  const waist = trunkHeight(p, 0.6);
  if (hemMm === null || hemMm >= trunkHeight(p, 0.5)) return [];
  const hips = (trunkHeight(p, 0.52) - waist) / (hemMm - waist);
  const [across, ahead] = [breadth('hips') * p.body * p.build, 0.074 * p.body * p.build];
  const at = (t: number, by: number) => ({
    t,
    across: across * by + trunkMm,
    ahead: ahead * by * 1.04 + trunkMm,
    shift: -0.003 * p.body,
  });
  return [
    limbBetween({
      region: 'skirt',
      joint: null,
      origin: [0, waist, 0],
      to: [0, hemMm, 0],
      faces: AHEAD,
      stations: [at(0, 0.82), at(hips, 1.02), at(hips + (1 - hips) / 2, 1.12), at(1, 1.24)],
      startCap: 0.01 * p.body,
      endCap: 0.006 * p.body,
      from: hips,
    }),
  ];
}

function headAndNeck(p: Proportions, { headMm }: Clothing): Loft[] {
  const cap = 0.05 * p.head;
  const neckFoot = trunkHeight(p, 0.83);
  const neck = girth('neck') * p.body * Math.sqrt(p.build);
  const upright = { joint: 'neck', faces: AHEAD };
  return [
    limbBetween({
      ...upright,
      region: 'head',
      origin: [0, p.chin + cap, 0],
      to: [0, p.chin + p.head - cap, 0],
      stations: stations(HEAD_ROWS, p.head, 1, headMm),
      startCap: cap,
      endCap: cap,
    }),
    limbBetween({
      ...upright,
      region: 'nose',
      origin: [0, p.chin + 0.33 * p.head, 0.37 * p.head],
      to: [0, p.chin + 0.51 * p.head, 0.37 * p.head],
      stations: [
        { t: 0, across: 0.06 * p.head, ahead: 0.1 * p.head, shift: 0 },
        { t: 1, across: 0.025 * p.head, ahead: 0.04 * p.head, shift: -0.02 * p.head },
      ],
      startCap: 0.03 * p.head,
      endCap: 0.04 * p.head,
      from: 1,
    }),
    limbBetween({
      ...upright,
      region: 'neck',
      origin: [0, neckFoot, -0.006 * p.body],
      to: [0, p.chin + 0.25 * p.head, -0.006 * p.body],
      stations: [
        { t: 0, across: neck * 1.12, ahead: neck * 1.1, shift: 0 },
        { t: 1, across: neck * 0.95, ahead: neck, shift: 0.008 * p.body },
      ],
      startCap: 0.01 * p.body,
      endCap: 0.01 * p.body,
      from: 0.15,
    }),
  ];
}

/** Left is at +x: the viewer's right. */
type Side = 1 | -1;
const sideName = (side: Side) => (side === 1 ? 'left' : 'right');

/** Where the arm's joints are at rest, and how to go along it. */
function armLine(p: Proportions, side: Side) {
  const along: Vec3 = [side * Math.sin(ARM_TILT), -Math.cos(ARM_TILT), 0];
  const top: Vec3 = [side * SHOULDER_AT * p.body * Math.sqrt(p.build), p.shoulder, 0];
  const at = (distance: number): Vec3 => plus(top, times(along, distance));
  const upper = p.shoulder - p.elbow;
  const fore = p.elbow - p.wrist;
  // The joint lies under the shoulder’s height, so that the flesh over it reaches just that.
  return {
    at,
    upper,
    fore,
    shoulder: at(SHOULDER_DEPTH * p.body),
    elbow: at(upper),
    wrist: at(upper + fore),
  };
}

function arm(p: Proportions, side: Side, { armsMm }: Clothing): Loft[] {
  const name = sideName(side);
  const { at, upper, fore, shoulder, elbow, wrist } = armLine(p, side);
  // The published wrist stands a hair over fingertip + hand; hands keep their published length.
  const tip = upper + fore + p.hand * 0.95;
  const palm = at(upper + fore + p.hand * 0.18);
  const thumbAt = at(upper + fore + p.hand * 0.6);
  const { build: thickness } = p;
  const thumbRadius = 0.006 * p.body * p.hands;
  return [
    limb(p, {
      region: `${name} upper arm`,
      joint: `${name} shoulder`,
      origin: shoulder,
      to: elbow,
      rows: UPPER_ARM_ROWS,
      startCap: 0.021,
      endCap: 0.018,
      from: 0.12,
      thickness,
      covering: armsMm,
    }),
    limb(p, {
      region: `${name} forearm`,
      joint: `${name} elbow`,
      origin: elbow,
      to: wrist,
      rows: FOREARM_ROWS,
      startCap: 0.018,
      endCap: 0.008,
      thickness,
      covering: armsMm,
    }),
    limb(p, {
      region: `${name} hand`,
      joint: `${name} wrist`,
      origin: wrist,
      to: at(tip),
      rows: HAND_ROWS,
      startCap: 0.008,
      endCap: 0.0054,
      thickness: p.hands,
      covering: 0,
    }),
    limbBetween({
      region: `${name} hand`,
      joint: `${name} wrist`,
      origin: [palm[0], palm[1], 0.012 * p.body * p.hands],
      to: [thumbAt[0], thumbAt[1], 0.034 * p.body * p.hands],
      faces: RIGHT,
      stations: stations(THUMB_ROWS, p.body, p.hands),
      startCap: thumbRadius,
      endCap: thumbRadius,
      from: 1,
    }),
  ];
}

function legLine(p: Proportions, side: Side) {
  const spread = side * p.body * Math.sqrt(p.build);
  const hip: Vec3 = [HIP_AT * spread, p.hip, 0];
  const knee: Vec3 = [KNEE_AT * spread, p.knee, 0];
  const ankle: Vec3 = [KNEE_AT * spread, p.ankle, 0];
  return { hip, knee, ankle };
}

function leg(p: Proportions, side: Side, { legsMm }: Clothing): Loft[] {
  const name = sideName(side);
  const { hip, knee, ankle } = legLine(p, side);
  const shared = { thickness: p.build, covering: legsMm };
  const cap = 0.006 * p.body;
  const foot = handbookRow('body.length.foot').value * p.body;
  const heel = -0.042 * p.body;
  return [
    limb(p, {
      ...shared,
      region: `${name} thigh`,
      joint: `${name} hip`,
      origin: hip,
      to: knee,
      rows: THIGH_ROWS,
      startCap: 0.03,
      endCap: 0.02,
      from: 0.27,
    }),
    limb(p, {
      ...shared,
      region: `${name} shank`,
      joint: `${name} knee`,
      origin: knee,
      to: ankle,
      rows: SHANK_ROWS,
      startCap: 0.02,
      endCap: 0.015,
    }),
    limbBetween({
      region: `${name} foot`,
      joint: `${name} ankle`,
      origin: [ankle[0], 0, heel + cap],
      to: [ankle[0], 0, heel + foot - cap],
      faces: UP,
      stations: stations(FOOT_ROWS, p.body),
      startCap: cap,
      endCap: cap,
    }),
  ];
}

/** The whole figure at rest as lofts, trunk first: a place inside two of them belongs to the first. */
export function bodyOf(p: Proportions, clothing: Clothing): Loft[] {
  return [
    trunk(p, clothing),
    ...skirt(p, clothing),
    ...headAndNeck(p, clothing),
    ...arm(p, 1, clothing),
    ...arm(p, -1, clothing),
    ...leg(p, 1, clothing),
    ...leg(p, -1, clothing),
  ];
}

/** Least and most, degrees, as joints of adults usually allow (AAOS, Joint Motion, 1965; from memory). */
const LIMITS = {
  waist: { flex: [-30, 90], out: [-35, 35], twist: [-45, 45] },
  neck: { flex: [-45, 45], out: [-45, 45], twist: [-80, 80] },
  shoulder: { flex: [-60, 180], out: [-45, 180], twist: [-90, 90] },
  elbow: { flex: [0, 150], out: [0, 0], twist: [-80, 80] },
  wrist: { flex: [-70, 80], out: [-30, 20], twist: [0, 0] },
  hip: { flex: [-30, 120], out: [-30, 45], twist: [-45, 45] },
  knee: { flex: [0, 135], out: [0, 0], twist: [0, 0] },
  ankle: { flex: [-50, 20], out: [-35, 35], twist: [0, 0] },
} satisfies Record<string, JointLimits>;

function sideJoints(p: Proportions, side: Side): Joint[] {
  const name = sideName(side);
  const { shoulder, elbow, wrist } = armLine(p, side);
  const { hip, knee, ankle } = legLine(p, side);
  // Arms and legs hang down: going forward turns them round −x, going outward round ±z.
  const forward: Vec3 = [-1, 0, 0];
  const backward: Vec3 = [1, 0, 0];
  const outward: Vec3 = [0, 0, side];
  const joint = (
    part: keyof typeof LIMITS,
    parent: string | null,
    at: Vec3,
    flexAxis: Vec3 = forward,
  ): Joint => ({
    name: `${name} ${part}`,
    parent,
    at,
    flexAxis,
    outAxis: outward,
    twistAxis: [0, -side, 0],
    limits: LIMITS[part],
  });
  return [
    { ...joint('shoulder', 'waist', shoulder), limbRoot: 'fore' },
    joint('elbow', `${name} shoulder`, elbow),
    joint('wrist', `${name} elbow`, wrist),
    { ...joint('hip', null, hip), limbRoot: 'hind' },
    // A knee bends the other way.
    joint('knee', `${name} hip`, knee, backward),
    joint('ankle', `${name} knee`, ankle),
  ];
}

/** The joints of a figure at rest, parents first. */
export function jointsOf(p: Proportions): Joint[] {
  const upright = { outAxis: [0, 0, -1], twistAxis: [0, 1, 0] } as const;
  return [
    // The trunk bends forward round +x: it stands up from its joint.
    { ...upright, name: 'waist', parent: null, at: [0, p.hip, 0], flexAxis: [1, 0, 0], limits: LIMITS.waist },
    {
      ...upright,
      name: 'neck',
      parent: 'waist',
      at: [0, trunkHeight(p, 0.845), -0.006 * p.body],
      flexAxis: [1, 0, 0],
      limits: LIMITS.neck,
    },
    ...sideJoints(p, 1),
    ...sideJoints(p, -1),
  ];
}
