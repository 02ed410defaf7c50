import type { PartContext } from '../context/index.ts';
import { type DrawItem, moved, scaledOutline } from '../drawing/index.ts';
import { extentOf } from '../form/index.ts';

interface Size {
  readonly context: PartContext;
  /** Extent from the front, miniature mm. */
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly bottom: number;
}

/** A part in its place on a common ground line. */
export interface Stand extends Size {
  /** Paper mm from the left end of the ground. */
  readonly middle: number;
}

/** How parts share the ground, paper mm. */
export interface Ground {
  /** Between two parts. */
  readonly gap: number;
  /** That a part has at the least, however narrow. */
  readonly least: number;
  /** Before the first part, over and above the gap. */
  readonly before: number;
}

/** Largest scale at which all parts, none narrower than the least ground, go side by side; found by halving. */
function fitAlong(parts: readonly Size[], room: number, least: number): number {
  const wide = Math.max(
    1e-6,
    parts.reduce((sum, { width }) => sum + width, 0),
  );
  let [low, high] = [0, room / wide];
  for (let i = 0; i < 30; i += 1) {
    const per = (low + high) / 2;
    const taken = parts.reduce((sum, { width }) => sum + Math.max(width * per, least), 0);
    if (taken > room) high = per;
    else low = per;
  }
  return low;
}

/**
 * Stands parts side by side on one ground line, as large as a room allows.
 *
 * @param room length of the ground, paper mm
 * @param tall height above it, paper mm
 * @returns the parts in their order, and paper mm per miniature mm
 */
export function standSideBySide(
  contexts: readonly PartContext[],
  room: number,
  tall: number,
  ground: Ground,
): Row {
  const parts = contexts.map(sizeOf);
  const leastGap = Math.min(ground.gap, (0.3 * room) / (parts.length + 1));
  const shared = room - ground.before - leastGap * (parts.length + 1);
  const least = Math.min(ground.least, (0.5 * shared) / Math.max(1, parts.length));
  const tallest = Math.max(1e-6, ...parts.map(({ height }) => height));
  const per = Math.min(fitAlong(parts, shared, least), tall / tallest);
  // What length is left over spreads the parts.
  const taken = parts.reduce((sum, { width }) => sum + Math.max(width * per, least), 0);
  const gap = leastGap + Math.max(0, shared - taken) / (parts.length + 1);
  return spread(parts, per, least, gap, ground.before);
}

/** Stands parts side by side at a given size, on as much ground as that takes. */
export function standAt(contexts: readonly PartContext[], per: number, ground: Ground): Row {
  return spread(contexts.map(sizeOf), per, ground.least, ground.gap, ground.before);
}

/** Parts in a row. */
export interface Row {
  /** Paper mm to a miniature mm. */
  readonly per: number;
  readonly stands: readonly Stand[];
  /** Length of ground they take, and height of the tallest, paper mm. */
  readonly lengthMm: number;
  readonly tallMm: number;
}

function spread(parts: readonly Size[], per: number, least: number, gap: number, before: number): Row {
  let x = before + gap;
  const stands = parts.map((part): Stand => {
    const wide = Math.max(part.width * per, least);
    const middle = x + wide / 2;
    x += wide + gap;
    return { ...part, middle };
  });
  return { per, stands, lengthMm: x, tallMm: per * Math.max(0, ...parts.map(({ height }) => height)) };
}

function sizeOf(context: PartContext): Size {
  const [left, bottom, right, top] = extentOf(context.shape.outline('front'));
  const by = 1 / context.shrink;
  return {
    context,
    width: (right - left) * by,
    height: (top - bottom) * by,
    left: left * by,
    bottom: bottom * by,
  };
}

/** A standing part as an area of the drawing; it bears the part's id. */
export function areaOf(stand: Stand, per: number, left: number, ground: number): DrawItem {
  const { context, middle, width } = stand;
  const area: DrawItem = {
    kind: 'area',
    outline: scaledOutline(context.shape.outline('front'), per / context.shrink),
    material: context.part.mix.length > 0 ? 'raw-clay' : 'wood',
    weight: 'thin',
    part: context.part.id,
  };
  const edge = left + middle - (width * per) / 2;
  return moved(area, [edge - stand.left * per, ground - stand.bottom * per]);
}
