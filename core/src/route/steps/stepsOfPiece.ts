import { pieceReckoner } from '../../context/index.ts';
import { routeGround } from '../ground.ts';
import { routeOf } from '../propose.ts';

/** The steps of the piece in their order: the maker’s, or the proposed ones. */
export const stepsOfPiece = pieceReckoner('route.steps', [], (given) => ({
  figures: [],
  ...routeOf(routeGround(given)),
}));
