import {
  ArrayUnique,
  Equals,
  IsBoolean,
  IsDefined,
  IsIn,
  IsOptional,
  IsString,
  MaxLength,
  ValidateBy,
} from 'class-validator';
import { Amount } from '../../record/amount.ts';
import { SIZE, TURN } from '../../record/limit.ts';
import { Nested, NestedKind, NestedList } from '../../record/nested.ts';
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
  DrawnEdge,
  DrawnForm,
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
} from '../index.ts';
import {
  BEAST_BUILDS,
  BEAST_POSES,
  BIRD_BUILDS,
  choicesOf,
  DRAWN_EDGES,
  PANEL_JOINTS,
  PERSON_LENGTHS,
  PERSON_POSES,
  ROOF_KINDS,
  ROUND_CRESTS,
  WALL_NAMES,
} from '../index.ts';
import { FORM_LIMITS } from './limits.ts';

function isAngles(value: unknown): value is JointAngles {
  if (typeof value !== 'object' || value === null) return false;
  const { flex, out, twist } = value as Record<string, unknown>;
  return [flex, out, twist].every((angle) => typeof angle === 'number' && Math.abs(angle) <= TURN.max);
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
            PERSON_LENGTHS.some((one) => one === key) && typeof mm === 'number' && mm > 0 && mm <= SIZE.max,
        ),
      defaultMessage: () => `lengths over 0 by name: ${PERSON_LENGTHS.join(', ')}`,
    },
  });
}

export class ClothingData implements Clothing {
  @Amount(FORM_LIMITS.clothing.headMm) headMm!: number;
  @Amount(FORM_LIMITS.clothing.trunkMm) trunkMm!: number;
  @Amount(FORM_LIMITS.clothing.armsMm) armsMm!: number;
  @Amount(FORM_LIMITS.clothing.legsMm) legsMm!: number;
  @IsOptional() @Amount(FORM_LIMITS.clothing.hemMm) hemMm!: number | null;
}

export class PersonFormData implements PersonForm {
  @Equals('person') kind!: 'person';
  @Amount(FORM_LIMITS.personForm.statureMm) statureMm!: number;
  @IsOptional() @Amount(FORM_LIMITS.personForm.headsTall) headsTall!: number | null;
  @Amount(FORM_LIMITS.personForm.build) build!: number;
  @IsIn(choicesOf(PERSON_POSES)) pose!: PersonPose;
  @Angles() angles!: Record<string, JointAngles>;
  @IsDefined() @Nested(() => ClothingData) clothing!: Clothing;
  @Locked() locked!: PersonForm['locked'];
}

export class BeastFormData implements BeastForm {
  @Equals('beast') kind!: 'beast';
  @Amount(FORM_LIMITS.beastForm.withersMm) withersMm!: number;
  @IsIn(choicesOf(BEAST_BUILDS)) proportions!: BeastBuild;
  @Amount(FORM_LIMITS.beastForm.build) build!: number;
  @IsIn(choicesOf(BEAST_POSES)) pose!: BeastPose;
  @Angles() angles!: Record<string, JointAngles>;
}

export class BirdFormData implements BirdForm {
  @Equals('bird') kind!: 'bird';
  @Amount(FORM_LIMITS.birdForm.heightMm) heightMm!: number;
  @IsIn(choicesOf(BIRD_BUILDS)) proportions!: BirdBuild;
  @Amount(FORM_LIMITS.birdForm.build) build!: number;
  @Angles() angles!: Record<string, JointAngles>;
}

export class CrawlerFormData implements CrawlerForm {
  @Equals('crawler') kind!: 'crawler';
  @Amount(FORM_LIMITS.crawlerForm.lengthMm) lengthMm!: number;
  @Amount(FORM_LIMITS.crawlerForm.sections) sections!: number;
  @Amount(FORM_LIMITS.crawlerForm.legPairs) legPairs!: number;
  @Amount(FORM_LIMITS.crawlerForm.legSegments) legSegments!: number;
  @Amount(FORM_LIMITS.crawlerForm.footCircleMm) footCircleMm!: number;
  @Amount(FORM_LIMITS.crawlerForm.bodyHeightMm) bodyHeightMm!: number;
  @Amount(FORM_LIMITS.crawlerForm.feelersMm) feelersMm!: number;
  @Amount(FORM_LIMITS.crawlerForm.legMm) legMm!: number;
}

