import Module from 'manifold-3d';
import { beforeAll, describe, expect, it } from 'vitest';
import { type Mesh, packMesh, turnedInsideOut } from '../solid/index.ts';
import {
  coreAsk,
  extentOf,
  type Form,
  FormError,
  type MeshForm,
  type Shape,
  shapeOf,
  withMeasure,
} from './index.ts';

/** A geometry library from outside as the reference. */
let manifold: Awaited<ReturnType<typeof Module>>;
beforeAll(async () => {
  manifold = await Module();
  manifold.setup();
});

type Manifold = ReturnType<typeof manifold.Manifold.sphere>;
function meshOf(solid: Manifold): Mesh {
  const { vertProperties, triVerts, numProp } = solid.getMesh();
  const positions = Float64Array.from(
    { length: (vertProperties.length / numProp) * 3 },
    (_, i) => vertProperties[Math.floor(i / 3) * numProp + (i % 3)] ?? 0,
  );
  return { positions, triangles: Uint32Array.from(triVerts) };
}
const form = (mesh: Mesh, over: Partial<MeshForm> = {}): MeshForm => ({
  kind: 'mesh',
  source: 'thing.stl',
  data: packMesh(mesh),
  unitMm: 1,
  extent: { x: 40, y: 20, z: 30 },
  upright: 'y',
  ...over,
});
const box = (shape: Shape) => ([0, 1, 2] as const).map((k) => shape.box.max[k] - shape.box.min[k]);
const block = () => manifold.Manifold.cube([40, 20, 30]);
/** Area of an outline, holes taken off. */
const areaOf = (shape: Shape, view: 'front' | 'side') =>
  shape
    .outline(view)
    .flat()
    .reduce(
      (sum, ring) =>
        sum +
        ring.reduce((part, [x, y], i) => {
          const [u, v] = ring[(i + 1) % ring.length] ?? [0, 0];
          return part + (x * v - u * y) / 2;
        }, 0),
      0,
    );

describe('an imported mesh, against manifold-3d', () => {
  it('has its volume and surface to 0.1 %, its sizes, and stands on the ground', () => {
    const solid = block().add(manifold.Manifold.sphere(9, 64).translate([40, 20, 15]));
    const shape = shapeOf(form(meshOf(solid)));
    expect(shape.volumeMm3 / solid.volume()).toBeCloseTo(1, 4);
    expect(shape.areaMm2 / solid.surfaceArea()).toBeCloseTo(1, 4);
    expect(shape.box.min[1]).toBeCloseTo(0, 6);
    expect(shape.notes).toEqual([]);
    expect(shape.error).toBe(0);
  });

  it('z up turns it so that z is its height; a unit of inches makes it 25.4 times as large', () => {
    expect(box(shapeOf(form(meshOf(block())))).map(Math.round)).toEqual([40, 20, 30]);
    expect(box(shapeOf(form(meshOf(block()), { upright: 'z' }))).map(Math.round)).toEqual([40, 30, 20]);
    expect(box(shapeOf(form(meshOf(block()), { unitMm: 25.4 })))[1]).toBeCloseTo(20 * 25.4, 3);
    const taller = withMeasure(form(meshOf(block()), { upright: 'z' }), 'height', 60);
    expect(box(shapeOf(taller)).map(Math.round)).toEqual([80, 60, 40]);
  });

  it('reads depth, outlines and a core off its grid: a block is as thick as its least side', () => {
    const shape = shapeOf(form(meshOf(block())));
    expect(shape.thickest.diameterMm).toBeGreaterThan(18.5);
    expect(shape.thickest.diameterMm).toBeLessThan(20.5);
    expect(areaOf(shape, 'front') / 800).toBeCloseTo(1, 1.5);
    expect(areaOf(shape, 'side') / 600).toBeCloseTo(1, 1.5);
    const core = shape.core(coreAsk(4, 2));
    // Exact inward offset of a block.
    expect(core.volumeMm3 / (32 * 12 * 22)).toBeCloseTo(1, 1.2);
    expect(core.thickestClay.diameterMm).toBeLessThan(12);
    expect(shape.core(coreAsk(10, 2)).volumeMm3).toBe(0);
    const [left, bottom, right, top] = extentOf(core.section());
    expect([right - left, top - bottom].map((size) => Math.round(size))).toEqual([32, 12]);
  });

  it('keeps a hole through it open in its silhouette', () => {
    const pierced = block().subtract(manifold.Manifold.cylinder(200, 5, 5, 64, true).translate([20, 10, 0]));
    const outline = shapeOf(form(meshOf(pierced))).outline('front');
    expect(outline).toHaveLength(1);
    expect(outline[0]).toHaveLength(2);
    expect(areaOf(shapeOf(form(meshOf(pierced))), 'front') / (800 - Math.PI * 25)).toBeCloseTo(1, 1.5);
  });

  it('turns one that is inside out over, and says so; an open one keeps its sizes and says what does not hold', () => {
    const mesh = meshOf(block());
    const turned = shapeOf(form(turnedInsideOut(mesh)));
    expect(turned.volumeMm3).toBeCloseTo(24_000, 3);
    expect(turned.notes).toEqual(['It is inside out; it was turned over.']);
    const open = shapeOf(form({ ...mesh, triangles: mesh.triangles.slice(6) }));
    expect(box(open).map(Math.round)).toEqual([40, 20, 30]);
    expect(open.error).toBe(1);
    expect(open.notes?.[0]).toContain('It is open');
  });

  it('refuses a damaged pack, a flat thing and a unit of nothing', () => {
    const whole = form(meshOf(block()));
    for (const data of ['', 'not base64 !', whole.data.slice(0, 60), btoa('four')])
      expect(() => shapeOf({ ...whole, data })).toThrow(FormError);
    expect(() => shapeOf({ ...whole, unitMm: 0 })).toThrow('mesh: unitMm wants a length over 0');
    const flat: Mesh = {
      positions: Float64Array.from([0, 0, 0, 10, 0, 0, 0, 10, 0]),
      triangles: Uint32Array.from([0, 1, 2, 0, 2, 1]),
    };
    expect(() => shapeOf(form(flat))).toThrow('a solid with some thickness');
  });
});

