import type { LensManifest } from '../../parts/lens.ts';

export const briefLens: LensManifest = {
  stage: 'brief',
  edits: ['name', 'brief', 'additions', 'decisions', 'parts.*.features', 'parts.*.wishes', 'references'],
  keys: [],
  load: () => import('./BriefLens.tsx'),
};
