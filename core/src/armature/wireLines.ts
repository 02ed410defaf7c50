import type { PartFacts } from '../context/index.ts';
import type { Vec3 } from '../form/index.ts';
import { cutWires } from './cutList.ts';
import type { BonesFacts } from './reckonBones.ts';
import { bundleMm } from './wire.ts';

/** A stretch of wire with its width, miniature mm. */
export interface WireLine {
  readonly points: readonly Vec3[];
  readonly widthMm: number;
}

/** Every stretch of wire once: where a bundle runs, as wide as the bundle. */
export function wireLines(context: PartFacts, { runs, wire }: BonesFacts): WireLine[] {
  const bundles = new Map<string, WireLine>();
  const alone: WireLine[] = [];
  const cut = cutWires(context, runs, wire);
  for (const [k, run] of runs.entries()) {
    const own = cut[k] ?? wire;
    if (run.group !== 'tips') {
      alone.push({ points: run.path, widthMm: bundleMm(own) });
      continue;
    }
    for (const { path, through } of run.limbs)
      path.slice(1).forEach((to, i) => {
        const from = path[i] ?? to;
        const width = bundleMm(own, through?.[i + 1] ?? 1);
        bundles.set(`${from.join()}|${to.join()}`, { points: [from, to], widthMm: width });
      });
  }
  return [...bundles.values(), ...alone];
}
