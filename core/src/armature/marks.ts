import type { PartFacts } from '../context/index.ts';
import type { DrawItem, Drawing } from '../drawing/index.ts';
import { BEND_RADIUS, bendSaving, bendsOf, type Towards } from './bends.ts';
import { bentLength, cutWires, endMm } from './cutList.ts';
import type { BonesFacts } from './reckonBones.ts';
import type { Run } from './run.ts';
import { bundleMm, type Wire } from './wire.ts';

/** A place of a straight wire that it is bent at. */
export interface BendMark {
  readonly atMm: number;
  readonly degrees: number;
  /** Which way, where all that share the mark go one way; null where they do not. */
  readonly towards: Towards | null;
}

/** A straight wire with the places it is bent at, mm from its middle or from the bend it is laid by. */
export interface MarkedWire {
  readonly name: string;
  /** Only one half of it, the other being its mirror image: where its middle is. */
  readonly middleMm: number | null;
  /** Its ends, as it is bent and pegged; a cut is filed off them. */
  readonly fromMm: number;
  readonly toMm: number;
  /** Where its pegs begin. */
  readonly pegsMm: readonly number[];
  readonly marks: readonly BendMark[];
}

/** Like wires side by side, with the marks that they share. */
export interface MarkGroup {
  readonly wires: readonly MarkedWire[];
  /** Marks at one place on all of them: drawn once, across. */
  readonly shared: readonly BendMark[];
}

/** A mark this near to the line that all share is bent at the line, mm: no hand bends closer. */
const SAME_MM = 1;

/**
 * A run as a straight wire, its bends marked in their middles: what rounding a bend saves is taken off on the way.
 */
export function markedWire(context: PartFacts, run: Run, wire: Wire): MarkedWire {
  const [start, end] = run.ends.map((one) => endMm(context, one, wire)) as [number, number];
  const along = bentLength(run.path, wire);
  const whole = start + along + end;
  const radius = (BEND_RADIUS + 0.5) * bundleMm(wire);
  let saved = 0;
  const marks = bendsOf(run.path).map(({ atMm, degrees, towards }) => {
    const saving = bendSaving(degrees, radius);
    const at = start + atMm - saved - saving / 2;
    saved += saving;
    return { atMm: at - whole / 2, degrees, towards };
  });
  return {
    name: run.name,
    middleMm: null,
    fromMm: -whole / 2,
    toMm: whole / 2,
    pegsMm: [...(start > 0 ? [start - whole / 2] : []), ...(end > 0 ? [whole / 2 - end] : [])],
    marks,
  };
}

/** The part of a name that like wires have in common. */
const stemOf = (name: string) => name.replace(/ \d+/g, '').replace(/^(left|right) /, '');

function sharedMarks(wires: readonly MarkedWire[]): MarkGroup['shared'] {
  if (wires.length < 2) return [];
  return (wires[0]?.marks ?? []).flatMap((_, k) => {
    const all = wires.map(({ marks }) => marks[k]);
    const places = all.map((mark) => mark?.atMm ?? Number.NaN);
    const atMm = places.reduce((sum, place) => sum + place, 0) / places.length;
    if (!places.every((place) => Math.abs(place - atMm) <= SAME_MM)) return [];
    const degrees = all.reduce((sum, mark) => sum + (mark?.degrees ?? 0), 0) / all.length;
    const way = all[0]?.towards ?? null;
    return [{ atMm, degrees, towards: all.every((mark) => mark?.towards === way) ? way : null }];
  });
}

/** Whether a wire is bent alike on both sides of its middle. */
function isMirrored({ marks }: MarkedWire): boolean {
  return marks.every(({ atMm, degrees }, i) => {
    const other = marks[marks.length - 1 - i];
    return other && Math.abs(atMm + other.atMm) < SAME_MM / 2 && Math.abs(degrees - other.degrees) < 2;
  });
}

/** One half of a mirrored wire, laid by its innermost bend: legs of one make are alike from there outward. */
function halfOf(one: MarkedWire): MarkedWire {
  const outer = one.marks.filter(({ atMm }) => atMm > SAME_MM / 2);
  const from = outer[0]?.atMm ?? 0;
  return {
    ...one,
    middleMm: -from,
    fromMm: -from,
    toMm: one.toMm - from,
    pegsMm: one.pegsMm.filter((mm) => mm > 0).map((mm) => mm - from),
    marks: outer.map((mark) => ({ ...mark, atMm: mark.atMm - from })),
  };
}

