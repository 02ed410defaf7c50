import 'reflect-metadata';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
} from 'class-validator';
import { BranchPlan, RunChoice, WireChoice, WireStock } from '../armature/record/classes.ts';
import { BakeSettings } from '../bake/record/classes.ts';
import { Addition, Brief, Decision, Feature } from '../brief/record/classes.ts';
import { CLAY_WISHES, type ClayWish } from '../bulk/record/choices.ts';
import { Clay, ClayLayer, CoreChoice, Insert, MixShare, RegionChoice } from '../bulk/record/classes.ts';
import { CoatRule, Joint, PaintMix, PaintPot, Zone } from '../finish/record/classes.ts';
import { FINISH_MOST } from '../finish/record/limits.ts';
import { Fit } from '../fits/record/classes.ts';
import type { Form } from '../form/index.ts';
import { FORM_CLASSES, PersonFormData } from '../form/record/classes.ts';
import {
  Backdrop,
  Board,
  Cover,
  Eye,
  Heap,
  Layout,
  Masonry,
  Pour,
  Stood,
  Timber,
} from '../ground/record/classes.ts';
import { GROUND_MOST } from '../ground/record/limits.ts';
import { STUFF_IDS, type StuffId, WIRE_SYSTEMS, type WireSystem } from '../handbook/index.ts';
import { LogEntry } from '../log/record/classes.ts';
import { Reference } from '../picture/record/classes.ts';
import { Amount } from '../record/amount.ts';
import { Moment } from '../record/dates.ts';
import { ID_PATTERN, NAME_LENGTH, NOTE_LENGTH, type PartId, type PieceId } from '../record/index.ts';
import { Nested, NestedKind, NestedList } from '../record/nested.ts';
import { MouldChoice, PatternChoice, RepeatRule } from '../repeats/record/classes.ts';
import { Aid, Route } from '../route/record/classes.ts';
import type { Datum, FigureScale, OpenScale, RatioScale, Scale, ThingScale } from '../scale/index.ts';
import { BenchPlan } from '../schedule/record/classes.ts';
import { Bounds, FoundThing, Pair } from '../size/record/classes.ts';
import { PART_STATES, type PartState } from './choices.ts';
import { PIECE_FORMAT, PIECE_VERSION } from './constants.ts';
import { LIMITS } from './limits.ts';

export * from '../armature/record/classes.ts';
export * from '../bake/record/classes.ts';
export * from '../brief/record/classes.ts';
export * from '../bulk/record/classes.ts';
export * from '../finish/record/classes.ts';
export * from '../fits/record/classes.ts';
export * from '../ground/record/classes.ts';
export * from '../log/record/classes.ts';
export * from '../picture/record/classes.ts';
export * from '../repeats/record/classes.ts';
export * from '../route/record/classes.ts';
export * from '../schedule/record/classes.ts';
export * from '../size/record/classes.ts';

const FINITE = { allowInfinity: false, allowNaN: false } as const;

export class RatioScaleData implements RatioScale {
  @Equals('ratio') kind!: 'ratio';
  @Amount(LIMITS.ratioScale.ratio) ratio!: number;
}

export class FigureScaleData implements FigureScale {
  @Equals('figure') kind!: 'figure';
  @Amount(LIMITS.figureScale.heightMm) heightMm!: number;
  @IsIn(['eyes', 'crown']) datum!: Datum;
  @Amount(LIMITS.figureScale.statureMm) statureMm!: number;
  @IsBoolean() heroic!: boolean;
}

export class OpenScaleData implements OpenScale {
  @Equals('open') kind!: 'open';
}

export class ThingScaleData implements ThingScale {
  @Equals('thing') kind!: 'thing';
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @Amount(LIMITS.thingScale.benchMm) benchMm!: number;
  @Amount(LIMITS.thingScale.lifeMm) lifeMm!: number;
}

/** Some of the copies of a part that are alike but for what is said: an ear that droops, another colour, a turned head. */
export class Variant {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @Amount(LIMITS.variant.count) count!: number;
  /** What is other about them, in the maker’s words. */
  @IsString() @MaxLength(2000) differs!: string;
}

