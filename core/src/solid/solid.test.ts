import fc from 'fast-check';
import Module from 'manifold-3d';
import { beforeAll, describe, expect, it } from 'vitest';
import {
  checkMesh,
  contours,
  filleted,
  GridError,
  type Mesh,
  MeshFileError,
  meshGrid,
  meshSums,
  readObj,
  readStl,
  redistanced,
  reportLines,
  sampleField,
  scaledMesh,
  seenAlong,
  sliceAt,
  surfaceOf,
  turnedInsideOut,
  writeStl,
} from './index.ts';

/** A geometry library from outside as the reference. */
let manifold: Awaited<ReturnType<typeof Module>>;
beforeAll(async () => {
  manifold = await Module();
  manifold.setup();
});

type Manifold = ReturnType<typeof manifold.Manifold.sphere>;
function meshOf(solid: Manifold): Mesh {
  const { vertProperties, triVerts, numProp } = solid.getMesh();
  const positions = new Float64Array((vertProperties.length / numProp) * 3);
  for (let i = 0; i < positions.length; i += 1)
    positions[i] = vertProperties[Math.floor(i / 3) * numProp + (i % 3)] ?? 0;
  return { positions, triangles: Uint32Array.from(triVerts) };
}

/** A solid with a hole and an off-centre lump. */
const lump = () =>
  manifold.Manifold.cube([40, 30, 20], true)
    .subtract(manifold.Manifold.cylinder(40, 6, 6, 48, true))
    .add(manifold.Manifold.sphere(9, 64).translate([18, 10, 8]));

describe('sums over a mesh, against manifold-3d', () => {
  it('volume and surface agree to 0.1 %', () => {
    for (const solid of [
      manifold.Manifold.sphere(25, 96),
      manifold.Manifold.cylinder(30, 12, 5, 64),
      lump(),
    ]) {
      const sums = meshSums(meshOf(solid));
      expect(sums.volumeMm3 / solid.volume()).toBeCloseTo(1, 4);
      expect(sums.areaMm2 / solid.surfaceArea()).toBeCloseTo(1, 4);
    }
  });

  it('loses no digits far from the origin, and turns negative inside out', () => {
    const mesh = meshOf(lump());
    const far: Mesh = { ...mesh, positions: mesh.positions.map((value) => value + 1e6) };
    expect(meshSums(far).volumeMm3 / meshSums(mesh).volumeMm3).toBeCloseTo(1, 6);
    expect(meshSums(turnedInsideOut(mesh)).volumeMm3).toBeCloseTo(-meshSums(mesh).volumeMm3, 6);
    expect(meshSums(scaledMesh(mesh, 3)).volumeMm3 / meshSums(mesh).volumeMm3).toBeCloseTo(27, 9);
  });

  it('puts the centre of a half ball at 3/8 of its radius (any handbook of mechanics)', () => {
    const half = manifold.Manifold.sphere(40, 256).trimByPlane([0, 0, 1], 0);
    expect(meshSums(meshOf(half)).centre[2] / 40).toBeCloseTo(3 / 8, 3);
  });
});

describe('the surface of a field', () => {
  const ball = (cell: number) =>
    surfaceOf(sampleField([-10, -10, -10], [10, 10, 10], cell, (x, y, z) => Math.hypot(x, y, z) - 10));

  it('has the volume and surface of the closed form to 0.5 %', () => {
    const { volumeMm3, areaMm2 } = meshSums(ball(0.4));
    expect(volumeMm3 / ((4 / 3) * Math.PI * 1000)).toBeCloseTo(1, 2.3);
    expect(areaMm2 / (400 * Math.PI)).toBeCloseTo(1, 2.3);
  });

  it('gets four times as near when the cells are halved', () => {
    const off = (cell: number) => Math.abs(meshSums(ball(cell)).volumeMm3 / ((4 / 3) * Math.PI * 1000) - 1);
    expect(off(1) / off(0.5)).toBeGreaterThan(3);
  });

  it('is closed, of one orientation and the right way out', () => {
    expect(checkMesh(ball(1))).toMatchObject({
      isSolid: true,
      openEdges: 0,
      turnedEdges: 0,
      insideOut: false,
    });
  });

  it('is taken for a sound solid by manifold-3d, with the same volume', () => {
    const { positions, triangles } = ball(0.8);
    const there = new manifold.Mesh({
      numProp: 3,
      vertProperties: Float32Array.from(positions),
      triVerts: triangles,
    });
    const solid = manifold.Manifold.ofMesh(there);
    expect(solid.status()).toBe('NoError');
    expect(solid.volume() / meshSums(ball(0.8)).volumeMm3).toBeCloseTo(1, 4);
  });

  it('refuses a grid nobody has room for', () => {
    expect(() => sampleField([0, 0, 0], [1000, 1000, 1000], 0.1, () => 1)).toThrow(GridError);
  });
});

