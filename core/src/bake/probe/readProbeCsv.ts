import Papa from 'papaparse';
import { celsius, fromFahrenheit } from '../../units/index.ts';
import type { ProbeTrace } from '../heat/index.ts';
import { ProbeFileError } from './errors.ts';

/** A thermometer’s file as read. */
export interface ProbeReading {
  /** From its first reading on. */
  readonly trace: ProbeTrace;
  /** What was found and what was done about it, one line each. */
  readonly says: readonly string[];
  /** Whether its temperatures were taken for Fahrenheit. */
  readonly wasFahrenheit: boolean;
}

/** How temperatures are to be read: as the file says, or as the maker says. */
export type ProbeUnit = 'as-it-says' | '°C' | '°F';

/** Largest file, characters: a reading each second for a day. */
const LONGEST = 4_000_000;
/** A gap longer than this is said, min. */
const GAP = 3;
/** No oven for clay holds this, °C: a column that does is in the other unit. */
const NO_OVEN = 165;
/** What a probe can show at all, °C. */
const [LEAST_C, MOST_C] = [-30, 300];
/** Lines of a kind that are told one by one. */
const MOST_TOLD = 5;

/** A time later than this is none: it is more than any clock counts, min. */
const LATEST = 1e10;

function likely(minutes: number): number | null {
  return minutes >= 0 && minutes <= LATEST ? minutes : null;
}

/** Minutes of a clock or a count: `12:30`, `1:02:05`, an ISO time, or a number in the column’s unit. */
function minutesOf(text: string, unitMinutes: number): number | null {
  const clean = text.trim().replace(',', '.');
  if (/^\d+(\.\d+)?$/.test(clean)) return likely(Number(clean) * unitMinutes);
  const clock = /^(\d{1,2}):(\d{2})(?::(\d{2}(?:\.\d+)?))?$/.exec(clean);
  if (clock) {
    const [, a, b, c] = clock;
    // Two numbers are minutes and seconds of a stopwatch; three are hours too.
    return c === undefined ? Number(a) + Number(b) / 60 : Number(a) * 60 + Number(b) + Number(c) / 60;
  }
  const at = Date.parse(text.trim());
  return likely(at / 60_000);
}

/** Minutes that one of a time column is, by its name. */
function unitOf(name: string): number {
  if (/\b(s|sec|secs|seconds?)\b/i.test(name)) return 1 / 60;
  if (/\b(h|hours?|hrs?)\b/i.test(name)) return 60;
  return 1;
}

function numberOf(text: string): number | null {
  const clean = text
    .trim()
    .replace(/\s*°?\s*[CF]$/i, '')
    .replace(',', '.');
  return /^-?\d{1,9}(\.\d+)?$/.test(clean) ? Number(clean) : null;
}

interface Columns {
  readonly time: number;
  readonly heat: number;
  readonly names: readonly string[];
  readonly first: number;
}

/** Which columns hold the time and the temperature: by their names, or the first two of a file without names. */
function columnsOf(rows: readonly (readonly string[])[]): Columns {
  const head = rows[0] ?? [];
  const isNamed = head.some((cell) => numberOf(cell) === null && minutesOf(cell, 1) === null);
  if (!isNamed) return { time: 0, heat: 1, names: [], first: 0 };
  const find = (pattern: RegExp) => head.findIndex((cell) => pattern.test(cell));
  const heat = find(/temp|°|\bheat\b|celsius|fahrenheit|\b[CF]\b|reading|probe/i);
  const time = find(/time|min|sec|hour|date|elapsed|\bs\b|\bh\b|\bt\b/i);
  if (heat < 0 || time < 0 || heat === time)
    throw new ProbeFileError(
      'no-columns',
      `Line 1: a column of time and one of temperature are wanted, such as “minutes,temperature °C”; found ${head.map((cell) => `“${cell}”`).join(', ')}.`,
    );
  return { time, heat, names: head, first: 1 };
}

/** Lines of one kind, told by their number, the rest counted. */
function lines(at: readonly number[]): string {
  const told = at.slice(0, MOST_TOLD).join(', ');
  return at.length > MOST_TOLD ? `${told} and ${at.length - MOST_TOLD} more` : told;
}

