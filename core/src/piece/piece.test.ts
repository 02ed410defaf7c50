import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { lowWaterFerry, tollFrogs } from '../demo/index.ts';
import { PLAIN_PERSON } from '../form/index.ts';
import {
  fileNameOf,
  LARGEST_JSON,
  readArchive,
  readBackup,
  readPiece,
  writeArchive,
  writeBackup,
  writePiece,
} from './file.ts';
import { newId, newPiece, type Piece, PieceFileError, type PieceFileFault, validatePiece } from './index.ts';
import { MIGRATIONS, MigrationSequenceError, migrate, validateMigrations } from './migrations.ts';

const NOW = '2026-05-01T09:00:00Z';
const ferry = lowWaterFerry(NOW);
const plain = (piece: Piece = ferry): Record<string, unknown> => JSON.parse(writePiece(piece, {}));
const readPlain = (raw: unknown) => readPiece(JSON.stringify(raw), NOW);

function faultOf(read: () => unknown): PieceFileError {
  try {
    read();
  } catch (error) {
    if (error instanceof PieceFileError) return error;
    throw error;
  }
  throw new Error('nothing was refused');
}

describe('there and back', () => {
  it.each([ferry, tollFrogs(NOW)])('$name reads back the same and sound', (piece) => {
    const { piece: back, damaged, repaired, migrated } = readPiece(writePiece(piece, {}), NOW);
    expect(back).toEqual(piece);
    expect([damaged, repaired, migrated]).toEqual([[], [], []]);
    expect(validatePiece(back)).toEqual([]);
  });

  it('puts the workshop’s own values where the piece has none', () => {
    const { piece } = readPiece(writePiece(ferry, { 'bulk.limit': 10, 'oven.dial-error': 99 }), NOW);
    expect(piece.own).toEqual({ 'bulk.limit': 10, 'oven.dial-error': 8 });
  });

  it('keeps unknown fields, high and low', () => {
    const raw = plain();
    const parts = raw.parts as Record<string, unknown>[];
    const marked = {
      ...raw,
      moon: 'waning',
      parts: parts.map((part) => ({ ...part, smell: { of: 'tar' } })),
    };
    const again = JSON.parse(writePiece(readPlain(marked).piece, {}));
    expect(again.moon).toBe('waning');
    expect(again.parts[3].smell).toEqual({ of: 'tar' });
  });

  it('opens what a person would write by hand', () => {
    const { piece, damaged } = readPlain({
      format: 'every-inch/piece',
      version: 1,
      name: 'Well',
      parts: [{ id: 'wall', name: 'Wall', form: { kind: 'ring', acrossMm: 1400, thicknessMm: 220 } }],
    });
    expect(damaged).toEqual([]);
    expect(piece).toMatchObject({
      name: 'Well',
      created: NOW,
      scale: { kind: 'ratio', ratio: 12 },
      parts: [{ count: 1, form: { lying: true } }],
    });
  });
});

