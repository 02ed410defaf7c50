import { expect, openDemo, test } from './bench.ts';

test('found things: what they read as, what stands in, and a way out taken', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: 'Reads as' }).click();
  const bench = page.getByRole('region', { name: 'A thing on the bench' });
  await bench.getByLabel('measures').fill('8');
  await expect(bench.getByRole('status')).toHaveText('96.0 mm');
  await expect(bench.getByRole('listitem').first()).toContainText('as they come');

  const life = page.getByRole('region', { name: 'A thing in life' });
  await life.getByLabel('thing in life').selectOption('life.fence-post');
  await expect(life.getByRole('status')).toHaveText('8.3 mm');
  await life.getByRole('button', { name: 'Use Dowel, 3/8 in in this piece' }).click();
  await expect(page.getByLabel('What Dowel, 3/8 in is meant to be')).toHaveValue('life.fence-post');
  await expect(page.getByText('Found things in this piece: 1 of 4 to look at')).toBeVisible();

  // Sand too fine for pebbles: the offered thing is taken with one press, and undo takes it back.
  await page
    .getByRole('button', { name: /^use a .* instead$/ })
    .first()
    .click();
  await expect(page.getByText('Found things in this piece: all read well')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('1 of 4 to look at')).toBeVisible();
  // At another scale the same things read otherwise.
  await page.getByLabel('Coarse sand, size on the bench').fill('1.2');
  await expect(page.getByText('Found things in this piece: all read well')).toBeVisible();
});