describe('a mesh on a grid', () => {
  it('has the volume of the mesh again, holes and all', () => {
    const mesh = meshOf(lump());
    const back = surfaceOf(meshGrid(mesh, 0.5));
    expect(meshSums(back).volumeMm3 / lump().volume()).toBeCloseTo(1, 1.8);
    expect(checkMesh(back)).toMatchObject({ openEdges: 0, turnedEdges: 0, insideOut: false });
  });

  it('knows how deep its middle lies: half the thinnest way of a block', () => {
    const { distance } = meshGrid(meshOf(manifold.Manifold.cube([40, 30, 20], true)), 0.5);
    expect(-distance.reduce((a, b) => Math.min(a, b))).toBeCloseTo(10, 0);
  });

  it('distances spread from the surface are true to a cell', () => {
    const ball = sampleField([-20, -20, -20], [20, 20, 20], 1, (x, y, z) => Math.hypot(x, y, z) - 15);
    const wrong = {
      ...ball,
      distance: ball.distance.map((d) => (Math.abs(d) < 1.5 ? d : 50 * Math.sign(d))),
    };
    redistanced(wrong).distance.forEach((d, i) => {
      if ((ball.distance[i] ?? 0) > -14) expect(Math.abs(d - (ball.distance[i] ?? 0))).toBeLessThan(1.1);
    });
  });

  it('silhouettes and sections have the area of the closed form', () => {
    const areaOf = (line: readonly (readonly [number, number])[]) =>
      line.reduce((sum, [x, y], i) => {
        const [u, v] = line[(i + 1) % line.length] ?? [0, 0];
        return sum + (x * v - u * y) / 2;
      }, 0);
    const total = (lines: ReturnType<typeof contours>) => lines.reduce((sum, line) => sum + areaOf(line), 0);
    const ring = sampleField(
      [-12, -3, -12],
      [12, 3, 12],
      0.25,
      (x, y, z) => Math.hypot(Math.hypot(x, z) - 9, y) - 3,
    );
    // Edge on, a ring is a bar with round ends; cut through its middle it is two discs.
    expect(total(contours(seenAlong(ring, 'z')))).toBeCloseTo(18 * 6 + Math.PI * 9, 0);
    const cut = contours(sliceAt(ring, 0));
    expect(cut).toHaveLength(2);
    expect(total(cut)).toBeCloseTo(2 * Math.PI * 9, 0);
    const upright = sampleField(
      [-12, -12, -3],
      [12, 12, 3],
      0.25,
      (x, y, z) => Math.hypot(Math.hypot(x, y) - 9, z) - 3,
    );
    const faceOn = contours(seenAlong(upright, 'z'));
    expect(faceOn).toHaveLength(2);
    expect(total(faceOn)).toBeCloseTo(Math.PI * (144 - 36), 0);
  });
});

describe('fillets', () => {
  const balls = (apart: number) =>
    sampleField(
      [-20, -10, -10],
      [20, 10, 10],
      0.5,
      (x, y, z) => Math.min(Math.hypot(x - apart, y, z), Math.hypot(x + apart, y, z)) - 10,
    );

  it('fill the crease between two balls and leave a single ball as it is', () => {
    const volume = (grid: ReturnType<typeof balls>) => meshSums(surfaceOf(grid)).volumeMm3;
    expect(volume(filleted(balls(0), 6)) / volume(balls(0))).toBeCloseTo(1, 3);
    const [plain, rounded] = [volume(balls(7)), volume(filleted(balls(7), 6))];
    expect(rounded).toBeGreaterThan(plain * 1.001);
    expect(rounded).toBeLessThan(plain * 1.05);
    const [before, after] = [meshSums(surfaceOf(balls(7))), meshSums(surfaceOf(filleted(balls(7), 6)))];
    expect(after.max[0]).toBeCloseTo(before.max[0], 2);
    expect(after.max[1]).toBeCloseTo(before.max[1], 2);
  });
});

describe('STL there and back', () => {
  it('is the same solid (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 24 }), fc.double({ min: 0.5, max: 400, noNaN: true }), (n, r) => {
        const mesh = meshOf(manifold.Manifold.cylinder(r * 1.5, r, r / 2, n));
        const back = readStl(writeStl(mesh, 'a cone'));
        expect(back.triangles.length).toBe(mesh.triangles.length);
        expect(meshSums(back).volumeMm3 / meshSums(mesh).volumeMm3).toBeCloseTo(1, 5);
        expect(checkMesh(back).isSolid).toBe(true);
      }),
      { numRuns: 20 },
    );
  });

  it('reads ASCII too, and OBJ with its faces of four corners', () => {
    const facet = (...p: readonly string[]) =>
      `facet normal 0 0 0\nouter loop\n${p.map((q) => `vertex ${q}`).join('\n')}\nendloop\nendfacet\n`;
    const corners = ['0 0 0', '10 0 0', '0 10 0', '0 0 10'] as const;
    const [o, x, y, z] = corners;
    const text = `solid tet\n${facet(o, y, x)}${facet(o, x, z)}${facet(o, z, y)}${facet(x, y, z)}endsolid tet\n`;
    const mesh = readStl(new TextEncoder().encode(text));
    expect(meshSums(mesh).volumeMm3).toBeCloseTo(1000 / 6, 9);
    const cube = [
      ...['0 0 0', '1 0 0', '1 1 0', '0 1 0', '0 0 1', '1 0 1', '1 1 1', '0 1 1'].map((p) => `v ${p}`),
      ...['1 4 3 2', '5 6 7 8', '1 2 6 5', '2/1 3/1 7/1 6/1', '3//2 4//2 8//2 7//2', '-8 -4 -1 -5'].map(
        (f) => `f ${f}`,
      ),
    ].join('\n');
    expect(meshSums(readObj(cube)).volumeMm3).toBeCloseTo(1, 9);
    expect(checkMesh(readObj(cube)).isSolid).toBe(true);
  });
});