describe('migration', () => {
  it('opens a version 0 file and says which step ran', () => {
    const text = readFileSync(new URL('./fixtures/version-0.inch.json', import.meta.url), 'utf8');
    const { piece, migrated, damaged } = readPiece(text, NOW);
    expect(migrated).toEqual(MIGRATIONS.map(({ name }) => name));
    expect(damaged).toEqual([]);
    expect(piece.scale).toEqual({ kind: 'ratio', ratio: 12 });
    expect(piece.parts.map(({ form }) => form)).toEqual([
      { kind: 'cylinder', lying: false, heightMm: 2400, bottomMm: 160, topMm: 120 },
      { ...PLAIN_PERSON, statureMm: 1700 },
    ]);
    expect(piece.parts[1]).toHaveProperty('scarf', 'red');
  });

  it('never touches its input, and names the step that failed', () => {
    const raw = Object.freeze({ version: 0, scale: 12, parts: Object.freeze([]) });
    expect(migrate(raw as Record<string, unknown>, 0, MIGRATIONS).record.scale).toEqual({
      kind: 'ratio',
      ratio: 12,
    });
    const broken = [
      {
        from: 0,
        to: 1,
        name: 'fold the map',
        up: () => {
          throw new Error('torn');
        },
      },
    ];
    const error = faultOf(() => migrate({ version: 0 }, 0, broken));
    expect([error.code, error.details.step, (error.cause as Error).message]).toEqual([
      'piece.migration-failed',
      'fold the map',
      'torn',
    ]);
  });

  it('refuses a sequence with a gap when the module loads', () => {
    const step = (from: number, to: number) => ({
      from,
      to,
      name: `${from}`,
      up: (raw: Record<string, unknown>) => raw,
    });
    expect(() => validateMigrations([step(0, 1), step(2, 3)], 2)).toThrow(MigrationSequenceError);
    expect(() => validateMigrations([step(0, 1)], 2)).toThrow('migrations end at version 1, expected 2');
  });
});

describe('files that cannot be opened', () => {
  it.each<[string, () => unknown, PieceFileFault, RegExp]>([
    ['not JSON', () => readPiece('clay\nand wire', NOW), 'not-json', /Line 1, column 1/],
    ['broken in line 3', () => readPiece('{\n"a": 1,\n"b" 2}', NOW), 'not-json', /Line 3, column 5/],
    ['cut off', () => readPiece(writePiece(ferry, {}).slice(0, 903), NOW), 'not-json', /ends too early/],
    ['empty', () => readPiece('', NOW), 'not-json', /ends too early/],
    ['a list', () => readPiece('[]', NOW), 'not-a-piece', /expected an object, found a list/],
    [
      'JSON of something else',
      () => readPlain({ type: 'FeatureCollection' }),
      'not-a-piece',
      /“format” should be/,
    ],
    ['no version', () => readPlain({ format: 'every-inch/piece' }), 'unknown-version', /found nothing/],
    ['half a version', () => readPlain({ ...plain(), version: 0.5 }), 'unknown-version', /found 0.5/],
    ['from the future', () => readPlain({ ...plain(), version: 10 }), 'newer', /newer Every Inch/],
    [
      '50 MB',
      () => readPiece(' '.repeat(50 * 1024 * 1024), NOW),
      'too-large',
      /The file has 50 MB.*at most 32 MB/,
    ],
  ])('%s', (_, read, fault, says) => {
    const error = faultOf(read);
    expect(error.fault).toBe(fault);
    expect(error.message).toMatch(says);
  });
});

