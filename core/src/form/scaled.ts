import { scaledMesh } from '../solid/index.ts';
import { scaledAsk } from './coreField.ts';
import { mapOutline } from './outline.ts';
import type { Core, InnerBall, Outline, Shape, Side, Vec2, Vec3 } from './types.ts';

function scaledVolumes(byRegion: ReadonlyMap<string, number>, by: number): ReadonlyMap<string, number> {
  return new Map([...byRegion].map(([name, volume]) => [name, volume * by ** 3]));
}

/**
 * A shape grown or shrunk about the origin: lengths by a factor, surface by its square, volume by its cube.
 *
 * @param by over 0
 */
export function scaledShape(shape: Shape, by: number): Shape {
  const point3 = ([x, y, z]: Vec3): Vec3 => [x * by, y * by, z * by];
  const point2 = ([x, y]: Vec2): Vec2 => [x * by, y * by];
  const ball = (one: InnerBall): InnerBall => ({
    ...one,
    diameterMm: one.diameterMm * by,
    ...(one.underMm !== undefined && { underMm: one.underMm * by }),
    at: point3(one.at),
  });
  const outline = (one: Outline): Outline => mapOutline(one, point2);
  const { distance: field, triangles, inside, hullFrom } = shape;
  return {
    box: { min: point3(shape.box.min), max: point3(shape.box.max) },
    volumeMm3: shape.volumeMm3 * by ** 3,
    areaMm2: shape.areaMm2 * by ** 2,
    centre: point3(shape.centre),
    error: shape.error,
    thickest: ball(shape.thickest),
    joints: shape.joints.map((joint) => ({ ...joint, at: point3(joint.at) })),
    measures: shape.measures.map((measure) => ({
      ...measure,
      lengthMm: measure.lengthMm * by,
      from: point2(measure.from),
      to: point2(measure.to),
    })),
    regions: shape.regions,
    ...(shape.byRegion && { byRegion: scaledVolumes(shape.byRegion, by) }),
    notes: shape.notes ?? [],
    sample(cellMm) {
      const grid = shape.sample(cellMm / by);
      return {
        ...grid,
        min: point3(grid.min),
        cell: grid.cell * by,
        distance: grid.distance.map((distance) => distance * by),
      };
    },
    ...(shape.bones && {
      bones: shape.bones.map((bone) => ({
        ...bone,
        from: point3(bone.from),
        to: point3(bone.to),
        radii: bone.radii.map((r) => r * by),
      })),
    }),
    ...(inside && { inside: (x: number, y: number, z: number) => inside(x / by, y / by, z / by) * by }),
    ...(triangles && { triangles: () => scaledMesh(triangles(), by) }),
    distance: field && ((x, y, z) => field(x / by, y / by, z / by) * by),
    outline: (view) => outline(shape.outline(view)),
    seenFrom: (side) => outline(shape.seenFrom(side)),
    ...(hullFrom && { hullFrom: (side: Side) => hullFrom(side).map(point2) }),
    section: () => outline(shape.section()),
    core(ask): Core {
      const core = shape.core(scaledAsk(ask, 1 / by));
      return {
        ...core,
        volumeMm3: core.volumeMm3 * by ** 3,
        byRegion: scaledVolumes(core.byRegion, by),
        ...(core.centre && { centre: point3(core.centre) }),
        section: () => outline(core.section()),
        thickestClay: ball(core.thickestClay),
      };
    },
  };
}
