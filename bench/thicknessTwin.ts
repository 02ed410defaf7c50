import { writeFileSync } from 'node:fs';
import { lowWaterFerry } from '@every-inch/core/demo';
import { makeShapeStore, type Shape } from '@every-inch/core/form';
import { distancesInside, localThickness } from '@every-inch/core/solid';
import type { Line } from './run.ts';
import { packed, runTwin } from './twins.ts';
import { timed } from './yardstick.ts';

const SOURCE = 'bench/native/thickness.cpp';
const RUNS = 5;
/** Edges of the cells that growth is measured at, miniature mm. */
const EDGES = [2, 1.5, 1.2, 1, 0.8, 0.65, 0.5, 0.42];
const SCALE = 12;

/** A solid on a grid, as the twin and the program both take it. */
interface Signed {
  readonly size: readonly [number, number, number];
  readonly signed: Float32Array;
}

function sampled(shape: Shape, cellMm: number): Signed & { readonly took: number } {
  const start = performance.now();
  const grid = shape.sample(cellMm * SCALE);
  const took = performance.now() - start;
  const signed = grid.distance.map((value) => (Number.isFinite(value) ? value / grid.cell : 1));
  return { size: grid.size as [number, number, number], signed, took };
}

function inJavaScript({ size, signed }: Signed): Float32Array {
  return localThickness(size, distancesInside(size, signed)) ?? new Float32Array(0);
}

/** The twin’s time and how far its answer is from the program’s; null where there is no compiler. */
function native({ size, signed }: Signed, own: Float32Array): { ms: number; offBy: number } | null {
  const run = runTwin(SOURCE, packed([Int32Array.from(size), signed]), RUNS);
  if (!run) return null;
  const other = new Float32Array(run.out.buffer, run.out.byteOffset, run.out.length / 4);
  let [differing, inside] = [0, 0];
  other.forEach((value, i) => {
    if (value > 0) inside += 1;
    if (Math.abs(value - (own[i] ?? 0)) > 0.5) differing += 1;
  });
  return { ms: run.ms, offBy: differing / inside };
}

/** One place of the growth plot. */
interface Grown {
  readonly cells: number;
  readonly ms: number;
}

/** Time against cells, both by their logarithms, with the line of straight growth through the last place. */
function plot(grown: readonly Grown[], yardstick: number): string {
  const [wide, high, edge] = [560, 360, 54];
  const [low, top] = [Math.floor(Math.log10(Math.min(...grown.map(({ cells }) => cells)))), 7];
  const values = grown.map(({ ms }) => Math.log10(ms / yardstick));
  const [bottom, roof] = [Math.floor(Math.min(...values)), Math.ceil(Math.max(...values))];
  const x = (cells: number) => edge + ((Math.log10(cells) - low) / (top - low)) * (wide - 2 * edge);
  const y = (ms: number) =>
    high - edge - ((Math.log10(ms / yardstick) - bottom) / (roof - bottom)) * (high - 2 * edge);
  const last = grown.at(-1) ?? { cells: 1, ms: 1 };
  const straight = (cells: number) => (last.ms * cells) / last.cells;
  const first = grown[0] ?? last;
  const text = (at: readonly [number, number], says: string, anchor = 'middle') =>
    `<text x="${at[0].toFixed(1)}" y="${at[1].toFixed(1)}" text-anchor="${anchor}">${says}</text>`;
  const ticksX = Array.from({ length: top - low + 1 }, (_, i) => 10 ** (low + i));
  const ticksY = Array.from({ length: roof - bottom + 1 }, (_, i) => 10 ** (bottom + i));
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${wide} ${high}" font-family="sans-serif" font-size="12">`,
    '<title>Time of the thickness against the cells of its grid</title>',
    `<rect width="${wide}" height="${high}" fill="#fbfcf8"/>`,
    ...ticksX.map(
      (cells) =>
        `<path d="M${x(cells).toFixed(1)} ${edge}V${high - edge}" stroke="#bcc4bc"/>${text([x(cells), high - edge + 18], `10${'⁰¹²³⁴⁵⁶⁷⁸⁹'[Math.round(Math.log10(cells))]}`)}`,
    ),
    ...ticksY.map(
      (times) =>
        `<path d="M${edge} ${y(times * yardstick).toFixed(1)}H${wide - edge}" stroke="#bcc4bc"/>${text([edge - 6, y(times * yardstick) + 4], String(times), 'end')}`,
    ),
    `<path d="M${x(first.cells).toFixed(1)} ${y(straight(first.cells)).toFixed(1)}L${x(last.cells).toFixed(1)} ${y(last.ms).toFixed(1)}" stroke="#5c6864" stroke-dasharray="5 4"/>`,
    `<polyline fill="none" stroke="#a8461f" stroke-width="2" points="${grown.map(({ cells, ms }) => `${x(cells).toFixed(1)},${y(ms).toFixed(1)}`).join(' ')}"/>`,
    ...grown.map(
      ({ cells, ms }) =>
        `<circle cx="${x(cells).toFixed(1)}" cy="${y(ms).toFixed(1)}" r="3.5" fill="#a8461f"/>`,
    ),
    text([wide / 2, high - 12], 'cells of the grid round the ferrywoman'),
    text([edge, 24], 'yardsticks for field, distances and thickness; dashed: straight growth', 'start'),
    '</svg>',
    '',
  ].join('\n');
}

/** Thickness by the program against its twin in C++, its memory, and how its time grows with the cells. */
export function twinLines(yardstick: number): Line[] {
  const woman = lowWaterFerry('2026-07-30T12:00:00Z').parts.find(({ id }) => id === 'ferrywoman');
  if (!woman) throw new Error('the ferry has no ferrywoman');
  const shape = makeShapeStore().shapeOf(woman.form);
  const empty = process.memoryUsage().rss;
  const half = sampled(shape, 0.5);
  const own = inJavaScript(half);
  const ms = timed(RUNS, () => inJavaScript(half));
  const full = process.memoryUsage().rss;
  const twin = native(half, own);
  const grown = EDGES.map((edge): Grown => {
    const grid = sampled(shape, edge);
    return { cells: grid.signed.length, ms: grid.took + timed(3, () => inJavaScript(grid)) };
  });
  writeFileSync('docs/thickness-growth.svg', plot(grown, yardstick));
  const [first, last] = [grown[2], grown.at(-1)];
  const power =
    first && last ? Math.log(last.ms / first.ms) / Math.log(last.cells / first.cells) : Number.NaN;
  return [
    {
      what: `Ferrywoman: distances and thickness, cells of half a millimetre (${Math.round(half.signed.length / 1000)} 000 in the box)`,
      got: `${ms.toFixed(0)} ms (${(ms / yardstick).toFixed(1)} yardsticks)`,
    },
    {
      what: 'Ferrywoman: the same by the C++ twin, against it',
      got: twin
        ? `${twin.ms.toFixed(0)} ms: the program takes ${(ms / twin.ms).toFixed(1)} times as long; ${(100 * twin.offBy).toFixed(2)} % of cells differ by over half a cell`
        : 'no compiler here',
      aim: 'at most 2.5 times',
    },
    {
      what: 'Thickness: growth with the number of cells, as a power',
      got: `${power.toFixed(2)}, docs/thickness-growth.svg`,
      aim: '1 (straight)',
    },
    {
      what: 'Thickness at half a millimetre: memory taken, and of the whole process with it',
      got: `${((full - empty) / 1e6).toFixed(0)} MB, ${(full / 1e6).toFixed(0)} MB`,
      aim: 'at most 300 MB',
    },
  ];
}
