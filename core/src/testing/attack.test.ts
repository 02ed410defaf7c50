import { describe, expect, it } from 'vitest';
import { readProbeCsv } from '../bake/probe/index.ts';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { readArchive, readBackup, readPiece, writePiece } from '../piece/file.ts';
import { LIMITS, type Piece, PieceFileError, validatePiece } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { attack, attackProbe } from './attackPiece.ts';
import { bomb } from './bombs.ts';

const NOW = '2026-05-01T09:00:00Z';
const ferry = lowWaterFerry(NOW);
const small: Piece = { ...ferry, parts: ferry.parts.slice(0, 3), fits: [], log: [], decisions: [] };
type Raw = Record<string, never> & Record<string, unknown>;
const rawOf = (piece: Piece): Raw => JSON.parse(writePiece(piece, {}));

/** A piece with something else at a path. */
function withAt(path: readonly (string | number)[], value: unknown): string {
  const raw = rawOf(small);
  const holder = path.slice(0, -1).reduce<unknown>((at, key) => (at as Raw)[key], raw) as Raw;
  Object.defineProperty(holder, path.at(-1) ?? '', { value, enumerable: true });
  return JSON.stringify(raw);
}

describe('files that were made wrong', () => {
  it.each(Array.from({ length: 12 }, (_, i) => i))(
    'of twelve seeds from %i0: what opens is sound and reckons to numbers, what is refused says so',
    (tens) => {
      for (let seed = 10 * tens; seed < 10 * tens + 12; seed += 1) {
        const { faults } = attack(seed);
        expect(faults, `seed ${seed}`).toEqual([]);
      }
    },
  );

  const objects = [
    ['brief'],
    ['brief', 'schools'],
    ['scale'],
    ['oven'],
    ['own'],
    ['route'],
    ['parts', 0, 'form'],
    ['parts', 0, 'core'],
    ['parts', 0, 'form', 'clothing'],
    ['parts', 0, 'form', 'angles'],
    ['parts', 0, 'branches'],
    ['parts', 0, 'wire'],
    ['clays', 0, 'packet'],
  ];
  it.each(objects)('a list in the place of an object: %s %s %s %s', (...path) => {
    const text = withAt(path, []);
    expect(attack(0, text).faults).toEqual([]);
    const { piece, damaged } = readPiece(text, NOW);
    expect(damaged.length).toBe(1);
    expect(JSON.stringify(piece.quarantine)).toContain('[]');
  });

  it.each([
    '2026-W00',
    '-2026-05-01',
    '2026-02-30',
    '2026-5-1',
    '99999-01-01',
    '2026-05-01T25:00',
    'soon',
    5,
  ])('a due date of %s is put aside and the rest of the brief stays', (due) => {
    const { piece, damaged } = readPiece(withAt(['brief', 'due'], due), NOW);
    expect(piece.brief.due).toBeNull();
    expect(piece.brief.purpose).toBe(small.brief.purpose);
    expect(damaged.map(({ where }) => where)).toEqual(['brief.due']);
  });

  it.each(['constructor', '__proto__', 'prototype'])(
    'a field called %s is put aside, wherever it is',
    (name) => {
      for (const path of [
        [name],
        ['brief', name],
        ['parts', 0, 'form', name],
        ['parts', 0, 'mix', 0, name],
      ]) {
        const text = withAt(path, { a: 1 });
        const { piece, damaged } = readPiece(text, NOW);
        expect(damaged).toHaveLength(1);
        expect(damaged[0]?.raw).toEqual({ a: 1 });
        expect(piece.parts).toHaveLength(small.parts.length);
        // Once put aside it stays there, and is not found again.
        expect(readPiece(writePiece(piece, {}), NOW).damaged).toEqual([]);
      }
    },
  );

  it('lists in lists are refused with their place before anything walks them', () => {
    const deep = `{"format":"every-inch/piece",\n"version":2,\n"log":${'['.repeat(5000)}${']'.repeat(5000)}}`;
    const read = () => readPiece(deep, NOW);
    expect(read).toThrow(PieceFileError);
    expect(read).toThrow(/^Line 3, column 70: more than 64 lists and objects/);
    // Brackets in words count for nothing.
    expect(readPiece(withAt(['brief', 'note'], '"[{'.repeat(3000)), NOW).damaged).toEqual([]);
  });

  it('no number is beyond what its use can bear: every limit is met at both its ends', () => {
    const shapes = makeShapeStore();
    for (const [field, { max, ...limit }] of Object.entries(LIMITS.treeForm)) {
      const least = 'min' in limit ? limit.min : 0.001;
      for (const value of [max, least]) {
        const text = JSON.stringify({
          ...rawOf(small),
          parts: [
            {
              name: 'tree',
              form: {
                kind: 'tree',
                heightMm: 9000,
                trunkMm: 400,
                spreadMm: 6000,
                forkMm: 2000,
                forks: 3,
                rootsMm: 0,
                seed: 1,
                [field]: value,
              },
            },
          ],
        });
        const { ms, faults } = attack(0, text, shapes);
        expect(faults, `${field} ${value}`).toEqual([]);
        expect(ms).toBeLessThan(60_000);
      }
    }
  });
});

