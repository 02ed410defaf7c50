import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsISO8601,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { BranchPlan, RunChoice, WireChoice, WireStock } from '../armature/record/classes.ts';
import { BakeSettings } from '../bake/record/classes.ts';
import { Addition, Brief, Decision, Feature } from '../brief/record/classes.ts';
import { CLAY_WISHES, type ClayWish } from '../bulk/record/choices.ts';
import { Clay, CoreChoice, Insert, MixShare, RegionChoice } from '../bulk/record/classes.ts';
import { Fit } from '../fits/record/classes.ts';
import type { Form } from '../form/index.ts';
import { FORM_CLASSES, PersonFormData } from '../form/record/classes.ts';
import { STUFF_IDS, type StuffId, WIRE_SYSTEMS, type WireSystem } from '../handbook/index.ts';
import { LogEntry } from '../log/record/classes.ts';
import { Reference } from '../picture/record/classes.ts';
import { Amount } from '../record/amount.ts';
import { ID_PATTERN, NAME_LENGTH, NOTE_LENGTH, type PartId, type PieceId } from '../record/index.ts';
import { Route } from '../route/record/classes.ts';
import type { Datum, FigureScale, RatioScale, Scale } from '../scale/index.ts';
import { Bounds, FoundThing, Pair } from '../size/record/classes.ts';
import { PIECE_FORMAT, PIECE_VERSION } from './constants.ts';
import { LIMITS } from './limits.ts';

export * from '../armature/record/classes.ts';
export * from '../bake/record/classes.ts';
export * from '../brief/record/classes.ts';
export * from '../bulk/record/classes.ts';
export * from '../fits/record/classes.ts';
export * from '../log/record/classes.ts';
export * from '../picture/record/classes.ts';
export * from '../route/record/classes.ts';
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

export class Part {
  @Matches(ID_PATTERN) id!: PartId;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @IsOptional() @Matches(ID_PATTERN) parent!: PartId | null;
  @Amount(LIMITS.part.count) count!: number;
  /** Whether the form’s lengths are the thing’s in life, or already on the bench (a base, a found object). */
  @IsIn(['life', 'miniature']) sized!: 'life' | 'miniature';
  @IsDefined()
  @ValidateNested()
  @Type(() => PersonFormData, {
    keepDiscriminatorProperty: true,
    discriminator: { property: 'kind', subTypes: FORM_CLASSES },
  })
  form!: Form;
  /** Empty when the part is not of clay. */
  @IsArray() @ArrayMaxSize(20) @ValidateNested({ each: true }) @Type(() => MixShare) mix!: MixShare[];
  /** What a part that is not of clay is made of; null when that is not said. */
  @IsOptional() @IsIn(STUFF_IDS) stuff!: StuffId | null;
  /** Put on only after what it hangs on has been baked. */
  @IsBoolean() afterBake!: boolean;
  @IsDefined() @ValidateNested() @Type(() => CoreChoice) core!: CoreChoice;
  /** What is asked of its clay, for the choosing of one. */
  @IsArray() @IsIn(CLAY_WISHES, { each: true }) wishes!: ClayWish[];
  @IsArray() @ArrayMaxSize(100) @ValidateNested({ each: true }) @Type(() => Bounds) bounds!: Bounds[];
  @IsArray() @ArrayMaxSize(100) @ValidateNested({ each: true }) @Type(() => Feature) features!: Feature[];
  @IsArray() @ArrayMaxSize(100) @ValidateNested({ each: true }) @Type(() => Pair) pairs!: Pair[];
  /** Regions that differ from the part: their core, skin, clay, pass and colours. */
  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => RegionChoice)
  regions!: RegionChoice[];
  @IsArray() @ArrayMaxSize(100) @ValidateNested({ each: true }) @Type(() => Insert) inserts!: Insert[];
  /** The wire that is taken; null takes the one advised. */
  @IsOptional() @ValidateNested() @Type(() => WireChoice) wire!: WireChoice | null;
  /** What the maker has settled about single wires, and wires drawn by hand. */
  @IsArray() @ArrayMaxSize(200) @ValidateNested({ each: true }) @Type(() => RunChoice) runs!: RunChoice[];
  /** How a tree is wired. */
  @IsDefined() @ValidateNested() @Type(() => BranchPlan) branches!: BranchPlan;
  @IsString() @MaxLength(NOTE_LENGTH) note!: string;
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
  @IsISO8601({ strict: true }) created!: string;
  @IsDefined()
  @ValidateNested()
  @Type(() => RatioScaleData, {
    keepDiscriminatorProperty: true,
    discriminator: {
      property: 'kind',
      subTypes: [
        { name: 'ratio', value: RatioScaleData },
        { name: 'figure', value: FigureScaleData },
      ],
    },
  })
  scale!: Scale;
  @IsDefined() @ValidateNested() @Type(() => Brief) brief!: Brief;
  @IsArray() @ValidateNested({ each: true }) @Type(() => Clay) clays!: Clay[];
  @IsArray() @ValidateNested({ each: true }) @Type(() => Part) parts!: Part[];
  @IsArray() @ValidateNested({ each: true }) @Type(() => FoundThing) found!: FoundThing[];
  @IsArray() @ValidateNested({ each: true }) @Type(() => Addition) additions!: Addition[];
  @IsArray() @ValidateNested({ each: true }) @Type(() => Fit) fits!: Fit[];
  @IsArray() @ValidateNested({ each: true }) @Type(() => WireStock) wireStock!: WireStock[];
  /** Drills that are owned, mm; empty for every tenth of a millimetre. */
  @IsArray()
  @ArrayMaxSize(200)
  @IsNumber(FINITE, { each: true })
  @Min(0.1, { each: true })
  @Max(50, { each: true })
  drills!: number[];
  /** How wire is sold here, for the wire that is advised. */
  @IsIn(WIRE_SYSTEMS) wireSold!: WireSystem;
  @IsDefined() @ValidateNested() @Type(() => BakeSettings) oven!: BakeSettings;
  /** The maker’s own route; null while the proposed one stands. */
  @IsOptional() @ValidateNested() @Type(() => Route) route!: Route | null;
  @IsArray() @ValidateNested({ each: true }) @Type(() => Decision) decisions!: Decision[];
  @IsArray() @ValidateNested({ each: true }) @Type(() => Reference) references!: Reference[];
  @IsArray() @ValidateNested({ each: true }) @Type(() => LogEntry) log!: LogEntry[];
  /** The maker’s own values, by handbook row. */
  @IsObject() own!: Record<string, number>;
  @IsArray() @ValidateNested({ each: true }) @Type(() => Quarantined) quarantine!: Quarantined[];
}
