import { expect, openDemo, stage, test } from './bench.ts';

test('a rider is checked on its mount, and the pose it is offered sits it astride', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  for (const thing of ['horse', 'person']) {
    await page.keyboard.press('n');
    await page.getByRole('dialog', { name: 'Add a part' }).waitFor();
    await page.keyboard.type(thing);
    await page.keyboard.press('Enter');
  }
  await page.getByRole('button', { name: 'Fits and base' }).click();
  await page.getByRole('button', { name: /^\+ A fit/ }).click();
  const fit = page.locator('[aria-label="How parts go together"] li[aria-label]').last();
  await fit.getByLabel('How it goes').selectOption('rides');
  await fit.getByLabel('Other part').selectOption({ label: 'Horse' });
  await expect(fit.getByText('won’t')).toBeVisible();
  await expect(fit).toContainText('into the mount');
  await fit.getByRole('button', { name: /sit it astride/ }).click();
  await expect(fit.getByText('fits', { exact: true })).toBeVisible();
  await expect(fit).toContainText('sits freely');
  await page.keyboard.press('Control+z');
  await expect(fit.getByText('won’t')).toBeVisible();
});

test('a base too small is told, a weighed one takes its place, and the links stand in the tray', async ({
  page,
}) => {
  await openDemo(page, 'Toll Frogs', 'Size');
  await expect(page.getByRole('img', { name: /Frog toll-keeper passes under Gate beam/ })).toBeVisible();
  await page.getByRole('button', { name: 'Fits and base' }).click();
  const fits = page.getByRole('region', { name: 'How parts go together' });
  await fits.getByLabel('feet measured across, mm').fill('36');
  await expect(fits.getByRole('listitem').first()).toContainText('over the edge');
  await page.getByRole('button', { name: 'Use the Round base, 40 mm' }).click();
  await expect(page.getByRole('button', { name: /^Round base, 40 mm × 5/ })).toBeVisible();
  await expect(fits.getByText('over the edge')).toHaveCount(0);
  // The opening that it passes under is typed as makers type lengths.
  const gate = fits.getByRole('listitem', { name: 'Frog toll-keeper passes under Gate beam' });
  await gate.getByLabel('high').fill('1.5 m');
  await expect(gate.getByText('won’t')).toBeVisible();
  await gate.getByRole('button', { name: 'make the opening so much larger' }).click();
  await expect(gate.getByText('won’t')).toHaveCount(0);
  await stage(page, 'Brief');
  await expect(page.getByRole('region', { name: 'How parts go together' })).toBeVisible();
});
