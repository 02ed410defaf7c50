import { describe, expect, it } from 'vitest';
import { demoClay, turnedForm } from '../demo/entries.ts';
import type { Form } from '../form/index.ts';
import { makeShapeStore, PLAIN_PERSON } from '../form/index.ts';
import { readPiece, writePiece } from '../piece/file.ts';
import {
  addPart,
  type ClayId,
  DEFAULT_BRIEF,
  DEFAULT_INSERT,
  DEFAULT_PART,
  DEFAULT_REGION,
  newPiece,
  type Part,
  type PartId,
  type Piece,
} from '../piece/index.ts';
import { validateBook } from '../reckoning/index.ts';
import { reckonPiece } from '../spine/index.ts';
import {
  type BilledPart,
  breaksAtN,
  clayBill,
  holeFor,
  placedInserts,
  reckonThin,
  regionRows,
  thinLimbs,
} from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const CLAYS = [
  demoClay('red', { name: 'red', family: 'all-purpose', colour: '#aa4444', packG: 50, packPrice: 5 }),
  demoClay('dry', { name: 'dry', family: 'air-dry', colour: '#cccccc', packG: 500, packPrice: 6 }),
];
const red = { mix: [{ clay: 'red' as ClayId, parts: 1 }] };

function reckoned(form: Form, over: Partial<Part> = {}, piece: Partial<Piece> = {}) {
  const part: Part = {
    ...DEFAULT_PART,
    id: 'it' as PartId,
    name: 'It',
    form,
    sized: 'miniature',
    ...red,
    ...over,
  };
  const whole = addPart({ ...newPiece('p', NOW), clays: CLAYS, ...piece }, part);
  const found = reckonPiece(whole, { shapes, workshopOwn: {}, now: NOW });
  validateBook(found.book);
  expect(found.faults).toEqual([]);
  const value = (key: string) => found.book.get(`it/${key}`)?.quantity.value;
  const context = found.contexts.get('it');
  const bulk = found.bulk.get('it');
  if (!context || !bulk) throw new Error('not of clay');
  return {
    ...found,
    value,
    billed: { context, bulk } satisfies BilledPart,
    figure: (key: string) => found.book.get(`it/${key}`),
  };
}

/** 30 mm across and 80 tall: with 4 mm of skin its core is 22 mm across and 72 tall. */
const post: Form = { kind: 'cylinder', heightMm: 80, bottomMm: 30, topMm: 30, lying: false };
const WHOLE = Math.PI * 15 ** 2 * 80;
const CORE = Math.PI * 11 ** 2 * 72;

describe('core against solid', () => {
  const cored = reckoned(post, { core: { kind: 'foil', skinMm: 4, packed: 'balled' } });
  const solid = reckoned(post, { core: { kind: 'none', skinMm: null, packed: 'balled' } });

  it('weighs what its clay and its foil weigh (1.8 g/cm³; foil 2.70 × 0.15)', () => {
    expect(solid.value('bulk.weight')).toBeCloseTo((WHOLE / 1000) * 1.8, 6);
    expect(cored.value('bulk.weight')).toBeCloseTo(((WHOLE - CORE) * 1.8 + CORE * 2.7 * 0.15) / 1000, 6);
  });

  it('spares the clay of the core, by weight and by money, and the minutes of its thickness', () => {
    const spared = (CORE / 1000) * 1.8 * 1.1;
    expect(cored.value('bulk.saved')).toBeCloseTo(spared, 6);
    expect(cored.value('bulk.saved-cost')).toBeCloseTo((spared * 5) / 50, 6);
    // 15 minutes for each 6 mm: 30 mm takes 75; 4 mm of skin, in the edge 4 × √2 ÷ … less.
    expect((cored.value('bulk.saved-minutes') ?? 0) + (cored.value('bake.hold') ?? 0)).toBeCloseTo(75, 6);
    expect(cored.value('bulk.sag')).toBeCloseTo(
      (100 * ((WHOLE - CORE) * 1.8 + CORE * 0.405)) / (WHOLE * 1.8),
      6,
    );
  });

  it('solid there is nothing to spare, and it is told', () => {
    expect(solid.figure('bulk.saved')).toBeUndefined();
    expect(solid.figure('bulk.thickest')?.verdict?.level).toBe('stop');
    expect(cored.figure('bulk.thickest')?.verdict?.level).toBe('good');
  });
});

