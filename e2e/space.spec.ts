import { checkMesh, meshSums, readStl } from '../core/src/solid/index.ts';
import { bytesOf, expect, figureValue, openDemo, test } from './bench.ts';

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
