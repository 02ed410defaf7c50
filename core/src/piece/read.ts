import { type ClassConstructor, plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { type ParseError, parse as parseTolerantly, printParseErrorCode } from 'jsonc-parser';
import { choicesOf, NO_CLOTHES, WALL_NAMES } from '../form/index.ts';
import { findRow, ownFault } from '../handbook/index.ts';
import { PIECE_FORMAT, PIECE_VERSION } from './constants.ts';
import {
  DEFAULT_ADDITION,
  DEFAULT_BRANCHES,
  DEFAULT_BRIEF,
  DEFAULT_CLAY,
  DEFAULT_CORE,
  DEFAULT_DECISION,
  DEFAULT_ENTRY,
  DEFAULT_FIT,
  DEFAULT_INSERT,
  DEFAULT_OVEN,
  DEFAULT_PART,
  DEFAULT_REFERENCE,
  DEFAULT_REGION,
  DEFAULT_RUN,
  DEFAULT_SCHOOLS,
} from './defaults.ts';
import {
  Addition,
  Clay,
  Decision,
  Fit,
  FoundThing,
  LogEntry,
  Part,
  Piece,
  type Quarantined,
  Reference,
  WireStock,
} from './document.ts';
import { PieceFileError } from './errors.ts';
import { ID_PATTERN, newId } from './ids.ts';
import { isRecord, MIGRATIONS, migrate, type RawRecord, validateMigrations } from './migrations.ts';
import { type Problem, problemsOf, problemText } from './problems.ts';
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

function idOf(raw: RawRecord, fallback: string): string {
  if (typeof raw.id === 'string' && ID_PATTERN.test(raw.id)) return raw.id;
  return newId(typeof raw.name === 'string' ? raw.name : fallback);
}

function merged(defaults: object, raw: unknown): unknown {
  return isRecord(raw) ? { ...defaults, ...raw } : raw;
}

/** What a form of a kind takes when a file leaves it out. */
export const FORM_DEFAULTS: Readonly<Record<string, RawRecord>> = {
  person: { headsTall: null, build: 1, pose: 'straight', angles: {}, clothing: NO_CLOTHES, locked: {} },
  beast: { build: 1, pose: 'standing', angles: {} },
  bird: { build: 1, angles: {} },
  crawler: { sections: 2, legSegments: 3, feelersMm: 0 },
  round: { crest: 'none', armsMm: 0, legsMm: 0 },
  tree: { forks: 4, rootsMm: 0, seed: 1 },
  rod: { lying: false },
  cylinder: { lying: false },
  ring: { lying: true },
  turned: { lying: false },
  panels: {
    walls: choicesOf(WALL_NAMES),
    floor: false,
    roof: 'none',
    riseMm: 0,
    eavesMm: 0,
    joint: 'butt',
    openings: [],
  },
};

/** A piece of a built-up thing as a file may leave it: upright, with its foot at the origin. */
export const DEFAULT_BUILT_PIECE: RawRecord = {
  name: 'piece',
  xMm: 0,
  yMm: 0,
  zMm: 0,
  turnDeg: 0,
  tipDeg: 0,
  leanDeg: 0,
  cut: false,
};

function completeForm(raw: RawRecord): RawRecord {
  const defaults = typeof raw.kind === 'string' ? (FORM_DEFAULTS[raw.kind] ?? {}) : {};
  const form: RawRecord = { ...defaults, ...raw };
  if (isRecord(form.clothing)) form.clothing = { ...NO_CLOTHES, ...form.clothing };
  if (Array.isArray(form.pieces))
    form.pieces = form.pieces.map((piece: unknown) => {
      if (!isRecord(piece)) return piece;
      const name = isRecord(piece.form) ? { name: piece.form.kind } : {};
      const whole: RawRecord = { ...DEFAULT_BUILT_PIECE, ...name, ...piece };
      return isRecord(whole.form) ? { ...whole, form: completeForm(whole.form) } : whole;
    });
  return form;
}

function completePart(raw: RawRecord): RawRecord {
  const whole: RawRecord = { ...DEFAULT_PART, ...raw, id: raw.id === undefined ? idOf(raw, 'part') : raw.id };
  if (isRecord(raw.form)) whole.form = completeForm(raw.form);
  whole.core = merged(DEFAULT_CORE, raw.core ?? {});
  whole.branches = merged(DEFAULT_BRANCHES, raw.branches ?? {});
  if (Array.isArray(raw.regions)) whole.regions = raw.regions.map((one) => merged(DEFAULT_REGION, one));
  if (Array.isArray(raw.inserts))
    whole.inserts = raw.inserts.map((one: unknown) =>
      isRecord(one) ? { ...DEFAULT_INSERT, ...one, id: one.id ?? newId('insert') } : one,
    );
  if (Array.isArray(raw.runs))
    whole.runs = raw.runs.map((run: unknown) =>
      isRecord(run) ? { ...DEFAULT_RUN, ...run, id: run.id ?? newId('run') } : run,
    );
  return whole;
}

const COMPLETE_CLAY = (raw: RawRecord): RawRecord => ({ ...DEFAULT_CLAY, ...raw });
/** Fills in what a file left out of an entry of a list. */
function completeWith(defaults: object, stem: string): (raw: RawRecord) => RawRecord {
  return (raw) => ({ ...defaults, ...raw, id: raw.id ?? newId(stem) });
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
        { code: 'not-a-number', path: `own.${row}`, found: String(value), wanted: '' },
      ]);
  }
  return kept;
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
  };
  const brief = merged(DEFAULT_BRIEF, record.brief ?? {});
  const head: RawRecord = {
    ...record,
    id: record.id ?? defaults.id,
    name: record.name ?? defaults.name,
    created: record.created ?? now,
    scale: record.scale ?? defaults.scale,
    brief: isRecord(brief) ? { ...brief, schools: merged(DEFAULT_SCHOOLS, brief.schools ?? {}) } : brief,
    clays: [],
    parts: [],
    found: [],
    additions: [],
    fits: [],
    wireStock: [],
    wireSold: record.wireSold ?? defaults.wireSold,
    drills: record.drills ?? defaults.drills,
    oven: merged(DEFAULT_OVEN, record.oven ?? {}),
    decisions: [],
    references: [],
    log: [],
    own: {},
    quarantine: [],
  };
  const problems = check(Piece, head);
  const wrong = new Set(problems.map(({ path }) => path.split(/[.[]/)[0] ?? ''));
  for (const field of wrong) {
    putAside(
      sieve,
      field,
      record[field],
      problems.filter(({ path }) => path.split(/[.[]/)[0] === field),
    );
    head[field] = defaults[field];
  }
  return head;
}

function quarantineOf(raw: unknown): Quarantined[] {
  if (!Array.isArray(raw)) return [];
  return raw.filter(
    (one): one is Quarantined & RawRecord =>
      isRecord(one) && typeof one.where === 'string' && Array.isArray(one.problems),
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
  const { record, steps } = migrate(raw, versionOf(raw), MIGRATIONS);
  const sieve: Sieve = { damaged: [], repaired: [] };
  const head = siftHead(sieve, record, now);
  const piece = {
    ...head,
    clays: siftList(sieve, 'clays', record.clays, Clay, COMPLETE_CLAY),
    parts: siftList(sieve, 'parts', record.parts, Part, completePart),
    found: siftList(sieve, 'found', record.found, FoundThing, completeWith({ meant: null }, 'found')),
    additions: siftList(
      sieve,
      'additions',
      record.additions,
      Addition,
      completeWith(DEFAULT_ADDITION, 'addition'),
    ),
    fits: siftList(sieve, 'fits', record.fits, Fit, completeWith(DEFAULT_FIT, 'fit')),
    wireStock: siftList(sieve, 'wireStock', record.wireStock, WireStock, completeWith({ count: 1 }, 'wire')),
    decisions: siftList(
      sieve,
      'decisions',
      record.decisions,
      Decision,
      completeWith(DEFAULT_DECISION, 'decision'),
    ),
    references: siftList(
      sieve,
      'references',
      record.references,
      Reference,
      completeWith(DEFAULT_REFERENCE, 'picture'),
    ),
    log: siftList(sieve, 'log', record.log, LogEntry, completeWith(DEFAULT_ENTRY, 'entry')),
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
