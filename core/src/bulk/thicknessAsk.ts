import type { PartFacts } from '../context/index.ts';
import { sourced } from '../reckoning/index.ts';
import { coreAskOf } from './coreOf.ts';
import { laterOver } from './layers.ts';
import type { BulkFacts } from './reckonPart.ts';
import type { ThicknessAsk } from './thicknessMap.ts';

/** Cells of the first look; the finest has so many in the least thickness that counts, as far as there may be. */
const FIRST = 12_000;
const MIDDLE = 120_000;
const IN_LEAST = 3;
const MOST = 1_200_000;

/** How finely a part is looked at, coarse to fine, cells: the thinnest clay that counts is seen in the end. */
export function thicknessCells({ shape, shrink, own }: PartFacts): number[] {
  const { min, max } = shape.box;
  const volume = ((max[0] - min[0]) * (max[1] - min[1]) * (max[2] - min[2])) / shrink ** 3;
  const cell = sourced('bulk.strong', own).value / IN_LEAST;
  const finest = Math.round(Math.max(MIDDLE, Math.min(MOST, volume / cell ** 3)));
  return finest > 2 * MIDDLE ? [FIRST, MIDDLE, finest] : [FIRST, finest];
}

/** What is asked of the clay of a part: its core and wires taken out, against the maker’s limits. */
export function thicknessAsk(
  context: PartFacts,
  bulk: BulkFacts | null,
  wires: ThicknessAsk['wires'],
): Omit<ThicknessAsk, 'cells'> {
  const { own, shrink } = context;
  return {
    shrink,
    core: bulk?.kind ? coreAskOf(context) : null,
    wires,
    later: laterOver(context.part.layers, context.shape.regions),
    underMm: bulk?.thickestUnderMm ?? 0,
    exactMm: bulk?.thickest.quantity.value ?? null,
    limitMm: sourced('bulk.limit', own).value,
    leastMm: sourced('bulk.strong', own).value,
  };
}
