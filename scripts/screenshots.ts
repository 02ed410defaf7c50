import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdirSync } from 'node:fs';
import { type BrowserContextOptions, chromium, type Page } from '@playwright/test';
import { LAUNCH } from '../playwright.config.ts';
import { LENSES } from '../web/src/lenses/index.ts';

const PORT = 4193;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const FOLDER = 'docs/screenshots';
const DESK: BrowserContextOptions = { viewport: { width: 1280, height: 800 }, colorScheme: 'light' };

/** One picture of the tour: where to go, what to do there, how to look at it. */
interface Shot {
  readonly name: string;
  readonly path: string;
  readonly look?: BrowserContextOptions;
  readonly act?: (page: Page) => Promise<void>;
}

const FERRY = '/piece/low-water-ferry';

/** Lenses whose picture wants more than going there. */
const OWN_SHOT: readonly string[] = ['bake', 'repeats'];

const SHOTS: readonly Shot[] = [
  ...LENSES.filter(({ stage }) => !OWN_SHOT.includes(stage)).map(({ stage }) => ({
    name: stage,
    path: `${FERRY}/${stage}`,
  })),
  {
    name: 'shelf',
    path: '/',
    act: async (page) => {
      await page.getByRole('img', { name: 'The parts of Night Market' }).waitFor();
      await page.getByRole('img', { name: 'The parts of Low Water Ferry' }).waitFor();
    },
  },
  { name: 'size-dark', path: `${FERRY}/size`, look: { colorScheme: 'dark' } },
  {
    name: 'working',
    path: `${FERRY}/size`,
    act: (page) =>
      page
        .getByRole('button', { name: /^Show the working of Height/ })
        .first()
        .click(),
  },
  {
    name: 'finish',
    path: `${FERRY}/finish`,
    act: async (page) => {
      await page.locator('[data-state=fine] canvas').waitFor();
      await page.getByRole('list', { name: 'Layers of coat' }).getByText('dry brush').first().waitFor();
      await page.getByRole('navigation', { name: 'Sections' }).getByRole('link', { name: 'Layers' }).click();
      await page.waitForTimeout(1500);
    },
  },
  {
    name: 'pose',
    path: `${FERRY}/size`,
    act: async (page) => {
      await page.keyboard.press('j');
      await page.getByRole('group', { name: 'Joints, side' }).waitFor();
    },
  },
  {
    name: 'repeats',
    path: `${FERRY.replace('low-water-ferry', 'toll-frogs')}/repeats`,
    act: async (page) => {
      await page
        .getByRole('button', { name: /^Roof shingles/ })
        .first()
        .click();
      await page.getByRole('img', { name: 'Roof shingles in their place' }).waitFor();
    },
  },
  {
    name: 'print',
    path: `${FERRY}/size`,
    act: async (page) => {
      await page.getByRole('button', { name: 'Print', exact: true }).click();
      await page.getByLabel('mirrored pair').check();
      await page.getByLabel('mirrored pair').scrollIntoViewIfNeeded();
    },
  },
  {
    name: 'fits',
    path: `${FERRY.replace('low-water-ferry', 'toll-frogs')}/size`,
    act: async (page) => {
      await page.getByRole('button', { name: 'Fits and base' }).click();
      await page.getByRole('region', { name: /^A base for/ }).scrollIntoViewIfNeeded();
    },
  },
  {
    name: 'picture',
    path: `${FERRY}/size`,
    act: async (page) => {
      await page.getByRole('button', { name: /^Mooring post/ }).click();
      await page.getByRole('button', { name: /^Off a picture/ }).click();
      await page.getByRole('application').waitFor();
      await page.getByLabel('Lay Mooring post over it').selectOption('from the front');
    },
  },
  {
    name: 'bake',
    path: `${FERRY}/bake`,
    act: async (page) => {
      await page.getByRole('list', { name: 'Bakes in order' }).waitFor({ timeout: 30_000 });
      await page.waitForTimeout(6000);
    },
  },
  { name: 'handbook', path: '/handbook' },
  { name: 'phone', path: `${FERRY}/log`, look: { viewport: { width: 390, height: 844 } } },
];

const server = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts', '--port', String(PORT)], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await once(server.stdout, 'data');
const browser = await chromium.launch(LAUNCH);
mkdirSync(FOLDER, { recursive: true });
const wanted = process.argv.slice(2);
try {
  for (const { name, path, look, act } of SHOTS) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const context = await browser.newContext({ ...DESK, ...look });
    const page = await context.newPage();
    await page.goto(ADDRESS);
    await page.getByRole('link', { name: 'Low Water Ferry', exact: true }).waitFor();
    await page.goto(ADDRESS + path);
    await page.locator('main').first().waitFor();
    // The stream of the instruments stays open: waiting for a quiet network would not end.
    await page.getByText(/^(Opening …|Laying it out)/).waitFor({ state: 'hidden' });
    await page.locator('aside[aria-busy=true]').waitFor({ state: 'hidden', timeout: 60_000 });
    await page.waitForTimeout(600);
    await act?.(page);
    await page.waitForTimeout(400);
    await page.screenshot({ path: `${FOLDER}/${name}.png` });
    await context.close();
    console.log(`${FOLDER}/${name}.png`);
  }
} finally {
  await browser.close();
  server.kill();
}
