import { expect, openDemo, test } from './bench.ts';

test('what is seen of a part follows the eye, and its back is left plain', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: 'Seen', exact: true }).click();
  const seen = page.getByRole('region', { name: 'What is seen of Ferrywoman' });
  await expect(seen.getByRole('row', { name: /^back/ })).toContainText('never seen');
  await seen.getByLabel('Round it, to its left').fill('180');
  await expect(seen.getByRole('row', { name: /^back/ })).not.toContainText('never seen');
  await expect(seen.getByRole('row', { name: /^front/ })).toContainText('never seen');
  await seen.getByLabel('from all round').check();
  await expect(seen.getByRole('row', { name: /^front/ })).not.toContainText('never seen');
});
