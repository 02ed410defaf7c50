import { practice, type Row, remembered } from './row.ts';

/** Rules of size and of what counts as a visible error. */
export const SIZE_RULES: readonly Row[] = [
  practice('size.tolerance-percent', 'Visible error, as a share of the length', 2, '%'),
  practice('size.tolerance-least', 'Visible error, at the least', 0.25, 'mm'),
  practice('picture.click', 'A spot set by hand on a picture is off by, px', 1.5, ''),
  practice('scale.stature', 'Person a figure height is named after', 1750, 'mm in life'),
  practice('scale.heroic-head', 'Heroic: head larger by', 1.2, '', { low: 1.15, high: 1.25 }),
  practice('scale.heroic-hands', 'Heroic: hands larger by', 1.3, '', { low: 1.25, high: 1.4 }),
];

/** Rules and starting values of core and clay. */
export const BULK_RULES: readonly Row[] = [
  practice('bulk.limit', 'Thickest solid clay that cures through', 12.7, 'mm'),
  practice('bulk.skin-dollhouse', 'Skin over a core, dollhouse size', 4, 'mm', { low: 3, high: 6 }),
  practice('bulk.skin-tabletop', 'Skin over a core, tabletop size', 1.5, 'mm', { low: 1, high: 2 }),
  practice('bulk.core-least', 'Thinnest core worth making', 2, 'mm'),
  practice('bulk.waste', 'Clay lost in the making of figures', 10, '%'),
  remembered('thin.brush', 'What brushes a part that is only looked at', 0.5, 'N'),
  practice('foil.thickness', 'Household foil, thickness', 0.016, 'mm'),
  practice('foil.width', 'Household foil, width of the roll', 300, 'mm'),
  remembered('foil.loose', 'Solid share of foil, loosely crumpled', 0.1, ''),
  remembered('foil.balled', 'Solid share of foil, balled by hand', 0.15, ''),
  remembered('foil.hammered', 'Solid share of foil, hammered hard', 0.3, ''),
  practice('foil.metal-density', 'Density of the foil’s metal', 2.7, 'g/cm³', { own: false }),
  remembered('clay.pack', 'One packet of clay', 57, 'g'),
];

/** Rules of the oven and the bake. */
export const BAKE_RULES: readonly Row[] = [
  practice('bake.per-thickness', 'Thickness the packet minutes are for', 6, 'mm', { own: false }),
  practice('bake.least', 'Shortest bake, even of a scrap', 5, 'min'),
  practice('bake.set-hold', 'A set bake: firms a section, does not cure it', 10, 'min'),
  remembered('bulk.strong', 'Clay thinner than this breaks when it is handled', 1.5, 'mm'),
  practice('bake.thin', 'Thinner than this browns early', 3, 'mm'),
  practice('bake.scorch', 'Clay scorches above', 150, '°C', { own: false }),
  practice('bake.fumes', 'Clay chars and gives off hydrogen chloride above', 175, '°C', { own: false }),
  practice('oven.dial-error', 'How much hotter the oven is than its dial', 0, '°C apart', {
    low: -15,
    high: 15,
  }),
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

/** How clay moves in the oven. */
export const DEFORM_RULES: readonly Row[] = [
  remembered(
    'deform.bears',
    'Raw clay with a wire or a core in it reaches out by so many thicknesses',
    4,
    '',
  ),
  remembered('deform.bare', 'Raw clay by itself reaches out by so many thicknesses', 1, ''),
  remembered('deform.bulge', 'Solid clay bulges, of its thickness', 1.5, '%'),
  remembered('deform.shrink', 'Baked clay shrinks, of its length', 0.5, '%', { low: 0, high: 1 }),
  remembered('deform.shrink-dry', 'Air-dry clay shrinks, of its length', 6.5, '%', { low: 5, high: 8 }),
  remembered('deform.pad', 'Heavier than this it dents where it lies', 25, 'g'),
];

/** Rules of how parts go together. */
export const FIT_RULES: readonly Row[] = [
  practice('fit.tight', 'Less clearance than this is tight', 0.5, 'mm'),
  practice('fit.base-margin', 'Base to be seen round the feet', 1, 'mm'),
  practice('fit.peg', 'Clearance round a glued peg', 0.15, 'mm', { low: 0.1, high: 0.2 }),
  practice('fit.free', 'Clearance round a peg that goes free', 0.1, 'mm'),
  practice('fit.press', 'Clearance round a peg pressed in, less than nothing', -0.2, 'mm', {
    low: -0.3,
    high: -0.1,
  }),
  practice('fit.tape', 'Thickness of a layer of tape', 0.1, 'mm'),
  practice('fit.insert', 'Clearance round an insert', 0.3, 'mm'),
  remembered('fit.grip', 'A hand closes round a shaft up to this share of its length', 0.33, ''),
  practice('stand.angle', 'A handled piece stands tipped by', 15, '°'),
  practice('base.thickness', 'Thickness of a base', 3, 'mm'),
];