describe('other cores', () => {
  const of = (kind: Part['core']['kind']) => reckoned(post, { core: { kind, skinMm: 4, packed: 'balled' } });

  it('each takes what fills the same volume (geometry)', () => {
    expect(of('wood').value('bulk.wood')).toBeCloseTo(CORE / 1000, 6);
    // A quarter of it is wire of 1 mm.
    expect(of('coil').value('bulk.coil')).toBeCloseTo((CORE * 0.25) / (Math.PI / 4) / 1000, 6);
    expect(of('card').value('bulk.card')).toBeCloseTo(CORE / 1.5 / 100, 6);
    expect(of('fibre').value('bulk.fibre')).toBeCloseTo((CORE / 1000) * 0.25, 6);
  });

  it('air-dry clay is taken larger by what it shrinks (common practice: 5 to 8 % of a length)', () => {
    const grams = of('air-dry').value('bulk.air-dry') ?? 0;
    expect(grams).toBeGreaterThan(((CORE / 1000) * 1.7) / 0.95 ** 3);
    expect(grams).toBeLessThan(((CORE / 1000) * 1.7) / 0.92 ** 3);
  });

  it('the piece’s school is taken where the part has none of its own', () => {
    const piece = newPiece('p', NOW);
    const brief = { ...piece.brief, schools: { ...piece.brief.schools, core: 'wood' as const } };
    expect(reckoned(post, {}, { brief }).value('bulk.wood')).toBeGreaterThan(0);
  });
});

describe('regions', () => {
  const person: Form = { ...PLAIN_PERSON, statureMm: 150 };
  const core = { kind: 'foil', skinMm: 3, packed: 'balled' } as const;
  const plain = reckoned(person, { core });

  it('their clay and core come to the whole, and the bill to what is taken, whichever way it is drawn up', () => {
    const rows = regionRows(plain.billed);
    const clay = rows.reduce((sum, { clayMm3 }) => sum + clayMm3, 0) / 1000;
    expect(clay).toBeCloseTo(plain.value('bulk.solid') ?? 0, 6);
    for (const by of ['part', 'region', 'pass', 'zone'] as const) {
      const all = clayBill([plain.billed], by).reduce((sum, { totalG }) => sum + totalG, 0);
      expect(all, by).toBeCloseTo(plain.value('bulk.clay') ?? 0, 6);
    }
  });

  it('one without a core is solid there, the others keep theirs', () => {
    const without = reckoned(person, {
      core,
      regions: [{ ...DEFAULT_REGION, region: 'torso', cored: false }],
    });
    const torso = (found: typeof plain) => regionRows(found.billed).find(({ region }) => region === 'torso');
    expect(torso(plain)?.coreMm3).toBeGreaterThan(1000);
    expect(torso(without)?.coreMm3).toBe(0);
    expect(torso(without)?.clayMm3).toBeCloseTo(
      (torso(plain)?.clayMm3 ?? 0) + (torso(plain)?.coreMm3 ?? 0),
      3,
    );
    // The trunk of a 150 mm figure is thicker than half an inch: the way out lets the core in again.
    const verdict = without.figure('bulk.thickest')?.verdict;
    expect(verdict?.level).toBe('stop');
    expect(verdict?.waysOut[0]).toMatchObject({
      says: 'let the core into the torso',
      change: { path: ['parts', 'it', 'regions'], value: [{ region: 'torso', cored: true }] },
    });
  });

  it('a zone takes its share of the region’s clay in its own; zones of more than all of it share it', () => {
    const zones = (percents: readonly number[]) =>
      reckoned(post, {
        regions: [
          {
            ...DEFAULT_REGION,
            region: 'cylinder',
            zones: percents.map((percent, i) => ({
              name: `z${i}`,
              percent,
              mix: [{ clay: 'dry' as ClayId, parts: 1 }],
            })),
          },
        ],
      });
    const share = (found: typeof plain) => {
      const uses = found.billed.bulk.uses;
      const all = uses.reduce((sum, { volumeMm3 }) => sum + volumeMm3, 0);
      return uses.filter(({ zone }) => zone !== '').reduce((sum, { volumeMm3 }) => sum + volumeMm3, 0) / all;
    };
    expect(share(zones([25]))).toBeCloseTo(0.25, 9);
    expect(share(zones([25, 15]))).toBeCloseTo(0.4, 9);
    expect(share(zones([80, 80]))).toBeCloseTo(1, 9);
  });

  it('a clay of one region alone is counted, and its pass is another line', () => {
    const found = reckoned(person, {
      core,
      regions: [{ ...DEFAULT_REGION, region: 'head', mix: [{ clay: 'dry' as ClayId, parts: 1 }], pass: 2 }],
    });
    expect(found.book.get('/bulk.mass.dry')?.quantity.value).toBeGreaterThan(0);
    expect(clayBill([found.billed], 'pass').map(({ name }) => name)).toEqual(['for bake 1', 'for bake 2']);
  });
});