/**
 * Reads the file of a real thermometer: comma, semicolon or tab between columns; time as minutes, seconds, a stopwatch, a
 * clock or ISO; temperatures in °C or °F. Lines that cannot be used are left out and named; the rest is used.
 *
 * @param unit of the temperatures, where the maker says so
 * @throws {ProbeFileError} when nothing of it can be used
 * @example readProbeCsv('minutes,°C\n0,21\n1,80').trace.airC // [21, 80]
 */
export function readProbeCsv(text: string, unit: ProbeUnit = 'as-it-says'): ProbeReading {
  if (text.length > LONGEST)
    throw new ProbeFileError(
      'too-long',
      `The file has ${Math.round(text.length / 1e6)} million characters; at most ${LONGEST / 1e6} million are read. Export one bake of it.`,
    );
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, '').trim(), { skipEmptyLines: true });
  if (data.length === 0)
    throw new ProbeFileError('empty', 'The file is empty: a time and a temperature a line are wanted.');
  const { time, heat, names, first } = columnsOf(data);
  const each = unitOf(names[time] ?? '');
  const [broken, back, wild]: [number[], number[], number[]] = [[], [], []];
  const read: { minute: number; value: number; line: number }[] = [];
  data.slice(first).forEach((row, i) => {
    const line = i + first + 1;
    const [minute, value] = [minutesOf(row[time] ?? '', each), numberOf(row[heat] ?? '')];
    if (minute === null || value === null) broken.push(line);
    else read.push({ minute, value, line });
  });
  const header = names[heat] ?? '';
  const saysF = /°?\s*F\b|fahrenheit/i.test(header);
  const saysC = /°?\s*C\b|celsius/i.test(header);
  const sorted = read.map(({ value }) => value).sort((a, b) => a - b);
  const typical = sorted[Math.floor(sorted.length / 2)] ?? 0;
  const looksF = typical > NO_OVEN;
  const wasFahrenheit = unit === '°F' || (unit === 'as-it-says' && (saysF || looksF));
  const minutes: number[] = [];
  const airC: number[] = [];
  let start: number | null = null;
  for (const { minute, value, line } of read) {
    const c = wasFahrenheit ? fromFahrenheit(value) : celsius(value);
    if (c < LEAST_C || c > MOST_C) {
      wild.push(line);
      continue;
    }
    start ??= minute;
    const since = minute - start;
    if (since < (minutes.at(-1) ?? 0) || (minutes.length > 0 && since === minutes.at(-1))) {
      back.push(line);
      continue;
    }
    minutes.push(since);
    airC.push(c);
  }
  if (minutes.length < 2)
    throw new ProbeFileError(
      'no-readings',
      `At least two readings are wanted, one after the other; of ${data.length - first} lines ${minutes.length} could be used. What works: “0,21” and on the next line “1,80”.`,
    );
  const gaps = minutes.flatMap((at, i) => {
    const before = minutes[i - 1] ?? at;
    return at - before > GAP ? [`${before.toFixed(0)} to ${at.toFixed(0)} min`] : [];
  });
  return {
    trace: { minutes, airC },
    wasFahrenheit,
    says: [
      ...(looksF && saysC && unit === 'as-it-says'
        ? [
            `The column says °C, but ${typical.toFixed(0)} would be far over what clay bears: taken for °F. If it was °C, say so.`,
          ]
        : wasFahrenheit
          ? ['Read as °F.']
          : []),
      ...(broken.length > 0 ? [`Without a time or a temperature, left out: line ${lines(broken)}.`] : []),
      ...(wild.length > 0 ? [`No oven shows that, left out: line ${lines(wild)}.`] : []),
      ...(back.length > 0 ? [`Time stands still or goes back, left out: line ${lines(back)}.`] : []),
      ...(gaps.length > 0
        ? [`Nothing was read from ${gaps.slice(0, MOST_TOLD).join(', ')}: taken as straight between.`]
        : []),
    ],
  };
}

/**
 * A trace from the time on when the piece went in; what was read before is left away.
 *
 * @example fromMinute({ minutes: [0, 20, 40], airC: [21, 130, 131] }, 20).minutes // [0, 20]
 */
export function fromMinute({ minutes, airC }: ProbeTrace, minute: number): ProbeTrace {
  const first = minutes.findIndex((at) => at >= minute);
  if (first < 0) return { minutes: [], airC: [] };
  return { minutes: minutes.slice(first).map((at) => at - minute), airC: airC.slice(first) };
}
