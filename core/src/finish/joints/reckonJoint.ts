import type { Given } from '../../context/index.ts';
import { DEFAULT_JOINT, type Joint, type JointWay } from '../../piece/index.ts';
import {
  figure,
  type Level,
  type OwnValues,
  type Reckoning,
  shapedBy,
  sourced,
  type Term,
  termFrom,
  type WayOut,
} from '../../reckoning/index.ts';
import { alongAndPeeled } from './alongAndPeeled.ts';
import { JOINTS } from './figures.ts';
import { GLUES, glueRow, type Objection, objections } from './glues.ts';
import type { JointFacts } from './jointFacts.ts';
import { type Load, loadOf } from './load.ts';
import { pinModulus, sectionModulus, strengthRow } from './strength.ts';

/** Glue in a joint that closes well, mm (from memory). */
const FILM_MM = 0.1;
/** Most pins that are offered, the wires they are cut from, mm, and how much of where the two touch they may fill. */
const MOST_PINS = 6;
const PINS_MM = [1, 1.5, 2, 3, 4] as const;
const FILLED = 0.8;

const shaped = shapedBy('the solids of the two');

/** A way of joining among all, with what speaks against it and how much it bears. */
export interface RankedWay {
  readonly way: JointWay;
  readonly title: string;
  readonly level: Level;
  readonly says: readonly string[];
  /** Times what it is asked; null for what only rests in place. */
  readonly bears: number | null;
  readonly holdMin: number;
}

function bearsOf(
  way: JointWay,
  { sides }: JointFacts,
  { momentNmm, areaMm2 }: Load,
  { pins, pinMm }: Pick<Joint, 'pins' | 'pinMm'>,
  own: OwnValues,
): number | null {
  const row = strengthRow(way, sides);
  if (row === null || momentNmm <= 0) return null;
  const held = sourced(row, own).value * sectionModulus(areaMm2);
  const pinned = pins * sourced('joint.pin', own).value * pinModulus(pinMm);
  return (held + pinned) / momentNmm;
}

const holdRow = (way: JointWay): string | null =>
  way === 'magnets' || way === 'tube' || way === 'slot' ? null : `joint.sets-${way}`;

const RANK: Readonly<Record<Level, number>> = { good: 0, doubtful: 1, stop: 2 };

function levelOf(against: readonly Objection[], bears: number | null, factor: number): Level {
  if (against.some(({ isStop }) => isStop)) return 'stop';
  return against.length > 0 || (bears !== null && bears < factor) ? 'doubtful' : 'good';
}

/** All ways of joining two things, what will do first: by what speaks against them, then by how much they bear, then by how quick they are. */
export function rankWays(
  given: Given,
  facts: JointFacts,
  joint: Pick<Joint, 'areaMm2' | 'pins' | 'pinMm'>,
): readonly RankedWay[] {
  const { own } = given.context;
  const load = loadOf(given, facts, joint);
  return GLUES.map((glue): RankedWay => {
    const against = objections(glue, facts);
    const bears = bearsOf(glue.way, facts, load, joint, own);
    const row = holdRow(glue.way);
    return {
      way: glue.way,
      title: glue.title,
      level: levelOf(against, bears, load.factor),
      says: [
        ...against.map(({ says }) => says),
        ...(bears !== null && bears < load.factor
          ? [
              `bears ${bears < 0.1 ? 'less than a tenth of' : `${bears.toFixed(1)} times`} what it is asked, and ${load.factor} times are wanted`,
            ]
          : []),
      ],
      bears,
      holdMin: row === null ? 0 : sourced(row, own).value,
    };
  }).sort(
    (a, b) =>
      RANK[a.level] - RANK[b.level] ||
      Math.min(load.factor, b.bears ?? load.factor) - Math.min(load.factor, a.bears ?? load.factor) ||
      a.holdMin - b.holdMin,
  );
}