describe('holes for inserts', () => {
  const insert = { ...DEFAULT_INSERT, id: 'cell', name: 'cell', widthMm: 10, depthMm: 4 };

  it('leave 0.3 mm round what goes in and out (common practice), less than nothing round what is pressed in', () => {
    expect(holeFor(insert, 0.3, 0)).toEqual([10.6, 10.6, 4.3]);
    expect(holeFor(insert, -0.2, 0)).toEqual([9.6, 9.6, 4]);
    // A mark is the hole itself.
    expect(holeFor({ ...insert, measured: 'mark' }, 0.3, 0)).toEqual([10, 10, 4]);
  });

  it('in clay that shrinks they are cut larger: after 6.5 % they are what is wanted', () => {
    const [across] = holeFor(insert, 0.3, 0.065);
    expect(across * (1 - 0.065)).toBeCloseTo(10.6, 9);
    const found = reckoned(post, { inserts: [insert], mix: [{ clay: 'dry' as ClayId, parts: 1 }] });
    expect(found.value('bulk.hole.cell')).toBeCloseTo((10 + 2 * 0.15) / 0.935, 9);
  });

  it('fits, fits tightly or won’t, by the clay left round it', () => {
    const level = (mm: number, depthMm = 4) =>
      reckoned(post, { inserts: [{ ...insert, widthMm: mm, depthMm }] }).figure('bulk.hole.cell')?.verdict
        ?.level;
    expect(level(20)).toBe('good');
    // 30 mm across, 80 long: deeper than it is thick, it goes in from an end.
    expect(level(20, 50)).toBe('doubtful');
    expect(level(29)).toBe('stop');
  });
});

describe('thin parts', () => {
  it('a bar breaks at S π d³ ÷ 32 L (worked: 4 mm of 12 MPa, 40 mm long: 1.88 N)', () => {
    expect(breaksAtN(4, 40, 12)).toBeCloseTo(1.885, 3);
    expect(breaksAtN(8, 40, 12) / breaksAtN(4, 40, 12)).toBeCloseTo(8, 12);
  });

  const blade: Form = { kind: 'rod', lengthMm: 40, startMm: 2, endMm: 2, lying: false };
  it('a thin blade of clay alone breaks; a thick post bears it', () => {
    const { context, bulk } = reckoned(blade).billed;
    // 12 MPa × π × 8 ÷ (32 × 40) = 0.24 N, under the half newton of a sleeve.
    expect(thinLimbs(context, bulk.uses, [])[0]).toMatchObject({ region: 'whole of It', wired: false });
    expect(thinLimbs(context, bulk.uses, [])[0]?.bearsN).toBeCloseTo(0.236, 3);
    const verdict = reckonThin(context, bulk, []).find(({ key }) => key === 'bulk.thin')?.verdict;
    expect(verdict).toMatchObject({ level: 'stop', says: 'the whole of It breaks when it is touched' });
    expect(verdict?.waysOut[0]?.says).toContain('wire');
    const wire = [{ points: [[0, 0, 0] as const, [0, 40, 0] as const], widthMm: 1 }];
    expect(thinLimbs(context, bulk.uses, wire)[0]?.wired).toBe(true);
    const thick = reckoned({ kind: 'rod', lengthMm: 100, startMm: 20, endMm: 20, lying: false });
    expect(thick.figure('bulk.thin')?.verdict?.level).toBe('good');
  });

  it('what is no bar is not judged as one: a cup, a ball, a slab', () => {
    const cup = turnedForm([0, 0], [40, 0], [40, 40], [36, 40], [36, 2], [0, 2]);
    for (const form of [
      cup,
      { kind: 'ball', diameterMm: 20 },
      { kind: 'block', widthMm: 60, heightMm: 4, depthMm: 60 },
    ] as Form[])
      expect(reckoned(form).figure('bulk.thin')).toBeUndefined();
  });
});

