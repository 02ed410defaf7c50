import { describe, expect, it } from 'vitest';
import { reckonedOne } from '../../armature/testContext.ts';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore, PLAIN_PERSON } from '../../form/index.ts';
import { DEFAULT_INSERT, DEFAULT_REGION } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { seams } from './index.ts';

const HOUSE = {
  kind: 'panels',
  widthMm: 600,
  depthMm: 400,
  heightMm: 300,
  thicknessMm: 36,
  walls: ['front', 'back', 'left', 'right'],
  floor: false,
  roof: 'none',
  riseMm: 0,
  eavesMm: 0,
  joint: 'butt',
  openings: [
    { wall: 'front', fromLeftMm: 100, sillMm: 100, widthMm: 120, heightMm: 120 },
    { wall: 'back', fromLeftMm: 100, sillMm: 0, widthMm: 96, heightMm: 200 },
  ],
} as const;

describe('seams, edges and gaps', () => {
  it('of four walls: four corners of the height, a window all round, a door without its sill (closed form, 1:12)', () => {
    const { given } = reckonedOne({ ...HOUSE, walls: [...HOUSE.walls], openings: [...HOUSE.openings] });
    const found = seams(given);
    expect(found.filter(({ kind }) => kind === 'edge').map(({ lengthMm }) => lengthMm)).toEqual([
      25, 25, 25, 25,
    ]);
    expect(found.find(({ says }) => says === 'window in the front')?.lengthMm).toBeCloseTo(40, 9);
    expect(found.find(({ says }) => says === 'door in the back')?.lengthMm).toBeCloseTo(
      (2 * 200 + 96) / 12,
      9,
    );
  });

  it('a block has its twelve edges, a post the rims of both ends: nothing to fill, only to break (closed form, 1:12)', () => {
    const of = (form: Parameters<typeof reckonedOne>[0]) =>
      seams(reckonedOne(form).given).find(({ kind }) => kind === 'sharp');
    const block = of({ kind: 'block', widthMm: 120, heightMm: 240, depthMm: 60 });
    expect(block?.lengthMm).toBeCloseTo((4 * (120 + 240 + 60)) / 12, 6);
    expect(block?.fillMm3).toBe(0);
    const post = of({ kind: 'cylinder', heightMm: 600, bottomMm: 120, topMm: 60, lying: false });
    expect(post?.lengthMm).toBeCloseTo((Math.PI * (120 + 60)) / 12, 6);
    expect(of({ kind: 'ball', diameterMm: 240 })).toBeUndefined();
  });

  it('only what the chosen eyes see is to be hidden: from the front, no door in the back wall', () => {
    const of = (seenFrom: 'front' | 'all-round') => {
      const { brief } = lowWaterFerry('2026-05-01T09:00:00Z');
      const { given } = reckonedOne(
        { ...HOUSE, walls: [...HOUSE.walls], openings: [...HOUSE.openings] },
        {},
        { brief: { ...brief, seenFrom } },
      );
      return seams(given).find(({ says }) => says === 'door in the back')?.isSeen;
    };
    expect(of('front')).toBe(false);
    expect(of('all-round')).toBe(true);
  });

  it('a lamp let in has the rim of its hole, a limb baked later the round of its root', () => {
    const insert = {
      ...DEFAULT_INSERT,
      id: 'lamp',
      name: 'lamp',
      shape: 'round' as const,
      widthMm: 10,
      heightMm: 10,
    };
    const { given, one } = reckonedOne(
      { ...PLAIN_PERSON, statureMm: 1700 },
      { inserts: [insert], regions: [{ ...DEFAULT_REGION, region: 'head', pass: 2 }] },
    );
    const found = seams(given);
    expect(found.find(({ kind }) => kind === 'hole')?.lengthMm).toBeCloseTo(Math.PI * 10, 9);
    const step = found.find(({ kind }) => kind === 'step');
    const radius = one.shape.bones?.find(({ region }) => region === 'head')?.radii[0] ?? 0;
    expect(step?.lengthMm).toBeCloseTo((2 * Math.PI * radius) / 12, 9);
    // A fillet of a radius leaves a square less a quarter of a circle.
    expect(step?.fillMm3).toBeCloseTo((step?.lengthMm ?? 0) * (1 - Math.PI / 4), 6);
  });

  it('what stands on the ground of another has the round of its feet, and every seam has something that hides it', () => {
    const { given } = reckonPiece(lowWaterFerry('2026-05-01T09:00:00Z'), {
      shapes: makeShapeStore(),
      workshopOwn: {},
      now: '2026-05-01T09:00:00Z',
    });
    const found = seams(given);
    expect(found.some(({ kind }) => kind === 'foot')).toBe(true);
    for (const { lengthMm, hiddenBy } of found) {
      expect(lengthMm).toBeGreaterThan(0);
      expect(hiddenBy.length).toBeGreaterThan(0);
    }
  });
});
