import { readFileSync } from 'node:fs';
import { expect, exportedFerry, openDemo, stage, test } from './bench.ts';

test('too late: what is needed is let go at one press, and the day holds in nine of ten cases', async ({
  page,
}) => {
  await openDemo(page, 'Toll Frogs', 'Bench');
  await expect(page.getByText(/at the bench too late/)).toBeVisible({ timeout: 60_000 });
  const list = page.getByRole('region', { name: 'To let go' });
  await expect(list.getByText(/enough in nine of ten cases/)).toBeVisible({ timeout: 60_000 });
  const set = list.getByRole('button').first();
  const says = (await set.textContent()) ?? '';
  await set.click();
  await expect(page.getByText(/at the bench to spare/)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/In time in (9\d|100) of 100/)).toBeVisible({ timeout: 60_000 });
  // Each is remembered as a decision.
  await stage(page, 'Brief');
  for (const one of says.split('; ')) await expect(page.getByRole('listitem', { name: one })).toBeAttached();
});

test('days go out as a calendar, hours follow the week, a step is put on a later day', async ({ page }) => {
  await openDemo(page, 'Low Water Ferry', 'Bench');
  await expect(page.getByText(/nine times in ten/)).toBeVisible({ timeout: 60_000 });
  const days = page.getByRole('group', { name: 'Days', exact: true });
  const first = days.getByRole('button').first();
  const label = (await first.getAttribute('aria-label')) ?? '';
  const name = label.replace(/: (Mon|Tue|Wed|Thu|Fri|Sat|Sun) \d.*$/, '');
  await first.focus();
  await page.keyboard.press('Alt+ArrowRight');
  // Where it lies by then, it is chosen by keys: a short step is a thin box.
  await days.getByRole('button', { name }).first().focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^not before/ })).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: /^not before/ }).click();

  await page.getByRole('button', { name: 'Hours', exact: true }).first().click();
  const hours = page.getByRole('textbox', { name: 'Sat', exact: true });
  await expect(hours).toBeVisible();
  await hours.fill('6');
  await hours.blur();
  await expect(page.getByText(/1 days? of the week otherwise/)).toBeVisible();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Days as a calendar (ICS)' }).click();
  const file = await (await saving).path();
  const text = readFileSync(file, 'utf8');
  expect(text).toMatch(/^BEGIN:VCALENDAR/);
  expect(text.match(/BEGIN:VEVENT/g)?.length ?? 0).toBeGreaterThan(60);
});

test('a bake, a coat and a mix run at once, go on through a reload, and the next one free stands first', async ({
  page,
}) => {
  const ferry = await exportedFerry(page);
  const [first] = ferry.route.steps;
  const coat = { ...first, id: 'chip', kind: 'coat', title: 'Varnish on a chip', parts: [], own: true };
  ferry.route.steps.unshift({ ...coat, done: null, handsMin: 5, waitMin: 45, needs: [] });
  ferry.id = 'three-clocks';
  ferry.name = 'Three clocks';
  await page.locator('input[type=file]').setInputFiles({
    name: 'three.inch.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(ferry)),
  });
  await page.getByRole('link', { name: 'Three clocks' }).click();
  await stage(page, 'Bake');
  await page
    .getByRole('button', { name: /It is in: start the clock/ })
    .first()
    .click();
  await stage(page, 'Repeats');
  await page.getByRole('button', { name: /^Enamel mug × 6/ }).click();
  await page.getByRole('button', { name: 'Mixed now: start the clock' }).first().click();
  await page.getByRole('button', { name: 'Mix it all the same' }).first().click();
  await stage(page, 'Bench');
  const now = page.getByRole('complementary', { name: 'Reckoning' });
  const coatNow = now.getByRole('heading', { name: 'Varnish on a chip' });
  if (!(await coatNow.isVisible())) {
    await now.getByText(/more can be begun/).click();
    await now.getByRole('button', { name: /^Varnish on a chip/ }).click();
  }
  await expect(coatNow).toBeVisible();
  await now.getByRole('button', { name: 'Done', exact: true }).click();

  const bake = page.getByRole('complementary', { name: 'Clocks', exact: true });
  const mixes = page.getByRole('list', { name: 'Clocks of mixes' });
  const all = async () => {
    await expect(bake.getByRole('link')).toHaveAccessibleName(/^Bake of .*\d+:\d\d/);
    await expect(mixes.getByRole('link')).toHaveCount(2);
    await expect(mixes.getByRole('link').nth(0)).toHaveAccessibleName(/^Enamel mug mould: .*\d:\d\d/);
    await expect(mixes.getByRole('link').nth(1)).toHaveAccessibleName(/^Varnish on a chip: .*4\d:\d\d/);
  };
  await all();
  // Kept at once: what is closed a moment later has lost nothing.
  await page.reload();
  await all();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a step done in bench mode with a thumb takes its minutes into the log, the rate and the day', async ({
    page,
  }) => {
    await openDemo(page, 'Low Water Ferry', 'Bench');
    const days = page.getByRole('region', { name: /^Until / });
    await expect(days.getByText(/at the bench to spare/)).toBeVisible({ timeout: 60_000 });
    const quay = page.getByRole('listitem').filter({ hasText: 'Brick quay: clay' }).first();
    const [spare, clay] = [
      await days.getByText(/at the bench to spare/).textContent(),
      await quay.textContent(),
    ];
    await page.getByText(/more can be begun/).tap();
    await page
      .getByRole('button', { name: /^Mooring post: clay/ })
      .last()
      .tap();
    await page.getByRole('button', { name: /^Fill the screen/ }).tap();
    const mode = page.getByRole('dialog', { name: 'Now, at the bench' });
    await expect(mode.getByRole('heading', { level: 3 })).toHaveText('Mooring post: clay');
    await expect(mode.getByRole('timer')).toBeVisible();
    // Twice as long as it was reckoned.
    await page.clock.setSystemTime(Date.now() + 40 * 60_000);
    await mode.getByRole('button', { name: 'Done' }).tap();
    await expect(mode.getByRole('heading', { level: 3 })).not.toHaveText('Mooring post: clay', {
      timeout: 60_000,
    });
    await mode.getByRole('button', { name: 'Close' }).first().tap();
    await expect(page.getByRole('checkbox', { name: 'Mooring post: clay is done' })).toBeChecked();
    // Clay of every other part is reckoned slower now, and there is less to spare.
    await expect.poll(() => quay.textContent(), { timeout: 60_000 }).not.toBe(clay);
    await expect
      .poll(() => days.getByText(/at the bench to spare/).textContent(), { timeout: 60_000 })
      .not.toBe(spare);
    await stage(page, 'Log');
    await expect(page.getByText(/at the bench, reckoned/).first()).toBeVisible({ timeout: 60_000 });
  });
});