describe('bad figures', () => {
  it.each([
    ['clay.all-purpose.density', 0],
    ['clay.all-purpose.density', -1.8],
    ['clay.all-purpose.density', 1800],
    ['foil.thickness', 0],
    ['clay.pack', 0],
    ['bulk.waste', 300],
    ['core.air-dry-shrink', 100],
    ['bulk.limit', Number.NaN],
  ])('an own value that cannot be is not used: %s of %d', (row, value) => {
    const part = { core: { kind: 'foil', skinMm: 4, packed: 'balled' } } as const;
    const plain = reckoned(post, part);
    const spoilt = reckoned(post, part, { own: { [row]: value } });
    for (const key of ['bulk.clay', 'bulk.foil', 'bulk.thickest', 'bulk.weight'])
      expect(spoilt.value(key), key).toBe(plain.value(key));
  });

  it('in a file it is put aside with the reason, and kept', () => {
    const piece = {
      ...newPiece('p', NOW),
      clays: CLAYS,
      own: { 'clay.all-purpose.density': 0, 'bulk.waste': 12 },
    };
    const { piece: read, damaged } = readPiece(writePiece(piece, {}), NOW);
    expect(read.own).toEqual({ 'bulk.waste': 12 });
    expect(damaged[0]?.where).toBe('own.clay.all-purpose.density');
    expect(read.quarantine[0]?.raw).toBe(0);
  });

  it('a skin thicker than the limb leaves no core and says so; nothing is not a number', () => {
    const found = reckoned(post, { core: { kind: 'foil', skinMm: 50, packed: 'balled' } });
    expect(found.figure('bulk.core')).toBeUndefined();
    expect(found.figure('bulk.thickest')?.verdict?.waysOut[0]?.says).toContain('skin thinner');
  });

  it('a pack that costs nothing is counted as nothing, one without a price not at all', () => {
    const clays = (packPrice: number | null) => [
      demoClay('red', { name: 'red', family: 'all-purpose', colour: '#aa4444', packG: 50, packPrice }),
    ];
    expect(reckoned(post, {}, { clays: clays(0) }).book.get('/bulk.cost')?.quantity.value).toBe(0);
    expect(reckoned(post, {}, { clays: clays(null) }).book.get('/bulk.cost')).toBeUndefined();
  });

  it('a budget is not well kept while a clay in use has no price', () => {
    const clay = (id: string, packPrice: number | null) =>
      demoClay(id, { name: id, family: 'all-purpose', colour: '#aa4444', packG: 50, packPrice });
    const of = (price: number | null) =>
      reckoned(
        post,
        { mix: ['red', 'blue'].map((id) => ({ clay: id as ClayId, parts: 1 })) },
        { clays: [clay('red', 2), clay('blue', price)], brief: { ...DEFAULT_BRIEF, budget: 500 } },
      ).book.get('/bulk.cost')?.verdict;
    expect(of(3)?.level).toBe('good');
    expect(of(null)).toMatchObject({
      level: 'doubtful',
      says: expect.stringContaining('blue has no price yet'),
    });
  });
});

describe('what is let in, as the section draws it', () => {
  const cell = (id: string, widthMm: number) => ({ ...DEFAULT_INSERT, id, name: id, widthMm, depthMm: 6 });
  const placed = (
    inserts: readonly ReturnType<typeof cell>[],
    wires: Parameters<typeof placedInserts>[1] = [],
  ) => {
    const { billed } = reckoned(post, { inserts: [...inserts] });
    return placedInserts(billed.context as Parameters<typeof placedInserts>[0], wires);
  };

  it('stands side by side in the thickest place, two millimetres apart', () => {
    const [a, b] = placed([cell('first', 8), cell('second', 6)]);
    expect((b?.at[0] ?? 0) - (a?.at[0] ?? 0)).toBeCloseTo(4 + 2 + 3, 9);
    expect([a?.clash, b?.clash]).toEqual(['', '']);
  });

  it('runs into the wire that goes through there, and not into one beside it', () => {
    const wire = (x: number) => [
      {
        points: [
          [x, 0, 0],
          [x, 80, 0],
        ] as const,
        widthMm: 1,
      },
    ];
    expect(placed([cell('cell', 10)], wire(0))[0]?.clash).toContain('the wire runs through it');
    expect(placed([cell('cell', 10)], wire(12))[0]?.clash).toBe('');
  });

  it('wider together than the thickest place, it says by how much', () => {
    // The post is 30 mm across: two of 16 with 2 between want 34.
    expect(placed([cell('a', 16), cell('b', 16)])[0]?.clash).toBe('4.0 mm wider than the thickest place');
  });
});

describe('thin lengths as one list', () => {
  it('the weakest first, each with its risk and the surest way out at its size', () => {
    const of = (form: Form, over: Partial<Piece['brief']> = {}) => {
      const { billed, contexts } = reckoned(form, {}, { brief: { ...DEFAULT_BRIEF, ...over } });
      const context = contexts.get('it');
      return context ? thinLimbs(context, billed.bulk.uses, [])[0] : undefined;
    };
    const rod = (thick: number, lengthMm: number): Form => ({
      kind: 'rod',
      lengthMm,
      startMm: thick,
      endMm: thick,
      lying: false,
    });
    expect(of(rod(1, 40))).toMatchObject({
      level: 'stop',
      remedy: expect.stringContaining('strong flexible clay'),
    });
    expect(of(rod(1, 10))).toMatchObject({ remedy: expect.stringContaining('tack its tip') });
    expect(of(rod(2.5, 60), { purpose: 'handled' })).toMatchObject({
      level: 'stop',
      remedy: expect.stringContaining('wire'),
    });
    expect(of(rod(20, 70))).toMatchObject({ level: 'good', remedy: '' });
  });
});
