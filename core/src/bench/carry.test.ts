import { describe, expect, it } from 'vitest';
import { tollFrogs } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import type { Piece } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { carryOf, isSmallPart } from './carry.ts';

const NOW = '2026-05-01T09:00:00Z';
const carry = (piece: Piece) =>
  carryOf(reckonPiece(piece, { shapes: makeShapeStore(), workshopOwn: {}, now: NOW }).given);

describe('to store and carry', () => {
  // The test cylinder of 16 CFR 1501.4: 1.25 in (31.7 mm) across, up to 2.25 in (57.1 mm) deep.
  it.each<[string, [number, number, number], boolean]>([
    ['a thin disc as wide as the cylinder', [31.7, 0.1, 22], true],
    ['a stick as long as it is deep', [57, 3, 3], true],
    ['a longer one', [58, 3, 3], false],
    ['a ball as wide as the opening', [31.7, 31.7, 31.7], true],
    ['a ball that is wider', [32, 32, 32], false],
    ['a plate wider than the opening both ways', [3, 40, 33], false],
  ])('%s: %s', (_, sizes, fits) => {
    expect(isSmallPart(sizes)).toBe(fits);
  });

  it('small things, and for whom they are none, by who handles it', () => {
    const frogs = carry(tollFrogs(NOW));
    expect(frogs.swallowed).toContain('tooth');
    expect(frogs.swallowed).not.toContain('hut');
    expect(frogs.forChildren).toBe(false);
    const piece = tollFrogs(NOW);
    const given = { ...piece, brief: { ...piece.brief, handledBy: 'my grandchildren' } };
    expect(carry(given).forChildren).toBe(true);
    expect(frogs.magnets).toBe(false);
    const [first, ...rest] = piece.parts;
    if (!first) return expect.fail('no part');
    expect(
      carry({
        ...piece,
        parts: [
          first,
          ...rest.map((one) => (one.id === 'pike' ? { ...one, stuff: 'magnet' as const } : one)),
        ],
      }).magnets,
    ).toBe(true);
  });
});
