import { practice, published, type Row, remembered } from '../../sources/index.ts';

const DRILLIS =
  'Drillis & Contini 1966, in Winter, Biomechanics and Motor Control of Human Movement, fig. 4.1';
const WINTER = 'Winter, Biomechanics and Motor Control of Human Movement, table 4.1';

const HEIGHTS: readonly (readonly [string, string, number])[] = [
  ['ankle', 'Ankle above the sole', 0.039],
  ['knee', 'Knee above the sole', 0.285],
  ['hip', 'Hip above the sole', 0.53],
  ['fingertip', 'Fingertip above the sole', 0.377],
  ['wrist', 'Wrist above the sole', 0.485],
  ['elbow', 'Elbow above the sole', 0.63],
  ['shoulder', 'Shoulder above the sole', 0.818],
  ['chin', 'Chin above the sole', 0.87],
  ['eyes', 'Eyes above the sole', 0.936],
];
const LENGTHS: readonly (readonly [string, string, number])[] = [
  ['foot', 'Foot length', 0.152],
  ['shank', 'Shank length', 0.246],
  ['thigh', 'Thigh length', 0.245],
  ['upper-arm', 'Upper arm length', 0.186],
  ['forearm', 'Forearm length', 0.146],
  ['hand', 'Hand length', 0.108],
  ['head', 'Head, chin to crown', 0.13],
  ['shoulders', 'Shoulder breadth', 0.259],
  ['hips', 'Hip breadth', 0.191],
  ['chest', 'Chest breadth', 0.174],
  ['foot-breadth', 'Foot breadth', 0.055],
];
const GIRTHS: readonly (readonly [string, string, number])[] = [
  ['upper-arm', 'Upper arm girth', 0.172],
  ['forearm', 'Forearm girth', 0.155],
  ['wrist', 'Wrist girth', 0.099],
  ['thigh', 'Thigh girth', 0.32],
  ['knee', 'Knee girth', 0.215],
  ['calf', 'Calf girth', 0.21],
  ['ankle', 'Ankle girth', 0.127],
  ['neck', 'Neck girth', 0.215],
  ['chest', 'Chest girth', 0.55],
  ['waist', 'Waist girth', 0.47],
  ['hips', 'Hip girth', 0.55],
];
const MASSES: readonly (readonly [string, string, number])[] = [
  ['trunk', 'Trunk', 0.497],
  ['head', 'Head and neck', 0.081],
  ['upper-arm', 'Upper arm', 0.028],
  ['forearm', 'Forearm', 0.016],
  ['hand', 'Hand', 0.006],
  ['thigh', 'Thigh', 0.1],
  ['shank', 'Shank', 0.0465],
  ['foot', 'Foot', 0.0145],
];
const CANONS: readonly (readonly [string, string, number])[] = [
  ['life', 'Life-like adult', 7.5],
  ['idealised', 'Idealised adult', 8],
  ['heroic', 'Heroic adult', 8.5],
  ['age-12', 'Age 10 to 12', 6.5],
  ['age-6', 'Age 6', 6],
  ['age-3', 'Age 3', 5],
  ['age-1', 'Age 1', 4],
  ['stylised', 'Stylised', 3],
];

/** Heights, lengths and breadths of a person as fractions of stature. */
export const BODY_FRACTIONS: readonly Row[] = [
  ...HEIGHTS.map(([id, title, value]) => published(`body.height.${id}`, title, value, 'of stature', DRILLIS)),
  ...LENGTHS.map(([id, title, value]) => published(`body.length.${id}`, title, value, 'of stature', DRILLIS)),
];
/** Girths round a limb or the trunk as fractions of stature. */
export const BODY_GIRTHS: readonly Row[] = GIRTHS.map(([id, title, value]) => ({
  ...remembered(`body.girth.${id}`, title, value, 'of stature'),
  own: false,
}));
/** Segment masses as fractions of the whole; limbs are one side. */
export const BODY_MASSES: readonly Row[] = MASSES.map(([id, title, value]) =>
  published(`body.mass.${id}`, title, value, 'of mass', WINTER),
);
/** Statures counted in heads. */
export const BODY_CANONS: readonly Row[] = CANONS.map(([id, title, value]) => ({
  ...practice(`body.canon.${id}`, title, value, 'heads'),
  own: false,
}));
