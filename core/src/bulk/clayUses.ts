import type { PartFacts } from '../context/index.ts';
import { clayFamily } from '../handbook/index.ts';
import type { Clay, MixShare } from '../piece/index.ts';
import { sourced, type Term } from '../reckoning/index.ts';
import type { PartSolid } from './partSolid.ts';

/** Which clay it is, without what it costs or is called. */
export type UsedClay = Pick<Clay, 'id' | 'family'>;

/** Some of one clay in one of a part: in a region, perhaps in a zone of it, put on in a pass. */
export interface ClayUse {
  readonly region: string;
  /** Name of the zone; empty for the region’s own clay. */
  readonly zone: string;
  /** Name of the layer over what is baked; empty for the first clay. */
  readonly layer: string;
  readonly pass: number;
  readonly clay: UsedClay;
  /** In one of the part, miniature. */
  readonly volumeMm3: number;
  readonly densityGCm3: number;
}

/** A clay of the part’s mix, its share of the volume and its density. */
export interface ClayShare {
  readonly clay: UsedClay;
  readonly share: number;
  readonly densityGCm3: number;
  readonly term: Term;
}

/** The clays of a mix by share of volume; those that are not in the piece are passed over. */
function sharesOf({ piece, own }: PartFacts, mix: readonly MixShare[]): ClayShare[] {
  const known = mix.flatMap(({ clay: id, parts }) => {
    const clay = piece.clays.find((one) => one.id === id);
    return clay && parts > 0 ? [{ clay: { id: clay.id, family: clay.family }, parts }] : [];
  });
  const total = known.reduce((sum, { parts }) => sum + parts, 0);
  return known.map(({ clay, parts }): ClayShare => {
    const row = sourced(clayFamily(clay.family).density.id, own);
    return { clay, share: parts / total, densityGCm3: row.value, term: row.term('ρ') };
  });
}

/** The part’s clays by share of volume, regions of their own not looked at; empty when it is not of clay. */
export function claySharesOf(context: PartFacts): ClayShare[] {
  return sharesOf(context, context.part.mix);
}

/** Clay of every region, split by its zones and mixes. */
export function clayUses(context: PartFacts, { clayByRegion, layers }: PartSolid): ClayUse[] {
  const { part } = context;
  const usual = claySharesOf(context);
  const laid = part.layers.map((layer) => ({ layer, byRegion: layers.get(layer.id) }));
  const firsts = [...clayByRegion].flatMap(([region, wholeMm3]): ClayUse[] => {
    const volumeMm3 = laid.reduce((left, { byRegion }) => left - (byRegion?.get(region) ?? 0), wholeMm3);
    const choice = part.regions.find((one) => one.region === region);
    const own = sharesOf(context, choice?.mix ?? []);
    const rest = own.length > 0 ? own : usual;
    const zones = (choice?.zones ?? []).flatMap(({ name, percent, mix }) => {
      const shares = sharesOf(context, mix);
      return shares.length > 0 ? [{ name, share: percent / 100, shares }] : [];
    });
    if (!(volumeMm3 > 1e-9 * wholeMm3)) return [];
    // Zones that ask for more than there is share what there is.
    const asked = zones.reduce((sum, { share }) => sum + share, 0);
    const over = Math.max(1, asked);
    const lots = [
      { name: '', share: Math.max(0, 1 - asked), shares: rest },
      ...zones.map((zone) => ({ ...zone, share: zone.share / over })),
    ];
    return lots.flatMap((lot) =>
      lot.share === 0
        ? []
        : lot.shares.map(({ clay, share, densityGCm3 }) => ({
            region,
            zone: lot.name,
            layer: '',
            pass: choice?.pass ?? 1,
            clay,
            volumeMm3: volumeMm3 * lot.share * share,
            densityGCm3,
          })),
    );
  });
  const seconds = laid.flatMap(({ layer: { name, mix, pass }, byRegion }) => {
    const own = sharesOf(context, mix);
    const shares = own.length > 0 ? own : usual;
    return [...(byRegion ?? [])].flatMap(([region, volumeMm3]) =>
      shares.map(
        ({ clay, share, densityGCm3 }): ClayUse => ({
          region,
          zone: '',
          layer: name,
          pass,
          clay,
          volumeMm3: volumeMm3 * share,
          densityGCm3,
        }),
      ),
    );
  });
  return [...firsts, ...seconds];
}
