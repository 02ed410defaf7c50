import { Color } from 'spectral.js';

/** Reflectance of a surface at even steps of wavelength, 0–1. */
export type Spectrum = readonly number[];

/** A spectrum that a colour may have (the spectra of the kept pigment model). */
export function spectrumOf(colour: string): Spectrum {
  return new Color(colour).R;
}

/** The colour of a spectrum, `#rrggbb`. */
export function colourOf(spectrum: Spectrum): string {
  return new Color([...spectrum]).toString({ format: 'hex' }).toLowerCase();
}

/** Red, green and blue of a spectrum, 0–1 as sRGB; what a screen cannot show is cut off. */
export function channelsOf(spectrum: Spectrum): readonly [number, number, number] {
  const [r = 0, g = 0, b = 0] = new Color([...spectrum]).sRGB.map((one) =>
    Math.min(1, Math.max(0, one / 255)),
  );
  return [r, g, b];
}

/** Reflectances a film cannot have: none takes up all light, none gives all of it back. */
const [LEAST, MOST] = [0.002, 0.998];

/**
 * What is seen of a film over a ground (Kubelka & Munk, for a film of finite thickness): the ground itself through none of
 * it, its own colour where it is thick.
 *
 * @param own reflectance of the film where nothing shows through
 * @param ground reflectance of what is under it
 * @param thick (K + S)·X: what it takes up and scatters, by how thick it is
 * @example overGround(spectrumOf('#ffffff'), spectrumOf('#000000'), 0) // black
 */
export function overGround(own: Spectrum, ground: Spectrum, thick: number): Spectrum {
  if (thick <= 0) return ground;
  return own.map((r, i) => {
    const endless = Math.min(MOST, Math.max(LEAST, r));
    const under = ground[i] ?? 0;
    const a = (1 / endless + endless) / 2;
    const b = Math.sqrt(a * a - 1);
    // K ÷ S is a − 1, so S·X is this of the whole.
    const x = (b * thick) / a;
    // Past here the film is as good as endless, and its hyperbolic tangent is 1 in any number.
    const coth = x > 300 ? 1 : 1 / Math.tanh(x);
    return (1 - under * (a - b * coth)) / (a - under + b * coth);
  });
}

/** Two spectra side by side, too fine to be told apart: so much of the first. */
export function beside(one: Spectrum, other: Spectrum, share: number): Spectrum {
  return one.map((r, i) => r * share + (other[i] ?? 0) * (1 - share));
}
