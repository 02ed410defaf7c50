export { lowWaterFerry } from './ferry.ts';
export { tollFrogs } from './frogs.ts';
