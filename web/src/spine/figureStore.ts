import type { ShapeFacts } from '@every-inch/core/form';
import { type Lens, type ReckoningId, reckoningId, type ShownFigure } from '@every-inch/core/reckoning';
import type { Breakdown } from '@every-inch/core/spine';
import type { CellTold, Told } from './messages.ts';

/** How many figures want heeding: what stops, and what is to be looked at. */
export interface Heed {
  readonly stop: number;
  readonly check: number;
}

export const NO_HEED: Heed = { stop: 0, check: 0 };

/** Finds a figure of a part, or of the whole piece. */
export type Find = (part: string | null, key: string) => ShownFigure | undefined;

interface Cell {
  readonly figures: readonly ShownFigure[];
}

const NONE: readonly ShownFigure[] = [];
const NO_BREAKDOWNS: readonly Breakdown[] = [];
const NOTHING_TOLD: ReadonlyMap<string, unknown> = new Map();

function plus({ stop, check }: Heed, figure: ShownFigure, by: 1 | -1): Heed {
  const level = figure.verdict?.level;
  if (level === 'stop') return { stop: stop + by, check };
  return level === 'doubtful' ? { stop, check: check + by } : { stop, check };
}

/**
 * What the desk has told of the open piece, found by id, by stage and part, and by who told it. What is handed out stays the
 * same object until it changes, so that a screen is drawn again only where it says something else.
 */
export class FigureStore {
  #order = new Map<string, number>();
  #cells = new Map<string, Map<string, Cell>>();
  #found = new Map<string, unknown>();
  #toldByName = new Map<string, Map<string, unknown>>();
  #byId = new Map<ReckoningId, ShownFigure>();
  #shapes = new Map<string, ShapeFacts>();
  #shapesNow: ReadonlyMap<string, ShapeFacts> = new Map();
  #faults: ReadonlyMap<string, string> = new Map();
  #answers = new Map<string, unknown>();
  #groups = new Map<string, readonly ShownFigure[]>();
  #byStage = new Map<string, Heed>();
  #byPart = new Map<string, Heed>();
  #broken: readonly Breakdown[] = NO_BREAKDOWNS;
  #settled = new Map<string, number>();
  #settledAll = -1;
  #revision = -1;
  #find = this.#newFind();
  #listeners = new Set<() => void>();

