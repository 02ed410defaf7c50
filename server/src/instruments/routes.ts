import { type Context, Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { streamSSE } from 'hono/streaming';
import { Feed } from './feed.ts';
import { OVEN_LIMITS, type OvenHabits, SimulatedOven } from './oven.ts';
import { HABITS, type InstrumentKind, KINDS, readingOf } from './simulate.ts';

/** So often a quiet stream is told that the bench is still there, ms. */
const HEARTBEAT = 15_000;
/** After so long a listener tries again when the stream has died, ms. */
const RETRY = 2000;
const LARGEST_BODY = 1024;

function isKind(text: string): text is InstrumentKind {
  return (KINDS as readonly string[]).includes(text);
}

/** Whether a request comes from the application itself, as far as the browser says. */
function isSameOrigin(c: Context): boolean {
  const site = c.req.header('Sec-Fetch-Site');
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return false;
  const origin = c.req.header('Origin');
  if (origin === undefined) return true;
  try {
    return new URL(origin).host === (c.req.header('Host') ?? new URL(c.req.url).host);
  } catch {
    return false;
  }
}

/** What is asked of an instrument: to be set to a true value, to send a reading, or both. */
interface Ask {
  readonly set?: number;
  readonly press?: boolean;
}

/** The ask in a body, or what is wrong with it. */
function askOf(raw: unknown, kind: InstrumentKind): Ask | string {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
    return 'expected an object with set or press';
  const unknown = Object.keys(raw).find((key) => key !== 'set' && key !== 'press');
  if (unknown !== undefined) return `“${unknown}” is not known here; expected set or press`;
  const { set, press } = raw as Record<string, unknown>;
  const { least, most, unit } = HABITS[kind];
  if (set !== undefined && !(typeof set === 'number' && set >= least && set <= most))
    return `set wants a number from ${least} to ${most} ${unit}, found ${JSON.stringify(set)}`;
  if (press !== undefined && typeof press !== 'boolean') return 'press wants true or false';
  return { ...(set === undefined ? {} : { set }), ...(press === undefined ? {} : { press }) };
}

/** What is asked of the oven: its settings, to be switched, to come to its heat at once, to have its door opened. */
type OvenAsk = Partial<OvenHabits> & {
  readonly on?: boolean;
  readonly preheat?: boolean;
  readonly door?: boolean;
};

const SWITCHES = ['on', 'preheat', 'door'];

function ovenAskOf(raw: unknown): OvenAsk | string {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
    return 'expected an object with on, preheat, door, dialC, errorC, swingC or speed';
  for (const [key, value] of Object.entries(raw)) {
    const limits = Object.hasOwn(OVEN_LIMITS, key) ? OVEN_LIMITS[key as keyof OvenHabits] : undefined;
    if (SWITCHES.includes(key)) {
      if (typeof value !== 'boolean') return `${key} wants true or false`;
    } else if (!limits)
      return `“${key}” is not known here; expected on, preheat, door or ${Object.keys(OVEN_LIMITS).join(', ')}`;
    else if (!(typeof value === 'number' && value >= limits[0] && value <= limits[1]))
      return `${key} wants a number from ${limits[0]} to ${limits[1]}, found ${JSON.stringify(value)}`;
  }
  return raw;
}

/** So often the probe of an oven that is on sends what it shows, ms. */
const PROBE_EVERY = 500;
/** An oven that nobody listens to is switched off after so many probes unheard. */
const MOST_UNHEARD = 240;

/** What a bench runs with. */
export interface BenchOptions {
  readonly random?: () => number;
  readonly now?: () => Date;
  readonly feed?: Feed;
}

/**
 * A small simulated bench: a caliper, a balance and an oven thermometer that send readings as server-sent events, and an oven
 * whose probe does so by itself. Only the application’s own pages are answered.
 */
export function instrumentRoutes(options: BenchOptions = {}): Hono {
  const { random = Math.random, now = () => new Date(), feed = new Feed() } = options;
  const oven = new SimulatedOven(now().getTime());
  let timer: ReturnType<typeof setInterval> | null = null;
  let unheard = 0;
  const stopProbe = (): void => {
    if (timer) clearInterval(timer);
    timer = null;
  };
  const probe = (): void => {
    const at = now();
    oven.advance(at.getTime());
    unheard = feed.listeners === 0 ? unheard + 1 : 0;
    if (!oven.isOn || unheard > MOST_UNHEARD) {
      stopProbe();
      return;
    }
    feed.publish({
      instrument: 'oven',
      value: readingOf('thermometer', oven.airC, random),
      unit: '°C',
      at: at.toISOString(),
      minute: Math.round(oven.minute * 1000) / 1000,
    });
  };
  const ovenState = () => ({ on: oven.isOn, minute: oven.minute, ...oven.habits });
  const trueValues = new Map<InstrumentKind, number>(KINDS.map((kind) => [kind, HABITS[kind].start]));
  const routes = new Hono();
  routes.use(async (c, next) => {
    if (!isSameOrigin(c)) return c.json({ says: 'only pages of this application are answered' }, 403);
    return next();
  });
  routes.get('/', (c) =>
    c.json(KINDS.map((kind) => ({ instrument: kind, true: trueValues.get(kind), ...HABITS[kind] }))),
  );
  routes.get('/events', (c) => {
    const last = Number(c.req.header('Last-Event-ID') ?? Number.NaN);
    const listener = feed.listen(Number.isInteger(last) ? last : null);
    if (!listener) return c.json({ says: 'too many listeners; close a page and try again' }, 503);
    return streamSSE(c, async (stream) => {
      stream.onAbort(() => listener.leave());
      await stream.write(`retry: ${RETRY}\n\n`);
      const beat = setInterval(() => void stream.write(': still here\n\n'), HEARTBEAT);
      try {
        for (let reading = await listener.next(); reading; reading = await listener.next())
          await stream.writeSSE({
            // What an oven’s probe shows is typed into no field.
            event: reading.instrument === 'oven' ? 'probe' : 'reading',
            id: String(reading.seq),
            data: JSON.stringify(reading),
          });
      } finally {
        clearInterval(beat);
        listener.leave();
      }
    });
  });
  routes.get('/oven', (c) => c.json(ovenState()));
  routes.post(
    '/oven',
    bodyLimit({ maxSize: LARGEST_BODY, onError: (c) => c.json({ says: 'the body is too large' }, 413) }),
    async (c) => {
      if (!c.req.header('Content-Type')?.startsWith('application/json'))
        return c.json({ says: 'expected JSON' }, 415);
      const ask = ovenAskOf(await c.req.json().catch(() => null));
      if (typeof ask === 'string') return c.json({ says: ask }, 400);
      const { preheat, door, ...change } = ask;
      const at = now().getTime();
      oven.set(change, at);
      if (preheat) oven.preheat();
      if (door) oven.openDoor(at);
      unheard = 0;
      if (oven.isOn && !timer) {
        timer = setInterval(probe, PROBE_EVERY);
        // The bench may be shut down with its oven on.
        timer.unref();
      } else if (!oven.isOn) stopProbe();
      return c.json(ovenState());
    },
  );
  routes.post(
    '/:kind',
    bodyLimit({ maxSize: LARGEST_BODY, onError: (c) => c.json({ says: 'the body is too large' }, 413) }),
    async (c) => {
      const kind = c.req.param('kind');
      if (!isKind(kind))
        return c.json({ says: `no “${kind}” on this bench; there are ${KINDS.join(', ')}` }, 404);
      if (!c.req.header('Content-Type')?.startsWith('application/json'))
        return c.json({ says: 'expected JSON' }, 415);
      const raw: unknown = await c.req.json().catch(() => null);
      const ask = askOf(raw, kind);
      if (typeof ask === 'string') return c.json({ says: ask }, 400);
      if (ask.set !== undefined) trueValues.set(kind, ask.set);
      if (!ask.press) return c.json({ instrument: kind, true: trueValues.get(kind) });
      const value = readingOf(kind, trueValues.get(kind) ?? 0, random);
      return c.json(
        feed.publish({ instrument: kind, value, unit: HABITS[kind].unit, at: now().toISOString() }),
      );
    },
  );
  return routes;
}
