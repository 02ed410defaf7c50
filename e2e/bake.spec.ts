import type { Page } from '@playwright/test';
import { expect, openDemo, stage, test } from './bench.ts';

/** Minutes after which the last clay is cured, as the page says once it has looked as closely as it will. */
async function curedAfter(page: Page): Promise<number> {
  const bake = page.getByRole('region', { name: 'Bake worked through' });
  const says = bake.getByText(/^Cured through after/);
  await expect(says).toBeVisible();
  await expect(bake.getByRole('progressbar', { name: 'Working the bake through' })).toHaveCount(0, {
    timeout: 120_000,
  });
  return Number(/after (\d+) min/.exec((await says.textContent()) ?? '')?.[1]);
}

test('a plastic chimney is stopped before the oven, and waits till after the bake at one press', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bake');
  await page
    .getByRole('button', { name: /^Storm lantern/ })
    .first()
    .click();
  const audit = page.getByRole('region', { name: 'Before the oven' });
  const chimney = audit.getByRole('listitem', { name: 'clear chimney' }).first();
  await expect(chimney).toContainText('softens and sags');
  await expect(chimney).toContainText('stop');
  await chimney.getByRole('button', { name: /after the bake/ }).click();
  await expect(chimney).toContainText('goes on after the bake; its hole must stay open');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(chimney).toContainText('stop');
});

test('heat is worked through the solid: a fan cures it sooner, a time too short does not cure it', async ({
  page,
}) => {
  await openDemo(page, 'Toll Frogs', 'Bake');
  const bake = page.getByRole('region', { name: 'Bake worked through' });
  await bake.getByLabel('Dial').fill('130');
  const still = await curedAfter(page);
  expect(still).toBeGreaterThan(10);
  await expect(bake.getByRole('img', { name: /Frog toll-keeper cut open after/ })).toBeVisible();
  await bake.getByRole('slider', { name: 'Minute of the bake' }).press('ArrowRight');
  await bake.getByLabel('Air').selectOption('fan');
  await expect(bake.getByRole('progressbar', { name: 'Working the bake through' })).toHaveCount(1);
  expect(await curedAfter(page)).toBeLessThan(still);

  await bake.getByLabel('In the oven').fill('6');
  await expect(bake.getByText('Not cured through')).toBeVisible({ timeout: 120_000 });
  await bake.getByLabel('In the oven').fill('');

  // A thermometer says the oven is 15 °C hotter than its dial: the same dial cures sooner, and over the window.
  await page.getByRole('link', { name: 'Workshop' }).click();
  await page.getByLabel('Your own: How much hotter the oven is than its dial').fill('15');
  await page.goBack();
  await stage(page, 'Bake');
  await bake.getByLabel('Air').selectOption('still');
  await expect(bake.getByRole('progressbar', { name: 'Working the bake through' })).toHaveCount(1);
  expect(await curedAfter(page)).toBeLessThan(still);
  await expect(bake.getByText(/over the top of its window/)).toBeVisible();
});

