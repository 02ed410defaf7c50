import { declareFigures } from '../reckoning/index.ts';

/** The figures of the base and what stands on it. */
export const GROUND = declareFigures('ground', {
  area: {
    key: 'ground.area',
    of: 'piece',
    unit: 'cm²',
    title: 'Base, area',
    says: 'area of the base',
    formula: ['A = π ÷ 4 × w × d ÷ 100', 'A = w × d ÷ 100', 'A = what its outline bounds, in w × d', 'A = 0'],
  },
  board: {
    key: 'ground.board',
    of: 'piece',
    unit: 'g',
    title: 'Base alone, weight',
    says: 'weight of the base alone',
    formula: 'W = A × t ÷ 10 × ρ',
  },
  weight: {
    key: 'ground.weight',
    of: 'piece',
    unit: 'g',
    title: 'All of it, to lift',
    says: 'weight of the base with all that stands on it',
    formula: 'M = W1 + …',
  },
  tips: {
    key: 'ground.tips',
    of: 'piece',
    unit: '°',
    title: 'Tips over at',
    says: 'how far the base with all on it can be tipped before it falls',
    formula: 'a = arctan(d ÷ h)',
  },
  ballast: {
    key: 'ground.ballast',
    of: 'piece',
    unit: 'g',
    title: 'Ballast, low in the middle',
    says: 'weight fixed low in the middle of the base so that it stands',
    formula: 'm = M × (h × tan(a) − d) ÷ d₀',
  },
  sag: {
    key: 'ground.sag',
    of: 'piece',
    unit: 'mm',
    title: 'Base, sags between its studs',
    says: 'how far the base sags between two of the studs under it',
    formula: 's = (5 × Q × L³ ÷ 384 + P × L³ ÷ 48) ÷ (E × b × t³ ÷ 12); at most L ÷ n',
  },
  over: {
    key: 'ground.over',
    of: 'piece',
    unit: 'mm',
    title: 'Reaches over the edge',
    says: 'how far what stands on the base reaches over its edge',
    formula: 'o = the most that one of them, r, reaches over the edge',
  },
  closest: {
    key: 'ground.closest',
    of: 'piece',
    unit: 'mm',
    title: 'Least room between two',
    says: 'least room between two things, at a height where both are',
    formula: 'c = the least way between slices at one height; t, f, p',
  },
});

/** The figures of rises of the ground. */
export const HEAPS = declareFigures('ground', {
  volume: {
    key: 'ground.rise.*',
    of: 'piece',
    unit: 'cm³',
    title: 'Rise, volume',
    says: 'volume of a rise of the ground',
    formula: 'V = level areas added up over h, sides at s',
  },
  sheets: {
    key: 'ground.rise-sheets.*',
    of: 'piece',
    unit: 'count',
    title: 'Rise, layers of sheet',
    says: 'layers of sheet a rise is built of',
    formula: 'n = ⌈h ÷ t⌉',
  },
  plaster: {
    key: 'ground.rise-plaster.*',
    of: 'piece',
    unit: 'g',
    title: 'Rise, plaster to mix',
    says: 'plaster powder that a rise and its skin take',
    formula: ['m = S × k ÷ 10 × p', 'm = V × p', 'm = (V + S × k ÷ 10) × p'],
  },
  days: {
    key: 'ground.rise-days.*',
    of: 'piece',
    unit: 'days',
    title: 'Rise, until it is dry',
    says: 'days until a rise or its skin is dry through',
    formula: ['T = k ÷ r', 'T = d × (k ÷ 10)²'],
  },
});

