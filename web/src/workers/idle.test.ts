import { afterEach, describe, expect, it, vi } from 'vitest';

/** Workers that only remember whether they were ended. */
function fakeWorkers() {
  const made: { isEnded: boolean; onmessage: unknown }[] = [];
  class FakeWorker {
    isEnded = false;
    onmessage: unknown = null;
    constructor() {
      made.push(this);
    }
    terminate(): void {
      this.isEnded = true;
    }
  }
  vi.stubGlobal('Worker', FakeWorker);
  return made;
}

/** Anew for each test: which workers wait is known to the module alone. */
async function fresh() {
  vi.resetModules();
  return import('./idle.ts');
}

afterEach(() => vi.unstubAllGlobals());

describe('workers between two questions', () => {
  it('one that has answered takes the next question of its kind, with what it has built', async () => {
    const made = fakeWorkers();
    const { takeWorker, leaveWorker } = await fresh();
    const first = takeWorker('solid');
    leaveWorker('solid', first, true);
    expect(takeWorker('solid')).toBe(first);
    expect(made).toHaveLength(1);
    expect(takeWorker('bake')).not.toBe(first);
  });

  it('is nobody else’s while it is taken', async () => {
    fakeWorkers();
    const { takeWorker } = await fresh();
    expect(takeWorker('solid')).not.toBe(takeWorker('solid'));
  });

  it('one that is still at work on what nobody waits for is ended', async () => {
    const made = fakeWorkers();
    const { takeWorker, leaveWorker } = await fresh();
    leaveWorker('thickness', takeWorker('thickness'), false);
    expect(made[0]?.isEnded).toBe(true);
    takeWorker('thickness');
    expect(made).toHaveLength(2);
  });

  it('only one of a kind waits, and what it would still say is not heard', async () => {
    const made = fakeWorkers();
    const { takeWorker, leaveWorker } = await fresh();
    const [one, other] = [takeWorker('bake'), takeWorker('bake')];
    one.onmessage = () => undefined;
    leaveWorker('bake', one, true);
    leaveWorker('bake', other, true);
    expect(made.map(({ isEnded }) => isEnded)).toEqual([false, true]);
    expect(one.onmessage).toBeNull();
  });
});
