import { type FlatPiece, nestOnSheets, type SheetNest } from '../bulk/sheetNest.ts';
import { ask, type Given, type PartContext } from '../context/index.ts';
import { type Drawing, scaledOutline } from '../drawing/index.ts';
import { buildSolid } from '../form/index.ts';
import { sourced } from '../reckoning/index.ts';
import type { Mesh } from '../solid/index.ts';
import { type PlaceName, placeNames } from './places.ts';
import { setOfPart } from './reckoners.ts';
import { type StoodInSpace, standInSpace } from './sets/inSpace.ts';
import { setDrawing, setGuide } from './sets/setDrawing.ts';
import { acrossAt } from './spacing/acrossAt.ts';

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
  (given: Given, { part }: { readonly part: string }): readonly PlaceName[] => {
    const parent = given.contexts.get(part)?.part.parent;
    const host = parent ? given.contexts.get(parent) : undefined;
    return host ? placeNames(host.part.form, host.shape) : [];
  },
);

/** The lines and faces of a part itself. */
export const placesOfAsk = ask(
  'repeats.places-of',
  (given: Given, { part }: { readonly part: string }): readonly PlaceName[] => {
    const context = given.contexts.get(part);
    return context ? placeNames(context.part.form, context.shape) : [];
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

/** Cells that a part is drawn with in space beside its set, and one of the set. */
const [HOST_CELLS, ONE_CELLS] = [120_000, 4000];

/** A set on what it goes on, in space: triangles in the frame of that, and the place of each. */
export interface SetInSpace {
  readonly host: Mesh;
  readonly one: Mesh;
  readonly stands: readonly StoodInSpace[];
}

/** A set in space; null where what it goes on has no such place. */
export const setInSpaceAsk = ask(
  'repeats.space',
  (given: Given, { part }: { readonly part: string }): SetInSpace | null => {
    const found = countedOf(given, part);
    const host = given.contexts.get(found?.context.part.parent ?? '');
    const stands = found && host ? standInSpace(found.context, found.set, host) : null;
    if (!found || !host || !stands) return null;
    return {
      host: buildSolid(host.shape, HOST_CELLS, null).skin,
      one: buildSolid(found.context.shape, ONE_CELLS, null).skin,
      stands,
    };
  },
);

/** What is round about an upright middle, so that its width tells how far it is round. */
const ROUND: readonly string[] = ['turned', 'ball', 'cylinder'];

/** A round part at a height: how wide it is there, and how high all of it; miniature mm. */
export interface RoundAt {
  readonly acrossMm: number;
  readonly highMm: number;
}

/** A part that a line can be led round level; null for any other. */
export const roundAtAsk = ask(
  'repeats.round-at',
  (
    given: Given,
    { part, heightMm }: { readonly part: string; readonly heightMm: number },
  ): RoundAt | null => {
    const context = given.contexts.get(part);
    if (!context || !ROUND.includes(context.part.form.kind)) return null;
    const { shape, shrink } = context;
    const [low, high] = [shape.box.min[1], shape.box.max[1]];
    return {
      acrossMm: acrossAt(shape.outline('front'), low + heightMm * shrink) / shrink,
      highMm: (high - low) / shrink,
    };
  },
);

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
