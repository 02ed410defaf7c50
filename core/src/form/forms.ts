/** How a joint is turned from rest, degrees: bent forward, led outward, twisted. */
export interface JointAngles {
  readonly flex: number;
  readonly out: number;
  readonly twist: number;
}

export type PersonPose = 'straight' | 'tee' | 'sitting' | 'walking' | 'kneeling' | 'holding';

/** What clothes add to the radius by region, mm. */
export interface Clothing {
  readonly headMm: number;
  readonly trunkMm: number;
  readonly armsMm: number;
  readonly legsMm: number;
  /** Height of a coat's or skirt's hem above the sole when standing; null for none. */
  readonly hemMm: number | null;
}

/** A person, from stature and canon. Lengths of all forms are millimetres in the part's own frame. */
export interface PersonForm {
  readonly kind: 'person';
  readonly statureMm: number;
  /** Stature in heads, 2 to 9; null for the published life-like proportions (7.7 heads). */
  readonly headsTall: number | null;
  /** Thickness of trunk and limbs against the usual, 0.8 to 1.4. */
  readonly build: number;
  readonly pose: PersonPose;
  /** Joints turned by hand, over the pose. */
  readonly angles: Readonly<Record<string, JointAngles>>;
  readonly clothing: Clothing;
  /** Lengths held whatever the canon says, mm; what lies between them follows. */
  readonly locked: Readonly<Partial<Record<PersonLength, number>>>;
}

/** What of a person may be held apart from its stature: heights above the sole, and lengths of head and hand. */
export type PersonLength = 'head' | 'shoulder' | 'elbow' | 'hip' | 'knee' | 'hand';

export type BeastBuild = 'cat' | 'dog' | 'hog' | 'sheep' | 'horse' | 'deer' | 'rat';
export type BeastPose = 'standing' | 'sitting' | 'lying';

/** A four-legged animal, driven by its height at the withers. */
export interface BeastForm {
  readonly kind: 'beast';
  readonly withersMm: number;
  readonly proportions: BeastBuild;
  /** Thickness against the usual. */
  readonly build: number;
  readonly pose: BeastPose;
  readonly angles: Readonly<Record<string, JointAngles>>;
}

export type BirdBuild = 'goose' | 'gull' | 'hen' | 'crow' | 'songbird' | 'owl';

/** A bird on its feet, driven by its standing height. */
export interface BirdForm {
  readonly kind: 'bird';
  readonly heightMm: number;
  readonly proportions: BirdBuild;
  readonly build: number;
  readonly angles: Readonly<Record<string, JointAngles>>;
}

/** A body of one or more sections on pairs of jointed legs, with feelers or without. */
export interface CrawlerForm {
  readonly kind: 'crawler';
  /** Length of the body without feelers. */
  readonly lengthMm: number;
  readonly sections: number;
  readonly legPairs: number;
  readonly legSegments: number;
  /** Diameter of the circle the outermost feet stand on. */
  readonly footCircleMm: number;
  /** Middle of the body above the ground. */
  readonly bodyHeightMm: number;
  /** 0 for none. */
  readonly feelersMm: number;
  readonly legMm: number;
}

export type RoundCrest = 'none' | 'round ears' | 'long ears' | 'bulging eyes';

/** A round body on stub limbs: frogs, owls of folklore, dumplings with legs. */
export interface RoundCreatureForm {
  readonly kind: 'round';
  /** To the crown of the body, without ears. */
  readonly heightMm: number;
  readonly widthMm: number;
  readonly crest: RoundCrest;
  /** Length of an arm; 0 for none. */
  readonly armsMm: number;
  readonly legsMm: number;
}

