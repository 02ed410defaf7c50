import type { Given } from '../context/index.ts';

/** What a small child can choke on goes into a cylinder so wide and so deep, mm (16 CFR 1501.4). */
export const SMALL_PARTS = { acrossMm: 31.7, deepMm: 57.1 } as const;

/** Words for a child in what is said of who handles it. */
const CHILD = /\b(child|children|kids?|toddlers?|baby|babies|grandchild\w*|daughter|son)\b/i;

/** What breaks first when the piece is stored or carried. */
export interface Fragile {
  readonly part: string;
  readonly says: string;
}

/** How to store and carry a piece, and whom to keep it from. */
export interface Carry {
  readonly fragile: readonly Fragile[];
  /** Parts that a small child could swallow, as they come off. */
  readonly swallowed: readonly string[];
  readonly magnets: boolean;
  /** A child will have it in its hands, by what is said of who handles it. */
  readonly forChildren: boolean;
  /** What it is held by; null where it stands on nothing. */
  readonly heldBy: 'base' | null;
}

/**
 * Whether something may fit whole into the cylinder for small parts, lying any way: as if it were round across, so that rather
 * one too many is named.
 *
 * @param sizesMm three sizes, mm
 * @example isSmallPart([30, 20, 5]) // true
 */
export function isSmallPart(sizesMm: readonly [number, number, number]): boolean {
  const [, across = 0, long = 0] = sizesMm.toSorted((a, b) => a - b);
  return across <= SMALL_PARTS.acrossMm && long <= SMALL_PARTS.deepMm;
}

/** What to know when the piece is put away, packed or handed over. */
export function carryOf(given: Given): Carry {
  const { piece } = given.context;
  const fragile = piece.parts.flatMap(({ id }): Fragile[] => {
    const verdict = given.find(id, 'bulk.thin')?.verdict;
    return verdict && verdict.level !== 'good' ? [{ part: id, says: verdict.says }] : [];
  });
  const swallowed = piece.parts.flatMap(({ id }) => {
    const [high, wide, deep] = ['height', 'width', 'depth'].map(
      (key) => given.find(id, `size.${key}`)?.quantity.value,
    );
    return high !== undefined && wide !== undefined && deep !== undefined && isSmallPart([high, wide, deep])
      ? [id as string]
      : [];
  });
  return {
    fragile,
    swallowed,
    magnets: piece.parts.some(
      ({ stuff, inserts }) => stuff === 'magnet' || inserts.some((one) => one.stuff === 'magnet'),
    ),
    forChildren: CHILD.test(piece.brief.handledBy),
    heldBy: piece.stood.length > 0 || piece.fits.some(({ kind }) => kind === 'sits-on') ? 'base' : null,
  };
}
