import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore, type Vec2 } from '../form/index.ts';
import { readPiece, writePiece } from '../piece/file.ts';
import { DEFAULT_REFERENCE, type PictureId, type Reference, type Spot, type Taking } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { calibrationOf, homography, type Marked, PictureFaultError, squared, takeMeasure } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';

/**
 * A pinhole camera of its own: turned about two axes, set back from a plane, looking at its middle. What it shows of a place
 * of the plane, px, y down.
 */
function camera(turnDeg: number, tiltDeg: number, farMm: number, focalPx: number) {
  const [t, e] = [(turnDeg * Math.PI) / 180, (tiltDeg * Math.PI) / 180];
  return ([x, y]: Vec2): Spot => {
    const [x1, z1] = [x * Math.cos(t), -x * Math.sin(t)];
    const [y2, z2] = [y * Math.cos(e) - z1 * Math.sin(e), y * Math.sin(e) + z1 * Math.cos(e)];
    const depth = farMm + z2;
    return { x: 2000 + (focalPx * x1) / depth, y: 1500 - (focalPx * y2) / depth };
  };
}

const SHEET: readonly Vec2[] = [
  [-150, -100],
  [150, -100],
  [150, 100],
  [-150, 100],
];
const seen = (shoot: (at: Vec2) => Spot): Marked => ({
  known: null,
  square: { spots: SHEET.map(shoot), widthMm: 300, heightMm: 200 },
});
const taking = (kind: Taking['kind'], ...spots: Spot[]): Taking => ({
  id: 't',
  kind,
  name: 'a measure',
  spots,
});

describe('a picture taken aslant', () => {
  it('is squared by a known rectangle: places in its plane come back, whatever the camera (a pinhole of its own)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50, max: 50, noNaN: true }),
        fc.double({ min: -40, max: 40, noNaN: true }),
        fc.double({ min: 700, max: 3000, noNaN: true }),
        fc.tuple(
          fc.double({ min: -140, max: 140, noNaN: true }),
          fc.double({ min: -90, max: 90, noNaN: true }),
        ),
        (turn, tilt, far, at) => {
          const shoot = camera(turn, tilt, far, 2800);
          const { toMm, toSpot } = calibrationOf(seen(shoot));
          const [x, y] = toMm(shoot(at));
          expect([x - 150, y - 100]).toEqual([expect.closeTo(at[0], 5), expect.closeTo(at[1], 5)]);
          const back = toSpot([x, y]);
          expect(Math.hypot(back.x - shoot(at).x, back.y - shoot(at).y)).toBeLessThan(1e-5);
        },
      ),
      { seed: 1895, numRuns: 200 },
    );
  });

  it('gives lengths, heights and angles of the plane', () => {
    const shoot = camera(35, 20, 900, 2600);
    const marked = seen(shoot);
    const spots = (
      [
        [-60, -40],
        [60, 50],
        [60, -40],
      ] as const
    ).map(shoot);
    const [a, b, c] = spots as [Spot, Spot, Spot];
    expect(takeMeasure(marked, taking('length', a, b), 1).value).toBeCloseTo(Math.hypot(120, 90), 6);
    expect(takeMeasure(marked, taking('height', a, b), 1).value).toBeCloseTo(90, 6);
    expect(takeMeasure(marked, taking('angle', a, c, b), 1).value).toBeCloseTo(90, 6);
    expect(takeMeasure(marked, taking('angle', c, a, b), 1).value).toBeCloseTo(
      (Math.atan2(90, 120) * 180) / Math.PI,
      6,
    );
  });

  it('takes the corners in any order, and the picture upside down', () => {
    const shoot = camera(25, 10, 900, 2600);
    const [a, b, c, d] = SHEET.map(shoot) as [Spot, Spot, Spot, Spot];
    const [from, to] = [shoot([-60, -40]), shoot([60, 50])];
    for (const spots of [
      [a, b, c, d],
      [c, a, d, b],
      [d, c, b, a],
    ]) {
      const marked = { known: null, square: { spots, widthMm: 300, heightMm: 200 } };
      expect(takeMeasure(marked, taking('length', from, to), 1).value).toBeCloseTo(150, 6);
    }
  });

  it('refuses corners that go round no rectangle, and spots beyond the horizon, and says what to do', () => {
    const line = [0, 1, 2].map((i) => ({ x: i * 100, y: i * 100 }));
    const bad: Marked = {
      known: null,
      square: { spots: [...line, { x: 300, y: 0 }], widthMm: 10, heightMm: 10 },
    };
    expect(() => calibrationOf(bad)).toThrow(/no three may lie in a line/);
    const steep = camera(70, 0, 400, 2000);
    expect(() => calibrationOf(seen(steep)).toMm({ x: -40_000, y: 1500 })).toThrow(PictureFaultError);
    expect(() => calibrationOf({ known: null, square: null })).toThrow(/mark one/);
    const one = { x: 5, y: 5 };
    expect(() => calibrationOf({ known: { spots: [one, one], lengthMm: 10 }, square: null })).toThrow(
      /move them apart/,
    );
  });
});

