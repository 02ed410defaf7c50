import type { Ring } from '../../form/index.ts';
import type { Timber, TimberKind } from '../../piece/index.ts';

/** One stick of what is framed, seen from the front; in life mm. */
export interface Member {
  readonly says: string;
  /** From tip to tip. */
  readonly lengthMm: number;
  /** How its ends are cut against square, °; null where both are. */
  readonly mitreDeg: readonly [number, number] | null;
  /** As it is seen; null for one that runs from the front to the back. */
  readonly ring: Ring | null;
  /** How many of it lie behind one another. */
  readonly deep: number;
}

/** Kinds that are built up member by member. */
export type FramedKind = Exclude<TimberKind, 'fence' | 'steps'>;

/** Something built up member by member. */
export interface FramedOf {
  readonly kind: FramedKind;
  readonly members: readonly Member[];
  /** Between two balusters or bars; null where there are none. */
  readonly gapMm: number | null;
}

const box = (left: number, bottom: number, wide: number, high: number): Ring => [
  [left, bottom],
  [left + wide, bottom],
  [left + wide, bottom + high],
  [left, bottom + high],
];

const upright = (
  says: string,
  left: number,
  bottom: number,
  thick: number,
  high: number,
  deep = 1,
): Member => ({
  says,
  lengthMm: high,
  mitreDeg: null,
  ring: box(left, bottom, thick, high),
  deep,
});
const level = (
  says: string,
  left: number,
  bottom: number,
  wide: number,
  thick: number,
  deep = 1,
): Member => ({
  says,
  lengthMm: wide,
  mitreDeg: null,
  ring: box(left, bottom, wide, thick),
  deep,
});
const behind = (says: string, lengthMm: number, count: number): Member[] =>
  Array.from({ length: count }, () => ({ says, lengthMm, mitreDeg: null, ring: null, deep: 1 }));

/** Places of so many sticks of a thickness at equal gaps between two ends. */
function spread(count: number, from: number, to: number, thick: number): readonly number[] {
  const gap = (to - from - count * thick) / (count + 1);
  return Array.from({ length: count }, (_, k) => from + gap + k * (gap + thick));
}

/** How many sticks stand between two ends so that they are no farther apart than a step. */
function fewest(roomMm: number, stepMm: number, thick: number): number {
  return stepMm > 0 ? Math.max(0, Math.ceil((roomMm - stepMm + thick) / stepMm - 1e-9)) : 0;
}

/**
 * A stick across a rectangle from corner to corner, its ends cut flush with the uprights: h cos a − w sin a = t, so
 * a = arccos(t ÷ √(w² + h²)) − arctan(w ÷ h).
 *
 * @returns its slope, °, and its length from tip to tip; null where it does not fit
 * @example braceIn(400, 300, 0) // { angleDeg: 36.87, lengthMm: 500 }
 */
export function braceIn(wideMm: number, highMm: number, thickMm: number) {
  const across = Math.hypot(wideMm, highMm);
  if (!(wideMm > 0) || thickMm >= highMm) return null;
  const angle = Math.acos(thickMm / across) - Math.atan2(wideMm, highMm);
  return {
    angleDeg: (angle * 180) / Math.PI,
    lengthMm: wideMm / Math.cos(angle) + thickMm * Math.tan(angle),
  };
}

/** Posts under a handrail, with balusters on a lower rail. */
function railing({ lengthMm: long, heightMm: high, thickMm: t, stepMm, palesMm, rails }: Timber): FramedOf {
  const bays = Math.max(1, Math.ceil((long - t) / stepMm - 1e-9));
  const step = (long - t) / bays;
  const room = step - t;
  const posts = Array.from({ length: bays + 1 }, (_, k) => upright('post', k * step, 0, t, high - t));
  const count = fewest(room, palesMm, t);
  const inBay = Array.from({ length: bays }, (_, k): Member[] => {
    const from = k * step + t;
    const low = level('lower rail', from, t, room, t);
    const middle = spread(Math.max(0, rails - 2), 2 * t, high - t, t).map((up) =>
      level('rail', from, up, room, t),
    );
    // Balusters stand between the lower rail and the handrail.
    const bars = spread(count, from, from + room, t).map((at) =>
      upright('baluster', at, 2 * t, t, high - 3 * t),
    );
    return [low, ...middle, ...bars];
  }).flat();
  return {
    kind: 'railing',
    members: [level('handrail', 0, high - t, long, t), ...posts, ...inBay],
    gapMm: palesMm > 0 ? (room - count * t) / (count + 1) : null,
  };
}

/** Two stiles with rails between them, a brace up from the foot of the hinge side, and boards over it. */
function gate({ lengthMm: long, heightMm: high, thickMm: t, palesMm, rails }: Timber): FramedOf {
  const room = long - 2 * t;
  const all = Math.max(2, rails);
  const low = t;
  const top = high - 2 * t;
  const ups = Array.from({ length: all }, (_, k) => low + ((top - low) * k) / (all - 1));
  const inner = top - low - t;
  const brace = braceIn(room, inner, t);
  const count = palesMm > 0 ? Math.max(0, Math.floor((long + palesMm - t) / palesMm)) : 0;
  const across = brace ? Math.tan((brace.angleDeg * Math.PI) / 180) * room : 0;
  const thick = brace ? t / Math.cos((brace.angleDeg * Math.PI) / 180) : 0;
  return {
    kind: 'gate',
    members: [
      upright('stile', 0, 0, t, high),
      upright('stile', long - t, 0, t, high),
      ...ups.map((up) => level('rail', t, up, room, t)),
      ...(brace
        ? [
            {
              says: 'brace',
              lengthMm: brace.lengthMm,
              mitreDeg: [brace.angleDeg, brace.angleDeg],
              ring: [
                [t, low + t],
                [long - t, low + t + across],
                [long - t, low + t + across + thick],
                [t, low + t + thick],
              ],
              deep: 1,
            } satisfies Member,
          ]
        : []),
      ...Array.from({ length: count }, (_, k) =>
        upright('board', count > 1 ? ((long - t) * k) / (count - 1) : (long - t) / 2, 0, t, high),
      ),
    ],
    gapMm: null,
  };
}

