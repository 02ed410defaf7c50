import { KEYS, type KeyRow } from '@every-inch/core/whole';

const OF = { part: 'part', piece: 'piece', both: 'part and piece' } as const;

function rowLine({ key, of, unit, says }: KeyRow): string {
  return `| \`${key}\` | ${OF[of]} | ${unit} | ${says} |`;
}

function lensTable(lens: string, rows: readonly KeyRow[]): string {
  return [
    `## ${lens.charAt(0).toUpperCase()}${lens.slice(1)}`,
    '',
    '| key | of | unit | what it says |',
    '|---|---|---|---|',
    ...rows.map(rowLine),
    '',
  ].join('\n');
}

/** The page that lists every kind of figure a piece can have. */
export function reckoningsPage(): string {
  const lenses = [...new Set(KEYS.map(({ lens }) => lens))];
  return [
    '# Reckonings',
    '',
    'Every figure of a piece has a key. On screen it opens to its working; `npm run --silent reckon -- FILE` prints all of them.',
    'A `*` stands for the name of a measure, a clay or a log entry. Written by `npm run docs`.',
    '',
    ...lenses.map((lens) =>
      lensTable(
        lens,
        KEYS.filter((row) => row.lens === lens),
      ),
    ),
  ].join('\n');
}
