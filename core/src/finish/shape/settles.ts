import type { Settling, Zone } from '../../piece/index.ts';
import { sideOf } from '../zones/skin.ts';
import { placesOf } from '../zones/zoneArea.ts';
import { BALLS_MM, type ShapeMaps } from './shapeMaps.ts';

/** What is looked at of a surface to tell where matter lies on it. */
export type SettleMaps = Pick<
  ShapeMaps,
  'positions' | 'normals' | 'cavity' | 'edge' | 'open' | 'run' | 'lowMm' | 'highMm'
>;

/** Where a foot reaches up to: the heights of a zone, shares of the part’s, %. */
export type SettleBand = Pick<Zone, 'lowPct' | 'highPct'>;

/** What falls lies where the surface is flatter than the first, and stays off what is steeper than the second; as cosines. */
const LIES = Math.cos(Math.PI / 6);
const SLIDES = Math.cos(Math.PI / 3);
/** Water that runs over a place leaves its full mark at so much of it, in the miniature: mm³ a mm for each mm of rain. */
const STREAKS = 6;

const within = (value: number) => Math.min(1, Math.max(0, value));

/**
 * How far matter comes to lie at every place of a surface, 0 none to 1 all over it:
 *
 * - `sky`: what falls from above lies on what is open to it and flat enough
 * - `shelter`: in folds, and where something is over what would lie open
 * - `fold`, `edge`: as washes settle, and as things wear
 * - `foot`: from the lowest place up, thinning out to the top of the zone
 * - `run`: where rain runs off steep faces
 *
 * @param shrink part’s frame ÷ miniature
 */
export function settleOf(
  maps: SettleMaps,
  lies: Settling,
  { shrink, band }: { readonly shrink: number; readonly band: SettleBand },
): Float32Array {
  const { positions, normals, cavity, edge, open, run } = maps;
  const tall = maps.highMm - maps.lowMm;
  const low = maps.lowMm + (tall * band.lowPct) / 100;
  const high = maps.lowMm + (tall * band.highPct) / 100;
  const up = (v: number) => normals[3 * v + 1] ?? 0;
  const places: Readonly<Record<Settling, (v: number) => number>> = {
    sky: (v) => ((open[v] ?? 0) - SLIDES) / (LIES - SLIDES),
    shelter: (v) => (cavity[v] ?? 0) + (up(v) > 0 ? up(v) - (open[v] ?? 0) : 0),
    fold: (v) => cavity[v] ?? 0,
    edge: (v) => edge[v] ?? 0,
    foot: (v) => 1 - ((positions[3 * v + 1] ?? 0) - low) / Math.max(1e-9, high - low),
    run: (v) => ((run[v] ?? 0) / (STREAKS * shrink)) * within(1 - up(v)),
  };
  const place = places[lies];
  return Float32Array.from(cavity, (_, v) => within(place(v)));
}

/**
 * How much of what is told of edges on coarse cells is there on fine ones: the band along an edge is as wide as the ball that it
 * was found with.
 */
export function edgeShare({ edgeBallMm }: Pick<ShapeMaps, 'edgeBallMm'>, shrink: number): number {
  return Math.min(1, (BALLS_MM[0] * shrink) / edgeBallMm);
}

/** How matter lies on a zone: the share of its surface, and how wide what it lies on is. */
export interface Settled {
  /** 0–1. */
  readonly share: number;
  /** Twice its surface by its outline: the width of a ledge that is long; the part’s own frame, mm. */
  readonly wideMm: number;
}

type Corner = readonly [number, number, number];

/** How far the outline, where half of the surface is covered, runs over a triangle. */
function crossing(corners: readonly Corner[], of: readonly number[]): number {
  const ends = [0, 1, 2].flatMap((k): Corner[] => {
    const [from, to] = [of[k] ?? 0, of[(k + 1) % 3] ?? 0];
    const [a, b] = [corners[k], corners[(k + 1) % 3]];
    if (!a || !b || from >= 0.5 === to >= 0.5) return [];
    const s = (0.5 - from) / (to - from);
    return [[a[0] + s * (b[0] - a[0]), a[1] + s * (b[1] - a[1]), a[2] + s * (b[2] - a[2])]];
  });
  const [a, b] = ends;
  return a && b ? Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]) : 0;
}

/**
 * The share of a zone’s surface that matter lies on, and the mean width of what it lies on.
 *
 * @param settled as {@link settleOf} gives it
 */
export function settledOn(maps: ShapeMaps, zone: Zone, settled: Float32Array): Settled {
  const { positions, normals, triangles, owners } = maps;
  const isOf = placesOf(maps, zone);
  const lies = Float32Array.from(settled, (share, v) => {
    const side = sideOf(normals[3 * v] ?? 0, normals[3 * v + 1] ?? 0, normals[3 * v + 2] ?? 0);
    const [x, y, z] = [positions[3 * v] ?? 0, positions[3 * v + 1] ?? 0, positions[3 * v + 2] ?? 0];
    return isOf(owners[v] ?? 0, side, x, y, z) ? share : -1;
  });
  let [whole, covered, heavy, outline] = [0, 0, 0, 0];
  const corner = (v: number) =>
    [positions[3 * v] ?? 0, positions[3 * v + 1] ?? 0, positions[3 * v + 2] ?? 0] as const;
  for (let t = 0; t < triangles.length; t += 3) {
    const numbers = [triangles[t] ?? 0, triangles[t + 1] ?? 0, triangles[t + 2] ?? 0] as const;
    const of = numbers.map((v) => lies[v] ?? -1);
    const within = of.filter((share) => share >= 0).length;
    if (within === 0) continue;
    const [a, b, c] = [corner(numbers[0]), corner(numbers[1]), corner(numbers[2])];
    const [ux, uy, uz] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    const [wx, wy, wz] = [c[0] - a[0], c[1] - a[1], c[2] - a[2]];
    // What lies ends where the form turns away, though its zone may end there as well.
    outline += crossing(
      [a, b, c],
      numbers.map((v) => settled[v] ?? 0),
    );
    if (within < 3) continue;
    const area = Math.hypot(uy * wz - uz * wy, uz * wx - ux * wz, ux * wy - uy * wx) / 2;
    whole += area;
    covered += (area * of.reduce((sum, share) => sum + share, 0)) / 3;
    const under = of.filter((share) => share >= 0.5).length;
    heavy += (area * under) / 3;
  }
  return {
    share: whole > 0 ? covered / whole : 0,
    wideMm: outline > 0 ? (2 * heavy) / outline : Math.sqrt(heavy),
  };
}
