import { laidOut } from '../bench/templates.ts';
import type { PartContext, PartFacts } from '../context/index.ts';
import type { DrawItem, Drawing, Paper } from '../drawing/index.ts';
import { bonesDrawing, pegPattern } from './bonesDrawing.ts';
import { holeOf, pegSide } from './cutList.ts';
import { wireSays } from './figures/ask.ts';
import { markDrawing, markGroups } from './marks.ts';
import type { BonesFacts } from './reckonBones.ts';
import { bundleMm } from './wire.ts';

const LINE = 5;

function text(at: readonly [number, number], says: string, bold = false): DrawItem {
  return { kind: 'text', at, text: says, size: 2.5, anchor: 'start', face: 'words', bold };
}

/** Where the pegs go, from above, at full size: a cross in a circle of the drill for each. */
function patternDrawing(context: PartFacts, bones: BonesFacts): Drawing[] {
  const spots = pegPattern(bones);
  if (spots.length === 0) return [];
  const [left, bottom] = [Math.min(...spots.map(([x]) => x)) - 6, Math.min(...spots.map(([, y]) => y)) - 6];
  const [right, top] = [Math.max(...spots.map(([x]) => x)) + 6, Math.max(...spots.map(([, y]) => y)) + 6];
  const drill = holeOf(context, bones.wire, pegSide(bones.runs)).drillMm;
  const marks = spots.flatMap(([x, y]): DrawItem[] => {
    const [u, v] = [x - left, y - bottom + LINE];
    return [
      { kind: 'circle', at: [u, v], diameterMm: drill, weight: 'thin' },
      {
        kind: 'line',
        weight: 'hair',
        points: [
          [u - 4, v],
          [u + 4, v],
        ],
      },
      {
        kind: 'line',
        weight: 'hair',
        points: [
          [u, v - 4],
          [u, v + 4],
        ],
      },
    ];
  });
  const says = `drill ${drill} mm, for block and base`;
  return [
    {
      widthMm: Math.max(right - left, 46),
      heightMm: top - bottom + LINE,
      items: [...marks, text([0, 1], says)],
    },
  ];
}

/** Most wires that are listed on the sheet. */
const MOST_LINES = 40;

function listDrawing(bones: BonesFacts): Drawing {
  const lines = [
    wireSays(bones.wire),
    ...bones.pieces
      .slice(0, MOST_LINES)
      .map(
        ({ run, lengthMm, count, wire }, i) =>
          `${i + 1}:  ${count} × ${lengthMm.toFixed(0)} mm  ${run}${wire.diameterMm === bones.wire.diameterMm ? '' : `, ${wireSays(wire)}`}`,
      ),
    ...(bones.pieces.length > MOST_LINES
      ? [`and ${bones.pieces.length - MOST_LINES} more, in the cut list`]
      : []),
  ];
  return {
    widthMm: 80,
    heightMm: lines.length * LINE + 2,
    items: lines.map((line, i) => text([0, (lines.length - 1 - i) * LINE + 1], line, i === 0)),
  };
}

/**
 * Pages to bend by: the part with its wires from the front and the side at the size of the clay, every wire laid straight with
 * its bends marked, the holes for its pegs, and what to cut, each page with a check rule.
 *
 * @throws {TilingError} when it would take more than 64 pages
 */
export function bendingSheet(
  context: PartContext,
  bones: BonesFacts,
  paper: Paper,
  ruleMeasuredMm: number,
  label: string,
): Drawing[] {
  const views = (['front', 'side'] as const).map((view) =>
    bonesDrawing(context, bones, view, 1, { bends: true }),
  );
  const numbers = new Map(bones.runs.map(({ name }, i) => [name, i + 1]));
  const straight = markGroups(context, bones).map((group) =>
    markDrawing(group, bundleMm(bones.wire), (name) => numbers.get(name) ?? 0),
  );
  return laidOut(
    [...views, ...straight, ...patternDrawing(context, bones), listDrawing(bones)],
    { paper, ruleMeasuredMm },
    label,
  );
}
