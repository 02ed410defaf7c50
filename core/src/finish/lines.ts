import type { Given } from '../context/index.ts';
import { coatRow } from './coats/coats.ts';
import { LAYER_SAYS } from './layers/orderOf.ts';
import { zonesOfPiece } from './reckoners.ts';

/** Layers of every surface from the body up, as the command line prints them: one surface a line. */
export function finishLines(given: Given, only: string | undefined): readonly string[] {
  return given
    .piece(zonesOfPiece)
    .zones.filter(({ part }) => only === undefined || part === only)
    .map(({ name, layers }) => {
      const said = layers.map(({ kind, of, coats }) => {
        const stuff = of === null ? '' : ` (${coatRow(of).title}${coats > 1 ? ` × ${coats}` : ''})`;
        return `${LAYER_SAYS[kind]}${stuff}`;
      });
      return `${name}: ${said.length > 0 ? said.join(', ') : 'left as it is'}`;
    });
}
