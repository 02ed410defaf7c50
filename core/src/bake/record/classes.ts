import 'reflect-metadata';
import { IsBoolean, IsIn, IsOptional, IsString, MaxLength, MinLength } from 'class-validator';
import { Amount } from '../../record/amount.ts';
import { NestedList } from '../../record/nested.ts';
import {
  OUTCOMES,
  type Outcome,
  OVEN_AIRS,
  OVEN_COOLINGS,
  OVEN_UNDERS,
  type OvenAir,
  type OvenCooling,
  type OvenUnder,
} from './choices.ts';
import { BAKE_LIMITS } from './limits.ts';

/** Where a thing was put by hand in the oven drawing, from the front left corner of what may be used, mm. */
export class OvenPlace {
  /** A part’s id with the number of the copy, such as `mug/2`. */
  @IsString() @MinLength(1) @MaxLength(80) item!: string;
  @Amount(BAKE_LIMITS.ovenPlace.xMm) xMm!: number;
  @Amount(BAKE_LIMITS.ovenPlace.yMm) yMm!: number;
}

/** How the oven is run for this piece. */
export class BakeSettings {
  /** Null takes what the card says. */
  @IsOptional() @Amount(BAKE_LIMITS.bakeSettings.dialC) dialC!: number | null;
  /** Minutes in it; null holds it until it is cured. */
  @IsOptional() @Amount(BAKE_LIMITS.bakeSettings.holdMin) holdMin!: number | null;
  @IsIn(OVEN_AIRS) air!: OvenAir;
  @IsIn(OVEN_UNDERS) under!: OvenUnder;
  @IsBoolean() preheated!: boolean;
  @IsIn(OVEN_COOLINGS) cooling!: OvenCooling;
  /** Things put in their place by hand; the others are placed as they fit. */
  @NestedList(() => OvenPlace, { most: 2000 }) places!: OvenPlace[];
}

export class BakeRecord {
  /** As read from the thermometer, or the dial without one. */
  @Amount(BAKE_LIMITS.bakeRecord.temperatureC) temperatureC!: number;
  @Amount(BAKE_LIMITS.bakeRecord.minutes) minutes!: number;
  /** Thickest clay, miniature mm. */
  @IsOptional() @Amount(BAKE_LIMITS.bakeRecord.thicknessMm) thicknessMm!: number | null;
  @IsIn(OUTCOMES) outcome!: Outcome;
}
