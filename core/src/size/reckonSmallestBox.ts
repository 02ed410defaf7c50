import type { PartContext } from '../context/index.ts';
import { buildSolid, smallestBox } from '../form/index.ts';
import { figure, type Reckoning } from '../reckoning/index.ts';
import { LOOKED_FOR } from './figures.ts';
import { frameUnit, overScale, throughScale } from './frame.ts';

/** Cells that the surface is taken from: its vertices are then within a hundredth of the part's length. */
const CELLS = 60_000;
const SIDES = [
  ['long', 'longest'],
  ['middle', 'middle'],
  ['short', 'shortest'],
] as const;

/**
 * Sides of the smallest box, turned any way, that a part goes into. It takes some tenths of a second, so it is not among
 * the figures that follow every key press.
 */
export function reckonSmallestBox(context: PartContext): Reckoning[] {
  const over = overScale(context);
  const { sides } = smallestBox(buildSolid(context.shape, CELLS, null).skin.positions);
  return SIDES.map(([key, says], k) => {
    const lengthMm = sides[k] ?? 0;
    return figure(LOOKED_FOR.smallestBox, {
      at: key,
      part: context.part.id,
      title: `Smallest box, ${says} side`,
      ...throughScale(context, lengthMm),
      formula: `b = L${over.formula}`,
      terms: [
        {
          symbol: 'L',
          name: `The ${says} side of the smallest box round the form, turned any way`,
          quantity: { value: lengthMm, unit: frameUnit(context) },
          origin: { kind: 'shape', says: 'looked for over turns of the form; to 2 %' },
        },
        ...over.terms,
      ],
    });
  });
}
