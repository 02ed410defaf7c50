export { usualFeatures } from './features.ts';
export { reckonAdditions } from './reckonAdditions.ts';
export { reckonBrief } from './reckonBrief.ts';
export { reckonFeatures } from './reckonFeatures.ts';