export class Part {
  @Matches(ID_PATTERN) id!: PartId;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @IsOptional() @Matches(ID_PATTERN) parent!: PartId | null;
  @Amount(LIMITS.part.count) count!: number;
  /** Whether the form’s lengths are the thing’s in life, or already on the bench (a base, a found object). */
  @IsIn(['life', 'miniature']) sized!: 'life' | 'miniature';
  @IsDefined()
  @NestedKind(() => PersonFormData, FORM_CLASSES)
  form!: Form;
  /** Empty when the part is not of clay. */
  @NestedList(() => MixShare, { most: 20 }) mix!: MixShare[];
  /** What a part that is not of clay is made of; null when that is not said. */
  @IsOptional() @IsIn(STUFF_IDS) stuff!: StuffId | null;
  /** How far it has come already when the piece begins with it; what is before that is not in the route. */
  @IsIn(PART_STATES) state!: PartState;
  /** Put on only after what it hangs on has been baked. */
  @IsBoolean() afterBake!: boolean;
  @IsDefined() @Nested(() => CoreChoice) core!: CoreChoice;
  /** What is asked of its clay, for the choosing of one. */
  @IsArray() @IsIn(CLAY_WISHES, { each: true }) wishes!: ClayWish[];
  @NestedList(() => Bounds, { most: 100 }) bounds!: Bounds[];
  @NestedList(() => Feature, { most: 100 }) features!: Feature[];
  @NestedList(() => Pair, { most: 100 }) pairs!: Pair[];
  /** Regions that differ from the part: their core, skin, clay, pass and colours. */
  @NestedList(() => RegionChoice, { most: 200 })
  regions!: RegionChoice[];
  /** Clays that go on over what is baked by then. */
  @NestedList(() => ClayLayer, { most: 50 }) layers!: ClayLayer[];
  /** Copies that are not the same; all others are as the part is. */
  @NestedList(() => Variant, { most: 100 }) variants!: Variant[];
  /** The rule that its count follows from; null for one that is counted as it stands. */
  @IsOptional() @Nested(() => RepeatRule) repeat!: RepeatRule | null;
  /** How its clays are laid into one another; null where they are mixed to one colour. */
  @IsOptional() @Nested(() => PatternChoice) pattern!: PatternChoice | null;
  /** The mould that is made from it; null for none. */
  @IsOptional() @Nested(() => MouldChoice) mould!: MouldChoice | null;
  @NestedList(() => Insert, { most: 100 }) inserts!: Insert[];
  /** The wire that is taken; null takes the one advised. */
  @IsOptional() @Nested(() => WireChoice) wire!: WireChoice | null;
  /** What the maker has settled about single wires, and wires drawn by hand. */
  @NestedList(() => RunChoice, { most: 200 }) runs!: RunChoice[];
  /** How a tree is wired. */
  @IsDefined() @Nested(() => BranchPlan) branches!: BranchPlan;
  @IsString() @MaxLength(NOTE_LENGTH) note!: string;
}

/** An amount that was typed as a range, a limit or *about*; the document holds what is reckoned with. */
export class RoughEntry {
  @Matches(ID_PATTERN) id!: string;
  /** The entry it stands at, its path joined by `/`. */
  @IsString() @MinLength(1) @MaxLength(NOTE_LENGTH) path!: string;
  /** As it was typed. */
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) typed!: string;
  /** What stands at the entry; while it is another, this is out of date. */
  @IsNumber(FINITE) value!: number;
  /** Ends; null where there is none. */
  @IsOptional() @IsNumber(FINITE) low!: number | null;
  @IsOptional() @IsNumber(FINITE) high!: number | null;
}

/** Something a file held that could not be used: kept, shown, exported again. */
export class Quarantined {
  /** Where it stood, such as `parts[3]`. */
  @IsString() @MaxLength(NAME_LENGTH) where!: string;
  /** What was wrong, one line each. */
  @IsArray() @IsString({ each: true }) problems!: string[];
  /** As it was found. */
  raw!: unknown;
}

