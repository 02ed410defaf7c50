import { type ClassConstructor, plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { type ParseError, parse as parseTolerantly, printParseErrorCode } from 'jsonc-parser';
import { findRow, ownFault } from '../handbook/index.ts';
import { newId } from '../record/index.ts';
import { completeWith, merged } from './complete.ts';
import { PIECE_FORMAT, PIECE_VERSION } from './constants.ts';
import {
  DEFAULT_BENCH_PLAN,
  DEFAULT_BRIEF,
  DEFAULT_OVEN,
  DEFAULT_SCHOOLS,
  DEFAULT_STEP,
} from './defaults.ts';
import { Piece, type Quarantined, type Route, RouteStep, StepRelation } from './document.ts';
import { PieceFileError } from './errors.ts';
import { refuseDepth, soundCopy } from './intake.ts';
import { isRecord, MIGRATIONS, migrate, type RawRecord, validateMigrations } from './migrations.ts';
import { type Problem, problemsOf, problemText } from './problems.ts';
import { LIST_FIELDS, RECORD_LISTS } from './records.ts';
import { repair } from './repair.ts';

validateMigrations(MIGRATIONS, PIECE_VERSION);

/** Largest piece without its pictures, bytes; a piece of 5 000 parts is about 3 MB. */
export const LARGEST_JSON = 32 * 1024 * 1024;

/** A piece as read, with everything that was not as it should be. */
export interface PieceReading {
  readonly piece: Piece;
  /** Names of the migrations that ran. */
  readonly migrated: readonly string[];
  /** What was put aside in this reading. */
  readonly damaged: readonly Quarantined[];
  /** What was put right, one line each. */
  readonly repaired: readonly string[];
}

/** Line and column of a byte offset, from 1. */
function placeOf(text: string, offset: number): { line: number; column: number } {
  const before = text.slice(0, offset);
  const line = before.split('\n').length;
  return { line, column: offset - before.lastIndexOf('\n') };
}

/** Where the first fault of a text lies; engines do not always say. */
function firstFault(text: string): { offset: number; cut: boolean } {
  const errors: ParseError[] = [];
  parseTolerantly(text, errors, { disallowComments: true, allowTrailingComma: false });
  const [first] = errors;
  if (!first) return { offset: text.length, cut: true };
  const atEnd = first.offset + first.length >= text.trimEnd().length;
  return { offset: first.offset, cut: atEnd && printParseErrorCode(first.error) !== 'InvalidSymbol' };
}

function parseJson(text: string): unknown {
  const clean = text.replace(/^\ufeff/, '');
  refuseDepth(clean, (offset) => placeOf(clean, offset));
  try {
    return JSON.parse(clean);
  } catch (cause) {
    const { offset, cut } = firstFault(clean);
    const place = placeOf(clean, offset);
    const says = cut
      ? 'the file ends too early; it may have been cut off in copying'
      : 'it is not JSON from there on';
    throw new PieceFileError(
      'not-json',
      `Line ${place.line}, column ${place.column}: ${says}.`,
      place,
      cause,
    );
  }
}

function versionOf(raw: RawRecord): number {
  const { format, version } = raw;
  if (format !== PIECE_FORMAT)
    throw new PieceFileError(
      'not-a-piece',
      `This is JSON, but not a piece: “format” should be “${PIECE_FORMAT}”, found ${JSON.stringify(format) ?? 'nothing'}.`,
    );
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 0)
    throw new PieceFileError(
      'unknown-version',
      `“version” should be a whole number from 0 to ${PIECE_VERSION}, found ${JSON.stringify(version) ?? 'nothing'}.`,
    );
  if (version > PIECE_VERSION)
    throw new PieceFileError(
      'newer',
      `Version ${version} was written by a newer Every Inch; this one reads up to version ${PIECE_VERSION}. Open it with the newer one, or export it there in an older version.`,
    );
  return version;
}

/** Fields whose class is chosen by a `kind`; only an object has one. */
const CHOSEN_BY_KIND = ['form', 'scale'] as const;

function check<T extends object>(type: ClassConstructor<T>, raw: RawRecord): Problem[] {
  for (const path of CHOSEN_BY_KIND) {
    const value = raw[path];
    if (value !== undefined && !isRecord(value))
      return [{ code: 'wrong', path, found: JSON.stringify(value) ?? '', wanted: '' }];
  }
  const instance = plainToInstance(type, raw);
  return problemsOf(validateSync(instance, { forbidUnknownValues: true }));
}

interface Sieve {
  readonly damaged: Quarantined[];
  readonly repaired: string[];
}

function putAside(sieve: Sieve, where: string, raw: unknown, problems: readonly Problem[]): void {
  sieve.damaged.push({ where, raw, problems: problems.map(problemText) });
}

