import type { PartContext } from '../context/index.ts';
import type { Vec3, View } from '../form/index.ts';
import { DEFAULT_RUN, type RunChoice, type WirePlace } from '../piece/index.ts';
import { distance, type Limb } from './limbs.ts';
import { plainRun, type Run, type RunEnd } from './run.ts';

/** Two places nearer than this are one, mm. */
const SAME = 0.05;
/** Along a drawn wire the clay is looked at this often, mm, and at the most so many times. */
const STEP = 1;
const MOST_STEPS = 400;
/** An end this near to the ground stands in it, mm. */
const AT_GROUND = 1;

function ended(end: RunEnd, mm: number | null): RunEnd {
  return mm === null ? end : { ...end, mm };
}

function withChoice(run: Run, choice: RunChoice): Run {
  const [start, end] = run.ends;
  return {
    ...run,
    wire: choice.wire,
    layMm: choice.layMm,
    ends: [ended(start, choice.startMm), ended(end, choice.endMm)],
  };
}

/** Proposed wires as the maker has settled them: some left out, some of another wire or going in deeper. */
export function settled(proposed: readonly Run[], choices: readonly RunChoice[]): Run[] {
  const byName = new Map(choices.filter(({ drawn }) => drawn.length === 0).map((one) => [one.name, one]));
  return proposed.flatMap((run): Run[] => {
    const choice = byName.get(run.name) ?? byName.get(run.group ?? '');
    if (!choice) return [run];
    return choice.out ? [] : [withChoice(run, choice)];
  });
}

/** A line with a place at least every millimetre of it. */
function stepped(path: readonly Vec3[]): Vec3[] {
  return path.flatMap((point, i): Vec3[] => {
    const before = path[i - 1];
    if (!before) return [point];
    const n = Math.max(1, Math.min(MOST_STEPS / path.length, Math.ceil(distance(before, point) / STEP)));
    return Array.from({ length: Math.floor(n) }, (_, k): Vec3 => {
      const t = (k + 1) / Math.floor(n);
      return [
        before[0] + (point[0] - before[0]) * t,
        before[1] + (point[1] - before[1]) * t,
        before[2] + (point[2] - before[2]) * t,
      ];
    });
  });
}

/** How deep a place lies in the clay, mm, by the part’s own solid; 0 outside it; null where the form cannot tell. */
export function depthAt({ shape, shrink }: PartContext, [x, y, z]: Vec3): number | null {
  const field = shape.inside ?? shape.distance;
  if (!field) return null;
  const distance = field(x * shrink, y * shrink, z * shrink);
  return Number.isFinite(distance) ? Math.max(0, -distance / shrink) : 0;
}

function drawnRun(context: PartContext, choice: RunChoice): Run | null {
  const corners = choice.drawn
    .map(({ xMm, yMm, zMm }): Vec3 => [xMm / context.shrink, yMm / context.shrink, zMm / context.shrink])
    .filter((point, i, all) => i === 0 || distance(point, all[i - 1] ?? point) > SAME);
  const [first, last] = [corners[0], corners.at(-1)];
  if (corners.length < 2 || !first || !last) return null;
  const path = stepped(corners);
  const ground = context.shape.box.min[1] / context.shrink + AT_GROUND;
  const end = ([, y]: Vec3, mm: number | null): RunEnd => ({ pegged: y <= ground, mm });
  const limb: Limb = {
    name: `wire drawn as “${choice.name}”`,
    path,
    radii: path.map((point) => depthAt(context, point) ?? 0),
    stands: false,
  };
  return plainRun({
    name: choice.name,
    path: corners,
    limbs: [limb],
    ends: [end(first, choice.startMm), end(last, choice.endMm)],
    wire: choice.wire,
    layMm: choice.layMm,
    drawnId: choice.id,
  });
}

/** Wires that the maker has drawn; one with fewer than two places is none yet. */
export function drawnRuns(context: PartContext): Run[] {
  return context.part.runs
    .filter(({ drawn, out }) => drawn.length > 0 && !out)
    .flatMap((choice) => drawnRun(context, choice) ?? []);
}

