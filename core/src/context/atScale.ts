import { resolveScale, type Scale } from '../scale/index.ts';
import type { PartContext } from './context.ts';
import { heroicOf } from './heroic.ts';
import { reckonScale } from './scaleFigure.ts';
import type { Given } from './subject.ts';

/**
 * The parts of a piece as they would be at another scale.
 *
 * @throws {ScaleError} for a scale that is none
 */
export function contextsAtScale({ contexts, shapes }: Given, scale: Scale): ReadonlyMap<string, PartContext> {
  const resolved = resolveScale(scale);
  const figure = reckonScale(scale, resolved);
  return new Map(
    [...contexts].map(([id, { part, piece, own, now }]) => [
      id,
      {
        part,
        piece,
        own,
        now,
        scale: resolved,
        scaleFigure: figure,
        shape: shapes.shapeOf(part.form, heroicOf(resolved.heroic, own)),
        shrink: part.sized === 'life' ? resolved.ratio : 1,
      },
    ]),
  );
}
