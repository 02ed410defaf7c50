import { practice, type Row, remembered } from '../../sources/index.ts';

/** Rules of the oven and the bake. */
export const BAKE_RULES: readonly Row[] = [
  practice('bake.per-thickness', 'Thickness the packet minutes are for', 6, 'mm', { own: false }),
  practice('bake.least', 'Shortest bake, even of a scrap', 5, 'min'),
  practice('bake.set-hold', 'A short bake: firms a section, does not cure it', 10, 'min'),
  remembered('bulk.strong', 'Clay thinner than this breaks when it is handled', 1.5, 'mm'),
  practice('bake.thin', 'Thinner than this browns early', 3, 'mm'),
  practice('bake.scorch', 'Clay scorches above', 150, '°C', { own: false }),
  practice('bake.fumes', 'Clay chars and gives off hydrogen chloride above', 175, '°C', { own: false }),
  practice('oven.dial-error', 'How much hotter the oven is than its dial', 0, '°C apart', {
    low: -15,
    high: 15,
  }),
  practice('oven.unknown', 'A dial that was never measured may be off by, either way', 15, '°C apart'),
  practice('oven.width', 'Oven inside, width', 450, 'mm'),
  practice('oven.depth', 'Oven inside, depth', 380, 'mm'),
  practice('oven.height', 'Oven inside, height over the rack', 300, 'mm'),
  practice('oven.clearance', 'Distance kept from walls and elements', 30, 'mm'),
  practice('oven.gap', 'Kept free between things in a load, for the air', 10, 'mm'),
  practice('oven.tight', 'Less room than this is tight', 10, 'mm'),
  practice('oven.swing', 'Swing of the thermostat, either way', 10, '°C apart', { low: 5, high: 15 }),
  remembered('oven.swing-every', 'From one click of the thermostat to the next', 7, 'min'),
  remembered('oven.warm-up', 'A cold oven comes within a third of its heat in', 6, 'min'),
  remembered('oven.door-drop', 'Heat lost as the door is opened for the piece', 20, '°C apart'),
  remembered('oven.door-back', 'What the door cost is back but for a third after', 2, 'min'),
  remembered('oven.ajar', 'With its door ajar it loses two thirds of its heat in', 18, 'min'),
];
