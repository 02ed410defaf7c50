import { channelsOf, type Spectrum, spectrumOf } from '../../colour/index.ts';
import type { CoatLayer } from '../../piece/index.ts';
import { type LookRates, laidOn, laidOver } from '../look/look.ts';
import { sideOf } from '../zones/skin.ts';
import { placesOf, type ZonePlace } from '../zones/zoneArea.ts';
import type { ShapeMaps } from './shapeMaps.ts';

/** Steps from open to shut in, and from flat to sharp, that colours are worked out for. */
const STEPS = 9;

/** Colours by how a place lies: cavity the slow way, edge the quick one; three channels each, 0–1, as sRGB. */
export type Palette = Float32Array;

function channels(colour: string): readonly [number, number, number] {
  const at = (k: number) => Number.parseInt(colour.slice(1 + 2 * k, 3 + 2 * k), 16) / 255;
  return [at(0), at(1), at(2)];
}

/**
 * Colours of a surface after none, one, two … of its layers, for every way it may lie.
 *
 * @returns one more palette than there are layers, the bare body first
 */
export function palettesOf(body: string, layers: readonly CoatLayer[], rates: LookRates): readonly Palette[] {
  const cells = Array.from({ length: STEPS * STEPS }, (_, at) => ({
    deep: Math.floor(at / STEPS) / (STEPS - 1),
    raised: (at % STEPS) / (STEPS - 1),
  }));
  let seen: readonly Spectrum[] = cells.map(() => spectrumOf(body));
  const palette = () => Float32Array.from(seen.flatMap((spectrum) => channelsOf(spectrum)));
  const palettes = [palette()];
  for (const layer of layers) {
    seen = seen.map((ground, at) => {
      const { deep, raised } = cells[at] ?? { deep: 0, raised: 0 };
      return laidOver(layer, ground, laidOn(layer, deep, raised, rates), rates);
    });
    palettes.push(palette());
  }
  return palettes;
}

function readInto(to: Float32Array, at: number, palette: Palette, cavity: number, edge: number): void {
  const [u, v] = [cavity * (STEPS - 1), edge * (STEPS - 1)];
  const [i, j] = [Math.min(STEPS - 2, Math.floor(u)), Math.min(STEPS - 2, Math.floor(v))];
  const [a, b] = [u - i, v - j];
  const [here, next] = [3 * (i * STEPS + j), 3 * ((i + 1) * STEPS + j)];
  for (let k = 0; k < 3; k += 1)
    to[at + k] =
      ((palette[here + k] ?? 0) * (1 - b) + (palette[here + 3 + k] ?? 0) * b) * (1 - a) +
      ((palette[next + k] ?? 0) * (1 - b) + (palette[next + 3 + k] ?? 0) * b) * a;
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
 * The colour of every vertex, sRGB 0–1.
 *
 * @param bare what lies under no zone
 * @param palettes of each zone, as {@link palettesOf} gives them, after the layers that are on
 * @param isOf which zone each vertex belongs to, as {@link zonesOnMaps} gives it
 */
export function paintedColours(
  maps: Pick<ShapeMaps, 'cavity' | 'edge'>,
  bare: string,
  palettes: readonly (Palette | undefined)[],
  isOf: Uint16Array,
): Float32Array {
  const body = channels(bare);
  const colours = new Float32Array(3 * isOf.length);
  for (let v = 0; v < isOf.length; v += 1) {
    const palette = palettes[(isOf[v] ?? 0) - 1];
    if (palette) readInto(colours, 3 * v, palette, maps.cavity[v] ?? 0, maps.edge[v] ?? 0);
    else colours.set(body, 3 * v);
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
