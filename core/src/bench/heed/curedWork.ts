import type { CuredWork, RouteStep } from '../../piece/index.ts';
import { type OwnValues, sourced } from '../../reckoning/index.ts';
import type { Finding } from './finding.ts';

/** What a work on cured clay is called, and the cautions of it (common practice). */
export const WORKS: Readonly<
  Record<CuredWork, { readonly says: string; readonly size: string; readonly care: string }>
> = {
  sand: { says: 'sand', size: 'taken off', care: 'sand it wet, and wear a mask against the dust' },
  file: { says: 'file', size: 'taken off', care: 'file one way, and wear a mask against the dust' },
  carve: { says: 'carve', size: 'depth', care: 'cut away from the hand that holds it' },
  drill: {
    says: 'drill',
    size: 'hole',
    care: 'turn it by hand, clear the hole often, and hold the piece in a cloth',
  },
  cut: { says: 'cut', size: 'cut through', care: 'warm it first, a new blade, the free hand behind it' },
  snip: { says: 'snip', size: 'cut through', care: 'shield the eyes: the end flies' },
  fill: { says: 'fill', size: 'gap', care: 'clean and roughen what it is to hold on' },
};

/** What the work is done in: the clay there, miniature mm. */
export interface WorkedPlace {
  /** How thick the thing is where it is thinnest there. */
  readonly thickMm: number;
  /** Clay over its core, or over its wire, whichever is nearer; null for solid clay. */
  readonly skinMm: number | null;
  /** The wire that runs there; null where there is none. */
  readonly wireMm: number | null;
  /** What goes into a hole there, as it is wide; null where that is not known. */
  readonly pegMm: number | null;
  /** Clearance that a glued peg wants round it. */
  readonly clearanceMm: number;
}

const mm = (value: number) => `${value.toFixed(1)} mm`;

function heedDrill(hole: number, place: WorkedPlace, own: OwnValues): Finding[] {
  const least = sourced('cured.wall', own).value;
  const wall = (place.thickMm - hole) / 2;
  const found: Finding[] = [];
  if (wall < 0)
    found.push({
      level: 'stop',
      says: `a hole of ${mm(hole)} is wider than the ${mm(place.thickMm)} there`,
      waysOut: [{ says: 'take a thinner pin, or drill before the bake' }],
    });
  else if (wall < least)
    found.push({
      level: 'doubtful',
      says: `${mm(wall)} of clay is left round the hole, ${mm(least)} is wanted: it may break out`,
      waysOut: [
        { says: `drill ${mm(Math.max(0.3, place.thickMm - 2 * least))} or less` },
        { says: 'soak the place with thin superglue first' },
      ],
    });
  if (place.wireMm !== null && place.skinMm !== null)
    found.push({
      level: 'doubtful',
      says: `a wire of ${mm(place.wireMm)} runs there, ${mm(place.skinMm)} under the surface`,
      waysOut: [{ says: 'drill beside it, or no deeper than the clay over it' }],
    });
  if (place.pegMm !== null && hole > place.pegMm + place.clearanceMm + 0.05) {
    const over = hole - place.pegMm;
    found.push({
      level: 'doubtful',
      says: `${mm(over)} wider than what goes in`,
      waysOut: [
        {
          says: `wind ${Math.max(1, Math.round(over / 2 / sourced('fit.tape', own).value))} turns of tape or card round the pin as a shim`,
        },
        { says: 'set it in putty or liquid clay' },
        { says: `take a pin of ${mm(hole - place.clearanceMm)}` },
      ],
    });
  }
  return found;
}

function heedCut(work: 'cut' | 'snip', through: number, own: OwnValues): Finding[] {
  const most = sourced(work === 'snip' ? 'cured.snip' : 'cured.blade', own).value;
  if (through <= most) return [];
  return [
    {
      level: 'doubtful',
      says: `${mm(through)} chips when it is ${work === 'snip' ? 'snipped' : 'cut with a blade'}: up to ${mm(most)} goes clean`,
      waysOut: [
        ...(work === 'snip' ? [{ says: 'cut it with a warmed blade' }] : []),
        { says: 'saw it with a fine blade, and file it' },
      ],
    },
  ];
}

function heedTakenOff(depth: number, place: WorkedPlace, own: OwnValues): Finding[] {
  const found: Finding[] = [];
  if (place.skinMm !== null && depth >= place.skinMm)
    found.push({
      level: 'stop',
      says: `${mm(depth)} goes through the ${mm(place.skinMm)} of clay to what is under it`,
      waysOut: [{ says: 'take off less, or lay clay over it and bake again' }],
    });
  const least = sourced('cured.wall', own).value;
  if (place.thickMm - depth < least)
    found.push({
      level: 'doubtful',
      says: `${mm(Math.max(0, place.thickMm - depth))} is left of it: it may break`,
      waysOut: [{ says: 'back it with liquid clay before, and bake it' }],
    });
  return found;
}

function heedFill(gap: number, after: readonly RouteStep[], own: OwnValues): Finding[] {
  const narrow = gap <= sourced('cured.gap', own).value;
  const bakes = after.some(({ kind }) => kind === 'bake');
  const says = narrow ? 'liquid clay fills it' : 'clay pressed in, or putty';
  return [
    bakes
      ? { level: 'good', says: `${says}; the next bake cures it`, waysOut: [] }
      : {
          level: 'doubtful',
          says: `${says}, but no bake comes after`,
          waysOut: [
            { says: 'fill it with putty that sets cold' },
            { says: 'put a short bake behind it, its own paint still to come' },
          ],
        },
  ];
}

/**
 * What is to be heeded of work on cured clay where it is done.
 *
 * @param after steps of the same parts that come later, in order
 */
export function heedCuredWork(
  step: RouteStep,
  after: readonly RouteStep[],
  place: WorkedPlace,
  own: OwnValues,
): Finding[] {
  if (step.kind !== 'sand') return [];
  const { work, sizeMm } = step;
  const care: Finding = { level: 'good', says: WORKS[work].care, waysOut: [] };
  if (work === 'file' && sizeMm === null)
    return [
      {
        level: 'good',
        says: `leave ${mm(sourced('cured.file', own).value)} on to be filed off`,
        waysOut: [],
      },
      care,
    ];
  if (sizeMm === null || sizeMm === 0) return [care];
  switch (work) {
    case 'drill':
      return [...heedDrill(sizeMm, place, own), care];
    case 'cut':
    case 'snip':
      return [...heedCut(work, sizeMm, own), care];
    case 'sand':
    case 'file':
    case 'carve':
      return [...heedTakenOff(sizeMm, place, own), care];
    case 'fill':
      return [...heedFill(sizeMm, after, own), care];
  }
}
