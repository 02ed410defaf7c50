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
  const isNarrow = async (where: string) => {
    const [width, seen] = await page.evaluate(() => [
      document.documentElement.scrollWidth,
      document.documentElement.clientWidth,
    ]);
    expect(width, where).toBeLessThanOrEqual(seen ?? 0);
    // The middle scrolls by itself: what is entered in it may not reach beyond the screen either.
    const beyond = await page
      .locator('main fieldset:visible')
      .evaluateAll((all) =>
        Math.max(0, ...all.map((one) => one.getBoundingClientRect().right - window.innerWidth)),
      );
    expect(beyond, where).toBe(0);
  };
  for (const lens of ['Brief', 'Size', 'Bones', 'Bulk', 'Repeats', 'Bake', 'Bench', 'Log']) {
    await stage(page, lens);
    if (lens === 'Brief') await page.getByRole('button', { name: '+ An addition' }).tap();
    await isNarrow(lens);
    if (lens !== 'Size') continue;
    for (const sheet of ['Fits and base', 'Reads as', 'Seen', 'Print']) {
      await page.getByRole('button', { name: sheet, exact: true }).tap();
      await expect(page.getByText('Opening …')).toHaveCount(0);
      await isNarrow(sheet);
    }
    await page.getByRole('button', { name: /^Off a picture/ }).tap();
    await expect(page.getByRole('application')).toBeVisible();
    await isNarrow('Off a picture');
  }
  await page.goto('/instruments');
  await expect(page.getByRole('region', { name: 'Caliper' })).toBeVisible();
  await isNarrow('instruments');
});
