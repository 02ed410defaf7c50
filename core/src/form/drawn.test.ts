import { describe, expect, it } from 'vitest';
import { cellInBox, distancesInside } from '../solid/index.ts';
import {
  type DrawnForm,
  type Form,
  mirroredPoints,
  PLAIN_PERSON,
  type PlanePoint,
  shapeOf,
  withMeasure,
} from './index.ts';
import { areaOf, extentOf } from './outline.ts';

/** Numbers from 0 to 1 that are the same on every machine (linear congruences, Numerical Recipes’ constants). */
function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

function outlineOf(form: Form, view: 'front' | 'side'): PlanePoint[] {
  const rims = shapeOf(form)
    .outline(view)
    .map(([rim]) => rim ?? []);
  const largest = rims.reduce((a, b) => (Math.abs(areaOf([[b]])) > Math.abs(areaOf([[a]])) ? b : a));
  return largest.map(([xMm, yMm]) => ({ xMm, yMm }));
}

function redrawn(form: Form, edge: DrawnForm['edge']): DrawnForm {
  return {
    kind: 'drawn',
    front: outlineOf(form, 'front'),
    side: outlineOf(form, 'side'),
    top: [],
    depthMm: 1,
    edge,
  };
}

const next = seeded(7);
const between = (low: number, high: number) => low + (high - low) * next();

/** Twenty bodies of several kinds, their sizes by the seed; what is square is drawn as square. */
const BODIES: readonly {
  readonly name: string;
  readonly form: Form;
  readonly edge: DrawnForm['edge'];
}[] = [
  ...Array.from({ length: 7 }, (_, i) => ({
    name: `turned ${i}`,
    edge: 'round' as const,
    form: {
      kind: 'turned' as const,
      lying: false,
      profile: [
        { radiusMm: 0, heightMm: 0 },
        ...Array.from({ length: 5 }, (__, k) => ({
          radiusMm: between(15, 40),
          heightMm: k * between(20, 22),
        })),
        { radiusMm: 0, heightMm: between(90, 120) },
      ],
    },
  })),
  ...Array.from({ length: 5 }, (_, i) => ({
    name: `rod ${i}`,
    edge: 'round' as const,
    form: {
      kind: 'rod' as const,
      lengthMm: between(120, 300),
      startMm: between(20, 60),
      endMm: between(20, 60),
      lying: false,
    },
  })),
  ...Array.from({ length: 4 }, (_, i) => ({
    name: `block ${i}`,
    edge: 'square' as const,
    form: {
      kind: 'block' as const,
      widthMm: between(20, 90),
      heightMm: between(20, 90),
      depthMm: between(20, 90),
    },
  })),
  ...(['deer', 'dog', 'horse'] as const).map((proportions) => ({
    name: proportions,
    edge: 'round' as const,
    form: {
      kind: 'beast' as const,
      proportions,
      withersMm: between(300, 900),
      build: 1,
      pose: 'standing' as const,
      angles: {},
    },
  })),
  { name: 'person', edge: 'round', form: { ...PLAIN_PERSON, statureMm: between(1500, 1900) } },
];

