import { describe, expect, it } from 'vitest';
import { bakeStage, clockText, type RunningBake, readRunningBake, withReading } from './index.ts';

const bake: RunningBake = {
  pieceId: 'p',
  pieceName: 'P',
  part: null,
  what: 'everything',
  dialC: 130,
  holdMin: 30,
  coolMin: 40,
  warmMin: null,
  thicknessMm: 9,
  speed: 1,
  followsProbe: false,
  endFollows: false,
  regions: null,
  probe: null,
  early: [],
  startedAt: '2026-11-26T10:00:00.000Z',
  outAt: null,
};
const at = (clock: string) => Date.parse(`2026-11-26T${clock}:00.000Z`);

describe('a running bake, by the clock', () => {
  it('counts down, goes over, cools and is cool', () => {
    expect(bakeStage(bake, at('10:10'))).toEqual({ stage: 'in', ms: 20 * 60_000, heldMin: 10 });
    expect(bakeStage(bake, at('10:33'))).toEqual({ stage: 'over', ms: 3 * 60_000, heldMin: 33 });
    const out = { ...bake, outAt: '2026-11-26T10:32:00.000Z' };
    expect(bakeStage(out, at('10:42'))).toEqual({ stage: 'cooling', ms: 30 * 60_000, heldMin: 32 });
    expect(bakeStage(out, at('11:30'))).toEqual({ stage: 'cool', ms: 18 * 60_000, heldMin: 32 });
  });

  it('a laptop asleep over the end finds it over by as much', () => {
    expect(bakeStage(bake, at('12:30')).ms).toBe(120 * 60_000);
  });

  it('a clock set back shows no time before it went in', () => {
    expect(bakeStage(bake, at('09:00')).heldMin).toBe(0);
  });

  it('reads like a clock', () => {
    expect(clockText(725_000)).toBe('12:05');
    expect(clockText(3_725_400)).toBe('1:02:05');
    expect(clockText(-5)).toBe('0:00');
  });

  it('what was kept is read back; what is none is not taken for one', () => {
    expect(readRunningBake(JSON.parse(JSON.stringify(bake)))).toEqual(bake);
    for (const bad of [
      null,
      undefined,
      4,
      {},
      { ...bake, startedAt: 'yesterday' },
      { ...bake, holdMin: 'long' },
      { ...bake, outAt: 7 },
    ])
      expect(readRunningBake(bad)).toBeNull();
  });

  it('sped up, sixty minutes go by in one', () => {
    const fast = { ...bake, speed: 60 };
    expect(bakeStage(fast, Date.parse('2026-11-26T10:00:20.000Z'))).toEqual({
      stage: 'in',
      ms: 10 * 60_000,
      heldMin: 20,
    });
  });

  it('takes what its thermometer shows, in the order of time, by its own clock', () => {
    const one = withReading({ ...bake, speed: 60 }, '2026-11-26T10:00:05.000Z', 120);
    expect(one.probe).toEqual({ minutes: [5], airC: [120] });
    const two = withReading(one, '2026-11-26T10:00:06.000Z', 124);
    expect(two.probe?.minutes).toEqual([5, 6]);
    // Too near, from before it went in, going back: nothing is changed.
    for (const at of [
      '2026-11-26T10:00:06.100Z',
      '2026-11-26T09:59:00.000Z',
      '2026-11-26T10:00:02.000Z',
      'never',
    ])
      expect(withReading(two, at, 99)).toBe(two);
    const out = { ...two, outAt: '2026-11-26T10:00:07.000Z' };
    expect(withReading(out, '2026-11-26T10:00:09.000Z', 99)).toBe(out);
  });

  it('one that an older version kept is read, a broken trace is let go of', () => {
    const {
      speed: _speed,
      warmMin: _warm,
      followsProbe: _follows,
      probe: _probe,
      endFollows: _end,
      regions: _regions,
      ...old
    } = bake;
    expect(readRunningBake(old)).toEqual(bake);
    expect(readRunningBake({ ...bake, probe: { minutes: [1, 2], airC: ['hot'] } })?.probe).toBeNull();
    const probe = { minutes: [1, 2], airC: [100, 110] };
    expect(readRunningBake(JSON.parse(JSON.stringify({ ...bake, probe })))?.probe).toEqual(probe);
  });
});
