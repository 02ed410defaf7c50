import { Triangle, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore, PLAIN } from '../../form/index.ts';
import { BALLS_MM, runsInto, shapeMaps } from './shapeMaps.ts';

/** Of a fold as it is told, 0–1: the cells that tell what is round a place are coarser than the place itself. */
const OFF = 0.25;

describe('folds beside a plain twin', () => {
  const part = lowWaterFerry('2026-11-26T10:00:00Z').parts.find(({ id }) => id === 'goose');
  if (!part) throw new Error('the goose is in the demo');
  const shrink = 12;
  const maps = shapeMaps(makeShapeStore().shapeOf(part.form, PLAIN), {
    cellMm: 0.7 * shrink,
    shrink,
    light: [0, 1, 0],
  });
  const at = (v: number) =>
    new Vector3(maps.positions[3 * v], maps.positions[3 * v + 1], maps.positions[3 * v + 2]);
  const faces = Array.from(
    { length: maps.triangles.length / 3 },
    (_, t) =>
      new Triangle(
        at(maps.triangles[3 * t] ?? 0),
        at(maps.triangles[3 * t + 1] ?? 0),
        at(maps.triangles[3 * t + 2] ?? 0),
      ),
  );
  const nearest = (point: Vector3) => {
    const found = new Vector3();
    return faces.reduce(
      (least, face) => Math.min(least, face.closestPointToPoint(point, found).distanceTo(point)),
      Number.POSITIVE_INFINITY,
    );
  };
  /** The same balls, held against every triangle by another library. */
  const plainly = (v: number) =>
    Math.max(
      ...BALLS_MM.slice(1).map((mm) => {
        const radius = mm * shrink;
        const normal = new Vector3(maps.normals[3 * v], maps.normals[3 * v + 1], maps.normals[3 * v + 2]);
        return runsInto(nearest(at(v).addScaledVector(normal, radius)), radius);
      }),
    );

  it('what is deep there is deep here, what is open there is open here', () => {
    const count = maps.cavity.length;
    const some = Array.from({ length: 120 }, (_, i) => Math.floor((i * count) / 120));
    const pairs = some.map((v) => ({ fast: maps.cavity[v] ?? 0, plain: Math.min(1, plainly(v) / 0.5) }));
    const far = pairs.filter(({ fast, plain }) => Math.abs(fast - plain) > OFF);
    expect(far.length / pairs.length).toBeLessThan(0.05);
    expect(pairs.filter(({ plain }) => plain > 0.5).length).toBeGreaterThan(2);
  });
});
