import type { PartContext } from '../../context/index.ts';
import type { RepeatRule } from '../../piece/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { LEVEL, type Place, placeNamed } from '../places.ts';
import { type AlongLine, along } from './along.ts';
import { cellsIn, type Laid, MOST_LAID, rowsOver } from './lattice.ts';

/** Lengths of one of a set, miniature mm: as it lies on a face, across, up and thick. */
export interface OneOfSet {
  readonly widthMm: number;
  readonly lengthMm: number;
  readonly thickMm: number;
}

/** A set worked out. */
export interface CountedSet {
  readonly one: OneOfSet;
  /** What it goes along or over; null for one that is only counted. */
  readonly place: Place | null;
  /** Length or area of that on the miniature, as much of it as is done; mm or mm². */
  readonly extent: number;
  readonly pitchMm: number;
  readonly exposureMm: number;
  /** On all copies of what it goes on. */
  readonly needed: number;
  readonly spares: number;
  readonly make: number;
  /** Where they go on one of what it goes on; null where they are not set out one by one. */
  readonly laid: readonly Laid[] | null;
  readonly row: AlongLine | null;
  /** The first row once more. */
  readonly doubled: number;
}

/** A set that cannot be worked out, and the way out. */
export interface UncountedSet {
  readonly says: string;
}

/** More of one part than this a piece does not hold. */
const MOST = 10_000;

/** One of the set from its own form. */
export function oneOf({ shape, shrink }: PartContext): OneOfSet {
  const [width = 0, length = 0, thick = 0] = [0, 1, 2].map(
    (k) => ((shape.box.max[k] ?? 0) - (shape.box.min[k] ?? 0)) / shrink,
  );
  return { widthMm: width, lengthMm: length, thickMm: thick };
}

/** The line or face that a rule names, in miniature mm of what it goes on. */
function placeOf(rule: RepeatRule, host: PartContext | undefined): Place | UncountedSet {
  if (rule.on === 'own')
    return rule.kind === 'along' || rule.kind === 'round'
      ? { kind: 'line', key: 'own', says: 'a line of its own', lengthMm: rule.ownMm, isClosed: false }
      : { kind: 'face', key: 'own', says: 'a face of its own', areaMm2: rule.ownCm2 * 100, outline: null };
  if (!host)
    return {
      says: 'what it goes on is not there any more: hang it on another part, or tell its own length or area',
    };
  const wanted = rule.kind === 'along' || rule.kind === 'round' ? 'line' : 'face';
  const found = placeNamed(host.part.form, host.shape, rule);
  if (found?.kind !== wanted)
    return {
      says:
        rule.on === LEVEL
          ? `${host.part.name} has nothing at that height: another height, or tell its own length`
          : `${host.part.name} has no ${wanted} of that name any more: choose another, or tell its own`,
    };
  const k = 1 / host.shrink;
  if (found.kind === 'line')
    return {
      ...found,
      lengthMm: found.lengthMm * k,
      ...(found.course && { course: found.course.map(([x, y]) => [x * k, y * k] as const) }),
    };
  return {
    ...found,
    areaMm2: found.areaMm2 * k * k,
    outline:
      found.outline?.map((rings) => rings.map((ring) => ring.map(([x, y]) => [x * k, y * k] as const))) ??
      null,
  };
}

type Placed = Pick<CountedSet, 'extent' | 'laid' | 'row' | 'doubled' | 'pitchMm' | 'exposureMm'> & {
  readonly each: number;
};

function overFace(
  rule: RepeatRule,
  place: Place & { kind: 'face' },
  pitchMm: number,
  exposureMm: number,
): Placed | UncountedSet {
  const share = rule.sharePct / 100;
  const rows = { pitchMm, exposureMm, staggered: rule.staggered, share };
  const { outline } = place;
  if (outline) {
    if (cellsIn(outline, rows) > MOST_LAID)
      return {
        says: `more than ${MOST_LAID.toLocaleString('en')} of them: a wider pitch, or only a share of it`,
      };
    const laid = rowsOver(outline, rows);
    const doubled = rule.doubleFirst ? laid.filter(({ row }) => row === 0).length : 0;
    return {
      extent: place.areaMm2 * share,
      laid,
      row: null,
      doubled,
      pitchMm,
      exposureMm,
      each: laid.length + doubled,
    };
  }
  const extent = place.areaMm2 * share;
  return {
    extent,
    laid: null,
    row: null,
    doubled: 0,
    pitchMm,
    exposureMm,
    each: Math.ceil(extent / (pitchMm * exposureMm) - 1e-9),
  };
}

