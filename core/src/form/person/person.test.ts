import { describe, expect, it } from 'vitest';
import { handbookRow } from '../../handbook/index.ts';
import { coreAsk } from '../coreField.ts';
import { boundaryOf, integrate, type Loft, placed, sectionsOf } from '../lofted/index.ts';
import { makeShapeStore } from '../shapeOf.ts';
import type { PersonForm } from '../types.ts';
import { personShape } from './index.ts';

const person = (over: Partial<PersonForm> = {}): PersonForm => ({
  kind: 'person',
  statureMm: 1750,
  headsTall: null,
  build: 1,
  pose: 'straight',
  angles: {},
  clothing: { headMm: 0, trunkMm: 0, armsMm: 0, legsMm: 0, hemMm: null },
  locked: {},
  ...over,
});
const adult = personShape(person());

describe('a person against published figures', () => {
  it('has the published heights and lengths (Drillis & Contini 1966, in Winter, fig. 4.1)', () => {
    const lengths = Object.fromEntries(adult.measures.map(({ key, lengthMm }) => [key, lengthMm / 1750]));
    expect(lengths).toMatchObject({
      eyes: expect.closeTo(0.936, 6),
      head: expect.closeTo(0.13, 6),
      shoulder: expect.closeTo(0.818, 6),
      elbow: expect.closeTo(0.63, 6),
      hip: expect.closeTo(0.53, 6),
      knee: expect.closeTo(0.285, 6),
      shoulders: expect.closeTo(0.259, 6),
      hand: expect.closeTo(0.108, 6),
      foot: expect.closeTo(0.152, 6),
    });
  });

  it('names the handbook row of every measure that follows from the stature', () => {
    for (const { field, handbookRow: row } of adult.measures)
      if (field === null) expect(handbookRow(row ?? '').standing).toBe('published');
  });

  it('weighs what a person weighs: about 70 l at 1.75 m, within 5 %', () => {
    // Reference adult of 1.76 m and 73 kg at a body density near 1.05 kg/l (ICRP Publication 89; from memory).
    expect(adult.volumeMm3 / 1e6).toBeGreaterThan(66);
    expect(adult.volumeMm3 / 1e6).toBeLessThan(73);
  });

  it('has the surface Du Bois & Du Bois (1916) give for its height and weight, to 10 %', () => {
    const weightKg = adult.volumeMm3 / 1e6;
    const published = 0.007184 * weightKg ** 0.425 * 175 ** 0.725;
    expect(adult.areaMm2 / 1e6 / published).toBeGreaterThan(0.9);
    expect(adult.areaMm2 / 1e6 / published).toBeLessThan(1.1);
  });

  it('shares its volume out like the published segment masses (Winter, table 4.1), to a third of each', () => {
    const share = (name: string) =>
      [...adult.sums.byRegion].filter(([region]) => region === name).reduce((sum, [, v]) => sum + v, 0) /
      adult.volumeMm3;
    expect(share('torso') / 0.497).toBeCloseTo(1, 0.8);
    for (const [name, mass] of [
      ['forearm', 0.016],
      ['hand', 0.006],
      ['thigh', 0.1],
      ['shank', 0.0465],
      ['foot', 0.0145],
    ] as const) {
      expect(share(`left ${name}`) / mass, name).toBeGreaterThan(0.67);
      expect(share(`left ${name}`) / mass, name).toBeLessThan(1.33);
    }
  });

  it('balances at 55 % of its height, a little over half (Winter, 0.55 H from memory)', () => {
    expect(adult.sums.centre[1] / 1750).toBeCloseTo(0.555, 1.5);
  });
});

describe('two ways to the same sums', () => {
  it('grid and boundary agree on the volume to 0.5 % in both poses', () => {
    for (const pose of ['straight', 'tee'] as const) {
      const shape = personShape(person({ pose }));
      expect(boundaryOf(shape.lofts).volumeMm3 / shape.volumeMm3, pose).toBeCloseTo(1, 2.3);
    }
  });

  it('a loft with even ends is its closed form', () => {
    const flat = (t: number) => ({ t, across: 20, ahead: 30, shift: 0 });
    const loft: Loft = {
      region: 'bar',
      joint: null,
      origin: [0, 0, 0],
      axis: [0, 1, 0],
      acrossAxis: [1, 0, 0],
      aheadAxis: [0, 0, 1],
      length: 200,
      stations: [flat(0), flat(0.5), flat(1)],
      startCap: 20,
      endCap: 20,
      from: 0,
    };
    const one = [placed(loft, sectionsOf(loft))];
    // Elliptic cylinder and the two halves of an ellipsoid.
    const wanted = Math.PI * 600 * 200 + (4 / 3) * Math.PI * 20 * 30 * 20;
    expect(integrate(one, 5).volumeMm3 / wanted).toBeCloseTo(1, 2.3);
    expect(boundaryOf(one).volumeMm3 / wanted).toBeCloseTo(1, 1.8);
  });
});

