import type { Given } from '../../context/index.ts';
import type { PartId } from '../../piece/index.ts';
import { figure, type Reckoning, shapedBy, sourced, type Term, termFrom } from '../../reckoning/index.ts';
import { WORK } from '../builtFigures.ts';
import { planArea } from '../plan/planArea.ts';
import { within } from '../plan/room.ts';

/** When a job of the ground is due: while a part is raw clay, at any time before things stand, or once they are finished. */
export type Due = 'raw' | 'built' | 'after';

/** One job of the ground, as a route takes it in. */
export interface GroundJob {
  /** Also the place of its figures. */
  readonly id: string;
  readonly title: string;
  readonly due: Due;
  /** Whether it puts things in their places. */
  readonly places: boolean;
  readonly parts: readonly PartId[];
  /** Jobs that come before it. */
  readonly needs: readonly string[];
}

interface Jobs {
  readonly jobs: readonly GroundJob[];
  readonly figures: readonly Reckoning[];
}

const NONE: Jobs = { jobs: [], figures: [] };
const all = (lots: readonly Jobs[]): Jobs => ({
  jobs: lots.flatMap(({ jobs }) => jobs),
  figures: lots.flatMap(({ figures }) => figures),
});

const shaped = shapedBy('the plan');

/** Minutes of a job: what it takes, how that came about, and of what. */
type Working = Pick<Reckoning, 'formula' | 'terms'> & {
  readonly value: number;
  readonly low?: number;
  readonly high?: number;
};

function asFigure(kind: (typeof WORK)[keyof typeof WORK], job: GroundJob, working: Working): Reckoning {
  return figure(kind, { ...working, part: null, at: job.id, title: job.title });
}

const withHands = (job: GroundJob, hands: Working): Jobs => ({
  jobs: [job],
  figures: [asFigure(WORK.hands, job, hands)],
});
const withWait = (job: GroundJob, hands: Working, wait: Working): Jobs => ({
  jobs: [job],
  figures: [asFigure(WORK.hands, job, hands), asFigure(WORK.wait, job, wait)],
});

/** What the jobs of one piece are found by. */
class Work {
  readonly #given: Given;
  readonly #name = (part: string) => this.#given.contexts.get(part)?.part.name ?? part;

  constructor(given: Given) {
    this.#given = given;
  }

