import type { LensManifest } from '../../parts/lens.ts';

export const logLens: LensManifest = {
  stage: 'log',
  edits: ['log'],
  keys: [
    ['B', 'record a bake'],
    ['M', 'record a measure'],
  ],
  load: () => import('./LogLens.tsx'),
};
