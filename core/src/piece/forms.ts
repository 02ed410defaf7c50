import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsOptional,
  IsPositive,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import type {
  BallForm,
  BlockForm,
  CylinderForm,
  PersonForm,
  PersonPose,
  ProfilePoint,
  RingForm,
  RodForm,
  TurnedForm,
} from '../form/index.ts';

const FINITE = { allowInfinity: false, allowNaN: false } as const;

function Length(): PropertyDecorator {
  return (target, property) => {
    IsNumber(FINITE)(target, property as string);
    IsPositive()(target, property as string);
  };
}

export class PersonFormData implements PersonForm {
  @Equals('person') kind!: 'person';
  @Length() statureMm!: number;
  @IsOptional() @IsNumber(FINITE) @Min(2) @Max(9) headsTall!: number | null;
  @IsNumber(FINITE) @Min(0.5) @Max(2) build!: number;
  @IsIn(['straight', 'tee']) pose!: PersonPose;
}

export class BallFormData implements BallForm {
  @Equals('ball') kind!: 'ball';
  @Length() diameterMm!: number;
}

export class RodFormData implements RodForm {
  @Equals('rod') kind!: 'rod';
  @Length() lengthMm!: number;
  @Length() startMm!: number;
  @Length() endMm!: number;
  @IsBoolean() lying!: boolean;
}

export class BlockFormData implements BlockForm {
  @Equals('block') kind!: 'block';
  @Length() widthMm!: number;
  @Length() heightMm!: number;
  @Length() depthMm!: number;
}

export class CylinderFormData implements CylinderForm {
  @Equals('cylinder') kind!: 'cylinder';
  @Length() heightMm!: number;
  @Length() bottomMm!: number;
  @IsNumber(FINITE) @Min(0) topMm!: number;
  @IsBoolean() lying!: boolean;
}

export class RingFormData implements RingForm {
  @Equals('ring') kind!: 'ring';
  @Length() acrossMm!: number;
  @Length() thicknessMm!: number;
  @IsBoolean() lying!: boolean;
}

export class ProfilePointData implements ProfilePoint {
  @IsNumber(FINITE) @Min(0) radiusMm!: number;
  @IsNumber(FINITE) heightMm!: number;
}

export class TurnedFormData implements TurnedForm {
  @Equals('turned') kind!: 'turned';
  @IsArray()
  @ArrayMinSize(3)
  @ArrayMaxSize(500)
  @ValidateNested({ each: true })
  @Type(() => ProfilePointData)
  profile!: ProfilePointData[];
  @IsBoolean() lying!: boolean;
}

/** Which class a form's `kind` stands for. */
export const FORM_CLASSES = [
  { name: 'person', value: PersonFormData },
  { name: 'ball', value: BallFormData },
  { name: 'rod', value: RodFormData },
  { name: 'block', value: BlockFormData },
  { name: 'cylinder', value: CylinderFormData },
  { name: 'ring', value: RingFormData },
  { name: 'turned', value: TurnedFormData },
];
