import { expect, figure, test, untilKept } from './bench.ts';

test('a piece from nothing, by keyboard alone', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Toll Frogs' })).toBeVisible();
  const press = (key: string, times = 1) =>
    page.keyboard.press(key).then(async () => {
      for (let i = 1; i < times; i += 1) await page.keyboard.press(key);
    });
  const tabTo = async (name: RegExp) => {
    const seen: string[] = [];
    for (let i = 0; i < 90; i += 1) {
      await press('Tab');
      const label = await page.evaluate(() => {
        const at = document.activeElement;
        const id = at?.id ?? '';
        return (
          at?.getAttribute('aria-label') ??
          document.querySelector(`label[for="${CSS.escape(id)}"]`)?.textContent ??
          at?.textContent ??
          ''
        );
      });
      if (name.test(label)) return;
      seen.push(label.slice(0, 30));
    }
    throw new Error(`${name} was not reached with Tab: ${seen.join(' | ')}`);
  };

  await tabTo(/^New piece$/);
  await press('Enter');
  await expect(page.getByText('Nothing is on the ground line yet.')).toBeVisible();

  // A part: N, a word of what it is, the arrows through what is found.
  await press('n');
  await page.keyboard.type('ball');
  await expect(page.getByRole('option', { name: /^Football/ })).toBeVisible();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('bell');
  await expect(page.getByRole('option').first()).toContainText('Bell');
  await press('Enter');
  await expect(page.getByRole('button', { name: /^Bell/ })).toBeVisible();

  // A new piece has no scale yet: its sizes are those on the bench. They stand there as soon as the part is measured.
  await expect(page.getByRole('textbox', { name: 'Height, miniature', exact: true })).toBeVisible();
  await tabTo(/^Height, miniature$/);
  await page.keyboard.type('100 mm');
  await press('Enter');
  await expect(figure(page, 'Height')).toContainText('100.0 mm');
  await tabTo(/^Height, as made$/);
  await page.keyboard.type('99.5');
  await press('Enter');
  await expect(page.getByText('within what the eye forgives').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());

  // Through the stages by their digits.
  await press('4');
  await expect(figure(page, 'Foil to tear off, each')).toBeVisible();
  await press('6');
  await expect(page.getByRole('list', { name: 'Bakes in order' })).toBeVisible();
  await press('9');
  await expect(page.getByRole('img', { name: 'Page 1 of the bench sheet' })).toBeVisible();
  await press('0');
  await expect(page.getByRole('main', { name: 'Log' })).toBeVisible();
  await press('b');
  await expect(page.getByRole('form', { name: 'Record a bake' })).toBeVisible();
  await tabTo(/^Record it$/);
  await press('Enter');
  await expect(page.getByText(/^Baked at 130 °C for/)).toBeVisible();

  await press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('record a bake');
  await press('Escape');
  await untilKept(page);
  await page.reload();
  await expect(page.getByText(/^Baked at 130 °C for/)).toBeVisible();
});

test('the tray by keyboard: through the parts, move, hang, remove, undo', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Low Water Ferry' }).click();
  const tray = page.getByRole('region', { name: 'Parts' });
  const names = () => tray.locator('li .truncate').allTextContents();
  await tray.getByRole('button', { name: /^Ferrywoman/ }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(tray.getByRole('button', { name: /^Oar/ })).toHaveAttribute('aria-pressed', 'true');
  await tray.getByRole('button', { name: /^Mooring post/ }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Alt+ArrowUp');
  expect((await names()).slice(0, 3)).toEqual(['Ferrywoman', 'Oar', 'Mooring post']);
  await page.keyboard.press('Delete');
  expect(await names()).not.toContain('Mooring post');
  await page.keyboard.press('Control+z');
  expect(await names()).toContain('Mooring post');
});
