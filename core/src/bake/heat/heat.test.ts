import { describe, expect, it } from 'vitest';
import { type Form, shapeOf } from '../../form/index.ts';
import {
  type CureRules,
  heatBody,
  heatStepper,
  type OvenRun,
  ovenAt,
  ovenRates,
  type Stuff,
  simulateBake,
} from './index.ts';

/** Clay and still air as the handbook has them. */
const CLAY: Stuff = { k: 0.25, rho: 1800, c: 1200 };
const FILM = 18;
const [ROOM, OVEN] = [21, 130];

function bodyOf(form: Form, cellMm: number, over: Partial<Parameters<typeof heatBody>[0]> = {}) {
  const grid = shapeOf(form).sample(cellMm);
  const body = heatBody({ grid, core: null, clay: CLAY, coreStuff: null, film: FILM, under: null, ...over });
  return { grid, body };
}

/** Listed cells nearest to a place. */
function cellsAt({ grid, body }: ReturnType<typeof bodyOf>, at: readonly [number, number, number]): number[] {
  const [nx, ny] = grid.size;
  const far = Array.from(body.cells, (c) => {
    const z = Math.floor(c / (nx * ny));
    const y = Math.floor((c - z * nx * ny) / nx);
    const x = c - z * nx * ny - y * nx;
    const off = [x, y, z].map((k, axis) => (grid.min[axis] ?? 0) + (k + 0.5) * grid.cell - (at[axis] ?? 0));
    return Math.hypot(...off);
  });
  const least = far.reduce((a, b) => Math.min(a, b), Infinity);
  return far.flatMap((d, i) => (d < least + 1e-6 ? [i] : []));
}

/** Minutes till the middle is at a temperature in an oven that is always as hot. */
function minutesTo(
  form: Form,
  cellMm: number,
  at: readonly [number, number, number],
  targetC = 125,
  stepS = 10,
) {
  const solid = bodyOf(form, cellMm);
  const middle = cellsAt(solid, at);
  const stepper = heatStepper(solid.body);
  let before = ROOM;
  for (let t = 0; t < 40_000; t += stepS) {
    stepper.step(stepS, () => OVEN - ROOM);
    const now = ROOM + middle.reduce((sum, i) => sum + (stepper.state.cells[i] ?? 0), 0) / middle.length;
    if (now >= targetC) return (t + (stepS * (targetC - before)) / (now - before)) / 60;
    before = now;
  }
  return Infinity;
}

/** Roots of a rising function between its poles, by halving. */
function rootIn(f: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  for (let i = 0; i < 80; i += 1) {
    const m = (a + b) / 2;
    if (f(m) < 0) a = m;
    else b = m;
  }
  return (a + b) / 2;
}

const ALPHA = CLAY.k / (CLAY.rho * CLAY.c);

/** Series solution for the middle of a slab, its half thickness in m (Incropera & DeWitt, eq. 5.42). */
function slabMiddle(half: number, seconds: number): number {
  const Bi = (FILM * half) / CLAY.k;
  let sum = 0;
  for (let n = 0; n < 20; n += 1) {
    const z = rootIn((x) => x * Math.tan(x) - Bi, n * Math.PI + 1e-9, n * Math.PI + Math.PI / 2 - 1e-9);
    const C = (4 * Math.sin(z)) / (2 * z + Math.sin(2 * z));
    sum += C * Math.exp((-z * z * ALPHA * seconds) / (half * half));
  }
  return sum;
}

