import { published, type Row, remembered } from './row.ts';

const IRC = 'International Residential Code R311.7.5';

function size(id: string, title: string, value: number, low?: number, high?: number): Row {
  const range = low === undefined || high === undefined ? {} : { low, high };
  return remembered(`life.${id}`, title, value, 'mm in life', { own: false, ...range });
}

/** Sizes in life of common subjects. */
export const LIFE_SIZES: readonly Row[] = [
  size('cat', 'Domestic cat, at the shoulder', 240),
  size('fox', 'Red fox, at the shoulder', 400, 350, 400),
  size('sheep', 'Sheep, at the shoulder', 700, 650, 750),
  size('dog-large', 'Large dog, at the shoulder', 650, 600, 700),
  size('pig', 'Pig, at the shoulder', 825, 750, 900),
  size('donkey', 'Donkey, at the shoulder', 1100),
  size('horse', 'Horse of 15 hands, at the shoulder', 1524),
  size('cow', 'Cow, at the shoulder', 1400),
  size('red-deer', 'Red deer, at the shoulder', 1200),
  size('goose', 'Goose, standing', 800),
  size('herring-gull', 'Herring gull, body length', 600),
  size('door-height', 'Door, height', 2032),
  size('door-width', 'Door, width', 762),
  size('ceiling', 'Ceiling, height', 2438.4),
  size('table', 'Table, height', 736.6),
  size('counter', 'Counter, height', 914.4),
  size('chair-seat', 'Chair seat, height', 444.5),
  published('life.stair-riser', 'Stair riser, at the most', 196.85, 'mm in life', IRC),
  published('life.stair-tread', 'Stair tread, at the least', 254, 'mm in life', IRC),
  size('mug-height', 'Mug, height', 95),
  size('mug-width', 'Mug, across', 80),
  size('dinner-plate', 'Dinner plate, across', 270),
  size('bottle-height', 'Wine bottle, height', 300),
  size('bottle-width', 'Wine bottle, across', 75),
  size('broom-handle', 'Broom handle, across', 25),
  size('broom-length', 'Broom, length', 1200),
];
