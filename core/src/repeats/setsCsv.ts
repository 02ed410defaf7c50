import Papa from 'papaparse';
import type { Part } from '../piece/index.ts';
import type { ShownFigure } from '../reckoning/index.ts';

/** Names of the columns, in their order. */
const COLUMNS = [
  'set',
  'on',
  'way',
  'needed',
  'to make',
  'made',
  'good',
  'used',
  'minutes at it',
  'minutes reckoned',
] as const;

/**
 * The sets of a piece with their tallies as a table in text, a line each (RFC 4180).
 *
 * @param find a figure of a part
 */
export function setsCsv(
  parts: readonly Part[],
  find: (part: string, key: string) => ShownFigure | undefined,
): string {
  const rows = parts.flatMap(({ id, name, parent, repeat }) => {
    if (!repeat) return [];
    const value = (key: string) => find(id, key)?.quantity.value ?? '';
    const { made, good, used, minutes } = repeat.tally;
    const on = parts.find((one) => one.id === parent)?.name ?? '';
    const reckoned = value('repeats.minutes');
    return [
      [
        name,
        on,
        repeat.way ?? 'hand',
        value('repeats.needed'),
        value('repeats.make'),
        made,
        good,
        used,
        Math.round(minutes * 10) / 10,
        typeof reckoned === 'number' ? Math.round(reckoned * 10) / 10 : '',
      ],
    ];
  });
  // What begins like a formula is not to be one in a table.
  return Papa.unparse({ fields: [...COLUMNS], data: rows }, { escapeFormulae: true });
}
