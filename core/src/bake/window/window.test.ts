import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Form, shapeOf } from '../../form/index.ts';
import { heatBody, heatStepper, type OvenRun, type Stuff, simulateBake } from '../heat/index.ts';
import {
  type AirRise,
  brownRate,
  coldestAt,
  coolsIn,
  cureRate,
  type DoseRules,
  doseAt,
  doseCurve,
  type LikeBake,
  LONGEST,
  loadWindow,
  type OvenHeat,
  type PartWarming,
  partWindow,
  reaches,
  riseAt,
  warmestAt,
  warmThrough,
} from './index.ts';

/** Clay, still air and doses as the handbook has them. */
const CLAY: Stuff = { k: 0.25, rho: 1800, c: 1200 };
const [FILM, ROOM] = [18, 21];
const ALPHA = CLAY.k / (CLAY.rho * CLAY.c);
const RULES: DoseRules = {
  setC: 130,
  topC: 135,
  fullWithinC: 5,
  noneUnderC: 25,
  cureMin: 10,
  doublesC: 10,
  brownMin: 120,
};
/** An oven whose air is at its heat at once. */
const AT_ONCE: AirRise = { missing: 0, backMin: 1 };
const HOT: AirRise = { missing: 0.18, backMin: 2 };

function bodyOf(form: Form, cellMm: number) {
  const grid = shapeOf(form).sample(cellMm);
  return heatBody({ grid, core: null, clay: CLAY, coreStuff: null, film: FILM, under: null });
}
const ball = (mm: number): Form => ({ kind: 'ball', diameterMm: mm });

/** Root of a function that changes its sign between two places, by halving. */
function rootOf(f: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let i = 0; i < 80; i += 1) {
    const middle = (low + high) / 2;
    if (f(low) < 0 === f(middle) < 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Roots of a series and the share of each term at the middle. */
type Terms = readonly { readonly root: number; readonly share: number }[];
const TERMS = 40;

/**
 * Solids of one dimension whose air is at its heat at once: slab, long cylinder, ball.
 *
 * Source: F. P. Incropera and D. P. DeWitt, Fundamentals of Heat and Mass Transfer, 6th ed., eqs. 5.39, 5.47, 5.48.
 */
const SERIES: Readonly<Record<'slab' | 'sphere', (biot: number) => Terms>> = {
  slab: (biot) =>
    Array.from({ length: TERMS }, (_, n) => {
      const root = rootOf((x) => x * Math.sin(x) - biot * Math.cos(x), n * Math.PI, (n + 0.5) * Math.PI);
      return { root, share: (4 * Math.sin(root)) / (2 * root + Math.sin(2 * root)) };
    }),
  sphere: (biot) =>
    Array.from({ length: TERMS }, (_, n) => {
      const root = rootOf(
        (x) => Math.sin(x) - (Math.cos(x) * x) / (1 - biot),
        n * Math.PI + 1e-9,
        (n + 1) * Math.PI - 1e-9,
      );
      const share = (4 * (Math.sin(root) - root * Math.cos(root))) / (2 * root - Math.sin(2 * root));
      return { root, share };
    }),
};

/** Temperature of the middle after so many minutes, °C. */
function middleC(kind: 'slab' | 'sphere', halfMm: number, airC: number) {
  const terms = SERIES[kind]((FILM * halfMm) / 1000 / CLAY.k);
  return (minute: number): number => {
    const fourier = (ALPHA * minute * 60) / (halfMm / 1000) ** 2;
    const left = terms.reduce((sum, { root, share }) => sum + share * Math.exp(-root * root * fourier), 0);
    return airC + (ROOM - airC) * Math.min(1, left);
  };
}

/** Minutes that give the middle all of its cure, by the series. */
function curedBySeries(kind: 'slab' | 'sphere', halfMm: number, airC: number): number {
  const at = middleC(kind, halfMm, airC);
  const step = 0.02;
  let dose = 0;
  for (let minute = 0; ; minute += step) {
    dose += (step * (cureRate(RULES, at(minute)) + cureRate(RULES, at(minute + step)))) / 2;
    if (dose >= 1) return minute + step;
  }
}

describe('doses', () => {
  it('a minute cures in full within 5 °C, half 15 °C under, not at all 25 °C under', () => {
    expect(cureRate(RULES, 130)).toBeCloseTo(0.1, 12);
    expect(cureRate(RULES, 125)).toBeCloseTo(0.1, 12);
    expect(cureRate(RULES, 115)).toBeCloseTo(0.05, 12);
    expect(cureRate(RULES, 105)).toBe(0);
  });

  it('a minute browns one for one at the top of the window, twice as much 10 °C over it', () => {
    expect(120 * brownRate(RULES, 135)).toBeCloseTo(1, 12);
    expect(120 * brownRate(RULES, 145)).toBeCloseTo(2, 12);
    expect(120 * brownRate(RULES, 125)).toBeCloseTo(0.5, 12);
  });

  it('rise with the heat and never jump (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 0.01, noNaN: true }),
        (c, by) => {
          for (const rate of [cureRate, brownRate]) {
            const [a, b] = [rate(RULES, c), rate(RULES, c + by)];
            expect(b).toBeGreaterThanOrEqual(a);
            expect(b - a).toBeLessThan(0.01);
          }
        },
      ),
      { seed: 16 },
    );
  });
});

