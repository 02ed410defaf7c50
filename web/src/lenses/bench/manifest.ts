import type { LensManifest } from '../../parts/lens.ts';

export const benchLens: LensManifest = {
  stage: 'bench',
  edits: ['route', 'bench'],
  keys: [
    ['P', 'save the bench sheet as PDF'],
    ['B', 'bench mode: the step alone, over all of the screen'],
  ],
  load: () => import('./BenchLens.tsx'),
};
