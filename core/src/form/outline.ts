import {
  areaD,
  differenceD,
  EndType,
  FillRule,
  inflatePathsD,
  intersectD,
  JoinType,
  type PathsD,
  PointInPolygonResult,
  pointInPolygonD,
  unionD,
} from 'clipper2-ts';
import type { Outline, Ring, Vec2 } from './types.ts';

/** Points on a whole circle; 0.06 % of the radius off at the worst. */
const CIRCLE_POINTS = 64;

/** One polygon without holes. */
export function polygonOf(ring: Ring): Outline {
  return [[ring]];
}

/** An ellipse round a centre. */
export function ellipse(at: Vec2, acrossMm: number, upMm: number): Ring {
  return Array.from({ length: CIRCLE_POINTS }, (_, i) => {
    const angle = (2 * Math.PI * i) / CIRCLE_POINTS;
    return [at[0] + (acrossMm / 2) * Math.cos(angle), at[1] + (upMm / 2) * Math.sin(angle)] as const;
  });
}

/** A rectangle by its corners. */
export function rectangle(left: number, bottom: number, right: number, top: number): Ring {
  return [
    [left, bottom],
    [right, bottom],
    [right, top],
    [left, top],
  ];
}

/** x and y exchanged: a thing laid on its side, its old axis along x and centred. */
export function laidDown(outline: Outline, heightMm: number): Outline {
  return mapOutline(outline, ([x, y]) => [y - heightMm / 2, x]);
}

/** Every point moved by a function. */
export function mapOutline(outline: Outline, move: (point: Vec2) => Vec2): Outline {
  return outline.map((polygon) => polygon.map((ring) => ring.map(move)));
}

/** Decimals kept in operations on areas: a ten-thousandth of a millimetre. */
const DECIMALS = 4;

/** Several areas made one, whichever way each is drawn round; holes go with the ring that holds them. */
export function unite(rings: readonly Ring[]): Outline {
  const paths = rings.map((ring) => {
    const path = ring.map(([x, y]) => ({ x, y }));
    return areaD(path) < 0 ? path.reverse() : path;
  });
  return grouped(unionD(paths, [], FillRule.NonZero, DECIMALS));
}

/** An outline seen in a mirror. */
export function mirroredOutline(outline: Outline): Outline {
  return outline.map((polygon) => polygon.map((ring) => ring.map(([x, y]): Vec2 => [-x, y]).reverse()));
}

/** Several areas with holes made one. */
export function uniteAreas(areas: readonly Outline[]): Outline {
  return grouped(unionD(areas.flatMap(pathsOf), [], FillRule.NonZero, DECIMALS));
}

/** Outer rings with the holes that lie in them. */
function grouped(paths: PathsD): Outline {
  const outer = paths.filter((path) => areaD(path) > 0);
  const holes = paths.filter((path) => areaD(path) < 0);
  const plain = (path: PathsD[number]): Ring => path.map(({ x, y }) => [x, y]);
  return outer.map((path) => {
    const inside = holes.filter(([at]) => at && pointInPolygonD(at, path) !== PointInPolygonResult.IsOutside);
    return [plain(path), ...inside.map(plain)];
  });
}

function pathsOf(outline: Outline): PathsD {
  return outline.flatMap((polygon) => {
    const turned = polygon.map((ring, i) => {
      const path = ring.map(([x, y]) => ({ x, y }));
      return areaD(path) > 0 === (i === 0) ? path : path.reverse();
    });
    return turned;
  });
}

/** Share of the offset by which a rounded corner may miss the circle. */
const ARC_SHARE = 0.002;

/** The area grown by a distance, corners rounded; shrunk by a negative one. */
export function offset(outline: Outline, distanceMm: number): Outline {
  if (outline.length === 0 || distanceMm === 0) return outline;
  const arc = Math.max(Math.abs(distanceMm) * ARC_SHARE, 10 ** -DECIMALS);
  return grouped(
    inflatePathsD(pathsOf(outline), distanceMm, JoinType.Round, EndType.Polygon, 2, DECIMALS, arc),
  );
}

/** What a line of a width covers, its bends rounded and its ends cut square. */
export function strokeOf(line: readonly Vec2[], widthMm: number): Outline {
  const arc = Math.max((widthMm / 2) * ARC_SHARE, 10 ** -DECIMALS);
  return grouped(
    inflatePathsD(pathsOf([[line]]), widthMm / 2, JoinType.Round, EndType.Butt, 2, DECIMALS, arc),
  );
}

/** What two areas have in common. */
export function intersected(a: Outline, b: Outline): Outline {
  return grouped(intersectD(pathsOf(a), pathsOf(b), FillRule.NonZero, DECIMALS));
}

/** An area without another one. */
export function without(a: Outline, b: Outline): Outline {
  return grouped(differenceD(pathsOf(a), pathsOf(b), FillRule.NonZero, DECIMALS));
}

/** Area of an outline, its holes left out. */
export function areaOf(outline: Outline): number {
  return outline.reduce(
    (sum, polygon) =>
      sum +
      polygon.reduce((area, ring, i) => {
        const one = Math.abs(areaD(ring.map(([x, y]) => ({ x, y }))));
        return i === 0 ? one : area - one;
      }, 0),
    0,
  );
}

/** An outline without the specks that joining many areas leaves: islands and holes smaller than an area, mm². */
export function withoutSpecks(outline: Outline, leastMm2: number): Outline {
  const isLarge = (ring: Ring) => Math.abs(areaD(ring.map(([x, y]) => ({ x, y })))) >= leastMm2;
  return outline.flatMap(([rim, ...holes]) => (rim && isLarge(rim) ? [[rim, ...holes.filter(isLarge)]] : []));
}

/** The part of an area to the right of x = 0. */
export function rightHalf(outline: Outline): Outline {
  const [, bottom, right, top] = extentOf(outline);
  const half = rectangle(0, bottom - 1, right + 1, top + 1).map(([x, y]) => ({ x, y }));
  return grouped(intersectD(pathsOf(outline), [half], FillRule.NonZero, DECIMALS));
}

/** Smallest rectangle round an outline: left, bottom, right, top. */
export function extentOf(outline: Outline): readonly [number, number, number, number] {
  let [left, bottom, right, top] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const polygon of outline)
    for (const ring of polygon)
      for (const [x, y] of ring) {
        left = Math.min(left, x);
        right = Math.max(right, x);
        bottom = Math.min(bottom, y);
        top = Math.max(top, y);
      }
  return [left, bottom, right, top];
}

/** A ring made to run counter-clockwise. */
export function counterClockwise(ring: Ring): Ring {
  const twice = ring.reduce((sum, [x, y], i) => {
    const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
    return sum + x * v - u * y;
  }, 0);
  return twice < 0 ? [...ring].reverse() : ring;
}

/** Convex hull, counter-clockwise (Andrew's monotone chain, 1979). */
export function hull(points: readonly Vec2[]): Ring {
  const sorted = [...points].sort((p, q) => p[0] - q[0] || p[1] - q[1]);
  const chain = (ordered: readonly Vec2[]): Vec2[] => {
    const kept: Vec2[] = [];
    for (const point of ordered) {
      for (;;) {
        const b = kept.at(-1);
        const a = kept.at(-2);
        if (!a || !b) break;
        if ((b[0] - a[0]) * (point[1] - a[1]) - (b[1] - a[1]) * (point[0] - a[0]) > 0) break;
        kept.pop();
      }
      kept.push(point);
    }
    return kept.slice(0, -1);
  };
  return [...chain(sorted), ...chain(sorted.reverse())];
}
