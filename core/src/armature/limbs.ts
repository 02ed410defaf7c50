import type { PartFacts } from '../context/index.ts';
import type { Bone, Vec3 } from '../form/index.ts';

/** A limb: bones end to end, from where it hangs on the trunk to its tip, miniature mm. */
export interface Limb {
  readonly name: string;
  /** From the trunk outward. */
  readonly path: readonly Vec3[];
  /** Radius of the clay at each point of the path. */
  readonly radii: readonly number[];
  /** Wires side by side at each point of the path; absent where there is one everywhere. */
  readonly through?: readonly number[];
  /** Whether its tip is on the ground. */
  readonly stands: boolean;
}

/** Flesh without a wire in it: too small, or worn. */
const WITHOUT = /\b(ear|eyes|nose|beak|skirt|thumb|wing|root|hair)s?\b/;
/** Share of the part’s height within which a tip stands on the ground, and of its length within which two bones meet. */
const NEAR_GROUND = 0.12;
export const NEAR = 0.04;
/** A wire ends so far before the tip of the flesh, as a share of the last bone. */
const SHORT_OF_TIP = 0.3;

export const distance = (a: Vec3, b: Vec3) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** Bones of a part that a wire may run in, miniature mm. */
export function bonesOf({ shape, shrink }: PartFacts): Bone[] {
  const small = ([x, y, z]: Vec3): Vec3 => [x / shrink, y / shrink, z / shrink];
  return (shape.bones ?? [])
    .filter(({ region }) => !WITHOUT.test(region))
    .map((bone) => ({
      ...bone,
      from: small(bone.from),
      to: small(bone.to),
      radii: bone.radii.map((r) => r / shrink),
    }));
}

/** The place of a bone nearest to a point. */
export function nearestOn({ from, to }: Bone, point: Vec3): Vec3 {
  const way: Vec3 = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  const length2 = way[0] ** 2 + way[1] ** 2 + way[2] ** 2;
  const along =
    length2 === 0
      ? 0
      : ((point[0] - from[0]) * way[0] + (point[1] - from[1]) * way[1] + (point[2] - from[2]) * way[2]) /
        length2;
  const t = Math.max(0, Math.min(1, along));
  return [from[0] + way[0] * t, from[1] + way[1] * t, from[2] + way[2] * t];
}

export const sideOf = (region: string) => /^(left|right) /.exec(region)?.[1] ?? '';
export const withoutSide = (name: string) => name.replace(/^(left|right) /, '');

/** Chains of bones that hang on the trunk: each goes on with the bone that begins where it ends, on the same side. */
export function chainsOf(bones: readonly Bone[], size: number): Bone[][] {
  const left = new Set(bones.slice(1));
  const chains: Bone[][] = [];
  for (const bone of bones.slice(1)) {
    if (!left.has(bone)) continue;
    // A thumb or a toe is of a region that a limb has already: it gets no wire of its own.
    if (chains.some((chain) => chain.some(({ region }) => region === bone.region))) continue;
    left.delete(bone);
    const chain = [bone];
    for (;;) {
      const end = chain.at(-1) as Bone;
      const next = [...left]
        .filter((one) => sideOf(one.region) === sideOf(bone.region))
        .map((one) => ({ one, far: distance(one.from, end.to) }))
        .filter(({ far }) => far < NEAR * size)
        .sort((a, b) => a.far - b.far)[0]?.one;
      if (!next) break;
      left.delete(next);
      chain.push(next);
    }
    chains.push(chain);
  }
  return chains;
}

/** Limbs are called by what they are, not by the bone they begin with. */
const LIMB_NAMES: Readonly<Record<string, string>> = {
  'upper arm': 'arm',
  thigh: 'leg',
  drumstick: 'leg',
  shoulder: 'foreleg',
  trunk: 'stem',
};

function limbName(region: string): string {
  const side = sideOf(region);
  const bare = withoutSide(region);
  const name = LIMB_NAMES[bare] ?? bare;
  return side === '' ? name : `${side} ${name}`;
}

/** A chain of bones as one limb. */
export function limbOf(chain: readonly Bone[], size: number): Limb {
  const last = chain.at(-1) as Bone;
  const short = (t: number): Vec3 => [
    last.to[0] + (last.from[0] - last.to[0]) * t,
    last.to[1] + (last.from[1] - last.to[1]) * t,
    last.to[2] + (last.from[2] - last.to[2]) * t,
  ];
  const lowest = Math.min(...chain.map(({ to }) => to[1]));
  const stands = /leg|foot|shank|cannon|thigh|fetlock/.test(last.region) && lowest < NEAR_GROUND * size;
  const path: Vec3[] = [chain[0]?.from ?? [0, 0, 0]];
  const radii: number[] = [chain[0]?.radii[0] ?? 1];
  chain.forEach((bone, i) => {
    const steps = bone.radii.length - 1;
    const isLast = i === chain.length - 1;
    for (let k = 1; k <= steps; k += 1) {
      const t = k / steps;
      if (isLast && !stands && t > 1 - SHORT_OF_TIP) break;
      path.push([
        bone.from[0] + (bone.to[0] - bone.from[0]) * t,
        bone.from[1] + (bone.to[1] - bone.from[1]) * t,
        bone.from[2] + (bone.to[2] - bone.from[2]) * t,
      ]);
      radii.push(bone.radii[k] ?? 1);
    }
  });
  if (!stands && chain.length === 1 && path.length < 2) {
    path.push(short(SHORT_OF_TIP));
    radii.push(last.radii.at(-1) ?? 1);
  }
  return { name: limbName(chain[0]?.region ?? 'limb'), path, radii, stands };
}

/** A foot is not wired to its toes: the wire goes straight down from the ankle into the ground. */
export function downToGround(limb: Limb): Limb {
  if (!limb.stands) return limb;
  const low = Math.min(...limb.path.map(([, y]) => y));
  const reach = limb.path.findIndex(([, y]) => y <= low + 0.35 * ((limb.path[0]?.[1] ?? 0) - low) * 0.5);
  const keep = Math.max(1, reach);
  const [x, , z] = limb.path[keep] ?? limb.path.at(-1) ?? [0, 0, 0];
  return {
    ...limb,
    path: [...limb.path.slice(0, keep + 1), [x, 0, z]],
    radii: [...limb.radii.slice(0, keep + 1), limb.radii[keep] ?? 1],
  };
}
