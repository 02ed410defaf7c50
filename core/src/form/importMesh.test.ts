import { describe, expect, it } from 'vitest';
import { type Mesh, MeshFileError, scaledMesh, writeStl } from '../solid/index.ts';
import { importMesh } from './index.ts';

/** A tetrahedron with a right corner at the origin, 1 × 2 × 3. */
const tetrahedron: Mesh = {
  positions: Float64Array.from([0, 0, 0, 1, 0, 0, 0, 2, 0, 0, 0, 3]),
  triangles: Uint32Array.from([0, 2, 1, 0, 1, 3, 0, 3, 2, 1, 2, 3]),
};
const stl = (by = 1) => writeStl(scaledMesh(tetrahedron, by));

describe('bringing a solid in', () => {
  it('guesses the unit from what is a likely size for a miniature', () => {
    // 3 units: millimetres. 0.3: not 0.3 mm but 0.3 in. 0.05: not 1.3 mm but 5 cm of metres.
    expect(importMesh('a.stl', stl(1)).form.unitMm).toBe(1);
    expect(importMesh('a.stl', stl(0.1)).form.unitMm).toBe(25.4);
    expect(importMesh('a.stl', stl(0.016)).form.unitMm).toBe(1000);
  });

  it('remembers the extent and where the file came from; STL stands on z, OBJ on y', () => {
    const { form, notes } = importMesh('pump.STL', stl());
    expect(form).toMatchObject({ source: 'pump.STL', extent: { x: 1, y: 2, z: 3 }, upright: 'z' });
    expect(notes).toEqual([]);
    const obj = 'v 0 0 0\nv 1 0 0\nv 0 2 0\nv 0 0 3\nf 1 3 2\nf 1 2 4\nf 1 4 3\nf 2 3 4\n';
    expect(importMesh('pump.obj', new TextEncoder().encode(obj)).form.upright).toBe('y');
  });

  it('refuses what is flat or nothing but points, and says so', () => {
    const flat: Mesh = {
      ...tetrahedron,
      positions: tetrahedron.positions.map((v, i) => (i % 3 === 2 ? 0 : v)),
    };
    expect(() => importMesh('flat.stl', writeStl(flat))).toThrow(MeshFileError);
    expect(() => importMesh('flat.stl', writeStl(flat))).toThrow(/is flat/);
    const points: Mesh = { ...tetrahedron, positions: tetrahedron.positions.map(() => 1) };
    expect(() => importMesh('points.stl', writeStl(points))).toThrow(/points or lines/);
  });
});
