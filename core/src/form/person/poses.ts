import type { Pose } from '../lofted/index.ts';
import type { JointAngles, PersonPose } from '../types.ts';
import { ARM_TILT_DEGREES } from './body.ts';

function bent(flex: number, out = 0, twist = 0): JointAngles {
  return { flex, out, twist };
}

function both(joint: string, angles: JointAngles): Pose {
  return { [`left ${joint}`]: angles, [`right ${joint}`]: angles };
}

/** Where the joints are in the named poses. */
export const POSES: Readonly<Record<PersonPose, Pose>> = {
  straight: {},
  tee: both('shoulder', bent(0, 90 - ARM_TILT_DEGREES)),
  sitting: {
    ...both('hip', bent(90, 6)),
    ...both('knee', bent(90)),
    ...both('shoulder', bent(22, 3)),
    ...both('elbow', bent(55)),
  },
  walking: {
    'left hip': bent(24),
    'left knee': bent(6),
    'left ankle': bent(-8),
    'right hip': bent(-14),
    'right knee': bent(22),
    'right ankle': bent(-14),
    'left shoulder': bent(-18, 4),
    'left elbow': bent(16),
    'right shoulder': bent(22, 4),
    'right elbow': bent(24),
    waist: bent(3),
  },
  kneeling: {
    ...both('knee', bent(90)),
    ...both('ankle', bent(-50)),
    ...both('shoulder', bent(12, 3)),
    ...both('elbow', bent(35)),
  },
  holding: {
    'left shoulder': bent(34, 8, 20),
    'left elbow': bent(78),
    'right shoulder': bent(58, 14, 12),
    'right elbow': bent(62),
  },
};
