import { expect, openDemo, stage, test } from './bench.ts';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('at 390 px a bake is logged with a thumb, and nothing scrolls sideways', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Log');
  await page.getByRole('button', { name: 'Record a bake' }).tap();
  const form = page.getByRole('form', { name: 'Record a bake' });
  await form.getByLabel('Part').selectOption({ label: 'Mooring post' });
  await form.getByLabel('Heat, by the thermometer').fill('131');
  await form.getByLabel('Time', { exact: true }).fill('25');
  await form.getByRole('button', { name: 'Record it' }).tap();
  const entry = page.getByRole('listitem').filter({ hasText: 'Baked at 131 °C for 25 min' });
  await expect(entry).toContainText('Mooring post');
  await expect(entry).toContainText('within the window');
  for (const lens of ['Brief', 'Size', 'Bulk', 'Bake', 'Bench', 'Log']) {
    await stage(page, lens);
    if (lens === 'Brief') await page.getByRole('button', { name: '+ An addition' }).tap();
    if (lens === 'Size') await page.getByRole('button', { name: 'Reads as' }).tap();
    const [width, seen] = await page.evaluate(() => [
      document.documentElement.scrollWidth,
      document.documentElement.clientWidth,
    ]);
    expect(width, lens).toBeLessThanOrEqual(seen ?? 0);
  }
});
