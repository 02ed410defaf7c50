import Papa from 'papaparse';
import { bytesOf, expect, openDemo, test } from './bench.ts';

test('measures go out as a table and what was made comes back in, line by line', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Measures as CSV' }).click();
  const text = (await bytesOf(await download)).toString();
  const { data } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
  const quay = data.find(({ part, measure }) => part === 'quay' && measure === 'height');
  expect(quay?.miniature_mm).toBe('110');

  const lines = data.map((line) => (line === quay ? { ...line, made_mm: '111.5' } : line));
  const back = Papa.unparse([...lines, { ...quay, part: 'moon', made_mm: '3' }]);
  await page
    .getByLabel('Table of measures to bring in')
    .setInputFiles({ name: 'made.csv', mimeType: 'text/csv', buffer: Buffer.from(back) });
  await expect(page.getByText('1 measure taken into the log')).toBeVisible();
  await expect(page.getByText(/no part “moon” here/)).toBeVisible();
  await page.getByRole('button', { name: /^Brick quay/ }).click();
  await expect(page.getByLabel('Height, as made')).toHaveValue('111.5');
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Height, as made')).toHaveValue('');
});

test('a pair is held left against right', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: /^Greylag goose/ }).click();
  await page.getByText('Pairs, left against right').click();
  await page.getByRole('button', { name: '+ wings' }).click();
  await page.getByLabel('wings, left as made').fill('30');
  await page.getByLabel('wings, right as made').fill('32');
  await expect(page.getByText('the right one is 2.0 mm larger')).toBeVisible();
  await page.getByLabel('wings, right as made').fill('30.2');
  await expect(page.getByText('alike, as far as the eye sees')).toBeVisible();
});
