import { addDays, formatISO, parseISO, subDays } from 'date-fns';
import type { Form } from '../form/index.ts';
import {
  type ClayId,
  DEFAULT_BRIEF,
  DEFAULT_DECISION,
  DEFAULT_PATTERN,
  DEFAULT_REGION,
  DEFAULT_REPEAT,
  newPiece,
  type PartId,
  type Piece,
  type PieceId,
} from '../piece/index.ts';
import { demoClay, demoEntry, demoFit, demoPart, ofClay } from './entries.ts';
import { FROG_ZONES } from './finish.ts';
import { FROGS_GROUND } from './ground.ts';

/** A fish-scale shingle of 174 × 300 mm: square above, half round below. */
const SHINGLE: Form = {
  kind: 'extruded',
  depthMm: 14,
  points: [
    { xMm: 87, yMm: 300 },
    { xMm: -87, yMm: 300 },
    ...Array.from({ length: 11 }, (_, i) => ({
      xMm: -87 * Math.cos((Math.PI * i) / 10),
      yMm: 105 - 105 * Math.sin((Math.PI * i) / 10),
    })),
  ],
};

/** *Toll Frogs*: five toll-keepers 32 mm to the eyes, in coloured clay, due in 3 days. */
export function tollFrogs(now: string): Piece {
  const frog = 'toll-keeper' as PartId;
  return {
    ...newPiece('Toll Frogs', now),
    id: 'toll-frogs' as PieceId,
    scale: { kind: 'figure', heightMm: 32, datum: 'eyes', statureMm: 1750, heroic: false },
    brief: {
      ...DEFAULT_BRIEF,
      purpose: 'handled',
      due: formatISO(addDays(parseISO(now), 3), { representation: 'date' }),
      hoursPerDay: 5,
      handledBy: 'players',
      seenFrom: 'above',
      schools: { ...DEFAULT_BRIEF.schools, colour: 'coloured', bakes: 'one', heat: 'full' },
    },
    clays: [
      demoClay('green', {
        name: 'All-purpose soft clay, green',
        family: 'all-purpose',
        colour: '#66834a',
        packG: 57,
        packPrice: 2.6,
      }),
      demoClay('ochre', {
        name: 'All-purpose soft clay, ochre',
        family: 'all-purpose',
        colour: '#c69b4f',
        packG: 57,
        packPrice: 2.6,
      }),
      demoClay('grey', {
        name: 'Firm clay, grey',
        family: 'firm',
        colour: '#7d8284',
        packG: 57,
        packPrice: null,
      }),
    ],
    parts: [
      demoPart(
        frog,
        'Frog toll-keeper',
        { kind: 'round', heightMm: 1750, widthMm: 1200, crest: 'bulging eyes', armsMm: 700, legsMm: 420 },
        {
          count: 5,
          // Chips of ochre in the green, as skin has them.
          pattern: { ...DEFAULT_PATTERN, kind: 'mottle', pieceMm: 1.5 },
          mix: [
            { clay: 'green' as ClayId, parts: 3 },
            { clay: 'ochre' as ClayId, parts: 1 },
          ],
          features: [
            { name: 'eyes', wanted: 2, made: 2, ahead: true, facial: true, how: 'dot', acrossMm: null },
            {
              name: 'spots on the back',
              wanted: 9,
              made: 9,
              ahead: false,
              facial: false,
              how: 'dot',
              acrossMm: null,
            },
          ],
          regions: [
            {
              region: 'body',
              cored: true,
              skinMm: null,
              mix: [],
              pass: 1,
              zones: [{ name: 'belly', percent: 18, mix: [{ clay: 'ochre' as ClayId, parts: 1 }] }],
            },
            { ...DEFAULT_REGION, region: 'eyes', mix: [{ clay: 'ochre' as ClayId, parts: 1 }] },
          ],
          pairs: [{ name: 'arms', leftMm: 13.6, rightMm: 13.5 }],
          note: 'Marbled, not blended.',
        },
      ),
      demoPart(
        'pike',
        'Pike',
        { kind: 'rod', lengthMm: 2300, startMm: 50, endMm: 40, lying: false },
        { count: 5, parent: frog, note: 'Wire, 1.0 mm.', stuff: 'wire' },
      ),
      demoPart(
        'base',
        'Round base',
        { kind: 'cylinder', heightMm: 3, bottomMm: 32, topMm: 31, lying: false },
        { count: 5, parent: frog, sized: 'miniature', note: 'Cut from 3 mm ply.', stuff: 'wood' },
      ),
      demoPart(
        'gate-post',
        'Gate post',
        { kind: 'cylinder', heightMm: 2900, bottomMm: 300, topMm: 260, lying: false },
        { ...ofClay('grey'), count: 2 },
      ),
      demoPart(
        'gate-beam',
        'Gate beam',
        { kind: 'rod', lengthMm: 3400, startMm: 180, endMm: 140, lying: true },
        ofClay('grey'),
      ),
      demoPart(
        'hut',
        'Toll hut',
        {
          kind: 'panels',
          widthMm: 2200,
          depthMm: 1800,
          heightMm: 2000,
          thicknessMm: 130,
          walls: ['front', 'back', 'left', 'right'],
          floor: false,
          roof: 'gable',
          riseMm: 900,
          eavesMm: 160,
          joint: 'mitre',
          openings: [
            { wall: 'front', fromLeftMm: 700, sillMm: 0, widthMm: 800, heightMm: 1500 },
            { wall: 'left', fromLeftMm: 550, sillMm: 800, widthMm: 700, heightMm: 600 },
          ],
        },
        { ...ofClay('ochre'), note: 'Boards scored into the sheets before they are cut.' },
      ),
      demoPart('shingle', 'Roof shingles', SHINGLE, {
        stuff: 'card',
        note: 'Cut from card; the other half of the roof stays open.',
        parent: 'hut' as PartId,
        repeat: {
          ...DEFAULT_REPEAT,
          kind: 'over',
          on: 'left-roof',
          way: 'cutter',
          tally: { made: 96, good: 92, used: 84, minutes: 41 },
        },
      }),
      demoPart(
        'tooth',
        'Frog’s tooth',
        { kind: 'cylinder', heightMm: 90, bottomMm: 44, topMm: 10, lying: false },
        {
          ...ofClay('ochre'),
          note: 'Baked ahead; the best are picked.',
          parent: frog,
          repeat: { ...DEFAULT_REPEAT, kind: 'counted', n: 6, ahead: true, letInPct: 30 },
        },
      ),
      demoPart(
        'awning',
        'Striped awning',
        { kind: 'block', widthMm: 1100, heightMm: 60, depthMm: 520 },
        {
          note: 'Over the door: stripes cut from a log.',
          parent: 'hut' as PartId,
          pattern: { ...DEFAULT_PATTERN, kind: 'cane', thickMm: 9, reducedMm: 4, sliceMm: 1.2 },
          mix: [
            { clay: 'ochre' as ClayId, parts: 1 },
            { clay: 'green' as ClayId, parts: 1 },
          ],
        },
      ),
      demoPart(
        'reed',
        'Reed',
        { kind: 'rod', lengthMm: 1500, startMm: 26, endMm: 12, lying: false },
        { count: 24, note: 'Broom bristle.', stuff: 'acrylic-fibre' },
      ),
    ],
    fits: [
      demoFit('frog-on-base', 'sits-on', 'toll-keeper', 'base'),
      demoFit('pike-held', 'held-by', 'pike', 'toll-keeper'),
      demoFit('frog-under-gate', 'passes-under', 'toll-keeper', 'gate-beam', {
        opening: { shape: 'square', widthMm: 2500, heightMm: 2720 },
      }),
    ],
    found: [{ id: 'pike-wire', name: 'Wire, 0.6 mm', acrossMm: 0.6, meant: 'life.spear-shaft' }],
    decisions: [
      {
        ...DEFAULT_DECISION,
        id: 'facing',
        question: 'Which way do the bases face?',
        answer: 'the seam to the back',
        settledAs: 'the seam to the back',
        settled: formatISO(subDays(parseISO(now), 2)),
        before: 'glue',
        parts: ['base' as PartId],
      },
    ],
    ...FROGS_GROUND,
    zones: [...FROG_ZONES],
    log: [
      demoEntry('frog-1', {
        at: formatISO(subDays(parseISO(now), 1)),
        kind: 'measure',
        part: frog,
        measure: { key: 'height', madeMm: 34.5 },
        note: 'First frog, raw.',
      }),
    ],
  };
}
