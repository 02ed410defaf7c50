import { describe, expect, it } from 'vitest';
import { extentOf, type Form, shapeOf, type Vec3 } from '../../form/index.ts';
import { placeNamed, placesOf } from '../places.ts';
import { unrolled } from './frames.ts';

const HUT: Form = {
  kind: 'panels',
  widthMm: 300,
  depthMm: 200,
  heightMm: 180,
  thicknessMm: 12,
  walls: ['front', 'back', 'left', 'right'],
  floor: true,
  roof: 'gable',
  riseMm: 90,
  eavesMm: 20,
  joint: 'butt',
  openings: [],
} as Form;

const FORMS: Readonly<Record<string, Form>> = {
  hut: HUT,
  'lean-to': { ...HUT, roof: 'lean-to' } as Form,
  'flat roof': { ...HUT, roof: 'flat' } as Form,
  block: { kind: 'block', widthMm: 60, heightMm: 40, depthMm: 30 } as Form,
  cylinder: { kind: 'cylinder', bottomMm: 60, topMm: 60, heightMm: 80, lying: false } as Form,
  cone: { kind: 'cylinder', bottomMm: 60, topMm: 20, heightMm: 80, lying: false } as Form,
  funnel: { kind: 'cylinder', bottomMm: 20, topMm: 60, heightMm: 80, lying: false } as Form,
  point: { kind: 'cylinder', bottomMm: 60, topMm: 0, heightMm: 80, lying: false } as Form,
  ball: { kind: 'ball', diameterMm: 50 },
  horn: { kind: 'rod', lengthMm: 90, startMm: 20, endMm: 12, lying: false } as Form,
  beam: { kind: 'rod', lengthMm: 90, startMm: 20, endMm: 12, lying: true } as Form,
  hose: {
    kind: 'tube',
    thicknessMm: 12,
    endMm: 8,
    points: [
      { xMm: 0, yMm: 10, zMm: 0 },
      { xMm: 40, yMm: 14, zMm: 20 },
      { xMm: 90, yMm: 60, zMm: 10 },
    ],
  } as Form,
};

const moved = (at: Vec3, out: Vec3, by: number): Vec3 => [
  at[0] + by * out[0],
  at[1] + by * out[1],
  at[2] + by * out[2],
];

/** Some spots of a face or a line, well within it. */
function spotsOf(place: ReturnType<typeof placesOf>[number]): readonly (readonly [number, number])[] {
  // A little under an upper edge: a roof may lie on it.
  const up = place.key.endsWith('.top') ? -8 : 0;
  if (place.kind === 'line') return [0.13, 0.37, 0.71].map((share) => [share * place.lengthMm, up] as const);
  const [ring = []] = place.outline?.[0] ?? [];
  const [left, bottom, right, top] = extentOf([[ring]]);
  // Spots between the middle of the face and its corners.
  const middle = [(left + right) / 2, (bottom + top) / 2] as const;
  return ring.slice(0, 6).map(([x, y]) => [middle[0] * 0.6 + x * 0.4, middle[1] * 0.6 + y * 0.4] as const);
}

describe('where the lines and faces of a part are in space', () => {
  for (const [name, form] of Object.entries(FORMS))
    it(`of a ${name} they lie on its surface, and face away from it`, () => {
      const shape = shapeOf(form);
      const distance = shape.distance ?? expect.fail('no distance');
      const found = placesOf(form, shape).filter(
        // A floor lies between the walls: nothing is open beside it.
        ({ key }) => key !== 'all' && !key.startsWith('floor'),
      );
      let met = 0;
      for (const place of found) {
        const to = unrolled(form, place.key, shape) ?? expect.fail(`${name} has no ${place.key} in space`);
        // The middle of a cone’s sheet, in its box, may lie beside the sheet.
        const spots =
          place.key === 'mantle' && place.kind === 'face' ? mantleSpots(place.outline) : spotsOf(place);
        for (const [u, v] of spots) {
          const { at, right, up, out } = to(u, v);
          expect(Math.abs(distance(...at)), `${place.key} at ${u}, ${v}`).toBeLessThan(0.5);
          expect(distance(...moved(at, out, 4)), `out of ${place.key}`).toBeGreaterThan(0.5);
          for (const [a, b] of [
            [right, up],
            [up, out],
            [out, right],
          ] as const)
            expect(a[0] * b[0] + a[1] * b[1] + a[2] * b[2]).toBeCloseTo(0, 9);
          expect(Math.hypot(...up)).toBeCloseTo(1, 9);
          met += 1;
        }
      }
      expect(met).toBeGreaterThanOrEqual(3);
    });

  it('a line round at a height goes once round on the surface, from the front to the right, and faces away', () => {
    for (const form of [FORMS.ball, FORMS.cone, FORMS.block]) {
      const shape = shapeOf(form ?? expect.fail());
      const place = placeNamed(form ?? expect.fail(), shape, { on: 'level', atPct: 30 });
      if (place?.kind !== 'line' || !form) return expect.fail('no line');
      const to = unrolled(form, 'level', shape, 30) ?? expect.fail();
      const { min, max } = shape.box;
      for (const share of [0.05, 0.3, 0.6, 0.85]) {
        const { at, out, right } = to(share * place.lengthMm, 0);
        expect(Math.abs(shape.distance?.(...at) ?? 9)).toBeLessThan(0.5);
        expect(at[1]).toBeCloseTo(min[1] + 0.3 * (max[1] - min[1]), 6);
        expect(at[0] * out[0] + at[2] * out[2]).toBeGreaterThan(0);
        // Facing it, the next one stands to the right.
        expect(right[0] * out[2] - right[2] * out[0]).toBeGreaterThan(0.99);
      }
    }
  });

  it('a mantle keeps its lengths: two spots are as far apart on the cone as on the sheet', () => {
    const form = FORMS.cone ?? expect.fail();
    const shape = shapeOf(form);
    const place = placesOf(form, shape).find(({ key }) => key === 'mantle');
    const to = unrolled(form, 'mantle', shape) ?? expect.fail();
    const [one, ...others] = mantleSpots(place?.kind === 'face' ? place.outline : null);
    if (!one) expect.fail('no spots');
    for (const [u, v] of others) {
      const near: readonly [number, number] = [one[0] + 0.01 * (u - one[0]), one[1] + 0.01 * (v - one[1])];
      const flat = Math.hypot(near[0] - one[0], near[1] - one[1]);
      const [a, b] = [to(...one).at, to(...near).at];
      expect(Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]) / flat).toBeCloseTo(1, 3);
    }
  });

  it('a thing without such a line has none in space', () => {
    expect(
      unrolled({ kind: 'ball', diameterMm: 20 }, 'brim', shapeOf({ kind: 'ball', diameterMm: 20 })),
    ).toBeNull();
    expect(unrolled(HUT, 'no-wall', shapeOf(HUT))).toBeNull();
  });
});

/** Spots between the two arcs of a sheet. */
function mantleSpots(outline: readonly (readonly (readonly (readonly [number, number])[])[])[] | null) {
  const ring = outline?.[0]?.[0] ?? [];
  const far = ring.length;
  return [0.1, 0.25, 0.4].flatMap((share) => {
    const [outer, inner] = [
      ring[Math.round(share * (far / 2 - 1))],
      ring[far - 1 - Math.round(share * (far / 2 - 1))],
    ];
    return outer && inner ? [[(outer[0] + inner[0]) / 2, (outer[1] + inner[1]) / 2] as const] : [];
  });
}
