import { boundedKnapsack, type Sizes } from './fill.ts';

/** Remainders of one length. */
export interface Remainder {
  readonly length: number;
  readonly count: number;
}

/** A way to fill a piece of stock, and how often it is taken. */
export interface Pattern {
  readonly fill: readonly number[];
  /** Index of the remainder that it is for; −1 for a bar. */
  readonly on: number;
  readonly times: number;
}

/** What the pieces are worth in bars. */
export interface BarPrices {
  /** No cutting does with fewer bars than this. */
  readonly bound: number;
  /** Ways to fill stock that together cut all pieces, in fractions. */
  readonly patterns: readonly Pattern[];
}

const MOST_STEPS = 400;
/** Steps of the search for fillings in all of it; the bound so far is true whenever it is broken off. */
const MOST_LOOKS = 4_000_000;
const SLACK = 1e-9;

/** One column of the table: how often it covers each row, and what it costs in bars. */
interface Column {
  readonly rows: readonly number[];
  readonly cost: number;
  readonly pattern: { readonly fill: readonly number[]; readonly on: number } | null;
}

/** A basis with its inverse, in plain rows. */
class Basis {
  readonly columns: Column[];
  readonly inverse: number[][];
  readonly values: number[];
  constructor(columns: Column[], right: readonly number[]) {
    this.columns = columns;
    // Every first column stands in one row only.
    this.inverse = columns.map((column, i) =>
      columns.map((_, k) => (k === i ? 1 / (column.rows[i] ?? 1) : 0)),
    );
    this.values = columns.map((column, i) => (right[i] ?? 0) / (column.rows[i] ?? 1));
  }

  /** Price of each row. */
  prices(): number[] {
    return this.columns.map((_, k) =>
      this.columns.reduce((sum, { cost }, i) => sum + cost * (this.inverse[i]?.[k] ?? 0), 0),
    );
  }

  /** Lets a column in for the one that runs out first; false when none does. */
  enter(column: Column): boolean {
    const way = this.inverse.map((row) => row.reduce((sum, v, k) => sum + v * (column.rows[k] ?? 0), 0));
    let out = -1;
    let step = Infinity;
    way.forEach((v, i) => {
      if (v <= SLACK) return;
      const ratio = (this.values[i] ?? 0) / v;
      if (ratio < step - SLACK) [out, step] = [i, ratio];
    });
    const pivot = way[out];
    const pivotRow = this.inverse[out];
    if (out < 0 || pivot === undefined || !pivotRow) return false;
    const scaled = pivotRow.map((v) => v / pivot);
    this.inverse.forEach((row, i) => {
      const by = way[i] ?? 0;
      if (i === out || by === 0) return;
      this.values[i] = Math.max(0, (this.values[i] ?? 0) - by * step);
      scaled.forEach((v, k) => {
        row[k] = (row[k] ?? 0) - by * v;
      });
    });
    this.inverse[out] = scaled;
    this.values[out] = step;
    this.columns[out] = column;
    return true;
  }
}

/**
 * The fewest bars in fractions (cutting stock as a linear program, columns made as they are wanted; Gilmore & Gomory 1961),
 * remainders in stock before them. Prices at any step give a true bound: all pieces at their prices, less what remainders can
 * hold, against what a bar can hold.
 *
 * @param bar length of a bar, in the units of the sizes; every piece goes into one
 * @param enough a bound so high will do
 */
export function barPrices(
  kinds: Sizes,
  bar: number,
  remainders: readonly Remainder[],
  enough: number,
): BarPrices {
  const { sizes, counts } = kinds;
  const rows = sizes.length + remainders.length;
  const right = [...counts, ...remainders.map(({ count }) => count)];
  const unit = (at: number, value: number) => Array.from({ length: rows }, (_, k) => (k === at ? value : 0));
  const patternColumn = (fill: readonly number[], on: number): Column => ({
    rows: [...fill, ...remainders.map((_, j) => (j === on ? 1 : 0))],
    cost: on < 0 ? 1 : 0,
    pattern: { fill, on },
  });
  const slack = (at: number): Column => ({
    rows: unit(at, at < sizes.length ? -1 : 1),
    cost: 0,
    pattern: null,
  });
  const basis = new Basis(
    Array.from({ length: rows }, (_, at): Column => {
      if (at >= sizes.length) return slack(at);
      const most = Math.max(1, Math.min(counts[at] ?? 1, Math.floor(bar / (sizes[at] ?? bar))));
      return patternColumn(
        sizes.map((_, k) => (k === at ? most : 0)),
        -1,
      );
    }),
    right,
  );
  let bound = 0;
  const budget = { left: MOST_LOOKS };
  for (let step = 0; step < MOST_STEPS && budget.left > 0; step += 1) {
    const prices = basis.prices();
    const worths = sizes.map((_, i) => Math.max(0, prices[i] ?? 0));
    const onBar = boundedKnapsack(worths, kinds, bar, budget);
    const onOld = remainders.map(({ length }) => boundedKnapsack(worths, kinds, length, budget));
    const all = worths.reduce((sum, price, i) => sum + price * (counts[i] ?? 0), 0);
    const held = onOld.reduce((sum, { most }, j) => sum + most * (remainders[j]?.count ?? 0), 0);
    if (onBar.most > 0) bound = Math.max(bound, (all - held) / onBar.most);
    if (Math.ceil(bound - 1e-6) >= enough) break;
    const entering = [
      { gain: onBar.worth - 1, column: patternColumn(onBar.fill, -1) },
      ...onOld.map(({ worth, fill }, j) => ({
        gain: worth + (prices[sizes.length + j] ?? 0),
        column: patternColumn(fill, j),
      })),
      ...prices.map((price, at) => ({ gain: at < sizes.length ? -price : price, column: slack(at) })),
    ].reduce((a, b) => (b.gain > a.gain ? b : a));
    if (entering.gain <= SLACK || !basis.enter(entering.column)) break;
  }
  return {
    bound: Math.ceil(bound - 1e-6),
    patterns: basis.columns.flatMap(({ pattern }, i) =>
      pattern && (basis.values[i] ?? 0) > SLACK ? [{ ...pattern, times: basis.values[i] ?? 0 }] : [],
    ),
  };
}
