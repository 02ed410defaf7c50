import { choicesOf, NO_CLOTHES, WALL_NAMES } from '../form/index.ts';
import { ID_PATTERN, newId } from '../record/index.ts';
import {
  DEFAULT_BRANCHES,
  DEFAULT_CLAY,
  DEFAULT_COAT_LAYER,
  DEFAULT_CORE,
  DEFAULT_FEATURE,
  DEFAULT_INSERT,
  DEFAULT_LAYER,
  DEFAULT_MOULD,
  DEFAULT_PART,
  DEFAULT_PATTERN,
  DEFAULT_REGION,
  DEFAULT_REPEAT,
  DEFAULT_RUN,
  DEFAULT_TALLY,
  DEFAULT_VARIANT,
  DEFAULT_ZONE,
} from './defaults.ts';
import { isRecord, type RawRecord } from './migrations.ts';

function idOf(raw: RawRecord, fallback: string): string {
  if (typeof raw.id === 'string' && ID_PATTERN.test(raw.id)) return raw.id;
  return newId(typeof raw.name === 'string' ? raw.name : fallback);
}

/** Fills in what a file left out of an object; anything else is left for the check to refuse. */
export function merged(defaults: object, raw: unknown): unknown {
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

export function completePart(raw: RawRecord): RawRecord {
  const whole: RawRecord = { ...DEFAULT_PART, ...raw, id: raw.id === undefined ? idOf(raw, 'part') : raw.id };
  if (isRecord(raw.form)) whole.form = completeForm(raw.form);
  if (isRecord(raw.repeat))
    whole.repeat = {
      ...(merged(DEFAULT_REPEAT, raw.repeat) as RawRecord),
      tally: merged(DEFAULT_TALLY, raw.repeat.tally ?? {}),
    };
  if (isRecord(raw.pattern)) whole.pattern = merged(DEFAULT_PATTERN, raw.pattern);
  if (isRecord(raw.mould)) whole.mould = merged(DEFAULT_MOULD, raw.mould);
  whole.core = merged(DEFAULT_CORE, raw.core ?? {});
  whole.branches = merged(DEFAULT_BRANCHES, raw.branches ?? {});
  if (Array.isArray(raw.regions)) whole.regions = raw.regions.map((one) => merged(DEFAULT_REGION, one));
  if (Array.isArray(raw.features)) whole.features = raw.features.map((one) => merged(DEFAULT_FEATURE, one));
  if (Array.isArray(raw.variants))
    whole.variants = raw.variants.map((one) =>
      isRecord(one) ? completeWith(DEFAULT_VARIANT, 'variant')(one) : one,
    );
  if (Array.isArray(raw.layers))
    whole.layers = raw.layers.map((one) => (isRecord(one) ? completeWith(DEFAULT_LAYER, 'layer')(one) : one));
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

export const completeClay = (raw: RawRecord): RawRecord => ({ ...DEFAULT_CLAY, ...raw });
/** Fills in what a file left out of an entry of a list. */
export function completeWith(defaults: object, stem: string): (raw: RawRecord) => RawRecord {
  return (raw) => ({ ...defaults, ...raw, id: raw.id ?? newId(stem) });
}

export function completeZone(raw: RawRecord): RawRecord {
  const whole = completeWith(DEFAULT_ZONE, 'surface')(raw);
  const layer = completeWith(DEFAULT_COAT_LAYER, 'layer');
  return Array.isArray(raw.layers)
    ? { ...whole, layers: raw.layers.map((one: unknown) => (isRecord(one) ? layer(one) : one)) }
    : whole;
}
