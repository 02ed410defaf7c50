import Module from 'manifold-3d';
import { beforeAll, describe, expect, it } from 'vitest';
import { checkMesh, meshSums } from '../solid/index.ts';
import { buildSolid, coreAsk, FormError, type PanelsForm, panelCuts, STARTS, shapeOf } from './index.ts';

/** A geometry library from outside as the reference. */
let manifold: Awaited<ReturnType<typeof Module>>;
beforeAll(async () => {
  manifold = await Module();
  manifold.setup();
});

const house: PanelsForm = {
  kind: 'panels',
  widthMm: 120,
  depthMm: 90,
  heightMm: 60,
  thicknessMm: 5,
  walls: ['front', 'back', 'left', 'right'],
  floor: true,
  roof: 'gable',
  riseMm: 45,
  eavesMm: 8,
  joint: 'butt',
  openings: [
    { wall: 'front', fromLeftMm: 20, sillMm: 0, widthMm: 20, heightMm: 40 },
    { wall: 'left', fromLeftMm: 30, sillMm: 20, widthMm: 25, heightMm: 25 },
  ],
};

describe('panels', () => {
  it('a box of four walls and a floor has the volume between its outside and its inside', () => {
    const box = shapeOf({ ...house, roof: 'none', openings: [] });
    expect(box.volumeMm3).toBeCloseTo(120 * 90 * 60 - 110 * 80 * 55, 6);
    expect(box.box).toEqual({ min: [-60, 0, -45], max: [60, 60, 45] });
  });

  it('a house with a gable roof and openings has the volume of the same house in manifold-3d', () => {
    const { Manifold: M, CrossSection } = manifold;
    const upright = (outline: [number, number][], from: number, deep: number) =>
      M.extrude(new CrossSection([outline]), deep).translate([0, 0, from]);
    const gable = upright(
      [
        [-60, 0],
        [60, 0],
        [60, 60],
        [0, 105],
        [-60, 60],
      ],
      -45,
      90,
    );
    // Side walls stop at the eaves: the wedges over them, 5 wide, stay open between the gables.
    const room = upright(
      [
        [-55, 5],
        [55, 5],
        [55, 60],
        [60, 60],
        [0, 105],
        [-60, 60],
        [-55, 60],
      ],
      -40,
      80,
    );
    const slope = 45 / 60;
    const rise = 5 * Math.hypot(1, slope);
    const long = Math.hypot(1, slope);
    const [ox, oy] = [(5 * slope) / long, 5 / long];
    const roof = upright(
      [
        [-68, 60 - 8 * slope],
        [0, 105],
        [68, 60 - 8 * slope],
        [68 + ox, 60 - 8 * slope + oy],
        [0, 105 + rise],
        [-68 - ox, 60 - 8 * slope + oy],
      ],
      -53,
      106,
    );
    const door = M.cube([20, 40, 20]).translate([-40, 0, 40]);
    const window = M.cube([20, 25, 25]).translate([-70, 20, -15]);
    const solid = gable.subtract(room).subtract(door).subtract(window).add(roof);
    expect(shapeOf(house).volumeMm3 / solid.volume()).toBeCloseTo(1, 6);
    const { min, max } = solid.boundingBox();
    const { box } = shapeOf(house);
    for (const k of [0, 1, 2] as const) {
      expect(box.max[k]).toBeCloseTo(max[k] ?? 0, 4);
      expect(box.min[k]).toBeCloseTo(min[k] ?? 0, 4);
    }
  });

  it('its triangles are closed, face outward, and enclose what it says', () => {
    for (const id of ['cottage', 'shed', 'room-open-in-front', 'box-without-a-lid', 'gable-roof']) {
      const form = STARTS.find((one) => one.id === id)?.form as PanelsForm;
      const shape = shapeOf(form);
      const { skin } = buildSolid(shape, 100_000, null);
      expect(checkMesh(skin), id).toMatchObject({ openEdges: 0, turnedEdges: 0, insideOut: false });
      expect(meshSums(skin).volumeMm3 / shape.volumeMm3, id).toBeCloseTo(1, 9);
      expect(meshSums(skin).areaMm2 / shape.areaMm2, id).toBeCloseTo(1, 9);
      for (const k of [0, 1, 2] as const)
        expect(shape.centre[k], id).toBeCloseTo(meshSums(skin).centre[k], 6);
    }
  });

  it('lists what is cut: butted side walls are shorter, mitred ones run through', () => {
    const sizes = (form: PanelsForm) =>
      Object.fromEntries(panelCuts(form).map(({ name, widthMm, heightMm }) => [name, [widthMm, heightMm]]));
    expect(sizes(house)).toMatchObject({
      floor: [110, 80],
      'front wall': [120, 105],
      'left wall': [80, 60],
    });
    // Half the width and the eaves, up a slope of 3 in 4: 68 × 5/4.
    expect(sizes(house)['left roof']?.map((mm) => Math.round(mm * 1000) / 1000)).toEqual([106, 85]);
    const mitred = panelCuts({ ...house, joint: 'mitre' });
    expect(mitred.find(({ name }) => name === 'left wall')).toMatchObject({
      widthMm: 90,
      openings: 1,
      bevels: [{ edge: 'both ends', degrees: 45 }, { edge: 'top' }],
    });
    expect(shapeOf({ ...house, joint: 'mitre' }).volumeMm3).toBeCloseTo(shapeOf(house).volumeMm3, 6);
  });

  it('a window’s place is from the left as one stands before that wall', () => {
    const openAt = (wall: 'front' | 'back' | 'left' | 'right') => {
      const plain = shapeOf({ ...house, roof: 'none', openings: [] });
      const opening = { wall, fromLeftMm: 10, sillMm: 10, widthMm: 20, heightMm: 20 };
      const { centre } = shapeOf({ ...house, roof: 'none', openings: [opening] });
      return [centre[0] - plain.centre[0], centre[2] - plain.centre[2]] as const;
    };
    // What is left moves away from the opening.
    expect(openAt('front')[0]).toBeGreaterThan(0);
    expect(openAt('back')[0]).toBeLessThan(0);
    expect(openAt('left')[1]).toBeGreaterThan(0);
    expect(openAt('right')[1]).toBeLessThan(0);
  });

  it('sheets get a core only where they are thick enough for one', () => {
    expect(shapeOf(house).core(coreAsk(2, 3)).volumeMm3).toBe(0);
    const thick = shapeOf({ ...house, roof: 'none', floor: false, thicknessMm: 20, openings: [] });
    // Each wall less 2 all round: 116 × 56 × 16 and 46 × 56 × 16, two of each.
    expect(thick.core(coreAsk(2, 3)).volumeMm3 / (2 * 16 * 56 * (116 + 46))).toBeCloseTo(1, 2);
  });

  it.each([
    ['walls thicker than the room', { thicknessMm: 50 }, /depthMm/],
    ['no rise', { riseMm: 0 }, /riseMm/],
    ['nothing at all', { walls: [], floor: false, roof: 'none', openings: [] }, /a wall, a floor or a roof/],
    [
      'a window beside the wall',
      { openings: [{ wall: 'left', fromLeftMm: 80, sillMm: 0, widthMm: 30, heightMm: 10 }] },
      /openings\[0\].fromLeftMm/,
    ],
    [
      'a window over the roof',
      { openings: [{ wall: 'front', fromLeftMm: 0, sillMm: 90, widthMm: 30, heightMm: 40 }] },
      /openings\[0\].sillMm/,
    ],
  ] as const)('%s says which entry to mend', (_says, over, message) => {
    const broken = { ...house, ...over } as PanelsForm;
    expect(() => shapeOf(broken)).toThrow(FormError);
    expect(() => shapeOf(broken)).toThrow(message);
  });
});
