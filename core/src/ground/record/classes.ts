import 'reflect-metadata';
import { IsIn, IsOptional, IsString, Matches, MaxLength, MinLength } from 'class-validator';
import { PlanePointData } from '../../form/record/classes.ts';
import { Amount } from '../../record/amount.ts';
import { ID_PATTERN, NAME_LENGTH, type PartId } from '../../record/index.ts';
import { Nested, NestedList } from '../../record/nested.ts';
import {
  BOARD_OUTLINES,
  BOARD_STUFFS,
  BONDS,
  type BoardOutline,
  type BoardStuff,
  type Bond,
  COVER_STUFFS,
  type CoverStuff,
  FOLIAGES,
  type Foliage,
  HEAP_STUFFS,
  type HeapStuff,
  OPENING_HEADS,
  type OpeningHead,
  POUR_STUFFS,
  type PourStuff,
  SKIN_STUFFS,
  type SkinStuff,
  TIMBER_KINDS,
  TIMBER_STUFFS,
  type TimberKind,
  type TimberStuff,
} from './choices.ts';
import { GROUND_LIMITS, GROUND_MOST } from './limits.ts';

const LIMITS = GROUND_LIMITS;
const MOST_POINTS = GROUND_MOST.corners;

/** A line that a base comes apart along: how it is turned, and how far beside the middle it runs. */
export class BoardJoin {
  @Matches(ID_PATTERN) id!: string;
  /** Against the front edge, seen from above against the clock. */
  @Amount(LIMITS.boardJoin.turnDeg) turnDeg!: number;
  /** To the left of the way it runs. */
  @Amount(LIMITS.boardJoin.besideMm) besideMm!: number;
}

/** What everything stands on; miniature mm, its middle is where the plan begins. */
export class Board {
  @IsIn(BOARD_OUTLINES) outline!: BoardOutline;
  /** From left to right, and from the front to the back; of a drawn one, what it is drawn in. */
  @Amount(LIMITS.board.widthMm) widthMm!: number;
  @Amount(LIMITS.board.depthMm) depthMm!: number;
  @Amount(LIMITS.board.sides) sides!: number;
  /** Corners of a drawn one, to the right and to the back. */
  @NestedList(() => PlanePointData, { most: MOST_POINTS }) points!: PlanePointData[];
  @IsIn(BOARD_STUFFS) stuff!: BoardStuff;
  @Amount(LIMITS.board.thicknessMm) thicknessMm!: number;
  /** Battens across under it, at equal steps from its left end to its right; 0 for one that lies flat. */
  @Amount(LIMITS.board.studs) studs!: number;
  @NestedList(() => BoardJoin, { most: GROUND_MOST.joins }) joins!: BoardJoin[];
}

/** One of a part in its place on the plan, miniature mm from the middle to the right and to the back. */
export class Stood {
  @Matches(ID_PATTERN) id!: string;
  @Matches(ID_PATTERN) part!: PartId;
  @Amount(LIMITS.stood.xMm) xMm!: number;
  @Amount(LIMITS.stood.yMm) yMm!: number;
  /** Seen from above, against the clock. */
  @Amount(LIMITS.stood.turnDeg) turnDeg!: number;
  /** How its crown is filled, where it is a tree. */
  @IsIn(FOLIAGES) foliage!: Foliage;
  /** Those of one name are moved and turned together; empty for one that stands for itself. */
  @IsString() @MaxLength(NAME_LENGTH) group!: string;
}

/** One of several tones that a cover is mixed from. */
export class Tone {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @Amount(LIMITS.tone.parts) parts!: number;
}

