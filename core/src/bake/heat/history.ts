import type { Shape } from '../../form/index.ts';
import { type BakeAsk, bakeGrid, bodyOn, regionsOf } from './bakeAsk.ts';
import { type HeatRun, simulateBake } from './simulate.ts';

/** One bake of a part, as it stands then. */
export interface PassAsk {
  /** Id of the step of the route. */
  readonly id: string;
  readonly title: string;
  /** With the regions that have their clay by then. */
  readonly ask: BakeAsk;
}

/** What one bake did to one region. */
export interface RegionBake {
  readonly id: string;
  /** Minutes within its curing heat: of the clay that had the fewest, and in the mean. */
  readonly leastMin: number;
  readonly meanMin: number;
  /** Hottest that any of it got, °C. */
  readonly peakC: number;
  /** Share of it that this bake alone cures. */
  readonly cured: number;
}

/** What a region has been through. */
export interface RegionHistory {
  readonly region: string;
  /** Bakes it had its clay for, in order. */
  readonly bakes: readonly RegionBake[];
  /** In the mean, over all bakes. */
  readonly totalMin: number;
  readonly peakC: number;
  /** Id of the first bake that cures all of it by itself; null if none does. */
  readonly curedBy: string | null;
}

/** A part through all of its bakes. */
export interface BakeHistory {
  readonly regions: readonly RegionHistory[];
  /** The run of each bake, without what every cell went through. */
  readonly runs: readonly {
    readonly id: string;
    readonly run: Pick<HeatRun, 'holdMin' | 'curedMin' | 'peakC' | 'handleMin'>;
  }[];
  /** Share of all the clay that the last bake alone cures. */
  readonly lastCures: number;
}

/** Longest that a bake is looked at, min. */
const UNTIL = 360;
/** A share so near to all is all: single cells of the staircase at an edge. */
const ALL = 0.9995;

/**
 * Every bake of a part worked through one after the other, each with the clay that is on it by then. A short bake does not cure:
 * that the last one reaches everything is proved by its own run, as if nothing before had counted.
 *
 * @param onProgress told which bake is on, from 0, and its minute; true ends the work
 * @returns null when the work was ended
 * @throws {RangeError} for a bake with no clay
 */
export function bakeHistory(
  shape: Shape,
  passes: readonly PassAsk[],
  onProgress: (pass: number, minute: number) => boolean = () => false,
): BakeHistory | null {
  const [first] = passes;
  if (!first) return { regions: [], runs: [], lastCures: 0 };
  const whole = bakeGrid(shape, first.ask);
  const found = new Map<string, RegionBake[]>();
  const runs: BakeHistory['runs'][number][] = [];
  let lastCures = 0;
  for (const [number, { id, title, ask }] of passes.entries()) {
    if (ask.regions?.length === 0)
      throw new RangeError(`${title}: there is no clay on it yet, so there is nothing to bake`);
    const body = bodyOn(regionsOf(whole, shape, ask), ask);
    const run = simulateBake(body, ask.oven, ask.rules, {
      untilMin: UNTIL,
      marginShare: ask.marginShare,
      onProgress: (minute) => onProgress(number, minute),
    });
    if (!run) return null;
    const { holdMin, curedMin, peakC, handleMin } = run;
    runs.push({ id, run: { holdMin, curedMin, peakC, handleMin } });
    const sums = new Map<string, { n: number; least: number; sum: number; peak: number; cured: number }>();
    let [all, cured] = [0, 0];
    body.cells.forEach((c, i) => {
      if (body.isClay[i] === 0) return;
      const region = shape.regions[(whole.grid.owner?.[c] ?? 1) - 1] ?? shape.regions[0] ?? '';
      const minutes = run.minutesIn[i] ?? 0;
      const isCured = minutes >= ask.rules.minutes;
      const one = sums.get(region) ?? { n: 0, least: Number.POSITIVE_INFINITY, sum: 0, peak: 0, cured: 0 };
      one.n += 1;
      one.least = Math.min(one.least, minutes);
      one.sum += minutes;
      one.peak = Math.max(one.peak, run.peak[i] ?? 0);
      one.cured += isCured ? 1 : 0;
      sums.set(region, one);
      all += 1;
      cured += isCured ? 1 : 0;
    });
    lastCures = all > 0 ? cured / all : 0;
    for (const [region, { n, least, sum, peak, cured: share }] of sums) {
      const list = found.get(region) ?? [];
      list.push({ id, leastMin: least, meanMin: sum / n, peakC: peak, cured: share / n });
      found.set(region, list);
    }
  }
  return {
    regions: [...found].map(
      ([region, bakes]): RegionHistory => ({
        region,
        bakes,
        totalMin: bakes.reduce((sum, { meanMin }) => sum + meanMin, 0),
        peakC: Math.max(...bakes.map(({ peakC }) => peakC)),
        curedBy: bakes.find(({ cured }) => cured >= ALL)?.id ?? null,
      }),
    ),
    runs,
    lastCures,
  };
}