/** Whether a choice leaves a proposed wire as it was. */
function saysNothing({ out, wire, layMm, startMm, endMm, drawn }: RunChoice): boolean {
  const isPlain = [wire, layMm, startMm, endMm].every((one) => one === null);
  return isPlain && !out && drawn.length === 0;
}

/**
 * What is settled about a part’s wires with one of them changed; what changes nothing any more is dropped.
 *
 * @param newIdOf makes the id of a choice that was not there
 */
export function withRunChoice(
  choices: readonly RunChoice[],
  name: string,
  change: Partial<Omit<RunChoice, 'id' | 'drawn'>>,
  newIdOf: () => string,
): RunChoice[] {
  const known = choices.find((one) => one.name === name && one.drawn.length === 0);
  const next: RunChoice = { ...DEFAULT_RUN, id: newIdOf(), name, ...known, ...change, drawn: [] };
  const others = choices.filter((one) => one !== known);
  return saysNothing(next) ? others : [...others, next];
}

/** Places looked at through a part to find its middle. */
const LOOKS = 48;

/**
 * A place put in the middle of the clay, seen along a view, where there is clay.
 *
 * @param view the view it stays in its place in; the other direction is set
 */
function centred(context: PartContext, view: View, place: WirePlace): WirePlace {
  const { shape, shrink } = context;
  const k = view === 'front' ? 2 : 0;
  const [low, high] = [shape.box.min[k], shape.box.max[k]];
  // Near the end of a thing many places are as deep: the middle of them is taken.
  let best: { depth: number; from: number; to: number } | null = null;
  for (let n = 0; n <= LOOKS; n += 1) {
    const at = low + ((high - low) * n) / LOOKS;
    const point: Vec3 = view === 'front' ? [place.xMm, place.yMm, at] : [at, place.yMm, place.zMm];
    const depth = depthAt(context, [point[0] / shrink, point[1] / shrink, point[2] / shrink]);
    if (depth === null || depth <= 0) continue;
    if (!best || depth > best.depth + SAME) best = { depth, from: at, to: at };
    else if (depth > best.depth - SAME) best.to = at;
  }
  if (!best) return place;
  const middle = (best.from + best.to) / 2;
  return view === 'front' ? { ...place, zMm: middle } : { ...place, xMm: middle };
}

/** A wire is moved across itself only: not along a direction that it takes up more than this share of its length in. */
const ACROSS = 0.5;

/** The places of a wire, each in the middle of the clay across the wire. */
export function intoMiddle(context: PartContext, places: readonly WirePlace[]): WirePlace[] {
  const extent = (of: (place: WirePlace) => number) => {
    const all = places.map(of);
    return all.length === 0 ? 0 : Math.max(...all) - Math.min(...all);
  };
  const [wide, tall, deep] = [extent(({ xMm }) => xMm), extent(({ yMm }) => yMm), extent(({ zMm }) => zMm)];
  const most = ACROSS * Math.max(wide, tall, deep);
  return places.map((place) => {
    const ahead = deep <= most ? centred(context, 'front', place) : place;
    return wide <= most ? centred(context, 'side', ahead) : ahead;
  });
}

/** A straight wire through the middle of a part, for the maker to bend. */
export function straightChoice(context: PartContext, path: readonly Vec3[], id: string): RunChoice {
  const { part, shrink } = context;
  const taken = new Set(part.runs.map(({ name }) => name));
  let n = 1;
  while (taken.has(`wire ${n}`)) n += 1;
  const ends = [path[0], path.at(-1)].flatMap((point) => (point ? [point] : []));
  return {
    ...DEFAULT_RUN,
    id,
    name: `wire ${n}`,
    drawn: intoMiddle(
      context,
      ends.map(([x, y, z]): WirePlace => ({ xMm: x * shrink, yMm: y * shrink, zMm: z * shrink })),
    ),
  };
}