  /** Begins with another piece. */
  clear(): void {
    for (const map of [this.#cells, this.#found, this.#byId, this.#shapes, this.#answers, this.#groups])
      map.clear();
    for (const map of [this.#byStage, this.#byPart, this.#settled, this.#toldByName]) map.clear();
    this.#shapesNow = new Map();
    this.#faults = new Map();
    this.#broken = NO_BREAKDOWNS;
    this.#settledAll = -1;
    this.#revision = -1;
    this.#tell();
  }

  /** Says in which order reckoners stand. */
  arrange(reckoners: readonly string[]): void {
    this.#order = new Map(reckoners.map((name, i) => [name, i]));
    this.#groups.clear();
  }

  /** Takes in what the desk has told; of an older state than is known already, nothing. */
  take(told: Told): void {
    if (told.revision < this.#revision) return;
    this.#revision = told.revision;
    for (const part of told.gone) this.#forget(part);
    for (const cell of told.cells) this.#takeCell(cell);
    if (told.cells.length > 0 || told.gone.length > 0) this.#find = this.#newFind();
    for (const [part, facts] of told.shapes) {
      if (facts) this.#shapes.set(part, facts);
      else this.#shapes.delete(part);
    }
    if (told.shapes.length > 0 || told.gone.length > 0) this.#shapesNow = new Map(this.#shapes);
    if (told.faults) this.#faults = new Map(told.faults);
    for (const [key, answer] of told.answers) this.#answers.set(key, answer);
    if (told.broken) this.#broken = told.broken;
    if (told.settled === 'all') this.#settledAll = told.revision;
    else for (const stage of told.settled) this.#settled.set(stage, told.revision);
    this.#tell();
  }

  /** A figure of a part, or of the whole piece. */
  find(part: string | null, key: string): ShownFigure | undefined {
    return this.#byId.get(reckoningId(part, key));
  }

  /** {@link find} by itself: another function whenever any figure has changed. */
  get finder(): Find {
    return this.#find;
  }

  get(id: ReckoningId): ShownFigure | undefined {
    return this.#byId.get(id);
  }

  /** The figures of a stage for a part, or for the whole piece when `part` is null. */
  of(stage: Lens, part: string | null): readonly ShownFigure[] {
    const key = `${stage}/${part ?? ''}`;
    const known = this.#groups.get(key);
    if (known) return known;
    const own = this.#cells.get(part ?? '');
    const whole = part === null ? undefined : this.#cells.get('');
    const cells = [...(own ?? []), ...(whole ?? [])].sort(
      ([a], [b]) => (this.#order.get(a) ?? 0) - (this.#order.get(b) ?? 0),
    );
    const figures = cells.flatMap(([, cell]) =>
      cell.figures.filter((figure) => figure.lens === stage && figure.part === part),
    );
    const group = figures.length === 0 ? NONE : figures;
    this.#groups.set(key, group);
    return group;
  }

  /** All figures, in no order. */
  all(): Iterable<ShownFigure> {
    return this.#byId.values();
  }

  /** What a reckoner tells besides its figures; undefined before it has, null where it found nothing. */
  found(reckoner: string, part: string | null): unknown {
    return this.#found.get(`${part ?? ''}/${reckoner}`);
  }

  /** What a reckoner tells of parts, by part; null where it found nothing. */
  toldOfAll(reckoner: string): ReadonlyMap<string, unknown> {
    return this.#toldByName.get(reckoner) ?? NOTHING_TOLD;
  }

  /** What is known of the solids of the parts that can be built. */
  get shapes(): ReadonlyMap<string, ShapeFacts> {
    return this.#shapesNow;
  }

  /** Why the others cannot, by part. */
  get faults(): ReadonlyMap<string, string> {
    return this.#faults;
  }

  answer(key: string): unknown {
    return this.#answers.get(key);
  }

  forgetAnswer(key: string): void {
    this.#answers.delete(key);
  }

  heedOfStage(stage: string): Heed {
    return this.#byStage.get(stage) ?? NO_HEED;
  }

  heedOfPart(part: string): Heed {
    return this.#byPart.get(part) ?? NO_HEED;
  }

  /** What broke down in reckoning; the sums are without it. */
  get broken(): readonly Breakdown[] {
    return this.#broken;
  }

  /** Whether the figures of a stage are all of a state of the document. */
  isSettled(stage: string, revision: number): boolean {
    return this.#settledAll >= revision || (this.#settled.get(stage) ?? -1) >= revision;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  #tell(): void {
    for (const listener of this.#listeners) listener();
  }

  #newFind(): Find {
    return (part, key) => this.find(part, key);
  }

  #takeCell({ reckoner, part, figures, found }: CellTold): void {
    const key = part ?? '';
    if (found !== undefined) this.#takeFound(key, reckoner, found);
    if (!figures) return;
    const cells = this.#cells.get(key) ?? new Map<string, Cell>();
    this.#cells.set(key, cells);
    this.#letGo(cells.get(reckoner)?.figures ?? NONE);
    cells.set(reckoner, { figures });
    for (const figure of figures) this.#byId.set(figure.id, figure);
    this.#count(figures, 1);
  }

  #takeFound(key: string, reckoner: string, found: unknown): void {
    this.#found.set(`${key}/${reckoner}`, found);
    this.#toldByName.set(reckoner, new Map(this.#toldByName.get(reckoner)).set(key, found));
  }

  #count(figures: readonly ShownFigure[], by: 1 | -1): void {
    for (const figure of figures) {
      const { lens, part } = figure;
      this.#groups.delete(`${lens}/${part ?? ''}`);
      if (!figure.verdict || figure.verdict.level === 'good') continue;
      this.#byStage.set(lens, plus(this.heedOfStage(lens), figure, by));
      if (part !== null) this.#byPart.set(part, plus(this.heedOfPart(part), figure, by));
    }
  }

  #letGo(figures: readonly ShownFigure[]): void {
    this.#count(figures, -1);
    // Another reckoner may have made a figure of that name by now: it stays.
    for (const figure of figures) if (this.#byId.get(figure.id) === figure) this.#byId.delete(figure.id);
  }

  #forget(part: string): void {
    for (const { figures } of this.#cells.get(part)?.values() ?? []) this.#letGo(figures);
    this.#cells.delete(part);
    this.#shapes.delete(part);
    for (const key of this.#found.keys()) if (key.startsWith(`${part}/`)) this.#found.delete(key);
    for (const [name, told] of this.#toldByName) {
      if (!told.has(part)) continue;
      const rest = new Map(told);
      rest.delete(part);
      this.#toldByName.set(name, rest);
    }
  }
}