test('a running bake counts on through a reload, is seen from every stage, and ends as an entry of the log', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-11-26T10:00:00') });
  await openDemo(page, 'Low Water Ferry', 'Bake');
  await page
    .getByRole('button', { name: /^Enamel mug/ })
    .first()
    .click();
  const bake = page.getByRole('region', { name: 'Bake worked through' });
  await bake.getByLabel('In the oven').fill('20');
  const start = bake.getByRole('button', { name: /^It is in: start the clock, 20 min/ });
  await page.clock.runFor(2000);
  await expect(start).toBeVisible({ timeout: 120_000 });
  await start.click();
  await page.clock.runFor(2000);
  const live = page.getByRole('region', { name: 'Running bake' });
  await expect(live.getByRole('timer')).toHaveText(/^19:5\d$/);

  // Ten minutes later, after a reload: ten are left, and the head of another stage says so.
  await page.clock.fastForward('10:00');
  await page.reload();
  await page.clock.runFor(3000);
  await expect(live.getByRole('timer')).toHaveText(/^9:\d\d$/);
  await stage(page, 'Size');
  await expect(page.getByRole('link', { name: /^Bake of Enamel mug: in the oven 9:/ })).toBeVisible();

  // Over its time it is told, wherever the maker is.
  await page.clock.fastForward('12:00');
  await page.clock.runFor(2000);
  await expect(page.getByRole('link', { name: /^Bake of Enamel mug: OVER/ })).toBeVisible();
  await expect(page.getByText('Enamel mug: the time is up, out of the heat.')).toBeVisible();
  await page.getByRole('link', { name: /^Bake of Enamel mug/ }).click();
  await live.getByRole('button', { name: 'The heat is off' }).click();
  await page.clock.fastForward('01:30:00');
  await page.clock.runFor(2000);
  await expect(live.getByText('since it was cool enough to be handled')).toBeVisible();
  await live.getByRole('button', { name: 'Write it in the log' }).click();
  await expect(live).toHaveCount(0);
  await stage(page, 'Log');
  await expect(page.getByText('Enamel mug, by the clock')).toBeVisible();
  await expect(page.getByText(/2[2-4] min/).first()).toBeVisible();
});

test('clays of two windows take two loads; in clays of one they go in together', async ({ page }) => {
  await openDemo(page, 'Toll Frogs', 'Bake');
  const loads = page.getByRole('region', { name: 'Loads' });
  await expect(loads.getByText(/^2 loads, \d+ min in all/)).toBeVisible();
  await loads.getByLabel('Bake of the route').selectOption({ label: '3. The bake at 110 °C' });
  await expect(loads.getByRole('listitem').filter({ hasText: 'Gate beam, Gate post × 2' })).toContainText(
    '110–120 °C',
  );
  // A thing that is pushed to the wall is too near to it, and goes back with the undo.
  const board = loads.getByRole('group', { name: 'Load 1, the oven from above and from the front' });
  const beam = board.getByRole('button', { name: /^Gate beam/ });
  await expect(loads.getByText('everything stands clear')).toBeVisible();
  for (let i = 0; i < 3; i += 1) await beam.press('ArrowLeft');
  await expect(beam).toHaveAccessibleName(/too near/);
  await expect(loads.getByText(/Gate beam is \d+ mm from the left wall/)).toBeVisible();
  await loads.getByRole('button', { name: 'Place it anew' }).click();
  await expect(loads.getByText('everything stands clear')).toBeVisible();
  await stage(page, 'Bulk');
  for (const part of [/^Gate post/, /^Gate beam/]) {
    await page.getByRole('button', { name: part }).first().click();
    await page.getByLabel('Clay', { exact: true }).selectOption('All-purpose soft clay, green');
  }
  await stage(page, 'Bake');
  await expect(loads.getByText(/^1 load, \d+ min in all/)).toBeVisible();
});

