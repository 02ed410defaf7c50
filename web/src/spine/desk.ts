import type { Ask, Found, Reckoner, Subject } from '@every-inch/core/context';
import { factsOf, makeShapeStore, type ShapeFacts } from '@every-inch/core/form';
import { pieceAtEnds, withChanges } from '@every-inch/core/piece';
import { type Lens, type ShownFigure, shownOf } from '@every-inch/core/reckoning';
import { sketch } from '@every-inch/core/size';
import {
  type Breakdown,
  breakdownOf,
  type Ground,
  makeSpine,
  type Spine,
  widened,
} from '@every-inch/core/spine';
import { dequal } from 'dequal';
import type { CellTold, Change, Desk, Opening, Told, Watch } from './messages.ts';

/** So long work goes on before a newer change is let in, ms. */
const SLICE_MS = 8;
/** What is not done after so long is told as far as it has come, ms. */
const TELL_AFTER_MS = 90;

/** What the desk needs of the place it stands in. */
export interface Place {
  tell(told: Told): void;
  /** Lets messages in that wait. */
  pause(): Promise<void>;
  now(): number;
}

/** One thing to be looked at. */
interface Unit {
  readonly reckoner: Reckoner;
  readonly part: string | null;
}

/** An answer that is kept up to date while it is shown. */
interface Shown {
  readonly ask: Ask;
  readonly asked: unknown;
  /** What was told last; undefined before. */
  told: unknown;
}

/** What has been found since it was last told. */
interface Heap {
  cells: CellTold[];
  shapes: (readonly [string, ShapeFacts | null])[];
  answers: (readonly [string, unknown])[];
}

const emptyHeap = (): Heap => ({ cells: [], shapes: [], answers: [] });

/**
 * Reckons one piece in small slices: what is looked at first, the selected part before the others, the rest while nothing newer
 * has come. A newer change overtakes an older one.
 */