/** Keeps the entries of a list that are right and puts the others aside. */
function siftList<T extends object>(
  sieve: Sieve,
  name: string,
  list: unknown,
  type: ClassConstructor<T>,
  complete: (raw: RawRecord) => RawRecord,
): T[] {
  if (list === undefined) return [];
  if (!Array.isArray(list)) {
    putAside(sieve, name, list, [{ code: 'not-a-list', path: name, found: typeof list, wanted: '' }]);
    return [];
  }
  return list.flatMap((raw: unknown, i): T[] => {
    const where = `${name}[${i}]`;
    if (!isRecord(raw)) {
      putAside(sieve, where, raw, [
        { code: 'wrong', path: where, found: JSON.stringify(raw) ?? '', wanted: '' },
      ]);
      return [];
    }
    const whole = complete(raw);
    const problems = check(type, whole);
    if (problems.length === 0) return [whole as T];
    putAside(
      sieve,
      where,
      raw,
      problems.map((problem) => ({ ...problem, path: `${where}.${problem.path}` })),
    );
    return [];
  });
}

/** Numbers the maker put over the handbook’s; anything else is put aside. */
function siftOwn(sieve: Sieve, own: unknown): Record<string, number> {
  if (own === undefined) return {};
  if (!isRecord(own)) {
    putAside(sieve, 'own', own, [{ code: 'wrong', path: 'own', found: typeof own, wanted: '' }]);
    return {};
  }
  const kept: Record<string, number> = {};
  for (const [row, value] of Object.entries(own)) {
    const known = findRow(row);
    const fault = typeof value === 'number' && known ? ownFault(known, value) : null;
    if (fault)
      putAside(sieve, `own.${row}`, value, [
        {
          code: fault.isLow ? 'too-small' : 'too-large',
          path: `own.${row}`,
          found: String(value),
          wanted: fault.wanted,
        },
      ]);
    else if (typeof value === 'number' && Number.isFinite(value)) kept[row] = value;
    else
      putAside(sieve, `own.${row}`, value, [
        { code: 'not-a-number', path: `own.${row}`, found: JSON.stringify(value) ?? '', wanted: '' },
      ]);
  }
  return kept;
}

/** The strings of a list; null for what is none. */
function stringsIn(raw: unknown): string[] | null {
  return Array.isArray(raw) ? raw.filter((one): one is string => typeof one === 'string') : null;
}

/** The maker’s own route with what of it is right; null where there is none. */
function siftRoute(sieve: Sieve, raw: unknown): Route | null {
  if (raw === undefined || raw === null) return null;
  if (!isRecord(raw)) {
    putAside(sieve, 'route', raw, [{ code: 'wrong', path: 'route', found: typeof raw, wanted: '' }]);
    return null;
  }
  return {
    ...raw,
    without: stringsIn(raw.without),
    steps: siftList(sieve, 'route.steps', raw.steps, RouteStep, completeWith(DEFAULT_STEP, 'step')),
    relations: siftList(sieve, 'route.relations', raw.relations, StepRelation, completeWith({}, 'relation')),
  };
}

/** Head fields that must be right one by one; a wrong one gives way to its default and is kept aside. */
function siftHead(sieve: Sieve, record: RawRecord, now: string): RawRecord {
  const defaults: RawRecord = {
    id: newId(typeof record.name === 'string' ? record.name : 'piece'),
    name: 'Unnamed piece',
    created: now,
    scale: { kind: 'ratio', ratio: 12 },
    brief: DEFAULT_BRIEF,
    wireSold: 'metric',
    drills: [],
    oven: DEFAULT_OVEN,
    bench: DEFAULT_BENCH_PLAN,
  };
  const brief = merged(DEFAULT_BRIEF, record.brief ?? {});
  const head: RawRecord = {
    ...record,
    id: record.id ?? defaults.id,
    name: record.name ?? defaults.name,
    created: record.created ?? now,
    scale: record.scale ?? defaults.scale,
    brief: isRecord(brief) ? { ...brief, schools: merged(DEFAULT_SCHOOLS, brief.schools ?? {}) } : brief,
    ...Object.fromEntries(LIST_FIELDS.map((name) => [name, []])),
    wireSold: record.wireSold ?? defaults.wireSold,
    drills: record.drills ?? defaults.drills,
    oven: merged(DEFAULT_OVEN, record.oven ?? {}),
    bench: merged(DEFAULT_BENCH_PLAN, record.bench ?? {}),
    route: null,
    own: {},
    quarantine: [],
  };
  mendHead(sieve, head, defaults, wrongPlace);
  // A scale or a form of no kind hid what else was wrong.
  mendHead(sieve, head, defaults, wrongPlace);
  // Where a part of it was mended and it is still wrong, all of it gives way.
  mendHead(sieve, head, defaults, (_, __, [field = '']) => [field]);
  return head;
}

