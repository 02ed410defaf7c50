import { colourOf, type Spectrum, spectrumOf } from '../../colour/index.ts';
import type { CoatLayer } from '../../piece/index.ts';
import { type LookRates, laidOn, laidOver } from '../look/look.ts';
import { sideOf } from '../zones/skin.ts';
import { placesOf, type ZonePlace } from '../zones/zoneArea.ts';
import type { ShapeMaps } from './shapeMaps.ts';

/** A zone as it is painted on a form. */
export interface PaintedZone extends ZonePlace {
  readonly id: string;
  readonly layers: readonly CoatLayer[];
}

/** Steps from open to shut in, and from flat to sharp, that colours are worked out for. */
const STEPS = 9;

/** Colours by how a place lies: cavity the slow way, edge the quick one; three channels each, 0–1, as sRGB. */
type Palette = Float32Array;

function channels(colour: string): readonly [number, number, number] {
  const at = (k: number) => Number.parseInt(colour.slice(1 + 2 * k, 3 + 2 * k), 16) / 255;
  return [at(0), at(1), at(2)];
}

/** Colours of a surface after so many of its layers, for every way it may lie. */
export function paletteOf(body: string, layers: readonly CoatLayer[], rates: LookRates): Palette {
  const bare = spectrumOf(body);
  const palette = new Float32Array(STEPS * STEPS * 3);
  for (let c = 0; c < STEPS; c += 1)
    for (let e = 0; e < STEPS; e += 1) {
      const [deep, raised] = [c / (STEPS - 1), e / (STEPS - 1)];
      const seen = layers.reduce<Spectrum>(
        (ground, layer) => laidOver(layer, ground, laidOn(layer, deep, raised, rates), rates),
        bare,
      );
      palette.set(channels(colourOf(seen)), 3 * (c * STEPS + e));
    }
  return palette;
}

function readInto(to: Float32Array, at: number, palette: Palette, cavity: number, edge: number): void {
  const [u, v] = [cavity * (STEPS - 1), edge * (STEPS - 1)];
  const [i, j] = [Math.min(STEPS - 2, Math.floor(u)), Math.min(STEPS - 2, Math.floor(v))];
  const [a, b] = [u - i, v - j];
  for (let k = 0; k < 3; k += 1) {
    const of = (di: number, dj: number) => palette[3 * ((i + di) * STEPS + j + dj) + k] ?? 0;
    to[at + k] = (of(0, 0) * (1 - b) + of(0, 1) * b) * (1 - a) + (of(1, 0) * (1 - b) + of(1, 1) * b) * a;
  }
}

/** Which zone each vertex belongs to, from 1, the last that covers it; 0 for none. */
export function zonesOnMaps(maps: ShapeMaps, zones: readonly ZonePlace[]): Uint16Array {
  const { positions, normals, owners } = maps;
  const found = new Uint16Array(owners.length);
  const tests = zones.map((zone) => placesOf(maps, zone));
  for (let v = 0; v < found.length; v += 1) {
    const i = 3 * v;
    const side = sideOf(normals[i] ?? 0, normals[i + 1] ?? 0, normals[i + 2] ?? 0);
    const [x, y, z] = [positions[i] ?? 0, positions[i + 1] ?? 0, positions[i + 2] ?? 0];
    for (let n = tests.length; n > 0 && found[v] === 0; n -= 1)
      if (tests[n - 1]?.(owners[v] ?? 0, side, x, y, z)) found[v] = n;
  }
  return found;
}

/** What of a form is shown: the paint of its zones, or one of the maps it follows from. */
export const SHOWN_MAPS = ['paint', 'cavity', 'edge', 'lit', 'open'] as const;
export type ShownMap = (typeof SHOWN_MAPS)[number];

/**
 * The colour of every vertex, sRGB 0–1: each zone after so many of its layers, the bare body elsewhere.
 *
 * @param isOf which zone each vertex belongs to, as {@link zonesOnMaps} gives it
 * @param steps layers that are on, of each zone
 */
export function paintedColours(
  maps: ShapeMaps,
  body: string,
  zones: readonly PaintedZone[],
  isOf: Uint16Array,
  steps: (zone: PaintedZone) => number,
  rates: LookRates,
): Float32Array {
  const bare = channels(body);
  const palettes = zones.map((zone) => paletteOf(body, zone.layers.slice(0, steps(zone)), rates));
  const colours = new Float32Array(3 * isOf.length);
  for (let v = 0; v < isOf.length; v += 1) {
    const palette = palettes[(isOf[v] ?? 0) - 1];
    if (palette) readInto(colours, 3 * v, palette, maps.cavity[v] ?? 0, maps.edge[v] ?? 0);
    else colours.set(bare, 3 * v);
  }
  return colours;
}

/** A map in one colour: what lies so, from none to all. */
export function mapColours(values: Float32Array, from: string, to: string): Float32Array {
  const [a, b] = [channels(from), channels(to)];
  const colours = new Float32Array(3 * values.length);
  for (let v = 0; v < values.length; v += 1) {
    const share = values[v] ?? 0;
    for (let k = 0; k < 3; k += 1) colours[3 * v + k] = (a[k] ?? 0) * (1 - share) + (b[k] ?? 0) * share;
  }
  return colours;
}
