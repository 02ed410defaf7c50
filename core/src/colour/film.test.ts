import { describe, expect, it } from 'vitest';
import { beside, colourApart, colourOf, lightnessOf, overGround, spectrumOf } from './index.ts';

const near = (some: readonly number[], other: readonly number[]) => {
  for (const [i, r] of some.entries()) expect(r).toBeCloseTo(other[i] ?? 0, 6);
};

describe('a film over a ground (Kubelka & Munk)', () => {
  const [white, black, red] = ['#f4f2ec', '#1c1a19', '#a03028'].map(spectrumOf) as [
    number[],
    number[],
    number[],
  ];

  it('of no thickness is the ground, of great thickness itself', () => {
    expect(overGround(red, white, 0)).toEqual(white);
    near(overGround(red, black, 1e6), red);
  });

  it('on its own colour stays that colour, however thick', () => {
    for (const thick of [0.01, 0.3, 4]) near(overGround(red, red, thick), red);
  });

  it('two films are one of both thicknesses', () => {
    const twice = overGround(red, overGround(red, white, 0.7), 0.4);
    near(overGround(red, white, 1.1), twice);
  });

  // The closed form over black for a film that takes up nothing is S·X ÷ (1 + S·X): Kubelka 1948.
  it('that takes nothing up gives back S·X ÷ (1 + S·X) over black', () => {
    const clear = Array.from({ length: 38 }, () => 0.998);
    const dark = Array.from({ length: 38 }, () => 0);
    for (const sx of [0.2, 1, 3]) expect(overGround(clear, dark, sx)[10]).toBeCloseTo(sx / (1 + sx), 2);
  });

  it('colours go to spectra and back', () => {
    for (const colour of ['#a03028', '#f4f2ec', '#2c4a63', '#7a8b5c'])
      expect(colourApart(colourOf(spectrumOf(colour)), colour)).toBeLessThan(0.6);
  });

  it('side by side mix as light does', () => {
    const half = lightnessOf(colourOf(beside(spectrumOf('#ffffff'), spectrumOf('#000000'), 0.5)));
    // Half the light of white: L* 76.07, CIE 1976.
    expect(half).toBeCloseTo(76.07, 0);
  });
});
