import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore, STARTS, type Vec2 } from '../form/index.ts';
import type { Piece } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { type Body, carverFits, partingHeights, plainestLie } from './index.ts';

/** A block standing on the floor. */
function block(w: number, h: number, d: number): Body {
  const flat = (a: number, b: number): Vec2[] => [
    [-a / 2, 0],
    [a / 2, 0],
    [a / 2, b],
    [-a / 2, b],
  ];
  return {
    box: { min: [-w / 2, 0, -d / 2], max: [w / 2, h, d / 2] },
    seenAlong: (axis) => (axis === 'x' ? flat(d, h) : axis === 'y' ? flat(w, d) : flat(w, h)),
  };
}
const oven = { widthMm: 400, depthMm: 300, heightMm: 250 };

describe('a rectangle in a rectangle, by Carver’s theorem', () => {
  it('agrees with trying every turn, 300 cases', () => {
    const side = fc.double({ min: 1, max: 100, noNaN: true });
    fc.assert(
      fc.property(side, side, side, side, (p, q, a, b) => {
        let best = -Infinity;
        for (let t = 0; t <= Math.PI / 2; t += Math.PI / 7200) {
          const [c, s] = [Math.cos(t), Math.sin(t)];
          best = Math.max(best, Math.min(a - (p * c + q * s), b - (p * s + q * c)));
        }
        // Where it is a hair’s breadth either may be right.
        if (Math.abs(best) > 0.1) expect(carverFits(p, q, a, b)).toBe(best > 0);
      }),
      { seed: 3, numRuns: 300 },
    );
  });
});

describe('putting a thing into an oven', () => {
  it('takes the plainest way that goes', () => {
    expect(plainestLie(block(100, 200, 100), oven)).toMatchObject({ kind: 'upright', marginMm: 50 });
    expect(plainestLie(block(100, 380, 100), oven)).toMatchObject({ kind: 'lying', marginMm: 20 });
    // Longer than the floor is wide, shorter than its diagonal: 500 mm.
    expect(plainestLie(block(460, 20, 10), oven)).toMatchObject({ kind: 'upright, turned' });
    expect(plainestLie(block(20, 460, 10), oven)).toMatchObject({ kind: 'lying, turned' });
  });

  it('leans a plate that is too high to stand and too wide to lie', () => {
    // 310 square and 20 thick: higher than the oven and wider than it is deep. Leaned at 65° it is
    // 310 sin 65° + 20 cos 65° = 289 high and 310 cos 65° + 20 sin 65° = 149 deep.
    const lie = plainestLie(block(310, 310, 20), { widthMm: 400, depthMm: 150, heightMm: 300 });
    expect(lie.kind).toBe('leaning');
    expect(lie.marginMm).toBeGreaterThan(0);
  });

  it('never says it goes in when the diagonal of the oven is too short, nor that a thing as large as the oven does not', () => {
    const mm = fc.double({ min: 5, max: 600, noNaN: true });
    fc.assert(
      fc.property(mm, mm, mm, (w, h, d) => {
        const { marginMm } = plainestLie(block(w, h, d), oven);
        if (Math.max(w, h, d) > Math.hypot(400, 300, 250)) expect(marginMm).toBeLessThan(0);
        if (w <= 400 && h <= 250 && d <= 300) expect(marginMm).toBeGreaterThanOrEqual(0);
        if (w * h * d > 400 * 300 * 250) expect(marginMm).toBeLessThan(0);
      }),
      { seed: 9, numRuns: 80 },
    );
  });

  it('says where one that does not go in is parted', () => {
    expect(partingHeights(block(80, 700, 80), oven)).toEqual([300, 400]);
    expect(partingHeights(block(80, 900, 80), oven)).toBeNull();
    expect(partingHeights(block(390, 700, 390), oven)).toBeNull();
  });
});

describe('the oven’s figure', () => {
  const ferry = lowWaterFerry('2026-05-01T09:00:00Z');
  const from = { shapes: makeShapeStore(), workshopOwn: {}, now: '2026-05-01T09:00:00Z' };
  const grown = (own: Piece['own']) =>
    reckonPiece({ ...ferry, scale: { kind: 'ratio', ratio: 2.6 }, own }, from).book;

  it('the demo goes in as it stands; what is not of clay is not baked', () => {
    const { book } = reckonPiece(ferry, from);
    expect(book.get('ferrywoman/size.oven')?.verdict).toMatchObject({ level: 'good', wording: 'room' });
    expect(book.get('ferrywoman/size.oven')?.verdict?.says).toMatch(/^upright/);
    expect(book.get('oar/size.oven')).toBeUndefined();
  });

  it('a figure of 640 mm does not, and is parted at a joint', () => {
    const verdict = grown({})?.get('ferrywoman/size.oven')?.verdict;
    expect(verdict?.level).toBe('stop');
    expect(verdict?.waysOut[0]?.says).toMatch(/part it between .* such as at the/);
  });

  it('a house too large is baked panel by panel, when its panels go in', () => {
    const cottage = STARTS.find(({ id }) => id === 'cottage')?.form;
    const [first] = ferry.parts;
    if (!cottage || !first) throw new Error('no cottage');
    const piece = { ...ferry, parts: [{ ...first, form: cottage }], log: [] };
    const at = (ratio: number) =>
      reckonPiece({ ...piece, scale: { kind: 'ratio', ratio } }, from).book.get('ferrywoman/size.oven')
        ?.verdict;
    expect(at(17)?.waysOut[0]?.says).toMatch(/panels one by one/);
    expect(at(8)?.waysOut[0]?.says).not.toMatch(/panels one by one/);
  });

  it('goes by the maker’s own oven', () => {
    const own = { 'oven.width': 900, 'oven.depth': 700, 'oven.height': 800 };
    expect(grown(own).get('ferrywoman/size.oven')?.verdict?.level).toBe('good');
  });
});
