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

/**
 * The limits of every number of the document, by record and field. They are declared here and nowhere else: the classes check
 * by them, messages name them, fields and the schema take them from here.
 */
export const LIMITS = {
  ratioScale: {
    ratio: { min: 0.1, max: 1e5 },
  },
  figureScale: {
    heightMm: { over: 0, max: MOST_MM },
    statureMm: { over: 0, max: MOST_MM },
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
    lowMm: { over: 0, max: MOST_MM },
    highMm: { over: 0, max: MOST_MM },
  },
  feature: {
    wanted: { whole: true, min: 1, max: 10_000 },
    made: { whole: true, min: 0, max: 10_000 },
  },
  pair: {
    leftMm: { over: 0, max: MOST_MM },
    rightMm: { over: 0, max: MOST_MM },
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
    thicknessMm: { over: 0, max: MOST_MM },
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
    headMm: { min: 0, max: MOST_MM },
    trunkMm: { min: 0, max: MOST_MM },
    armsMm: { min: 0, max: MOST_MM },
    legsMm: { min: 0, max: MOST_MM },
    hemMm: { over: 0, max: MOST_MM },
  },
  personForm: {
    statureMm: { over: 0, max: MOST_MM },
    headsTall: { min: 2, max: 9 },
    build: { min: 0.5, max: 2 },
  },
  beastForm: {
    withersMm: { over: 0, max: MOST_MM },
    build: { min: 0.5, max: 2 },
  },
  birdForm: {
    heightMm: { over: 0, max: MOST_MM },
    build: { min: 0.5, max: 2 },
  },
  crawlerForm: {
    lengthMm: { over: 0, max: MOST_MM },
    sections: { whole: true, min: 1, max: 6 },
    legPairs: { whole: true, min: 0, max: 12 },
    legSegments: { whole: true, min: 1, max: 6 },
    footCircleMm: { over: 0, max: MOST_MM },
    bodyHeightMm: { over: 0, max: MOST_MM },
    feelersMm: { min: 0, max: MOST_MM },
    legMm: { over: 0, max: MOST_MM },
  },
  roundCreatureForm: {
    heightMm: { over: 0, max: MOST_MM },
    widthMm: { over: 0, max: MOST_MM },
    armsMm: { min: 0, max: MOST_MM },
    legsMm: { min: 0, max: MOST_MM },
  },
  treeForm: {
    heightMm: { over: 0, max: MOST_MM },
    trunkMm: { over: 0, max: MOST_MM },
    spreadMm: { over: 0, max: MOST_MM },
    forkMm: { over: 0, max: MOST_MM },
    forks: { whole: true, min: 1, max: 7 },
    rootsMm: { min: 0, max: MOST_MM },
    seed: { whole: true, min: 0, max: 2 ** 32 },
  },
  ballForm: {
    diameterMm: { over: 0, max: MOST_MM },
  },
  rodForm: {
    lengthMm: { over: 0, max: MOST_MM },
    startMm: { over: 0, max: MOST_MM },
    endMm: { over: 0, max: MOST_MM },
  },
  blockForm: {
    widthMm: { over: 0, max: MOST_MM },
    heightMm: { over: 0, max: MOST_MM },
    depthMm: { over: 0, max: MOST_MM },
  },
  cylinderForm: {
    heightMm: { over: 0, max: MOST_MM },
    bottomMm: { over: 0, max: MOST_MM },
    topMm: { min: 0, max: MOST_MM },
  },
  ringForm: {
    acrossMm: { over: 0, max: 1e5 },
    thicknessMm: { over: 0, max: MOST_MM },
  },
  profilePoint: {
    radiusMm: { min: 0, max: MOST_MM },
    heightMm: { max: MOST_MM, min: -MOST_MM },
  },
  wedgeForm: {
    widthMm: { over: 0, max: MOST_MM },
    heightMm: { over: 0, max: MOST_MM },
    depthMm: { over: 0, max: MOST_MM },
  },
  planePoint: {
    xMm: { max: MOST_MM, min: -MOST_MM },
    yMm: { max: MOST_MM, min: -MOST_MM },
  },
  extrudedForm: {
    depthMm: { over: 0, max: MOST_MM },
  },
  barPoint: {
    xMm: { max: MOST_MM, min: -MOST_MM },
    yMm: { max: MOST_MM, min: -MOST_MM },
    zMm: { max: MOST_MM, min: -MOST_MM },
  },
  tubeForm: {
    thicknessMm: { over: 0, max: MOST_MM },
    endMm: { over: 0, max: MOST_MM },
  },
  builtPiece: {
    xMm: { max: MOST_MM, min: -MOST_MM },
    yMm: { max: MOST_MM, min: -MOST_MM },
    zMm: { max: MOST_MM, min: -MOST_MM },
    turnDeg: { max: 3600, min: -3600 },
    tipDeg: { max: 3600, min: -3600 },
    leanDeg: { max: 3600, min: -3600 },
  },
  opening: {
    fromLeftMm: { min: 0, max: MOST_MM },
    sillMm: { min: 0, max: MOST_MM },
    widthMm: { over: 0, max: MOST_MM },
    heightMm: { over: 0, max: MOST_MM },
  },
  panelsForm: {
    widthMm: { over: 0, max: MOST_MM },
    depthMm: { over: 0, max: MOST_MM },
    heightMm: { over: 0, max: MOST_MM },
    thicknessMm: { over: 0, max: MOST_MM },
    riseMm: { min: 0, max: MOST_MM },
    eavesMm: { min: 0, max: MOST_MM },
  },
  extent: {
    x: { over: 0, max: MOST_MM },
    y: { over: 0, max: MOST_MM },
    z: { over: 0, max: MOST_MM },
  },
  meshForm: {
    unitMm: { over: 0, max: MOST_MM },
  },
  mixShare: {
    parts: { over: 0, max: 1e4 },
  },
  coreChoice: {
    skinMm: { over: 0, max: MOST_MM },
  },
  zoneShare: {
    percent: { min: 0, max: 100 },
  },
  regionChoice: {
    skinMm: { over: 0, max: MOST_MM },
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
    xMm: { max: MOST_MM, min: -MOST_MM },
    yMm: { max: MOST_MM, min: -MOST_MM },
    zMm: { max: MOST_MM, min: -MOST_MM },
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
    widthMm: { over: 0, max: MOST_MM },
    heightMm: { over: 0, max: MOST_MM },
  },
  fit: {
    madeMm: { over: 0, max: 1e4 },
  },
  spot: {
    x: { max: 1e6, min: -1e6 },
    y: { max: 1e6, min: -1e6 },
  },
  knownLength: {
    lengthMm: { over: 0, max: MOST_MM },
  },
  knownRectangle: {
    widthMm: { over: 0, max: MOST_MM },
    heightMm: { over: 0, max: MOST_MM },
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
