import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsOptional,
  IsString,
  Matches,
  MaxLength,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { METALS, type Metal } from '../handbook/index.ts';
import { Amount } from './amount.ts';
import { ID_PATTERN } from './ids.ts';
import { LIMITS } from './limits.ts';

/** Wire for the inside of a part. */
export class WireChoice {
  @IsIn(METALS) metal!: Metal;
  @Amount(LIMITS.wireChoice.diameterMm) diameterMm!: number;
  @Amount(LIMITS.wireChoice.strands) strands!: number;
}

/** Wire in stock: pieces of one kind. */
export class WireStock {
  @Matches(ID_PATTERN) id!: string;
  @IsIn(METALS) metal!: Metal;
  @Amount(LIMITS.wireStock.diameterMm) diameterMm!: number;
  @Amount(LIMITS.wireStock.lengthMm) lengthMm!: number;
  @Amount(LIMITS.wireStock.count) count!: number;
}

/** A place of a wire, in the frame of its part. */
export class WirePlace {
  @Amount(LIMITS.wirePlace.xMm) xMm!: number;
  @Amount(LIMITS.wirePlace.yMm) yMm!: number;
  @Amount(LIMITS.wirePlace.zMm) zMm!: number;
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
  @IsOptional() @Amount(LIMITS.runChoice.layMm) layMm!: number | null;
  /** How far its ends go in beyond the line, miniature mm; null as proposed, 0 not at all. */
  @IsOptional() @Amount(LIMITS.runChoice.startMm) startMm!: number | null;
  @IsOptional() @Amount(LIMITS.runChoice.endMm) endMm!: number | null;
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
  @Amount(LIMITS.branchPlan.twigs) twigs!: number;
  /** Null takes the next but one thinner than the tree’s. */
  @IsOptional() @ValidateNested() @Type(() => WireChoice) twigWire!: WireChoice | null;
}
