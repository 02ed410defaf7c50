import type { Drawing } from '@every-inch/core/drawing';
import { changesBetween, type Piece } from '@every-inch/core/piece';
import type { OwnValues } from '@every-inch/core/reckoning';
import { type Remote, wrap } from 'comlink';
import { FigureStore } from './figureStore.ts';
import type { Desk, SketchAsked, Told, Watch } from './messages.ts';

/** What the figures follow from, as the document has it. */
export interface Grounds {
  readonly piece: Piece | null;
  readonly workshopOwn: OwnValues;
  readonly now: string;
}

/** A thread that a desk stands in. */
export interface DeskThread {
  readonly desk: Remote<Desk>;
  onTold(listener: (told: Told) => void): void;
  /** Called when the thread has died or its code could not be read. */
  onBroken(listener: (says: string) => void): void;
  end(): void;
}

/** Opens the desk in a worker. */
export function deskInWorker(): DeskThread {
  const worker = new Worker(new URL('./spine.worker.ts', import.meta.url), { type: 'module' });
  return {
    desk: wrap<Desk>(worker),
    onTold: (listener) =>
      worker.addEventListener('message', ({ data }: MessageEvent) => {
        if (data?.kind === 'told') listener(data as Told);
      }),
    onBroken: (listener) => worker.addEventListener('error', ({ message }) => listener(message)),
    end: () => worker.terminate(),
  };
}

interface ShownAsk {
  readonly name: string;
  readonly asked: unknown;
  users: number;
}

/** A desk that breaks off more often than this in one sitting is left alone. */
const MOST_RESTARTS = 3;

/**
 * Keeps the desk and its figures in step with the document: sends what differs, begins anew with another piece, and starts a
 * desk that broke off again.
 */
export class SpineClient {
  readonly figures = new FigureStore();
  readonly #openThread: () => DeskThread;
  readonly #says: (text: string) => void;
  #thread: DeskThread | null = null;
  #sent: Grounds = { piece: null, workshopOwn: {}, now: '' };
  #watched: Watch = { stage: 'size', part: null };
  #revision = 0;
  #restarts = 0;
  readonly #shown = new Map<string, ShownAsk>();

  constructor(openThread: () => DeskThread, says: (text: string) => void) {
    this.#openThread = openThread;
    this.#says = says;
  }

  /** Counts up with every change that was sent. */
  get revision(): number {
    return this.#revision;
  }

  /** Starts the thread before there is a piece, so that the first figures do not wait for it. */
  warm(): void {
    this.#thread ??= this.#begin();
  }

  /** Takes a state of the document; sends what of it is new. */
  follow(to: Grounds): void {
    const from = this.#sent;
    if (to.piece === from.piece && to.workshopOwn === from.workshopOwn && to.now === from.now) return;
    this.#sent = to;
    if (!to.piece || to.now === '') return;
    this.#revision += 1;
    performance.mark(`figures wanted ${this.#revision}`);
    if (from.piece?.id !== to.piece.id || from.now === '') {
      this.#open();
      return;
    }
    this.warm();
    this.#call((desk) =>
      desk.change({
        revision: this.#revision,
        piece: from.piece && to.piece ? changesBetween(from.piece, to.piece) : null,
        ...(to.workshopOwn === from.workshopOwn ? {} : { workshopOwn: to.workshopOwn }),
        ...(to.now === from.now ? {} : { now: to.now }),
      }),
    );
  }

  watch(to: Watch): void {
    if (to.stage === this.#watched.stage && to.part === this.#watched.part) return;
    this.#watched = to;
    if (this.#sent.piece) this.#call((desk) => desk.watch(to));
  }

  /** Has an answer kept up to date under a key until it is let go as often as it was taken. */
  show(key: string, name: string, asked: unknown): () => void {
    const known = this.#shown.get(key);
    if (known) known.users += 1;
    else {
      this.#shown.set(key, { name, asked, users: 1 });
      this.#call((desk) => desk.show(key, name, asked));
    }
    return () => this.#hide(key);
  }

  #hide(key: string): void {
    const one = this.#shown.get(key);
    if (!one) return;
    one.users -= 1;
    if (one.users > 0) return;
    this.#shown.delete(key);
    this.figures.forgetAnswer(key);
    this.#call((desk) => desk.hide(key));
  }

  /** One answer, of the document as it is now. */
  async answer(name: string, asked: unknown): Promise<unknown> {
    this.warm();
    return this.#thread?.desk.answer(name, asked);
  }

  /** The parts of a piece that is not open, small; null where there is nothing to draw. */
  async sketch(asked: SketchAsked): Promise<Drawing | null> {
    this.warm();
    return (await this.#thread?.desk.sketch(asked)) ?? null;
  }

  end(): void {
    this.#thread?.end();
    this.#thread = null;
  }

  #begin(): DeskThread {
    const thread = this.#openThread();
    thread.onTold((told) => {
      if (this.#thread !== thread) return;
      this.figures.take(told);
      // For whoever measures: when a stage, and when everything, is of a state.
      for (const stage of told.settled === 'all' ? ['all'] : told.settled)
        performance.mark(`figures of ${stage} ${told.revision}`);
    });
    thread.onBroken((says) => {
      if (this.#thread === thread) this.#restart(says);
    });
    return thread;
  }

  #open(): void {
    const { piece, workshopOwn, now } = this.#sent;
    if (!piece) return;
    this.warm();
    this.figures.clear();
    this.#call((desk) => desk.watch(this.#watched));
    this.#call(async (desk) => {
      this.figures.arrange(await desk.open({ revision: this.#revision, piece, workshopOwn, now }));
    });
  }

  #restart(says: string): void {
    this.end();
    this.#restarts += 1;
    if (this.#restarts > MOST_RESTARTS) {
      this.#says(`The figures cannot be reckoned: ${says}. What you type is kept all the same.`);
      return;
    }
    this.#says(`The reckoning broke off (${says}) and was started again.`);
    this.#open();
    for (const [key, { name, asked }] of this.#shown) this.#call((desk) => desk.show(key, name, asked));
  }

  #call(say: (desk: Remote<Desk>) => Promise<unknown>): void {
    const { desk } = this.#thread ?? {};
    if (!desk) return;
    say(desk).catch((error: unknown) =>
      this.#says(`The reckoning stopped: ${error instanceof Error ? error.message : String(error)}`),
    );
  }
}
