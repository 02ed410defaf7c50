import type { PartFacts } from '../context/index.ts';
import { sourced } from '../reckoning/index.ts';
import { bonesOf, distance } from './limbs.ts';
import type { Run } from './run.ts';
import { treeFrame } from './tree.ts';
import { bundleMm, type Wire } from './wire.ts';

/** Branches of a tree that are as far from its foot, counted in forks. */
export interface BranchLevel {
  readonly name: string;
  readonly count: number;
  /** Wires through each of them: fewest and most. */
  readonly wires: readonly [number, number];
  /** Width of the bundle of the most wires, mm. */
  readonly bundleMm: number;
  /** Thinnest clay of them, across, and what of it is left on either side of the bundle, mm. */
  readonly acrossMm: number;
  readonly coverMm: number;
  /** Shortest and longest, mm. */
  readonly lengthMm: readonly [number, number];
}

/** A tree’s wires level by level, from the trunk to the tips. */
export function branchLevels(context: PartFacts, wire: Wire): BranchLevel[] {
  const { box } = context.shape;
  const size = Math.max(...([0, 1, 2] as const).map((k) => (box.max[k] - box.min[k]) / context.shrink));
  const { bones, parents, wires } = treeFrame(bonesOf(context), size);
  const levels: number[] = [];
  bones.forEach((_, i) => {
    const parent = parents[i] ?? -1;
    levels.push(parent < 0 ? 0 : (levels[parent] ?? 0) + 1);
  });
  const deepest = Math.max(0, ...levels);
  return Array.from({ length: deepest + 1 }, (_, level): BranchLevel => {
    const at = bones.map((bone, i) => ({ bone, wires: wires[i] ?? 1 })).filter((_, i) => levels[i] === level);
    const lengths = at.map(({ bone }) => distance(bone.from, bone.to));
    const most = Math.max(...at.map((one) => one.wires));
    const width = bundleMm(wire, most);
    // The rounded ends of a branch lie in its neighbours.
    const across = 2 * Math.min(...at.flatMap(({ bone }) => bone.radii.slice(1, -1)));
    return {
      name: level === 0 ? 'trunk' : level === deepest ? 'tips' : `fork ${level}`,
      count: at.length,
      wires: [Math.min(...at.map((one) => one.wires)), most],
      bundleMm: width,
      acrossMm: across,
      coverMm: (across - width) / 2,
      lengthMm: [Math.min(...lengths), Math.max(...lengths)],
    };
  });
}

/** What a tree takes: wires to cut and their lengths, unfolded. */
export interface BranchSum {
  readonly wires: number;
  readonly twigs: number;
  /** Height of the tree, mm, and the longest wire before it is folded or spread. */
  readonly heightMm: number;
  readonly longestMm: number;
}

/** Wires of a tree counted, with the longest as it is cut. */
export function branchSum(context: PartFacts, runs: readonly Run[], lengths: readonly number[]): BranchSum {
  const { shape, shrink, own } = context;
  const ofTips = runs
    .map((run, i) => ({ run, mm: lengths[i] ?? 0 }))
    .filter(({ run }) => run.group === 'tips');
  return {
    wires: ofTips.length,
    twigs: runs.filter(({ group }) => group === 'twigs').length,
    heightMm: (shape.box.max[1] - shape.box.min[1]) / shrink,
    longestMm: Math.max(0, ...ofTips.map(({ mm }) => mm)) - sourced('cut.allowance', own).value,
  };
}
