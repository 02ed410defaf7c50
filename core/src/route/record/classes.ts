import 'reflect-metadata';
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
} from 'class-validator';
import { STUFF_IDS, type StuffId } from '../../handbook/index.ts';
import { Amount } from '../../record/amount.ts';
import { Moment } from '../../record/dates.ts';
import { ID_PATTERN, NAME_LENGTH, type PartId } from '../../record/index.ts';
import { NestedList } from '../../record/nested.ts';
import {
  AGENTS,
  type Agent,
  AID_KINDS,
  type AidKind,
  BAKE_WAYS,
  type BakeStepWay,
  CURED_WORKS,
  type CuredWork,
  MOST_STEPS,
  RELATION_KINDS,
  type RelationKind,
  SEPARATORS,
  type Separator,
  STEP_KINDS,
  type StepKind,
} from './choices.ts';
import { ROUTE_LIMITS } from './limits.ts';

/** One step of the route. */
export class RouteStep {
  @Matches(ID_PATTERN) id!: string;
  @IsIn(STEP_KINDS) kind!: StepKind;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) title!: string;
  /** Parts it is done to; empty for the whole piece. */
  @IsArray() @ArrayMaxSize(5000) @Matches(ID_PATTERN, { each: true }) parts!: PartId[];
  /** Regions of its one part; empty for all of it. */
  @IsArray()
  @ArrayMaxSize(200)
  @IsString({ each: true })
  @MaxLength(NAME_LENGTH, { each: true })
  regions!: string[];
  /** At the bench, min; null takes what is reckoned. */
  @IsOptional() @Amount(ROUTE_LIMITS.routeStep.handsMin) handsMin!: number | null;
  /** Waited for, min; null takes what is reckoned. */
  @IsOptional() @Amount(ROUTE_LIMITS.routeStep.waitMin) waitMin!: number | null;
  /** A glue, or some other stuff, that it leaves on the parts; null for clay, wire and core. */
  @IsOptional() @IsIn(STUFF_IDS) leaves!: StuffId | null;
  /** The part or the insert that it puts on or in; empty for none. */
  @IsString() @MaxLength(64) thing!: string;
  /** Steps that must be done before it. */
  @IsArray() @ArrayMaxSize(200) @Matches(ID_PATTERN, { each: true }) needs!: string[];
  /** What a bake does; of no account for a step that is none. */
  @IsIn(BAKE_WAYS) way!: BakeStepWay;
  /** The dial of a bake, °C; null takes what is reckoned. */
  @IsOptional() @Amount(ROUTE_LIMITS.routeStep.dialC) dialC!: number | null;
  /** Minutes of a bake from door shut to door open; null takes what is reckoned. */
  @IsOptional() @Amount(ROUTE_LIMITS.routeStep.holdMin) holdMin!: number | null;
  /** What is done to the cured clay; of no account for a step that is no such work. */
  @IsIn(CURED_WORKS) work!: CuredWork;
  /** The size of that work, miniature mm: the hole drilled, what is cut through, taken off or filled; null where it is not known. */
  @IsOptional() @Amount(ROUTE_LIMITS.routeStep.sizeMm) sizeMm!: number | null;
  /** What it is smoothed or cleaned with; null for a dry hand or tool. */
  @IsOptional() @IsIn(AGENTS) agent!: Agent | null;
  /** Whether its tool or stuff is new to the maker. */
  @IsBoolean() isNew!: boolean;
  /** The maker’s own step, or a proposed one that the maker took over: no proposal takes it out. */
  @IsBoolean() own!: boolean;
  /** When it was done; null while it is not. */
  @IsOptional() @Moment() done!: string | null;
}

/** Something that helps for a while: put on before one step, taken off before another. */
export class Aid {
  @Matches(ID_PATTERN) id!: string;
  @IsIn(AID_KINDS) kind!: AidKind;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  /** Parts it helps; empty for the whole piece. */
  @IsArray() @ArrayMaxSize(5000) @Matches(ID_PATTERN, { each: true }) parts!: PartId[];
  /** The step it is put on before; empty for the first. */
  @IsString() @MaxLength(64) on!: string;
  /** The step it is taken off before; empty for one that stays to the end. */
  @IsString() @MaxLength(64) off!: string;
  /** What it is made of; null for what its kind usually is. */
  @IsOptional() @IsIn(STUFF_IDS) stuff!: StuffId | null;
  /** How much it adds to the height of what stands in the oven, mm. */
  @Amount(ROUTE_LIMITS.aid.addsMm) addsMm!: number;
  @IsIn(SEPARATORS) separator!: Separator;
}

/** How two steps bear on each other; read as “the first … the second”. */
export class StepRelation {
  @Matches(ID_PATTERN) id!: string;
  @IsIn(RELATION_KINDS) kind!: RelationKind;
  @Matches(ID_PATTERN) first!: string;
  @Matches(ID_PATTERN) second!: string;
}

/** The ordered steps of a piece. */
export class Route {
  @NestedList(() => RouteStep, { most: MOST_STEPS })
  steps!: RouteStep[];
  @NestedList(() => StepRelation, { most: MOST_STEPS })
  relations!: StepRelation[];
  /**
   * Steps of the proposal that the maker has taken out: all its others come into the route by themselves. Null leaves the
   * route as it is, whatever is proposed.
   */
  @IsOptional() @IsArray() @ArrayMaxSize(MOST_STEPS) @Matches(ID_PATTERN, { each: true }) without!:
    | string[]
    | null;
}
