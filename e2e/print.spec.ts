import { bytesOf, expect, openDemo, test } from './bench.ts';
import { inked, THIN_MM } from './inked.ts';

test('a template prints at true size: its marks are measured on the drawn page', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: /^Brick quay/ }).click();
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  const sheet = page.getByRole('region', { name: 'Templates' });
  await expect(sheet.getByRole('img', { name: 'Page 1 of the templates' })).toBeVisible();
  const save = async () => {
    const download = page.waitForEvent('download');
    await sheet.getByRole('button', { name: 'Save templates as PDF' }).click();
    return bytesOf(await download);
  };
  // The quay is 150 × 110 mm; a line is inked to half its width on either side.
  const template = await inked(page, await save(), 11, 123);
  expect(Math.abs(template.widthMm - THIN_MM - 150)).toBeLessThan(0.2);
  expect(Math.abs(template.heightMm - THIN_MM - 110)).toBeLessThan(0.2);
  expect(template.pages).toBe(1);
  // The rule at the foot is 100 mm.
  const rule = await inked(page, await save(), 297 - 18.2, 297 - 17.8);
  expect(Math.abs(rule.lineMm - 100)).toBeLessThan(0.4);

  // A printer that makes 98 of 100 is made up for.
  await sheet.getByLabel('The 100 mm rule came out as').fill('98');
  const larger = await inked(page, await save(), 12, 127);
  expect(Math.abs(larger.widthMm - THIN_MM - 150 / 0.98)).toBeLessThan(0.2);
  await sheet.getByLabel('mirrored pair').check();
  await sheet.getByLabel('side').check();
  await sheet.getByLabel('Copies').fill('3');
  await expect(sheet.getByRole('img', { name: 'Page 2 of the templates' })).toBeVisible();
  await sheet.getByLabel('Copies').fill('200');
  await expect(sheet.getByRole('alert')).toContainText('at most 400 are printed at once');
});
