import { describe, expect, it } from 'vitest';
import { coatRow } from '../coats/coats.ts';
import { dryMinutes, type LaidCoat, neverDries, USUAL_ROOM, wetOf } from './drying.ts';

const laid = (id: Parameters<typeof coatRow>[0], over: Partial<LaidCoat> = {}): LaidCoat => ({
  coat: coatRow(id),
  coats: 1,
  wetMm: 0.1,
  usualMm: 0.1,
  usualMin: 45,
  ...over,
});

describe('drying', () => {
  it('goes with the square of the thickness (Crank, plane sheet): ten times as thick, a hundred times as long', () => {
    const thin = dryMinutes(laid('acrylic'), USUAL_ROOM);
    expect(thin).toBe(45);
    expect(dryMinutes(laid('acrylic', { wetMm: 1 }), USUAL_ROOM) / thin).toBeCloseTo(100, 9);
    // 1 mm three days (common practice): 4500 min are 3.1 days.
    expect(dryMinutes(laid('acrylic', { wetMm: 1 }), USUAL_ROOM) / 1440).toBeCloseTo(3.1, 1);
  });

  it('white glue takes ten minutes at 50 °C where it takes an hour at 20 °C (common practice)', () => {
    const pva = laid('pva', { usualMin: 60 });
    expect(dryMinutes(pva, { tempC: 50, humidityPct: 50 })).toBeCloseTo(10, 9);
  });

  it('damp air holds water back and leaves spirit alone; all but wet air is no end', () => {
    const damp = { tempC: 20, humidityPct: 90 };
    expect(dryMinutes(laid('acrylic'), damp)).toBeCloseTo(225, 9);
    expect(dryMinutes(laid('enamel'), damp)).toBe(45);
    expect(Number.isFinite(dryMinutes(laid('acrylic'), { tempC: 20, humidityPct: 100 }))).toBe(true);
  });

  it('what reacts does not care how thick it is', () => {
    const thick = dryMinutes(laid('epoxy-resin', { wetMm: 5 }), USUAL_ROOM);
    expect(thick).toBe(dryMinutes(laid('epoxy-resin'), USUAL_ROOM));
  });

  it('white glue between two closed faces never dries, nor does a pool of sealer (common practice)', () => {
    expect(neverDries(laid('pva'), 'closed')).toMatch(/shut in/);
    expect(neverDries(laid('sealer', { wetMm: 2.5 }))).toMatch(/skins over/);
    expect(neverDries(laid('sealer', { wetMm: 1.5 }))).toBeNull();
    expect(neverDries(laid('epoxy-glue'), 'closed')).toBeNull();
  });

  it('a mist is thinner than a coat of a brush, and what is typed goes before both', () => {
    expect(wetOf({ filmMm: null, how: 'spray' }, 0.1)).toBeLessThan(0.1);
    expect(wetOf({ filmMm: null, how: 'brush' }, 0.1)).toBe(0.1);
    expect(wetOf({ filmMm: 0.3, how: 'spray' }, 0.1)).toBe(0.3);
  });
});
