import { describe, expect, it } from 'vitest';
import { PLAIN_PERSON, type Vec2, type Vec3 } from '../form/index.ts';
import { gaugeOf, gaugesNear, soldMm } from '../handbook/index.ts';
import { bendingAt, hung, type Node } from './cantilever.ts';
import { frameOf } from './checks.ts';
import { crossingsOf } from './crossings.ts';
import { holeFor, inchDrills } from './holes.ts';
import { markGroups } from './marks.ts';
import { coverAsk, solidCover } from './solidCover.ts';
import { counterweightGrams, standingOf, together } from './standing.ts';
import { bonesOfOne, start } from './testContext.ts';
import { bundled } from './wire.ts';

const square = (half: number): Vec2[] => [
  [-half, -half],
  [half, -half],
  [half, half],
  [-half, half],
];

describe('standing and counterweight (statics)', () => {
  const top: Vec3 = [4, 60, 0];

  it('a mass 60 mm up, 4 mm off the middle of a square of 20 mm, falls at atan(6 ÷ 60) to that side', () => {
    const standing = standingOf({ grams: 50, at: top }, square(10), 0);
    const degrees = (Math.atan(6 / 60) * 180) / Math.PI;
    expect(standing?.leastDegrees).toBeCloseTo(degrees, 9);
    expect(standing?.ways.right).toBeCloseTo(degrees, 9);
    expect(standing?.ways.left).toBeCloseTo((Math.atan(14 / 60) * 180) / Math.PI, 9);
    expect(standing?.ways.front).toBeCloseTo((Math.atan(10 / 60) * 180) / Math.PI, 9);
  });

  it('with the counterweight low in the middle it falls at just the angle that was asked for', () => {
    const body = { grams: 50, at: top };
    const grams = counterweightGrams(body, square(10), 0, 15) ?? 0;
    expect(grams).toBeGreaterThan(0);
    const both = together([body, { grams, at: [0, 0, 0] }]);
    expect(standingOf(both, square(10), 0)?.leastDegrees).toBeCloseTo(15, 6);
    expect(counterweightGrams(body, square(30), 0, 15)).toBe(0);
  });

  it('a ring that runs the other way round is the same ground', () => {
    const mass = { grams: 1, at: top };
    expect(standingOf(mass, [...square(10)].reverse(), 0)).toEqual(standingOf(mass, square(10), 0));
  });
});

describe('a limb that forks', () => {
  const node = (at: Vec3, parent: number, weight: number, wires = 1): Node => ({ at, parent, weight, wires });
  const trunk = [node([0, 0, 0], -1, 0), node([0, 50, 0], 0, 0, 2)];

  it('like branches on opposite sides leave no moment in the trunk; one alone leaves its own (statics)', () => {
    const both = hung([...trunk, node([30, 50, 0], 1, 0.1), node([-30, 50, 0], 1, 0.1)]);
    // Each branch bends by its own 0.1 N at half of 30 mm, the trunk not at all.
    expect(bendingAt(both, 2, 1).momentNmm).toBeCloseTo(0.1 * 15, 9);
    expect(bendingAt(both, 2, 1).at).toEqual([0, 50, 0]);
    const one = hung([...trunk, node([30, 50, 0], 1, 0.1)]);
    const alone = bendingAt(one, 2, 1);
    expect(alone.momentNmm).toBeCloseTo(0.1 * 15, 9);
    expect(alone.sagMm).toBeGreaterThan(bendingAt(both, 2, 1).sagMm);
  });

  it('twice the wires halve the sag that comes of a stretch', () => {
    const sag = (wires: number) =>
      bendingAt(hung([node([0, 0, 0], -1, 0), node([40, 0, 0], 0, 0, wires)], 0.2), 1, 1).sagMm;
    expect(sag(1) / sag(2)).toBeCloseTo(2, 9);
  });
});

describe('bundles', () => {
  it('19 circles lie in one of 1 + √2 + √6 widths, 13 in 2 + √5 (known best packings)', () => {
    expect(bundled(19)).toBeCloseTo(1 + Math.SQRT2 + Math.sqrt(6), 3);
    expect(bundled(13)).toBeCloseTo(2 + Math.sqrt(5), 3);
    // 37 and 61 lie in hexagons of 7 and 9 widths at the worst.
    expect(bundled(37)).toBeLessThan(7);
    expect(bundled(61)).toBeLessThan(9);
  });

  it('never narrower with more wires, and never denser than circles can be (π ÷ √12, Thue)', () => {
    for (let n = 1; n < 300; n += 1) {
      expect(bundled(n + 1)).toBeGreaterThanOrEqual(bundled(n) - 1e-9);
      expect(n / bundled(n) ** 2).toBeLessThanOrEqual(n === 1 ? 1 : Math.PI / Math.sqrt(12));
    }
  });
});

describe('gauges', () => {
  it('wire of a gauge is called by it, and metric wire by the one it comes near', () => {
    expect(soldMm('awg')).toContain(1.024);
    expect(gaugeOf(1.024)).toBe('AWG 18');
    expect(gaugeOf(0.914)).toBe('SWG 20');
    expect(gaugeOf(1)).toBeNull();
    expect(gaugesNear(1)).toBe('AWG 18');
    expect(gaugesNear(0.5)).toContain('AWG 24');
    expect(gaugesNear(3.7)).toBe('');
  });
});