describe('files with damage in them', () => {
  const withPart = (index: number, change: Record<string, unknown>) => {
    const raw = plain();
    const parts = (raw.parts as Record<string, unknown>[]).map((part, i) =>
      i === index ? { ...part, ...change } : part,
    );
    return { ...raw, parts };
  };

  it.each<[string, Record<string, unknown>, string]>([
    ['no form', { form: undefined }, 'parts[2].form is missing'],
    ['a form of another world', { form: { kind: 'tesseract' } }, 'parts[2].form'],
    ['a word for a number', { count: 'six' }, 'parts[2].count wants a whole number, found “six”'],
    [
      'a negative length',
      { form: { kind: 'ball', diameterMm: -3 } },
      'parts[2].form.diameterMm wants more than 0, found -3',
    ],
    ['a name that is a number', { name: 7 }, 'parts[2].name wants text, found 7'],
    [
      'too many heads',
      { form: { kind: 'person', statureMm: 1700, headsTall: 40, build: 1, pose: 'straight' } },
      'parts[2].form.headsTall wants at most 9, found 40',
    ],
    [
      'an unknown pose',
      { form: { kind: 'person', statureMm: 1700, headsTall: null, build: 1, pose: 'asleep' } },
      'parts[2].form.pose wants one of straight, tee',
    ],
    ['an id with a slash', { id: '../etc' }, 'parts[2].id wants letters'],
  ])('a part with %s is put aside, named by path, and the rest opens', (_, change, says) => {
    const raw = withPart(2, change);
    const { piece, damaged } = readPlain(raw);
    expect(piece.parts).toHaveLength(ferry.parts.length - 1);
    expect(damaged).toHaveLength(1);
    expect(damaged[0]?.where).toBe('parts[2]');
    expect(damaged[0]?.problems.join('\n')).toContain(says);
    expect(damaged[0]?.raw).toEqual(JSON.parse(JSON.stringify((raw.parts as unknown[])[2])));
    // What was put aside is in the file again.
    expect(readPiece(writePiece(piece, {}), NOW).piece.quarantine).toEqual(piece.quarantine);
  });

  it('a damaged scale, brief or name gives way to its default and is kept aside', () => {
    const { piece, damaged } = readPlain({
      ...plain(),
      scale: { kind: 'ratio', ratio: -1 },
      name: ['x'],
      brief: { purpose: 'war' },
    });
    expect(piece).toMatchObject({
      name: 'Unnamed piece',
      scale: { kind: 'ratio', ratio: 12 },
      brief: { purpose: 'display' },
    });
    expect(damaged.map(({ where }) => where).sort()).toEqual(['brief.purpose', 'name', 'scale.ratio']);
    expect(piece.parts).toHaveLength(ferry.parts.length);
  });

  it('lists that are none, entries that are none, own values that are none', () => {
    const { piece, damaged } = readPlain({
      ...plain(),
      parts: 'many',
      log: [null, 3],
      clays: [{}],
      own: { 'bulk.limit': 'thick', 'bulk.waste': 12 },
    });
    expect(damaged.map(({ where }) => where)).toEqual([
      'clays[0]',
      'parts',
      'log[0]',
      'log[1]',
      'own.bulk.limit',
    ]);
    expect(piece.own).toEqual({ 'bulk.waste': 12 });
  });

  it('links that lead nowhere are mended, and it says so', () => {
    const raw = plain();
    const parts = raw.parts as Record<string, unknown>[];
    const [a, b] = [
      { ...parts[0], parent: 'oar' },
      { ...parts[1], parent: 'ferrywoman' },
    ];
    const tangled = {
      ...raw,
      parts: [
        a,
        b,
        { ...parts[2], parent: 'nobody', mix: [{ clay: 'gold', parts: 1 }] },
        { ...parts[3], id: 'oar' },
      ],
    };
    const { piece, repaired } = readPlain(tangled);
    expect(validatePiece(piece)).toEqual([]);
    expect(repaired.join('\n')).toMatch(
      /stood twice[\s\S]*hangs on it[\s\S]*not there[\s\S]*choose its clay again/,
    );
  });

  it('5 000 parts open', () => {
    const raw = plain();
    const [first] = raw.parts as Record<string, unknown>[];
    const parts = Array.from({ length: 5000 }, (_, i) => ({ ...first, id: `part-${i}` }));
    expect(readPlain({ ...raw, parts, log: [] }).piece.parts).toHaveLength(5000);
  });

  it('nothing thrown at it crashes it or loses a part (property)', () => {
    fc.assert(
      fc.property(
        fc.json({ maxDepth: 4 }),
        fc.constantFrom(
          'parts',
          'log',
          'clays',
          'brief',
          'scale',
          'own',
          'name',
          'id',
          'created',
          'quarantine',
        ),
        (json, field) => {
          const { piece } = readPlain({ ...plain(), [field]: JSON.parse(json) });
          expect(validatePiece(piece)).toEqual([]);
          if (field !== 'parts') expect(piece.parts).toHaveLength(ferry.parts.length);
        },
      ),
      { seed: 404, numRuns: 200 },
    );
  });
});

