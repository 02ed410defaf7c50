import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { type Browser, chromium, type Page } from '@playwright/test';
import { LAUNCH } from '../playwright.config.ts';
import type { Line } from './run.ts';
import { median } from './yardstick.ts';

const PORT = 4191;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const RUNS = 5;

/** What a page cost from a cold start. */
interface Load {
  readonly usableMs: number;
  readonly scriptKb: number;
}

/** The built application served on a port of this machine. */
export async function startServer(port: number): Promise<ChildProcess> {
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts', '--port', String(port)], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  if (server.stdout) await once(server.stdout, 'data');
  return server;
}

/** Loads an address in a page of its own and waits for what makes it usable. */
async function load(page: Page, path: string, usable: string): Promise<Load> {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.setCacheDisabled', { cacheDisabled: true });
  const scripts = new Set<string>();
  let bytes = 0;
  session.on(
    'Network.responseReceived',
    ({ requestId, type }) => type === 'Script' && scripts.add(requestId),
  );
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength;
  });
  const start = performance.now();
  await page.goto(ADDRESS + path);
  await page.waitForSelector(usable);
  const loaded = { usableMs: performance.now() - start, scriptKb: bytes / 1000 };
  await session.detach();
  return loaded;
}

async function loads(browser: Browser, path: string, usable: string): Promise<Load> {
  const all: Load[] = [];
  for (let run = 0; run < RUNS; run += 1) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    if (path !== '/') {
      await page.goto(ADDRESS);
      await page.waitForSelector('main li');
    }
    all.push(await load(page, path, usable));
    await context.close();
  }
  return {
    usableMs: median(all.map(({ usableMs }) => usableMs)),
    // Drawings on the Shelf come after its list and are not waited for: what of them has come by chance is left out.
    scriptKb: Math.min(...all.map(({ scriptKb }) => scriptKb)),
  };
}

/** What the Shelf and the demo piece cost from a cold start. */
export async function pageLines(yardstick: number): Promise<Line[]> {
  const server = await startServer(PORT);
  const browser = await chromium.launch(LAUNCH);
  try {
    const shelf = await loads(browser, '/', 'main li');
    const ferry = await loads(browser, '/piece/low-water-ferry/size', '[aria-label="Reckoning"]');
    const told = ({ usableMs }: Load) =>
      `${usableMs.toFixed(0)} ms, ${(usableMs / yardstick).toFixed(1)} yardsticks`;
    return [
      {
        what: 'Shelf: scripts of the first load, compressed',
        got: `${shelf.scriptKb.toFixed(0)} kB`,
        aim: '≤ 220 kB',
      },
      { what: 'Shelf: from address to usable, first visit', got: told(shelf) },
      { what: 'Low Water Ferry at Size: scripts, compressed', got: `${ferry.scriptKb.toFixed(0)} kB` },
      { what: 'Low Water Ferry at Size: from address to usable', got: told(ferry) },
    ];
  } finally {
    await browser.close();
    server.kill();
  }
}
