import { declareFigures } from '../reckoning/index.ts';

/** The figures of sets: how many, how long, and from which number a way pays. */
export const REPEATS = declareFigures('repeats', {
  length: {
    key: 'repeats.length',
    of: 'part',
    unit: 'mm',
    title: 'Line they go along',
    says: 'length of the line a set goes along',
    formula: 'l = L × q ÷ 100',
  },
  area: {
    key: 'repeats.area',
    of: 'part',
    unit: 'cm²',
    title: 'Face they go over',
    says: 'area of the face a set goes over',
    formula: 'a = A × q ÷ 100',
  },
  needed: {
    key: 'repeats.needed',
    of: 'part',
    unit: 'count',
    title: 'Needed',
    says: 'how many of a set are needed',
    formula: [
      'n = N × k',
      'n = (⌊(l − w) ÷ p⌋ + 1) × k',
      'n = round(l ÷ p) × k',
      'n = ⌈a ÷ (p × e)⌉ × k',
      'n = cells of p × e that lie on the face × k',
      'n = ⌈d × a⌉ × k',
    ],
  },
  make: {
    key: 'repeats.make',
    of: 'part',
    unit: 'count',
    title: 'To make',
    says: 'how many of a set are made, spares counted in',
    formula: 'm = n + ⌈n × s ÷ 100⌉',
  },
  minutes: {
    key: 'repeats.minutes',
    of: 'part',
    unit: 'min',
    title: 'Minutes to make them',
    says: 'minutes at the bench to make a set the chosen way',
    formula: 'T = u + f × t × n',
  },
  place: {
    key: 'repeats.place',
    of: 'part',
    unit: 'min',
    title: 'Minutes to put them on',
    says: 'minutes at the bench to put a set on',
    formula: 'P = t × n',
  },
  all: {
    key: 'repeats.all',
    of: 'piece',
    unit: 'min',
    title: 'All sets, made and put on',
    says: 'minutes at the bench of all sets together',
    formula: 'T = t1 + …',
  },
  left: {
    key: 'repeats.left',
    of: 'part',
    unit: 'min',
    title: 'Minutes to go',
    says: 'minutes to the last of a set, at the rate it goes',
    formula: 'T = r × (m − g)',
  },
});

/** The figures of moulds. */
export const MOULD = declareFigures('repeats', {
  oversize: {
    key: 'mould.oversize',
    of: 'part',
    unit: '',
    title: 'Make the master larger, times',
    says: 'size of the master against that of the last cast',
    formula: 'o = 1 ÷ (…)',
  },
  stuff: {
    key: 'mould.stuff',
    of: 'part',
    unit: 'g',
    title: 'Mould stuff to mix',
    says: 'putty or rubber that a mould takes',
    formula: 'm = (a × b × c − V) × ρ',
  },
  half: {
    key: 'mould.half',
    of: 'part',
    unit: 'g',
    title: 'Each of its two portions',
    says: 'one of the two equal portions of a mix',
    formula: 'h = m ÷ 2',
  },
  castCost: {
    key: 'mould.cast-cost',
    of: 'part',
    unit: 'money',
    title: 'Mould, for each cast',
    says: 'what a mould adds to the cost of a cast',
    formula: 'k = m ÷ 100 × p ÷ n',
  },
});
