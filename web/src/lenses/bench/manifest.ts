import type { LensManifest } from '../../parts/lens.ts';

export const benchLens: LensManifest = {
  stage: 'bench',
  edits: ['route'],
  keys: [['P', 'save the bench sheet as PDF']],
  load: () => import('./BenchLens.tsx'),
};
