import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { importMesh, PLAIN_PERSON } from '../form/index.ts';
import { DEFAULT_BRANCHES, DEFAULT_RUN, type RunChoice, type WirePlace } from '../piece/index.ts';
import { type Mesh, writeStl } from '../solid/index.ts';
import { straightChoice, withRunChoice } from './choices.ts';
import { snapped, withBend } from './drawing.ts';
import { pathLength } from './run.ts';
import { rodPath } from './runs.ts';
import { bonesOfOne, reckonedOne, start } from './testContext.ts';

const person = { ...PLAIN_PERSON, statureMm: 1700 };
const choice = (over: Partial<RunChoice>): RunChoice => ({
  ...DEFAULT_RUN,
  id: 'a',
  name: 'spine',
  drawn: [],
  ...over,
});
const place = (xMm: number, yMm: number, zMm = 0): WirePlace => ({ xMm, yMm, zMm });
const plain = bonesOfOne(person);

describe('what the maker settles about a wire', () => {
  it('one left out is neither cut nor counted, and comes back', () => {
    const { bones } = bonesOfOne(person, { runs: [choice({ name: 'arms, across', out: true })] });
    expect(bones.runs.map(({ name }) => name)).toEqual(['spine', 'legs, across']);
    expect(bones.pieces).toHaveLength(2);
    expect(bones.proposed).toHaveLength(3);
    const back = withRunChoice(
      [choice({ name: 'arms, across', out: true })],
      'arms, across',
      { out: false },
      () => 'b',
    );
    expect(back).toEqual([]);
  });

  it('an end that goes in 7 mm deeper makes its wire 7 mm longer', () => {
    const legs = (endMm: number | null) =>
      bonesOfOne(person, { runs: [choice({ name: 'legs, across', endMm })] }).bones.pieces.find(
        ({ run }) => run === 'legs, across',
      )?.lengthMm ?? 0;
    expect(legs(25) - legs(18)).toBeCloseTo(7, 9);
    // 18 mm is what a peg has by itself (common practice).
    expect(legs(null)).toBeCloseTo(legs(18), 9);
    expect(legs(18) - legs(0)).toBeCloseTo(18, 9);
  });

  it('a wire of its own does not change what is cut of the others, and its limb is judged by it', () => {
    const thin = { metal: 'aluminium', diameterMm: 0.4, strands: 1 } as const;
    const { bones, book } = bonesOfOne(
      { ...person, pose: 'tee' },
      {
        wire: { metal: 'steel', diameterMm: 1, strands: 1 },
        runs: [choice({ name: 'arms, across', wire: thin })],
      },
    );
    expect(bones.pieces.map(({ wire }) => wire.diameterMm)).toEqual([1, 0.4, 1]);
    expect(book.get('one/bones.sag')?.verdict?.says).toMatch(/gives way/);
  });

  it('a shorter turn of a twist takes more of each strand (helix)', () => {
    const cut = (layMm: number) =>
      bonesOfOne(person, {
        wire: { metal: 'aluminium', diameterMm: 1, strands: 2 },
        runs: [choice({ layMm })],
      }).bones.pieces[0]?.lengthMm ?? 0;
    const [tight, loose] = [cut(5), cut(20)];
    // Strands run on a circle as wide as one of them: √(1 + (π 1 ÷ p)²) for each mm.
    const of = (lay: number) => Math.sqrt(1 + (Math.PI / lay) ** 2);
    expect((tight - 1) / (loose - 1)).toBeCloseTo(of(5) / of(20), 6);
  });
});

