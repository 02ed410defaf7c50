import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { areaOf, intersected, makeShapeStore, type Outline, type Ring } from '../../form/index.ts';
import { DEFAULT_OPENING, type MasonryOpening, type Piece, setAt } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { masonryOfPiece } from '../reckoners.ts';
import { layUnits } from './layUnits.ts';
import { leftForCourses, liesOn, spanned, voussoirs } from './openings.ts';

const UK = { lengthMm: 215, heightMm: 65, jointMm: 10 };
const WALL: Outline = [
  [
    [
      [0, 0],
      [3000, 0],
      [3000, 2000],
      [0, 2000],
    ],
  ],
];
const opening = (over: Partial<MasonryOpening> = {}): MasonryOpening => ({
  ...DEFAULT_OPENING,
  id: 'door',
  middleMm: 1500,
  sillMm: 0,
  widthMm: 900,
  heightMm: 1400,
  ...over,
});
const arch = spanned(opening(), UK, 1, [0, 0]);
const distance = ([a, b]: readonly [number, number], [c, d]: readonly [number, number]) =>
  Math.hypot(a - c, b - d);

describe('an arch over an opening', () => {
  it('has an odd number of stones, as many as have room within it: 17 over 900 mm (π × 450 ÷ 75 = 18.8)', () => {
    expect(voussoirs(450, UK)).toBe(17);
    expect(arch.carriers).toHaveLength(17);
    expect(voussoirs(10, UK)).toBe(1);
  });

  it('its stones and joints make up the half circle, within and without', () => {
    const [within, without] = arch.wedgeMm ?? expect.fail();
    expect(17 * (within + 10)).toBeCloseTo(Math.PI * 450, 6);
    // An end of a brick, 102.5 mm, is how deep its ring is.
    expect(17 * (without + 10)).toBeCloseTo(Math.PI * (450 + 102.5), 6);
    // A chord is a little shorter than its arc.
    for (const [a, b, c, d] of arch.carriers) {
      if (!a || !b || !c || !d) return expect.fail();
      expect(distance(a, d)).toBeLessThan(within);
      expect(distance(a, d) / within).toBeGreaterThan(0.995);
      expect(distance(a, b)).toBeGreaterThan(102.4);
    }
  });

  it('its key stands over the middle, and it is the same from the left and from the right', () => {
    const xs = (ring: Ring) => ring.map(([x]) => x);
    const key = arch.carriers[8] ?? expect.fail();
    expect(Math.max(...xs(key)) + Math.min(...xs(key))).toBeCloseTo(3000, 6);
    const [first, last] = [arch.carriers[0] ?? [], arch.carriers[16] ?? []];
    expect(Math.min(...xs(first)) - 0).toBeCloseTo(3000 - Math.max(...xs(last)), 6);
  });

  it('no brick lies in the hole or in its ring, and no two of its stones in one another', () => {
    const free = leftForCourses(WALL, [arch]);
    const laid = layUnits(free, { bond: 'english', ...UK, within: WALL });
    for (const {
      at: [x, y],
      longMm,
      highMm,
      isCut,
    } of laid) {
      const box: Outline = [
        [
          [
            [x, y],
            [x + longMm, y],
            [x + longMm, y + highMm],
            [x, y + highMm],
          ],
        ],
      ];
      const kept = isCut ? intersected(box, free) : box;
      for (const ring of [arch.hole, ...arch.carriers])
        expect(areaOf(intersected(kept, [[ring]]))).toBeLessThan(1);
    }
    arch.carriers.forEach((one, i) => {
      const next = arch.carriers[i + 1];
      if (next) expect(areaOf(intersected([[one]], [[next]]))).toBe(0);
    });
  });

  it('courses begin at the foot of the face, also where an opening takes all of its foot', () => {
    const wide = spanned(opening({ head: 'lintel', widthMm: 3000, heightMm: 200 }), UK, 1, [0, 0]);
    const [low] = layUnits(leftForCourses(WALL, [wide]), { bond: 'stretcher', ...UK, within: WALL });
    // The third course is the first that has anything of the wall: 2 × 75 = 150 to 215 mm, and the lintel is over 200.
    expect((low?.at[1] ?? 0) % 75).toBeCloseTo(0, 9);
  });

  it('lower than half its width it is none; a lintel has bearings of 150 mm beside a brick of 215 (common practice)', () => {
    expect(() => spanned(opening({ heightMm: 449 }), UK, 1, [0, 0])).toThrow(RangeError);
    const lintel = spanned(opening({ head: 'lintel' }), UK, 1, [0, 0]);
    const xs = lintel.carriers[0]?.map(([x]) => x) ?? [];
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(900 + 300, 6);
    expect(liesOn(WALL, lintel)).toBe(true);
    expect(liesOn(WALL, spanned(opening({ middleMm: 200 }), UK, 1, [0, 0]))).toBe(false);
  });
});

describe('the quay with its culvert', () => {
  const shapes = makeShapeStore();
  const NOW = '2026-05-01T09:00:00Z';
  const ferry = lowWaterFerry(NOW);
  const reckon = (piece: Piece) => {
    const { given, book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
    return { lay: given.piece(masonryOfPiece).lays[0], figure: (key: string) => book.get(`/${key}`) };
  };

  it('wants fewer bricks than without, and says how wide its wedges are', () => {
    const [withIt, without] = [
      reckon(ferry),
      reckon(setAt(ferry, ['masonry', 'quay-front', 'openings'], [])),
    ];
    expect(withIt.lay?.laid.length ?? 0).toBeLessThan(without.lay?.laid.length ?? 0);
    expect(withIt.figure('masonry.arch.quay-front-culvert')?.note).toMatch(/wedge/);
    expect((withIt.figure('masonry.arch.quay-front-culvert')?.quantity.value ?? 0) % 2).toBe(1);
  });

  it('an arch that is too low is a stop with two ways out, and one off the face is told', () => {
    const path = ['masonry', 'quay-front', 'openings', 'culvert'];
    const low = reckon(setAt(ferry, [...path, 'heightMm'], 200));
    const stop = low.figure('masonry.count.quay-front')?.verdict;
    expect(stop?.level).toBe('stop');
    for (const { change } of stop?.waysOut ?? []) {
      if (!change) return expect.fail('a way out without a change');
      const tried = setAt(setAt(ferry, [...path, 'heightMm'], 200), change.path, change.value);
      expect(reckon(tried).figure('masonry.count.quay-front')?.verdict).toBeUndefined();
    }
    const off = reckon(setAt(ferry, [...path, 'middleMm'], 100));
    expect(off.figure('masonry.arch.quay-front-culvert')?.verdict?.level).toBe('doubtful');
  });
});
