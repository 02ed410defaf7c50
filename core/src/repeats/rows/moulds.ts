import { practice, type Row, remembered } from '../../sources/index.ts';

/** Moulds, what shrinks, and how long a mix can be worked. */
export const MOULD_RULES: readonly Row[] = [
  practice('mould.putty-places', 'Two-part mould putty, to place it once it is mixed', 3, 'min', {
    low: 2,
    high: 5,
  }),
  practice('mould.putty-sets', 'Two-part mould putty has set', 25, 'min', { low: 15, high: 40 }),
  practice('mould.rubber-places', 'Pouring rubber, pot life', 30, 'min', { low: 15, high: 60 }),
  practice('mould.rubber-sets', 'Pouring rubber has cured', 360, 'min', { low: 240, high: 960 }),
  practice('mould.epoxy-places', 'Two-part epoxy putty can be worked', 75, 'min', { low: 60, high: 120 }),
  practice('mould.epoxy-sets', 'Two-part epoxy putty is hard', 720, 'min', { low: 480, high: 1440 }),
  practice('mould.wall', 'Wall of a putty mould round its master', 6, 'mm', { low: 5, high: 10 }),
  practice('mould.wall-small', 'Wall round a master under 10 mm', 3, 'mm', { low: 2, high: 5 }),
  practice('mould.box-side', 'Pouring box: from the master to its sides', 10, 'mm', { low: 6, high: 15 }),
  practice('mould.box-floor', 'Pouring box: under and over the master', 6, 'mm', { low: 5, high: 12 }),
  practice('mould.board', 'Board that a pouring box is made of', 5, 'mm', { low: 3, high: 10 }),
  practice('mould.draft', 'Least draft of a straight side in a rigid mould', 1, '°', { low: 1, high: 3 }),
  practice('mould.neck', 'A neck of a cast that tears as it is pulled, under', 4, 'mm', { low: 3, high: 5 }),
  practice('mould.crumbs', 'Of rocks that are broken or cut apart, what crumbles away', 20, '%', {
    low: 10,
    high: 35,
  }),
  remembered('mould.life-putty', 'Casts of clay that a putty mould bears', 60, 'count', {
    low: 30,
    high: 150,
  }),
  remembered('mould.life-rubber', 'Casts that a poured mould bears', 40, 'count', { low: 20, high: 100 }),
  remembered('mould.life-clay', 'Casts that a baked clay mould bears', 30, 'count', { low: 10, high: 80 }),
  remembered('mould.life-foil', 'Casts that a foil tray bears', 2, 'count', { low: 1, high: 4 }),
  remembered('shrink.clay', 'Polymer clay shrinks in its bake', 0.5, '%', { low: 0, high: 1 }),
  remembered('shrink.putty', 'Mould putty shrinks', 0.2, '%', { low: 0.1, high: 0.3 }),
  remembered('shrink.rubber', 'Pouring rubber shrinks', 0.2, '%', { low: 0.1, high: 0.3 }),
  remembered('shrink.resin', 'Epoxy resin shrinks', 0.5, '%', { low: 0.2, high: 1 }),
  remembered('shrink.plaster', 'Casting plaster grows by', 0.2, '%', { low: 0.1, high: 0.3 }),
  remembered('shrink.air-dry', 'Air-dry clay shrinks', 6.5, '%', { low: 5, high: 8 }),
  practice('mould.bake', 'Clay is cured in its mould at', 118, '°C', { low: 110, high: 120 }),
  practice('mould.bake-min', 'Clay is cured in its mould for', 30, 'min', { low: 25, high: 40 }),
];
