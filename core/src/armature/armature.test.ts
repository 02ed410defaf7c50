import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../demo/entries.ts';
import { lowWaterFerry } from '../demo/index.ts';
import { extentOf, type Form, makeShapeStore, PLAIN_PERSON, STARTS, type Vec3 } from '../form/index.ts';
import { awgMm, METALS, SWG_MM } from '../handbook/index.ts';
import type { OwnValues } from '../reckoning/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { adviseWire, failuresOf, wiresOf } from './advise.ts';
import { bendingSheet } from './bendingSheet.ts';
import { bendSaving, bendsOf } from './bends.ts';
import { pegPattern } from './bonesDrawing.ts';
import { bending, bucklingN } from './cantilever.ts';
import { frameOf, leastCover } from './checks.ts';
import { cutPlans, logCut } from './plan.ts';
import { pathLength, pegsOf } from './run.ts';
import { proposeRuns } from './runs.ts';
import { tipDegrees } from './standing.ts';
import { bundleMm, strandLength, strengthOf } from './wire.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
function contextFor(form: Form, ratio = 12, own: OwnValues = {}) {
  const part = demoPart('one', 'One', form, ofClay('neutral'));
  const piece = {
    ...lowWaterFerry(NOW),
    parts: [part],
    fits: [],
    log: [],
    scale: { kind: 'ratio', ratio } as const,
    own,
  };
  const { contexts } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const context = contexts.get('one');
  if (!context) throw new Error('not built');
  return { context, contexts };
}
const start = (id: string): Form => {
  const found = STARTS.find((one) => one.id === id);
  if (!found) throw new Error(`no start ${id}`);
  return found.form;
};

describe('wire', () => {
  it.each([
    // ASTM B258, as tabulated.
    [10, 2.588],
    [12, 2.053],
    [14, 1.628],
    [16, 1.291],
    [18, 1.024],
    [20, 0.812],
    [22, 0.644],
    [24, 0.511],
    [26, 0.405],
  ])('AWG %i is %f mm (ASTM B258)', (gauge, mm) => {
    expect(awgMm(gauge)).toBeCloseTo(mm, 3);
  });

  it('SWG 16 is 0.064 in, 20 is 0.036 in (BS 3737)', () => {
    expect(SWG_MM[16]).toBeCloseTo(0.064 * 25.4, 3);
    expect(SWG_MM[20]).toBeCloseTo(0.036 * 25.4, 3);
  });

  it('three circles in a circle are 1 + 2/√3 as wide as one, seven are 3 (circle packing)', () => {
    const of = (strands: number) => bundleMm({ metal: 'copper', diameterMm: 1, strands });
    expect(of(3)).toBeCloseTo(1 + 2 / Math.sqrt(3), 3);
    expect(of(4)).toBeCloseTo(1 + Math.SQRT2, 3);
    expect(of(5)).toBeCloseTo(1 + Math.sqrt(2 * (1 + 1 / Math.sqrt(5))), 3);
    expect([of(1), of(2), of(6), of(7)]).toEqual([1, 2, 3, 3]);
  });

  it('a strand of a twist is as long as its helix, summed in small steps', () => {
    const wire = { metal: 'steel', diameterMm: 1.2, strands: 2 } as const;
    const [length, lay] = [100, 11];
    const at = (z: number): Vec3 => [
      0.6 * Math.cos((2 * Math.PI * z) / lay),
      0.6 * Math.sin((2 * Math.PI * z) / lay),
      z,
    ];
    const path = Array.from({ length: 20_001 }, (_, i) => at((i * length) / 20_000));
    expect(strandLength(wire, length, lay)).toBeCloseTo(pathLength(path), 4);
    expect(strandLength({ ...wire, strands: 1 }, length, lay)).toBe(length);
  });

  it('two strands are twice as stiff as one, not eight times: unbonded they slide', () => {
    const one = strengthOf({ metal: 'aluminium', diameterMm: 1.5, strands: 1 }, {});
    const two = strengthOf({ metal: 'aluminium', diameterMm: 1.5, strands: 2 }, {});
    expect(two.stiffness / one.stiffness).toBeCloseTo(2, 12);
    // 69 GPa × π × 1.5⁴ ÷ 64 = 17 146 N·mm² (Gere, table of section properties).
    expect(one.stiffness).toBeCloseTo(17_146.6, 0);
  });
});

