import { type Loft, type Pose, posed, restBox } from '../lofted/index.ts';
import type { BeastForm, Joint, JointAngles, JointLimits, Vec3 } from '../types.ts';
import { type Landmarks, mirrored, type Side, sideName, TOWARDS, UP } from './beastLandmarks.ts';
import { BEASTS, type BeastProportions } from './beastProportions.ts';

/** Degrees either way: wide enough for standing, sitting and lying (from memory). */
const LIMITS = {
  trunk: { flex: [-30, 60], out: [-15, 15], twist: [-15, 15] },
  neck: { flex: [-80, 45], out: [-60, 60], twist: [-30, 30] },
  head: { flex: [-60, 40], out: [-50, 50], twist: [-40, 40] },
  tail: { flex: [-120, 80], out: [-80, 80], twist: [0, 0] },
  shoulder: { flex: [-70, 60], out: [-15, 25], twist: [0, 0] },
  elbow: { flex: [-20, 120], out: [0, 0], twist: [0, 0] },
  carpus: { flex: [-170, 10], out: [0, 0], twist: [0, 0] },
  fetlock: { flex: [-130, 90], out: [0, 0], twist: [0, 0] },
  hip: { flex: [-30, 90], out: [-15, 45], twist: [0, 0] },
  stifle: { flex: [-110, 20], out: [0, 0], twist: [0, 0] },
  hock: { flex: [-20, 140], out: [0, 0], twist: [0, 0] },
} as const satisfies Record<string, JointLimits>;

/** Joints of a beast at rest, parents first. */
export function beastJoints(at: Landmarks): Joint[] {
  const joint = (
    name: string,
    parent: string | null,
    place: Vec3,
    limits: JointLimits,
    side: Side | 0 = 0,
  ): Joint => ({
    name,
    parent,
    at: place,
    flexAxis: TOWARDS,
    outAxis: side === 0 ? UP : [-side, 0, 0],
    twistAxis: UP,
    limits,
  });
  const legs = ([1, -1] as const).flatMap((side): Joint[] => {
    const name = sideName(side);
    const here = (point: Vec3) => mirrored(point, side);
    return [
      { ...joint(`${name} shoulder`, 'trunk', here(at.shoulder), LIMITS.shoulder, side), limbRoot: 'fore' },
      joint(`${name} elbow`, `${name} shoulder`, here(at.elbow), LIMITS.elbow, side),
      joint(`${name} carpus`, `${name} elbow`, here(at.carpus), LIMITS.carpus, side),
      joint(`${name} fetlock`, `${name} carpus`, here(at.fetlock), LIMITS.fetlock, side),
      { ...joint(`${name} hip`, null, here(at.hip), LIMITS.hip, side), limbRoot: 'hind' },
      joint(`${name} stifle`, `${name} hip`, here(at.stifle), LIMITS.stifle, side),
      joint(`${name} hock`, `${name} stifle`, here(at.hock), LIMITS.hock, side),
      joint(`${name} hind fetlock`, `${name} hock`, here(at.hindFetlock), LIMITS.fetlock, side),
    ];
  });
  return [
    joint('trunk', null, [at.hip[0], at.hip[1], 0], LIMITS.trunk),
    joint('neck', 'trunk', at.neckFoot, LIMITS.neck),
    joint('head', 'neck', at.poll, LIMITS.head),
    joint('tail', 'trunk', at.dock, LIMITS.tail),
    ...legs,
  ];
}

const bent = (flex: number, out = 0): JointAngles => ({ flex, out, twist: 0 });
const both = (joint: string, angles: JointAngles): Pose => ({
  [`left ${joint}`]: angles,
  [`right ${joint}`]: angles,
});
/** Hind legs folded under, as in sitting and lying. */
const FOLDED_BEHIND: Pose = {
  ...both('hip', bent(52, 10)),
  ...both('stifle', bent(-88)),
  ...both('hock', bent(126)),
  ...both('hind fetlock', bent(-90)),
};

/** Sitting with the trunk pitched up; forelegs stay upright. */
function sitting({ tailAngle }: BeastProportions, pitch: number): Pose {
  return {
    ...FOLDED_BEHIND,
    trunk: bent(pitch),
    ...both('shoulder', bent(-pitch)),
    neck: bent(-pitch * 0.45),
    head: bent(-pitch * 0.3),
    // The tail lies out behind, a little above the ground.
    tail: bent(8 - pitch - tailAngle),
  };
}

/** The pitch that brings the fore feet to the ground the rest sits on, by halving. */
function sittingPose(p: BeastProportions, lofts: readonly Loft[], joints: readonly Joint[]): Pose {
  const isFore = ({ region }: Loft) => / (foreleg|fore cannon|fore foot)$/.test(region);
  const foreFeetAreLower = (pose: Pose): boolean => {
    const hung = posed(lofts, joints, pose).lofts;
    return restBox(hung.filter(isFore)).min[1] < restBox(hung.filter((loft) => !isFore(loft))).min[1];
  };
  let [least, most]: [number, number] = [...LIMITS.trunk.flex];
  for (let i = 0; i < 16; i += 1) {
    const pitch = (least + most) / 2;
    if (foreFeetAreLower(sitting(p, pitch))) least = pitch;
    else most = pitch;
  }
  return sitting(p, least);
}

function lyingPose({ hoofed, tailAngle }: BeastProportions): Pose {
  const fore: Pose = hoofed
    ? {
        ...both('shoulder', bent(14)),
        ...both('elbow', bent(70)),
        ...both('carpus', bent(-164)),
        ...both('fetlock', bent(80)),
      }
    : { ...both('shoulder', bent(4)), ...both('elbow', bent(84)), ...both('fetlock', bent(-84)) };
  return { ...FOLDED_BEHIND, ...fore, tail: bent(14 - tailAngle) };
}

/** Where the joints are in a pose by its name, degrees. */
export function namedPose(
  { pose, proportions }: BeastForm,
  lofts: readonly Loft[],
  joints: readonly Joint[],
): Pose {
  const p = BEASTS[proportions];
  if (pose === 'sitting') return sittingPose(p, lofts, joints);
  return pose === 'lying' ? lyingPose(p) : {};
}
