import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBoolean,
  IsDefined,
  IsHexColor,
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
import type { Form } from '../form/index.ts';
import {
  type ClayFamily,
  CORE_KINDS,
  type CoreKind,
  STUFF_IDS,
  type StuffId,
  WIRE_SYSTEMS,
  type WireSystem,
} from '../handbook/index.ts';
import type { Datum, FigureScale, RatioScale, Scale } from '../scale/index.ts';
import { Amount } from './amount.ts';
import {
  CLAY_WISHES,
  CLOSING_STEPS,
  type ClayWish,
  type ClosingStep,
  OUTCOMES,
  type Outcome,
  OVEN_AIRS,
  OVEN_COOLINGS,
  OVEN_UNDERS,
  type OvenAir,
  type OvenCooling,
  type OvenUnder,
  PIECE_FORMAT,
  PIECE_VERSION,
  PURPOSES,
  type Purpose,
  VIEWPOINTS,
  type Viewpoint,
} from './constants.ts';
import { Fit, FitOpening } from './fitData.ts';
import { FORM_CLASSES, PersonFormData } from './forms.ts';
import { type ClayId, type EntryId, ID_PATTERN, type PartId, type PictureId, type PieceId } from './ids.ts';
import { CoreChoice, Insert, MixShare, RegionChoice, ZoneShare } from './inside.ts';
import { LIMITS } from './limits.ts';
import { KnownLength, KnownRectangle, Reference, Spot, Taking } from './pictureData.ts';
import { OvenPlace, Route, RouteStep, StepRelation } from './routeData.ts';
import { BranchPlan, RunChoice, WireChoice, WirePlace, WireStock } from './wires.ts';

export {
  BranchPlan,
  CoreChoice,
  Fit,
  FitOpening,
  Insert,
  KnownLength,
  KnownRectangle,
  MixShare,
  OvenPlace,
  Reference,
  RegionChoice,
  Route,
  RouteStep,
  RunChoice,
  Spot,
  StepRelation,
  Taking,
  WireChoice,
  WirePlace,
  WireStock,
  ZoneShare,
};

const FINITE = { allowInfinity: false, allowNaN: false } as const;
const NAME_LENGTH = 200;
const NOTE_LENGTH = 20_000;

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

/** Where makers disagree, the way this piece goes. */
export class Schools {
  /** Colour in the clay, paint over neutral clay, or pastel on raw clay. */
  @IsIn(['painted', 'coloured', 'pastel']) colour!: 'painted' | 'coloured' | 'pastel';
  /** Bake sections as they are done, or everything at once. */
  @IsIn(['sections', 'one']) bakes!: 'sections' | 'one';
  /** Short set bakes with a full cure last, or the full time each time. */
  @IsIn(['set', 'full']) heat!: 'set' | 'full';
  /** What goes under the clay; none for wire alone. */
  @IsIn(['none', ...CORE_KINDS]) core!: 'none' | CoreKind;
  /** Superglue goes into no oven, or does, knowingly, with the room aired. */
  @IsIn(['never', 'knowingly']) superglue!: 'never' | 'knowingly';
}

export class Brief {
  @IsIn(PURPOSES) purpose!: Purpose;
  @IsOptional() @IsISO8601({ strict: true }) due!: string | null;
  @IsOptional() @Amount(LIMITS.brief.hoursPerDay) hoursPerDay!: number | null;
  @IsOptional() @Amount(LIMITS.brief.budget) budget!: number | null;
  @IsString() @MaxLength(8) currency!: string;
  @IsString() @MaxLength(NAME_LENGTH) handledBy!: string;
  @IsIn(VIEWPOINTS) seenFrom!: Viewpoint;
  @IsString() @MaxLength(NOTE_LENGTH) note!: string;
  @IsDefined() @ValidateNested() @Type(() => Schools) schools!: Schools;
}

/** What the packet says; it wins over the handbook. */
export class Packet {
  @Amount(LIMITS.packet.lowC) lowC!: number;
  @Amount(LIMITS.packet.highC) highC!: number;
  /** For each 6 mm of thickness. */
  @Amount(LIMITS.packet.lowMinutes) lowMinutes!: number;
  @Amount(LIMITS.packet.highMinutes) highMinutes!: number;
}

const FAMILIES: readonly ClayFamily[] = [
  'all-purpose',
  'beginner',
  'strong-flexible',
  'sculptors',
  'firm',
  'translucent',
  'stone-effect',
  'liquid',
  'air-dry',
  'epoxy-putty',
];

export class Clay {
  @Matches(ID_PATTERN) id!: ClayId;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @IsIn(FAMILIES) family!: ClayFamily;
  /** `#rrggbb`, as seen raw. */
  @IsHexColor() colour!: string;
  /** Null takes the handbook’s packet. */
  @IsOptional() @Amount(LIMITS.clay.packG) packG!: number | null;
  /** Null when not known: no cost is then reckoned. */
  @IsOptional() @Amount(LIMITS.clay.packPrice) packPrice!: number | null;
  @IsOptional() @ValidateNested() @Type(() => Packet) packet!: Packet | null;
}

