import 'reflect-metadata';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsHexColor,
  IsIn,
  IsOptional,
  IsString,
  Matches,
  MaxLength,
  MinLength,
  ValidateIf,
} from 'class-validator';
import { Amount } from '../../record/amount.ts';
import { ID_PATTERN, NAME_LENGTH, NOTE_LENGTH, type PartId } from '../../record/index.ts';
import { Nested, NestedList } from '../../record/nested.ts';
import {
  BODY_IDS,
  type BodyId,
  COAT_HOWS,
  COAT_IDS,
  type CoatHow,
  type CoatId,
  GRAINS,
  type Grain,
  JOINT_WAYS,
  type JointWay,
  LAYER_KINDS,
  type LayerKind,
  MEETS,
  type Meets,
  RULE_GRADES,
  SETTLINGS,
  type Settling,
  SHEENS,
  type Sheen,
  ZONE_SIDES,
  type ZoneSide,
} from './choices.ts';
import { FINISH_LIMITS, FINISH_MOST } from './limits.ts';

const LIMITS = FINISH_LIMITS;

/** A sign, a label or a board of checks that is printed and put on. */
export class Decal {
  /** What it says, line by line; empty for one of checks alone. */
  @IsString() @MaxLength(NAME_LENGTH) words!: string;
  /** As it is printed, miniature mm. */
  @Amount(LIMITS.decal.wideMm) wideMm!: number;
  @Amount(LIMITS.decal.highMm) highMm!: number;
  /** Checks across it; 0 for a plain ground. */
  @Amount(LIMITS.decal.checks) checks!: number;
}

/** One layer of a surface. */
export class CoatLayer {
  @Matches(ID_PATTERN) id!: string;
  @IsIn(LAYER_KINDS) kind!: LayerKind;
  /** What is put on; null where nothing is: worked with a tool, or baked. */
  @IsOptional() @IsIn(COAT_IDS) of!: CoatId | null;
  /** Its colour, `#rrggbb`; null for what has none. */
  @IsOptional() @IsHexColor() colour!: string | null;
  @Amount(LIMITS.coatLayer.coats) coats!: number;
  @IsIn(COAT_HOWS) how!: CoatHow;
  /** Parts of thinner to one part of it. */
  @Amount(LIMITS.coatLayer.thin) thin!: number;
  /** Wet, one coat, miniature mm; null for what is usual. */
  @IsOptional() @Amount(LIMITS.coatLayer.filmMm) filmMm!: number | null;
  /** Of fibres how long they are, of a texture how wide its strokes are, miniature mm; null for what is neither. */
  @IsOptional() @Amount(LIMITS.coatLayer.lengthMm) lengthMm!: number | null;
  /** Where it comes to lie by itself; null where it is laid on all of the surface. */
  @IsOptional() @IsIn(SETTLINGS) lies!: Settling | null;
  /** Which way it is worked, or its fibres lie; null where that is all one. */
  @IsOptional() @IsIn(GRAINS) grain!: Grain | null;
  /** Of a decal, what is printed; null for one that is bought, and for all else. */
  @IsOptional() @Nested(() => Decal) decal!: Decal | null;
  /** The tool, the pattern, or what is to be minded. */
  @IsString() @MaxLength(NOTE_LENGTH) note!: string;
}

/** A dab of a brush that a zone was painted with, in the part’s own frame, mm. */
export class ZoneSpot {
  @Amount(LIMITS.zoneSpot.xMm) xMm!: number;
  @Amount(LIMITS.zoneSpot.yMm) yMm!: number;
  @Amount(LIMITS.zoneSpot.zMm) zMm!: number;
  @Amount(LIMITS.zoneSpot.radiusMm) radiusMm!: number;
}

