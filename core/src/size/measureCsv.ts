import Papa from 'papaparse';
import type { PartFacts } from '../context/index.ts';
import { recordMeasure } from '../log/index.ts';
import type { Part, Piece } from '../piece/index.ts';
import { formatInchFraction, miniMm } from '../units/index.ts';
import { allowedFor, lastMade } from './reckonSize.ts';

/** Columns of the table of measures, in order; lengths in mm with a point. */
export const MEASURE_COLUMNS = [
  'part',
  'measure',
  'title',
  'life_mm',
  'miniature_mm',
  'inch',
  'least_mm',
  'most_mm',
  'made_mm',
  'off_mm',
  'reads_as_mm',
] as const;

/** Digits kept of a millimetre. */
const DIGITS = 3;

function rowsOf(context: PartFacts): Record<(typeof MEASURE_COLUMNS)[number], string>[] {
  const { part, shape, shrink, scale } = context;
  const mm = (value: number | null) => (value === null ? '' : String(Number(value.toFixed(DIGITS))));
  return shape.measures.map((measure) => {
    const wanted = measure.lengthMm / shrink;
    const allowed = allowedFor(context, measure);
    const made = lastMade(context, measure.key)?.madeMm ?? null;
    return {
      part: part.id,
      measure: measure.key,
      title: measure.title,
      life_mm: part.sized === 'life' ? mm(measure.lengthMm) : '',
      miniature_mm: mm(wanted),
      inch: formatInchFraction(miniMm(wanted)).text,
      least_mm: mm(allowed.lowMm),
      most_mm: mm(allowed.highMm),
      made_mm: mm(made),
      off_mm: mm(made === null ? null : made - wanted),
      reads_as_mm: mm(made === null ? null : made * scale.ratio),
    };
  });
}

/** Every measure of parts as CSV (RFC 4180), in their order. */
export function measureCsv(contexts: readonly PartFacts[]): string {
  return `${Papa.unparse(contexts.flatMap(rowsOf), { columns: [...MEASURE_COLUMNS], newline: '\r\n' })}\r\n`;
}

/** What came of bringing in a table. */
export interface MadeIn {
  readonly piece: Piece;
  /** How many measures were put into the log. */
  readonly taken: number;
  /** Lines that could not be used, and why. */
  readonly problems: readonly string[];
}

/** Most lines that are told about one by one. */
const MOST_TOLD = 8;

interface Line {
  readonly part?: string;
  readonly measure?: string;
  readonly made_mm?: string;
}

function partOf({ parts }: Piece, id: string): Part | undefined {
  return parts.find((part) => part.id === id) ?? parts.find((part) => part.name === id);
}

/**
 * Takes the column `made_mm` of such a table into the log; measures that are there already, and empty ones, are passed
 * over. Lines that name no part or measure, or hold no length, are told and change nothing.
 *
 * @param now ISO time the measures are put down under
 */
export function takeMade(
  piece: Piece,
  contexts: ReadonlyMap<string, PartFacts>,
  text: string,
  now: string,
): MadeIn {
  const { data, meta } = Papa.parse<Line>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const missing = ['part', 'measure', 'made_mm'].filter((column) => !meta.fields?.includes(column));
  if (missing.length > 0)
    return {
      piece,
      taken: 0,
      problems: [`The table has no column ${missing.join(', ')}; nothing was taken.`],
    };
  const problems: string[] = [];
  let [next, taken] = [piece, 0];
  data.forEach((line, i) => {
    const typed = (line.made_mm ?? '').trim();
    if (typed === '') return;
    const where = `Line ${i + 2}`;
    const madeMm = Number(typed.replace(',', '.'));
    const part = partOf(piece, (line.part ?? '').trim());
    const context = part && contexts.get(part.id);
    const measure = context?.shape.measures.find(({ key }) => key === line.measure?.trim());
    if (!part) problems.push(`${where}: no part “${line.part ?? ''}” here`);
    else if (!context || !measure)
      problems.push(`${where}: ${part.name} has no measure “${line.measure ?? ''}”`);
    else if (!(madeMm > 0) || !Number.isFinite(madeMm)) problems.push(`${where}: “${typed}” is no length`);
    else if (Math.abs((lastMade(context, measure.key)?.madeMm ?? 0) - madeMm) >= 10 ** -DIGITS) {
      next = recordMeasure(next, part.id, measure.key, madeMm, now);
      taken += 1;
    }
  });
  const told = problems.slice(0, MOST_TOLD);
  if (problems.length > MOST_TOLD) told.push(`and ${problems.length - MOST_TOLD} more lines`);
  return { piece: next, taken, problems: told };
}
