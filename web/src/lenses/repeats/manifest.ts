import type { LensManifest } from '../../parts/lens.ts';

export const repeatsLens: LensManifest = {
  stage: 'repeats',
  edits: ['parts.*.repeat', 'parts.*.mould'],
  keys: [
    ['M', 'one more of the set is made'],
    ['X', 'one more is made, and is no good'],
    ['← → ↑ ↓', 'in the drawing, the one that was picked, half a millimetre'],
  ],
  load: () => import('./RepeatsLens.tsx'),
};
