import { flatCone } from '../../bulk/shapes.ts';
import {
  cross,
  extentOf,
  type Form,
  panelCuts,
  panelFaces,
  plus,
  type Ring,
  type Shape,
  times,
  tubeCourse,
  type Vec3,
} from '../../form/index.ts';
import { LEVEL, levelCorners, upperEdge } from '../places.ts';
import { alongCourse } from './alongCourse.ts';
import type { Unrolled } from './frame.ts';
import { lineThrough } from './legs.ts';

const X: Vec3 = [1, 0, 0];
const Y: Vec3 = [0, 1, 0];
const Z: Vec3 = [0, 0, 1];

/** A flat face by its lower left corner. */
function flat(at: Vec3, along: Vec3, up: Vec3, out = cross(along, up)): Unrolled {
  const right = cross(up, out);
  return (u, v) => ({ at: plus(plus(at, times(along, u)), times(up, v)), right, up, out });
}

/** Round an upright axis at a height, from the front to the right. */
function round(radius: number, height: number): Unrolled {
  return (u, v) => {
    const turn = u / radius;
    const out: Vec3 = [Math.sin(turn), 0, Math.cos(turn)];
    return {
      at: [radius * out[0], height + v, radius * out[2]],
      right: [out[2], 0, -out[0]],
      up: Y,
      out,
    };
  };
}

/** Along straight lines from corner to corner, the sides of a line being told from each. */
function along(corners: readonly Vec3[], isClosed: boolean, outOf: (way: Vec3) => Vec3): Unrolled | null {
  const ends = isClosed ? [...corners, ...corners.slice(0, 1)] : corners;
  const line = lineThrough(ends);
  if (!line) return null;
  return (u, v) => {
    const { leg, along: left } = line(u);
    const out = outOf(leg.way);
    // Of a line that is told from the far side of its face, what stands on it still stands up.
    const [turned, hand] = [cross(out, leg.way), cross(out, leg.way)[1] < -1e-9 ? -1 : 1];
    const up = times(turned, hand);
    return {
      at: plus(plus(leg.from, times(leg.way, left)), times(up, v)),
      right: times(leg.way, hand),
      up,
      out,
    };
  };
}

/** The mantle of a cone laid flat: its apex in the origin, it opens to the left. */
function mantle(bottomMm: number, topMm: number, heightMm: number): Unrolled {
  const cone = flatCone(bottomMm, topMm, heightMm);
  if (!cone) return round(bottomMm / 2, 0);
  const { outerMm, innerMm, degrees } = cone;
  const wide = Math.max(bottomMm, topMm);
  const lean = Math.atan2(Math.abs(bottomMm - topMm) / 2, heightMm);
  const isUpright = bottomMm > topMm;
  return (u, v) => {
    const fromApex = Math.hypot(u, v);
    const turn = (2 * Math.PI * Math.atan2(v, -u) * 180) / (Math.PI * degrees);
    const radius = (fromApex * wide) / (2 * outerMm);
    const share = (outerMm - fromApex) / (outerMm - innerMm);
    const height = (isUpright ? share : 1 - share) * heightMm;
    const side: Vec3 = [Math.sin(turn), 0, Math.cos(turn)];
    const rise = isUpright ? Math.sin(lean) : -Math.sin(lean);
    const out: Vec3 = [side[0] * Math.cos(lean), rise, side[2] * Math.cos(lean)];
    const right: Vec3 = [side[2], 0, -side[0]];
    return { at: [radius * side[0], height, radius * side[2]], right, up: cross(out, right), out };
  };
}

function ofOutline(ring: Ring, shape: Pick<Shape, 'box'>): Unrolled | null {
  const [left, bottom] = extentOf([[ring]]);
  const { min } = shape.box;
  const corners = ring.map(([x, y]): Vec3 => [x - left + min[0], y - bottom + min[1], 0]);
  const turn = ring.reduce((sum, [x, y], i) => {
    const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
    return sum + x * v - u * y;
  }, 0);
  // Outward is on the right of a line that goes round against the clock.
  return along(corners, true, ([x, y]) => (turn > 0 ? [y, -x, 0] : [-y, x, 0]));
}

