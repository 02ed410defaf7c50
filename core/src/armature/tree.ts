import type { PartFacts } from '../context/index.ts';
import type { Bone, Vec3 } from '../form/index.ts';
import { bonesOf, distance, type Limb, limbOf, NEAR } from './limbs.ts';
import { FREE_END, joined, PEG_END, plainRun, type Run } from './run.ts';

/** The bones of a tree with where each one hangs and how many tips it leads to. */
export interface TreeFrame {
  readonly bones: readonly Bone[];
  /** Index of the bone it grows from; −1 for the trunk. */
  readonly parents: readonly number[];
  /** Tips beyond it: so many wires run through it. */
  readonly wires: readonly number[];
  readonly tips: readonly number[];
}

/** How the bones of a tree hang together. */
export function treeFrame(bones: readonly Bone[], size: number): TreeFrame {
  const parents = bones.map((bone, i) => {
    let [best, far] = [-1, NEAR * size];
    for (let k = 0; k < i; k += 1) {
      const away = distance(bones[k]?.to ?? bone.to, bone.from);
      if (away < far) [best, far] = [k, away];
    }
    return best;
  });
  const isParent = new Set(parents);
  const tips = bones.map((_, i) => i).filter((i) => !isParent.has(i));
  const wires = bones.map(() => 0);
  for (const tip of tips)
    for (let at = tip; at >= 0; at = parents[at] ?? -1) wires[at] = (wires[at] ?? 0) + 1;
  return { bones, parents, wires, tips };
}

/** The way from the foot to a tip. */
export function chainTo({ bones, parents }: TreeFrame, tip: number): number[] {
  const chain: number[] = [];
  for (let at = tip; at >= 0 && bones[at]; at = parents[at] ?? -1) chain.unshift(at);
  return chain;
}

function tipLimb(tree: TreeFrame, tip: number, n: number, size: number): Limb {
  const chain = chainTo(tree, tip);
  const limb = limbOf(
    chain.flatMap((i) => tree.bones[i] ?? []),
    size,
  );
  const through: number[] = [tree.wires[chain[0] ?? 0] ?? 1];
  for (const i of chain)
    for (let k = 1; k < (tree.bones[i]?.radii.length ?? 1) && through.length < limb.path.length; k += 1)
      through.push(tree.wires[i] ?? 1);
  return { ...limb, name: `branch to tip ${n}`, through, stands: false };
}

const tipName = ({ name }: Limb) => name.replace('branch to ', '');

/** Roots of the form, each as a line from under the trunk outward. */
function rootLines({ shape, shrink }: PartFacts): Limb[] {
  return (shape.bones ?? [])
    .filter(({ region }) => region === 'roots')
    .map(({ from, to, radii }): Limb => {
      const steps = Math.max(1, radii.length - 1);
      const kept = radii.map((r, k) => ({ r: r / shrink, t: k / steps })).filter(({ t }) => t <= 0.7 + 1e-9);
      return {
        name: 'root',
        path: kept.map(
          ({ t }): Vec3 => [
            (from[0] + (to[0] - from[0]) * t) / shrink,
            (from[1] + (to[1] - from[1]) * t) / shrink,
            (from[2] + (to[2] - from[2]) * t) / shrink,
          ],
        ),
        radii: kept.map(({ r }) => r),
        stands: false,
      };
    });
}