describe('hostile files', () => {
  const tetrahedron = () => meshOf(manifold.Manifold.tetrahedron());
  const bytes = () => writeStl(tetrahedron());
  const claim = (count: number) => {
    const file = bytes();
    new DataView(file.buffer).setUint32(80, count, true);
    return file;
  };
  const withNaN = () => {
    const file = bytes();
    new DataView(file.buffer).setFloat32(84 + 50 + 16, Number.NaN, true);
    return file;
  };

  it.each([
    ['empty', () => new Uint8Array(0), 'empty', /is empty/],
    ['shorter than its header', () => new Uint8Array(40), 'truncated', /40 bytes/],
    ['cut off', () => bytes().slice(0, 150), 'truncated', /claims 4 triangles and holds 1/],
    [
      'claiming a billion triangles',
      () => claim(1e9),
      'truncated',
      /claims 1000000000 triangles and holds 4/,
    ],
    ['with a corner that is no number', withNaN, 'not-finite', /Triangle 2/],
    ['of no triangles', () => claim(0), 'empty', /no triangles/],
    [
      'ASCII without an end',
      () =>
        new TextEncoder().encode('solid x\nfacet normal 0 0 1\nvertex 0 0 0\nvertex 1 0 0\nvertex 0 1 0\n'),
      'truncated',
      /endsolid/,
    ],
    [
      'ASCII with a word for a number',
      () => new TextEncoder().encode('solid x\nfacet\nvertex 0 zero 0\nendsolid'),
      'not-a-mesh',
      /Line 3/,
    ],
  ])('a file %s says so', (_name, file, fault, says) => {
    const read = () => readStl(file());
    expect(read).toThrow(MeshFileError);
    expect(read).toThrow(says);
    try {
      read();
    } catch (error) {
      expect((error as MeshFileError).fault).toBe(fault);
    }
  });

  it('binary that begins like ASCII is still read', () => {
    const file = bytes();
    file.set(new TextEncoder().encode('solid made elsewhere'), 0);
    expect(readStl(file).triangles.length).toBe(12);
  });

  it('an OBJ face that names a vertex nobody gave says the line', () => {
    expect(() => readObj('v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 9')).toThrow(
      'Line 4: the face names vertex 9; there are 3.',
    );
    expect(() => readObj('v 0 0\n')).toThrow('Line 1: a vertex wants three numbers');
    expect(() => readObj('# nothing\n')).toThrow(/no faces/);
  });

  it('open, inside out, crossed and turned surfaces are told apart, with what can still be used', () => {
    const whole = tetrahedron();
    const open: Mesh = { ...whole, triangles: whole.triangles.slice(3) };
    expect(checkMesh(open)).toMatchObject({ isSolid: false, openEdges: 3 });
    expect(reportLines(checkMesh(open))[0]).toContain('3 edges have a triangle on one side only');
    expect(checkMesh(turnedInsideOut(whole))).toMatchObject({ isSolid: false, insideOut: true });
    const [a = 0, b = 0, c = 0, ...rest] = whole.triangles;
    const turned: Mesh = { ...whole, triangles: Uint32Array.from([a, c, b, ...rest]) };
    expect(checkMesh(turned)).toMatchObject({ isSolid: false, turnedEdges: 3 });
    const crowded: Mesh = { ...whole, triangles: Uint32Array.from([...whole.triangles, a, b, c, a, c, b]) };
    expect(checkMesh(crowded).crowdedEdges).toBe(3);
    expect(reportLines(checkMesh(whole))).toEqual([]);
  });

  it('microscopic and enormous solids keep their volume', () => {
    for (const size of [1e-6, 1e9]) {
      const mesh = scaledMesh(tetrahedron(), size);
      expect(checkMesh(mesh).isSolid).toBe(true);
      expect(meshSums(readStl(writeStl(mesh))).volumeMm3 / meshSums(mesh).volumeMm3).toBeCloseTo(1, 5);
    }
  });
});
