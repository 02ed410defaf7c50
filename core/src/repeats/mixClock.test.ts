import { describe, expect, it } from 'vitest';
import { batchesOf, bySoonest, MOST_MIXES, mixStage, type RunningMix, readRunningMixes } from './mixClock.ts';

const AT = Date.parse('2026-05-01T09:00:00Z');
/** Mould putty: 3 min to place it, 25 to set (common practice). */
const PUTTY: RunningMix = {
  id: 'mix-1',
  pieceId: 'p',
  kind: 'mix',
  what: 'Mug mould',
  placesMin: 3,
  setsMin: 25,
  startedAt: '2026-05-01T09:00:00Z',
  speed: 1,
};

describe('the clock of a mix', () => {
  it('putty can be worked for 3 min and is set after 25, by the clock alone', () => {
    const at = (minutes: number) => mixStage(PUTTY, AT + minutes * 60_000);
    expect(at(0)).toEqual({ stage: 'work', ms: 180_000 });
    expect(at(2.5)).toEqual({ stage: 'work', ms: 30_000 });
    expect(at(3)).toEqual({ stage: 'sets', ms: 22 * 60_000 });
    expect(at(26)).toEqual({ stage: 'set', ms: 60_000 });
    // A clock that was put back has not begun yet.
    expect(at(-5)).toEqual({ stage: 'work', ms: 180_000 });
    expect(mixStage({ ...PUTTY, speed: 60 }, AT + 4000)).toMatchObject({ stage: 'sets' });
  });

  it('what was kept is read again; what is no clock is passed over, and there are never too many', () => {
    const kept: unknown = JSON.parse(
      JSON.stringify([PUTTY, null, 7, { ...PUTTY, setsMin: -1 }, { ...PUTTY, startedAt: 'soon' }]),
    );
    expect(readRunningMixes(kept)).toEqual([PUTTY]);
    expect(readRunningMixes('none')).toEqual([]);
    expect(readRunningMixes(Array.from({ length: 40 }, () => PUTTY))).toHaveLength(MOST_MIXES);
  });

  it('a coat only dries, and clocks stand in the order in which they are free', () => {
    const coat: RunningMix = { ...PUTTY, id: 'coat', kind: 'dry', placesMin: 0, setsMin: 45 };
    expect(mixStage(coat, AT)).toEqual({ stage: 'sets', ms: 45 * 60_000 });
    expect(mixStage(coat, AT + 46 * 60_000).stage).toBe('set');
    const order = (minutes: number) => bySoonest([coat, PUTTY], AT + minutes * 60_000).map(({ id }) => id);
    expect(order(1)).toEqual(['mix-1', 'coat']);
    expect(order(30)).toEqual(['coat', 'mix-1']);
    // Kept before there were coats among them, a clock is that of a mix; a mix has time to be worked.
    const { kind: _, ...before } = PUTTY;
    expect(readRunningMixes([coat, before])).toEqual([coat, PUTTY]);
    expect(readRunningMixes([{ ...PUTTY, placesMin: 0 }])).toEqual([]);
  });

  it('all of a batch is placed while it can be worked', () => {
    expect(batchesOf(8, 3, 45)).toEqual({ perMix: 4, mixes: 2 });
    expect(batchesOf(9, 3, 45)).toEqual({ perMix: 4, mixes: 3 });
    expect(() => batchesOf(2, 3, 200)).toThrow(/too short to place one/);
    expect(() => batchesOf(2, 3, 0)).toThrow(/too short/);
  });
});