/** Four uprights with shelves, each of two long bearers and two short ones. */
function rack({ lengthMm: long, heightMm: high, thickMm: t, palesMm: deep, rails }: Timber): FramedOf {
  const shelves = Math.max(1, rails);
  const ups = Array.from({ length: shelves }, (_, k) => ((high - t) * (k + 1)) / shelves);
  return {
    kind: 'rack',
    members: [
      upright('upright', 0, 0, t, high, 2),
      upright('upright', long - t, 0, t, high, 2),
      ...ups.map((up) => level('bearer', t, up, long - 2 * t, t, 2)),
      ...behind('end of a shelf', Math.max(0, deep - 2 * t), 2 * shelves),
    ],
    gapMm: null,
  };
}

/** Slats on pairs of legs, each pair under a cross-piece. */
function bench({
  lengthMm: long,
  heightMm: high,
  thickMm: t,
  stepMm,
  palesMm: deep,
  rails,
}: Timber): FramedOf {
  const bays = Math.max(1, Math.ceil((long - t) / stepMm - 1e-9));
  const step = (long - t) / bays;
  const slats = Math.max(1, rails);
  return {
    kind: 'bench',
    members: [
      level('slat', 0, high - t, long, t, slats),
      ...Array.from({ length: bays + 1 }, (_, k) => upright('leg', k * step, 0, t, high - 2 * t, 2)),
      ...behind('cross-piece', deep, bays + 1),
    ],
    gapMm: slats > 1 ? (deep - slats * t) / (slats - 1) : null,
  };
}

/** Four sides mitred at their corners. */
function frame({ lengthMm: long, heightMm: high, thickMm: t }: Timber): FramedOf {
  const side = (says: string, lengthMm: number, ring: Ring): Member => ({
    says,
    lengthMm,
    mitreDeg: [45, 45],
    ring,
    deep: 1,
  });
  const inner = { l: t, b: t, r: long - t, t: high - t };
  const rail = (at: number, within: number): Ring => [
    [0, at],
    [long, at],
    [inner.r, within],
    [inner.l, within],
  ];
  const stile = (at: number, within: number): Ring => [
    [at, 0],
    [within, inner.b],
    [within, inner.t],
    [at, high],
  ];
  return {
    kind: 'frame',
    members: [
      side('rail', long, rail(0, inner.b)),
      side('rail', long, rail(high, inner.t)),
      side('stile', high, stile(0, inner.l)),
      side('stile', high, stile(long, inner.r)),
    ],
    gapMm: null,
  };
}

/** Bars up and across, halved into one another where they cross. */
function grid({ lengthMm: long, heightMm: high, thickMm: t, palesMm, rails }: Timber): FramedOf {
  const between = fewest(long - 2 * t, palesMm, t);
  const ups = [0, ...spread(between, t, long - t, t), long - t];
  const levels = [0, ...spread(Math.max(0, rails - 2), t, high - t, t), high - t];
  return {
    kind: 'grid',
    members: [
      ...ups.map((at) => upright('upright bar', at, 0, t, high)),
      ...levels.map((up) => level('level bar', 0, up, long, t)),
    ],
    gapMm: (long - 2 * t - between * t) / (between + 1),
  };
}

const BUILD: Readonly<Record<FramedKind, (timber: Timber) => FramedOf>> = {
  railing,
  gate,
  rack,
  bench,
  frame,
  grid,
};

/** More sticks than this are not laid out one by one. */
const MOST_MEMBERS = 3000;

/** About how many sticks a record asks for, found without building it. */
function roughly({ lengthMm, stepMm, palesMm, rails }: Timber): number {
  const bays = Math.max(1, lengthMm / stepMm);
  const bars = palesMm > 0 ? lengthMm / palesMm : 0;
  return bays * (2 + rails) + bars;
}

/** What is framed, member by member from the front; lengths in life. */
export function framedOf(timber: Timber, kind: FramedKind): FramedOf {
  if (whyNotFramed(timber) !== null) return { kind, members: [], gapMm: null };
  const built = BUILD[kind](timber);
  return { ...built, members: built.members.filter(({ lengthMm }) => lengthMm > 0) };
}

/** Why it cannot be built so; null where it can. */
export function whyNotFramed(timber: Timber): string | null {
  const { kind, lengthMm, heightMm, thickMm, palesMm, rails } = timber;
  if (roughly(timber) > MOST_MEMBERS) return `it would take more than ${MOST_MEMBERS} sticks`;
  if (lengthMm <= 2 * thickMm || heightMm <= 3 * thickMm) return 'its sticks leave no room between them';
  if ((kind === 'rack' || kind === 'bench') && palesMm <= 2 * thickMm)
    return 'its sticks leave no room between its front and its back';
  if (kind === 'bench' && Math.max(1, rails) * thickMm > palesMm)
    return 'so many slats are wider than the bench';
  return null;
}
