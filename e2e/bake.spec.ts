import type { Locator, Page } from '@playwright/test';
import { expect, openDemo, settled, stage, test } from './bench.ts';

const bakesOf = (page: Page) => page.getByRole('region', { name: 'Bakes of this piece, in order' });
const clockButton = (page: Page) => bakesOf(page).getByRole('button', { name: /^It is in: start the clock/ });

/** The number that stands in the row of a figure. */
async function figureOf(within: Locator, title: string): Promise<number> {
  const row = within.locator('div', { has: within.page().getByText(title, { exact: true }) }).last();
  return Number.parseFloat(((await row.textContent()) ?? '').slice(title.length));
}

/** Minutes of the chosen load, as its clock would be set. */
async function minutesOf(page: Page): Promise<number> {
  await settled(page);
  return Number(/clock, (\d+) min/.exec((await clockButton(page).textContent()) ?? '')?.[1]);
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

test('one time for a load, from door shut to door open: it follows the air, and a time too short is a stop with its way out', async ({
  page,
}) => {
  await openDemo(page, 'Toll Frogs', 'Bake');
  const bakes = bakesOf(page);
  await expect(clockButton(page)).toBeVisible();
  const still = await minutesOf(page);
  expect(still).toBeGreaterThan(20);
  // The strip, the chart, the panel and the figure all have that one number.
  await expect(bakes.getByRole('button', { name: /^3 The bake at 130 °C/ })).toContainText(`${still} min`);
  await expect(page.getByRole('complementary', { name: 'Reckoning' })).toContainText(
    `Minutes in the oven${still} min`,
  );
  await expect(
    bakes.getByRole('img', {
      name: /^Minutes of the load: .*Frog toll-keeper cured from \d+, browns after \d+/,
    }),
  ).toBeVisible();
  await expect(bakes.getByText(/^The dial was never measured/)).toBeVisible();
  await bakes.getByLabel('Air').selectOption('fan');
  await expect.poll(() => minutesOf(page)).toBeLessThan(still);
  await bakes.getByLabel('In the oven', { exact: true }).fill('6');
  await expect(bakes.getByText(/is \d+ % cured; \d+ to \d+ min would do/)).toBeVisible();
  await bakes.getByLabel('In the oven', { exact: true }).fill('');

  const worked = page.getByRole('region', { name: 'Bake worked through' });
  await expect(worked.getByRole('img', { name: /Frog toll-keeper cut open after/ })).toBeVisible();
  await worked.getByRole('slider', { name: 'Minute of the bake' }).press('ArrowRight');

  // Measured, the oven is known better: the dial is put right, and the window opens sooner.
  const unsure = await minutesOf(page);
  await page.getByRole('link', { name: 'Workshop', exact: true }).click();
  await page.getByLabel('Your own: How much hotter the oven is than its dial').fill('15');
  await page.goBack();
  await stage(page, 'Bake');
  await expect(bakes.getByText(/^Oven measured/)).toBeVisible();
  await expect(bakes.getByText('115 °C')).toBeVisible();
  await expect.poll(() => minutesOf(page)).toBeLessThan(unsure);
});

test('thin handles that browned once have a load of their own, and are never planned into the long one', async ({
  page,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Bake');
  await page
    .getByRole('button', { name: /^Mug handle/ })
    .first()
    .click();
  const bakes = bakesOf(page);
  await expect(bakes.getByText(/your own, 130 °C: browned/)).toBeVisible();
  expect(await minutesOf(page)).toBeLessThan(14);
  await expect(bakes.getByRole('button', { name: /^3.2 Final bake/ })).toBeVisible();
  await bakes.getByRole('button', { name: /^3.1 Final bake/ }).click();
  expect(await minutesOf(page)).toBeGreaterThan(14);
});

test('a running bake counts on through a reload, is seen from every stage, and ends as an entry of the log', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-11-26T10:00:00') });
  await openDemo(page, 'Low Water Ferry', 'Bake');
  const bake = bakesOf(page);
  await bake.getByLabel('In the oven', { exact: true }).fill('20');
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
  await expect(page.getByRole('link', { name: /^Bake of .* and 6 more: in the oven 9:/ })).toBeVisible();

  // Over its time it is told, wherever the maker is.
  await page.clock.fastForward('12:00');
  await page.clock.runFor(2000);
  await expect(page.getByRole('link', { name: /^Bake of .* and 6 more: OVER/ })).toBeVisible();
  await expect(page.getByText(/ and 6 more: the time is up, out of the heat\./)).toBeVisible();
  await page.getByRole('link', { name: /^Bake of .* and 6 more/ }).click();
  await live.getByRole('button', { name: 'The heat is off' }).click();
  await page.clock.fastForward('01:30:00');
  await page.clock.runFor(2000);
  await expect(live.getByText('since it was cool enough to be handled')).toBeVisible();
  await live.getByRole('button', { name: 'Write it in the log' }).click();
  await expect(live).toHaveCount(0);
  await stage(page, 'Log');
  await expect(page.getByText(/ and 6 more, by the clock/)).toBeVisible();
  await expect(page.getByText(/2[2-4] min/).first()).toBeVisible();
});

test('clays of two windows take two loads; in clays of one they go in together', async ({ page }) => {
  await openDemo(page, 'Toll Frogs', 'Bake');
  const loads = bakesOf(page);
  await expect(
    loads.getByRole('button', { name: /^4 loads of the oven, \d+ min of heat in all/ }),
  ).toBeVisible();
  await loads.getByRole('button', { name: /^4 The bake at 110 °C/ }).click();
  await expect(loads.getByText('110 °C', { exact: true })).toBeVisible();
  await expect(loads.getByRole('img', { name: /Gate post cured .*; Gate beam cured/ })).toBeVisible();
  // A thing that is pushed to the wall is too near to it, and goes back with the undo.
  const board = loads.getByRole('group', { name: 'The load in the oven, from above and from the front' });
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
  await expect(loads.getByRole('button', { name: /^3 loads of the oven/ })).toBeVisible();
  await expect(loads.getByRole('img', { name: /Frog toll-keeper cured .*Gate post cured/ })).toBeVisible();
});

test('a bake with the simulated oven, sped up: the probe moves its end, a reload loses nothing, the log is filled in', async ({
  page,
}) => {
  await openDemo(page, 'Toll Frogs', 'Bake');
  const bake = bakesOf(page);
  // Small things: what the probe says of them is worked through in no time.
  await bake.getByRole('button', { name: /^4 The bake at 110 °C/ }).click();
  await bake.getByRole('checkbox', { name: /simulated oven/ }).check();
  await bake.getByLabel('Its time goes').selectOption('120 times as fast');
  await bake.getByRole('button', { name: /^It is in: start the clock/ }).click();
  const live = page.getByRole('region', { name: 'Running bake' });
  await expect(live.getByLabel('Probe shows')).toHaveText(/\d+\.\d °C/);
  await expect(live.getByText(/holds 1\d\d °C at dial 110 °C/)).toBeVisible();
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
  const entry = page.getByRole('listitem').filter({ hasText: /Gate .* and Gate .*, by the clock/ });
  // What the probe held, not what the dial said.
  const held = Number(/Baked at (\d+) °C/.exec((await entry.textContent()) ?? '')?.[1]);
  expect(held).toBeGreaterThan(114);
});

test('a thermometer’s file in place of the oven; a burned bake of the log and what the doctor says', async ({
  page,
}) => {
  await openDemo(page, 'Toll Frogs', 'Bake');
  const bake = page.getByRole('region', { name: 'Bake worked through' });
  await expect(clockButton(page)).toBeVisible();
  const usual = await minutesOf(page);
  const file = bake.getByLabel('Thermometer file (CSV) …');
  const csv = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await file.setInputFiles(csv('words.csv', 'who,what\nme,you'));
  await expect(bake.getByRole('alert')).toContainText('a column of time and one of temperature are wanted');
  // 293 °F is 145 °C: 15 more than the dial, in a column that says °C, with a gap in it.
  const rows = [0, 1, 2, 3, 9, 12, 20, 40, 60].map((minute) => `${minute},293`);
  await file.setInputFiles(csv('oven.csv', ['min,temp °C', ...rows].join('\n')));
  await expect(bake.getByText(/taken for °F/)).toBeVisible();
  await expect(bake.getByText(/Nothing was read from 3 to 9 min/)).toBeVisible();
  // What the thermometer has shown tells when the last clay is cured, sooner than for a dial that may be off either way.
  const end = bake.getByText(/^Out of the heat after/);
  await expect(end).toBeVisible();
  await expect(bake.getByRole('progressbar', { name: 'Working the bake through' })).toHaveCount(0, {
    timeout: 120_000,
  });
  expect(await figureOf(bake, 'Out of the heat after')).toBeLessThan(usual);
  await bake.getByRole('button', { name: 'keep 15 °C as this oven’s error' }).click();
  // Firm clay from 110 °C, in an oven 15 °C hotter than its dial.
  await bakesOf(page)
    .getByRole('button', { name: /^4 The bake at 110 °C/ })
    .click();
  await expect(bakesOf(page).getByText('95 °C', { exact: true })).toBeVisible();

  await openDemo(page, 'Low Water Ferry', 'Log');
  const burned = page.getByRole('listitem').filter({ hasText: 'First six handles browned' });
  await burned.getByRole('button', { name: 'What went wrong?' }).click();
  const doctor = burned.getByRole('region', { name: 'What went wrong with Mug handle' });
  await expect(doctor).toContainText('so thin that it is as hot as the oven within minutes');
  await expect(doctor).toContainText('the oven is hotter than its dial');
  await expect(doctor.getByText('Minutes in the oven')).toBeVisible();
});
