import { describe, expect, it } from 'vitest';
import { lowWaterFerry, tollFrogs } from '../../demo/index.ts';
import { makeShapeStore, PLAIN } from '../../form/index.ts';
import { DEFAULT_REGION, type Piece, setAt } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { judgeHistory, passAsks } from '../plan/index.ts';
import {
  type BakeAsk,
  bakeAsk,
  bakeGrid,
  bakeHistory,
  bodyOn,
  dialFor,
  heldC,
  onlyRegions,
  ovenAt,
  ovenRates,
  type ProbeTrace,
  simulateBake,
  traceAt,
} from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const ferry = lowWaterFerry(NOW);
const WAY = {
  air: 'still',
  under: 'tile',
  preheated: true,
  cooling: 'ajar',
  dialC: 124,
  holdMin: null,
} as const;

function askedOf(id: string) {
  const { context, bulk } = found(ferry, id);
  return [context, bulk] as const;
}

function found(piece: Piece, id: string) {
  const reckoned = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const [context, bulk] = [reckoned.contexts.get(id), reckoned.bulk.get(id)];
  if (!context || !bulk) throw new Error(`${id} is not of clay`);
  const ofLoads = reckoned.book.get(`${id}/bake.minutes`)?.verdict;
  return { context, bulk, plan: reckoned.plan, ofLoads };
}

/** The goose in two passes: body first, then the head. */
const inPasses = setAt(
  ferry,
  ['parts', 'goose', 'regions'],
  [{ ...DEFAULT_REGION, region: 'head', pass: 2 }],
);

describe('bakes one after the other', () => {
  const { context, bulk, plan } = found(inPasses, 'goose');
  const passes = passAsks(context, bulk, plan, 2);
  const history = bakeHistory(context.shape, passes);
  if (!history) throw new Error('no history');

  it('follow the route: a short bake before more clay goes on, the final bake last', () => {
    expect(passes.map(({ id }) => id)).toEqual(['bake-1', 'bake-full']);
    const minutes = plan.flatMap(({ loads }) =>
      loads.filter(({ parts }) => parts.some(({ part }) => part === 'goose')).map((load) => load.minutes),
    );
    expect(passes.map(({ ask }) => ask.oven.holdMin)).toEqual(minutes);
    expect(minutes[0]).toBe(10);
    expect(passes[0]?.ask.regions).not.toContain('head');
  });

  it('each at the heat that all in it cure at, less the error of the dial', () => {
    // Everything from 130 °C, in an oven 8 °C hotter than its dial.
    expect(passes.map(({ ask }) => ask.oven.dialC)).toEqual([122, 122]);
    const frogs = reckonPiece(tollFrogs(NOW), { shapes, workshopOwn: {}, now: NOW });
    const dials = frogs.bakes.flatMap(({ parts }) => {
      const dial = dialFor(
        parts.map(({ part }) => part),
        (part, key) => frogs.book.get(`${part}/${key}`),
        {},
      );
      return dial === null ? [] : [dial];
    });
    // The teeth are baked ahead, by themselves.
    expect(dials).toEqual([130, 130, 110]);
  });

  it('a region that is not there yet goes through no bake', () => {
    const head = history.regions.find(({ region }) => region === 'head');
    expect(head?.bakes.map(({ id }) => id)).toEqual(['bake-full']);
  });

  it('short bakes cure nothing thick; the final bake reaches everything, by its own run', () => {
    expect(history.lastCures).toBe(1);
    for (const { region, curedBy } of history.regions) expect(curedBy, region).not.toBeNull();
    const body = history.regions.find(({ region }) => region !== 'head');
    expect(body?.bakes[0]?.cured).toBeLessThan(0.5);
    expect(body?.curedBy).toBe('bake-full');
  });

  it('minutes and peaks add up over the bakes', () => {
    for (const { bakes: own, totalMin, peakC } of history.regions) {
      expect(totalMin).toBeCloseTo(
        own.reduce((sum, { meanMin }) => sum + meanMin, 0),
        6,
      );
      expect(peakC).toBe(Math.max(...own.map((bake) => bake.peakC)));
    }
  });

  it('a last bake too short leaves clay raw, and says so with a way out', () => {
    const short = bakeHistory(
      context.shape,
      passes.map((pass) => ({ ...pass, ask: { ...pass.ask, oven: { ...pass.ask.oven, holdMin: 10 } } })),
    );
    const raw = short?.regions.find(({ curedBy }) => curedBy === null);
    expect(short?.lastCures).toBeLessThan(1);
    if (!raw) throw new Error('all cured');
    // What is said of it is what the loads say that it goes in with.
    const solo = found(setAt(inPasses, ['oven', 'holdMin'], 10), 'goose');
    const verdict = judgeHistory(solo.context, solo.bulk, raw, solo.ofLoads);
    expect(verdict).toMatchObject({ level: 'stop', says: expect.stringMatching(/% cured/) });
    expect(verdict.waysOut.length).toBeGreaterThan(0);
  });

  it('pale clay that sees much heat may yellow; dark clay is not asked', () => {
    const region = { region: 'head', bakes: [], totalMin: 200, peakC: 133, curedBy: 'bake-full' };
    const pale = setAt(inPasses, ['clays', 'neutral', 'colour'], '#f4f0e4');
    const of = (piece: Piece) => {
      const one = found(piece, 'goose');
      return judgeHistory(one.context, one.bulk, region, one.ofLoads).level;
    };
    expect(of(pale)).toBe('doubtful');
    expect(of(setAt(inPasses, ['clays', 'neutral', 'colour'], '#40382f'))).toBe('good');
  });

  it('a bake with no clay is refused with the name of the bake', () => {
    expect(() =>
      bakeHistory(
        context.shape,
        passes.map((pass) => ({ ...pass, ask: { ...pass.ask, regions: [] } })),
      ),
    ).toThrow(/there is no clay on it yet/);
  });

  it('is ended when asked', () => {
    expect(bakeHistory(context.shape, passes, () => true)).toBeNull();
  });
});

