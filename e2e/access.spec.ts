import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { LENSES } from '../web/src/lenses/index.ts';
import { STAGES } from '../web/src/parts/stages.ts';
import { expect, openDemo, stage, test } from './bench.ts';

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

/** Looks over the page as it is in the light, and over its colours in the dark: nothing else of it differs. */
async function soundInBoth(page: Page, where: string): Promise<void> {
  await expect(page.getByRole('main').first()).toBeVisible();
  await expect(page.getByText(/^(Opening …|Laying it out|Looking)/)).toHaveCount(0);
  await page.emulateMedia({ colorScheme: 'light' });
  expect(await seriousOn(new AxeBuilder({ page })), where).toEqual([]);
  await page.emulateMedia({ colorScheme: 'dark' });
  const colours = new AxeBuilder({ page }).withRules(['color-contrast']);
  const { violations } = await colours.analyze();
  expect(
    violations.flatMap(({ nodes }) => nodes.map(({ html }) => html.slice(0, 140))),
    `${where}, dark`,
  ).toEqual([]);
}

test('axe finds nothing serious in any room, light or dark', async ({ page }) => {
  for (const room of ['/', '/handbook', '/workshop', '/instruments']) {
    await page.goto(room);
    await soundInBoth(page, room);
  }
});

for (const half of [0, 1])
  test(`axe finds nothing serious at any stage, light or dark, ${half + 1} of 2`, async ({ page }) => {
    await openDemo(page, 'Low Water Ferry');
    for (const { stage: name } of LENSES.filter((_, i) => i % 2 === half)) {
      await stage(page, STAGES.find((one) => one.stage === name)?.name ?? '');
      await soundInBoth(page, name);
    }
  });

test('the working, the sheets and the dialogs are sound too', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: 'Show the working of Height', exact: true }).click();
  const serious = () => seriousOn(new AxeBuilder({ page }));
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
