import { partReckoner, pieceReckoner } from '../../context/index.ts';
import { skinOf } from './skin.ts';

/** Parts that some zone lies on. */
export const zonedParts = pieceReckoner(
  'finish.zoned',
  [],
  ({ context }): { figures: []; parts: readonly string[] } => ({
    figures: [],
    parts: [...new Set(context.piece.zones.flatMap(({ part }) => part ?? []))].sort(),
  }),
);

/** The surface of a part that some zone lies on, face by face. */
export const skinOfPart = partReckoner('finish.skin', [], (given, { part, shape }) =>
  given.piece(zonedParts).parts.includes(part.id) ? { figures: [], skin: skinOf(shape) } : null,
);
