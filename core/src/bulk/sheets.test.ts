import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ballMm,
  ballMm3,
  flatCone,
  nearestSetting,
  rollerSettings,
  sheetMm2,
  sheetsFor,
  snakeMm,
} from './index.ts';

describe('the same clay in other shapes', () => {
  it('33.5 cm³ are a ball of 40 mm (common practice)', () => {
    expect(ballMm(33_510)).toBeCloseTo(40, 2);
  });

  it('ball, snake and sheet hold what they were made of (property)', () => {
    const mm = fc.double({ min: 0.2, max: 200, noNaN: true });
    fc.assert(
      fc.property(mm, mm, (across, thick) => {
        const volume = ballMm3(across);
        expect(ballMm(volume) / across).toBeCloseTo(1, 9);
        expect((snakeMm(volume, thick) * Math.PI * (thick / 2) ** 2) / volume).toBeCloseTo(1, 9);
        expect((sheetMm2(volume, thick) * thick) / volume).toBeCloseTo(1, 9);
      }),
      { seed: 4101, numRuns: 60 },
    );
  });
});

describe('a skirt laid flat', () => {
  it('a cone 60 mm across and 40 mm high is 216° of a ring of 50 mm (3-4-5 triangle)', () => {
    expect(flatCone(60, 0, 40)).toMatchObject({ innerMm: 0 });
    expect(flatCone(60, 0, 40)?.outerMm).toBeCloseTo(50, 9);
    expect(flatCone(60, 0, 40)?.degrees).toBeCloseTo(216, 9);
  });

  it('its edges are as long as the hems they become, and it is no larger than its own skin (property)', () => {
    const mm = fc.double({ min: 1, max: 200, noNaN: true });
    fc.assert(
      fc.property(mm, mm, mm, (low, high, tall) => {
        const flat = flatCone(low, high, tall);
        if (!flat) return;
        const arc = (radius: number) => (flat.degrees / 180) * Math.PI * radius;
        expect(arc(flat.outerMm) / (Math.PI * Math.max(low, high))).toBeCloseTo(1, 6);
        expect(arc(flat.innerMm)).toBeCloseTo(Math.PI * Math.min(low, high), 4);
        const ring = ((flat.outerMm ** 2 - flat.innerMm ** 2) * Math.PI * flat.degrees) / 360;
        expect(ring / flat.areaMm2).toBeCloseTo(1, 4);
      }),
      { seed: 4102, numRuns: 80 },
    );
  });

  it('a straight one is no part of a ring, nor is nonsense', () => {
    expect(flatCone(30, 30, 20)).toBeNull();
    expect(flatCone(30, 10, 0)).toBeNull();
    expect(flatCone(0, 0, 20)).toBeNull();
  });
});

describe('a roller', () => {
  it('makes 3 mm at its widest and 0.4 mm at its narrowest until it is measured', () => {
    const all = rollerSettings({});
    expect([all[0]?.thicknessMm, all.at(-1)?.thicknessMm]).toEqual([3, 0.4]);
    expect(all.every(({ from }) => from === 'usual')).toBe(true);
  });

  it('two measured settings carry the others: halfway between, half of what each is off', () => {
    // 2 makes 2.75 (10 % more than usual), 6 makes 0.9 (10 % less): 4 is as usual.
    const all = rollerSettings({ 'roller.2': 2.75, 'roller.6': 0.9 });
    const of = (setting: number) => all.find((one) => one.setting === setting);
    expect(of(2)).toMatchObject({ thicknessMm: 2.75, from: 'measured' });
    expect(of(4)?.thicknessMm).toBeCloseTo(1.6, 9);
    expect(of(1)?.thicknessMm).toBeCloseTo(3.3, 9);
    expect(of(9)?.thicknessMm).toBeCloseTo(0.36, 9);
    expect(nearestSetting(all, 1.55)?.setting).toBe(4);
    expect(nearestSetting([], 1)).toBeNull();
  });

  it('a fifth lost between the pieces asks for a quarter more', () => {
    const { areaMm2, lengthMm, volumeMm3 } = sheetsFor(12_000, 2, 0.2, 150);
    expect([areaMm2, lengthMm, volumeMm3]).toEqual([15_000, 100, 30_000]);
  });
});