describe('a limb as a cantilever (Roark, table 8.1)', () => {
  const level = (n: number, length: number, w: number) =>
    Array.from({ length: n + 1 }, (_, i) => ({
      at: [(length * i) / n, 0, 0] as Vec3,
      weight: i === 0 ? 0 : (w * length) / n,
    }));
  const EI = 5000;

  it('own weight: wL⁴ ÷ 8EI, moment wL² ÷ 2', () => {
    const [L, w] = [80, 0.002];
    const { sagMm, momentNmm } = bending(level(60, L, w), 0, EI);
    expect(sagMm / ((w * L ** 4) / (8 * EI))).toBeCloseTo(1, 2);
    expect(momentNmm).toBeCloseTo((w * L * L) / 2, 6);
  });

  it('a load at the tip: FL³ ÷ 3EI, moment FL', () => {
    const [L, F] = [80, 0.3];
    const { sagMm, momentNmm } = bending(level(60, L, 0), F, EI);
    expect(sagMm / ((F * L ** 3) / (3 * EI))).toBeCloseTo(1, 2);
    expect(momentNmm).toBeCloseTo(F * L, 9);
  });

  it('hanging straight down it bears nothing', () => {
    const down = Array.from({ length: 9 }, (_, i) => ({ at: [0, -10 * i, 0] as Vec3, weight: 0.1 }));
    expect(bending(down, 1, EI)).toMatchObject({ sagMm: 0, momentNmm: 0 });
  });

  it('a column buckles at π²EI ÷ (KL)² (Euler, as in Gere)', () => {
    expect(bucklingN(1000, 100, 2)).toBeCloseTo((Math.PI ** 2 * 1000) / 40_000, 9);
    expect(bucklingN(1000, 100, 0.7) / bucklingN(1000, 100, 2)).toBeCloseTo((2 / 0.7) ** 2, 9);
  });
});

describe('proposed runs', () => {
  it('a person has a spine, arms across the shoulders, and legs across the hips down into two pegs', () => {
    const runs = proposeRuns(contextFor({ ...PLAIN_PERSON, statureMm: 1700 }).context);
    expect(runs.map((run) => [run.name, pegsOf([run]).length])).toEqual([
      ['spine', 0],
      ['arms, across', 0],
      ['legs, across', 2],
    ]);
    // Arms: two of 0.186 + 0.146 and some hand of stature, and the width between (Drillis & Contini).
    const arms = runs[1] && pathLength(runs[1].path) * 12;
    expect(arms).toBeGreaterThan(2 * (0.186 + 0.146) * 1700);
    expect(arms).toBeLessThan((2 * (0.186 + 0.146 + 0.108) + 0.259 + 0.1) * 1700);
  });

  it.each([
    ['horse', 3, 4],
    ['goose', 2, 2],
    ['spider', 5, 8],
  ])('%s: %i wires, %i pegs', (id, wires, pegs) => {
    const runs = proposeRuns(contextFor(start(id), id === 'spider' ? 0.5 : 12).context);
    expect(runs).toHaveLength(wires);
    expect(pegsOf(runs).length).toBe(pegs);
  });

  it('a tree has one wire to each tip: 2 to the power of its forks', () => {
    const tree = start('orchard-tree');
    const runs = proposeRuns(contextFor(tree).context);
    expect(tree.kind === 'tree' && runs.length).toBe(tree.kind === 'tree' && 2 ** tree.forks);
  });

  it('stay inside the clay, whatever the pose, and no figure is ever NaN (property)', () => {
    const angle = fc.double({ min: -120, max: 150, noNaN: true });
    fc.assert(
      fc.property(
        angle,
        angle,
        angle,
        fc.integer({ min: 6, max: 80 }),
        fc.constantFrom(...METALS),
        (flex, out, knee, ratio, metal) => {
          const { context, contexts } = contextFor(
            {
              ...PLAIN_PERSON,
              statureMm: 1700,
              angles: {
                'right shoulder': { flex, out, twist: 0 },
                'left knee': { flex: knee, out: 0, twist: 0 },
              },
            },
            ratio,
          );
          const runs = proposeRuns(context);
          const frame = frameOf(context, contexts, runs);
          for (const { path } of runs)
            for (const point of path) for (const value of point) expect(Number.isFinite(value)).toBe(true);
          const thin = leastCover(frame, { metal, diameterMm: 0.1, strands: 1 }, 1);
          expect(thin?.coverMm).toBeGreaterThan(0);
          const advice = adviseWire(frame, metal);
          expect(Number.isFinite(advice && bundleMm(advice.wire))).toBe(true);
        },
      ),
      { seed: 3030, numRuns: 25 },
    );
  });
});

