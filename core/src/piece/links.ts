import type { PartId } from '../record/index.ts';
import { aidsWithoutParts, routeWithoutParts } from '../route/record/links.ts';
import type { Piece } from './document.ts';

/** A piece in which nothing points to some parts any more: their fits go, pictures and decisions only let go of them. */
export function withoutLinksTo(piece: Piece, isGone: (id: PartId) => boolean): Piece {
  const fits = piece.fits.filter(({ part, on }) => !isGone(part) && !isGone(on));
  const left = new Set(fits.map(({ id }) => id));
  return {
    ...piece,
    fits,
    joints: piece.joints.filter(({ fit }) => left.has(fit)),
    zones: piece.zones.filter(({ part }) => part === null || !isGone(part)),
    decisions: piece.decisions.map((decision) =>
      decision.parts.some(isGone)
        ? { ...decision, parts: decision.parts.filter((id) => !isGone(id)) }
        : decision,
    ),
    references: piece.references.map((one) =>
      one.part !== null && isGone(one.part) ? { ...one, part: null } : one,
    ),
    stood: piece.stood.filter(({ part }) => !isGone(part)),
    layouts: piece.layouts.map((layout) => ({
      ...layout,
      stood: layout.stood.filter(({ part }) => !isGone(part)),
    })),
    masonry: piece.masonry.filter(({ part }) => part === null || !isGone(part)),
    aids: aidsWithoutParts(piece.aids, isGone),
    route: piece.route && routeWithoutParts(piece.route, thingsOf(piece), isGone),
  };
}

/** Ids of what can be put on: parts, and what is let into them. */
function thingsOf({ parts }: Piece): ReadonlySet<string> {
  return new Set(parts.flatMap(({ id, inserts }) => [id as string, ...inserts.map((one) => one.id)]));
}