describe('a solid from its own outlines', () => {
  it.each(BODIES)(
    '$name: from front and side come its extents to 0.5 mm and its volume to 10 %',
    ({ form, edge }) => {
      const [was, is] = [shapeOf(form), shapeOf(redrawn(form, edge))];
      // Extents are those of the outlines it was drawn by, whose own grid may round a tip off.
      for (const [view, k] of [
        ['front', 0],
        ['side', 2],
      ] as const) {
        const [left, bottom, right, top] = extentOf(was.outline(view));
        expect(Math.abs((is.box.max[k] ?? 0) - (is.box.min[k] ?? 0) - (right - left))).toBeLessThan(0.5);
        if (view === 'front')
          expect(Math.abs(is.box.max[1] - is.box.min[1] - (top - bottom))).toBeLessThan(0.5);
      }
      expect(is.volumeMm3 / was.volumeMm3).toBeGreaterThan(0.9);
      expect(is.volumeMm3 / was.volumeMm3).toBeLessThan(1.1);
      expect(pieces(is)).toBe(1);
    },
  );

  it('what two outlines cannot tell, a tail in line with the body or a bird’s breast, comes out at most 15 % too full', () => {
    for (const form of [
      { kind: 'beast', proportions: 'cat', withersMm: 250, build: 1, pose: 'standing', angles: {} },
      { kind: 'bird', proportions: 'goose', heightMm: 500, build: 1, angles: {} },
    ] satisfies Form[]) {
      const share = shapeOf(redrawn(form, 'round')).volumeMm3 / shapeOf(form).volumeMm3;
      expect(share).toBeGreaterThan(0.9);
      expect(share).toBeLessThan(1.15);
    }
  });

  it('an ellipse from both sides is an ellipsoid (closed form), a square a block', () => {
    const oval = (w: number, h: number) =>
      Array.from({ length: 60 }, (_, i) => ({
        xMm: (w / 2) * Math.sin((Math.PI * i) / 30),
        yMm: (h / 2) * (1 - Math.cos((Math.PI * i) / 30)),
      }));
    const form: DrawnForm = {
      kind: 'drawn',
      front: oval(60, 100),
      side: oval(40, 100),
      top: [],
      depthMm: 1,
      edge: 'round',
    };
    expect(shapeOf(form).volumeMm3 / ((Math.PI / 6) * 60 * 100 * 40)).toBeCloseTo(1, 1);
    const box = (w: number, h: number) => [
      { xMm: -w / 2, yMm: 0 },
      { xMm: w / 2, yMm: 0 },
      { xMm: w / 2, yMm: h },
      { xMm: -w / 2, yMm: h },
    ];
    const block = shapeOf({ ...form, front: box(60, 30), side: box(20, 30), edge: 'square' });
    expect(block.volumeMm3 / (60 * 30 * 20)).toBeCloseTo(1, 1);
    expect(block.thickest.diameterMm).toBeGreaterThan(18.5);
    expect(block.thickest.diameterMm).toBeLessThan(20.5);
    // From above a circle takes the corners off: a cylinder.
    const round = shapeOf({
      ...form,
      front: box(60, 30),
      side: box(60, 30),
      top: oval(60, 60),
      edge: 'square',
    });
    expect(round.volumeMm3 / (Math.PI * 30 ** 2 * 30)).toBeCloseTo(1, 1);
  });

  it('one outline alone has the depth that is stated, thinner towards its rim', () => {
    const leaf: PlanePoint[] = [
      { xMm: 0, yMm: 0 },
      { xMm: 30, yMm: 50 },
      { xMm: 0, yMm: 100 },
      { xMm: -30, yMm: 50 },
    ];
    const shape = shapeOf({ kind: 'drawn', front: leaf, side: [], top: [], depthMm: 12, edge: 'round' });
    expect(shape.box.max[2] - shape.box.min[2]).toBeCloseTo(12, 3);
    expect(shape.volumeMm3).toBeLessThan(0.85 * 3000 * 12);
    expect(shape.volumeMm3).toBeGreaterThan(0.4 * 3000 * 12);
    expect(shape.notes?.join()).toContain('one outline');
  });

  it('two legs from the front and two from the side are four', () => {
    const legs = (w: number): PlanePoint[] => [
      { xMm: -w, yMm: 0 },
      { xMm: -w / 3, yMm: 0 },
      { xMm: -w / 3, yMm: 40 },
      { xMm: w / 3, yMm: 40 },
      { xMm: w / 3, yMm: 0 },
      { xMm: w, yMm: 0 },
      { xMm: w, yMm: 80 },
      { xMm: -w, yMm: 80 },
    ];
    const table = shapeOf({
      kind: 'drawn',
      front: legs(30),
      side: legs(45),
      top: [],
      depthMm: 1,
      edge: 'square',
    });
    const feet = 4 * 20 * 30 * 40;
    expect(table.volumeMm3 / (feet + 60 * 90 * 40)).toBeCloseTo(1, 1);
  });

  it('outlines without area, or with too few places, are refused by name', () => {
    const form: DrawnForm = { kind: 'drawn', front: [], side: [], top: [], depthMm: 5, edge: 'round' };
    expect(() => shapeOf(form)).toThrow(/front/);
    const line = [0, 1, 2].map((i) => ({ xMm: i, yMm: i }));
    expect(() => shapeOf({ ...form, front: line })).toThrow(/front/);
    const square = [0, 1, 1, 0].map((x, i) => ({ xMm: 10 * x, yMm: i < 2 ? 0 : 10 }));
    expect(() => shapeOf({ ...form, front: square, depthMm: 0 })).toThrow(/depthMm/);
  });

  it('is stretched by its height, width and depth, every outline that shows the length with it', () => {
    const form = redrawn({ kind: 'block', widthMm: 40, heightMm: 60, depthMm: 20 }, 'square');
    const [high, deep] = [withMeasure(form, 'height', 120), withMeasure(form, 'depth', 50)];
    expect(shapeOf(high).box.max[1]).toBeCloseTo(120, 3);
    expect(shapeOf(high).box.max[0]).toBeCloseTo(20, 3);
    expect(shapeOf(deep).box.max[2]).toBeCloseTo(25, 3);
  });

  it('both halves are made alike by the right one', () => {
    const lopsided: PlanePoint[] = [
      { xMm: -10, yMm: 0 },
      { xMm: 20, yMm: 0 },
      { xMm: 20, yMm: 30 },
      { xMm: -10, yMm: 10 },
    ];
    const even = mirroredPoints(lopsided);
    const xs = even.map(({ xMm }) => xMm);
    expect(Math.max(...xs) + Math.min(...xs)).toBeCloseTo(0, 6);
    for (const { xMm, yMm } of even)
      expect(even.some((other) => Math.hypot(other.xMm + xMm, other.yMm - yMm) < 0.01)).toBe(true);
  });
});

/** How many pieces hang together on a grid of it. */
function pieces(shape: ReturnType<typeof shapeOf>): number {
  const { size, cell, distance: mm } = shape.sample(cellInBox(shape.box.min, shape.box.max, 400_000));
  const { distance: inside } = distancesInside(
    size,
    mm.map((value) => (Number.isFinite(value) ? value / cell : 1)),
  );
  const [nx, ny] = size;
  const seen = new Uint8Array(inside.length);
  let count = 0;
  inside.forEach((deep, c) => {
    if (deep <= 0 || seen[c]) return;
    count += 1;
    const open = [c];
    seen[c] = 1;
    for (let at = open.pop(); at !== undefined; at = open.pop())
      for (const step of [1, -1, nx, -nx, nx * ny, -nx * ny]) {
        const to = at + step;
        if ((inside[to] ?? 0) <= 0 || seen[to]) continue;
        seen[to] = 1;
        open.push(to);
      }
  });
  return count;
}
