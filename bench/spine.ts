import { lowWaterFerry } from '@every-inch/core/demo';
import { newId, type Piece } from '@every-inch/core/piece';
import { writePiece } from '@every-inch/core/piece/file';
import { type Browser, chromium, type Page } from '@playwright/test';
import { LAUNCH } from '../playwright.config.ts';
import { startServer } from './page.ts';
import type { Line } from './run.ts';
import { median } from './yardstick.ts';

const PORT = 4192;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const RUNS = 20;

/** Watches how long the page does not answer: the longest wait of a message to itself, from one reading to the next. */
const WATCH = `
  window.longest = 0;
  const { port1, port2 } = new MessageChannel();
  let last = performance.now();
  port1.onmessage = () => {
    const now = performance.now();
    window.longest = Math.max(window.longest, now - last);
    last = now;
    setTimeout(() => { last = performance.now(); port2.postMessage(0); }, 1);
  };
  port2.postMessage(0);
`;

/** The longest the page did not answer since it was asked last, ms. */
const longest = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const holder = window as unknown as { longest: number };
    const found = holder.longest;
    holder.longest = 0;
    return found;
  });

/** Time of a mark of the newest change, from when its figures were wanted, ms; null while it has not come. */
const sinceWanted = (page: Page, what: string): Promise<number | null> =>
  page.evaluate((name) => {
    const marks = performance.getEntriesByType('mark');
    const wanted = marks.findLast((one) => one.name.startsWith('figures wanted '));
    const revision = wanted?.name.slice('figures wanted '.length);
    const there = marks.findLast((one) => one.name === `figures of ${name} ${revision}`);
    return wanted && there ? there.startTime - wanted.startTime : null;
  }, what);

async function until(page: Page, what: string): Promise<number> {
  for (let i = 0; i < 600; i += 1) {
    const found = await sinceWanted(page, what);
    if (found !== null) return found;
    await page.waitForTimeout(20);
  }
  return Number.NaN;
}

async function setScale(page: Page, scale: string): Promise<void> {
  await page.getByRole('button', { name: /^Scale .*change or compare/ }).click();
  await page.getByPlaceholder('1:12, 28 mm, 32 mm crown heroic').fill(scale);
  await longest(page);
  await page.keyboard.press('Enter');
}

interface Seen {
  readonly stageMs: number;
  readonly allMs: number;
  readonly blockedMs: number;
}

/** The scale changed again and again, each time to one that was not there before. */
async function scales(page: Page, runs: number): Promise<Seen> {
  const all: Seen[] = [];
  for (let run = 0; run < runs; run += 1) {
    await setScale(page, `1:${10 + run * 0.37}`);
    const stageMs = await until(page, 'size');
    const allMs = await until(page, 'all');
    all.push({ stageMs, allMs, blockedMs: await longest(page) });
    await page.keyboard.press('Escape');
  }
  return {
    stageMs: median(all.map((one) => one.stageMs)),
    allMs: median(all.map((one) => one.allMs)),
    blockedMs: median(all.map((one) => one.blockedMs)),
  };
}

/** Keys typed one by one into a field, and how long each blocked the page. */
async function typing(page: Page, field: ReturnType<Page['getByLabel']>, text: string): Promise<number> {
  await field.click();
  await page.waitForTimeout(400);
  const all: number[] = [];
  for (const key of text) {
    await longest(page);
    await page.keyboard.press(key);
    // The pause after which a draft is taken is within this.
    await page.waitForTimeout(420);
    all.push(await longest(page));
  }
  return median(all);
}

/** So many copies of the parts of the ferry. */
function many(count: number): Piece {
  const ferry = lowWaterFerry('2026-05-01T09:00:00Z');
  const parts = Array.from({ length: count }, (_, i) => {
    const part = ferry.parts[i % ferry.parts.length];
    if (!part) throw new Error('no parts');
    return { ...part, id: newId<typeof part.id>(`p${i}`), name: `${part.name} ${i + 1}`, parent: null };
  });
  return {
    ...ferry,
    id: newId(`many-${count}`),
    name: `Many ${count}`,
    parts,
    fits: [],
    log: [],
    decisions: [],
    references: [],
    route: null,
  };
}

async function open(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.addInitScript(WATCH);
  await page.goto(ADDRESS);
  await page.waitForSelector('main li');
  return page;
}

const usable = '[aria-label="Reckoning"]';

