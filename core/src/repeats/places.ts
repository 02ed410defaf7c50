import { flatCone, flatConeOutline } from '../bulk/shapes.ts';
import { extentOf, type Form, type Outline, panelCuts, type Ring, type Shape } from '../form/index.ts';

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
