import 'reflect-metadata';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsOptional,
  IsString,
  Matches,
  MaxLength,
  MinLength,
} from 'class-validator';
import { CORE_KINDS, type CoreKind } from '../../bulk/rows/cores.ts';
import { Amount } from '../../record/amount.ts';
import { Day, Moment } from '../../record/dates.ts';
import { ID_PATTERN, NAME_LENGTH, NOTE_LENGTH, type PartId } from '../../record/index.ts';
import { Nested } from '../../record/nested.ts';
import {
  CLOSING_STEPS,
  type ClosingStep,
  FEATURE_HOWS,
  type FeatureHow,
  PURPOSES,
  type Purpose,
  VIEWPOINTS,
  type Viewpoint,
} from './choices.ts';
import { BRIEF_LIMITS } from './limits.ts';

/** Where makers disagree, the way this piece goes. */
export class Schools {
  /** Colour in the clay, paint over neutral clay, or pastel on raw clay. */
  @IsIn(['painted', 'coloured', 'pastel']) colour!: 'painted' | 'coloured' | 'pastel';
  /** Bake sections as they are done, or everything at once. */
  @IsIn(['sections', 'one']) bakes!: 'sections' | 'one';
  /** Short short bakes with a final bake last, or the full time each time. */
  @IsIn(['set', 'full']) heat!: 'set' | 'full';
  /** What goes under the clay; none for wire alone. */
  @IsIn(['none', ...CORE_KINDS]) core!: 'none' | CoreKind;
  /** The whole route laid out first, or what is done and the next few steps. */
  @IsIn(['plan', 'improvise']) work!: 'plan' | 'improvise';
  /** Superglue goes into no oven, or does, knowingly, with the room aired. */
  @IsIn(['never', 'knowingly']) superglue!: 'never' | 'knowingly';
  /** Paint is sealed before it is washed over, or washed over as it is. */
  @IsIn(['sealed', 'direct']) wash!: 'sealed' | 'direct';
}

export class Brief {
  @IsIn(PURPOSES) purpose!: Purpose;
  @IsOptional() @Day() due!: string | null;
  @IsOptional() @Amount(BRIEF_LIMITS.brief.hoursPerDay) hoursPerDay!: number | null;
  @IsOptional() @Amount(BRIEF_LIMITS.brief.budget) budget!: number | null;
  @IsString() @MaxLength(8) currency!: string;
  @IsString() @MaxLength(NAME_LENGTH) handledBy!: string;
  @IsIn(VIEWPOINTS) seenFrom!: Viewpoint;
  @IsString() @MaxLength(NOTE_LENGTH) note!: string;
  @IsDefined() @Nested(() => Schools) schools!: Schools;
}

/** Something of a part that is counted: legs, eyes, teeth. */
export class Feature {
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  @Amount(BRIEF_LIMITS.feature.wanted) wanted!: number;
  @Amount(BRIEF_LIMITS.feature.made) made!: number;
  /** Made ahead, baked and set into the raw clay: eyes, teeth, buttons. */
  @IsBoolean() ahead!: boolean;
  /** Belongs to a face: a part with one is given a face’s time. */
  @IsBoolean() facial!: boolean;
  /** What it is, for what a hand can make. */
  @IsIn(FEATURE_HOWS) how!: FeatureHow;
  /** How large it is in the frame of its part, mm: in life, or on the bench; null where that is not told. */
  @IsOptional() @Amount(BRIEF_LIMITS.feature.acrossMm) acrossMm!: number | null;
}

/** Something that was not in the brief at first: what it would take, and whether it was taken on. */
export class Addition {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) name!: string;
  /** At the bench. */
  @Amount(BRIEF_LIMITS.addition.hours) hours!: number;
  @Amount(BRIEF_LIMITS.addition.cost) cost!: number;
  /** Waited for while it dries or cures. */
  @Amount(BRIEF_LIMITS.addition.waitDays) waitDays!: number;
  @IsBoolean() accepted!: boolean;
}

/** Something to be settled before a step closes it. */
export class Decision {
  @Matches(ID_PATTERN) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME_LENGTH) question!: string;
  /** Empty while open. */
  @IsString() @MaxLength(NAME_LENGTH) answer!: string;
  @IsIn(CLOSING_STEPS) before!: ClosingStep;
  /** Parts that are made by the answer. */
  @IsArray() @ArrayMaxSize(500) @Matches(ID_PATTERN, { each: true }) parts!: PartId[];
  /** When the answer was settled, and as what: what was done since leans on that. */
  @IsOptional() @Moment() settled!: string | null;
  @IsString() @MaxLength(NAME_LENGTH) settledAs!: string;
}
