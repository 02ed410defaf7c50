import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import {
  DEFAULT_COAT_LAYER,
  DEFAULT_ZONE,
  type Decal,
  type PartId,
  type Piece,
  setAt,
  type Zone,
} from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { lettersMm, linesOf } from './decal.ts';

const NOW = '2026-11-26T10:00:00Z';
const demo = lowWaterFerry(NOW);
const signed = (decal: Decal | null): Piece => {
  const zone: Zone = {
    ...DEFAULT_ZONE,
    id: 'sign',
    name: 'sign',
    part: 'quay' as PartId,
    isOwn: true,
    layers: [{ ...DEFAULT_COAT_LAYER, id: 'decal', kind: 'decal', of: 'decal', decal }],
  };
  return {
    ...demo,
    parts: demo.parts.filter(({ id }) => id === 'quay'),
    fits: [],
    zones: [zone],
    pours: [],
    stood: [],
    masonry: [],
    log: [],
    decisions: [],
  };
};
const figureOf = (piece: Piece) =>
  reckonPiece(piece, { shapes: makeShapeStore(), workshopOwn: {}, now: NOW }).book.all.find(
    ({ key }) => key === 'finish.letters.sign-decal',
  );

describe('printed decals', () => {
  it('lines are parted by a stroke, and empty ones are left out', () => {
    expect(linesOf({ words: 'FERRY / 2 pence / ' })).toEqual(['FERRY', '2 pence']);
    expect(linesOf({ words: '  ' })).toEqual([]);
  });

  it('letters go by the height of a line, or by the width of the longest, whichever is less', () => {
    // One word of 5 letters, 60 % of 10 mm: 6 mm high; 5 × 0.75 × 6 = 22.5 mm go into 30 mm, not into 15.
    expect(lettersMm({ words: 'FERRY', wideMm: 30, highMm: 10, checks: 0 }, 60, 75)).toBeCloseTo(6, 9);
    expect(lettersMm({ words: 'FERRY', wideMm: 15, highMm: 10, checks: 0 }, 60, 75)).toBeCloseTo(4, 9);
    expect(lettersMm({ words: 'FERRY/FERRY', wideMm: 30, highMm: 10, checks: 0 }, 60, 75)).toBeCloseTo(3, 9);
  });

  it('too small to be read is told, and the larger print that is offered can be read', () => {
    const small = signed({ words: 'no mooring on this quay', wideMm: 8, highMm: 3, checks: 0 });
    const verdict = figureOf(small)?.verdict;
    expect(verdict?.says).toContain('cannot be read');
    const change = verdict?.waysOut[0]?.change;
    if (!change) throw new Error('a larger print is offered');
    const larger = figureOf(setAt(small, change.path, change.value));
    expect(larger?.quantity.value).toBeGreaterThanOrEqual(0.8);
    expect(larger?.verdict).toBeUndefined();
  });

  it('checks alone, and a decal that is bought, say nothing', () => {
    expect(figureOf(signed({ words: '', wideMm: 20, highMm: 20, checks: 8 }))).toBeUndefined();
    expect(figureOf(signed(null))).toBeUndefined();
  });
});
