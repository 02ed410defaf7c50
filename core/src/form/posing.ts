import type { Grid } from '../solid/index.ts';
import { beastPuppet, birdPuppet } from './creatures/index.ts';
import {
  gridOf,
  loftRings,
  type Pose,
  type Puppet,
  placed,
  pointOf,
  posed,
  sectionsOf,
  withinLimits,
} from './lofted/index.ts';
import { type Heroic, personPuppet } from './person/index.ts';
import { SIDES, seenAt } from './side.ts';
import type { Form, Joint, JointAngles, Ring, Vec2, Vec3, View } from './types.ts';

/** A place on a posed body that can be pulled. */
export interface Handle {
  /** Of a joint, or of the end of the last limb. */
  readonly name: string;
  /** The joint that turns when it is pulled. */
  readonly turns: string;
  readonly at: Vec3;
  /** Where the joint that turns is. */
  readonly from: Vec3;
}

/** A body posed for pulling at: rough, and so quick that it follows the hand. */
export interface Posed {
  readonly handles: readonly Handle[];
  /** Rings that together cover the body as seen. */
  rings(view: View): readonly Ring[];
  /** Height of the lowest place. */
  readonly groundMm: number;
}

const REST: JointAngles = { flex: 0, out: 0, twist: 0 };

/**
 * The lofts and joints of a form that bends; null for others.
 *
 * @throws {FormError} for a form that cannot be built
 */
export function puppetOf(form: Form, heroic: Heroic): Puppet | null {
  switch (form.kind) {
    case 'person':
      return personPuppet(form, heroic);
    case 'beast':
      return beastPuppet(form);
    case 'bird':
      return birdPuppet(form);
    default:
      return null;
  }
}

/** The far end of what hangs on a joint, at rest; null when nothing does. */
function endBeyond({ lofts }: Puppet, joint: string, at: Vec3): Vec3 | null {
  const ends = lofts
    .filter((loft) => loft.joint === joint)
    .map((loft) => pointOf(loft, loft.length + loft.endCap, 0, 0));
  const far = ([x, y, z]: Vec3) => Math.hypot(x - at[0], y - at[1], z - at[2]);
  return ends.reduce<Vec3 | null>((a, b) => (a === null || far(b) > far(a) ? b : a), null);
}

/** What can be pulled: every joint that hangs on another, and the ends of the limbs. */
function gripsOf(puppet: Puppet): readonly { name: string; turns: string; rest: Vec3 }[] {
  const parents = new Set(puppet.joints.map(({ parent }) => parent));
  return puppet.joints.flatMap(({ name, parent, at }) => {
    const grips = parent === null ? [] : [{ name, turns: parent, rest: at }];
    const end = parents.has(name) ? null : endBeyond(puppet, name, at);
    return end ? [...grips, { name: `end beyond the ${name}`, turns: name, rest: end }] : grips;
  });
}

/** Where the pulled places are in a pose: a place hangs on a joint like a loft without length. */
function handlesIn(puppet: Puppet, pose: Pose): Handle[] {
  const grips = gripsOf(puppet);
  const markers = grips.map(({ turns, rest }) => ({
    region: '',
    joint: turns,
    origin: rest,
    axis: [0, 1, 0] as Vec3,
    acrossAxis: [1, 0, 0] as Vec3,
    aheadAxis: [0, 0, 1] as Vec3,
    length: 1,
    stations: [],
    startCap: 0,
    endCap: 0,
    from: 0,
  }));
  const { lofts, joints } = posed(markers, puppet.joints, pose);
  return grips.map(({ name, turns }, i) => {
    const from = joints.find((joint) => joint.name === turns)?.at ?? [0, 0, 0];
    return { name, turns, at: lofts[i]?.origin ?? from, from };
  });
}

/** A body in a pose; angles beyond a limit stop there. */
export function poseBody(puppet: Puppet, pose: Pose): Posed {
  const { lofts } = posed(puppet.lofts, puppet.joints, pose);
  const set = lofts.map((loft) => placed(loft, sectionsOf(loft)));
  return {
    handles: handlesIn(puppet, pose),
    rings: (view) => set.flatMap(({ loft, sections }) => loftRings(loft, sections, SIDES[view])),
    groundMm: Math.min(...set.map(({ min }) => min[1])),
  };
}

/** A body in a pose as a coarse grid, and where its joints then are; quick enough to try poses with. */
export function poseGrid(
  puppet: Puppet,
  pose: Pose,
  cellMm: number,
): { readonly grid: Grid; readonly joints: readonly Joint[] } {
  const { lofts, joints } = posed(puppet.lofts, puppet.joints, pose);
  return {
    grid: gridOf(
      lofts.map((loft) => placed(loft, sectionsOf(loft))),
      cellMm,
    ),
    joints,
  };
}

/** Steps that angles are tried in, degrees: halved down to the last. */
const STEPS = { first: 32, last: 0.25 };
/** Weight of staying where it was, against a distance of the limb's own length: decides between ways that reach alike. */
const INERTIA = 1e-3;

/**
 * The pose in which a pulled place comes nearest to where it is pulled to, as seen in a view: its one joint turns within
 * its limits, by pattern search; all other joints stay.
 *
 * @param to in the view, mm
 * @returns angles of the joint that turns
 */
export function pulled(puppet: Puppet, pose: Pose, handle: Handle, view: View, to: Vec2): JointAngles {
  const joint = puppet.joints.find(({ name }) => name === handle.turns);
  if (!joint) return REST;
  const start = withinLimits(joint, pose[joint.name] ?? REST);
  const reach2 = handle.at.reduce((sum, value, k) => sum + (value - (handle.from[k] ?? 0)) ** 2, 0);
  const cost = (angles: JointAngles): number => {
    const now = handlesIn(puppet, { ...pose, [joint.name]: angles }).find(({ name }) => name === handle.name);
    const [x, y] = seenAt(SIDES[view], now?.at ?? handle.at);
    const turned = (['flex', 'out', 'twist'] as const).reduce(
      (sum, axis) => sum + ((angles[axis] - start[axis]) / 90) ** 2,
      0,
    );
    return ((x - to[0]) ** 2 + (y - to[1]) ** 2) / reach2 + INERTIA * turned;
  };
  let best = { angles: start, cost: cost(start) };
  for (let step = STEPS.first; step >= STEPS.last; ) {
    const before = best;
    for (const axis of ['flex', 'out', 'twist'] as const)
      for (const by of [-step, step]) {
        const angles = withinLimits(joint, { ...best.angles, [axis]: best.angles[axis] + by });
        const found = cost(angles);
        if (found < best.cost) best = { angles, cost: found };
      }
    if (best === before) step /= 2;
  }
  return best.angles;
}