describe('against the series solutions (Incropera & DeWitt, table 5.1)', () => {
  it('first roots and coefficients at Bi = 1: slab 0.8603, 1.1191; sphere 1.5708, 1.2732', () => {
    const slab = rootIn((x) => x * Math.tan(x) - 1, 1e-9, Math.PI / 2 - 1e-9);
    expect(slab).toBeCloseTo(0.8603, 4);
    expect((4 * Math.sin(slab)) / (2 * slab + Math.sin(2 * slab))).toBeCloseTo(1.1191, 4);
    // 1 − ζ cot ζ = Bi.
    const sphere = rootIn((x) => 1 - x / Math.tan(x) - 1, 1e-6, Math.PI - 1e-6);
    expect(sphere).toBeCloseTo(1.5708, 4);
    expect(
      (4 * (Math.sin(sphere) - sphere * Math.cos(sphere))) / (2 * sphere - Math.sin(2 * sphere)),
    ).toBeCloseTo(1.2732, 4);
  });

  it.each([
    ['sphere of 12.7 mm', { kind: 'ball', diameterMm: 12.7 }, 1, [0, 6.35, 0], 14.9],
    ['sphere of 25.4 mm', { kind: 'ball', diameterMm: 25.4 }, 2, [0, 12.7, 0], 33.5],
    [
      'long cylinder of 6 mm',
      { kind: 'cylinder', heightMm: 60, bottomMm: 6, topMm: 6, lying: false },
      0.5,
      [0, 30, 0],
      9.9,
    ],
    [
      'long cylinder of 12.7 mm',
      { kind: 'cylinder', heightMm: 120, bottomMm: 12.7, topMm: 12.7, lying: false },
      1,
      [0, 60, 0],
      22.6,
    ],
  ] as const)(
    'a %s reaches 125 °C in its middle within 3 %% of its time',
    (_name, form, cell, at, minutes) => {
      expect(Math.abs(minutesTo(form as Form, cell, at) / minutes - 1)).toBeLessThan(0.03);
    },
  );

  it.each([
    [6, 40, 0.5],
    [12.7, 60, 1],
  ])(
    'a slab of %d mm, %d mm wide, follows the product of three slabs to 3 %% in time',
    (thick, wide, cell) => {
      const form: Form = { kind: 'block', widthMm: wide, heightMm: thick, depthMm: wide };
      const got = minutesTo(form, cell, [0, thick / 2, 0]);
      const left = (s: number) => slabMiddle(thick / 2000, s) * slabMiddle(wide / 2000, s) ** 2;
      const want = rootIn((s) => (OVEN - 125) / (OVEN - ROOM) - left(s), 60, 20_000) / 60;
      expect(Math.abs(got / want - 1)).toBeLessThan(0.03);
    },
  );

  it('6 mm with 20 minutes to heat and 10 held is the packet’s half hour (common practice)', () => {
    const wide = minutesTo({ kind: 'block', widthMm: 80, heightMm: 6, depthMm: 80 }, 1, [0, 3, 0]);
    expect(wide).toBeGreaterThan(18.5);
    expect(wide).toBeLessThan(21);
  });
});

describe('what must hold of any heat', () => {
  const bar: Form = { kind: 'rod', lengthMm: 60, startMm: 16, endMm: 16, lying: true };

  it('what goes in through the surface is what the body holds, to 1 %', () => {
    const { body } = bodyOf(bar, 1);
    const stepper = heatStepper(body);
    let taken = 0;
    for (let k = 0; k < 60; k += 1) {
      const flow = () =>
        body.outer.reduce(
          (sum, b, i) => sum + b * (body.capacity[i] ?? 0) * (100 - (stepper.state.cells[i] ?? 0)),
          0,
        );
      const before = flow();
      stepper.step(5, () => 100);
      taken += ((before + flow()) / 2) * 5;
    }
    const held = body.capacity.reduce((sum, C, i) => sum + C * (stepper.state.cells[i] ?? 0), 0);
    expect(Math.abs(taken / held - 1)).toBeLessThan(0.01);
  });

  it('half the step changes the answer by less than 1 %', () => {
    const at = [0, 8, 0] as const;
    const [long, short] = [minutesTo(bar, 1, at, 120, 20), minutesTo(bar, 1, at, 120, 10)];
    expect(Math.abs(long / short - 1)).toBeLessThan(0.01);
  });

  it('a body alike left and right is as warm left as right', () => {
    const solid = bodyOf(bar, 1);
    const stepper = heatStepper(solid.body);
    for (let k = 0; k < 20; k += 1) stepper.step(20, () => 109);
    const mean = (x: number) => {
      const cells = cellsAt(solid, [x, 8, 0]);
      return cells.reduce((sum, i) => sum + (stepper.state.cells[i] ?? 0), 0) / cells.length;
    };
    for (const x of [5, 15, 25]) expect(mean(x)).toBeCloseTo(mean(-x), 6);
  });

  it('a bead is as warm all through as its film lets it be: exponential in time (lumped, Bi far under 0.1)', () => {
    const { body } = bodyOf({ kind: 'ball', diameterMm: 2 }, 0.2, { clay: { ...CLAY, k: 25 } });
    const stepper = heatStepper(body);
    for (let k = 0; k < 12; k += 1) stepper.step(5, () => 100);
    // h A ÷ (ρ V c) of a ball: 3 h ÷ (ρ c r).
    const rate = (3 * FILM) / (CLAY.rho * CLAY.c * 0.001);
    const mean = stepper.state.cells.reduce((a, b) => a + b, 0) / stepper.state.cells.length;
    expect(mean / (100 * (1 - Math.exp(-rate * 60)))).toBeCloseTo(1, 1);
    expect(Math.abs(mean / (100 * (1 - Math.exp(-rate * 60))) - 1)).toBeLessThan(0.03);
  });

  it('never hotter than the oven, never colder than the room', () => {
    const { body } = bodyOf(bar, 2);
    const stepper = heatStepper(body);
    for (let k = 0; k < 200; k += 1) stepper.step(30, () => 109);
    for (const T of stepper.state.cells) {
      expect(T).toBeLessThanOrEqual(109 + 1e-6);
      expect(T).toBeGreaterThan(108);
    }
  });
});

const PLAIN: OvenRun = {
  dialC: 130,
  errorC: 0,
  swingC: 0,
  roomC: ROOM,
  rates: ovenRates({}),
  preheated: true,
  holdMin: null,
  cooling: 'ajar',
};
const RULES: CureRules = { setC: 130, topC: 135, withinC: 5, minutes: 10, scorchC: 150, handleC: 40 };

