import { type Limits, PLACE, SIZE, SIZE_OR_NONE, TURN } from '../../record/index.ts';

/** Limits of the numbers of forms. */
export const FORM_LIMITS = {
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
  drawnForm: {
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
} as const satisfies Limits;
