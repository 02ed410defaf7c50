import type { Vec3 } from '../form/index.ts';

/** A place along a limb that is held at its first place. */
export interface Place {
  readonly at: Vec3;
  /** Weight carried between the place before and this one, N. */
  readonly weight: number;
}

/** A place of a limb that may fork: the place it hangs on comes before it. */
export interface Node extends Place {
  /** Index of the place before; −1 for the clamp. */
  readonly parent: number;
  /** Wires side by side in the stretch up to it. */
  readonly wires: number;
}

/** How a limb bears what it carries. */
export interface Bending {
  /** How far the tip goes down, mm. */
  readonly sagMm: number;
  /** Largest bending moment that one wire bears, N·mm, and where. */
  readonly momentNmm: number;
  readonly at: Vec3;
}

type Level = readonly [number, number];

const level = (at: Vec3, from: Vec3): Level => [at[0] - from[0], at[2] - from[2]];
const between = (a: Vec3, b: Vec3, t: number): Vec3 => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];
const distance = (a: Vec3, b: Vec3) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** What hangs beyond each place of a forked limb: its weight, and its weight times where it is. */
export interface Hung {
  readonly nodes: readonly Node[];
  readonly weight: Float64Array;
  readonly x: Float64Array;
  readonly z: Float64Array;
}

/**
 * Adds up what hangs beyond each place, once for all tips.
 *
 * @param nodes places, each behind the one it hangs on
 * @param tipN weight at the last place, N
 */
export function hung(nodes: readonly Node[], tipN = 0): Hung {
  const [weight, x, z] = [nodes.length, nodes.length, nodes.length].map((n) => new Float64Array(n)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const last = nodes.length - 1;
  const tip = nodes[last]?.at;
  if (tip) {
    weight[last] = tipN;
    x[last] = tipN * tip[0];
    z[last] = tipN * tip[2];
  }
  for (let i = last; i > 0; i -= 1) {
    const node = nodes[i];
    const before = node && nodes[node.parent];
    if (!node || !before) continue;
    const middle = between(before.at, node.at, 0.5);
    weight[node.parent] = (weight[node.parent] ?? 0) + (weight[i] ?? 0) + node.weight;
    x[node.parent] = (x[node.parent] ?? 0) + (x[i] ?? 0) + node.weight * middle[0];
    z[node.parent] = (z[node.parent] ?? 0) + (z[i] ?? 0) + node.weight * middle[2];
  }
  return { nodes, weight, x, z };
}

/**
 * Sag of a tip and the worst moment on the way to it, of a limb clamped at its first place under weights that pull straight
 * down (unit-load method; for a straight level limb δ = wL⁴/8EI and FL³/3EI, Roark). Levers are the level distances of the
 * pose; what hangs on opposite sides of a place balances. Twisting is left out.
 *
 * @param tip index of the place whose sag is asked
 * @param stiffness EI of one wire, N·mm²
 */
export function bendingAt({ nodes, weight, x, z }: Hung, tip: number, stiffness: number): Bending {
  const end = nodes[tip]?.at ?? [0, 0, 0];
  let [sagMm, momentNmm] = [0, 0];
  let worst: Vec3 = nodes[0]?.at ?? end;
  for (let i = tip; i > 0; ) {
    const node = nodes[i];
    const before = node && nodes[node.parent];
    if (!node || !before) break;
    const [start, middle, wires] = [before.at, between(before.at, node.at, 0.5), Math.max(1, node.wires)];
    const beyond: Level = [
      (x[i] ?? 0) - (weight[i] ?? 0) * middle[0],
      (z[i] ?? 0) - (weight[i] ?? 0) * middle[2],
    ];
    // Half of this stretch’s own weight hangs beyond its middle, a quarter of its length away.
    const own = level(between(start, node.at, 0.75), middle);
    const lever = level(end, middle);
    const pull =
      (beyond[0] + (node.weight / 2) * own[0]) * lever[0] +
      (beyond[1] + (node.weight / 2) * own[1]) * lever[1];
    sagMm += (pull * distance(start, node.at)) / (stiffness * wires);
    const all = (weight[i] ?? 0) + node.weight;
    const atStart =
      Math.hypot(
        (x[i] ?? 0) + node.weight * middle[0] - all * start[0],
        (z[i] ?? 0) + node.weight * middle[2] - all * start[2],
      ) / wires;
    if (atStart > momentNmm) [momentNmm, worst] = [atStart, start];
    i = node.parent;
  }
  return { sagMm: Math.max(0, sagMm), momentNmm, at: worst };
}

/**
 * As {@link bendingAt} for a limb that does not fork, one wire in it.
 *
 * @param places from the clamp to the tip; each weight acts in the middle of its stretch
 * @param tipN weight at the tip, N
 */
export function bending(places: readonly Place[], tipN: number, stiffness: number): Bending {
  const nodes = places.map((place, i): Node => ({ ...place, parent: i - 1, wires: 1 }));
  return bendingAt(hung(nodes, tipN), nodes.length - 1, stiffness);
}

/**
 * Load under which a slim leg buckles (Euler; Gere): π²EI ÷ (KL)².
 *
 * @param k 2 for a leg free at its top, 0.7 for one pegged below and held above
 */
export function bucklingN(stiffness: number, lengthMm: number, k: number): number {
  return (Math.PI ** 2 * stiffness) / (k * lengthMm) ** 2;
}
