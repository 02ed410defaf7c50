import { flatCone, flatConeOutline } from '../bulk/shapes.ts';
import {
  buildSolid,
  cross,
  extentOf,
  type Form,
  levelHull,
  type Outline,
  panelCuts,
  type Ring,
  type Shape,
  type Vec3,
} from '../form/index.ts';

/** A line or a face of a part that a set can go along or over; lengths in the part’s own frame. */
export type Place =
  | {
      readonly kind: 'line';
      readonly key: string;
      readonly says: string;
      readonly lengthMm: number;
      /** It comes back to where it began. */
      readonly isClosed: boolean;
      /** Its course on the flat, where it is not straight. */
      readonly course?: Ring;
    }
  | {
      readonly kind: 'face';
      readonly key: string;
      readonly says: string;
      readonly areaMm2: number;
      /** Laid flat, openings left out; null where it cannot be. */
      readonly outline: Outline | null;
    };

function line(key: string, says: string, lengthMm: number, isClosed: boolean, course?: Ring): Place {
  return { kind: 'line', key, says, lengthMm, isClosed, ...(course && { course }) };
}

function ringArea(ring: Ring): number {
  return ring.reduce((sum, [x, y], i) => {
    const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
    return sum + (x * v - u * y) / 2;
  }, 0);
}

/** Area of an outline, its holes taken off. */
export function outlineArea(outline: Outline): number {
  return outline.reduce(
    (sum, rings) =>
      sum + rings.reduce((own, ring, i) => own + (i === 0 ? 1 : -1) * Math.abs(ringArea(ring)), 0),
    0,
  );
}

/** Length round a ring. */
export function ringLength(ring: Ring): number {
  return ring.reduce((sum, [x, y], i) => {
    const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
    return sum + Math.hypot(u - x, v - y);
  }, 0);
}

function face(key: string, says: string, outline: Outline): Place {
  return { kind: 'face', key, says, outline, areaMm2: outlineArea(outline) };
}

function rectangle(width: number, height: number): Outline {
  return [
    [
      [
        [0, 0],
        [width, 0],
        [width, height],
        [0, height],
      ],
    ],
  ];
}

function courseLength(course: Ring): number {
  return course.slice(1).reduce((sum, [x, y], i) => {
    const [u, v] = course[i] ?? [x, y];
    return sum + Math.hypot(x - u, y - v);
  }, 0);
}

/** The upper edge of a face, from its left side to its right: level, or up and down a gable. */
export function upperEdge(outline: Outline): Ring {
  const ring = outline[0]?.[0] ?? [];
  const [left, , right] = extentOf([[ring]]);
  const corner = (x: number) =>
    ring.reduce((best, [u, v], i) => {
      const [, top] = ring[best] ?? [0, -Infinity];
      return Math.abs(u - x) < 1e-6 && (best < 0 || v > top) ? i : best;
    }, -1);
  const [from, to] = [corner(left), corner(right)];
  const walk = (step: 1 | -1): Ring => {
    const n = ring.length;
    const steps = ((((to - from) * step) % n) + n) % n;
    return Array.from({ length: steps + 1 }, (_, i) => ring[(((from + i * step) % n) + n) % n] ?? [0, 0]);
  };
  const middle = (course: Ring) => course.reduce((sum, [, y]) => sum + y, 0) / course.length;
  const [one, other] = [walk(1), walk(-1)];
  return middle(one) >= middle(other) ? one : other;
}

function ofForm(form: Form): Place[] {
  switch (form.kind) {
    case 'panels':
      return panelCuts(form).flatMap(({ name, face: outline }) => {
        const [left, bottom, right] = extentOf(outline);
        const upper = upperEdge(outline);
        const key = name.replaceAll(' ', '-');
        return [
          face(key, name, outline),
          line(`${key}.foot`, `foot of the ${name}`, right - left, false, [
            [left, bottom],
            [right, bottom],
          ]),
          line(`${key}.top`, `top of the ${name}`, courseLength(upper), false, upper),
        ];
      });
    case 'block': {
      const { widthMm: w, heightMm: h, depthMm: d } = form;
      return [
        face('front', 'front', rectangle(w, h)),
        face('side', 'one side', rectangle(d, h)),
        face('top', 'top', rectangle(w, d)),
        line('front.top', 'upper edge of the front', w, false),
        line('foot', 'round its foot', 2 * (w + d), true),
      ];
    }
    case 'cylinder': {
      const { bottomMm, topMm, heightMm } = form;
      const cone = flatCone(bottomMm, topMm, heightMm);
      return [
        face(
          'mantle',
          'mantle, laid flat',
          cone ? flatConeOutline(cone) : rectangle(Math.PI * bottomMm, heightMm),
        ),
        line('rim', 'round its foot', Math.PI * bottomMm, true),
        ...(topMm > 0 ? [line('brim', 'round its top', Math.PI * topMm, true)] : []),
      ];
    }
    case 'extruded': {
      const ring: Ring = form.points.map(({ xMm, yMm }) => [xMm, yMm] as const);
      return [
        face('face', 'face', [[ring]]),
        line('edge', 'round its outline', ringLength(ring), true, ring),
      ];
    }
    case 'turned': {
      const most = Math.max(0, ...form.profile.map(({ radiusMm }) => radiusMm));
      return [line('girth', 'round where it is widest', 2 * Math.PI * most, true)];
    }
    case 'ball':
      return [line('girth', 'round its middle', Math.PI * form.diameterMm, true)];
    case 'ring':
      return [line('round', 'round the ring', Math.PI * (form.acrossMm - form.thicknessMm), true)];
    case 'rod':
      return [line('along', 'along it', form.lengthMm, false)];
    case 'tube': {
      const { points } = form;
      const lengthMm = points.slice(1).reduce((sum, { xMm, yMm, zMm }, i) => {
        const from = points[i];
        return from ? sum + Math.hypot(xMm - from.xMm, yMm - from.yMm, zMm - from.zMm) : sum;
      }, 0);
      return [line('along', 'along it', lengthMm, false)];
    }
    default:
      return [];
  }
}

