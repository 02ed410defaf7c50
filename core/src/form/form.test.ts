import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type CylinderForm,
  coreAsk,
  extentOf,
  type Form,
  FormError,
  makeShapeStore,
  type Outline,
  PLAIN_PERSON,
  type ProfilePoint,
  type RodForm,
  shapeOf,
} from './index.ts';

const rod = (over: Partial<RodForm> = {}): RodForm => ({
  kind: 'rod',
  lengthMm: 100,
  startMm: 20,
  endMm: 20,
  lying: false,
  ...over,
});
const cylinder = (over: Partial<CylinderForm> = {}): CylinderForm => ({
  kind: 'cylinder',
  heightMm: 60,
  bottomMm: 40,
  topMm: 40,
  lying: false,
  ...over,
});
const turned = (profile: readonly (readonly [number, number])[]): Form => ({
  kind: 'turned',
  lying: false,
  profile: profile.map(([radiusMm, heightMm]): ProfilePoint => ({ radiusMm, heightMm })),
});

/** Area of an outline by the shoelace formula, holes taken off by their turning. */
function areaOf(outline: Outline): number {
  return outline
    .flatMap((polygon) =>
      polygon.map((ring, index) => {
        let sum = 0;
        ring.forEach(([x, y], i) => {
          const [u, v] = ring[(i + 1) % ring.length] ?? [0, 0];
          sum += x * v - u * y;
        });
        return (index === 0 ? 1 : -1) * Math.abs(sum / 2);
      }),
    )
    .reduce((a, b) => a + b, 0);
}

/** Volume by throwing points (fixed seed), against which closed forms are held. */
function thrownVolume(
  inside: (x: number, y: number, z: number) => boolean,
  half: number,
  height: number,
): number {
  let seed = 20201;
  const random = () => {
    seed = (seed * 1664525 + 1013904223) % 4294967296;
    return seed / 4294967296;
  };
  let hits = 0;
  const throws = 400_000;
  for (let i = 0; i < throws; i += 1)
    if (inside((random() * 2 - 1) * half, random() * height, (random() * 2 - 1) * half)) hits += 1;
  return (hits / throws) * 4 * half * half * height;
}

describe('simple solids in closed form (Bronshtein & Semendyayev, section 3.3)', () => {
  it('a 40 mm ball is 33.5 cm³', () => {
    expect(shapeOf({ kind: 'ball', diameterMm: 40 }).volumeMm3).toBeCloseTo(33_510, 0);
  });

  it('a rolling pin of 1 in × 1/4 in as a plain cylinder is 0.804 cm³ (common practice)', () => {
    expect(shapeOf(cylinder({ heightMm: 25.4, bottomMm: 6.35, topMm: 6.35 })).volumeMm3 / 1000).toBeCloseTo(
      0.804,
      3,
    );
  });

  it('an even bar is a cylinder and a ball', () => {
    const { volumeMm3, areaMm2 } = shapeOf(rod());
    expect(volumeMm3).toBeCloseTo(Math.PI * 100 * 80 + (4 / 3) * Math.PI * 1000, 6);
    expect(areaMm2).toBeCloseTo(2 * Math.PI * 10 * 80 + 4 * Math.PI * 100, 6);
  });

  it('a tapered bar holds as many thrown points as its formula says', () => {
    const volume = shapeOf(rod({ startMm: 40, endMm: 20 })).volumeMm3;
    // Inside a bar of round ends: within some ball between the two end balls.
    const inside = (x: number, y: number, z: number) => {
      for (let i = 0; i <= 60; i += 1) {
        const u = i / 60;
        if (Math.hypot(x, z, y - (20 + 70 * u)) <= 20 - 10 * u) return true;
      }
      return false;
    };
    expect(volume / thrownVolume(inside, 20, 100)).toBeCloseTo(1, 2);
  });

  it('a cone is a third of its cylinder, and its ball touches base and side', () => {
    const cone = shapeOf(cylinder({ bottomMm: 60, topMm: 0, heightMm: 40 }));
    expect(cone.volumeMm3).toBeCloseTo((Math.PI * 900 * 40) / 3, 6);
    // Radius of the ball in a cone r = 30, h = 40, slant 50: r h ÷ (r + slant).
    expect(cone.thickest.diameterMm).toBeCloseTo((2 * 30 * 40) / (30 + 50), 6);
  });

  it('a ring follows Pappus', () => {
    const ring = shapeOf({ kind: 'ring', acrossMm: 60, thicknessMm: 10, lying: true });
    expect(ring.volumeMm3).toBeCloseTo(2 * Math.PI ** 2 * 25 * 25, 6);
    expect(ring.areaMm2).toBeCloseTo(4 * Math.PI ** 2 * 25 * 5, 6);
    expect(ring.box.max[1]).toBe(10);
  });

  it('a turned cylinder, cone and tube are those solids', () => {
    expect(
      shapeOf(
        turned([
          [0, 0],
          [20, 0],
          [20, 60],
          [0, 60],
        ]),
      ).volumeMm3,
    ).toBeCloseTo(Math.PI * 400 * 60, 6);
    expect(
      shapeOf(
        turned([
          [0, 0],
          [30, 0],
          [0, 40],
        ]),
      ).volumeMm3,
    ).toBeCloseTo((Math.PI * 900 * 40) / 3, 6);
    const tube = shapeOf(
      turned([
        [10, 0],
        [20, 0],
        [20, 60],
        [10, 60],
      ]),
    );
    expect(tube.volumeMm3).toBeCloseTo(Math.PI * (400 - 100) * 60, 6);
    expect(tube.thickest.diameterMm).toBeCloseTo(10, 2);
  });

  it('a turned ball has a ball’s volume, surface and thickness to 0.5 %', () => {
    const points = Array.from({ length: 91 }, (_, i): [number, number] => {
      const angle = -Math.PI / 2 + (Math.PI * i) / 90;
      return [i === 0 || i === 90 ? 0 : 20 * Math.cos(angle), 20 + 20 * Math.sin(angle)];
    });
    const ball = shapeOf(turned(points));
    expect(ball.volumeMm3 / 33_510.3).toBeCloseTo(1, 2.3);
    expect(ball.areaMm2 / (4 * Math.PI * 400)).toBeCloseTo(1, 2.3);
    expect(ball.thickest.diameterMm / 40).toBeCloseTo(1, 2.3);
  });

  it('a mug is seen without its hollow but cut open with it', () => {
    const mug = shapeOf(
      turned([
        [0, 0],
        [40, 0],
        [40, 95],
        [36, 95],
        [36, 4],
        [0, 4],
      ]),
    );
    expect(areaOf(mug.outline('front'))).toBeCloseTo(80 * 95, 3);
    expect(areaOf(mug.section())).toBeCloseTo(80 * 95 - 72 * 91, 3);
    expect(mug.thickest.diameterMm).toBeGreaterThanOrEqual(4);
    expect(mug.thickest.diameterMm).toBeLessThan(5.7); // the corner where wall meets floor
  });
});

