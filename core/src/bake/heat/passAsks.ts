import type { BulkFacts } from '../../bulk/index.ts';
import type { PartFacts } from '../../context/index.ts';
import type { BakeSettings } from '../../piece/index.ts';
import { type ShownFigure, sourced, type Verdict } from '../../reckoning/index.ts';
import type { BakeState } from '../../route/steps/index.ts';
import { isPale } from '../window/rulesOf.ts';
import { bakeAsk } from './bakeAsk.ts';
import { ovenFor } from './dialFor.ts';
import type { PassAsk, RegionHistory } from './history.ts';

/**
 * Every bake of a part by the route, to be worked through: a short bake for the minutes of one, the others until it is cured.
 *
 * @param oven with the dial that was typed; null takes what each bake wants
 * @param find a figure of a part
 * @param coarser cells so many times as large as for one look
 */
export function passAsks(
  context: PartFacts,
  bulk: BulkFacts,
  oven: Omit<BakeSettings, 'places'>,
  bakes: readonly BakeState[],
  find: (part: string, key: string) => ShownFigure | undefined,
  coarser: number,
): PassAsk[] {
  const set = sourced('bake.set-hold', context.own).value;
  return bakes.flatMap(({ step, parts }): PassAsk[] => {
    const inOven = parts.find(({ part }) => part === context.part.id);
    const together = parts.map(({ part }) => part);
    const way = ovenFor(oven, together, find, context.own);
    if (!way) return [];
    const ask = bakeAsk(context, bulk, { ...way, ...(step.way === 'set' && { holdMin: set }) }, coarser);
    return inOven && ask
      ? [{ id: step.id, title: step.title, ask: { ...ask, regions: inOven.regions } }]
      : [];
  });
}

/** How a region comes out of all its bakes: cured or not, and whether pale clay will have yellowed. */
export function judgeHistory(
  context: PartFacts,
  bulk: BulkFacts,
  { region, totalMin, peakC, curedBy }: RegionHistory,
  titles: ReadonlyMap<string, string>,
): Verdict {
  const { own } = context;
  if (peakC >= sourced('bake.scorch', own).value)
    return {
      level: 'stop',
      wording: 'state',
      says: `scorches: ${peakC.toFixed(0)} °C`,
      waysOut: [
        { says: 'lower the dial' },
        { says: 'or tent it', change: { path: ['oven', 'air'], value: 'tent' } },
      ],
    };
  if (curedBy === null)
    return {
      level: 'stop',
      wording: 'state',
      says: 'no bake cures all of it',
      waysOut: [
        { says: 'give the last bake more time', change: { path: ['oven', 'holdMin'], value: null } },
        { says: 'or let a core into it at Bulk' },
      ],
    };
  const most = sourced('bake.yellow', own).value;
  if (
    totalMin > most &&
    isPale(
      context,
      bulk.uses.filter((use) => use.region === region),
    )
  )
    return {
      level: 'doubtful',
      wording: 'state',
      says: `pale clay, ${Math.round(totalMin)} min of heat in all: it may yellow`,
      waysOut: [
        { says: 'tent it in every bake', change: { path: ['oven', 'air'], value: 'tent' } },
        { says: 'or bake it in a later pass' },
      ],
    };
  return { level: 'good', wording: 'state', says: `cured by ${titles.get(curedBy) ?? curedBy}`, waysOut: [] };
}