type PlaceOf = (defaults: RawRecord, head: RawRecord, path: readonly string[]) => readonly string[];

/** Puts defaults where the head is wrong, and what stood there aside. */
function mendHead(sieve: Sieve, head: RawRecord, defaults: RawRecord, placeOf: PlaceOf): void {
  const problems = check(Piece, head);
  const places = problems.map(({ path }) => placeOf(defaults, head, path.split(/[.[]/)));
  for (const place of new Set(places.map((path) => path.join('.')))) {
    const path = place.split('.');
    putAside(
      sieve,
      place,
      valueAt(head, path),
      problems.filter((_, i) => places[i]?.join('.') === place),
    );
    replaceAt(head, path, valueAt(defaults, path));
  }
}

/** How far down a fault goes before something stands there that has a default of its own. */
function wrongPlace(defaults: unknown, head: unknown, path: readonly string[]): readonly string[] {
  const [field = '', ...rest] = path;
  const [ofDefaults, ofHead] = [defaults, head].map((one) => (isRecord(one) ? one[field] : undefined));
  const goesOn =
    rest.length > 0 &&
    isRecord(ofDefaults) &&
    isRecord(ofHead) &&
    rest[0] !== undefined &&
    rest[0] in ofDefaults;
  return goesOn ? [field, ...wrongPlace(ofDefaults, ofHead, rest)] : [field];
}

function valueAt(record: unknown, path: readonly string[]): unknown {
  return path.reduce((at, field) => (isRecord(at) ? at[field] : undefined), record);
}

/** Puts a value in a record of copies: the objects on the way are made anew. */
function replaceAt(record: RawRecord, [field = '', ...rest]: readonly string[], value: unknown): void {
  if (rest.length === 0) record[field] = value;
  else {
    const inner = { ...(record[field] as RawRecord) };
    replaceAt(inner, rest, value);
    record[field] = inner;
  }
}

function quarantineOf(raw: unknown): Quarantined[] {
  if (!Array.isArray(raw)) return [];
  return raw.filter(
    (one): one is Quarantined & RawRecord =>
      isRecord(one) &&
      typeof one.where === 'string' &&
      Array.isArray(one.problems) &&
      one.problems.every((line) => typeof line === 'string'),
  );
}

/**
 * Opens a piece from the text of its file: parse, migrate a copy, sift, put right, hand over whole. Unknown fields are
 * kept; parts, clays and entries that cannot be used are put aside in `quarantine` and the rest opens.
 *
 * @param text content of a `*.inch.json` file, at most {@link LARGEST_JSON} bytes
 * @param now ISO time, for a file that does not say when it was made
 * @throws {PieceFileError} when nothing of it can be opened
 * @example readPiece(text, new Date().toISOString()).piece.name
 */
export function readPiece(text: string, now: string): PieceReading {
  if (text.length > LARGEST_JSON)
    throw new PieceFileError(
      'too-large',
      `The file has ${Math.round(text.length / 1048576)} MB; a piece without its pictures has at most ${LARGEST_JSON / 1048576} MB. Pictures belong in an .inch.zip file.`,
    );
  return readRaw(parseJson(text), now);
}

/** As {@link readPiece}, from parsed content. The input is not changed. */
export function readRaw(raw: unknown, now: string): PieceReading {
  if (!isRecord(raw))
    throw new PieceFileError(
      'not-a-piece',
      `This is JSON, but not a piece: expected an object, found ${Array.isArray(raw) ? 'a list' : typeof raw}.`,
    );
  const { copy, trapped } = soundCopy(raw);
  const { record, steps } = migrate(copy, versionOf(copy), MIGRATIONS);
  const sieve: Sieve = { damaged: [], repaired: [] };
  for (const { where, value } of trapped)
    putAside(sieve, where, value, [{ code: 'name-taken', path: where, found: '', wanted: '' }]);
  const head = siftHead(sieve, record, now);
  const piece = {
    ...head,
    ...Object.fromEntries(
      LIST_FIELDS.map((name) => {
        const { type, complete } = RECORD_LISTS[name];
        return [name, siftList<object>(sieve, name, record[name], type, complete)];
      }),
    ),
    route: siftRoute(sieve, record.route),
    own: siftOwn(sieve, record.own),
    quarantine: quarantineOf(record.quarantine),
  } as unknown as Piece;
  const { piece: whole, repaired } = repair(piece);
  return {
    piece: { ...whole, quarantine: [...whole.quarantine, ...sieve.damaged] },
    migrated: steps,
    damaged: sieve.damaged,
    repaired: [...sieve.repaired, ...repaired],
  };
}