describe('invariants of every form', () => {
  const length = fc.double({ min: 1, max: 500, noNaN: true });
  const form: fc.Arbitrary<Form> = fc.oneof(
    length.map((diameterMm): Form => ({ kind: 'ball', diameterMm })),
    fc
      .tuple(length, length, length)
      .map(([widthMm, heightMm, depthMm]): Form => ({ kind: 'block', widthMm, heightMm, depthMm })),
    fc
      .tuple(length, length, length, fc.boolean())
      .map(([a, b, c, lying]): Form => rod({ startMm: a, endMm: b, lengthMm: a + b + c, lying })),
    fc
      .tuple(length, length, length, fc.boolean())
      .map(([heightMm, bottomMm, topMm, lying]): Form => cylinder({ heightMm, bottomMm, topMm, lying })),
    fc.tuple(length, fc.double({ min: 0.05, max: 0.5, noNaN: true }), fc.boolean()).map(
      ([acrossMm, share, lying]): Form => ({
        kind: 'ring',
        acrossMm,
        thicknessMm: acrossMm * share,
        lying,
      }),
    ),
  );

  it('box holds the outlines, the ball fits the box, a thicker skin leaves a smaller core, volume obeys the isoperimetric bound', () => {
    fc.assert(
      fc.property(form, fc.double({ min: 0.01, max: 0.4, noNaN: true }), (one, share) => {
        const shape = shapeOf(one);
        const [left, bottom, right, top] = extentOf(shape.outline('front'));
        const near = (a: number, b: number) => Math.abs(a - b) <= 0.003 * Math.max(1, Math.abs(b)) + 1e-6;
        expect(near(left, shape.box.min[0]) && near(right, shape.box.max[0])).toBe(true);
        expect(near(bottom, 0) && near(top, shape.box.max[1])).toBe(true);
        const least = Math.min(...[0, 1, 2].map((k) => (shape.box.max[k] ?? 0) - (shape.box.min[k] ?? 0)));
        expect(shape.thickest.diameterMm).toBeLessThanOrEqual(least * 1.001);
        // 36 π V² ≤ A³ for every body (isoperimetric inequality).
        expect(36 * Math.PI * shape.volumeMm3 ** 2).toBeLessThanOrEqual(shape.areaMm2 ** 3 * 1.0001);
        const skin = share * shape.thickest.diameterMm;
        const [thin, thick] = [shape.core(coreAsk(skin / 2, 0.01)), shape.core(coreAsk(skin, 0.01))];
        expect(thick.volumeMm3).toBeLessThanOrEqual(thin.volumeMm3 + 1e-9);
        expect(thin.volumeMm3).toBeLessThan(shape.volumeMm3);
        expect(thin.thickestClay.diameterMm).toBeLessThanOrEqual(shape.thickest.diameterMm * 1.0001 + 1e-9);
      }),
      { seed: 1972, numRuns: 300 },
    );
  });
});

