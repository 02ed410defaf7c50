import { cellInBox, contours, filleted, seenAlong } from '../../solid/index.ts';
import { boxRound, boxVolume } from '../box.ts';
import { type DeepGrid, deepGrid } from '../coreField.ts';
import { gridCore } from '../gridCore.ts';
import { hull, offset, unite, withoutSpecks } from '../outline.ts';
import { outlineOf } from '../sampled.ts';
import { SIDES } from '../side.ts';
import type { Bone, Box, Field, FormMeasure, Joint, Outline, Shape, Side } from '../types.ts';
import { axisBall } from './axisBall.ts';
import { boundaryOf } from './boundary.ts';
import { fieldOf, gridOf, integrate, type Placed, placed, type Sums } from './integrate.ts';
import { type Loft, loftRings, pointOf, sectionsOf } from './loft.ts';
import { type Pose, posed, shifted } from './skeleton.ts';

/** Lofts on a skeleton at rest, and how it is posed. */
export interface Puppet {
  /** The trunk first: a place inside two of them belongs to the first. */
  readonly lofts: readonly Loft[];
  readonly joints: readonly Joint[];
  readonly pose: Pose;
}

/** A body strung together from lofts on a skeleton, at rest. */
export interface LoftedBody extends Puppet {
  readonly measures: readonly FormMeasure[];
  /** Whether its limbs are as thin as a few cells: its sums are then rougher. */
  readonly isThin?: boolean;
  /** Radius of the fillet where limbs join in the drawing, mm. */
  readonly filletMm: number;
}

/** A lofted shape with the sums that only it has. */
export interface LoftedShape extends Shape {
  readonly sums: Sums;
  readonly lofts: readonly Placed[];
}

/** Cells that all lofts together are summed over, and the most the grid round them may have. */
const CELLS = { looked: 300_000, most: 3_000_000 };

/** Cells of the grid that a core is measured on. */
const CORE_CELLS = 70_000;

/** Edge of a cell: a person gets some 200 to the stature, whatever the pose. */
function cellFor(lofts: readonly Placed[], box: Box): number {
  const looked = lofts.reduce((sum, one) => sum + boxVolume(one), 0);
  return Math.max(Math.cbrt(looked / CELLS.looked), cellInBox(box.min, box.max, CELLS.most));
}

/** Largest relative error of volume and surface summed on such a grid; more for thin limbs. */
const ERROR = { body: 0.01, thin: 0.04 };

/** Box round a body at rest, without building its solid. */
export function restBox(lofts: readonly Loft[]): Box {
  return boxRound(place(lofts));
}

function place(lofts: readonly Loft[]): Placed[] {
  return lofts.map((loft) => placed(loft, sectionsOf(loft)));
}

/** Most passes of rounding: more would eat into the time of a frame. */
const MOST_PASSES = 6;

function filletPasses(filletMm: number, cellMm: number): number {
  return Math.min(MOST_PASSES, Math.round(filletMm / cellMm));
}

/** Places along a loft that its thickness is told at. */
const STEPS = 8;

function boneOf({ loft, sections }: Placed): Bone {
  const last = sections.count - 1;
  const at = (share: number): number => Math.max(0, Math.min(last, Math.round(share * last)));
  const place = (i: number) => pointOf(loft, sections.y[i] ?? 0, 0, sections.shift[i] ?? 0);
  // The caps belong to the flesh: the bone runs between the ends of the loft itself.
  const [first, end] = [indexAt(sections, 0), indexAt(sections, loft.length)];
  return {
    region: loft.region,
    from: place(first),
    to: place(end),
    radii: Array.from({ length: STEPS + 1 }, (_, i) => {
      const k = at((first + ((end - first) * i) / STEPS) / Math.max(1, last));
      return Math.sqrt((sections.across[k] ?? 0) * (sections.ahead[k] ?? 0));
    }),
  };
}

/** The section nearest to a place along a loft. */
function indexAt({ y, count }: Placed['sections'], along: number): number {
  let best = 0;
  for (let i = 1; i < count; i += 1)
    if (Math.abs((y[i] ?? 0) - along) < Math.abs((y[best] ?? 0) - along)) best = i;
  return best;
}

/** Distance to the nearest surface of several lofts, as deep as the deepest of them is at a place. */
function nearestOf(lofts: readonly Placed[]): Field {
  const fields = lofts.map(fieldOf);
  return (x, y, z) => {
    let least = Infinity;
    for (const field of fields) least = Math.min(least, field(x, y, z));
    return least;
  };
}

/** What is smaller than so many squares of the fillet is left over from joining the limbs, and is no part of the body. */
const SPECK = 2;

/** Rounds the inner corners where limbs join, as clay is smoothed there. */
function roundedCorners(outline: Outline, filletMm: number): Outline {
  const rounded = filletMm > 0 ? offset(offset(outline, filletMm), -filletMm) : outline;
  return withoutSpecks(rounded, SPECK * filletMm * filletMm);
}

/**
 * The solid of a posed body: it stands on its lowest point; volume is summed on a grid, surface over triangles.
 */
export function loftedShape(body: LoftedBody): LoftedShape {
  const hung = posed(body.lofts, body.joints, body.pose);
  const low = boxRound(place(hung.lofts)).min[1];
  const { lofts: standing, joints } = shifted(hung, [0, -low, 0]);
  const lofts = place(standing);
  const box = boxRound(lofts);
  const sums = integrate(lofts, cellFor(lofts, box));
  const thickest = lofts.map((one) => axisBall(one)).reduce((a, b) => (b.diameterMm > a.diameterMm ? b : a));
  const regions = lofts.map(({ loft }) => loft.region);
  let measured: DeepGrid | null = null;
  const deep = (): DeepGrid => {
    measured ??= deepGrid(gridOf(lofts, cellInBox(box.min, box.max, CORE_CELLS)));
    return measured;
  };
  const seen = (side: Side): Outline =>
    roundedCorners(
      unite(lofts.flatMap(({ loft, sections }) => loftRings(loft, sections, side))),
      body.filletMm,
    );
  return {
    sums,
    lofts,
    joints,
    regions,
    byRegion: sums.byRegion,
    sample: (cellMm) => filleted(gridOf(lofts, cellMm), filletPasses(body.filletMm, cellMm)),
    box,
    volumeMm3: sums.volumeMm3,
    centre: sums.centre,
    areaMm2: boundaryOf(lofts).areaMm2,
    error: body.isThin ? ERROR.thin : ERROR.body,
    thickest,
    measures: body.measures,
    bones: lofts.map(boneOf),
    inside: nearestOf(lofts),
    distance: null,
    outline: (view) => seen(SIDES[view]),
    seenFrom: seen,
    // Rounding inner corners leaves the hull as it is.
    hullFrom: (side) => hull(lofts.flatMap(({ loft, sections }) => loftRings(loft, sections, side)).flat()),
    section: () => seen(SIDES.front),
    core: (ask) =>
      gridCore(deep(), regions, ask, thickest, (inner) => outlineOf(contours(seenAlong(inner, 'z')))),
  };
}
