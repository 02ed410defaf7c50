import { readFile } from 'node:fs/promises';
import { expect, openDemo, settled, stage, test } from './bench.ts';
import { inked } from './inked.ts';

const part = (name: string) => ({ name: new RegExp(`^${name}`) });

test('shingles over a roof: as many as lie on it, a print at true size, and the clay follows', async ({
  page,
}) => {
  await openDemo(page, 'Toll Frogs', 'Repeats');
  await page.getByRole('button', part('Roof shingles')).first().click();
  await settled(page);
  const sets = page.getByRole('table', { name: 'Sets' });
  const make = sets
    .getByRole('row', { name: /Roof shingles/ })
    .getByRole('cell')
    .nth(2);
  const before = Number(await make.textContent());
  expect(before).toBeGreaterThan(150);

  // Half of them: the rows of the lower half of the slope.
  await page.getByRole('textbox', { name: 'Only so much of it' }).fill('50');
  await page.getByRole('textbox', { name: 'Only so much of it' }).press('Enter');
  await expect.poll(async () => Number(await make.textContent())).toBeLessThan(0.62 * before);
  await page.getByRole('textbox', { name: 'Only so much of it' }).fill('100');
  await page.getByRole('textbox', { name: 'Only so much of it' }).press('Enter');
  await expect(make).toHaveText(String(before));

  // The face is 2120 mm long in life; the scale is told at the head.
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Print the lines to work to' }).click(),
  ]);
  const pdf = await readFile(await download.path());
  const guide = await inked(page, pdf, 10, 80);
  const dimension = page.getByRole('img', { name: 'Roof shingles in their place' }).getByText(/mm$/);
  const told = Number((await dimension.textContent())?.replace(' mm', ''));
  // Half the width of a line stands over at either end.
  expect(Math.abs(guide.lineMm - told)).toBeLessThan(0.5);
});

test('the count of a set is the same in the tray and at Size', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Repeats');
  await page.getByRole('button', part('Rope stitches')).first().click();
  await settled(page);
  const make = await page.locator('[data-figure="stitch/repeats.make"] .figure').first().textContent();
  expect(Number(make)).toBeGreaterThan(40);
  await stage(page, 'Size');
  await expect(page.getByLabel('How many, by its rule at Repeats')).toHaveValue(make ?? '');
});

test('a mould from a part that locks: the way out is taken, and its clock runs over every page and a reload', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Repeats');
  await page.getByRole('button', part('Enamel mug')).first().click();
  const mould = page.getByRole('region', { name: 'Mould', exact: true });
  await settled(page);
  await expect(mould.getByText('As it lies:')).toBeVisible({ timeout: 60_000 });
  await expect(mould.getByText('A rigid mould would lock.')).toBeVisible();
  await mould.getByRole('button', { name: /^lay it with its top/ }).click();
  await expect(mould.getByText('A rigid mould would lock.')).toHaveCount(0, { timeout: 60_000 });

  // How its places come off: with its top to the opening nothing of it locks any more.
  const legend = mould.getByRole('list', { name: 'How its places come off' });
  await expect(legend).toContainText('comes off freely', { timeout: 60_000 });
  await expect(legend).not.toContainText('locks', { timeout: 60_000 });
  await expect(mould).toContainText(/Parting line \d+\.\d mm/);
  await expect(
    mould.getByRole('img', { name: /^How Enamel mug comes off its mould in space/ }),
  ).toBeVisible();

  // A cast of 7.5 from a master of 8: the next master is made larger.
  const larger = async () => Number((await mould.getByText(/^× 1\.\d+$/).textContent())?.replace('× ', ''));
  const before = await larger();
  await mould.getByLabel('on the master').fill('8');
  await mould.getByLabel('the same on the cast').fill('5');
  await mould.getByLabel('the same on the cast').press('Enter');
  await expect(mould.getByRole('alert')).toContainText('measure the same length on both');
  await mould.getByLabel('the same on the cast').fill('7.5');
  await mould.getByLabel('the same on the cast').press('Enter');
  await mould.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(mould).toContainText('2 casts measured');
  await expect.poll(larger).toBeGreaterThan(before + 0.01);

  for (const tick of await mould.getByRole('checkbox').all()) await tick.check();
  await mould.getByRole('button', { name: 'Mixed now: start the clock' }).click();
  const clock = page.getByRole('link', { name: /^Enamel mug mould: work it [23]:/ });
  await expect(clock).toBeVisible();
  await stage(page, 'Log');
  await expect(page.getByText('A cast of 7.5 mm from a master of 8.0 mm')).toBeVisible();
  await expect(clock).toBeVisible();
  await page.reload();
  await expect(clock).toBeVisible();
  await page.getByRole('button', { name: 'Put the clock of Enamel mug mould away' }).click();
  await expect(clock).toHaveCount(0);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a tally by thumb goes to the log, and teaches the pace of the next estimate', async ({ page }) => {
    await openDemo(page, 'Low Water Ferry', 'Repeats');
    await page.getByRole('button', part('Rope stitches')).first().tap();
    const more = page.getByRole('button', { name: /^One more of Rope stitches/ });
    await expect(more).toBeVisible();
    const box = await more.boundingBox();
    expect(box?.height).toBeGreaterThan(140);
    const ways = page.getByRole('region', { name: 'Which way' });
    await expect(ways).toContainText('a tally puts your own in their place');
    for (let i = 0; i < 5; i += 1) await more.tap();
    await expect(more).toContainText('5 of');
    await page.getByLabel('at it').fill('40');
    await page.getByLabel('at it').press('Enter');
    await expect(more).toContainText('min to go at your rate');
    await expect(ways).toContainText(/Your pace: [2-9]\.\d+ of the handbook/);
    await page.getByRole('button', { name: 'Write it into the log' }).tap();
    await stage(page, 'Log');
    await expect(page.getByText(/^5 of \d+ Rope stitches made in 40 min/).first()).toBeVisible();
    const [width, seen] = await page.evaluate(() => [
      document.documentElement.scrollWidth,
      document.documentElement.clientWidth,
    ]);
    expect(width).toBeLessThanOrEqual(seen ?? 0);
  });
});

