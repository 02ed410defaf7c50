import type { LensManifest } from '../../parts/lens.ts';

export const bulkLens: LensManifest = {
  stage: 'bulk',
  edits: ['clays', 'parts.*.core', 'parts.*.mix', 'parts.*.regions', 'parts.*.inserts'],
  keys: [
    ['T', 'the thickness of the clay everywhere, and back to the section'],
    ['V', 'the part in space, peeled, and back to the section'],
  ],
  load: () => import('./BulkLens.tsx'),
};
