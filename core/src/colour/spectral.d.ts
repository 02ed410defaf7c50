declare module 'spectral.js' {
  /** A colour with its reflectance. */
  export class Color {
    /** By its name in style sheets, or by 38 reflectances from 380 to 750 nm. */
    constructor(css: string | number[]);
    readonly R: readonly number[];
    /** Red, green and blue, 0–255, outside of it for what a screen cannot show. */
    readonly sRGB: readonly number[];
    toString(options?: { format?: 'hex' | 'rgb'; method?: 'map' | 'clip' }): string;
  }
  /** Colours mixed as pigments are (Kubelka & Munk), each with how much there is of it. */
  export function mix(...parts: [Color, number][]): Color;
}
