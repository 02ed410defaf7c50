/** What a number of the document may be: every one has a least and a most, which its use can bear. */
export interface Limit {
  readonly min?: number;
  /** It must be more than this. */
  readonly over?: number;
  readonly max: number;
  readonly whole?: boolean;
}

/** Longest length of anything, in life or on the bench: a kilometre. */
const MOST_MM = 1e6;
/** A length that there has to be, one that may be nothing, a place either way of the middle, and a turn; mm and degrees. */
const SIZE = { over: 0, max: MOST_MM } as const;
const SIZE_OR_NONE = { min: 0, max: MOST_MM } as const;
const PLACE = { max: MOST_MM, min: -MOST_MM } as const;
const TURN = { max: 3600, min: -3600 } as const;

/**
 * The limits of every number of the document, by record and field. They are declared here and nowhere else: the classes check
 * by them, messages name them, fields and the schema take them from here.
 */
export const LIMITS = {
  ratioScale: {
    ratio: { min: 0.1, max: 1e5 },
  },
  figureScale: {
    heightMm: SIZE,
    statureMm: SIZE,
  },
  brief: {
    hoursPerDay: { min: 0, max: 24 },
    budget: { min: 0, max: 1e9 },
  },
  packet: {
    lowC: { min: 40, max: 200 },
    highC: { min: 40, max: 200 },
    lowMinutes: { max: 600, over: 0 },
    highMinutes: { max: 600, over: 0 },
  },
  clay: {
    packG: { over: 0, max: 1e6 },
    packPrice: { min: 0, max: 1e6 },
  },
  bounds: {
    lowMm: SIZE,
    highMm: SIZE,
  },
  feature: {
    wanted: { whole: true, min: 1, max: 10_000 },
    made: { whole: true, min: 0, max: 10_000 },
  },
  pair: {
    leftMm: SIZE,
    rightMm: SIZE,
  },
  part: {
    count: { whole: true, min: 1, max: 10_000 },
  },
  madeMeasure: {
    madeMm: { over: 0, max: 1e4 },
  },
  bakeRecord: {
    temperatureC: { min: 30, max: 300 },
    minutes: { max: 1440, over: 0 },
    thicknessMm: SIZE,
  },
  foundThing: {
    acrossMm: { over: 0, max: 1e5 },
  },
  addition: {
    hours: { min: 0, max: 10_000 },
    cost: { min: 0, max: 1e9 },
    waitDays: { min: 0, max: 1000 },
  },
  bakeSettings: {
    dialC: { min: 40, max: 250 },
    holdMin: { max: 1440, over: 0 },
  },
  clothing: {
    headMm: SIZE_OR_NONE,
    trunkMm: SIZE_OR_NONE,
    armsMm: SIZE_OR_NONE,
    legsMm: SIZE_OR_NONE,
    hemMm: SIZE,
  },
  personForm: {
    statureMm: SIZE,
    headsTall: { min: 2, max: 9 },
    build: { min: 0.5, max: 2 },
  },
  beastForm: {
    withersMm: SIZE,
    build: { min: 0.5, max: 2 },
  },
  birdForm: {
    heightMm: SIZE,
    build: { min: 0.5, max: 2 },
  },
  crawlerForm: {
    lengthMm: SIZE,
    sections: { whole: true, min: 1, max: 6 },
    legPairs: { whole: true, min: 0, max: 12 },
    legSegments: { whole: true, min: 1, max: 6 },
    footCircleMm: SIZE,
    bodyHeightMm: SIZE,
    feelersMm: SIZE_OR_NONE,
    legMm: SIZE,
  },
  roundCreatureForm: {
    heightMm: SIZE,
    widthMm: SIZE,
    armsMm: SIZE_OR_NONE,
    legsMm: SIZE_OR_NONE,
  },
  treeForm: {
    heightMm: SIZE,
    trunkMm: SIZE,
    spreadMm: SIZE,
    forkMm: SIZE,
    forks: { whole: true, min: 1, max: 7 },
    rootsMm: SIZE_OR_NONE,
    seed: { whole: true, min: 0, max: 2 ** 32 },
  },
  ballForm: {
    diameterMm: SIZE,
  },
  rodForm: {
    lengthMm: SIZE,
    startMm: SIZE,
    endMm: SIZE,
  },
  blockForm: {
    widthMm: SIZE,
    heightMm: SIZE,
    depthMm: SIZE,
  },
  cylinderForm: {
    heightMm: SIZE,
    bottomMm: SIZE,
    topMm: SIZE_OR_NONE,
  },
  ringForm: {
    acrossMm: { over: 0, max: 1e5 },
    thicknessMm: SIZE,
  },
  profilePoint: {
    radiusMm: SIZE_OR_NONE,
    heightMm: PLACE,
  },
  wedgeForm: {
    widthMm: SIZE,
    heightMm: SIZE,
    depthMm: SIZE,
  },
  planePoint: {
    xMm: PLACE,
    yMm: PLACE,
  },
  extrudedForm: {
    depthMm: SIZE,
  },
  barPoint: {
    xMm: PLACE,
    yMm: PLACE,
    zMm: PLACE,
  },
  tubeForm: {
    thicknessMm: SIZE,
    endMm: SIZE,
  },
  builtPiece: {
    xMm: PLACE,
    yMm: PLACE,
    zMm: PLACE,
    turnDeg: TURN,
    tipDeg: TURN,
    leanDeg: TURN,
  },
  opening: {
    fromLeftMm: SIZE_OR_NONE,
    sillMm: SIZE_OR_NONE,
    widthMm: SIZE,
    heightMm: SIZE,
  },
  panelsForm: {
    widthMm: SIZE,
    depthMm: SIZE,
    heightMm: SIZE,
    thicknessMm: SIZE,
    riseMm: SIZE_OR_NONE,
    eavesMm: SIZE_OR_NONE,
  },
  extent: {
    x: SIZE,
    y: SIZE,
    z: SIZE,
  },
  meshForm: {
    unitMm: SIZE,
  },
  mixShare: {
    parts: { over: 0, max: 1e4 },
  },
  coreChoice: {
    skinMm: SIZE,
  },
  zoneShare: {
    percent: { min: 0, max: 100 },
  },
  regionChoice: {
    skinMm: SIZE,
    pass: { whole: true, min: 1, max: 99 },
  },
  insert: {
    widthMm: { max: 2000, over: 0 },
    heightMm: { max: 2000, over: 0 },
    depthMm: { max: 2000, over: 0 },
  },
  wireChoice: {
    diameterMm: { min: 0.1, max: 12 },
    strands: { whole: true, min: 1, max: 7 },
  },
  wireStock: {
    diameterMm: { min: 0.1, max: 12 },
    lengthMm: { max: 1_000_000, over: 0 },
    count: { whole: true, min: 0, max: 10_000 },
  },
  wirePlace: {
    xMm: PLACE,
    yMm: PLACE,
    zMm: PLACE,
  },
  runChoice: {
    layMm: { max: 1000, over: 0 },
    startMm: { min: 0, max: 1000 },
    endMm: { min: 0, max: 1000 },
  },
  branchPlan: {
    twigs: { whole: true, min: 0, max: 12 },
  },
  fitOpening: {
    widthMm: SIZE,
    heightMm: SIZE,
  },
  fit: {
    madeMm: { over: 0, max: 1e4 },
  },
  spot: {
    x: { max: 1e6, min: -1e6 },
    y: { max: 1e6, min: -1e6 },
  },
  knownLength: {
    lengthMm: SIZE,
  },
  knownRectangle: {
    widthMm: SIZE,
    heightMm: SIZE,
  },
  reference: {
    widthPx: { whole: true, max: 20_000, min: 1 },
    heightPx: { whole: true, max: 20_000, min: 1 },
    shownRatio: { min: 0.1, max: 1e5 },
  },
  routeStep: {
    handsMin: { min: 0, max: 100_000 },
    waitMin: { min: 0, max: 100_000 },
  },
  ovenPlace: {
    xMm: { min: -2000, max: 2000 },
    yMm: { min: -2000, max: 2000 },
  },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Limit>>>>;

/** A limit as a field takes it: the least and the most that may be typed. */
export function typedLimits({ min, over, max, whole }: Limit): {
  readonly min?: number;
  readonly over?: number;
  readonly max: number;
  readonly whole: boolean;
} {
  return {
    max,
    whole: whole ?? false,
    ...(min === undefined ? {} : { min }),
    ...(over === undefined ? {} : { over }),
  };
}
