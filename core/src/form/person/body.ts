import { handbookRow } from '../../handbook/index.ts';
import type { PersonPose, Vec3 } from '../types.ts';
import type { Loft, Station } from './loft.ts';
import type { Proportions } from './proportions.ts';

/** Along, half-breadth, half-depth, shift ahead: shares of the body's measure (of the head's height for the head). */
type Row = readonly [t: number, across: number, ahead: number, shift?: number];

const girth = (name: string) => handbookRow(`body.girth.${name}`).value / (2 * Math.PI);
const breadth = (name: string) => handbookRow(`body.length.${name}`).value / 2;

/** Arms hang a little away from the body, so that hands clear the hips. */
const ARM_TILT = (3.5 * Math.PI) / 180;
/** Centre of the shoulder joint from the middle: the upper arm's flesh reaches out to the shoulder breadth and a little over. */
const SHOULDER_AT = 0.108;
/** How far the joint lies under the top of the shoulder. */
const SHOULDER_DEPTH = 0.022;
const HIP_AT = 0.052;
const KNEE_AT = 0.047;

const TRUNK_ROWS: readonly (readonly [height: number, across: number, ahead: number, shift: number])[] = [
  [0.468, 0.062, 0.05, -0.002],
  [0.485, 0.086, 0.066, -0.004],
  [0.52, breadth('hips'), 0.07, -0.006],
  [0.56, 0.09, 0.066, -0.003],
  [0.615, 0.077, 0.058, 0.002],
  [0.66, 0.079, 0.061, 0.002],
  [0.72, breadth('chest') * 1.04, 0.069, 0.001],
  [0.77, 0.097, 0.064, -0.003],
  [0.805, 0.1, 0.05, -0.006],
  [0.825, 0.078, 0.042, -0.007],
  [0.845, 0.045, 0.037, -0.006],
];
const HEAD_ROWS: readonly Row[] = [
  [0, 0.13, 0.15, 0.13],
  [0.1, 0.2, 0.25, 0.09],
  [0.28, 0.27, 0.34, 0.03],
  [0.48, 0.32, 0.395, -0.01],
  [0.66, 0.335, 0.41, -0.03],
  [0.82, 0.3, 0.37, -0.04],
  [0.93, 0.22, 0.27, -0.04],
  [1, 0.14, 0.17, -0.04],
];
const UPPER_ARM_ROWS: readonly Row[] = [
  [0, 0.029, 0.033],
  [0.2, 0.0305, 0.0335],
  [0.55, girth('upper-arm'), girth('upper-arm') * 1.05],
  [0.85, 0.0225, 0.0235],
  [1, 0.0225, 0.023],
];
const FOREARM_ROWS: readonly Row[] = [
  [0, 0.0222, 0.023],
  [0.25, girth('forearm'), girth('forearm') * 1.02],
  [0.65, 0.0185, 0.0195],
  [1, girth('wrist') * 0.9, girth('wrist') * 1.08],
];
const HAND_ROWS: readonly Row[] = [
  [0, 0.0125, 0.0165],
  [0.22, 0.0135, 0.0235],
  [0.48, 0.0125, 0.0245],
  [0.75, 0.0095, 0.02],
  [1, 0.006, 0.012],
];
const THUMB_ROWS: readonly Row[] = [
  [0, 0.009, 0.009],
  [0.5, 0.0085, 0.0085],
  [1, 0.006, 0.006],
];
const THIGH_ROWS: readonly Row[] = [
  [0, 0.047, 0.055],
  [0.22, girth('thigh'), girth('thigh') * 1.06],
  [0.55, 0.0445, 0.047],
  [0.85, 0.0365, 0.0375],
  [1, girth('knee'), girth('knee') * 1.03],
];
const SHANK_ROWS: readonly Row[] = [
  [0, girth('knee') * 0.97, girth('knee')],
  [0.12, 0.0315, 0.033, -0.003],
  [0.3, girth('calf'), girth('calf') * 1.05, -0.008],
  [0.55, 0.0275, 0.0295, -0.007],
  [0.85, 0.0195, 0.0215, -0.003],
  [1, girth('ankle') * 0.95, girth('ankle') * 1.08, -0.002],
];
/** Foot along its length, heel to toe; the shift lifts each section so that its underside is the sole. */
const FOOT_ROWS: readonly Row[] = [
  [0, 0.016, 0.018, 0.018],
  [0.18, 0.0195, 0.024, 0.024],
  [0.36, 0.0215, 0.0285, 0.0285],
  [0.55, 0.0245, 0.0215, 0.0215],
  [0.76, breadth('foot-breadth'), 0.0145, 0.0145],
  [0.92, 0.0225, 0.01, 0.01],
  [1, 0.016, 0.008, 0.008],
];