test('a bake with the simulated oven, sped up: the probe moves its end, a reload loses nothing, the log is filled in', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bake');
  await page
    .getByRole('button', { name: /^Storm lantern/ })
    .first()
    .click();
  const bake = page.getByRole('region', { name: 'Bake worked through' });
  await curedAfter(page);
  await bake.getByRole('checkbox', { name: /simulated oven/ }).check();
  await bake.getByLabel('Its time goes').selectOption('120 times as fast');
  await bake.getByRole('button', { name: /^It is in: start the clock/ }).click();
  const live = page.getByRole('region', { name: 'Running bake' });
  await expect(live.getByLabel('Probe shows')).toHaveText(/\d+\.\d °C/);
  await expect(live.getByText(/holds 1\d\d °C at dial 122 °C/)).toBeVisible();
  const first = Number(/°C, (\d+) min/.exec((await live.textContent()) ?? '')?.[1]);
  await page.reload();
  // Its oven runs hot: the end comes nearer, worked through by what the probe has shown.
  await expect(live.getByText('the end goes by the thermometer')).toBeVisible();
  await expect(live.getByText(/^Out of the heat after/)).toBeVisible();
  await expect
    .poll(async () => Number(/°C, (\d+) min/.exec((await live.textContent()) ?? '')?.[1]), {
      timeout: 120_000,
    })
    .toBeLessThan(first);
  // An end set by hand stays; a bake forgotten by a stray press comes back with its readings.
  const follows = live.getByRole('checkbox', { name: 'the end goes by the thermometer' });
  await expect(follows).toBeChecked();
  await live.getByRole('button', { name: '+ 5 min' }).click();
  await expect(follows).not.toBeChecked();
  await live.getByRole('button', { name: 'Forget this bake' }).click();
  await expect(live).toHaveCount(0);
  await page
    .getByRole('listitem')
    .filter({ hasText: 'is forgotten' })
    .getByRole('button', { name: 'Undo' })
    .click();
  await expect(live.getByLabel('Probe shows')).toHaveText(/\d+\.\d °C/);

  // The probe falls silent in mid-bake: that is said, and the clock goes on.
  await page.request.post('/api/instruments/oven', { data: { on: false } });
  await expect(live.getByText(/^Silent for \d+ min: the clock goes on/)).toBeVisible();
  await expect(live.getByRole('timer')).toBeVisible();
  await live.getByRole('button', { name: 'The heat is off' }).click();
  await live.getByRole('button', { name: 'Write it in the log' }).click();
  await expect(live).toHaveCount(0);
  await stage(page, 'Log');
  const entry = page.getByRole('listitem').filter({ hasText: 'Storm lantern, by the clock' });
  // What the probe held, not what the dial said.
  const held = Number(/Baked at (\d+) °C/.exec((await entry.textContent()) ?? '')?.[1]);
  expect(held).toBeGreaterThan(126);
});

test('a thermometer’s file in place of the oven; a burned bake of the log and what the doctor says', async ({
  page,
}) => {
  await openDemo(page, 'Toll Frogs', 'Bake');
  const bake = page.getByRole('region', { name: 'Bake worked through' });
  await bake.getByLabel('Dial').fill('130');
  const usual = await curedAfter(page);
  const file = bake.getByLabel('Thermometer file (CSV) …');
  const csv = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await file.setInputFiles(csv('words.csv', 'who,what\nme,you'));
  await expect(bake.getByRole('alert')).toContainText('a column of time and one of temperature are wanted');
  // 293 °F is 145 °C: 15 more than the dial, in a column that says °C, with a gap in it.
  const rows = [0, 1, 2, 3, 9, 12, 20, 40, 60].map((minute) => `${minute},293`);
  await file.setInputFiles(csv('oven.csv', ['min,temp °C', ...rows].join('\n')));
  await expect(bake.getByText(/taken for °F/)).toBeVisible();
  await expect(bake.getByText(/Nothing was read from 3 to 9 min/)).toBeVisible();
  await expect(bake.getByRole('progressbar', { name: 'Working the bake through' })).toHaveCount(1);
  const hot = await curedAfter(page);
  expect(hot).toBeLessThan(usual);
  await bake.getByRole('button', { name: 'keep 15 °C as this oven’s error' }).click();
  // Firm clay from 110 °C, in an oven 15 °C hotter than its dial.
  await expect(page.getByText('95 °C').first()).toBeVisible();

  await openDemo(page, 'Low Water Ferry', 'Log');
  const burned = page.getByRole('listitem').filter({ hasText: 'First six handles browned' });
  await burned.getByRole('button', { name: 'What went wrong?' }).click();
  const doctor = burned.getByRole('region', { name: 'What went wrong with Mug handle' });
  await expect(doctor).toContainText('too hot');
  await expect(doctor).toContainText('143 °C, its window ends at 135 °C');
  await expect(doctor.getByText('Next time, minutes from putting it in')).toBeVisible();
});
