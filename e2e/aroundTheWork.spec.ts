import type { Page } from '@playwright/test';
import { expect, openDemo, settled, stage, test } from './bench.ts';

/** Opens a step of the route by its title. */
async function step(page: Page, title: string | RegExp): Promise<void> {
  const route = page.getByRole('region', { name: 'Route' });
  await route.getByRole('button', { name: title }).first().click();
}

test.beforeEach(async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bench');
  await settled(page);
});

test('what the clay is smoothed with is dried off before the oven, and cautions are told', async ({
  page,
}) => {
  await step(page, /^Greylag goose: clean and smooth/);
  await page.getByLabel('Smoothed with').selectOption('alcohol');
  await expect(page.getByText(/^alcohol: its fumes catch fire/)).toBeVisible();
  await expect(page.getByLabel('Waiting', { exact: true })).toHaveAttribute('placeholder', '30');
  await page.getByLabel('Smoothed with').selectOption('oil');
  await expect(page.getByText(/paint and glue do not hold over oil/).first()).toBeVisible();
  await page.getByLabel('Smoothed with').selectOption('dry');
  await expect(page.getByText(/hold over oil/)).toHaveCount(0);
});

test('work on cured clay says what is left round a hole, and that thin clay is snipped without a mark', async ({
  page,
}) => {
  await step(page, /^Greylag goose: clean and smooth/);
  await page.getByLabel('Add behind it').selectOption('sand');
  await page.getByRole('button', { name: '+ Add', exact: true }).click();
  await step(page, /^Greylag goose: clean and smooth/);
  await step(page, /^work on the cured clay/);
  await page.getByLabel('The work', { exact: true }).selectOption('drill');
  await page.getByLabel('Its hole').fill('60');
  await page.getByLabel('Its hole').press('Enter');
  await expect(page.getByText(/a hole of 60.0 mm is wider than the/).first()).toBeVisible();
  await page.getByLabel('The work', { exact: true }).selectOption('snip');
  await page.getByLabel('Its cut through').fill('1');
  await page.getByLabel('Its cut through').press('Enter');
  const heed = page.getByRole('list', { name: /^To heed at work on the cured clay/ });
  await expect(heed.getByText(/shield the eyes/)).toBeVisible();
  await expect(heed.getByText('stop', { exact: true })).toHaveCount(0);
  await expect(heed.getByText('check this', { exact: true })).toHaveCount(0);
});

test('what is new is tried on a swatch days ahead; it passed, and the step is good', async ({ page }) => {
  await step(page, /^Matt varnish/);
  await page.getByLabel('new to me: try it on a swatch first').check();
  const route = page.getByRole('region', { name: 'Route' });
  await expect(route.getByText('try “Matt varnish” on a swatch').first()).toBeVisible();
  const heed = page.getByRole('list', { name: 'To heed at Matt varnish' });
  await expect(heed.getByText(/it has passed when dry to the touch/)).toBeVisible();
  await page.getByRole('button', { name: 'It passed' }).click();
  await expect(heed.getByText('tried on a swatch, and it passed')).toBeVisible();
  await stage(page, 'Log');
  await expect(page.getByText(/try “Matt varnish” on a swatch: passed/).first()).toBeVisible();
});

test('a low pass dries at 50 °C what no bake bears, and a wash over bare paint is to be checked', async ({
  page,
}) => {
  await step(page, /^Base coats/);
  await page.getByLabel('Glue or stuff left on the part').selectOption('acrylic');
  await page.getByLabel('Add behind it').selectOption('dry');
  await page.getByRole('button', { name: '+ Add', exact: true }).click();
  await step(page, /^Base coats/);
  await step(page, /^dry it warm/);
  await expect(page.getByText(/^dries at 50 °C: it cures no clay/)).toBeVisible();
  await step(page, /^dry it warm/);
  await step(page, /^Washes and dry brush/);
  await page.getByLabel('Glue or stuff left on the part').selectOption('wash');
  await expect(page.getByText(/a wash lifts “Base coats” where nothing seals it/).first()).toBeVisible();
  // Well done twice, it is no matter for this maker.
  await page.getByRole('button', { name: 'It went well' }).click();
  await expect(page.getByText(/a wash lifts/)).toHaveCount(0);
});

