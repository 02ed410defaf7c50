import 'reflect-metadata';
import { IsBoolean, IsIn, IsOptional, IsString, MaxLength } from 'class-validator';
import { Amount } from '../../record/amount.ts';
import { NAME_LENGTH } from '../../record/index.ts';
import { Nested, NestedList } from '../../record/nested.ts';
import {
  CAST_STUFFS,
  type CastStuff,
  HANDS,
  type Hand,
  LAID_BY,
  type LaidBy,
  MOULD_KINDS,
  MOULD_STUFFS,
  type MouldKind,
  type MouldStuff,
  PATTERN_KINDS,
  type PatternKind,
  REPEAT_KINDS,
  type RepeatKind,
  WAYS,
  type Way,
} from './choices.ts';
import { REPEATS_LIMITS } from './limits.ts';

const LIMITS = REPEATS_LIMITS;

/** How far the making of a set has come, as counted at the bench. */
export class Tally {
  @Amount(LIMITS.tally.made) made!: number;
  /** Of those, what can be used. */
  @Amount(LIMITS.tally.good) good!: number;
  /** Of those, what has been put on. */
  @Amount(LIMITS.tally.used) used!: number;
  /** At the bench with it, min. */
  @Amount(LIMITS.tally.minutes) minutes!: number;
}

/** One of a set that was moved from where its rule puts it, miniature mm. */
export class Nudge {
  /** Its place in the set, from 0. */
  @Amount(LIMITS.nudge.place) place!: number;
  @Amount(LIMITS.nudge.alongMm) alongMm!: number;
  @Amount(LIMITS.nudge.upMm) upMm!: number;
}

/** How many of a part are made: by where it goes, at what steps, and with how many to spare. Lengths are in the part’s own frame. */
export class RepeatRule {
  @IsIn(REPEAT_KINDS) kind!: RepeatKind;
  /** Key of the line or face of the part it hangs on; `own` for a length or an area that is told. */
  @IsString() @MaxLength(NAME_LENGTH) on!: string;
  /** Of a line round it: how high over its foot, of its height. */
  @Amount(LIMITS.repeatRule.atPct) atPct!: number;
  /** Told outright, or at equal steps round a line. */
  @Amount(LIMITS.repeatRule.n) n!: number;
  /** A line’s own length, miniature mm. */
  @Amount(LIMITS.repeatRule.ownMm) ownMm!: number;
  /** A face’s own area, miniature cm². */
  @Amount(LIMITS.repeatRule.ownCm2) ownCm2!: number;
  /** From one to the next; null sets them side by side. */
  @IsOptional() @Amount(LIMITS.repeatRule.pitchMm) pitchMm!: number | null;
  /** What of a row the next one leaves to be seen; null takes the usual share of its length. */
  @IsOptional() @Amount(LIMITS.repeatRule.exposureMm) exposureMm!: number | null;
  /** Every other row is moved by half a pitch. */
  @IsBoolean() staggered!: boolean;
  /** The first row is laid twice. */
  @IsBoolean() doubleFirst!: boolean;
  /** One at either end of an open line: the pitch gives way. */
  @IsBoolean() bothEnds!: boolean;
  @Amount(LIMITS.repeatRule.perCm2) perCm2!: number;
  /** Only so much of the line or the face. */
  @Amount(LIMITS.repeatRule.sharePct) sharePct!: number;
  /** Made beyond those that are needed; null takes the usual. */
  @IsOptional() @Amount(LIMITS.repeatRule.sparePct) sparePct!: number | null;
  /** What of each is pressed into the clay it goes on, and takes its place. */
  @Amount(LIMITS.repeatRule.letInPct) letInPct!: number;
  /** Baked by itself, before what it is put on. */
  @IsBoolean() ahead!: boolean;
  /** The way it is made; null while none is chosen. */
  @IsOptional() @IsIn(WAYS) way!: Way | null;
  /** Those that were moved from where the rule puts them. */
  @NestedList(() => Nudge, { most: 500 }) nudged!: Nudge[];
  @Nested(() => Tally) tally!: Tally;
}

/** How the clays of a part are laid into one another; lengths in miniature mm. */
export class PatternChoice {
  @IsIn(PATTERN_KINDS) kind!: PatternKind;
  /** The log or cane before it is rolled thinner. */
  @Amount(LIMITS.patternChoice.thickMm) thickMm!: number;
  /** The same afterwards. */
  @Amount(LIMITS.patternChoice.reducedMm) reducedMm!: number;
  /** Of streaks how often it is folded and rolled; of a rope how often it is turned in 100 mm. */
  @Amount(LIMITS.patternChoice.turns) turns!: number;
  @IsIn(HANDS) hand!: Hand;
  /** From cut to cut. */
  @Amount(LIMITS.patternChoice.sliceMm) sliceMm!: number;
  /** Chips, or what is crumbled in. */
  @Amount(LIMITS.patternChoice.pieceMm) pieceMm!: number;
}

/** A mould that is made from a part. */
export class MouldChoice {
  @IsIn(MOULD_KINDS) kind!: MouldKind;
  @IsIn(MOULD_STUFFS) of!: MouldStuff;
  @IsIn(CAST_STUFFS) casts!: CastStuff;
  /** What of the master faces the opening; its back is cut flush, or is the other half. */
  @IsIn(LAID_BY) pull!: LaidBy;
  /** Least wall; null takes the usual. */
  @IsOptional() @Amount(LIMITS.mouldChoice.wallMm) wallMm!: number | null;
  /** Generations of mould and cast between the master and the last cast. */
  @Amount(LIMITS.mouldChoice.generations) generations!: number;
  /** Clay is cured in it, and taken out after the bake. */
  @IsBoolean() bakedIn!: boolean;
  /** Casts that are wanted of it. */
  @Amount(LIMITS.mouldChoice.runs) runs!: number;
}