describe('drawn anew', () => {
  it('a chequered sheet taken aslant comes out square, field for field', () => {
    const shoot = camera(30, 12, 900, 2600);
    const marked = { ...seen(shoot), widthPx: 4000, heightPx: 3000, shownRatio: 1 };
    const { toMm } = calibrationOf(marked);
    const [width, height] = [4000, 3000];
    const data = new Uint8ClampedArray(width * height * 4).fill(255);
    for (let y = 0; y < height; y += 1)
      for (let x = 0; x < width; x += 1) {
        const [u, v] = toMm({ x: x + 0.5, y: y + 0.5 });
        const isDark = (Math.floor(u / 50) + Math.floor(v / 50)) % 2 === 0;
        data.fill(isDark ? 0 : 200, 4 * (y * width + x), 4 * (y * width + x) + 3);
      }
    const flat = squared(
      { ...DEFAULT_REFERENCE, ...marked, id: 'x' as PictureId, type: 'image/png' },
      { width, height, data },
      300,
    );
    expect([flat.width, flat.height]).toEqual([300, 200]);
    for (let v = 0; v < 4; v += 1)
      for (let u = 0; u < 6; u += 1) {
        const at = 4 * ((199 - (v * 50 + 25)) * 300 + u * 50 + 25);
        expect(flat.data[at], `${u}, ${v}`).toBe((u + v) % 2 === 0 ? 0 : 200);
      }
  });
});

describe('a homography', () => {
  it('is the worked example of a unit square to a trapezium: its diagonals still cross where they did', () => {
    const trapezium = [
      [0, 0],
      [4, 0],
      [3, 2],
      [1, 2],
    ] as const;
    const unit = [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ] as const;
    const h = homography(unit, trapezium);
    // The diagonals of a trapezium of sides 4 and 2 divide each other as 4 to 2: at two thirds of its height.
    expect(h([0.5, 0.5])).toEqual([expect.closeTo(2, 9), expect.closeTo(4 / 3, 9)]);
  });
});

describe('the error of a measure', () => {
  it('of one known length is what the rule of products gives', () => {
    // K = 1000 mm over 800 px, measured 400 px; each end off by σ: relative error √(2σ²/800² + 2σ²/400²), and the two share no spot.
    const marked: Marked = {
      known: {
        spots: [
          { x: 0, y: 0 },
          { x: 800, y: 0 },
        ],
        lengthMm: 1000,
      },
      square: null,
    };
    const { value, error } = takeMeasure(marked, taking('length', { x: 100, y: 50 }, { x: 500, y: 50 }), 2);
    expect(value).toBeCloseTo(500, 9);
    expect(error).toBeCloseTo(500 * Math.sqrt(2 * (2 / 800) ** 2 + 2 * (2 / 400) ** 2), 2);
  });

  it('covers what hands do: of 400 measures with clicks off at random, about two in three lie within it', () => {
    const shoot = camera(30, 15, 900, 2600);
    const [from, to] = [shoot([-60, -40]), shoot([60, 50])];
    const sigma = 1.5;
    // A linear congruential generator (Numerical Recipes) and the sum of twelve for the bell.
    let state = 42;
    const random = () => {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      return state / 2 ** 32;
    };
    const bell = () => Array.from({ length: 12 }, random).reduce((a, b) => a + b, -6) * sigma;
    const off = ({ x, y }: Spot): Spot => ({ x: x + bell(), y: y + bell() });
    const { error } = takeMeasure(seen(shoot), taking('length', from, to), sigma);
    const within = Array.from({ length: 400 }, () => {
      const marked: Marked = {
        known: null,
        square: { spots: SHEET.map(shoot).map(off), widthMm: 300, heightMm: 200 },
      };
      return Math.abs(takeMeasure(marked, taking('length', off(from), off(to)), sigma).value - 150) <= error;
    }).filter(Boolean).length;
    expect(within / 400).toBeGreaterThan(0.6);
    expect(within / 400).toBeLessThan(0.76);
  });
});

describe('in a piece', () => {
  const reference: Reference = {
    ...DEFAULT_REFERENCE,
    id: 'board' as PictureId,
    type: 'image/jpeg',
    widthPx: 4000,
    heightPx: 3000,
    shownRatio: 56,
    known: {
      spots: [
        { x: 0, y: 0 },
        { x: 250, y: 0 },
      ],
      lengthMm: 25,
    },
    square: null,
    takings: [
      taking('length', { x: 0, y: 10 }, { x: 0, y: 330 }),
      { ...taking('angle', { x: 0, y: 0 }, { x: 10, y: 0 }, { x: 10, y: 10 }), id: 'a' },
    ],
  };
  const piece = { ...lowWaterFerry(NOW), references: [reference] };
  const { book } = reckonPiece(piece, { shapes: makeShapeStore(), workshopOwn: {}, now: NOW });

  it('somebody else’s miniature is scaled up: 32 mm at 1:56 are 1.79 m in life', () => {
    const figure = book.get('/taking.t');
    expect(figure?.quantity.value).toBeCloseTo(32 * 56, 6);
    expect(figure?.quantity.low).toBeLessThan(figure?.quantity.value ?? 0);
    expect(book.get('/angle.a')?.quantity).toMatchObject({ value: expect.closeTo(90, 6), unit: '°' });
  });

  it('is kept in the file with its marks', () => {
    const { piece: read, damaged } = readPiece(writePiece(piece, {}), NOW);
    expect(damaged).toEqual([]);
    expect(read.references).toEqual([reference]);
  });
});
