import { type BulkFacts, laterThan } from '../../bulk/index.ts';
import type { PartFacts } from '../../context/index.ts';
import { sourced, type Verdict } from '../../reckoning/index.ts';
import { bakeAsk, type PassAsk, type RegionHistory } from '../heat/index.ts';
import { isPale } from '../window/index.ts';
import type { PlannedBake } from './planBakes.ts';

/**
 * Every bake of a part as it is planned, to be worked through: at the dial of its load and for its minutes, with the clay that is on
 * it by then. A bake that it is left out of is none of them.
 *
 * @param coarser cells so many times as large as for one look
 */
export function passAsks(
  context: PartFacts,
  bulk: BulkFacts,
  bakes: readonly PlannedBake[],
  coarser: number,
): PassAsk[] {
  const { part, piece } = context;
  return bakes.flatMap(({ step, title, number, loads }): PassAsk[] => {
    for (const { dialC, minutes, parts } of loads) {
      const window = parts.find((one) => one.part === part.id);
      const ask = window && bakeAsk(context, bulk, { ...piece.oven, dialC, holdMin: minutes }, coarser);
      if (ask)
        return [
          { id: step, title, ask: { ...ask, regions: window.regions, later: laterThan(context, number) } },
        ];
    }
    return [];
  });
}

/**
 * How a region comes out of all its bakes: as the loads that it goes in with, but that pale clay may have yellowed.
 *
 * @param ofLoads the verdict of the part’s minutes
 */
export function judgeHistory(
  context: PartFacts,
  bulk: BulkFacts,
  { region, totalMin }: Pick<RegionHistory, 'region' | 'totalMin'>,
  ofLoads: Verdict | undefined,
): Verdict {
  if (ofLoads && ofLoads.level !== 'good') return ofLoads;
  const uses = bulk.uses.filter((use) => use.region === region);
  if (totalMin > sourced('bake.yellow', context.own).value && isPale(context, uses))
    return {
      level: 'doubtful',
      wording: 'state',
      says: `pale clay, ${Math.round(totalMin)} min of heat in all: it may yellow`,
      waysOut: [
        { says: 'tent it in every bake', change: { path: ['oven', 'air'], value: 'tent' } },
        { says: 'let it go on for a later bake' },
      ],
    };
  return { level: 'good', wording: 'state', says: ofLoads?.says ?? 'bears its bakes', waysOut: [] };
}
