import { placeAxial } from './axial.ts';
import { noCore } from './core.ts';
import { FormError, positive } from './errors.ts';
import { fieldMeasure } from './fieldMeasure.ts';
import { polygonOf } from './outline.ts';
import { roundCone } from './roundCone.ts';
import { roundBar } from './solids.ts';
import type { Core, InnerBall, Outline, RodForm, Shape, Vec2 } from './types.ts';

/** Points on each round end. */
const END_POINTS = 36;

/** Outline of a bar whose ends are balls of radii r1 at y1 and r2 at y2, y2 above y1. */
function barOutline(r1: number, y1: number, r2: number, y2: number): Outline {
  const tilt = Math.asin((r1 - r2) / (y2 - y1));
  const arc = (r: number, y: number, from: number, to: number): Vec2[] => {
    const angles = Array.from({ length: END_POINTS + 1 }, (_, k) => from + ((to - from) * k) / END_POINTS);
    // The outermost points belong to the outline, wherever the tangent points fall.
    const quarters = [0, 1, 2, 3, 4]
      .map((k) => (k * Math.PI) / 2)
      .filter((angle) => angle > from && angle < to);
    return [...angles, ...quarters]
      .sort((a, b) => a - b)
      .map((angle) => [r * Math.cos(angle), y + r * Math.sin(angle)] as const);
  };
  return polygonOf([
    ...arc(r2, y2, tilt, Math.PI - tilt),
    ...arc(r1, y1, Math.PI - tilt, 2 * Math.PI + tilt),
  ]);
}

interface Bar {
  readonly r1: number;
  readonly y1: number;
  readonly r2: number;
  readonly y2: number;
}

/** The bar offset inward; cut short where it gets too thin. Null when it is too thin everywhere. */
function innerBar(bar: Bar, skin: number, least: number): { bar: Bar; cutRadius: number | null } | null {
  const limit = skin + least / 2;
  const thick = Math.max(bar.r1, bar.r2);
  const thin = Math.min(bar.r1, bar.r2);
  if (thick < limit) return null;
  if (thin >= limit) return { bar: { ...bar, r1: bar.r1 - skin, r2: bar.r2 - skin }, cutRadius: null };
  const share = (thick - limit) / (thick - thin);
  const reach = (bar.y2 - bar.y1) * share;
  const cut =
    bar.r1 > bar.r2
      ? { r1: bar.r1 - skin, y1: bar.y1, r2: least / 2, y2: bar.y1 + reach }
      : { r1: least / 2, y1: bar.y2 - reach, r2: bar.r2 - skin, y2: bar.y2 };
  // A cut hard by the thick end leaves less than a bar there.
  return reach > Math.abs(cut.r1 - cut.r2) ? { bar: cut, cutRadius: limit } : null;
}

function rodCore(bar: Bar, thickest: InnerBall, skin: number, least: number): Core {
  const inner = innerBar(bar, skin, least);
  if (!inner) return noCore('rod', thickest);
  const { r1, y1, r2, y2 } = inner.bar;
  const volumeMm3 = roundBar(r1, r2, y2 - y1).volume;
  return {
    volumeMm3,
    byRegion: new Map([['rod', volumeMm3]]),
    section: () => barOutline(r1, y1, r2, y2),
    thickestClay: { ...thickest, diameterMm: Math.max(skin, 2 * (inner.cutRadius ?? 0)) },
    regions: ['rod'],
    without: [],
  };
}

/**
 * @throws {FormError} for a length or thickness of zero or less, or a bar shorter than its round ends
 */
export function rodShape(form: RodForm): Shape {
  const r1 = positive('rod', 'startMm', form.startMm) / 2;
  const r2 = positive('rod', 'endMm', form.endMm) / 2;
  const length = positive('rod', 'lengthMm', form.lengthMm);
  const apart = length - r1 - r2;
  if (apart <= Math.abs(r1 - r2))
    throw new FormError('rod', 'lengthMm', `more than ${2 * Math.max(r1, r2)} mm, its thicker end`, length);
  const bar: Bar = { r1, y1: r1, r2, y2: r1 + apart };
  const solid = roundBar(r1, r2, apart);
  const outline = () => barOutline(r1, bar.y1, r2, bar.y2);
  const thickest: InnerBall =
    r1 >= r2
      ? { diameterMm: 2 * r1, at: [0, bar.y1, 0], region: 'rod' }
      : { diameterMm: 2 * r2, at: [0, bar.y2, 0], region: 'rod' };
  return placeAxial(
    {
      heightMm: length,
      radiusMm: Math.max(r1, r2),
      volumeMm3: solid.volume,
      areaMm2: solid.area,
      error: 0,
      thickest,
      measures: [
        fieldMeasure('length', 'Length', length, [0, 0], [0, length]),
        fieldMeasure('start', 'Thickness at the foot', 2 * r1, [-r1, bar.y1], [r1, bar.y1]),
        fieldMeasure('end', 'Thickness at the tip', 2 * r2, [-r2, bar.y2], [r2, bar.y2]),
      ],
      distance: (out, up) => roundCone(out, up - bar.y1, apart, r1, r2),
      bands: [{ ...bar, ends: 'balls' }],
      profile: outline,
      section: outline,
      core: ({ skinMm, leastMm }) => rodCore(bar, thickest, skinMm, leastMm),
    },
    form.lying,
  );
}
