import { addDays, formatISO, parseISO } from 'date-fns';
import type { Form } from '../form/index.ts';
import {
  DEFAULT_BOARD,
  DEFAULT_BRIEF,
  DEFAULT_MASONRY,
  DEFAULT_REGION,
  DEFAULT_REPEAT,
  newPiece,
  type PartId,
  type Piece,
  type PieceId,
} from '../piece/index.ts';
import { demoClay, demoFit, demoPart, ofClay, turnedForm } from './entries.ts';
import { MARKET_ZONES } from './finish.ts';

/** A bat’s wing half spread: four fingers with the skin drawn in between them. */
const WING: Form = {
  kind: 'extruded',
  depthMm: 60,
  points: [
    { xMm: 0, yMm: 0 },
    { xMm: 150, yMm: 300 },
    { xMm: 420, yMm: 380 },
    { xMm: 640, yMm: 150 },
    { xMm: 520, yMm: 130 },
    { xMm: 440, yMm: -40 },
    { xMm: 330, yMm: 60 },
    { xMm: 220, yMm: -90 },
    { xMm: 140, yMm: 20 },
  ],
};

/** A creature rolled from balls: what they are of, across, right, up to where they begin, and to the front. */
const ofBalls = (
  ...balls: readonly (readonly [name: string, acrossMm: number, xMm: number, yMm: number, zMm: number])[]
): Form => ({
  kind: 'built',
  pieces: balls.map(([name, diameterMm, xMm, yMm, zMm]) => ({
    name,
    form: { kind: 'ball', diameterMm },
    xMm,
    yMm,
    zMm,
    turnDeg: 0,
    tipDeg: 0,
    leanDeg: 0,
    cut: false,
  })),
});

const DRAGON = ofBalls(
  ['body', 560, 0, 0, 0],
  ['neck', 330, 0, 420, 40],
  ['head', 360, 0, 600, 90],
  ['snout', 220, 0, 640, 260],
  ['left haunch', 280, -230, 0, 120],
  ['right haunch', 280, 230, 0, 120],
  ['tail', 240, 210, 0, -250],
  ['tail’s end', 180, 380, 0, -190],
);

/** Curled up, the nose on the haunch. */
const HOUND = ofBalls(
  ['body', 480, 0, 0, 0],
  ['haunch', 400, 260, 0, 60],
  ['shoulder', 400, -240, 0, 90],
  ['head', 280, -60, 60, 270],
  ['nose', 170, 110, 40, 310],
  ['tail', 180, 260, 0, 290],
);

/** *Night Market*: a small stretch of a street at night, 28 mm to the eyes, mixed ways, waiting behind the other pieces. */
export function nightMarket(now: string): Piece {
  const dragon = 'dragon' as PartId;
  const stall = 'stall' as PartId;
  return {
    ...newPiece('Night Market', now),
    id: 'night-market' as PieceId,
    scale: { kind: 'figure', heightMm: 28, datum: 'eyes', statureMm: 1700, heroic: false },
    brief: {
      ...DEFAULT_BRIEF,
      purpose: 'display',
      due: formatISO(addDays(parseISO(now), 45), { representation: 'date' }),
      hoursPerDay: 2,
      seenFrom: 'above',
      schools: { ...DEFAULT_BRIEF.schools, colour: 'coloured', bakes: 'sections' },
    },
    clays: [
      demoClay('red', {
        name: 'All-purpose soft clay, red',
        family: 'all-purpose',
        colour: '#a6473d',
        packG: 57,
        packPrice: 2.6,
      }),
      demoClay('pale', {
        name: 'Sculptor’s clay, pale',
        family: 'sculptors',
        colour: '#e3bca9',
        packG: 57,
        packPrice: 3.2,
      }),
    ],
    parts: [
      demoPart(dragon, 'Stallholder’s dragon', DRAGON, {
        ...ofClay('pale'),
        note: 'Minds the till. The tail goes round the bowls.',
      }),
      demoPart('wing', 'Wing', WING, {
        ...ofClay('pale'),
        count: 2,
        parent: dragon,
        note: 'Baked ahead, thin, on a spoon for the bend.',
        regions: [{ ...DEFAULT_REGION, region: 'all', cored: false }],
      }),
      demoPart('hound', 'Sleeping hound', HOUND, {
        ...ofClay('pale'),
        note: 'Under the stall, nose on paws.',
      }),
      demoPart(
        stall,
        'Noodle stall',
        {
          kind: 'panels',
          widthMm: 2000,
          depthMm: 1100,
          heightMm: 1900,
          thicknessMm: 110,
          walls: ['back', 'left', 'right'],
          floor: true,
          roof: 'lean-to',
          riseMm: 300,
          eavesMm: 120,
          joint: 'butt',
          openings: [{ wall: 'left', fromLeftMm: 250, sillMm: 900, widthMm: 500, heightMm: 500 }],
        },
        ofClay('red'),
      ),
      demoPart(
        'lantern',
        'Paper lantern',
        { kind: 'ball', diameterMm: 260 },
        {
          ...ofClay('red'),
          note: 'On a thread from the stall to the pole, all at one step.',
          parent: stall,
          repeat: { ...DEFAULT_REPEAT, kind: 'along', on: 'own', ownMm: 60, pitchMm: 430, ahead: true },
        },
      ),
      demoPart(
        'bowl',
        'Noodle bowl',
        turnedForm([0, 0], [80, 0], [90, 12], [150, 60], [170, 95], [150, 95], [100, 40], [0, 30]),
        { ...ofClay('red'), count: 6 },
      ),
      demoPart(
        'teapot',
        'Teapot',
        turnedForm([0, 0], [110, 0], [190, 70], [200, 120], [120, 190], [40, 220], [0, 240]),
        {
          ...ofClay('red'),
        },
      ),
    ],
    zones: [...MARKET_ZONES],
    fits: [demoFit('wing-on-dragon', 'held-by', 'wing', 'dragon')],
    board: { ...DEFAULT_BOARD, outline: 'square', widthMm: 80, depthMm: 58, thicknessMm: 6 },
    masonry: [
      {
        ...DEFAULT_MASONRY,
        id: 'street',
        part: null,
        on: 'top',
        bond: 'checker',
        unitLengthMm: 300,
        unitHeightMm: 300,
        jointMm: 15,
      },
    ],
  };
}
