import type { PartFacts } from '../context/index.ts';
import type { DrawItem, Drawing } from '../drawing/index.ts';
import type { Vec2 } from '../form/index.ts';
import { BEND_RADIUS, bendSaving, bendsOf } from './bends.ts';
import { bentLength, cutWires, endMm } from './cutList.ts';
import type { BonesFacts } from './reckonBones.ts';
import type { Run } from './run.ts';
import { bundleMm, type Wire } from './wire.ts';

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
  readonly marks: readonly { readonly atMm: number; readonly degrees: number }[];
}

/** Like wires side by side, with the marks that they share. */
export interface MarkGroup {
  readonly wires: readonly MarkedWire[];
  /** Marks at one place on all of them: drawn once, across. */
  readonly shared: readonly { readonly atMm: number; readonly degrees: number }[];
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
  const marks = bendsOf(run.path).map(({ atMm, degrees }) => {
    const saving = bendSaving(degrees, radius);
    const at = start + atMm - saved - saving / 2;
    saved += saving;
    return { atMm: at - whole / 2, degrees };
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
    return [{ atMm, degrees }];
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
    marks: outer.map(({ atMm, degrees }) => ({ atMm: atMm - from, degrees })),
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
const LANE = 13;
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
    ...own.flatMap(({ atMm, degrees }): DrawItem[] => [
      tick(atMm, 2.5, 'thin'),
      angle(degrees, [x + 3, up(atMm) - 0.9]),
    ]),
  ] satisfies DrawItem[];
}

function angle(degrees: number, at: Vec2): DrawItem {
  return { kind: 'text', at, text: `${Math.round(degrees)}°`, size: 2.5, anchor: 'start', face: 'figures' };
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
  const across = shared.flatMap(({ atMm, degrees }): DrawItem[] => [
    {
      kind: 'line',
      weight: 'thin',
      points: [
        [PAD, up(atMm)],
        [right, up(atMm)],
      ],
    },
    angle(degrees, [right + 1, up(atMm) - 0.9]),
  ]);
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
    widthMm: right + 10,
    heightMm: high - low + 2 * PAD + NAMES,
    items: [
      ...wires.flatMap((one, i) => laneItems(one, lanes[i] ?? 0, wireMm, shared, up)),
      ...across,
      ...middles,
      ...names,
    ],
  };
}
