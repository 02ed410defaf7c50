import type { Given } from '../../context/index.ts';
import { verdictWord } from '../../reckoning/index.ts';
import { brownedAfter, curedAfter, type PartWindow } from '../window/index.ts';
import { windowSays } from './judgeLoad.ts';
import type { PlannedLoad } from './planBakes.ts';
import { planOfPiece } from './reckoners.ts';

function partLine(given: Given, load: PlannedLoad, window: PartWindow): string {
  const { part, slowest, quickest } = window;
  const packet = given.find(part, 'bake.hold')?.quantity;
  const by = packet
    ? `; by the packet’s ${packet.value.toFixed(0)} min ${Math.round(100 * curedAfter(window, packet.value))} % cured`
    : '';
  const ends = [slowest && `last ${slowest}`, quickest && `first to brown ${quickest}`].filter(Boolean);
  const where = ends.length > 0 ? ` (${ends.join(', ')})` : '';
  return `      ${part.padEnd(18)}${windowSays(window).padEnd(16)}${Math.round(100 * curedAfter(window, load.minutes))} % cured, ${Math.round(100 * brownedAfter(window, load.minutes))} % browned${by}${where}`;
}

/** Every load of every bake with its dial, its minutes and the window of each part in it. */
export function planLines(given: Given, part: string | undefined): string[] {
  const lines = given
    .piece(planOfPiece)
    .bakes.flatMap(({ number, title, loads, left, more, spared, aheadMin }) => [
      ...(aheadMin === null ? [] : [`  ${number}. ${title}: ${aheadMin} min, look early`]),
      ...loads
        .filter(({ parts }) => part === undefined || parts.some((one) => one.part === part))
        .flatMap((load) => [
          `  ${number}.${load.number} ${title}: dial ${load.dialC.toFixed(0)} °C, ${load.minutes} min from door shut to door open (${windowSays(load.window)}): ${verdictWord(load.verdict)}, ${load.verdict.says}`,
          ...load.verdict.waysOut.map(({ says }) => `      → ${says}`),
          ...load.parts
            .filter((one) => part === undefined || one.part === part)
            .map((one) => partLine(given, load, one)),
        ]),
      ...more.map(
        ({ name, count }) => `  ${number}. ${title}: ${count} more of ${name}, in loads like these`,
      ),
      ...spared.map((name) => `  ${number}. ${title}: ${name} is cured already, leave it out`),
      ...left.map((name) => `  ${number}. ${title}: no room in this oven for ${name}`),
    ]);
  return lines.length > 0 ? ['', 'Bakes', ...lines] : [];
}
