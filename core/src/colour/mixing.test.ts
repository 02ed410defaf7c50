import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colourApart, type Lab, lightnessOf, mixedColour, nearestMixes, stepsTowards } from './index.ts';

const lab = (l: number, a: number, b: number): Lab => ({ l, a, b });
const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

describe('how far apart colours are seen', () => {
  it.each<[Lab, Lab, number]>([
    // Sharma, Wu & Dalal 2005, table 1: all 34 pairs, from memory of the table.
    [lab(50, 2.6772, -79.7751), lab(50, 0, -82.7485), 2.0425],
    [lab(50, 3.1571, -77.2803), lab(50, 0, -82.7485), 2.8615],
    [lab(50, 2.8361, -74.02), lab(50, 0, -82.7485), 3.4412],
    [lab(50, -1.3802, -84.2814), lab(50, 0, -82.7485), 1],
    [lab(50, -1.1848, -84.8006), lab(50, 0, -82.7485), 1],
    [lab(50, -0.9009, -85.5211), lab(50, 0, -82.7485), 1],
    [lab(50, 0, 0), lab(50, -1, 2), 2.3669],
    [lab(50, -1, 2), lab(50, 0, 0), 2.3669],
    [lab(50, 2.49, -0.001), lab(50, -2.49, 0.0009), 7.1792],
    [lab(50, 2.49, -0.001), lab(50, -2.49, 0.001), 7.1792],
    [lab(50, 2.49, -0.001), lab(50, -2.49, 0.0011), 7.2195],
    [lab(50, 2.49, -0.001), lab(50, -2.49, 0.0012), 7.2195],
    [lab(50, -0.001, 2.49), lab(50, 0.0009, -2.49), 4.8045],
    [lab(50, -0.001, 2.49), lab(50, 0.001, -2.49), 4.8045],
    [lab(50, -0.001, 2.49), lab(50, 0.0011, -2.49), 4.7461],
    [lab(50, 2.5, 0), lab(50, 0, -2.5), 4.3065],
    [lab(50, 2.5, 0), lab(73, 25, -18), 27.1492],
    [lab(50, 2.5, 0), lab(61, -5, 29), 22.8977],
    [lab(50, 2.5, 0), lab(56, -27, -3), 31.903],
    [lab(50, 2.5, 0), lab(58, 24, 15), 19.4535],
    [lab(50, 2.5, 0), lab(50, 3.1736, 0.5854), 1],
    [lab(50, 2.5, 0), lab(50, 3.2972, 0), 1],
    [lab(50, 2.5, 0), lab(50, 1.8634, 0.5757), 1],
    [lab(50, 2.5, 0), lab(50, 3.2592, 0.335), 1],
    [lab(60.2574, -34.0099, 36.2677), lab(60.4626, -34.1751, 39.4387), 1.2644],
    [lab(63.0109, -31.0961, -5.8663), lab(62.8187, -29.7946, -4.0864), 1.263],
    [lab(61.2901, 3.7196, -5.3901), lab(61.4292, 2.248, -4.962), 1.8731],
    [lab(35.0831, -44.1164, 3.7933), lab(35.0232, -40.0716, 1.5901), 1.8645],
    [lab(22.7233, 20.0904, -46.694), lab(23.0331, 14.973, -42.5619), 2.0373],
    [lab(36.4612, 47.858, 18.3852), lab(36.2715, 50.5065, 21.2231), 1.4146],
    [lab(90.8027, -2.0831, 1.441), lab(91.1528, -1.6435, 0.0447), 1.4441],
    [lab(90.9257, -0.5406, -0.9208), lab(88.6381, -0.8985, -0.7239), 1.5381],
    [lab(6.7747, -0.2908, -2.4247), lab(5.8714, -0.0985, -2.2286), 0.6377],
    [lab(2.0776, 0.0795, -1.135), lab(0.9033, -0.0636, -0.5514), 0.9082],
  ])('%o and %o: %f (Sharma, Wu & Dalal 2005)', (a, b, wanted) => {
    expect(colourApart(a, b)).toBeCloseTo(wanted, 3);
  });

  it('refuses what is no colour', () => {
    expect(() => colourApart('moss', 'clay')).toThrow(/a colour such as #a0b1c2 is wanted/);
  });
});

describe('lightness', () => {
  it.each([
    // The primaries of sRGB under D65, as CIE 1976 L* of their luminance shares (IEC 61966-2-1: 0.2126, 0.7152, 0.0722).
    ['#ff0000', 0.2126],
    ['#00ff00', 0.7152],
    ['#0000ff', 0.0722],
    ['#ffffff', 1],
  ])('of %s follows from its luminance %f', (colour, luminance) => {
    expect(lightnessOf(colour)).toBeCloseTo(116 * Math.cbrt(luminance) - 16, 1);
  });

  it.each([
    // Published CIELAB of the same primaries under D65, to two places.
    ['#ff0000', 53.24, 80.09, 67.2],
    ['#00ff00', 87.73, -86.18, 83.18],
    ['#0000ff', 32.3, 79.19, -107.86],
    ['#ffff00', 97.14, -21.55, 94.48],
    ['#808080', 53.59, 0, 0],
  ])('%s lies where its CIELAB is published', (colour, l, a, b) => {
    expect(colourApart(colour, lab(l, a, b))).toBeLessThan(0.05);
  });
});

describe('clays mixed', () => {
  it('blue and yellow make green, as pigments do, and not grey, as light does', () => {
    const green = mixedColour([
      { colour: '#002185', parts: 1 },
      { colour: '#fcd200', parts: 1 },
    ]);
    const [r, g, b] = [1, 3, 5].map((i) => Number.parseInt(green.slice(i, i + 2), 16));
    expect(g).toBeGreaterThan(r ?? 0);
    expect(g).toBeGreaterThan(b ?? 0);
  });

  it('a clay with itself stays what it is, in whatever order, and halves are as good as wholes (property)', () => {
    fc.assert(
      fc.property(hex, hex, fc.integer({ min: 1, max: 9 }), (one, other, n) => {
        const same = mixedColour([
          { colour: one, parts: n },
          { colour: one, parts: 1 },
        ]);
        expect(colourApart(same, one)).toBeLessThan(0.8);
        const mixed = (a: number, b: number) =>
          mixedColour([
            { colour: one, parts: a },
            { colour: other, parts: b },
          ]);
        expect(mixed(n, 2)).toBe(mixed(n / 2, 1));
        const turned = mixedColour([
          { colour: other, parts: 2 },
          { colour: one, parts: n },
        ]);
        expect(colourApart(turned, mixed(n, 2))).toBeLessThan(0.6);
      }),
      { seed: 2900, numRuns: 40 },
    );
  });

  it('parts that sum to nothing are told', () => {
    expect(() => mixedColour([{ colour: '#ffffff', parts: 0 }])).toThrow(/sum to nothing/);
    expect(() => mixedColour([])).toThrow(RangeError);
  });

  it('steps towards white get lighter and lighter', () => {
    const light = stepsTowards('#803020', '#f8f8f4', 5, 0.5).map(({ colour }) =>
      colourApart(colour, '#f8f8f4'),
    );
    expect([...light].sort((a, b) => b - a)).toEqual(light);
  });

  it('among twenty clays the two that make it are tried, wherever they stand', () => {
    const many = Array.from({ length: 18 }, (_, i) => `#${(0x101010 + i * 0x0b0d0c).toString(16)}`);
    const target = mixedColour([
      { colour: '#b03030', parts: 2 },
      { colour: '#e0c040', parts: 1 },
    ]);
    const [best] = nearestMixes(target, [...many, '#b03030', '#e0c040'], 1);
    expect(best?.apart).toBeLessThan(3);
    expect(best?.parts[18]).toBeGreaterThan(0);
  });

  it('a mix is found again from its own colour, and the nearest comes first', () => {
    const clays = ['#66834a', '#c69b4f', '#7d8284', '#f4f1ea'];
    const target = mixedColour([
      { colour: '#66834a', parts: 3 },
      { colour: '#c69b4f', parts: 1 },
    ]);
    const [best, ...others] = nearestMixes(target, clays, 4);
    expect(best?.parts).toEqual([3, 1, 0, 0]);
    expect(best?.apart).toBeLessThan(0.05);
    for (const { apart } of others) expect(apart).toBeGreaterThanOrEqual((best?.apart ?? 0) - 0.05);
    expect(nearestMixes('#123456', [], 3)).toEqual([]);
  });
});