describe('a wire drawn by hand', () => {
  const block = { kind: 'block', widthMm: 240, heightMm: 1200, depthMm: 240 } as const;
  const through = choice({ id: 'rod', name: 'rod', drawn: [place(0, 0), place(0, 1100)] });

  it('up the middle of a block has half its width of clay on every side, and a peg where it stands', () => {
    const { bones } = bonesOfOne(block, { runs: [through] });
    const drawn = bones.runs.find(({ drawnId }) => drawnId === 'rod');
    expect(drawn && pathLength(drawn.path)).toBeCloseTo(1100 / 12, 9);
    expect(drawn?.ends.map(({ pegged }) => pegged)).toEqual([true, false]);
    const deepest = Math.max(...(drawn?.limbs[0]?.radii ?? []));
    expect(deepest).toBeCloseTo(10, 6);
  });

  it('goes through a mesh that nothing is known of: a box of triangles', () => {
    const corners = [0, 1].flatMap((x) => [0, 1].flatMap((y) => [0, 1].map((z) => [x * 20, y * 60, z * 20])));
    const faces = [
      [0, 1, 3, 2],
      [4, 6, 7, 5],
      [0, 4, 5, 1],
      [2, 3, 7, 6],
      [0, 2, 6, 4],
      [1, 5, 7, 3],
    ];
    const box: Mesh = {
      positions: Float64Array.from(corners.flat()),
      triangles: Uint32Array.from(faces.flatMap(([a = 0, b = 0, c = 0, d = 0]) => [a, b, c, a, c, d])),
    };
    const { form } = importMesh('box.stl', writeStl(box));
    const upright = { ...form, upright: 'y' as const };
    const { bones, context } = bonesOfOne(upright, {
      sized: 'miniature',
      runs: [{ ...through, drawn: [place(0, 3), place(0, 50)] }],
    });
    // It stands in the middle of its box; half of 20 mm, to half a cell of the grid.
    expect(context.shape.box.max[1] - context.shape.box.min[1]).toBeCloseTo(60, 6);
    expect(Math.abs(Math.max(...(bones.runs[0]?.limbs[0]?.radii ?? [])) - 10)).toBeLessThan(0.8);
    expect(bones.figures.find(({ key }) => key === 'bones.cover')?.verdict?.level).toBe('good');
  });

  it('outside the clay it has none over it, and that is told', () => {
    const { book } = bonesOfOne(block, { runs: [{ ...through, drawn: [place(0, 300), place(400, 600)] }] });
    expect(book.get('one/bones.cover')?.verdict?.level).toBe('stop');
  });

  it('two places that are one make no wire, and nothing breaks', () => {
    const { bones } = bonesOfOne(person, { runs: [{ ...through, drawn: [place(0, 300), place(0, 300)] }] });
    expect(bones.runs.every(({ drawnId }) => drawnId === null)).toBe(true);
  });

  it('a new one lies inside, end to end, in whatever way the part is long', () => {
    for (const [widthMm, heightMm, depthMm] of [
      [1800, 300, 400],
      [300, 1800, 400],
      [300, 400, 1800],
    ] as const) {
      const { one } = reckonedOne({ kind: 'block', widthMm, heightMm, depthMm });
      const { drawn } = straightChoice(one, rodPath(one), 'n');
      const { bones } = bonesOfOne(one.part.form, { runs: [choice({ id: 'n', name: 'n', drawn })] });
      const run = bones.runs.find(({ drawnId }) => drawnId === 'n');
      expect(run && pathLength(run.path)).toBeCloseTo((0.92 * 1800) / 12, 6);
      expect(Math.max(...(run?.limbs[0]?.radii ?? []))).toBeCloseTo(150 / 12, 1);
    }
    const { one } = reckonedOne(person);
    const { drawn } = straightChoice(one, rodPath(one), 'n');
    for (const { xMm, yMm, zMm } of drawn) expect(one.shape.inside?.(xMm, yMm, zMm)).toBeLessThan(0);
  });

  it('a stretch snaps to 15° when it is near, and keeps its length', () => {
    const turn = (degrees: number) => (degrees * Math.PI) / 180;
    const at = (degrees: number) => [10 * Math.cos(turn(degrees)), 10 * Math.sin(turn(degrees))] as const;
    const [x, y] = snapped([0, 0], at(28));
    expect([x, y].map((v) => v.toFixed(6))).toEqual(at(30).map((v) => v.toFixed(6)));
    expect(snapped([0, 0], at(37))).toEqual([...at(37)]);
  });

  it('a press on it puts a bend in where it was pressed, seen from either side', () => {
    const line = [place(0, 0, 0), place(0, 100, 40)];
    expect(withBend(line, 'front', [3, 50])[1]).toEqual(place(0, 50, 20));
    expect(withBend(line, 'side', [20, 50])).toHaveLength(3);
  });
});

