import AxeBuilder from '@axe-core/playwright';
import { LENSES } from '../web/src/lenses/index.ts';
import { expect, openDemo, test } from './bench.ts';

const ROUTES = [
  '/',
  '/handbook',
  '/workshop',
  '/instruments',
  ...LENSES.map(({ stage }) => `/piece/low-water-ferry/${stage}`),
];

/** Serious findings of axe, one line each. */
async function seriousOn(axe: AxeBuilder): Promise<string[]> {
  // Passes are not wanted: writing them out takes longer than finding them.
  const { violations } = await axe.options({ resultTypes: ['violations'] }).analyze();
  const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  return serious.map(
    ({ id, nodes }) =>
      `${id}: ${nodes
        .slice(0, 3)
        .map(({ html }) => html.slice(0, 140))
        .join(' | ')}`,
  );
}

for (const colorScheme of ['light', 'dark'] as const) {
  test.describe(`${colorScheme}`, () => {
    test.use({ colorScheme });
    test(`axe finds nothing serious on any route, ${colorScheme}`, async ({ page }) => {
      test.setTimeout(180_000);
      await openDemo(page, 'Low Water Ferry');
      for (const route of ROUTES) {
        await page.goto(route);
        await expect(page.getByRole('main').first()).toBeVisible();
        await expect(page.getByText(/^(Opening|Laying it out|Looking)/)).toHaveCount(0);
        expect(await seriousOn(new AxeBuilder({ page })), route).toEqual([]);
      }
    });
  });
}

test('the working, the sheets and the dialogs are sound too', async ({ page }) => {
  test.setTimeout(90_000);
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: 'Show the working of Height', exact: true }).click();
  const serious = async () => {
    const { violations } = await new AxeBuilder({ page }).analyze();
    return violations
      .filter(({ impact }) => impact === 'serious' || impact === 'critical')
      .map(({ id }) => id);
  };
  expect(await serious()).toEqual([]);
  await page.keyboard.press('Escape');
  for (const sheet of ['Fits and base', 'Seen']) {
    await page.getByRole('button', { name: sheet, exact: true }).click();
    await expect(page.getByText('Opening …')).toHaveCount(0);
    expect(await serious(), sheet).toEqual([]);
  }
  await page.keyboard.press('o');
  await expect(page.getByRole('application')).toBeVisible();
  expect(await serious(), 'off a picture').toEqual([]);
  await page.keyboard.press('o');
  await page.keyboard.press('n');
  await expect(page.getByRole('dialog', { name: 'Add a part' })).toBeVisible();
  expect(await serious()).toEqual([]);
});
