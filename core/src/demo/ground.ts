import {
  DEFAULT_BACKDROP,
  DEFAULT_BOARD,
  DEFAULT_COVER,
  DEFAULT_EYE,
  DEFAULT_HEAP,
  DEFAULT_MASONRY,
  DEFAULT_POUR,
  DEFAULT_TIMBER,
  type PartId,
  type Piece,
} from '../piece/index.ts';

type Ground = Pick<
  Piece,
  'board' | 'stood' | 'heaps' | 'pours' | 'covers' | 'eyes' | 'masonry' | 'timber' | 'backdrop'
>;

/** Where one of a part stands: its name, the part, right, back, turned. */
type Place = readonly [id: string, part: string, xMm: number, yMm: number, turnDeg?: number];

const stood = (places: readonly Place[]): Piece['stood'] =>
  places.map(([id, part, xMm, yMm, turnDeg = 0]) => ({
    id,
    part: part as PartId,
    xMm,
    yMm,
    turnDeg,
    foliage: part === 'willow' ? 'twig' : 'none',
    group: '',
  }));

function oval(
  [x, y]: readonly [number, number],
  across: number,
  deep: number,
): Piece['pours'][number]['points'] {
  return Array.from({ length: 12 }, (_, i) => {
    const angle = (i * Math.PI) / 6;
    const round = (mm: number) => Math.round(mm * 2) / 2;
    return {
      xMm: round(x + (across / 2) * Math.cos(angle)),
      yMm: round(y + (deep / 2) * Math.sin(angle)),
    };
  });
}

/** The quay, the stage and the tidal water before them. */
export const FERRY_GROUND: Ground = {
  board: { ...DEFAULT_BOARD, outline: 'square', widthMm: 420, depthMm: 300, thicknessMm: 12, studs: 3 },
  stood: stood([
    ['quay-1', 'quay', -50, 108],
    ['stage-1', 'stage', -95, 5],
    ['ferrywoman-1', 'ferrywoman', -100, 10],
    ['crate-1', 'crate', -70, 110],
    ['cord-1', 'cord', -10, 110],
    ['lantern-1', 'lantern', -72, 112],
    ['post-1', 'post', 10, -55],
    ['goose-1', 'goose', 95, -70, 15],
    ['willow-1', 'willow', 140, 80],
    ...[0, 1, 2, 3, 4, 5].map(
      (k): Place => [`mug-${k + 1}`, 'mug', (k < 3 ? -70 : -65) + 13 * (k % 3), k < 3 ? -24 : -10],
    ),
  ]),
  heaps: [
    {
      ...DEFAULT_HEAP,
      id: 'mud-bank',
      name: 'mud bank',
      points: oval([140, 80], 110, 110),
      heightMm: 10,
      slopeDeg: 30,
    },
  ],
  pours: [
    {
      ...DEFAULT_POUR,
      id: 'tide',
      name: 'tidal water',
      points: oval([70, -62], 230, 130),
      deepMm: 9,
      lowMm: 1,
      bankDeg: 35,
      // Brown from the mud, so that the bed goes under.
      tint: { testMl: 30, testGoneMm: 25, goneMm: 12 },
    },
  ],
  covers: [
    {
      ...DEFAULT_COVER,
      id: 'bank-turf',
      name: 'turf on the bank',
      points: oval([140, 80], 110, 110),
      of: 'turf',
      deepMm: 2,
      tones: [
        { id: 'dark', name: 'dark', parts: 2 },
        { id: 'middle', name: 'middle', parts: 3 },
        { id: 'light', name: 'light', parts: 1 },
      ],
    },
    {
      ...DEFAULT_COVER,
      id: 'mud',
      name: 'mud along the water',
      points: [
        { xMm: -160, yMm: 60 },
        { xMm: -70, yMm: 32 },
        { xMm: 20, yMm: 40 },
        { xMm: 78, yMm: 70 },
      ],
      ribbonMm: 34,
      of: 'earth',
      deepMm: 2,
    },
  ],
  eyes: [{ ...DEFAULT_EYE, id: 'front', name: 'the front', heightMm: 160, awayMm: 700 }],
  masonry: [
    {
      ...DEFAULT_MASONRY,
      id: 'quay-front',
      part: 'quay' as PartId,
      on: 'front',
      bond: 'english',
      unitHeightMm: 63.9,
      // A culvert under the quay.
      openings: [{ id: 'culvert', head: 'arch', middleMm: 1180, sillMm: 0, widthMm: 560, heightMm: 640 }],
    },
  ],
  timber: [
    {
      ...DEFAULT_TIMBER,
      id: 'landing',
      name: 'landing steps',
      kind: 'steps',
      lengthMm: 800,
      heightMm: 1320,
      stepMm: 280,
      thickMm: 40,
    },
  ],
  // A sky, for the picture of it.
  backdrop: { ...DEFAULT_BACKDROP, fNumber: 4 },
};

/** The oval that the toll gate stands on. */
export const FROGS_GROUND: Ground = {
  board: { ...DEFAULT_BOARD, outline: 'round', widthMm: 120, depthMm: 92, thicknessMm: 6 },
  stood: stood([
    ['hut-1', 'hut', 20, 8],
    ['gate-1', 'gate-post', -45, -12],
    ['gate-2', 'gate-post', 8, -26],
    ['frog-1', 'toll-keeper', -31, 10],
    ['reed-1', 'reed', 22, -33],
    ['reed-2', 'reed', 30, -29],
    ['reed-3', 'reed', 38, -24],
    ['reed-4', 'reed', 45, -18],
    ['reed-5', 'reed', 53, -11],
  ]),
  heaps: [],
  pours: [],
  covers: [],
  eyes: [],
  masonry: [
    {
      ...DEFAULT_MASONRY,
      id: 'cobbles',
      part: null,
      on: 'top',
      bond: 'cobbles',
      unitLengthMm: 200,
      unitHeightMm: 180,
      jointMm: 25,
      wornMm: 40,
    },
  ],
  timber: [],
  backdrop: null,
};
