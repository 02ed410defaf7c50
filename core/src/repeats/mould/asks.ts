import { ask, type Given } from '../../context/index.ts';
import { buildSolid, type Shape, type Vec3 } from '../../form/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { cellInBox } from '../../solid/index.ts';
import { outlineArea } from '../places.ts';
import { type DraftMap, draftMap, partingLength } from './draftMap.ts';
import { basis, bestPull, type Draft, firstPull, laidDraft, type Pulls } from './pull.ts';
import { holesThrough, type Neck, necksOf } from './trapped.ts';

/** Cells of a solid that has no triangles of its own: its faces are right to some degrees. */
const CELLS = 200_000;

/** How a part would come out of a mould: along the way it lies, and the best way there is; areas in its own frame. */
export interface PullSeen {
  readonly laid: Draft;
  readonly best: Draft;
}

/** What of a cast is hard to get out whole; lengths in miniature mm. */
export interface CastRisks {
  /** Holes that go through it, and those that the pull does not look through: mould stuff is caught in them. */
  readonly through: number;
  readonly trapped: number;
  /** Necks that are under what tears. */
  readonly necks: readonly Neck[];
  /** What tears, mm. */
  readonly leastMm: number;
}

/** How a part comes off its mould, place by place. */
export interface DraftSeen {
  readonly map: DraftMap;
  /** Length of the parting line, miniature mm. */
  readonly partingMm: number;
  readonly risks: CastRisks;
}

/** A hole of an outline that is smaller than this share of it is a wrinkle. */
const SPECK = 0.001;
/** Cells that a draft is drawn with, and that necks are looked for in. */
const [SEEN_CELLS, NECK_CELLS] = [60_000, 60_000];

/** Holes that are looked through along a direction. */
function seenThrough(shape: Shape, direction: Vec3): number {
  const [right, up] = basis(direction);
  const outline = shape.seenFrom({ right, up });
  const whole = outlineArea(outline);
  return outline.flatMap(([, ...holes]) => holes).filter((hole) => outlineArea([[hole]]) > SPECK * whole)
    .length;
}

/** How every place of a part comes off its mould, where the mould parts, and what of the cast is in danger. */
export const draftAsk = ask(
  'repeats.draft',
  (
    given: Given,
    { part, direction, pulls }: { readonly part: string; readonly direction: Vec3; readonly pulls: Pulls },
  ): DraftSeen | null => {
    const context = given.contexts.get(part);
    if (!context) return null;
    const { shape, shrink, own } = context;
    const mesh = buildSolid(shape, SEEN_CELLS, null).skin;
    const map = draftMap(mesh, { direction, pulls, leastDeg: sourced('mould.draft', own).value });
    const { min, max } = shape.box;
    const leastMm = sourced('mould.neck', own).value;
    const necks = necksOf(shape.sample(cellInBox(min, max, NECK_CELLS)))
      .map((neck) => ({ ...neck, acrossMm: neck.acrossMm / shrink }))
      .filter(({ acrossMm }) => acrossMm < leastMm);
    const through = holesThrough(mesh);
    const risks = {
      through,
      trapped: Math.max(0, through - seenThrough(shape, direction)),
      necks,
      leastMm,
    };
    return { map, partingMm: partingLength(map) / shrink, risks };
  },
);

/** The draft of a part’s solid along its pull, and over all directions; looked at only roughly, over the axes. */
export const pullAsk = ask(
  'repeats.pull',
  (
    given: Given,
    {
      part,
      direction,
      pulls,
      looks,
    }: {
      readonly part: string;
      readonly direction: readonly [number, number, number];
      readonly pulls: Pulls;
      readonly looks: 'roughly' | 'well';
    },
  ): PullSeen | null => {
    const context = given.contexts.get(part);
    if (!context) return null;
    const mesh = buildSolid(context.shape, CELLS, null).skin;
    const leastDeg = sourced('mould.draft', context.own).value;
    const by = { pulls, leastDeg };
    if (looks === 'roughly') return firstPull(mesh, direction, by);
    return { laid: laidDraft(mesh, direction, pulls, leastDeg), best: bestPull(mesh, by) };
  },
);
