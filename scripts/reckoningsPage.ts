import { type FigureKind, formulasOf } from '@every-inch/core/reckoning';
import { FIGURE_KINDS } from '@every-inch/core/spine';

const OF = { part: 'part', piece: 'piece', both: 'part and piece' } as const;

function rowLine(kind: FigureKind): string {
  const { key, of, unit, says } = kind;
  const formulas = formulasOf(kind).map((one) => `\`${one}\``);
  return `| \`${key}\` | ${OF[of]} | ${unit} | ${says} | ${formulas.join(' or ')} |`;
}

function lensTable(lens: string, rows: readonly FigureKind[]): string {
  return [
    `## ${lens.charAt(0).toUpperCase()}${lens.slice(1)}`,
    '',
    '| key | of | unit | what it says | formula |',
    '|---|---|---|---|---|',
    ...rows.map(rowLine),
    '',
  ].join('\n');
}

/** The page that lists every kind of figure a piece can have. */
export function reckoningsPage(): string {
  const lenses = [...new Set(FIGURE_KINDS.map(({ stage }) => stage))];
  return [
    '# Reckonings',
    '',
    'Every figure of a piece has a key. On screen it opens to its working; `npm run --silent reckon -- FILE` prints all of them.',
    'A `*` stands for the name of a measure, a clay or a log entry. Written by `npm run docs`.',
    '',
    ...lenses.map((lens) =>
      lensTable(
        lens,
        FIGURE_KINDS.filter((row) => row.stage === lens),
      ),
    ),
  ].join('\n');
}