/** A surface with one finish: where it is, what it is of, and its layers. */
export class Zone {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  /** The part that it lies on; null for one of the ground, or of nothing else in the piece. */
  @IsOptional() @Matches(ID_PATTERN) part!: PartId | null;
  /** Ground that it is: a rise, a pour or a cover by its id, or `board`; empty for one of a part. */
  @IsString() @MaxLength(64) ground!: string;
  /** Regions of the part; empty for all of it. */
  @IsArray()
  @ArrayMaxSize(200)
  @IsString({ each: true })
  @MaxLength(NAME_LENGTH, { each: true })
  regions!: string[];
  /** Only what faces so; null for every side. */
  @IsOptional() @IsIn(ZONE_SIDES) side!: ZoneSide | null;
  /** Only what lies between these shares of the height. */
  @Amount(LIMITS.zone.lowPct) lowPct!: number;
  @Amount(LIMITS.zone.highPct) highPct!: number;
  /** Only what these dabs cover; empty for all. */
  @NestedList(() => ZoneSpot, { most: FINISH_MOST.spots }) spots!: ZoneSpot[];
  /** How much of that place it takes: stripes, patches, freckles. */
  @Amount(LIMITS.zone.sharePct) sharePct!: number;
  /** Its surface as the maker has it, cm²; null takes it from the solid. */
  @IsOptional() @Amount(LIMITS.zone.areaCm2) areaCm2!: number | null;
  /** What it is of; null takes it from the part. */
  @IsOptional() @IsIn(BODY_IDS) of!: BodyId | null;
  /** The colour it is to become, `#rrggbb`; null while that is open. */
  @ValidateIf((zone: Zone) => zone.colour !== null) @IsHexColor() colour!: string | null;
  @IsIn(SHEENS) sheen!: Sheen;
  @IsArray() @ArrayMaxSize(MEETS.length) @IsIn(MEETS, { each: true }) meets!: Meets[];
  /** Whether the layers are the maker’s own: else they are as they are proposed. */
  @IsBoolean() isOwn!: boolean;
  @NestedList(() => CoatLayer, { most: FINISH_MOST.layers }) layers!: CoatLayer[];
}

/** What the maker knows of one stuff over another. */
export class CoatRule {
  @Matches(ID_PATTERN) id!: string;
  /** What lies under. */
  @IsIn([...COAT_IDS, ...BODY_IDS]) under!: CoatId | BodyId;
  /** What is put over it. */
  @IsIn(COAT_IDS) over!: CoatId;
  @IsIn(RULE_GRADES) grade!: (typeof RULE_GRADES)[number];
  /** What is seen when it goes wrong, or why it does not. */
  @IsString() @MaxLength(NOTE_LENGTH) says!: string;
}

/** A colour that the maker has: paint in a pot, a stick of pastel, a pencil. */
export class PaintPot {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @IsIn(COAT_IDS) of!: CoatId;
  /** As it dries, `#rrggbb`. */
  @IsHexColor() colour!: string;
}

/** So many parts of a pot. */
export class PotPart {
  /** The pot. */
  @Matches(ID_PATTERN) id!: string;
  @Amount(LIMITS.potPart.parts) parts!: number;
}

/** A colour that was mixed, to be mixed again: one card, with what each batch came out as. */
export class PaintMix {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  /** The colour that is wanted, `#rrggbb`. */
  @IsHexColor() colour!: string;
  @NestedList(() => PotPart, { most: FINISH_MOST.potParts }) parts!: PotPart[];
  /** The colour it came out as, dry; null until it is made. */
  @IsOptional() @IsHexColor() made!: string | null;
  /** Which making of it this is, from 1. */
  @Amount(LIMITS.paintMix.version) version!: number;
  @IsString() @MaxLength(NOTE_LENGTH) note!: string;
}

/** Two things that are joined for good, or so that they come apart. */
export class Joint {
  @Matches(ID_PATTERN) id!: string;
  /** The fit that it is the joint of. */
  @Matches(ID_PATTERN) fit!: string;
  /** What joins them; null while that is open. */
  @IsOptional() @IsIn(JOINT_WAYS) way!: JointWay | null;
  /** Measured with the parts dry in their place, mm; null where it is not. */
  @IsOptional() @Amount(LIMITS.joint.gapMm) gapMm!: number | null;
  /** Where they touch, mm²; null takes it from the solids. */
  @IsOptional() @Amount(LIMITS.joint.areaMm2) areaMm2!: number | null;
  /** Whether it is to come apart again. */
  @IsBoolean() comesApart!: boolean;
  /** Pins across it. */
  @Amount(LIMITS.joint.pins) pins!: number;
  @Amount(LIMITS.joint.pinMm) pinMm!: number;
  /** How deep they go into either. */
  @Amount(LIMITS.joint.pinDeepMm) pinDeepMm!: number;
}
