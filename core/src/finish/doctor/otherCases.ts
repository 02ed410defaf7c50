import type { Joint, PourStuff } from '../../piece/index.ts';
import type { Room } from '../drying/drying.ts';
import { glueRow } from '../joints/glues.ts';
import type { RankedWay } from '../joints/reckonJoint.ts';
import { diagnosed, type FinishCause, type FinishDiagnosis, likely } from './diagnose.ts';
import type { JointTrouble, PourTrouble } from './troubles.ts';

/** What is known of a joint that something is wrong with. */
export interface JointCase {
  readonly joint: Pick<Joint, 'way' | 'gapMm' | 'pins'>;
  /** All ways of joining the two, the best first. */
  readonly ways: readonly RankedWay[];
  readonly room: Room;
}

function whyJoint(trouble: JointTrouble, { joint, ways, room }: JointCase): FinishCause[] {
  const { way, gapMm } = joint;
  if (way === null) return [];
  const row = glueRow(way);
  const ranked = ways.find((one) => one.way === way);
  const isWide = gapMm !== null && gapMm > row.gapMm;
  const gap = isWide
    ? [likely('the gap is wider than it fills', `${gapMm} mm, and ${row.title} fills ${row.gapMm} mm`)]
    : [];
  switch (trouble) {
    case 'let-go':
      return [
        ...(ranked?.says ?? []).map((says) => likely(`${row.title}: ${says}`)),
        ...gap,
        ...(joint.pins === 0 && ranked?.bears != null && ranked.bears < 3
          ? [likely('nothing pins it', 'no pins')]
          : []),
      ];
    case 'will-not-set':
      return [
        ...(ranked?.says ?? []).map((says) => likely(`${row.title}: ${says}`)),
        ...gap,
        ...(way === 'superglue' && room.humidityPct < 35
          ? [likely('superglue sets by the damp of the air', `${room.humidityPct} % humidity`)]
          : []),
        ...(room.tempC < 15 ? [likely('a cold room', `${room.tempC} °C`)] : []),
      ];
    case 'white':
      return way === 'superglue'
        ? [likely('superglue gives off fumes that settle white round it, most where too much was used')]
        : way === 'pva'
          ? [likely('white glue that is shut in stays wet and white')]
          : [];
    case 'moved':
      return ranked && ranked.holdMin > 0
        ? [likely('it was let go of before it gripped', `${row.title} is held for ${ranked.holdMin} min`)]
        : [];
  }
}

/** Why something is wrong with a joint, what can be done, and what joins it better the next time. */
export function diagnoseJoint(trouble: JointTrouble, one: JointCase): FinishDiagnosis {
  const better = one.ways.find(({ level, way }) => level === 'good' && way !== one.joint.way);
  return diagnosed(trouble, whyJoint(trouble, one), [
    ...(better ? [`${better.title}: ${glueRow(better.way).says}`] : []),
    'put the two together dry first, and measure the gap',
  ]);
}

/** What is known of a pour that something is wrong with. */
export interface PourCase {
  readonly of: PourStuff;
  /** How deep it is to lie, the deepest layer that it bears, and how many that makes; miniature mm. */
  readonly deepMm: number;
  readonly layerMm: number;
  readonly layers: number;
  /** Parts to one of hardener; null for what has none. */
  readonly ratio: number | null;
  readonly shrinkPct: number;
  readonly room: Room;
  /** The bed drinks and nothing seals it. */
  readonly isOpenBed: boolean;
}

function whyPour(trouble: PourTrouble, one: PourCase): FinishCause[] {
  const dries = one.ratio === null;
  const deep =
    one.deepMm > one.layerMm
      ? [
          likely(
            dries
              ? 'in one go it skins over, and what is under the skin never dries'
              : 'in one go it heats itself',
            `${one.deepMm.toFixed(1)} mm deep, ${one.layerMm} mm in one layer: ${one.layers} layers`,
          ),
        ]
      : [];
  const damp = one.room.humidityPct > 65 ? [likely('damp air', `${one.room.humidityPct} % humidity`)] : [];
  const bed = one.isOpenBed ? [likely('the bed drinks, and nothing seals it')] : [];
  switch (trouble) {
    case 'soft':
      return [
        ...(dries
          ? deep
          : [likely('the mix was not as it has to be', `${one.ratio} to 1 by mass, within 3 %`)]),
        ...(one.room.tempC < 18 ? [likely('a cold room', `${one.room.tempC} °C, 20 to 25 are wanted`)] : []),
        ...(dries ? damp : []),
      ];
    case 'cloudy':
      return [...(dries ? deep : []), ...damp, ...bed];
    case 'bubbled':
      return bed;
    case 'leaked':
      return bed;
    case 'hot':
      return dries ? [] : deep;
    case 'sank':
      return one.shrinkPct > 2
        ? [likely('it loses so much as it dries', `${Math.round(one.shrinkPct)} % of what is poured`)]
        : bed;
  }
}

/** Why something is wrong with a pour, what can be done, and the next time. */
export function diagnosePour(trouble: PourTrouble, one: PourCase): FinishDiagnosis {
  return diagnosed(trouble, whyPour(trouble, one), [
    ...(one.layers > 1 ? [`${one.layers} layers, each hard before the next`] : []),
    ...(one.isOpenBed ? ['seal the bed, twice, before it is poured'] : []),
    ...(one.ratio === null
      ? []
      : ['weigh both parts, stir three minutes, scrape the sides, and change the cup']),
    'try it in a cup first, as deep as it will lie',
  ]);
}
