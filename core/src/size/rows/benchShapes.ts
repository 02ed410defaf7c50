import type { Row } from '../../sources/index.ts';
import { BENCH_THINGS } from './benchThings.ts';

/** What a thing on the bench has besides the one measure that it goes by. */
export interface BenchShape {
  /** Handbook row of its other side: itself for what is round, null for a sheet, which is cut as wide as wanted. */
  readonly other: string | null;
  /** As long as it comes, mm (common practice); null for what is cut off a sheet or a roll. */
  readonly longMm: number | null;
}

const round = (id: string, longMm: number | null): readonly [string, BenchShape] => [
  `bench.${id}`,
  { other: `bench.${id}`, longMm },
];
const flat = (id: string, longMm: number): readonly [string, BenchShape] => [
  `bench.${id}`,
  { other: `bench.${id}-thickness`, longMm },
];

const SHAPES: ReadonlyMap<string, BenchShape> = new Map([
  round('cocktail-stick', 80),
  round('skewer', 250),
  round('toothpick', 65),
  round('toothpick-tip', 10),
  flat('stirrer', 140),
  flat('craft-stick', 114),
  flat('tongue-depressor', 150),
  ...['3-16', '1-4', '3-8', '1-2', '3-4', '1'].map((size) => round(`dowel-${size}`, 900)),
  round('straw', 200),
  round('cotton-bud', 70),
  round('pin', 26),
  round('paper-clip', 90),
  ...[2, 3, 4, 6].map((mm) => round(`bead-${mm}`, mm)),
  round('match', 45),
  round('string-thin', null),
  round('string', null),
  round('thread', null),
]);

const SHEET: BenchShape = { other: null, longMm: null };

/** Things that are told by another row: the thickness of a stick is a side of the stick. */
const SIDES = new Set([...SHAPES.values()].flatMap(({ other }) => (other === null ? [] : [other])));

/** Every thing once, with its other side and its length. */
export const BENCH_SHAPES: readonly (BenchShape & { readonly row: Row })[] = BENCH_THINGS.filter(
  ({ id }) => SHAPES.has(id) || !SIDES.has(id),
).map((row) => ({ row, ...(SHAPES.get(row.id) ?? SHEET) }));