describe('archives with pictures', () => {
  const jpg = { bytes: new Uint8Array([0xff, 0xd8, 0xff, 1, 2, 3]), type: 'image/jpeg' };
  const pack = (files: Record<string, string | Uint8Array>) =>
    zipSync(
      Object.fromEntries(
        Object.entries(files).map(([name, content]) => [
          name,
          typeof content === 'string' ? strToU8(content) : content,
        ]),
      ),
    );

  it('carry the piece and its pictures', () => {
    const { piece, pictures, skipped } = readArchive(writeArchive(ferry, {}, new Map([['pic-1', jpg]])), NOW);
    expect(piece).toEqual(ferry);
    expect(pictures.get('pic-1')).toEqual(jpg);
    expect(skipped).toEqual([]);
  });

  it('pass over path tricks and strangers, and list them', () => {
    const bytes = pack({
      'piece.inch.json': writePiece(ferry, {}),
      'pictures/../../evil.jpg': jpg.bytes,
      '/etc/passwd': 'root',
      'pictures\\a.jpg': jpg.bytes,
      'pictures/good.png': jpg.bytes,
      'run.sh': 'echo',
    });
    const { pictures, skipped } = readArchive(bytes, NOW);
    expect([...pictures.keys()]).toEqual(['good']);
    expect(skipped).toHaveLength(4);
  });

  it('a backup gives each piece back', () => {
    const files = new Map(
      [ferry, tollFrogs(NOW)].map((piece) => [
        `${piece.id}/${fileNameOf(piece, 'json')}`,
        strToU8(writePiece(piece, {})),
      ]),
    );
    const back = [...readBackup(writeBackup(files)).values()].map(
      (bytes) => readPiece(new TextDecoder().decode(bytes), NOW).piece.name,
    );
    expect(back).toEqual(['Low Water Ferry', 'Toll Frogs']);
    expect(readBackup(writeArchive(ferry, {}, new Map())).size).toBe(0);
  });

  it('a bomb is refused before it is unpacked', () => {
    const zeros = new Uint8Array(LARGEST_JSON * 5);
    expect(faultOf(() => readArchive(pack({ 'piece.inch.json': zeros }), NOW)).fault).toBe('zip-too-large');
    const many = Object.fromEntries(
      Array.from({ length: 5001 }, (_, i) => [`pictures/p${i}.jpg`, jpg.bytes]),
    );
    expect(faultOf(() => readArchive(pack(many), NOW)).fault).toBe('zip-too-large');
  });

  it('cut off, not an archive, or without a piece: said', () => {
    const whole = writeArchive(ferry, {}, new Map());
    expect(faultOf(() => readArchive(whole.slice(0, whole.length / 2), NOW)).fault).toBe('zip-damaged');
    expect(faultOf(() => readArchive(strToU8('PK nonsense'), NOW)).fault).toBe('zip-damaged');
    expect(faultOf(() => readArchive(pack({ 'readme.txt': 'hello' }), NOW)).fault).toBe('zip-without-piece');
  });
});

describe('names and ids', () => {
  it('makes ids that are safe in paths from any name', () => {
    expect(newId('Storm lantern', () => 0.5)).toMatch(/^storm-lantern-[0-9a-z]{5}$/);
    expect(newId('🐸🐸', () => 0)).toBe('00000');
    expect(newId('Łódź & Sons / ..', () => 0)).toMatch(/^[a-z0-9-]+$/);
  });

  it('makes file names that file systems take', () => {
    expect(fileNameOf(ferry, 'json')).toBe('Low Water Ferry.inch.json');
    expect(fileNameOf({ ...ferry, name: 'a/b:c*?"<>|' }, 'zip')).toBe('a b c.inch.zip');
    expect(fileNameOf({ ...ferry, name: '///' }, 'json')).toBe('piece.inch.json');
  });

  it('starts an empty piece that is sound', () => {
    expect(validatePiece(newPiece('New', NOW))).toEqual([]);
  });
});