describe('cores, where the inward offset is exact', () => {
  it('ball, block, cylinder, ring', () => {
    expect(shapeOf({ kind: 'ball', diameterMm: 48 }).core(coreAsk(4, 2)).volumeMm3).toBeCloseTo(33_510, 0);
    expect(
      shapeOf({ kind: 'block', widthMm: 30, heightMm: 40, depthMm: 50 }).core(coreAsk(5, 2)).volumeMm3,
    ).toBeCloseTo(20 * 30 * 40, 6);
    expect(shapeOf(cylinder()).core(coreAsk(5, 2)).volumeMm3).toBeCloseTo(Math.PI * 225 * 50, 6);
    expect(
      shapeOf({ kind: 'ring', acrossMm: 80, thicknessMm: 20, lying: true }).core(coreAsk(4, 2)).volumeMm3,
    ).toBeCloseTo(2 * Math.PI ** 2 * 30 * 36, 6);
  });

  it('the offset of a bar loses skin × surface to first order (Steiner)', () => {
    for (const one of [rod({ startMm: 40, endMm: 24 }), cylinder({ bottomMm: 60, topMm: 30 })]) {
      const shape = shapeOf(one);
      const skin = 1e-3;
      const lost = shape.volumeMm3 - shape.core(coreAsk(skin, 0.01)).volumeMm3;
      expect(lost / (skin * shape.areaMm2)).toBeCloseTo(1, 3);
    }
  });

  it('a turned cylinder’s core agrees with the exact one to 0.5 %', () => {
    const measured = shapeOf(
      turned([
        [0, 0],
        [20, 0],
        [20, 60],
        [0, 60],
      ]),
    ).core(coreAsk(5, 2)).volumeMm3;
    expect(measured / (Math.PI * 225 * 50)).toBeCloseTo(1, 2.3);
  });

  it('a form thinner than two skins and the least core gets none', () => {
    const core = shapeOf(rod({ startMm: 9, endMm: 9 })).core(coreAsk(4, 2));
    expect([core.volumeMm3, core.without]).toEqual([0, ['rod']]);
    expect(core.thickestClay.diameterMm).toBe(9);
  });

  it('a bar that tapers out of its core keeps solid clay up to two skins and the least core', () => {
    const core = shapeOf(rod({ lengthMm: 200, startMm: 40, endMm: 4 })).core(coreAsk(4, 2));
    expect(core.volumeMm3).toBeGreaterThan(0);
    expect(core.thickestClay.diameterMm).toBeCloseTo(10, 6);
  });
});

describe('forms that nothing can be built from', () => {
  it.each<[Form, string]>([
    [{ kind: 'ball', diameterMm: 0 }, 'ball: diameterMm wants a length over 0, got 0'],
    [{ kind: 'ball', diameterMm: Number.NaN }, 'got NaN'],
    [{ kind: 'block', widthMm: 1, heightMm: -1, depthMm: 1 }, 'block: heightMm'],
    [rod({ lengthMm: 15 }), 'rod: lengthMm wants more than 20 mm, its thicker end, got 15'],
    [cylinder({ topMm: -1 }), 'cylinder: topMm wants a length of 0 or more'],
    [
      { kind: 'ring', acrossMm: 10, thicknessMm: 8, lying: true },
      'ring: thicknessMm wants at most half of 10 mm',
    ],
    [
      turned([
        [0, 0],
        [1, 1],
      ]),
      'three points or more',
    ],
    [
      turned([
        [0, 0],
        [-1, 1],
        [0, 2],
      ]),
      'profile[1].radiusMm',
    ],
    [
      turned([
        [0, 0],
        [10, 0],
        [0, 10],
        [10, 10],
      ]),
      'a line that does not cross itself',
    ],
    [
      turned([
        [0, 0],
        [0, 5],
        [0, 10],
      ]),
      'a line that encloses something',
    ],
    [{ ...PLAIN_PERSON, statureMm: 1660, headsTall: 1 }, 'person: headsTall wants 2 to 9 heads, got 1'],
    [{ ...PLAIN_PERSON, statureMm: 1660, build: 9 }, 'person: build wants 0.5 to 2'],
  ])('%j', (form, says) => {
    expect(() => shapeOf(form)).toThrow(FormError);
    expect(() => shapeOf(form)).toThrow(says);
  });
});