describe('the adviser', () => {
  it('takes the thinnest that passes, and says why the next thinner does not', () => {
    const { context, contexts } = contextFor({ ...PLAIN_PERSON, statureMm: 1700, pose: 'tee' });
    const frame = frameOf(context, contexts, proposeRuns(context));
    const advice = adviseWire(frame, 'steel');
    expect(advice?.passes).toBe(true);
    expect(advice?.thinner?.fails.length).toBeGreaterThan(0);
    const thinner = wiresOf(context, 'steel').filter(
      (wire) => bundleMm(wire) < bundleMm(advice?.wire ?? wire) - 1e-9,
    );
    for (const wire of thinner) expect(failuresOf(frame, wire).length).toBeGreaterThan(0);
  });

  it('arms led out ask for more than arms that hang', () => {
    const width = (pose: 'tee' | 'straight') => {
      // By what the wire bears alone: not by how thick it must be for the limb.
      const { context, contexts } = contextFor({ ...PLAIN_PERSON, statureMm: 1700, pose }, 12, {
        'wire.least': 1,
      });
      const advice = adviseWire(frameOf(context, contexts, proposeRuns(context)), 'aluminium');
      return advice ? bundleMm(advice.wire) : 0;
    };
    expect(width('tee')).toBeGreaterThan(width('straight'));
  });
});

describe('standing', () => {
  it('a block tips over its shorter side at atan(half its depth ÷ half its height) (statics)', () => {
    const { context } = contextFor({ kind: 'block', widthMm: 400, heightMm: 900, depthMm: 240 });
    expect(tipDegrees(context)).toBeCloseTo((Math.atan(120 / 450) * 180) / Math.PI, 0);
  });
});

describe('bends', () => {
  it('a right angle rounded at 2 mm is 2·2 − π·2 ÷ 2 = 0.858 mm shorter than its corner', () => {
    expect(bendSaving(90, 2)).toBeCloseTo(4 - Math.PI, 9);
    expect(bendSaving(0, 2)).toBe(0);
  });

  it('are found along a run with their angles: a square of wire has three corners of 90°', () => {
    const square: Vec3[] = [
      [0, 0, 0],
      [10, 0, 0],
      [10, 10, 0],
      [0, 10, 0],
      [0, 0, 0],
    ];
    expect(bendsOf(square).map(({ atMm, degrees }) => [atMm, Math.round(degrees)])).toEqual([
      [10, 90],
      [20, 90],
      [30, 90],
    ]);
  });
});

describe('bends that no pliers come between', () => {
  it('are one, by the whole turn; those farther apart stay two', () => {
    const step = (gap: number): Vec3[] => [
      [0, 0, 0],
      [10, 0, 0],
      [10, gap, 0],
      [20, gap, 0],
    ];
    // Round a corner and back again within a millimetre goes nowhere else: nothing is bent.
    expect(bendsOf(step(1))).toEqual([]);
    expect(bendsOf(step(3)).map(({ degrees, towards }) => [Math.round(degrees), towards])).toEqual([
      [90, 'up'],
      [90, 'right'],
    ]);
    const round: Vec3[] = [
      [0, 0, 0],
      [0, 10, 0],
      [0.5, 10.5, 0],
      [10, 10.5, 0],
    ];
    expect(bendsOf(round)).toHaveLength(1);
    expect(bendsOf(round)[0]).toMatchObject({ towards: 'right' });
    expect(bendsOf(round)[0]?.degrees).toBeCloseTo(90, 6);
  });

  it('say which way: to the front, and back', () => {
    const hook: Vec3[] = [
      [0, 0, 0],
      [0, 10, 0],
      [0, 10, 8],
      [0, 2, 8],
    ];
    expect(bendsOf(hook).map(({ towards }) => towards)).toEqual(['forward', 'down']);
  });
});

