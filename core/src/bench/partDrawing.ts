import type { PartContext, PartFacts } from '../context/index.ts';
import { type DrawItem, type Drawing, dimension, moved, scaledOutline } from '../drawing/index.ts';
import { extentOf, type Outline, type View, viewTitle } from '../form/index.ts';
import { formatMiniMm, miniMm } from '../units/index.ts';

/** Room round a figure for its dimension lines and title, mm. */
const PAD = { left: 12, right: 6, below: 10, above: 9 };

function outlineItems(
  { shrink, part }: PartFacts,
  seen: Outline,
): { items: DrawItem[]; width: number; height: number } {
  const outline = scaledOutline(seen, 1 / shrink);
  const [left, bottom, right, top] = extentOf(outline);
  const size = (from: number, to: number) => formatMiniMm(miniMm(to - from));
  const items: DrawItem[] = [
    {
      kind: 'area',
      outline,
      material: part.mix.length > 0 ? 'raw-clay' : 'wood',
      weight: 'thick',
      part: part.id,
    },
    ...dimension([left, bottom], [left, top], 6, size(bottom, top)),
    ...dimension([left, bottom], [right, bottom], -7, size(left, right)),
  ];
  return {
    items: items.map((item) => moved(item, [PAD.left - left, PAD.below - bottom])),
    width: right - left,
    height: top - bottom,
  };
}

/**
 * A part at the size of the clay, seen from the front or the side, with its height and width.
 *
 * @returns a drawing in millimetres, titled with the part’s name
 */
export function partDrawing(context: PartContext, view: View): Drawing {
  return seenDrawing(context, context.shape.outline(view), viewTitle(context.part.form, view));
}

/**
 * What a part covers seen from anywhere, at the size of the clay.
 *
 * @param seen in the part's frame
 * @param from said after the part's name
 */
export function seenDrawing(context: PartFacts, seen: Outline, from: string): Drawing {
  const { items, width, height } = outlineItems(context, seen);
  const count = context.part.count === 1 ? '' : ` × ${context.part.count}`;
  const title: DrawItem = {
    kind: 'text',
    at: [2, PAD.below + height + 4],
    text: `${context.part.name}${count}, ${from}`,
    size: 2.5,
    anchor: 'start',
    face: 'words',
  };
  return {
    widthMm: Math.max(PAD.left + width + PAD.right, 46),
    heightMm: PAD.below + height + PAD.above,
    items: [...items, title],
  };
}