/** A piece: everything that is saved, undone and exported. */
export class Piece {
  @Equals(PIECE_FORMAT) format!: typeof PIECE_FORMAT;
  @Equals(PIECE_VERSION) version!: typeof PIECE_VERSION;
  @Matches(ID_PATTERN) id!: PieceId;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @Moment() created!: string;
  @IsDefined()
  @NestedKind(
    () => RatioScaleData,
    [
      { name: 'ratio', value: RatioScaleData },
      { name: 'figure', value: FigureScaleData },
      { name: 'open', value: OpenScaleData },
      { name: 'thing', value: ThingScaleData },
    ],
  )
  scale!: Scale;
  @IsDefined() @Nested(() => Brief) brief!: Brief;
  @NestedList(() => Clay) clays!: Clay[];
  @NestedList(() => Part) parts!: Part[];
  @NestedList(() => FoundThing) found!: FoundThing[];
  @NestedList(() => Addition) additions!: Addition[];
  @NestedList(() => Fit) fits!: Fit[];
  @NestedList(() => WireStock) wireStock!: WireStock[];
  /** Drills that are owned, mm; empty for every tenth of a millimetre. */
  @IsArray()
  @ArrayMaxSize(200)
  @IsNumber(FINITE, { each: true })
  @Min(0.1, { each: true })
  @Max(50, { each: true })
  drills!: number[];
  /** How wire is sold here, for the wire that is advised. */
  @IsIn(WIRE_SYSTEMS) wireSold!: WireSystem;
  @IsDefined() @Nested(() => BakeSettings) oven!: BakeSettings;
  /** The maker’s own route; null while the proposed one stands. */
  @IsOptional() @Nested(() => Route) route!: Route | null;
  /** When there is time at the bench, and what there is to work with. */
  @IsDefined() @Nested(() => BenchPlan) bench!: BenchPlan;
  @NestedList(() => Decision) decisions!: Decision[];
  @NestedList(() => Reference) references!: Reference[];
  @NestedList(() => LogEntry) log!: LogEntry[];
  @NestedList(() => RoughEntry) rough!: RoughEntry[];
  @NestedList(() => Aid) aids!: Aid[];
  /** What it all stands on; null while there is none. */
  @IsOptional() @Nested(() => Board) board!: Board | null;
  @NestedList(() => Stood) stood!: Stood[];
  /** Ways of laying the ground out that were set aside. */
  @NestedList(() => Layout, { most: GROUND_MOST.layouts }) layouts!: Layout[];
  @NestedList(() => Heap) heaps!: Heap[];
  @NestedList(() => Pour) pours!: Pour[];
  @NestedList(() => Cover) covers!: Cover[];
  @NestedList(() => Eye) eyes!: Eye[];
  @NestedList(() => Masonry) masonry!: Masonry[];
  @NestedList(() => Timber) timber!: Timber[];
  /** The board behind it all; null where no camera looks at it. */
  @IsOptional() @Nested(() => Backdrop) backdrop!: Backdrop | null;
  /** Surfaces with their layers. */
  @NestedList(() => Zone, { most: FINISH_MOST.zones }) zones!: Zone[];
  /** How fits are joined. */
  @NestedList(() => Joint, { most: FINISH_MOST.joints }) joints!: Joint[];
  /** What the maker knows of one stuff over another. */
  @NestedList(() => CoatRule, { most: FINISH_MOST.rules }) coatRules!: CoatRule[];
  /** Colours that the maker has to paint with. */
  @NestedList(() => PaintPot, { most: FINISH_MOST.pots }) pots!: PaintPot[];
  /** Colours that were mixed of them, each making a card of its own. */
  @NestedList(() => PaintMix, { most: FINISH_MOST.mixes }) paintMixes!: PaintMix[];
  /** The maker’s own values, by handbook row. */
  @IsObject() own!: Record<string, number>;
  @NestedList(() => Quarantined) quarantine!: Quarantined[];
}
