import type { PartContext, PartFacts } from '../context/index.ts';
import { type DrawItem, type Drawing, moved, scaledOutline } from '../drawing/index.ts';
import { extentOf, type Vec2, type Vec3, type View, viewTitle } from '../form/index.ts';
import { endMm } from './cutList.ts';
import type { BonesFacts } from './reckonBones.ts';
import { goingIn, type Peg, pegsOf } from './run.ts';
import { bundleMm } from './wire.ts';
import { type WireLine, wireLines } from './wireLines.ts';

const seen = (view: View, [x, y, z]: Vec3): Vec2 => (view === 'front' ? [x, y] : [z, y]);

/** Room round the drawing for its title and the pegs, mm. */
const PAD = 6;
const TITLE = 7;

/** Longest name in a title, and room for one of its letters, mm. */
const LONGEST_NAME = 36;
const LETTER = 1.85;

function shortened(name: string): string {
  return name.length > LONGEST_NAME ? `${name.slice(0, LONGEST_NAME - 1)}…` : name;
}

/** What is drawn besides the wires. */
export interface BonesMarks {
  /** The place where the clay over the wire is scarcest. */
  readonly cover?: boolean;
  /** Where the solid itself has least clay over a wire: ringed twice. */
  readonly twice?: Vec3;
  /** Every bend, with its angle. */
  readonly bends?: boolean;
  /** Pegs no longer than the part is high: where it is looked at and not bent by. */
  readonly shortPegs?: boolean;
  /** Raw limbs as they sag, so many times as far; none for 0. */
  readonly sagTimes?: number;
}

/** A free limb let down at its tip, less and less towards where it is held. */
function sagging(path: readonly Vec3[], sagMm: number): Vec3[] {
  const last = path.length - 1;
  return path.map(([x, y, z], i): Vec3 => [x, y - sagMm * (i / Math.max(1, last)) ** 2, z]);
}

function markItems(
  { cover, bends, sags, wire }: BonesFacts,
  marks: BonesMarks,
  at: (point: Vec3) => Vec2,
  runs: BonesFacts['runs'],
): DrawItem[] {
  const circles: DrawItem[] =
    marks.cover && cover
      ? [{ kind: 'circle', at: at(cover.at), diameterMm: 5, weight: 'thick', accent: true }]
      : [];
  if (marks.twice)
    for (const diameterMm of [4, 6.5])
      circles.push({ kind: 'circle', at: at(marks.twice), diameterMm, weight: 'thin', accent: true });
  const bent = marks.bends
    ? [
        ...bends.map(
          ({ point }): DrawItem => ({
            kind: 'circle',
            at: at(point),
            diameterMm: Math.max(1.6, 2 * bundleMm(wire)),
            weight: 'hair',
          }),
        ),
        ...apart(bends.map(({ point, degrees }) => ({ at: at(point), text: `${Math.round(degrees)}°` }))),
      ]
    : [];
  const times = marks.sagTimes ?? 0;
  const sagged =
    times === 0
      ? []
      : runs
          .flatMap(({ limbs }) => limbs)
          .flatMap((limb): DrawItem[] => {
            const sag = sags.get(limb.name);
            return sag === undefined
              ? []
              : [
                  {
                    kind: 'line',
                    weight: 'thin',
                    accent: true,
                    dashed: true,
                    points: sagging(limb.path, sag * times).map(at),
                  },
                ];
          });
  return [...circles, ...bent, ...sagged];
}

/** Every peg once: where a bundle goes in, as wide as the bundle. */
function pegLines(context: PartFacts, { runs, wire }: BonesFacts, most: number): WireLine[] {
  const pegs = new Map<string, { peg: Peg; wires: number }>();
  for (const run of runs)
    for (const peg of goingIn([run])) {
      const key = [...peg.at, ...peg.way].map((v) => v.toFixed(2)).join();
      const wires = (pegs.get(key)?.wires ?? 0) + (run.isFolded ? 2 : 1);
      pegs.set(key, { peg, wires });
    }
  return [...pegs.values()].map(({ peg: { at, way, end }, wires }) => {
    const deep = Math.min(most, endMm(context, end, wire));
    const to: Vec3 = [at[0] + way[0] * deep, at[1] + way[1] * deep, at[2] + way[2] * deep];
    return { points: [at, to], widthMm: bundleMm(wire, wires) };
  });
}

/** Size of the figures at the bends, and how wide one of them is, mm. */
const FIGURE_MM = 2.5;
const FIGURE_WIDE = 0.62 * FIGURE_MM;

