import { mouldWallMm } from '../../bulk/mouldWall.ts';
import { ballMm } from '../../bulk/shapes.ts';
import type { PartContext } from '../../context/index.ts';
import type { LaidBy, MouldChoice } from '../../piece/index.ts';
import { sourced } from '../../reckoning/index.ts';

/** Which way a laid master is pulled, in its own frame. */
export const PULL_OF: Readonly<Record<LaidBy, readonly [number, number, number]>> = {
  front: [0, 0, 1],
  top: [0, 1, 0],
  side: [1, 0, 0],
};

/** The master as it lies in its mould, miniature mm: two extents across the pull, and its height along it. */
export interface MasterSize {
  readonly acrossMm: number;
  readonly alongMm: number;
  readonly highMm: number;
  readonly volumeMm3: number;
}

/** What a mould takes of its stuff. */
export interface MouldNeed {
  readonly wallMm: number;
  /** Outside of a pressed mould, inside of a poured box. */
  readonly outerMm: readonly [number, number, number];
  readonly volumeMm3: number;
  readonly grams: number;
  /** One of two equal portions: its mass, volume, the ball it makes, or the length cut off a roll half as thick as that ball. */
  readonly half: {
    readonly grams: number;
    readonly volumeMm3: number;
    readonly ballMm: number;
    readonly rollThickMm: number;
    readonly rollMm: number;
  };
  /** How high a pour comes over the floor of its box; null for one that is pressed. */
  readonly pourMm: number | null;
}

/** The master along a pull, by its own box: each extent to the axis it lies nearest to. */
export function masterAlong(
  { shape, shrink }: PartContext,
  direction: readonly [number, number, number],
): MasterSize {
  const extents = [0, 1, 2].map((k) => ((shape.box.max[k] ?? 0) - (shape.box.min[k] ?? 0)) / shrink);
  const up = [0, 1, 2].reduce(
    (best, k) => (Math.abs(direction[k] ?? 0) > Math.abs(direction[best] ?? 0) ? k : best),
    0,
  );
  const [a = 0, b = 0] = extents.filter((_, k) => k !== up);
  return { acrossMm: a, alongMm: b, highMm: extents[up] ?? 0, volumeMm3: shape.volumeMm3 / shrink ** 3 };
}

/**
 * What a mould takes: the envelope round the master less the master, in two equal portions.
 *
 * @throws {RangeError} for a wall of 0, or a master larger than its own box
 */
export function mouldNeed(master: MasterSize, choice: MouldChoice, own: PartContext['own']): MouldNeed {
  const of = (row: string) => sourced(row, own).value;
  const largest = Math.max(master.acrossMm, master.alongMm, master.highMm);
  const isPoured = choice.kind === 'poured';
  const wall = mouldWallMm(choice, largest, own);
  if (!(wall > 0)) throw new RangeError(`a mould wants a wall over 0, got ${wall} mm`);
  const floor = isPoured ? of('mould.box-floor') : wall;
  // An open mould has its master flush with its face; a closed or a poured one goes over it too.
  const high = master.highMm + (choice.kind === 'press' || choice.kind === 'foil' ? floor : 2 * floor);
  const outer = [master.acrossMm + 2 * wall, master.alongMm + 2 * wall, high] as const;
  const envelope = outer[0] * outer[1] * outer[2];
  const volumeMm3 = envelope - master.volumeMm3;
  if (!(volumeMm3 > 0))
    throw new RangeError('the master is larger than the box round it: its solid does not close');
  const ball = ballMm(volumeMm3 / 2);
  const grams = (volumeMm3 / 1000) * of('stuff.silicone.density');
  return {
    wallMm: wall,
    outerMm: outer,
    volumeMm3,
    grams,
    half: {
      grams: grams / 2,
      volumeMm3: volumeMm3 / 2,
      ballMm: ball,
      rollThickMm: ball / 2,
      rollMm: volumeMm3 / 2 / ((Math.PI / 4) * (ball / 2) ** 2),
    },
    pourMm: isPoured ? high : null,
  };
}
