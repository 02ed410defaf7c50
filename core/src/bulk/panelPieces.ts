import type { PartFacts } from '../context/index.ts';
import { scaledOutline } from '../drawing/index.ts';
import { type Bevel, panelCuts } from '../form/index.ts';
import { type RollerSetting, rollerSettings } from './roller.ts';
import type { FlatPiece } from './sheetNest.ts';

/** How the edges of a panel are cut, in words: `both ends 45°, ridge 37°`. */
function edgesSay(bevels: readonly Bevel[]): string {
  return bevels.map(({ edge, degrees }) => `${edge} ${Math.round(degrees)}°`).join(', ');
}

/** The panels of one of a part as they are cut, miniature mm; empty for a form of another kind. */
export function panelPieces({ part, shrink }: PartFacts): FlatPiece[] {
  if (part.form.kind !== 'panels') return [];
  return panelCuts(part.form).map(({ name, face, bevels }) => ({
    name,
    edges: edgesSay(bevels),
    outline: scaledOutline(face, 1 / shrink),
  }));
}

/** How a thickness is rolled: one sheet, or several of one setting laid together. */
export interface Layers {
  readonly setting: RollerSetting;
  readonly count: number;
  readonly thicknessMm: number;
}

/** Most sheets that are laid together, and how far off the thickness may be before one more is worth it. */
const MOST_LAYERS = 8;
const NEAR = 0.06;

/** The fewest sheets of one setting that come near a thickness. */
export function layersFor(own: PartFacts['own'], thicknessMm: number): Layers | null {
  const settings = rollerSettings(own);
  let best: Layers | null = null;
  const off = (layers: Layers) => Math.abs(layers.thicknessMm / thicknessMm - 1);
  for (let count = 1; count <= MOST_LAYERS; count += 1) {
    for (const setting of settings) {
      const layers = { setting, count, thicknessMm: setting.thicknessMm * count };
      if (!best || off(layers) < off(best)) best = layers;
    }
    if (best && off(best) <= NEAR) return best;
  }
  return best;
}
