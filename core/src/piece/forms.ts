import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  Equals,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsPositive,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateBy,
  ValidateNested,
} from 'class-validator';
import type {
  BallForm,
  BarPoint,
  BeastBuild,
  BeastForm,
  BeastPose,
  BirdBuild,
  BirdForm,
  BlockForm,
  BuiltForm,
  BuiltPiece,
  Clothing,
  CrawlerForm,
  CylinderForm,
  ExtrudedForm,
  JointAngles,
  MeshForm,
  Opening,
  PanelsForm,
  PersonForm,
  PersonPose,
  PlainForm,
  PlanePoint,
  ProfilePoint,
  RingForm,
  RodForm,
  RoofKind,
  RoundCreatureForm,
  RoundCrest,
  TreeForm,
  TubeForm,
  TurnedForm,
  WallName,
  WedgeForm,
} from '../form/index.ts';
import {
  BEAST_BUILDS,
  BEAST_POSES,
  BIRD_BUILDS,
  choicesOf,
  PANEL_JOINTS,
  PERSON_LENGTHS,
  PERSON_POSES,
  ROOF_KINDS,
  ROUND_CRESTS,
  WALL_NAMES,
} from '../form/index.ts';

const FINITE = { allowInfinity: false, allowNaN: false } as const;

function Length(): PropertyDecorator {
  return (target, property) => {
    IsNumber(FINITE)(target, property as string);
    IsPositive()(target, property as string);
  };
}

/** Lengths that may be nought. */
function LengthOrNone(): PropertyDecorator {
  return (target, property) => {
    IsNumber(FINITE)(target, property as string);
    Min(0)(target, property as string);
  };
}

const BUILD = [0.5, 2] as const;

function isAngles(value: unknown): value is JointAngles {
  if (typeof value !== 'object' || value === null) return false;
  const { flex, out, twist } = value as Record<string, unknown>;
  return [flex, out, twist].every((angle) => typeof angle === 'number' && Number.isFinite(angle));
}

/** Angles in degrees by joint name; a joint that a body does not have is kept and does nothing. */
function Angles(): PropertyDecorator {
  return ValidateBy({
    name: 'angles',
    validator: {
      validate: (value: unknown) =>
        typeof value === 'object' &&
        value !== null &&
        !Array.isArray(value) &&
        Object.values(value).every(isAngles),
      defaultMessage: () => 'angles of joints: flex, out and twist in degrees',
    },
  });
}

/** Lengths of a person that are held, by name. */
function Locked(): PropertyDecorator {
  return ValidateBy({
    name: 'locked',
    validator: {
      validate: (value: unknown) =>
        typeof value === 'object' &&
        value !== null &&
        !Array.isArray(value) &&
        Object.entries(value).every(
          ([key, mm]) =>
            PERSON_LENGTHS.some((one) => one === key) &&
            typeof mm === 'number' &&
            Number.isFinite(mm) &&
            mm > 0,
        ),
      defaultMessage: () => `lengths over 0 by name: ${PERSON_LENGTHS.join(', ')}`,
    },
  });
}

export class ClothingData implements Clothing {
  @LengthOrNone() headMm!: number;
  @LengthOrNone() trunkMm!: number;
  @LengthOrNone() armsMm!: number;
  @LengthOrNone() legsMm!: number;
  @IsOptional() @Length() hemMm!: number | null;
}

export class PersonFormData implements PersonForm {
  @Equals('person') kind!: 'person';
  @Length() statureMm!: number;
  @IsOptional() @IsNumber(FINITE) @Min(2) @Max(9) headsTall!: number | null;
  @IsNumber(FINITE) @Min(BUILD[0]) @Max(BUILD[1]) build!: number;
  @IsIn(choicesOf(PERSON_POSES)) pose!: PersonPose;
  @Angles() angles!: Record<string, JointAngles>;
  @IsDefined() @ValidateNested() @Type(() => ClothingData) clothing!: Clothing;
  @Locked() locked!: PersonForm['locked'];
}

export class BeastFormData implements BeastForm {
  @Equals('beast') kind!: 'beast';
  @Length() withersMm!: number;
  @IsIn(choicesOf(BEAST_BUILDS)) proportions!: BeastBuild;
  @IsNumber(FINITE) @Min(BUILD[0]) @Max(BUILD[1]) build!: number;
  @IsIn(choicesOf(BEAST_POSES)) pose!: BeastPose;
  @Angles() angles!: Record<string, JointAngles>;
}

export class BirdFormData implements BirdForm {
  @Equals('bird') kind!: 'bird';
  @Length() heightMm!: number;
  @IsIn(choicesOf(BIRD_BUILDS)) proportions!: BirdBuild;
  @IsNumber(FINITE) @Min(BUILD[0]) @Max(BUILD[1]) build!: number;
  @Angles() angles!: Record<string, JointAngles>;
}

export class CrawlerFormData implements CrawlerForm {
  @Equals('crawler') kind!: 'crawler';
  @Length() lengthMm!: number;
  @IsInt() @Min(1) @Max(6) sections!: number;
  @IsInt() @Min(0) @Max(12) legPairs!: number;
  @IsInt() @Min(1) @Max(6) legSegments!: number;
  @Length() footCircleMm!: number;
  @Length() bodyHeightMm!: number;
  @LengthOrNone() feelersMm!: number;
  @Length() legMm!: number;
}