/** Least and most a measure may be in life. */
export class Bounds {
  @IsString() @MaxLength(60) measure!: string;
  @Amount(LIMITS.bounds.lowMm) lowMm!: number;
  @Amount(LIMITS.bounds.highMm) highMm!: number;
}

/** Something of a part that is counted: legs, eyes, teeth. */
export class Feature {
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @Amount(LIMITS.feature.wanted) wanted!: number;
  @Amount(LIMITS.feature.made) made!: number;
  /** Made ahead, baked and set into the raw clay: eyes, teeth, buttons. */
  @IsBoolean() ahead!: boolean;
  /** Belongs to a face: a part with one is given a face’s time. */
  @IsBoolean() facial!: boolean;
}

/** Two of a kind, measured on the bench. */
export class Pair {
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @IsOptional() @Amount(LIMITS.pair.leftMm) leftMm!: number | null;
  @IsOptional() @Amount(LIMITS.pair.rightMm) rightMm!: number | null;
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

/** A picture of an entry; the picture itself lies beside the piece. */
export class PictureRef {
  @Matches(ID_PATTERN) id!: PictureId;
  @IsIn(['image/jpeg', 'image/png', 'image/webp']) type!: 'image/jpeg' | 'image/png' | 'image/webp';
  @IsString() @MaxLength(NAME_LENGTH) caption!: string;
}

export class MadeMeasure {
  @IsString() @MaxLength(60) key!: string;
  /** Miniature mm. */
  @Amount(LIMITS.madeMeasure.madeMm) madeMm!: number;
}

export class BakeRecord {
  /** As read from the thermometer, or the dial without one. */
  @Amount(LIMITS.bakeRecord.temperatureC) temperatureC!: number;
  @Amount(LIMITS.bakeRecord.minutes) minutes!: number;
  /** Thickest clay, miniature mm. */
  @IsOptional() @Amount(LIMITS.bakeRecord.thicknessMm) thicknessMm!: number | null;
  @IsIn(OUTCOMES) outcome!: Outcome;
}

export class LogEntry {
  @Matches(ID_PATTERN) id!: EntryId;
  @IsISO8601({ strict: true }) at!: string;
  @IsIn(['measure', 'bake', 'note']) kind!: 'measure' | 'bake' | 'note';
  @IsOptional() @Matches(ID_PATTERN) part!: PartId | null;
  @IsOptional() @ValidateNested() @Type(() => MadeMeasure) measure!: MadeMeasure | null;
  @IsOptional() @ValidateNested() @Type(() => BakeRecord) bake!: BakeRecord | null;
  @IsString() @MaxLength(NOTE_LENGTH) note!: string;
  /** What to do otherwise next time; speaks up at the same stage. */
  @IsString() @MaxLength(NOTE_LENGTH) lesson!: string;
  @IsArray()
  @ArrayMaxSize(50)
  @ValidateNested({ each: true })
  @Type(() => PictureRef)
  pictures!: PictureRef[];
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

/** A bought or found thing used as it is. */
export class FoundThing {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  /** The size that is looked at, on the bench. */
  @Amount(LIMITS.foundThing.acrossMm) acrossMm!: number;
  /** What it is meant to be, as a row of the handbook; null for nothing in particular. */
  @IsOptional() @IsString() @MaxLength(NAME_LENGTH) meant!: string | null;
}

/** Something that was not in the brief at first: what it would take, and whether it was taken on. */
export class Addition {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  /** At the bench. */
  @Amount(LIMITS.addition.hours) hours!: number;
  @Amount(LIMITS.addition.cost) cost!: number;
  /** Waited for while it dries or cures. */
  @Amount(LIMITS.addition.waitDays) waitDays!: number;
  @IsBoolean() accepted!: boolean;
}

/** Something to be settled before a step closes it. */
export class Decision {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) question!: string;
  /** Empty while open. */
  @IsString() @MaxLength(NAME_LENGTH) answer!: string;
  @IsIn(CLOSING_STEPS) before!: ClosingStep;
  /** Parts that are made by the answer. */
  @IsArray() @ArrayMaxSize(500) @Matches(ID_PATTERN, { each: true }) parts!: PartId[];
  /** When the answer was settled, and as what: what was done since leans on that. */
  @IsOptional() @IsISO8601({ strict: true }) settled!: string | null;
  @IsString() @MaxLength(NAME_LENGTH) settledAs!: string;
}

/** How the oven is run for this piece. */
export class BakeSettings {
  /** Null takes what the card says. */
  @IsOptional() @Amount(LIMITS.bakeSettings.dialC) dialC!: number | null;
  /** Minutes in it; null holds it until it is cured. */
  @IsOptional() @Amount(LIMITS.bakeSettings.holdMin) holdMin!: number | null;
  @IsIn(OVEN_AIRS) air!: OvenAir;
  @IsIn(OVEN_UNDERS) under!: OvenUnder;
  @IsBoolean() preheated!: boolean;
  @IsIn(OVEN_COOLINGS) cooling!: OvenCooling;
  /** Things put in their place by hand; the others are placed as they fit. */
  @IsArray() @ArrayMaxSize(2000) @ValidateNested({ each: true }) @Type(() => OvenPlace) places!: OvenPlace[];
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
