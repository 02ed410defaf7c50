import type { Vec3 } from '../form/index.ts';
import { distance, type Limb } from './limbs.ts';
import type { Wire } from './wire.ts';

/** An end of a run. */
export interface RunEnd {
  /** Whether it goes into what the part stands on. */
  readonly pegged: boolean;
  /** How far it goes in, as the maker has settled it, mm; null as the handbook has it for a peg. */
  readonly mm: number | null;
}

/** A wire to be cut and bent in one: the line of its middle, miniature mm. */
export interface Run {
  readonly name: string;
  readonly path: readonly Vec3[];
  readonly limbs: readonly Limb[];
  readonly ends: readonly [RunEnd, RunEnd];
  /** What many like wires are called together. */
  readonly group: 'tips' | 'twigs' | null;
  /** Folded at its lowest point, where both halves go in as one peg. */
  readonly isFolded: boolean;
  /** Entry of a wire that is drawn by hand; null for a proposed one. */
  readonly drawnId: string | null;
  /** What the maker has settled for this wire alone; null takes the part’s. */
  readonly wire: Wire | null;
  /** Length of one turn of its twist, mm; null as the handbook has it. */
  readonly layMm: number | null;
}

export const FREE_END: RunEnd = { pegged: false, mm: null };
export const PEG_END: RunEnd = { pegged: true, mm: null };

/** A run with nothing settled about it. */
export function plainRun(over: Pick<Run, 'name' | 'path' | 'limbs'> & Partial<Run>): Run {
  return {
    ends: [FREE_END, FREE_END],
    group: null,
    isFolded: false,
    drawnId: null,
    wire: null,
    layMm: null,
    ...over,
  };
}

/** A place where a wire goes on beyond its line. */
export interface Peg {
  readonly at: Vec3;
  /** The way it goes, of length 1: straight down into what the part stands on, or on as the wire runs. */
  readonly way: Vec3;
  readonly end: RunEnd;
}

const DOWN: Vec3 = [0, -1, 0];

function onward(from: Vec3 | undefined, to: Vec3): Vec3 {
  const length = from ? distance(from, to) : 0;
  return from && length > 0
    ? [(to[0] - from[0]) / length, (to[1] - from[1]) / length, (to[2] - from[2]) / length]
    : DOWN;
}

/** Where the wires of a part go on beyond their lines: pegs under feet, the fold of a folded one, ends let into something. */
export function goingIn(runs: readonly Run[]): Peg[] {
  return runs.flatMap(({ path, ends: [start, end], isFolded }): Peg[] => {
    const peg = (at: Vec3 | undefined, before: Vec3 | undefined, one: RunEnd): Peg[] =>
      at && (one.mm ?? (one.pegged ? 1 : 0)) > 0
        ? [{ at, way: one.pegged ? DOWN : onward(before, at), end: one }]
        : [];
    const low = isFolded ? path.reduce((a, b) => (b[1] < a[1] ? b : a)) : undefined;
    return [
      ...peg(path[0], path[1], start),
      ...peg(low, undefined, PEG_END),
      ...peg(path.at(-1), path.at(-2), end),
    ];
  });
}

/** Ends of a part’s wires that go into what it stands on. */
export function pegsOf(runs: readonly Run[]): Peg[] {
  return goingIn(runs).filter(({ end }) => end.pegged);
}

/** Two paths in one; a place that both have is passed once. The ends stay. */
export function joined(first: readonly Vec3[], second: readonly Vec3[], withinMm = 0.05): Vec3[] {
  const path: Vec3[] = [];
  const all = [...first, ...second];
  all.forEach((point, i) => {
    const before = path.at(-1);
    if (!before || distance(point, before) > withinMm) path.push(point);
    else if (i === all.length - 1 && path.length > 1) path[path.length - 1] = point;
  });
  return path;
}

/** Length of a path, mm. */
export function pathLength(path: readonly Vec3[]): number {
  return path.reduce((sum, point, i) => (i === 0 ? 0 : sum + distance(point, path[i - 1] ?? point)), 0);
}
