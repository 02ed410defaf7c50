import { practice, type Row, remembered } from '../../sources/index.ts';

/** Rules and starting values of core and clay. */
export const BULK_RULES: readonly Row[] = [
  practice('bulk.limit', 'Thickest solid clay that cures through', 12.7, 'mm'),
  practice('bulk.skin-dollhouse', 'Skin over a core, dollhouse size', 4, 'mm', { low: 3, high: 6 }),
  practice('bulk.skin-tabletop', 'Skin over a core, tabletop size', 1.5, 'mm', { low: 1, high: 2 }),
  practice('bulk.core-least', 'Thinnest core worth making', 2, 'mm'),
  practice('bulk.waste', 'Clay lost in the making of figures', 10, '%'),
  remembered('thin.brush', 'What brushes a part that is only looked at', 0.5, 'N'),
  practice('foil.most', 'Largest core that is balled of foil alone', 150, 'cm³'),
  practice('foil.thickness', 'Household foil, thickness', 0.016, 'mm'),
  practice('foil.width', 'Household foil, width of the roll', 300, 'mm'),
  remembered('foil.loose', 'Solid share of foil, loosely crumpled', 0.1, ''),
  remembered('foil.balled', 'Solid share of foil, balled by hand', 0.15, ''),
  remembered('foil.hammered', 'Solid share of foil, hammered hard', 0.3, ''),
  practice('foil.metal-density', 'Density of the foil’s metal', 2.7, 'g/cm³', { own: false }),
  remembered('clay.pack', 'One packet of clay', 57, 'g'),
];
