import { loadFiguresOf } from '../bake/plan/index.ts';
import { pieceReckoner } from '../context/index.ts';
import { ROUTE } from './figures.ts';
import { routeGround } from './ground.ts';
import { type RouteFacts, reckonRoute } from './reckonRoute.ts';
import { stepsOfPiece } from './steps/index.ts';

/** The steps of the piece, their times and their order. */
export const routeOfPiece = pieceReckoner(
  'route.piece',
  Object.values(ROUTE),
  (given) => {
    const ground = { ...routeGround(given), ovenMin: loadFiguresOf(given) };
    return reckonRoute(ground, given.piece(stepsOfPiece));
  },
  ({ route, proposed, isOwn, times, judged, heeds, shares }): RouteFacts => ({
    route,
    proposed,
    isOwn,
    heeds,
    shares,
    judged,
    times: new Map(
      [...times].map(([id, { handsMin, waitMin, reckonedMin }]) => [id, { handsMin, waitMin, reckonedMin }]),
    ),
  }),
);
