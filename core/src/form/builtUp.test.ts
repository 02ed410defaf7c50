import fc from 'fast-check';
import Module from 'manifold-3d';
import { beforeAll, describe, expect, it } from 'vitest';
import {
  type BuiltForm,
  type BuiltPiece,
  buildSolid,
  type Form,
  FormError,
  type Outline,
  type PlainForm,
  type Side,
  STARTS,
  shapeOf,
  type Vec3,
  withMeasure,
} from './index.ts';

/** A geometry library from outside as the reference. */
let manifold: Awaited<ReturnType<typeof Module>>;
beforeAll(async () => {
  manifold = await Module();
  manifold.setup();
});
type Manifold = ReturnType<typeof manifold.Manifold.sphere>;

const built = (...pieces: BuiltPiece[]): BuiltForm => ({ kind: 'built', pieces });
const piece = (form: PlainForm, over: Partial<BuiltPiece> = {}): BuiltPiece => ({
  name: form.kind,
  form,
  xMm: 0,
  yMm: 0,
  zMm: 0,
  turnDeg: 0,
  tipDeg: 0,
  leanDeg: 0,
  cut: false,
  ...over,
});
const block = (widthMm: number, heightMm: number, depthMm: number): PlainForm => ({
  kind: 'block',
  widthMm,
  heightMm,
  depthMm,
});
const ball = (diameterMm: number): PlainForm => ({ kind: 'ball', diameterMm });
const drum = (heightMm: number, acrossMm: number): PlainForm => ({
  kind: 'cylinder',
  heightMm,
  bottomMm: acrossMm,
  topMm: acrossMm,
  lying: false,
});

/** The same piece in the reference library: its foot’s middle at the origin, then turned in the stated order and moved. */
function reference({ form, xMm, yMm, zMm, turnDeg, tipDeg, leanDeg }: BuiltPiece): Manifold {
  const { Manifold: M } = manifold;
  const plain = (): Manifold => {
    switch (form.kind) {
      case 'block':
        return M.cube([form.widthMm, form.heightMm, form.depthMm], true).translate([0, form.heightMm / 2, 0]);
      case 'ball':
        return M.sphere(form.diameterMm / 2, 128).translate([0, form.diameterMm / 2, 0]);
      case 'cylinder':
        return M.cylinder(form.heightMm, form.bottomMm / 2, form.topMm / 2, 128).rotate([-90, 0, 0]);
      default:
        throw new Error(`no reference for a ${form.kind}`);
    }
  };
  return plain()
    .rotate([0, turnDeg, 0])
    .rotate([tipDeg, 0, 0])
    .rotate([0, 0, leanDeg])
    .translate([xMm, yMm, zMm]);
}
function whole(pieces: readonly BuiltPiece[]): Manifold {
  const adding = pieces.filter(({ cut }) => !cut).map(reference);
  const cuts = pieces.filter(({ cut }) => cut).map(reference);
  return cuts.reduce((solid, one) => solid.subtract(one), manifold.Manifold.union(adding));
}
const areaOf = (outline: Outline) =>
  outline.reduce(
    (sum, polygon) =>
      sum +
      polygon.reduce((part, ring, i) => {
        const area = ring.reduce((twice, [x, y], j) => {
          const [u, v] = ring[(j + 1) % ring.length] ?? [0, 0];
          return twice + x * v - u * y;
        }, 0);
        return part + (i === 0 ? 1 : -1) * Math.abs(area / 2);
      }, 0),
    0,
  );