describe('a bake worked through', () => {
  const ball: Form = { kind: 'ball', diameterMm: 20 };

  it('is held till its middle has had its minutes, and then cools to the hand', () => {
    const { body } = bodyOf(ball, 1.5);
    const run = simulateBake(body, PLAIN, RULES, { untilMin: 300 });
    if (!run) throw new Error('ended');
    // In an oven that is hot at once the middle is at 125 °C after about 25 minutes; ten more cure it.
    expect(run.curedMin).toBeGreaterThan(30);
    expect(run.curedMin).toBeLessThan(45);
    expect(run.holdMin).toBe(Math.ceil((run.curedMin ?? 0) * 1.1));
    expect(run.handleMin).toBeGreaterThan(run.holdMin ?? 0);
    expect(run.scorchMin).toBeNull();
    expect(run.peakC).toBeLessThanOrEqual(130);
    for (const minutes of run.minutesIn) expect(minutes).toBeGreaterThanOrEqual(10 - 1e-3);
  });

  it('minutes within the heat of a bead are those from its exponential', () => {
    const { body } = bodyOf({ kind: 'ball', diameterMm: 2 }, 0.25);
    const run = simulateBake(body, { ...PLAIN, holdMin: 30 }, RULES, { untilMin: 30, stepS: 5 });
    // Within half a minute: the door costs the oven 20 °C, which come back as exp(−t ÷ 2).
    const least = run?.minutesIn.reduce((a, b) => Math.min(a, b), Infinity) ?? 0;
    const rate = (3 * FILM * 60) / (CLAY.rho * CLAY.c * 0.001);
    let [T, t] = [ROOM, 0];
    while (T < 125) {
      T += rate * (ovenAt(PLAIN, t) - T) * 0.01;
      t += 0.01;
    }
    expect(Math.abs(30 - t - least)).toBeLessThan(0.5);
  });

  it('an oven 15 °C hot cures sooner and goes over the window; one 15 °C cold never cures', () => {
    const { body } = bodyOf(ball, 2);
    const at = (errorC: number) => simulateBake(body, { ...PLAIN, errorC }, RULES, { untilMin: 200 });
    const [cold, right, hot] = [at(-15), at(0), at(15)];
    expect(hot?.curedMin).toBeLessThan(right?.curedMin ?? 0);
    expect(hot?.overTopMin).toBeGreaterThan(1);
    expect(cold?.curedMin).toBeNull();
    expect(cold?.points.at(-1)?.cured).toBe(0);
  });

  it('an oven over scorching is told, with its minute', () => {
    const { body } = bodyOf(ball, 2);
    const run = simulateBake(body, { ...PLAIN, dialC: 170 }, RULES, { untilMin: 120 });
    expect(run?.scorchMin).toBeGreaterThan(0);
    expect(run?.scorchMin).toBeLessThan(30);
  });

  it('a cold start and a tent take longer, a fan less', () => {
    const cured = (film: number, preheated: boolean) => {
      const { body } = bodyOf(ball, 2, { film });
      return simulateBake(body, { ...PLAIN, preheated }, RULES, { untilMin: 300 })?.curedMin ?? Infinity;
    };
    const plain = cured(18, true);
    expect(cured(18, false)).toBeGreaterThan(plain + 3);
    expect(cured(10, true)).toBeGreaterThan(plain + 3);
    expect(cured(30, true)).toBeLessThan(plain - 2);
  });

  it('nothing in the oven is told', () => {
    const grid = shapeOf(ball).sample(2);
    expect(() => bodyOf(ball, 2, { grid: { ...grid, distance: grid.distance.map(() => 1) } })).toThrow(
      'nothing in the oven',
    );
  });
});

describe('cores', () => {
  /** A ball of 30 mm with a core of 20 mm, as a field in cells. */
  function cored(coreStuff: Stuff | null) {
    const grid = shapeOf({ kind: 'ball', diameterMm: 30 }).sample(1);
    const core = coreStuff ? grid.distance.map((d) => (d + 5) / grid.cell) : null;
    const body = heatBody({ grid, core, clay: CLAY, coreStuff, film: FILM, under: null });
    return simulateBake(body, PLAIN, RULES, { untilMin: 300 })?.curedMin ?? Infinity;
  }

  it('foil cures far sooner than solid clay; wood, which leads heat badly, not as soon', () => {
    const [solid, foil, wood] = [
      cored(null),
      cored({ k: 3, rho: 405, c: 900 }),
      cored({ k: 0.12, rho: 500, c: 1700 }),
    ];
    expect(foil).toBeLessThan(0.75 * solid);
    expect(wood).toBeLessThan(solid);
    expect(wood).toBeGreaterThan(foil);
  });

  it('a core of the clay’s own stuff changes nothing', () => {
    expect(cored(CLAY) / cored(null)).toBeGreaterThan(0.9);
    expect(cored(CLAY) / cored(null)).toBeLessThan(1.02);
  });
});
