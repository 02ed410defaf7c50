import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { miniMm, realMm } from '../units/index.ts';
import {
  type FigureScale,
  miniatureRange,
  offeredScales,
  parseScale,
  resolveScale,
  ScaleError,
  toMiniature,
  toReal,
} from './index.ts';

const twelfth = resolveScale({ kind: 'ratio', ratio: 12 });
const tenth = resolveScale({ kind: 'ratio', ratio: 10 });
const figure = (over: Partial<FigureScale> = {}) =>
  resolveScale({ kind: 'figure', heightMm: 28, datum: 'eyes', statureMm: 1750, heroic: false, ...over });

describe('ratio scales (check values of common practice)', () => {
  it('a fox of 400 mm at the shoulder is 33 mm or less at 1:12', () => {
    expect(toMiniature(realMm(400), twelfth)).toBeCloseTo(33.333, 3);
  });

  it('a rolling pin of 12 × 3 in is 25.4 × 6.35 mm at 1:12', () => {
    expect(toMiniature(realMm(304.8), twelfth)).toBeCloseTo(25.4, 9);
    expect(toMiniature(realMm(76.2), twelfth)).toBeCloseTo(6.35, 9);
  });

  it('reads back: half-inch brick pitch, a stool, edging, timber, a tree', () => {
    expect(toReal(miniMm(12.7), twelfth)).toBeCloseTo(152.4, 9);
    expect(toReal(miniMm(76), twelfth)).toBe(912);
    expect(toReal(miniMm(20), tenth)).toBe(200);
    expect([toReal(miniMm(3), tenth), toReal(miniMm(5), tenth)]).toEqual([30, 50]);
    expect(toReal(miniMm(500), tenth)).toBe(5000);
  });

  it('a half-inch brick pitch is a real brick only near 1:17 to 1:18 (BIA Technical Note 10: 8 in over 3 courses, 8 in pitch along)', () => {
    const pitchMm = 8 * 25.4; // 7⅝ in and a ⅜ in joint
    expect(toMiniature(realMm(pitchMm), resolveScale({ kind: 'ratio', ratio: 16 }))).toBeCloseTo(12.7, 6);
    const ukPitchMm = 225; // 215 mm and a 10 mm joint, BS EN 771
    expect(ukPitchMm / 12.7).toBeGreaterThan(17);
    expect(ukPitchMm / 12.7).toBeLessThan(18);
  });

  it('HO is 304.8 ÷ 3.5 (NMRA S-1.2)', () => {
    expect(304.8 / 3.5).toBeCloseTo(87.086, 3);
    expect(resolveScale({ kind: 'ratio', ratio: 87.1 }).says).toContain('3.5 mm to the foot');
    expect(resolveScale({ kind: 'ratio', ratio: 87 }).says).toContain('3.5 mm to the foot');
  });

  it('takes any ratio from 0.1 and refuses what is under it', () => {
    expect(resolveScale({ kind: 'ratio', ratio: 0.1 }).label).toBe('1:0.1');
    for (const ratio of [0, -12, 0.099, Number.NaN, Number.POSITIVE_INFINITY])
      expect(() => resolveScale({ kind: 'ratio', ratio })).toThrow(ScaleError);
  });
});

describe('figure heights', () => {
  it('28 mm and a stature of 1.75 m are 1:58.5 to the eyes and 1:62.5 to the crown', () => {
    expect(figure().ratio).toBeCloseTo(58.5, 6);
    expect(figure({ datum: 'crown' }).ratio).toBeCloseTo(62.5, 6);
  });

  it('the range covers both datums and most of the 1:56 to 1:64 the trade quotes', () => {
    const { low, high, ratio } = figure();
    expect(low).toBeLessThan(56);
    expect(high).toBeGreaterThan(64);
    expect(ratio).toBeGreaterThan(low);
    const [least, most] = miniatureRange(realMm(1750), figure());
    expect(least).toBeLessThan(28);
    expect(most).toBeGreaterThan(28 / 0.936);
  });

  it('refuses a height or a stature of nothing', () => {
    expect(() => figure({ heightMm: 0 })).toThrow('a height on the bench wants to be over 0 mm');
    expect(() => figure({ statureMm: -1 })).toThrow(ScaleError);
  });

  it('there and back is the same length (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 1e5, noNaN: true }),
        fc.double({ min: 0.1, max: 500, noNaN: true }),
        (mm, ratio) => {
          const scale = resolveScale({ kind: 'ratio', ratio });
          return Math.abs(toReal(toMiniature(realMm(mm), scale), scale) / mm - 1) < 1e-12;
        },
      ),
      { seed: 12 },
    );
  });
});

describe('parseScale', () => {
  it.each([
    ['1:12', 12],
    ['1/12', 12],
    ['12', 12],
    ['1 : 87.1', 87.1],
    ['1:76,2', 76.2],
    ['28mm', 58.5],
    ['28 mm to the eyes', 58.5],
    ['28 mm crown heroic', 62.5],
  ])('reads %s', (text, ratio) => {
    const reading = parseScale(text, 1750);
    expect(reading.ok && resolveScale(reading.scale).ratio).toBeCloseTo(ratio, 6);
  });

  it.each(['', '0', '1:0', 'big', '28 mm nose', '0 mm', '1:2:3'])('refuses %j with an example', (text) => {
    const reading = parseScale(text, 1750);
    expect(!reading.ok && reading.says).toContain('what works');
  });

  it('offers only scales that resolve', () => {
    for (const scale of offeredScales(1750)) expect(resolveScale(scale).ratio).toBeGreaterThan(0);
  });
});
