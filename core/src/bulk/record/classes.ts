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
} from 'class-validator';
import { STUFF_IDS, type StuffId } from '../../handbook/index.ts';
import { Amount } from '../../record/amount.ts';
import { type ClayId, ID_PATTERN, NAME_LENGTH } from '../../record/index.ts';
import { Nested, NestedList } from '../../record/nested.ts';
import type { ClayFamily } from '../rows/clays.ts';
import type { CoreKind } from '../rows/cores.ts';
import { CORE_CHOICES, INSERT_FITS, INSERT_SHAPES, type InsertFit, type InsertShape } from './choices.ts';
import { BULK_LIMITS } from './limits.ts';

/** What the packet says; it wins over the handbook. */
export class Packet {
  @Amount(BULK_LIMITS.packet.lowC) lowC!: number;
  @Amount(BULK_LIMITS.packet.highC) highC!: number;
  /** For each 6 mm of thickness. */
  @Amount(BULK_LIMITS.packet.lowMinutes) lowMinutes!: number;
  @Amount(BULK_LIMITS.packet.highMinutes) highMinutes!: number;
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
  @IsOptional() @Amount(BULK_LIMITS.clay.packG) packG!: number | null;
  /** Null when not known: no cost is then reckoned. */
  @IsOptional() @Amount(BULK_LIMITS.clay.packPrice) packPrice!: number | null;
  @IsOptional() @Nested(() => Packet) packet!: Packet | null;
}

/** One clay of a mix, by parts of volume. */
export class MixShare {
  @Matches(ID_PATTERN) clay!: ClayId;
  @Amount(BULK_LIMITS.mixShare.parts) parts!: number;
}

export class CoreChoice {
  @IsIn(CORE_CHOICES) kind!: 'school' | 'none' | CoreKind;
  /** Miniature mm; null takes the handbook’s skin for the scale. */
  @IsOptional() @Amount(BULK_LIMITS.coreChoice.skinMm) skinMm!: number | null;
  @IsIn(['loose', 'balled', 'hammered']) packed!: 'loose' | 'balled' | 'hammered';
}

/** Some of a region’s clay in another colour: a belly, a stripe, a band. */
export class ZoneShare {
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  /** Of the region’s clay. */
  @Amount(BULK_LIMITS.zoneShare.percent) percent!: number;
  @NestedList(() => MixShare, { most: 20 }) mix!: MixShare[];
}

/** What the maker has settled about one region of a part. */
export class RegionChoice {
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) region!: string;
  /** Whether it gets the part’s core, where it is thick enough. */
  @IsBoolean() cored!: boolean;
  /** Miniature mm; null takes the part’s skin. */
  @IsOptional() @Amount(BULK_LIMITS.regionChoice.skinMm) skinMm!: number | null;
  /** Empty takes the part’s clay. */
  @NestedList(() => MixShare, { most: 20 }) mix!: MixShare[];
  /** The sculpt-and-bake it is made in, from 1. */
  @Amount(BULK_LIMITS.regionChoice.pass) pass!: number;
  @NestedList(() => ZoneShare, { most: 20 }) zones!: ZoneShare[];
}

/** Clay that goes on over what is baked by then: a new skin, an ear backed later, rock over a body. */
export class ClayLayer {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  /** Regions it goes over; empty for the whole part. */
  @IsArray()
  @ArrayMaxSize(200)
  @IsString({ each: true })
  @MaxLength(NAME_LENGTH, { each: true })
  regions!: string[];
  /** Miniature mm, of the form as it is to become: it is taken off the clay beneath. */
  @Amount(BULK_LIMITS.clayLayer.thicknessMm) thicknessMm!: number;
  /** Empty takes the part’s clay. */
  @NestedList(() => MixShare, { most: 20 }) mix!: MixShare[];
  /** The bake it goes on for: one after the first. */
  @Amount(BULK_LIMITS.clayLayer.pass) pass!: number;
}

/** Something that is let into the clay: a magnet, a battery, a pane, a tube. */
export class Insert {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @IsIn(INSERT_SHAPES) shape!: InsertShape;
  /** Across, or its longer side, on the bench. */
  @Amount(BULK_LIMITS.insert.widthMm) widthMm!: number;
  /** Its shorter side; the same as the width for a round one. */
  @Amount(BULK_LIMITS.insert.heightMm) heightMm!: number;
  /** How deep it goes in. */
  @Amount(BULK_LIMITS.insert.depthMm) depthMm!: number;
  /** Whether the thing itself was measured, or the mark it left when pressed into clay. */
  @IsIn(['thing', 'mark']) measured!: 'thing' | 'mark';
  @IsIn(INSERT_FITS) fit!: InsertFit;
  /** What it is made of; null when that is not said. */
  @IsOptional() @IsIn(STUFF_IDS) stuff!: StuffId | null;
  /** Let in after the bake. */
  @IsBoolean() afterBake!: boolean;
  /** Comes out again: there must be a way to it. */
  @IsBoolean() removable!: boolean;
}
