import { placeAxial } from './axial.ts';
import { noCore } from './core.ts';
import { FormError, positive } from './errors.ts';
import { polygonOf } from './outline.ts';
import { frustumSide, frustumVolume } from './solids.ts';
import type { Core, CylinderForm, InnerBall, Outline, Shape } from './types.ts';

interface Frustum {
  readonly r1: number;
  readonly y1: number;
  readonly r2: number;
  readonly y2: number;
}

function outlineOf({ r1, y1, r2, y2 }: Frustum): Outline {
  const foot = [[-r1, y1] as const, [r1, y1] as const];
  return polygonOf(r2 === 0 ? [...foot, [0, y2]] : [...foot, [r2, y2], [-r2, y2]]);
}

/** Largest ball: rests on an end face, is held by the side, or both. */
function largestBall({ r1, y1, r2, y2 }: Frustum): InnerBall {
  const height = y2 - y1;
  const slant = height / Math.hypot(height, r1 - r2);
  const room = (y: number) => Math.min(y, height - y, (r1 + ((r2 - r1) * y) / height) * slant);
  // The least of three straight lines is largest where two of them cross.
  const slope = ((r2 - r1) / height) * slant;
  const crossings = [height / 2, (r1 * slant) / (1 - slope), (height - r1 * slant) / (1 + slope)];
  const best = crossings
    .filter((y) => y >= 0 && y <= height)
    .reduce((a, b) => (room(b) > room(a) ? b : a), height / 2);
  return { diameterMm: 2 * room(best), at: [0, y1 + best, 0], region: 'cylinder' };
}

/** The frustum offset inward, cut where it gets thinner than the least core; null when there is none. */
function inner({ r1, y1, r2, y2 }: Frustum, skin: number, least: number): Frustum | null {
  const height = y2 - y1;
  const slope = (r2 - r1) / height;
  // A slanted side moves in by skin ÷ cos(slant) along the radius.
  const inward = skin * Math.hypot(1, slope);
  const radiusAt = (y: number) => r1 + slope * (y - y1) - inward;
  let [low, high] = [y1 + skin, y2 - skin];
  if (slope < 0) high = Math.min(high, y1 + (least / 2 + inward - r1) / slope);
  if (slope > 0) low = Math.max(low, y1 + (least / 2 + inward - r1) / slope);
  if (high - low < least || Math.max(radiusAt(low), radiusAt(high)) < least / 2) return null;
  return { r1: radiusAt(low), y1: low, r2: radiusAt(high), y2: high };
}

/** The ball of clay in the edge where side and end meet, outside a core whose own edge is as round as the least core. */
function edgeBall(frustum: Frustum, end: 'bottom' | 'top', skin: number, least: number): number {
  const { r1, y1, r2, y2 } = frustum;
  const opens = end === 'bottom' ? r1 - r2 : r2 - r1;
  const half = Math.sin(Math.atan2(y2 - y1, opens) / 2);
  return (2 * (skin + (least / 2) * (1 - half))) / (1 + half);
}

function cylinderCore(frustum: Frustum, thickest: InnerBall, skin: number, least: number): Core {
  const core = inner(frustum, skin, least);
  if (!core) return noCore('cylinder', thickest);
  const above = largestBall({ ...frustum, r1: core.r2 + skin, y1: core.y2, r2: frustum.r2 });
  const below = largestBall({ ...frustum, y2: core.y1, r2: core.r1 + skin });
  const edges = (['bottom', 'top'] as const).map((end): InnerBall => {
    const diameterMm = edgeBall(frustum, end, skin, least);
    const r = end === 'bottom' ? frustum.r1 : frustum.r2;
    const y = end === 'bottom' ? frustum.y1 + diameterMm / 2 : frustum.y2 - diameterMm / 2;
    return { diameterMm, at: [r - diameterMm / 2, y, 0], region: 'cylinder' };
  });
  const left = [above, below, ...edges].reduce((a, b) => (b.diameterMm > a.diameterMm ? b : a));
  const volumeMm3 = frustumVolume(core.r1, core.r2, core.y2 - core.y1);
  return {
    volumeMm3,
    byRegion: new Map([['cylinder', volumeMm3]]),
    section: () => outlineOf(core),
    thickestClay: left.diameterMm > skin ? left : { ...thickest, diameterMm: skin },
    regions: ['cylinder'],
    without: [],
  };
}

/** @throws {FormError} for a height or bottom of zero or less, or a negative top */
export function cylinderShape(form: CylinderForm): Shape {
  const height = positive('cylinder', 'heightMm', form.heightMm);
  const r1 = positive('cylinder', 'bottomMm', form.bottomMm) / 2;
  const r2 = form.topMm / 2;
  if (!(r2 >= 0)) throw new FormError('cylinder', 'topMm', 'a length of 0 or more', form.topMm);
  const frustum: Frustum = { r1, y1: 0, r2, y2: height };
  const thickest = largestBall(frustum);
  const outline = () => outlineOf(frustum);
  const across = { handbookRow: null } as const;
  return placeAxial(
    {
      heightMm: height,
      radiusMm: Math.max(r1, r2),
      volumeMm3: frustumVolume(r1, r2, height),
      areaMm2: frustumSide(r1, r2, height) + Math.PI * (r1 * r1 + r2 * r2),
      error: 0,
      thickest,
      measures: [
        {
          ...across,
          key: 'height',
          title: 'Height',
          lengthMm: height,
          field: 'heightMm',
          from: [0, 0],
          to: [0, height],
        },
        {
          ...across,
          key: 'bottom',
          title: 'Across the bottom',
          lengthMm: 2 * r1,
          field: 'bottomMm',
          from: [-r1, 0],
          to: [r1, 0],
        },
        {
          ...across,
          key: 'top',
          title: 'Across the top',
          lengthMm: 2 * r2,
          field: 'topMm',
          from: [-r2, height],
          to: [r2, height],
        },
      ],
      distance: null,
      bands: [{ ...frustum, ends: 'discs' }],
      profile: outline,
      section: outline,
      core: ({ skinMm, leastMm }) => cylinderCore(frustum, thickest, skinMm, leastMm),
    },
    form.lying,
  );
}