test('an aid of foam may not go through the bake; taken off before it may, and it is laid out', async ({
  page,
}) => {
  await page.getByRole('main').getByRole('button', { name: 'Aids for a while' }).last().click();
  await page.getByRole('button', { name: '+ An aid' }).click();
  await page.getByLabel('What it is').fill('neck former');
  await page.getByLabel('What it is').press('Enter');
  await page.getByLabel('It is of').selectOption('foam');
  await stage(page, 'Bake');
  await expect(page.getByText(/neck former: foam: softens and shrinks away/).first()).toBeVisible({
    timeout: 60_000,
  });
  await page
    .getByRole('button', { name: /^take neck former off before this bake/ })
    .first()
    .click();
  await expect(page.getByText(/neck former: foam: softens/)).toHaveCount(0);
  await stage(page, 'Bench');
  await page.getByRole('main').getByRole('button', { name: 'To lay out' }).last().click();
  await expect(page.getByRole('list', { name: /^To lay out/ }).getByText('neck former')).toBeVisible();
});

test('seams are listed with their length and what hides them', async ({ page }) => {
  await page.getByRole('main').getByRole('button', { name: 'Seams, edges and gaps' }).last().click();
  const table = page.getByRole('table', { name: 'Seams, edges and gaps' });
  await expect(table.getByText('Ferrywoman on Plank stage')).toBeVisible();
  await expect(table.getByText(/earth, moss or grit up to it/).first()).toBeVisible();
});

test('a feature too small for a hand says what else would do, and exaggerated it is made', async ({
  page,
}) => {
  await stage(page, 'Brief');
  await page.getByLabel('Size of coat buttons, in life').fill('4 mm');
  await page.getByLabel('Size of coat buttons, in life').press('Enter');
  const told = page.getByText(/0.3 mm here; the smallest dot a hand makes in clay is 0.5 mm/).first();
  await expect(told).toBeVisible();
  await page
    .getByRole('button', { name: /^exaggerate it to 0.5 mm/ })
    .first()
    .click();
  await expect(told).toHaveCount(0);
});

test('copies that differ are told by name, and never more of them than there are', async ({ page }) => {
  await stage(page, 'Size');
  await page.getByRole('button', { name: /^Enamel mug/ }).click();
  await page.getByText('Alike, but not the same').click();
  await page.getByRole('button', { name: '+ One that differs' }).click();
  await page.getByLabel('Name of another').fill('chipped');
  await page.getByLabel('Name of another').press('Enter');
  await expect(page.getByText('1 of 6 differ; 5 as it is drawn here.')).toBeVisible();
  await page.getByLabel('How many chipped').fill('8');
  await page.getByLabel('How many chipped').press('Enter');
  await page.getByRole('button', { name: 'make 8 of it' }).click();
  await expect(page.getByText('8 of 8 differ; none is drawn here.')).toBeVisible();
});

test('a bake says what could go in along with it; sharp edges are told by their length, and rough amounts are kept in a list of points', async ({
  page,
}) => {
  const seams = page.getByRole('region', { name: 'Seams, edges and gaps' });
  if (!(await seams.getByRole('table').isVisible())) await seams.getByRole('button').first().click();
  // The quay is 1800 × 1320 × 720 in life, at 1:12: four of each.
  await expect(seams.getByRole('row', { name: /sharp edges of Brick quay/ })).toContainText('1280.0 mm');
  await stage(page, 'Bake');
  await expect(page.getByText(/Could go in along with it/)).toBeVisible();
  await stage(page, 'Size');
  await page
    .getByRole('button', { name: /^Enamel mug/ })
    .first()
    .click();
  await page.getByText(/^Profile from the foot up, /).click();
  const across = page.getByLabel('Across at point 3');
  await across.fill('about 16 cm');
  await across.press('Enter');
  await expect(
    page
      .getByRole('complementary', { name: 'Reckoning' })
      .getByText(/to \d+/)
      .first(),
  ).toBeVisible();
  await page.reload();
  await page
    .getByRole('button', { name: /^Enamel mug/ })
    .first()
    .click();
  await page.getByText(/^Profile from the foot up, /).click();
  await expect(page.getByLabel('Across at point 3')).toHaveValue(/16/);
});
