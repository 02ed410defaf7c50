import { describe, expect, it } from 'vitest';
import { type Aid, DEFAULT_AID, DEFAULT_STEP, type RouteStep, type StepKind } from '../piece/index.ts';
import { aidSpan, isOnAt, judgeAid } from './index.ts';

const step = (id: string, kind: StepKind, over: Partial<RouteStep> = {}): RouteStep => ({
  ...DEFAULT_STEP,
  id,
  kind,
  title: id,
  parts: [],
  regions: [],
  needs: [],
  ...over,
});
const STEPS = [step('lay', 'skin'), step('mark', 'detail'), step('oven', 'bake'), step('paint', 'coat')];
const aid = (over: Partial<Aid>): Aid => ({ ...DEFAULT_AID, id: 'aid', name: 'aid', ...over });

describe('aids for a while', () => {
  it('are there from the step they are put on before to the one they are taken off before', () => {
    expect(aidSpan(aid({}), STEPS)).toEqual([0, 4]);
    const some = aid({ on: 'mark', off: 'paint' });
    expect(STEPS.map((_, at) => isOnAt(some, STEPS, at))).toEqual([false, true, true, false]);
    // A step that has gone is no reason to lose the aid.
    expect(aidSpan(aid({ on: 'gone', off: 'gone' }), STEPS)).toEqual([0, 4]);
  });

  it('help the parts they are named for, and none of the others', () => {
    const steps = [
      step('a', 'skin', { parts: ['one' as never] }),
      step('b', 'skin', { parts: ['two' as never] }),
    ];
    const one = aid({ parts: ['one' as never] });
    expect([isOnAt(one, steps, 0), isOnAt(one, steps, 1)]).toEqual([true, false]);
  });

  it('taken off before they are put on is a stop, with a way out', () => {
    const judged = judgeAid(aid({ on: 'paint', off: 'lay' }), STEPS);
    expect(judged.level).toBe('stop');
    expect(judged.waysOut[0]?.change).toEqual({ path: ['aids', 'aid', 'off'], value: '' });
  });

  it('raw clay sticks to a baked part with nothing between; powder, or foil through the oven, mends it', () => {
    const sticks = judgeAid(aid({ kind: 'baked-part', off: 'paint' }), STEPS);
    expect(sticks).toMatchObject({ level: 'doubtful', says: 'raw clay sticks to it at “lay”' });
    for (const { change } of sticks.waysOut) {
      const mended = aid({ kind: 'baked-part', off: 'paint', separator: change?.value as Aid['separator'] });
      expect(judgeAid(mended, STEPS).level).toBe('good');
    }
    // A former of foil needs nothing.
    expect(judgeAid(aid({ kind: 'foil-former', off: 'paint' }), STEPS).level).toBe('good');
  });

  it('kitchen film does not go through a bake', () => {
    expect(judgeAid(aid({ kind: 'mat', separator: 'film', off: 'paint' }), STEPS).level).toBe('stop');
    expect(judgeAid(aid({ kind: 'mat', separator: 'film', off: 'oven' }), STEPS).level).toBe('good');
  });
});
