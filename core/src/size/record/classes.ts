import { IsOptional, IsString, Matches, MaxLength, MinLength } from 'class-validator';
import { Amount } from '../../record/amount.ts';
import { ID_PATTERN, NAME_LENGTH } from '../../record/index.ts';
import { SIZE_LIMITS } from './limits.ts';

/** Least and most a measure may be in life. */
export class Bounds {
  @IsString() @MaxLength(60) measure!: string;
  @Amount(SIZE_LIMITS.bounds.lowMm) lowMm!: number;
  @Amount(SIZE_LIMITS.bounds.highMm) highMm!: number;
}

/** Two of a kind, measured on the bench. */
export class Pair {
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @IsOptional() @Amount(SIZE_LIMITS.pair.leftMm) leftMm!: number | null;
  @IsOptional() @Amount(SIZE_LIMITS.pair.rightMm) rightMm!: number | null;
}

/** A bought or found thing used as it is. */
export class FoundThing {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  /** The size that is looked at, on the bench. */
  @Amount(SIZE_LIMITS.foundThing.acrossMm) acrossMm!: number;
  /** What it is meant to be, as a row of the handbook; null for nothing in particular. */
  @IsOptional() @IsString() @MaxLength(NAME_LENGTH) meant!: string | null;
}