/** Goes on with every wire into the root that lies the most its own way, the wires shared out evenly. */
function intoRoots(limbs: readonly Limb[], roots: readonly Limb[]): Run[] {
  const most = Math.ceil(limbs.length / roots.length);
  const taken = roots.map(() => 0);
  const heading = ({ path }: Limb) => {
    const [x, , z] = path.at(-1) ?? [0, 0, 0];
    return Math.atan2(z, x);
  };
  const rootOf = limbs.map((limb) => {
    const turn = (root: Limb) => Math.cos(heading(root) - heading(limb));
    const free = roots.map((root, i) => ({ i, turn: turn(root) })).filter(({ i }) => (taken[i] ?? 0) < most);
    const best = free.reduce((a, b) => (b.turn > a.turn ? b : a)).i;
    taken[best] = (taken[best] ?? 0) + 1;
    return best;
  });
  return limbs.map((limb, i): Run => {
    const root = roots[rootOf[i] ?? 0];
    if (!root) return plainRun({ name: tipName(limb), path: limb.path, limbs: [limb], group: 'tips' });
    const wires = taken[rootOf[i] ?? 0] ?? 1;
    const inRoot: Limb = { ...root, through: root.path.map(() => wires) };
    return plainRun({
      name: tipName(limb),
      path: joined([...root.path].reverse(), limb.path),
      limbs: [limb, inRoot],
      group: 'tips',
    });
  });
}

/** Each wire from one tip down to the foot and up again to the next. */
function foldedRuns(limbs: readonly Limb[]): Run[] {
  return limbs.flatMap((limb, i): Run[] => {
    const next = limbs[i + 1];
    if (i % 2 === 1) return [];
    if (!next)
      return [
        plainRun({
          name: tipName(limb),
          path: limb.path,
          limbs: [limb],
          group: 'tips',
          ends: [PEG_END, FREE_END],
        }),
      ];
    return [
      plainRun({
        name: `${tipName(limb)} to ${tipName(next)}`,
        path: joined([...limb.path].reverse(), next.path),
        limbs: [limb, next],
        group: 'tips',
        isFolded: true,
      }),
    ];
  });
}

/** A twig is so long, as a share of the last branch, and leaves it so far from its tip. */
const TWIG = 0.6;
const TWIG_FROM = 0.75;
const GOLDEN = Math.PI * (3 - Math.sqrt(5));

/** Thin wires bound on round each tip, fanned out. */
function twigRuns({ bones, tips }: TreeFrame, each: number): Run[] {
  return tips.flatMap((tip, n): Run[] => {
    const bone = bones[tip];
    if (!bone) return [];
    const { from, to } = bone;
    const way: Vec3 = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
    const long = Math.hypot(...way) * TWIG;
    const start: Vec3 = [
      from[0] + way[0] * TWIG_FROM,
      from[1] + way[1] * TWIG_FROM,
      from[2] + way[2] * TWIG_FROM,
    ];
    return Array.from({ length: each }, (_, k): Run => {
      const turn = GOLDEN * (n * each + k);
      const end: Vec3 = [
        start[0] + way[0] * TWIG * 0.8 + Math.cos(turn) * long * 0.6,
        start[1] + way[1] * TWIG * 0.8,
        start[2] + way[2] * TWIG * 0.8 + Math.sin(turn) * long * 0.6,
      ];
      return plainRun({
        name: `twig ${n * each + k + 1}`,
        path: [from, start, end],
        limbs: [],
        group: 'twigs',
      });
    });
  });
}

/**
 * A bundle with one wire to each tip, split at every fork; each goes on into a root, or into the ground as a peg, or is folded
 * at the foot and serves two tips. Twigs of thin wire come on top.
 */
export function treeRuns(context: PartFacts, size: number): Run[] {
  const { branches } = context.part;
  const tree = treeFrame(bonesOf(context), size);
  const limbs = tree.tips.map((tip, n) => tipLimb(tree, tip, n + 1, size));
  const roots = branches.roots && !branches.folded ? rootLines(context) : [];
  const wires = branches.folded
    ? foldedRuns(limbs)
    : roots.length > 0
      ? intoRoots(limbs, roots)
      : limbs.map((limb) =>
          plainRun({
            name: tipName(limb),
            path: limb.path,
            limbs: [limb],
            group: 'tips',
            ends: [PEG_END, FREE_END],
          }),
        );
  return [...wires, ...twigRuns(tree, branches.twigs)];
}
