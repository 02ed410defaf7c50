import { writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { openBrowser, openFrogs, withProfile } from '../bench/attack/chromium.ts';
import { bytesOf, expect, openDemo, pieceText, stage, test, untilKept } from './bench.ts';

const nameOf = (page: Page) => page.getByLabel('Name of the piece');
async function rename(page: Page, name: string): Promise<void> {
  await nameOf(page).fill(name);
  await nameOf(page).press('Enter');
}
async function startBake(page: Page): Promise<void> {
  await stage(page, 'Bake');
  await page
    .getByRole('button', { name: /It is in: start the clock/ })
    .first()
    .click();
}
const clocks = (page: Page) => page.getByRole('complementary', { name: 'Clocks' });

test('a browser that is killed has what was typed a second before, and the bake that runs', async ({
  baseURL,
}) => {
  const base = baseURL ?? '';
  await withProfile(async (profile) => {
    const before = await openBrowser(profile);
    try {
      await openFrogs(before.page, base);
      await startBake(before.page);
      await rename(before.page, 'Frogs before the power cut');
      await before.page.waitForTimeout(1000);
    } finally {
      await before.kill();
    }
    const after = await openBrowser(profile);
    try {
      await after.page.goto(base);
      await expect(
        after.page.getByRole('link', { name: 'Frogs before the power cut', exact: true }),
      ).toBeVisible();
      await expect(clocks(after.page)).toContainText('in the oven');
    } finally {
      await after.close();
    }
  });
});

test('the machine sleeps for an hour in a bake, and its clock is put on a year and back', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-05-01T09:00:00Z') });
  await page.clock.resume();
  await openDemo(page, 'Low Water Ferry');
  await startBake(page);
  await expect(clocks(page)).toContainText('in the oven');
  // Asleep: time goes on and no timer runs meanwhile.
  await page.clock.fastForward('01:00:00');
  await expect(clocks(page)).toContainText('OVER');
  await expect(page.getByText(/the time is up, out of the heat/)).toBeVisible();
  await page.clock.setSystemTime(new Date('2027-05-01T09:00:00Z'));
  await rename(page, 'Ferry of next year');
  await untilKept(page);
  await page.clock.setSystemTime(new Date('2026-05-01T09:05:00Z'));
  await rename(page, 'Ferry of today');
  await untilKept(page);
  await page.reload();
  await expect(nameOf(page)).toHaveValue('Ferry of today');
  await page.clock.setSystemTime(new Date('2025-05-01T09:05:00Z'));
  await page.reload();
  await expect(nameOf(page)).toHaveValue('Ferry of today');
  await expect(clocks(page)).toContainText('in the oven –');
  await expect(clocks(page)).toContainText('clock was put back');
});

/** Fills the browser’s storage until it takes no more; bytes that went in. Runs in the page. */
async function fillStorage(): Promise<number> {
  const base = await new Promise<IDBDatabase>((settle, refuse) => {
    const opening = indexedDB.open('filler', 1);
    opening.onupgradeneeded = () => opening.result.createObjectStore('blocks');
    opening.onsuccess = () => settle(opening.result);
    opening.onerror = () => refuse(opening.error);
  });
  let held = 0;
  for (let size = 4 * 1024 * 1024; size >= 1024; ) {
    const block = new Uint8Array(size);
    for (let at = 0; at < size; at += 65_536) crypto.getRandomValues(block.subarray(at, at + 65_536));
    const isIn = await new Promise<boolean>((settle) => {
      const work = base.transaction('blocks', 'readwrite');
      work.objectStore('blocks').put(block, held);
      work.oncomplete = () => settle(true);
      work.onabort = () => settle(false);
    });
    if (isIn) held += size;
    else size /= 2;
  }
  base.close();
  return held;
}

