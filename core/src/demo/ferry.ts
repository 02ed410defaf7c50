import { addDays, formatISO, parseISO, subDays } from 'date-fns';
import { type Form, PLAIN_PERSON } from '../form/index.ts';
import {
  type Clay,
  DEFAULT_ADDITION,
  DEFAULT_BRIEF,
  DEFAULT_DECISION,
  DEFAULT_INSERT,
  DEFAULT_MOULD,
  DEFAULT_REGION,
  DEFAULT_REPEAT,
  type Decision,
  type Fit,
  type FoundThing,
  type LogEntry,
  newPiece,
  type Part,
  type PartId,
  type Piece,
  type PieceId,
} from '../piece/index.ts';

import { demoClay, demoEntry, demoFit, demoPart, ofClay, turnedForm } from './entries.ts';
import { FERRY_MIXES, FERRY_POTS, FERRY_ZONES } from './finish.ts';
import { FERRY_GROUND } from './ground.ts';
import { POST_PICTURE } from './pictures.ts';

/** A pennant of 120 × 180 mm, its point down. */
const FLAG: Form = {
  kind: 'extruded',
  depthMm: 6,
  points: [
    { xMm: -60, yMm: 180 },
    { xMm: 0, yMm: 0 },
    { xMm: 60, yMm: 180 },
  ],
};

const CLAYS: Clay[] = [
  demoClay('neutral', {
    name: 'Sculptor’s clay, pale',
    family: 'sculptors',
    colour: '#e3bca9',
    packG: 57,
    packPrice: 3.2,
  }),
  demoClay('white', {
    name: 'Strong flexible clay, white',
    family: 'strong-flexible',
    colour: '#f2efe6',
    packG: 57,
    packPrice: 3.4,
  }),
  demoClay('stone', {
    name: 'Stone-effect clay, grey',
    family: 'stone-effect',
    colour: '#9a9e9b',
    packG: 250,
    packPrice: 7.9,
  }),
];