describe('a tree', () => {
  const tree = { ...start('orchard-tree'), forks: 3 } as Parameters<typeof bonesOfOne>[0];
  const wired = (branches: Partial<typeof DEFAULT_BRANCHES>) =>
    bonesOfOne(tree, { branches: { ...DEFAULT_BRANCHES, ...branches } });

  it('has as many wires through every fork below as above (nothing ends in between)', () => {
    const { bones } = wired({ roots: false });
    const through = bones.runs.map(({ limbs }) => limbs[0]?.through ?? []);
    expect(through).toHaveLength(8);
    for (const list of through) {
      expect([...list].sort((a, b) => b - a)).toEqual(list);
      expect([list[0], list.at(-1)]).toEqual([8, 1]);
    }
  });

  it('folded, half as many wires each serve two tips, and the clay has the same bundle in it', () => {
    const [plainly, folded] = [wired({ roots: false }), wired({ roots: false, folded: true })];
    expect(folded.bones.runs).toHaveLength(plainly.bones.runs.length / 2);
    expect(folded.bones.cover?.coverMm).toBeCloseTo(plainly.bones.cover?.coverMm ?? 0, 9);
    const total = ({ bones }: typeof folded) => bones.pieces.reduce((sum, { lengthMm }) => sum + lengthMm, 0);
    // Half of the cut allowances are saved, and bending takes a little off at the fold.
    expect(total(folded)).toBeLessThan(total(plainly));
    expect(total(folded) / total(plainly)).toBeGreaterThan(0.95);
  });

  it('a straight wire of 12 in folded once is 6 in of double thickness (common practice)', () => {
    const inch = 25.4;
    const up = [place(0, 0), place(0, 6 * inch)];
    const folded = [...[...up].reverse(), ...up.slice(1)];
    const { bones } = bonesOfOne(
      { kind: 'block', widthMm: 40, heightMm: 170, depthMm: 40 },
      { sized: 'miniature', runs: [choice({ id: 'f', name: 'fold', drawn: folded, startMm: 0, endMm: 0 })] },
    );
    const run = bones.runs.find(({ name }) => name === 'fold');
    expect((run ? pathLength(run.path) : 0) / inch).toBeCloseTo(12, 9);
  });

  it('goes on into its roots in place of a peg, and twigs come on top', () => {
    const { bones } = wired({ roots: true, twigs: 2 });
    const tips = bones.runs.filter(({ group }) => group === 'tips');
    expect(tips.every(({ ends }) => ends.every(({ pegged }) => !pegged))).toBe(true);
    expect(tips.every(({ limbs }) => limbs.some(({ name }) => name === 'root'))).toBe(true);
    const twigs = bones.pieces.filter(({ run }) => run.startsWith('twig'));
    expect(twigs).toHaveLength(16);
    expect(Math.max(...twigs.map(({ wire }) => wire.diameterMm))).toBeLessThan(bones.wire.diameterMm);
  });

  it('128 tips come out with figures that are all numbers', () => {
    const { bones, cuts } = bonesOfOne({ ...tree, forks: 7 } as typeof tree, {
      branches: { ...DEFAULT_BRANCHES, roots: false },
    });
    expect(bones.runs).toHaveLength(128);
    for (const { quantity } of [...bones.figures, ...cuts.figures])
      expect(Number.isFinite(quantity.value)).toBe(true);
  });
});

describe('nonsense', () => {
  it('whatever is settled, drawn or set, every figure stays a number and every piece a length (property)', () => {
    const number = fc.double({ min: -5000, max: 5000, noNaN: true });
    const places = fc.array(fc.record({ xMm: number, yMm: number, zMm: number }), {
      minLength: 1,
      maxLength: 5,
    });
    const depth = fc.option(fc.double({ min: 0, max: 1000, noNaN: true }), { nil: null });
    fc.assert(
      fc.property(
        places,
        depth,
        depth,
        fc.integer({ min: 1, max: 7 }),
        fc.double({ min: 0.1, max: 12, noNaN: true }),
        fc.double({ min: -50, max: 50, noNaN: true }),
        fc.integer({ min: 1, max: 160 }),
        (drawn, startMm, endMm, strands, diameterMm, allowance, ratio) => {
          const { bones, cuts } = bonesOfOne(
            person,
            {
              wire: { metal: 'brass', diameterMm, strands },
              runs: [
                choice({ id: 'd', name: 'drawn', drawn, startMm, endMm }),
                choice({ name: 'spine', startMm }),
              ],
            },
            {
              scale: { kind: 'ratio', ratio },
              own: { 'cut.allowance': allowance, 'cut.bar': allowance * 10 },
            },
          );
          for (const { quantity } of [...bones.figures, ...cuts.figures])
            expect(Number.isFinite(quantity.value)).toBe(true);
          for (const { lengthMm } of bones.pieces) expect(lengthMm).toBeGreaterThan(0);
        },
      ),
      { seed: 3131, numRuns: 30 },
    );
  });

  it('no stock at all: what cannot be had is told with a way out, and something is reckoned with', () => {
    const { bones, book } = bonesOfOne(person, {}, { wireSold: 'stock', wireStock: [] });
    expect(bones.advice).toBeNull();
    const verdict = book.get('one/bones.wire')?.verdict;
    expect(verdict?.says).toContain('no aluminium wire is in stock');
    expect(verdict?.waysOut[0]?.change).toEqual({ path: ['wireSold'], value: 'metric' });
  });

  it('only wire in stock is advised when it alone can be had; gauges when they are sold', () => {
    const stock = [{ id: 's', metal: 'aluminium' as const, diameterMm: 1.29, lengthMm: 900, count: 2 }];
    expect(bonesOfOne(person, {}, { wireSold: 'stock', wireStock: stock }).bones.wire.diameterMm).toBe(1.29);
    const awg = bonesOfOne(person, {}, { wireSold: 'awg' }).bones.wire.diameterMm;
    // One of ASTM B258: 28, 26, 24, 22, 20 or 18.
    expect([0.321, 0.405, 0.511, 0.644, 0.812, 1.024]).toContain(awg);
  });

  it('a piece longer than any stock is told; 2 001 lengths are too many to nest', () => {
    const { cuts } = bonesOfOne(person, {}, { own: { 'cut.bar': 100 } });
    expect(cuts.figures.some(({ verdict }) => /longer than any stock/.test(verdict?.says ?? ''))).toBe(true);
    const many = bonesOfOne(person, { count: 700 });
    expect(many.cuts.faults[0]?.says).toMatch(/2100 lengths .* too many to nest; at most 2000/);
    expect(plain.cuts.faults).toEqual([]);
  });
});
