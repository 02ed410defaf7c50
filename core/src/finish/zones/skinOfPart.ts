import { partReckoner, pieceReckoner } from '../../context/index.ts';
import { cellInBox } from '../../solid/index.ts';
import { shapeMaps } from '../shape/shapeMaps.ts';
import { skinOf } from './skin.ts';

/** Cells of the form that what settles is told on: shares are true to some percent, in a tenth of a second. */
const SETTLE_CELLS = 40_000;

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

/** Parts that matter comes to lie on by itself. */
export const settledParts = pieceReckoner(
  'finish.settled',
  [],
  ({ context }): { figures: []; parts: readonly string[] } => ({
    figures: [],
    parts: [
      ...new Set(
        context.piece.zones.flatMap(({ part, layers, isOwn }) =>
          part !== null && isOwn && layers.some(({ lies }) => lies !== null) ? [part] : [],
        ),
      ),
    ].sort(),
  }),
);

/** How the surface of a part lies that matter settles on. */
export const mapsOfPart = partReckoner('finish.maps', [], (given, { part, shape, shrink }) =>
  given.piece(settledParts).parts.includes(part.id)
    ? {
        figures: [],
        maps: shapeMaps(shape, {
          cellMm: cellInBox(shape.box.min, shape.box.max, SETTLE_CELLS),
          shrink,
          light: [0, 1, 0],
        }),
      }
    : null,
);
