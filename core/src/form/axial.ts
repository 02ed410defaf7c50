import { sampleField } from '../solid/index.ts';
import { depthOf } from './depth.ts';
import { ellipse, laidDown, polygonOf, rightHalf } from './outline.ts';
import { ballSeen, circle3, hullsSeen } from './side.ts';
import type { Box, Field, Outline, Shape, Side, Vec3, View } from './types.ts';

/** Where a solid of revolution is convex: from one radius and height to another, ended by discs or by balls. */
export interface Band {
  readonly r1: number;
  readonly y1: number;
  readonly r2: number;
  readonly y2: number;
  readonly ends: 'discs' | 'balls';
}

/** A solid round an upright axis, before it is stood or laid down. */
export interface Axial
  extends Omit<
    Shape,
    'box' | 'outline' | 'seenFrom' | 'joints' | 'regions' | 'sample' | 'distance' | 'centre'
  > {
  readonly heightMm: number;
  /** Of the widest place. */
  readonly radiusMm: number;
  /** Distance in the meridian plane, out from the axis and up it; null takes it from the section. */
  readonly distance: ((out: number, up: number) => number) | null;
  /** Seen from the side, axis upright. */
  profile(): Outline;
  /** Lengths of it between two rounds of the axis, which together it is seen as. */
  readonly bands: readonly Band[];
}

function lyingBall(at: Vec3, heightMm: number, radius: number): Vec3 {
  return [at[1] - heightMm / 2, radius + at[0], at[2]];
}

function uprightBox(radius: number, heightMm: number): Box {
  return { min: [-radius, 0, -radius], max: [radius, heightMm, radius] };
}

function lyingBox(radius: number, heightMm: number): Box {
  return { min: [-heightMm / 2, 0, -radius], max: [heightMm / 2, 2 * radius, radius] };
}

/**
 * Height of the centre of what a section sweeps when it is spun round x = 0: ∫ x y dA ÷ ∫ x dA over its right half, edge
 * by edge (Green’s theorem).
 */
function centreHeight(section: Outline): number {
  let [first, mixed] = [0, 0];
  for (const polygon of rightHalf(section))
    for (const ring of polygon)
      ring.forEach(([x, y], i) => {
        const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
        const twice = x * v - u * y;
        first += (twice * (x + u)) / 6;
        mixed += (twice * (2 * x * y + x * v + u * y + 2 * u * v)) / 24;
      });
  return mixed / first;
}

function negated(depth: (x: number, y: number) => number) {
  return (x: number, y: number) => -depth(x, y);
}

/** Stands a solid of revolution up, or lays it on its side with the axis along x. */
export function placeAxial(axial: Axial, lying: boolean): Shape {
  const { heightMm, radiusMm: radius, profile, distance: meridianOf, bands, ...solid } = axial;
  const section = axial.section();
  const meridian = meridianOf ?? negated(depthOf(section));
  const distance: Field = lying
    ? (x, y, z) => meridian(Math.sqrt((y - radius) ** 2 + z * z), x + heightMm / 2)
    : (x, y, z) => meridian(Math.sqrt(x * x + z * z), y);
  const box = lying ? lyingBox(radius, heightMm) : uprightBox(radius, heightMm);
  const up = centreHeight(section);
  const centre: Vec3 = lying ? [up - heightMm / 2, radius, 0] : [0, up, 0];
  const rest = {
    ...solid,
    centre,
    box,
    joints: [],
    regions: [axial.thickest.region],
    sample: (cellMm: number) => sampleField(box.min, box.max, cellMm, distance),
    distance,
    seenFrom(side: Side) {
      const place = (up: number): Vec3 => (lying ? [up - heightMm / 2, radius, 0] : [0, up, 0]);
      const end = (r: number, y: number, ends: Band['ends']) =>
        ends === 'balls'
          ? ballSeen(place(y), r, side)
          : circle3(place(y), r, lying ? [0, 1, 0] : [1, 0, 0], [0, 0, 1]);
      return hullsSeen(
        bands.map(({ r1, y1, r2, y2, ends }) => [...end(r1, y1, ends), ...end(r2, y2, ends)]),
        side,
      );
    },
  };
  if (!lying) return { ...rest, outline: () => profile() };
  const turn = (outline: Outline): Outline =>
    laidDown(outline, heightMm).map((polygon) =>
      polygon.map((ring) => ring.map(([x, y]) => [x, y + radius] as const)),
    );
  return {
    ...rest,
    thickest: { ...axial.thickest, at: lyingBall(axial.thickest.at, heightMm, radius) },
    measures: axial.measures.map((measure) => ({
      ...measure,
      from: [measure.from[1] - heightMm / 2, radius + measure.from[0]],
      to: [measure.to[1] - heightMm / 2, radius + measure.to[0]],
    })),
    outline: (view: View) =>
      view === 'front' ? turn(profile()) : polygonOf(ellipse([0, radius], 2 * radius, 2 * radius)),
    section: () => turn(axial.section()),
    core(ask) {
      const core = axial.core(ask);
      const { thickestClay } = core;
      return {
        ...core,
        section: () => turn(core.section()),
        thickestClay: { ...thickestClay, at: lyingBall(thickestClay.at, heightMm, radius) },
      };
    },
  };
}
