import { bulkOfPart, placedInserts, reckonPartBulk, sectionDrawing } from '../bulk/index.ts';
import { ask, contextsAtScale, type Given } from '../context/index.ts';
import { type Drawing, type Paper, TilingError } from '../drawing/index.ts';
import type { Vec3 } from '../form/index.ts';
import type { RunChoice, WirePlace } from '../piece/index.ts';
import type { Scale } from '../scale/index.ts';
import { bendingSheet } from './bendingSheet.ts';
import { bonesDrawing, bonesFit } from './bonesDrawing.ts';
import { intoMiddle, straightChoice } from './choices.ts';
import { holeOf, pegSide } from './cutList.ts';
import { cutSheet } from './cutSheet.ts';
import { wireSays } from './figures/ask.ts';
import { reckonBones } from './reckonBones.ts';
import { bonesOfPart, cutsOfPiece } from './reckoners.ts';
import { rodPath } from './runs.ts';
import { wireLines } from './wireLines.ts';

interface PartAsked {
  readonly part: string;
}

/** Room for a drawing, mm. */
interface Room {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** The section through a part, its wires in it; null for a part that cannot be built. */
export const sectionAsk = ask(
  'bones.section',
  (
    given: Given,
    { part, widthMm, heightMm, cured }: PartAsked & Room & { readonly cured: boolean },
  ): Drawing | null => {
    const context = given.contexts.get(part);
    if (!context) return null;
    const bones = cured ? null : given.part(bonesOfPart, part);
    const wires = bones ? wireLines(context, bones) : [];
    return sectionDrawing(context, given.part(bulkOfPart, part), widthMm, heightMm, {
      wires,
      cured,
    });
  },
);

/** What each thing let into a part runs into where its section draws it, by its id; only what runs into something. */
export const clashesAsk = ask('bones.clashes', (given: Given, { part }: PartAsked) => {
  const [context, bones] = [given.contexts.get(part), given.part(bonesOfPart, part)];
  if (!context) return [];
  const placed = placedInserts(context, bones ? wireLines(context, bones) : []);
  return placed.flatMap(({ insert, clash }) => (clash === '' ? [] : [{ id: insert.id, says: clash }]));
});

/** How the wires of a part are to be drawn. */
export interface SkeletonAsked extends PartAsked, Room {
  /** Drawing mm to a miniature mm; null fits both views side by side into the room. */
  readonly per: number | null;
  /** Raw limbs as they sag, so many times as far; 0 for none. */
  readonly sagTimes: number;
  /** Where the solid itself has least clay over a wire; null where that is not known. */
  readonly twice: Vec3 | null;
}

/** A part from the front and the side with its wires in it; empty without wires. */
export const skeletonAsk = ask(
  'bones.skeleton',
  (given: Given, { part, widthMm, heightMm, per, sagTimes, twice }: SkeletonAsked) => {
    const [context, bones] = [given.contexts.get(part), given.part(bonesOfPart, part)];
    if (!context || !bones) return [];
    const size = per ?? bonesFit(context, bones, widthMm, heightMm);
    const marks = { cover: true, shortPegs: per === null, sagTimes, ...(twice && { twice }) };
    return (['front', 'side'] as const).map((view) => ({
      view,
      drawing: bonesDrawing(context, bones, view, size, marks),
    }));
  },
);

/** What a sheet is printed on. */
interface OnPaper {
  readonly paper: Paper;
  readonly ruleMeasuredMm: number;
  readonly label: string;
}

/** Pages, or what stands in the way of them. */
function onPages(draw: () => Drawing[]): {
  readonly pages: readonly Drawing[];
  readonly says: string | null;
} {
  try {
    return { pages: draw(), says: null };
  } catch (error) {
    if (error instanceof TilingError) return { pages: [], says: error.message };
    throw error;
  }
}

/** Full-size pages to bend the wire on, or why there are none. */
export const bendingSheetAsk = ask(
  'bones.bending-sheet',
  (
    given: Given,
    { part, paper, ruleMeasuredMm, label }: PartAsked & OnPaper,
  ): { readonly pages: readonly Drawing[]; readonly says: string | null } => {
    const [context, bones] = [given.contexts.get(part), given.part(bonesOfPart, part)];
    if (!context || !bones) return { pages: [], says: null };
    return onPages(() => bendingSheet(context, bones, paper, ruleMeasuredMm, label));
  },
);

/** The cut list of the whole piece on pages, or why there are none. */
export const cutSheetAsk = ask('bones.cut-sheet', (given: Given, { paper, ruleMeasuredMm, label }: OnPaper) =>
  onPages(() => cutSheet(given.piece(cutsOfPiece).plans, paper, ruleMeasuredMm, label)),
);

/** A straight wire drawn through a part, in the middle of it, to begin with; null for a part that cannot be built. */
export const straightAsk = ask(
  'bones.straight',
  ({ contexts }: Given, { part, id }: PartAsked & { readonly id: string }): RunChoice | null => {
    const context = contexts.get(part);
    return context ? straightChoice(context, rodPath(context), id) : null;
  },
);

/** Places of a drawn wire moved into the middle of the part. */
export const intoMiddleAsk = ask(
  'bones.into-middle',
  (
    { contexts }: Given,
    { part, places }: PartAsked & { readonly places: readonly WirePlace[] },
  ): readonly WirePlace[] => {
    const context = contexts.get(part);
    return context ? intoMiddle(context, places) : places;
  },
);

/** The same armature at other scales, each with the wire advised there. */
export const atScalesAsk = ask(
  'bones.at-scales',
  (given: Given, { part, scales }: PartAsked & { readonly scales: readonly Scale[] }) =>
    scales.flatMap((scale) => {
      const contexts = contextsAtScale(given, scale);
      const there = contexts.get(part);
      if (!there) return [];
      // The wire chosen for this scale is not the one for another.
      const context = { ...there, part: { ...there.part, wire: null } };
      const bones = reckonBones(context, contexts, reckonPartBulk(context, contexts) ?? undefined);
      if (!bones) return [];
      const { box } = context.shape;
      return [
        {
          scale,
          wireSays: wireSays(bones.wire),
          heightMm: (box.max[1] - box.min[1]) / context.shrink,
          drillMm: holeOf(context, bones.wire, pegSide(bones.runs)).drillMm,
          wireMm: bones.pieces.reduce((sum, { lengthMm, count }) => sum + lengthMm * count, 0),
          fails: bones.advice?.passes ? null : (bones.advice?.fails[0] ?? 'nothing to be had'),
        },
      ];
    }),
);
