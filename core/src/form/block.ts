import { sampleField } from '../solid/index.ts';
import { boxCorners } from './box.ts';
import { noCore, wholeCore } from './core.ts';
import { positive } from './errors.ts';
import { fieldMeasure } from './fieldMeasure.ts';
import { polygonOf, rectangle } from './outline.ts';
import { hullsSeen } from './side.ts';
import type { BlockForm, Shape, Vec3 } from './types.ts';

/** Distance to a block from how far a point lies over each pair of faces. */
function boxDistance(x: number, y: number, z: number): number {
  if (x <= 0 && y <= 0 && z <= 0) return Math.max(x, y, z);
  const [a, b, c] = [Math.max(x, 0), Math.max(y, 0), Math.max(z, 0)];
  return Math.sqrt(a * a + b * b + c * c);
}

/** @throws {FormError} for a side of zero or less */
export function blockShape(form: BlockForm): Shape {
  const w = positive('block', 'widthMm', form.widthMm);
  const h = positive('block', 'heightMm', form.heightMm);
  const d = positive('block', 'depthMm', form.depthMm);
  const face = (half: number) => polygonOf(rectangle(-half, 0, half, h));
  const min: Vec3 = [-w / 2, 0, -d / 2];
  const max: Vec3 = [w / 2, h, d / 2];
  const distance = (x: number, y: number, z: number) =>
    boxDistance(Math.abs(x) - w / 2, Math.abs(y - h / 2) - h / 2, Math.abs(z) - d / 2);
  const thickest = { diameterMm: Math.min(w, h, d), at: [0, h / 2, 0] as const, region: 'block' };
  return {
    box: { min, max },
    volumeMm3: w * h * d,
    areaMm2: 2 * (w * h + w * d + h * d),
    centre: [0, h / 2, 0],
    error: 0,
    joints: [],
    thickest,
    measures: [
      fieldMeasure('height', 'Height', h, [-w / 2, 0], [-w / 2, h]),
      fieldMeasure('width', 'Width', w, [-w / 2, 0], [w / 2, 0]),
      fieldMeasure('depth', 'Depth', d, [-w / 2, 0], [w / 2, 0]),
    ],
    regions: ['block'],
    sample: (cellMm) => sampleField(min, max, cellMm, distance),
    distance,
    seenFrom: (side) => hullsSeen([boxCorners({ min, max })], side),
    outline: (view) => face(view === 'front' ? w / 2 : d / 2),
    section: () => face(w / 2),
    core({ skinMm, leastMm }) {
      const s = 2 * skinMm;
      if (Math.min(w, h, d) - s < leastMm) return noCore('block', thickest);
      const section = () => polygonOf(rectangle(skinMm - w / 2, skinMm, w / 2 - skinMm, h - skinMm));
      return wholeCore((w - s) * (h - s) * (d - s), section, skinMm, 'block', thickest);
    },
  };
}
