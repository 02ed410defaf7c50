export { lowWaterFerryBegun } from './begun.ts';
export { lowWaterFerry } from './ferry.ts';
export { tollFrogs } from './frogs.ts';
export { nightMarket } from './market.ts';
export { DEMO_PICTURES } from './pictures.ts';
