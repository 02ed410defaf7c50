import 'reflect-metadata';
import { IsIn, IsOptional, IsString, Matches, MaxLength } from 'class-validator';
import { BakeRecord } from '../../bake/record/classes.ts';
import { STUFF_IDS, type StuffId } from '../../handbook/index.ts';
import { Amount } from '../../record/amount.ts';
import { Moment } from '../../record/dates.ts';
import {
  type EntryId,
  ID_PATTERN,
  NAME_LENGTH,
  NOTE_LENGTH,
  type PartId,
  type PictureId,
} from '../../record/index.ts';
import { Nested, NestedList } from '../../record/nested.ts';
import { CAST_STUFFS, type CastStuff, MOULD_STUFFS, type MouldStuff } from '../../repeats/record/choices.ts';
import { REPEATS_LIMITS } from '../../repeats/record/limits.ts';
import { STEP_KINDS, type StepKind } from '../../route/record/choices.ts';
import { LOG_LIMITS } from './limits.ts';

/** What an entry tells of. */
export const ENTRY_KINDS = ['measure', 'bake', 'note', 'result', 'cast', 'step'] as const;
export type EntryKind = (typeof ENTRY_KINDS)[number];

/** A picture of an entry; the picture itself lies beside the piece. */
export class PictureRef {
  @Matches(ID_PATTERN) id!: PictureId;
  @IsIn(['image/jpeg', 'image/png', 'image/webp']) type!: 'image/jpeg' | 'image/png' | 'image/webp';
  @IsString() @MaxLength(NAME_LENGTH) caption!: string;
}

export class MadeMeasure {
  @IsString() @MaxLength(60) key!: string;
  /** Miniature mm. */
  @Amount(LOG_LIMITS.madeMeasure.madeMm) madeMm!: number;
}

/** How something went that a rule warns of, for the maker: it moves the rule for that stuff. */
export class RuleResult {
  @IsString() @MaxLength(NAME_LENGTH) rule!: string;
  @IsOptional() @IsIn(STUFF_IDS) stuff!: StuffId | null;
  @IsIn(['good', 'bad']) outcome!: 'good' | 'bad';
}

/** A cast that was measured against the master its mould was made from. */
export class CastMeasured {
  @IsIn(MOULD_STUFFS) of!: MouldStuff;
  @IsIn(CAST_STUFFS) casts!: CastStuff;
  /** Moulds in a row between the master and this cast. */
  @Amount(REPEATS_LIMITS.mouldChoice.generations) generations!: number;
  /** The same length on both, mm. */
  @Amount(LOG_LIMITS.castMeasured.masterMm) masterMm!: number;
  @Amount(LOG_LIMITS.castMeasured.castMm) castMm!: number;
}

/** What a step of the route took at the bench: it teaches what the next of its kind takes. */
export class StepTook {
  @Matches(ID_PATTERN) step!: string;
  @IsIn(STEP_KINDS) of!: StepKind;
  @Amount(LOG_LIMITS.stepTook.tookMin) tookMin!: number;
  /** As it was reckoned, before anything was learned from steps like it. */
  @Amount(LOG_LIMITS.stepTook.reckonedMin) reckonedMin!: number;
  @IsIn(['done', 'wrong']) outcome!: 'done' | 'wrong';
}

export class LogEntry {
  @Matches(ID_PATTERN) id!: EntryId;
  @Moment() at!: string;
  @IsIn(ENTRY_KINDS) kind!: EntryKind;
  @IsOptional() @Matches(ID_PATTERN) part!: PartId | null;
  @IsOptional() @Nested(() => MadeMeasure) measure!: MadeMeasure | null;
  @IsOptional() @Nested(() => BakeRecord) bake!: BakeRecord | null;
  @IsOptional() @Nested(() => RuleResult) result!: RuleResult | null;
  @IsOptional() @Nested(() => CastMeasured) cast!: CastMeasured | null;
  @IsOptional() @Nested(() => StepTook) step!: StepTook | null;
  @IsString() @MaxLength(NOTE_LENGTH) note!: string;
  /** What to do otherwise next time; speaks up at the same stage. */
  @IsString() @MaxLength(NOTE_LENGTH) lesson!: string;
  @NestedList(() => PictureRef, { most: 50 })
  pictures!: PictureRef[];
}