function placed(
  rule: RepeatRule,
  place: Place,
  one: OneOfSet,
  shrink: number,
  usualShare: number,
): Placed | UncountedSet {
  const pitchMm = rule.pitchMm === null ? one.widthMm : rule.pitchMm / shrink;
  const exposureMm = rule.exposureMm === null ? one.lengthMm * usualShare : rule.exposureMm / shrink;
  const nothing = { laid: null, row: null, doubled: 0, pitchMm, exposureMm };
  if (!(pitchMm > 0) || !(exposureMm > 0))
    return { says: 'it has no width to go by: tell from one to the next' };
  if (place.kind === 'face' && rule.kind === 'over') return overFace(rule, place, pitchMm, exposureMm);
  if (place.kind === 'face')
    return {
      ...nothing,
      extent: (place.areaMm2 * rule.sharePct) / 100,
      each: Math.ceil((rule.perCm2 * place.areaMm2 * rule.sharePct) / 1e4 - 1e-9),
    };
  const lengthMm = (place.lengthMm * rule.sharePct) / 100;
  if (rule.kind === 'round')
    return {
      ...nothing,
      extent: lengthMm,
      pitchMm: lengthMm / rule.n,
      row: {
        count: rule.n,
        pitchMm: lengthMm / rule.n,
        atMm: Array.from({ length: rule.n }, (_, i) => (i * lengthMm) / rule.n),
        leftMm: 0,
      },
      each: rule.n,
    };
  if (lengthMm / pitchMm > MOST_LAID)
    return { says: `more than ${MOST_LAID.toLocaleString('en')} of them: a wider pitch, or a shorter line` };
  const row = along({
    lengthMm,
    isClosed: place.isClosed && rule.sharePct === 100,
    pitchMm,
    widthMm: Math.min(one.widthMm, pitchMm),
    bothEnds: rule.bothEnds,
  });
  return { ...nothing, extent: lengthMm, pitchMm: row.pitchMm, row, each: row.count };
}

/** How many of a part its rule asks for, where they go, and how many are made; or why that cannot be said. */
export function countSet(
  context: PartContext,
  rule: RepeatRule,
  host: PartContext | undefined,
): CountedSet | UncountedSet {
  const one = oneOf(context);
  const times = host?.part.count ?? 1;
  const sparePct = rule.sparePct ?? sourced('repeats.spares', context.own).value;
  const done = (
    each: number,
    rest: Omit<CountedSet, 'one' | 'needed' | 'spares' | 'make'>,
  ): CountedSet | UncountedSet => {
    const needed = each * times;
    const spares = Math.ceil((needed * sparePct) / 100 - 1e-9);
    if (needed === 0) return { says: 'not one of them has room there: a smaller one, or a longer line' };
    if (needed + spares > MOST)
      return {
        says: `${(needed + spares).toLocaleString('en')} of them is more than a piece holds (${MOST.toLocaleString('en')}): a wider pitch, or only a share of it`,
      };
    return { one, needed, spares, make: needed + spares, ...rest };
  };
  if (rule.kind === 'counted')
    return done(rule.n, {
      place: null,
      extent: 0,
      pitchMm: 0,
      exposureMm: 0,
      laid: null,
      row: null,
      doubled: 0,
    });
  const place = placeOf(rule, host);
  if (!('kind' in place)) return place;
  const put = placed(rule, place, one, context.shrink, sourced('repeats.exposure', context.own).value / 100);
  if ('says' in put) return put;
  const { each, ...rest } = put;
  return done(each, { place, ...rest });
}