const PARTS: Part[] = [
  demoPart(
    'ferrywoman',
    'Ferrywoman',
    {
      ...PLAIN_PERSON,
      statureMm: 1660,
      pose: 'holding',
      clothing: { headMm: 0, trunkMm: 22, armsMm: 16, legsMm: 10, hemMm: 460 },
    },
    {
      ...ofClay('neutral'),
      bounds: [{ measure: 'stature', lowMm: 1640, highMm: 1680 }],
      // Coat and legs are set first: the face and the hands are made on something that is firm.
      regions: ['head', 'neck', 'nose', 'left hand', 'right hand'].map((region) => ({
        ...DEFAULT_REGION,
        region,
        pass: 2,
      })),
      features: [
        { name: 'eyes', wanted: 2, made: 2, ahead: true, facial: true, how: 'dot', acrossMm: 11 },
        { name: 'ears', wanted: 2, made: 2, ahead: false, facial: false, how: 'relief', acrossMm: null },
        { name: 'coat buttons', wanted: 6, made: 4, ahead: true, facial: false, how: 'dot', acrossMm: 22 },
      ],
      pairs: [{ name: 'sleeves', leftMm: 16.1, rightMm: 16.3 }],
      note: 'Coat and oar: right hand closed round the shaft.',
    },
  ),
  demoPart(
    'oar',
    'Oar',
    { kind: 'rod', lengthMm: 2350, startMm: 42, endMm: 36, lying: false },
    { parent: 'ferrywoman' as PartId, note: 'Wooden skewer.', stuff: 'wood' },
  ),
  demoPart(
    'goose',
    'Greylag goose',
    { kind: 'bird', heightMm: 780, proportions: 'goose', build: 1, angles: {} },
    { ...ofClay('neutral'), note: 'Asleep on her feet; legs of wire.' },
  ),
  demoPart(
    'post',
    'Mooring post',
    turnedForm(
      [0, 0],
      [200, 0],
      [214, 300],
      [206, 560],
      [170, 600],
      [170, 640],
      [250, 700],
      [236, 820],
      [140, 896],
      [0, 900],
    ),
    ofClay('neutral'),
  ),
  demoPart(
    'lantern',
    'Storm lantern',
    turnedForm(
      [0, 0],
      [170, 0],
      [180, 30],
      [150, 80],
      [110, 96],
      [120, 150],
      [136, 200],
      [112, 262],
      [84, 284],
      [104, 300],
      [96, 336],
      [44, 372],
      [0, 380],
    ),
    {
      ...ofClay('white'),
      inserts: [
        {
          ...DEFAULT_INSERT,
          id: 'lamp-cell',
          name: 'lamp cell',
          widthMm: 6.8,
          heightMm: 6.8,
          depthMm: 2.1,
          fit: 'free',
          removable: true,
          stuff: 'cell',
          afterBake: true,
        },
        {
          ...DEFAULT_INSERT,
          id: 'chimney',
          name: 'clear chimney',
          widthMm: 8,
          heightMm: 8,
          depthMm: 4,
          stuff: 'kit-plastic',
        },
      ],
    },
  ),
  demoPart(
    'mug',
    'Enamel mug',
    turnedForm([0, 0], [74, 0], [80, 12], [80, 95], [60, 95], [60, 14], [0, 14]),
    {
      ...ofClay('white'),
      count: 6,
      repeat: {
        ...DEFAULT_REPEAT,
        n: 6,
        sparePct: 0,
        way: 'putty',
        tally: { made: 5, good: 4, used: 0, minutes: 9 },
      },
      mould: { ...DEFAULT_MOULD, kind: 'halves', pull: 'side' },
    },
  ),
  demoPart(
    'mug-handle',
    'Mug handle',
    { kind: 'ring', acrossMm: 58, thicknessMm: 12, lying: false },
    { ...ofClay('white'), count: 6, parent: 'mug' as PartId },
  ),
  demoPart(
    'crate',
    'Slatted crate',
    { kind: 'block', widthMm: 520, heightMm: 396, depthMm: 380 },
    { note: 'Strips of card and coffee stirrers.', stuff: 'card' },
  ),
  demoPart(
    'cord',
    'Cord, coiled',
    { kind: 'ring', acrossMm: 380, thicknessMm: 90, lying: true },
    ofClay('neutral'),
  ),
  demoPart(
    'willow',
    'Bank-side willow',
    {
      kind: 'tree',
      heightMm: 2200,
      trunkMm: 300,
      spreadMm: 1500,
      forkMm: 1000,
      forks: 4,
      rootsMm: 200,
      seed: 7,
    },
    {
      ...ofClay('neutral'),
      branches: { folded: false, roots: false, twigs: 2, twigWire: null },
      note: 'Pollarded: a short trunk, and shoots every way. Behind the quay.',
    },
  ),
  demoPart(
    'stage',
    'Plank stage',
    { kind: 'block', widthMm: 1500, heightMm: 216, depthMm: 900 },
    { note: 'Craft sticks on studs.', stuff: 'wood' },
  ),
  demoPart('flag', 'Signal flags', FLAG, {
    stuff: 'card',
    note: 'Cut from card, on a thread.',
    parent: 'stage' as PartId,
    repeat: { ...DEFAULT_REPEAT, kind: 'along', on: 'front.top', pitchMm: 180 },
  }),
  demoPart(
    'quay',
    'Brick quay',
    { kind: 'block', widthMm: 1800, heightMm: 1320, depthMm: 720 },
    { ...ofClay('stone'), wishes: ['masonry'] },
  ),
  demoPart(
    'stitch',
    'Rope stitches',
    { kind: 'rod', lengthMm: 90, startMm: 30, endMm: 30, lying: true },
    {
      stuff: 'cotton',
      note: 'Twine, stitched round the edge.',
      parent: 'quay' as PartId,
      repeat: { ...DEFAULT_REPEAT, kind: 'along', on: 'foot', pitchMm: 110 },
    },
  ),
];

const FOUND: FoundThing[] = [
  { id: 'skewer', name: 'Skewer', acrossMm: 3, meant: 'life.oar-shaft' },
  { id: 'craft-stick', name: 'Craft stick', acrossMm: 9.5, meant: 'life.plank' },
  { id: 'shore', name: 'Coarse sand', acrossMm: 0.6, meant: 'life.pebble' },
];

