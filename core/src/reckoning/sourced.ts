import { handbookRow, ownFault } from '../handbook/index.ts';
import type { Quantity, Term } from './types.ts';

/** The maker's own values, by handbook row. */
export type OwnValues = Readonly<Record<string, number>>;

/** A handbook value or the maker's own in its place, with its origin. */
export interface Sourced {
  readonly value: number;
  term(symbol: string): Term;
}

/**
 * The value of a handbook row, the maker's own where there is one that can be used.
 *
 * @throws {UnknownRowError} for a row that is not in the handbook
 * @example sourced('bulk.limit', { 'bulk.limit': 10 }).value // 10
 */
export function sourced(id: string, own: OwnValues): Sourced {
  const row = handbookRow(id);
  const ownValue = row.own ? own[id] : undefined;
  const isOwn = ownValue !== undefined && ownFault(row, ownValue) === null;
  const range =
    !isOwn && row.low !== undefined && row.high !== undefined ? { low: row.low, high: row.high } : {};
  const quantity: Quantity = { value: isOwn ? ownValue : row.value, unit: row.unit, ...range };
  return {
    value: quantity.value,
    term: (symbol) => ({
      symbol,
      name: row.title,
      quantity,
      origin: isOwn
        ? { kind: 'own', row: id }
        : { kind: 'handbook', row: id, standing: row.standing, source: row.source, own: row.own },
    }),
  };
}
