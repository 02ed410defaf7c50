import type { Vec3 } from '../types.ts';
import { plus } from '../vectors.ts';
import type { BeastProportions } from './beastProportions.ts';

export const UP: Vec3 = [0, 1, 0];
export const TOWARDS: Vec3 = [0, 0, 1];
export const RADIANS = Math.PI / 180;

export type Side = 1 | -1;
export const sideName = (side: Side) => (side === 1 ? 'right' : 'left');

/** Where the joints of a beast are at rest, mm; z for the right side. */
export function landmarks(p: BeastProportions, W: number) {
  const at = (x: number, y: number, z = 0): Vec3 => [x * W, y * W, z * W];
  const front = p.trunk / 2;
  const back = -p.trunk / 2;
  const fore = front - 0.42 * p.chestDepth;
  const [wide, wideBack] = [p.chestWidth * 0.3, p.rumpWidth * 0.3];
  const neckFoot = at(front - 0.2 * p.chestDepth, 1 - 0.3 * p.chestDepth);
  const rise = p.neckAngle * RADIANS;
  const poll = plus(neckFoot, at(p.neck * Math.cos(rise), p.neck * Math.sin(rise)));
  const fall = p.headAngle * RADIANS;
  return {
    neckFoot,
    poll,
    nose: plus(poll, at(p.head * Math.cos(fall), -p.head * Math.sin(fall))),
    shoulder: at(fore + 0.16 * p.chestDepth, 1 - 0.62 * p.chestDepth, wide),
    elbow: at(fore - 0.1 * p.chestDepth, p.elbow, wide),
    carpus: at(fore, p.carpus, wide),
    fetlock: at(fore, p.fetlock, wide),
    hip: at(back + 0.26 * p.chestDepth, p.hip, wideBack),
    stifle: at(back + 0.42 * p.chestDepth, p.stifle, wideBack * 1.05),
    hock: at(back + 0.04 * p.chestDepth, p.hock, wideBack),
    hindFetlock: at(back + 0.13 * p.chestDepth, p.fetlock, wideBack),
    dock: at(back + 0.03, p.rump - 0.1 * p.loinDepth),
  };
}

export type Landmarks = ReturnType<typeof landmarks>;

export const mirrored = ([x, y, z]: Vec3, side: Side): Vec3 => [x, y, side * z];
