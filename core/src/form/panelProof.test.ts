import Module from 'manifold-3d';
import { beforeAll, describe, expect, it } from 'vitest';
import { FormError, type PanelsForm, panelProof, shapeOf } from './index.ts';
import { matingEdges, panelSides } from './panelProof.ts';
import { panelsIn } from './panels.ts';

/** A geometry library from outside as the reference. */
let manifold: Awaited<ReturnType<typeof Module>>;
beforeAll(async () => {
  manifold = await Module();
  manifold.setup();
});

const house: PanelsForm = {
  kind: 'panels',
  widthMm: 120,
  depthMm: 90,
  heightMm: 60,
  thicknessMm: 5,
  walls: ['front', 'back', 'left', 'right'],
  floor: true,
  roof: 'gable',
  riseMm: 45,
  eavesMm: 8,
  joint: 'butt',
  openings: [],
};

/** Hollows that are closed all round, by manifold-3d. */
function hollows(form: PanelsForm): number {
  const { Manifold: M, Mesh } = manifold;
  const { positions, triangles } = shapeOf(form).triangles?.() ?? { positions: [], triangles: [] };
  // Each panel is a body of its own: twelve triangles or more, closed.
  const mesh = new Mesh({
    numProp: 3,
    vertProperties: Float32Array.from(positions),
    triVerts: Uint32Array.from(triangles),
  });
  mesh.merge();
  const parts = M.ofMesh(mesh).decompose();
  const block = M.cube([400, 400, 400], true).translate([0, 50, 0]);
  // Grown by a hundredth, so that faces that only touch are joined.
  const grown = parts.map((part) => {
    const { min, max } = part.boundingBox();
    const middle = [0, 1, 2].map((k) => ((min[k] ?? 0) + (max[k] ?? 0)) / 2) as [number, number, number];
    return part
      .translate([-middle[0], -middle[1], -middle[2]])
      .scale([0, 1, 2].map((k) => 1 + 0.02 / ((max[k] ?? 1) - (min[k] ?? 0))) as [number, number, number])
      .translate(middle);
  });
  // Every surface by itself: the block’s, the outside of the house, and one for each hollow.
  return M.difference([block, ...grown]).decompose().length - 2;
}

const worst = (form: PanelsForm) => Math.max(...panelProof(form).sides.map(({ gapMm }) => gapMm));

describe('panels that close', () => {
  const closed = (['flat', 'gable', 'lean-to'] as const).flatMap((roof) =>
    (['butt', 'mitre'] as const).map((joint) => [roof, joint] as const),
  );
  it.each(closed)(
    'a %s roof, %s joints: no gap, nothing open, edges alike; manifold-3d finds one hollow',
    (roof, joint) => {
      const form = { ...house, roof, joint };
      const proof = panelProof(form);
      expect(proof.open).toEqual([]);
      expect(worst(form)).toBeLessThan(1e-6);
      expect(proof.sides.length).toBeGreaterThanOrEqual(12);
      for (const { a, b, aMm, bMm } of proof.edges)
        expect(Math.abs(aMm - bMm), `${a} | ${b}`).toBeLessThan(0.1);
      expect(hollows(form)).toBe(1);
    },
  );

  it('what is not there is told as open, and manifold-3d finds no hollow', () => {
    const open: PanelsForm = { ...house, walls: ['front', 'left', 'right'], floor: false, roof: 'flat' };
    expect(panelProof(open).open).toEqual(['no back wall', 'no floor']);
    expect(hollows(open)).toBe(0);
  });
});

describe('panels that do not close', () => {
  it('a wall cut 0.2 mm short is found, by the side that gapes', () => {
    const panels = panelsIn({ ...house, roof: 'flat' }).map((panel) =>
      panel.name === 'left wall'
        ? {
            ...panel,
            face: panel.face.map((polygon) =>
              polygon.map((ring) => ring.map(([x, y]) => [x > 0 ? x - 0.2 : x, y] as const)),
            ),
          }
        : panel,
    );
    const gaping = panelSides(panels, { ...house, roof: 'flat' }).filter(({ gapMm }) => gapMm > 0.1);
    expect(gaping.map(({ panel, side, meets }) => `${panel}, ${side}, ${meets}`)).toEqual([
      'floor, left end, left wall',
      'left wall, right end, front wall',
    ]);
    // The floor gapes at its corner only: that is as far from the wall.
    for (const { gapMm } of gaping) expect(gapMm).toBeCloseTo(0.2, 6);
  });

  it('a roof lifted on one side is found along the wall it leaves', () => {
    const panels = panelsIn({ ...house, roof: 'flat' }).map((panel) =>
      panel.name === 'roof' ? { ...panel, place: { ...panel.place, at: [0, 63, 0] as const } } : panel,
    );
    const sides = panelSides(panels, { ...house, roof: 'flat' });
    const tops = sides.filter(({ side }) => side === 'top');
    expect(tops).toHaveLength(4);
    for (const { gapMm } of tops) expect(gapMm).toBeCloseTo(0.5, 6);
    expect(sides.filter(({ side }) => side !== 'top').every(({ gapMm }) => gapMm < 1e-6)).toBe(true);
  });
});

describe('openings over an edge', () => {
  it('one that crosses the slope of a gable is refused where it is, one that just fits is not', () => {
    // At 30 mm off the middle the slope is at 60 + 45 − 30 × 45 ÷ 60 = 82.5 mm.
    const at = (heightMm: number): PanelsForm => ({
      ...house,
      openings: [{ wall: 'front', fromLeftMm: 30, sillMm: 40, widthMm: 60, heightMm }],
    });
    expect(() => shapeOf(at(42.4))).not.toThrow();
    expect(() => shapeOf(at(43))).toThrow(FormError);
    expect(() => shapeOf(at(43))).toThrow('openings[0].sillMm');
  });

  it('under a lean-to the low side counts', () => {
    const form: PanelsForm = {
      ...house,
      roof: 'lean-to',
      openings: [{ wall: 'front', fromLeftMm: 10, sillMm: 0, widthMm: 40, heightMm: 70 }],
    };
    // At 10 mm from the low end it is 60 + 10 × 45 ÷ 120 = 63.75 mm high.
    expect(() => shapeOf(form)).toThrow('63.75');
  });
});

describe('mating edges', () => {
  it('under a lean-to the wall on the high side is cut up to the roof on its outer face', () => {
    const edges = matingEdges({ ...house, roof: 'lean-to' });
    const right = edges.find(({ a }) => a === 'front wall, right end');
    expect(right).toMatchObject({ b: 'right wall, front end', aMm: 105, bMm: 105 });
  });
});
