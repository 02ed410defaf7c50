import { bulkOfPart } from '../../bulk/index.ts';
import type { Given } from '../../context/index.ts';
import { bakeAsk, bodyOf } from './bakeAsk.ts';
import { ovenFor } from './dialFor.ts';
import { curedAt, simulateBake } from './simulate.ts';

/** Longest bake that is looked at, min; cells so many times as large as on screen. */
const UNTIL = 360;
const COARSER = 1.5;

/** How long each part really takes in the oven, by heat worked through its solid. */
export function bakeLines(given: Given, part: string | undefined): string[] {
  const lines = [...given.parts(bulkOfPart)].flatMap(([id, own]) => {
    const context = given.contexts.get(id);
    if (!context || (part !== undefined && id !== part)) return [];
    const { oven } = context.piece;
    const way = ovenFor(oven, [id], given.find, context.own);
    const ask = way && bakeAsk(context, own, way, COARSER);
    if (!ask) return [];
    const { body } = bodyOf(context.shape, ask);
    const run = simulateBake(body, ask.oven, ask.rules, { untilMin: UNTIL, marginShare: ask.marginShare });
    if (!run) return [];
    const { curedMin, holdMin, peakC, scorchMin } = run;
    const cured =
      curedMin === null
        ? `not cured through: ${Math.round(100 * (run.points.at(-1)?.cured ?? 0))} %`
        : `cured after ${curedMin.toFixed(0)} min, out at ${(holdMin ?? curedMin).toFixed(0)}`;
    const packet = given.find(id, 'bake.hold')?.quantity.value;
    const rule =
      packet === undefined
        ? ''
        : `; by the packet’s ${packet.toFixed(0)} min ${Math.round(100 * curedAt(run, packet))} %`;
    const scorch = scorchMin === null ? '' : `; scorches after ${scorchMin.toFixed(0)} min`;
    return [`  ${id.padEnd(18)}${cured}${rule}; hottest ${peakC.toFixed(0)} °C${scorch}`];
  });
  return lines.length === 0 ? [] : ['', 'Bakes worked through', ...lines];
}