describe('canon, build and pose', () => {
  it('a canon in heads sets the head and shares the rest out', () => {
    for (const headsTall of [3, 6, 7.5, 8.5]) {
      const lengths = Object.fromEntries(
        personShape(person({ headsTall })).measures.map(({ key, lengthMm }) => [key, lengthMm]),
      );
      expect(1750 / (lengths.head ?? 0)).toBeCloseTo(headsTall, 9);
      expect((lengths.hip ?? 0) / (1750 - (lengths.head ?? 0))).toBeCloseTo(0.53 / 0.87, 9);
    }
  });

  it('keeps its height in every canon, build and pose, and its sole on the ground', () => {
    for (const headsTall of [null, 2, 4, 9])
      for (const pose of ['straight', 'tee'] as const) {
        const { box } = personShape(person({ headsTall, pose, build: 1.3 }));
        expect(box.max[1]).toBeCloseTo(1750, 6);
        expect(box.min[1]).toBeCloseTo(0, 6);
      }
  });

  it('arms out span about the height (an old rule of the studio, common practice)', () => {
    const { box } = personShape(person({ pose: 'tee' }));
    expect((box.max[0] - box.min[0]) / 1750).toBeGreaterThan(1);
    expect((box.max[0] - box.min[0]) / 1750).toBeLessThan(1.12);
  });

  it('all volumes go with the cube of the stature', () => {
    const small = personShape(person({ statureMm: 175 }));
    expect((small.volumeMm3 * 1000) / adult.volumeMm3).toBeCloseTo(1, 6);
  });

  it('the outline is one clean area that reaches from sole to crown', () => {
    for (const view of ['front', 'side'] as const) {
      const outline = adult.outline(view);
      expect(outline).toHaveLength(1);
      const ys = outline.flatMap((polygon) => polygon.flatMap((ring) => ring.map(([, y]) => y)));
      expect(Math.min(...ys)).toBeCloseTo(0, 0);
      expect(Math.max(...ys)).toBeCloseTo(1750, 0);
    }
  });
});

describe('the core of a person', () => {
  it('fills trunk, head and thighs at 1:12 and leaves hands and feet to the wire', () => {
    const core = adult.core(coreAsk(4 * 12, 2 * 12));
    expect(core.regions).toEqual(expect.arrayContaining(['torso', 'head', 'left thigh', 'right thigh']));
    expect(core.without).toEqual(expect.arrayContaining(['left hand', 'right foot', 'left forearm']));
    expect(core.thickestClay.diameterMm).toBeLessThan(2 * 4 * 12 + 2 * 12 + 1);
  });

  it('agrees with a grid of the same trunk offset inward to 3 %', () => {
    const skin = 48;
    const trunk = adult.lofts.find(({ loft }) => loft.region === 'torso');
    if (!trunk) throw new Error('no trunk');
    const { loft } = trunk;
    const smaller: Loft = {
      ...loft,
      stations: loft.stations.map((s) => ({ ...s, across: s.across - skin, ahead: s.ahead - skin })),
      startCap: 1,
      endCap: 1,
    };
    const reference = integrate([placed(smaller, sectionsOf(smaller))], 6).volumeMm3;
    const trunkOnly = personShape(person()).core(coreAsk(skin, 1));
    const others = ['head', 'neck', 'left thigh', 'right thigh'];
    expect(trunkOnly.regions).toEqual(expect.arrayContaining(others));
    // The trunk is the largest share of the core but not all of it.
    expect(trunkOnly.volumeMm3).toBeGreaterThan(reference * 0.97);
    expect(trunkOnly.volumeMm3).toBeLessThan(reference * 2);
  });
});

describe('held lengths', () => {
  const measure = (form: PersonForm, key: string) =>
    personShape(form).measures.find((one) => one.key === key)?.lengthMm;
  const plain = person({ statureMm: 1700 });

  it('a held length stays through a new stature; the rest follows, and the height is what is asked for', () => {
    for (const statureMm of [1500, 1700, 1900]) {
      const form: PersonForm = { ...plain, statureMm, locked: { head: 240, hip: 850 } };
      expect(measure(form, 'head')).toBeCloseTo(240, 6);
      expect(measure(form, 'hip')).toBeCloseTo(850, 6);
      const { box } = personShape(form);
      expect(box.max[1] - box.min[1]).toBeCloseTo(statureMm, -1);
      expect(measure(form, 'knee')).toBeLessThan(850);
    }
  });

  it('legs held longer make the shank longer in proportion, and the trunk shorter', () => {
    const long: PersonForm = { ...plain, locked: { hip: 1000 } };
    const ratio = (form: PersonForm) => (measure(form, 'knee') ?? 0) / (measure(form, 'hip') ?? 1);
    expect(ratio(long)).toBeCloseTo(ratio(plain), 1);
    expect(measure(long, 'knee')).toBeGreaterThan(measure(plain, 'knee') ?? 0);
    expect(measure(long, 'shoulder')).toBeCloseTo(measure(plain, 'shoulder') ?? 0, 6);
    const trunk = (form: PersonForm) => personShape(form).sums.byRegion.get('torso') ?? 0;
    expect(trunk(long)).toBeLessThan(trunk(plain));
  });

  it('arms keep their length when the shoulder is held', () => {
    const square: PersonForm = { ...plain, locked: { shoulder: 1420 } };
    const upper = (form: PersonForm) => (measure(form, 'shoulder') ?? 0) - (measure(form, 'elbow') ?? 0);
    expect(upper(square)).toBeCloseTo(upper(plain), 6);
  });

  it('says which held length leaves no room', () => {
    expect(() => personShape({ ...plain, locked: { knee: 950 } })).toThrow(
      /locked.knee wants a height under/,
    );
    expect(() => personShape({ ...plain, locked: { shoulder: 1600 } })).toThrow(/locked.shoulder/);
    expect(() => personShape({ ...plain, locked: { head: 1200 } })).toThrow(/locked.head/);
  });

  it('a store that scales bodies holds the same lengths as building each anew', () => {
    const form: PersonForm = { ...plain, locked: { hand: 210, knee: 430 } };
    const stored = makeShapeStore().shapeOf(form);
    for (const key of ['hand', 'knee', 'hip', 'head'])
      expect(stored.measures.find((one) => one.key === key)?.lengthMm).toBeCloseTo(
        measure(form, key) ?? 0,
        6,
      );
  });
});