const side = (way: Vec3): Vec3 => {
  const level = Math.hypot(way[0], way[2]);
  return level > 1e-9 ? [-way[2] / level, 0, way[0] / level] : Z;
};

/** Where a line or face of a part is in space; null for one that has no place of its own. */
export function unrolled(form: Form, key: string, shape: Shape, atPct = 50): Unrolled | null {
  if (key === LEVEL) {
    const corners = levelCorners(shape, atPct);
    return corners.length < 3 ? null : along(corners, true, side);
  }
  const { min, max } = shape.box;
  const [w, h, d] = [max[0] - min[0], max[1] - min[1], max[2] - min[2]];
  switch (form.kind) {
    case 'panels': {
      const [name = '', edge] = key.split('.');
      const panel = panelFaces(form).find((one) => one.name.replaceAll(' ', '-') === name);
      const cut = panelCuts(form).find((one) => one.name === panel?.name);
      if (!panel || !cut) return null;
      const [left, low] = extentOf(cut.face);
      const face = flat(panel.at, panel.along, panel.up, panel.out);
      if (edge === undefined) return face;
      if (edge === 'foot') return (u, v) => face(u + left, v + low);
      const corners = upperEdge(cut.face).map(([u, v]) => face(u, v).at);
      return along(corners, false, () => panel.out);
    }
    case 'block': {
      const front = flat([min[0], min[1], max[2]], X, Y);
      if (key === 'front') return front;
      if (key === 'front.top') return (u, v) => front(u, v + h);
      if (key === 'side') return flat([max[0], min[1], max[2]], [0, 0, -1], Y);
      if (key === 'top') return flat([min[0], max[1], max[2]], X, [0, 0, -1]);
      const corners: Vec3[] = [
        [min[0], min[1], max[2]],
        [max[0], min[1], max[2]],
        [max[0], min[1], min[2]],
        [min[0], min[1], min[2]],
      ];
      return key === 'foot' ? along(corners, true, side) : null;
    }
    case 'cylinder':
      if (form.lying) return null;
      if (key === 'mantle') return mantle(form.bottomMm, form.topMm, form.heightMm);
      if (key === 'rim') return round(form.bottomMm / 2, 0);
      return key === 'brim' ? round(form.topMm / 2, form.heightMm) : null;
    case 'extruded': {
      const ring: Ring = form.points.map(({ xMm, yMm }) => [xMm, yMm] as const);
      if (key === 'edge') return ofOutline(ring, shape);
      const [left, bottom] = extentOf([[ring]]);
      const front = flat([min[0] - left, min[1] - bottom, max[2]], X, Y);
      return key === 'face' ? front : null;
    }
    case 'turned': {
      const widest = form.profile.reduce((best, one) => (one.radiusMm > best.radiusMm ? one : best));
      const foot = Math.min(...form.profile.map(({ heightMm }) => heightMm));
      return key === 'girth' ? round(widest.radiusMm, widest.heightMm - foot) : null;
    }
    case 'ball':
      return key === 'girth' ? round(w / 2, h / 2) : null;
    case 'ring': {
      const middle = (form.acrossMm - form.thicknessMm) / 2;
      return key === 'round' && d > h ? round(middle, h) : null;
    }
    case 'rod': {
      const middle: Vec3 = [(min[0] + max[0]) / 2, (min[1] + max[1]) / 2, (min[2] + max[2]) / 2];
      const [from, to]: [Vec3, Vec3] = form.lying
        ? [
            [min[0], middle[1], middle[2]],
            [max[0], middle[1], middle[2]],
          ]
        : [
            [middle[0], min[1], middle[2]],
            [middle[0], max[1], middle[2]],
          ];
      return key === 'along' ? alongCourse([from, to], shape) : null;
    }
    case 'tube':
      return key === 'along' ? alongCourse(tubeCourse(form), shape) : null;
    default:
      return null;
  }
}
