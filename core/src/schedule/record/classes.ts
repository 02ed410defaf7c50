import 'reflect-metadata';
import { IsIn, IsOptional, IsString, Matches, MaxLength, MinLength } from 'class-validator';
import { Amount } from '../../record/amount.ts';
import { Day, Moment } from '../../record/dates.ts';
import { ID_PATTERN, NAME_LENGTH } from '../../record/index.ts';
import { NestedList } from '../../record/nested.ts';
import {
  MOST_BUSY,
  MOST_ORDERS,
  MOST_PINNED,
  OFF_OF,
  type OffOf,
  WEEKDAYS,
  type Weekday,
} from './choices.ts';
import { SCHEDULE_LIMITS } from './limits.ts';

/** Hours at the bench on one day of the week, where they are other than on most days. */
export class WeekHours {
  @IsIn(WEEKDAYS) day!: Weekday;
  @Amount(SCHEDULE_LIMITS.weekHours.hours) hours!: number;
}

/** A day without the bench, or one on which it is not to be sprayed: rain, cold, guests. */
export class DayOff {
  @Day() day!: string;
  @IsIn(OFF_OF) of!: OffOf;
}

/** Hours in which the maker is elsewhere. */
export class Busy {
  @Matches(ID_PATTERN) id!: string;
  @Moment() from!: string;
  @Moment() to!: string;
  @IsString() @MaxLength(NAME_LENGTH) says!: string;
}

/** Something that is not here yet, and the step that wants it. */
export class OrderedThing {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  /** The first step that it is needed for; empty while that is not said. */
  @IsString() @MaxLength(64) step!: string;
  /** Days from ordering it until it is here. */
  @Amount(SCHEDULE_LIMITS.order.daysOnWay) daysOnWay!: number;
  /** When it was ordered; null while it is not. */
  @IsOptional() @Day() ordered!: string | null;
  /** When it came; null while it has not. */
  @IsOptional() @Day() came!: string | null;
}

/** A step that is not to begin before some moment: the maker has put it there. */
export class Pinned {
  @IsString() @MinLength(1) @MaxLength(64) step!: string;
  @Moment() notBefore!: string;
}

/** When there is time at the bench, and what there is to work with. */
export class BenchPlan {
  /** Hours of single days of the week; the others have the hours a day of the brief. */
  @NestedList(() => WeekHours, { most: 7 }) week!: WeekHours[];
  /** Hour of the day at which the bench day begins; null takes the evening where hours are few, else the morning. */
  @IsOptional() @Amount(SCHEDULE_LIMITS.benchPlan.startsAt) startsAt!: number | null;
  /** Hour of the day by which it is due; null for when the bench day begins. */
  @IsOptional() @Amount(SCHEDULE_LIMITS.benchPlan.dueAt) dueAt!: number | null;
  @NestedList(() => DayOff, { most: MOST_BUSY }) off!: DayOff[];
  @NestedList(() => Busy, { most: MOST_BUSY }) busy!: Busy[];
  /** Hours of the day in which the oven may run. */
  @Amount(SCHEDULE_LIMITS.benchPlan.ovenFrom) ovenFrom!: number;
  @Amount(SCHEDULE_LIMITS.benchPlan.ovenTo) ovenTo!: number;
  /** Hours of the day in which may be sprayed. */
  @Amount(SCHEDULE_LIMITS.benchPlan.sprayFrom) sprayFrom!: number;
  @Amount(SCHEDULE_LIMITS.benchPlan.sprayTo) sprayTo!: number;
  @Amount(SCHEDULE_LIMITS.benchPlan.ovens) ovens!: number;
  /** People at the bench. */
  @Amount(SCHEDULE_LIMITS.benchPlan.hands) hands!: number;
  /** Joints that can be clamped at a time; null for as many as are wanted. */
  @IsOptional() @Amount(SCHEDULE_LIMITS.benchPlan.clamps) clamps!: number | null;
  @NestedList(() => OrderedThing, { most: MOST_ORDERS }) orders!: OrderedThing[];
  @NestedList(() => Pinned, { most: MOST_PINNED }) pinned!: Pinned[];
}
