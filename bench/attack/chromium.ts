/** A Chromium and a server that are started here, known by their own process, and ended the hard way or the soft one. */
import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Browser, type BrowserContext, chromium, type Page } from '@playwright/test';
import { LAUNCH } from '../../playwright.config.ts';

/** Waits for a line that a process prints. */
function printed(from: NodeJS.ReadableStream | null, wanted: RegExp, withinMs: number): Promise<string> {
  return new Promise((settle, refuse) => {
    let text = '';
    const timer = setTimeout(() => refuse(new Error(`did not say ${wanted}: ${text.slice(-400)}`)), withinMs);
    from?.on('data', (chunk: Buffer) => {
      text += chunk.toString();
      const found = wanted.exec(text);
      if (!found) return;
      clearTimeout(timer);
      settle(found[1] ?? found[0]);
    });
  });
}

/** A process of ours with all that it has started: a group of its own. */
class Own {
  constructor(private readonly child: ChildProcess) {}

  async kill(signal: 'SIGKILL' | 'SIGTERM' = 'SIGKILL'): Promise<void> {
    const { pid, exitCode, signalCode } = this.child;
    if (pid === undefined || exitCode !== null || signalCode !== null) return;
    const ended = once(this.child, 'exit');
    // The group that was made for it, and nothing else.
    process.kill(-pid, signal);
    await ended;
  }
}

/** The server of the built application, on a port of its own. */
export interface OwnServer {
  readonly base: string;
  readonly pid: number;
  readonly stop: () => Promise<void>;
}

export async function startServer(port: number): Promise<OwnServer> {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts', '--port', String(port)], {
    detached: true,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const base = await printed(child.stdout, /(http:\/\/127\.0\.0\.1:\d+|http:\/\/localhost:\d+)/, 30_000);
  return { base, pid: child.pid ?? 0, stop: () => new Own(child).kill('SIGTERM') };
}

/** A browser with a profile that lasts. */
export interface Opened {
  readonly browser: Browser;
  readonly context: BrowserContext;
  readonly page: Page;
  /** As a crash or a power cut ends it. */
  kill(): Promise<void>;
  close(): Promise<void>;
}

export async function openBrowser(profile: string): Promise<Opened> {
  const args = [...LAUNCH.args, '--remote-debugging-port=0', `--user-data-dir=${profile}`, 'about:blank'];
  const child = spawn(LAUNCH.executablePath, args, { detached: true, stdio: ['ignore', 'ignore', 'pipe'] });
  const own = new Own(child);
  try {
    const address = await printed(child.stderr, /listening on (ws:\S+)/, 30_000);
    const browser = await chromium.connectOverCDP(address);
    const [context] = browser.contexts();
    if (!context) throw new Error('the browser has no window');
    const page = context.pages()[0] ?? (await context.newPage());
    await page.setViewportSize({ width: 1280, height: 800 });
    return {
      browser,
      context,
      page,
      kill: () => own.kill(),
      async close() {
        await browser
          .newBrowserCDPSession()
          .then((cdp) => cdp.send('Browser.close'))
          .catch(() => undefined);
        await own.kill();
      },
    };
  } catch (error) {
    await own.kill();
    throw error;
  }
}

/** A profile that is thrown away afterwards. */
export async function withProfile<T>(work: (profile: string) => Promise<T>): Promise<T> {
  const profile = mkdtempSync(join(tmpdir(), 'inch-attack-'));
  try {
    return await work(profile);
  } finally {
    rmSync(profile, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 });
  }
}

/** The demo piece’s page, from the Shelf. */
export async function openFrogs(page: Page, base: string): Promise<void> {
  await page.goto(base);
  await page.locator('main li a').first().waitFor({ timeout: 30_000 });
  await page.getByRole('link', { name: /Frogs/ }).first().click();
  await page.getByRole('navigation', { name: 'Stages' }).waitFor({ timeout: 60_000 });
}