/** A tree of forking limbs that keep the cross-section of the stem (pipe model). */
export interface TreeForm {
  readonly kind: 'tree';
  readonly heightMm: number;
  /** Across the trunk at the foot. */
  readonly trunkMm: number;
  /** Across the crown. */
  readonly spreadMm: number;
  /** Height of the first fork. */
  readonly forkMm: number;
  /** How many times each limb forks in two, 1 to 5. */
  readonly forks: number;
  /** Reach of the roots from the trunk; 0 for none. */
  readonly rootsMm: number;
  /** Another number grows another tree of the same sizes. */
  readonly seed: number;
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

/** A solid brought in from a file. */
export interface MeshForm {
  readonly kind: 'mesh';
  /** Name of the file it came from. */
  readonly source: string;
  /** Vertices and triangles in the file’s own unit, packed as text. */
  readonly data: string;
  /** Millimetres to one unit of the file. */
  readonly unitMm: number;
  /** Extent along the file’s axes, in its own unit. */
  readonly extent: { readonly x: number; readonly y: number; readonly z: number };
  /** Which of the file’s axes goes up. */
  readonly upright: 'y' | 'z';
}

/** A block cut along its diagonal: a ramp, a roof end, a chock. */
export interface WedgeForm {
  readonly kind: 'wedge';
  readonly widthMm: number;
  /** At its high end; the low end is an edge. */
  readonly heightMm: number;
  readonly depthMm: number;
}

/** A point of a drawn outline. */
export interface PlanePoint {
  readonly xMm: number;
  readonly yMm: number;
}

/** An outline given a thickness: signs, gables, leaves, brackets. */
export interface ExtrudedForm {
  readonly kind: 'extruded';
  readonly points: readonly PlanePoint[];
  readonly depthMm: number;
}

/** A corner of a bent bar. */
export interface BarPoint {
  readonly xMm: number;
  readonly yMm: number;
  readonly zMm: number;
}

/** A round bar led through points: handles, hooks, pipes, branches. */
export interface TubeForm {
  readonly kind: 'tube';
  readonly points: readonly BarPoint[];
  readonly thicknessMm: number;
  /** Thickness at its end, when it tapers. */
  readonly endMm: number;
}

/** How full a drawn solid is between its outlines. */
export type DrawnEdge = 'round' | 'soft' | 'square';

/** A solid from its own outlines, drawn or traced. */
export interface DrawnForm {
  readonly kind: 'drawn';
  /** From the front: to the right, and up. */
  readonly front: readonly PlanePoint[];
  /** From the right: towards the viewer of the front, and up; none for a depth that is stated. */
  readonly side: readonly PlanePoint[];
  /** From above: to the right, and towards the viewer of the front; none where it is as it comes. */
  readonly top: readonly PlanePoint[];
  /** How deep it is without an outline from the side. */
  readonly depthMm: number;
  readonly edge: DrawnEdge;
}

/** The forms that things are built up from. */
export type PlainForm =
  | BallForm
  | RodForm
  | BlockForm
  | CylinderForm
  | RingForm
  | TurnedForm
  | WedgeForm
  | ExtrudedForm
  | TubeForm;

/** One of the forms that a thing is built up from: turned about the middle of its foot, then set down there. */
export interface BuiltPiece {
  readonly name: string;
  readonly form: PlainForm;
  readonly xMm: number;
  readonly yMm: number;
  readonly zMm: number;
  /** Degrees, in this order: round the upright axis, tipped towards the viewer, leaned to the left. */
  readonly turnDeg: number;
  readonly tipDeg: number;
  readonly leanDeg: number;
  /** Whether it is taken away from the others instead. */
  readonly cut: boolean;
}

/** A thing built up from plain forms, and with plain forms cut out of it. */
export interface BuiltForm {
  readonly kind: 'built';
  readonly pieces: readonly BuiltPiece[];
}

export type WallName = 'front' | 'back' | 'left' | 'right';
export type RoofKind = 'none' | 'flat' | 'lean-to' | 'gable';

/** A window, door or other hole in a wall. */
export interface Opening {
  readonly wall: WallName;
  /** From the left end of the wall, seen from outside, to the opening. */
  readonly fromLeftMm: number;
  readonly sillMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Walls, floor and roof of sheet: rooms, houses, boxes. */
export interface PanelsForm {
  readonly kind: 'panels';
  /** Outside of the walls. */
  readonly widthMm: number;
  readonly depthMm: number;
  /** Of the walls; under a gable or lean-to, at the eaves. */
  readonly heightMm: number;
  readonly thicknessMm: number;
  readonly walls: readonly WallName[];
  readonly floor: boolean;
  readonly roof: RoofKind;
  /** How much higher than the eaves the roof rises. */
  readonly riseMm: number;
  /** How far the roof reaches over the walls. */
  readonly eavesMm: number;
  /** How walls meet: one against the other, or both cut at half the angle. */
  readonly joint: 'butt' | 'mitre';
  readonly openings: readonly Opening[];
}

export type Form =
  | PersonForm
  | BeastForm
  | BirdForm
  | CrawlerForm
  | RoundCreatureForm
  | TreeForm
  | PlainForm
  | BuiltForm
  | PanelsForm
  | DrawnForm
  | MeshForm;
export type FormKind = Form['kind'];
