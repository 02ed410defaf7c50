import { handbookRow } from '../../handbook/index.ts';
import type { Row } from '../lofted/index.ts';

/** Radius of a limb of the published girth, share of the body. */
export const girth = (name: string) => handbookRow(`body.girth.${name}`).value / (2 * Math.PI);
/** Half of a published breadth, share of the body. */
export const breadth = (name: string) => handbookRow(`body.length.${name}`).value / 2;

export const TRUNK_ROWS: readonly (readonly [
  height: number,
  across: number,
  ahead: number,
  shift: number,
])[] = [
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
export const HEAD_ROWS: readonly Row[] = [
  [0, 0.13, 0.15, 0.13],
  [0.1, 0.2, 0.25, 0.09],
  [0.28, 0.27, 0.34, 0.03],
  [0.48, 0.32, 0.395, -0.01],
  [0.66, 0.335, 0.41, -0.03],
  [0.82, 0.3, 0.37, -0.04],
  [0.93, 0.22, 0.27, -0.04],
  [1, 0.14, 0.17, -0.04],
];
export const UPPER_ARM_ROWS: readonly Row[] = [
  [0, 0.029, 0.033],
  [0.2, 0.0305, 0.0335],
  [0.55, girth('upper-arm'), girth('upper-arm') * 1.05],
  [0.85, 0.0225, 0.0235],
  [1, 0.0225, 0.023],
];
export const FOREARM_ROWS: readonly Row[] = [
  [0, 0.0222, 0.023],
  [0.25, girth('forearm'), girth('forearm') * 1.02],
  [0.65, 0.0185, 0.0195],
  [1, girth('wrist') * 0.9, girth('wrist') * 1.08],
];
export const HAND_ROWS: readonly Row[] = [
  [0, 0.0125, 0.0165],
  [0.22, 0.0135, 0.0235],
  [0.48, 0.0125, 0.0245],
  [0.75, 0.0095, 0.02],
  [1, 0.006, 0.012],
];
export const THUMB_ROWS: readonly Row[] = [
  [0, 0.009, 0.009],
  [0.5, 0.0085, 0.0085],
  [1, 0.006, 0.006],
];
export const THIGH_ROWS: readonly Row[] = [
  [0, 0.047, 0.055],
  [0.22, girth('thigh'), girth('thigh') * 1.06],
  [0.55, 0.0445, 0.047],
  [0.85, 0.0365, 0.0375],
  [1, girth('knee'), girth('knee') * 1.03],
];
export const SHANK_ROWS: readonly Row[] = [
  [0, girth('knee') * 0.97, girth('knee')],
  [0.12, 0.0315, 0.033, -0.003],
  [0.3, girth('calf'), girth('calf') * 1.05, -0.008],
  [0.55, 0.0275, 0.0295, -0.007],
  [0.85, 0.0195, 0.0215, -0.003],
  [1, girth('ankle') * 0.95, girth('ankle') * 1.08, -0.002],
];
/** Foot along its length, heel to toe; the shift lifts each section so that its underside is the sole. */
export const FOOT_ROWS: readonly Row[] = [
  [0, 0.016, 0.018, 0.018],
  [0.18, 0.0195, 0.024, 0.024],
  [0.36, 0.0215, 0.0285, 0.0285],
  [0.55, 0.0245, 0.0215, 0.0215],
  [0.76, breadth('foot-breadth'), 0.0145, 0.0145],
  [0.92, 0.0225, 0.01, 0.01],
  [1, 0.016, 0.008, 0.008],
];
