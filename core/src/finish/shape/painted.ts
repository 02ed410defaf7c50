import { channelsOf, type Spectrum, spectrumOf } from '../../colour/index.ts';
import type { CoatLayer, Settling, Zone } from '../../piece/index.ts';
import { coatRow } from '../coats/coats.ts';
import { type LookRates, laidOn, laidOver } from '../look/look.ts';
import { sideOf } from '../zones/skin.ts';
import { placesOf, type ZonePlace } from '../zones/zoneArea.ts';
import { settleOf } from './settles.ts';
import type { ShapeMaps } from './shapeMaps.ts';

/** Steps from open to shut in, and from flat to sharp, that colours are worked out for. */
const STEPS = 9;

/** Colours by how a place lies: cavity the slow way, edge the quick one; three channels each, 0–1, as sRGB. */
export type Palette = Float32Array;

function channels(colour: string): readonly [number, number, number] {
  const at = (k: number) => Number.parseInt(colour.slice(1 + 2 * k, 3 + 2 * k), 16) / 255;
  return [at(0), at(1), at(2)];
}

/** Layers that lie by themselves and are drawn, of one surface: each doubles what is worked out. */
export const MOST_SETTLED = 5;

/** A surface with some of its layers on. */
export interface PaintedStep {
  /** What of them lies by itself, in their order. */
  readonly settled: readonly Settling[];
  /** Colours with each of those and without: the palette at 1 is with the first alone, at 2 with the second alone, at 3 with both. */
  readonly palettes: readonly Palette[];
}

/**
 * Colours of a surface after none, one, two … of its layers, for every way it may lie. Where a layer lies by itself, it lies
 * beside what it does not cover: what is laid over both is laid over each.
 *
 * @returns one more than there are layers, the bare body first
 */
export function palettesOf(
  body: string,
  layers: readonly CoatLayer[],
  rates: LookRates,
): readonly PaintedStep[] {
  const cells = Array.from({ length: STEPS * STEPS }, (_, at) => ({
    deep: Math.floor(at / STEPS) / (STEPS - 1),
    raised: (at % STEPS) / (STEPS - 1),
  }));
  let seen: readonly (readonly Spectrum[])[] = [cells.map(() => spectrumOf(body))];
  let settled: readonly Settling[] = [];
  const step = (): PaintedStep => ({
    settled,
    palettes: seen.map((branch) => Float32Array.from(branch.flatMap((spectrum) => channelsOf(spectrum)))),
  });
  const steps = [step()];
  for (const layer of layers) {
    const over = (branch: readonly Spectrum[]) =>
      branch.map((ground, at) => {
        const { deep, raised } = cells[at] ?? { deep: 0, raised: 0 };
        return laidOver(layer, ground, laidOn(layer, deep, raised, rates), rates);
      });
    if (layer.lies === null) seen = seen.map(over);
    else if (settled.length < MOST_SETTLED && layer.of !== null && layer.colour !== null) {
      seen = [...seen, ...seen.map(over)];
      settled = [...settled, layer.lies];
    }
    steps.push(step());
  }
  return steps;
}

/** Light of the 256 steps of a channel as it is stored (IEC 61966-2-1). */
const LIGHT = Float32Array.from({ length: 256 }, (_, i) => {
  const s = i / 255;
  return s <= 0.04045 ? s / 12.92 : ((s + 0.055) / 1.055) ** 2.4;
});
const lightOf = (s: number) => LIGHT[Math.round(255 * s)] ?? 0;
/** What is stored for a light, by its steps. */
const STORED_STEPS = 4096;
const STORED = Float32Array.from({ length: STORED_STEPS + 1 }, (_, i) => {
  const light = i / STORED_STEPS;
  return light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055;
});
const storedAs = (light: number) => STORED[Math.round(STORED_STEPS * Math.min(1, Math.max(0, light)))] ?? 0;

/**
 * What lies beside each other on one place is seen as the light of all of it, each by its share.
 *
 * @param settled how far each of what lies by itself covers every vertex
 */
