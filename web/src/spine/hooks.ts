import type { PlannedBake } from '@every-inch/core/bake/plan';
import { heroicOf, type PartFacts, type PieceContext, reckonScale } from '@every-inch/core/context';
import type { Heroic } from '@every-inch/core/form';
import type { Part, Piece } from '@every-inch/core/piece';
import type { Lens, OwnValues, ReckoningId, ShownFigure } from '@every-inch/core/reckoning';
import { type BakeState, followed, type RouteFacts } from '@every-inch/core/route';
import { resolveScale } from '@every-inch/core/scale';
import type { ScheduleFacts } from '@every-inch/core/schedule';
import type { AnyAsk, AnyReckoner } from '@every-inch/core/spine';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { shallowEqual } from 'react-redux';
import { store, useAppSelector, useOfPiece, useOpenPiece } from '../state/store.ts';
import type { FigureStore, Find, Heed } from './figureStore.ts';
import { figures, spine } from './open.ts';

/** Reads something of the figures; the screen is drawn again only when it is another object. */
export function useFigures<T>(read: (store: FigureStore) => T): T {
  return useSyncExternalStore(figures.subscribe, () => read(figures));
}

/** A figure of a part, or of the whole piece when `part` is null; undefined while there is none. */
export function useFigure(part: string | null | undefined, key: string): ShownFigure | undefined {
  return useFigures((store) => (part === undefined ? undefined : store.find(part, key)));
}

/** A figure by its id. */
export function useFigureById(id: ReckoningId): ShownFigure | undefined {
  return useFigures((store) => store.get(id));
}

/** Finds any figure; for what leans on many of them, and so is drawn again with each. */
export function useFind(): Find {
  return useFigures((store) => store.finder);
}

/** The figures of a stage for a part, or for the whole piece when `part` is null. */
export function useFiguresOf(stage: Lens, part: string | null): readonly ShownFigure[] {
  return useFigures((store) => store.of(stage, part));
}

/** The names of reckoners that tell something, and what they tell. */
type ToldName = AnyReckoner['name'];
type ToldBy<N extends ToldName> =
  Extract<AnyReckoner, { name: N }> extends infer R
    ? R extends { tells?: (found: never) => infer T }
      ? T
      : never
    : never;

/** What a reckoner tells of a part, or of the piece; null where it found nothing, undefined before it has looked. */
export function useTold<N extends ToldName>(name: N, part: string | null): ToldBy<N> | null | undefined {
  return useFigures((store) => store.found(name, part)) as ToldBy<N> | null | undefined;
}

/** What a reckoner tells of every part that has it. */
export function useToldOfAll<N extends ToldName>(name: N): ReadonlyMap<string, ToldBy<N>> {
  const parts = useOfPiece((piece) => piece.parts);
  const told = useFigures((store) => store.toldOfAll(name));
  return useMemo(() => {
    const found = parts.flatMap(({ id }) => {
      const one = told.get(id) as ToldBy<N> | null | undefined;
      return one === null || one === undefined ? [] : [[id as string, one] as const];
    });
    return new Map(found);
  }, [parts, told]);
}

export type AskName = AnyAsk['name'];
type AskNamed<N extends AskName> = Extract<AnyAsk, { name: N }>;
export type Asked<N extends AskName> = Parameters<AskNamed<N>['answer']>[1];
export type Answered<N extends AskName> = ReturnType<AskNamed<N>['answer']>;

/** Whom a question is about: a part, a step, a fit; an answer about one is never shown for another. */
function subjectOf(asked: unknown): string {
  const { part, step, id } = (asked ?? {}) as { part?: unknown; step?: unknown; id?: unknown };
  return JSON.stringify([part, step, id]);
}

/**
 * An answer of the desk, kept up to date while it is shown; what was shown last of the same part, step or figure
 * stays until the next has come.
 *
 * @param asked null asks nothing
 */
