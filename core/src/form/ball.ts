import { sampleField } from '../solid/index.ts';
import { noCore, wholeCore } from './core.ts';
import { positive } from './errors.ts';
import { ellipse, polygonOf } from './outline.ts';
import { ballSeen, hullsSeen } from './side.ts';
import { ballVolume } from './solids.ts';
import type { BallForm, Shape } from './types.ts';

/** @throws {FormError} for a diameter of zero or less */
export function ballShape(form: BallForm): Shape {
  const across = positive('ball', 'diameterMm', form.diameterMm);
  const r = across / 2;
  const disc = () => polygonOf(ellipse([0, r], across, across));
  const distance = (x: number, y: number, z: number) => Math.sqrt(x * x + (y - r) ** 2 + z * z) - r;
  const thickest = { diameterMm: across, at: [0, r, 0] as const, region: 'ball' };
  return {
    box: { min: [-r, 0, -r], max: [r, across, r] },
    volumeMm3: ballVolume(r),
    areaMm2: 4 * Math.PI * r * r,
    centre: [0, r, 0],
    error: 0,
    joints: [],
    thickest,
    measures: [
      {
        key: 'diameter',
        title: 'Diameter',
        lengthMm: across,
        field: 'diameterMm',
        handbookRow: null,
        from: [0, 0],
        to: [0, across],
      },
    ],
    regions: ['ball'],
    sample: (cellMm) => sampleField([-r, 0, -r], [r, across, r], cellMm, distance),
    distance,
    outline: disc,
    seenFrom: (side) => hullsSeen([ballSeen([0, r, 0], r, side)], side),
    section: disc,
    core({ skinMm, leastMm }) {
      const inner = across - 2 * skinMm;
      if (inner < leastMm) return noCore('ball', thickest);
      return wholeCore(
        ballVolume(inner / 2),
        () => polygonOf(ellipse([0, r], inner, inner)),
        skinMm,
        'ball',
        thickest,
      );
    },
  };
}