  get #piece() {
    return this.#given.context.piece;
  }

  #row(id: string) {
    return sourced(id, this.#given.context.own);
  }

  /** Minutes of a rate by what it is held to; with the ends of the rate. */
  #rated(row: string, formula: string, by: Term, per: number): Working {
    const rate = this.#row(row);
    const { low, high } = rate.term('r').quantity;
    const times = by.quantity.value / per;
    return {
      value: rate.value * times,
      ...(low !== undefined && high !== undefined ? { low: low * times, high: high * times } : {}),
      formula,
      terms: [rate.term('r'), by],
    };
  }

  #base(): Jobs {
    const { board } = this.#piece;
    if (!board) return NONE;
    const job: GroundJob = {
      id: 'ground-base',
      title: board.studs > 1 ? `Cut the base and fix ${board.studs} studs under it` : 'Cut the base',
      due: 'built',
      places: false,
      parts: [],
      needs: [],
    };
    const [base, stud] = [this.#row('work.base'), this.#row('work.stud')];
    return withHands(job, {
      value: base.value + stud.value * board.studs,
      formula: 't = b + s × n',
      terms: [base.term('b'), stud.term('s'), shaped('n', 'Studs', board.studs, 'count')],
    });
  }

  #rises(): Jobs {
    const { heaps, board } = this.#piece;
    return all(
      heaps.map(({ id, name }) => {
        const volume = this.#given.find(null, `ground.rise.${id}`);
        const days = this.#given.find(null, `ground.rise-days.${id}`);
        if (!volume || volume.quantity.value === 0) return NONE;
        const job: GroundJob = {
          id: `ground-rise-${id}`,
          title: `Build up ${name}`,
          due: 'built',
          places: false,
          parts: [],
          needs: board ? ['ground-base'] : [],
        };
        const hands = this.#rated('work.rise', 't = r × V ÷ 1000', termFrom('V', volume), 1000);
        if (!days || days.quantity.value === 0) return withHands(job, hands);
        return withWait(job, hands, {
          value: days.quantity.value * 1440,
          formula: 't = T × 1440',
          terms: [termFrom('T', days)],
        });
      }),
    );
  }

  /** Trees that stand in ground which sets wet: their feet are kept apart from it. */
  #film(): Jobs {
    const { heaps, stood } = this.#piece;
    const wet = heaps.filter(
      ({ of, skin, skinMm }) => of === 'plaster' || of === 'paste' || (skin !== 'none' && skinMm > 0),
    );
    const trees = stood.filter(({ part, xMm, yMm }) => {
      const isTree = this.#given.contexts.get(part)?.part.form.kind === 'tree';
      return isTree && wet.some((heap) => within([xMm, yMm], planArea(heap).ring));
    });
    if (trees.length === 0) return NONE;
    const names = [...new Set(trees.map(({ part }) => this.#name(part)))].join(', ');
    const job: GroundJob = {
      id: 'ground-film',
      title: `Cling film round the foot of ${names} while the ground sets: it lifts out again to be filled`,
      due: 'built',
      places: false,
      parts: [],
      needs: wet.map(({ id }) => `ground-rise-${id}`),
    };
    return withHands(
      job,
      this.#rated('work.film', 't = r × n', shaped('n', 'Trees', trees.length, 'count'), 1),
    );
  }

  #masonry(): Jobs {
    return all(
      this.#piece.masonry.map(({ id, part }) => {
        const minutes = this.#given.find(null, `masonry.minutes.${id}`);
        if (!minutes || minutes.quantity.value === 0) return NONE;
        const scored = { value: minutes.quantity.value, formula: 't = T', terms: [termFrom('T', minutes)] };
        if (part === null)
          return withHands(
            {
              id: `ground-lay-${id}`,
              title: 'Lay the stones of the base',
              due: 'built',
              places: false,
              parts: [],
              needs: ['ground-base', ...this.#piece.heaps.map(({ id: heap }) => `ground-rise-${heap}`)],
            },
            scored,
          );
        const of = this.#given.contexts.get(part)?.part;
        if (!of) return NONE;
        const isClay = of.mix.length > 0;
        const job: GroundJob = {
          id: `ground-lay-${id}`,
          title: `${of.name}: ${isClay ? 'score its courses' : 'lay its courses'}`,
          due: isClay ? 'raw' : 'built',
          places: false,
          parts: [of.id],
          needs: [],
        };
        return withHands(job, scored);
      }),
    );
  }

  #backdrop(): Jobs {
    const sheets = this.#given.find(null, 'backdrop.sheets');
    if (!sheets) return NONE;
    const job: GroundJob = {
      id: 'ground-backdrop',
      title: 'Cut, join and paint the backdrop, all of it at one go',
      due: 'built',
      places: false,
      parts: [],
      needs: [],
    };
    return withHands(job, this.#rated('work.backdrop', 't = r × n', termFrom('n', sheets), 1));
  }

  #timber(): Jobs {
    return all(
      this.#piece.timber.map(({ id, name, stuff }) => {
        const pieces = this.#given.find(null, `timber.pieces.${id}`);
        if (!pieces) return NONE;
        const job: GroundJob = {
          id: `ground-timber-${id}`,
          title: stuff === 'wire' ? `Cut and solder up ${name}` : `Cut and glue up ${name}`,
          due: 'built',
          places: false,
          parts: [],
          needs: [],
        };
        return withHands(job, this.#rated('timber.cut', 't = r × n', termFrom('n', pieces), 1));
      }),
    );
  }

  #foliage(): Jobs {
    return all(
      this.#piece.stood.map(({ id, part }) => {
        const hours = this.#given.find(null, `foliage.hours.${id}`);
        const of = this.#given.contexts.get(part)?.part;
        if (!hours || !of) return NONE;
        const job: GroundJob = {
          id: `ground-foliage-${id}`,
          title: `${of.name}: fill its crown, off the base`,
          due: 'after',
          places: false,
          parts: [of.id],
          needs: [],
        };
        return withHands(job, {
          value: hours.quantity.value * 60,
          formula: 't = T × 60',
          terms: [termFrom('T', hours)],
        });
      }),
    );
  }

  #stand(before: readonly GroundJob[]): Jobs {
    const { stood } = this.#piece;
    const there = stood.filter(({ part }) => this.#given.contexts.has(part));
    if (there.length === 0) return NONE;
    const job: GroundJob = {
      id: 'ground-stand',
      title:
        there.length === 1
          ? `Stand ${this.#name(there[0]?.part ?? '')} in its place`
          : 'Stand all in their places',
      due: 'after',
      places: true,
      parts: [...new Set(there.map(({ part }) => part))],
      needs: before.map(({ id }) => id),
    };
    const n = shaped('n', 'Things on the plan', there.length, 'count');
    return withHands(job, this.#rated('work.stand', 't = r × n', n, 1));
  }

  #covers(before: readonly string[]): Jobs {
    return all(
      this.#piece.covers.map(({ id, name }) => {
        const area = this.#given.find(null, `cover.area.${id}`);
        if (!area || area.quantity.value === 0) return NONE;
        const job: GroundJob = {
          id: `ground-cover-${id}`,
          title: `Cover ${name}`,
          due: 'after',
          places: false,
          parts: [],
          needs: [...before],
        };
        const dries = this.#row('work.cover-dries');
        return withWait(job, this.#rated('work.cover', 't = r × A ÷ 100', termFrom('A', area), 100), {
          value: dries.value * 60,
          formula: 't = h × 60',
          terms: [dries.term('h')],
        });
      }),
    );
  }

  #pours(before: readonly string[]): Jobs {
    return all(
      this.#piece.pours.map(({ id, name }) => {
        const layers = this.#given.find(null, `pour.layers.${id}`);
        const days = this.#given.find(null, `pour.days.${id}`);
        if (!layers || !days || layers.quantity.value === 0) return NONE;
        const leak: GroundJob = {
          id: `ground-leak-${id}`,
          title: `${name}: dam it, seal its bed, and try with water whether it leaks`,
          due: 'after',
          places: false,
          parts: [],
          needs: [...before],
        };
        const pour: GroundJob = {
          id: `ground-pour-${id}`,
          title: `Pour ${name}, in ${layers.quantity.value} ${layers.quantity.value === 1 ? 'layer' : 'layers'}`,
          due: 'after',
          places: false,
          parts: [],
          needs: [leak.id],
        };
        const [dam, holds] = [this.#row('work.leak'), this.#row('work.leak-holds')];
        return all([
          withWait(
            leak,
            { value: dam.value, formula: 't = d', terms: [dam.term('d')] },
            { value: holds.value, formula: 't = w', terms: [holds.term('w')] },
          ),
          withWait(pour, this.#rated('work.pour', 't = r × n', termFrom('n', layers), 1), {
            value: days.quantity.value * 1440,
            formula: 't = T × 1440',
            terms: [termFrom('T', days)],
          }),
        ]);
      }),
    );
  }

  /** All jobs, each behind those it needs. */
  jobs(): Jobs {
    const built = all([
      this.#base(),
      this.#rises(),
      this.#film(),
      this.#masonry(),
      this.#timber(),
      this.#backdrop(),
    ]);
    const foliage = this.#foliage();
    const stand = this.#stand([...built.jobs.filter(({ due }) => due === 'built'), ...foliage.jobs]);
    const ground = stand.jobs.length > 0 ? stand.jobs : built.jobs.filter(({ due }) => due === 'built');
    const covers = this.#covers(ground.map(({ id }) => id));
    const dry = covers.jobs.length > 0 ? covers.jobs : ground;
    const found = all([built, foliage, stand, covers, this.#pours(dry.map(({ id }) => id))]);
    const ids = new Set(found.jobs.map(({ id }) => id));
    // What is not to be done holds nothing up.
    return {
      ...found,
      jobs: found.jobs.map((job) => ({ ...job, needs: job.needs.filter((id) => ids.has(id)) })),
    };
  }
}

/** What is to be done for the ground, with the minutes of each: crowns are filled off the base, pours come last and after a leak test. */
export function reckonWork(given: Given): Jobs {
  return new Work(given).jobs();
}