describe('the store of shapes', () => {
  it('scales a person it has already built and gets what building it anew gives', () => {
    const store = makeShapeStore();
    const tall: Form = { ...PLAIN_PERSON, statureMm: 1830, headsTall: 8, build: 1.2, pose: 'tee' };
    const [kept, built] = [store.shapeOf(tall), shapeOf(tall)];
    expect(kept.volumeMm3 / built.volumeMm3).toBeCloseTo(1, 6);
    expect(kept.areaMm2 / built.areaMm2).toBeCloseTo(1, 6);
    expect(kept.core(coreAsk(48, 24)).volumeMm3 / built.core(coreAsk(48, 24)).volumeMm3).toBeCloseTo(1, 3);
    expect(kept.measures.map(({ key, lengthMm }) => [key, lengthMm.toFixed(3)])).toEqual(
      built.measures.map(({ key, lengthMm }) => [key, lengthMm.toFixed(3)]),
    );
    expect(extentOf(kept.outline('side'))[3]).toBeCloseTo(extentOf(built.outline('side'))[3], 1);
  });

  it('builds a form once, and again when it is thickened', () => {
    const store = makeShapeStore();
    const form: Form = { ...PLAIN_PERSON, statureMm: 1660 };
    expect(store.shapeOf(form)).toBe(store.shapeOf(form));
    const heroic = store.shapeOf(form, { head: 1.2, hands: 1.3 });
    expect(heroic).not.toBe(store.shapeOf(form));
    expect(heroic.box.max[1]).toBeCloseTo(1660, 6);
  });
});

describe('the centre of a solid (any handbook of mechanics)', () => {
  const up = (form: Form) => shapeOf(form).centre[1];

  it('of a cone lies a quarter up, of a half-high frustum where its sums say, of a lying one in its middle line', () => {
    expect(up({ kind: 'cylinder', heightMm: 40, bottomMm: 30, topMm: 0, lying: false })).toBeCloseTo(10, 9);
    // h (R² + 2 R r + 3 r²) / 4 (R² + R r + r²) with R = 2 r
    expect(up({ kind: 'cylinder', heightMm: 40, bottomMm: 20, topMm: 10, lying: false })).toBeCloseTo(
      (40 * (4 + 4 + 3)) / (4 * (4 + 2 + 1)),
      9,
    );
    const lying = shapeOf({ kind: 'cylinder', heightMm: 40, bottomMm: 30, topMm: 0, lying: true });
    expect(lying.centre[0]).toBeCloseTo(-10, 9);
    expect(lying.centre[1]).toBeCloseTo(15, 9);
  });

  it('of a wedge lies a third up, of a ball, a block and a ring in the middle', () => {
    const wedge = shapeOf({ kind: 'wedge', widthMm: 30, heightMm: 21, depthMm: 10 });
    expect(wedge.centre[0]).toBeCloseTo(5, 9);
    expect(wedge.centre[1]).toBeCloseTo(7, 9);
    expect(up({ kind: 'ball', diameterMm: 12 })).toBe(6);
    expect(up({ kind: 'block', widthMm: 1, heightMm: 8, depthMm: 1 })).toBe(4);
    expect(up({ kind: 'ring', acrossMm: 50, thicknessMm: 10, lying: false })).toBe(25);
  });

  it('of a filled bowl is that of its frustum; hollowed out, most of it is low in the wall and floor', () => {
    const bowl = (...inside: { radiusMm: number; heightMm: number }[]): Form => ({
      kind: 'turned',
      lying: false,
      profile: [
        { radiusMm: 0, heightMm: 0 },
        { radiusMm: 40, heightMm: 0 },
        { radiusMm: 60, heightMm: 50 },
        ...inside,
      ],
    });
    const full = bowl({ radiusMm: 0, heightMm: 50 });
    const hollow = bowl(
      { radiusMm: 56, heightMm: 50 },
      { radiusMm: 36, heightMm: 4 },
      { radiusMm: 0, heightMm: 4 },
    );
    expect(up(full)).toBeCloseTo((50 * (16 + 2 * 24 + 3 * 36)) / (4 * (16 + 24 + 36)), 6);
    expect(up(hollow)).toBeLessThan(up(full));
    expect(up(hollow)).toBeGreaterThan(15);
  });

  it('goes down when a person sits, and stays inside the box', () => {
    const standing = shapeOf({ ...PLAIN_PERSON, statureMm: 1700 });
    const sitting = shapeOf({ ...PLAIN_PERSON, statureMm: 1700, pose: 'sitting' });
    expect(sitting.centre[1]).toBeLessThan(standing.centre[1]);
    expect(sitting.centre[2]).toBeGreaterThan(standing.centre[2]);
  });
});