const FITS: Fit[] = [
  demoFit('oar-held', 'held-by', 'oar', 'ferrywoman'),
  demoFit('ferrywoman-stands', 'sits-on', 'ferrywoman', 'stage'),
  demoFit('goose-beside', 'beside', 'goose', 'ferrywoman'),
  demoFit('lantern-in-crate', 'goes-into', 'lantern', 'crate', {
    opening: { shape: 'square', widthMm: 484, heightMm: 344 },
  }),
];

function decisionsUpTo(now: string): Decision[] {
  return [
    {
      ...DEFAULT_DECISION,
      id: 'right-hand',
      question: 'What does her right hand hold?',
      answer: 'the oar, upright',
      settledAs: 'the oar, upright',
      settled: formatISO(subDays(parseISO(now), 9)),
      before: 'clay',
      parts: ['ferrywoman' as PartId, 'oar' as PartId],
    },
    {
      ...DEFAULT_DECISION,
      id: 'lantern-light',
      question: 'Does a light go into the lantern, and come out again?',
      before: 'first-bake',
      parts: ['lantern' as PartId],
    },
  ];
}

function logUpTo(now: string): LogEntry[] {
  const daysAgo = (days: number) => formatISO(subDays(parseISO(now), days));
  return [
    demoEntry('handles-1', {
      at: daysAgo(6),
      kind: 'bake',
      part: 'mug-handle' as PartId,
      bake: { temperatureC: 130, minutes: 14, thicknessMm: 1, outcome: 'scorched' },
      note: 'First six handles browned on the outside.',
      lesson: 'Handles brown at 14 minutes with this dial: 7 minutes, in the middle of the oven.',
    }),
    demoEntry('handles-2', {
      at: daysAgo(5),
      kind: 'bake',
      part: 'mug-handle' as PartId,
      bake: { temperatureC: 130, minutes: 7, thicknessMm: 1, outcome: 'good' },
      note: 'Second six, from the middle of the oven.',
    }),
    demoEntry('height-1', {
      at: daysAgo(3),
      kind: 'measure',
      part: 'ferrywoman' as PartId,
      measure: { key: 'stature', madeMm: 138 },
      note: 'Raw, on her peg.',
    }),
    demoEntry('shoulders-1', {
      at: daysAgo(2),
      kind: 'measure',
      part: 'ferrywoman' as PartId,
      measure: { key: 'shoulders', madeMm: 37.9 },
      note: 'Coat shoulders built up too far.',
    }),
    demoEntry('post-1', {
      at: daysAgo(1),
      kind: 'measure',
      part: 'post' as PartId,
      measure: { key: 'height', madeMm: 75.2 },
    }),
    demoEntry('mug-cast-1', {
      at: daysAgo(1),
      kind: 'cast',
      part: 'mug' as PartId,
      cast: { of: 'putty', casts: 'clay', generations: 1, masterMm: 8, castMm: 7.9 },
      note: 'The first mug out of its mould, baked, against the master.',
    }),
  ];
}

/** *Low Water Ferry*: a dollhouse-scale quay scene, painted, due in 18 days. */
export function lowWaterFerry(now: string): Piece {
  return {
    ...newPiece('Low Water Ferry', now),
    id: 'low-water-ferry' as PieceId,
    brief: {
      ...DEFAULT_BRIEF,
      due: formatISO(addDays(parseISO(now), 18), { representation: 'date' }),
      hoursPerDay: 2.5,
      budget: 60,
      handledBy: 'adults, by the base',
      seenFrom: 'front',
      note: 'The ferrywoman waits at low water with her oar; goose, lantern and six mugs on the stage.',
    },
    clays: CLAYS,
    parts: PARTS,
    found: FOUND,
    wireStock: [{ id: 'remainder', metal: 'aluminium', diameterMm: 1, lengthMm: 260, count: 1 }],
    fits: FITS,
    decisions: decisionsUpTo(now),
    references: [POST_PICTURE],
    additions: [
      {
        ...DEFAULT_ADDITION,
        id: 'nets',
        name: 'Nets drying on the quay rail',
        hours: 5,
        cost: 4,
        waitDays: 1,
      },
    ],
    log: logUpTo(now),
    ...FERRY_GROUND,
    zones: [...FERRY_ZONES],
    pots: [...FERRY_POTS],
    paintMixes: [...FERRY_MIXES],
    own: { 'oven.dial-error': 8 },
  };
}
