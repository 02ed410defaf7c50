export { reckonBrief } from './reckonBrief.ts';
