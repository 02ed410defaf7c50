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
import { LOG_LIMITS } from './limits.ts';

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

export class LogEntry {
  @Matches(ID_PATTERN) id!: EntryId;
  @Moment() at!: string;
  @IsIn(['measure', 'bake', 'note', 'result']) kind!: 'measure' | 'bake' | 'note' | 'result';
  @IsOptional() @Matches(ID_PATTERN) part!: PartId | null;
  @IsOptional() @Nested(() => MadeMeasure) measure!: MadeMeasure | null;
  @IsOptional() @Nested(() => BakeRecord) bake!: BakeRecord | null;
  @IsOptional() @Nested(() => RuleResult) result!: RuleResult | null;
  @IsString() @MaxLength(NOTE_LENGTH) note!: string;
  /** What to do otherwise next time; speaks up at the same stage. */
  @IsString() @MaxLength(NOTE_LENGTH) lesson!: string;
  @NestedList(() => PictureRef, { most: 50 })
  pictures!: PictureRef[];
}
