import type { Page } from '@playwright/test';
import { expect, figure, figureValue, openDemo, stage, test } from './bench.ts';

/** Minutes of a figure that may be told in hours and minutes. */
async function minutesOf(page: Page, title: string): Promise<number> {
  const text = (await figure(page, title).textContent()) ?? '';
  const [, hours = '0'] = /(\d+) h/.exec(text) ?? [];
  const [, minutes = '0'] = /(\d+) min/.exec(text) ?? [];
  return 60 * Number(hours) + Number(minutes);
}

test('a solid post is shown too thick in place; the core that is offered clears it, and clay and baking drop', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bulk');
  await page.getByRole('button', { name: /^Brick quay/ }).click();
  await page.getByLabel('Core', { exact: true }).selectOption('none');
  const [clay, cost] = [
    await figureValue(page, 'Clay in it, each'),
    await figureValue(page, 'Clay, whole packs'),
  ];
  await stage(page, 'Bake');
  const minutes = await minutesOf(page, 'Time at that heat');
  await stage(page, 'Bulk');
  await page.getByRole('button', { name: /^Thickness everywhere/ }).click();
  const thickness = page.getByRole('region', { name: 'Thickness' });
  const place = thickness.getByRole('button', { name: /too thick/ }).first();
  await expect(place).toBeVisible({ timeout: 20_000 });
  // Pressed, the plane goes through the place; it is moved by keys as well.
  await place.click();
  const slider = thickness.getByRole('slider', { name: 'Where it is cut' });
  const before = await slider.inputValue();
  await slider.press('ArrowRight');
  expect(await slider.inputValue()).not.toBe(before);
  await thickness.getByLabel('from above').check();
  await expect(page.getByRole('img', { name: /^Brick quay cut from above/ })).toBeVisible();

  await thickness.getByRole('button', { name: 'Put a foil core in' }).click();
  await expect(thickness.getByText('Nowhere too thick to cure through')).toBeVisible({ timeout: 20_000 });
  expect(await figureValue(page, 'Clay in it, each')).toBeLessThan(clay);
  expect(await figureValue(page, 'Clay, whole packs')).toBeLessThan(cost);
  await stage(page, 'Bake');
  expect(await minutesOf(page, 'Time at that heat')).toBeLessThan(minutes);
});

test('the look at the thickness is left half way and taken up again by a key', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bulk');
  await expect(page.getByText('Section, miniature mm')).toBeVisible();
  await page.keyboard.press('t');
  const thickness = page.getByRole('region', { name: 'Thickness' });
  await expect(thickness.getByText(/^Thickest \d/)).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('img', { name: /^Ferrywoman cut from the front/ })).toBeVisible();
  await page.keyboard.press('t');
  await expect(page.getByText('Section, miniature mm')).toBeVisible();
});