describe('wedges, cut-outs and bent bars', () => {
  it('a wedge is half its block', () => {
    const shape = shapeOf({ kind: 'wedge', widthMm: 40, heightMm: 30, depthMm: 20 });
    expect(shape.volumeMm3).toBeCloseTo(12_000, 6);
    expect(shape.areaMm2).toBeCloseTo(40 * 30 + 20 * (40 + 30 + 50), 6);
    // The ball that fits its triangle: r = (a + b − c) / 2 of a right triangle.
    expect(shape.thickest.diameterMm).toBeCloseTo(20, -0.5);
  });

  it('a cut-out is its area times its thickness; a crossing line encloses what it winds round', () => {
    const gable: Form = {
      kind: 'extruded',
      depthMm: 10,
      points: [
        { xMm: 0, yMm: 0 },
        { xMm: 40, yMm: 0 },
        { xMm: 40, yMm: 20 },
        { xMm: 20, yMm: 35 },
        { xMm: 0, yMm: 20 },
      ],
    };
    const shape = shapeOf(gable);
    expect(shape.volumeMm3).toBeCloseTo((40 * 20 + (40 * 15) / 2) * 10, 6);
    expect(shape.areaMm2).toBeCloseTo(2 * 1100 + (40 + 20 + 20 + 25 + 25) * 10, 6);
    const wide = shapeOf(withMeasure(gable, 'width', 80));
    expect(box(wide).map(Math.round)).toEqual([80, 35, 10]);
    expect(() => shapeOf({ ...gable, points: gable.points.slice(0, 2) })).toThrow('three points or more');
    const line = [0, 1, 2].map((x) => ({ xMm: x, yMm: x }));
    expect(() => shapeOf({ ...gable, points: line })).toThrow('an outline with some area');
  });

  it('a straight bar is a rod with round ends, a bent one its two legs less what they share', () => {
    const bar = (...points: readonly (readonly [number, number])[]): Form => ({
      kind: 'tube',
      thicknessMm: 10,
      endMm: 10,
      points: points.map(([xMm, yMm]) => ({ xMm, yMm, zMm: 0 })),
    });
    const straight = shapeOf(bar([0, 0], [60, 0]));
    expect(straight.volumeMm3 / (Math.PI * 25 * 60 + (4 / 3) * Math.PI * 125)).toBeCloseTo(1, 1.7);
    const bent = shapeOf(bar([0, 0], [0, 60], [40, 60]));
    expect(bent.volumeMm3 / (Math.PI * 25 * 100 + (4 / 3) * Math.PI * 125)).toBeCloseTo(1, 1.3);
    expect(bent.measures.find(({ key }) => key === 'along')?.lengthMm).toBeCloseTo(100, 9);
    expect(bent.thickest.diameterMm).toBeCloseTo(10, -0.3);
    expect(() => shapeOf(bar([5, 5], [5, 5]))).toThrow('two points or more, apart from one another');
  });

  it('a tapering bar is a rod of the same ends', () => {
    const rod = shapeOf({ kind: 'rod', lengthMm: 100, startMm: 20, endMm: 8, lying: true });
    const tube = shapeOf({
      kind: 'tube',
      thicknessMm: 20,
      endMm: 8,
      points: [
        { xMm: 0, yMm: 0, zMm: 0 },
        { xMm: 86, yMm: 0, zMm: 0 },
      ],
    });
    expect(tube.volumeMm3 / rod.volumeMm3).toBeCloseTo(1, 1.7);
    expect(tube.box.max[0] - tube.box.min[0]).toBeCloseTo(100, 6);
  });
});
