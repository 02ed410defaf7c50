import { extentOf, type Outline, type Ring, type Vec2, without } from '../../form/index.ts';
import type { MasonryOpening } from '../../piece/index.ts';
import { headerMm } from './bonds.ts';
import type { LayAsk } from './layUnits.ts';

/** An opening in courses with what carries them over it; miniature mm from the lower left corner of the face. */
export interface SpannedOpening {
  readonly id: string;
  readonly hole: Ring;
  /** The wedge-shaped stones of an arch from its left foot to its right, or the one lintel. */
  readonly carriers: readonly Ring[];
  /** All that the courses leave free: the hole and what spans it, with the joint round that. */
  readonly taken: Ring;
  /** Of an arch: how wide its stones are within and without; null for a lintel. */
  readonly wedgeMm: readonly [number, number] | null;
}

/** Corners that half a circle is drawn with. */
const ARC = 48;
/** A lintel lies on the wall by so much on either side, in parts of its own unit’s length: 150 mm beside 215 (common practice). */
export const BEARING = 150 / 215;

function rectangle(left: number, bottom: number, right: number, top: number): Ring {
  return [
    [left, bottom],
    [right, bottom],
    [right, top],
    [left, top],
  ];
}

function onCircle([x, y]: Vec2, radius: number, turn: number): Vec2 {
  return [x - radius * Math.cos(turn), y + radius * Math.sin(turn)];
}

/** Up one side of an opening, over its half circle, and down the other. */
function roundHeaded(middle: Vec2, radius: number, foot: number): Ring {
  const [x] = middle;
  const arc = Array.from({ length: ARC + 1 }, (_, i) => onCircle(middle, radius, (Math.PI * i) / ARC));
  return [[x - radius, foot], ...arc, [x + radius, foot]];
}

/** How many stones a half circle takes: as many as have room within it, an odd number, so that one is the key. */
export function voussoirs(
  radiusMm: number,
  { heightMm, jointMm }: Pick<LayAsk, 'heightMm' | 'jointMm'>,
): number {
  const room = (Math.PI * radiusMm) / (heightMm + jointMm);
  return Math.max(1, 2 * Math.floor((room - 1) / 2) + 1);
}

/**
 * An opening at the size of the miniature with its arch of one ring of ends, or its lintel.
 *
 * @param ratio of the scale: the opening is told in life
 * @param corner lower left of the face
 * @throws {RangeError} for an arch that is lower than half its width
 */
export function spanned(
  opening: MasonryOpening,
  size: Pick<LayAsk, 'lengthMm' | 'heightMm' | 'jointMm'>,
  ratio: number,
  [left, bottom]: Vec2,
): SpannedOpening {
  const [wide, high] = [opening.widthMm / ratio, opening.heightMm / ratio];
  const middle = left + opening.middleMm / ratio;
  const foot = bottom + opening.sillMm / ratio;
  const { jointMm: joint } = size;
  const half = wide / 2;
  if (opening.head === 'lintel') {
    const over = foot + high;
    const bearing = size.lengthMm * BEARING;
    const lintel = rectangle(middle - half - bearing, over, middle + half + bearing, over + size.heightMm);
    return {
      id: opening.id,
      hole: rectangle(middle - half, foot, middle + half, over),
      carriers: [lintel],
      taken: [
        [middle - half, foot],
        [middle + half, foot],
        [middle + half, over],
        [middle + half + bearing, over],
        [middle + half + bearing, over + size.heightMm + joint],
        [middle - half - bearing, over + size.heightMm + joint],
        [middle - half - bearing, over],
        [middle - half, over],
      ],
      wedgeMm: null,
    };
  }
  if (high < half) throw new RangeError('a half circle is half as high as it is wide');
  const springs: Vec2 = [middle, foot + high - half];
  const outer = half + headerMm(size);
  const count = voussoirs(half, size);
  const each = Math.PI / count;
  // The joint has one width from the inside to the outside; the stones are wedges.
  const gap = (radius: number) => joint / radius / 2;
  const carriers = Array.from({ length: count }, (_, i): Ring => {
    const [from, to] = [i * each, (i + 1) * each];
    return [
      onCircle(springs, half, from + gap(half)),
      onCircle(springs, outer, from + gap(outer)),
      onCircle(springs, outer, to - gap(outer)),
      onCircle(springs, half, to - gap(half)),
    ];
  });
  // Beside the opening the courses come up to its jamb, over its springing to the back of the arch.
  const back = roundHeaded(springs, outer + joint, springs[1]).slice(1, -1);
  return {
    id: opening.id,
    hole: roundHeaded(springs, half, foot),
    carriers,
    taken: [
      [middle - half, foot],
      [middle - half, springs[1]],
      ...back,
      [middle + half, springs[1]],
      [middle + half, foot],
    ],
    wedgeMm: [each * half - joint, each * outer - joint],
  };
}

/** Whether an opening with all that spans it lies on the face. */
export function liesOn(outline: Outline, { taken }: SpannedOpening): boolean {
  const [left, bottom, right, top] = extentOf(outline);
  const [l, b, r, t] = extentOf([[taken]]);
  return l >= left - 1e-6 && r <= right + 1e-6 && b >= bottom - 1e-6 && t <= top + 1e-6;
}

/** A face without its openings, what spans them, and the stones of its corners: what is left for courses. */
export function leftForCourses(
  outline: Outline,
  openings: readonly Pick<SpannedOpening, 'taken'>[],
  quoins: readonly Pick<SpannedOpening, 'taken'>[] = [],
): Outline {
  return [...openings, ...quoins].reduce((rest, { taken }) => without(rest, [[taken]]), outline);
}
