import { declareFigures } from '../reckoning/index.ts';

/** The figures of sizes. */
export const SIZE = declareFigures('size', {
  height: {
    key: 'size.height',
    of: 'part',
    unit: 'mm',
    title: 'Height',
    says: 'miniature height of the form’s box',
    formula: ['b = L ÷ s', 'b = L'],
  },
  width: {
    key: 'size.width',
    of: 'part',
    unit: 'mm',
    title: 'Width',
    says: 'miniature width of the form’s box',
    formula: ['b = L ÷ s', 'b = L'],
  },
  depth: {
    key: 'size.depth',
    of: 'part',
    unit: 'mm',
    title: 'Depth',
    says: 'miniature depth of the form’s box',
    formula: ['b = L ÷ s', 'b = L'],
  },
  measure: {
    key: 'measure.*',
    of: 'part',
    unit: 'mm',
    title: 'A measure',
    says: 'a measure of the form, in miniature',
    formula: ['m = L ÷ s', 'm = L', 'm = f × H ÷ s', 'm = f × H'],
  },
  made: {
    key: 'made.*',
    of: 'part',
    unit: 'mm',
    title: 'A measure: off by',
    says: 'made less wanted, judged against what is allowed',
    formula: ['d = M − m, allowed max(p × m, a)', 'd = M − m, allowed by its bounds'],
  },
  volume: {
    key: 'size.volume',
    of: 'part',
    unit: 'cm³',
    title: 'Volume',
    says: 'volume of the form, in miniature',
    formula: ['V = X ÷ s³', 'V = X'],
  },
  surface: {
    key: 'size.surface',
    of: 'part',
    unit: 'cm²',
    title: 'Surface',
    says: 'surface of the form, in miniature',
    formula: ['A = X ÷ s²', 'A = X'],
  },
  centre: {
    key: 'size.centre',
    of: 'part',
    unit: 'mm',
    title: 'Centre above the ground',
    says: 'centre of the solid above the ground',
    formula: ['c = X ÷ s', 'c = X'],
  },
  thickest: {
    key: 'size.thickest',
    of: 'part',
    unit: 'mm',
    title: 'Thickest place',
    says: 'largest ball that goes into the form',
    formula: ['t = X ÷ s', 't = X'],
  },
  oven: {
    key: 'size.oven',
    of: 'part',
    unit: 'mm',
    title: 'Room left in the oven',
    says: 'room left in the oven, at the plainest way in',
    formula: [
      'r = least of W, D, H, each less 2 × c, less the part as it is put down',
      'b = the part as it is put down, less what is least of W, D, H, each less 2 × c',
    ],
  },
  pair: {
    key: 'pair.*',
    of: 'part',
    unit: 'mm',
    title: 'Left less right',
    says: 'left less right of a pair, as made',
    formula: 'd = l − r, allowed max(p × larger, a)',
  },
  found: {
    key: 'found.*',
    of: 'piece',
    unit: 'mm in life',
    title: 'A found thing',
    says: 'what a found thing reads as, against what it is meant to be',
    formula: ['L = b × s', 'L = b × s, held against u'],
  },
});

/** What is looked for in the solid only when it is asked for; in no book. */
export const LOOKED_FOR = declareFigures('size', {
  smallestBox: {
    key: 'size.smallest-box-*',
    of: 'part',
    unit: 'mm',
    title: 'Smallest box, a side',
    says: 'a side of the smallest box turned any way; on the command line and in space',
    formula: ['b = L ÷ s', 'b = L'],
  },
  sight: {
    key: 'sight.*',
    of: 'part',
    unit: '%',
    title: 'Seen of it',
    says: 'share of a side or region that is seen; on the command line and under “Seen”',
    formula: 'q = surface seen ÷ its whole surface',
  },
});