describe('the cure of the middle, against series solutions', () => {
  it.each([
    ['a ball of 12.7 mm', 12.7, 130],
    ['a ball of 25.4 mm', 25.4, 130],
    ['a ball of 25.4 mm in a cold oven', 25.4, 118],
    ['a ball of 40 mm', 40, 135],
  ])('%s', (_, mm, airC) => {
    const warming = warmThrough(bodyOf(ball(mm), mm / 14), AT_ONCE);
    const found = reaches(doseCurve(warming, airC, ROOM, RULES).leastCured, 1);
    expect(found).not.toBeNull();
    expect(Math.abs((found ?? 0) / curedBySeries('sphere', mm / 2, airC) - 1)).toBeLessThan(0.03);
  });

  it('a wide slab of 12.7 mm', () => {
    const slab: Form = { kind: 'block', widthMm: 220, heightMm: 12.7, depthMm: 220 };
    const warming = warmThrough(bodyOf(slab, 12.7 / 9), AT_ONCE);
    const found = reaches(doseCurve(warming, 130, ROOM, RULES).leastCured, 1);
    expect(Math.abs((found ?? 0) / curedBySeries('slab', 12.7 / 2, 130) - 1)).toBeLessThan(0.03);
  });
});

describe('one run for every heat of the oven', () => {
  const form: Form = { kind: 'block', widthMm: 30, heightMm: 18, depthMm: 12 };
  const body = bodyOf(form, 1.5);
  const warming = warmThrough(body, HOT);

  it.each([110, 130, 148])(
    'at %i °C no cell has less cure or more browning than it says, and it is near',
    (airC) => {
      const stepper = heatStepper(body);
      const n = body.cells.length;
      const [cured, browned] = [new Float64Array(n), new Float64Array(n)];
      const curve = doseCurve(warming, airC, ROOM, RULES);
      for (let minute = 0; minute < 60; minute += 1) {
        for (let part = 0; part < 6; part += 1) {
          const rates = () =>
            Array.from(stepper.state.cells, (over) => [
              cureRate(RULES, ROOM + over),
              brownRate(RULES, ROOM + over),
            ]);
          const before = rates();
          const from = minute + part / 6;
          stepper.step(10, (s) => (airC - ROOM) * riseAt(HOT, from + s / 60));
          rates().forEach(([c = 0, b = 0], i) => {
            cured[i] = (cured[i] ?? 0) + (c + (before[i]?.[0] ?? 0)) / 12;
            browned[i] = (browned[i] ?? 0) + (b + (before[i]?.[1] ?? 0)) / 12;
          });
        }
        const least = cured.reduce((a, b) => Math.min(a, b), Infinity);
        const most = browned.reduce((a, b) => Math.max(a, b), 0);
        expect(Math.abs(doseAt(curve.leastCured, minute + 1) - least)).toBeLessThan(0.02);
        expect(Math.abs(doseAt(curve.mostBrowned, minute + 1) - most)).toBeLessThan(0.01);
      }
    },
  );

  it('a sheet of half a millimetre goes with the air, from the first minutes on', () => {
    const sheet = bodyOf({ kind: 'block', widthMm: 6, heightMm: 0.4, depthMm: 6 }, 0.1);
    const thin = warmThrough(sheet, HOT);
    const stepper = heatStepper(sheet);
    for (let minute = 0; minute < 12; minute += 1 / 6) {
      const from = minute;
      stepper.step(10, (s) => riseAt(HOT, from + s / 60));
      const least = stepper.state.cells.reduce((a, b) => Math.min(a, b), Infinity);
      if (minute > 1) expect(Math.abs(coldestAt(thin, minute + 1 / 6) - least)).toBeLessThan(0.012);
    }
  });

  it('behind what was looked at it goes on as it must', () => {
    const end = warming.minutes.at(-1) ?? 0;
    const stepper = heatStepper(body);
    let minute = 0;
    for (; minute < end + 20; minute += 1 / 3) {
      const from = minute;
      stepper.step(20, (s) => riseAt(HOT, from + s / 60));
    }
    const least = stepper.state.cells.reduce((a, b) => Math.min(a, b), Infinity);
    expect(coldestAt(warming, minute)).toBeCloseTo(least, 2);
    expect(warmestAt(warming, minute)).toBeGreaterThan(coldestAt(warming, minute));
  });
});

