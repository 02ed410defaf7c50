import type { LensManifest } from '../../parts/lens.ts';

export const sizeLens: LensManifest = {
  stage: 'size',
  edits: [
    'scale',
    'parts',
    'parts.*.form',
    'parts.*.bounds',
    'parts.*.pairs',
    'parts.*.count',
    'fits',
    'found',
    'references.*',
  ],
  keys: [
    ['V', 'see the part in space, and back; there, arrows turn it'],
    ['O', 'measure off a picture, and back; there, arrows and Enter set spots'],
    ['J', 'pose the part by pulling its joints, and back'],
    ['+ −', 'the line-up closer and further; focused, arrows move along it'],
    ['Tab', 'on through the measure table; Enter takes a length'],
  ],
  load: () => import('./SizeLens.tsx'),
};
