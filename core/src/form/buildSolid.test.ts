import { describe, expect, it } from 'vitest';
import { checkMesh, meshSums } from '../solid/index.ts';
import { buildSolid, coreAsk, type Form, PLAIN_PERSON, STARTS, shapeOf } from './index.ts';

const formOf = (id: string): Form => {
  const start = STARTS.find((one) => one.id === id);
  if (!start) throw new Error(`no start ${id}`);
  return start.form;
};

describe('the solid built from samples, against the shape’s own sums', () => {
  // Volume by three ways: closed form or grid of the shape, triangles of the sampled surface.
  it.each([
    ['a ball', { kind: 'ball', diameterMm: 40 }, 1],
    ['a block', { kind: 'block', widthMm: 40, heightMm: 25, depthMm: 18 }, 1],
    ['a cone', { kind: 'cylinder', heightMm: 50, bottomMm: 30, topMm: 0, lying: false }, 1],
    ['a lying cylinder', { kind: 'cylinder', heightMm: 50, bottomMm: 30, topMm: 20, lying: true }, 1],
    ['a tapered rod', { kind: 'rod', lengthMm: 100, startMm: 20, endMm: 12, lying: true }, 1],
    ['a flat ring', { kind: 'ring', acrossMm: 60, thicknessMm: 16, lying: true }, 1],
    ['a ring on edge', { kind: 'ring', acrossMm: 60, thicknessMm: 16, lying: false }, 1],
    ['a jug', formOf('jug'), 3],
    ['a woman', formOf('woman'), 3],
    ['a seated person', formOf('seated-person'), 3],
    ['a horse', formOf('horse'), 3],
    ['a goose', formOf('goose'), 3],
    ['a frog', formOf('frog'), 3],
  ] as const)('%s agrees within a few hundredths', (_name, form, hundredths) => {
    const shape = shapeOf(form as Form);
    const { skin } = buildSolid(shape, 400_000, null);
    const sums = meshSums(skin);
    expect(Math.abs(sums.volumeMm3 / shape.volumeMm3 - 1)).toBeLessThan(hundredths / 100);
    for (const k of [0, 1, 2] as const) {
      const span = shape.box.max[k] - shape.box.min[k];
      expect(Math.abs(sums.min[k] - shape.box.min[k])).toBeLessThan(0.02 * span + 1e-6);
      expect(Math.abs(sums.max[k] - shape.box.max[k])).toBeLessThan(0.02 * span + 1e-6);
    }
    expect(checkMesh(skin)).toMatchObject({ openEdges: 0, turnedEdges: 0, insideOut: false });
  });

  it('puts the core inside the skin, and only where a region has one', () => {
    const shape = shapeOf({ ...PLAIN_PERSON, statureMm: 1700 });
    const core = shape.core(coreAsk(48, 24));
    const built = buildSolid(shape, 200_000, coreAsk(48, 24));
    if (!built.core) throw new Error('no core');
    const [inner, outer] = [meshSums(built.core), meshSums(built.skin)];
    // The core by limbs is to 2 % of itself; the grid takes the union, so twice overlapping limbs count once.
    expect(inner.volumeMm3 / core.volumeMm3).toBeGreaterThan(0.85);
    expect(inner.volumeMm3 / core.volumeMm3).toBeLessThan(1.1);
    for (const k of [0, 1, 2] as const) {
      expect(inner.min[k]).toBeGreaterThan(outer.min[k]);
      expect(inner.max[k]).toBeLessThan(outer.max[k]);
    }
    expect(buildSolid(shape, 20_000, null).core).toBeNull();
  });
});
