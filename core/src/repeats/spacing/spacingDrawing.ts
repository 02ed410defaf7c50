import { type DrawItem, type Drawing, moved } from '../../drawing/index.ts';
import type { Vec2 } from '../../form/index.ts';
import type { Course } from './curves.ts';
import type { Divided } from './marks.ts';

const EDGE = 8;
const TICK = 3;

/** From the middle of a line outward, as long as a tick. */
function outward([x, y]: Vec2, [mx, my]: Vec2): Vec2 {
  const long = Math.hypot(x - mx, y - my) || 1;
  return [((x - mx) / long) * TICK, ((y - my) / long) * TICK];
}

/**
 * A divided line at true size: the line, a tick and a number for every mark, and from the middle of a closed one a ray to each,
 * so that it serves as a protractor. A spiral is drawn as it is seen from above its end.
 */
export function spacingDrawing(course: Course, { marks, isClosed }: Divided): Drawing {
  const isFlat = course.spots.every(([, , z]) => z === 0);
  const flat = ([x, y, z]: readonly [number, number, number]): Vec2 => (isFlat ? [x, y] : [x, z]);
  const points = course.spots.map(flat);
  const closed = isClosed && points[0] ? [...points, points[0]] : points;
  const step = Math.max(1, Math.floor(closed.length / 720));
  const line = closed.filter((_, i) => i % step === 0 || i === closed.length - 1);
  const isStraight = !isClosed && points.length === 2;
  const middle: Vec2 = course.middle;
  const items: DrawItem[] = [
    { kind: 'line', weight: 'thick', points: line },
    ...marks.flatMap(({ at, row }, i): DrawItem[] => {
      const here = flat(at);
      const [dx, dy] = isStraight ? [0, TICK] : outward(here, middle);
      const isSecond = row === 2;
      return [
        ...(isClosed
          ? [{ kind: 'line', weight: 'hair', points: [middle, here], dashed: isSecond } satisfies DrawItem]
          : []),
        { kind: 'line', weight: 'thin', points: [here, [here[0] + dx, here[1] + dy]], accent: isSecond },
        {
          kind: 'text',
          at: [here[0] + 2 * dx, here[1] + 2 * dy - (isStraight ? 1 : 1.2)],
          text: String(i + 1),
          size: 2.5,
          anchor: 'middle',
          face: 'figures',
          quiet: isSecond,
        },
      ];
    }),
  ];
  const xs = [...points.map(([x]) => x)];
  const ys = [...points.map(([, y]) => y)];
  const room = EDGE + 2 * TICK;
  const [left, bottom] = [Math.min(...xs) - room, Math.min(...ys) - room];
  return {
    widthMm: Math.max(...xs) - Math.min(...xs) + 2 * room,
    heightMm: Math.max(...ys) - Math.min(...ys) + 2 * room,
    items: items.map((item) => moved(item, [-left, -bottom])),
  };
}

/** A strip to wrap round or lay along, at true size: as long as the line, a tick at each mark. */
export function spacingStrip({ lengthMm, marks }: Divided): Drawing {
  const high = 12;
  const ticks = marks.flatMap(({ alongMm, row }, i): DrawItem[] => [
    {
      kind: 'line',
      weight: 'thin',
      points:
        row === 1
          ? [
              [alongMm, 0],
              [alongMm, 5],
            ]
          : [
              [alongMm, high],
              [alongMm, high - 5],
            ],
    },
    {
      kind: 'text',
      at: [alongMm, row === 1 ? 6 : 3.5],
      text: String(i + 1),
      size: 2.5,
      anchor: 'middle',
      face: 'figures',
    },
  ]);
  return {
    widthMm: lengthMm,
    heightMm: high,
    items: [
      {
        kind: 'area',
        outline: [
          [
            [
              [0, 0],
              [lengthMm, 0],
              [lengthMm, high],
              [0, high],
            ],
          ],
        ],
        material: 'none',
        weight: 'thin',
      },
      ...ticks,
    ],
  };
}
