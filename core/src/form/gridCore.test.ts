import Module, { type Mat4 } from 'manifold-3d';
import { beforeAll, describe, expect, it } from 'vitest';
import { type BuiltForm, coreAsk, type PlainForm, shapeOf } from './index.ts';

/** A geometry library from outside as the reference. */
let manifold: Awaited<ReturnType<typeof Module>>;
beforeAll(async () => {
  manifold = await Module();
  manifold.setup();
});

const piece = (name: string, form: PlainForm, at: readonly [number, number, number] = [0, 0, 0]) => ({
  name,
  form,
  xMm: at[0],
  yMm: at[1],
  zMm: at[2],
  turnDeg: 0,
  tipDeg: 0,
  leanDeg: 0,
  cut: false,
});
/** A form of one piece, so that it is measured on the grid and not in closed form. */
const gridded = (...pieces: BuiltForm['pieces']) => shapeOf({ kind: 'built', pieces });

describe('the core on a grid against offsets in closed form', () => {
  const plain: readonly (readonly [string, PlainForm, number])[] = [
    ['ball', { kind: 'ball', diameterMm: 40 }, (Math.PI / 6) * 32 ** 3],
    ['block', { kind: 'block', widthMm: 30, heightMm: 40, depthMm: 50 }, 22 * 32 * 42],
    [
      'rod with round ends',
      { kind: 'rod', lengthMm: 80, startMm: 24, endMm: 24, lying: false },
      Math.PI * 64 * 56 + (Math.PI / 6) * 16 ** 3,
    ],
    ['ring', { kind: 'ring', acrossMm: 80, thicknessMm: 24, lying: true }, 2 * Math.PI ** 2 * 28 * 8 ** 2],
  ];
  it.each(plain)(
    'a %s offset by 4 mm has its volume to 3 %%, and clay as thick as the skin',
    (_n, form, volume) => {
      const core = gridded(piece('it', form)).core(coreAsk(4, 2));
      expect(Math.abs(core.volumeMm3 / volume - 1)).toBeLessThan(0.03);
      // In an edge of a block the largest ball is larger than the skin: 2 × 4 ÷ (1 + 1 ÷ √3).
      expect(core.thickestClay.diameterMm).toBeGreaterThanOrEqual(4 - 1e-6);
      expect(core.thickestClay.diameterMm).toBeLessThan(6.2);
      expect(core.without).toEqual([]);
    },
  );
});

describe('the core of things joined', () => {
  const dumbbell = gridded(
    piece('left', { kind: 'ball', diameterMm: 30 }, [-30, 0, 0]),
    piece('right', { kind: 'ball', diameterMm: 30 }, [30, 0, 0]),
    piece('bar', { kind: 'rod', lengthMm: 60, startMm: 9, endMm: 9, lying: true }, [0, 10.5, 0]),
  );

  it('is dropped where it is too thin: two balls on a bar get two cores and none between', () => {
    const core = dumbbell.core(coreAsk(4, 2));
    expect(core.volumeMm3 / (2 * (Math.PI / 6) * 22 ** 3)).toBeGreaterThan(0.97);
    expect(core.volumeMm3 / (2 * (Math.PI / 6) * 22 ** 3)).toBeLessThan(1.05);
    expect([...core.regions].sort()).toEqual(['left', 'right']);
    expect(core.without).toEqual(['bar']);
    expect(core.centre?.[0]).toBeCloseTo(0, 0);
  });

  it('each region has its own skin, or no core at all', () => {
    const core = dumbbell.core(coreAsk(4, 2, { left: 6, right: null }));
    expect(core.byRegion.has('right')).toBe(false);
    expect((core.byRegion.get('left') ?? 0) / ((Math.PI / 6) * 18 ** 3)).toBeGreaterThan(0.95);
    expect((core.byRegion.get('left') ?? 0) / ((Math.PI / 6) * 18 ** 3)).toBeLessThan(1.05);
    expect(core.without).toEqual(['bar']);
    // The ball without a core is solid clay, and is told.
    expect(core.thickestClay.region).toBe('right');
    expect(core.thickestClay.diameterMm).toBeGreaterThan(27);
  });

  it('a skin thicker than everything leaves no core and says where', () => {
    const core = dumbbell.core(coreAsk(20, 2));
    expect(core.volumeMm3).toBe(0);
    expect(core.without).toEqual(['left', 'right', 'bar']);
    expect(core.section()).toEqual([]);
    expect(core.thickestClay.diameterMm).toBeGreaterThan(27);
  });

  it('an angle of two blocks offset inward has the volume of manifold-3d’s difference with a ball', () => {
    const shape = gridded(
      piece('foot', { kind: 'block', widthMm: 60, heightMm: 24, depthMm: 30 }),
      piece('back', { kind: 'block', widthMm: 24, heightMm: 60, depthMm: 30 }, [-18, 0, 0]),
    );
    const { Manifold: M } = manifold;
    const at = (x: number): Mat4 => [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, x, 0, 0, 1];
    const angle = M.union(
      M.cube([60, 24, 30], true).translate([0, 12, 0]),
      M.cube([24, 60, 30], true).translate([0, 30, 0]).transform(at(-18)),
    );
    const inner = angle.minkowskiDifference(M.sphere(5, 48));
    const core = shape.core(coreAsk(5, 2));
    expect(Math.abs(core.volumeMm3 / inner.volume() - 1)).toBeLessThan(0.02);
  });
});
