import { type Contour, contours } from '../solid/index.ts';
import type { Pixels } from './squared.ts';

/** A picture whose thing cannot be told from what is behind it. */
export class NoEdgeError extends Error {
  override readonly name = 'NoEdgeError';
}

/** Pixels along each edge of a picture that are taken for what is behind the thing. */
const RIM = 0.03;
/** Less of a picture than this is a speck. */
const LEAST_SHARE = 0.002;

/** How far colours are from the middle of those round the rim, 0 to 441. */
function farFromRim({ width, height, data }: Pixels): Float32Array {
  const depth = Math.max(1, Math.round(RIM * Math.min(width, height)));
  const isRim = (x: number, y: number) => x < depth || y < depth || x >= width - depth || y >= height - depth;
  const channels: number[][] = [[], [], []];
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1)
      if (isRim(x, y))
        for (const [k, all] of channels.entries()) all.push(data[4 * (y * width + x) + k] ?? 0);
  const middle = channels.map((all) => all.sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? 0);
  const far = new Float32Array(width * height);
  for (let at = 0; at < far.length; at += 1)
    far[at] = Math.hypot(...middle.map((value, k) => (data[4 * at + k] ?? 0) - value));
  return far;
}

/**
 * The level that parts two heaps of values best: the one with the most variance between them.
 *
 * Source: N. Otsu, “A threshold selection method from gray-level histograms”, IEEE Trans. Syst. Man Cybern. 9 (1979) 62–66.
 */
function partingLevel(values: Float32Array): number {
  const BINS = 128;
  const most = values.reduce((a, b) => Math.max(a, b), 0);
  const counts = new Float64Array(BINS);
  for (const value of values) {
    const bin = Math.min(BINS - 1, Math.floor((value / (most || 1)) * BINS));
    counts[bin] = (counts[bin] ?? 0) + 1;
  }
  const sum = counts.reduce((all, count, i) => all + i * count, 0);
  let [below, sumBelow, best, at] = [0, 0, -1, 0];
  for (let i = 0; i < BINS - 1; i += 1) {
    below += counts[i] ?? 0;
    sumBelow += i * (counts[i] ?? 0);
    const above = values.length - below;
    if (below === 0 || above === 0) continue;
    const between = below * above * (sumBelow / below - (sum - sumBelow) / above) ** 2;
    if (between > best) [best, at] = [between, i];
  }
  return ((at + 1) / BINS) * most;
}

function areaOf(line: Contour): number {
  return line.reduce((all, [x, y], i) => {
    const [u, v] = line[(i + 1) % line.length] ?? [x, y];
    return all + (x * v - u * y) / 2;
  }, 0);
}

/**
 * The edge of the largest thing in a picture, that stands out from an even ground.
 *
 * @returns places along it, pixels to the right and up from the lower left corner
 * @throws {NoEdgeError} when nothing stands out
 */
export function edgeOf(pixels: Pixels): Contour {
  const { width, height } = pixels;
  const far = farFromRim(pixels);
  const level = partingLevel(far);
  // A rim of ground all round closes what touches the edge of the picture.
  const [nx, ny] = [width + 2, height + 2];
  const value = new Float32Array(nx * ny).fill(level > 0 ? level : 1);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) value[(height - y) * nx + x + 1] = level - (far[y * width + x] ?? 0);
  const found = level > 0 ? contours({ min: [-1, -1], size: [nx, ny], cell: 1, value }) : [];
  const largest = found.reduce<Contour | null>((a, b) => (a && areaOf(a) >= areaOf(b) ? a : b), null);
  if (!largest || areaOf(largest) < LEAST_SHARE * width * height)
    throw new NoEdgeError(
      'nothing stands out in this picture: take it before one even ground, or draw over it',
    );
  return largest;
}