/** The lines and faces of a part, and at the end its whole surface; those of a form without edges of its own are few. */
export function placesOf(form: Form, { areaMm2 }: Pick<Shape, 'areaMm2'>): readonly Place[] {
  return [...ofForm(form), { kind: 'face', key: 'all', says: 'its whole surface', areaMm2, outline: null }];
}

/** Key of the line round a part at a height, and what keys of its regions begin with. */
export const LEVEL = 'level';
const REGION = 'region.';

/** A line or face by its name; some are measured only when they are taken. */
export type PlaceName = Pick<Place, 'key' | 'kind' | 'says'>;

/** All lines and faces of a part: those of its form, a line round it at a height, and what each of its regions has of the surface. */
export function placeNames(form: Form, shape: Pick<Shape, 'areaMm2' | 'regions'>): readonly PlaceName[] {
  const regions = shape.regions.length > 1 ? shape.regions : [];
  return [
    ...placesOf(form, shape).map(({ key, kind, says }) => ({ key, kind, says })),
    { key: LEVEL, kind: 'line', says: 'round it at a height' },
    ...regions.map((region): PlaceName => ({ key: `${REGION}${region}`, kind: 'face', says: region })),
  ];
}

/**
 * Corners of the line round a part at a height, as a thread lies round it there, from its front on to the right.
 *
 * @param atPct of its height, from the foot
 * @returns in the part’s own frame; fewer than 3 where it has nothing at that height
 */
export function levelCorners(shape: Shape, atPct: number): readonly Vec3[] {
  const { min, max } = shape.box;
  const y = min[1] + ((max[1] - min[1]) * atPct) / 100;
  const ring = levelHull(shape, y);
  const turn = ring.reduce((sum, [x, z], i) => {
    const [u, v] = ring[(i + 1) % ring.length] ?? [x, z];
    return sum + x * v - u * z;
  }, 0);
  const round = turn > 0 ? ring.toReversed() : ring;
  const first = round.reduce((best, [, z], i) => (z > (round[best]?.[1] ?? -Infinity) ? i : best), 0);
  return [...round.slice(first), ...round.slice(0, first)].map(([x, z]): Vec3 => [x, y, z]);
}

/** What one region has of the surface of a part; on so many cells it is right to some hundredths. */
const REGION_CELLS = 60_000;

function regionArea(shape: Shape, region: string): number {
  const { skin, regions } = buildSolid(shape, REGION_CELLS, null);
  const wanted = regions.indexOf(region) + 1;
  if (!skin.owners || wanted === 0) return 0;
  const { positions, triangles, owners } = skin;
  let twice = 0;
  for (let i = 0; i < triangles.length; i += 3) {
    const [a, b, c] = [triangles[i] ?? 0, triangles[i + 1] ?? 0, triangles[i + 2] ?? 0];
    if (owners[a] !== wanted) continue;
    const leg = (from: number, to: number): Vec3 => [
      (positions[3 * to] ?? 0) - (positions[3 * from] ?? 0),
      (positions[3 * to + 1] ?? 0) - (positions[3 * from + 1] ?? 0),
      (positions[3 * to + 2] ?? 0) - (positions[3 * from + 2] ?? 0),
    ];
    twice += Math.hypot(...cross(leg(a, b), leg(a, c)));
  }
  return twice / 2;
}

/** A line or face of a part by its key, measured; undefined where it has none of that name. */
export function placeNamed(
  form: Form,
  shape: Shape,
  { on, atPct }: { readonly on: string; readonly atPct: number },
): Place | undefined {
  if (on === LEVEL) {
    const corners = levelCorners(shape, atPct);
    const course = corners.map(([x, , z]) => [x, -z] as const);
    return corners.length < 3 ? undefined : line(LEVEL, 'round it', ringLength(course), true, course);
  }
  const region = on.startsWith(REGION) ? on.slice(REGION.length) : null;
  if (region === null) return placesOf(form, shape).find(({ key }) => key === on);
  if (!shape.regions.includes(region)) return undefined;
  return { kind: 'face', key: on, says: region, areaMm2: regionArea(shape, region), outline: null };
}
