declare module 'spectral.js' {
  /** A colour with its reflectance. */
  export class Color {
    constructor(css: string);
    toString(options?: { format?: 'hex' | 'rgb'; method?: 'map' | 'clip' }): string;
  }
  /** Colours mixed as pigments are (Kubelka & Munk), each with how much there is of it. */
  export function mix(...parts: [Color, number][]): Color;
}
