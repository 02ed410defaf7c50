import { practice, type Row, remembered } from '../../sources/index.ts';

/** What finishes are reckoned with, besides the coats themselves. */
export const FINISH_RULES: readonly Row[] = [
  practice('finish.humidity', 'Humidity of the room that coats dry in', 50, '%'),
  practice('finish.room', 'Warmth of the room that coats dry in', 20, '°C'),
  remembered('finish.loss-brush', 'More paint than lies on the work, brushed', 20, '%'),
  remembered('finish.loss-spray', 'More paint than lies on the work, sprayed', 100, '%', { own: true }),
  practice('finish.drop', 'A drop', 0.05, 'cm³', { low: 0.03, high: 0.06 }),
  remembered('decal.fill', 'Of the height of a line, its letters take', 60, '%', { low: 40, high: 75 }),
  remembered('decal.letter', 'A letter with its gap is wide, of its height', 75, '%', { low: 60, high: 95 }),
  remembered('decal.least', 'Letters that a printer still makes readable are high', 0.8, 'mm', {
    low: 0.6,
    high: 1.2,
  }),
  practice('finish.bottle', 'A small bottle of paint holds', 20, 'cm³', { low: 15, high: 60 }),
  remembered('finish.can', 'A can of spray of 400 ml holds, without what drives it', 240, 'cm³', {
    low: 180,
    high: 280,
  }),
  practice('finish.shows', 'Lighter or darker by this, a wash or a dry brush is seen', 15, ''),
  remembered('finish.pools', 'A wash lies thicker in what is deep, times', 4, ''),
  remembered('finish.thins', 'and on what is flat, times', 0.6, ''),
  remembered('finish.catches', 'Of what stands out, a dry brush covers', 70, '%'),
  remembered('finish.grazes', 'and of what is flat', 8, '%'),
  remembered('finish.rate-base', 'Paint laid in a minute', 20, 'cm²', { low: 10, high: 40 }),
  remembered('finish.rate-wash', 'Washed and wiped in a minute', 30, 'cm²', { low: 15, high: 45 }),
  remembered('finish.rate-dry', 'Dry brushed in a minute', 20, 'cm²', { low: 10, high: 30 }),
  remembered('finish.rate-pastel', 'Pastel laid in a minute', 5, 'cm²', { low: 2.5, high: 10 }),
  remembered('finish.rate-texture', 'Textured by hand in a minute', 4, 'cm²', { low: 2, high: 8 }),
  remembered('finish.rate-fur', 'Fur laid in a minute', 1.5, 'cm²', { low: 1, high: 2.5 }),
  remembered('finish.rate-flock', 'Flock or standing grass laid in a minute', 40, 'cm²', {
    low: 20,
    high: 60,
  }),
  remembered('finish.rate-detail', 'Details painted on in a minute', 0.7, 'cm²', { low: 0.4, high: 1.5 }),
  remembered('finish.rate-spray', 'Sprayed in a minute', 60, 'cm²', { low: 30, high: 120 }),
  remembered('finish.least', 'Take up one coat and put it down: colour, brush, rinse', 4, 'min', {
    low: 2,
    high: 8,
  }),
  remembered('finish.open', 'A wash can be wiped back for', 3, 'min', { low: 1, high: 5 }),
  remembered('finish.heap', 'Snow and dry matter lie no steeper than', 38, '°', { low: 30, high: 45 }),
  remembered('eye.ball', 'An eyeball across', 24, 'mm in life', { low: 23, high: 25 }),
  remembered('eye.iris', 'An iris across, as it is seen', 11.7, 'mm in life', { low: 10.2, high: 13 }),
  remembered('eye.pupil', 'A pupil across, indoors', 4, 'mm in life', { low: 2, high: 8 }),
  remembered('eye.light', 'The light in an eye, across', 1.5, 'mm in life', { low: 1, high: 2.5 }),
  remembered('finish.overlap', 'Of a row of fibre, the next one covers', 60, '%', { low: 40, high: 75 }),
  remembered('finish.fur', 'Fibre on a cm², for each mm of its length', 0.004, 'g', {
    low: 0.002,
    high: 0.008,
  }),
];