export function useAsk<N extends AskName>(name: N, asked: Asked<N> | null): Answered<N> | undefined {
  const key = asked === null ? null : `${name} ${JSON.stringify(asked)}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key says all of what is asked
  useEffect(() => (key === null ? undefined : spine.show(key, name, asked)), [key]);
  const answer = useFigures((store) => (key === null ? undefined : store.answer(key))) as
    | Answered<N>
    | undefined;
  const about = `${name} ${subjectOf(asked)}`;
  const [last, setLast] = useState<{ about: string; answer: Answered<N> } | null>(null);
  if (answer !== undefined && (last?.answer !== answer || last.about !== about)) setLast({ about, answer });
  if (key === null) return undefined;
  return answer ?? (last?.about === about ? last.answer : undefined);
}

/** One answer of the desk, such as the pages of a sheet. */
export function askOnce<N extends AskName>(name: N, asked: Asked<N>): Promise<Answered<N>> {
  return spine.answer(name, asked) as Promise<Answered<N>>;
}

/** Whether two states of a piece differ at most in what is only said of it, and no figure leans on. */
function differInWordsOnly(a: Piece | null, b: Piece | null): boolean {
  if (a === b || !a || !b) return a === b;
  const facts = ({ name: _, brief: { note: __, handledBy: ___, ...brief }, ...rest }: Piece) => ({
    ...rest,
    ...brief,
  });
  return shallowEqual(facts(a), facts(b));
}

/** What every figure of the open piece leans on; its name and its note may be of a moment ago. */
export function usePieceContext(): PieceContext {
  const piece = useAppSelector((state) => state.document.piece, differInWordsOnly);
  if (!piece) throw new Error('no piece is open');
  const workshopOwn = useAppSelector((state) => state.workshop.own);
  const now = useAppSelector((state) => state.session.today);
  const own = useMemo(() => ({ ...workshopOwn, ...piece.own }), [workshopOwn, piece.own]);
  return useMemo(() => contextOf(piece, own, now), [piece, own, now]);
}

/** Life per miniature of the open piece, from the scale it has now. */
export function useRatio(): number {
  return resolveScale(useOfPiece((piece) => piece.scale)).ratio;
}

function contextOf(piece: Piece, own: OwnValues, now: string): PieceContext {
  const scale = resolveScale(piece.scale);
  return { piece, own, scale, scaleFigure: reckonScale(piece.scale, scale), now };
}

/** How many of a part there are, by its rule where it has one. */
function countOf({ repeat, count }: Part, make: ShownFigure | undefined): number {
  return repeat && make ? make.quantity.value : count;
}

/** How many of a part there are, by its rule where it has one. */
export function useCount(part: Part): number {
  return countOf(part, useFigure(part.id, MAKE));
}

/** The figure that the count of a set follows from. */
const MAKE = 'repeats.make';

function factsOf(
  context: PieceContext,
  part: Part,
  shape: ReturnType<FigureStore['shapes']['get']>,
  make: ShownFigure | undefined,
): PartFacts | undefined {
  const settled = part.repeat ? { ...part, count: countOf(part, make) } : part;
  return (
    shape && { ...context, part: settled, shape, shrink: part.sized === 'life' ? context.scale.ratio : 1 }
  );
}

/** What is known of a part; undefined while it cannot be built. */
export function usePartFacts(id: string | null | undefined): PartFacts | undefined {
  const context = usePieceContext();
  const part = context.piece.parts.find((one) => one.id === id);
  const shape = useFigures((store) => store.shapes.get(id ?? ''));
  const make = useFigure(id, MAKE);
  return useMemo(() => part && factsOf(context, part, shape, make), [context, part, shape, make]);
}

/** What is known of every part that can be built, in their order. */
export function useAllFacts(): ReadonlyMap<string, PartFacts> {
  const context = usePieceContext();
  const shapes = useFigures((store) => store.shapes);
  const sets = context.piece.parts.filter(({ repeat }) => repeat !== null);
  // Drawn again when a count is another, not with every figure.
  const counts = useFigures((store) => sets.map(({ id }) => store.find(id, MAKE)?.quantity.value).join());
  // biome-ignore lint/correctness/useExhaustiveDependencies: the counts stand for the figures they are found in
  return useMemo(() => allFacts(context, shapes, figures), [context, shapes, counts]);
}

function allFacts(
  context: PieceContext,
  shapes: Pick<FigureStore['shapes'], 'get'>,
  known: Pick<FigureStore, 'find'>,
): ReadonlyMap<string, PartFacts> {
  return new Map(
    context.piece.parts.flatMap((part) => {
      const facts = factsOf(context, part, shapes.get(part.id), known.find(part.id, MAKE));
      return facts ? [[part.id as string, facts] as const] : [];
    }),
  );
}

/** What is known of every part as the document is now, whatever has come to the screen; for what is saved. */
export async function factsOnce(): Promise<ReadonlyMap<string, PartFacts>> {
  const shapes = new Map(await askOnce('size.shapes', undefined));
  const { document: doc, workshop, session } = store.getState();
  if (!doc.piece) return new Map();
  const context = contextOf(doc.piece, { ...workshop.own, ...doc.piece.own }, session.today);
  return allFacts(context, shapes, figures);
}

/** What a figure scale thickens in the open piece. */
export function useHeroic(): Heroic {
  const { scale, own } = usePieceContext();
  return useMemo(() => heroicOf(scale.heroic, own), [scale.heroic, own]);
}

/** Counts of what is to be heeded at a stage, parts that cannot be built among them (at Size). */
export function useStageHeed(stage: string): Heed {
  const heed = useFigures((store) => store.heedOfStage(stage));
  const faults = useFigures((store) => store.faults.size);
  return stage === 'size' && faults > 0 ? { ...heed, stop: heed.stop + faults } : heed;
}

/** Counts of what is to be heeded of a part. */
export function usePartHeed(part: string): Heed {
  const heed = useFigures((store) => store.heedOfPart(part));
  const isFaulty = useFigures((store) => store.faults.has(part));
  return isFaulty ? { ...heed, stop: heed.stop + 1 } : heed;
}

/** A change is shown as still being reckoned after so long, ms: what is quicker would only flicker. */
const SAYS_AFTER = 150;

/** Whether all that a stage shows is of the document as it is. */
export function useIsSettled(stage: string): boolean {
  return useFigures((store) => store.isSettled(stage, spine.revision));
}

/** Whether what a stage shows is still of an older state of the document, and has been for so long that it is said. */
export function useIsBehind(stage: string): boolean {
  const piece = useOpenPiece();
  const isSettled = useIsSettled(stage);
  const [behindSince, setBehindSince] = useState<unknown>(null);
  useEffect(() => {
    if (isSettled) {
      setBehindSince(null);
      return undefined;
    }
    const timer = setTimeout(() => setBehindSince(piece), SAYS_AFTER);
    return () => clearTimeout(timer);
  }, [isSettled, piece]);
  return !isSettled && behindSince !== null;
}

const NO_BAKES: readonly BakeState[] = [];

/** Every bake of the route, with the state of each part in it. */
export function useBakes(): readonly BakeState[] {
  return useTold('bake.states', null) ?? NO_BAKES;
}

/** Every bake with its loads, windows and minutes; null before they are known. */
export function usePlan(): readonly PlannedBake[] | null {
  return useTold('bake.plan', null) ?? null;
}

const NO_STEPS = { steps: [], relations: [], without: [] };
const NO_ROUTE: RouteFacts = {
  route: NO_STEPS,
  proposed: NO_STEPS,
  isOwn: false,
  judged: { faults: [], checks: [], loop: null },
  heeds: new Map(),
  shares: new Map(),
  times: new Map(),
};

/** Whether the route is known: the maker’s own as soon as the piece is open, the proposed one once it has been reckoned. */
export function useIsRouteKnown(): boolean {
  const told = useTold('route.piece', null);
  const route = useOfPiece((piece) => piece.route);
  return route !== null || (told !== undefined && told !== null);
}

/**
 * The steps of the piece, their minutes and their order; without steps before they are known. The maker’s own route is shown as
 * the document has it, whatever is still being reckoned of it.
 */
export function useRouteFacts(): RouteFacts {
  const told = useTold('route.piece', null) ?? NO_ROUTE;
  const route = useOfPiece((piece) => piece.route);
  return useMemo(
    () =>
      route
        ? { ...told, route: told === NO_ROUTE ? route : followed(route, told.proposed), isOwn: true }
        : told,
    [told, route],
  );
}

/** When everything of the piece is done; undefined before that is known. */
export function useScheduleFacts(): ScheduleFacts | undefined {
  return useTold('schedule.piece', null) ?? undefined;
}