/** The least pins that do and still fit side by side into where the two touch; null where none do. */
function pinsThatDo(
  way: JointWay,
  facts: JointFacts,
  load: Load,
  own: OwnValues,
): Pick<Joint, 'pins' | 'pinMm'> | null {
  const across = Math.sqrt((4 * load.areaMm2) / Math.PI);
  const tried = PINS_MM.flatMap((pinMm) =>
    Array.from({ length: MOST_PINS }, (_, i) => ({ pins: i + 1, pinMm })),
  ).filter(({ pins, pinMm }) => pins * pinMm <= FILLED * across);
  const wide = ({ pins, pinMm }: (typeof tried)[number]) => pins * pinMm ** 2;
  return (
    tried
      .sort((a, b) => wide(a) - wide(b))
      .find((one) => (bearsOf(way, facts, load, one, own) ?? 0) >= load.factor) ?? null
  );
}

/** Ways out of a joint that bears too little: pins, what bears more, or more that touches. */
function waysToBear(
  given: Given,
  facts: JointFacts,
  joint: Joint,
  load: Load,
  ranked: readonly RankedWay[],
): WayOut[] {
  const { way } = joint;
  const row = way && strengthRow(way, facts.sides);
  if (way === null || !row) return [];
  const { own } = given.context;
  const path = ['joints', joint.id];
  const enough = pinsThatDo(way, facts, load, own);
  const better = ranked.find((one) => one.level === 'good' && one.way !== way);
  const modulus = (load.factor * load.momentNmm) / sourced(row, own).value;
  const touching = Math.ceil((4 * Math.sqrt(Math.PI) * modulus) ** (2 / 3));
  return [
    ...(enough
      ? [
          {
            says: `${enough.pins === 1 ? 'a pin' : `${enough.pins} pins`} of ${enough.pinMm} mm across it`,
            change: { path, value: { ...joint, ...enough } },
          },
        ]
      : []),
    ...(better
      ? [{ says: `${better.title} instead`, change: { path, value: { ...joint, way: better.way } } }]
      : []),
    { says: `let it in deeper, or make it wider: ${touching} mm² that touch` },
    ...(enough || better ? [] : [{ says: 'a wire from one into the other, put in while they are raw' }]),
  ];
}

function entry(id: string, field: keyof Joint): Term['origin'] {
  return { kind: 'entry', path: ['joints', id, field] };
}

