import type { Reckoning, Verdict } from '../../reckoning/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { leastCover } from '../checks.ts';
import { coverWanted } from '../cover.ts';
import { crossingsOf } from '../crossings.ts';
import { BONES } from '../figures.ts';
import { jointGaps } from '../joints.ts';
import { bundleMm } from '../wire.ts';
import { type Ask, boneFigure, mm, shaped } from './ask.ts';

/** A joint closes a degree or two early all the same. */
const ROOM_SLACK = 1.05;

/** The tightest bend against what the wire bears, and the bare joint that a straight build wants. */
export function bendFigures(ask: Ask): Reckoning[] {
  // A tree is never bent at a joint later.
  const gaps = jointGaps(ask, ask.wire).filter(({ inTree }) => !inTree);
  if (gaps.length === 0) return [];
  const tight = gaps.reduce((a, b) =>
    b.radiusMm - b.radiusWantedMm < a.radiusMm - a.radiusWantedMm ? b : a,
  );
  const wide = gaps.reduce((a, b) => (b.gapMm > a.gapMm ? b : a));
  const isGood = tight.radiusMm >= tight.radiusWantedMm;
  const closes = wide.gapMm > ROOM_SLACK * wide.roomMm;
  const bendVerdict: Verdict = {
    level: isGood ? 'good' : 'doubtful',
    wording: 'state',
    says: isGood
      ? `room for ${mm(tight.radiusMm)} mm inside`
      : `only ${mm(tight.radiusMm)} mm of room at the ${tight.where}: so sharp a bend cracks`,
    margin: { value: tight.radiusMm - tight.radiusWantedMm, unit: 'mm' },
    waysOut: isGood ? [] : [{ says: 'take a thinner wire or a twist of two, or move the bends apart' }],
  };
  const room = closes
    ? `Room is ${mm(wide.roomMm)} mm: bent later it goes ${Math.round(wide.mostDegrees)}° of ${Math.round(wide.degrees)}°, so pose it before the clay goes on.`
    : `Left bare at the ${wide.where}, it can be bent ${Math.round(wide.degrees)}° later.`;
  return [
    boneFigure(
      ask,
      BONES.bends,
      tight.radiusWantedMm,
      [
        shaped('b', 'Width of the wire or twist', bundleMm(ask.wire), 'mm'),
        shaped('r', `Room at the ${tight.where}, ${Math.round(tight.degrees)}°`, tight.radiusMm, 'mm'),
      ],
      { verdict: bendVerdict },
    ),
    boneFigure(
      ask,
      BONES.gap,
      wide.gapMm,
      [
        shaped('D', `Thickness of the ${wide.where} there`, wide.limbMm, 'mm'),
        shaped('θ', 'Bend of the pose', wide.degrees, '°'),
      ],
      {
        note: `${room} Bend it once, round a rod: wire bent to and fro at one place hardens and breaks. A twist of thinner wires stands more.`,
      },
    ),
  ];
}

/** A limb that the pose takes through the body or another limb; nothing while none does. */
export function crossingFigures(ask: Ask): Reckoning[] {
  const crossings = crossingsOf(ask);
  const [first, ...others] = [...crossings].sort((a, b) => b.deepMm - a.deepMm);
  if (!first) return [];
  return [
    boneFigure(ask, BONES.crosses, first.deepMm, [], {
      verdict: {
        level: 'doubtful',
        wording: 'state',
        says: `the ${first.limb} passes through the ${first.through}${others.length > 0 ? `, and ${others.length} more` : ''}`,
        waysOut: [
          { says: 'pull it out of there: pose it by hand, key J' },
          { says: 'sculpt both as one there, and cut one of the wires short' },
        ],
      },
    }),
  ];
}

/** The bundle of a tree: wires through its trunk, and whether the trunk takes them. */
export function branchFigures(ask: Ask): Reckoning[] {
  const tips = ask.runs.filter(({ group }) => group === 'tips').flatMap(({ limbs }) => limbs);
  const wires = Math.max(0, ...tips.flatMap(({ through }) => through ?? []));
  if (wires < 2) return [];
  const width = bundleMm(ask.wire, wires);
  const cover = leastCover(ask, ask.wire, coverWanted(ask.context));
  return [
    boneFigure(
      ask,
      BONES.bundle,
      width,
      [
        shaped('d', 'Wire', ask.wire.diameterMm, 'mm'),
        shaped('n', 'Strands through the trunk', wires * ask.wire.strands, 'count'),
      ],
      cover ? { note: `Clay over the wires is scarcest at the ${cover.where}.` } : {},
    ),
  ];
}

/** All the wire of a part. */
export function lengthFigure({ context, pieces, ...ask }: Ask): Reckoning {
  const total = pieces.reduce((sum, { lengthMm, count }) => sum + lengthMm * count, 0);
  return boneFigure(
    { ...ask, context } as Ask,
    BONES.length,
    total / 1000,
    [
      {
        symbol: 'n',
        name: 'How many',
        quantity: { value: context.part.count, unit: 'count' },
        origin: { kind: 'entry', path: ['parts', context.part.id, 'count'] },
      },
      sourced('cut.allowance', context.own).term('k'),
    ],
    { formula: `l = sum of ${pieces.length} runs, strands, pegs and cuts of k counted in, for n` },
  );
}
