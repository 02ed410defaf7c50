import { ZONE_SIDES, type Zone } from '../../piece/index.ts';
import type { Skin } from './skin.ts';

/** Where on a part a zone lies. */
export type ZonePlace = Pick<Zone, 'regions' | 'side' | 'lowPct' | 'highPct' | 'spots' | 'sharePct'>;

/** Edge of a box that dabs are looked up by, in dabs: as wide as the widest of them. */
function spotsNear(spots: Zone['spots']): (x: number, y: number, z: number) => boolean {
  const cell = 2 * Math.max(...spots.map(({ radiusMm }) => radiusMm));
  const key = (x: number, y: number, z: number) =>
    `${Math.floor(x / cell)} ${Math.floor(y / cell)} ${Math.floor(z / cell)}`;
  const boxes = new Map<string, Zone['spots']>();
  for (const spot of spots)
    for (const dx of [-1, 0, 1])
      for (const dy of [-1, 0, 1])
        for (const dz of [-1, 0, 1]) {
          const at = key(spot.xMm + dx * cell, spot.yMm + dy * cell, spot.zMm + dz * cell);
          const list = boxes.get(at);
          if (list) list.push(spot);
          else boxes.set(at, [spot]);
        }
  return (x, y, z) =>
    (boxes.get(key(x, y, z)) ?? []).some(
      ({ xMm, yMm, zMm, radiusMm }) => (x - xMm) ** 2 + (y - yMm) ** 2 + (z - zMm) ** 2 <= radiusMm ** 2,
    );
}

/** What a place of a surface is told by. */
export interface SurfacePlaces {
  readonly regions: readonly string[];
  readonly lowMm: number;
  readonly highMm: number;
}

/**
 * Whether a place of a part’s surface belongs to a zone, before its share.
 *
 * @returns a test of its region, from 1, the side it faces, its place in {@link ZONE_SIDES}, and where it is
 */
export function placesOf(
  { regions, lowMm, highMm }: SurfacePlaces,
  zone: Omit<ZonePlace, 'sharePct'>,
): (owner: number, facing: number, x: number, y: number, z: number) => boolean {
  const wanted = new Set(zone.regions);
  const isOfOne = regions.length <= 1;
  const isIn = regions.map((name) => wanted.has(name));
  const side = zone.side === null ? -1 : ZONE_SIDES.indexOf(zone.side);
  const tall = highMm - lowMm;
  // The ends of a part belong to the bands that reach them, however its cells cut them.
  const low = zone.lowPct <= 0 ? Number.NEGATIVE_INFINITY : lowMm + (tall * zone.lowPct) / 100;
  const high = zone.highPct >= 100 ? Number.POSITIVE_INFINITY : lowMm + (tall * zone.highPct) / 100;
  const near = zone.spots.length === 0 ? null : spotsNear(zone.spots);
  return (owner, facing, x, y, z) => {
    if (wanted.size > 0 && !(isOfOne ? wanted.has(regions[0] ?? '') : isIn[owner - 1])) return false;
    if (side >= 0 && facing !== side) return false;
    if (y < low || y > high) return false;
    return near === null || near(x, y, z);
  };
}

/** Whether each face of a skin belongs to a zone, before its share: a test of the number of a face. */
export function facesOf(skin: Skin, zone: Omit<ZonePlace, 'sharePct'>): (face: number) => boolean {
  const { middles, sides, owners } = skin;
  const isOf = placesOf(skin, zone);
  return (f) =>
    isOf(
      owners[f] ?? 0,
      sides[f] ?? 0,
      middles[3 * f] ?? 0,
      middles[3 * f + 1] ?? 0,
      middles[3 * f + 2] ?? 0,
    );
}

/** How high a zone is from its lowest place to its highest, in the frame of the part, mm; 0 for an empty one. */
export function spanMm(skin: Skin, zone: Omit<ZonePlace, 'sharePct'>): number {
  const isOf = facesOf(skin, zone);
  let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (let f = 0; f < skin.areas.length; f += 1) {
    if (!isOf(f)) continue;
    const y = skin.middles[3 * f + 1] ?? 0;
    low = Math.min(low, y);
    high = Math.max(high, y);
  }
  return Math.max(0, high - low);
}

/** Height of the lowest place of a zone above the foot of its part, in the frame of the part, mm; null for an empty one. */
export function lowestMm(skin: Skin, zone: Omit<ZonePlace, 'sharePct'>): number | null {
  const isOf = facesOf(skin, zone);
  let low = Number.POSITIVE_INFINITY;
  for (let f = 0; f < skin.areas.length; f += 1)
    if (isOf(f)) low = Math.min(low, skin.middles[3 * f + 1] ?? low);
  return Number.isFinite(low) ? low - skin.lowMm : null;
}

/** Surface of a zone in the frame of its part, mm², before its share. */
export function placeMm2(skin: Skin, zone: Omit<ZonePlace, 'sharePct'>): number {
  const isOf = facesOf(skin, zone);
  let sum = 0;
  for (let f = 0; f < skin.areas.length; f += 1) if (isOf(f)) sum += skin.areas[f] ?? 0;
  return sum;
}
