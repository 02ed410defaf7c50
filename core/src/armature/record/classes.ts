import 'reflect-metadata';
import { IsBoolean, IsIn, IsOptional, IsString, Matches, MaxLength, MinLength } from 'class-validator';
import { Amount } from '../../record/amount.ts';
import { ID_PATTERN } from '../../record/index.ts';
import { Nested, NestedList } from '../../record/nested.ts';
import { METALS, type Metal } from '../rows/wires.ts';
import { ARMATURE_LIMITS } from './limits.ts';

/** Wire for the inside of a part. */
export class WireChoice {
  @IsIn(METALS) metal!: Metal;
  @Amount(ARMATURE_LIMITS.wireChoice.diameterMm) diameterMm!: number;
  @Amount(ARMATURE_LIMITS.wireChoice.strands) strands!: number;
}

/** Wire in stock: pieces of one kind. */
export class WireStock {
  @Matches(ID_PATTERN) id!: string;
  @IsIn(METALS) metal!: Metal;
  @Amount(ARMATURE_LIMITS.wireStock.diameterMm) diameterMm!: number;
  @Amount(ARMATURE_LIMITS.wireStock.lengthMm) lengthMm!: number;
  @Amount(ARMATURE_LIMITS.wireStock.count) count!: number;
}

/** A place of a wire, in the frame of its part. */
export class WirePlace {
  @Amount(ARMATURE_LIMITS.wirePlace.xMm) xMm!: number;
  @Amount(ARMATURE_LIMITS.wirePlace.yMm) yMm!: number;
  @Amount(ARMATURE_LIMITS.wirePlace.zMm) zMm!: number;
}

/** What the maker has settled about one wire of a part; with places, a wire drawn by hand. */
export class RunChoice {
  @Matches(ID_PATTERN) id!: string;
  /** Of the proposed wire that it changes, or the drawn one’s own. */
  @IsString() @MinLength(1) @MaxLength(200) name!: string;
  /** Left out: neither cut nor counted on. */
  @IsBoolean() out!: boolean;
  /** Null takes the part’s wire. */
  @IsOptional() @Nested(() => WireChoice) wire!: WireChoice | null;
  /** Length of one turn of its twist, miniature mm; null takes the handbook’s. */
  @IsOptional() @Amount(ARMATURE_LIMITS.runChoice.layMm) layMm!: number | null;
  /** How far its ends go in beyond the line, miniature mm; null as proposed, 0 not at all. */
  @IsOptional() @Amount(ARMATURE_LIMITS.runChoice.startMm) startMm!: number | null;
  @IsOptional() @Amount(ARMATURE_LIMITS.runChoice.endMm) endMm!: number | null;
  /** Empty for a proposed wire. */
  @NestedList(() => WirePlace, { most: 200 }) drawn!: WirePlace[];
}

/** How a tree is wired. */
export class BranchPlan {
  /** Each wire folded once at the foot serves two tips. */
  @IsBoolean() folded!: boolean;
  /** Wires go on into the roots, where the form has any, in place of a peg. */
  @IsBoolean() roots!: boolean;
  /** Twigs of thin wire bound on at each tip. */
  @Amount(ARMATURE_LIMITS.branchPlan.twigs) twigs!: number;
  /** Null takes the next but one thinner than the tree’s. */
  @IsOptional() @Nested(() => WireChoice) twigWire!: WireChoice | null;
}
