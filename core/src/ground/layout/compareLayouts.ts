import type { Given } from '../../context/index.ts';
import type { Layout, Piece } from '../../piece/index.ts';
import type { Reckoning } from '../../reckoning/index.ts';
import { reckonFoliage, type Tree } from '../cover/foliage.ts';
import { reckonCover } from '../cover/reckonCover.ts';
import { reckonHeap } from '../heap/reckonHeap.ts';
import { reckonWork } from '../jobs/jobs.ts';
import type { Footprint } from '../plan/footprint.ts';
import { placedOn, reckonPlan } from '../plan/reckonPlan.ts';
import type { Placed } from '../plan/standing.ts';
import { reckonPour } from '../pour/reckonPour.ts';
import { sightFrom } from '../sight/sight.ts';

/** One way of laying the ground out, with what it comes to. */
export interface LayoutRow {
  /** Null for the one that is laid out now. */
  readonly id: string | null;
  readonly name: string;
  readonly weightG: number;
  /** At the bench, and left to itself. */
  readonly hours: number;
  readonly waitDays: number;
  /** What is mixed for its pours. */
  readonly mixG: number;
  /** Things more than half hidden from the eye that hides most; null without an eye. */
  readonly hidden: number | null;
  /** What stops it, or is to be looked at. */
  readonly says: readonly string[];
}

/** What a layout replaces of a piece. */
export type LaidOut = Pick<Piece, 'board' | 'stood' | 'heaps' | 'pours' | 'covers'>;

const sumOf = (figures: Iterable<Reckoning>, prefix: string) =>
  [...figures].reduce((sum, { key, quantity }) => (key.startsWith(prefix) ? sum + quantity.value : sum), 0);

/** Trees of a layout as they are to be filled; how much of each is seen does not matter here. */
function treesOf(given: Given, { stood }: LaidOut, placed: readonly Placed[]): readonly Tree[] {
  return placed.flatMap(({ id, print }): Tree[] => {
    if (given.contexts.get(print.part)?.part.form.kind !== 'tree') return [];
    const foliage = stood.find((one) => one.id === id)?.foliage ?? 'none';
    return [{ id, name: print.name, heightMm: print.heightMm, foliage, seenPct: 100 }];
  });
}

/** Everything the ground comes to in a layout, as if it were laid out now. */
function reckonedAs(given: Given, laidOut: LaidOut, prints: readonly Footprint[]) {
  const context = { ...given.context, piece: { ...given.context.piece, ...laidOut } };
  const found = new Map<string, Reckoning>();
  const own: Given = {
    ...given,
    context,
    // What the layout says goes before what is laid out now.
    find: (part, key) => (part === null ? found.get(key) : undefined) ?? given.find(part, key),
  };
  const placed = placedOn(context.piece, prints);
  const { heaps, pours, covers } = laidOut;
  for (const one of [
    ...reckonPlan(own, prints),
    ...heaps.flatMap((heap) => reckonHeap(context, heap)),
    ...pours.flatMap((pour) => reckonPour(own, pour, placed)),
    ...covers.flatMap((cover) => reckonCover(own, cover, placed)),
    ...reckonFoliage(treesOf(own, laidOut, placed), context.own),
  ])
    found.set(one.key, one);
  for (const one of reckonWork(own).figures) found.set(one.key, one);
  return { found, placed };
}

function rowOf(
  given: Given,
  name: string,
  id: string | null,
  laidOut: LaidOut,
  prints: readonly Footprint[],
): LayoutRow {
  const { found, placed } = reckonedAs(given, laidOut, prints);
  const figures = [...found.values()];
  const hidden = given.context.piece.eyes.map(
    (eye) => sightFrom(eye, placed, given.contexts).filter(({ seenPct }) => seenPct < 50).length,
  );
  return {
    id,
    name,
    weightG: found.get('ground.weight')?.quantity.value ?? 0,
    hours: sumOf(figures, 'work.hands.') / 60,
    waitDays: sumOf(figures, 'work.wait.') / 1440,
    mixG: sumOf(figures, 'pour.mix.'),
    hidden: hidden.length > 0 ? Math.max(...hidden) : null,
    says: figures.flatMap(({ verdict }) => (verdict && verdict.level !== 'good' ? [verdict.says] : [])),
  };
}

/** The layout there is now and those that were set aside, each with what it comes to. */
export function compareLayouts(given: Given, prints: readonly Footprint[]): readonly LayoutRow[] {
  const { piece } = given.context;
  return [
    rowOf(given, 'as it is now', null, piece, prints),
    ...piece.layouts.map((layout: Layout) => rowOf(given, layout.name, layout.id, layout, prints)),
  ];
}
