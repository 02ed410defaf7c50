import { bakeHistory, judgeHistory, passAsks } from '@every-inch/core/bake/heat';
import { loadedParts, routeLoads } from '@every-inch/core/bake/loads';
import { sourced } from '@every-inch/core/reckoning';
import type { PieceReckoned } from '@every-inch/core/whole';

/** A bake’s history is worked through on cells so many times as large as on screen. */
const COARSER = 2;

const minutes = (value: number | undefined) =>
  value === undefined || value < 0.5 ? '' : `${Math.round(value)} min`;

/** The steps of the route with their minutes, and what of their order does not hold. */
export function routeLines({ route: { route, times, judged } }: PieceReckoned): string[] {
  if (route.steps.length === 0) return [];
  const steps = route.steps.map(({ id, title, done }, i) => {
    const time = times.get(id);
    const [hands, wait] = [minutes(time?.handsMin), minutes(time?.waitMin)];
    return `  ${String(i + 1).padStart(3)} ${done === null ? ' ' : '✓'} ${title.padEnd(52)}${hands.padStart(9)}${(wait && `+ ${wait}`).padStart(11)}`;
  });
  const faults = judged.faults.map(
    ({ says, repair }) => `  ✗ ${says}${repair ? `\n      → ${repair.says}` : ''}`,
  );
  const ring = judged.loop ? [`  ✗ a ring: ${judged.loop.join(' → ')}`] : [];
  return ['', 'Route, at the bench and waiting', ...steps, ...ring, ...faults];
}

/** What is found before every bake, what each part goes through, and the loads of the oven. */
export function ovenLines(reckoned: PieceReckoned, part: string | undefined): string[] {
  const { bakes, audits, contexts, bulk, book } = reckoned;
  const titles = new Map(bakes.map(({ step, number }) => [step.id, `${number}. ${step.title}`]));
  const found = [...audits].flatMap(([id, list]) =>
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
  const find = (id: string, key: string) => book.get(`${id}/${key}`);
  // Several bakes of every solid take a minute: they are worked through for one part that is asked for.
  const history = [...bulk].flatMap(([id, own]) => {
    const context = contexts.get(id);
    if (!context || part !== id) return [];
    const passes = passAsks(context, own, context.piece.oven, bakes, find, COARSER);
    if (passes.length < 2) return [];
    const through = bakeHistory(context.shape, passes);
    return (through?.regions ?? []).map((row) => {
      const { level, says } = judgeHistory(context, own, row, titles);
      const bar = row.bakes.map(({ meanMin }) => `${meanMin.toFixed(0)}`).join(' + ');
      return `  ${id.padEnd(18)}${row.region.padEnd(18)}${`${bar} min`.padEnd(16)}${row.peakC.toFixed(0)} °C  ${level}, ${says}`;
    });
  });
  return [
    ...(found.length > 0 ? ['', 'Before the oven', ...found] : []),
    ...(history.length > 0 ? ['', 'Bake by bake, minutes at its heat', ...history] : []),
    ...loadLines(reckoned),
  ];
}

function loadLines({ bakes, contexts, book }: PieceReckoned): string[] {
  const parts = loadedParts(contexts, (part, key) => book.get(`${part}/${key}`));
  const [any] = parts;
  if (!any) return [];
  const { own, piece } = any.context;
  const all = routeLoads(bakes, parts, own, sourced('bake.set-hold', own).value, piece.oven.places);
  const lines = all.flatMap(({ bake, plan }) =>
    plan.loads.map(({ placed, lowC, highC, minutes: held }, i) => {
      const names = [...new Set(placed.map(({ item }) => item.name))].join(', ');
      return `  ${`${bake.number}.${i + 1} ${bake.step.title}`.padEnd(26)}${lowC.toFixed(0)}–${highC.toFixed(0)} °C, ${Math.round(held)} min: ${names}`;
    }),
  );
  return lines.length > 0 ? ['', 'Loads', ...lines] : [];
}
