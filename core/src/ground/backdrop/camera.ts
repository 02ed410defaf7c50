import type { Vec2 } from '../../form/index.ts';
import type { Backdrop } from '../../piece/index.ts';
import { onPlan, type Placed } from '../plan/standing.ts';

/** A camera on the plan: where it is, what it sees, and the board behind; mm from the middle, to the right and to the back. */
export interface CameraOnPlan {
  readonly at: Vec2;
  /** Ends of what it sees of the board. */
  readonly seen: readonly [Vec2, Vec2];
  /** Ends of the board with its margin. */
  readonly board: readonly [Vec2, Vec2];
}

/** Its way towards the middle, and the way to its right. */
function frame({ fromDeg }: Backdrop): { readonly on: Vec2; readonly right: Vec2 } {
  const turn = (fromDeg * Math.PI) / 180;
  return { on: [-Math.sin(turn), Math.cos(turn)], right: [Math.cos(turn), Math.sin(turn)] };
}

/**
 * Where a camera and its board are, seen from above; what is sharp is the middle of the plan.
 *
 * @example cameraOnPlan({ fromDeg: 0, awayMm: 500, behindMm: 100, sensorMm: 36, focalMm: 36, marginPct: 0 }).seen // [[-300, 100], [300, 100]]
 */
export function cameraOnPlan(backdrop: Backdrop): CameraOnPlan {
  const { on, right } = frame(backdrop);
  const { awayMm, behindMm, sensorMm, focalMm, marginPct } = backdrop;
  const half = ((awayMm + behindMm) * sensorMm) / focalMm / 2;
  const place = (far: number, aside: number): Vec2 => [
    on[0] * far + right[0] * aside,
    on[1] * far + right[1] * aside,
  ];
  const wide = half * (1 + marginPct / 100);
  return {
    at: place(-awayMm, 0),
    seen: [place(behindMm, -half), place(behindMm, half)],
    board: [place(behindMm, -wide), place(behindMm, wide)],
  };
}

/** Of what stands on the plan, those that are not wholly between the sides of the picture, or stand behind the board. */
export function outOfPicture(backdrop: Backdrop, placed: readonly Placed[]): readonly Placed[] {
  const { on, right } = frame(backdrop);
  const { awayMm, behindMm, sensorMm, focalMm } = backdrop;
  return placed.filter(({ print, spot }) => {
    const move = onPlan(spot);
    return print.outline
      .flatMap(([rim]) => rim ?? [])
      .map(move)
      .some(([x, y]) => {
        const ahead = x * on[0] + y * on[1];
        const far = ahead + awayMm;
        const aside = Math.abs(x * right[0] + y * right[1]);
        return ahead > behindMm || aside > (far * sensorMm) / focalMm / 2;
      });
  });
}
