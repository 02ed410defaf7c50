import { bulkOfPart } from '../../bulk/index.ts';
import type { Given } from '../../context/index.ts';
import { verdictWord } from '../../reckoning/index.ts';
import { bakeHistory } from '../heat/index.ts';
import { bakesOfRoute, judgeHistory, passAsks, planOfPiece } from '../plan/index.ts';
import { auditOfPart } from './reckoners.ts';

/** A bake’s history is worked through on cells so many times as large as on screen. */
const COARSER = 2;

/** What is found before every bake, and what each part goes through. */
export function ovenLines(given: Given, part: string | undefined): string[] {
  const { contexts, find } = given;
  const { states: bakes } = given.piece(bakesOfRoute);
  const titles = new Map(bakes.map(({ step, number }) => [step.id, `${number}. ${step.title}`]));
  const found = [...given.parts(auditOfPart)].flatMap(([id, { audits: list }]) =>
    part !== undefined && part !== id
      ? []
      : list.flatMap(({ bake, items }) =>
          items
            .filter(({ level }) => level !== 'good')
            .map(
              ({ level, what, says, waysOut }) =>
                `  ${id.padEnd(18)}${titles.get(bake.step.id)}: ${level}, ${what}, ${says}${waysOut[0] ? `\n${' '.repeat(20)}→ ${waysOut[0].says}` : ''}`,
            ),
        ),
  );
  // Several bakes of every solid take a minute: they are worked through for one part that is asked for.
  const history = [...given.parts(bulkOfPart)].flatMap(([id, own]) => {
    const context = contexts.get(id);
    if (!context || part !== id) return [];
    const passes = passAsks(context, own, given.piece(planOfPiece).bakes, COARSER);
    if (passes.length < 2) return [];
    const through = bakeHistory(context.shape, passes);
    return (through?.regions ?? []).map((row) => {
      const verdict = judgeHistory(context, own, row, find(id, 'bake.minutes')?.verdict);
      const bar = row.bakes.map(({ meanMin }) => `${meanMin.toFixed(0)}`).join(' + ');
      return `  ${id.padEnd(18)}${row.region.padEnd(18)}${`${bar} min`.padEnd(16)}${row.peakC.toFixed(0)} °C  ${verdictWord(verdict)}, ${verdict.says}`;
    });
  });
  return [
    ...(found.length > 0 ? ['', 'Before the oven', ...found] : []),
    ...(history.length > 0 ? ['', 'Bake by bake, minutes at its heat', ...history] : []),
  ];
}
