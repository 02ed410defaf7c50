import type { LensManifest } from '../../parts/lens.ts';

export const repeatsLens: LensManifest = {
  stage: 'repeats',
  edits: ['parts.*.repeat', 'parts.*.mould', 'parts.*.pattern'],
  keys: [
    ['M', 'one more of the set is made'],
    ['X', 'one more is made, and is no good'],
    ['arrows', 'move the one that was picked in the drawing, by half a millimetre'],
  ],
  load: () => import('./RepeatsLens.tsx'),
};
