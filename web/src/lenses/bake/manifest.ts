import type { LensManifest } from '../../parts/lens.ts';

export const bakeLens: LensManifest = {
  stage: 'bake',
  edits: ['oven', 'parts.*.stuff', 'parts.*.afterBake'],
  keys: [],
  load: () => import('./BakeLens.tsx'),
};
