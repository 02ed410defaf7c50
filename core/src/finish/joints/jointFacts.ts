import type { Given, PartContext } from '../../context/index.ts';
import { feetOf, topOf } from '../../fits/index.ts';
import { areaOf, type Ring } from '../../form/index.ts';
import type { Fit, FitKind, Joint, Piece } from '../../piece/index.ts';
import { bodyOfPart } from '../zones/zoneFacts.ts';
import type { JointAsk, Side } from './glues.ts';

/** Fits in which two things are put together for good, or so that they come apart. */
export const JOINED_FITS: readonly FitKind[] = [
  'sits-on',
  'rides',
  'goes-into',
  'pegged-into',
  'covers',
  'held-by',
];

export function isJoined({ kind }: Pick<Fit, 'kind'>): boolean {
  return JOINED_FITS.includes(kind);
}

/** A fit with what its joint follows from. */
export interface JointFacts extends JointAsk {
  readonly fit: string;
  /** What is put on, and what it is put on. */
  readonly part: PartContext;
  readonly on: PartContext;
  /** Where they touch by their solids, mm². */
  readonly touchMm2: number;
  /** From the joint to the far end of what is put on, miniature mm. */
  readonly reachMm: number;
  readonly isHandled: boolean;
}

const ringMm2 = (ring: Ring) => (ring.length < 3 ? 0 : Math.abs(areaOf([[ring]])));

/** The least section of a part across its longest side, taken as the box of its solid filled as far as the solid fills it. */
function leastSectionMm2({ shape, shrink }: PartContext): number {
  const { min, max } = shape.box;
  const longest = Math.max(max[0] - min[0], max[1] - min[1], max[2] - min[2]);
  return longest > 0 ? shape.volumeMm3 / longest / shrink ** 2 : 0;
}

/** Where two things touch: what stands on another by its feet, all else by the slimmer of the two. */
function touch({ kind }: Fit, part: PartContext, on: PartContext): number {
  if (kind === 'sits-on' || kind === 'rides' || kind === 'covers') {
    const [feet, top] = [ringMm2(feetOf(part)), ringMm2(topOf(on))];
    const both = [feet, top].filter((mm2) => mm2 > 0);
    if (both.length > 0) return Math.min(...both);
  }
  return Math.min(leastSectionMm2(part), leastSectionMm2(on));
}

function sideOf(context: PartContext): Side {
  const { state, name } = context.part;
  const body = bodyOfPart(context);
  return {
    name,
    body,
    isRaw: body === 'clay' && (state === 'planned' || state === 'raw'),
    closedBy: state === 'painted' ? 'earlier paint' : null,
  };
}

function isHandled({ brief }: Piece): boolean {
  return brief.purpose === 'handled' || brief.purpose === 'worn';
}

/** What the joint of a fit follows from; null where one of its parts cannot be built. */
export function jointFacts(given: Given, fit: Fit, joint: Joint | undefined): JointFacts | null {
  const [part, on] = [given.contexts.get(fit.part), given.contexts.get(fit.on)];
  if (!part || !on) return null;
  const { min, max } = part.shape.box;
  return {
    fit: fit.id,
    part,
    on,
    sides: [sideOf(part), sideOf(on)],
    gapMm: joint?.gapMm ?? null,
    comesApart: joint?.comesApart ?? false,
    // Joints come behind the bakes in the route; what does not bear one is told there.
    bakesAfter: false,
    touchMm2: touch(fit, part, on),
    reachMm: Math.max(max[0] - min[0], max[1] - min[1], max[2] - min[2]) / part.shrink,
    isHandled: isHandled(given.context.piece),
  };
}
