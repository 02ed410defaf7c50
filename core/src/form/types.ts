import type { Grid, Mesh } from '../solid/index.ts';
import type { CoreAsk } from './coreField.ts';
import type { PersonLength } from './forms.ts';

export type * from './forms.ts';

/** x to the right, y up, z towards the viewer. */
export type Vec3 = readonly [number, number, number];
export type Vec2 = readonly [number, number];
/** A closed line; the last point joins the first. */
export type Ring = readonly Vec2[];
/** Outer ring, then holes. */
export type Polygon = readonly Ring[];
/** Filled areas of a drawing, ground at y = 0 and y up. */
export type Outline = readonly Polygon[];
export type View = 'front' | 'side';
/** Where a solid is looked at from: the directions, of length 1 and square to each other, seen as right and up. */
export interface Side {
  readonly right: Vec3;
  readonly up: Vec3;
}
/** Signed distance to a surface at a place, mm, negative inside. */
export type Field = (x: number, y: number, z: number) => number;

export interface Box {
  readonly min: Vec3;
  readonly max: Vec3;
}

/** How far a joint goes each way, degrees: least and most. */
export interface JointLimits {
  readonly flex: readonly [number, number];
  readonly out: readonly [number, number];
  readonly twist: readonly [number, number];
}

/** A joint of a body at rest; joints come after their parents. */
export interface Joint {
  readonly name: string;
  readonly parent: string | null;
  readonly at: Vec3;
  /** Unit vectors at rest that bending forward, going outward and turning go round. */
  readonly flexAxis: Vec3;
  readonly outAxis: Vec3;
  readonly twistAxis: Vec3;
  readonly limits: JointLimits;
  /** Where a limb leaves the trunk: a mount is sat on between its four, a rider sits between the hind two. */
  readonly limbRoot?: 'fore' | 'hind';
}

/** The largest ball that goes into the solid. */
export interface InnerBall {
  readonly diameterMm: number;
  /** How much larger it may be where it was found on a grid; 0 in closed form. */
  readonly underMm?: number;
  readonly at: Vec3;
  /** Where it sits, such as `torso`. */
  readonly region: string;
}

/** A length of the form that a maker would measure, and where it is drawn on the front view. */
export interface FormMeasure {
  readonly key: string;
  readonly title: string;
  readonly lengthMm: number;
  /** The field of the form it is, or null where it follows from others. */
  readonly field: string | null;
  /** The length that typing it holds, where it follows but may be held. */
  readonly lock?: PersonLength;
  /** How it follows, as a formula in `H` for a person; null for a field. */
  readonly handbookRow: string | null;
  readonly from: Vec2;
  readonly to: Vec2;
}

/** What is known of the bulk put inside a form, as plain data. */
export interface CoreFacts {
  /** 0 when the form is too thin for one. */
  readonly volumeMm3: number;
  /** Diameter of the largest ball in the clay that is left, and where. */
  readonly thickestClay: InnerBall;
  /** Where it balances; absent where that is not known. */
  readonly centre?: Vec3;
  /** Volume of it in every region that got some. */
  readonly byRegion: ReadonlyMap<string, number>;
  /** Regions that got a core, themselves thick enough for one. */
  readonly regions: readonly string[];
  /** Regions too thin for one. */
  readonly without: readonly string[];
}

/** The bulk put inside a form. */
export interface Core extends CoreFacts {
  /** Section of the core in the front view. */
  section(): Outline;
}

/** A straight length of a body’s inside, where a wire may run. */
export interface Bone {
  readonly region: string;
  readonly from: Vec3;
  readonly to: Vec3;
  /** Radius of the round section of the same area, at even steps from the start to the end. */
  readonly radii: readonly number[];
}

/** What is known of the solid of a form as plain data, in the part's own frame; nothing of it depends on the scale. */
export interface ShapeFacts {
  readonly box: Box;
  readonly volumeMm3: number;
  readonly areaMm2: number;
  /** Centre of the solid: where it balances when it is of one stuff. */
  readonly centre: Vec3;
  /** Largest relative error of volume and surface; 0 in closed form. */
  readonly error: number;
  readonly thickest: InnerBall;
  readonly measures: readonly FormMeasure[];
  /** What the maker should know of the solid, one line each. */
  readonly notes?: readonly string[];
  /** Where the joints are in this pose, parents first; none for a form that does not bend. */
  readonly joints: readonly Joint[];
  /** What {@link Grid.owner} counts, from 1. */
  readonly regions: readonly string[];
  /** Volume of every region; where two overlap it belongs to the first. Absent for a form of one. */
  readonly byRegion?: ReadonlyMap<string, number> | undefined;
  /** Lengths that a wire may run along, trunk first; absent for forms that have none. */
  readonly bones?: readonly Bone[];
}

/** A slice of a form between two heights, with the convex hull of all it covers there from above, x and z. */
export interface SlabHull {
  readonly from: number;
  readonly to: number;
  readonly ring: Ring;
}

/** What follows from a form, in the part's own frame; nothing of it depends on the scale. */
export interface Shape extends ShapeFacts {
  /**
   * Signed distances on a grid round the solid, for a surface, a section or a file.
   *
   * @param cellMm edge of a cell, in the part's frame
   * @throws {GridError} when that takes too many cells
   */
  sample(cellMm: number): Grid;
  /** Its exact triangles, facing outward; absent where the surface is taken from a grid. */
  triangles?(): Mesh & { readonly owners?: Uint8Array };
  /** Distance to the surface for places inside, negative; what is outside may be infinite. Goes with the bones. */
  readonly inside?: Field;
  /** Signed distances anywhere; null where they are only known on a grid. */
  readonly distance: Field | null;
  /** Convex hull at a height, where it is kept from one asking to the next. */
  level?(y: number): Ring;
  /** Slices of one height, where they are kept from one asking to the next. */
  slabs?(n: number): readonly SlabHull[];
  outline(view: View): Outline;
  /** What the solid covers seen from any side, its own origin at 0, 0. */
  seenFrom(side: Side): Outline;
  /** Convex hull of that, where it is had without the outline itself. */
  hullFrom?(side: Side): Ring;
  /** Section of the solid in the front view. */
  section(): Outline;
  /** The form offset inward, in the part's frame; a form of one region takes the one skin. */
  core(ask: CoreAsk): Core;
}
