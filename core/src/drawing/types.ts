import type { Outline, Vec2 } from '../form/index.ts';

/** What a drawn thing is made of; the look of each is settled where it is shown. */
export type Material = 'raw-clay' | 'cured-clay' | 'foil' | 'wood' | 'paper' | 'ink' | 'none';

/** Weight of a line: drawing-office habit, thick for what is seen, thin for dimensions (ISO 128-20). */
export type LineWeight = 'thick' | 'thin' | 'hair';

/** Type sizes, mm (ISO 3098 heights). */
export type TextSize = 2.5 | 3.5 | 5 | 7;

/** One thing on a drawing. y points up, millimetres on the paper. */
export type DrawItem =
  | {
      readonly kind: 'area';
      readonly outline: Outline;
      readonly material: Material;
      readonly weight: LineWeight;
      readonly part?: string;
    }
  | {
      readonly kind: 'line';
      readonly points: readonly Vec2[];
      readonly weight: LineWeight;
      readonly accent?: boolean;
      readonly dashed?: boolean;
      /** Drawn as a wire so thick on the paper. */
      readonly wireMm?: number;
    }
  | {
      readonly kind: 'circle';
      readonly at: Vec2;
      readonly diameterMm: number;
      readonly weight: LineWeight;
      readonly accent?: boolean;
    }
  | {
      readonly kind: 'image';
      /** Its lower left corner. */
      readonly at: Vec2;
      readonly widthMm: number;
      readonly heightMm: number;
      /** A JPEG as a data address. */
      readonly href: string;
    }
  | {
      readonly kind: 'text';
      readonly at: Vec2;
      readonly text: string;
      readonly size: TextSize;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly face: 'words' | 'figures';
      readonly bold?: boolean;
      readonly quiet?: boolean;
      readonly accent?: boolean;
      /** Degrees, counter-clockwise. */
      readonly turned?: number;
    };

/** A drawing in millimetres, its lower left corner at the origin. */
export interface Drawing {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly items: readonly DrawItem[];
}
