import type { Spot } from '@every-inch/core/piece';

/** What is being set on a picture. */
export type Tool = 'look' | 'known' | 'square' | 'length' | 'height' | 'angle';

/** How many spots each takes, and what is asked for meanwhile. */
export const TOOLS: Readonly<
  Record<
    Exclude<Tool, 'look'>,
    { readonly spots: number; readonly says: string; readonly asks: readonly string[] }
  >
> = {
  known: {
    spots: 2,
    says: 'Known length',
    asks: ['set one end of the length you know', 'set its other end'],
  },
  square: {
    spots: 4,
    says: 'Known rectangle',
    asks: [
      'set a corner of a rectangle you know, in the plane of what is measured',
      'set the next corner',
      'set the third corner',
      'set the last corner',
    ],
  },
  length: { spots: 2, says: 'Length', asks: ['set one end of it', 'set its other end'] },
  height: { spots: 2, says: 'Height', asks: ['set its foot', 'set its top'] },
  angle: {
    spots: 3,
    says: 'Angle',
    asks: ['set a spot on one side', 'set the corner', 'set a spot on the other side'],
  },
};

/** Part of a picture that is in sight: its upper left corner and its width, px of the picture. */
export interface Sight {
  readonly x: number;
  readonly y: number;
  readonly width: number;
}

/** A spot that can be moved, by where it belongs. */
export interface Handle {
  readonly key: string;
  readonly spot: Spot;
  readonly says: string;
  readonly onMove: (spot: Spot) => void;
}
