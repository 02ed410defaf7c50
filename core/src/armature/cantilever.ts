import type { Vec3 } from '../form/index.ts';

/** A place along a limb that is held at its first place. */
export interface Place {
  readonly at: Vec3;
  /** Weight carried between the place before and this one, N. */
  readonly weight: number;
}

/** How a limb bears what it carries. */
export interface Bending {
  /** How far the tip goes down, mm. */
  readonly sagMm: number;
  /** Largest bending moment, N·mm, and where. */
  readonly momentNmm: number;
  readonly at: Vec3;
}

const across = (a: Vec3, b: Vec3) => Math.hypot(a[0] - b[0], a[2] - b[2]);
const apart = (a: Vec3, b: Vec3) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/**
 * Sag and moment of a limb clamped at its first place, under weights that pull straight down (unit-load method; for a
 * straight level limb δ = wL⁴/8EI and FL³/3EI, Roark). Levers are the level distances of the pose. Twisting is left out.
 *
 * @param places from the clamp to the tip; each weight acts in the middle of its stretch
 * @param tipN weight at the tip, N
 * @param stiffness EI, N·mm²
 */
export function bending(places: readonly Place[], tipN: number, stiffness: number): Bending {
  const tip = places.at(-1)?.at ?? [0, 0, 0];
  let [sagMm, momentNmm] = [0, 0];
  let worst: Vec3 = places[0]?.at ?? tip;
  const middle = (i: number): Vec3 => {
    const [a, b] = [places[i - 1]?.at ?? tip, places[i]?.at ?? tip];
    return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2, (a[2] + b[2]) / 2];
  };
  /** Moment of all that hangs beyond a place. */
  const momentAt = (from: Vec3, beyond: number): number => {
    let sum = tipN * across(tip, from);
    for (let j = beyond; j < places.length; j += 1) sum += (places[j]?.weight ?? 0) * across(middle(j), from);
    return sum;
  };
  for (let i = 1; i < places.length; i += 1) {
    const here = middle(i);
    const length = apart(places[i - 1]?.at ?? here, places[i]?.at ?? here);
    const start = places[i - 1]?.at ?? here;
    // Half of this stretch’s own weight hangs beyond its middle, a quarter of its length away.
    const own = ((places[i]?.weight ?? 0) / 2) * (across(places[i]?.at ?? here, start) / 4);
    const inMiddle = momentAt(here, i + 1) + own;
    sagMm += (inMiddle * across(tip, here) * length) / stiffness;
    const atStart = momentAt(start, i);
    if (atStart > momentNmm) {
      momentNmm = atStart;
      worst = start;
    }
  }
  return { sagMm, momentNmm, at: worst };
}

/**
 * Load under which a slim leg buckles (Euler; Gere): π²EI ÷ (KL)².
 *
 * @param k 2 for a leg free at its top, 0.7 for one pegged below and held above
 */
export function bucklingN(stiffness: number, lengthMm: number, k: number): number {
  return (Math.PI ** 2 * stiffness) / (k * lengthMm) ** 2;
}