function blendInto(
  to: Float32Array,
  v: number,
  { palettes }: PaintedStep,
  [cavity, edge]: readonly [cavity: number, edge: number],
  settled: readonly Float32Array[],
): void {
  let [r, g, b] = [0, 0, 0];
  const at = 3 * v;
  for (let bits = 0; bits < palettes.length; bits += 1) {
    let weight = 1;
    for (let k = 0; 1 << k < palettes.length; k += 1) {
      const share = settled[k]?.[v] ?? 0;
      weight *= (bits >> k) & 1 ? share : 1 - share;
    }
    const palette = palettes[bits];
    if (weight < 1e-4 || !palette) continue;
    readInto(to, at, palette, cavity, edge);
    if (weight > 0.9999) return;
    r += weight * lightOf(to[at] ?? 0);
    g += weight * lightOf(to[at + 1] ?? 0);
    b += weight * lightOf(to[at + 2] ?? 0);
  }
  to[at] = storedAs(r);
  to[at + 1] = storedAs(g);
  to[at + 2] = storedAs(b);
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
export const SHOWN_MAPS = ['paint', 'sheen', 'cavity', 'edge', 'lit', 'open', 'shelter', 'run'] as const;
export type ShownMap = (typeof SHOWN_MAPS)[number];

const NONE: readonly Float32Array[] = [];

/**
 * The colour of every vertex, sRGB 0–1.
 *
 * @param bare what lies under no zone
 * @param steps of each zone, as {@link palettesOf} gives them, after the layers that are on
 * @param isOf which zone each vertex belongs to, as {@link zonesOnMaps} gives it
 * @param settled of each zone, how far each of what lies by itself covers every vertex, as {@link settledOfZone} gives it
 */
export function paintedColours(
  maps: Pick<ShapeMaps, 'cavity' | 'edge'>,
  bare: string,
  steps: readonly (PaintedStep | undefined)[],
  isOf: Uint16Array,
  settled: readonly (readonly Float32Array[])[],
): Float32Array {
  const body = channels(bare);
  const colours = new Float32Array(3 * isOf.length);
  for (let v = 0; v < isOf.length; v += 1) {
    const zone = (isOf[v] ?? 0) - 1;
    const step = steps[zone];
    const [first] = step?.palettes ?? [];
    const [cavity, edge] = [maps.cavity[v] ?? 0, maps.edge[v] ?? 0];
    if (!step || !first) colours.set(body, 3 * v);
    else if (step.settled.length === 0) readInto(colours, 3 * v, first, cavity, edge);
    else blendInto(colours, v, step, [cavity, edge], settled[zone] ?? NONE);
  }
  return colours;
}

/** How far each layer of a zone that lies by itself covers every vertex, those that are drawn, in their order. */
export function settledOfZone(
  maps: ShapeMaps,
  { layers, ...band }: Pick<Zone, 'lowPct' | 'highPct'> & { readonly layers: readonly CoatLayer[] },
  shrink: number,
): readonly Float32Array[] {
  return layers
    .flatMap(({ lies, of, colour }) => (lies !== null && of !== null && colour !== null ? [lies] : []))
    .slice(0, MOST_SETTLED)
    .map((lies) => settleOf(maps, lies, { shrink, band }));
}

/** How much a surface shines at last, from matt to gloss, 0–1: by the last of its layers that shines or dulls. */
export function shineOf(layers: readonly Pick<CoatLayer, 'of' | 'lies'>[]): number {
  const sheens = layers.flatMap(({ of, lies }) =>
    of === null || lies !== null ? [] : (coatRow(of).sheen ?? []),
  );
  const last = sheens.at(-1) ?? 'matt';
  return { matt: 0, satin: 0.5, gloss: 1 }[last];
}

/** How much every place of a form shines, 0–1; what lies in no zone is matt. */
export function sheenOn(
  isOf: Uint16Array,
  zones: readonly { readonly layers: readonly Pick<CoatLayer, 'of' | 'lies'>[] }[],
): Float32Array {
  const shines = zones.map(({ layers }) => shineOf(layers));
  return Float32Array.from(isOf, (zone) => shines[zone - 1] ?? 0);
}

/** What of a form is shown by a map: how much of each place, 0–1. */
export function shownOf(
  maps: ShapeMaps,
  shown: Exclude<ShownMap, 'paint' | 'sheen'>,
  shrink: number,
): Float32Array {
  return shown === 'shelter' || shown === 'run'
    ? settleOf(maps, shown, { shrink, band: { lowPct: 0, highPct: 100 } })
    : maps[shown];
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
