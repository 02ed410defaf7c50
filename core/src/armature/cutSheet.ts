import { laidOut } from '../bench/templates.ts';
import type { DrawItem, Drawing, Paper } from '../drawing/index.ts';
import { wireSays } from './figures/ask.ts';
import type { Cut } from './nest.ts';
import type { CutPlan } from './plan.ts';

/** Paper that a bar is drawn over, and the height of a bar with its names, mm. */
const WIDE = 170;
const BAR = 5;
const LINE = 4;
/** A letter of the names is about so wide, mm. */
const LETTER = 1.5;

function words(at: readonly [number, number], text: string, bold = false): DrawItem {
  return { kind: 'text', at, text, size: 2.5, anchor: 'start', face: 'words', bold };
}

/** What is cut from a length of stock: each piece with its number of millimetres, and what is left. */
export function cutSays({ pieces, leftMm }: Cut, { pieces: all }: Pick<CutPlan, 'pieces'>): string {
  const names = pieces.map((i) => `${all[i]?.run ?? ''} ${all[i]?.lengthMm.toFixed(0) ?? ''}`);
  const same: { name: string; times: number }[] = [];
  for (const name of names) {
    const last = same.at(-1);
    if (last?.name === name) last.times += 1;
    else same.push({ name, times: 1 });
  }
  const list = same.map(({ name, times }) => (times === 1 ? name : `${times} × ${name}`));
  return [...list, `${leftMm.toFixed(0)} left`].join(' · ');
}

/** A text broken into lines of at most so many letters, at the dots between its names. */
function broken(says: string, most: number): string[] {
  const lines: string[] = [];
  for (const word of says.split(' · ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + word.length + 3 <= most)
      lines[lines.length - 1] = `${last} · ${word}`;
    else lines.push(word);
  }
  return lines;
}

function barDrawing(cut: Cut, plan: CutPlan, longestMm: number): Drawing {
  const per = WIDE / longestMm;
  const lines = broken(cutSays(cut, plan), Math.floor(WIDE / LETTER));
  const height = BAR + LINE * (lines.length + 1);
  const [low, high] = [height - BAR, height];
  let at = 0;
  const ends = cut.pieces.map((i) => {
    at += (plan.pieces[i]?.lengthMm ?? 0) * per;
    return at;
  });
  const wide = cut.stockMm * per;
  return {
    widthMm: WIDE,
    heightMm: height,
    items: [
      {
        kind: 'line',
        weight: 'thin',
        points: [
          [0, low],
          [wide, low],
          [wide, high],
          [0, high],
          [0, low],
        ],
      },
      ...ends.map(
        (x): DrawItem => ({
          kind: 'line',
          weight: 'thin',
          points: [
            [x, low],
            [x, high],
          ],
        }),
      ),
      ...lines.map((line, i) => words([0, low - LINE * (i + 1) + 1], line)),
    ],
  };
}

/**
 * The cut list of a whole piece on paper: each length of stock drawn as a bar with its cuts, not to scale, and under it the
 * names and millimetres of what is cut from it.
 *
 * @throws {TilingError} when it would take more than 64 pages
 */
export function cutSheet(
  plans: readonly CutPlan[],
  paper: Paper,
  ruleMeasuredMm: number,
  label: string,
): Drawing[] {
  const drawings = plans.flatMap((plan) => {
    const longest = Math.max(1, ...plan.nesting.cuts.map(({ stockMm }) => stockMm));
    const title: Drawing = {
      widthMm: WIDE,
      heightMm: 2 * LINE,
      items: [
        words(
          [0, 1],
          `${wireSays({ metal: plan.metal, diameterMm: plan.diameterMm, strands: 1 })}, mm`,
          true,
        ),
      ],
    };
    return [title, ...plan.nesting.cuts.map((cut) => barDrawing(cut, plan, longest))];
  });
  return laidOut(drawings, { paper, ruleMeasuredMm }, label);
}
