import { type OwnValues, sourced } from '../../reckoning/index.ts';
import type { Finding } from '../bearing/judge.ts';
import type { Way } from '../bearing/waysOut.ts';
import { coatRow } from '../coats/coats.ts';
import { dryMinutes, neverDries, type Room, USUAL_ROOM, wetOf } from '../drying/drying.ts';
import { layerSays } from '../layers/orderOf.ts';
import { familyRow } from '../rows/families.ts';
import type { ZoneFacts } from '../zones/zoneFacts.ts';
import { ALSO_MAYBE, type FinishTrouble, LEADS_TO, RESCUES, type SurfaceTrouble } from './troubles.ts';

/** A likely reason, with what of the record says so. */
export interface FinishCause {
  readonly says: string;
  /** Numbers or layers of this one; empty where only the trade says so. */
  readonly evidence: string;
  readonly isLikely: boolean;
}

/** What the doctor says of paint, glue or a pour. */
export interface FinishDiagnosis {
  readonly causes: readonly FinishCause[];
  readonly rescue: readonly string[];
  readonly nextTime: readonly string[];
}

export const likely = (says: string, evidence = ''): FinishCause => ({ says, evidence, isLikely: true });

/** What follows of any trouble: what the record tells first, then what it cannot tell. */
export function diagnosed(
  trouble: FinishTrouble,
  causes: readonly FinishCause[],
  nextTime: readonly string[],
): FinishDiagnosis {
  const maybe = ALSO_MAYBE[trouble].map((says): FinishCause => ({ says, evidence: '', isLikely: false }));
  return { causes: [...causes, ...maybe], rescue: RESCUES[trouble], nextTime: [...new Set(nextTime)] };
}

/** What is known of a surface that something is wrong with. */
export interface SurfaceCase {
  readonly zone: Pick<ZoneFacts, 'layers'>;
  readonly findings: readonly Finding[];
  readonly ways: readonly Pick<Way, 'says'>[];
  readonly room: Room;
  /** The maker’s own values, as its figures have them. */
  readonly own: OwnValues;
  /** Hours since each layer was put on, by its id; absent where no step was ticked. */
  readonly sinceH: ReadonlyMap<string, number>;
  /** Layers that are told not to show. */
  readonly unseen: readonly string[];
}

const hours = (minutes: number) =>
  minutes < 90 ? `${Math.round(minutes)} min` : `${(minutes / 60).toFixed(minutes < 600 ? 1 : 0)} h`;

/** What the layers themselves say of why they are wet: too thick, too damp, too cold, not yet due, or never. */
function whyWet({ zone, room, own, sinceH }: SurfaceCase): FinishCause[] {
  return zone.layers.flatMap((layer, at): FinishCause[] => {
    if (layer.of === null) return [];
    const coat = coatRow(layer.of);
    const family = familyRow(coat.family);
    if (family.dries === 'none' || coat.id === 'soap' || coat.id === 'alcohol') return [];
    const says = layerSays(layer);
    const usualMm = sourced(family.film.id, own).value;
    const laid = {
      coat,
      coats: layer.coats,
      wetMm: layer.filmMm ?? usualMm,
      usualMm,
      usualMin: sourced(family.dry.id, own).value,
    };
    const never = neverDries({ coat, wetMm: wetOf(layer, usualMm) });
    if (never !== null) return [likely(`${says}: ${never}`, `${layer.filmMm ?? usualMm} mm of it`)];
    if (family.dries === 'oven')
      return zone.layers.slice(at).some(({ kind }) => kind === 'bake')
        ? []
        : [likely(`${says}: it sets in the oven, and no bake comes after it`)];
    if (family.dries === 'light')
      return [
        {
          says: `${says}: where the lamp did not reach, or through pigment, it stays liquid`,
          evidence: '',
          isLikely: false,
        },
      ];
    const takes = dryMinutes(laid, room);
    const usual = dryMinutes({ ...laid, wetMm: usualMm }, USUAL_ROOM);
    const gone = sinceH.get(layer.id);
    return [
      ...(gone !== undefined && gone * 60 < takes
        ? [likely(`${says}: it is not due yet`, `on for ${hours(gone * 60)}, takes ${hours(takes)}`)]
        : []),
      ...(takes > 1.5 * usual
        ? [
            likely(
              `${says}: ${[
                ...(laid.wetMm > 1.2 * usualMm ? ['laid thick'] : []),
                ...(coat.carrier === 'water' && room.humidityPct > 60 ? ['damp air'] : []),
                ...(room.tempC < 17 ? ['a cold room'] : []),
              ].join(', ')}`,
              `takes ${hours(takes)}, and usually ${hours(usual)}`,
            ),
          ]
        : []),
    ];
  });
}

function whyUnseen({ zone, unseen }: SurfaceCase): FinishCause[] {
  return zone.layers
    .filter(({ id }) => unseen.includes(id))
    .map((layer) => likely(`${layerSays(layer)}: too near in lightness to what it goes over`));
}

function whyDark({ zone }: SurfaceCase): FinishCause[] {
  return zone.layers.flatMap(({ kind, thin, coats, of }) => {
    if (kind !== 'shade' || of === null) return [];
    const full = coatRow(of).family !== 'thinned';
    return [
      ...(full && thin < 3 ? [likely('the shade is paint, hardly thinned', `1 to ${thin}`)] : []),
      ...(coats > 1 ? [likely('the shade went on more than once', `${coats} coats`)] : []),
    ];
  });
}

const OF_LAYERS: Readonly<Partial<Record<SurfaceTrouble, (one: SurfaceCase) => FinishCause[]>>> = {
  tacky: whyWet,
  unseen: whyUnseen,
  dark: whyDark,
};

/**
 * Why something is wrong with a surface: from its layers and the rules they go against, then from how they were laid; what can
 * be done with it, and the next time.
 */
export function diagnoseSurface(trouble: SurfaceTrouble, one: SurfaceCase): FinishDiagnosis {
  const found = one.findings.filter(
    ({ rule }) => rule.startsWith('own:') || LEADS_TO[rule]?.includes(trouble),
  );
  return diagnosed(
    trouble,
    [
      ...found.map(({ over, under, sees, why }) => likely(why, `${over} over ${under}: ${sees}`)),
      ...(OF_LAYERS[trouble]?.(one) ?? []),
    ],
    found.length > 0 ? one.ways.map(({ says }) => says) : [],
  );
}
