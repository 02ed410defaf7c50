/** The packer’s own types name no module file: its build for modules is reached by its path. */
declare module 'maxrects-packer/dist/maxrects-packer.mjs' {
  export interface IRectangle {
    width: number;
    height: number;
    x: number;
    y: number;
    rot?: boolean;
    allowRotation?: boolean;
  }
  export class MaxRectsPacker<T extends IRectangle> {
    constructor(
      width: number,
      height: number,
      padding: number,
      options: { smart: boolean; pot: boolean; square: boolean; allowRotation: boolean; border: number },
    );
    addArray(rects: T[]): void;
    readonly bins: readonly { readonly rects: readonly T[] }[];
  }
}
