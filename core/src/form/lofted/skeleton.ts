import type { Joint, JointAngles, Vec3 } from '../types.ts';
import { minus, plus, turned } from '../vectors.ts';
import type { Loft } from './loft.ts';

/** Angles by joint name; a joint that is not named is at rest. */
export type Pose = Readonly<Record<string, JointAngles>>;

const REST: JointAngles = { flex: 0, out: 0, twist: 0 };
const RADIANS = Math.PI / 180;

function clamped(value: number, [least, most]: readonly [number, number]): number {
  return Math.max(least, Math.min(most, value));
}

/** The angles a joint really takes: its limits hold. */
export function withinLimits({ limits }: Joint, angles: JointAngles): JointAngles {
  return {
    flex: clamped(angles.flex, limits.flex),
    out: clamped(angles.out, limits.out),
    twist: clamped(angles.twist, limits.twist),
  };
}

/** Turns directions and points as one joint has moved them. */
interface JointFrame {
  turn(direction: Vec3): Vec3;
  move(point: Vec3): Vec3;
}

const STILL: JointFrame = { turn: (direction) => direction, move: (point) => point };

function frameOf(joint: Joint, angles: JointAngles, parent: JointFrame): JointFrame {
  const { flex, out, twist } = withinLimits(joint, angles);
  const own = (direction: Vec3): Vec3 => {
    const twisted = turned(direction, joint.twistAxis, twist * RADIANS);
    const flexed = turned(twisted, joint.flexAxis, flex * RADIANS);
    return turned(flexed, joint.outAxis, out * RADIANS);
  };
  const place = parent.move(joint.at);
  return {
    turn: (direction) => parent.turn(own(direction)),
    move: (point) => plus(place, parent.turn(own(minus(point, joint.at)))),
  };
}

/** A body with its joints where the pose puts them. */
export interface PosedBody {
  readonly lofts: readonly Loft[];
  readonly joints: readonly Joint[];
}

/**
 * Forward kinematics: every loft and joint goes with the joint it hangs on; angles beyond a limit stop there. Lengths
 * stay what they are.
 *
 * @param joints at rest, parents before children
 */
export function posed(lofts: readonly Loft[], joints: readonly Joint[], pose: Pose): PosedBody {
  const frames = new Map<string, JointFrame>();
  for (const joint of joints) {
    const parent = joint.parent === null ? STILL : (frames.get(joint.parent) ?? STILL);
    frames.set(joint.name, frameOf(joint, pose[joint.name] ?? REST, parent));
  }
  const frame = (name: string | null) => (name === null ? STILL : (frames.get(name) ?? STILL));
  return {
    lofts: lofts.map((loft) => {
      const { turn, move } = frame(loft.joint);
      return {
        ...loft,
        origin: move(loft.origin),
        axis: turn(loft.axis),
        acrossAxis: turn(loft.acrossAxis),
        aheadAxis: turn(loft.aheadAxis),
      };
    }),
    joints: joints.map((joint) => {
      const { turn, move } = frame(joint.parent);
      return {
        ...joint,
        at: move(joint.at),
        flexAxis: turn(joint.flexAxis),
        outAxis: turn(joint.outAxis),
        twistAxis: turn(joint.twistAxis),
      };
    }),
  };
}

/** The body moved by a vector. */
export function shifted({ lofts, joints }: PosedBody, by: Vec3): PosedBody {
  return {
    lofts: lofts.map((loft) => ({ ...loft, origin: plus(loft.origin, by) })),
    joints: joints.map((joint) => ({ ...joint, at: plus(joint.at, by) })),
  };
}
