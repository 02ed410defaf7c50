import { practice, type Row, remembered } from '../../sources/index.ts';

/** How stuffs take and lead heat, and how air brings it, for the simulation of a bake. */
export const HEAT_RULES: readonly Row[] = [
  remembered('heat.clay-k', 'Clay leads heat, W/(m·K)', 0.25, ''),
  remembered('heat.clay-c', 'Clay takes heat, J/(kg·K)', 1200, ''),
  remembered('heat.foil-k', 'Crumpled foil leads heat, W/(m·K)', 3, ''),
  remembered('heat.foil-c', 'Its metal takes heat, J/(kg·K)', 900, ''),
  remembered('heat.wood-k', 'Wood and card lead heat, W/(m·K)', 0.12, ''),
  remembered('heat.wood-c', 'Wood, card and fibre take heat, J/(kg·K)', 1700, ''),
  remembered('heat.fibre-k', 'Plant fibre leads heat, W/(m·K)', 0.05, ''),
  remembered('heat.dry-clay-k', 'Dry air-dry clay leads heat, W/(m·K)', 0.4, ''),
  remembered('heat.dry-clay-c', 'Dry air-dry clay takes heat, J/(kg·K)', 1000, ''),
  remembered('heat.mould-k', 'Mould putty and rubber lead heat, W/(m·K)', 0.25, ''),
  remembered('heat.mould-c', 'Mould putty and rubber take heat, J/(kg·K)', 1300, ''),
  remembered('heat.film-still', 'Still oven: heat from its air and walls, W/(m²·K)', 18, ''),
  remembered('heat.film-fan', 'Oven with a fan, W/(m²·K)', 30, ''),
  remembered('heat.film-tent', 'Under a tent of foil, W/(m²·K)', 10, ''),
  remembered('heat.under-tile', 'Through a tile under it, W/(m²·K)', 8, ''),
  remembered('heat.under-pad', 'Through a pad of fibre under it, W/(m²·K)', 2, ''),
  practice('heat.cure-within', 'Within this of its set temperature a minute cures in full', 5, '°C apart', {
    own: true,
  }),
  practice('heat.cure-minutes', 'Minutes at that heat that cure a place', 10, 'min'),
  remembered('heat.cure-none', 'So far under its set temperature clay does not cure at all', 25, '°C apart'),
  remembered('heat.brown-doubles', 'Browning goes twice as fast with every', 10, '°C apart'),
  remembered('heat.brown-limit', 'Minutes at the top of its window that brown clay', 120, 'min'),
  remembered('heat.brown-pale', 'The same for thin clay that is pale or lets light through', 60, 'min'),
  remembered('oven.spread', 'What an oven that was measured still strays from that', 4, '°C apart'),
  remembered('heat.margin', 'Added to the time that just cures', 10, '%'),
  practice('heat.room', 'Room and piece before the bake', 21, '°C'),
  remembered('heat.handle', 'Cool enough to be handled', 40, '°C'),
];
