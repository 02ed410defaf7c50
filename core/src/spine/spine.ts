import { computed, type ReadonlySignal } from '@preact/signals-core';
import { LRUCache } from 'lru-cache';
import type { Ask, Found, Given, PartReckoner, PieceReckoner, Reckoner, Subject } from '../context/index.ts';
import type { ShapeStore } from '../form/index.ts';
import { type Reckoning, type ReckoningId, reckoningId } from '../reckoning/index.ts';
import { settledCount } from '../repeats/sets/settledCount.ts';
import { type Breakdown, breakdownOf, LeansOnBrokenError, refuseNoNumbers } from './breakdowns.ts';
import { watchContexts } from './contexts.ts';
import { type Ground, watchGround } from './document.ts';
import { inOrder, makersOf, SubjectError } from './order.ts';
import { steady } from './steady.ts';
import { TrackedMap } from './trackedMap.ts';

/** Told when a reckoner is asked, for tests and the bench: `of` is a part’s id, or null for the whole piece. */
export type Reckoned = (reckoner: string, of: string | null) => void;

/** Everything that follows from one piece, kept up to date by reckoning only what a change touches. */
export interface Spine {
  /** In an order in which each comes after all it needs. */
  readonly subjects: readonly Subject[];
  readonly given: Given;
  /** Takes a later state of the same piece; nothing is reckoned until it is asked for. */
  change(to: Ground): void;
  /**
   * What a reckoner found, of a part or of the whole piece; null where it found nothing or broke down.
   */
  found(reckoner: Reckoner, part: string | null): Found | null;
  /** Why it broke down; null where it did not. */
  breakdown(reckoner: Reckoner, part: string | null): Breakdown | null;
  /** Every reckoner that broke down; everything is reckoned for it. */
  breakdowns(): readonly Breakdown[];
  answer<Asked, Answer>(ask: Ask<Asked, Answer>, asked: Asked): Answer;
}

/** Drawings and looks kept; those on screen are a handful. */
const MOST_ANSWERS = 24;

/** What came of a reckoner: what it found, or why it broke down. */
interface Outcome {
  readonly found: Found | null;
  readonly breakdown: Breakdown | null;
}

type Cell = ReadonlySignal<Outcome>;

/**
 * The spine of a piece: subjects hang on it, each asked only when somebody wants what it makes, and asked again only when
 * something it read has changed.
 *
 * @param subjects in any order
 * @param shapes where the solids of forms are kept
 * @param first the piece, and what it is reckoned with
 * @throws {SubjectError} when the subjects cannot be put in an order
 */
