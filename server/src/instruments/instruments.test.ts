import { Hono } from 'hono';
import { describe, expect, it } from 'vitest';
import { Feed, MOST_LISTENERS, MOST_QUEUED } from './feed.ts';
import { SimulatedOven } from './oven.ts';
import { instrumentRoutes } from './routes.ts';
import { HABITS, KINDS, readingOf } from './simulate.ts';

/** Even numbers of a fixed seed (a linear congruential generator, Numerical Recipes). */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

const bench = (feed = new Feed()) =>
  new Hono().route(
    '/instruments',
    instrumentRoutes({ random: seeded(7), now: () => new Date('2026-05-01T09:00:00Z'), feed }),
  );
const post = (app: Hono, kind: string, body: unknown, headers: Record<string, string> = {}) =>
  app.request(`http://localhost/instruments/${kind}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', ...headers },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
const reading = { instrument: 'caliper', value: 1, unit: 'mm', at: '2026-05-01T09:00:00Z' } as const;

describe('what instruments show', () => {
  it.each(KINDS)('%s: readings lie about the true value as its noise says, in its own steps', (kind) => {
    const { resolution, noise } = HABITS[kind];
    const random = seeded(11);
    const truth = 42.123;
    const all = Array.from({ length: 2000 }, () => readingOf(kind, truth, random));
    const mean = all.reduce((a, b) => a + b, 0) / all.length;
    const spread = Math.sqrt(all.reduce((sum, value) => sum + (value - mean) ** 2, 0) / all.length);
    expect(Math.abs(mean - truth)).toBeLessThan(resolution / 2);
    // Rounding to steps adds the spread of an even distribution of one step: resolution ÷ √12.
    expect(spread).toBeCloseTo(Math.hypot(noise, resolution / Math.sqrt(12)), 2);
    for (const value of all)
      expect(Math.abs(value / resolution - Math.round(value / resolution))).toBeLessThan(1e-6);
  });

  it('never beyond what it reaches', () => {
    expect(readingOf('caliper', -3, seeded(1))).toBe(0);
    expect(readingOf('caliper', 400, seeded(1))).toBe(150);
  });
});

describe('the feed', () => {
  it('keeps a slow listener’s last readings and lets the oldest go', async () => {
    const feed = new Feed();
    const slow = feed.listen(null);
    for (let i = 0; i < MOST_QUEUED + 10; i += 1) feed.publish(reading);
    expect((await slow?.next())?.seq).toBe(11);
  });

  it('gives one that comes back what it has missed, and no more than is kept', async () => {
    const feed = new Feed();
    for (let i = 0; i < 5; i += 1) feed.publish(reading);
    const back = feed.listen(3);
    expect([(await back?.next())?.seq, (await back?.next())?.seq]).toEqual([4, 5]);
  });

  it('lets in so many and no more; who leaves makes room, and waits for nothing', async () => {
    const feed = new Feed();
    const all = Array.from({ length: MOST_LISTENERS }, () => feed.listen(null));
    expect(feed.listen(null)).toBeNull();
    const waiting = all[0]?.next();
    all[0]?.leave();
    expect(await waiting).toBeNull();
    expect(feed.listen(null)).not.toBeNull();
  });
});

describe('the bench', () => {
  it('sends a reading to those who listen when the button is pressed', async () => {
    const app = bench();
    const stream = await app.request('http://localhost/instruments/events');
    expect(stream.headers.get('content-type')).toContain('text/event-stream');
    const reader = stream.body?.getReader();
    const sent = await (await post(app, 'caliper', { set: 31.7, press: true })).json();
    expect(Math.abs(sent.value - 31.7)).toBeLessThan(0.06);
    let text = '';
    while (!text.includes('event: reading')) {
      const { value } = (await reader?.read()) ?? {};
      text += new TextDecoder().decode(value);
    }
    await reader?.cancel();
    expect(text).toContain('retry: 2000');
    expect(JSON.parse(/^data: (.*)$/m.exec(text)?.[1] ?? '')).toEqual(sent);
    expect(text).toContain(`id: ${sent.seq}`);
  });

  it('answers only pages of its own', async () => {
    const app = bench();
    expect((await post(app, 'caliper', { press: true }, { Origin: 'http://elsewhere.test' })).status).toBe(
      403,
    );
    expect((await post(app, 'caliper', { press: true }, { 'Sec-Fetch-Site': 'cross-site' })).status).toBe(
      403,
    );
    expect((await post(app, 'caliper', { press: true }, { Origin: 'null' })).status).toBe(403);
    expect((await post(app, 'caliper', { press: true }, { Origin: 'http://localhost' })).status).toBe(200);
    expect(
      (
        await app.request('http://localhost/instruments/events', {
          headers: { Origin: 'http://elsewhere.test' },
        })
      ).status,
    ).toBe(403);
  });

  it.each([
    ['an instrument it has not', 'ruler', { press: true }, 404],
    ['a length beyond its jaws', 'caliper', { set: 900 }, 400],
    ['no number', 'caliper', { set: 'wide' }, 400],
    ['something unknown', 'balance', { tare: true }, 400],
    ['no JSON', 'balance', '{press', 400],
    ['a flood', 'balance', JSON.stringify({ press: true, set: 1, x: 'x'.repeat(5000) }), 413],
  ])('refuses %s and says why', async (_name, kind, body, status) => {
    const answer = await post(bench(), kind, body);
    expect(answer.status).toBe(status);
    expect((await answer.json()).says.length).toBeGreaterThan(10);
  });

  it('keeps nobody waiting when it is full', async () => {
    const feed = new Feed();
    for (let i = 0; i < MOST_LISTENERS; i += 1) feed.listen(null);
    expect((await bench(feed).request('http://localhost/instruments/events')).status).toBe(503);
  });
});

describe('the oven of the bench', () => {
  const minute = 60_000;
  /** Air at every half minute of its time. */
  function airOf(oven: SimulatedOven, from: number, minutes: number): number[] {
    return Array.from({ length: 2 * minutes }, (_, i) => {
      oven.advance(from + ((i + 1) / 2) * minute);
      return oven.airC;
    });
  }
  const heated = (errorC = 0) => {
    const oven = new SimulatedOven(0);
    oven.set({ on: true, dialC: 130, errorC, swingC: 6, speed: 1 }, 0);
    return { oven, air: airOf(oven, 0, 60) };
  };
  const mean = (list: number[]) => list.reduce((a, b) => a + b, 0) / list.length;

  it('overshoots as it heats, then swings by 5 to 15 °C about its heat (common practice)', () => {
    const { air } = heated();
    const steady = air.slice(60);
    expect(Math.max(...air)).toBeGreaterThan(Math.max(...steady) + 2);
    const swing = (Math.max(...steady) - Math.min(...steady)) / 2;
    expect(swing).toBeGreaterThan(5);
    expect(swing).toBeLessThan(15);
    expect(Math.abs(mean(steady) - 130)).toBeLessThan(6);
  });

  it('one that runs 15 °C hot holds 15 °C more', () => {
    const more = mean(heated(15).air.slice(60)) - mean(heated(0).air.slice(60));
    expect(Math.abs(more - 15)).toBeLessThan(2);
  });

  it('drops when its door is opened and comes back; off, it cools to the room', () => {
    const { oven } = heated();
    const before = oven.airC;
    oven.openDoor(60 * minute);
    const [first = 0, ...rest] = airOf(oven, 60 * minute, 12);
    expect(first).toBeLessThan(before - 15);
    expect(Math.max(...rest)).toBeGreaterThan(128);
    oven.set({ on: false }, 72 * minute);
    expect(airOf(oven, 72 * minute, 300).at(-1)).toBeLessThan(25);
  });

  it('sped up sixty times, an hour of it is a minute', () => {
    const fast = new SimulatedOven(0);
    fast.set({ on: true, dialC: 130, errorC: 0, swingC: 6, speed: 60 }, 0);
    fast.advance(minute);
    expect(fast.minute).toBeCloseTo(60, 6);
    expect(Math.abs(fast.airC - (heated().air.at(-1) ?? 0))).toBeLessThan(8);
  });

  it('its probe goes to a stream of its own, so that no field takes it', async () => {
    const feed = new Feed();
    const app = bench(feed);
    const stream = await app.request('http://localhost/instruments/events');
    const reader = stream.body?.getReader();
    const sent = feed.publish({
      instrument: 'oven',
      value: 131,
      unit: '°C',
      at: '2026-05-01T09:00:00Z',
      minute: 3,
    });
    let text = '';
    while (!text.includes('data:')) text += new TextDecoder().decode((await reader?.read())?.value);
    await reader?.cancel();
    expect(text).toContain('event: probe');
    expect(JSON.parse(/^data: (.*)$/m.exec(text)?.[1] ?? '')).toEqual(sent);
  });

  it.each([
    ['a dial no oven has', { dialC: 900 }],
    ['time that stands still', { speed: 0 }],
    ['something unknown', { fan: true }],
    ['a switch that is a number', { on: 1 }],
    ['no object', [1]],
  ])('refuses %s and says why', async (_name, body) => {
    const answer = await post(bench(), 'oven', body);
    expect(answer.status).toBe(400);
    expect((await answer.json()).says.length).toBeGreaterThan(15);
  });

  it('says how it is set, and comes to its heat at once when asked', async () => {
    const app = bench();
    const set = await (await post(app, 'oven', { on: true, preheat: true, dialC: 120, errorC: 10 })).json();
    expect(set).toMatchObject({ on: true, dialC: 120, errorC: 10 });
    expect(await (await app.request('http://localhost/instruments/oven')).json()).toMatchObject({
      dialC: 120,
    });
    await post(app, 'oven', { on: false });
  });
});
