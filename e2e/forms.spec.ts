import { checkMesh, meshSums, readStl } from '../core/src/solid/index.ts';
import { bytesOf, expect, figure, figureValue, openDemo, test } from './bench.ts';

test('a beast from a preset: its height given, sat down, and everything follows', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.keyboard.press('n');
  await page.getByLabel('What is it?').fill('dog');
  await page.getByRole('option', { name: /^Large dog/ }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Harbour dog');
  await page.keyboard.press('Enter');
  await page.getByLabel('Height at the withers, in life').fill('60 cm');
  await page.keyboard.press('Enter');
  // 600 mm ÷ 12
  await expect(page.getByLabel('Height at the withers, miniature')).toHaveValue('50.0');
  const height = () => figureValue(page, 'Height');
  const standing = await height();
  await page.getByLabel('Pose').selectOption('lying');
  await expect.poll(height).toBeLessThan(standing * 0.85);
  await expect(page.getByLabel('Height at the withers, miniature')).toHaveValue('50.0');
  await expect(page.getByRole('img', { name: 'Line-up of 12 parts to one scale' })).toBeVisible();

  await page.getByText('Joints', { exact: true }).click();
  const bend = page.getByRole('slider', { name: 'trunk, bend' });
  await bend.fill('20');
  await expect(page.getByText('Joints, 1 turned by hand')).toBeVisible();
  await page.getByRole('button', { name: 'back to the pose' }).click();
  await expect(page.getByText('Joints', { exact: true })).toBeVisible();
});

test('a part in space: turned by keys, and saved as triangles of the size of the clay', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: /^Greylag goose/ }).click();
  await page.keyboard.press('v');
  const view = page.getByRole('img', { name: /^Greylag goose in space/ });
  await expect(view).toHaveAttribute('data-state', 'fine', { timeout: 20_000 });
  await expect(view.locator('canvas')).toBeVisible();
  await view.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(view).toHaveAccessibleName(/turned 22°/);
  await page.getByRole('button', { name: 'top', exact: true }).click();
  await expect(view).toHaveAccessibleName(/from 90° above/);

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as STL' }).click();
  const mesh = readStl(await bytesOf(await download));
  expect(checkMesh(mesh)).toMatchObject({ openEdges: 0, turnedEdges: 0, insideOut: false });
  const { volumeMm3, min, max } = meshSums(mesh);
  const shown = await figureValue(page, 'Volume');
  expect(Math.abs(volumeMm3 / 1000 / shown - 1)).toBeLessThan(0.03);
  expect(max[1] - min[1]).toBeCloseTo(65, 0);
  await page.getByRole('button', { name: 'Back to the line-up' }).click();
  await expect(page.getByRole('img', { name: /^Line-up/ })).toBeVisible();
});

test('clothes and a coat make a person wider, not taller', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByLabel('Coat or skirt to').fill('');
  await page.keyboard.press('Enter');
  const volume = () => figureValue(page, 'Volume');
  const bare = await volume();
  await page.getByLabel('Coat or skirt to').fill('40 cm');
  await page.keyboard.press('Enter');
  await expect.poll(volume).toBeGreaterThan(bare * 1.2);
  await expect(figure(page, 'Height')).toContainText('138.3 mm');
});