/** Ground that is covered: where on the plan, with what, how deep. */
export class Cover {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @NestedList(() => PlanePointData, { least: 2, most: MOST_POINTS }) points!: PlanePointData[];
  /** 0 for an area within its corners; else the width of a ribbon that runs through them. */
  @Amount(LIMITS.ribbon.ribbonMm) ribbonMm!: number;
  @IsIn(COVER_STUFFS) of!: CoverStuff;
  /** Of fibres that stand, how long they are. */
  @Amount(LIMITS.cover.deepMm) deepMm!: number;
  /** Parts of each; none for one tone. */
  @NestedList(() => Tone, { most: GROUND_MOST.tones }) tones!: Tone[];
}

/** A rise of the ground: its foot on the plan, how high, and how steep its sides. */
export class Heap {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @NestedList(() => PlanePointData, { least: 2, most: MOST_POINTS }) points!: PlanePointData[];
  /** 0 for an area within its corners; else the width of a ribbon that runs through them. */
  @Amount(LIMITS.ribbon.ribbonMm) ribbonMm!: number;
  @Amount(LIMITS.heap.heightMm) heightMm!: number;
  /** Of its sides against the ground. */
  @Amount(LIMITS.heap.slopeDeg) slopeDeg!: number;
  @IsIn(HEAP_STUFFS) of!: HeapStuff;
  /** Of one sheet, where it is built of sheets. */
  @Amount(LIMITS.heap.sheetMm) sheetMm!: number;
  @IsIn(SKIN_STUFFS) skin!: SkinStuff;
  @Amount(LIMITS.heap.skinMm) skinMm!: number;
  /** Of a sheet its layers are cut from, across and high. */
  @Amount(LIMITS.heap.stockWideMm) stockWideMm!: number;
  @Amount(LIMITS.heap.stockHighMm) stockHighMm!: number;
}

/** What one drop of colour does to a pour, and what is wanted of it. */
export class Tint {
  /** One drop was stirred into so much, ml. */
  @Amount(LIMITS.tint.testMl) testMl!: number;
  /** A mark under that is just gone at so many mm of it, seen from above. */
  @Amount(LIMITS.tint.testGoneMm) testGoneMm!: number;
  /** The bed is to be gone at so many mm. */
  @Amount(LIMITS.tint.goneMm) goneMm!: number;
}

/** A hollow that is filled: its edge on the plan, how deep it is, and how far under its rim it is filled. */
export class Pour {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @NestedList(() => PlanePointData, { least: 2, most: MOST_POINTS }) points!: PlanePointData[];
  /** 0 for an area within its corners; else the width of a ribbon that runs through them. */
  @Amount(LIMITS.ribbon.ribbonMm) ribbonMm!: number;
  /** From its rim down to its bed. */
  @Amount(LIMITS.pour.deepMm) deepMm!: number;
  /** The surface lies so far under the rim. */
  @Amount(LIMITS.pour.lowMm) lowMm!: number;
  /** Of its banks against the ground. */
  @Amount(LIMITS.pour.bankDeg) bankDeg!: number;
  @IsIn(POUR_STUFFS) of!: PourStuff;
  /** Null for a clear one. */
  @IsOptional() @Nested(() => Tint) tint!: Tint | null;
}

/** A place that the piece is looked at from: the way it lies, from the front against the clock, how high and how far off. */
export class Eye {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @Amount(LIMITS.eye.fromDeg) fromDeg!: number;
  /** Above the plan. */
  @Amount(LIMITS.eye.heightMm) heightMm!: number;
  /** From the middle of the plan. */
  @Amount(LIMITS.eye.awayMm) awayMm!: number;
}

/** A fence or a flight of steps built from sticks; lengths in life, those of the stock on the bench. */
export class Timber {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @IsIn(TIMBER_KINDS) kind!: TimberKind;
  /** Of a fence its whole length, of steps how wide they are. */
  @Amount(LIMITS.timber.lengthMm) lengthMm!: number;
  /** Of a fence its posts, of steps all they climb. */
  @Amount(LIMITS.timber.heightMm) heightMm!: number;
  /** From post to post at most, or from the front of a tread to that of the next. */
  @Amount(LIMITS.timber.stepMm) stepMm!: number;
  /** In each bay of a fence. */
  @Amount(LIMITS.timber.rails) rails!: number;
  /** From pale to pale; 0 for none. */
  @Amount(LIMITS.timber.palesMm) palesMm!: number;
  @Amount(LIMITS.timber.thickMm) thickMm!: number;
  /** Length of a stick, and what the saw takes, as they are. */
  @Amount(LIMITS.timber.stockMm) stockMm!: number;
  @Amount(LIMITS.timber.kerfMm) kerfMm!: number;
  @IsIn(TIMBER_STUFFS) stuff!: TimberStuff;
}

