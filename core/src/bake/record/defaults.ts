import type { BakeSettings } from './classes.ts';

export const DEFAULT_OVEN: BakeSettings = {
  dialC: null,
  holdMin: null,
  air: 'still',
  under: 'tile',
  preheated: true,
  cooling: 'ajar',
  places: [],
};
