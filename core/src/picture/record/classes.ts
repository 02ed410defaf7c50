import 'reflect-metadata';
import { IsIn, IsOptional, IsString, Matches, MaxLength } from 'class-validator';
import { Amount } from '../../record/amount.ts';
import { ID_PATTERN, NAME_LENGTH, type PartId, type PictureId } from '../../record/index.ts';
import { Nested, NestedList } from '../../record/nested.ts';
import { TAKING_KINDS, type TakingKind } from './choices.ts';
import { PICTURE_LIMITS } from './limits.ts';

/** A place on a picture, px of the picture as it is kept, from its upper left corner. */
export class Spot {
  @Amount(PICTURE_LIMITS.spot.x) x!: number;
  @Amount(PICTURE_LIMITS.spot.y) y!: number;
}

/** A length that is known in what a picture shows. */
export class KnownLength {
  @NestedList(() => Spot, { least: 2, most: 2 })
  spots!: Spot[];
  @Amount(PICTURE_LIMITS.knownLength.lengthMm) lengthMm!: number;
}

/** A rectangle of known sides in what a picture shows: it squares a picture taken aslant. */
export class KnownRectangle {
  /** Round it, beginning at the left end of the side that lies lowest in the picture or is called its width. */
  @NestedList(() => Spot, { least: 4, most: 4 })
  spots!: Spot[];
  @Amount(PICTURE_LIMITS.knownRectangle.widthMm) widthMm!: number;
  @Amount(PICTURE_LIMITS.knownRectangle.heightMm) heightMm!: number;
}

/** A measure taken off a picture: two places, or three for an angle, the corner second. */
export class Taking {
  @Matches(ID_PATTERN) id!: string;
  @IsIn(TAKING_KINDS) kind!: TakingKind;
  @IsString() @MaxLength(NAME_LENGTH) name!: string;
  @NestedList(() => Spot, { least: 2, most: 3 })
  spots!: Spot[];
}

/** A picture to work from; the picture itself lies beside the piece. */
export class Reference {
  @Matches(ID_PATTERN) id!: PictureId;
  @IsIn(['image/jpeg', 'image/png', 'image/webp']) type!: 'image/jpeg' | 'image/png' | 'image/webp';
  /** Size of the picture as it is kept, px. */
  @Amount(PICTURE_LIMITS.reference.widthPx) widthPx!: number;
  @Amount(PICTURE_LIMITS.reference.heightPx) heightPx!: number;
  @IsString() @MaxLength(NAME_LENGTH) caption!: string;
  /** Who took or drew it, and where it is from. */
  @IsString() @MaxLength(NAME_LENGTH) source!: string;
  @IsOptional() @Matches(ID_PATTERN) part!: PartId | null;
  /** 1 where it shows the thing itself; N where it shows a miniature at 1:N. */
  @Amount(PICTURE_LIMITS.reference.shownRatio) shownRatio!: number;
  @IsOptional() @Nested(() => KnownLength) known!: KnownLength | null;
  @IsOptional() @Nested(() => KnownRectangle) square!: KnownRectangle | null;
  @NestedList(() => Taking, { most: 500 }) takings!: Taking[];
}
