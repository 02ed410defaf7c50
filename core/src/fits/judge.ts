import type { PartContext, PieceContext } from '../context/index.ts';
import { extentOf, hull, type Vec2 } from '../form/index.ts';
import type { Fit } from '../piece/index.ts';
import {
  figure,
  type Reckoning,
  type Sourced,
  type Term,
  type Verdict,
  type WayOut,
} from '../reckoning/index.ts';
import { formatMiniMm, miniMm } from '../units/index.ts';
import { FITS } from './figures.ts';

/** What a fit is judged from. */
export interface Pair {
  readonly context: PieceContext;
  readonly contexts: ReadonlyMap<string, PartContext>;
  readonly fit: Fit;
  readonly part: PartContext;
  readonly on: PartContext;
}

/** A length that is said, whichever way it is off. */
export const mm = (value: number) => formatMiniMm(miniMm(Math.abs(value)));

/** Width and depth of what lies about some points, mm. */
export function across(points: readonly Vec2[]): readonly [wide: number, deep: number] {
  if (points.length === 0) return [0, 0];
  const [left, bottom, right, top] = extentOf([[points]]);
  return [right - left, top - bottom];
}

/** A length of a working. */
export function term(symbol: string, name: string, value: number, origin: Term['origin']): Term {
  return { symbol, name, quantity: { value, unit: 'mm' }, origin };
}

/** Read off a shape. */
export const fromShape = (says: string): Term['origin'] => ({ kind: 'shape', says });

/** What was found, to be made into a figure. */
export interface Judged {
  readonly marginMm: number;
  readonly formula: string;
  readonly terms: readonly Term[];
  readonly good: string;
  readonly short: string;
  readonly waysOut: readonly WayOut[];
  readonly note?: string;
  /** Less than this is tight. */
  readonly tight: Sourced;
}

/** The figure of a fit: won’t below nothing, tight below what is to be left, fits above. */
export function figureOf({ fit, part, on }: Pair, title: string, judged: Judged): Reckoning {
  const { marginMm, tight, good, short, waysOut } = judged;
  const margin = { value: marginMm, unit: 'mm' } as const;
  const verdict: Verdict =
    marginMm < 0
      ? { level: 'stop', wording: 'room', says: short, margin, waysOut }
      : marginMm < tight.value
        ? { level: 'doubtful', wording: 'room', says: good, margin, waysOut: waysOut.slice(0, 2) }
        : { level: 'good', wording: 'room', says: good, margin, waysOut: [] };
  return figure(FITS.fit, {
    at: fit.id,
    part: part.part.id,
    title: `${title} ${on.part.name}`,
    value: marginMm,
    formula: `${judged.formula}, tight under a`,
    terms: [...judged.terms, tight.term('a')],
    verdict,
    note: judged.note,
  });
}

/** Why there is nothing to judge by, and what to do. */
export type Unknown = string;

/** Feet of a measured spread: taken as a circle, as a rule held across them shows it. */
export function squareOf(acrossMm: number): Vec2[] {
  return Array.from({ length: 32 }, (_, i) => {
    const angle = (2 * Math.PI * i) / 32;
    return [(acrossMm / 2) * Math.cos(angle), (acrossMm / 2) * Math.sin(angle)];
  });
}

/** The three ways a part can be seen, as hulls, miniature mm. */
export function seenHulls({ shape, shrink }: PartContext): Vec2[][] {
  const above = shape.seenFrom({ right: [1, 0, 0], up: [0, 0, -1] });
  return [above, shape.outline('front'), shape.outline('side')].map((outline) =>
    hull(outline.flatMap((polygon) => polygon[0] ?? [])).map(([x, y]): Vec2 => [x / shrink, y / shrink]),
  );
}
