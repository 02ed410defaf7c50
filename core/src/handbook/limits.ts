import type { Row } from '../sources/index.ts';

/** What an own value of a row may be. */
export interface OwnLimits {
  readonly min?: number;
  readonly max?: number;
}

/** What something is divided by: nothing of it is no value. */
const DIVISORS =
  /^(foil\.(thickness|width|loose|balled|hammered)|core\.(coil-wire|coil-share|card-thickness)|roller\.|sheet\.length|cut\.bar|scale\.|heat\.(cure-minutes|brown-limit|brown-pale)|clay\.factor-|mould\.(wall|box-side|life-)|ground\.(plaster-day|bricks|paper)|cover\.(open|pace)|pour\.[a-z]+-layer|film\.|finish\.(rate-|open|bottle|can|drop)|joint\.hand|decal\.)/;
/** Less than any thing at the bench, and denser than any stuff there is. */
const LEAST = 0.001;
const DENSEST = 25;
/** More of anything than is ever worked with here: a kilometre in mm, a tonne in g. */
const MOST = 1e6;
/** Hotter, colder or farther round than anything at the bench. */
const MOST_EITHER_WAY = 1e4;
/** A share of nearly all of it: more would leave nothing. */
const MOST_PERCENT = 95;

const EITHER_WAY: OwnLimits = { min: -MOST_EITHER_WAY, max: MOST_EITHER_WAY };

/** Limits of a row’s own value: what is divided by is over 0, a density is one of this world, a share leaves something. */
export function ownLimits(row: Row): OwnLimits {
  if (row.value < 0 || (row.low !== undefined && row.low < 0)) return EITHER_WAY;
  switch (row.unit) {
    case '°C':
    case '°C apart':
    case '°':
    case 'N·mm':
      return EITHER_WAY;
    case 'g/cm³':
      return { min: LEAST, max: DENSEST };
    case 'GPa':
    case 'MPa':
    case 'N/mm':
    case 'g':
      return { min: LEAST, max: MOST };
    case '%':
      return { min: DIVISORS.test(row.id) ? 1 : 0, max: MOST_PERCENT };
    default:
      return { min: DIVISORS.test(row.id) ? LEAST : 0, max: MOST };
  }
}

/** What is wrong with an own value of a row; null when it can be used. */
export function ownFault(
  row: Row,
  value: number,
): { readonly wanted: string; readonly isLow: boolean } | null {
  const { min, max } = ownLimits(row);
  if (!Number.isFinite(value)) return { wanted: 'a number', isLow: true };
  if (min !== undefined && value < min) return { wanted: String(min), isLow: true };
  return max !== undefined && value > max ? { wanted: String(max), isLow: false } : null;
}
