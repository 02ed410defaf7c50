import { expect, openDemo, settled, stage, test, untilKept } from './bench.ts';

test.use({ serviceWorkers: 'allow' });

test('without network the application opens, every stage is there, and what is typed is kept', async ({
  page,
  context,
}) => {
  await openDemo(page, 'Toll Frogs', 'Size');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
  // Everything it is made of is kept once the worker is there.
  await expect
    .poll(async () =>
      page.evaluate(async () => {
        const names = await caches.keys();
        const kept = await Promise.all(
          names.map(async (name) => (await (await caches.open(name)).keys()).length),
        );
        return kept.reduce((a, b) => a + b, 0);
      }),
    )
    .toBeGreaterThan(30);
  await page.reload();
  await context.setOffline(true);
  // The bench’s instruments are away; nothing else is.
  for (const name of ['Bones', 'Bulk', 'Repeats', 'Bake', 'Bench', 'Log', 'Brief']) await stage(page, name);
  await page.getByLabel('Name of the piece').fill('Frogs without a line');
  await page.getByLabel('Name of the piece').press('Enter');
  await untilKept(page);
  await page.reload();
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
  await expect(page.getByLabel('Name of the piece')).toHaveValue('Frogs without a line');
  await stage(page, 'Bulk');
  await settled(page);
  await page.goto('/handbook');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
});
