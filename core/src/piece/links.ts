import type { MixShare, Part, Piece, Route, RouteStep } from './document.ts';
import type { PartId } from './ids.ts';

/** A piece in which nothing points to some parts any more: their fits go, pictures and decisions only let go of them. */
export function withoutLinksTo(piece: Piece, isGone: (id: PartId) => boolean): Piece {
  return {
    ...piece,
    fits: piece.fits.filter(({ part, on }) => !isGone(part) && !isGone(on)),
    decisions: piece.decisions.map((decision) =>
      decision.parts.some(isGone)
        ? { ...decision, parts: decision.parts.filter((id) => !isGone(id)) }
        : decision,
    ),
    references: piece.references.map((one) =>
      one.part !== null && isGone(one.part) ? { ...one, part: null } : one,
    ),
    route: piece.route && routeWithoutParts(piece.route, piece.parts, isGone),
  };
}

/** A route in which nothing leads to a step that is not there. */
export function withoutLooseLinks(route: Route): Route {
  const there = new Set(route.steps.map(({ id }) => id));
  return {
    ...route,
    steps: route.steps.map((step) =>
      step.needs.every((id) => there.has(id))
        ? step
        : { ...step, needs: step.needs.filter((id) => there.has(id)) },
    ),
    relations: route.relations.filter(
      ({ first, second }) => first !== second && there.has(first) && there.has(second),
    ),
  };
}

/** A route without some parts: steps that were theirs alone go, those that put on what is not there, and what led to them. */
function routeWithoutParts(route: Route, parts: readonly Part[], isGone: (id: PartId) => boolean): Route {
  const things = new Set<string>(parts.flatMap(({ id, inserts }) => [id, ...inserts.map((one) => one.id)]));
  const isLost = ({ thing }: RouteStep) => thing !== '' && !things.has(thing);
  if (!route.steps.some((step) => isLost(step) || step.parts.some(isGone))) return route;
  const steps = route.steps.flatMap((step) => {
    if (isLost(step)) return [];
    if (!step.parts.some(isGone)) return [step];
    const kept = step.parts.filter((id) => !isGone(id));
    return kept.length === 0 ? [] : [{ ...step, parts: kept }];
  });
  return withoutLooseLinks({ ...route, steps });
}

/** Every mix of a part with where it stands: its own, its regions’ and their zones’. */
export function mixesOf(part: Part): { readonly where: string; readonly mix: readonly MixShare[] }[] {
  return [
    { where: 'mix', mix: part.mix },
    ...part.regions.flatMap(({ mix, zones }, i) => [
      { where: `regions[${i}].mix`, mix },
      ...zones.map((zone, j) => ({ where: `regions[${i}].zones[${j}].mix`, mix: zone.mix })),
    ]),
  ];
}

/** A part that names only some clays; the same part where that is all it names. */
export function withClaysOf(part: Part, isKept: (clay: string) => boolean): Part {
  if (mixesOf(part).every(({ mix }) => mix.every(({ clay }) => isKept(clay)))) return part;
  const kept = (mix: readonly MixShare[]) => mix.filter(({ clay }) => isKept(clay));
  return {
    ...part,
    mix: kept(part.mix),
    regions: part.regions.map((region) => ({
      ...region,
      mix: kept(region.mix),
      zones: region.zones.map((zone) => ({ ...zone, mix: kept(zone.mix) })),
    })),
  };
}