/** Wires of a part laid straight, like ones together; branches of a tree are told by their lengths alone. */
export function markGroups(context: PartFacts, { runs, wire }: BonesFacts): MarkGroup[] {
  const wires = cutWires(context, runs, wire);
  const groups = new Map<string, MarkedWire[]>();
  runs.forEach((run, i) => {
    if (run.group !== null) return;
    const marked = markedWire(context, run, wires[i] ?? wire);
    const key = `${stemOf(run.name)} ${marked.marks.length}`;
    groups.set(key, [...(groups.get(key) ?? []), marked]);
  });
  return [...groups.values()].map((list) => {
    const halves = list.length > 1 && list.every(isMirrored) ? list.map(halfOf) : list;
    return { wires: halves, shared: sharedMarks(halves) };
  });
}

/** Room for one wire and its figures, mm, round the drawing, and for the names. */
const LANE = 24;
const PAD = 4;
const NAMES = 8;

function laneItems(
  one: MarkedWire,
  x: number,
  wireMm: number,
  skip: MarkGroup['shared'],
  up: (mm: number) => number,
) {
  const tick = (mm: number, half: number, weight: 'thin' | 'hair'): DrawItem => ({
    kind: 'line',
    weight,
    points: [
      [x - half, up(mm)],
      [x + half, up(mm)],
    ],
  });
  const own = one.marks.filter(({ atMm }) => !skip.some((mark) => Math.abs(mark.atMm - atMm) <= SAME_MM));
  return [
    {
      kind: 'line',
      weight: 'thick',
      wireMm,
      points: [
        [x, up(one.fromMm)],
        [x, up(one.toMm)],
      ],
    },
    tick(one.fromMm, 1.5, 'thin'),
    tick(one.toMm, 1.5, 'thin'),
    ...one.pegsMm.map((mm) => tick(mm, 2.5, 'hair')),
    ...own.map(({ atMm }) => tick(atMm, 2.5, 'thin')),
    ...labelled(own, x + 3, up),
  ] satisfies DrawItem[];
}

/** Figures of marks stand at least so far above each other, mm: their height and a little air. */
const LINE_MM = 3.2;

/** Heights as near to those wanted as leaves a line of room between any two, from the lowest up. */
function spread(wanted: readonly number[]): number[] {
  let next = -Infinity;
  return wanted.map((height) => {
    next = Math.max(height, next + LINE_MM);
    return next;
  });
}

/** By how much and which way each mark is bent, beside it; where marks crowd, figures move up and a hairline leads back. */
function labelled(marks: readonly BendMark[], x: number, up: (mm: number) => number): DrawItem[] {
  const sorted = [...marks].sort((a, b) => a.atMm - b.atMm);
  const heights = spread(sorted.map(({ atMm }) => up(atMm)));
  return sorted.flatMap(({ atMm, degrees, towards }, i): DrawItem[] => {
    const [at, height] = [up(atMm), heights[i] ?? up(atMm)];
    return [
      ...(height - at > 0.1
        ? [
            {
              kind: 'line',
              weight: 'hair',
              points: [
                [x - 0.5, at],
                [x, height],
              ],
            } satisfies DrawItem,
          ]
        : []),
      {
        kind: 'text',
        at: [x + 0.3, height - 0.9],
        text: `${Math.round(degrees)}°${towards ? ` ${towards}` : ''}`,
        size: 2.5,
        anchor: 'start',
        face: 'figures',
      },
    ];
  });
}

/** A group of like wires at full size, upright, side by side; marks that all share are one line across. */
export function markDrawing(
  { wires, shared }: MarkGroup,
  wireMm: number,
  numberOf: (name: string) => number,
): Drawing {
  const low = Math.min(...wires.map(({ fromMm }) => fromMm));
  const high = Math.max(...wires.map(({ toMm }) => toMm));
  const up = (mm: number) => mm - low + PAD + NAMES;
  const lanes = wires.map((_, i) => PAD + LANE * (i + 0.4));
  const right = PAD + LANE * wires.length;
  const across = [
    ...shared.map(
      ({ atMm }): DrawItem => ({
        kind: 'line',
        weight: 'thin',
        points: [
          [PAD, up(atMm)],
          [right, up(atMm)],
        ],
      }),
    ),
    ...labelled(shared, right + 1, up),
  ];
  const middles = wires.flatMap(({ middleMm }, i): DrawItem[] =>
    middleMm === null
      ? []
      : [
          {
            kind: 'text',
            at: [(lanes[i] ?? 0) + 2, up(middleMm)],
            text: 'middle',
            size: 2.5,
            anchor: 'start',
            face: 'words',
            quiet: true,
          },
        ],
  );
  const names = wires.map(
    ({ name }, i): DrawItem => ({
      kind: 'text',
      at: [lanes[i] ?? 0, PAD],
      text: String(numberOf(name)),
      size: 3.5,
      anchor: 'middle',
      face: 'figures',
      bold: true,
    }),
  );
  return {
    widthMm: right + 22,
    heightMm: high - low + 2 * PAD + NAMES,
    items: [
      ...wires.flatMap((one, i) => laneItems(one, lanes[i] ?? 0, wireMm, shared, up)),
      ...across,
      ...middles,
      ...names,
    ],
  };
}