describe('the bending drawing and the cut', () => {
  const { contexts, bones } = reckonPiece(lowWaterFerry(NOW), { shapes, workshopOwn: {}, now: NOW });
  const [context, own] = [contexts.get('ferrywoman'), bones.get('ferrywoman')];
  if (!context || !own) throw new Error('no armature');

  it('pegs stand under the ankles: as far apart as those of the form (Drillis & Contini would have them by the hips)', () => {
    const pattern = pegPattern(own);
    expect(pattern).toHaveLength(2);
    const [a, b] = pattern;
    const ankles = context.shape.joints.filter(({ name }) => name.endsWith(' ankle')).map(({ at }) => at);
    const wanted = Math.abs((ankles[0]?.[0] ?? 0) - (ankles[1]?.[0] ?? 0)) / 12;
    expect(Math.abs((a?.[0] ?? 0) - (b?.[0] ?? 0))).toBeCloseTo(wanted, 1);
  });

  it('is at the size of the clay, with the holes and a rule on it', () => {
    const pages = bendingSheet(context, own, 'A4', 100, 'label');
    expect(pages).toHaveLength(2);
    const items = pages.flatMap((page) => page.items);
    const tall = items.flatMap((item) => (item.kind === 'area' ? [extentOf(item.outline)] : []))[0];
    expect((tall?.[3] ?? 0) - (tall?.[1] ?? 0)).toBeCloseTo(1660 / 12, 0);
    // Holes of the drill for its two pegs; the other circles are bends.
    const holes = items.filter((item) => item.kind === 'circle' && item.weight === 'thin');
    expect(holes).toHaveLength(2);
    const wires = items.flatMap((item) =>
      item.kind === 'line' && item.wireMm !== undefined ? [item.wireMm] : [],
    );
    expect(new Set(wires)).toEqual(new Set([1]));
  });

  it('what is cut leaves stock, offcuts worth keeping come into it, and no wire is lost or made', () => {
    const ferry = lowWaterFerry(NOW);
    const pieces = [...bones.values()].flatMap((one) => one.pieces);
    const plan = cutPlans(pieces, ferry.wireStock, {}).plans.find(({ diameterMm }) => diameterMm === 1);
    if (!plan) throw new Error('no plan');
    const after = logCut(ferry, plan, {}, NOW, () => 0.5);
    expect(after.log).toHaveLength(ferry.log.length + 1);
    const total = (stock: readonly { lengthMm: number; count: number; diameterMm: number }[]) =>
      stock
        .filter(({ diameterMm }) => diameterMm === 1)
        .reduce((sum, one) => sum + one.lengthMm * one.count, 0);
    const bought = plan.nesting.cuts.filter(({ stockMm }) => stockMm === 1000).length * 1000;
    const cut = plan.pieces.reduce((sum, { lengthMm }) => sum + lengthMm, 0);
    const thrown = total(ferry.wireStock) + bought - cut - total(after.wireStock);
    // Offcuts shorter than 60 mm are thrown, and kept ones are counted in whole millimetres.
    expect(thrown).toBeGreaterThanOrEqual(0);
    expect(thrown).toBeLessThan(60 * plan.nesting.cuts.length + plan.nesting.cuts.length);
    expect(after.wireStock.every(({ count }) => count > 0)).toBe(true);
  });

  it('the same figure at half the scale wants thinner wire of its own', () => {
    const half = reckonPiece(
      { ...lowWaterFerry(NOW), scale: { kind: 'ratio', ratio: 24 } },
      { shapes, workshopOwn: {}, now: NOW },
    );
    const there = half.bones.get('ferrywoman');
    expect(there && bundleMm(there.wire)).toBeLessThan(bundleMm(own.wire));
    expect((there?.pieces[0]?.lengthMm ?? 0) / (own.pieces[0]?.lengthMm ?? 1)).toBeLessThan(0.6);
  });
});
