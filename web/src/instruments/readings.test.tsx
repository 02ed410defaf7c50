// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LengthField } from '../parts/LengthField.tsx';
import { NumberField } from '../parts/NumberField.tsx';
import { store } from '../state/store.ts';
import { workshopChanged } from '../state/workshopSlice.ts';
import { RUNNING_BAKE } from '../testing/runningBake.ts';
import { askOven } from './oven.ts';
import { parseProbe, parseReading, useReadings } from './useReadings.ts';

const said = vi.hoisted(() => vi.fn());
vi.mock('sonner', () => ({ toast: said }));

/** A stream that the test speaks into. */
class Stream extends EventTarget {
  static readonly CLOSED = 2;
  static opened: Stream[] = [];
  readyState = 1;
  constructor(readonly url: string) {
    super();
    Stream.opened.push(this);
  }
  say(kind: string, data?: unknown): void {
    this.dispatchEvent(new MessageEvent(kind, { data: JSON.stringify(data) }));
  }
  close(): void {
    this.readyState = Stream.CLOSED;
  }
}
const stream = () => Stream.opened.at(-1) ?? expect.fail('no stream');

function Bench() {
  useReadings();
  const [mm, setMm] = useState<number | null>(null);
  const [grams, setGrams] = useState<number | null>(null);
  const [count, setCount] = useState<number | null>(null);
  return (
    <>
      <LengthField label="Across" shown={mm === null ? '' : String(mm)} unit="mm" onLength={setMm} />
      <NumberField label="Weighs" value={grams} after="g" onNumber={setGrams} />
      <NumberField label="How many" whole value={count} onNumber={setCount} />
    </>
  );
}
const box = (name: string) => screen.getByLabelText<HTMLInputElement>(name);
const read = (instrument: string, value: number, unit: string) =>
  act(() => stream().say('reading', { instrument, value, unit }));

beforeEach(() => {
  Stream.opened = [];
  vi.stubGlobal('EventSource', Stream);
  render(
    <Provider store={store}>
      <Bench />
    </Provider>,
  );
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
  said.mockClear();
  localStorage.clear();
  store.dispatch(workshopChanged({ bake: null }));
});

describe('readings of the bench', () => {
  it('go into the field that has the cursor, as if typed', () => {
    box('Across').focus();
    read('caliper', 12.34, 'mm');
    expect(box('Across').value).toBe('12.34 mm');
    act(() => box('Weighs').focus());
    read('balance', 7.5, 'g');
    expect(box('Weighs').value).toBe('7.5');
    expect(box('Across').value).toBe('12.34');
  });

  it('of another kind are not taken, and it is said which the field takes', () => {
    box('Across').focus();
    read('balance', 7.5, 'g');
    expect(box('Across').value).toBe('');
    expect(said).toHaveBeenCalledWith('“Across” takes mm; the balance reads 7.5 g');
  });

  it('are not counts: a field of how many takes none', () => {
    box('How many').focus();
    read('caliper', 3, 'mm');
    expect(box('How many').value).toBe('');
    expect(said).toHaveBeenCalledWith(expect.stringContaining('put the cursor in a field'));
  });

  it('without a cursor anywhere go nowhere, and it is said', () => {
    read('thermometer', 131, '°C');
    expect(said).toHaveBeenCalledWith('The thermometer reads 131 °C: put the cursor in a field to take it');
  });

  it('of a page that is not looked at go to the one that is', () => {
    box('Across').focus();
    localStorage.setItem('takes readings', 'another page');
    read('caliper', 12, 'mm');
    expect(box('Across').value).toBe('');
    fireEvent.focusIn(box('Across'));
    read('caliper', 12, 'mm');
    expect(box('Across').value).toBe('12 mm');
  });

  it('that are cut off or nonsense are passed over', () => {
    for (const line of [
      '',
      '{',
      'null',
      '[]',
      '{"instrument":"caliper","value":"12","unit":"mm"}',
      '{"value":1e999}',
    ])
      expect(parseReading(line)).toBeNull();
    expect(parseReading('{"instrument":"caliper","value":12,"unit":"mm"}')).toMatchObject({ value: 12 });
    expect(parseProbe('{"at":"2026-05-01T09:00:00Z","value":131.5}')).toMatchObject({ value: 131.5 });
    for (const line of ['{', '{"at":1,"value":2}', '{"at":"x"}']) expect(parseProbe(line)).toBeNull();
  });
});

describe('the stream of readings', () => {
  it('says when there is a bench, and when it has gone', () => {
    act(() => stream().say('open'));
    expect(store.getState().session.instruments).toBe(true);
    act(() => stream().say('error'));
    expect(store.getState().session.instruments).toBe(false);
  });

  it('that was given up is opened again, later each time, and not while the browser tries by itself', () => {
    vi.useFakeTimers();
    act(() => stream().say('error'));
    vi.advanceTimersByTime(120_000);
    expect(Stream.opened).toHaveLength(1);
    const waits: number[] = [];
    for (let i = 0; i < 3; i += 1) {
      const count = Stream.opened.length;
      stream().close();
      act(() => stream().say('error'));
      let ms = 0;
      while (Stream.opened.length === count && ms < 200_000) {
        vi.advanceTimersByTime(500);
        ms += 500;
      }
      waits.push(ms);
    }
    expect(waits[1]).toBeGreaterThan(waits[0] ?? 0);
    expect(waits[2]).toBeGreaterThan(waits[1] ?? 0);
  });

  it('a probe is heard only by a bake that follows one', () => {
    const bake = RUNNING_BAKE;
    store.dispatch(workshopChanged({ bake }));
    fireEvent.focusIn(box('Across'));
    act(() => stream().say('probe', { at: '2026-05-01T09:01:00Z', value: 96 }));
    expect(store.getState().workshop.bake?.probe).toBeNull();
    store.dispatch(workshopChanged({ bake: { ...bake, followsProbe: true } }));
    act(() => stream().say('probe', { at: '2026-05-01T09:01:00Z', value: 96 }));
    expect(store.getState().workshop.bake?.probe).not.toBeNull();
  });
});

describe('the bench’s oven', () => {
  it('is asked in one message, and what it says against it is the error', async () => {
    const set = { on: true, dialC: 130, errorC: 0, swingC: 10, speed: 1 };
    const fetched = vi.fn().mockResolvedValueOnce(Response.json(set));
    vi.stubGlobal('fetch', fetched);
    expect(await askOven({ on: true, dialC: 130 })).toEqual(set);
    expect(JSON.parse(fetched.mock.calls[0]?.[1].body)).toEqual({ on: true, dialC: 130 });
    fetched.mockResolvedValueOnce(Response.json({ says: 'the dial goes to 250 °C' }, { status: 400 }));
    await expect(askOven({ dialC: 900 })).rejects.toThrow('the dial goes to 250 °C');
  });
});
