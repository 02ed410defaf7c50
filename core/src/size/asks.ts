import { ask, type Given, type PartContext } from '../context/index.ts';
import {
  factsOf,
  type Outline,
  type PersonForm,
  PLAIN_PERSON,
  type ShapeFacts,
  type Side,
  type View,
} from '../form/index.ts';
import { DEFAULT_PART, type Part, type PartId } from '../piece/index.ts';
import type { Reckoning } from '../reckoning/index.ts';
import { type LineUpDrawing, lineUp } from './lineUp.ts';
import { reckonSmallestBox } from './reckonSmallestBox.ts';
import { type Eye, reckonSight } from './sight.ts';

/** A person to compare with, 1.70 m. */
const BESIDE: PersonForm = { ...PLAIN_PERSON, statureMm: 1700 };

/** A person beside the line-up, as a part that is none of the piece’s. */
function personBeside(given: Given, any: PartContext): PartContext {
  const part: Part = {
    ...any.part,
    ...DEFAULT_PART,
    id: 'beside' as PartId,
    name: 'person, 1.70 m',
    form: BESIDE,
  };
  const { piece, own, scale, scaleFigure, now } = given.context;
  return {
    piece,
    own,
    scale,
    scaleFigure,
    now,
    part,
    shape: given.shapes.shapeOf(BESIDE),
    shrink: scale.ratio,
  };
}

/** How the line-up is wanted. */
export interface LineUpAsked {
  /** Room for it, mm of the drawing. */
  readonly widthMm: number;
  readonly heightMm: number;
  readonly selected: string | null;
  /** Drawing mm to a miniature mm; null fits the row into its room. */
  readonly per: number | null;
  /** So many times as large as it fits; 1 for the fit itself. */
  readonly zoom: number;
  readonly withPerson: boolean;
}

/** All parts in a row to one scale; null where there are none that can be built. */
export const lineUpAsk = ask(
  'size.line-up',
  (
    given: Given,
    { widthMm, heightMm, selected, per, zoom, withPerson }: LineUpAsked,
  ): LineUpDrawing | null => {
    const standing = [...given.contexts.values()];
    const [any] = standing;
    if (!any) return null;
    const beside = withPerson ? personBeside(given, any) : null;
    const fixed = per ?? (zoom > 1 ? zoom * lineUp(standing, widthMm, heightMm, null, { beside }).per : null);
    return lineUp(
      standing,
      widthMm,
      heightMm,
      selected,
      fixed === null ? { beside } : { per: fixed, beside },
    );
  },
);

/** The outline of a part from the front or the side, in its own frame. */
export const outlineAsk = ask(
  'size.outline',
  ({ contexts }: Given, { part, view }: { readonly part: string; readonly view: View }): Outline =>
    contexts.get(part)?.shape.outline(view) ?? [],
);

/** What a part covers seen from any side, in its own frame. */
export const seenFromAsk = ask(
  'size.seen-from',
  ({ contexts }: Given, { part, side }: { readonly part: string; readonly side: Side }): Outline =>
    contexts.get(part)?.shape.seenFrom(side) ?? [],
);

/** What is seen of a part by some eyes. */
export const sightAsk = ask(
  'size.sight',
  (
    { contexts }: Given,
    { part, eyes }: { readonly part: string; readonly eyes: readonly Eye[] },
  ): readonly Reckoning[] => {
    const context = contexts.get(part);
    return context ? reckonSight(context, contexts, eyes) : [];
  },
);

/** The smallest box a part goes into, turned any way. */
export const smallestBoxAsk = ask(
  'size.smallest-box',
  ({ contexts }: Given, { part }: { readonly part: string }): readonly Reckoning[] => {
    const context = contexts.get(part);
    return context ? reckonSmallestBox(context) : [];
  },
);

/** What is known of the shape of every part that can be built. */
export const shapesAsk = ask(
  'size.shapes',
  ({ contexts }: Given): readonly (readonly [part: string, shape: ShapeFacts])[] =>
    [...contexts].map(([part, { shape }]) => [part, factsOf(shape)]),
);
