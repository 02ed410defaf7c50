import { expect, openDemo, stage, test } from './bench.ts';

// One bench serves every page: a reading one of these tests sends would reach the other’s field.
test.describe.configure({ mode: 'default' });

const KEY = 'takes readings';

test('a caliper reading goes into the field that has the cursor, and nowhere else', async ({
  page,
  context,
}) => {
  await openDemo(page, 'Low Water Ferry', 'Size');
  await expect(page.getByRole('link', { name: 'Bench instruments, connected' })).toBeVisible();
  const opening = context.waitForEvent('page');
  await page.getByRole('link', { name: 'Bench instruments, connected' }).click();
  const bench = await opening;
  await bench.getByRole('slider', { name: 'Caliper, set to' }).fill('31.5');

  await page.bringToFront();
  await page.getByLabel('Eyes above the sole, as made').focus();
  await bench.getByRole('button', { name: 'Caliper: send a reading' }).dispatchEvent('click');
  const made = page.getByLabel('Eyes above the sole, as made');
  await expect(made).toHaveValue(/^31\.\d/);
  expect(Math.abs(Number.parseFloat(await made.inputValue()) - 31.5)).toBeLessThan(0.1);
  await expect(page.getByText(/too small, reads as/).first()).toBeVisible();
  const shown = await bench.getByLabel('Caliper shows').textContent();
  expect(Math.abs(Number.parseFloat(shown ?? '') - 31.5)).toBeLessThan(0.1);

  // A balance is not for lengths: it says so and leaves the field alone.
  await bench.getByRole('button', { name: 'Balance: send a reading' }).dispatchEvent('click');
  await expect(page.getByText(/takes mm; the balance reads/)).toBeVisible();
  await expect(made).toHaveValue(/^31\.\d/);

  await stage(page, 'Log');
  await page.getByRole('button', { name: 'Record a bake' }).click();
  await page.getByLabel('Heat, by the thermometer').focus();
  await bench.getByRole('slider', { name: 'Oven thermometer, set to' }).fill('128');
  await bench.getByRole('button', { name: 'Oven thermometer: send a reading' }).dispatchEvent('click');
  await expect(page.getByLabel('Heat, by the thermometer')).toHaveValue(/^12[789]/);

  // Another page was looked at last: this one leaves readings to it.
  await page.evaluate((key) => localStorage.setItem(key, 'another page'), KEY);
  const before = await page.getByLabel('Heat, by the thermometer').inputValue();
  await bench.getByRole('slider', { name: 'Oven thermometer, set to' }).fill('90');
  await bench.getByRole('button', { name: 'Oven thermometer: send a reading' }).dispatchEvent('click');
  await expect(bench.getByLabel('Oven thermometer shows')).toHaveText(/^(89|90)/);
  await expect(page.getByLabel('Heat, by the thermometer')).toHaveValue(before);
});

test('fields take typing without a bench, and what was typed stays when the stream dies', async ({
  page,
}) => {
  let broken = true;
  await page.route('**/api/instruments/events', (route) =>
    broken
      ? route.fulfill({ status: 200, contentType: 'text/event-stream', body: 'retry: 300\n\n' })
      : route.continue(),
  );
  await openDemo(page, 'Low Water Ferry', 'Size');
  const made = page.getByLabel('Eyes above the sole, as made');
  await made.focus();
  await page.keyboard.type('129');
  await page.waitForTimeout(700);
  await expect(made).toHaveValue('129');
  broken = false;
  await expect(page.getByRole('link', { name: 'Bench instruments, connected' })).toBeVisible({
    timeout: 120_000,
  });
  await expect(made).toBeFocused();
  await expect(made).toHaveValue('129');
});