export class RoundCreatureFormData implements RoundCreatureForm {
  @Equals('round') kind!: 'round';
  @Amount(FORM_LIMITS.roundCreatureForm.heightMm) heightMm!: number;
  @Amount(FORM_LIMITS.roundCreatureForm.widthMm) widthMm!: number;
  @IsIn(choicesOf(ROUND_CRESTS)) crest!: RoundCrest;
  @Amount(FORM_LIMITS.roundCreatureForm.armsMm) armsMm!: number;
  @Amount(FORM_LIMITS.roundCreatureForm.legsMm) legsMm!: number;
}

export class TreeFormData implements TreeForm {
  @Equals('tree') kind!: 'tree';
  @Amount(FORM_LIMITS.treeForm.heightMm) heightMm!: number;
  @Amount(FORM_LIMITS.treeForm.trunkMm) trunkMm!: number;
  @Amount(FORM_LIMITS.treeForm.spreadMm) spreadMm!: number;
  @Amount(FORM_LIMITS.treeForm.forkMm) forkMm!: number;
  @Amount(FORM_LIMITS.treeForm.forks) forks!: number;
  @Amount(FORM_LIMITS.treeForm.rootsMm) rootsMm!: number;
  @Amount(FORM_LIMITS.treeForm.seed) seed!: number;
}

export class BallFormData implements BallForm {
  @Equals('ball') kind!: 'ball';
  @Amount(FORM_LIMITS.ballForm.diameterMm) diameterMm!: number;
}

export class RodFormData implements RodForm {
  @Equals('rod') kind!: 'rod';
  @Amount(FORM_LIMITS.rodForm.lengthMm) lengthMm!: number;
  @Amount(FORM_LIMITS.rodForm.startMm) startMm!: number;
  @Amount(FORM_LIMITS.rodForm.endMm) endMm!: number;
  @IsBoolean() lying!: boolean;
}

export class BlockFormData implements BlockForm {
  @Equals('block') kind!: 'block';
  @Amount(FORM_LIMITS.blockForm.widthMm) widthMm!: number;
  @Amount(FORM_LIMITS.blockForm.heightMm) heightMm!: number;
  @Amount(FORM_LIMITS.blockForm.depthMm) depthMm!: number;
}

export class CylinderFormData implements CylinderForm {
  @Equals('cylinder') kind!: 'cylinder';
  @Amount(FORM_LIMITS.cylinderForm.heightMm) heightMm!: number;
  @Amount(FORM_LIMITS.cylinderForm.bottomMm) bottomMm!: number;
  @Amount(FORM_LIMITS.cylinderForm.topMm) topMm!: number;
  @IsBoolean() lying!: boolean;
}

export class RingFormData implements RingForm {
  @Equals('ring') kind!: 'ring';
  @Amount(FORM_LIMITS.ringForm.acrossMm) acrossMm!: number;
  @Amount(FORM_LIMITS.ringForm.thicknessMm) thicknessMm!: number;
  @IsBoolean() lying!: boolean;
}

export class ProfilePointData implements ProfilePoint {
  @Amount(FORM_LIMITS.profilePoint.radiusMm) radiusMm!: number;
  @Amount(FORM_LIMITS.profilePoint.heightMm) heightMm!: number;
}

export class TurnedFormData implements TurnedForm {
  @Equals('turned') kind!: 'turned';
  @NestedList(() => ProfilePointData, { least: 3, most: 500 })
  profile!: ProfilePointData[];
  @IsBoolean() lying!: boolean;
}

export class WedgeFormData implements WedgeForm {
  @Equals('wedge') kind!: 'wedge';
  @Amount(FORM_LIMITS.wedgeForm.widthMm) widthMm!: number;
  @Amount(FORM_LIMITS.wedgeForm.heightMm) heightMm!: number;
  @Amount(FORM_LIMITS.wedgeForm.depthMm) depthMm!: number;
}

export class PlanePointData implements PlanePoint {
  @Amount(FORM_LIMITS.planePoint.xMm) xMm!: number;
  @Amount(FORM_LIMITS.planePoint.yMm) yMm!: number;
}

export class ExtrudedFormData implements ExtrudedForm {
  @Equals('extruded') kind!: 'extruded';
  @NestedList(() => PlanePointData, { least: 3, most: 2000 })
  points!: PlanePoint[];
  @Amount(FORM_LIMITS.extrudedForm.depthMm) depthMm!: number;
}

