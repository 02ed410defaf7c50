import { checkMesh, meshSums, readStl } from '../core/src/solid/index.ts';
import { bytesOf, expect, figureValue, openDemo, test } from './bench.ts';

test('a part in space: turned by keys, and saved as triangles of the size of the clay', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: /^Greylag goose/ }).click();
  await page.keyboard.press('v');
  const view = page.getByRole('img', { name: /^Greylag goose in space/ });
  await expect(view).toHaveAttribute('data-state', 'fine');
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

  // The box turned any way is no larger than the upright one, whose height is the goose's.
  const box = await page.getByText(/smallest box, turned any way/).textContent();
  const sides = (box ?? '').match(/[\d.]+(?= ×| mm)/g)?.map(Number) ?? [];
  expect(sides).toHaveLength(3);
  expect(sides.reduce((a, b) => a * b, 1)).toBeLessThan(1.02 * 65 * 66.2 * 18.8);

  const outline = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Outline from here' }).click();
  const svg = (await bytesOf(await outline)).toString();
  // From above a goose is as long and as wide as its box.
  expect(svg).toContain('Greylag goose, as turned');
  expect(svg).toContain('>66.2<');

  await page.getByLabel('regions').check();
  await expect(page.getByRole('list', { name: 'Regions' })).toContainText('neck');
  await page.getByLabel('cut', { exact: true }).check();
  await page.getByLabel('Way of the cut').selectOption('from the front');
  await page.getByLabel('Place of the cut').fill('0.5');
  await page.getByLabel('true size').check();
  const dialog = page.getByRole('dialog', { name: /How large is a millimetre/ });
  await dialog.getByRole('button', { name: 'It fits' }).click();
  await expect(dialog).toHaveCount(0);
  await page.getByRole('button', { name: 'Back to the line-up' }).click();
  await expect(page.getByRole('group', { name: /^Line-up/ })).toBeVisible();
});