export class RoundCreatureFormData implements RoundCreatureForm {
  @Equals('round') kind!: 'round';
  @Length() heightMm!: number;
  @Length() widthMm!: number;
  @IsIn(choicesOf(ROUND_CRESTS)) crest!: RoundCrest;
  @LengthOrNone() armsMm!: number;
  @LengthOrNone() legsMm!: number;
}

export class TreeFormData implements TreeForm {
  @Equals('tree') kind!: 'tree';
  @Length() heightMm!: number;
  @Length() trunkMm!: number;
  @Length() spreadMm!: number;
  @Length() forkMm!: number;
  @IsInt() @Min(1) @Max(7) forks!: number;
  @LengthOrNone() rootsMm!: number;
  @IsInt() @Min(0) seed!: number;
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

export class WedgeFormData implements WedgeForm {
  @Equals('wedge') kind!: 'wedge';
  @Length() widthMm!: number;
  @Length() heightMm!: number;
  @Length() depthMm!: number;
}

export class PlanePointData implements PlanePoint {
  @IsNumber(FINITE) xMm!: number;
  @IsNumber(FINITE) yMm!: number;
}

export class ExtrudedFormData implements ExtrudedForm {
  @Equals('extruded') kind!: 'extruded';
  @IsArray()
  @ArrayMinSize(3)
  @ArrayMaxSize(2000)
  @ValidateNested({ each: true })
  @Type(() => PlanePointData)
  points!: PlanePoint[];
  @Length() depthMm!: number;
}

export class BarPointData implements BarPoint {
  @IsNumber(FINITE) xMm!: number;
  @IsNumber(FINITE) yMm!: number;
  @IsNumber(FINITE) zMm!: number;
}

export class TubeFormData implements TubeForm {
  @Equals('tube') kind!: 'tube';
  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => BarPointData)
  points!: BarPoint[];
  @Length() thicknessMm!: number;
  @Length() endMm!: number;
}

/** Forms that things are built up from, by `kind`. */
const PLAIN_CLASSES = [
  { name: 'ball', value: BallFormData },
  { name: 'rod', value: RodFormData },
  { name: 'block', value: BlockFormData },
  { name: 'cylinder', value: CylinderFormData },
  { name: 'ring', value: RingFormData },
  { name: 'turned', value: TurnedFormData },
  { name: 'wedge', value: WedgeFormData },
  { name: 'extruded', value: ExtrudedFormData },
  { name: 'tube', value: TubeFormData },
];

export class BuiltPieceData implements BuiltPiece {
  @IsString() @MaxLength(200) name!: string;
  @IsDefined()
  @ValidateNested()
  @Type(() => BallFormData, {
    keepDiscriminatorProperty: true,
    discriminator: { property: 'kind', subTypes: PLAIN_CLASSES },
  })
  form!: PlainForm;
  @IsNumber(FINITE) xMm!: number;
  @IsNumber(FINITE) yMm!: number;
  @IsNumber(FINITE) zMm!: number;
  @IsNumber(FINITE) turnDeg!: number;
  @IsNumber(FINITE) tipDeg!: number;
  @IsNumber(FINITE) leanDeg!: number;
  @IsBoolean() cut!: boolean;
}

export class BuiltFormData implements BuiltForm {
  @Equals('built') kind!: 'built';
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => BuiltPieceData)
  pieces!: BuiltPiece[];
}

export class OpeningData implements Opening {
  @IsIn(choicesOf(WALL_NAMES)) wall!: WallName;
  @LengthOrNone() fromLeftMm!: number;
  @LengthOrNone() sillMm!: number;
  @Length() widthMm!: number;
  @Length() heightMm!: number;
}

export class PanelsFormData implements PanelsForm {
  @Equals('panels') kind!: 'panels';
  @Length() widthMm!: number;
  @Length() depthMm!: number;
  @Length() heightMm!: number;
  @Length() thicknessMm!: number;
  @IsIn(choicesOf(WALL_NAMES), { each: true }) @ArrayUnique() walls!: WallName[];
  @IsBoolean() floor!: boolean;
  @IsIn(choicesOf(ROOF_KINDS)) roof!: RoofKind;
  @LengthOrNone() riseMm!: number;
  @LengthOrNone() eavesMm!: number;
  @IsIn(choicesOf(PANEL_JOINTS)) joint!: PanelsForm['joint'];
  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => OpeningData)
  openings!: Opening[];
}

export class ExtentData {
  @Length() x!: number;
  @Length() y!: number;
  @Length() z!: number;
}

/** Longest packed mesh, characters. */
const LONGEST_MESH = 24_000_000;

export class MeshFormData implements MeshForm {
  @Equals('mesh') kind!: 'mesh';
  @IsString() @MaxLength(200) source!: string;
  @IsString() @MaxLength(LONGEST_MESH) data!: string;
  @Length() unitMm!: number;
  @IsDefined() @ValidateNested() @Type(() => ExtentData) extent!: MeshForm['extent'];
  @IsIn(['y', 'z']) upright!: 'y' | 'z';
}

/** Which class a form's `kind` stands for. */
export const FORM_CLASSES = [
  { name: 'person', value: PersonFormData },
  { name: 'beast', value: BeastFormData },
  { name: 'bird', value: BirdFormData },
  { name: 'crawler', value: CrawlerFormData },
  { name: 'round', value: RoundCreatureFormData },
  { name: 'tree', value: TreeFormData },
  ...PLAIN_CLASSES,
  { name: 'built', value: BuiltFormData },
  { name: 'panels', value: PanelsFormData },
  { name: 'mesh', value: MeshFormData },
];
