import { describe, expect, it } from 'vitest';
import { reckonedOne } from '../../armature/testContext.ts';
import type { Form } from '../../form/index.ts';
import { DEFAULT_MOULD, type MouldChoice, type Part } from '../../piece/index.ts';
import { type AirRise, coldestAt, warmestAt, warmThrough } from '../window/index.ts';
import { type BakeAsk, bakeAsk, bakeGrid, bodyOn } from './index.ts';

const AT_ONCE: AirRise = { missing: 0, backMin: 1 };
const WAY = {
  air: 'still',
  under: 'rack',
  preheated: true,
  cooling: 'ajar',
  dialC: 0,
  holdMin: null,
} as const;
const ball = (mm: number): Form => ({ kind: 'ball', diameterMm: 12 * mm });

/** A part of one clay without a core, in the mould that is told, at cells of a given edge. */
function asked(form: Form, mould: Partial<MouldChoice> | null, cellMm = 0.7, change: Partial<BakeAsk> = {}) {
  const found = reckonedOne(form, {
    mould: mould && { ...DEFAULT_MOULD, ...mould },
    core: { kind: 'none' } as Part['core'],
  });
  const bulk = found.bulk.get('one') ?? expect.fail('not of clay');
  const ask = bakeAsk(found.one, bulk, WAY) ?? expect.fail('nothing to bake');
  const set: BakeAsk = { ...ask, cellMm, ...change };
  const body = () => bodyOn(bakeGrid(found.one.shape, set), set);
  return { ask: set, body, warming: warmThrough(body(), AT_ONCE) };
}

const HALVES = { kind: 'halves', bakedIn: true } as const;

describe('a cast that is baked in its mould', () => {
  it('in a wall of its own clay warms as the middle of a ball that much larger', () => {
    const inWall = asked(ball(12), { ...HALVES, of: 'clay', wallMm: 6 }, 0.4);
    const large = asked(ball(24), null, 0.4);
    expect(inWall.ask.mould?.stuff).toEqual(inWall.ask.clay);
    for (const minute of [4, 8, 12, 18, 25])
      expect(coldestAt(inWall.warming, minute)).toBeCloseTo(coldestAt(large.warming, minute), 1.6);
    // And what of it is warmest is not the skin of the mould.
    expect(warmestAt(inWall.warming, 4)).toBeLessThan(warmestAt(large.warming, 4) - 0.02);
  });

  it('is slower than bare, the slower the thicker its wall', () => {
    const at = (wallMm: number | null) =>
      coldestAt(asked(ball(12), wallMm === null ? null : { ...HALVES, wallMm }).warming, 8);
    const [bare, thin, thick] = [at(null), at(3), at(8)];
    expect(thin).toBeLessThan(bare - 0.03);
    expect(thick).toBeLessThan(thin - 0.03);
  });

  it('holds as much heat as cast and wall together', () => {
    const { body, ask } = asked(ball(12), { ...HALVES, wallMm: 4 }, 0.5);
    const volume = (mm: number) => (Math.PI / 6) * (mm / 1000) ** 3;
    const { stuff } = ask.mould ?? expect.fail('no mould');
    const clay = ask.clay.rho * ask.clay.c * volume(12);
    const wall = stuff.rho * stuff.c * (volume(20) - volume(12));
    const { capacity, isClay } = body();
    const held = capacity.reduce((sum, one) => sum + one, 0);
    expect(held / (clay + wall)).toBeCloseTo(1, 1.3);
    const inClay = capacity.reduce((sum, one, i) => sum + (isClay[i] === 1 ? one : 0), 0);
    expect(inClay / clay).toBeCloseTo(1, 1);
  });

  it('a press mould is open at the flat back: no wall is under it', () => {
    const block: Form = { kind: 'block', widthMm: 240, heightMm: 240, depthMm: 72 } as Form;
    const wallBelow = (kind: MouldChoice['kind']) => {
      const { ask, body } = asked(block, { kind, bakedIn: true, wallMm: 4, pull: 'front' }, 1);
      const { frame } = bakeGrid(reckonedOne(block).one.shape, ask);
      const [nx, ny] = frame.size;
      const listed = body();
      // The block is 6 deep, its middle in the origin of that axis: its back lies at −3.
      return [...listed.cells].some(
        (c) => frame.min[2] + (Math.floor(c / (nx * ny)) + 0.5) * frame.cell < -4,
      );
    };
    expect(wallBelow('press')).toBe(false);
    expect(wallBelow('halves')).toBe(true);
  });

  it('baked bare, out of its mould or of foil, it has none round it', () => {
    expect(asked(ball(12), { ...HALVES, bakedIn: false }).ask.mould).toBeNull();
    expect(asked(ball(12), { kind: 'foil', of: 'foil', bakedIn: true }).ask.mould).toBeNull();
    expect(asked(ball(12), { ...HALVES, casts: 'resin' }).ask.mould).toBeNull();
  });

  it('gets longer minutes in the plan of its bakes', () => {
    const minutes = (bakedIn: boolean) => {
      const mould = { ...DEFAULT_MOULD, kind: 'halves', wallMm: 8, bakedIn } as const;
      const { book } = reckonedOne(ball(12), { mould, core: { kind: 'none' } as Part['core'] });
      return book.get('one/bake.minutes')?.quantity.value ?? expect.fail('no minutes');
    };
    expect(minutes(true)).toBeGreaterThan(minutes(false) + 3);
  });
});
