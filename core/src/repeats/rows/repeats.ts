import { practice, type Row, remembered } from '../../sources/index.ts';

/** Sets, and the ways of making many alike. */
export const REPEATS_RULES: readonly Row[] = [
  practice('repeats.spares', 'Small parts made beyond those that are needed', 15, '%', { low: 10, high: 20 }),
  practice('repeats.exposure', 'Of a shingle, what the next row leaves to be seen', 45, '%', {
    low: 33,
    high: 50,
  }),
  practice('repeats.least', 'One small thing made by hand: 4 teeth or scales a minute', 0.25, 'min', {
    low: 0.2,
    high: 0.4,
  }),
  practice('repeats.learning', 'Of what it took, each doubling by hand takes (Wright 1936)', 85, '%', {
    low: 80,
    high: 90,
  }),
  practice('repeats.batch', 'Alike ones taken through the same step in a row', 12, 'count', {
    low: 8,
    high: 25,
  }),
  practice('repeats.place', 'One small thing put on: 3 a minute', 0.33, 'min', { low: 0.25, high: 0.5 }),
  remembered('repeats.cutter-setup', 'Bend a cutter of tin and roll the sheet', 15, 'min', {
    low: 8,
    high: 30,
  }),
  practice('repeats.cutter', 'One cut with it: 12 a minute', 0.083, 'min', { low: 0.06, high: 0.15 }),
  remembered('repeats.stamp-setup', 'Make a stamp and bake it', 20, 'min', { low: 10, high: 40 }),
  remembered('repeats.stamp', 'One stamped and cut out', 0.35, 'min', { low: 0.2, high: 0.6 }),
  remembered('repeats.press-setup', 'Mix putty, press the master in, cut it flush', 12, 'min', {
    low: 8,
    high: 20,
  }),
  remembered('repeats.press', 'One pressed, cut flush and let out', 1.5, 'min', { low: 1, high: 3 }),
  remembered('repeats.halves-setup', 'Two halves with keys and a parting line', 30, 'min', {
    low: 20,
    high: 60,
  }),
  remembered('repeats.halves', 'One closed, let out and its seam cleaned', 3, 'min', { low: 2, high: 6 }),
  remembered('repeats.poured-setup', 'Box, seal, weigh, mix and pour', 45, 'min', { low: 30, high: 90 }),
  remembered('repeats.poured', 'One cast in it', 2.5, 'min', { low: 1.5, high: 5 }),
  remembered('repeats.bought-setup', 'Look for it and order it', 20, 'min', { low: 10, high: 60 }),
  remembered('repeats.bought-price', 'One of it bought', 0.8, 'money', { low: 0.2, high: 3 }),
  remembered('repeats.putty-price', 'Mould putty, 100 g', 6, 'money', { low: 4, high: 12 }),
  remembered('repeats.rubber-price', 'Pouring rubber, 100 g', 3.5, 'money', { low: 2, high: 7 }),
  remembered('repeats.cutter-price', 'Strip of tin for a cutter', 1, 'money', { low: 0, high: 4 }),
];
