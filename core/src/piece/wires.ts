import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsPositive,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { METALS, type Metal } from '../handbook/index.ts';
import { ID_PATTERN } from './ids.ts';

const FINITE = { allowInfinity: false, allowNaN: false } as const;

/** Most twigs of thin wire bound on at one tip. */
export const MOST_TWIGS = 12;

/** Wire for the inside of a part. */
export class WireChoice {
  @IsIn(METALS) metal!: Metal;
  @IsNumber(FINITE) @Min(0.1) @Max(12) diameterMm!: number;
  @IsInt() @Min(1) @Max(7) strands!: number;
}

/** Wire in stock: pieces of one kind. */
export class WireStock {
  @Matches(ID_PATTERN) id!: string;
  @IsIn(METALS) metal!: Metal;
  @IsNumber(FINITE) @Min(0.1) @Max(12) diameterMm!: number;
  @IsNumber(FINITE) @IsPositive() @Max(1_000_000) lengthMm!: number;
  @IsInt() @Min(0) @Max(10_000) count!: number;
}

/** A place of a wire, in the frame of its part. */
export class WirePlace {
  @IsNumber(FINITE) xMm!: number;
  @IsNumber(FINITE) yMm!: number;
  @IsNumber(FINITE) zMm!: number;
}

/** What the maker has settled about one wire of a part; with places, a wire drawn by hand. */
export class RunChoice {
  @Matches(ID_PATTERN) id!: string;
  /** Of the proposed wire that it changes, or the drawn one’s own. */
  @IsString() @MinLength(1) @MaxLength(200) name!: string;
  /** Left out: neither cut nor counted on. */
  @IsBoolean() out!: boolean;
  /** Null takes the part’s wire. */
  @IsOptional() @ValidateNested() @Type(() => WireChoice) wire!: WireChoice | null;
  /** Length of one turn of its twist, miniature mm; null takes the handbook’s. */
  @IsOptional() @IsNumber(FINITE) @IsPositive() @Max(1000) layMm!: number | null;
  /** How far its ends go in beyond the line, miniature mm; null as proposed, 0 not at all. */
  @IsOptional() @IsNumber(FINITE) @Min(0) @Max(1000) startMm!: number | null;
  @IsOptional() @IsNumber(FINITE) @Min(0) @Max(1000) endMm!: number | null;
  /** Empty for a proposed wire. */
  @IsArray() @ArrayMaxSize(200) @ValidateNested({ each: true }) @Type(() => WirePlace) drawn!: WirePlace[];
}

/** How a tree is wired. */
export class BranchPlan {
  /** Each wire folded once at the foot serves two tips. */
  @IsBoolean() folded!: boolean;
  /** Wires go on into the roots, where the form has any, in place of a peg. */
  @IsBoolean() roots!: boolean;
  /** Twigs of thin wire bound on at each tip. */
  @IsInt() @Min(0) @Max(MOST_TWIGS) twigs!: number;
  /** Null takes the next but one thinner than the tree’s. */
  @IsOptional() @ValidateNested() @Type(() => WireChoice) twigWire!: WireChoice | null;
}