/** A board behind it all, for a camera; mm, those of the camera as they are. */
export class Backdrop {
  /** The picture on the sensor, across and high. */
  @Amount(LIMITS.backdrop.sensorMm) sensorMm!: number;
  @Amount(LIMITS.backdrop.sensorHighMm) sensorHighMm!: number;
  @Amount(LIMITS.backdrop.focalMm) focalMm!: number;
  /** From the camera to what is sharp, and from there to the board. */
  @Amount(LIMITS.backdrop.awayMm) awayMm!: number;
  @Amount(LIMITS.backdrop.behindMm) behindMm!: number;
  /** Stop of the lens: its focal length by its opening. */
  @Amount(LIMITS.backdrop.fNumber) fNumber!: number;
  /** More than the camera sees. */
  @Amount(LIMITS.backdrop.marginPct) marginPct!: number;
  /** Width of one sheet that it is joined from. */
  @Amount(LIMITS.backdrop.sheetMm) sheetMm!: number;
  /** The way the camera lies, from the front against the clock. */
  @Amount(LIMITS.backdrop.fromDeg) fromDeg!: number;
}

/** An opening that courses are laid round; lengths are those in life, from the lower left corner of the face. */
export class MasonryOpening {
  @Matches(ID_PATTERN) id!: string;
  @IsIn(OPENING_HEADS) head!: OpeningHead;
  /** From the left to its middle. */
  @Amount(LIMITS.masonryOpening.middleMm) middleMm!: number;
  /** From the foot of the face to its own. */
  @Amount(LIMITS.masonryOpening.sillMm) sillMm!: number;
  @Amount(LIMITS.masonryOpening.widthMm) widthMm!: number;
  /** To its highest place. */
  @Amount(LIMITS.masonryOpening.heightMm) heightMm!: number;
}

/** Bricks, blocks, planks or tiles on a face of a part; lengths are those in life. */
export class Masonry {
  @Matches(ID_PATTERN) id!: string;
  /** Null for the base itself. */
  @IsOptional() @Matches(ID_PATTERN) part!: PartId | null;
  /** Key of the face they lie on. */
  @IsString() @MaxLength(NAME_LENGTH) on!: string;
  @IsIn(BONDS) bond!: Bond;
  @Amount(LIMITS.masonry.unitLengthMm) unitLengthMm!: number;
  @Amount(LIMITS.masonry.unitHeightMm) unitHeightMm!: number;
  @Amount(LIMITS.masonry.jointMm) jointMm!: number;
  @NestedList(() => MasonryOpening, { most: 50 }) openings!: MasonryOpening[];
  /** Which of the ways of laying units of no one size. */
  @Amount(LIMITS.masonry.seed) seed!: number;
  /** How far corners are worn off, in life. */
  @Amount(LIMITS.masonry.wornMm) wornMm!: number;
  /** Stones up its two sides, long and half as long by turns, in life; 0 for none. */
  @Amount(LIMITS.masonry.quoinMm) quoinMm!: number;
}

/** A way of laying the ground out that was set aside. */
export class Layout {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @IsOptional() @Nested(() => Board) board!: Board | null;
  @NestedList(() => Stood) stood!: Stood[];
  @NestedList(() => Heap) heaps!: Heap[];
  @NestedList(() => Pour) pours!: Pour[];
  @NestedList(() => Cover) covers!: Cover[];
}
