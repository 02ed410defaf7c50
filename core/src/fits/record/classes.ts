import 'reflect-metadata';
import { IsIn, IsOptional, Matches } from 'class-validator';
import { Amount } from '../../record/amount.ts';
import { ID_PATTERN, type PartId } from '../../record/index.ts';
import { Nested } from '../../record/nested.ts';
import { FIT_KINDS, type FitKind, OPENING_SHAPES, type OpeningShape } from './choices.ts';
import { FITS_LIMITS } from './limits.ts';

/** A clear opening, in the frame of the part that has it. */
export class FitOpening {
  @IsIn(OPENING_SHAPES) shape!: OpeningShape;
  @Amount(FITS_LIMITS.fitOpening.widthMm) widthMm!: number;
  /** To the crown of an arch; of no account for a round one. */
  @Amount(FITS_LIMITS.fitOpening.heightMm) heightMm!: number;
}

/** How two parts go together. */
export class Fit {
  @Matches(ID_PATTERN) id!: string;
  @IsIn(FIT_KINDS) kind!: FitKind;
  /** The part that sits, rides, passes, … */
  @Matches(ID_PATTERN) part!: PartId;
  /** The part that it sits on, passes under, … */
  @Matches(ID_PATTERN) on!: PartId;
  /** Null takes it from the form of the part that has it, where that has one. */
  @IsOptional() @Nested(() => FitOpening) opening!: FitOpening | null;
  /** Size across of the part that goes, as measured on the bench, miniature mm; null goes by its form. */
  @IsOptional() @Amount(FITS_LIMITS.fit.madeMm) madeMm!: number | null;
}
