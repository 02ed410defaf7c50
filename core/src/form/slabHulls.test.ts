import { describe, expect, it } from 'vitest';
import { areaOf } from './outline.ts';
import { shapeOf } from './shapeOf.ts';
import { slabHulls } from './slabHulls.ts';
import type { Form } from './types.ts';

describe('a form in slices', () => {
  it('of a cone: every slice is as wide as the cone at its lower side, to a fiftieth of its foot', () => {
    const cone: Form = { kind: 'cylinder', bottomMm: 60, topMm: 0, heightMm: 90, lying: false };
    for (const { from, ring } of slabHulls(shapeOf(cone), 9)) {
      const radius = 30 * (1 - from / 90);
      // The lowest level of its grid lies up to a cell higher.
      expect(Math.abs(Math.max(...ring.map(([x, z]) => Math.hypot(x, z))) - radius)).toBeLessThan(1.6);
    }
  });

  it('of a hut of thin sheets is exact: its walls below, its eaves above', () => {
    const hut = {
      kind: 'panels',
      widthMm: 300,
      depthMm: 200,
      heightMm: 180,
      thicknessMm: 2,
      walls: ['front', 'back', 'left', 'right'],
      floor: false,
      roof: 'flat',
      riseMm: 0,
      eavesMm: 20,
      joint: 'butt',
      openings: [],
    } as unknown as Form;
    const slabs = slabHulls(shapeOf(hut), 10);
    expect(areaOf([[slabs[2]?.ring ?? []]]) / (300 * 200)).toBeCloseTo(1, 2);
    expect(areaOf([[slabs.at(-1)?.ring ?? []]])).toBeGreaterThan(330 * 230);
  });

  it('from foot to head without a gap', () => {
    const slabs = slabHulls(shapeOf({ kind: 'ball', diameterMm: 50 }), 12);
    expect(slabs).toHaveLength(12);
    for (const [i, { from }] of slabs.slice(1).entries()) expect(from).toBeCloseTo(slabs[i]?.to ?? NaN, 9);
    const widest = slabs[5]?.ring ?? [];
    expect(Math.max(...widest.map(([x]) => x))).toBeCloseTo(25, 0);
  });
});
