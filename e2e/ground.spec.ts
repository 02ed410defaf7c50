import { readFile } from 'node:fs/promises';
import { expect, figure, openDemo, settled, test, unfolded } from './bench.ts';
import { inked } from './inked.ts';

/** The figure under a title, as a number. */
async function amount(page: Parameters<typeof figure>[0], title: string): Promise<number> {
  const text = await figure(page, title).locator('.figure').first().textContent();
  return Number.parseFloat((text ?? '').replace(/[^\d.-]/g, ''));
}

test('the willow is moved until it hides nobody', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Ground');
  await settled(page);
  const stands = page.getByRole('table', { name: 'What stands on the base' });
  const place = async (field: string, mm: string) => {
    const typed = stands.getByRole('textbox', { name: `${field} of Bank-side willow` });
    await typed.fill(mm);
    await typed.press('Enter');
  };
  // Right before the goose and the post.
  await place('right, mm', '80');
  await place('back, mm', '-125');
  const seen = page.locator('[data-figure="/ground.hidden.front"]');
  await expect(seen).toContainText('hides');
  await place('right, mm', '140');
  await place('back, mm', '80');
  await expect(seen).toContainText('nothing hides another');
});

test('a thing is dragged over the edge and back, and what is in its way is told', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Ground');
  await settled(page);
  const goose = page.getByRole('button', { name: /^Greylag goose: drag it/ });
  const box = (await goose.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 40, y, { steps: 4 });
  await page.mouse.move(x + 110, y, { steps: 4 });
  await expect(page.getByText(/over the edge/).first()).toBeVisible();
  await page.mouse.up();
  await expect(page.locator('[data-figure="/ground.over"]')).toContainText('Greylag goose');
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-figure="/ground.over"]')).toContainText('nothing reaches over the edge');
});

test('the water is lowered: resin, layers and days follow', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Ground');
  await settled(page);
  await unfolded(page);
  const before = await amount(page, 'tidal water, to mix');
  const level = page.getByRole('textbox', { name: 'Level under the rim' });
  await level.fill('5');
  await level.press('Enter');
  await expect.poll(() => amount(page, 'tidal water, to mix')).toBeLessThan(0.6 * before);
  await page.getByRole('combobox', { name: 'Of', exact: true }).last().selectOption('glue');
  await expect.poll(() => amount(page, 'tidal water, layers')).toBeGreaterThan(3);
});

test('the plan measures true on the page', async ({ page }) => {
  await openDemo(page, 'Toll Frogs', 'Ground');
  await settled(page);
  const [plan] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Print the plan' }).click(),
  ]);
  const drawn = await inked(page, await readFile(await plan.path()), 10, 140);
  // The base is an oval of 120 mm; half the width of its line stands over at either end.
  expect(Math.abs(drawn.widthMm - 120)).toBeLessThan(1);
});

test('the lines to score of the quay measure true round their arch', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Ground');
  await settled(page);
  const [guide] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Print the lines to score by' }).click(),
  ]);
  // The front of the quay is 150 mm wide.
  const drawn = await inked(page, await readFile(await guide.path()), 10, 140);
  expect(Math.abs(drawn.widthMm - 150)).toBeLessThan(1);
});

test('foliage is chosen within twelve hours left, and another layout is tried and taken back', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Ground');
  await settled(page);
  await unfolded(page);
  const hours = () => amount(page, 'All foliage');
  const within = page.getByRole('textbox', { name: 'Within', exact: true });
  await within.fill('0.5');
  await within.press('Enter');
  await page.getByRole('button', { name: 'Take it', exact: true }).click();
  await expect.poll(hours).toBeLessThan(0.5);
  await within.fill('12');
  await within.press('Enter');
  await page.getByRole('button', { name: 'Take it', exact: true }).click();
  await expect.poll(hours).toBeGreaterThan(0.5);
  expect(await hours()).toBeLessThan(12);
  await page.getByRole('button', { name: '+ set this layout aside, and try another' }).click();
  await page.getByRole('button', { name: 'take tidal water away' }).click();
  const layouts = page.getByRole('table', { name: 'Ways of laying it out' });
  await expect(layouts.getByRole('row').nth(1)).toContainText('–');
  await layouts.getByRole('button', { name: 'take it' }).click();
  await expect(page.getByRole('button', { name: 'take tidal water away' })).toBeVisible();
});

test('a quay is laid in courses that come out even', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Ground');
  await settled(page);
  await expect(page.getByRole('img', { name: 'Masonry on Brick quay' })).toBeVisible();
  const high = page.getByRole('textbox', { name: 'High, in life' }).first();
  await high.fill('65');
  await high.press('Enter');
  const courses = page.locator('[data-figure="/masonry.courses.quay-front"]');
  await expect(courses).toContainText('the top course');
  await courses.getByRole('button', { name: /whole courses/ }).click();
  await unfolded(page);
  await expect(courses).toContainText('comes out even');
  await expect(high).toHaveValue('63.9');
  // Its culvert: a wider arch takes more wedges; too low a one says what to do.
  const arch = page.locator('[data-figure="/masonry.arch.quay-front-culvert"]');
  await expect(arch).toContainText('11');
  const culvert = page.getByRole('listitem', { name: 'Opening 1' });
  await culvert.getByRole('textbox', { name: 'Wide, in life' }).fill('700');
  await page.keyboard.press('Enter');
  await expect(arch).toContainText('13');
  await culvert.getByRole('textbox', { name: 'High, in life' }).fill('300');
  await page.keyboard.press('Enter');
  const units = page.locator('[data-figure="/masonry.count.quay-front"]');
  await expect(units).toContainText('half as high as it is wide');
  await units.getByRole('button', { name: '350 mm high in life' }).click();
  await expect(arch).toContainText('13');
});
