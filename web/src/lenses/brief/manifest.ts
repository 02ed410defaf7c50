import type { LensManifest } from '../../parts/lens.ts';

export const briefLens: LensManifest = {
  stage: 'brief',
  edits: [
    'name',
    'brief',
    'additions',
    'decisions',
    'parts.*.features',
    'parts.*.wishes',
    'parts.*.mix',
    'references',
  ],
  keys: [],
  load: () => import('./BriefLens.tsx'),
};