describe('holes for pegs (common practice)', () => {
  it('0.6 mm wire goes free in 0.7 mm, glued in 0.8 mm, and is pressed into 0.4 mm', () => {
    const drill = (fit: 'free' | 'glued' | 'press') => holeFor(0.6, fit, [], {}).drillMm;
    expect([drill('free'), drill('glued'), drill('press')]).toEqual([0.7, 0.8, 0.4]);
  });

  it('of the drills owned the next wide enough; tape takes up the rest, 0.2 mm across a layer', () => {
    expect(holeFor(1, 'free', [0.8, 1.6, 2], {})).toMatchObject({
      drillMm: 1.6,
      tapeLayers: 2,
      isMissing: false,
    });
    expect(holeFor(3, 'free', [0.8, 1.6], {})).toMatchObject({ isMissing: true, drillMm: 1.6 });
    expect(holeFor(1, 'press', [0.5, 0.75, 1], {}).drillMm).toBe(0.75);
  });

  it('sixty-fourths of an inch: 1/16 in is 1.5875 mm', () => {
    expect(inchDrills()).toContain(1.588);
    expect(inchDrills().at(-1)).toBeCloseTo(6.35, 3);
  });
});

describe('bend marks', () => {
  it('legs of a spider share the lines of their inner bends', () => {
    const { context, bones } = bonesOfOne(start('spider'), {}, { scale: { kind: 'ratio', ratio: 0.5 } });
    const legs = markGroups(context, bones).find(({ wires }) => wires.length === 4);
    expect(legs?.shared.length).toBeGreaterThanOrEqual(3);
    for (const { marks } of legs?.wires ?? [])
      for (const line of legs?.shared ?? [])
        expect(Math.min(...marks.map(({ atMm }) => Math.abs(atMm - line.atMm)))).toBeLessThanOrEqual(1);
  });

  it('lie in order on the wire, and the wire is as long as what is cut but for the cut', () => {
    const { context, bones } = bonesOfOne({ ...PLAIN_PERSON, statureMm: 1700, pose: 'holding' });
    const all = markGroups(context, bones).flatMap(({ wires }) => wires);
    expect(all).toHaveLength(3);
    for (const { name, fromMm, toMm, marks } of all) {
      const places = [fromMm, ...marks.map(({ atMm }) => atMm), toMm];
      expect([...places].sort((a, b) => a - b)).toEqual(places);
      const cut = bones.pieces.find(({ run }) => run === name)?.lengthMm ?? 0;
      expect(cut - (toMm - fromMm)).toBeCloseTo(1, 6);
    }
  });
});

describe('the solid itself', () => {
  it('a wire up the middle of a ball has its radius less half the wire over it, to what is stated', () => {
    const { context, bones } = bonesOfOne(
      { kind: 'ball', diameterMm: 40 },
      {
        sized: 'miniature',
        wire: { metal: 'aluminium', diameterMm: 1, strands: 1 },
        runs: [
          {
            id: 'm',
            name: 'm',
            out: false,
            wire: null,
            layMm: null,
            startMm: 0,
            endMm: 0,
            drawn: [
              { xMm: -8, yMm: 20, zMm: 0 },
              { xMm: 8, yMm: 20, zMm: 0 },
            ],
          },
        ],
      },
    );
    const cover = solidCover(context.shape, coverAsk(context, bones));
    // Ends 8 mm off the middle of a ball of 20 mm: 12 mm deep, less half a millimetre of wire.
    expect(Math.abs((cover?.coverMm ?? 0) - 11.5)).toBeLessThan((cover?.errorMm ?? 0) + 0.05);
  });

  it('a wire that leaves the clay is told', () => {
    const { context, bones } = bonesOfOne({ ...PLAIN_PERSON, statureMm: 1700 });
    const ask = coverAsk(context, bones);
    const out = {
      points: [
        [0, 60, 0],
        [0, 60, 60],
      ] as Vec3[],
      widthMm: 1,
    };
    expect(solidCover(context.shape, { ...ask, lines: [out] })?.coverMm).toBeLessThan(0);
    expect(solidCover(context.shape, ask)?.coverMm).toBeGreaterThan(0);
    expect(solidCover(context.shape, { ...ask, lines: [] })).toBeNull();
  });
});

describe('limbs that cross', () => {
  const posed = (angles: Record<string, { flex: number; out: number; twist: number }>) => {
    const { context, contexts, bones } = bonesOfOne({
      ...PLAIN_PERSON,
      statureMm: 1700,
      pose: 'straight',
      angles,
    });
    return crossingsOf(frameOf(context, contexts, bones.runs)).map(
      ({ limb, through }) => `${limb}, ${through}`,
    );
  };

  it('an arm turned into the body is told; arms that hang are not', () => {
    expect(posed({ 'right shoulder': { flex: 0, out: -25, twist: 0 } })).toEqual(['right arm, body']);
    expect(posed({})).toEqual([]);
  });
});
