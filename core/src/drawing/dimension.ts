import type { Vec2 } from '../form/index.ts';
import type { DrawItem } from './types.ts';

/** Half-length of the slash at the ends of a dimension line, mm. */
const SLASH = 1.2;
/** Gap between the thing and its extension line, and how far that runs past the dimension line (ISO 129-1). */
const GAP = 1;
const PAST = 1.5;
/** Width of one figure of 2.5 mm type, mm. */
const FIGURE_MM = 2.1;

/**
 * A dimension with extension lines, slashes and its figure, by drawing-office habit (ISO 129-1).
 *
 * @param from first end of what is measured, mm on the paper
 * @param to second end
 * @param offset how far the dimension line stands off, mm; positive is to the left of from → to
 * @returns lines and one text, owned by the caller
 */
export function dimension(from: Vec2, to: Vec2, offset: number, text: string, accent = false): DrawItem[] {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
  if (length === 0) return [];
  const along: Vec2 = [(to[0] - from[0]) / length, (to[1] - from[1]) / length];
  const normal: Vec2 = [-along[1], along[0]];
  const side = Math.sign(offset) || 1;
  const at = (point: Vec2, off: number, forward = 0): Vec2 => [
    point[0] + normal[0] * off + along[0] * forward,
    point[1] + normal[1] * off + along[1] * forward,
  ];
  const extension = (point: Vec2): DrawItem => ({
    kind: 'line',
    weight: 'hair',
    points: [at(point, side * GAP), at(point, offset + side * PAST)],
  });
  const slash = (point: Vec2): DrawItem => ({
    kind: 'line',
    weight: 'thin',
    accent,
    points: [at(point, offset - SLASH, -SLASH), at(point, offset + SLASH, SLASH)],
  });
  // Where the figure does not go between the slashes it stands past the end.
  const outside = length < text.length * FIGURE_MM + 2;
  const middle: Vec2 = outside ? to : [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  const turned = (Math.atan2(along[1], along[0]) * 180) / Math.PI;
  // Figures are read from below or from the right (ISO 129-1, method 1).
  const upright = turned > 90 || turned <= -90 ? turned - 180 : turned;
  return [
    extension(from),
    extension(to),
    { kind: 'line', weight: 'thin', accent, points: [at(from, offset), at(to, offset)] },
    slash(from),
    slash(to),
    {
      kind: 'text',
      at: outside ? at(middle, offset - 1, 3) : at(middle, offset + 1),
      text,
      size: 2.5,
      anchor: outside ? 'start' : 'middle',
      face: 'figures',
      accent,
      turned: upright,
    },
  ];
}

/** Length of the rule printed on every page, mm. */
export const CHECK_RULE_MM = 100;

/** A rule of exactly 100 mm with ticks each millimetre, to hold a steel rule against. */
export function checkRule(at: Vec2): DrawItem[] {
  const [x, y] = at;
  const ticks = Array.from({ length: CHECK_RULE_MM + 1 }, (_, i): DrawItem => {
    const height = i % 10 === 0 ? 4 : i % 5 === 0 ? 3 : 2;
    return {
      kind: 'line',
      weight: i % 10 === 0 ? 'thin' : 'hair',
      points: [
        [x + i, y],
        [x + i, y + height],
      ],
    };
  });
  return [
    {
      kind: 'line',
      weight: 'thick',
      points: [
        [x, y],
        [x + CHECK_RULE_MM, y],
      ],
    },
    ...ticks,
    {
      kind: 'text',
      at: [x + CHECK_RULE_MM + 3, y],
      text: '100 mm. If not: print at 100 %, not fitted to the page.',
      size: 2.5,
      anchor: 'start',
      face: 'words',
      quiet: true,
    },
  ];
}
