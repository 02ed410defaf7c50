import { expect, openDemo, stage, test } from './bench.ts';

test('features are counted, the bake names what is missing, and a wish shows its price before it is taken on', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Brief');
  await page.getByRole('button', { name: /^Greylag goose/ }).click();
  const features = page.getByRole('region', { name: 'Features to count' });
  await features.getByRole('button', { name: /What it usually has/ }).click();
  await expect(features.getByRole('listitem')).toHaveCount(3);
  await features.getByRole('button', { name: 'One of eyes more' }).click();
  await expect(features.getByLabel('eyes made')).toHaveText('1');
  await stage(page, 'Bake');
  await expect(page.getByText('1 of 2 eyes, 2 of 2 wings, 8 of 8 toes')).toBeVisible();
  await stage(page, 'Brief');
  for (const button of await features.getByRole('button', { name: 'all of them' }).all())
    await button.click();
  await expect(features.getByText('all there')).toHaveCount(3);
  await stage(page, 'Bake');
  await expect(page.getByText(/still to be made/)).toHaveCount(0);

  await stage(page, 'Brief');
  const later = page.getByRole('region', { name: 'Added later' });
  await later.getByRole('button', { name: '+ An addition' }).click();
  await later.getByLabel('New wish, hours at the bench').fill('60');
  await expect(later.getByText(/takes 20\.0 days of the 18\.0 days left: more than there are/)).toBeVisible();
  await later
    .getByRole('row', { name: /New wish/ })
    .getByLabel('taken on')
    .check();
  await expect(later.getByText('stop')).toBeVisible();
  await later.getByRole('button', { name: 'leave it out after all' }).click();
  await expect(later.getByRole('row', { name: /New wish/ }).getByLabel('taken on')).not.toBeChecked();
});

test('a tree too tall for the oven is told so, with where to part it; a larger oven takes it', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.keyboard.press('n');
  await page.keyboard.type('orchard tree');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/upright|lying down|leaning/).first()).toBeVisible();
  await page.getByLabel('Height, miniature').fill('700');
  await expect(page.getByText(/mm short, even/)).toBeVisible();
  await expect(page.getByText(/part it/)).toBeVisible();
  await page.goto('/workshop');
  for (const [row, mm] of [
    ['width', '1200'],
    ['depth', '900'],
    ['height over the rack', '900'],
  ] as const)
    await page.getByLabel(`Your own: Oven inside, ${row}`).fill(mm);
  await page.waitForTimeout(700);
  await page.goto('/piece/low-water-ferry/size');
  await page.getByRole('button', { name: /^Orchard tree/ }).click();
  await expect(page.getByText(/mm to spare/)).toBeVisible();
});

test('a decision is settled before its step; changed after work leans on it, it says what that undoes', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Brief');
  const decisions = page.getByRole('region', { name: 'Decisions' });
  const hand = decisions.getByRole('listitem', { name: 'What does her right hand hold?' });
  await expect(hand).toContainText('changing it undoes Ferrywoman: 2 measures');
  await hand.getByLabel('Answer').fill('a lantern');
  await expect(hand).toContainText('after work that leans on it: Ferrywoman: 2 measures');
  await hand.getByRole('button', { name: 'back to “the oar, upright”' }).click();
  await expect(hand.getByLabel('Answer')).toHaveValue('the oar, upright');

  const light = decisions.getByRole('listitem', { name: /^Does a light go/ });
  await expect(light).toContainText('to be settled before the first bake');
  await light.getByLabel('Answer').fill('yes, from below');
  await expect(light).toContainText('nothing leans on it yet');

  await decisions.getByRole('button', { name: '+ A decision' }).click();
  const mine = decisions.getByRole('listitem', { name: 'About Ferrywoman' });
  await mine.getByLabel('To be decided').fill('Hood up or down?');
  await expect(decisions.getByRole('listitem', { name: 'Hood up or down?' })).toBeVisible();
});

test('a clay is advised with reasons, taken, and kneaded with another on paper first', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Brief');
  await page.getByRole('button', { name: /^Mug handle/ }).click();
  const chooser = page.getByRole('region', { name: 'Which clay' });
  await expect(chooser.getByRole('listitem').first()).toContainText('very good for thin parts');
  await chooser.getByLabel('light through it').check();
  await chooser.getByRole('button', { name: /^all 9/ }).click();
  await chooser.getByRole('button', { name: 'Make it of Translucent clay' }).click();
  await expect(chooser.getByText('in use')).toBeVisible();
  await chooser.getByLabel(/^Kneaded with translucent clay/).selectOption({ label: 'All-purpose soft clay' });
  await expect(chooser).toContainText('bakes at 110 to 120 °C');
  await page.keyboard.press('6');
  await expect(page.getByRole('main', { name: 'Bake' })).toBeVisible();
});
