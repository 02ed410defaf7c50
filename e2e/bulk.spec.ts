import type { Page } from '@playwright/test';
import { expect, figure, figureValue, openDemo, stage, test } from './bench.ts';

/** Minutes of a figure that may be told in hours and minutes. */
async function minutesOf(page: Page, title: string): Promise<number> {
  const text = (await figure(page, title).textContent()) ?? '';
  const [, hours = '0'] = /(\d+) h/.exec(text) ?? [];
  const [, minutes = '0'] = /(\d+) min/.exec(text) ?? [];
  return 60 * Number(hours) + Number(minutes);
}

test('a solid post is shown too thick in place; the core that is offered clears it, and clay and baking drop', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bulk');
  await page.getByRole('button', { name: /^Brick quay/ }).click();
  await page.getByLabel('Core', { exact: true }).selectOption('none');
  const [clay, cost] = [
    await figureValue(page, 'Clay in it, each'),
    await figureValue(page, 'Clay, whole packs'),
  ];
  await stage(page, 'Bake');
  const minutes = await minutesOf(page, 'Time at that heat');
  await stage(page, 'Bulk');
  await page.getByRole('button', { name: /^Thickness everywhere/ }).click();
  const thickness = page.getByRole('region', { name: 'Thickness' });
  const place = thickness.getByRole('button', { name: /too thick/ }).first();
  await expect(place).toBeVisible({ timeout: 20_000 });
  // Pressed, the plane goes through the place; it is moved by keys as well.
  await place.click();
  const slider = thickness.getByRole('slider', { name: 'Where it is cut' });
  const before = await slider.inputValue();
  await slider.press('ArrowRight');
  expect(await slider.inputValue()).not.toBe(before);
  await thickness.getByLabel('from above').check();
  await expect(page.getByRole('img', { name: /^Brick quay cut from above/ })).toBeVisible();

  await thickness.getByRole('button', { name: 'Put a foil core in' }).click();
  await expect(thickness.getByText('Nowhere too thick to cure through')).toBeVisible({ timeout: 20_000 });
  expect(await figureValue(page, 'Clay in it, each')).toBeLessThan(clay);
  expect(await figureValue(page, 'Clay, whole packs')).toBeLessThan(cost);
  await stage(page, 'Bake');
  expect(await minutesOf(page, 'Time at that heat')).toBeLessThan(minutes);
});

test('the look at the thickness is left half way and taken up again by a key', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bulk');
  await expect(page.getByText('Section, miniature mm')).toBeVisible();
  await page.keyboard.press('t');
  const thickness = page.getByRole('region', { name: 'Thickness' });
  await expect(thickness.getByText(/^Thickest \d/)).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('img', { name: /^Ferrywoman cut from the front/ })).toBeVisible();
  await page.keyboard.press('t');
  await expect(page.getByText('Section, miniature mm')).toBeVisible();
});

test('a few settings of the roller are measured, the others and the sheets follow', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bulk');
  const roller = page.getByRole('region', { name: 'Roller and sheets' });
  await roller.getByLabel('setting 3', { exact: true }).fill('2.2');
  // A tenth more than usual at 3: so is every other setting as long as that is all that is measured.
  await expect(roller.getByLabel('setting 1', { exact: true })).toHaveAttribute('placeholder', '3.3');
  await expect(roller.getByRole('listitem', { name: 'Pieces from a sheet' })).toContainText(
    'roller at 5 (1.4 mm)',
  );
  await roller.getByLabel('sheet, thick').fill('0.5');
  await expect(roller).toContainText('Cold or old clay tears so thin');
  await roller.getByLabel('setting 3', { exact: true }).fill('');
  await expect(roller.getByLabel('setting 1', { exact: true })).toHaveAttribute('placeholder', '3.0');
  // A cone of 60 mm by 40 mm: 3-4-5.
  await roller.getByLabel('waist, across').fill('0');
  await expect(roller.getByRole('listitem', { name: 'Skirt or cone' })).toContainText(
    '216° of a ring from 0.0 to 50.0 mm',
  );

  const shapes = page.getByRole('region', { name: 'As balls, snakes and sheets' });
  const ball = /([\d.]+) mm across/.exec(
    (await shapes.getByRole('listitem', { name: 'One ball' }).textContent()) ?? '',
  );
  const clay = await figureValue(page, 'Clay in it, each');
  expect((Math.PI * Number(ball?.[1]) ** 3) / 6000 / clay).toBeCloseTo(1, 1);
});

test('a marbled frog: what is weighed of each clay, the colour it makes, and a mix that matches', async ({
  page,
}) => {
  await openDemo(page, 'Toll Frogs', 'Bulk');
  const colours = page.getByRole('region', { name: 'Colours' });
  // Three parts of green to one of ochre, of clays as dense as one another.
  const grams = async (name: RegExp) =>
    Number(
      /([\d.]+) g/.exec(
        (await colours.getByRole('listitem').filter({ hasText: name }).first().textContent()) ?? '',
      )?.[1],
    );
  const [green, ochre] = [await grams(/soft clay, green/), await grams(/soft clay, ochre/)];
  expect(green / ochre).toBeCloseTo(3, 1);
  expect(green + ochre).toBeCloseTo(await figureValue(page, 'Clay to take, all 5'), 0);

  const mixes = colours.getByRole('list', { name: 'Mixes near it' }).getByRole('listitem');
  // Its own colour is met by its own mix.
  await expect(mixes.first()).toContainText(
    '3 All-purpose soft clay, green + 1 All-purpose soft clay, ochre',
  );
  await expect(mixes.first()).toContainText('not to be told apart');
  await colours.getByLabel('A colour to match').fill('#7d8284');
  await expect(mixes.first()).toContainText('1 Firm clay, grey');
  await mixes.first().getByRole('button', { name: 'take this mix' }).click();
  await expect(page.getByRole('img', { name: 'Frog toll-keeper will be about #7d8284' })).toBeVisible();
});

test('what to do about clay that crumbles or sticks, with its minutes', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bulk');
  const doctor = page.getByRole('region', { name: 'Clay that misbehaves' });
  await doctor
    .getByLabel('What it does')
    .selectOption({ label: 'it sticks to the fingers, or detail sags as it is made' });
  await expect(doctor.getByRole('listitem').first()).toHaveText('lay it into the freezer, 15 min');
});
