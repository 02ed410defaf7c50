import { bulkOfPart } from '../bulk/index.ts';
import { ask, type Given } from '../context/index.ts';
import { type AboutTo, type AboutToAnswer, aboutTo } from './aboutTo.ts';
import { compareRoutes } from './compare.ts';
import { handlingMap } from './handling.ts';
import { routeOfPiece } from './reckoners.ts';

/** The minutes of a step with their working; null for a step that is not in the route. */
export const stepTimeAsk = ask('route.step-time', (given: Given, { step }: { readonly step: string }) => {
  const time = given.piece(routeOfPiece).times.get(step);
  return time ? { hands: time.hands, wait: time.wait } : null;
});

/** What the proposal would change of the maker’s own route. */
export const differenceAsk = ask('route.difference', (given: Given) => {
  const { route, proposed } = given.piece(routeOfPiece);
  return compareRoutes(route, proposed);
});

/** How each part is held, and what is therefore done last. */
export const handlingAsk = ask('route.handling', (given: Given) =>
  handlingMap(given.context.piece, given.piece(routeOfPiece).route, [...given.parts(bulkOfPart).keys()]),
);

/** Whether something may be done to a part now, and what it commits to; null for a part that is not there. */
export const aboutToAsk = ask(
  'route.about-to',
  (given: Given, { part, deed }: { readonly part: string; readonly deed: AboutTo }): AboutToAnswer | null => {
    const own = given.context.piece.parts.find(({ id }) => id === part);
    return own ? aboutTo(given.piece(routeOfPiece), own, deed) : null;
  },
);
