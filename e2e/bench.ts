import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { test as base, type Download, expect, type Page } from '@playwright/test';
import { strFromU8, unzipSync } from 'fflate';

/** A page whose console and script errors fail the test. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page }, use) => {
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    page.on('console', (message) => {
      const { url } = message.location();
      // The browser asks for a favicon wherever it is sent; the application names its own.
      const isFavicon = url.endsWith('/favicon.ico');
      // Without network the bench’s instruments are away, and the browser says so by itself.
      const isBenchAway = url.includes('/api/instruments/') && message.text().includes('ERR_INTERNET');
      if (message.type() === 'error' && !isFavicon && !isBenchAway) errors.push(message.text());
    });
    await use(page);
    expect(errors).toEqual([]);
  },
});
export { expect };

/** Opens a demo piece at a lens, from the Shelf, as a first visit. */
export async function openDemo(
  page: Page,
  name: 'Low Water Ferry' | 'Toll Frogs',
  lens?: string,
): Promise<void> {
  await page.goto('/');
  await page.getByRole('link', { name, exact: true }).click();
  // A whole piece is built and reckoned before its stages are there: on a busy machine that takes a while.
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
  if (lens) await stage(page, lens);
  await expect(page.getByText('Laying it out')).toHaveCount(0);
}

/** Goes to a stage by its name on the rule. */
export async function stage(page: Page, name: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name }).click();
  await expect(page.getByRole('main', { name })).toBeVisible();
}

/** Value of a figure in the reckoning panel. */
export function figure(page: Page, title: string) {
  return page
    .getByRole('complementary', { name: 'Reckoning' })
    .locator('div', { has: page.getByText(title, { exact: true }) })
    .last();
}

/** Waits until all that is shown of the open stage is of the piece as it now is. */
export async function settled(page: Page): Promise<void> {
  await expect(page.locator('aside[aria-busy=true]')).toHaveCount(0);
}

/** Opens the figures that the reckoning panel folds. */
export async function unfolded(page: Page): Promise<void> {
  const more = page
    .getByRole('complementary', { name: 'Reckoning' })
    .getByRole('button', { name: /^More figures/ });
  if (await more.count()) await more.first().click();
}

/** The number a figure in the reckoning panel shows. */
export async function figureValue(page: Page, title: string): Promise<number> {
  await settled(page);
  await unfolded(page);
  const text = (await figure(page, title).textContent()) ?? '';
  return Number.parseFloat(text.slice(title.length));
}

/** Waits until the last change is kept. */
export async function untilKept(page: Page): Promise<void> {
  await page.waitForTimeout(900);
  await settled(page);
}

/** Every figure of a file as CSV, from the command line. */
export function reckonCsv(file: string): string {
  const run = spawnSync(
    process.execPath,
    ['--import', 'tsx', 'cli/src/main.ts', file, '--csv', '--at', '2026-12-02T09:00'],
    {
      encoding: 'utf8',
    },
  );
  expect(run.status, run.stderr).toBe(0);
  return run.stdout;
}

/** The demo piece’s file as the Shelf exports it. */
export async function exportedFerry(page: Page) {
  await page.goto('/');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export Low Water Ferry' }).click();
  return JSON.parse(pieceText(await bytesOf(await download)));
}

export async function bytesOf(download: Download): Promise<Buffer> {
  return readFileSync(await download.path());
}

/** The piece of an exported file, whether it came alone or with its pictures. */
export function pieceText(bytes: Buffer): string {
  if (bytes.subarray(0, 2).toString('latin1') !== 'PK') return bytes.toString();
  const piece = unzipSync(bytes)['piece.inch.json'];
  return piece ? strFromU8(piece) : '';
}