/** The figures of pours. */
export const POURS = declareFigures('ground', {
  bed: {
    key: 'pour.bed.*',
    of: 'piece',
    unit: 'cm³',
    title: 'Pour, hollow up to its level',
    says: 'volume of a hollow up to its level, empty',
    formula: 'B = level areas added up from l to d, banks at s',
  },
  displaced: {
    key: 'pour.displaced.*',
    of: 'piece',
    unit: 'cm³',
    title: 'Pour, taken up by what stands in it',
    says: 'volume of what stands in a pour, up to its level',
    formula: ['D = D1 + …', 'D = 0'],
  },
  volume: {
    key: 'pour.volume.*',
    of: 'piece',
    unit: 'cm³',
    title: 'Pour, volume',
    says: 'volume that a pour fills',
    formula: 'V = B − D',
  },
  mix: {
    key: 'pour.mix.*',
    of: 'piece',
    unit: 'g',
    title: 'Pour, to mix',
    says: 'what is mixed or bought for a pour, what shrinks and stays in the cup counted in',
    formula: 'm = V × ρ ÷ (1 − s ÷ 100) × (1 + w ÷ 100)',
  },
  layers: {
    key: 'pour.layers.*',
    of: 'piece',
    unit: 'count',
    title: 'Pour, layers',
    says: 'layers a pour is built up in',
    formula: 'n = ⌈(d − l) ÷ (g × (1 − s ÷ 100))⌉',
  },
  days: {
    key: 'pour.days.*',
    of: 'piece',
    unit: 'days',
    title: 'Pour, until the last layer is hard',
    says: 'days from the first layer of a pour until the last is hard',
    formula: 'T = n × t ÷ 24',
  },
  drops: {
    key: 'pour.drops.*',
    of: 'piece',
    unit: 'count',
    title: 'Pour, drops of colour',
    says: 'drops of colour that a pour takes',
    formula: 'n = V ÷ v × e ÷ d',
  },
  seen: {
    key: 'pour.seen.*',
    of: 'piece',
    unit: '%',
    title: 'Pour, seen of its bed where it is deepest',
    says: 'what is seen of the bed of a pour where it is deepest',
    formula: 's = 100 × (g ÷ 100)^((t − l) ÷ d)',
  },
  rise: {
    key: 'pour.rise.*',
    of: 'piece',
    unit: 'mm',
    title: 'Pour, rises if they are pushed in after',
    says: 'how much higher a pour stands when what stands in it is pushed in afterwards',
    formula: 'r = D ÷ A × 10',
  },
  dam: {
    key: 'pour.dam.*',
    of: 'piece',
    unit: 'mm',
    title: 'Pour, dam round it',
    says: 'length of the edge of a pour, where a dam or a seal goes',
    formula: 'p = way round its n corners',
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
  minutes: {
    key: 'masonry.minutes.*',
    of: 'piece',
    unit: 'min',
    title: 'Masonry, minutes to score',
    says: 'minutes to score the units of a face',
    formula: ['T = n ÷ r', 'T = (n + v) ÷ r'],
  },
});

/** The figures of what is seen. */
export const SIGHT = declareFigures('ground', {
  hidden: {
    key: 'ground.hidden.*',
    of: 'piece',
    unit: 'count',
    title: 'More than half hidden',
    says: 'things more than half hidden from an eye',
    formula: 'h = those of n whose silhouette is more than half covered by nearer ones',
  },
});

/** The figures of ground cover and foliage. */
export const COVER = declareFigures('ground', {
  area: {
    key: 'cover.area.*',
    of: 'piece',
    unit: 'cm²',
    title: 'Cover, area',
    says: 'ground that a cover lies on, less what stands on it and water in it',
    formula: 'A = O − S',
  },
  grams: {
    key: 'cover.grams.*',
    of: 'piece',
    unit: 'g',
    title: 'Cover, to take',
    says: 'what a cover of ground takes',
    formula: 'm = A × d ÷ 10 × ρ',
  },
  soak: {
    key: 'cover.soak.*',
    of: 'piece',
    unit: 'g',
    title: 'Cover, to seal it',
    says: 'medium and water that seal a cover of ground',
    formula: 'g = A × s',
  },
  hours: {
    key: 'foliage.hours.*',
    of: 'piece',
    unit: 'h',
    title: 'Foliage, hours',
    says: 'hours at the bench for the foliage of a tree',
    formula: 'T = t × (h ÷ 500)²',
  },
  all: {
    key: 'foliage.all',
    of: 'piece',
    unit: 'h',
    title: 'All foliage',
    says: 'hours at the bench for the foliage of all trees',
    formula: 'T = T1 + …',
  },
});
