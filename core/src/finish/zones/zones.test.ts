import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { type Form, makeShapeStore, PLAIN } from '../../form/index.ts';
import { DEFAULT_ZONE, ZONE_SIDES, type ZoneSide } from '../../piece/index.ts';
import { skinOf } from './skin.ts';
import { lowestMm, placeMm2, type ZonePlace } from './zoneArea.ts';

const shapes = makeShapeStore();
const skin = (form: Form) => skinOf(shapes.shapeOf(form, PLAIN));
const all: ZonePlace = { ...DEFAULT_ZONE };
const on = (over: Partial<ZonePlace>): ZonePlace => ({ ...all, ...over });
const ball = skin({ kind: 'ball', diameterMm: 40 });
const BALL = Math.PI * 40 ** 2;
const spot = (xMm: number, yMm: number, zMm: number, radiusMm: number) => ({ xMm, yMm, zMm, radiusMm });

describe('surface of a zone', () => {
  it('sides of a block are its faces, and all of them its surface', () => {
    const block = skin({ kind: 'block', widthMm: 30, depthMm: 20, heightMm: 10 } as Form);
    const wanted: Readonly<Record<ZoneSide, number>> = {
      front: 300,
      back: 300,
      left: 200,
      right: 200,
      top: 600,
      under: 600,
    };
    for (const side of ZONE_SIDES) expect(placeMm2(block, on({ side })) / wanted[side]).toBeCloseTo(1, 1);
    expect(placeMm2(block, all)).toBeCloseTo(2200, 1);
  });

  it('every side of a ball is a sixth of it, by symmetry', () => {
    for (const side of ZONE_SIDES) expect(placeMm2(ball, on({ side })) / BALL).toBeCloseTo(1 / 6, 2);
  });

  it('a band of a ball is as large as the same height of the cylinder round it (Archimedes)', () => {
    for (const [lowPct, highPct] of [
      [0, 25],
      [25, 50],
      [40, 90],
    ] as const)
      expect(placeMm2(ball, on({ lowPct, highPct })) / BALL).toBeCloseTo((highPct - lowPct) / 100, 1);
  });

  it('a dab on a ball covers π times the square of its radius (Archimedes: a cap by its chord)', () => {
    const dab = placeMm2(ball, on({ spots: [spot(0, 40, 0, 12)] }));
    expect(dab / (Math.PI * 144)).toBeCloseTo(1, 1);
  });

  it('two dabs on one another are one, and far apart they are two', () => {
    const one = placeMm2(ball, on({ spots: [spot(0, 40, 0, 8)] }));
    expect(placeMm2(ball, on({ spots: [spot(0, 40, 0, 8), spot(0, 40, 0, 8)] }))).toBeCloseTo(one, 6);
    const two = placeMm2(ball, on({ spots: [spot(0, 40, 0, 8), spot(0, 0, 0, 8)] }));
    expect(two / one).toBeCloseTo(2, 0);
  });

  it('regions of a figure sum up to all of it, and a region that is not there takes nothing', () => {
    const form = lowWaterFerry('2026-05-01T09:00:00Z').parts.find(({ id }) => id === 'goose')?.form as Form;
    const goose = skin(form);
    const names = [...new Set(goose.regions)];
    expect(names.length).toBeGreaterThan(4);
    const each = names.map((name) => placeMm2(goose, on({ regions: [name] })));
    expect(each.reduce((sum, mm2) => sum + mm2, 0) / placeMm2(goose, all)).toBeCloseTo(1, 6);
    expect(placeMm2(goose, on({ regions: ['antler'] }))).toBe(0);
  });

  it('walls of panels are told apart, both faces and the edges of each', () => {
    const hut = skin({
      kind: 'panels',
      widthMm: 60,
      depthMm: 40,
      heightMm: 30,
      thicknessMm: 2,
      walls: ['front', 'back', 'left', 'right'],
      floor: false,
      roof: 'none',
      riseMm: 0,
      eavesMm: 0,
      joint: 'butt',
      openings: [],
    } as never);
    const front = placeMm2(hut, on({ regions: ['front wall'] }));
    expect(front).toBeCloseTo(2 * (60 * 30 + 60 * 2 + 30 * 2), 0);
    expect(placeMm2(hut, on({ regions: ['front wall'], side: 'front' }))).toBeCloseTo(1800, 0);
  });

  it('the lowest place of a zone is told from the foot of its part; an empty one has none', () => {
    expect(lowestMm(ball, on({ lowPct: 50 }))).toBeCloseTo(20, 0);
    expect(lowestMm(ball, on({ regions: ['antler'] }))).toBeNull();
  });
});
