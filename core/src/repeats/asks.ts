import { type FlatPiece, nestOnSheets, type SheetNest } from '../bulk/sheetNest.ts';
import { ask, type Given, type PartContext } from '../context/index.ts';
import { type Drawing, scaledOutline } from '../drawing/index.ts';
import { buildSolid } from '../form/index.ts';
import { sourced } from '../reckoning/index.ts';
import { bestPull, type Draft, laidDraft, type Pulls } from './mould/pull.ts';
import { type Place, placesOf } from './places.ts';
import { setOfPart } from './reckoners.ts';
import { setDrawing, setGuide } from './sets/setDrawing.ts';

function countedOf(given: Given, part: string) {
  const context = given.contexts.get(part);
  const set = given.part(setOfPart, part)?.facts.set;
  return context && set && !('says' in set) ? { context, set } : null;
}

const oneOutline = ({ shape, shrink }: PartContext) => scaledOutline(shape.outline('front'), 1 / shrink);

/** A set in its place and what to work to at true size; null where it is only counted. */
export const setDrawingAsk = ask(
  'repeats.drawing',
  (
    given: Given,
    { part }: { readonly part: string },
  ): { readonly drawing: Drawing; readonly guide: Drawing | null } | null => {
    const found = countedOf(given, part);
    if (!found) return null;
    const { context, set } = found;
    const drawing = setDrawing(set, oneOutline(context), context.part.repeat?.nudged ?? []);
    return drawing && { drawing, guide: setGuide(set) };
  },
);

/** The lines and faces of what a part hangs on; empty where it hangs on nothing. */
export const placesAsk = ask(
  'repeats.places',
  (given: Given, { part }: { readonly part: string }): readonly Pick<Place, 'key' | 'kind' | 'says'>[] => {
    const parent = given.contexts.get(part)?.part.parent;
    const host = parent ? given.contexts.get(parent) : undefined;
    return host
      ? placesOf(host.part.form, host.shape).map(({ key, kind, says }) => ({ key, kind, says }))
      : [];
  },
);

/** The lines and faces of a part itself. */
export const placesOfAsk = ask(
  'repeats.places-of',
  (given: Given, { part }: { readonly part: string }): readonly Pick<Place, 'key' | 'kind' | 'says'>[] => {
    const context = given.contexts.get(part);
    if (!context) return [];
    return placesOf(context.part.form, context.shape).map(({ key, kind, says }) => ({ key, kind, says }));
  },
);

/** More than so many are not nested one by one. */
const MOST_NESTED = 600;
const GAP = 0.5;
const LONGEST = 300;

/** What is cut from sheets: how many to a sheet, and how many sheets. */
export interface CutFromSheets {
  readonly nest: SheetNest;
  readonly nested: number;
  readonly perSheet: number;
  readonly sheets: number;
}

/** All of a flat set nested on sheets as wide as the roller; null for what is not flat. */
export const sheetsAsk = ask(
  'repeats.sheets',
  (given: Given, { part }: { readonly part: string }): CutFromSheets | null => {
    const found = countedOf(given, part);
    const facts = given.part(setOfPart, part)?.facts;
    if (!found || facts?.ways.find(({ way }) => way === 'cutter')?.wont !== null) return null;
    const { context, set } = found;
    const nested = Math.min(set.make, MOST_NESTED);
    const piece: FlatPiece = { name: context.part.name, edges: '', outline: oneOutline(context) };
    const width = sourced('roller.width', context.own).value;
    const nest = nestOnSheets(
      Array.from({ length: nested }, () => piece),
      width,
      LONGEST,
      GAP,
    );
    const perSheet = nest.sheets[0]?.placed.length ?? 0;
    return { nest, nested, perSheet, sheets: perSheet === 0 ? 0 : Math.ceil(set.make / perSheet) };
  },
);

/** Cells of a solid that has no triangles of its own: its faces are right to some degrees. */
const CELLS = 200_000;

/** How a part would come out of a mould: along the way it lies, and the best way there is; areas in its own frame. */
export interface PullSeen {
  readonly laid: Draft;
  readonly best: Draft;
}

/** The draft of a part’s solid along its pull, and over all directions. */
export const pullAsk = ask(
  'repeats.pull',
  (
    given: Given,
    {
      part,
      direction,
      pulls,
    }: {
      readonly part: string;
      readonly direction: readonly [number, number, number];
      readonly pulls: Pulls;
    },
  ): PullSeen | null => {
    const context = given.contexts.get(part);
    if (!context) return null;
    const mesh = buildSolid(context.shape, CELLS, null).skin;
    const leastDeg = sourced('mould.draft', context.own).value;
    return { laid: laidDraft(mesh, direction, pulls, leastDeg), best: bestPull(mesh, { pulls, leastDeg }) };
  },
);
