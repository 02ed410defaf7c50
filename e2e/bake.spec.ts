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