/** How a joint holds: what speaks against it, what it is asked and what it bears, how long it is held, and what it takes. */
export function reckonJoint(given: Given, facts: JointFacts, joint: Joint): Reckoning[] {
  const { own } = given.context;
  const { way } = joint;
  if (way === null) return [];
  const named = `${facts.part.part.name} on ${facts.on.part.name}`;
  const base = { at: joint.id, part: null } as const;
  const row = glueRow(way);
  const ranked = rankWays(given, facts, joint);
  const against = objections(row, facts);
  const stops = against.filter(({ isStop }) => isStop).length;
  const best = ranked.find((one) => one.level !== 'stop' && one.way !== way);
  const [worst] = [...against].sort((a, b) => Number(b.isStop) - Number(a.isStop));
  const load = loadOf(given, facts, joint);
  const area = figure(JOINTS.area, {
    ...base,
    title: `${named}: they touch on`,
    value: load.areaMm2 / 100,
    formula: joint.areaMm2 === null ? 'A = the least section of the two where they meet, a' : 'A = a',
    terms: [
      joint.areaMm2 === null
        ? shaped('a', 'The lesser of the two', facts.touchMm2 / 100, 'cm²')
        : {
            symbol: 'a',
            name: 'As you have it',
            quantity: { value: joint.areaMm2 / 100, unit: 'cm²' },
            origin: entry(joint.id, 'areaMm2'),
          },
    ],
  });
  const moment = figure(JOINTS.load, {
    ...base,
    title: `${named}: a hand and its weight turn it with`,
    value: load.momentNmm,
    terms: [
      sourced(facts.isHandled ? 'joint.hand-held' : 'joint.hand', own).term('H'),
      shaped('m', 'What is put on weighs', load.grams, 'g'),
      shaped('L', 'Its far end is off by', facts.reachMm, 'mm'),
    ],
  });
  const strength = strengthRow(way, facts.sides);
  const bears = bearsOf(way, facts, load, joint, own);
  const isEnough = bears !== null && bears >= load.factor;
  const hold = holdRow(way);
  const full =
    way === 'press' || way === 'liquid-clay' || hold === null ? null : sourced(`joint.full-${way}`, own);
  const isGlue = row.coat !== null && row.coat !== 'liquid-clay';
  return [
    figure(JOINTS.will, {
      ...base,
      title: `${named}, ${row.title}: what speaks against it`,
      value: against.length,
      terms: [
        shaped('s', 'Will not do', stops, 'count'),
        shaped('c', 'May not', against.length - stops, 'count'),
      ],
      note: row.says,
      verdict: worst
        ? {
            level: stops > 0 ? 'stop' : 'doubtful',
            wording: 'state',
            says: worst.says,
            waysOut: best
              ? [
                  {
                    says: `${best.title} instead`,
                    change: { path: ['joints', joint.id], value: { ...joint, way: best.way } },
                  },
                ]
              : [],
          }
        : { level: 'good', wording: 'state', says: 'it will do', waysOut: [] },
    }),
    area,
    moment,
    ...(strength === null || bears === null
      ? []
      : [
          figure(JOINTS.bears, {
            ...base,
            title: `${named}: bears, times what it is asked`,
            value: bears,
            terms: [
              sourced(strength, own).term('S'),
              shaped('Z', 'Section modulus where they touch, mm³', sectionModulus(load.areaMm2), ''),
              {
                symbol: 'n',
                name: 'Pins',
                quantity: { value: joint.pins, unit: 'count' },
                origin: entry(joint.id, 'pins'),
              },
              sourced('joint.pin', own).term('y'),
              shaped('q', 'Section modulus of a pin, mm³', pinModulus(joint.pinMm), ''),
              termFrom('M', moment),
            ],
            note: 'An order of magnitude: a joint that is peeled or knocked bears far less.',
            verdict: {
              level: isEnough ? 'good' : bears < 1 ? 'stop' : 'doubtful',
              wording: 'state',
              says: isEnough
                ? `${load.factor} times are wanted`
                : `${load.factor} times what it is asked are wanted${facts.isHandled ? ', as it is handled' : ''}`,
              waysOut: isEnough ? [] : waysToBear(given, facts, joint, load, ranked),
            },
          }),
        ]),
    ...(strength === null ? [] : alongAndPeeled(base, named, { way, strength, load, area }, joint, own)),
    ...(joint.pins > 0
      ? [
          figure(JOINTS.deep, {
            ...base,
            title: `${named}: a pin goes in at least`,
            value: Math.max(
              sourced('joint.pin-deep', own).value * joint.pinMm,
              sourced('joint.pin-least', own).value,
            ),
            terms: [
              sourced('joint.pin-deep', own).term('k'),
              {
                symbol: 'a',
                name: 'Across',
                quantity: { value: joint.pinMm, unit: 'mm' },
                origin: entry(joint.id, 'pinMm'),
              },
              sourced('joint.pin-least', own).term('l'),
            ],
          }),
        ]
      : []),
    ...(hold === null
      ? []
      : [
          figure(JOINTS.sets, {
            ...base,
            title: `${named}: held for`,
            value: sourced(hold, own).value,
            terms: [sourced(hold, own).term('h')],
            note: `With the joint level, and the lighter of the two on top: its own weight closes it.`,
          }),
        ]),
    ...(full === null
      ? []
      : [
          figure(JOINTS.full, {
            ...base,
            title: `${named}: full hold after`,
            value: full.value / 60,
            terms: [full.term('f')],
          }),
        ]),
    ...(isGlue
      ? [
          figure(JOINTS.glue, {
            ...base,
            title: `${named}: glue to take`,
            value: (area.quantity.value * Math.max(FILM_MM, joint.gapMm ?? 0)) / 10,
            terms: [
              termFrom('A', area),
              joint.gapMm !== null && joint.gapMm > FILM_MM
                ? {
                    symbol: 'g',
                    name: 'The gap, as measured',
                    quantity: { value: joint.gapMm, unit: 'mm' },
                    origin: entry(joint.id, 'gapMm'),
                  }
                : shaped('g', 'A film of it', FILM_MM, 'mm'),
            ],
          }),
        ]
      : []),
  ];
}

/** What stands for a fit that no joint has been chosen for. */
export const NO_JOINT: Joint = { ...DEFAULT_JOINT, id: '', fit: '' };
