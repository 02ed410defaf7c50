export {
  type ClayId,
  type EntryId,
  ID_PATTERN,
  newId,
  type PartId,
  type PictureId,
  type PieceId,
} from './ids.ts';
export { type Limit, type Limits, PLACE, SIZE, SIZE_OR_NONE, TURN, typedLimits } from './limit.ts';
export { NAME_LENGTH, NOTE_LENGTH } from './text.ts';