/** Figures beside their places, those left away that would stand on another: the straight drawing of the wire has them all. */
function apart(
  labels: readonly { readonly at: readonly [number, number]; readonly text: string }[],
): DrawItem[] {
  const placed: { readonly x: number; readonly y: number; readonly wide: number }[] = [];
  return labels.flatMap(({ at: [u, v], text }): DrawItem[] => {
    const one = { x: u + 1.5, y: v + 1, wide: FIGURE_WIDE * text.length };
    const isOver = placed.some(
      (other) =>
        Math.abs(other.y - one.y) < FIGURE_MM && one.x < other.x + other.wide && other.x < one.x + one.wide,
    );
    if (isOver) return [];
    placed.push(one);
    return [{ kind: 'text', at: [one.x, one.y], text, size: FIGURE_MM, anchor: 'start', face: 'figures' }];
  });
}

/**
 * A part with its wires inside, from the front or the side, pegs under the ground line.
 *
 * @param per drawing mm to a miniature mm; 1 for the size of the clay
 */
export function bonesDrawing(
  context: PartContext,
  bones: BonesFacts,
  view: View,
  per: number,
  marks: BonesMarks = {},
): Drawing {
  const outline = scaledOutline(context.shape.outline(view), per / context.shrink);
  const [left, bottom, right, top] = extentOf(outline);
  const most = marks.shortPegs ? (top - bottom) / per : Infinity;
  const peg = Math.max(
    0,
    ...goingIn(bones.runs).map(({ end, way }) =>
      way[1] < 0 ? Math.min(most, endMm(context, end, bones.wire)) * per : 0,
    ),
  );
  const at = (point: Vec3): Vec2 => {
    const [x, y] = seen(view, point);
    return [x * per, y * per];
  };
  const wires = wireLines(context, bones).map(
    ({ points, widthMm }): DrawItem => ({
      kind: 'line',
      weight: 'thick',
      wireMm: Math.max(0.25, widthMm * per),
      points: points.map(at),
    }),
  );
  const pegs = pegLines(context, bones, most).map(
    ({ points, widthMm }): DrawItem => ({
      kind: 'line',
      weight: 'thick',
      wireMm: Math.max(0.25, widthMm * per),
      points: points.map(at),
    }),
  );
  const ground: DrawItem = {
    kind: 'line',
    weight: 'thin',
    points: [
      [left - 2, bottom],
      [right + 2, bottom],
    ],
  };
  const area: DrawItem = {
    kind: 'area',
    outline,
    material: 'raw-clay',
    weight: 'thin',
    part: context.part.id,
  };
  const says = `${shortened(context.part.name)}, ${viewTitle(context.part.form, view)}`;
  const title: DrawItem = {
    kind: 'text',
    at: [PAD, PAD + peg + (top - bottom) + 3],
    text: says,
    size: 2.5,
    anchor: 'start',
    face: 'words',
  };
  const shift: Vec2 = [PAD - left, PAD + peg - bottom];
  return {
    widthMm: Math.max(right - left + 2 * PAD, PAD + LETTER * says.length),
    heightMm: top - bottom + peg + 2 * PAD + TITLE,
    items: [
      ...[area, ground, ...wires, ...pegs, ...markItems(bones, marks, at, bones.runs)].map((item) =>
        moved(item, shift),
      ),
      title,
    ],
  };
}

/** Most that a small part is enlarged. */
const LARGEST = 40;

/**
 * How large the front and the side of a part can be drawn side by side, pegs cut short.
 *
 * @returns drawing mm to a miniature mm
 */
export function bonesFit(context: PartContext, bones: BonesFacts, widthMm: number, heightMm: number): number {
  const extents = (['front', 'side'] as const).map((view) => extentOf(context.shape.outline(view)));
  const wide = extents.reduce((sum, [left, , right]) => sum + (right - left), 0) / context.shrink;
  const tall = Math.max(...extents.map(([, bottom, , top]) => top - bottom)) / context.shrink;
  const pegs = goingIn(bones.runs).map(({ end, way }) => (way[1] < 0 ? endMm(context, end, bones.wire) : 0));
  const peg = Math.min(tall, Math.max(0, ...pegs));
  const [across, up] = [widthMm - 4 * PAD - 4, heightMm - 2 * PAD - TITLE];
  return Math.max(0.01, Math.min(across / wide, up / (tall + peg), LARGEST));
}

/** Where the pegs go, seen from above, mm from the middle of the feet: one template for the work block and the base. */
export function pegPattern(bones: BonesFacts): Vec2[] {
  const feet = pegsOf(bones.runs)
    .map(({ at }) => at)
    .filter((at, i, all) => all.findIndex((one) => Math.hypot(one[0] - at[0], one[2] - at[2]) < 0.05) === i);
  if (feet.length === 0) return [];
  const mx = feet.reduce((sum, [x]) => sum + x / feet.length, 0);
  const mz = feet.reduce((sum, [, , z]) => sum + z / feet.length, 0);
  return feet.map(([x, , z]): Vec2 => [x - mx, mz - z]);
}
