import { ask, type Given } from '../context/index.ts';
import type { Drawing } from '../drawing/index.ts';
import { extentOf } from '../form/index.ts';
import { contoursOf } from './heap/contours.ts';
import { layersDrawing } from './heap/layersOf.ts';
import { IN_SHEETS } from './heap/reckonHeap.ts';
import { compareLayouts, type LayoutRow } from './layout/compareLayouts.ts';
import { baseFace, masonryFaces } from './masonry/faces.ts';
import { masonryDrawing } from './masonry/masonryDrawing.ts';
import { planDrawing } from './plan/planDrawing.ts';
import { placedOn } from './plan/reckonPlan.ts';
import { standingIn } from './pour/reckonPour.ts';
import { sectionDrawing } from './pour/sectionDrawing.ts';
import { footprintsOfPiece, masonryOfPiece, planOfPiece, timberOfPiece } from './reckoners.ts';
import { sightFrom } from './sight/sight.ts';
import { viewDrawing } from './sight/viewDrawing.ts';
import { timberDrawing } from './timber/timberDrawing.ts';

const placedIn = (given: Given) => placedOn(given.context.piece, given.piece(footprintsOfPiece).prints);

/** The plan at true size; null for one with nothing on it. */
export const planSheetAsk = ask('ground.sheet', (given: Given, _: Record<string, never>): Drawing | null => {
  const { heaps, pours, covers, board } = given.context.piece;
  return planDrawing({
    ring: given.piece(planOfPiece).facts.ring,
    placed: placedIn(given),
    areas: [...heaps, ...pours, ...covers],
    joins: board?.joins ?? [],
    contours: heaps.flatMap(contoursOf),
  });
});

/** What is seen from an eye; null for one that is not there, or sees nothing. */
export const viewAsk = ask('ground.view', (given: Given, { id }: { readonly id: string }): Drawing | null => {
  const eye = given.context.piece.eyes.find((one) => one.id === id);
  return eye ? viewDrawing(sightFrom(eye, placedIn(given), given.contexts)) : null;
});

/** Units on their face, at true size; null where they cannot be laid. */
export const masonryAsk = ask(
  'ground.masonry',
  (given: Given, { id }: { readonly id: string }): Drawing | null => {
    const found = given.piece(masonryOfPiece).lays.find((one) => one.id === id);
    const lay = given.context.piece.masonry.find((one) => one.id === id);
    if (!lay || !found?.face || found.laid.length === 0) return null;
    const { face, laid, openings, quoins } = found;
    const wornMm = lay.wornMm / given.context.scale.ratio;
    return masonryDrawing({ face, laid, openings, quoins, wornMm, seed: lay.seed });
  },
);

/** A face by its name, with its sides in life, mm. */
export interface FaceNamed {
  readonly key: string;
  readonly says: string;
  readonly wideMm: number;
  readonly highMm: number;
}

/** A fence or a flight of steps at true size; null for one that is not there. */
export const timberAsk = ask(
  'ground.timber',
  (given: Given, { id }: { readonly id: string }): Drawing | null => {
    const timber = given.context.piece.timber.find((one) => one.id === id);
    const built = given.piece(timberOfPiece).built.find((one) => one.id === id)?.built;
    return timber && built ? timberDrawing(timber, built, given.context.scale.ratio) : null;
  },
);

/** The templates of a rise on their sheets, at true size; null for one that is not built of sheets. */
export const layersAsk = ask(
  'ground.layers',
  (given: Given, { id }: { readonly id: string }): Drawing | null => {
    const heap = given.context.piece.heaps.find((one) => one.id === id);
    return heap && IN_SHEETS.includes(heap.of) ? layersDrawing(heap) : null;
  },
);

/** A pour in section, at true size; null for one that is not there or has no level. */
export const sectionAsk = ask(
  'ground.section',
  (given: Given, { id }: { readonly id: string }): Drawing | null => {
    const { pours, board } = given.context.piece;
    const pour = pours.find((one) => one.id === id);
    const layers = given.find(null, `pour.layers.${id}`)?.quantity.value ?? 1;
    return pour ? sectionDrawing({ pour, board, inIt: standingIn(pour, placedIn(given)), layers }) : null;
  },
);

/** The layout there is and those that were set aside, with what each comes to. */
export const layoutsAsk = ask(
  'ground.layouts',
  (given: Given, _: Record<string, never>): readonly LayoutRow[] =>
    compareLayouts(given, given.piece(footprintsOfPiece).prints),
);

/** Faces of a part that courses can be laid on. */
export const masonryFacesAsk = ask(
  'ground.faces',
  (given: Given, { part }: { readonly part: string | null }): readonly FaceNamed[] => {
    const { ratio } = given.context.scale;
    const context = part === null ? undefined : given.contexts.get(part);
    const base = part === null ? baseFace(given.context.piece) : null;
    const faces = context ? masonryFaces(context) : base ? [base] : [];
    return faces.map(({ key, says, outline }) => {
      const [left, bottom, right, top] = extentOf(outline);
      return { key, says, wideMm: (right - left) * ratio, highMm: (top - bottom) * ratio };
    });
  },
);
