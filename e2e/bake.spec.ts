import type { Page } from '@playwright/test';
import { expect, openDemo, stage, test } from './bench.ts';

/** Minutes after which the last clay is cured, as the page says once it has looked as closely as it will. */
async function curedAfter(page: Page): Promise<number> {
  const bake = page.getByRole('region', { name: 'Bake worked through' });
  const says = bake.getByText(/^Cured through after/);
  await expect(says).toBeVisible({ timeout: 30_000 });
  await expect(bake.getByRole('progressbar')).toHaveCount(0, { timeout: 60_000 });
  return Number(/after (\d+) min/.exec((await says.textContent()) ?? '')?.[1]);
}

test('a plastic chimney is stopped before the oven, and waits till after the bake at one press', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bake');
  await page
    .getByRole('button', { name: /^Storm lantern/ })
    .first()
    .click();
  const audit = page.getByRole('region', { name: 'Before the oven' });
  const chimney = audit.getByRole('listitem', { name: 'clear chimney' });
  await expect(chimney).toContainText('softens and sags');
  await expect(chimney).toContainText('stop');
  await chimney.getByRole('button', { name: /after the bake/ }).click();
  await expect(chimney).toContainText('is let in after the bake');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(chimney).toContainText('stop');
});

test('heat is worked through the solid: a fan cures it sooner, a time too short does not cure it', async ({
  page,
}) => {
  test.setTimeout(150_000);
  await openDemo(page, 'Toll Frogs', 'Bake');
  const bake = page.getByRole('region', { name: 'Bake worked through' });
  await bake.getByLabel('Dial').fill('130');
  const still = await curedAfter(page);
  expect(still).toBeGreaterThan(10);
  await expect(bake.getByRole('img', { name: /Frog toll-keeper cut open after/ })).toBeVisible();
  await bake.getByRole('slider', { name: 'Minute of the bake' }).press('ArrowRight');
  await bake.getByLabel('Air').selectOption('fan');
  await expect(bake.getByRole('progressbar')).toHaveCount(1);
  expect(await curedAfter(page)).toBeLessThan(still);

  await bake.getByLabel('In the oven').fill('6');
  await expect(bake.getByText('Not cured through')).toBeVisible({ timeout: 60_000 });
  await bake.getByLabel('In the oven').fill('');

  // A thermometer says the oven is 15 °C hotter than its dial: the same dial cures sooner, and over the window.
  await page.getByRole('link', { name: 'Workshop' }).click();
  await page.getByLabel('Your own: How much hotter the oven is than its dial').fill('15');
  await page.goBack();
  await stage(page, 'Bake');
  await bake.getByLabel('Air').selectOption('still');
  await expect(bake.getByRole('progressbar')).toHaveCount(1);
  expect(await curedAfter(page)).toBeLessThan(still);
  await expect(bake.getByText(/over the top of its window/)).toBeVisible();
});

test('a running bake counts on through a reload, is seen from every stage, and ends as an entry of the log', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.clock.install({ time: new Date('2026-11-26T10:00:00') });
  await openDemo(page, 'Low Water Ferry', 'Bake');
  await page
    .getByRole('button', { name: /^Enamel mug/ })
    .first()
    .click();
  const bake = page.getByRole('region', { name: 'Bake worked through' });
  await bake.getByLabel('In the oven').fill('20');
  const start = bake.getByRole('button', { name: /^It is in: start the clock, 20 min/ });
  await page.clock.runFor(2000);
  await expect(start).toBeVisible({ timeout: 40_000 });
  await start.click();
  await page.clock.runFor(2000);
  const live = page.getByRole('region', { name: 'Running bake' });
  await expect(live.getByRole('timer')).toHaveText(/^19:5\d$/);

  // Ten minutes later, after a reload: ten are left, and the head of another stage says so.
  await page.clock.fastForward('10:00');
  await page.reload();
  await page.clock.runFor(3000);
  await expect(live.getByRole('timer')).toHaveText(/^9:\d\d$/);
  await stage(page, 'Size');
  await expect(page.getByRole('link', { name: /^Bake of Enamel mug: in the oven 9:/ })).toBeVisible();

  // Over its time it is told, wherever the maker is.
  await page.clock.fastForward('12:00');
  await page.clock.runFor(2000);
  await expect(page.getByRole('link', { name: /^Bake of Enamel mug: OVER/ })).toBeVisible();
  await expect(page.getByText('Enamel mug: the time is up, out of the heat.')).toBeVisible();
  await page.getByRole('link', { name: /^Bake of Enamel mug/ }).click();
  await live.getByRole('button', { name: 'The heat is off' }).click();
  await page.clock.fastForward('01:30:00');
  await page.clock.runFor(2000);
  await expect(live.getByText('since it was cool enough to be handled')).toBeVisible();
  await live.getByRole('button', { name: 'Write it in the log' }).click();
  await expect(live).toHaveCount(0);
  await stage(page, 'Log');
  await expect(page.getByText('Enamel mug, by the clock')).toBeVisible();
  await expect(page.getByText(/2[2-4] min/).first()).toBeVisible();
});

test('clays of two windows take two loads; in clays of one they go in together', async ({ page }) => {
  await openDemo(page, 'Toll Frogs', 'Bake');
  const loads = page.getByRole('region', { name: 'Loads' });
  await expect(loads.getByRole('heading', { name: /^2 loads of the oven/ })).toBeVisible();
  await expect(loads.getByRole('img', { name: 'The oven from above, 2 loads' })).toBeVisible();
  await expect(loads.getByRole('listitem').filter({ hasText: 'Gate beam, Gate post × 2' })).toContainText(
    '110–120 °C',
  );
  await stage(page, 'Bulk');
  for (const part of [/^Gate post/, /^Gate beam/]) {
    await page.getByRole('button', { name: part }).first().click();
    await page.getByLabel('Clay', { exact: true }).selectOption('All-purpose soft clay, green');
  }
  await stage(page, 'Bake');
  await expect(loads.getByRole('heading', { name: /^One load takes it all/ })).toBeVisible();
});
