import { newId } from '../record/index.ts';
import { DEFAULT_BENCH_PLAN } from '../schedule/record/defaults.ts';
import { PieceFileError } from './errors.ts';

/** A file’s content before it is known to be right. */
export type RawRecord = Record<string, unknown>;

/** One step from a version to the next. */
export interface Migration {
  readonly from: number;
  readonly to: number;
  readonly name: string;
  /** Takes its own copy and may change it. */
  up(raw: RawRecord): RawRecord;
}

/**
 * Thrown when the steps have a gap or overlap; found when the module is loaded, not when a maker opens a file.
 */
export class MigrationSequenceError extends Error {
  override readonly name = 'MigrationSequenceError';
  readonly code = 'piece.migration-sequence';
}

export function isRecord(value: unknown): value is RawRecord {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Version 0 wrote a form as `shape` with its lengths beside it, and a scale as a bare number. */
function partFromVersion0(part: unknown): unknown {
  if (!isRecord(part)) return part;
  const { shape, ...rest } = part;
  if (typeof shape !== 'string') return part;
  const lengths = Object.entries(rest).filter(([key]) => key.endsWith('Mm') || key === 'profile');
  const others = Object.entries(rest).filter(([key]) => !(key.endsWith('Mm') || key === 'profile'));
  const axial = ['rod', 'cylinder', 'ring', 'turned'].includes(shape) ? { lying: shape === 'ring' } : {};
  const person = shape === 'person' ? { headsTall: null, build: 1, pose: 'straight' } : {};
  const name = typeof part.name === 'string' ? part.name : 'part';
  return {
    id: newId(name),
    ...Object.fromEntries(others),
    form: { kind: shape, ...axial, ...person, ...Object.fromEntries(lengths) },
  };
}

/** What was left unsaid by a part of version 1, as it stood when version 2 began; later defaults do not change old files. */
const UNSAID_OF_PART_1: RawRecord = {
  stuff: null,
  afterBake: false,
  wishes: [],
  bounds: [],
  features: [],
  pairs: [],
  regions: [],
  inserts: [],
  wire: null,
  runs: [],
  branches: { folded: false, roots: true, twigs: 0, twigWire: null },
};

/** The same of its form, by kind. */
const UNSAID_OF_FORM_1: Readonly<Record<string, RawRecord>> = {
  person: {
    angles: {},
    locked: {},
    clothing: { headMm: 0, trunkMm: 0, armsMm: 0, legsMm: 0, hemMm: null },
  },
  beast: { angles: {} },
  bird: { angles: {} },
};

/** The same of the piece. */
const UNSAID_OF_PIECE_1: RawRecord = {
  found: [],
  additions: [],
  fits: [],
  wireStock: [],
  wireSold: 'metric',
  drills: [],
  oven: {
    dialC: null,
    holdMin: null,
    air: 'still',
    under: 'tile',
    preheated: true,
    cooling: 'ajar',
    places: [],
  },
  route: null,
  decisions: [],
  references: [],
};

/** Version 1 read these out of the English names; what it read is written down once, and is the maker’s from then on. */
const AHEAD_BY_NAME_1 = /\b(eye|tooth|teeth|claw|horn|button|bead|scale|shell|hoof|hooves|tusk|nail)s?\b/i;
const FACIAL_BY_NAME_1 = /\beye|\bface/i;
const MASONRY_BY_NAME_1 = /brick|stone|wall|quay|rock|mason/i;

function featureFromVersion1(feature: unknown): unknown {
  if (!isRecord(feature)) return feature;
  const name = typeof feature.name === 'string' ? feature.name : '';
  return { ahead: AHEAD_BY_NAME_1.test(name), facial: FACIAL_BY_NAME_1.test(name), ...feature };
}

function partFromVersion1(part: unknown): unknown {
  if (!isRecord(part)) return part;
  const { form, name, wishes = [], features = [] } = part;
  const kind = isRecord(form) && typeof form.kind === 'string' ? form.kind : '';
  const isMasonry = typeof name === 'string' && MASONRY_BY_NAME_1.test(name);
  return {
    ...UNSAID_OF_PART_1,
    ...part,
    wishes: isMasonry && Array.isArray(wishes) ? [...wishes, 'masonry'] : wishes,
    features: Array.isArray(features) ? features.map(featureFromVersion1) : features,
    ...(isRecord(form) ? { form: { ...UNSAID_OF_FORM_1[kind], ...form } } : {}),
  };
}

function briefFromVersion1(brief: unknown): unknown {
  if (!isRecord(brief) || !isRecord(brief.schools)) return brief;
  return { ...brief, schools: { superglue: 'never', ...brief.schools } };
}

/** All steps, in order. */
export const MIGRATIONS: readonly Migration[] = [
  {
    from: 0,
    to: 1,
    name: 'scale and forms become objects',
    up: (raw) => ({
      ...raw,
      version: 1,
      scale: typeof raw.scale === 'number' ? { kind: 'ratio', ratio: raw.scale } : raw.scale,
      parts: Array.isArray(raw.parts) ? raw.parts.map(partFromVersion0) : raw.parts,
    }),
  },
  {
    from: 1,
    to: 2,
    name: 'counts, fits, wires, regions, inserts, oven and route are written out',
    up: (raw) => ({
      ...UNSAID_OF_PIECE_1,
      ...raw,
      version: 2,
      ...(raw.brief === undefined ? {} : { brief: briefFromVersion1(raw.brief) }),
      parts: Array.isArray(raw.parts) ? raw.parts.map(partFromVersion1) : raw.parts,
    }),
  },
  {
    from: 2,
    to: 3,
    name: 'a route says what of the proposal was taken out',
    // A route of before stays as it is: what was taken out of it then is not known.
    up: (raw) => ({
      ...raw,
      version: 3,
      ...(isRecord(raw.route) ? { route: { without: null, ...raw.route } } : {}),
    }),
  },
  {
    from: 3,
    to: 4,
    name: 'clay goes on in layers, every bake has its own dial and minutes, and what lies on the bench is begun with',
    up: (raw) => ({
      ...raw,
      version: 4,
      rough: Array.isArray(raw.rough) ? raw.rough : [],
      ...(isRecord(raw.brief) && isRecord(raw.brief.schools)
        ? { brief: { ...raw.brief, schools: { work: 'plan', ...raw.brief.schools } } }
        : {}),
      ...(Array.isArray(raw.parts)
        ? {
            parts: raw.parts.map((part: unknown) =>
              isRecord(part) ? { layers: [], state: 'planned', ...part } : part,
            ),
          }
        : {}),
      ...(Array.isArray(raw.log)
        ? { log: raw.log.map((entry: unknown) => (isRecord(entry) ? { result: null, ...entry } : entry)) }
        : {}),
      ...(isRecord(raw.route) && Array.isArray(raw.route.steps)
        ? {
            route: {
              ...raw.route,
              steps: raw.route.steps.map((step: unknown) =>
                isRecord(step) ? { dialC: null, holdMin: null, ...step } : step,
              ),
            },
          }
        : {}),
    }),
  },
  {
    from: 4,
    to: 5,
    name: 'work on cured clay, smoothing agents and first times of steps, aids that are taken off again, copies that differ, and features with a size',
    up: (raw) => ({
      ...raw,
      version: 5,
      aids: [],
      ...(Array.isArray(raw.parts)
        ? {
            parts: raw.parts.map((part: unknown) =>
              isRecord(part)
                ? {
                    variants: [],
                    ...part,
                    ...(Array.isArray(part.features)
                      ? {
                          features: part.features.map((feature: unknown) =>
                            isRecord(feature) ? { how: 'line', acrossMm: null, ...feature } : feature,
                          ),
                        }
                      : {}),
                  }
                : part,
            ),
          }
        : {}),
      ...(isRecord(raw.route) && Array.isArray(raw.route.steps)
        ? {
            route: {
              ...raw.route,
              steps: raw.route.steps.map((step: unknown) =>
                isRecord(step) ? { work: 'sand', sizeMm: null, agent: null, isNew: false, ...step } : step,
              ),
            },
          }
        : {}),
    }),
  },
  {
    from: 5,
    to: 6,
    name: 'sets whose number follows from where they go, patterned clay, moulds, and casts measured',
    up: (raw) => ({
      ...raw,
      version: 6,
      ...(Array.isArray(raw.parts)
        ? {
            parts: raw.parts.map((part: unknown) =>
              isRecord(part) ? { repeat: null, pattern: null, mould: null, ...part } : part,
            ),
          }
        : {}),
      ...(Array.isArray(raw.log)
        ? { log: raw.log.map((entry: unknown) => (isRecord(entry) ? { cast: null, ...entry } : entry)) }
        : {}),
    }),
  },
  {
    from: 6,
    to: 7,
    name: 'the ground: a base, what stands where on it, rises, pours, cover, eyes and masonry; sets that are let in',
    up: (raw) => ({
      board: null,
      stood: [],
      heaps: [],
      pours: [],
      covers: [],
      eyes: [],
      masonry: [],
      timber: [],
      backdrop: null,
      ...raw,
      version: 7,
      ...(Array.isArray(raw.parts)
        ? {
            parts: raw.parts.map((part: unknown) =>
              isRecord(part) && isRecord(part.repeat)
                ? { ...part, repeat: { letInPct: 0, atPct: 50, ...part.repeat } }
                : part,
            ),
          }
        : {}),
    }),
  },
  {
    from: 7,
    to: 8,
    name: 'ribbons, bases that come apart, groups, sheets of rises, tones of cover, stones of no one size, and what else sticks build',
    up: (raw) => {
      const each = (list: unknown, added: RawRecord) =>
        Array.isArray(list) ? list.map((one: unknown) => (isRecord(one) ? { ...added, ...one } : one)) : list;
      const list = (field: string, added: RawRecord) =>
        field in raw ? { [field]: each(raw[field], added) } : {};
      const record = (field: string, added: RawRecord) =>
        isRecord(raw[field]) ? { [field]: { ...added, ...raw[field] } } : {};
      return {
        layouts: [],
        ...raw,
        version: 8,
        ...record('board', { joins: [] }),
        ...record('backdrop', { fromDeg: 0 }),
        ...list('stood', { group: '' }),
        ...list('heaps', { ribbonMm: 0, stockWideMm: 600, stockHighMm: 400 }),
        ...list('pours', { ribbonMm: 0 }),
        ...list('covers', { ribbonMm: 0, tones: [] }),
        ...list('masonry', { seed: 1, wornMm: 0, quoinMm: 0 }),
        ...list('timber', { stuff: 'wood' }),
      };
    },
  },
  {
    from: 8,
    to: 9,
    name: 'surfaces with their layers, joints, own rules of one stuff over another, paints and their mixes, hours at the bench',
    up: (raw) => ({
      zones: [],
      joints: [],
      coatRules: [],
      pots: [],
      paintMixes: [],
      bench: DEFAULT_BENCH_PLAN,
      ...raw,
      version: 9,
      ...(isRecord(raw.brief) && isRecord(raw.brief.schools)
        ? { brief: { ...raw.brief, schools: { wash: 'sealed', ...raw.brief.schools } } }
        : {}),
    }),
  },
];

/**
 * Checks that the steps run from 0 to the newest version without a gap.
 *
 * @throws {MigrationSequenceError}
 */
export function validateMigrations(migrations: readonly Migration[], newest: number): void {
  migrations.forEach(({ from, to, name }, i) => {
    if (from !== i || to !== i + 1)
      throw new MigrationSequenceError(
        `migration “${name}” goes from ${from} to ${to}, expected ${i} to ${i + 1}`,
      );
  });
  if (migrations.length !== newest)
    throw new MigrationSequenceError(`migrations end at version ${migrations.length}, expected ${newest}`);
}

/**
 * Brings a copy of a record up to the newest version.
 *
 * @throws {PieceFileError} `migration-failed`, with the name of the step
 */
export function migrate(
  raw: RawRecord,
  version: number,
  migrations: readonly Migration[],
): { record: RawRecord; steps: string[] } {
  let record = structuredClone(raw);
  const steps: string[] = [];
  for (const step of migrations.slice(version)) {
    try {
      record = step.up(record);
    } catch (cause) {
      throw new PieceFileError(
        'migration-failed',
        `The step “${step.name}” from version ${step.from} failed; the file is unchanged.`,
        { step: step.name },
        cause,
      );
    }
    steps.push(step.name);
  }
  return { record, steps };
}
