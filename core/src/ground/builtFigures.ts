import { declareFigures } from '../reckoning/index.ts';

/** The minutes of what is to be done for the ground. */
export const WORK = declareFigures('ground', {
  hands: {
    key: 'work.hands.*',
    of: 'piece',
    unit: 'min',
    title: 'Ground, at the bench',
    says: 'minutes at the bench that a job of the ground takes',
    formula: [
      't = b + s × n',
      't = r × V ÷ 1000',
      't = r × A ÷ 100',
      't = r × n',
      't = T × 60',
      't = T',
      't = d',
    ],
  },
  wait: {
    key: 'work.wait.*',
    of: 'piece',
    unit: 'min',
    title: 'Ground, waiting',
    says: 'minutes that are waited for after a job of the ground',
    formula: ['t = T × 1440', 't = h × 60', 't = w'],
  },
});

/** The figures of the board behind it all. */
export const BACKDROP = declareFigures('ground', {
  width: {
    key: 'backdrop.width',
    of: 'piece',
    unit: 'mm',
    title: 'Backdrop, wide',
    says: 'width of the board behind it that the camera wants',
    formula: ['W = (a + b) × s ÷ f × (1 + m ÷ 100)', 'W = 0'],
  },
  height: {
    key: 'backdrop.height',
    of: 'piece',
    unit: 'mm',
    title: 'Backdrop, high',
    says: 'height of the board behind it that the camera wants',
    formula: 'H = (a + b) × s ÷ f × (1 + m ÷ 100)',
  },
  sheets: {
    key: 'backdrop.sheets',
    of: 'piece',
    unit: 'count',
    title: 'Backdrop, sheets side by side',
    says: 'sheets that the board behind it is joined from',
    formula: 'n = ⌈W ÷ w⌉',
  },
  outside: {
    key: 'backdrop.outside',
    of: 'piece',
    unit: 'count',
    title: 'Backdrop, not in the picture',
    says: 'things on the plan that are not wholly in the picture',
    formula:
      'n = those farther aside than s ÷ f ÷ 2 of their way from the camera at a, or behind the board at b',
  },
  blur: {
    key: 'backdrop.blur',
    of: 'piece',
    unit: '%',
    title: 'Backdrop, how soft',
    says: 'what of the width of the picture a point of the board is spread over',
    formula: 'c = 100 × f² × b ÷ (N × (a + b) × (a − f)) ÷ s; p',
  },
  paint: {
    key: 'backdrop.paint',
    of: 'piece',
    unit: 'g',
    title: 'Backdrop, paint to mix',
    says: 'paint that all sheets of the board take',
    formula: 'g = A × k × n',
  },
});

/** The figures of what is built from sticks. */
export const TIMBER = declareFigures('ground', {
  bays: {
    key: 'timber.bays.*',
    of: 'piece',
    unit: 'count',
    title: 'Fence, bays',
    says: 'bays of a fence',
    formula: 'b = ⌈(L − t) ÷ p⌉',
  },
  risers: {
    key: 'timber.risers.*',
    of: 'piece',
    unit: 'count',
    title: 'Steps, risers',
    says: 'risers of a flight of steps',
    formula: 'm = ⌈H ÷ q⌉',
  },
  rise: {
    key: 'timber.rise.*',
    of: 'piece',
    unit: 'mm in life',
    title: 'Steps, each rises',
    says: 'how high each of a flight of steps is',
    formula: 'h = H ÷ m',
  },
  angle: {
    key: 'timber.angle.*',
    of: 'piece',
    unit: '°',
    title: 'Steps, slope',
    says: 'slope of a flight of steps against the ground',
    formula: 'a = arctan(h ÷ g)',
  },
  gap: {
    key: 'timber.gap.*',
    of: 'piece',
    unit: 'mm in life',
    title: 'Of sticks, gap between bars',
    says: 'gap between two balusters, bars or slats',
    formula: 'g = even gap along L, or across p, between sticks of t, at most p from one to the next',
  },
  brace: {
    key: 'timber.brace.*',
    of: 'piece',
    unit: '°',
    title: 'Gate, its brace',
    says: 'slope of the brace of a gate, and how its ends are cut from square',
    formula: 'a = arccos(t ÷ √(w² + h²)) − arctan(w ÷ h)',
  },
  pieces: {
    key: 'timber.pieces.*',
    of: 'piece',
    unit: 'count',
    title: 'Of sticks, pieces',
    says: 'pieces that what is built from sticks is cut into',
    formula: ['n = b + 1 + (r + k) × b', 'n = f + m − 1', 'n = a1 + …', 'n = 0'],
  },
  sticks: {
    key: 'timber.sticks.*',
    of: 'piece',
    unit: 'count',
    title: 'Of sticks, sticks to take',
    says: 'fewest sticks that all pieces come out of',
    formula: 'x = fewest sticks of s that all n come out of, each cut w wide',
  },
});

/** The figures of masonry, planks and tiles. */
export const MASONRY = declareFigures('ground', {
  count: {
    key: 'masonry.count.*',
    of: 'piece',
    unit: 'count',
    title: 'Masonry, units',
    says: 'units of masonry on a face',
    formula: 'n = units of L × H with joints of j that lie on A',
  },
  courses: {
    key: 'masonry.courses.*',
    of: 'piece',
    unit: 'count',
    title: 'Masonry, courses',
    says: 'courses of masonry up a face',
    formula: 'c = (h + j ÷ R) ÷ ((H + j) ÷ R)',
  },
  unit: {
    key: 'masonry.unit.*',
    of: 'piece',
    unit: 'mm',
    title: 'Masonry, one of them long',
    says: 'length of one unit on the bench',
    formula: 'u = L ÷ R',
  },
  arch: {
    key: 'masonry.arch.*',
    of: 'piece',
    unit: 'count',
    title: 'Arch, stones',
    says: 'wedge-shaped stones of an arch over an opening',
    formula: 'v = 2 × ⌊(π × w ÷ 2 ÷ ((H + j) ÷ R) − 1) ÷ 2⌋ + 1',
  },
  lintel: {
    key: 'masonry.lintel.*',
    of: 'piece',
    unit: 'mm',
    title: 'Lintel, long',
    says: 'length of the lintel over an opening, its bearings counted in',
    formula: 'l = (w + 2 × 150 ÷ 215 × L) ÷ R',
  },
  paper: {
    key: 'masonry.paper.*',
    of: 'piece',
    unit: 'min',
    title: 'Masonry, of printed paper instead',
    says: 'minutes to glue the courses on as printed paper instead',
    formula: 't = A ÷ r',
  },
  minutes: {
    key: 'masonry.minutes.*',
    of: 'piece',
    unit: 'min',
    title: 'Masonry, minutes to score',
    says: 'minutes to score the units of a face',
    formula: ['T = n ÷ r', 'T = (n + v) ÷ r'],
  },
});