function stations(rows: readonly Row[], measure: number, thickness: number): Station[] {
  return rows.map(([t, across, ahead, shift = 0]) => ({
    t,
    across: across * measure * thickness,
    ahead: ahead * measure * thickness,
    shift: shift * measure,
  }));
}

const UP: Vec3 = [0, 1, 0];
const AHEAD: Vec3 = [0, 0, 1];
const RIGHT: Vec3 = [1, 0, 0];

interface Limb {
  readonly region: string;
  readonly origin: Vec3;
  readonly to: Vec3;
  readonly rows: readonly Row[];
  readonly startCap: number;
  readonly endCap: number;
  readonly from?: number;
  readonly thickness: number;
}

/** A limb from joint to joint; both lie in a plane facing the viewer, so its depth stays ahead. */
function limb(p: Proportions, { region, origin, to, rows, thickness, from = 0, ...caps }: Limb): Loft {
  const along: Vec3 = [to[0] - origin[0], to[1] - origin[1], to[2] - origin[2]];
  const length = Math.hypot(...along);
  const axis: Vec3 = [along[0] / length, along[1] / length, along[2] / length];
  return {
    region,
    origin,
    axis,
    acrossAxis: [axis[1], -axis[0], 0],
    aheadAxis: AHEAD,
    length,
    stations: stations(rows, p.body, thickness),
    startCap: caps.startCap * p.body * thickness,
    endCap: caps.endCap * p.body * thickness,
    from,
  };
}

function trunk(p: Proportions): Loft {
  const heights = TRUNK_ROWS.map(([height]) => height);
  const [low = 0, high = 1] = [heights[0], heights.at(-1)];
  const rows = TRUNK_ROWS.map(
    ([height, across, ahead, shift]): Row => [(height - low) / (high - low), across, ahead, shift],
  );
  return {
    region: 'torso',
    origin: [0, low * p.body, 0],
    axis: UP,
    acrossAxis: RIGHT,
    aheadAxis: AHEAD,
    length: (high - low) * p.body,
    stations: stations(rows, p.body, p.build),
    startCap: 0.026 * p.body,
    endCap: 0.012 * p.body,
    from: 0,
  };
}

function headAndNeck(p: Proportions): Loft[] {
  const cap = 0.05 * p.head;
  const neckFoot = 0.83 * p.body;
  const neck = girth('neck') * p.body * Math.sqrt(p.build);
  const upright = { axis: UP, acrossAxis: RIGHT, aheadAxis: AHEAD };
  return [
    {
      ...upright,
      region: 'head',
      origin: [0, p.chin + cap, 0],
      length: p.head - 2 * cap,
      stations: stations(HEAD_ROWS, p.head, 1),
      startCap: cap,
      endCap: cap,
      from: 0,
    },
    {
      ...upright,
      region: 'nose',
      origin: [0, p.chin + 0.33 * p.head, 0.37 * p.head],
      length: 0.18 * p.head,
      stations: [
        { t: 0, across: 0.06 * p.head, ahead: 0.1 * p.head, shift: 0 },
        { t: 1, across: 0.025 * p.head, ahead: 0.04 * p.head, shift: -0.02 * p.head },
      ],
      startCap: 0.03 * p.head,
      endCap: 0.04 * p.head,
      from: 1,
    },
    {
      ...upright,
      region: 'neck',
      origin: [0, neckFoot, -0.006 * p.body],
      length: p.chin + 0.25 * p.head - neckFoot,
      stations: [
        { t: 0, across: neck * 1.12, ahead: neck * 1.1, shift: 0 },
        { t: 1, across: neck * 0.95, ahead: neck, shift: 0.008 * p.body },
      ],
      startCap: 0.01 * p.body,
      endCap: 0.01 * p.body,
      from: 0.15,
    },
  ];
}

