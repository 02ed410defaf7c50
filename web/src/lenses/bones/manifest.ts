import type { LensManifest } from '../../parts/lens.ts';

export const bonesLens: LensManifest = {
  stage: 'bones',
  edits: ['parts.*.wire', 'parts.*.runs', 'parts.*.branches', 'wireStock', 'wireSold', 'drills'],
  keys: [['J', 'pose the part by pulling its joints, and back']],
  load: () => import('./BonesLens.tsx'),
};
