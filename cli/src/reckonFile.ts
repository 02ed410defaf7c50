import { readFileSync } from 'node:fs';
import type { Given, Subject } from '@every-inch/core/context';
import { makeShapeStore } from '@every-inch/core/form';
import { PieceFileError } from '@every-inch/core/piece';
import { type PieceReading, readArchive, readPiece } from '@every-inch/core/piece/file';
import {
  formatQuantity,
  formatRange,
  formulaWithNumbers,
  type Reckoning,
  verdictWord,
} from '@every-inch/core/reckoning';
import { ScaleError } from '@every-inch/core/scale';
import { eyesOf, reckonSight, reckonSmallestBox } from '@every-inch/core/size';
import { type PieceReckoned, reckonPiece, SUBJECTS } from '@every-inch/core/spine';
import Papa from 'papaparse';

/** What was asked on the command line. */
export interface Asked {
  readonly file: string;
  readonly part?: string | undefined;
  readonly lens?: string | undefined;
  readonly csv: boolean;
}

/**
 * Something asked that cannot be given; its message goes to stderr and the program ends with 2.
 */
export class AskError extends Error {
  override readonly name = 'AskError';
}

function readFile(file: string, now: string): PieceReading {
  let bytes: Buffer;
  try {
    bytes = readFileSync(file);
  } catch (cause) {
    throw new AskError(`${file}: cannot be read (${(cause as NodeJS.ErrnoException).code ?? 'unknown'})`, {
      cause,
    });
  }
  try {
    const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b;
    return isZip ? readArchive(bytes, now) : readPiece(bytes.toString('utf8'), now);
  } catch (cause) {
    if (cause instanceof PieceFileError) throw new AskError(`${file}: ${cause.message}`, { cause });
    throw cause;
  }
}

const COLUMNS = ['key', 'part', 'value', 'unit', 'low', 'high', 'verdict', 'says', 'working'] as const;

function rowOf(figure: Reckoning): Record<(typeof COLUMNS)[number], string | number> {
  const { verdict, quantity } = figure;
  return {
    key: figure.key,
    part: figure.part ?? '',
    value: quantity.value,
    unit: quantity.unit,
    low: quantity.low ?? '',
    high: quantity.high ?? '',
    verdict: verdict ? verdictWord(verdict) : '',
    says: verdict?.says ?? '',
    working: formulaWithNumbers(figure),
  };
}

function lineOf(figure: Reckoning): string {
  const range = formatRange(figure.quantity);
  const { verdict } = figure;
  return [
    figure.key.padEnd(26),
    (figure.part ?? '–').padEnd(18),
    formatQuantity(figure.quantity).padStart(12),
    range ? ` (${range})` : '',
    `  ${figure.formula.split('=')[0]?.trim() ?? ''} = ${formulaWithNumbers(figure)}`,
    verdict ? `\n${' '.repeat(28)}${verdictWord(verdict)}: ${verdict.says}` : '',
    ...(verdict?.waysOut ?? []).map((way) => `\n${' '.repeat(30)}→ ${way.says}`),
  ].join('');
}

function wanted(asked: Asked, { book, contexts }: PieceReckoned, reading: PieceReading): Reckoning[] {
  const { part, lens } = asked;
  if (part !== undefined && !reading.piece.parts.some(({ id }) => id === part))
    throw new AskError(`no part “${part}”; there are: ${reading.piece.parts.map(({ id }) => id).join(', ')}`);
  const lenses = [...new Set(book.all.map((figure) => figure.lens))];
  if (lens !== undefined && !lenses.some((one) => one === lens))
    throw new AskError(`no lens “${lens}”; there are: ${lenses.join(', ')}`);
  const boxes = [...contexts.values()].flatMap((context) =>
    (part === undefined || context.part.id === part) && (lens === undefined || lens === 'size')
      ? [
          ...reckonSmallestBox(context),
          ...reckonSight(context, contexts, eyesOf(context.piece.brief.seenFrom)),
        ]
      : [],
  );
  const found = book.all.filter(
    (figure) => (part === undefined || figure.part === part) && (lens === undefined || figure.lens === lens),
  );
  return [...found, ...boxes];
}

/** What subjects print besides their figures: what takes long only when its stage is asked for. */
function linesOf({ lens, part }: Asked, given: Given): string[] {
  const subjects: readonly Subject[] = SUBJECTS;
  return subjects.flatMap(({ lines = [] }) =>
    lines.flatMap(({ stage, isLong, of }) =>
      lens === stage || (lens === undefined && !isLong) ? of(given, part) : [],
    ),
  );
}

/**
 * Every figure of a piece’s file as text or CSV.
 *
 * @param now ISO time the figures are for
 * @returns the text for stdout, and lines for stderr about what the file held that could not be used
 * @throws {AskError} when the file cannot be opened or has no such part or lens
 */
export function reckonFile(
  asked: Asked,
  now: string,
): { readonly out: string; readonly notes: readonly string[] } {
  const reading = readFile(asked.file, now);
  const options = { shapes: makeShapeStore(), workshopOwn: {}, now };
  let reckoned: PieceReckoned;
  try {
    reckoned = reckonPiece(reading.piece, options);
  } catch (cause) {
    if (cause instanceof ScaleError) throw new AskError(`${asked.file}: ${cause.message}`, { cause });
    throw cause;
  }
  const figures = wanted(asked, reckoned, reading);
  const notes = [
    ...reading.migrated.map((step) => `brought up to date: ${step}`),
    ...reading.repaired.map((line) => `put right: ${line}`),
    ...reading.damaged.flatMap(({ where, problems }) =>
      problems.map((line) => `put aside ${where}: ${line}`),
    ),
    ...reckoned.breakdowns.map(
      ({ reckoner, part, says }) =>
        `could not be reckoned: ${reckoner}${part === null ? '' : ` of ${part}`}: ${says}`,
    ),
    ...reckoned.faults.map(({ part, says }) => `cannot be built: ${part}: ${says}`),
  ];
  const out = asked.csv
    ? `${Papa.unparse(figures.map(rowOf), { columns: [...COLUMNS], newline: '\n' })}\n`
    : `${[...figures.map(lineOf), ...linesOf(asked, reckoned.given)].join('\n')}\n`;
  return { out, notes };
}
