import type { Form, PlanePoint } from '../../form/index.ts';
import type { RepeatRule } from '../../piece/index.ts';

/** Something that is usually made many of. */
export interface SetStart {
  readonly id: string;
  /** One of them, and many. */
  readonly name: string;
  /** The longest of its lengths, as in life, mm. */
  readonly longMm: number;
  /** Its form with lengths as in life; of a part that is sized on the bench they are shrunk with it. */
  readonly form: (k: number) => Form;
  readonly rule: Partial<RepeatRule>;
}

/** An outline from shares of a width and a length, its foot in the middle. */
function outline(
  points: readonly (readonly [number, number])[],
  width: number,
  length: number,
  depthMm: number,
): Form {
  return {
    kind: 'extruded',
    points: points.map(([x, y]): PlanePoint => ({ xMm: x * width, yMm: y * length })),
    depthMm,
  };
}

const arc = (n: number, at: (t: number) => readonly [number, number]) =>
  Array.from({ length: n + 1 }, (_, i) => at(i / n));

/** Square above, half round below, as a fish scale hangs. */
const FISH_SCALE: readonly (readonly [number, number])[] = [
  [0.5, 1],
  [-0.5, 1],
  ...arc(10, (t): readonly [number, number] => [
    -0.5 * Math.cos(Math.PI * t),
    0.35 - 0.35 * Math.sin(Math.PI * t),
  ]),
];
const LEAF: readonly (readonly [number, number])[] = [
  ...arc(8, (t): readonly [number, number] => [0.5 * Math.sin(Math.PI * t), t]),
  ...arc(8, (t): readonly [number, number] => [-0.5 * Math.sin(Math.PI * t), 1 - t]).slice(1, -1),
];
const FLAG: readonly (readonly [number, number])[] = [
  [-0.5, 1],
  [0, 0],
  [0.5, 1],
];
const HEART: readonly (readonly [number, number])[] = arc(23, (t): readonly [number, number] => {
  const a = 2 * Math.PI * t * (23 / 24);
  const y = 13 * Math.cos(a) - 5 * Math.cos(2 * a) - 2 * Math.cos(3 * a) - Math.cos(4 * a);
  return [Math.sin(a) ** 3 / 2, (y + 17) / 29];
});

/** What makers make many of, each with its usual rule. */
export const SET_STARTS: readonly SetStart[] = [
  {
    id: 'shingles',
    name: 'Shingles',
    longMm: 260,
    form: (k) => outline(FISH_SCALE, 150 * k, 260 * k, 14 * k),
    rule: { kind: 'over', exposureMm: null, doubleFirst: true, staggered: true },
  },
  {
    id: 'hearts',
    name: 'Heart shingles',
    longMm: 158,
    form: (k) => outline(HEART, 150 * k, 160 * k, 14 * k),
    rule: { kind: 'over', doubleFirst: true, staggered: true },
  },
  {
    id: 'scales',
    name: 'Scales',
    longMm: 36,
    form: (k) => outline(FISH_SCALE, 30 * k, 36 * k, 5 * k),
    rule: { kind: 'over', doubleFirst: false, staggered: true },
  },
  {
    id: 'teeth',
    name: 'Teeth',
    longMm: 24,
    form: (k) => ({ kind: 'cylinder', heightMm: 24 * k, bottomMm: 12 * k, topMm: 2 * k, lying: false }),
    rule: { kind: 'along', ahead: true },
  },
  {
    id: 'rivets',
    name: 'Rivets',
    longMm: 18,
    form: (k) => ({ kind: 'ball', diameterMm: 18 * k }),
    rule: { kind: 'along', pitchMm: null },
  },
  {
    id: 'leaves',
    name: 'Leaves',
    longMm: 60,
    form: (k) => outline(LEAF, 30 * k, 60 * k, 4 * k),
    rule: { kind: 'scattered', perCm2: 3 },
  },
  {
    id: 'flags',
    name: 'Flags',
    longMm: 180,
    form: (k) => outline(FLAG, 120 * k, 180 * k, 6 * k),
    rule: { kind: 'along' },
  },
  {
    id: 'legs',
    name: 'Legs or rays',
    longMm: 200,
    form: (k) => ({ kind: 'rod', lengthMm: 200 * k, startMm: 24 * k, endMm: 16 * k, lying: false }),
    rule: { kind: 'round', n: 8 },
  },
  {
    id: 'beads',
    name: 'Beads or pebbles',
    longMm: 40,
    form: (k) => ({ kind: 'ball', diameterMm: 40 * k }),
    rule: { kind: 'counted', n: 20 },
  },
];
