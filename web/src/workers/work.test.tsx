// @vitest-environment happy-dom
import type { Form } from '@every-inch/core/form';
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

/** A worker that answers what the test has it answer. */
class Bench extends EventTarget {
  static made: Bench[] = [];
  onmessage: ((event: MessageEvent) => void) | null = null;
  onerror: ((event: ErrorEvent) => void) | null = null;
  readonly asked: { readonly id: number; readonly kind: string }[] = [];
  isEnded = false;
  constructor() {
    super();
    Bench.made.push(this);
  }
  postMessage(question: { id: number; kind: string }): void {
    this.asked.push(question);
  }
  terminate(): void {
    this.isEnded = true;
  }
  answer(data: object): void {
    act(() => this.onmessage?.(new MessageEvent('message', { data })));
  }
  breakOff(message: string): void {
    act(() => this.onerror?.(new ErrorEvent('error', { message })));
  }
}
const last = () => Bench.made.at(-1) ?? expect.fail('no worker');
const lastId = () => last().asked.at(-1)?.id ?? expect.fail('nothing was asked');

const HEROIC = { head: 1, hands: 1 };
const ball = (diameterMm: number): Form => ({ kind: 'ball', diameterMm });
const BALL = ball(30);
const SIDE = { right: [1, 0, 0], up: [0, 1, 0] } as const;
const solid = (id: number, step: number, of = 3) => ({ kind: 'solid', id, step, of });

let askFile: typeof import('./useSolid.ts').askFile;
let useSolid: typeof import('./useSolid.ts').useSolid;
let useThickness: typeof import('./useThickness.ts').useThickness;
beforeEach(async () => {
  // Anew for each test: which workers wait is known to the module alone.
  vi.resetModules();
  ({ askFile, useSolid } = await import('./useSolid.ts'));
  ({ useThickness } = await import('./useThickness.ts'));
  Bench.made = [];
  vi.stubGlobal('Worker', Bench);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('the solid of a form', () => {
  it('comes coarse first and finer after, and is busy until the finest', () => {
    const { result } = renderHook(() => useSolid(BALL, HEROIC, null));
    expect(result.current).toMatchObject({ answer: null, isBusy: true });
    last().answer(solid(lastId(), 1));
    expect(result.current.answer).toMatchObject({ step: 1 });
    expect(result.current.isBusy).toBe(true);
    last().answer(solid(lastId(), 3));
    expect(result.current).toMatchObject({ answer: { step: 3 }, isBusy: false });
  });

  it('of a form that was changed since is not shown any more', () => {
    const { result, rerender } = renderHook(({ form }) => useSolid(form, HEROIC, null), {
      initialProps: { form: ball(10) },
    });
    const old = lastId();
    rerender({ form: ball(20) });
    last().answer(solid(old, 3));
    expect(result.current.answer).toBeNull();
    last().answer(solid(lastId(), 1));
    expect(result.current.answer).toMatchObject({ id: lastId() });
  });

  it('is not asked for again while nothing of it has changed', () => {
    const form = ball(10);
    const { rerender } = renderHook(() => useSolid(form, { ...HEROIC }, null));
    rerender();
    rerender();
    expect(last().asked).toHaveLength(1);
  });

  it('that cannot be built says why, and one that breaks off says so and is begun anew with the next form', () => {
    const { result, rerender } = renderHook(({ form }) => useSolid(form, HEROIC, null), {
      initialProps: { form: ball(10) },
    });
    last().answer({ kind: 'fault', id: lastId(), says: 'the form is open' });
    expect(result.current).toMatchObject({
      answer: { kind: 'fault', says: 'the form is open' },
      isBusy: false,
    });
    rerender({ form: ball(11) });
    const broken = last();
    broken.breakOff('out of memory');
    expect(result.current).toMatchObject({
      answer: { kind: 'fault', says: 'The solid broke off: out of memory' },
      isBusy: false,
    });
    expect(broken.isEnded).toBe(true);
    rerender({ form: ball(12) });
    expect(last()).not.toBe(broken);
    last().answer(solid(lastId(), 3));
    expect(result.current.answer).toMatchObject({ kind: 'solid' });
  });

  it('left half way is left at what there is, and its worker ended', () => {
    const { result } = renderHook(() => useSolid(BALL, HEROIC, null));
    const worker = last();
    worker.answer(solid(lastId(), 1));
    act(() => result.current.stop());
    expect(result.current).toMatchObject({ answer: { step: 1 }, isBusy: false });
    expect(worker.isEnded).toBe(true);
  });
});
describe('a file of a solid', () => {
  it('is one question and one answer', async () => {
    const file = askFile({ kind: 'seen', form: BALL, heroic: HEROIC, core: null, side: SIDE });
    last().answer({ kind: 'seen', outline: [] });
    expect(await file).toEqual({ kind: 'seen', outline: [] });
  });

  it('that breaks off is an error, and its worker is not asked again', async () => {
    const file = askFile({ kind: 'seen', form: BALL, heroic: HEROIC, core: null, side: SIDE });
    const broken = last();
    broken.breakOff('gone');
    await expect(file).rejects.toThrow('gone');
    expect(broken.isEnded).toBe(true);
  });
});
describe('the thickness of the clay', () => {
  const ask = { skinMm: 3 } as never;
  const draw = () =>
    renderHook(({ form }) => useThickness(form, HEROIC, ask, [1000, 8000]), { initialProps: { form: BALL } });

  it('shows the coarse map while the fine one is made, with how much of it is done', () => {
    const { result } = draw();
    last().answer({ kind: 'map', id: lastId(), isFinest: false, map: { at: 'coarse' } });
    expect(result.current).toMatchObject({ map: { at: 'coarse' }, share: 0, isBusy: true });
    last().answer({ kind: 'share', id: lastId(), share: 0.4 });
    expect(result.current.share).toBe(0.4);
    last().answer({ kind: 'map', id: lastId(), isFinest: true, map: { at: 'fine' } });
    expect(result.current).toMatchObject({ map: { at: 'fine' }, share: 1, isFinest: true, isBusy: false });
  });

  it('a change puts an end to the work on what was before', () => {
    const { result, rerender } = draw();
    const old = last();
    rerender({ form: ball(31) });
    expect(old.isEnded).toBe(true);
    expect(last()).not.toBe(old);
    last().answer({ kind: 'map', id: lastId(), isFinest: true, map: { at: 'new' } });
    expect(result.current.map).toEqual({ at: 'new' });
  });

  it('says why there is none, also when the look broke off', () => {
    const { result, rerender } = draw();
    last().answer({ kind: 'fault', id: lastId(), says: 'no clay' });
    expect(result.current).toMatchObject({ map: null, says: 'no clay', isBusy: false });
    rerender({ form: ball(32) });
    last().breakOff('gone');
    expect(result.current.says).toBe('The look through the clay broke off: gone');
    expect(result.current.isBusy).toBe(false);
  });

  it('is left where it is at a press', () => {
    const { result } = draw();
    last().answer({ kind: 'map', id: lastId(), isFinest: false, map: { at: 'coarse' } });
    act(() => result.current.stop());
    expect(result.current).toMatchObject({ map: { at: 'coarse' }, isFinest: false, isBusy: false });
  });
});