const oven = (meanC: number, off: number): OvenHeat => ({
  meanC,
  coldC: meanC - off,
  hotC: meanC + off,
  isMeasured: off < 10,
});
const way = (mm: number): PartWarming => ({
  warming: warmThrough(bodyOf(ball(mm), mm / 8), HOT),
  coldest: '',
  warmest: '',
});
const WAYS = new Map([2, 6, 12, 20].map((mm) => [mm, way(mm)] as const));
const windowOf = (mm: number, heat: OvenHeat, over: Partial<Parameters<typeof partWindow>[1]> = {}) =>
  partWindow(WAYS.get(mm) ?? way(mm), {
    part: `ball ${mm}`,
    regions: null,
    handleC: 40,
    ovenLagMin: 18,
    oven: heat,
    roomC: ROOM,
    rules: RULES,
    like: [],
    spent: 0,
    had: 0,
    firmMin: null,
    ...over,
  });

describe('the window of a part', () => {
  const sizes = [...WAYS.keys()];
  const heats = fc.double({ min: 118, max: 150, noNaN: true });

  it('opens later the thicker it is and the colder the oven, and closes sooner the hotter (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: sizes.length - 2 }),
        heats,
        fc.double({ min: 0.1, max: 12, noNaN: true }),
        (i, c, by) => {
          const [thin, thick] = [sizes[i] ?? 2, sizes[i + 1] ?? 6];
          const never = LONGEST + 1;
          const from = (mm: number, heat: OvenHeat) => windowOf(mm, heat).fromMin ?? never;
          expect(from(thick, oven(c, 0))).toBeGreaterThanOrEqual(from(thin, oven(c, 0)));
          expect(from(thin, oven(c + by, 0))).toBeLessThanOrEqual(from(thin, oven(c, 0)) + 1e-9);
          expect(windowOf(thin, oven(c + by, 0)).toMin).toBeLessThanOrEqual(
            windowOf(thin, oven(c, 0)).toMin + 1e-9,
          );
          // The less is known of an oven the narrower is what is safe in it.
          const [sure, unsure] = [windowOf(thin, oven(c, 2)), windowOf(thin, oven(c, 2 + by))];
          expect(unsure.fromMin ?? never).toBeGreaterThanOrEqual((sure.fromMin ?? never) - 1e-9);
          expect(unsure.toMin).toBeLessThanOrEqual(sure.toMin + 1e-9);
        },
      ),
      { seed: 161, numRuns: 60 },
    );
  });

  it('whatever the dial’s error was, a like bake that browned closes it before its minutes, one that came well opens it', () => {
    for (const off of [4, 15]) {
      const like: LikeBake[] = [
        { entry: 'a', temperatureC: 130, minutes: 14, outcome: 'scorched' },
        { entry: 'b', temperatureC: 130, minutes: 7, outcome: 'good' },
      ];
      const { fromMin, toMin, levels } = windowOf(2, oven(130, off), { like });
      expect(toMin).toBeLessThan(13.5);
      expect(toMin).toBeGreaterThan(11.5);
      expect(fromMin).toBeCloseTo(7, 1);
      expect(levels).toMatchObject({ brownBy: 'a', cureBy: 'b' });
    }
    const soft: LikeBake = { entry: 'c', temperatureC: 130, minutes: 40, outcome: 'under-baked' };
    expect(windowOf(2, oven(130, 4), { like: [soft] }).fromMin ?? 0).toBeGreaterThan(40);
  });

  it('what earlier bakes browned is not there any more; what they cured opens it at once', () => {
    const [fresh, used] = [windowOf(6, oven(130, 4)), windowOf(6, oven(130, 4), { spent: 0.5 })];
    expect(used.toMin).toBeLessThan(0.6 * fresh.toMin);
    expect(windowOf(6, oven(130, 4), { had: 1 }).fromMin).toBe(0);
    expect(windowOf(20, oven(130, 4), { firmMin: 10 }).fromMin).toBe(10);
  });
});

