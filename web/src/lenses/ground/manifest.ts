import type { LensManifest } from '../../parts/lens.ts';

export const groundLens: LensManifest = {
  stage: 'ground',
  edits: ['board', 'stood', 'heaps', 'pours', 'covers', 'eyes', 'masonry', 'timber', 'backdrop'],
  keys: [
    ['arrows', 'move what is picked on the plan by a millimetre, with Shift by ten'],
    ['Page Up, Page Down', 'pull what is picked of the ground up or down by a millimetre, with Shift by ten'],
    ['R', 'turn what is picked by 15°, with Shift the other way'],
    ['Backspace', 'take what is picked off the plan'],
  ],
  load: () => import('./GroundLens.tsx'),
};
