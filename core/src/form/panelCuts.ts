import { extentOf, polygonOf, rectangle, uniteAreas } from './outline.ts';
import { panelsIn, slopeOf } from './panels.ts';
import type { Outline, PanelsForm, WallName } from './types.ts';

/** How an edge of a panel is cut, degrees off square; edges that are not named are square. */
export interface Bevel {
  readonly edge: 'one end' | 'both ends' | 'top' | 'ridge';
  readonly degrees: number;
}

/** A flat piece to be cut, by its outer face. */
export interface PanelCut {
  readonly name: string;
  /** The outer face, openings left out. */
  readonly face: Outline;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly openings: number;
  readonly bevels: readonly Bevel[];
}

/** Walls that a wall meets at its ends. */
const BESIDE: Readonly<Record<WallName, readonly [WallName, WallName]>> = {
  front: ['left', 'right'],
  back: ['left', 'right'],
  left: ['back', 'front'],
  right: ['back', 'front'],
};

function degreesOf(slope: number): number {
  return (Math.atan(slope) * 180) / Math.PI;
}

/** Mitres share a corner between both walls, so that the outer faces run the whole length. */
function wallCut(form: PanelsForm, wall: WallName, face: Outline): PanelCut {
  const [left, bottom, right, top] = extentOf(face);
  const isSide = wall === 'left' || wall === 'right';
  const meets = BESIDE[wall].filter((other) => form.walls.includes(other)).length;
  const mitred = form.joint === 'mitre' && meets > 0;
  const bevels: Bevel[] = [];
  if (mitred) bevels.push({ edge: meets === 2 ? 'both ends' : 'one end', degrees: 45 });
  if (isSide && slopeOf(form) > 0) bevels.push({ edge: 'top', degrees: degreesOf(slopeOf(form)) });
  // The outer face of a mitred side wall runs on to the corners.
  const long = (end: WallName) => (mitred && isSide && form.walls.includes(end) ? form.thicknessMm : 0);
  // The wall under the high side of a lean-to is lower inside: its outer face reaches up to the roof.
  const outerTop = wall === 'right' && form.roof === 'lean-to' ? top + form.thicknessMm * slopeOf(form) : top;
  const strip = (from: number, to: number): Outline =>
    to > from ? polygonOf(rectangle(from, bottom, to, outerTop)) : [];
  const [start, end] = [left - long('back'), right + long('front')];
  const upper: Outline = outerTop > top ? polygonOf(rectangle(left, top, right, outerTop)) : [];
  return {
    name: `${wall} wall`,
    face:
      start < left || end > right || outerTop > top
        ? uniteAreas([face, strip(start, left), strip(right, end), upper])
        : face,
    widthMm: end - start,
    heightMm: outerTop - bottom,
    openings: form.openings.filter((one) => one.wall === wall).length,
    bevels,
  };
}

/**
 * The panels of a form as they are cut, floor first, then walls, then roof.
 *
 * @throws {FormError} naming the field
 */
export function panelCuts(form: PanelsForm): PanelCut[] {
  const slope = slopeOf(form);
  return panelsIn(form).map(({ name, face, thicknessMm }) => {
    const [left, bottom, right, top] = extentOf(face);
    const wall = form.walls.find((one) => name === `${one} wall`);
    if (wall) return wallCut(form, wall, face);
    if (name === 'floor' || form.roof === 'flat')
      return { name, face, widthMm: right - left, heightMm: top - bottom, openings: 0, bevels: [] };
    // A sloping slab is drawn in section: it is as long as the building, and as high as its slope.
    const across = form.roof === 'gable' ? form.widthMm / 2 + form.eavesMm : form.widthMm + 2 * form.eavesMm;
    const slopes = across * Math.hypot(1, slope);
    return {
      name,
      face: polygonOf(rectangle(0, 0, thicknessMm, slopes)),
      widthMm: thicknessMm,
      heightMm: slopes,
      openings: 0,
      bevels: form.roof === 'gable' ? [{ edge: 'ridge', degrees: degreesOf(slope) }] : [],
    };
  });
}
