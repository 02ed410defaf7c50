import { expect, figureValue, openDemo, test } from './bench.ts';

test('a dimension is pulled on the drawing, by hand and by keys, and the form follows', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: /^Brick quay/ }).click();
  const height = page.getByRole('slider', { name: 'Brick quay, height: pull it, or press the arrows' });
  await expect(height).toHaveAttribute('aria-valuenow', '110');
  const at = await height.boundingBox();
  if (!at) throw new Error('no grip');
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2 + 30, { steps: 4 });
  await page.mouse.up();
  const lower = await figureValue(page, 'Height');
  expect(lower).toBeLessThan(105);
  expect(lower).toBeGreaterThan(40);
  await page.keyboard.press('Control+z');
  await expect(height).toHaveAttribute('aria-valuenow', '110');
  await page.getByRole('slider', { name: /^Brick quay, width/ }).press('ArrowRight');
  await expect(page.getByLabel('Width, miniature')).toHaveValue('151.0');
  // A figure is driven by its stature: pulled, all of it grows.
  await page.getByRole('button', { name: /^Ferrywoman/ }).click();
  await page.getByRole('slider', { name: /^Ferrywoman, height/ }).press('ArrowUp');
  await expect(page.getByLabel('Height, sole to crown, miniature')).toHaveValue('139.3');
});

test('a joint is pulled in the side view: it bends within its limit, lengths stay, undo takes it back', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByRole('button', { name: /^Greylag goose/ }).click();
  await page.keyboard.press('j');
  const board = page.getByRole('group', { name: 'Joints, from its side' });
  const grip = board.getByRole('button', { name: /^end beyond the .*head/ });
  await expect(grip).toBeVisible();
  const before = await figureValue(page, 'Height');
  const volume = await figureValue(page, 'Volume');
  const neck = board.getByRole('button', { name: /turns the neck/ }).first();
  const at = await neck.boundingBox();
  if (!at) throw new Error('no grip');
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + 60, at.y + 50, { steps: 5 });
  await page.mouse.up();
  await expect.poll(() => figureValue(page, 'Height')).toBeLessThan(before);
  expect(Math.abs((await figureValue(page, 'Volume')) / volume - 1)).toBeLessThan(0.02);
  await expect(page.getByText(/turned by hand/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect.poll(() => figureValue(page, 'Height')).toBeCloseTo(before, 1);
  // By keyboard: the arrows move the handle.
  await neck.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('1 turned by hand')).toBeVisible();
  await page.keyboard.press('j');
  await expect(page.getByRole('button', { name: /Pose it by hand/ })).toBeVisible();
});

test('a thing is built up from pieces, one is cut away, and a house gets a window', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.keyboard.press('n');
  await page.keyboard.type('trough');
  await page.keyboard.press('Enter');
  const pieces = page.getByRole('region', { name: 'Pieces it is built up from' });
  await expect(pieces.getByRole('button', { name: 'hollow (cut away)' })).toBeVisible();
  const hollow = await figureValue(page, 'Volume');
  await pieces.getByRole('button', { name: 'hollow (cut away)' }).click();
  await pieces.getByLabel('Height').fill('200');
  await expect.poll(() => figureValue(page, 'Volume')).toBeGreaterThan(hollow);
  await pieces.getByLabel('It is').selectOption('added');
  await expect.poll(() => figureValue(page, 'Volume')).toBeGreaterThan(1.5 * hollow);
  await pieces.getByRole('button', { name: '+ ball' }).click();
  await pieces.getByLabel('ball, up').fill('600');
  await expect.poll(() => figureValue(page, 'Height')).toBeGreaterThan(50);
  await pieces.getByRole('button', { name: 'Take out ball' }).click();
  await expect(pieces.getByText('Built up from 2 pieces')).toBeVisible();
  await page.keyboard.press('Escape');

  await page.keyboard.press('n');
  await page.keyboard.type('cottage');
  await page.keyboard.press('Enter');
  const walls = page.getByRole('region', { name: 'Walls, roof and openings' });
  await expect(walls.getByRole('row', { name: /front wall 500\.0 400\.0 3 openings/ })).toBeVisible();
  const solid = await figureValue(page, 'Volume');
  await walls.getByRole('button', { name: '+ Opening' }).click();
  await expect.poll(() => figureValue(page, 'Volume')).toBeLessThan(solid);
  await walls.getByLabel('Opening 5, from the left').fill('9 m');
  await expect(page.getByRole('alert')).toContainText('openings[4].fromLeftMm wants room for it');
  await walls.getByRole('button', { name: 'Take out opening 5' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await walls.getByLabel('Walls meet').selectOption('mitre');
  await expect(walls.getByRole('row', { name: /left wall.*both ends at 45°, top at 38\.7°/ })).toBeVisible();
});

test('the line-up beside a person, and at true size once the screen is measured', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await page.getByLabel('beside a person').check();
  const drawing = page.getByRole('group', { name: /^Line-up/ });
  await expect(drawing.getByText('person, 1.70 m')).toBeVisible();
  await page.getByLabel('true size').check();
  await page
    .getByRole('dialog', { name: /How large is a millimetre/ })
    .getByRole('button', { name: 'It fits' })
    .click();
  // The quay of 150 mm is 150 true millimetres wide: at 96 to the inch, 567 pixels.
  const quay = drawing.locator('rect[data-part=quay]');
  const off = async () => Math.abs(((await quay.boundingBox())?.width ?? 0) - (150 * 96) / 25.4);
  await expect.poll(off).toBeLessThan(4);
  await page.getByLabel('true size').uncheck();
  await expect(page.getByRole('slider', { name: /^Ferrywoman, height/ })).toBeVisible();
});