export class DrawnFormData implements DrawnForm {
  @Equals('drawn') kind!: 'drawn';
  @NestedList(() => PlanePointData, { least: 3, most: 2000 })
  front!: PlanePoint[];
  @NestedList(() => PlanePointData, { most: 2000 })
  side!: PlanePoint[];
  @NestedList(() => PlanePointData, { most: 2000 })
  top!: PlanePoint[];
  @Amount(FORM_LIMITS.drawnForm.depthMm) depthMm!: number;
  @IsIn(choicesOf(DRAWN_EDGES)) edge!: DrawnEdge;
}

export class BarPointData implements BarPoint {
  @Amount(FORM_LIMITS.barPoint.xMm) xMm!: number;
  @Amount(FORM_LIMITS.barPoint.yMm) yMm!: number;
  @Amount(FORM_LIMITS.barPoint.zMm) zMm!: number;
}

export class TubeFormData implements TubeForm {
  @Equals('tube') kind!: 'tube';
  @NestedList(() => BarPointData, { least: 2, most: 200 })
  points!: BarPoint[];
  @Amount(FORM_LIMITS.tubeForm.thicknessMm) thicknessMm!: number;
  @Amount(FORM_LIMITS.tubeForm.endMm) endMm!: number;
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
  @NestedKind(() => BallFormData, PLAIN_CLASSES)
  form!: PlainForm;
  @Amount(FORM_LIMITS.builtPiece.xMm) xMm!: number;
  @Amount(FORM_LIMITS.builtPiece.yMm) yMm!: number;
  @Amount(FORM_LIMITS.builtPiece.zMm) zMm!: number;
  @Amount(FORM_LIMITS.builtPiece.turnDeg) turnDeg!: number;
  @Amount(FORM_LIMITS.builtPiece.tipDeg) tipDeg!: number;
  @Amount(FORM_LIMITS.builtPiece.leanDeg) leanDeg!: number;
  @IsBoolean() cut!: boolean;
}

export class BuiltFormData implements BuiltForm {
  @Equals('built') kind!: 'built';
  @NestedList(() => BuiltPieceData, { least: 1, most: 60 })
  pieces!: BuiltPiece[];
}

export class OpeningData implements Opening {
  @IsIn(choicesOf(WALL_NAMES)) wall!: WallName;
  @Amount(FORM_LIMITS.opening.fromLeftMm) fromLeftMm!: number;
  @Amount(FORM_LIMITS.opening.sillMm) sillMm!: number;
  @Amount(FORM_LIMITS.opening.widthMm) widthMm!: number;
  @Amount(FORM_LIMITS.opening.heightMm) heightMm!: number;
}

export class PanelsFormData implements PanelsForm {
  @Equals('panels') kind!: 'panels';
  @Amount(FORM_LIMITS.panelsForm.widthMm) widthMm!: number;
  @Amount(FORM_LIMITS.panelsForm.depthMm) depthMm!: number;
  @Amount(FORM_LIMITS.panelsForm.heightMm) heightMm!: number;
  @Amount(FORM_LIMITS.panelsForm.thicknessMm) thicknessMm!: number;
  @IsIn(choicesOf(WALL_NAMES), { each: true }) @ArrayUnique() walls!: WallName[];
  @IsBoolean() floor!: boolean;
  @IsIn(choicesOf(ROOF_KINDS)) roof!: RoofKind;
  @Amount(FORM_LIMITS.panelsForm.riseMm) riseMm!: number;
  @Amount(FORM_LIMITS.panelsForm.eavesMm) eavesMm!: number;
  @IsIn(choicesOf(PANEL_JOINTS)) joint!: PanelsForm['joint'];
  @NestedList(() => OpeningData, { most: 100 })
  openings!: Opening[];
}

export class ExtentData {
  @Amount(FORM_LIMITS.extent.x) x!: number;
  @Amount(FORM_LIMITS.extent.y) y!: number;
  @Amount(FORM_LIMITS.extent.z) z!: number;
}

/** Longest packed mesh, characters. */
const LONGEST_MESH = 24_000_000;

export class MeshFormData implements MeshForm {
  @Equals('mesh') kind!: 'mesh';
  @IsString() @MaxLength(200) source!: string;
  @IsString() @MaxLength(LONGEST_MESH) data!: string;
  @Amount(FORM_LIMITS.meshForm.unitMm) unitMm!: number;
  @IsDefined() @Nested(() => ExtentData) extent!: MeshForm['extent'];
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
  { name: 'drawn', value: DrawnFormData },
  { name: 'mesh', value: MeshFormData },
];
