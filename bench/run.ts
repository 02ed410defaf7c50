import { writeFileSync } from 'node:fs';
import { armatureLines } from './armature.ts';
import { finishLines } from './finish.ts';
import { groundLines } from './ground.ts';
import { heatLines } from './heat.ts';
import { pageLines } from './page.ts';
import { reckoningLines } from './reckoning.ts';
import { repeatsLines } from './repeats.ts';
import { routeLines } from './route.ts';
import { scheduleLines } from './schedule.ts';
import { solidLines } from './solids.ts';
import { spineLines } from './spine.ts';
import { twinLines } from './thicknessTwin.ts';
import { yardstickMs } from './yardstick.ts';

/** One measured thing. */
export interface Line {
  readonly what: string;
  readonly got: string;
  readonly aim?: string;
}

const yardstick = yardstickMs();
const lines = [
  ...reckoningLines(yardstick),
  ...solidLines(yardstick),
  ...armatureLines(yardstick),
  ...twinLines(yardstick),
  ...heatLines(yardstick),
  ...routeLines(yardstick),
  ...repeatsLines(yardstick),
  ...groundLines(yardstick),
  ...finishLines(yardstick),
  ...scheduleLines(yardstick),
  ...(await pageLines(yardstick)),
  ...(await spineLines(yardstick)),
];
const page = [
  '# Measured',
  '',
  `By \`npm run build && npm run bench\`. A yardstick is two million sines on the same machine, here ${yardstick.toFixed(1)} ms;`,
  'multiples of it can be compared between machines. Medians; the browser is headless and draws in software.',
  '',
  '| what | measured | aim |',
  '|---|---|---|',
  ...lines.map(({ what, got, aim }) => `| ${what} | ${got} | ${aim ?? ''} |`),
  '',
].join('\n');
writeFileSync('bench/results.md', page);
console.log(page);