test('an empty piece: marks are divided, and a first set is begun in three presses', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New piece' }).click();
  await page.getByLabel('What lies on the bench, or is to be made').fill('clay block 60 x 40 x 30');
  await page.getByLabel('What lies on the bench, or is to be made').press('Enter');
  await stage(page, 'Repeats');
  await page.getByRole('button', { name: '+ Rivets' }).click();
  await expect(page.getByRole('table', { name: 'Sets' }).getByRole('row', { name: /Rivets/ })).toBeVisible();
  await page.getByRole('button', { name: 'numerals of a clock' }).click();
  await expect(page.getByRole('table', { name: 'Marks' }).getByText('30.0°', { exact: true })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Even spacing' })).toContainText('94.2 mm long');
});

test('shingles stand on their roof in space; chips of one clay in another are laid up', async ({ page }) => {
  await openDemo(page, 'Toll Frogs', 'Repeats');
  await page.getByRole('button', part('Roof shingles')).first().click();
  await page.getByRole('checkbox', { name: 'in space' }).check();
  const space = page.getByRole('img', { name: /^Roof shingles in their place in space/ });
  await expect(space).toBeVisible();
  await space.focus();
  const before = await space.getAttribute('aria-label');
  await page.keyboard.press('ArrowLeft');
  await expect.poll(() => space.getAttribute('aria-label')).not.toBe(before);
  await page.getByRole('checkbox', { name: 'in space' }).uncheck();
  await expect(page.getByRole('img', { name: 'Roof shingles in their place' })).toBeVisible();

  await page.getByRole('button', part('Frog toll-keeper')).first().click();
  const clays = page.getByRole('region', { name: 'Patterned clay' });
  await expect(clays.getByRole('list', { name: 'How it is laid up' })).toContainText('(75 %)');
  await clays.getByLabel('Its clays are').selectOption('cane');
  await clays.getByLabel('reduced to, across').fill('40');
  await clays.getByLabel('reduced to, across').press('Enter');
  // A cane cannot be rolled thicker; the way out builds it up so.
  await page
    .getByRole('button', { name: /build it up as thick as it ends/ })
    .first()
    .click();
  await expect(clays.getByLabel('built up, across')).toHaveValue('40.0');
});

test('marks that fall on what is there say so, and begin elsewhere at one press', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Repeats');
  const spacing = page.getByRole('region', { name: 'Even spacing' });
  await spacing.getByRole('button', { name: 'numerals of a clock' }).click();
  await spacing.getByLabel('already there, mm along the line').fill('0, 50 to');
  await expect(spacing.getByText('“50 to” is no place and no stretch', { exact: false })).toBeVisible();
  await spacing.getByLabel('already there, mm along the line').fill('0, 47.1');
  await expect(spacing.getByRole('status')).toContainText('Marks 1, 7 come too near.');
  await spacing.getByRole('button', { name: /^begin at/ }).click();
  await expect(spacing.getByRole('status')).toContainText('All marks keep clear of it.');

  // Round the mug, half way up: the line is as long as it is round there.
  await page.getByRole('button', part('Enamel mug')).first().click();
  await spacing.getByLabel('Divide').selectOption('round');
  await spacing.getByLabel('over its foot').fill('4');
  await expect(spacing).toContainText(/2[0-4]\.\d mm long/);
});