function arm(p: Proportions, side: 1 | -1, pose: PersonPose): Loft[] {
  const name = side === 1 ? 'left' : 'right';
  const down = pose === 'tee' ? Math.PI / 2 : ARM_TILT;
  const along: Vec3 = [side * Math.sin(down), -Math.cos(down), 0];
  const shoulder: Vec3 = [side * SHOULDER_AT * p.body * Math.sqrt(p.build), p.shoulder, 0];
  const at = (distance: number): Vec3 => [
    shoulder[0] + along[0] * distance,
    shoulder[1] + along[1] * distance,
    0,
  ];
  const upper = p.shoulder - p.elbow;
  const fore = p.elbow - p.wrist;
  // The published wrist stands a hair over fingertip + hand; hands keep their published length.
  const tip = upper + fore + p.hand * 0.95;
  const palm = upper + fore + p.hand * 0.18;
  const thumbTo: Vec3 = [at(palm + p.hand * 0.42)[0], at(palm + p.hand * 0.42)[1], 0.034 * p.body * p.hands];
  const { build: thickness } = p;
  return [
    limb(p, {
      region: `${name} upper arm`,
      // The joint lies under the shoulder’s height, so that the flesh over it reaches just that.
      origin: at(SHOULDER_DEPTH * p.body),
      to: at(upper),
      rows: UPPER_ARM_ROWS,
      startCap: 0.021,
      endCap: 0.018,
      from: 0.12,
      thickness,
    }),
    limb(p, {
      region: `${name} forearm`,
      origin: at(upper),
      to: at(upper + fore),
      rows: FOREARM_ROWS,
      startCap: 0.018,
      endCap: 0.008,
      thickness,
    }),
    limb(p, {
      region: `${name} hand`,
      origin: at(upper + fore),
      to: at(tip),
      rows: HAND_ROWS,
      startCap: 0.008,
      endCap: 0.0054,
      thickness: p.hands,
    }),
    thumb(p, name, at(palm), thumbTo),
  ];
}

function thumb(p: Proportions, name: string, from: Vec3, to: Vec3): Loft {
  const start: Vec3 = [from[0], from[1], 0.012 * p.body * p.hands];
  const along: Vec3 = [to[0] - start[0], to[1] - start[1], to[2] - start[2]];
  const length = Math.hypot(...along);
  const axis: Vec3 = [along[0] / length, along[1] / length, along[2] / length];
  const across: Vec3 = Math.abs(axis[1]) > 0.5 ? RIGHT : UP;
  const ahead: Vec3 = [
    axis[1] * across[2] - axis[2] * across[1],
    axis[2] * across[0] - axis[0] * across[2],
    axis[0] * across[1] - axis[1] * across[0],
  ];
  return {
    region: `${name} hand`,
    origin: start,
    axis,
    acrossAxis: across,
    aheadAxis: ahead,
    length,
    stations: stations(THUMB_ROWS, p.body, p.hands),
    startCap: 0.006 * p.body * p.hands,
    endCap: 0.006 * p.body * p.hands,
    from: 1,
  };
}

function leg(p: Proportions, side: 1 | -1): Loft[] {
  const name = side === 1 ? 'left' : 'right';
  const spread = p.body * Math.sqrt(p.build);
  const hip: Vec3 = [side * HIP_AT * spread, p.hip, 0];
  const knee: Vec3 = [side * KNEE_AT * spread, p.knee, 0];
  const ankle: Vec3 = [side * KNEE_AT * spread, p.ankle, 0];
  const { build: thickness } = p;
  const cap = 0.006 * p.body;
  const foot = handbookRow('body.length.foot').value * p.body;
  return [
    limb(p, {
      region: `${name} thigh`,
      origin: hip,
      to: knee,
      rows: THIGH_ROWS,
      startCap: 0.03,
      endCap: 0.02,
      from: 0.27,
      thickness,
    }),
    limb(p, {
      region: `${name} shank`,
      origin: knee,
      to: ankle,
      rows: SHANK_ROWS,
      startCap: 0.02,
      endCap: 0.015,
      thickness,
    }),
    {
      region: `${name} foot`,
      origin: [ankle[0], 0, cap - 0.042 * p.body],
      axis: AHEAD,
      acrossAxis: RIGHT,
      aheadAxis: UP,
      length: foot - 2 * cap,
      stations: stations(FOOT_ROWS, p.body, 1),
      startCap: cap,
      endCap: cap,
      from: 0,
    },
  ];
}

/** The whole figure as lofts, trunk first: a place inside two of them belongs to the first. */
export function bodyOf(p: Proportions, pose: PersonPose): Loft[] {
  return [trunk(p), ...headAndNeck(p), ...arm(p, 1, pose), ...arm(p, -1, pose), ...leg(p, 1), ...leg(p, -1)];
}
