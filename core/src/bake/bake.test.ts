import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ClayFamily } from '../handbook/index.ts';
import { type Clay, type ClayId, DEFAULT_CLAY } from '../piece/index.ts';
import { holdMinutes, mixWindow, windowOf } from './index.ts';

const clay = (family: ClayFamily, packet: Clay['packet'] = null): Clay => ({
  ...DEFAULT_CLAY,
  id: family as string as ClayId,
  name: family,
  family,
  packet,
});

describe('minutes by thickness', () => {
  it('20 minutes per quarter inch, as packets have it (common practice)', () => {
    expect(holdMinutes(6, 20, 6, 5)).toBe(20);
    expect(holdMinutes(12, 20, 6, 5)).toBe(40);
    // A quarter inch is 6.35 mm: within 6 % of the packet's 6 mm.
    expect(holdMinutes(6.35, 20, 6, 5) / 20).toBeLessThan(1.06);
  });

  it('a 3 mm part is done well before the 10 minutes that burned one (common practice: 5 min for a small scrap)', () => {
    expect(holdMinutes(1, 15, 6, 5)).toBe(5);
    expect(holdMinutes(3, 15, 6, 5)).toBeLessThan(10);
  });

  it('never less for more clay (property)', () => {
    const mm = fc.double({ min: 0, max: 50, noNaN: true });
    fc.assert(
      fc.property(
        mm,
        mm,
        (a, b) => holdMinutes(Math.max(a, b), 20, 6, 5) >= holdMinutes(Math.min(a, b), 20, 6, 5),
      ),
      { seed: 6 },
    );
  });

  it('refuses a thickness below nothing', () => {
    expect(() => holdMinutes(-1, 20, 6, 5)).toThrow(RangeError);
    expect(() => holdMinutes(Number.NaN, 20, 6, 5)).toThrow(RangeError);
  });
});

describe('the window of a mix: lowest temperature, longest time (common practice)', () => {
  it('one clay keeps its own window', () => {
    expect(mixWindow([clay('all-purpose')])).toMatchObject({
      lowC: 130,
      highC: 135,
      lowMinutes: 15,
      highMinutes: 20,
    });
  });

  it('firm clay sets the heat, strong clay the time', () => {
    const window = mixWindow([clay('strong-flexible'), clay('firm')]);
    expect(window).toMatchObject({ lowC: 110, highC: 120, lowMinutes: 20, highMinutes: 30 });
    expect(window?.coolest.clay.family).toBe('firm');
    expect(window?.underheated.map(({ clay: { family } }) => family)).toEqual(['strong-flexible']);
  });

  it('a marble with firm clay whose packet says 107 to 110 °C goes at 107 to 110 (225 to 230 °F)', () => {
    const packet = { lowC: 107, highC: 110, lowMinutes: 10, highMinutes: 10 };
    expect(mixWindow([clay('all-purpose'), clay('firm', packet)])).toMatchObject({ lowC: 107, highC: 110 });
  });

  it('the packet wins over the handbook', () => {
    const packet = { lowC: 118, highC: 118, lowMinutes: 30, highMinutes: 30 };
    expect(windowOf(clay('all-purpose', packet))).toMatchObject({ ...packet, fromPacket: true });
  });

  it('what is not baked does not count', () => {
    expect(mixWindow([clay('air-dry'), clay('epoxy-putty')])).toBeNull();
    expect(mixWindow([clay('air-dry'), clay('all-purpose')])?.clays).toHaveLength(1);
    expect(mixWindow([])).toBeNull();
  });

  it('more clays never make it hotter or shorter (property)', () => {
    const families: ClayFamily[] = [
      'all-purpose',
      'firm',
      'translucent',
      'strong-flexible',
      'liquid',
      'air-dry',
    ];
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...families), { minLength: 1, maxLength: 5 }),
        fc.constantFrom(...families),
        (some, more) => {
          const before = mixWindow(some.map((family) => clay(family)));
          const after = mixWindow([...some, more].map((family) => clay(family)));
          return !before || !after || (after.highC <= before.highC && after.lowMinutes >= before.lowMinutes);
        },
      ),
      { seed: 135 },
    );
  });
});
