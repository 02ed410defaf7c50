import { declareFigures } from '../reckoning/index.ts';

/** The figures of the oven. */
export const BAKE = declareFigures('bake', {
  temperature: {
    key: 'bake.temperature',
    of: 'part',
    unit: '°C',
    title: 'Oven temperature',
    says: 'lowest window of the clays in it',
    formula: ['T = a', 'T = a, the lowest of the clays in it'],
  },
  dial: {
    key: 'bake.dial.*',
    of: 'piece',
    unit: '°C',
    title: 'Set the dial to',
    says: 'what to set this oven’s dial to',
    formula: ['D = T − o', 'D = e, beside T and o'],
  },
  hold: {
    key: 'bake.hold',
    of: 'part',
    unit: 'min',
    title: 'By the packet’s rule',
    says: 'minutes at that heat by the packet’s rule, for the thickest clay',
    formula: 'h = max(b, p × t ÷ e)',
  },
  minutes: {
    key: 'bake.minutes',
    of: 'part',
    unit: 'min',
    title: 'Minutes in the oven',
    says: 'minutes from door shut to door open in the bake that cures it',
    formula: ['h = L', 'h = e'],
  },
  load: {
    key: 'bake.load.*',
    of: 'piece',
    unit: 'min',
    title: 'Minutes of a load',
    says: 'minutes from door shut to door open of one load of the oven',
    formula: [
      'h = round(min(f × (1 + m ÷ 100), (f + l) ÷ 2))',
      'h = ⌈f⌉, beside l',
      'h = ⌊l⌋, beside f',
      'h = where the harm is least: f against l',
      'h = e, beside f and l',
      'h = e',
      'h = b',
    ],
  },
  audit: {
    key: 'bake.audit',
    of: 'part',
    unit: 'count',
    title: 'To look at before the oven',
    says: 'things on it or in it that the oven would spoil, or that are to be looked at',
    formula: 'a = things that may not bear T + w',
  },
});

/** What the doctor of bakes says of one bake; asked for, and in no book. */
export const DOCTOR = declareFigures('bake', {
  overhang: {
    key: 'bake.overhang',
    of: 'part',
    unit: 'mm',
    title: 'Reaches out over nothing',
    says: 'longest overhang as it stands',
    formula: 'o against n × t',
  },
  bulge: {
    key: 'bake.bulge',
    of: 'part',
    unit: 'mm',
    title: 'Bulge to allow for',
    says: 'bulge of its thickest clay in the oven',
    formula: 'b = p × t ÷ 100 against v',
  },
  seam: {
    key: 'bake.seam',
    of: 'part',
    unit: 'mm',
    title: 'Gap to expect at its joints',
    says: 'gap that shrinking opens at its joints',
    formula: 'g = s × L ÷ 100 against c',
  },
  dent: {
    key: 'bake.dent',
    of: 'part',
    unit: 'g',
    title: 'Lies with',
    says: 'weight that lies on raw clay',
    formula: 'm against q',
  },
});

/** What a bake worked through cell by cell says of a part; asked for, and in no book. */
export const SIMULATED = declareFigures('bake', {
  hold: {
    key: 'simulated.hold',
    of: 'part',
    unit: 'min',
    title: 'Out of the heat after',
    says: 'when its last clay is cured',
    formula: ['h = c × (1 + m ÷ 100)', 'h = c × (1 + m ÷ 100), beside p'],
  },
  handle: {
    key: 'simulated.handle',
    of: 'part',
    unit: 'min',
    title: 'May be handled after',
    says: 'when its hottest clay can be held',
    formula: 'k = when the hottest clay is down to H',
  },
  peak: {
    key: 'simulated.peak',
    of: 'part',
    unit: '°C',
    title: 'Hottest clay',
    says: 'hottest that any of its clay gets',
    formula: 'P against S',
  },
});