describe('a body with some regions left away', () => {
  const block = (name: string, xMm: number) => ({
    name,
    form: { kind: 'block', widthMm: 12, heightMm: 12, depthMm: 12 },
    xMm,
    yMm: 0,
    zMm: 0,
    turnDeg: 0,
    tipDeg: 0,
    leanDeg: 0,
    cut: false,
  });
  const ask = {
    ...(bakeAsk(...askedOf('goose'), WAY) as BakeAsk),
    shrink: 1,
    cellMm: 1,
    core: null,
    under: null,
  };

  it('is as the rest by itself: volume, and what its surface takes from the air (half of two blocks)', () => {
    const two = shapes.shapeOf(
      { kind: 'built', pieces: [block('left', -6), block('right', 6)] } as never,
      PLAIN,
    );
    const one = shapes.shapeOf({ kind: 'block', widthMm: 12, heightMm: 12, depthMm: 12 } as never, PLAIN);
    const left = two.regions.indexOf('left') + 1;
    const half = bodyOn(
      onlyRegions(bakeGrid(two, ask), (owner) => owner === left),
      ask,
    );
    const alone = bodyOn(bakeGrid(one, ask), ask);
    const air = (body: typeof half) =>
      body.outer.reduce((sum, rate, i) => sum + rate * (body.capacity[i] ?? 0), 0);
    const heat = (body: typeof half) => body.capacity.reduce((sum, c) => sum + c, 0);
    expect(Math.abs(heat(half) / heat(alone) - 1)).toBeLessThan(0.06);
    expect(Math.abs(air(half) / air(alone) - 1)).toBeLessThan(0.06);
    const whole = bodyOn(bakeGrid(two, ask), ask);
    expect(air(half)).toBeGreaterThan(0.55 * air(whole));
  });
});

describe('an oven as its thermometer shows it', () => {
  const trace: ProbeTrace = { minutes: [0, 2, 4, 10, 20], airC: [60, 100, 120, 144, 146] };
  const run = { ...WAY, dialC: 130, errorC: 0, swingC: 10, roomC: 21, rates: ovenRates({}), trace };

  it('is straight between readings and holds as it held', () => {
    expect(traceAt(trace, 3)).toBe(110);
    expect(traceAt(trace, -1)).toBe(60);
    expect(traceAt(trace, 21)).toBeNull();
    expect(ovenAt(run, 15)).toBeCloseTo(145, 6);
    // The mean of the last minutes, 10 to 20: 145.
    expect(heldC(trace)).toBeCloseTo(145, 1);
    expect(ovenAt(run, 40)).toBeCloseTo(145, 1);
  });

  it('one reading tells nothing of where it holds', () => {
    expect(heldC({ minutes: [3], airC: [80] })).toBeNull();
    expect(ovenAt({ ...run, trace: { minutes: [], airC: [] } }, 60)).toBeCloseTo(130, -1.2);
  });

  it('an oven that reads 15 °C low takes longer, one that reads 15 °C high is out sooner', () => {
    const { context, bulk } = found(ferry, 'lantern');
    const ask = bakeAsk(context, bulk, { ...WAY, dialC: 130 }, 2) as BakeAsk;
    const body = bodyOn(bakeGrid(context.shape, ask), ask);
    const cured = (airC: number) =>
      simulateBake(
        body,
        { ...ask.oven, swingC: 0, errorC: 0, trace: { minutes: [0, 5, 60], airC: [airC, airC, airC] } },
        ask.rules,
        { untilMin: 240 },
      )?.curedMin;
    const [low, right, high] = [cured(127), cured(132), cured(147)];
    expect(right).toBeGreaterThan((high ?? 0) + 1);
    expect(low).toBeGreaterThan((right ?? 0) + 1);
  });
});