describe('built-up things, against manifold-3d', () => {
  const clumsy = [
    piece(block(40, 20, 30), { name: 'foot' }),
    piece(ball(24), { name: 'knob', yMm: 12, xMm: 9, zMm: 4 }),
    piece(drum(50, 14), { name: 'post', yMm: 10, xMm: -12, leanDeg: 35, tipDeg: 20, turnDeg: 50 }),
  ];
  const holed = [...clumsy, piece(drum(80, 9), { name: 'hole', yMm: 10, zMm: -40, tipDeg: 90, cut: true })];

  it.each([
    { says: 'pieces that overlap', pieces: clumsy },
    { says: 'pieces with a hole through them', pieces: holed },
    { says: 'a hollow', pieces: [piece(block(60, 40, 50)), piece(block(44, 40, 34), { yMm: 8, cut: true })] },
  ])('$says: volume to 0.5 %, surface to 1.5 %, box to a cell', ({ pieces }) => {
    const shape = shapeOf(built(...pieces));
    const solid = whole(pieces);
    expect(Math.abs(shape.volumeMm3 / solid.volume() - 1)).toBeLessThan(0.005);
    expect(Math.abs(shape.areaMm2 / solid.surfaceArea() - 1)).toBeLessThan(0.015);
    const { min, max } = solid.boundingBox();
    for (const k of [0, 1, 2] as const)
      expect(shape.box.max[k] - shape.box.min[k]).toBeCloseTo((max[k] ?? 0) - (min[k] ?? 0), 0);
  });

  it('pieces apart from one another have just the sum of their volumes and surfaces', () => {
    const shape = shapeOf(built(piece(block(30, 20, 10)), piece(ball(16), { xMm: 60 })));
    expect(shape.volumeMm3).toBeCloseTo(6000 + (4 / 3) * Math.PI * 512, 2);
    expect(shape.areaMm2).toBeCloseTo(2200 + 4 * Math.PI * 64, 2);
  });

  it('any handful of turned blocks and balls agrees within its stated error', () => {
    const some = fc.record({
      form: fc.oneof(
        fc
          .record({ w: fc.integer({ min: 8, max: 40 }), h: fc.integer({ min: 8, max: 40 }) })
          .map(({ w, h }) => block(w, h, 15)),
        fc.integer({ min: 10, max: 40 }).map(ball),
      ),
      xMm: fc.integer({ min: -15, max: 15 }),
      yMm: fc.integer({ min: 0, max: 20 }),
      zMm: fc.integer({ min: -15, max: 15 }),
      turnDeg: fc.integer({ min: -180, max: 180 }),
      tipDeg: fc.integer({ min: -90, max: 90 }),
      leanDeg: fc.integer({ min: -90, max: 90 }),
    });
    fc.assert(
      fc.property(fc.array(some, { minLength: 1, maxLength: 4 }), (list) => {
        const pieces = list.map(({ form, ...over }) => piece(form, over));
        const shape = shapeOf(built(...pieces));
        const solid = whole(pieces);
        expect(Math.abs(shape.volumeMm3 / solid.volume() - 1)).toBeLessThan(shape.error);
        expect(Math.abs(shape.areaMm2 / solid.surfaceArea() - 1)).toBeLessThan(shape.error);
        expect(areaOf(shape.outline('front')) / solid.project().area()).toBeCloseTo(1, 2);
      }),
      { seed: 5, numRuns: 12 },
    );
  });

  it('its silhouette with cuts keeps the hole', () => {
    const shape = shapeOf(built(...holed.map((one) => ({ ...one }))));
    const seen = whole(holed).project();
    expect(areaOf(shape.outline('front')) / seen.area()).toBeCloseTo(1, 1.7);
  });

  it('says which piece cannot be', () => {
    expect(() => shapeOf(built())).toThrow(/at least one piece/);
    expect(() => shapeOf(built(piece(ball(-3))))).toThrow(FormError);
    expect(() => shapeOf(built(piece(ball(10)), piece(ball(20), { yMm: -5, cut: true })))).toThrow(
      /something left after the cuts/,
    );
    expect(() => shapeOf(built(piece(ball(10), { xMm: Number.NaN })))).toThrow(/pieces\[0\]/);
  });

  it('a new height grows all of it', () => {
    const taller = shapeOf(withMeasure(built(...clumsy), 'height', 100));
    const before = shapeOf(built(...clumsy));
    const by = 100 / before.box.max[1];
    expect(taller.box.max[1]).toBeCloseTo(100, 3);
    expect(taller.volumeMm3 / before.volumeMm3 / by ** 3).toBeCloseTo(1, 2);
  });
});

/** A side to look from: round the upright axis, then from above. */
function sideAt(turn: number, above: number): Side {
  const [c, s, ca, sa] = [Math.cos(turn), Math.sin(turn), Math.cos(above), Math.sin(above)];
  const right: Vec3 = [c, 0, -s];
  return { right, up: [-s * sa, ca, -c * sa] };
}

describe('silhouettes from any side', () => {
  const formOf = (id: string): Form => STARTS.find((one) => one.id === id)?.form as Form;
  it.each([
    ['ball', 0],
    ['rod', 0],
    ['block', 0],
    ['wedge', 0],
    ['bent-bar', 0],
    ['cut-out', 0],
    ['cone', 0],
    ['ring', 0],
    ['jug', 0],
    // Its wires are thin against the cells of the triangles.
    ['storm-lantern', 2],
    ['cottage', 0],
    ['woman', 3],
    ['seated-person', 3],
    ['cat', 3],
    ['goose', 3],
  ])('%s: as large as its own triangles cast a shadow, by manifold-3d', (id, more) => {
    const shape = shapeOf(formOf(id));
    const { skin } = buildSolid(shape, 300_000, null);
    for (const [turn, above] of [
      [0.6, 0.4],
      [2.1, -0.3],
      [4, 1.2],
    ] as const) {
      const side = sideAt(turn, above);
      const towards: Vec3 = [
        side.right[1] * side.up[2] - side.right[2] * side.up[1],
        side.right[2] * side.up[0] - side.right[0] * side.up[2],
        side.right[0] * side.up[1] - side.right[1] * side.up[0],
      ];
      const turned = new Float32Array(skin.positions.length);
      for (let i = 0; i < turned.length; i += 3) {
        const at = skin.positions.slice(i, i + 3);
        const along = (v: Vec3) => v[0] * (at[0] ?? 0) + v[1] * (at[1] ?? 0) + v[2] * (at[2] ?? 0);
        turned.set([along(side.right), along(side.up), along(towards)], i);
      }
      const mesh = new manifold.Mesh({ numProp: 3, vertProperties: turned, triVerts: skin.triangles });
      mesh.merge();
      const shadow = new manifold.Manifold(mesh).project().area();
      expect(Math.abs(areaOf(shape.seenFrom(side)) / shadow - 1)).toBeLessThan((2 + more) / 100);
    }
  });
});
