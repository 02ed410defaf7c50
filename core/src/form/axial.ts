import { type Grid, sampleField } from '../solid/index.ts';
import { depthIn } from './depth.ts';
import { ellipse, laidDown, polygonOf, rightHalf } from './outline.ts';
import type { Box, Outline, Shape, Vec3, View } from './types.ts';

/** A solid round an upright axis, before it is stood or laid down. */
export interface Axial extends Omit<Shape, 'box' | 'outline' | 'joints' | 'regions' | 'sample' | 'centre'> {
  readonly heightMm: number;
  /** Of the widest place. */
  readonly radiusMm: number;
  /** Distance in the meridian plane, out from the axis and up it; null takes it from the section. */
  readonly distance: ((out: number, up: number) => number) | null;
  /** Seen from the side, axis upright. */
  profile(): Outline;
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

/** Stands a solid of revolution up, or lays it on its side with the axis along x. */
export function placeAxial(axial: Axial, lying: boolean): Shape {
  const { heightMm, radiusMm: radius, profile, distance, ...solid } = axial;
  const box = lying ? lyingBox(radius, heightMm) : uprightBox(radius, heightMm);
  const up = centreHeight(axial.section());
  const centre: Vec3 = lying ? [up - heightMm / 2, radius, 0] : [0, up, 0];
  const rest = {
    ...solid,
    centre,
    box,
    joints: [],
    regions: [axial.thickest.region],
    sample(cellMm: number): Grid {
      const section = axial.section();
      const meridian = distance ?? ((out: number, up: number) => -depthIn(section, [out, up]));
      return sampleField(box.min, box.max, cellMm, (x, y, z) =>
        lying ? meridian(Math.hypot(y - radius, z), x + heightMm / 2) : meridian(Math.hypot(x, z), y),
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
    core(skinMm, leastMm) {
      const core = axial.core(skinMm, leastMm);
      const { thickestClay } = core;
      return {
        ...core,
        section: () => turn(core.section()),
        thickestClay: { ...thickestClay, at: lyingBall(thickestClay.at, heightMm, radius) },
      };
    },
  };
}
