import { bytesOf, expect, openDemo, stage, test } from './bench.ts';

test('a wire too thin for her arms is told, the offered one clears it, and the cut leaves the stock', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bones');
  await expect(page.getByRole('img', { name: 'Ferrywoman with its wires, front' })).toBeVisible();
  const reckoning = page.getByRole('complementary', { name: 'Reckoning' });
  await page.getByLabel('Thickness', { exact: true }).selectOption('0.5 mm');
  await expect(reckoning.getByText(/bends under the raw/)).toBeVisible();
  await reckoning
    .getByRole('button', { name: /^take 1 mm aluminium/ })
    .first()
    .click();
  await expect(reckoning.getByText(/bends under the raw/)).toHaveCount(0);
  await expect(page.getByLabel('Thickness', { exact: true })).toHaveValue('1');

  const stock = page.getByRole('region', { name: 'Cut list' });
  const plan = stock.getByRole('region', { name: 'Cut from 1 mm aluminium' });
  await expect(plan).toContainText('as few as it can be done with');
  await expect(stock.getByLabel('1 mm aluminium, length')).toHaveValue('260.0');
  await plan.getByRole('button', { name: 'It is cut' }).click();
  await expect(stock.getByLabel('1 mm aluminium, length').first()).not.toHaveValue('260.0');
  await page.keyboard.press('Control+z');
  await expect(stock.getByLabel('1 mm aluminium, length')).toHaveValue('260.0');

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the bending drawing as PDF' }).click();
  expect((await bytesOf(await download)).subarray(0, 5).toString()).toBe('%PDF-');
  await page.getByRole('button', { name: 'look at it' }).click();
  await expect(page.getByRole('img', { name: 'Page 1 of the bending drawing' })).toBeVisible();
});

test('hoops, coils and gaps are reckoned as they are typed', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bones');
  const shapes = page.getByRole('region', { name: 'Hoops, coils, wraps and gaps' });
  await shapes.getByLabel('across').fill('1 in');
  // π × 25.4 mm.
  await expect(shapes.getByRole('listitem', { name: 'Hoop, half dome' })).toContainText('79.8 mm');
  const gap = shapes.getByRole('listitem', { name: 'Joint to bend later' });
  await gap.getByLabel('limb').fill('8');
  await expect(gap).toContainText('leave 8.0 mm');
});

test('what wants no wire says why, and a pose changes what is asked of it', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bones');
  await page.getByRole('button', { name: /^Oar/ }).click();
  await expect(page.getByText('Oar is not of clay')).toBeVisible();
  await page.getByRole('button', { name: /^Brick quay/ }).click();
  await expect(page.getByText('stout enough to do without a wire')).toBeVisible();
  await stage(page, 'Size');
  await page.getByRole('button', { name: /^Ferrywoman/ }).click();
  await page.getByLabel('Pose').selectOption('straight');
  await page.keyboard.press('Tab');
  await stage(page, 'Bones');
  await expect(page.getByText(/Wire in Ferrywoman: 0\.[0-9]+ mm/)).toBeVisible();
});
