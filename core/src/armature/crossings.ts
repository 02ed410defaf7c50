import type { Bone, Vec3 } from '../form/index.ts';
import type { ArmatureFrame } from './checks.ts';
import { bonesOf, distance, type Limb, nearestOn, sideOf } from './limbs.ts';

/** A limb that its pose takes through another or through the trunk. */
export interface Crossing {
  readonly limb: string;
  readonly through: string;
  /** How deep it is in the other, mm. */
  readonly deepMm: number;
  readonly at: Vec3;
}

/** Flesh gives way where limbs touch: only nearer to the other’s middle than this share of it is it passed through. */
const TOUCHES = 0.6;

function bonesAlong({ name, path, radii }: Limb): Bone[] {
  return path.slice(1).map((to, i) => ({
    region: name,
    from: path[i] ?? to,
    to,
    radii: [radii[i] ?? 0, radii[i + 1] ?? 0],
  }));
}

function deepIn(bone: Bone, at: Vec3, share: number): number {
  const nearest = nearestOn(bone, at);
  const t = distance(bone.from, nearest) / Math.max(1e-9, distance(bone.from, bone.to));
  const radius = bone.radii[Math.round(t * (bone.radii.length - 1))] ?? 0;
  return share * radius - distance(nearest, at);
}

/** Places of a limb from where it has left the trunk. */
function freePlaces({ path }: Limb, trunk: Bone): readonly Vec3[] {
  const out = path.findIndex((at, i) => i > 0 && deepIn(trunk, at, 1) < 0);
  return out < 0 ? [] : path.slice(out);
}

function deepest(places: readonly Vec3[], bones: readonly Bone[]): { deepMm: number; at: Vec3 } | null {
  let worst: { deepMm: number; at: Vec3 } | null = null;
  for (const at of places)
    for (const bone of bones) {
      const deepMm = deepIn(bone, at, TOUCHES);
      if (deepMm > 0 && (!worst || deepMm > worst.deepMm)) worst = { deepMm, at };
    }
  return worst;
}

/** Limbs that pass through the trunk or one another in this pose, limbs taken as round; trees are let be. */
export function crossingsOf({ context, runs }: ArmatureFrame): Crossing[] {
  const [trunk] = bonesOf(context);
  const { kind } = context.part.form;
  if (!trunk || kind === 'tree' || kind === 'round') return [];
  // Tail, neck and head grow out of the body, and a foot out of its leg.
  const ofOne = (a: string, b: string) =>
    (sideOf(a) === '' && b === 'body') || (/foot$/.test(a) !== /foot$/.test(b) && sideOf(a) === sideOf(b));
  const limbs = runs.filter(({ drawnId }) => drawnId === null).flatMap((run) => run.limbs);
  return limbs.flatMap((limb, i): Crossing[] => {
    const places = freePlaces(limb, trunk);
    const others = [
      { name: 'body', bones: [trunk] },
      // The root of a limb lies with those of the others in the trunk.
      ...limbs.slice(0, i).map((one) => ({ name: one.name, bones: bonesAlong(one).slice(2) })),
    ];
    return others.flatMap(({ name, bones }): Crossing[] => {
      const found = ofOne(limb.name, name) ? null : deepest(places, bones);
      return found ? [{ limb: limb.name, through: name, ...found }] : [];
    });
  });
}
