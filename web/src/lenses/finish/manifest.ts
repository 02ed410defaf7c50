import type { LensManifest } from '../../parts/lens.ts';

export const finishLens: LensManifest = {
  stage: 'finish',
  edits: ['zones', 'joints', 'coatRules', 'pots', 'paintMixes'],
  keys: [
    ['arrows', 'turn the form that is painted'],
    ['− +', 'nearer and farther'],
  ],
  load: () => import('./FinishLens.tsx'),
};
