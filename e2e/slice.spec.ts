import { bytesOf, expect, figure, openDemo, settled, stage, test } from './bench.ts';

test('from a size to a baked, logged part: everything follows the scale', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await expect(figure(page, 'Height')).toContainText('138.3 mm');
  await expect(page.getByRole('group', { name: 'Line-up of 14 parts to one scale' })).toBeVisible();

  await page.getByRole('button', { name: /^Scale 1:12/ }).click();
  await page.getByLabel('Type a scale').fill('1:24');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  // 1660 mm ÷ 24
  await expect(figure(page, 'Height')).toContainText('69.2 mm');
  await expect(page.getByRole('button', { name: 'Ferrywoman', exact: false }).first()).toContainText('69.2');

  await stage(page, 'Bulk');
  await expect(figure(page, 'Skin over the core')).toContainText('1.5 mm');
  await page.keyboard.press('Control+z');
  await expect(figure(page, 'Skin over the core')).toContainText('4.0 mm');
  await page.keyboard.press('Control+Shift+z');
  await expect(figure(page, 'Skin over the core')).toContainText('1.5 mm');
  await page.keyboard.press('Control+z');

  await stage(page, 'Bake');
  await expect(page.getByRole('main', { name: 'Bake' })).toContainText('122 °C');
  await expect(page.getByText('Handles brown at 14 minutes', { exact: false })).toBeVisible();

  await stage(page, 'Log');
  await page.getByRole('button', { name: 'Record a bake' }).click();
  const form = page.getByRole('form', { name: 'Record a bake' });
  await form.getByLabel('Heat, by the thermometer').fill('152');
  await form.getByLabel('Note').fill('Left it in too long.');
  await form.getByRole('button', { name: 'Record it' }).click();
  const entry = page.getByRole('listitem').filter({ hasText: 'Left it in too long.' });
  await expect(entry).toContainText('17 °C over the window: look for browning');
  await expect(entry).toContainText('stop');
});

test('every figure opens to its working, and an own value goes before the handbook’s', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bulk');
  const foil = figure(page, 'Foil to tear off, each');
  await settled(page);
  const before = await foil.textContent();
  await page.getByRole('button', { name: 'Show the working of Foil to tear off, each' }).click();
  const working = page.getByRole('dialog', { name: /^Working of/ });
  await expect(working).toContainText('F = K × φ ÷ (e × w)');
  await expect(working).toContainText('handbook, from memory');
  // Weighed: twice as much metal as the handbook supposes.
  await working.getByLabel('Your own value, for this piece').first().fill('0.3');
  await expect(working).toContainText('your own value');
  await expect.poll(() => foil.textContent()).not.toBe(before);
  // On to what it was reckoned from, and back.
  await working.getByRole('button', { name: 'reckoned: open its working' }).first().click();
  await expect(page.getByRole('dialog', { name: 'Working of Core of foil, volume' })).toContainText(
    'What depends on it',
  );
  await page.getByRole('button', { name: '← back' }).click();
  await expect(working).toContainText('Foil to tear off');
});

test('a verdict’s way out is one press, and undo takes it back', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bulk');
  await page.getByRole('button', { name: /^Brick quay/ }).click();
  await page.getByLabel('Core', { exact: true }).selectOption('none');
  await expect(figure(page, 'Thickest clay').first()).toContainText('60.0 mm');
  await expect(page.getByText('47.3 mm too thick in the block', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'put a foil core in' }).click();
  await expect(page.getByText('cures through, 8.7 mm to spare')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('47.3 mm too thick', { exact: false })).toBeVisible();
});

test('lengths: what is typed is taken, what cannot be read says why and stays', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  const height = page.getByLabel('Height, sole to crown, in life');
  await height.fill(`5' 10"`);
  await height.press('Enter');
  await expect(figure(page, 'Height')).toContainText('148.2 mm');
  await height.fill('5-9');
  await expect(page.getByRole('alert')).toContainText('can be meant in two ways');
  await expect(height).toHaveValue('5-9');
  await expect(figure(page, 'Height')).toContainText('148.2 mm');
  await height.press('Escape');
  await expect(height).toHaveValue('1.778 m');
  // The miniature drives life.
  await page.getByLabel('Height, sole to crown, miniature').fill('100');
  await page.keyboard.press('Enter');
  await expect(height).toHaveValue('1.200 m');
  // Made, off by, verdict.
  await page.getByLabel('Eyes above the sole, as made').fill('99');
  await expect(page.getByRole('row', { name: /Eyes above the sole/ })).toContainText(
    'too large, reads as 1.188 m',
  );
});

test('the converter reads both ways and keeps a length on the part', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.keyboard.press('/');
  await page.keyboard.type(`5' 5 3/8"`);
  await expect(page.locator('#converter-says')).toContainText('138.4 mm · 5 29/64 in');
  await page.keyboard.press('Escape');
  await page.getByTitle('Turn the converter round').click();
  await page.keyboard.type('76');
  await expect(page.locator('#converter-says')).toContainText('91.2 cm');
  await page.keyboard.press('=');
  await expect(figure(page, 'Height')).toContainText('76.0 mm');
});

test('the bench sheet is a PDF of the same pages as on the screen', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bench');
  const pages = page.getByRole('img', { name: /^Page \d+ of the bench sheet/ });
  await expect(pages.first()).toBeVisible();
  const shown = await pages.count();
  const download = page.waitForEvent('download');
  await page.keyboard.press('p');
  const saved = await download;
  expect(saved.suggestedFilename()).toBe('Low Water Ferry bench sheet.pdf');
  const bytes = await bytesOf(saved);
  expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
  expect(bytes.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(shown);
});

test('a figure height is no ratio: it works as one and keeps its range', async ({ page }) => {
  await openDemo(page, 'Toll Frogs', 'Size');
  await expect(figure(page, 'Scale')).toContainText('1:51.188');
  await expect(page.getByRole('complementary', { name: 'Reckoning' })).toContainText('1:48.262 to 1:57.813');
  await page.getByRole('button', { name: /^Scale 32 mm/ }).click();
  await page.getByRole('radio', { name: 'to the crown' }).check();
  await page.keyboard.press('Escape');
  // 1750 ÷ 32
  await expect(figure(page, 'Scale')).toContainText('1:54.688');
});

test('every stage is entered by its digit and by its address', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  const stages = page.getByRole('navigation', { name: 'Stages' }).getByRole('button');
  await expect(stages).toHaveCount(10);
  for (const stage of await stages.all()) await expect(stage).toBeEnabled();
  await page.keyboard.press('8');
  await expect(page.getByRole('main', { name: 'Finish' })).toBeVisible();
  await page.goto('/piece/low-water-ferry/nowhere');
  await expect(page.getByRole('main', { name: 'Size' })).toBeVisible();
});
