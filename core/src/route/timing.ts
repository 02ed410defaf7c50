import type { RouteStep } from '../piece/index.ts';
import { figure, type Reckoning, sourced, termFrom } from '../reckoning/index.ts';
import { STEP } from './figures.ts';
import { handsOf, NOTHING, type TimingGround, toldOf, type Worked } from './hands.ts';
import { type LearnedPace, learnedPace } from './learned.ts';

function rowOf(row: string, { own }: TimingGround): Worked {
  const one = sourced(row, own);
  return { value: one.value, formula: 't = w', terms: [one.term('w')] };
}

function waitOf(step: RouteStep, ground: TimingGround): Worked {
  const { own } = ground;
  const told = toldOf(step, 'wait', ground);
  if (told) return { value: told.quantity.value, formula: 't = T', terms: [termFrom('T', told)] };
  switch (step.kind) {
    case 'bake': {
      const heats = sourced('route.oven-heats', own);
      if (step.way === 'ahead') {
        const least = sourced('bake.least', own);
        return {
          value: heats.value + least.value,
          formula: 't = o + b',
          terms: [heats.term('o'), least.term('b')],
        };
      }
      const loads = ground.ovenMin(step.id);
      const symbols = loads.map((_, i) => (loads.length === 1 ? 'h' : `h${i + 1}`));
      return {
        value: heats.value + loads.reduce((sum, { quantity }) => sum + quantity.value, 0),
        formula: `t = ${['o', ...symbols].join(' + ')}`,
        terms: [heats.term('o'), ...loads.map((load, i) => termFrom(symbols[i] ?? 'h', load))],
      };
    }
    case 'clean':
      return step.agent === null ? NOTHING : rowOf(`agent.${step.agent}`, ground);
    case 'trial': {
      // A swatch dries as long as what is tried on it.
      const tried = ground.piece.route?.steps.find(({ needs }) => needs.includes(step.id));
      return tried && tried.kind !== 'trial' ? waitOf(tried, ground) : NOTHING;
    }
    case 'dry':
      return rowOf('route.dries-warm', ground);
    case 'cool':
      return rowOf('route.cools', ground);
    case 'joint':
      return rowOf('route.joint-sets', ground);
    case 'seal':
      return rowOf('route.seal-dries', ground);
    case 'coat':
      return rowOf('route.coat-dries', ground);
    default:
      return NOTHING;
  }
}

/** Minutes at the pace that the log has taught. */
function atPace(worked: Worked, pace: LearnedPace | null): Worked {
  if (!pace || !worked.formula.startsWith('t = ')) return worked;
  return {
    value: worked.value * pace.factor,
    formula: `t = (${worked.formula.slice(4)}) × q`,
    terms: [
      ...worked.terms,
      {
        symbol: 'q',
        name: 'Own pace of steps like it',
        quantity: { value: pace.factor, unit: '' },
        origin: {
          kind: 'shape',
          says: `${pace.count} in the log, ${pace.median.toFixed(2)} times what was reckoned in the middle`,
        },
      },
    ],
  };
}

/** The ends that minutes may lie between. */
interface Range {
  readonly low: number;
  readonly high: number;
}

/** The ends of minutes that are the sum of their terms. */
function rangeOf({ value, terms }: Worked): Range {
  const by = (end: 'low' | 'high') =>
    terms.reduce((sum, { quantity }) => sum + ((quantity[end] ?? quantity.value) - quantity.value), value);
  return { low: Math.max(0, by('low')), high: by('high') };
}

function timeOf(
  step: RouteStep,
  what: 'hands' | 'wait',
  worked: Worked,
  entered: number | null,
  range: Range | null = null,
): Reckoning {
  const field = what === 'hands' ? 'handsMin' : 'waitMin';
  const { value, formula, terms }: Worked =
    entered === null
      ? worked
      : {
          value: entered,
          formula: 't = e',
          terms: [
            {
              symbol: 'e',
              name: what === 'hands' ? 'Minutes at the bench' : 'Minutes of waiting',
              quantity: { value: entered, unit: 'min' },
              origin: { kind: 'entry', path: ['route', 'steps', step.id, field] },
            },
          ],
        };
  return figure(STEP[what], {
    at: step.id,
    part: null,
    title: `${step.title}, ${what === 'hands' ? 'at the bench' : 'waiting'}`,
    value,
    ...(range && entered === null && range.low < range.high ? range : {}),
    formula,
    terms,
  });
}

/** What a step takes at the bench and waiting: as entered, or reckoned from its parts. */
export class StepTime {
  readonly handsMin: number;
  /** At the bench, before anything was learned from steps like it. */
  readonly reckonedMin: number;
  readonly waitMin: number;
  /** At the bench, for practised hands and for a first time. */
  readonly handsRange: Range;
  /** Waiting, at its shortest and its longest. */
  readonly waitRange: Range;
  readonly #pace: LearnedPace | null;
  readonly #step: RouteStep;
  readonly #ground: TimingGround;

  constructor(step: RouteStep, ground: TimingGround) {
    this.#step = step;
    this.#ground = ground;
    this.reckonedMin = step.handsMin ?? handsOf(step, ground).value;
    this.#pace = step.handsMin === null ? learnedPace(ground.piece, step.kind) : null;
    const factor = this.#pace?.factor ?? 1;
    this.handsMin = this.reckonedMin * factor;
    this.handsRange =
      step.handsMin === null
        ? {
            low: handsOf(step, ground, 'quick').value * factor,
            high: handsOf(step, ground, 'slow').value * factor,
          }
        : { low: step.handsMin, high: step.handsMin };
    const wait = step.waitMin === null ? waitOf(step, ground) : null;
    this.waitMin = wait?.value ?? step.waitMin ?? 0;
    this.waitRange = wait ? rangeOf(wait) : { low: this.waitMin, high: this.waitMin };
  }

  /** With its working, made when it is asked for: a route may have tens of thousands of steps. */
  get hands(): Reckoning {
    const [step, ground] = [this.#step, this.#ground];
    const worked = step.handsMin === null ? atPace(handsOf(step, ground), this.#pace) : NOTHING;
    return timeOf(step, 'hands', worked, step.handsMin, this.handsRange);
  }

  get wait(): Reckoning {
    const [step, ground] = [this.#step, this.#ground];
    return timeOf(step, 'wait', step.waitMin === null ? waitOf(step, ground) : NOTHING, step.waitMin);
  }
}
