import { BEND_RADIUS, bendsOf } from './bends.ts';
import type { ArmatureFrame } from './checks.ts';
import { wireOf } from './checks.ts';
import { distance } from './limbs.ts';
import { jointGapMm, largestBend } from './shapes.ts';
import { bundleMm, type Wire } from './wire.ts';

/** A bend of a run where the clay of a limb would meet itself, if it were built straight and bent later. */
export interface JointGap {
  readonly run: string;
  readonly inTree: boolean;
  readonly where: string;
  readonly degrees: number;
  /** Thickness of the limb there, mm. */
  readonly limbMm: number;
  /** Bare wire to leave, mm, and the most that there is room for before the next bend. */
  readonly gapMm: number;
  readonly roomMm: number;
  /** How far it may be bent with all that room left bare, degrees. */
  readonly mostDegrees: number;
  /** Inside radius of the bend that the room allows, mm, and that the wire wants. */
  readonly radiusMm: number;
  readonly radiusWantedMm: number;
}

/** Every bend inside a limb with the gap that it wants. */
export function jointGaps({ runs }: ArmatureFrame, partWire: Wire): JointGap[] {
  return runs.flatMap((run) => {
    const bends = bendsOf(run.path);
    const wire = wireOf(run, partWire);
    return bends.flatMap(({ degrees, point, atMm }, i): JointGap[] => {
      const limb = run.limbs.find(({ path }) => path.some((at) => distance(at, point) < 0.01));
      const at = limb?.path.findIndex((one) => distance(one, point) < 0.01) ?? -1;
      const radius = limb?.radii[at] ?? 0;
      // At the root of a limb its clay runs on into the trunk: nothing is left bare there.
      if (!limb || at <= 0 || radius <= 0) return [];
      const whole = run.path.reduce(
        (sum, one, k) => sum + (k === 0 ? 0 : distance(one, run.path[k - 1] ?? one)),
        0,
      );
      const before = atMm - (bends[i - 1]?.atMm ?? 0);
      const after = (bends[i + 1]?.atMm ?? whole) - atMm;
      const side = Math.min(before, after);
      const half = Math.tan((Math.min(degrees, 170) * Math.PI) / 360);
      return [
        {
          run: run.name,
          inTree: run.group === 'tips',
          where: limb.name,
          degrees,
          limbMm: 2 * radius,
          gapMm: jointGapMm(2 * radius, Math.min(degrees, 170)),
          roomMm: side,
          mostDegrees: largestBend(2 * radius, side),
          radiusMm: Math.max(0, side / 2 / half - bundleMm(wire) / 2),
          radiusWantedMm: BEND_RADIUS * bundleMm(wire),
        },
      ];
    });
  });
}
