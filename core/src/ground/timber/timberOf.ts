import type { Timber } from '../../piece/index.ts';
import { type FramedOf, framedOf } from './framedOf.ts';

/** One kind of stick that is cut, miniature mm. */
export interface Stick {
  readonly says: string;
  readonly lengthMm: number;
  readonly count: number;
  /** How its ends are cut against square, °; null where both are. */
  readonly mitreDeg: readonly [number, number] | null;
}

/** A fence by its bays, in life mm. */
export interface FenceOf {
  readonly kind: 'fence';
  readonly bays: number;
  /** Between two posts. */
  readonly railMm: number;
  /** In each bay. */
  readonly pales: number;
}

/** A flight of steps, in life mm; its top step is the floor it leads to. */
export interface StepsOf {
  readonly kind: 'steps';
  readonly risers: number;
  readonly riseMm: number;
  readonly runMm: number;
  /** Of its slope against the ground, and how long its two sides are along that. */
  readonly angleDeg: number;
  readonly sideMm: number;
}

/** Whatever is built from sticks. */
export type Built = FenceOf | StepsOf | FramedOf;

/** What a record of sticks comes to. */
export function builtOf(timber: Timber, mostRiseMm: number): Built {
  switch (timber.kind) {
    case 'fence':
      return fenceOf(timber);
    case 'steps':
      return stepsOf(timber, mostRiseMm);
    default:
      return framedOf(timber, timber.kind);
  }
}

/** A fence of equal bays, none wider than it is told. */
export function fenceOf({ lengthMm, thickMm, stepMm, palesMm }: Timber): FenceOf {
  const bays = Math.max(1, Math.ceil((lengthMm - thickMm) / stepMm - 1e-9));
  const railMm = Math.max(0, (lengthMm - thickMm) / bays - thickMm);
  return { kind: 'fence', bays, railMm, pales: palesMm > 0 ? Math.floor(railMm / palesMm + 1e-9) : 0 };
}

/** Steps of equal rise, none higher than a stair may have. */
export function stepsOf({ heightMm, stepMm }: Timber, mostRiseMm: number): StepsOf {
  const risers = Math.max(1, Math.ceil(heightMm / mostRiseMm - 1e-9));
  const riseMm = heightMm / risers;
  const runMm = (risers - 1) * stepMm;
  return {
    kind: 'steps',
    risers,
    riseMm,
    runMm,
    angleDeg: (Math.atan2(riseMm, stepMm) * 180) / Math.PI,
    sideMm: Math.hypot(heightMm - riseMm, runMm),
  };
}

/** Members that are alike, counted together. */
function alike({ members }: FramedOf, ratio: number): Stick[] {
  const found = new Map<string, Stick>();
  for (const { says, lengthMm, mitreDeg, deep } of members) {
    const key = `${says} ${lengthMm.toFixed(3)}`;
    const there = found.get(key);
    found.set(key, { says, lengthMm: lengthMm / ratio, count: (there?.count ?? 0) + deep, mitreDeg });
  }
  return [...found.values()];
}

/** What is cut for it at scale, the longest first. */
export function sticksOf(timber: Timber, built: Built, ratio: number): readonly Stick[] {
  const stick = (says: string, mm: number, count: number, mitreDeg: Stick['mitreDeg'] = null): Stick => ({
    says,
    lengthMm: mm / ratio,
    count,
    mitreDeg,
  });
  const all =
    built.kind === 'fence'
      ? [
          stick('post', timber.heightMm, built.bays + 1),
          stick('rail', built.railMm, timber.rails * built.bays),
          stick('pale', timber.heightMm, built.pales * built.bays),
        ]
      : built.kind === 'steps'
        ? [
            // The foot is level and the head upright: each is cut as far from square as the flight leans from it.
            stick('side', built.sideMm, 2, [90 - built.angleDeg, built.angleDeg]),
            stick('tread', timber.lengthMm, built.risers - 1),
          ]
        : alike(built, ratio);
  return all
    .filter(({ count, lengthMm }) => count > 0 && lengthMm > 0)
    .sort((a, b) => b.lengthMm - a.lengthMm);
}
