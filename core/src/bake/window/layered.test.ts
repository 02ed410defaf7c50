import { describe, expect, it } from 'vitest';
import { reckonedOne } from '../../armature/testContext.ts';
import { laterThan } from '../../bulk/index.ts';
import { DEFAULT_LAYER } from '../../piece/index.ts';
import { coldestAt } from './index.ts';
import { partWarming } from './partWarming.ts';

const OVEN = { air: 'still', under: 'rack', preheated: true } as const;

function ballOf(diameterMm: number, layerMm: number) {
  const layers = layerMm > 0 ? [{ ...DEFAULT_LAYER, id: 'l', thicknessMm: layerMm, pass: 2 }] : [];
  const { one, bulk } = reckonedOne(
    { kind: 'ball', diameterMm },
    { sized: 'miniature', layers, core: { kind: 'none', skinMm: null, packed: 'balled' } },
  );
  const facts = bulk.get('one');
  if (!facts) throw new Error('no clay');
  return (bake: number) => {
    const found = partWarming(one, facts, OVEN, null, laterThan(one, bake));
    if (!found) throw new Error('not baked');
    return found.warming;
  };
}

describe('the bakes of a part that is built up in layers', () => {
  const layered = ballOf(36, 6);

  it('the first bake warms the ball beneath as that ball alone, to a few hundredths', () => {
    const [first, alone] = [layered(1), ballOf(24, 0)(1)];
    for (const minute of [3, 6, 10, 15, 25])
      expect(Math.abs(coldestAt(first, minute) - coldestAt(alone, minute))).toBeLessThan(0.04);
  });

  it('the last bake warms all of it, and later', () => {
    const [first, last, whole] = [layered(1), layered(2), ballOf(36, 0)(1)];
    for (const minute of [6, 10, 15]) {
      expect(coldestAt(last, minute)).toBeLessThan(coldestAt(first, minute) - 0.05);
      expect(coldestAt(last, minute)).toBeCloseTo(coldestAt(whole, minute), 6);
    }
  });
});
