import type { PartContext } from '../context/index.ts';
import type { View } from '../form/index.ts';

/** Where a region of a part is seen: rows of cells, each its left end, its row from the top and how many are in a row. */
export interface RegionSeen {
  readonly region: string;
  readonly runs: readonly (readonly [x: number, y: number, cells: number])[];
  /** Where a word about it stands, cells from the upper left: the middle of its longest run. */
  readonly at: readonly [x: number, y: number];
}

/** The regions of a part as they are seen from one side. */
export interface RegionMap {
  readonly view: View;
  readonly across: number;
  readonly up: number;
  readonly regions: readonly RegionSeen[];
}

/** Cells along the longest edge: fine enough to press an ear, coarse enough to be there at once. */
const CELLS = 150;

/** From the front the eye is before +z and from the side before +x: see SIDES. */
const LOOKS = {
  front: { right: 0, deep: 2 },
  side: { right: 2, deep: 0 },
} as const satisfies Record<View, { readonly right: 0 | 2; readonly deep: 0 | 2 }>;

/** The regions of a part seen from the front and from the side, the nearest at every place. */
export function regionMaps({ shape }: Pick<PartContext, 'shape'>): RegionMap[] {
  const { min, max } = shape.box;
  const longest = Math.max(max[0] - min[0], max[1] - min[1], max[2] - min[2]);
  const grid = shape.sample(longest / CELLS);
  const { size, distance, owner } = grid;
  const steps = [1, size[0], size[0] * size[1]] as const;
  return (['front', 'side'] as const).map((view) => {
    const { right, deep } = LOOKS[view];
    const [across, up] = [size[right], size[1]];
    const runs = new Map<number, [number, number, number][]>();
    for (let v = 0; v < up; v += 1) {
      let open: [number, number, number] | null = null;
      let of = 0;
      for (let u = 0; u < across; u += 1) {
        let found = 0;
        for (let d = size[deep] - 1; d >= 0 && found === 0; d -= 1) {
          const at = u * steps[right] + v * steps[1] + d * steps[deep];
          if ((distance[at] ?? 1) <= 0) found = owner ? (owner[at] ?? 0) : 1;
        }
        if (found !== of) open = null;
        of = found;
        if (found === 0) continue;
        if (open) open[2] += 1;
        else {
          open = [u, up - 1 - v, 1];
          const list = runs.get(found);
          if (list) list.push(open);
          else runs.set(found, [open]);
        }
      }
    }
    return { view, across, up, regions: seen(runs, shape.regions) };
  });
}

/** Regions may have a name in common: a limb of two bodies is one. */
function seen(runs: ReadonlyMap<number, readonly [number, number, number][]>, names: readonly string[]) {
  const byName = new Map<string, [number, number, number][]>();
  for (const [own, list] of runs) {
    const name = names[own - 1] ?? '';
    byName.set(name, [...(byName.get(name) ?? []), ...list]);
  }
  return [...byName].map(([region, list]): RegionSeen => {
    const [x, y, cells] = list.reduce((a, b) => (b[2] > a[2] ? b : a));
    return { region, runs: list, at: [x + cells / 2, y + 0.5] };
  });
}
