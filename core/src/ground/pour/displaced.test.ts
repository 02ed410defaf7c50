import Module from 'manifold-3d';
import { describe, expect, it } from 'vitest';
import { type Form, shapeOf } from '../../form/index.ts';
import { displacedMm3, volumeUnder } from './displaced.ts';

const wasm = await Module();
wasm.setup();

/** A part of a form as it is, at scale 1. */
function under(form: Form, upMm: number, shrink = 1): number {
  return displacedMm3({ shape: shapeOf(form), shrink } as never, upMm);
}

describe('what a solid takes up under a level', () => {
  it('of a ball is a cap: π h² (3 R − h) ÷ 3 (Archimedes)', () => {
    for (const up of [3, 10, 20, 37])
      expect(under({ kind: 'ball', diameterMm: 40 }, up) / ((Math.PI * up * up * (60 - up)) / 3)).toBeCloseTo(
        1,
        2,
      );
  });

  it('of a cone that stands is the frustum below', () => {
    const cone: Form = { kind: 'cylinder', bottomMm: 40, topMm: 0, heightMm: 60, lying: false };
    const r = 20 * (1 - 24 / 60);
    expect(under(cone, 24) / ((Math.PI * 24 * (400 + 20 * r + r * r)) / 3)).toBeCloseTo(1, 2);
  });

  it('is all of it above its head and nothing under its foot; at 1:12 a 1728th of it', () => {
    const block: Form = { kind: 'block', widthMm: 120, heightMm: 240, depthMm: 60 };
    expect(under(block, 500)).toBeCloseTo(120 * 240 * 60, 6);
    expect(under(block, 0)).toBe(0);
    expect(under(block, 5, 12) / (10 * 5 * 5)).toBeCloseTo(1, 2);
  });

  it('of a mesh is what a solid modeller cuts off it', () => {
    const { Manifold } = wasm;
    const solid = Manifold.sphere(10, 48).add(Manifold.cube([8, 30, 8], true).rotate([20, 0, 35]));
    const { vertProperties, triVerts, numProp } = solid.getMesh();
    const positions = new Float64Array((vertProperties.length / numProp) * 3);
    for (let i = 0; i < positions.length; i += 1)
      positions[i] = vertProperties[Math.floor(i / 3) * numProp + (i % 3)] ?? 0;
    const mesh = { positions, triangles: new Uint32Array(triVerts) };
    for (const level of [-9, -3.5, 0, 4.2, 11]) {
      // What lies on the lower side of the level.
      const below = solid.trimByPlane([0, -1, 0], -level).volume();
      expect(volumeUnder(mesh, level)).toBeCloseTo(below, 1);
    }
  });
});