describe('thermometers’ files that were made wrong', () => {
  it('of 3 000 seeds: times go on, temperatures are numbers, or it says why not', () => {
    for (let seed = 0; seed < 3000; seed += 1) {
      const { faults, text } = attackProbe(seed);
      expect(faults, `seed ${seed}: ${JSON.stringify(text)}`).toEqual([]);
    }
  });

  it('a cell of 400 digits is left out and named', () => {
    const text = `minutes,°C\n0,21\n1,${'9'.repeat(400)}\n2,80\n${'9'.repeat(400)},90\n3,100`;
    expect(readProbeCsv(text)).toMatchObject({
      trace: { minutes: [0, 2, 3], airC: [21, 80, 100] },
      says: ['Without a time or a temperature, left out: line 3, 5.'],
    });
  });
});

describe('archives that lie about their size', () => {
  const MB = 1024 * 1024;

  it.each([
    ['a piece of 64 MB that says 1000 bytes', bomb('piece.inch.json', 64 * MB, 1000)],
    ['a piece that says nothing at all', bomb('piece.inch.json', 8 * MB, 0)],
    ['one that says 4 GB', bomb('piece.inch.json', 1000, 0xffff_fff0)],
    ['pictures that say 10 bytes each', bomb('piece.inch.json', 4 * MB, 10, 20)],
  ])('%s: refused, and no more is unpacked than was said', (_, bytes) => {
    expect(() => readArchive(bytes, NOW)).toThrow(PieceFileError);
  });

  it('a backup takes no more of an entry than it says', () => {
    const [entry] = readBackup(bomb('a/a.inch.json', 64 * MB, 1000)).values();
    expect(entry).toHaveLength(1000);
  });
});

describe('many links', () => {
  const block = { kind: 'block', widthMm: 100, heightMm: 100, depthMm: 100 };
  const chain = (n: number, first: string | null) =>
    JSON.stringify({
      ...rawOf({ ...small, parts: [] }),
      parts: Array.from({ length: n }, (_, i) => ({
        id: `p${i}`,
        name: `p${i}`,
        form: block,
        parent: i === 0 ? first : `p${i - 1}`,
      })),
    });

  it('a ring of 5 000 parts is cut open at its first, all others still hang on one another', () => {
    const { piece, repaired } = readPiece(chain(5000, 'p4999'), NOW);
    expect(repaired).toHaveLength(1);
    expect(validatePiece(piece)).toEqual([]);
    expect(piece.parts.filter(({ parent }) => parent === null).map(({ id }) => id)).toEqual(['p0']);
  });

  it('a part that hangs on a ring is none of it', () => {
    const raw = JSON.parse(chain(4, 'p2'));
    const { piece } = readPiece(JSON.stringify(raw), NOW);
    // p0 → p2 → p1 → p0 is the ring, p3 hangs on it.
    expect(piece.parts.map(({ parent }) => parent)).toEqual([null, 'p0', 'p1', 'p2']);
  });
});

describe('a reckoner that breaks down', () => {
  it('names its part and itself, and what does not lean on it is reckoned', () => {
    const shapes = makeShapeStore();
    const broken = {
      ...shapes,
      shapeOf: (...args: Parameters<typeof shapes.shapeOf>) => {
        const shape = shapes.shapeOf(...args);
        if (args[0].kind !== 'person') return shape;
        return Object.defineProperty({ ...shape }, 'volumeMm3', {
          get: () => {
            throw new RangeError('no solid');
          },
        });
      },
    };
    const whole = reckonPiece(small, { shapes, workshopOwn: {}, now: NOW });
    const { breakdowns, book } = reckonPiece(small, { shapes: broken, workshopOwn: {}, now: NOW });
    expect(whole.breakdowns).toEqual([]);
    expect(breakdowns.length).toBeGreaterThan(0);
    for (const { part, says, stage } of breakdowns)
      expect({ part, says, stage }).toEqual({
        part: 'ferrywoman',
        says: 'no solid',
        stage: expect.any(String),
      });
    const others = whole.book.all.filter(({ part }) => part !== null && part !== 'ferrywoman');
    for (const { id, key, quantity } of others) {
      const { low, high } = book.get(id)?.quantity ?? {};
      // The minutes of a load are those of what is left in it; the window of each is its own.
      if (key === 'bake.minutes') expect({ low, high }).toEqual({ low: quantity.low, high: quantity.high });
      else expect(book.get(id)?.quantity).toEqual(quantity);
    }
  });
});
