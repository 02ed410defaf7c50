import type { Page } from '@playwright/test';
import { expect, figureValue, openDemo, settled, stage, test, unfolded } from './bench.ts';

const STAGES = ['Brief', 'Size', 'Bones', 'Bulk', 'Repeats', 'Bake', 'Bench', 'Log'];

/** Every figure of the reckoning panel by its id, as it is shown: title and value, without its verdict. */
async function shown(page: Page): Promise<Map<string, string>> {
  await settled(page);
  await unfolded(page);
  const rows = await page
    .locator('aside [data-figure]')
    .evaluateAll((all) =>
      all.map(
        (row) => [row.getAttribute('data-figure') ?? '', row.firstElementChild?.textContent ?? ''] as const,
      ),
    );
  return new Map(rows);
}

for (const piece of ['Low Water Ferry', 'Toll Frogs'] as const)
  test(`${piece}: one figure is the same wherever it stands, and nothing is good over a stop`, async ({
    page,
  }) => {
    await openDemo(page, piece, 'Brief');
    const known = new Map<string, string>();
    for (const name of STAGES) {
      await stage(page, name);
      for (const [id, text] of await shown(page)) {
        expect(known.get(id) ?? text, `${id} at ${name}`).toBe(text);
        known.set(id, text);
      }
    }
    expect(known.size).toBeGreaterThan(25);
    // And once more, from the last to the first: nothing has moved by being looked at.
    for (const name of [...STAGES].reverse()) {
      await stage(page, name);
      for (const [id, text] of await shown(page)) expect(text, `${id} again at ${name}`).toBe(known.get(id));
    }
    await stage(page, 'Bench');
    const stops = await page
      .getByRole('region', { name: 'Route' })
      .getByText('stop', { exact: true })
      .count();
    await expect(page.getByText('everything comes when it can')).toHaveCount(stops === 0 ? 1 : 0);
    // An oven time that is too short stops at Bake, and at Bench with it.
    await stage(page, 'Bake');
    await page.getByLabel('In the oven', { exact: true }).fill('4');
    await expect(page.getByText(/% cured; \d+ to \d+ min would do/).first()).toBeVisible();
    await stage(page, 'Bench');
    await expect(page.getByText('everything comes when it can')).toHaveCount(0);
    await expect(
      page
        .getByRole('region', { name: 'Route' })
        .getByText(/% cured; \d+ to \d+ min would do/)
        .first(),
    ).toBeVisible();
  });

test('how thick the clay is, is one figure: in the panel, over the map and at its worst place', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bulk');
  const map = page.getByRole('region', { name: 'Thickness' });
  for (const [part, core] of [
    ['Ferrywoman', 'foil'],
    ['Ferrywoman', 'none'],
    ['Brick quay', 'none'],
  ] as const) {
    await page
      .getByRole('button', { name: new RegExp(`^${part}`) })
      .first()
      .click();
    await page.getByLabel('Core', { exact: true }).selectOption(core);
    if (!(await map.isVisible())) await page.getByRole('button', { name: /^Thickness everywhere/ }).click();
    const told = await figureValue(page, 'Thickest clay');
    await expect(map.getByText(/^Thickest /)).toContainText(`Thickest ${told.toFixed(1)} mm`);
    const worst = map.getByRole('button', { name: /too thick/ }).first();
    await expect(map.getByRole('progressbar')).toHaveCount(0, { timeout: 30_000 });
    if (await worst.count()) await expect(worst).toContainText(`${told.toFixed(1)} mm`);
  }
});