export function openDesk(subjects: readonly Subject[], place: Place): Desk {
  const shapes = makeShapeStore();
  const asks = new Map<string, Ask>(
    subjects.flatMap((one) => (one.asks ?? []).map((ask) => [ask.name, ask])),
  );
  let spine: Spine | null = null;
  /** The same piece at the ends of what is rough in it. */
  let ends: Spine[] = [];
  let ground: Ground | null = null;
  let revision = 0;
  let watched: Watch = { stage: 'size', part: null };
  let running = false;
  /** Counts up with everything that makes the present plan out of date. */
  let wanted = 0;
  const shown = new Map<string, Shown>();
  const toldFigures = new Map<string, Map<string, Found['figures']>>();
  const toldFound = new Map<string, Map<string, Found | null>>();
  const toldShapes = new Map<string, unknown>();
  /** What broke down, by what was looked at. */
  const broken = new Map<string, Breakdown>();
  let isBrokenTold = true;
  let toldFaults = '';
  let heap = emptyHeap();
  let lastTold = 0;

  const isSeen = ({ gives, leanedOnAt }: Reckoner): boolean =>
    leanedOnAt?.includes(watched.stage as Lens) ||
    gives.some(({ stage, key }) => stage === watched.stage || watched.always?.includes(key));

  /** What is to be looked at, in the order of its turn: of the part that is selected, else of what is seen, the rest. */
  function planFor({ subjects: ordered }: Spine, { piece }: Ground): Record<'own' | 'seen' | 'rest', Unit[]> {
    const ids = piece.parts.map(({ id }) => id as string);
    const all = ordered.flatMap(({ reckoners }) => reckoners);
    const seen = all.filter(isSeen);
    const unseen = all.filter((one) => !isSeen(one));
    const unitsOf = (reckoners: readonly Reckoner[], parts: readonly string[]): Unit[] =>
      reckoners.flatMap((reckoner): Unit[] =>
        reckoner.of === 'piece' ? [{ reckoner, part: null }] : parts.map((part) => ({ reckoner, part })),
      );
    const own = ids.filter((id) => id === watched.part);
    return {
      own: unitsOf(
        seen.filter(({ of }) => of === 'part'),
        own,
      ),
      seen: unitsOf(
        seen,
        ids.filter((id) => id !== watched.part),
      ),
      rest: unitsOf(unseen, [...own, ...ids.filter((id) => id !== watched.part)]),
    };
  }

  /** Figures with the range that rough amounts give them; an end that breaks down gives none. */
  function atEnds(reckoner: Reckoner, part: string | null, own: Found['figures']): Found['figures'] {
    if (ends.length === 0 || own.length === 0) return own;
    const others = ends.flatMap((end) => {
      try {
        return [end.found(reckoner, part)?.figures ?? NONE];
      } catch {
        return [];
      }
    });
    return widened(own, others);
  }

  function layEnds(on: Ground): void {
    const pieces = pieceAtEnds(on.piece);
    if (pieces.length === ends.length)
      ends.forEach((end, i) => {
        const piece = pieces[i];
        if (piece) end.change({ ...on, piece });
      });
    else ends = pieces.map((piece) => makeSpine(subjects, shapes, { ...on, piece }));
  }

  function setBroken(key: string, now: Breakdown | null): void {
    const before = broken.get(key) ?? null;
    if (dequal(before, now)) return;
    isBrokenTold = false;
    if (now) broken.set(key, now);
    else broken.delete(key);
  }

  function lookAt({ found, breakdown }: Spine, { reckoner, part }: Unit): void {
    const key = part ?? '';
    const name = `${reckoner.name} ${key}`;
    try {
      const now = found(reckoner, part);
      setBroken(name, breakdown(reckoner, part));
      const cell: {
        reckoner: string;
        part: string | null;
        figures?: readonly ShownFigure[];
        found?: unknown;
      } = {
        reckoner: reckoner.name,
        part,
      };
      const figures = toldFigures.get(key) ?? new Map();
      toldFigures.set(key, figures);
      const all = atEnds(reckoner, part, now?.figures ?? NONE);
      if (figures.get(reckoner.name) !== all) {
        const before = figures.get(reckoner.name) ?? NONE;
        figures.set(reckoner.name, all);
        // A working that changed alone is nobody’s business before it is opened.
        if (!sameShown(before, all)) cell.figures = all.map(shownOf);
      }
      if (reckoner.tells) {
        const told = toldFound.get(key) ?? new Map();
        toldFound.set(key, told);
        if (!told.has(reckoner.name) || told.get(reckoner.name) !== now) {
          cell.found = now === null ? null : reckoner.tells(now);
          told.set(reckoner.name, now);
        }
      }
      if ('figures' in cell || 'found' in cell) heap.cells.push(cell);
    } catch (error) {
      setBroken(name, breakdownOf(reckoner, part, error));
    }
  }

  function lookAtShape({ given }: Spine, part: string): void {
    const shape = given.contexts.get(part)?.shape ?? null;
    if (toldShapes.get(part) === shape) return;
    toldShapes.set(part, shape);
    heap.shapes.push([part, shape && factsOf(shape)]);
  }

  function lookAtShown({ answer }: Spine, key: string, one: Shown): void {
    try {
      const now = answer(one.ask, one.asked);
      if (now === one.told) return;
      one.told = now;
      heap.answers.push([key, now]);
    } catch (error) {
      setBroken(key, breakdownOf({ name: one.ask.name, gives: [] }, null, error));
      return;
    }
    setBroken(key, null);
  }

  function forgetGone({ piece }: Ground): string[] {
    const there = new Set<string>(piece.parts.map(({ id }) => id));
    const gone = [...toldShapes.keys()].filter((id) => !there.has(id));
    for (const [key, { part }] of broken) if (part !== null && !there.has(part)) setBroken(key, null);
    for (const id of gone) for (const map of [toldFigures, toldFound, toldShapes]) map.delete(id);
    return gone;
  }

  function tell(at: Spine, on: Ground, settled: Told['settled']): void {
    const faults = [...at.given.faults];
    const faultsNow = JSON.stringify(faults);
    const gone = forgetGone(on);
    place.tell({
      kind: 'told',
      revision,
      ...heap,
      gone,
      ...(faultsNow === toldFaults ? {} : { faults }),
      ...(isBrokenTold ? {} : { broken: [...uniqueOf(broken)] }),
      settled,
    });
    isBrokenTold = true;
    toldFaults = faultsNow;
    heap = emptyHeap();
    lastTold = place.now();
  }

  async function work(): Promise<void> {
    if (running) return;
    running = true;
    try {
      while (spine && ground && (await pass(spine, ground)) === 'overtaken');
    } finally {
      running = false;
    }
  }

  async function pass(at: Spine, on: Ground): Promise<'done' | 'overtaken'> {
    const mine = wanted;
    let sliceStart = place.now();
    lastTold = sliceStart;
    /** Runs jobs one by one; false when something newer has come. */
    const run = async (jobs: Iterable<() => void>): Promise<boolean> => {
      for (const job of jobs) {
        job();
        const now = place.now();
        if (now - sliceStart < SLICE_MS) continue;
        if (now - lastTold > TELL_AFTER_MS) tell(at, on, []);
        await place.pause();
        if (mine !== wanted) return false;
        sliceStart = place.now();
      }
      return true;
    };
    const shapeJobs = function* (ids: Iterable<string>) {
      for (const id of ids) yield () => lookAtShape(at, id);
    };
    const cellJobs = function* (units: readonly Unit[]) {
      for (const unit of units) yield () => lookAt(at, unit);
    };
    const shownJobs = function* () {
      for (const [key, one] of shown) yield () => lookAtShown(at, key, one);
    };
    const { own, seen, rest } = planFor(at, on);
    const parts = on.piece.parts.map(({ id }) => id);
    // Solids one by one: to ask for the list of all that can be built would build them all at once.
    const turns = [
      shapeJobs(parts.filter((id) => id === watched.part)),
      cellJobs(own),
      shapeJobs(parts),
      shownJobs(),
      cellJobs(seen),
    ];
    for (const turn of turns) if (!(await run(turn))) return 'overtaken';
    tell(at, on, [watched.stage as Lens]);
    await place.pause();
    if (mine !== wanted) return 'overtaken';
    if (!(await run(cellJobs(rest)))) return 'overtaken';
    tell(at, on, 'all');
    return 'done';
  }

  const again = (): void => {
    wanted += 1;
    void work();
  };

  return {
    open({ revision: at, piece, workshopOwn, now }: Opening) {
      ground = { piece, workshopOwn, now };
      spine = makeSpine(subjects, shapes, ground);
      ends = [];
      layEnds(ground);
      revision = at;
      for (const map of [toldFigures, toldFound, toldShapes]) map.clear();
      toldFaults = '';
      broken.clear();
      isBrokenTold = true;
      heap = emptyHeap();
      for (const one of shown.values()) one.told = undefined;
      again();
      return spine.subjects.flatMap(({ reckoners }) => reckoners.map(({ name }) => name));
    },
    change({ revision: at, piece, workshopOwn, now }: Change) {
      if (!spine || !ground) return;
      ground = {
        piece: piece ? withChanges(ground.piece, piece) : ground.piece,
        workshopOwn: workshopOwn ?? ground.workshopOwn,
        now: now ?? ground.now,
      };
      revision = at;
      spine.change(ground);
      layEnds(ground);
      again();
    },
    watch(to) {
      if (to.stage === watched.stage && to.part === watched.part) return;
      watched = to;
      again();
    },
    show(key, name, asked) {
      const ask = asks.get(name);
      if (!ask) throw new RangeError(`nothing answers to “${name}”`);
      shown.set(key, { ask, asked, told: undefined });
      again();
    },
    hide(key) {
      shown.delete(key);
      setBroken(key, null);
    },
    async answer(name, asked) {
      const ask = asks.get(name);
      if (!ask || !spine) throw new RangeError(`nothing answers to “${name}”`);
      return spine.answer(ask, asked);
    },
    async answerOf(on, name, asked) {
      const ask = asks.get(name);
      if (!ask) throw new RangeError(`nothing answers to “${name}”`);
      return makeSpine(subjects, shapes, on).answer(ask, asked);
    },
    sketch({ widthMm, heightMm, ...on }) {
      const parts = [...makeSpine(subjects, shapes, on).given.contexts.values()];
      return parts.length > 0 ? sketch(parts, widthMm, heightMm) : null;
    },
  };
}

const NONE: Found['figures'] = [];

/** Breakdowns without what only leans on another that is told. */
function uniqueOf(broken: ReadonlyMap<string, Breakdown>): Iterable<Breakdown> {
  return new Map([...broken.values()].map((one) => [`${one.reckoner} ${one.part}`, one])).values();
}

/** Whether two lists of figures look the same, their workings aside. */
function sameShown(a: Found['figures'], b: Found['figures']): boolean {
  return (
    a.length === b.length &&
    a.every((figure, i) => {
      const other = b[i];
      return other !== undefined && (figure === other || dequal(shownOf(figure), shownOf(other)));
    })
  );
}
