import type { PartContext, PartFacts } from '../context/index.ts';
import type { Bone, Vec3 } from '../form/index.ts';
import { drawnRuns, settled } from './choices.ts';
import {
  bonesOf,
  chainsOf,
  distance,
  downToGround,
  type Limb,
  limbOf,
  nearestOn,
  sideOf,
  withoutSide,
} from './limbs.ts';
import { FREE_END, joined, PEG_END, plainRun, type Run, type RunEnd } from './run.ts';
import { treeRuns } from './tree.ts';

const endOf = ({ stands }: Limb): RunEnd => (stands ? PEG_END : FREE_END);

/** Legs, feet, legs 2. */
const pluralOf = (name: string) =>
  name === 'foot' ? 'feet' : name.replace(/^(\S+)(.*?)( \d+)?$/, '$1$2s$3');

function runOfPair(a: Limb, b: Limb): Run {
  return plainRun({
    name: `${pluralOf(withoutSide(a.name))}, across`,
    path: joined([...a.path].reverse(), b.path),
    limbs: [a, b],
    ends: [endOf(a), endOf(b)],
  });
}

/** Places of the spine nearer than this share of the part are one: no hand makes two bends there. */
const SAME = 0.02;

/** Trunk and what lies along the middle in one wire: tail, spine, neck and head. */
function spineOf(trunk: Bone, middle: readonly Limb[], size: number): Run {
  const ends = middle.map((limb) => ({
    limb,
    atEnd: distance(limb.path[0] ?? trunk.to, trunk.to) < distance(limb.path[0] ?? trunk.to, trunk.from),
  }));
  const front = ends.find(({ atEnd }) => atEnd)?.limb;
  const back = ends.find(({ atEnd }) => !atEnd)?.limb;
  return plainRun({
    name: 'spine',
    path: joined(
      back ? [...back.path].reverse() : [trunk.from],
      front ? front.path : [trunk.to],
      SAME * size,
    ),
    limbs: [back, front].flatMap((limb) => limb ?? []),
  });
}

/** A thing this many times as long as it is thick is given a wire. */
const SLENDER = 3;

/** Sides of a part’s box on the bench, mm, and its longest one. */
function boxOf({ shape, shrink }: PartFacts) {
  const { min, max } = shape.box;
  const sizes = ([0, 1, 2] as const).map((k) => (max[k] - min[k]) / shrink);
  const long = sizes.indexOf(Math.max(...sizes)) as 0 | 1 | 2;
  const others = sizes.filter((_, k) => k !== long);
  return { long, lengthMm: sizes[long] ?? 0, thickMm: Math.max(...others), thinMm: Math.min(...others) };
}

/** Half of a wire put into a body upright at its thickest place, in thicknesses of it. */
const HALF_ROD = 0.4;

/** A straight wire to begin with: along the longest side of a part, or upright where a body is thickest. */
export function rodPath(context: PartFacts): Vec3[] {
  const { bones, thickest } = context.shape;
  if (bones) {
    const [x, y, z] = thickest.at.map((v) => v / context.shrink) as [number, number, number];
    const half = (HALF_ROD * thickest.diameterMm) / context.shrink;
    return [
      [x, y - half, z],
      [x, y + half, z],
    ];
  }
  const { min, max } = context.shape.box;
  const { long } = boxOf(context);
  const at = (t: number): Vec3 => {
    const point = ([0, 1, 2] as const).map(
      (k) => (k === long ? min[k] + (max[k] - min[k]) * t : (min[k] + max[k]) / 2) / context.shrink,
    );
    return [point[0] ?? 0, point[1] ?? 0, point[2] ?? 0];
  };
  return Array.from({ length: 9 }, (_, i) => at(long === 1 ? (i / 8) * 0.92 : 0.04 + (i / 8) * 0.92));
}

/** A straight wire along a slender thing that has no bones. */
function straightRun(context: PartFacts): Run[] {
  const { long, lengthMm, thickMm, thinMm } = boxOf(context);
  if (lengthMm < SLENDER * thickMm) return [];
  const path = rodPath(context);
  const limb: Limb = { name: 'rod', path, radii: path.map(() => thinMm / 2), stands: false };
  return [plainRun({ name: 'rod', path, limbs: [limb], ends: [long === 1 ? PEG_END : FREE_END, FREE_END] })];
}

/** Wires of a body with limbs: each pair of limbs across the trunk in one. */
function bodyRuns(bones: readonly Bone[], trunk: Bone, size: number): Run[] {
  const limbs = chainsOf(bones, size)
    .map((chain) => {
      const limb = limbOf(chain, size);
      const hang = nearestOn(trunk, limb.path[0] ?? trunk.to);
      return downToGround({
        ...limb,
        path: [hang, ...limb.path],
        radii: [limb.radii[0] ?? 1, ...limb.radii],
      });
    })
    .filter(({ path }) => path.length > 2);
  const middle = limbs.filter(({ name }) => sideOf(name) === '');
  const pairs = limbs
    .filter(({ name }) => sideOf(name) === 'left')
    .flatMap((one): Run[] => {
      const other = limbs.find(({ name }) => name === one.name.replace(/^left/, 'right'));
      return other ? [runOfPair(one, other)] : [];
    });
  return [spineOf(trunk, middle, size), ...pairs];
}

/** A round creature sits on its body: its spine goes down into the peg, its folded feet are stout enough without. */
function sittingRuns(bones: readonly Bone[], trunk: Bone, size: number): Run[] {
  const runs = bodyRuns(
    bones.filter(({ region }) => !/foot$/.test(region)),
    trunk,
    size,
  );
  return runs.map((run): Run => {
    const [first] = run.path;
    if (run.name !== 'spine' || !first) return run;
    const foot: Vec3 = [first[0], 0, first[2]];
    return { ...run, path: joined([foot], run.path), ends: [PEG_END, run.ends[1]] };
  });
}

/**
 * Wires proposed for a part from its inside: the spine with neck and tail, each pair of limbs across the trunk in one, legs
 * down into pegs; for a tree a bundle with one wire to each tip; for a slender thing a straight one. Empty where no wire is
 * wanted.
 */
export function proposeRuns(context: PartFacts): Run[] {
  if (context.part.mix.length === 0) return [];
  const bones = bonesOf(context);
  const { box } = context.shape;
  const size = Math.max(...([0, 1, 2] as const).map((k) => (box.max[k] - box.min[k]) / context.shrink));
  const [trunk] = bones;
  if (!trunk) return straightRun(context);
  switch (context.part.form.kind) {
    case 'tree':
      return treeRuns(context, size);
    case 'round':
      return sittingRuns(bones, trunk, size);
    default:
      return bodyRuns(bones, trunk, size);
  }
}

/** A part’s wires: the proposed ones as the maker has settled them, and those drawn by hand. */
export function runsOf(context: PartContext): Run[] {
  const { runs } = context.part;
  const proposed = proposeRuns(context);
  return runs.length === 0 ? proposed : [...settled(proposed, runs), ...drawnRuns(context)];
}