test('storage that is filled to the last byte is said, loses no bake, and keeps again once there is room', async ({
  page,
  context,
}) => {
  await openDemo(page, 'Toll Frogs');
  const session = await context.newCDPSession(page);
  const { origin } = new URL(page.url());
  await session.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: 24_000_000 });
  expect(await page.evaluate(fillStorage)).toBeGreaterThan(8_000_000);
  const says = page.getByRole('status').filter({ hasText: 'storage is full' });
  for (let i = 0; i < 40 && (await says.count()) === 0; i += 1) {
    await rename(page, `Frogs ${i} in a full browser`);
    await page.waitForTimeout(500);
  }
  await expect(says).toBeVisible();
  await startBake(page);
  await session.send('Storage.overrideQuotaForOrigin', { origin });
  await page.evaluate(() => indexedDB.deleteDatabase('filler').readyState);
  await rename(page, 'Frogs with room');
  await expect(says).toHaveCount(0);
  await untilKept(page);
  await page.reload();
  await expect(nameOf(page)).toHaveValue('Frogs with room');
  await expect(clocks(page)).toContainText('in the oven');
});

test('a bake that is started in a full browser outlives the tab', async ({ page, context }) => {
  await openDemo(page, 'Toll Frogs');
  const session = await context.newCDPSession(page);
  const { origin } = new URL(page.url());
  await session.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: 1 });
  await startBake(page);
  await page.goto('/handbook');
  await expect(clocks(page)).toContainText('in the oven');
});

test('a browser that has cleared its storage between two visits says what is gone', async ({
  page,
  context,
}) => {
  await openDemo(page, 'Toll Frogs');
  await rename(page, 'Frogs of two winters');
  await untilKept(page);
  const address = page.url();
  const { origin } = new URL(address);
  await page.goto('about:blank');
  const session = await context.newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', {
    origin,
    storageTypes: 'indexeddb,cache_storage,service_workers',
  });
  await page.goto('/');
  const says = page.getByRole('status').filter({ hasText: 'cleared its storage' });
  await expect(says).toContainText('“Frogs of two winters”');
  await expect(page.getByText('The shelf is empty.')).toBeVisible();
  await page.goto(address);
  await expect(page.getByText('is gone from this browser')).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: 'Let them go' }).click();
  await expect(says).toHaveCount(0);
});

test('graphics that the browser takes away leave flat views, and come again', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: /^Greylag goose/ }).click();
  await page.keyboard.press('v');
  const view = page.getByRole('img', { name: /^Greylag goose in space/ });
  await expect(view.locator('canvas')).toBeVisible();
  await view.locator('canvas').evaluate((canvas: HTMLCanvasElement) => {
    (canvas.getContext('webgl2') ?? canvas.getContext('webgl'))
      ?.getExtension('WEBGL_lose_context')
      ?.loseContext();
  });
  await expect(page.getByText('The browser has taken the graphics away')).toBeVisible();
  await expect(page.getByRole('img', { name: /^Greylag goose, / }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Show it in space again' }).click();
  await expect(view.locator('canvas')).toBeVisible();
});

test('what two devices changed of one piece comes together', async ({ page }, info) => {
  await openDemo(page, 'Toll Frogs');
  await page.goto('/');
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export Toll Frogs' }).click();
  const sent = await bytesOf(await saved);
  // The other device takes one of the parts and names it anew.
  const raw = JSON.parse(pieceText(sent));
  const [part] = raw.parts;
  part.name = 'Named on the phone';
  const file = info.outputPath('Toll Frogs.inch.json');
  writeFileSync(file, JSON.stringify(raw));
  await page.getByRole('link', { name: 'Toll Frogs', exact: true }).click();
  await rename(page, 'Frogs, here');
  await untilKept(page);
  await page.goto('/');
  await page.getByLabel('File to bring in').setInputFiles(file);
  await page.getByRole('button', { name: 'Merge into “Frogs, here”' }).click();
  await expect(page.getByText('“Frogs, here” has 1 change more.')).toBeVisible();
  await expect(page.getByRole('link', { name: /brought in/ })).toHaveCount(0);
  await page.getByRole('link', { name: 'Frogs, here', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Named on the phone/ })).toBeVisible();
});
