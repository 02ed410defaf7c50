import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { handbookRow, LIFE_SIZES } from '../handbook/index.ts';
import { setAt } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { realMm } from '../units/index.ts';
import { howItReads, likenesses, standIns } from './index.ts';

const thick = (mm: number) => ({ thickMm: realMm(mm), wideMm: null, longMm: null });

describe('what a size reads as', () => {
  it('36 mm in life is about an oar shaft or a chair leg, not a door', () => {
    const titles = likenesses(realMm(36), 8).map(({ row }) => row.id);
    expect(titles).toContain('life.chair-leg');
    expect(titles).not.toContain('life.door-height');
  });

  it('things that come in that very size go before things that are merely near', () => {
    const found = likenesses(realMm(2000), 12);
    const first = found.findIndex(({ isUsual }) => !isUsual);
    expect(found.slice(0, first).every(({ isUsual }) => isUsual)).toBe(true);
    expect(first === -1 || found.slice(first).every(({ isUsual }) => !isUsual)).toBe(true);
  });

  it('a thing within its range reads well, a quarter out is doubtful, twice the size will not do', () => {
    const post = handbookRow('life.fence-post');
    expect(howItReads(realMm(100), post)).toBe('good');
    expect(howItReads(realMm(60), post)).toBe('doubtful');
    expect(howItReads(realMm(300), post)).toBe('stop');
  });
});

describe('stand-ins', () => {
  it('for a broom handle of 25 mm at 1:12 a cocktail stick of 2 mm is nearest: it reads as 24', () => {
    const [best, next] = standIns(thick(25), 12, {});
    expect(best?.acrossMm).toBe(2);
    expect(best?.readsAs).toBe(24);
    expect(best?.off).toBeCloseTo(-0.04, 9);
    expect(Math.abs(next?.off ?? 1)).toBeGreaterThanOrEqual(0.04 - 1e-9);
  });

  it('are ranked by ratio: half as thick is as wrong as twice as thick', () => {
    const ranked = standIns(thick(60), 20, {}).map(({ off }) => Math.abs(Math.log(1 + off)));
    expect(ranked).toEqual([...ranked].sort((a, b) => a - b));
  });

  it('by all their measures: a plank of 16 × 60 mm at 1:12 is a coffee stirrer, not a stick as thick as it', () => {
    const plank = { thickMm: realMm(16), wideMm: realMm(60), longMm: realMm(1500) };
    expect(standIns(plank, 12, {})[0]?.row.id).toBe('bench.stirrer');
    const long = standIns({ ...plank, longMm: realMm(3000) }, 12, {});
    expect(long.find(({ row }) => row.id === 'bench.stirrer')?.shortMm).toBe(110);
    expect(long[0]?.row.id).not.toBe('bench.stirrer');
  });

  it('a bead is no rod: for a broom stick of 1400 mm only what is long enough comes first', () => {
    const ranked = standIns({ ...thick(25), longMm: realMm(1400) }, 12, {});
    expect(ranked[0]?.shortMm).toBe(0);
    const bead = ranked.findIndex(({ row }) => row.id === 'bench.bead-2');
    expect(bead).toBeGreaterThan(ranked.findIndex(({ row }) => row.id === 'bench.skewer'));
  });

  it('go by what the maker measured of the own ones', () => {
    expect(standIns(thick(31.2), 12, { 'bench.skewer': 2.6 })[0]?.row.id).toBe('bench.skewer');
  });
});

describe('the audit of found things', () => {
  const from = { shapes: makeShapeStore(), workshopOwn: {}, now: '2026-05-01T09:00:00Z' };
  const ferry = lowWaterFerry('2026-05-01T09:00:00Z');

  it('tells which read well and which do not, with another thing as the way out', () => {
    const { book } = reckonPiece(ferry, from);
    expect(book.get('/found.skewer')?.quantity.value).toBe(36);
    expect(book.get('/found.skewer')?.verdict?.level).toBe('good');
    const sand = book.get('/found.shore')?.verdict;
    expect(sand?.level).toBe('doubtful');
    const way = sand?.waysOut.find(({ change }) => change);
    if (!way?.change) throw new Error('no way out');
    const mended = setAt(ferry, way.change.path, way.change.value);
    expect(reckonPiece(mended, from).book.get('/found.shore')?.verdict?.level).toBe('good');
  });

  it('follows the scale: at 1:24 the skewer is a beam', () => {
    const { book } = reckonPiece({ ...ferry, scale: { kind: 'ratio', ratio: 24 } }, from);
    expect(book.get('/found.skewer')?.verdict?.level).toBe('stop');
  });

  it('every everyday size lies within its own range, and every id is there once', () => {
    for (const { value, low = value, high = value, id } of LIFE_SIZES) {
      expect(low, id).toBeLessThanOrEqual(value);
      expect(high, id).toBeGreaterThanOrEqual(value);
    }
    expect(new Set(LIFE_SIZES.map(({ id }) => id)).size).toBe(LIFE_SIZES.length);
    expect(LIFE_SIZES.length).toBeGreaterThanOrEqual(150);
  });
});