/** From the Shelf to the shell, from the shell to the first figures, and what blocked the page meanwhile. */
async function firstOpening(
  browser: Browser,
): Promise<{ shellMs: number; figuresMs: number; blockedMs: number }> {
  const page = await open(browser);
  await page.waitForTimeout(1500);
  await longest(page);
  const start = performance.now();
  await page.getByRole('link', { name: 'Low Water Ferry', exact: true }).click();
  await page.waitForSelector(usable);
  const shellMs = performance.now() - start;
  await page.waitForFunction(() =>
    performance.getEntriesByType('mark').some(({ name }) => name.startsWith('figures of size')),
  );
  const figuresMs = performance.now() - start - shellMs;
  const blockedMs = await longest(page);
  await page.context().close();
  return { shellMs, figuresMs, blockedMs };
}

/** What a change costs in the browser: on the page, and until its figures are there. */
export async function spineLines(yardstick: number): Promise<Line[]> {
  const server = await startServer(PORT);
  const browser = await chromium.launch(LAUNCH);
  const told = (ms: number) => `${ms.toFixed(0)} ms, ${(ms / yardstick).toFixed(2)} yardsticks`;
  try {
    const openings: Awaited<ReturnType<typeof firstOpening>>[] = [];
    for (let run = 0; run < 5; run += 1) openings.push(await firstOpening(browser));
    const page = await open(browser);
    await page.getByRole('link', { name: 'Low Water Ferry', exact: true }).click();
    await page.waitForSelector(usable);
    await until(page, 'all');
    const ferry = await scales(page, RUNS);
    const name = await typing(page, page.getByLabel('Name of the piece'), 'abcdefghijklmnopqrst');
    await page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: 'Brief' }).click();
    const note = await typing(page, page.getByLabel('What is to be made'), 'abcdefghijklmnopqrst');
    await page.context().close();
    const large = await open(browser);
    const counts: Seen[] = [];
    let key = Number.NaN;
    for (const count of [125, 250, 500]) {
      await large.goto(ADDRESS);
      await large.waitForSelector('main li');
      await large
        .locator('input[type=file]')
        .first()
        .setInputFiles({
          name: `many-${count}.inch.json`,
          mimeType: 'application/json',
          buffer: Buffer.from(writePiece(many(count), {})),
        });
      await large.getByRole('link', { name: `Many ${count}`, exact: true }).click();
      await large.waitForSelector(usable);
      await until(large, 'all');
      counts.push(await scales(large, 6));
      if (count === 500) key = await typing(large, large.getByLabel('Name of the piece'), 'abcdefghij');
    }
    const [small, , big] = counts;
    const middle = (of: (one: (typeof openings)[number]) => number) => median(openings.map(of));
    return [
      {
        what: 'Low Water Ferry: from the Shelf to the shell',
        got: told(middle((one) => one.shellMs)),
        aim: '≤ 1000 ms; before the spine 1145 to the Shelf and 2645 to Size, from the address',
      },
      {
        what: 'Low Water Ferry: from the shell to the first figures of Size',
        got: told(middle((one) => one.figuresMs)),
        aim: '≤ 600 ms; before the spine a first reckoning of 1340',
      },
      {
        what: 'The longest the page did not answer meanwhile',
        got: told(middle((one) => one.blockedMs)),
        aim: '≤ 50 ms; before the spine all of the first reckoning',
      },
      {
        what: 'Scale changed: figures of Size, Low Water Ferry',
        got: told(ferry.stageMs),
        aim: '≤ 50 ms; before the spine 103, all of them on the page',
      },
      { what: 'Scale changed: all figures', got: told(ferry.allMs), aim: '≤ 300 ms' },
      { what: 'Scale changed: the page did not answer for', got: told(ferry.blockedMs) },
      {
        what: 'A key in the name of the piece: the page did not answer for',
        got: told(name),
        aim: '≤ 16 ms; before the spine 144',
      },
      {
        what: 'A key in a note: the page did not answer for',
        got: told(note),
        aim: '≤ 16 ms; before the spine 60 to 107',
      },
      { what: '500 parts: a key, the page did not answer for', got: told(key), aim: '≤ 16 ms' },
      {
        what: '500 parts: scale changed, figures of Size',
        got: told(big?.stageMs ?? Number.NaN),
        aim: '≤ 150 ms',
      },
      {
        what: '500 parts ÷ 125 parts: all figures after a change of scale',
        got: ((big?.allMs ?? Number.NaN) / (small?.allMs ?? Number.NaN)).toFixed(2),
        aim: '4 (straight)',
      },
    ];
  } finally {
    await browser.close();
    server.kill();
  }
}
