import type { CoatLayer } from '../../piece/index.ts';
import type { Coat } from '../coats/coats.ts';
import { familyRow } from '../rows/families.ts';

/** The room that a coat dries in. */
export interface Room {
  readonly tempC: number;
  readonly humidityPct: number;
}

/** What the times of the handbook are for. */
export const USUAL_ROOM: Room = { tempC: 20, humidityPct: 50 };

/** How the open face of a coat is: in the air, on one side only of a thing it soaked through, or between two closed faces. */
export type Cover = 'air' | 'closed';

/** Thirty degrees make drying and setting six times as quick: white glue takes an hour at 20 °C and ten minutes at 50 °C. */
const QUICKER = 6;
const BY_C = 30;
/** Wet films past this skin over, mm. */
export const SKINS_MM = 2;

/** A coat as it is laid. */
export interface LaidCoat {
  readonly coat: Coat;
  readonly coats: number;
  /** One coat, wet, and how thick such a coat usually is, mm. */
  readonly wetMm: number;
  readonly usualMm: number;
  /** The usual one takes the next after this, min. */
  readonly usualMin: number;
}

/**
 * How long all coats of a layer dry: with the square of their thickness where water or spirit goes out through them (Crank,
 * plane sheet), longer in damp air where that is water, quicker warm.
 *
 * @returns minutes; what never dries is told by {@link neverDries}
 * @example dryMinutes(a coat of 0.2 mm of what dries in 45 min at 0.1 mm, USUAL_ROOM) // 180
 */
export function dryMinutes(
  { coat, coats, wetMm, usualMm, usualMin }: LaidCoat,
  { tempC, humidityPct }: Room,
): number {
  const { dries } = familyRow(coat.family);
  const warm = QUICKER ** ((USUAL_ROOM.tempC - tempC) / BY_C);
  const once = coats * usualMin;
  if (dries === 'reaction') return once * warm;
  if (dries !== 'diffusion') return once;
  const damp = coat.carrier === 'water' ? (100 - USUAL_ROOM.humidityPct) / Math.max(1, 100 - humidityPct) : 1;
  return once * (wetMm / usualMm) ** 2 * damp * warm;
}

/** Why a coat never dries; null for one that does. */
export function neverDries(
  { coat, wetMm }: Pick<LaidCoat, 'coat' | 'wetMm'>,
  cover: Cover = 'air',
): string | null {
  const family = familyRow(coat.family);
  if (family.dries !== 'diffusion') return null;
  if (cover === 'closed') return 'never: it is shut in between two closed faces';
  return wetMm > SKINS_MM && family.id !== 'paste'
    ? 'never: it skins over, and what is under the skin stays wet'
    : null;
}

/** How thick one coat is as it is laid, mm: as the maker says, else as is usual. */
export function wetOf({ filmMm, how }: Pick<CoatLayer, 'filmMm' | 'how'>, usualMm: number): number {
  // A mist from a gun or a can is thinner than what a brush lays.
  return filmMm ?? (how === 'spray' ? Math.min(usualMm, MIST_MM) : usualMm);
}

/** One pass of a gun or a can, wet, mm (from memory). */
const MIST_MM = 0.04;
