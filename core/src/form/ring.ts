import { sampleField } from '../solid/index.ts';
import { noCore, wholeCore } from './core.ts';
import { FormError, positive } from './errors.ts';
import { ellipse, hull, polygonOf } from './outline.ts';
import { ballSeen, circle3, hullsSeen } from './side.ts';
import { ringArea, ringVolume } from './solids.ts';
import type { Outline, RingForm, Shape, Side, Vec2, Vec3 } from './types.ts';

/** Seen along its plane: a bar with round ends. */
function edgeOn(across: number, thick: number, lying: boolean): Outline {
  const reach = (across - thick) / 2;
  const ends: Vec2[] = lying
    ? [
        [-reach, thick / 2],
        [reach, thick / 2],
      ]
    : [
        [0, thick / 2],
        [0, across - thick / 2],
      ];
  return polygonOf(hull(ends.flatMap((end) => ellipse(end, thick, thick))));
}

/** The two cut ends of the bar, for a section across the ring. */
function cutEnds(across: number, thick: number, lying: boolean, inset: number): Outline {
  const reach = (across - thick) / 2;
  const cut = thick - 2 * inset;
  if (lying) return [-reach, reach].map((x) => [ellipse([x, thick / 2], cut, cut)]);
  return [
    [
      ellipse([0, across / 2], across - 2 * inset, across - 2 * inset),
      ellipse([0, across / 2], across - 2 * thick + 2 * inset, across - 2 * thick + 2 * inset),
    ],
  ];
}

/** Balls strung along the middle line, each joined to the next. */
function seenRing(at: Vec3, R: number, r: number, lying: boolean, side: Side): Outline {
  const line = circle3(at, R, [1, 0, 0], lying ? [0, 0, 1] : [0, 1, 0]);
  const balls = line.map((point) => ballSeen(point, r, side));
  return hullsSeen(
    balls.map((ball, i) => [...ball, ...(balls[(i + 1) % balls.length] ?? [])]),
    side,
  );
}

/** @throws {FormError} for a length of zero or less, or a ring thicker than half its width */
export function ringShape(form: RingForm): Shape {
  const across = positive('ring', 'acrossMm', form.acrossMm);
  const thick = positive('ring', 'thicknessMm', form.thicknessMm);
  if (thick * 2 > across) throw new FormError('ring', 'thicknessMm', `at most half of ${across} mm`, thick);
  const r = thick / 2;
  const R = (across - thick) / 2;
  const { lying } = form;
  const height = lying ? thick : across;
  const depth = lying ? across : thick;
  // Across its plane a ring lies flat or stands facing the viewer.
  const distance = (x: number, y: number, z: number) => {
    const up = y - height / 2;
    const along = Math.sqrt(lying ? x * x + z * z : x * x + up * up) - R;
    const beside = lying ? up : z;
    return Math.sqrt(along * along + beside * beside) - r;
  };
  const thickest = { diameterMm: thick, at: [R, lying ? r : across / 2, 0] as const, region: 'ring' };
  return {
    box: { min: [-across / 2, 0, -depth / 2], max: [across / 2, height, depth / 2] },
    volumeMm3: ringVolume(R, r),
    areaMm2: ringArea(R, r),
    centre: [0, height / 2, 0],
    error: 0,
    joints: [],
    thickest,
    measures: [
      {
        key: 'across',
        title: 'Across',
        lengthMm: across,
        field: 'acrossMm',
        handbookRow: null,
        from: [-across / 2, height / 2],
        to: [across / 2, height / 2],
      },
      {
        key: 'thickness',
        title: 'Thickness',
        lengthMm: thick,
        field: 'thicknessMm',
        handbookRow: null,
        from: [across / 2 - thick, height / 2],
        to: [across / 2, height / 2],
      },
    ],
    regions: ['ring'],
    sample: (cellMm) =>
      sampleField([-across / 2, 0, -depth / 2], [across / 2, height, depth / 2], cellMm, distance),
    distance,
    seenFrom: (side) => seenRing([0, height / 2, 0], R, r, lying, side),
    outline: (view) =>
      view === 'front' && !lying ? cutEnds(across, thick, lying, 0) : edgeOn(across, thick, lying),
    section: () => cutEnds(across, thick, lying, 0),
    core({ skinMm, leastMm }) {
      if (thick - 2 * skinMm < leastMm) return noCore('ring', thickest);
      return wholeCore(
        ringVolume(R, r - skinMm),
        () => cutEnds(across, thick, lying, skinMm),
        skinMm,
        'ring',
        thickest,
      );
    },
  };
}