describe('how long it takes to cool', () => {
  it.each([
    ['ajar', 12],
    ['ajar', 25],
    ['out', 25],
  ] as const)('%s, a ball of %i mm: near what heat worked through it says', (cooling, mm) => {
    const body = bodyOf(ball(mm), mm / 10);
    const rates = { warmUpMin: 6, doorDropC: 20, doorBackMin: 2, swingEveryMin: 7, ajarMin: 18 };
    const oven: OvenRun = {
      dialC: 130,
      errorC: 0,
      swingC: 0,
      roomC: ROOM,
      preheated: true,
      holdMin: 90,
      rates,
      cooling,
    };
    const rules = { setC: 130, topC: 135, withinC: 5, minutes: 10, scorchC: 150, handleC: 40 };
    const run = simulateBake(body, oven, rules, { untilMin: 300 });
    const worked = (run?.handleMin ?? 0) - 90;
    const found = coolsIn(warmThrough(body, HOT), 130 - ROOM, 40 - ROOM, cooling === 'ajar' ? 18 : 0);
    expect(Math.abs(found / worked - 1)).toBeLessThan(0.2);
  });
});

describe('the window of a load', () => {
  it('is what its parts share, with a margin that never passes its middle', () => {
    const parts = [windowOf(20, oven(130, 4)), windowOf(6, oven(130, 4))];
    const load = loadWindow(parts, 0.1);
    expect(load?.fromMin).toBe(parts[0]?.fromMin);
    expect(load?.toMin).toBe(Math.min(...parts.map(({ toMin }) => toMin)));
    expect(load?.adviseMin).toBeGreaterThanOrEqual(load?.fromMin ?? Infinity);
    expect(load?.adviseMin).toBeLessThanOrEqual((load?.toMin ?? 0) + 1);
    expect(load?.slowest.part).toBe('ball 20');
  });

  it('without a minute that suits all of it the least harm is still one minute', () => {
    const burned: LikeBake = { entry: 'a', temperatureC: 130, minutes: 10, outcome: 'scorched' };
    const parts = [windowOf(20, oven(130, 4)), windowOf(2, oven(130, 4), { like: [burned] })];
    const load = loadWindow(parts, 0.1);
    expect(load?.isOpen).toBe(false);
    expect(load?.quickest.part).toBe('ball 2');
    expect(load?.adviseMin).toBeGreaterThan(9);
    expect(load?.adviseMin).toBeLessThan(parts[0]?.fromMin ?? 0);
    expect(loadWindow([], 0.1)).toBeNull();
  });
});