export function makeSpine(
  subjects: readonly Subject[],
  shapes: ShapeStore,
  first: Ground,
  onReckoned?: Reckoned,
): Spine {
  const ordered = inOrder(subjects);
  const makers = makersOf(ordered);
  const owners = new Map(
    ordered.flatMap(({ name, reckoners }) => reckoners.map((one) => [one.name, name] as const)),
  );
  const ground = watchGround(first, (id, counted) => {
    const own = contexts.get(id);
    return own ? settledCount(own, counted, contexts) : counted;
  });
  const { context, contexts, faults } = watchContexts(ground, shapes);
  const pieceCells = new Map<string, Cell>();
  const partCells = new Map<string, Map<string, Cell>>();
  const figures = new Map<ReckoningId, ReadonlySignal<Reckoning | undefined>>();
  const answers = new LRUCache<string, ReadonlySignal<unknown>>({ max: MOST_ANSWERS });

  /** A cell keeps what it found before, so that what has come out the same stays the same. */
  function cellFor(reckoner: Reckoner, part: string | null): Cell {
    let before: Outcome = { found: null, breakdown: null };
    return computed(() => {
      try {
        const found = steady(before.found, reckonedBy(reckoner, part));
        if (found !== before.found) refuseNoNumbers(found);
        if (found !== before.found || before.breakdown) before = { found, breakdown: null };
      } catch (error) {
        // What leans on it wrongly is a fault of the program, and of none of its entries.
        if (error instanceof SubjectError) throw error;
        before = { found: null, breakdown: breakdownOf(reckoner, part, error) };
      }
      return before;
    });
  }

  function reckonedBy(reckoner: Reckoner, part: string | null): Found | null {
    const givenToIt = givenBy.get(reckoner.name) ?? given;
    if (reckoner.of === 'piece') {
      onReckoned?.(reckoner.name, null);
      return reckoner.reckon(givenToIt);
    }
    const own = part === null ? undefined : contexts.get(part);
    if (own) onReckoned?.(reckoner.name, part);
    return own ? reckoner.reckon(givenToIt, own) : null;
  }

  /** What a reckoner found, for another one: of a part that broke down there is nothing, of the piece there is no going on. */
  function foundBy(reckoner: Reckoner, part: string | null): Found | null {
    const { found, breakdown } = cellOf(reckoner, part).value;
    if (breakdown && reckoner.of === 'piece') throw new LeansOnBrokenError(breakdown);
    return found;
  }

  /** Every reckoner with every part it may look at. */
  function* everyCell(): Iterable<Cell> {
    const parts = [...contexts.keys()];
    for (const { reckoners } of ordered)
      for (const one of reckoners)
        if (one.of === 'piece') yield cellOf(one, null);
        else for (const part of parts) yield cellOf(one, part);
  }

  function cellOf(reckoner: Reckoner, part: string | null): Cell {
    if (reckoner.of === 'piece') {
      const known = pieceCells.get(reckoner.name) ?? cellFor(reckoner, null);
      pieceCells.set(reckoner.name, known);
      return known;
    }
    const id = part ?? '';
    const ofPart = partCells.get(id) ?? new Map<string, Cell>();
    partCells.set(id, ofPart);
    const known = ofPart.get(reckoner.name) ?? cellFor(reckoner, id);
    ofPart.set(reckoner.name, known);
    return known;
  }

  function figureCell(id: ReckoningId, part: string | null, key: string) {
    const known = figures.get(id);
    if (known) return known;
    const cell = computed(() => {
      for (const reckoner of makers(key)) {
        if (reckoner.of === 'part' && part === null) continue;
        const figure = cellOf(reckoner, part).value.found?.figures.find((one) => one.id === id);
        if (figure) return figure;
      }
      return undefined;
    });
    figures.set(id, cell);
    return cell;
  }

  /** Answers are remembered by what was asked, a few of each kind. */
  function answerCell(ask: Ask, asked: unknown): ReadonlySignal<unknown> {
    const key = `${ask.name} ${JSON.stringify(asked)}`;
    const known = answers.get(key) ?? computed(() => ask.answer(given, asked));
    answers.set(key, known);
    return known;
  }

  function* everyFigure(): Iterable<Reckoning> {
    const parts = [...contexts.keys()];
    for (const { reckoners } of ordered) {
      for (const one of reckoners)
        if (one.of === 'piece') yield* cellOf(one, null).value.found?.figures ?? [];
      for (const part of parts)
        for (const one of reckoners)
          if (one.of === 'part') yield* cellOf(one, part).value.found?.figures ?? [];
    }
  }

  /** What one subject is given: only what it says it needs, so that the order of subjects holds. */
  function givenTo(subject: Subject | null): Given {
    const allowed = subject && new Set([subject, ...subject.needs].map(({ name }) => name));
    const allow = (reckoner: Reckoner): void => {
      const owner = owners.get(reckoner.name);
      if (allowed && !allowed.has(owner ?? ''))
        throw new SubjectError('unneeded', `${subject?.name} asks ${reckoner.name}`);
    };
    return {
      context,
      shapes,
      contexts,
      faults,
      part: <F extends Found>(reckoner: PartReckoner<F>, part: string) => {
        allow(reckoner as PartReckoner);
        return foundBy(reckoner as PartReckoner, part) as F | null;
      },
      parts: <F extends Found>(reckoner: PartReckoner<F>) => {
        allow(reckoner as PartReckoner);
        return new TrackedMap(
          () => [...contexts.keys()].filter((id) => foundBy(reckoner as PartReckoner, id) !== null),
          (id) => (foundBy(reckoner as PartReckoner, id) as F | null) ?? undefined,
        );
      },
      piece: <F extends Found>(reckoner: PieceReckoner<F>) => {
        allow(reckoner as PieceReckoner);
        return foundBy(reckoner as PieceReckoner, null) as F;
      },
      everyFigure: () => everyFigure(),
      find: (part, key) => {
        for (const maker of makers(key)) allow(maker);
        return figureCell(reckoningId(part, key), part, key).value;
      },
    };
  }

  const given = givenTo(null);
  const givenBy = new Map(
    ordered.flatMap((subject) => {
      const own = givenTo(subject);
      return subject.reckoners.map(({ name }) => [name, own] as const);
    }),
  );

  return {
    subjects: ordered,
    given,
    change(to) {
      const there = new Set<string>(to.piece.parts.map(({ id }) => id));
      for (const id of partCells.keys()) if (!there.has(id)) partCells.delete(id);
      for (const id of figures.keys()) {
        const part = id.slice(0, id.indexOf('/'));
        if (part !== '' && !there.has(part)) figures.delete(id);
      }
      ground.change(to);
    },
    found: (reckoner, part) => cellOf(reckoner, part).value.found,
    breakdown: (reckoner, part) => cellOf(reckoner, part).value.breakdown,
    breakdowns: () => {
      const all = [...everyCell()].flatMap((cell) => cell.value.breakdown ?? []);
      // What leans on a broken one tells the same as that.
      return [...new Map(all.map((one) => [`${one.reckoner} ${one.part}`, one])).values()];
    },
    answer: <Asked, Answer>(ask: Ask<Asked, Answer>, asked: Asked) =>
      answerCell(ask as Ask, asked).value as Answer,
  };
}
