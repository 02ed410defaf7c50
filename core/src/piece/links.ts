import type { MixShare, Part, Piece } from './document.ts';
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
  };
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
