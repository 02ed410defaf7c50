/** Where the arms are. */
export type PersonPose = 'straight' | 'tee';

/** A standing person, from stature and canon. Lengths of all forms are millimetres in the part's own frame. */
export interface PersonForm {
  readonly kind: 'person';
  readonly statureMm: number;
  /** Stature in heads, 2 to 9; null for the published life-like proportions (7.7 heads). */
  readonly headsTall: number | null;
  /** Thickness of trunk and limbs against the usual, 0.8 to 1.4. */
  readonly build: number;
  readonly pose: PersonPose;
}
export interface BallForm {
  readonly kind: 'ball';
  readonly diameterMm: number;
}
/** Round bar with round ends, tapered when the two ends differ. */
export interface RodForm {
  readonly kind: 'rod';
  /** Overall, round ends included. */
  readonly lengthMm: number;
  readonly startMm: number;
  readonly endMm: number;
  readonly lying: boolean;
}
export interface BlockForm {
  readonly kind: 'block';
  readonly widthMm: number;
  readonly heightMm: number;
  readonly depthMm: number;
}
/** Cylinder, or a cone with its point or end cut off when the two diameters differ. */
export interface CylinderForm {
  readonly kind: 'cylinder';
  readonly heightMm: number;
  readonly bottomMm: number;
  /** Diameter at the top; 0 makes a cone. */
  readonly topMm: number;
  readonly lying: boolean;
}
/** A round bar bent to a closed ring; lies flat unless set on edge. */
export interface RingForm {
  readonly kind: 'ring';
  /** Outer diameter. */
  readonly acrossMm: number;
  readonly thicknessMm: number;
  readonly lying: boolean;
}
/** A point of a turned profile. */
export interface ProfilePoint {
  readonly radiusMm: number;
  readonly heightMm: number;
}
/** A profile spun round an upright axis: a closed line, or one that starts and ends on the axis. */
export interface TurnedForm {
  readonly kind: 'turned';
  readonly profile: readonly ProfilePoint[];
  readonly lying: boolean;
}

export type Form = PersonForm | BallForm | RodForm | BlockForm | CylinderForm | RingForm | TurnedForm;
export type FormKind = Form['kind'];

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

export interface Box {
  readonly min: Vec3;
  readonly max: Vec3;
}

/** The largest ball that goes into the solid. */
export interface InnerBall {
  readonly diameterMm: number;
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
  /** How it follows, as a formula in `H` for a person; null for a field. */
  readonly handbookRow: string | null;
  readonly from: Vec2;
  readonly to: Vec2;
}

/** The bulk put inside a form. */
export interface Core {
  /** 0 when the form is too thin for one. */
  readonly volumeMm3: number;
  /** Section of the core in the front view. */
  section(): Outline;
  /** Diameter of the largest ball in the clay that is left, and where. */
  readonly thickestClay: InnerBall;
  /** Regions that got a core. */
  readonly regions: readonly string[];
  /** Regions too thin for one. */
  readonly without: readonly string[];
}

/** What follows from a form, in the part's own frame; nothing of it depends on the scale. */
export interface Shape {
  readonly box: Box;
  readonly volumeMm3: number;
  readonly areaMm2: number;
  /** Largest relative error of volume and surface; 0 in closed form. */
  readonly error: number;
  readonly thickest: InnerBall;
  readonly measures: readonly FormMeasure[];
  outline(view: View): Outline;
  /** Section of the solid in the front view. */
  section(): Outline;
  /**
   * The form offset inward.
   *
   * @param skinMm clay over the core, in the part's frame
   * @param leastMm thinnest core worth making, in the part's frame
   */
  core(skinMm: number, leastMm: number): Core;
}
